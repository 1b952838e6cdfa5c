/** What a piece passes on its way, in order; `first` is that it is no second. */
export const PASSAGES = ['wet', 'leather', 'drying', 'bisque', 'glazed', 'fired', 'first'] as const;
export type Passage = (typeof PASSAGES)[number];

/** How pieces are lost: hollow ones, flat ones, and parts such as lids, handles and spouts. */
export type LossClass = 'hollow' | 'flat' | 'parts';

/** Of all that is lost, how much at each passage while nothing is known. Ours. */
const TYPICAL_SPREAD: Readonly<Record<LossClass, readonly number[]>> = {
  hollow: [0.1, 0.2, 0.2, 0.1, 0.05, 0.2, 0.15],
  flat: [0.05, 0.1, 0.4, 0.1, 0.05, 0.15, 0.15],
  parts: [0.05, 0.25, 0.3, 0.05, 0.05, 0.15, 0.15],
};

/** What is typical counts as so many pieces. */
const TYPICAL_COUNTS = 10;
/** Typical loss in all, and the ends it is held to. Ours. */
const TYPICAL_LOSS = 0.1;
const LEAST_LOSS = 0.01;
const MOST_LOSS = 0.9;

/** How many passed a passage, and how many died there. */
export interface Passed {
  readonly passed: number;
  readonly lost: number;
}

export type Passages = Readonly<Partial<Record<Passage, Passed>>>;

/** The chance to come out, as a Beta distribution, and how likely a piece is lost at each passage. */
export interface Survival {
  readonly good: number;
  readonly losses: Readonly<Record<Passage, number>>;
  readonly a: number;
  readonly b: number;
}

export interface SurvivalAsked {
  readonly kind?: LossClass | undefined;
  /** Typical loss in all, a fraction; 0.1 unless said. */
  readonly loss?: number | undefined;
  readonly history?: Passages | undefined;
  /** From which shelf on, with its passage. */
  readonly from?: Passage | undefined;
  /** Whether seconds count too. */
  readonly whole?: boolean | undefined;
}

/**
 * Loss passage by passage: a piece counts where it has passed or died, not on the shelf it stands on, so that the dead do not count
 * before the living. The passages' chances together are told as one Beta with their mean and variance.
 *
 * @example survivalOf({}).good // 0.9
 */
export function survivalOf({ kind = 'hollow', loss = TYPICAL_LOSS, history = {}, from = 'wet', whole = false }: SurvivalAsked): Survival {
  const survives = 1 - Math.min(MOST_LOSS, Math.max(LEAST_LOSS, loss));
  const betas = PASSAGES.map((passage, i) => {
    const typical = survives ** TYPICAL_SPREAD[kind][i]!;
    const { passed = 0, lost = 0 } = history[passage] ?? {};
    return { passage, a: TYPICAL_COUNTS * typical + passed, b: TYPICAL_COUNTS * (1 - typical) + lost };
  });
  const asked = betas.slice(PASSAGES.indexOf(from)).filter(({ passage }) => !whole || passage !== 'first');
  const product = (of: (beta: { readonly a: number; readonly b: number }) => number) => asked.reduce((all, beta) => all * of(beta), 1);
  const mean = product(({ a, b }) => a / (a + b));
  const square = product(({ a, b }) => (a * (a + 1)) / ((a + b) * (a + b + 1)));
  const counts = (mean - square) / (square - mean * mean);
  return {
    good: mean,
    losses: Object.fromEntries(betas.map(({ passage, a, b }) => [passage, b / (a + b)])) as Record<Passage, number>,
    a: counts * mean,
    b: counts * (1 - mean),
  };
}
