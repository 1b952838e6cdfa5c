import fc from 'fast-check';
import { DEMO } from '@/core/example';
import { mainPart, nestWork, sizedPlanPart, usualNest } from '@/core/workspace';
import { sectionOf } from '@/core/form';
import { describe, expect, it } from 'vitest';
import { nestOf, series } from './nest';

const plan = DEMO.plans.find(({ id }) => id === 'plan-serving-bowl')!;
const made = sizedPlanPart(DEMO, mainPart(plan), String);
if (!made.ok) throw new Error(made.problem.message);
const largest = made.value.sized.stages.glazed;
const write = { length: (mm: number) => `${mm.toFixed(1)} mm`, mass: String, volume: String };
const usual = usualNest(largest);

/** The lowest an upper section can stand on a lower one, by sampling radii: a second way. */
function sampledPitch(lower: readonly { r: number; z: number }[], upper: readonly { r: number; z: number }[]): number {
  const crossings = (section: readonly { r: number; z: number }[], r: number) =>
    section.flatMap((a, i) => {
      const b = section[(i + 1) % section.length]!;
      return (a.r - r) * (b.r - r) <= 0 && a.r !== b.r ? [a.z + ((b.z - a.z) * (r - a.r)) / (b.r - a.r)] : [];
    });
  let pitch = -Infinity;
  for (let r = 0.05; r < 110; r += 0.05) {
    const [below, above] = [crossings(lower, r), crossings(upper, r)];
    if (below.length > 0 && above.length > 0) pitch = Math.max(pitch, Math.max(...below) - Math.min(...above));
  }
  return pitch;
}

describe('a row of sizes', () => {
  it('goes through what is set, in equal steps or at an equal ratio, and beyond', () => {
    expect(series(4, { 0: 200, 3: 110 }, 'step')).toEqual([200, 170, 140, 110]);
    expect(series(4, { 0: 200, 3: 25 }, 'ratio').map((mm) => Math.round(mm))).toEqual([200, 100, 50, 25]);
    expect(series(4, { 0: 200, 1: 180, 3: 140 }, 'step')).toEqual([200, 180, 160, 140]);
    expect(series(4, { 0: 200, 1: 180 }, 'step')).toEqual([200, 180, 160, 140]);
  });
});

describe('a nest', () => {
  const ask = { count: 4, by: 'ratio', widths: { 0: 196, 3: 98 }, heights: { 0: 88, 3: 53 } } as const;

  it('rests each bowl on whatever of the larger ones is highest under it, by sampled sections', () => {
    const nest = nestOf(largest, ask);
    for (const [i, bowl] of nest.entries()) {
      if (i === 0) continue;
      const onto = nest.slice(0, i).map((lower) => lower.stands + sampledPitch(sectionOf(lower.outline), sectionOf(bowl.outline)));
      expect(bowl.stands).toBeCloseTo(Math.max(...onto), 1);
    }
  });

  it('stands level, or rises by the step, as asked', () => {
    for (const rise of [0, 6]) {
      const rims = nestOf(largest, { ...ask, rise }).map(({ stands, form }) => stands + form.sizes.height);
      for (const [i, rim] of rims.entries()) expect(rim).toBeCloseTo(88 + i * rise, 1);
    }
  });

  it('keeps room between every two, never less for a smaller smallest', () => {
    fc.assert(
      fc.property(fc.double({ min: 60, max: 150, noNaN: true }), (smallest) => {
        const gaps = (mm: number) => nestOf(largest, { ...ask, widths: { 0: 196, 3: mm } }).map(({ gap }) => gap ?? Infinity);
        expect(Math.min(...gaps(smallest - 5))).toBeGreaterThanOrEqual(Math.min(...gaps(smallest)) - 0.2);
      }),
      { numRuns: 15, seed: 2 },
    );
  });
});

describe('the bowls of a nest', () => {
  const work = (more: Partial<typeof usual>) => nestWork(DEMO, plan, largest, { ...usual, ...more }, write);

  it('each has its own ball from its section, and doubling the clay gives other widths', () => {
    const found = work({});
    if (!found.ok) throw new Error(found.problem.message);
    const balls = found.value.map((bowl) => bowl.made.weighOut!);
    expect(balls.toSorted((a, b) => b - a)).toEqual(balls);
    expect(balls[0]! / balls[1]!).toBeLessThan(1.9);
    expect(found.value.at(-1)!.doubled).toBeCloseTo(usual.smallest, 1);
    expect(found.value[0]!.doubled!).toBeGreaterThan(250);
  });

  it('refuses a smallest that is wider, and more room than each is narrower', () => {
    expect(work({ smallest: 220 })).toMatchObject({ ok: false, problem: { path: 'smallest' } });
    expect(work({ clearance: 30 })).toMatchObject({ ok: false, problem: { path: 'clearance' } });
  });

  it('takes another clay for one of them, and a width set by hand moves those between', () => {
    const found = work({ bodies: { 1: 'body-foxglove-red' }, widths: { 1: 180 } });
    if (!found.ok) throw new Error(found.problem.message);
    expect(found.value[1]!.part.bodyId).toBe('body-foxglove-red');
    const mouths = found.value.map((bowl) => bowl.made.sized.stages.glazed.sizes.rimDiameter);
    expect(mouths[1]).toBeCloseTo(180, 6);
    expect(mouths[2]).toBeCloseTo(Math.sqrt(180 * usual.smallest), 6);
  });
});
