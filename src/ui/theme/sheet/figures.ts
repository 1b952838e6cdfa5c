/** How figures are set: of one width, in the face for them. */
export const FIGURES = { fontFamily: 'figure', fontVariantNumeric: 'tabular-nums' } as const;
