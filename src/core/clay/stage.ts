/** The stages of a piece, in the order it goes through them. */
export const STAGES = ['wet', 'leather', 'dry', 'bisque', 'glazed'] as const;

export type Stage = (typeof STAGES)[number];

declare const atStage: unique symbol;

/**
 * A length in mm of a piece at stage S. A wet length cannot be passed where a finished one is wanted:
 * the stage is part of the type, in both directions.
 */
export type Length<S extends Stage> = number & { readonly [atStage]: (stage: S) => S };

/** Says at which stage a plain number of mm was measured. The one place where a bare number gets its stage. */
export const lengthAt = <S extends Stage>(_stage: S, mm: number): Length<S> => mm as Length<S>;
