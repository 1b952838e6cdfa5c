import type { ClayFigures } from '@/core/clay';
import { LARGEST_MM, type SizeName, checkForm, scaledBy } from '@/core/form';
import { type Result, bad, good } from '@/core/units';
import { type Finished, type Measure, type Reached, growUntil, room, scaled } from './grow';
import type { Making } from './making';
import { size } from './size';
import type { Keep } from './solve';

/** A ball there is, g with what is lost as slurry, and what of the shape is kept while the rest grows with it. */
export interface FromBall {
  readonly ballG: number;
  readonly keep: Keep;
}

/**
 * Grows or shrinks a shape until it takes so much clay; wall, floor and other thicknesses stay, rim and base keep their ratio
 * (headless.md, `reverse`).
 *
 * @param clayG what a form takes, g: the ball for what is thrown, or the clay for slabs and coils
 */
function reachClay(shape: Finished, { ballG, keep }: FromBall, clayG: Measure): Reached {
  if (keep === 'height') return growUntil(ballG, room(shape, 'width'), clayG, (f) => scaled(shape, 1, f));
  if (keep === 'mouth') return growUntil(ballG, room(shape, 'height'), clayG, (f) => scaled(shape, f, 1));
  return growUntil(ballG, room(shape, 'width', 'height'), clayG, (f) => scaled(shape, f, f));
}

/** As {@link reachClay} where only some of the sizes may grow, in proportion to each other; small details of a smaller one are smaller too. */
export function growFree(
  shape: Finished,
  ballG: number,
  names: readonly SizeName[],
  details: readonly SizeName[],
  clayG: Measure,
): Reached {
  const largest = (LARGEST_MM * (1 - 1e-12)) / Math.max(...names.map((name) => shape.sizes[name]!));
  return growUntil(ballG, largest, clayG, (f) =>
    scaledBy(shape, 'glazed', (name) => (names.includes(name) ? f : details.includes(name) ? Math.min(1, f) : 1)),
  );
}

/** How amounts and lengths are written for a message. */
interface Writers {
  readonly length: (mm: number) => string;
  readonly mass: (g: number) => string;
}

/** What is found, or why there is no such piece: too little clay or too much for this shape, and how much would do. */
export function foundOf(
  { form, met, jumps, beyond }: Reached,
  { ballG }: FromBall,
  clayG: Measure,
  { length, mass }: Writers,
): Result<Finished> {
  const made = checkForm(form, length);
  if (!made.ok) return bad('ball', `This piece cannot be made with any ball: ${made.problem.message}`);
  if (met || jumps) return good(form);
  const takes = clayG(form);
  const why = beyond && checkForm(beyond, length);
  const obstacle = why && !why.ok ? ` ${why.problem.message}` : '';
  const nearest = `the ${takes > ballG ? 'smallest' : 'largest'} of this shape takes ${mass(takes)}`;
  const instead = takes > ballG ? 'Weigh out more, or make wall and floor thinner.' : 'Weigh out less, or keep another size.';
  return bad('ball', `${mass(ballG)} is too ${takes > ballG ? 'little' : 'much'} clay: ${nearest}.${obstacle} ${instead}`);
}

/**
 * The finished piece of a shape that takes exactly a given ball: `size` turned round.
 *
 * @example reverse(clay, cup, making, { ballG: 646.6, keep: 'proportions' }, writers) // the reference cup again
 */
export function reverse(clay: ClayFigures, shape: Finished, making: Making, from: FromBall, writers: Writers): Result<Finished> {
  const clayG = (form: Finished) => size(clay, form, 'glazed', making).masses.ball;
  return foundOf(reachClay(shape, from, clayG), from, clayG, writers);
}
