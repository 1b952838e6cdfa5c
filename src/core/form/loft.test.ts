import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  FAMILIES,
  type FamilyName,
  type Form,
  type Manner,
  type SizeName,
  checkForm,
  formOf,
  holdsMl,
  measuresOf,
  outlineAt,
  outlineOf,
  polygonMm2,
  sideLengths,
  sizeIn,
} from '.';

const RUNS = { numRuns: 100, seed: 615 };
const form = (
  family: FamilyName,
  sizes: Partial<Record<SizeName, number>> = {},
  manner: Manner = FAMILIES[family].manner,
): Form<'glazed'> => formOf({ family, manner }, 'glazed', { ...FAMILIES[family].typical, ...sizes });
const measures = (made: Form<'glazed'>) => measuresOf(outlineOf(made));
const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });

describe('a plan that is not round', () => {
  it('has the sides and the area of the polygon its lines close in', () => {
    expect(sideLengths([0, 90, 180, 270], [50, 30, 50, 30])).toEqual([60, 100, 60, 100].map((side) => expect.closeTo(side, 9)));
    expect(polygonMm2([0, 90, 180, 270], [50, 30, 50, 30])).toBeCloseTo(6000, 9);
    expect(polygonMm2([0, 120, 240], [10, 10, 10])).toBeCloseTo(3 * 100 * Math.tan(Math.PI / 3), 9);
  });

  it('of a leaning box holds a cut pyramid’s volume, by the prismoid of its two rectangles', () => {
    fc.assert(
      fc.property(mm(80, 300), mm(80, 300), mm(-30, 60), mm(-30, 60), mm(50, 200), mm(3, 10), (l, w, dl, dw, height, wall) => {
        const made = form('box', { height, baseDiameter: l, baseAcross: w, rimDiameter: l + dl, rimAcross: w + dw, wall, floor: wall });
        const across = (d: number) => (2 * wall * Math.hypot(height, d / 2)) / height;
        const inside = (z: number) => [l + (dl * z) / height - across(dl), w + (dw * z) / height - across(dw)] as const;
        const prismoid = (at: (z: number) => readonly [number, number], from: number) => {
          const area = (z: number) => at(z)[0] * at(z)[1];
          return (((height - from) / 6) * (area(from) + 4 * area((from + height) / 2) + area(height))) / 1000;
        };
        expect(holdsMl(made)).toBeCloseTo(prismoid(inside, wall), 6);
        const outside = prismoid((z) => [l + (dl * z) / height, w + (dw * z) / height], 0);
        expect(measures(made).clayMl).toBeCloseTo(outside - prismoid(inside, wall), 6);
      }),
      RUNS,
    );
  });

  it('of an upright oval holds an ellipse’s parallel curve: pi a b less the wall along its girth (Steiner)', () => {
    const [a, b, wall, floor, height] = [90, 60, 6, 7, 100];
    const made = form('oval', { height, rimDiameter: 2 * a, baseDiameter: 2 * a, rimAcross: 2 * b, baseAcross: 2 * b, wall, floor });
    const h = ((a - b) / (a + b)) ** 2;
    const girth = Math.PI * (a + b) * (1 + (3 * h) / (10 + Math.sqrt(4 - 3 * h)));
    const inside = Math.PI * a * b - girth * wall + Math.PI * wall ** 2;
    expect(holdsMl(made) / ((inside * (height - floor)) / 1000)).toBeCloseTo(1, 3);
    expect((measures(made).clayMl + holdsMl(made)) / ((Math.PI * a * b * height) / 1000)).toBeCloseTo(1, 4);
    expect(measures(made).outsideCm2 / ((girth * height) / 100)).toBeCloseTo(1, 3);
  });

  it('of an oval as wide as it is long measures what the cup does', () => {
    const sizes = { height: 100, rimDiameter: 120, baseDiameter: 90, wall: 6, floor: 7 };
    const round = formOf({ family: 'cylinder', manner: { foot: 'flat' } }, 'glazed', sizes);
    const bent = form('oval', { ...sizes, rimAcross: 120, baseAcross: 90 });
    for (const key of ['clayMl', 'brimMl', 'insideCm2', 'outsideCm2', 'widest'] as const)
      expect(measures(bent)[key] / measures(round)[key]).toBeCloseTo(1, 3);
    expect(holdsMl(bent, 20) / holdsMl(round, 20)).toBeCloseTo(1, 3);
  });

  it('of ever more facets comes nearer to the cup round it', () => {
    const sizes = { height: 100, rimDiameter: 120, baseDiameter: 120, wall: 6, floor: 7 };
    const round = holdsMl(formOf({ family: 'cylinder', manner: { foot: 'flat' } }, 'glazed', sizes));
    const over = (['3', '4', '6', '8', '12'] as const).map((sides) => holdsMl(form('faceted', sizes, { sides })) / round);
    expect(over).toEqual([...over].sort((one, other) => other - one));
    expect(over[0]).toBeCloseTo((3 * Math.tan(Math.PI / 3)) / Math.PI, 6);
    expect(over.at(-1)).toBeCloseTo((12 * Math.tan(Math.PI / 12)) / Math.PI, 6);
  });

  it('of a tile is a solid block that holds nothing, glazed on top and round its edge', () => {
    const made = form('tile', { rimDiameter: 200, rimAcross: 100, height: 10 });
    expect(measures(made)).toEqual({
      clayMl: expect.closeTo(200, 9),
      brimMl: 0,
      insideCm2: expect.closeTo(200, 9),
      outsideCm2: expect.closeTo(60, 9),
      widest: 200,
    });
  });
});

describe('what cannot be built of slabs', () => {
  const fault = (made: Form<'glazed'>) => {
    const checked = checkForm(made, (value) => `${value} mm`);
    return checked.ok ? undefined : [checked.problem.path, checked.problem.message];
  };

  it.each([
    [form('box', { rimAcross: 700 }), 'rimAcross', /lean 67 degrees/],
    [form('box', { floor: 130 }), 'floor', /reach the rim/],
    [form('box', { wall: 70 }), 'wall', /no room inside/],
    [form('oval', { rimAcross: 40, wall: 10 }), 'wall', /no room inside/],
    [form('tile', { height: 160 }), 'height', /A tile is flat/],
  ])('is refused with the size to change', (made, path, message) => {
    expect(fault(made)![0]).toBe(path);
    expect(fault(made)![1]).toMatch(message);
  });

  it('calls a size by the name its family gives it', () => {
    expect(sizeIn('box', 'rimDiameter').row).toBe('Mouth outside, long');
    expect(sizeIn('cylinder', 'rimDiameter').row).toBe('Mouth, outside');
    expect(sizeIn('tile', 'height')).toMatchObject({ row: 'Thickness', direction: 'height' });
  });
});

describe('a plan and its polygon', () => {
  const ANGLES = [0, 50, 95, 160, 200, 250, 310];
  const shoelace = (places: readonly { x: number; y: number }[]) =>
    Math.abs(
      places.reduce((all, { x, y }, i) => all + x * places[(i + 1) % places.length]!.y - places[(i + 1) % places.length]!.x * y, 0),
    ) / 2;

  /** Corners by crossing each line with the next, without the support formula. */
  const cornersOf = (supports: readonly number[]) =>
    ANGLES.map((angle, i) => {
      const j = (i + 1) % ANGLES.length;
      const [a, b] = [(angle * Math.PI) / 180, (ANGLES[j]! * Math.PI) / 180];
      const d = Math.sin(b - a);
      return {
        x: (supports[i]! * Math.sin(b) - supports[j]! * Math.sin(a)) / d,
        y: (supports[j]! * Math.cos(a) - supports[i]! * Math.cos(b)) / d,
      };
    });

  it('have one area and sides of one length, whatever the distances', () => {
    fc.assert(
      fc.property(fc.array(mm(90, 110), { minLength: 7, maxLength: 7 }), (supports) => {
        const lengths = sideLengths(ANGLES, supports);
        fc.pre(lengths.every((length) => length > 0));
        const corners = cornersOf(supports);
        expect(polygonMm2(ANGLES, supports)).toBeCloseTo(shoelace(corners), 5);
        lengths.forEach((length, i) => {
          const [from, to] = [corners[(i + 6) % 7]!, corners[i]!];
          expect(Math.hypot(to.x - from.x, to.y - from.y)).toBeCloseTo(length, 6);
        });
      }),
      RUNS,
    );
  });

  it('scale with their shape: twice as large holds eight times as much, glazed over four times the area', () => {
    for (const family of ['box', 'oval', 'faceted'] as const) {
      const { typical } = FAMILIES[family];
      const twice = Object.fromEntries(Object.entries(typical).map(([name, value]) => [name, 2 * value]));
      const [one, two] = [measures(form(family)), measures(form(family, twice))];
      expect(two.brimMl / one.brimMl).toBeCloseTo(8, 9);
      expect(two.clayMl / one.clayMl).toBeCloseTo(8, 9);
      expect(two.insideCm2 / one.insideCm2).toBeCloseTo(4, 9);
      expect(two.outsideCm2 / one.outsideCm2).toBeCloseTo(4, 9);
    }
  });

  it('shrink with the clay: across twice, up once', () => {
    for (const family of ['box', 'oval', 'faceted', 'tile'] as const) {
      const made = form(family);
      const wet = measuresOf(
        outlineAt(made, 'glazed', 'wet', { width: 0.12, height: 0.09, shares: { leather: 0.3, dry: 0.45, bisque: 0.52 } }),
      );
      expect(wet.clayMl * 0.88 ** 2 * 0.91).toBeCloseTo(measures(made).clayMl, 6);
    }
  });

  it('fill from the floor: nothing below it, all of it at the brim, more the higher', () => {
    fc.assert(
      fc.property(fc.constantFrom('box' as const, 'oval' as const, 'faceted' as const), mm(0, 1), mm(0, 1), (family, a, b) => {
        const made = form(family);
        const [low, high] = [Math.min(a, b), Math.max(a, b)].map((share) => holdsMl(made, made.sizes.height * (1 - share)));
        expect(low!).toBeLessThanOrEqual(high! + 1e-9);
        expect(high!).toBeLessThanOrEqual(holdsMl(made) + 1e-9);
        expect(holdsMl(made, made.sizes.height)).toBe(0);
      }),
      RUNS,
    );
  });
});
