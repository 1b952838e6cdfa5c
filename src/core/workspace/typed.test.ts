import { clayFigures, remaining } from '@/core/clay';
import { FAMILIES, type SizeName, formOf, sizeSpec, withInsides } from '@/core/form';
import { type KnownSize, type KnownSizes, WAYS, isExact } from '@/core/sizing';
import { describe, expect, it } from 'vitest';
import { type Part, finishedSizes, knownAs, letGo, sizePart, typedOver, withGivenWay, withLetGo, withSize, withTyped } from '.';

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

const typed = (part: Part, size: SizeName, known: KnownSize, factor = 1): Part => ({ ...part, ...withTyped(part, size, known, factor) });
const finished = (part: Part) => {
  const made = sizePart(part, clay, String);
  if (!made.ok) throw new Error(made.problem.message);
  return withInsides(made.value.sized.stages.glazed).sizes;
};

describe('a size typed', () => {
  it('draws what was let go along: widths with the mouth, heights with the height, thicknesses with neither', () => {
    const wider = withSize(cup, 'rimDiameter', [{ mm: 184, at: 'glazed' }], 2);
    expect(wider.baseDiameter).toEqual(free(168));
    expect([wider.wall, wider.floor, wider.height]).toEqual([cup.sizes.wall, cup.sizes.floor, cup.sizes.height]);
    const urn = { ...cup, sizes: { ...cup.sizes, footHeight: free(8) } };
    expect(withSize(urn, 'height', [{ mm: 240, at: 'glazed' }], 2)).toMatchObject({ footHeight: free(8), baseDiameter: free(84) });
    // a size that was entered stays, and others than mouth and height draw nothing along
    expect(
      withSize({ ...cup, sizes: { ...cup.sizes, baseDiameter: [{ mm: 84, at: 'glazed' }] } }, 'rimDiameter', [{ mm: 184, at: 'glazed' }], 2)
        .baseDiameter,
    ).toEqual([{ mm: 84, at: 'glazed' }]);
    expect(withSize(cup, 'baseDiameter', [{ mm: 100, at: 'glazed' }], 1.2).wall).toEqual(cup.sizes.wall);
  });

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
  it('two are held to: the outside gives way to a width inside, until the outside is typed', () => {
    const inside = typed(cup, 'mouthInside', { mm: 90, at: 'glazed' });
    expect(inside.sizes.rimDiameter![0]).toMatchObject({ free: true });
    expect(inside.gives).toBeUndefined();
    expect(finished(inside)).toMatchObject({ mouthInside: expect.closeTo(90, 6), wall: 4.6 });
    expect(finished(inside).rimDiameter).toBeGreaterThan(98);
    // typing what gave way makes the other give way
    const both = typed(inside, 'rimDiameter', { mm: 100, at: 'glazed' });
    expect(both.gives).toEqual({ mouthInside: 'wall' });
    expect(both.sizes.wall![0]).toMatchObject({ free: true });
    expect(finished(both)).toMatchObject({ rimDiameter: 100, mouthInside: expect.closeTo(90, 6) });
    // and typing that again, the outside gives way once more
    const back = typed(both, 'wall', { mm: 3, at: 'glazed' });
    expect(back.gives).toEqual({ mouthInside: 'outside' });
    expect(finished(back)).toMatchObject({ wall: 3, mouthInside: expect.closeTo(90, 6) });
  });

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
    const limited: Part = {
      ...cup,
      sizes: {
        ...cup.sizes,
        rimDiameter: [
          { mm: 92, at: 'glazed' },
          { mm: 104, at: 'wet' },
          { most: 95, at: 'glazed' },
        ],
      },
    };
    const inside = typed(limited, 'mouthInside', { mm: 90, at: 'glazed' });
    expect(inside.sizes.rimDiameter).toEqual([
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

describe('what gives way to what is typed', () => {
  const { typical } = FAMILIES.jar;
  const jar: Part = {
    ...cup,
    family: 'jar',
    manner: FAMILIES.jar.manner,
    // a foot ring was chosen once: what it needs is kept though the foot is flat
    sizes: Object.fromEntries(Object.entries(typical).map(([name, mm]) => [name, free(mm!)])) as KnownSizes,
  };
  const low = typed(jar, 'height', { mm: 110, at: 'glazed' }, 110 / 150);

  it('moves what nobody holds to, at whatever stage it is known, until the piece can be made', () => {
    expect(sizePart(low, clay, String).ok).toBe(false);
    for (const at of ['glazed', 'leather'] as const) {
      const k = remaining(clay.shrinkage, at, 'height') / remaining(clay.shrinkage, 'glazed', 'height');
      const [collar] = low.sizes.collarHeight!;
      const given = withGivenWay(
        { ...low, sizes: { ...low.sizes, collarHeight: [{ mm: (collar as { mm: number }).mm * k, at, free: true }] } },
        clay,
      )!;
      const sizes = finished({ ...low, sizes: given });
      // 7 + 6 + 0.8 x 5 + 1
      expect(sizes.collarHeight).toBeGreaterThan(18);
      expect(sizes.collarHeight).toBeLessThan(20);
      expect([sizes.height, sizes.wall, sizes.galleryDepth]).toEqual([expect.closeTo(110, 9), expect.closeTo(5, 9), expect.closeTo(7, 9)]);
      expect(given.collarHeight![0]).toMatchObject({ at, free: true });
      for (const known of Object.values(given).flat()) expect('mm' in known && Number.isFinite(known.mm)).toBe(true);
      expect([given.footHeight, given.footWidth]).toEqual([free(typical.footHeight!), free(typical.footWidth!)]);
    }
  });

  it('leaves what is held to, with what else is known of it', () => {
    const held: Part = {
      ...low,
      sizes: {
        ...low.sizes,
        collarHeight: [{ mm: 17, at: 'glazed' }],
        wall: [
          { mm: 5, at: 'glazed', free: true },
          { most: 6, at: 'wet' },
        ],
      },
    };
    const given = withGivenWay(held, clay)!;
    expect(given.collarHeight).toEqual([{ mm: 17, at: 'glazed' }]);
    expect(given.wall![1]).toEqual({ most: 6, at: 'wet' });
    expect(finished({ ...held, sizes: given }).wall).toBeLessThan(5);
    const all = Object.fromEntries(
      Object.entries(low.sizes).map(([name, [first]]) => [name, [{ mm: (first as { mm: number }).mm, at: 'glazed' as const }]]),
    );
    expect(withGivenWay({ ...low, sizes: all as KnownSizes }, clay)).toBeUndefined();
  });
});
