import { type ClayFigures, STAGES, type Stage, chanceUpTo, shrinkageAt } from '@/core/clay';
import { type SizeName, sizeSpec } from '@/core/form';

/** What a size has to keep to at a stage, mm: at least, at most, or both. */
export interface Limit {
  readonly at: Stage;
  readonly least?: number | undefined;
  readonly most?: number | undefined;
}

/** In how many of 10 pieces a limit should hold unless said otherwise. computation.md section 10. */
export const USUAL_ODDS = 0.9;

/** The shares of the chance that lies outside: all of it on the one side of a limit, half on each side of a range. */
const shareDone = ({ shrinkage }: ClayFigures, stage: Stage): number =>
  stage === 'wet' ? 0 : stage === 'glazed' ? 1 : shrinkage.shares[stage];

/** What one size is about: the clay, and the direction it shrinks in. */
interface Along {
  readonly clay: ClayFigures;
  readonly size: SizeName;
}

const beliefOf = ({ clay, size }: Along) => (sizeSpec(size).direction === 'height' ? clay.heightBelief : clay.belief);

/** What is left at a stage of a length measured at another, if the piece shrinks by s in all. */
const leftFrom = ({ clay }: Along, from: Stage, to: Stage, s: number): number =>
  (1 - shareDone(clay, to) * s) / (1 - shareDone(clay, from) * s);

/** The chance that a length mm at a stage ends within the limit. */
export function chanceWithin(along: Along, limit: Limit, at: Stage, mm: number): number {
  const belief = beliefOf(along);
  const [a, j] = [shareDone(along.clay, limit.at), shareDone(along.clay, at)];
  const { least = 0, most = Infinity } = limit;
  if (Math.abs(a - j) < 1e-9) return mm >= least - 1e-9 && mm <= most + 1e-9 ? 1 : 0;
  // the shrinkage at which the length would end at g times what it is
  const shrinks = (g: number) => (1 - g) / (a - j * g);
  // the later the limit, the more shrinkage makes the piece smaller; before the length it is the other way round
  const chance = (g: number) => (a > j ? 1 - chanceUpTo(belief, shrinks(g)) : chanceUpTo(belief, shrinks(g)));
  const notAbove = most === Infinity ? 1 : chance(most / mm);
  const below = least <= 0 ? 0 : chance(least / mm);
  return Math.max(0, notAbove - below);
}

/** Lengths at a stage that end within a limit often enough, mm; no `go` where even the best does not. */
export interface Window {
  /** Within these the piece ends inside as often as asked; one side may be open. */
  readonly go?: readonly [least: number | undefined, most: number | undefined] | undefined;
  /** How often the best length ends inside. */
  readonly best: number;
}

const HALVINGS = 50;

/** The go and no-go window of a limit at a stage: which lengths there end inside it in as many pieces as the odds say. */
export function windowAt(along: Along, limit: Limit, at: Stage, odds: number): Window {
  const aim = aimAt(along, limit, at, odds);
  const inside = (mm: number) => chanceWithin(along, limit, at, mm) >= odds - 1e-9;
  const best = chanceWithin(along, limit, at, aim);
  if (!inside(aim)) return { best };
  const edge = (beyond: number) => {
    let [good, bad] = [aim, beyond];
    for (let i = 0; i < HALVINGS; i += 1) {
      const middle = (good + bad) / 2;
      if (inside(middle)) good = middle;
      else bad = middle;
    }
    return good;
  };
  return { best, go: [limit.least === undefined ? undefined : edge(aim / 2), limit.most === undefined ? undefined : edge(aim * 2)] };
}

/** The length at a stage to make for a limit: by the quantile of the odds inside a limit, the middle of a range. mm. */
function aimAt(along: Along, { at: limitAt, least, most }: Limit, at: Stage, odds: number): number {
  const belief = beliefOf(along);
  const left = (s: number) => leftFrom(along, at, limitAt, s);
  const quantile = (chance: number) => [left(shrinkageAt(belief, chance)), left(shrinkageAt(belief, 1 - chance))];
  if (least !== undefined && most !== undefined) return (least + most) / 2 / left(belief.mean);
  if (most !== undefined) return most / Math.max(...quantile(odds));
  return (least ?? 0) / Math.min(...quantile(odds));
}

/** The size a plan aims at for a limit, mm, as the mean at the limit's own stage. */
export function aimFor(along: Along, limit: Limit, odds: number): number {
  const wet = aimAt(along, limit, 'wet', odds);
  return wet * leftFrom(along, 'wet', limit.at, beliefOf(along).mean);
}

/** The windows of a limit at every stage. */
export const windows = (along: Along, limit: Limit, odds: number): Record<Stage, Window> =>
  Object.fromEntries(STAGES.map((stage) => [stage, windowAt(along, limit, stage, odds)])) as Record<Stage, Window>;
