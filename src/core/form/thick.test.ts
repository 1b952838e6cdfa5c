import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  FAMILIES,
  type FamilyName,
  type Form,
  type Knot,
  type Line,
  type Point,
  type SizeName,
  checkForm,
  formOf,
  highest,
  outlineOf,
  sectionOf,
} from '.';

/** Whether a place lies within a closed line, by counting crossings. */
function within(closed: Line, { r, z }: Point): boolean {
  let inside = false;
  closed.forEach((b, i) => {
    const a = closed.at(i - 1)!;
    if (a.z > z !== b.z > z && r < ((b.r - a.r) * (z - a.z)) / (b.z - a.z) + a.r) inside = !inside;
  });
  return inside;
}

/** The distance of a place to a line, and the step that is nearest. */
function nearest(line: Line, { r, z }: Point): { readonly mm: number; readonly step: number } {
  let found = { mm: Infinity, step: 0 };
  for (let step = 1; step < line.length; step += 1) {
    const [a, b] = [line[step - 1]!, line[step]!];
    const [dr, dz] = [b.r - a.r, b.z - a.z];
    const share = Math.min(1, Math.max(0, ((r - a.r) * dr + (z - a.z) * dz) / (dr * dr + dz * dz || 1)));
    const mm = Math.hypot(a.r + dr * share - r, a.z + dz * share - z);
    if (mm < found.mm) found = { mm, step };
  }
  return found;
}

/** Nearer to an edge of the clay than this nothing is asked: both ways are right to it. mm */
const EDGE = 0.06;

/**
 * Whether a place is clay, told a second way: below the floor's top, or nearer to the outside than the wall is thick. The outside goes on
 * beyond the rim, where the piece is cut: level, or upright where it leans flat. Undefined too near to an edge to tell.
 */
function isClay(side: Line, wall: number, floor: number, place: Point): boolean | undefined {
  const [before, rim] = [side.at(-2)!, side.at(-1)!];
  const long = Math.hypot(rim.r - before.r, rim.z - before.z);
  const on = { r: Math.max(0, rim.r + ((rim.r - before.r) / long) * 40), z: rim.z + ((rim.z - before.z) / long) * 40 };
  const line = [...side, on];
  const solid = [{ r: 0, z: 0 }, ...line, { r: 0, z: on.z + 40 }];
  const level = (rim.z - before.z) / long >= 0.5;
  const { mm, step } = nearest(line, place);
  const atRim = step >= line.length - 2;
  const cut = level ? place.z - rim.z : atRim ? (rim.r >= before.r ? place.r - rim.r : rim.r - place.r) : -Infinity;
  const edges = [mm, mm - wall, place.z - floor, place.z, cut];
  if (edges.some((each) => Math.abs(each) < EDGE)) return undefined;
  return within(solid, place) && cut < 0 && (place.z < floor || mm < wall);
}

// evenly spread: a double is drawn by its digits, most of them small
const share = (min: number, max: number) => fc.integer({ min: 0, max: 1e6 }).map((n) => min + ((max - min) * n) / 1e6);
const profile = (knots: readonly Knot[], sizes: Partial<Record<SizeName, number>>): Form<'glazed'> =>
  formOf({ family: 'profile', manner: { foot: 'flat' }, knots }, 'glazed', { height: 180, rimDiameter: 110, floor: 8, ...sizes });

const drawn = fc
  .tuple(share(0.5, 1.2), fc.array(fc.tuple(share(0.5, 1.8), share(0.02, 0.98), fc.boolean()), { minLength: 1, maxLength: 5 }), share(3, 9))
  .map(([foot, points, wall]) => {
    const between = points.toSorted((a, b) => a[1] - b[1]).map(([r, z, corner]) => ({ r, z, corner }));
    return { wall, knots: [{ r: foot, z: 0, corner: true }, ...between, { r: 1, z: 1, corner: true }] };
  });

const places = fc.array(fc.tuple(share(0, 1), share(0, 1)), { minLength: 400, maxLength: 400, size: 'max' });

describe('a wall is as thick as it was typed', () => {
  it('in a drawn profile of any bend, with its top at the height typed, or is refused', () => {
    let told = 0;
    fc.assert(
      fc.property(drawn, places, ({ knots, wall }, shares) => {
        const form = profile(knots, { wall, wallAtFoot: wall });
        if (!checkForm(form, String).ok) return;
        const outline = outlineOf(form);
        const section = sectionOf(outline);
        expect(highest(section)).toBeCloseTo(180, 4);
        const wide = Math.max(...section.map(({ r }) => r));
        for (const [r, z] of shares) {
          const place = { r: r * wide, z: z * 180 };
          const clay = isClay(outline.side, wall, 8, place);
          if (clay === undefined) continue;
          told += 1;
          if (within(section, place) !== clay) expect({ place, clay }).toBe('as the outline has it');
        }
      }),
      { seed: 2724, numRuns: 150 },
    );
    expect(told).toBeGreaterThan(30000);
  });

  it('under a flat shoulder the belly is not filled: the yard urn', () => {
    const knots: Knot[] = [
      { r: 0.9, z: 0, corner: true },
      { r: 1.4, z: 0.45 },
      { r: 1.35, z: 0.85, corner: true },
      { r: 1, z: 1, corner: true },
    ];
    const urn = profile(knots, { height: 320, rimDiameter: 200, wall: 8, wallAtFoot: 8, floor: 10 });
    const { inside } = outlineOf(urn);
    expect(highest(inside)).toBeGreaterThan(300);
    expect(Math.max(...inside.map(({ r }) => r))).toBeGreaterThan(125);
  });

  it.each(['cylinder', 'flared', 'bowl', 'plate', 'jar', 'bottle', 'profile', 'disc'] as const)(
    'a %s is as high as was typed',
    (family) => {
      const { typical, manner, knots } = FAMILIES[family as FamilyName];
      fc.assert(
        fc.property(share(0.6, 1.6), share(0.6, 1.6), fc.constantFrom('flat', 'ring'), (across, up, foot) => {
          const sizes = Object.fromEntries(
            Object.entries(typical).map(([name, mm]) => [name, mm * (/height/i.test(name) ? up : /diameter/i.test(name) ? across : 1)]),
          );
          const form: Form<'glazed'> = formOf({ family, manner: { ...manner, foot }, knots }, 'glazed', sizes);
          if (checkForm(form, String).ok) expect(highest(sectionOf(outlineOf(form)))).toBeCloseTo(sizes.height!, 6);
        }),
        { seed: 2725, numRuns: 40 },
      );
    },
  );
});
