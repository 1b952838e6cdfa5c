import { STAGES, clayFigures, convert, lengthAt } from '@/core/clay';
import {
  FAMILIES,
  FAMILY_NAMES,
  type FamilyName,
  MANNERS,
  type Manner,
  SIZES,
  type SizeName,
  formOf,
  givenWay,
  isNeeded,
  sizeSpec,
} from '@/core/form';
import { type KnownSizes, WAYS, isExact } from '@/core/sizing';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMO } from '@/core/example';
import type { Part } from '@/core/records';
import { changedForm, clayOf, finishedSizes, knownAs, letGo, matterIn, runBall, saucerFor, sizePart, typedOver, withManner } from '.';

const clay = clayFigures({ kind: 'stoneware', shrinkagePercent: 11.5 });

const partOf = (family: FamilyName, change: Partial<Part> = {}): Part => ({
  id: 'a',
  name: 'pot',
  family,
  manner: FAMILIES[family].manner,
  ...(FAMILIES[family].knots && { knots: FAMILIES[family].knots }),
  sizes: finishedSizes(FAMILIES[family].typical),
  way: 'trimmed',
  making: WAYS.trimmed,
  ...change,
});

function sized(part: Part) {
  const worked = sizePart(part, clay, String);
  if (!worked.ok) throw new Error(worked.problem.message);
  return worked.value;
}

describe('another form for a piece', () => {
  const pair = fc.tuple(fc.constantFrom(...FAMILY_NAMES), fc.constantFrom(...FAMILY_NAMES), fc.double({ min: 0.3, max: 3, noNaN: true }));

  it('can always be made, from any other in any size', () => {
    fc.assert(
      fc.property(pair, ([from, to, factor]) => {
        const sizes = Object.fromEntries(Object.entries(FAMILIES[from].typical).map(([name, mm]) => [name, mm! * factor]));
        const part = partOf(from, { sizes: finishedSizes(sizes) });
        const form = sized(part).sized.stages.glazed;
        const changed = { ...part, ...changedForm(part, form, to) };
        expect(sizePart(changed, clay, String).ok).toBe(true);
      }),
      { seed: 101 },
    );
  });

  it('keeps the height and the mouth as they were known, where the new form can', () => {
    const part = partOf('cylinder', { sizes: { ...finishedSizes(FAMILIES.cylinder.typical), height: [{ mm: 113, at: 'wet' }] } });
    const form = sized(part).sized.stages.glazed;
    const { sizes } = changedForm(part, form, 'flared');
    expect(sizes.height).toEqual([{ mm: 113, at: 'wet' }]);
    expect(sizes.rimDiameter).toEqual([{ mm: 80, at: 'glazed' }]);
    expect(sizes.bodyDiameter![0]).toMatchObject({ free: true });
  });

  it('never makes a piece much larger than the one there was', () => {
    for (const plan of DEMO.plans) {
      const [part] = plan.parts;
      const made = sizePart(part, clayOf(DEMO, part).figures, String, matterIn(DEMO));
      if (!made.ok) throw new Error(made.problem.message);
      const { glazed } = made.value.sized.stages;
      const largest = (sizes: object) => Math.max(...Object.values(sizes as Record<string, number>));
      for (const to of FAMILY_NAMES) {
        const { sizes } = changedForm(part, glazed, to);
        const mm = Object.values(sizes).map(([known]) => ('mm' in known! ? known.mm : 0));
        const usual = largest(FAMILIES[to].typical);
        expect(largest(mm), `${plan.name} to ${to}`).toBeLessThanOrEqual(Math.max(1.5 * largest(glazed.sizes), usual));
      }
    }
  });

  it('of every demo piece is possible as it stands', () => {
    for (const plan of DEMO.plans) {
      const [part] = plan.parts;
      expect(sizePart(part, clayOf(DEMO, part).figures, String, matterIn(DEMO)).ok, plan.name).toBe(true);
    }
  });
});

describe('another manner of a form', () => {
  it.each(FAMILY_NAMES)('of a %s brings what it needs', (family) => {
    for (const choice of FAMILIES[family].choices) {
      for (const value of Object.keys(MANNERS[choice])) {
        const bare = Object.fromEntries(
          Object.entries(FAMILIES[family].typical).filter(([name]) => !/foot(Height|Width)|gallery/.test(name)),
        );
        const manner: Manner = { ...FAMILIES[family].manner, foot: 'flat', mouth: 'plain', [choice]: value };
        const part = partOf(family, { manner, sizes: finishedSizes(bare) });
        const sizes = withManner(part, manner);
        for (const name of FAMILIES[family].sizes.filter((each) => isNeeded(each, manner))) expect(sizes[name], name).toBeDefined();
        for (const [name, known] of Object.entries(part.sizes)) expect(sizes[name as 'height']).toBe(known);
      }
    }
  });
});

describe('what is typed, let go and followed', () => {
  it('typing at another stage keeps what was known; typing at the same takes its place', () => {
    const known = typedOver([{ mm: 92, at: 'glazed' }], { mm: 104, at: 'wet' });
    expect(known).toEqual([
      { mm: 104, at: 'wet' },
      { mm: 92, at: 'glazed' },
    ]);
    expect(typedOver(known, { mm: 105, at: 'wet' })).toEqual([
      { mm: 105, at: 'wet' },
      { mm: 92, at: 'glazed' },
    ]);
    expect(typedOver([{ mm: 92, at: 'glazed', free: true }], { mm: 104, at: 'wet' })).toEqual([{ mm: 104, at: 'wet' }]);
  });

  it('letting the last go leaves its length, held by nobody', () => {
    expect(letGo([{ mm: 92, at: 'glazed' }], 0, 91.5)).toEqual([{ mm: 91.5, at: 'glazed', free: true }]);
    expect(
      letGo(
        [
          { mm: 104, at: 'wet' },
          { mm: 92, at: 'glazed' },
        ],
        0,
        104,
      ),
    ).toEqual([{ mm: 92, at: 'glazed' }]);
  });

  it('a form taken over keeps each size at the stage it was known at', () => {
    fc.assert(
      fc.property(fc.constantFrom(...STAGES), fc.double({ min: 0.7, max: 1.6, noNaN: true }), (at, factor) => {
        const part = partOf('cylinder', { sizes: { ...finishedSizes(FAMILIES.cylinder.typical), height: [{ mm: 100, at }] } });
        const { glazed } = sized(part).sized.stages;
        const larger = { ...glazed, sizes: { ...glazed.sizes, height: lengthAt('glazed', glazed.sizes.height * factor) } };
        const [first] = knownAs(larger, glazed, part.sizes, clay).height!;
        expect(first.at).toBe(at);
        const expected = convert(larger.sizes.height, 'glazed', at, clay.shrinkage, SIZES.height.direction);
        expect(isExact(first) && first.mm).toBeCloseTo(expected, 9);
      }),
      { seed: 102 },
    );
  });
});

describe('a form taken over', () => {
  it('leaves what it does not change as it was known, and keeps a limit beside what it does', () => {
    const limit = { at: 'glazed' as const, most: 110 };
    const sizes: KnownSizes = { ...finishedSizes(FAMILIES.cylinder.typical), height: [limit], wall: [{ mm: 5.1, at: 'wet' }] };
    const part = partOf('cylinder', { sizes });
    const { glazed } = sized(part).sized.stages;
    expect(knownAs(glazed, glazed, sizes, clay)).toEqual(sizes);
    const taller = { ...glazed, sizes: { ...glazed.sizes, height: lengthAt('glazed', 130) } };
    const known = knownAs(taller, glazed, sizes, clay);
    expect(known.height).toEqual([{ mm: 130, at: 'glazed' }, limit]);
    expect(known.wall).toBe(sizes.wall);
  });
});

describe('the ball of a run', () => {
  it('is as worked out until a tester is accepted', () => {
    const part = partOf('cylinder');
    const worked = sized(part);
    const tester = {
      ballG: worked.sized.masses.ball * 1.1,
      height: worked.sized.thrown.gauge,
      mouth: worked.sized.stages.wet.sizes.rimDiameter,
    };
    expect(runBall(part, worked)).toBe(worked.sized.masses.ball);
    expect(runBall({ ...part, tester }, worked)).toBe(worked.sized.masses.ball);
    expect(runBall({ ...part, tester: { ...tester, accepted: true } }, worked)).toBeCloseTo(tester.ballG, 6);
  });

  it('does not change with a handle of another clay, which weighs by its own water', () => {
    const porcelain = DEMO.bodies.find(({ kind }) => kind === 'porcelain')!;
    const part = partOf('cylinder', { attached: [{ id: 'h', kind: 'handle', massG: 80, bodyId: porcelain.id }] });
    const attached = sizePart(part, clay, String, matterIn(DEMO));
    const without = sized(partOf('cylinder')).sized.masses;
    if (!attached.ok) throw new Error(attached.problem.message);
    const { masses } = attached.value.sized;
    expect(masses.ball).toBe(without.ball);
    expect(masses.trimmed - without.trimmed).toBeCloseTo(80, 9);
    expect(masses.glazed - without.glazed).toBeCloseTo(80 * 0.79 * 0.93, 6);
  });
});

describe('another form, worked out a second way', () => {
  it('has the mouth and the height there were where they are near the family’s own and such a piece can be made, else its proportions', () => {
    let [near, far] = [0, 0];
    for (const from of FAMILY_NAMES)
      for (const to of FAMILY_NAMES)
        for (const factor of [0.6, 1, 1.7]) {
          const grown = Object.fromEntries(Object.entries(FAMILIES[from].typical).map(([name, mm]) => [name, mm! * factor]));
          const part = partOf(from, { sizes: finishedSizes(grown) });
          const made = sizePart(part, clay, String);
          if (!made.ok) continue;
          const now = made.value.sized.stages.glazed;
          const { sizes, manner, knots } = changedForm(part, now, to);
          const { typical } = FAMILIES[to];
          const mm = Object.fromEntries(Object.entries(sizes).map(([name, [first]]) => [name, (first as { mm: number }).mm])) as Record<
            string,
            number
          >;
          const [across, up] = [now.sizes.rimDiameter / typical.rimDiameter!, now.sizes.height / typical.height!];
          const own = Object.fromEntries(
            Object.entries(typical).map(([name, usual]) => {
              const { direction, stays } = sizeSpec(name as SizeName);
              return [name, stays ? usual! : usual! * (direction === 'height' ? up : across)];
            }),
          );
          // what nobody holds to gives way: a small jar is one, its collar higher for the gallery
          const canBe = (all: Readonly<Partial<Record<SizeName, number>>>) =>
            givenWay(formOf({ family: to, manner, knots }, 'glazed', all), 'glazed', Object.keys(all) as SizeName[]) !== undefined;
          if (Math.max(across / up, up / across) <= 2.2 && canBe(own)) {
            near += 1;
            expect([from, to, mm.rimDiameter, mm.height]).toEqual([
              from,
              to,
              expect.closeTo(now.sizes.rimDiameter, 0),
              expect.closeTo(now.sizes.height, 0),
            ]);
          } else {
            far += 1;
            // one factor for all, and no wider or higher than what there was, where that can be made
            const ratio = mm.rimDiameter! / typical.rimDiameter!;
            expect(mm.height! / typical.height! / ratio).toBeCloseTo(1, 1);
            const alike = Math.min(
              extent(now).wide / extent({ family: to, knots, sizes: typical }).wide,
              extent(now).most / extent({ family: to, knots, sizes: typical }).most,
            );
            expect(ratio).toBeGreaterThan(alike - 0.02);
            if (ratio > alike + 0.02) {
              const smaller = Object.fromEntries(
                Object.entries(typical).map(([name, usual]) => [
                  name,
                  sizeSpec(name as SizeName).stays ? usual! : Math.round(usual! * alike * 10) / 10,
                ]),
              );
              expect(canBe(smaller)).toBe(false);
            }
          }
        }
    expect(near).toBeGreaterThan(100);
    expect(far).toBeGreaterThan(100);
  });
});

/** The widest and the largest of a form, an own profile's belly counted. */
function extent({
  knots,
  sizes,
}: {
  readonly family: FamilyName;
  readonly knots?: readonly { readonly r: number }[] | undefined;
  readonly sizes: Readonly<Partial<Record<SizeName, number>>>;
}) {
  const bulge = Math.max(1, ...(knots ?? []).map(({ r }) => r));
  const wide = Math.max((sizes.rimDiameter ?? 0) * bulge, sizes.bellyDiameter ?? 0, sizes.bodyDiameter ?? 0);
  return { wide, most: Math.max(wide, sizes.height ?? 0) };
}

it('a saucer can be made for any foot, and its well takes it', () => {
  fc.assert(
    fc.property(fc.double({ min: 25, max: 300, noNaN: true }), (foot) => {
      const made = sized({ ...partOf('plate'), ...saucerFor(foot) });
      const { rimDiameter, rimWidth = 0 } = made.sized.stages.glazed.sizes;
      expect(rimDiameter - 2 * rimWidth).toBeGreaterThan(foot + 3.5);
      expect(rimDiameter).toBeGreaterThan(2 * foot);
    }),
    { numRuns: 60, seed: 9 },
  );
});
