import { STAGES, type Shrinkage, remaining } from '@/core/clay';
import { describe, expect, it } from 'vitest';
import {
  FAMILIES,
  FAMILY_NAMES,
  type FamilyName,
  type Form,
  type Manner,
  ROUND_FAMILIES,
  type SizeName,
  checkInsides,
  formAt,
  formOf,
  filledMl,
  insidesOf,
  isNeeded,
  outlineFault,
  outlineOf,
  revolvedMl,
  sectionOf,
  sizeSpec,
  sizesOf,
  withInsides,
} from '.';

const write = (mm: number) => `${mm.toFixed(1)} mm`;
const form = (family: FamilyName, sizes: Partial<Record<SizeName, number>> = {}, manner: Manner = {}): Form<'glazed'> =>
  formOf({ family, manner: { ...FAMILIES[family].manner, foot: 'flat', ...manner }, knots: FAMILIES[family].knots }, 'glazed', {
    ...FAMILIES[family].typical,
    ...sizes,
  });

describe('widths inside', () => {
  it('of straight walls are the outside less the wall on both sides, square to it', () => {
    // upright: wall 5 at the rim and 8 at the foot
    const upright = form('cylinder', { height: 100, rimDiameter: 90, baseDiameter: 90, wall: 5, floor: 6 });
    expect(insidesOf(upright)).toEqual({ mouthInside: expect.closeTo(80, 6) as number, floorInside: expect.closeTo(80, 6) as number });
    const leaning = form('cylinder', { height: 100, rimDiameter: 130, baseDiameter: 90, wall: 5, floor: 10 });
    const across = (5 * Math.hypot(100, 20)) / 100;
    expect(insidesOf(leaning).mouthInside).toBeCloseTo(130 - 2 * across, 6);
    expect(insidesOf(leaning).floorInside).toBeCloseTo(90 + 40 * 0.1 - 2 * across, 6);
  });

  it('of a box are measured both ways, of a jar at its belly too, of a solid disc not at all', () => {
    const box = insidesOf(
      form('box', { height: 60, rimDiameter: 120, rimAcross: 80, baseDiameter: 120, baseAcross: 80, wall: 6, floor: 6 }),
    );
    expect(box).toEqual({
      mouthInside: expect.closeTo(108, 6) as number,
      acrossInside: expect.closeTo(68, 6) as number,
      floorInside: expect.closeTo(108, 6) as number,
    });
    const jar = form('jar');
    const { bellyDiameter, wall } = jar.sizes as Record<string, number>;
    expect(insidesOf(jar).bellyInside).toBeCloseTo(bellyDiameter! - 2 * wall!, 1);
    expect(Object.keys(insidesOf(jar)).toSorted()).toEqual(['bellyInside', 'floorInside', 'mouthInside']);
    for (const family of ['disc', 'tile'] as const) expect(insidesOf(form(family))).toEqual({});
    // a cup has no belly: nothing is told of one
    expect(Object.keys(insidesOf(form('cylinder')))).not.toContain('bellyInside');
  });

  it('stand among the sizes of the form once they are asked for, and are as asked within half a tenth', () => {
    const cup = form('cylinder', { height: 100, rimDiameter: 90, baseDiameter: 90, wall: 5, floor: 6 });
    expect(withInsides(cup)).toEqual({
      ...cup,
      sizes: { ...cup.sizes, mouthInside: expect.closeTo(80, 6) as number, floorInside: expect.closeTo(80, 6) as number },
    });
    expect(checkInsides(cup, write)).toEqual({ ok: true, value: cup });
    const asked = (mouthInside: number, floorInside?: number) =>
      checkInsides(
        form('cylinder', { height: 100, rimDiameter: 90, baseDiameter: 90, wall: 5, floor: 6, mouthInside, floorInside }),
        write,
      );
    for (const mm of [80, 80.04, 79.96]) expect(asked(mm).ok).toBe(true);
    expect(asked(80.06)).toEqual({
      ok: false,
      problem: {
        path: 'mouthInside',
        message: 'The width inside the mouth cannot be 80.1 mm here. The outside and the wall leave 80.0 mm. Change the other one instead.',
      },
    });
    expect(asked(79.9)).toMatchObject({ ok: false, problem: { path: 'mouthInside' } });
    expect(asked(80, 70)).toMatchObject({ ok: false, problem: { path: 'floorInside' } });
  });
});

describe('the sizes of a form', () => {
  it('are those its manner needs, and what else is given', () => {
    for (const family of FAMILY_NAMES)
      for (const name of FAMILIES[family].sizes) {
        const needed = isNeeded(name, { foot: 'ring', mouth: 'gallery' });
        const optional = ['wallAtFoot', 'bevel', 'mouthInside', 'acrossInside', 'bellyInside', 'floorInside'].includes(name);
        expect([family, name, needed]).toEqual([family, name, !optional]);
        if (name.startsWith('foot')) expect(isNeeded(name, { foot: 'flat', mouth: 'gallery' })).toBe(false);
        if (name.startsWith('gallery')) expect(isNeeded(name, { foot: 'ring', mouth: 'plain' })).toBe(false);
        const shape = { family, manner: { foot: 'flat', mouth: 'plain' } } as const;
        expect(sizesOf(shape).includes(name)).toBe(isNeeded(name, shape.manner));
        expect(sizesOf(shape, { [name]: 1 }).includes(name)).toBe(isNeeded(name, shape.manner) || optional);
        expect(sizesOf(shape, { [name]: undefined }).includes(name)).toBe(isNeeded(name, shape.manner));
      }
    expect(isNeeded('height', {})).toBe(true);
  });

  it('are round or flat-sided: boxes, ovals, facets and tiles are not thrown', () => {
    expect(FAMILY_NAMES.filter((name) => !ROUND_FAMILIES.includes(name)).toSorted()).toEqual(['box', 'faceted', 'oval', 'tile']);
    expect(ROUND_FAMILIES).toHaveLength(FAMILY_NAMES.length - 4);
  });

  it('go to another stage each by its own direction', () => {
    const shrinkage: Shrinkage = { width: 0.1, height: 0.14, shares: { leather: 0.3, dry: 0.5, bisque: 0.55 } } as never;
    const jar = form('jar');
    for (const to of STAGES) {
      const there = formAt(jar, 'glazed', to, shrinkage);
      expect({ ...there, sizes: undefined }).toEqual({ ...jar, sizes: undefined });
      for (const [name, mm] of Object.entries(jar.sizes) as [SizeName, number][]) {
        const { direction } = sizeSpec(name);
        expect(there.sizes[name]).toBeCloseTo((mm * remaining(shrinkage, to, direction)) / remaining(shrinkage, 'glazed', direction), 9);
      }
    }
  });

  it('that are none are not kept', () => {
    expect(Object.keys(formOf({ family: 'disc', manner: {} }, 'wet', { rimDiameter: 90, height: 8, wall: undefined }).sizes)).toEqual([
      'rimDiameter',
      'height',
    ]);
  });
});

describe('an outline that clay cannot have', () => {
  const cup = outlineOf(form('cylinder', { height: 100, rimDiameter: 90, baseDiameter: 90, wall: 5, floor: 5 }));

  it('is told with the place, up and from the axis', () => {
    expect(outlineFault(cup, 5, write)).toBeUndefined();
    expect(outlineFault(cup, Infinity, write)).toBeUndefined();
    // six tenths of the thinnest meant is enough
    expect(outlineFault(cup, 8.3, write)).toBeUndefined();
    expect(outlineFault(cup, 8.4, write)).toMatch(
      /^The clay would be only 5.0 mm thick [\d.]+ mm up and [\d.]+ mm from the axis\. Make the foot narrower/,
    );
    const leaves = { ...cup, side: [...cup.side.slice(0, -1), { r: 45, z: -3 }, cup.side.at(-1)!] };
    expect(outlineFault(leaves, 5, write)).toMatch(/^The outline (goes outside the piece|crosses itself) 0\.0 mm up and/);
    const within = { ...cup, inside: cup.inside.map(({ r, z }) => ({ r: r + (r > 0 ? 10 : 0), z })) };
    expect(outlineFault(within, 5, write)).toMatch(/Walls overlap|crosses itself|would be only/);
  });
});

describe('a curved outline', () => {
  it('has so many points that clay and capacity are within 0.05% of those of many more', () => {
    for (const family of ['flared', 'bowl', 'jar', 'bottle', 'profile'] as const)
      for (const [tall, wide] of [
        [1, 1],
        [1.8, 0.8],
        [0.6, 1.3],
      ] as const) {
        const { typical } = FAMILIES[family];
        const own = form(
          family,
          Object.fromEntries(
            Object.entries(typical).map(([name, mm]) => {
              const { stays, direction } = sizeSpec(name as SizeName);
              return [name, stays ? mm : mm * (direction === 'height' ? tall : wide)];
            }),
          ),
        );
        const size = (name: SizeName) => own.sizes[name] ?? (name === 'wallAtFoot' ? own.sizes.wall : undefined) ?? 0;
        const fine = FAMILIES[family].outline(size, own.manner, 1200, own.knots ?? []);
        const found = outlineOf(own);
        const off = (of: (outline: typeof fine) => number) => Math.abs(of(found) / of(fine) - 1);
        expect(
          off((outline) => revolvedMl(sectionOf(outline))),
          `${family} clay`,
        ).toBeLessThan(0.0005);
        expect(
          off(({ inside }) => filledMl(inside, Infinity)),
          `${family} room`,
        ).toBeLessThan(0.0005);
        expect(found.side.length).toBeLessThan(fine.side.length / 4);
      }
  });
});
