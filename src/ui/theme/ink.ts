/** A colour of the theme in a style, by its name: `wet`, `fg.muted`. */
export const ink = (color: string): string => `var(--chakra-colors-${color.replaceAll('.', '-')})`;
