import type { Belief } from './belief';

/** One of the bodies in a mixture and how much of it goes in, by weight. */
export interface Ingredient {
  readonly parts: number;
  readonly belief: Pick<Belief, 'mean' | 'commonSd'>;
}

/** A mixture behaves like the mean of its bodies only roughly: so much doubt is added, fraction of the wet length. */
const MIXING_SD = 0.005;

/**
 * What to expect of a mixture before it has a bar of its own: the weighted mean, with the doubt of each body, of mixing
 * itself, and of how far apart the bodies are. Rimbet's own rule, wide on purpose: bars replace it.
 *
 * @returns a range in percent whose uniform spread has that doubt, lower first
 */
export function mixtureRange(ingredients: readonly Ingredient[]): readonly [number, number] {
  const total = ingredients.reduce((sum, { parts }) => sum + parts, 0);
  const shares = ingredients.map(({ parts, belief }) => ({ share: parts / total, ...belief }));
  const mean = shares.reduce((sum, { share, mean: m }) => sum + share * m, 0);
  const own = shares.reduce((sum, { share, commonSd }) => sum + (share * commonSd) ** 2, 0);
  const apart = shares.reduce((sum, { share, mean: m }) => sum + share * (m - mean) ** 2, 0);
  const reach = Math.sqrt(3) * Math.sqrt(own + MIXING_SD ** 2 + apart / 4);
  const percent = (value: number) => Math.round(Math.min(0.3, Math.max(0.001, value)) * 1000) / 10;
  return [percent(mean - reach), percent(mean + reach)];
}
