import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  BOWL_ARCS,
  FAMILIES,
  FAMILY_NAMES,
  type FamilyName,
  type Form,
  type Knot,
  MANNERS,
  type Manner,
  type SizeName,
  checkForm,
  filledMl,
  formOf,
  frustumMl,
  holdsMl,
  measuresOf,
  outlineFault,
  outlineOf,
  radiusAt,
  relationFault,
  revolvedCm2,
  revolvedMl,
  sectionOf,
  sizeSpec,
  stretch,
} from '.';

type Given = Partial<Record<SizeName, number>>;

const form = (
  family: FamilyName,
  sizes: Given = {},
  manner: Manner = FAMILIES[family].manner,
  knots: readonly Knot[] | undefined = FAMILIES[family].knots,
) => formOf({ family, manner, knots }, 'glazed', { ...FAMILIES[family].typical, ...sizes });

const cup = (height: number, rimDiameter: number, baseDiameter: number, wall: number, floor: number) =>
  formOf({ family: 'cylinder', manner: { foot: 'flat' } }, 'glazed', { height, rimDiameter, baseDiameter, wall, floor });

const check = (made: Form<'glazed'>) => checkForm(made, (mm) => `${mm} mm`);
const clayMl = (made: Form<'glazed'>) => revolvedMl(sectionOf(outlineOf(made)));

/** A size between half and twice the typical, the whole piece a third to three times as large. */
const factor = (spread: number) => fc.double({ min: -spread, max: spread, noNaN: true }).map(Math.exp);

/** The forms of a family over its whole range, as far as their sizes go together. */
function anyOf(family: FamilyName) {
  const { typical, choices } = FAMILIES[family];
  const names = Object.keys(typical) as SizeName[];
  return fc
    .record({
      whole: factor(1.1),
      each: fc.array(factor(0.7), { minLength: names.length, maxLength: names.length }),
      thicker: fc.option(fc.double({ min: 1, max: 2, noNaN: true }), { nil: undefined }),
      manner: fc.record(Object.fromEntries(choices.map((choice) => [choice, fc.constantFrom(...Object.keys(MANNERS[choice]))]))),
    })
    .map(({ whole, each, thicker, manner }) => {
      const sizes = Object.fromEntries(names.map((name, i) => [name, typical[name]! * whole * each[i]!])) as Given;
      const { wallAtFoot: _, ...others } = sizes;
      const walls = thicker && sizes.wall ? { ...others, wallAtFoot: sizes.wall * thicker } : others;
      return formOf({ family, manner: manner as Manner, knots: FAMILIES[family].knots }, 'glazed', walls);
    })
    .filter((made) => relationFault(made, String) === undefined);
}

const anyForm = fc.constantFrom(...FAMILY_NAMES).chain(anyOf);

describe('volumes', () => {
  it('of a cylinder, a cone and a sphere of many sides', () => {
    const box = [
      { r: 0, z: 0 },
      { r: 50, z: 0 },
      { r: 50, z: 100 },
      { r: 0, z: 100 },
    ];
    expect(revolvedMl(box)).toBeCloseTo((Math.PI * 2500 * 100) / 1000, 8);
    expect(revolvedMl([box[0]!, box[1]!, box[3]!])).toBeCloseTo((Math.PI * 2500 * 100) / 3000, 8);
    const arc = Array.from({ length: 721 }, (_, i) => ({ r: 40 * Math.sin((Math.PI * i) / 720), z: -40 * Math.cos((Math.PI * i) / 720) }));
    expect(revolvedMl(arc)).toBeCloseTo((4 / 3) * Math.PI * 64, 2);
    expect(revolvedCm2(arc)).toBeCloseTo(4 * Math.PI * 16, 2);
  });

  it('do not depend on where the outline starts or which way it runs', () => {
    const section = sectionOf(outlineOf(form('jar')));
    const volume = revolvedMl(section);
    expect(revolvedMl(section.toReversed())).toBeCloseTo(volume, 9);
    expect(revolvedMl([...section.slice(2), ...section.slice(0, 2)])).toBeCloseTo(volume, 9);
  });

  it('of a cup equal the frustum outside less the frustum inside', () => {
    fc.assert(
      fc.property(anyOf('cylinder'), (made) => {
        fc.pre(made.manner.foot === 'flat' && made.sizes.wallAtFoot === undefined);
        const { height, rimDiameter, baseDiameter, wall, floor } = made.sizes as Required<typeof made.sizes>;
        const lean = (rimDiameter - baseDiameter) / 2;
        const across = (wall * Math.hypot(height, lean)) / height;
        const inner = (z: number) => baseDiameter / 2 + (lean * z) / height - across;
        const inside = frustumMl(inner(floor), inner(height), height - floor);
        expect(holdsMl(made) / inside).toBeCloseTo(1, 8);
        expect(clayMl(made) / (frustumMl(baseDiameter / 2, rimDiameter / 2, height) - inside)).toBeCloseTo(1, 6);
      }),
      { seed: 31 },
    );
  });

  it('of a round bowl whose sizes follow a circle are those of a sphere cut twice', () => {
    const [start, end] = BOWL_ARCS.round.map((degrees) => (degrees * Math.PI) / 180) as [number, number];
    const R = 120;
    const low = R * (1 - Math.cos(start));
    const high = R * (1 - Math.cos(end));
    const made = form(
      'bowl',
      { height: high - low, rimDiameter: 2 * R * Math.sin(end), baseDiameter: 2 * R * Math.sin(start), wall: 5, wallAtFoot: 5, floor: 6 },
      { curve: 'round', foot: 'flat' },
    );
    const zone = (radius: number, from: number, to: number) => (Math.PI * (radius ** 2 * (to - from) - (to ** 3 - from ** 3) / 3)) / 1000;
    const outside = zone(R, low - R, 0);
    // the inside is the sphere 5 mm smaller, from the top of the floor to the rim's plane
    const inside = zone(R - 5, low + 6 - R, 0);
    expect(holdsMl(made) / inside).toBeCloseTo(1, 3);
    expect(clayMl(made) / (outside - inside)).toBeCloseTo(1, 2);
  });

  it('of a foot ring are those of a ring: pi (R^2 - r^2) h less in the hollow than left flat', () => {
    const flat = cup(120, 92, 84, 5, 6);
    const ring = formOf({ family: 'cylinder', manner: { foot: 'ring' } }, 'glazed', {
      height: 125,
      rimDiameter: 92,
      baseDiameter: 84,
      wall: 5,
      floor: 6,
      footHeight: 5,
      footWidth: 7,
    });
    expect(outlineOf(ring).inside.at(-1)!.z).toBe(11);
    const hollow = (Math.PI * 35 ** 2 * 5) / 1000;
    const solid = formOf({ family: 'cylinder', manner: { foot: 'flat' } }, 'glazed', { ...ring.sizes, floor: 11 });
    expect(clayMl(solid) - clayMl(ring)).toBeCloseTo(hollow, 9);
    expect(clayMl(ring)).toBeGreaterThan(clayMl(flat));
  });

  it('of a torus, by Pappus: a round ring about the axis', () => {
    const ring = Array.from({ length: 2000 }, (_, i) => ({
      r: 40 + 6 * Math.cos((i * Math.PI) / 1000),
      z: 6 * Math.sin((i * Math.PI) / 1000),
    }));
    expect(revolvedMl(ring)).toBeCloseTo((2 * Math.PI ** 2 * 40 * 36) / 1000, 3);
  });

  it('of a disc and of a plate without a lean are plain geometry', () => {
    expect(clayMl(form('disc', { rimDiameter: 200, height: 12 }))).toBeCloseTo((Math.PI * 100 ** 2 * 12) / 1000, 9);
    const plate = form('plate', {}, { foot: 'flat' });
    const { rimDiameter, rimWidth, height, floor } = plate.sizes as Required<typeof plate.sizes>;
    expect(holdsMl(plate)).toBeCloseTo(frustumMl(rimDiameter / 2 - rimWidth, rimDiameter / 2, height - floor), 6);
  });

  it.each(FAMILY_NAMES)('of a %s grow with the cube when everything grows', (family) => {
    fc.assert(
      fc.property(anyOf(family), fc.double({ min: 0.4, max: 2, noNaN: true }), (made, f) => {
        const larger = formOf(made, 'glazed', Object.fromEntries(Object.entries(made.sizes).map(([name, mm]) => [name, mm! * f])) as Given);
        expect(clayMl(larger) / clayMl(made)).toBeCloseTo(f ** 3, 5);
        expect(holdsMl(larger)).toBeCloseTo(holdsMl(made) * f ** 3, 2 - Math.ceil(Math.log10(1 + holdsMl(made))));
        expect(measuresOf(outlineOf(larger)).outsideCm2 / measuresOf(outlineOf(made)).outsideCm2).toBeCloseTo(f ** 2, 5);
        expect(revolvedMl(stretch(sectionOf(outlineOf(made)), f, f)) / clayMl(made)).toBeCloseTo(f ** 3, 8);
      }),
      { seed: 32, numRuns: 25 },
    );
  });

  it('to a fill line grow from nothing to the brim', () => {
    fc.assert(
      fc.property(anyForm, fc.double({ min: 0, max: 1, noNaN: true }), fc.double({ min: 0, max: 1, noNaN: true }), (made, a, b) => {
        const { inside } = outlineOf(made);
        const deep = inside[0]!.z - inside.at(-1)!.z;
        const [less, more] = [Math.max(a, b), Math.min(a, b)].map((share) => holdsMl(made, deep * share)) as [number, number];
        expect(less).toBeLessThanOrEqual(more + 1e-9);
        expect(more).toBeLessThanOrEqual(holdsMl(made) + 1e-9);
        expect(holdsMl(made, deep)).toBeCloseTo(0, 6);
      }),
      { seed: 33 },
    );
  });

  it('to half the depth of a straight cup are half', () => {
    const made = cup(106, 80, 80, 4, 6);
    expect(holdsMl(made, 50)).toBeCloseTo(holdsMl(made) / 2, 8);
    expect(filledMl(outlineOf(made).inside, 6)).toBe(0);
  });
});

/** Volume by a fine mesh, counted apart from the section's integral: thin rings, each as wide as points say. */
function meshMl(inside: (r: number, z: number) => boolean, radius: number, height: number, cells: number): number {
  let ml = 0;
  const [dr, dz] = [radius / cells, height / cells];
  for (let i = 0; i < cells; i += 1) {
    for (let j = 0; j < cells; j += 1) {
      const [r, z] = [(i + 0.5) * dr, (j + 0.5) * dz];
      if (inside(r, z)) ml += (2 * Math.PI * r * dr * dz) / 1000;
    }
  }
  return ml;
}

/** Whether a point lies within a closed section: a ray to the right crosses it an odd number of times. */
function isWithin(section: readonly { r: number; z: number }[], r: number, z: number): boolean {
  let odd = false;
  section.forEach((a, i) => {
    const b = section[(i + 1) % section.length]!;
    if (a.z > z !== b.z > z && r < a.r + ((b.r - a.r) * (z - a.z)) / (b.z - a.z)) odd = !odd;
  });
  return odd;
}

describe('an own profile', () => {
  const urn: Knot[] = [
    { r: 0.7, z: 0, corner: true },
    { r: 1.3, z: 0.4 },
    { r: 0.8, z: 0.8, corner: true },
    { r: 1, z: 1, corner: true },
  ];

  it.each([
    ['the example', FAMILIES.profile.knots!],
    ['an urn with a corner', urn],
    [
      'a cone',
      [
        { r: 0.5, z: 0, corner: true },
        { r: 1, z: 1, corner: true },
      ],
    ],
  ])('measures the same as a fine mesh: %s', (_, knots) => {
    const made = form('profile', {}, { foot: 'flat' }, knots);
    const section = sectionOf(outlineOf(made));
    const radius = Math.max(...section.map(({ r }) => r));
    const mesh = meshMl((r, z) => isWithin(section, r, z), radius, 180, 900);
    expect(clayMl(made) / mesh).toBeGreaterThan(0.998);
    expect(clayMl(made) / mesh).toBeLessThan(1.002);
  });

  it('of two corners is the tapered cup', () => {
    const drawn = form('profile', { height: 120, rimDiameter: 92, wall: 4.6, wallAtFoot: 4.6, floor: 6.4 }, { foot: 'flat' }, [
      { r: 84 / 92, z: 0, corner: true },
      { r: 1, z: 1, corner: true },
    ]);
    const plain = cup(120, 92, 84, 4.6, 6.4);
    expect(holdsMl(drawn)).toBeCloseTo(holdsMl(plain), 9);
    expect(clayMl(drawn)).toBeCloseTo(clayMl(plain), 9);
  });

  it('passes every point it was given', () => {
    const { side } = outlineOf(form('profile', {}, { foot: 'flat' }, urn));
    for (const { r, z } of urn) expect(radiusAt(side, z * 180)).toBeCloseTo(r * 55, 6);
  });

  it('that folds over itself is refused', () => {
    const folded = [
      { r: 0.8, z: 0, corner: true },
      { r: 1.4, z: 0.8, corner: true },
      { r: 0.3, z: 0.3, corner: true },
      { r: 1.6, z: 0.5, corner: true },
      { r: 1, z: 1, corner: true },
    ];
    const checked = check(form('profile', {}, { foot: 'flat' }, folded));
    expect(checked.ok ? '' : checked.problem.message).toMatch(/crosses itself/);
  });
});

describe('the outline', () => {
  it.each(FAMILY_NAMES)('of a %s is accepted over the whole range of its sizes', (family) => {
    fc.assert(
      fc.property(anyOf(family), (made) => {
        const checked = check(made);
        expect(checked.ok ? '' : checked.problem.message).toBe('');
      }),
      { seed: 34, numRuns: 120 },
    );
  });

  it.each(FAMILY_NAMES)('of a typical %s can be made and has the sizes it was given', (family) => {
    const made = form(family);
    expect(check(made).ok).toBe(true);
    const { side, inside } = outlineOf(made);
    expect(Math.max(...side.map(({ z }) => z), inside[0]!.z)).toBeCloseTo(made.sizes.height, 9);
    expect(2 * side.at(-1)!.r).toBeCloseTo(made.sizes.rimDiameter, 9);
    if (made.sizes.bellyDiameter) expect(2 * Math.max(...side.map(({ r }) => r))).toBeCloseTo(made.sizes.bellyDiameter, 1);
  });

  it('measures the wall square to the surface and the floor along the axis', () => {
    const made = cup(100, 180, 80, 5, 6);
    const { inside } = outlineOf(made);
    const inner = radiusAt(inside, 50);
    expect(((65 - inner) * 100) / Math.hypot(50, 100)).toBeCloseTo(5, 9);
    expect(inside.at(-1)).toEqual({ r: 0, z: 6 });
  });

  it('thickens towards the foot', () => {
    const made = formOf({ family: 'cylinder', manner: { foot: 'flat' } }, 'glazed', {
      height: 200,
      rimDiameter: 100,
      baseDiameter: 100,
      wall: 4,
      wallAtFoot: 10,
      floor: 8,
    });
    const { inside } = outlineOf(made);
    expect(50 - radiusAt(inside, 200)).toBeCloseTo(4, 6);
    expect(50 - radiusAt(inside, 100)).toBeCloseTo(7, 2);
  });

  it('has a ledge as wide and as deep as the gallery', () => {
    const { inside } = outlineOf(form('jar'));
    const [rim, ledge, edge] = inside;
    expect(rim!.z - ledge!.z).toBeCloseTo(7, 9);
    expect(ledge!.r - edge!.r).toBeCloseTo(6, 9);
    expect(clayMl(form('jar'))).toBeGreaterThan(clayMl(form('jar', {}, { mouth: 'plain', foot: 'flat' })));
  });

  it('that crosses itself, leaves the axis or turns inside out is refused', () => {
    const good = outlineOf(cup(100, 80, 70, 5, 6));
    const fault = (change: Partial<typeof good>) => outlineFault({ ...good, ...change }, 5, String);
    expect(outlineFault(good, 5, String)).toBeUndefined();
    expect(
      fault({
        inside: [
          { r: 35, z: 100 },
          { r: 60, z: 50 },
          { r: 30, z: 6 },
          { r: 0, z: 6 },
        ],
      }),
    ).toMatch(/crosses itself/);
    expect(
      fault({
        inside: [
          { r: 35, z: 100 },
          { r: -5, z: 50 },
          { r: 30, z: 6 },
          { r: 0, z: 6 },
        ],
      }),
    ).toMatch(/goes outside the piece|crosses/);
    expect(fault({ side: good.inside.toReversed(), inside: good.side.toReversed(), under: [] })).toBeDefined();
    expect(
      fault({
        inside: [
          { r: 35, z: 100 },
          { r: 37.5, z: 50 },
          { r: 30, z: 6 },
          { r: 0, z: 6 },
        ],
      }),
    ).toMatch(/only .* thick/);
  });
});

describe('what cannot be made', () => {
  it.each<[Form<'glazed'>, string, RegExp]>([
    [cup(120, 92, 84, 50, 6), 'wall', /thicker than the piece is wide inside. Make it less than 4\d/],
    [cup(120, 92, 84, 4, 120), 'floor', /would reach the rim/],
    [cup(20, 300, 84, 4, 6), 'rimDiameter', /lean \d+ degrees/],
    [cup(3200, 92, 84, 4, 6), 'height', /largest allowed is 3000 mm/],
    [cup(0, 92, 84, 4, 6), 'height', /above zero/],
    [cup(NaN, 92, 84, 4, 6), 'height', /above zero/],
    [form('bowl', { rimDiameter: 66 }), 'rimDiameter', /A bowl opens/],
    [form('bowl', { footWidth: 40 }), 'footWidth', /leaves no hollow/],
    [form('plate', { height: 12 }), 'height', /lie flat/],
    [form('plate', { rimWidth: 130 }), 'rimWidth', /leaves no well/],
    [form('jar', { collarHeight: 12 }), 'collarHeight', /gallery like this needs a collar/],
    [form('jar', { bellyHeight: 126 }), 'bellyHeight', /flat enough to slump/],
    [form('bottle', { shoulderHeight: 215 }), 'shoulderHeight', /leave no neck/],
    [form('flared', { rimDiameter: 140 }), 'lipHeight', /degrees from upright/],
    [form('disc', { height: 400 }), 'height', /A disc is flat/],
  ])('is refused with the size, case %#', (made, path, message) => {
    const checked = check(made);
    expect(checked.ok).toBe(false);
    if (checked.ok) return;
    expect(checked.problem.path).toBe(path);
    expect(checked.problem.message).toMatch(message);
  });

  it('names a wall that would do', () => {
    const checked = check(cup(120, 92, 84, 60, 6));
    const most = Number(/less than ([\d.]+) mm/.exec(checked.ok ? '' : checked.problem.message)?.[1]);
    expect(check(cup(120, 92, 84, most * 0.999, 6)).ok).toBe(true);
    expect(check(cup(120, 92, 84, most * 1.001, 6)).ok).toBe(false);
  });

  it('keeps thicknesses and details when a piece is scaled', () => {
    const staying = Object.keys(FAMILIES.jar.typical).filter((name) => sizeSpec(name as SizeName).stays);
    expect(staying).toEqual(['galleryWidth', 'galleryDepth', 'wall', 'floor', 'footHeight', 'footWidth']);
  });
});
