import type { Sample } from './sample';
import { type Matter, wetDensity } from './matter';

/** What weighed and boiled samples say, fractions; undefined where none was weighed so. */
export interface Weighed {
  readonly water?: number | undefined;
  readonly loss?: number | undefined;
  readonly absorption?: number | undefined;
}

function meanOf(samples: readonly Sample[], each: (sample: Sample) => number | undefined): number | undefined {
  const values = samples.map(each).filter((value) => value !== undefined);
  return values.length ? values.reduce((a, b) => a + b, 0) / values.length : undefined;
}

const share = (before: number | undefined, after: number | undefined): number | undefined =>
  before === undefined || after === undefined || !(before > 0) || after > before ? undefined : (before - after) / before;

/**
 * Water as a share of the wet mass, loss on firing of the dry mass (to glazed, else to bisque), absorption as
 * (boiled - dry fired)/dry fired, each the mean over the samples that have it. computation.md section 3.
 */
export function weigh(samples: readonly Sample[]): Weighed {
  return {
    water: meanOf(samples, ({ weights }) => share(weights.wet, weights.dry)),
    loss: meanOf(samples, ({ weights }) => share(weights.dry, weights.glazed ?? weights.bisque)),
    absorption: meanOf(samples, ({ weights, boiled }) =>
      boiled === undefined || weights.glazed === undefined || boiled < weights.glazed
        ? undefined
        : (boiled - weights.glazed) / weights.glazed,
    ),
  };
}

/** Solid density of fired clay, g/ml, between which water, loss, shrinkage and absorption can all be true. */
const SOLID_DENSITY: readonly [number, number] = [2.0, 2.75];

/**
 * Solid density of the fired clay that the figures imply, g/ml: b/(1 - A b) with the bulk density
 * b = wet density x (1-w)(1-l)/(k^2 kh). Without an absorption the bulk density, which is the least it can be.
 *
 * @example solidDensity({ water: 0.21, loss: 0.07 }, 0.885, 0.885, 0.03) // 2.20
 */
export function solidDensity(matter: Matter, k: number, kh: number, absorption: number | undefined): number {
  const bulk = (wetDensity(matter) * (1 - matter.water) * (1 - matter.loss)) / (k * k * kh);
  return bulk / (1 - (absorption ?? 0) * bulk);
}

/** Whether the figures can all be true. Too light cannot be told without an absorption, since pores may explain it. */
export function plausible(density: number, absorption: number | undefined): boolean {
  return density > 0 && density <= SOLID_DENSITY[1] && (absorption === undefined || density >= SOLID_DENSITY[0]);
}
