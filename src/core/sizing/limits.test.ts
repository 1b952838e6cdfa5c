import { clayFigures } from '@/core/clay';
import { FAMILIES, type FamilyName, type SizeName, formOf } from '@/core/form';
import { describe, expect, it } from 'vitest';
import { type LimitName, NOTHING_LOST, type PlaceLimits, WAYS, checkLimits, size } from '.';

const clay = clayFigures({ kind: 'stoneware', shrinkagePercent: 10 });

const made = (family: FamilyName, sizes: Partial<Record<SizeName, number>>, making = NOTHING_LOST) =>
  size(
    clay,
    formOf({ family, manner: FAMILIES[family].manner, knots: FAMILIES[family].knots }, 'glazed', { ...FAMILIES[family].typical, ...sizes }),
    'glazed',
    making,
  );

const looked = (of: ReturnType<typeof made>, limits: PlaceLimits, over?: { width: number; height: number }) =>
  Object.fromEntries(checkLimits(clay, of, limits, over).map((each) => [each.limit, each])) as Partial<
    Record<LimitName, ReturnType<typeof checkLimits>[number]>
  >;

/** A straight pot: 180 across and 180 high finished, wall and floor 9; wet all of it over 0.9. */
const POT = { rimDiameter: 180, baseDiameter: 180, height: 180, wall: 9, wallAtFoot: 9, floor: 9 } as const;

describe('limits of a place', () => {
  it('are each met at their stage by what meets them, worked out by hand', () => {
    const found = looked(made('cylinder', POT), {
      armReach: 190,
      batDiameter: 200,
      wheelHead: 199,
      kilnShelf: 191,
      kilnHeight: 191,
      shelfDepth: 180,
      dishwasherHeight: 180,
      microwaveHeight: 179,
    });
    // wet 200 across and 200 high, 190 deep inside; two fifths or so of the shrinkage is over at bone dry
    expect(found.armReach).toMatchObject({ stage: 'wet', most: 190, fits: true });
    expect(found.armReach!.mm).toBeCloseTo(190, 6);
    expect(found.batDiameter).toMatchObject({ stage: 'wet', fits: true });
    expect(found.batDiameter!.mm).toBeCloseTo(200, 6);
    expect(found.wheelHead).toMatchObject({ stage: 'wet', fits: false });
    const dry = 200 * (1 - 0.1 * clay.shrinkage.shares.dry);
    expect(found.kilnShelf).toMatchObject({ stage: 'dry', fits: dry <= 191 });
    expect(found.kilnShelf!.mm).toBeCloseTo(dry, 6);
    expect(found.kilnHeight!.mm).toBeCloseTo(dry, 6);
    expect(found.shelfDepth).toMatchObject({ stage: 'glazed', fits: true });
    expect(found.shelfDepth!.mm).toBeCloseTo(180, 6);
    expect(found.dishwasherHeight).toMatchObject({ stage: 'glazed', fits: true });
    expect(found.microwaveHeight).toMatchObject({ stage: 'glazed', fits: false, mm: 180 });
  });

  it('that are not known are not looked at', () => {
    expect(checkLimits(clay, made('cylinder', POT), {})).toEqual([]);
    expect(Object.keys(looked(made('cylinder', POT), { kilnHeight: 300 }))).toEqual(['kilnHeight']);
  });

  it('count what is thrown beyond the piece, and for the kiln the piece alone', () => {
    const trimmed = looked(made('cylinder', POT, WAYS.trimmed), { batDiameter: 300, armReach: 300, kilnHeight: 300 });
    expect(trimmed.batDiameter!.mm).toBeGreaterThan(200);
    expect(trimmed.armReach!.mm).toBeGreaterThan(190);
    expect(trimmed.kilnHeight!.mm).toBeCloseTo(200 * (1 - 0.1 * clay.shrinkage.shares.dry), 6);
  });

  it('count what is put on or joined to it, in the kiln as it is bone dry', () => {
    const limits = { shelfDepth: 200, dishwasherHeight: 200, microwaveHeight: 200, kilnHeight: 300, kilnShelf: 300 };
    const [plain, joined] = [looked(made('cylinder', POT), limits), looked(made('cylinder', POT), limits, { width: 30, height: 21 })];
    expect(joined.shelfDepth).toMatchObject({ mm: plain.shelfDepth!.mm + 30, fits: false });
    expect(joined.dishwasherHeight).toMatchObject({ mm: 201, fits: false });
    expect(joined.microwaveHeight).toMatchObject({ mm: 201, fits: false });
    const dry = (1 - 0.1 * clay.shrinkage.shares.dry) / 0.9;
    expect(joined.kilnHeight!.mm).toBeCloseTo(plain.kilnHeight!.mm + 21 * dry, 6);
    expect(joined.kilnShelf!.mm).toBeCloseTo(plain.kilnShelf!.mm + 30 * dry, 6);
  });

  it('ask for an arm only where a hand passes: from 100 mm inside as thrown', () => {
    const inside = (mm: number) =>
      looked(made('cylinder', { ...POT, rimDiameter: mm * 0.9 + 18, baseDiameter: mm * 0.9 + 18 }), { armReach: 10 });
    expect(inside(100.1).armReach).toMatchObject({ fits: false, what: 'inside depth as pulled' });
    expect(inside(99.9).armReach).toBeUndefined();
  });
});
