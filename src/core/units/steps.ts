/** Steps a length is set by, the largest first, mm: a rule's and a caliper's, or fractions of an inch. */
const STEPS = { mm: [1, 0.5, 0.2, 0.1], in: [25.4 / 16, 25.4 / 32, 25.4 / 64] } as const;
export type StepUnits = keyof typeof STEPS;

export const NEAR = 1e-9;

/** How many multiples of a step lie between two lengths, the ends counted. */
const multiples = (least: number, most: number, step: number): number =>
  Math.floor(most / step + NEAR) - Math.ceil(least / step - NEAR) + 1;

/** So many multiples within a window are enough to set a width by. */
const ENOUGH = 3;

/** The largest step with three multiples within a window, else the smallest. mm */
export const stepWithin = (least: number, most: number, units: StepUnits): number =>
  STEPS[units].find((step) => multiples(least, most, step) >= ENOUGH) ?? STEPS[units].at(-1)!;

/** A window rounded inward to a step; nothing where no multiple is left in it. mm */
export function inward(least: number, most: number, step: number): readonly [number, number] | undefined {
  const [from, to] = [Math.ceil(least / step - NEAR) * step, Math.floor(most / step + NEAR) * step];
  return from <= to + NEAR ? [from, to] : undefined;
}

/** In which steps lengths are set that are told in a unit. */
export const stepUnits = (unit: string): StepUnits => (unit.startsWith('in') ? 'in' : 'mm');
