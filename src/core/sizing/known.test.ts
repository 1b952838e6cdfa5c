import { STAGES, type Stage, clayFigures, convert, finishesBetween, lengthAt } from '@/core/clay';
import { FAMILIES, FAMILY_NAMES, type FamilyName, type Form, type SizeName, checkForm, formOf, holdsMl } from '@/core/form';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  type KnownSizes,
  type Limit,
  WAYS,
  aimFor,
  chanceWithin,
  conflictsIn,
  rangeOf,
  reach,
  reachedFrom,
  resolveKnown,
  shrinkageIfBoth,
  size,
  solveCapacity,
  windowAt,
  windows,
} from '.';

const clay = clayFigures({ kind: 'stoneware', shrinkagePercent: 11.5, bars: [{ wet: 100, glazed: 88.4, tool: 'caliper' }] });
const typical = (family: FamilyName, sizes: Partial<Record<SizeName, number>> = {}): Form<'glazed'> =>
  formOf({ family, manner: FAMILIES[family].manner, knots: FAMILIES[family].knots }, 'glazed', { ...FAMILIES[family].typical, ...sizes });
const cup = typical('cylinder');
const write = String;

/** Park and Miller's generator: the same run every time. */
function random(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state * 48271) % 2147483647;
    return state / 2147483647;
  };
}

/**
 * Draws a run of pieces apart from the code tested: the shrinkage from what is believed (a Student t made of normals), what the
 * hand errs, and by how much the share at a half-dry stage differs from the typical one.
 */
function drawn(count: number, seed: number): { s: number; hand: number; share: number }[] {
  const next = random(seed);
  const normal = () => Math.sqrt(-2 * Math.log(next())) * Math.cos(2 * Math.PI * next());
  const { mean, scale, dof } = clay.belief;
  return Array.from({ length: count }, () => {
    const chi = Array.from({ length: dof }, () => normal() ** 2).reduce((a, b) => a + b, 0);
    return { s: mean + (scale * normal()) / Math.sqrt(chi / dof), hand: 0.5 * normal(), share: 0.06 * normal() };
  });
}

const along = { clay, size: 'height' as const };

describe('a size that is a limit or a range', () => {
  const LIMITS: [string, Limit][] = [
    ['no taller than 120 finished', { at: 'glazed', most: 120 }],
    ['at least 70 finished', { at: 'glazed', least: 70 }],
    ['104 to 108 finished', { at: 'glazed', least: 104, most: 108 }],
    ['no taller than 130 bone dry', { at: 'dry', most: 130 }],
  ];

  it.each(LIMITS)('%s holds in as many of 1,000 pieces as was said', (_, limit) => {
    for (const [odds, seed] of [
      [0.9, 11],
      [0.8, 12],
      [0.95, 13],
    ] as const) {
      const aim = aimFor(along, limit, odds);
      const wet = convert(lengthAt(limit.at, aim), limit.at, 'wet', clay.shrinkage, 'height');
      const said = chanceWithin(along, limit, 'wet', wet);
      const kept = drawn(1000, seed).filter(({ s, hand, share }) => {
        const done = limit.at === 'dry' ? clay.shrinkage.shares.dry + share : 1;
        const end = (wet + hand) * (1 - done * s);
        return end >= (limit.least ?? 0) && end <= (limit.most ?? Infinity);
      }).length;
      if (limit.least === undefined || limit.most === undefined) expect(said).toBeCloseTo(odds, 4);
      // three standard deviations of a count of 1,000
      expect(Math.abs(kept / 1000 - said)).toBeLessThan(3 * Math.sqrt((said * (1 - said)) / 1000) + 0.003);
    }
  });

  it('is aimed at inside a limit and in the middle of a range', () => {
    expect(aimFor(along, { at: 'glazed', most: 120 }, 0.9)).toBeLessThan(120);
    expect(aimFor(along, { at: 'glazed', least: 120 }, 0.9)).toBeGreaterThan(120);
    expect(aimFor(along, { at: 'glazed', least: 104, most: 108 }, 0.9)).toBeCloseTo(106, 6);
    expect(aimFor(along, { at: 'wet', most: 120 }, 0.9)).toBe(120);
  });

  it('has a window at every stage whose edges hold exactly as often as asked', () => {
    const limit = { at: 'glazed' as const, least: 104, most: 108 };
    for (const stage of STAGES.filter((each) => each !== 'glazed')) {
      const { go } = windowAt(along, limit, stage, 0.9);
      for (const edge of go!) expect(chanceWithin(along, limit, stage, edge!)).toBeCloseTo(0.9, 4);
      expect(chanceWithin(along, limit, stage, (go![0]! + go![1]!) / 2)).toBeGreaterThan(0.9);
    }
    expect(windows(along, limit, 0.9).glazed.go!.map((mm) => Math.round(mm!))).toEqual([104, 108]);
  });

  it('has a window that widens as less shrinkage is left to come', () => {
    const limit = { at: 'glazed' as const, least: 104, most: 108 };
    const measured = clayFigures({ kind: 'stoneware', shrinkagePercent: 11.5, sharesPercent: { leather: 32, dry: 45, bisque: 52 } });
    const width = (stage: (typeof STAGES)[number]) => {
      const { go } = windowAt({ clay: measured, size: 'height' }, limit, stage, 0.8);
      return (go![1]! - go![0]!) / go![1]!;
    };
    expect(width('leather')).toBeGreaterThan(width('wet'));
    expect(width('dry')).toBeGreaterThan(width('leather'));
  });

  it('says so when a range is narrower than the clay’s doubt', () => {
    const { go, best } = windowAt(along, { at: 'glazed', least: 100, most: 100.2 }, 'wet', 0.9);
    expect(go).toBeUndefined();
    expect(best).toBeLessThan(0.4);
  });

  it('leads the plan like any other size', () => {
    const known: KnownSizes = { ...KNOWN, height: [{ at: 'glazed', most: 120 }] };
    const { form } = resolveKnown(cup, known, clay, { odds: 0.9 });
    expect(form.sizes.height).toBeLessThan(120);
    const [, high] = finishesBetween(lengthAt('wet', form.sizes.height / (1 - clay.shrinkage.height)), clay.belief);
    expect(high).toBeGreaterThan(120 - 0.5);
  });
});

const glazed = (mm: number) => [{ mm, at: 'glazed' as const }] as const;
const KNOWN: KnownSizes = { height: glazed(100), rimDiameter: glazed(80), baseDiameter: glazed(72), wall: glazed(4.5), floor: glazed(6) };

describe('the middle odds of one piece', () => {
  const made = (at: Stage, finished: number) => ({ from: at, mm: reachedFrom(along, 'glazed', finished, at), to: 'glazed' as const });

  it.each(['wet', 'leather', 'dry', 'bisque'] as const)('made %s hold in as many of 4,000 as was said', (at) => {
    const { from, mm, to } = made(at, 120);
    const [least, most] = rangeOf(along, { from, mm, to }, 0.9);
    const done = at === 'wet' ? 0 : clay.shrinkage.shares[at];
    const inside = drawn(4000, 21).filter(({ s, hand, share }) => {
      const end = ((mm + hand) * (1 - s)) / (1 - (at === 'wet' ? 0 : done + share) * s);
      return end >= least && end <= most;
    });
    expect(Math.abs(inside.length / 4000 - 0.9)).toBeLessThan(3 * Math.sqrt(0.09 / 4000) + 0.002);
  });

  it('are wider with a worse hand and are the clay’s alone with none', () => {
    const width = (toolSd: number) => {
      const [least, most] = rangeOf({ ...along, toolSd }, made('wet', 120), 0.9);
      return most - least;
    };
    expect(width(1.5)).toBeGreaterThan(width(0.5));
    const [low, high] = finishesBetween(lengthAt('wet', made('wet', 120).mm), clay.belief);
    expect(width(0)).toBeCloseTo(high - low, 3);
    expect(width(0.02)).toBeCloseTo(width(0), 2);
  });
});

describe('two things known of one size', () => {
  it('agree within a tenth of a millimetre, and otherwise differ by so many', () => {
    const wet = 100 / (1 - clay.shrinkage.height);
    const both = (mm: number): KnownSizes => ({
      ...KNOWN,
      height: [
        { mm: 100, at: 'glazed' },
        { mm, at: 'wet' },
      ],
    });
    expect(conflictsIn(cup, both(wet + 0.05), clay)).toEqual([]);
    const [conflict] = conflictsIn(cup, both(wet + 3), clay);
    expect(conflict).toMatchObject({ size: 'height', index: 1 });
    expect(conflict!.apart).toBeCloseTo(3, 9);
    expect(conflict!.there).toBeCloseTo(wet, 9);
    expect(shrinkageIfBoth(conflict!, clay)).toBeCloseTo(1 - 100 / (wet + 3), 9);
  });

  it('between half-dry stages give the whole shrinkage by the shares', () => {
    const s = 0.13;
    const at = (stage: 'leather' | 'dry') => 200 * (1 - clay.shrinkage.shares[stage] * s);
    const known: KnownSizes = {
      ...KNOWN,
      height: [
        { mm: at('leather'), at: 'leather' },
        { mm: at('dry'), at: 'dry' },
      ],
    };
    const [conflict] = conflictsIn(cup, known, clay);
    expect(shrinkageIfBoth(conflict!, clay)).toBeCloseTo(s, 9);
  });

  it('a size may miss a limit by so many', () => {
    const known: KnownSizes = {
      ...KNOWN,
      height: [
        { mm: 100, at: 'glazed' },
        { at: 'glazed', most: 96 },
      ],
    };
    const [conflict] = conflictsIn(cup, known, clay);
    expect(conflict!.apart).toBeCloseTo(-4, 9);
    expect(shrinkageIfBoth(conflict!, clay)).toBeUndefined();
  });

  it('that no clay could do are no evidence', () => {
    const known: KnownSizes = {
      ...KNOWN,
      height: [
        { mm: 100, at: 'glazed' },
        { mm: 90, at: 'wet' },
      ],
    };
    expect(shrinkageIfBoth(conflictsIn(cup, known, clay)[0]!, clay)).toBeUndefined();
  });
});

describe('a capacity asked for', () => {
  const ROOMY = FAMILY_NAMES.filter((family) => family !== 'disc' && family !== 'tile');

  it.each(ROOMY)('is what the %s found holds', (family) => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.6, max: 1.8, noNaN: true }),
        fc.constantFrom('proportions', 'height', 'mouth'),
        fc.double({ min: 0, max: 6, noNaN: true }),
        (f, keep, belowRim) => {
          const shape = typical(family);
          const target = holdsMl(shape, belowRim) * f;
          const { form, met } = reach(shape, { capacityMl: target, belowRim, keep: keep as 'height' });
          if (met) expect(holdsMl(form, belowRim) / target).toBeCloseTo(1, 6);
          else expect(holdsMl(form, belowRim)).not.toBeCloseTo(target, 3);
          if (keep === 'height') expect(form.sizes.height).toBeCloseTo(shape.sizes.height, 9);
          if (keep === 'mouth') expect(form.sizes.rimDiameter).toBeCloseTo(shape.sizes.rimDiameter, 9);
          expect(form.sizes.wall).toBe(shape.sizes.wall);
        },
      ),
      { seed: 61, numRuns: 15 },
    );
  });

  it('solved and then sized holds the target, in every family', () => {
    for (const family of ROOMY) {
      const target = holdsMl(typical(family)) * 1.3;
      const solved = solveCapacity(typical(family), { capacityMl: target }, write);
      expect(solved.ok).toBe(true);
      if (solved.ok) expect(size(clay, solved.value, 'glazed', WAYS.trimmed).capacityMl / target).toBeCloseTo(1, 6);
    }
  });

  it('stays under a height and widens instead', () => {
    const { form, met } = reach(cup, { capacityMl: 500, keep: 'proportions', maxHeight: 90 });
    expect(met).toBe(true);
    expect(form.sizes.height).toBeCloseTo(90, 6);
    expect(form.sizes.rimDiameter / form.sizes.baseDiameter!).toBeCloseTo(80 / 72, 9);
  });

  it('that cannot be says how far it goes: the nearest possible', () => {
    const { form, met } = reach(cup, { capacityMl: 500, keep: 'proportions', maxHeight: 90, maxWidth: 80 });
    expect(met).toBe(false);
    expect(form.sizes.height).toBeCloseTo(90, 4);
    expect(form.sizes.rimDiameter).toBeCloseTo(80, 4);
    expect(checkForm(form, write).ok).toBe(true);
    expect(holdsMl(form)).toBeLessThan(500);
  });
});

describe('what is known twice', () => {
  const cupOf = (height: KnownSizes['height']): KnownSizes => ({
    ...Object.fromEntries(Object.entries(cup.sizes).map(([name, mm]) => [name, [{ mm, at: 'glazed' as const }]])),
    height,
  });
  const conflicts = (...height: NonNullable<KnownSizes['height']>) => conflictsIn(cup, cupOf(height), clay);
  const leads = { mm: 100, at: 'glazed' } as const;

  it('conflicts where it differs by more than a tenth of a mm: an exact size by how much, a limit by what it is missed', () => {
    const apart = (other: NonNullable<KnownSizes['height']>[0]) =>
      conflicts(leads, other).map((each) => Math.round(each.apart * 1000) / 1000);
    expect(apart({ mm: 100.09, at: 'glazed' })).toEqual([]);
    expect(apart({ mm: 100.11, at: 'glazed' })).toEqual([0.11]);
    expect(apart({ mm: 98, at: 'glazed' })).toEqual([-2]);
    expect(apart({ at: 'glazed', least: 103 })).toEqual([3]);
    expect(apart({ at: 'glazed', most: 96 })).toEqual([-4]);
    for (const held of [{ least: 100 }, { most: 100 }, { least: 90, most: 110 }, { least: 100.09 }, { most: 99.91 }])
      expect(apart({ at: 'glazed', ...held })).toEqual([]);
    expect(conflicts(leads)).toEqual([]);
    const [second] = conflicts(leads, { at: 'glazed', most: 200 }, { mm: 90, at: 'glazed' });
    expect(second).toMatchObject({
      size: 'height',
      index: 2,
      leads,
      other: { mm: 90, at: 'glazed' },
      there: expect.closeTo(100, 9) as number,
    });
  });

  it('would both be right if the clay shrank so, where any clay does', () => {
    const both = (wet: number) => shrinkageIfBoth({ ...conflicts(leads, { mm: wet, at: 'wet' })[0]! }, clay);
    expect(both(120)).toBeCloseTo(1 - 100 / 120, 9);
    expect(both(190)).toBeCloseTo(1 - 100 / 190, 9);
    // half and more is no clay, nor is one that grows
    expect(both(201)).toBeUndefined();
    expect(both(99)).toBeUndefined();
    const [limited] = conflicts(leads, { at: 'glazed', least: 120 });
    expect(shrinkageIfBoth(limited!, clay)).toBeUndefined();
    const [led] = conflicts({ at: 'glazed', least: 120 }, { mm: 90, at: 'wet' });
    expect(led && shrinkageIfBoth(led, clay)).toBeUndefined();
  });
});
