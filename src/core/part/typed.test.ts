import { clayFigures, remaining } from '@/core/clay';
import { FAMILIES, type SizeName, formOf, sizeSpec, withInsides } from '@/core/form';
import { type KnownSize, type KnownSizes, WAYS, isExact } from '@/core/sizing';
import { describe, expect, it } from 'vitest';
import type { Part } from '@/core/records';
import { finishedSizes, knownAs, letGo, typedOver, withGiver, withLetGo, withTyped } from '.';

const clay = clayFigures({ kind: 'stoneware', shrinkagePercent: 11.5, heightShrinkagePercent: 13 });
const free = (mm: number): KnownSizes[SizeName] => [{ mm, at: 'glazed', free: true }];
const cup: Part = {
  id: 'a',
  name: 'cup',
  family: 'cylinder',
  manner: FAMILIES.cylinder.manner,
  sizes: {
    height: [{ mm: 120, at: 'glazed' }],
    rimDiameter: [{ mm: 92, at: 'glazed' }],
    baseDiameter: free(84),
    wall: free(4.6),
    floor: free(6.4),
  },
  way: 'trimmed',
  making: WAYS.trimmed,
};

const typed = (part: Part, size: SizeName, known: KnownSize): Part => ({ ...part, ...withTyped(part, size, known) });
describe('a size typed', () => {
  it('stands first, beside what else was entered at another stage, in place of what was at its own or let go', () => {
    const [wet, dry, limit]: [KnownSize, KnownSize, KnownSize] = [
      { mm: 100, at: 'wet' },
      { mm: 95, at: 'dry' },
      { most: 90, at: 'glazed' },
    ];
    expect(typedOver([wet, limit], dry)).toEqual([dry, wet, limit]);
    expect(typedOver([wet, limit], { mm: 101, at: 'wet' })).toEqual([{ mm: 101, at: 'wet' }, limit]);
    expect(typedOver([{ mm: 88, at: 'glazed', free: true }], wet)).toEqual([wet]);
    expect(typedOver(undefined, wet)).toEqual([wet]);
  });

  it('let go leaves the others, and the last of all stays as it is but nobody holds to it', () => {
    const [wet, dry] = [{ mm: 100, at: 'wet' } as const, { mm: 95, at: 'dry' } as const];
    expect(letGo([wet, dry], 0, 7)).toEqual([dry]);
    expect(letGo([wet, dry], 1, 7)).toEqual([wet]);
    expect(letGo([dry], 0, 94)).toEqual([{ mm: 94, at: 'dry', free: true }]);
  });
});

describe('of outside, wall and width inside', () => {
  it('a width inside let go follows the others again, a bevel is not cut, any other size stays as it is', () => {
    const inside = typed(cup, 'mouthInside', { mm: 90, at: 'glazed' });
    expect(withLetGo(inside, 'mouthInside', 0, 90)).not.toHaveProperty('mouthInside');
    expect(withLetGo({ sizes: { ...cup.sizes, bevel: [{ mm: 3, at: 'glazed' }] } }, 'bevel', 0, 3)).not.toHaveProperty('bevel');
    expect(withLetGo(cup, 'height', 0, 120).height).toEqual(free(120));
    expect(withLetGo(cup, 'mouthInside', 0, 90)).toBe(cup.sizes);
    // of two things known of it, one stays
    const two: KnownSizes = {
      ...cup.sizes,
      mouthInside: [
        { mm: 90, at: 'glazed' },
        { mm: 100, at: 'wet' },
      ],
    };
    expect(withLetGo({ sizes: two }, 'mouthInside', 0, 90).mouthInside).toEqual([{ mm: 100, at: 'wet' }]);
    const limited: KnownSizes = {
      ...cup.sizes,
      mouthInside: [
        { mm: 90, at: 'glazed' },
        { most: 95, at: 'glazed' },
      ],
    };
    expect(withLetGo({ sizes: limited }, 'mouthInside', 0, 90).mouthInside).toEqual([{ most: 95, at: 'glazed' }]);
  });

  it('a limit of what gives way stays, to be seen', () => {
    const limited: KnownSizes = {
      ...cup.sizes,
      rimDiameter: [
        { mm: 92, at: 'glazed' },
        { mm: 104, at: 'wet' },
        { most: 95, at: 'glazed' },
      ],
      mouthInside: [{ mm: 90, at: 'glazed' }],
    };
    expect(withGiver({ ...cup, sizes: limited }, 'mouthInside', 'outside').sizes.rimDiameter).toEqual([
      { mm: 92, at: 'glazed', free: true },
      { most: 95, at: 'glazed' },
    ]);
  });
});

describe('a finished form drawn anew', () => {
  const before: KnownSizes = {
    ...finishedSizes({ baseDiameter: 84, wall: 4.6, floor: 6.4 }),
    height: [{ mm: 136, at: 'wet' }],
    rimDiameter: [
      { mm: 92, at: 'glazed' },
      { most: 95, at: 'glazed' },
    ],
  };
  const form = (sizes: Partial<Record<SizeName, number>>) =>
    formOf({ family: 'cylinder', manner: FAMILIES.cylinder.manner }, 'glazed', {
      height: 120,
      rimDiameter: 92,
      baseDiameter: 84,
      wall: 4.6,
      floor: 6.4,
      ...sizes,
    });

  it('keeps what it leaves as it was known', () => {
    const known = knownAs(form({ rimDiameter: 99 }), form({}), before, clay);
    expect(known.height).toBe(before.height);
    expect(known.rimDiameter).toEqual([
      { mm: 99, at: 'glazed' },
      { most: 95, at: 'glazed' },
    ]);
  });

  it('knows what it changed at the stage it was known at, by the shrinkage of its direction', () => {
    const known = knownAs(
      form({ height: 130, baseDiameter: 90 }),
      form({}),
      { ...before, baseDiameter: [{ mm: 95, at: 'wet', free: true }] },
      clay,
    );
    const factor = (size: SizeName) => remaining(clay.shrinkage, 'glazed', sizeSpec(size).direction);
    expect(known.height).toEqual([{ mm: expect.closeTo(130 / factor('height'), 9), at: 'wet' }]);
    expect(known.baseDiameter).toEqual([{ mm: expect.closeTo(90 / factor('baseDiameter'), 9), at: 'wet', free: true }]);
  });

  it('takes a limited size at the finished stage, a width inside only where one was known', () => {
    const limited = knownAs(form({ height: 130 }), form({}), { ...before, height: [{ most: 140, at: 'wet' }] }, clay);
    expect(limited.height).toEqual([
      { mm: 130, at: 'glazed' },
      { most: 140, at: 'wet' },
    ]);
    expect(limited).not.toHaveProperty('mouthInside');
    const inside = knownAs(form({ rimDiameter: 99 }), form({}), { ...before, mouthInside: [{ mm: 80, at: 'glazed' }] }, clay);
    const [first] = inside.mouthInside!;
    expect(isExact(first) && first.mm).toBeCloseTo(withInsides(form({ rimDiameter: 99 })).sizes.mouthInside!, 9);
    // what this manner has no use for is not lost
    expect(knownAs(form({ height: 130 }), form({}), { ...before, footHeight: [{ mm: 8, at: 'glazed' }] }, clay).footHeight).toEqual([
      { mm: 8, at: 'glazed' },
    ]);
  });
});
