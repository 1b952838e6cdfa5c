/** A coil put on below a lid as its flange, mm at the stage it is put on. */
export interface CoilFlange {
  /** How long the coil is, at its middle. */
  readonly length: number;
  readonly thickness: number;
  /** Across it, outside, before it is pared; the last comes off once lid and pot are equally firm. */
  readonly across: number;
  readonly pare: number;
}

/** So much is left all round to pare. Ours. */
const PARE = 1;

/**
 * The coil for a flange that ends so wide: a ring with a little to pare all round, as long as its middle line.
 *
 * @example coilFlange(100, 8).length // pi (100 + 2 - 8), 295.3
 */
export function coilFlange(width: number, thickness: number): CoilFlange {
  const across = width + 2 * PARE;
  return { length: Math.PI * (across - thickness), thickness, across, pare: PARE };
}
