import { clayFigures, remaining } from '@/core/clay';
import { FAMILIES, type FamilyName, type Manner, type SizeName, formOf } from '@/core/form';
import { type Making, NOTHING_LOST, WAYS, size } from '@/core/sizing';
import { describe, expect, it } from 'vitest';
import { trimReadings } from '.';

const clay = clayFigures({ kind: 'stoneware', shrinkagePercent: 11.5 });
const across = remaining(clay.shrinkage, 'leather', 'width') / 0.885;
const up = remaining(clay.shrinkage, 'leather', 'height') / 0.885;

type Given = Partial<Record<SizeName, number>>;

/** What is told for trimming a finished form of such sizes, by what it is. */
function told(family: FamilyName, sizes: Given, manner: Partial<Manner> = {}, making: Making = WAYS.trimmed) {
  const { manner: usual, knots, typical } = FAMILIES[family];
  const form = formOf({ family, manner: { ...usual, ...manner }, knots }, 'glazed', { ...typical, ...sizes });
  const readings = trimReadings({ clay, making, sized: size(clay, form, 'glazed', making) });
  return Object.fromEntries(readings.map(({ what, mm }) => [what, mm]));
}

const near = (all: Readonly<Record<string, number>>) =>
  Object.fromEntries(Object.entries(all).map(([what, mm]) => [what, expect.closeTo(mm, 6)]));

const CUP: Given = { height: 100, rimDiameter: 80, baseDiameter: 72, wall: 4.5, floor: 6 };

describe('what a piece is trimmed to at leather hard', () => {
  it('of a flat foot: all of it, each finished size by what it still has to shrink', () => {
    expect(told('cylinder', CUP)).toEqual(
      near({
        'height, rim on the wheel head': 100 * up,
        'foot, outside': 72 * across,
        'depth inside, rim to floor': 94 * up,
        'floor left (height minus inside depth)': 6 * up,
        'wall at the foot': 4.5 * across,
      }),
    );
  });

  it('of a foot ring: the ring, and the floor left in it', () => {
    expect(told('cylinder', { ...CUP, footHeight: 4, footWidth: 7, wallAtFoot: 6 }, { foot: 'ring' })).toEqual(
      near({
        'height, rim on the wheel head': 100 * up,
        'foot, outside': 72 * across,
        'foot ring, inside': 58 * across,
        'foot ring depth': 4 * up,
        'depth inside, rim to floor': 90 * up,
        'height minus inside depth, before hollowing': 10 * up,
        'floor left in the ring': 6 * up,
        'wall at the foot': 6 * across,
      }),
    );
  });

  it('of a bevelled foot: the foot as before it is cut, and how far in and up', () => {
    const bevelled = told('cylinder', { ...CUP, bevel: 3 });
    expect(bevelled).toMatchObject(near({ 'foot, outside': 72 * across, 'bevel at the foot, in and up': 3 * across }));
    expect(told('cylinder', CUP)).not.toHaveProperty(['bevel at the foot, in and up']);
  });

  it('of a profile, whose foot is its first point', () => {
    const [first] = FAMILIES.profile.knots!;
    expect(told('profile', { bevel: 2 })['foot, outside']).toBeCloseTo(110 * first!.r * across, 6);
  });

  it('is nothing where nothing is trimmed off, and of a disc', () => {
    expect(told('cylinder', CUP, {}, NOTHING_LOST)).toEqual({});
    expect(told('disc', {})).toEqual({});
    for (const making of [{ trimFloor: 1 }, { trimWall: 1 }, { wholeWall: 1 }])
      expect(told('cylinder', CUP, {}, { ...NOTHING_LOST, ...making })).toHaveProperty(['foot, outside']);
    expect(told('cylinder', { ...CUP, footHeight: 4, footWidth: 7 }, { foot: 'ring' }, NOTHING_LOST)).toHaveProperty(['foot ring depth']);
    expect(told('cylinder', { ...CUP, bevel: 2 }, {}, NOTHING_LOST)).toHaveProperty(['bevel at the foot, in and up']);
  });
});
