import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FAMILIES, FAMILY_NAMES, type FamilyName, type SizeName, checkForm, formOf, givenWay, sizeSpec } from '.';

const typicalOf = (family: FamilyName) => FAMILIES[family].typical as Readonly<Record<string, number>>;

const formWith = (family: FamilyName, sizes: Readonly<Record<string, number>>) => {
  const { manner, knots } = FAMILIES[family];
  return formOf({ family, manner, knots }, 'glazed', sizes);
};

/** A family's usual piece, so wide and so high, its thicknesses as they are. */
const scaled = (family: FamilyName, wide: number, tall: number) =>
  formWith(
    family,
    Object.fromEntries(
      Object.entries(typicalOf(family)).map(([name, mm]) => {
        const { stays, direction } = sizeSpec(name as SizeName);
        return [name, stays ? mm : mm * (direction === 'height' ? tall : wide)];
      }),
    ),
  );

const namesOf = (form: { readonly sizes: object }) => Object.keys(form.sizes) as SizeName[];

describe('sizes that nobody holds to give way', () => {
  it('leaves what can be made as it is', () => {
    for (const family of FAMILY_NAMES) {
      const form = scaled(family, 1, 1);
      expect(givenWay(form, 'glazed', namesOf(form))).toBe(form);
    }
  });

  it('of any family makes a piece a quarter to three times as large as usual that can be made, as wide and as high as asked', () => {
    fc.assert(
      fc.property(fc.constantFrom(...FAMILY_NAMES), fc.double({ min: 0.25, max: 3, noNaN: true }), (family, factor) => {
        const form = scaled(family, factor, factor);
        const given = givenWay(form, 'glazed', namesOf(form));
        if (!given) throw new Error(`no ${family} ${factor} times as large`);
        expect(checkForm(given, String).ok).toBe(true);
        expect([given.sizes.rimDiameter, given.sizes.height]).toEqual([form.sizes.rimDiameter, form.sizes.height]);
      }),
      { seed: 12, numRuns: 300 },
    );
  });

  it('moves only what nobody holds to, and each kind of it alike', () => {
    const jar = scaled('jar', 0.8, 0.8);
    expect(checkForm(jar, String).ok).toBe(false);
    const given = givenWay(jar, 'glazed', ['collarHeight', 'bellyHeight', 'baseDiameter', 'bellyDiameter']);
    // the gallery needs its collar: 7 + 6 + 0.8 x 5 + 1 = 18
    expect(given!.sizes.collarHeight).toBeGreaterThan(18);
    expect(given!.sizes.collarHeight).toBeLessThan(20);
    for (const name of ['wall', 'floor', 'galleryWidth', 'galleryDepth', 'bellyDiameter', 'baseDiameter', 'bellyHeight'] as const)
      expect(given!.sizes[name], name).toBe(jar.sizes[name]);
    // with the collar held to, the rest has to be thinner by one measure
    const thin = givenWay(
      jar,
      'glazed',
      namesOf(jar).filter((name) => name !== 'collarHeight'),
    )!;
    expect(thin.sizes.collarHeight).toBe(jar.sizes.collarHeight);
    const share = thin.sizes.wall! / jar.sizes.wall!;
    expect(share).toBeLessThan(1);
    for (const name of ['floor', 'galleryWidth', 'galleryDepth'] as const)
      expect(thin.sizes[name]! / jar.sizes[name]!).toBeCloseTo(share, 9);
  });

  it('does not help where what is held to cannot be', () => {
    const jar = scaled('jar', 0.8, 0.8);
    expect(givenWay(jar, 'glazed', [])).toBeUndefined();
    expect(givenWay(jar, 'glazed', ['bellyHeight'])).toBeUndefined();
    // no plate is as high as it is wide
    const plate = formWith('plate', { ...typicalOf('plate'), height: 270 });
    expect(givenWay(plate, 'glazed', namesOf(plate))).toBeUndefined();
  });
});
