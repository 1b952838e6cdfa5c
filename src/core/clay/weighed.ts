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
 * (boiled - dry fired)/dry fired, each the mean over the samples that have it. how-it-computes.md, What counts as evidence.
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
 * b = wet density x (1-w)(1-l)/(k^2 kh).
 *
 * @example solidDensity({ water: 0.21, loss: 0.07 }, 0.885, 0.885, 0.03) // 2.20
 */
export function solidDensity(matter: Matter, k: number, kh: number, absorption: number): number {
  const bulk = (wetDensity(matter) * (1 - matter.water) * (1 - matter.loss)) / (k * k * kh);
  return bulk / (1 - absorption * bulk);
}

/**
 * Whether the figures can all be true: the fired clay itself is neither heavier nor lighter than clays are.
 *
 * @param density as {@link solidDensity} gives it, g/ml; with the absorption typical of the kind where none was measured
 * @example plausibility(1.8) // 'too light'
 */
export function plausibility(density: number): 'true' | 'too heavy' | 'too light' {
  const [least, most] = SOLID_DENSITY;
  if (!(density > 0) || density > most) return 'too heavy';
  return density < least ? 'too light' : 'true';
}
