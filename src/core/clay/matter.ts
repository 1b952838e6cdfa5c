/** Water as a share of the wet mass and loss on firing as a share of the dry mass, both 0 to 1. */
export interface Matter {
  readonly water: number;
  readonly loss: number;
}

/** Density of the dry mineral grains, g/ml; of water, 1. how-it-computes.md, What counts as evidence. */
const GRAIN_DENSITY = 2.6;

/**
 * Density of the wet clay in g/ml: water and grains side by side, no air.
 *
 * @example wetDensity({ water: 0.21, loss: 0.07 }) // 1.946
 */
export function wetDensity({ water }: Matter): number {
  return 1 / ((1 - water) / GRAIN_DENSITY + water);
}

/** Mass when bone dry, g, of what weighed `wet` g. */
export const dryMass = (wet: number, { water }: Matter): number => wet * (1 - water);

/** Mass after firing, g, of what weighed `wet` g; the clay alone, without glaze. */
export const firedMass = (wet: number, matter: Matter): number => dryMass(wet, matter) * (1 - matter.loss);

/**
 * About what a piece weighs at leather hard, g: while clay is still plastic every millilitre it shrinks is a
 * millilitre of water gone (the shrinkage-water relation of any drying curve), never more than all its water.
 *
 * @param shrunk what is left of the wet volume at leather hard, 0 to 1
 */
export function leatherMass(wet: number, shrunk: number, matter: Matter): number {
  const waterGone = (1 - shrunk) * (wet / wetDensity(matter));
  return Math.max(wet - waterGone, dryMass(wet, matter));
}
