import { FAMILIES, FAMILY_NAMES, type Form, type SizeName, checkForm, formOf } from '@/core/form';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { handlesOf, knotsInMm, movedKnot, profileOf, snappedPoint } from './handles';

const typical = (family: (typeof FAMILY_NAMES)[number]): Form<'glazed'> =>
  formOf({ family, manner: FAMILIES[family].manner, knots: FAMILIES[family].knots }, 'glazed', FAMILIES[family].typical);

describe('the points that are dragged', () => {
  it.each(FAMILY_NAMES)('of a %s say, where they stand, the sizes the form has', (family) => {
    const form = typical(family);
    for (const handle of handlesOf(form)) {
      for (const [name, mm] of Object.entries(handle.take(handle.at).sizes ?? {})) expect(mm).toBeCloseTo(form.sizes[name as SizeName]!, 6);
    }
  });

  it.each(FAMILY_NAMES)('of a %s, moved a little, leave a form that can be made', (family) => {
    const form = typical(family);
    fc.assert(
      fc.property(fc.double({ min: -1, max: 1, noNaN: true }), fc.double({ min: -1, max: 1, noNaN: true }), (dr, dz) => {
        for (const handle of handlesOf(form)) {
          const { sizes, knots } = handle.take({ r: handle.at.r + dr, z: Math.max(0, handle.at.z + dz) });
          const moved = formOf({ ...form, knots: knots ?? form.knots }, 'glazed', { ...form.sizes, ...sizes });
          expect(checkForm(moved, String).ok, handle.words).toBe(true);
        }
      }),
      { seed: 111, numRuns: 20 },
    );
  });

  it('of a ringed bowl and a jar include wall, floor, ring and gallery', () => {
    const keys = (family: (typeof FAMILY_NAMES)[number]) => handlesOf(typical(family)).map(({ key }) => key);
    expect(keys('bowl')).toEqual(expect.arrayContaining(['rim', 'base', 'wall', 'wallAtFoot', 'floor', 'ring']));
    expect(keys('jar')).toEqual(expect.arrayContaining(['belly', 'collar', 'gallery', 'wall', 'floor']));
    expect(keys('plate')).toEqual(expect.arrayContaining(['well', 'wall', 'floor', 'ring']));
    expect(keys('disc')).toEqual(['rim']);
  });

  it('stand at whole units across and up', () => {
    expect(snappedPoint({ r: 46.3, z: 119.6 }, 1)).toEqual({ r: 46.5, z: 120 });
    expect(snappedPoint({ r: 0.1, z: -4 }, 1)).toEqual({ r: 0.5, z: 0 });
    const { r, z } = snappedPoint({ r: 46.3, z: 119.6 }, 25.4 / 16);
    expect((2 * r * 16) / 25.4).toBeCloseTo(Math.round((2 * r * 16) / 25.4), 9);
    expect((z * 16) / 25.4).toBeCloseTo(Math.round((z * 16) / 25.4), 9);
  });
});

describe('an own profile', () => {
  const form = typical('profile');

  it('keeps its other points where they are when the rim is moved', () => {
    const last = form.knots!.length - 1;
    const { sizes, knots } = movedKnot(form, last, { r: 70, z: 200 });
    const moved = formOf({ ...form, knots }, 'glazed', { ...form.sizes, ...sizes });
    const [before, after] = [knotsInMm(form), knotsInMm(moved)];
    before.slice(0, -1).forEach((point, i) => {
      expect(after[i]!.r).toBeCloseTo(point.r, 9);
      expect(after[i]!.z).toBeCloseTo(point.z, 9);
    });
    expect(after[last]).toMatchObject({ r: 70, z: 200 });
  });

  it('keeps its size and its foot on the bat when another point is moved', () => {
    const { sizes, knots } = movedKnot(form, 1, { r: 60 });
    expect(sizes).toBeUndefined();
    expect(knots![1]!.r).toBeCloseTo(60 / 55, 9);
    expect(movedKnot(form, 0, { r: 40, z: 12 }).knots![0]!.z).toBe(0);
  });

  it('is the same whether kept as shares or in mm', () => {
    expect(profileOf(knotsInMm(form)).knots!.map(({ r, z }) => [r, z])).toEqual(
      form.knots!.map(({ r, z }) => [expect.closeTo(r, 9), expect.closeTo(z, 9)]),
    );
  });
});
