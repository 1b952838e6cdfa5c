/** What a piece brings. Money in whatever it is counted in; shares 0 to 1. */
export interface Sale {
  readonly price: number;
  /** What the shop keeps of it. */
  readonly shop: number;
  /** Clay, glaze, firing, packing, for each piece made. */
  readonly costs: number;
  /** Work on each piece made, minutes. */
  readonly minutes: number;
  readonly loss: number;
  /** What an hour is to bring. */
  readonly wantPerHour: number;
}

export interface Worth {
  /** What is left of the price of a good piece. */
  readonly leaves: number;
  readonly minutesPerGood: number;
  readonly perHour: number;
  /** The most minutes a made piece may take for the hour wanted. */
  readonly mostMinutes: number;
}

/**
 * What is left of a piece once the shop and the costs, those of lost pieces too, are paid (how-it-computes.md, Sets and orders).
 *
 * @example worthOf({ price: 34, shop: 0.45, costs: 2.6, minutes: 19, loss: 0.12, wantPerHour: 45 }).leaves // 15.7455
 */
export function worthOf({ price, shop, costs, minutes, loss, wantPerHour }: Sale): Worth {
  const leaves = price * (1 - shop) - costs / (1 - loss);
  const minutesPerGood = minutes / (1 - loss);
  return { leaves, minutesPerGood, perHour: (60 * leaves) / minutesPerGood, mostMinutes: (60 * (1 - loss) * leaves) / wantPerHour };
}
