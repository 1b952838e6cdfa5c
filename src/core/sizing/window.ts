import { STAGES, type Stage } from '@/core/clay';
import { type Along, beliefOf, chanceUnder, leanOf, leftFrom } from './doubt';

/** What a size has to keep to at a stage, mm: at least, at most, or both. */
export interface Limit {
  readonly at: Stage;
  readonly least?: number | undefined;
  readonly most?: number | undefined;
}

/** In how many of 10 pieces a limit should hold unless said otherwise. how-it-computes.md, Known sizes. */
export const USUAL_ODDS = 0.9;

/** The chance that a length made to mm at a stage ends within the limit; at the limit's own stage it is within or it is not. */
export function chanceWithin(along: Along, { at: to, least = 0, most = Infinity }: Limit, from: Stage, mm: number): number {
  if (from === to) return mm >= least - 1e-9 && mm <= most + 1e-9 ? 1 : 0;
  const under = (limit: number) => chanceUnder(along, { from, mm, to }, limit);
  return Math.max(0, (most === Infinity ? 1 : under(most)) - (least <= 0 ? 0 : under(least)));
}

/** Lengths at a stage that end within a limit often enough, mm; no `go` where even the best does not. */
export interface Window {
  /** Within these the piece ends inside as often as asked; one side may be open. */
  readonly go?: readonly [least: number | undefined, most: number | undefined] | undefined;
  /** How often the best length ends inside. */
  readonly best: number;
}

const PLACES_MM = 1e-4;

/** Between two lengths, one for which something holds and one for which it does not, the last for which it does. mm */
function edgeBetween(holds: (mm: number) => boolean, inside: number, outside: number): number {
  let [good, bad] = [inside, outside];
  while (Math.abs(good - bad) > PLACES_MM) {
    const middle = (good + bad) / 2;
    if (holds(middle)) good = middle;
    else bad = middle;
  }
  return good;
}

/** The go and no-go window of a limit at a stage: which lengths made there end inside it in as many pieces as the odds say. */
export function windowAt(along: Along, limit: Limit, at: Stage, odds: number): Window {
  const aim = aimAt(along, limit, at, odds);
  const inside = (mm: number) => chanceWithin(along, limit, at, mm) >= odds - 1e-6;
  const best = chanceWithin(along, limit, at, aim);
  if (!inside(aim)) return { best };
  const edge = (beyond: number) => edgeBetween(inside, aim, beyond);
  return { best, go: [limit.least === undefined ? undefined : edge(aim / 2), limit.most === undefined ? undefined : edge(aim * 2)] };
}

/** The length at a stage to make for a limit: as near as the odds allow inside a limit, the middle of a range. mm */
function aimAt(along: Along, limit: Limit, at: Stage, odds: number): number {
  const { least, most } = limit;
  const left = leftFrom(along, at, limit.at, beliefOf(along).mean);
  // in the middle of a range by what the hand will make of it
  if (least !== undefined && most !== undefined) return (least + most) / 2 / left - leanOf(along);
  const holds = (mm: number) => chanceWithin(along, limit, at, mm) >= odds;
  const middle = (most ?? least ?? 0) / left;
  if (holds(middle)) return middle;
  return edgeBetween(holds, most === undefined ? middle * 2 : middle / 2, middle);
}

/** The size a plan aims at for a limit, mm, as the mean at the limit's own stage; it is made wet. */
export function aimFor(along: Along, limit: Limit, odds: number, madeAt: Stage = 'wet'): number {
  return aimAt(along, limit, madeAt, odds) * leftFrom(along, madeAt, limit.at, beliefOf(along).mean);
}

/** The windows of a limit at every stage. */
export const windows = (along: Along, limit: Limit, odds: number): Record<Stage, Window> =>
  Object.fromEntries(STAGES.map((stage) => [stage, windowAt(along, limit, stage, odds)])) as Record<Stage, Window>;
