import fc from 'fast-check';
import { DEMO } from '@/core/example';
import { nestWork, usualNest } from '@/core/fitting';
import { sizedPlanPart } from '@/core/part';
import { mainPart } from '@/core/records';
import { sectionOf } from '@/core/form';
import { describe, expect, it } from 'vitest';
import { type Nested, nestOf, series } from './nest';

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

  it('leaves the level room that sampled walls leave, from a quarter of a bowl up to where either wall ends', () => {
    for (const more of [{}, { rise: 0 }, { thinner: true }, { heights: { 0: 88, 3: 80 } }, { heights: { 0: 88, 3: 30 } }] as const) {
      const nest = nestOf(largest, { ...ask, ...more });
      const widthAt = (wall: readonly { r: number; z: number }[], level: number) => {
        const z = Math.min(
          Math.max(
            level,
            ...wall
              .map((at) => at.z)
              .toSorted((a, b) => a - b)
              .slice(0, 1),
          ),
          Math.max(...wall.map((at) => at.z)),
        );
        const i = wall.findIndex((b, at) => at > 0 && (wall[at - 1]!.z - z) * (b.z - z) <= 0);
        const [a, b] = [wall[i - 1]!, wall[i]!];
        return a.z === b.z ? Math.max(a.r, b.r) : a.r + ((b.r - a.r) * (z - a.z)) / (b.z - a.z);
      };
      for (const [i, bowl] of nest.entries()) {
        expect(bowl.gap === undefined).toBe(i === 0);
        if (i === 0) continue;
        let least = Infinity;
        for (const lower of nest.slice(0, i)) {
          const up = bowl.stands - lower.stands;
          const top = (wall: readonly { z: number }[]) => Math.max(...wall.map(({ z }) => z));
          const [from, to] = [up + (top(bowl.outline.side) * 1) / 4, Math.min(top(lower.outline.inside), top(bowl.outline.side) + up)];
          for (let k = 0; k <= 2000; k += 1) {
            const z = from + ((to - from) * k) / 2000;
            if (from <= to) least = Math.min(least, widthAt(lower.outline.inside, z) - widthAt(bowl.outline.side, z - up));
          }
        }
        expect(bowl.gap).toBeCloseTo(least, 1);
      }
    }
  });

  it('wedges where a bowl hangs by its wall, and stands by its foot where that reaches the floor', () => {
    const hung = nestOf(largest, { count: 2, by: 'step', widths: { 0: 196, 1: 180 }, heights: { 0: 88, 1: 60 } });
    expect(hung[1]!.rests).toMatchObject({ on: 0, touch: 'wall', wedged: true });
    const small = nestOf(largest, { count: 2, by: 'step', widths: { 0: 196, 1: 90 }, heights: { 0: 88, 1: 40 } });
    expect(small[1]!.rests).toMatchObject({ touch: 'floor', wedged: false });
    expect(nestOf(largest, { count: 2, by: 'step', widths: { 0: 196, 1: 190 }, heights: { 0: 88, 1: 86 } })[1]!.rests!.touch).toBe('rim');
  });

  it('by its foot’s edge on a curved wall it stands, further out it hangs and wedges', () => {
    const seen = new Set<string>();
    for (const foot of ['flat', 'ring'] as const)
      for (let mouth = 60; mouth < 192; mouth += 4) {
        const form = { ...largest, manner: { ...largest.manner, foot } };
        const [lower, upper] = nestOf(form, { count: 2, by: 'step', widths: { 0: 196, 1: mouth }, heights: { 0: 88, 1: 40 } }) as [
          Nested,
          Nested,
        ];
        // where it rests, by sampling: the innermost radius at which the lower one holds the upper one up
        const crossings = (section: readonly { r: number; z: number }[], r: number) =>
          section.flatMap((a, i) => {
            const b = section[(i + 1) % section.length]!;
            return (a.r - r) * (b.r - r) <= 0 && a.r !== b.r ? [a.z + ((b.z - a.z) * (r - a.r)) / (b.r - a.r)] : [];
          });
        const [below, above] = [sectionOf(lower.outline), sectionOf(upper.outline)];
        let at = 0;
        for (let r = 0.05; r < 98 && at === 0; r += 0.05) {
          const [t, b] = [crossings(below, r), crossings(above, r)];
          if (t.length > 0 && b.length > 0 && Math.max(...t) - Math.min(...b) > upper.stands - 0.02) at = r;
        }
        const edge = upper.form.sizes.baseDiameter! / 2;
        const onWall = upper.rests!.touch === 'wall';
        expect([foot, mouth, upper.rests!.wedged]).toEqual([foot, mouth, onWall && at > edge + 0.3]);
        seen.add(`${upper.rests!.touch} ${upper.rests!.wedged}`);
      }
    expect([...seen]).toEqual(expect.arrayContaining(['wall true', 'wall false', 'floor false']));
  });

  it('keeps walls and floors alike, or thinner with the width, and all else by width or by height', () => {
    const [plain, thinner] = [false, true].map((each) => nestOf(largest, { ...ask, thinner: each })[3]!.form.sizes);
    const [wide, high] = [98 / 196, 53 / 88];
    const whole = nestOf(largest, ask)[0]!.form.sizes;
    expect([plain!.wall, plain!.floor]).toEqual([whole.wall, whole.floor]);
    expect(thinner!.wall! / whole.wall!).toBeCloseTo(wide, 9);
    expect(thinner!.floor! / whole.floor!).toBeCloseTo(wide, 9);
    expect(plain!.baseDiameter! / whole.baseDiameter!).toBeCloseTo(wide, 9);
    expect(plain!.height / whole.height).toBeCloseTo(high, 9);
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
