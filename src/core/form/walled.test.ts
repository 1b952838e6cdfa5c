import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Point } from './section';
import { FAMILIES, type FamilyName, type Knot, type Manner, type SizeName, checkForm, formOf, outlineOf } from '.';
import { footRadius, unbevelled, walled, withGallery } from './walled';

const form = (
  family: FamilyName,
  sizes: Partial<Record<SizeName, number>> = {},
  manner: Manner = FAMILIES[family].manner,
  knots: readonly Knot[] | undefined = FAMILIES[family].knots,
) => formOf({ family, manner, knots }, 'glazed', { ...FAMILIES[family].typical, ...sizes });

const check = (made: ReturnType<typeof form>) => checkForm(made, (mm) => `${mm} mm`);

describe('a wall laid inside its outside', () => {
  it('ends a wall that lies too flat in an upright edge as high as the piece: w / sin of its lean above its outside', () => {
    const lies = walled(
      [
        { r: 30, z: 0 },
        { r: 130, z: 30 },
      ],
      { wall: 5, wallAtFoot: 5, floor: 6 },
    );
    const edge = lies.side.at(-1)!;
    expect(lies.inside[0]).toEqual({ r: expect.closeTo(130, 9) as number, z: expect.closeTo(30, 6) as number });
    expect(edge.z).toBeCloseTo(30 - 5 / Math.sin(Math.atan2(100, edge.z)), 6);
    // steeper, it ends level with the rim: w / cos of its lean further in
    const stands = walled(
      [
        { r: 40, z: 0 },
        { r: 60, z: 90 },
      ],
      { wall: 5, wallAtFoot: 5, floor: 6 },
    );
    expect(stands.inside[0]!.z).toBeCloseTo(90, 9);
    expect(stands.inside[0]!.r).toBeCloseTo(60 - 5 / Math.cos(Math.atan2(20, 90)), 6);
  });

  it('of a bowl is round unless another curve is chosen', () => {
    const line = (curve?: Manner['curve']) => outlineOf(form('bowl', {}, { foot: 'flat', ...(curve && { curve }) })).side;
    expect(line()).toEqual(line('round'));
    expect(line('deep')).not.toEqual(line('round'));
    expect(line('shallow')).not.toEqual(line('round'));
  });

  it('names a foot ring that would do under a profile, whose foot is its first point', () => {
    const knots = [
      { r: 0.6, z: 0 },
      { r: 1, z: 0.5 },
      { r: 1, z: 1 },
    ];
    const ringed = (footWidth: number) =>
      check(form('profile', { height: 90, rimDiameter: 100, footWidth, footHeight: 4, wall: 5, wallAtFoot: 5 }, { foot: 'ring' }, knots));
    // 60 wide at the foot: two fifths of it
    const wide = ringed(24.5);
    expect(wide).toMatchObject({
      ok: false,
      problem: { path: 'footWidth', message: expect.stringMatching(/Make it less than 24(\.0+)?\d* mm/) },
    });
    expect(ringed(23.5).ok).toBe(true);
    // 45 degrees inwards over a ring 4 high: 5.2 wide at least
    const inwards = [
      { r: 0.9, z: 0 },
      { r: 0.7, z: 0.2 },
      { r: 0.8, z: 1 },
    ];
    const drawn = (footWidth: number) =>
      check(
        form(
          'profile',
          { height: 50, rimDiameter: 100, footWidth, footHeight: 4, wall: 4, wallAtFoot: 4, floor: 5 },
          { foot: 'ring' },
          inwards,
        ),
      );
    expect(drawn(5)).toMatchObject({
      ok: false,
      problem: { path: 'footWidth', message: expect.stringContaining('turns in above the foot ring') },
    });
  });
});

describe('a plate', () => {
  const outline = (foot: 'flat' | 'ring', sizes: Partial<Record<SizeName, number>> = {}) => outlineOf(form('plate', sizes, { foot }));
  // 270 across and 27 high, a rim 42 wide, 6 thick; a floor of 7 over a ring 5 high
  const slope = (z: number) => (27 - z) / 42;

  it('has its rim straight from the edge to the well, and its floor level from there', () => {
    expect(outline('ring').inside).toEqual([
      { r: 135, z: 27 },
      { r: 93, z: 12 },
      { r: 0, z: 12 },
    ]);
    expect(outline('flat').inside[1]).toEqual({ r: 93, z: 7 });
  });

  it('on a ring: the rim as thick as asked, square to it, from its edge to where it leaves the well’s underside', () => {
    const { side, under } = outline('ring');
    expect(under).toEqual([
      { r: 0, z: 5 },
      { r: 67, z: 5 },
      { r: 67, z: 0 },
    ]);
    expect(side.slice(0, 2)).toEqual([
      { r: 75, z: 0 },
      { r: 75, z: 5 },
    ]);
    const [leaves, edge] = [side[2]!, side[3]!];
    expect(side).toHaveLength(4);
    expect([leaves.z, edge.r]).toEqual([5, 135]);
    expect((edge.z - leaves.z) / (edge.r - leaves.r)).toBeCloseTo(slope(12), 9);
    // how far the underside lies from the line through edge and well
    const apart = (p: { r: number; z: number }) => (27 - p.z - slope(12) * (135 - p.r)) / Math.hypot(1, slope(12));
    expect(apart(edge)).toBeCloseTo(6, 9);
    expect(apart(leaves)).toBeCloseTo(6, 9);
  });

  it('on a ring as wide as where its rim leaves goes straight on up', () => {
    const { side } = outline('ring');
    const wide = outline('ring', { baseDiameter: 2 * side[2]!.r }).side;
    expect(wide).toHaveLength(3);
    expect(wide[1]!.r).toBeCloseTo(side[2]!.r, 9);
  });

  it('on a flat foot has its rim as thick as asked too, from square below the edge of the well', () => {
    const { side, under } = outline('flat');
    const [foot, below, edge] = side as [Point, Point, Point];
    expect(side).toHaveLength(3);
    expect(under).toEqual([{ r: 0, z: 0 }]);
    expect(foot).toEqual({ r: 75, z: 0 });
    expect(Math.hypot(93 - below.r, 7 - below.z)).toBeCloseTo(6, 9);
    const apart = (p: Point) => (27 - p.z - slope(7) * (135 - p.r)) / Math.hypot(1, slope(7));
    expect([apart(edge), apart(below)]).toEqual([expect.closeTo(6, 9), expect.closeTo(6, 9)]);
    // a foot that stands out under the rim goes straight up to it
    const wide = outline('flat', { baseDiameter: 200 }).side;
    expect(wide.map(({ r }) => r)).toEqual([100, 100, 135]);
    expect(apart(wide[1]!)).toBeCloseTo(6, 9);
  });
});

describe('a bevel', () => {
  const side = [
    { r: 40, z: 0 },
    { r: 44, z: 20 },
    { r: 50, z: 90 },
  ];
  const walls = { wall: 6, wallAtFoot: 6, floor: 8 };

  it('cuts the foot’s edge off at 45 degrees and is put back by undoing it', () => {
    const [plain, cut] = [walled(side, walls), walled(side, { ...walls, bevel: 5 })];
    expect(cut.under).toEqual([
      { r: 0, z: 0 },
      { r: 35, z: 0 },
    ]);
    expect(cut.side).toEqual([{ r: 41, z: 5 }, ...side.slice(1)]);
    expect(cut.inside).toEqual(plain.inside);
    expect(footRadius(cut)).toBeCloseTo(40, 9);
    expect(unbevelled(cut)).toEqual({ ...cut, under: plain.under, side: [{ r: 40, z: 0 }, ...cut.side] });
    expect(unbevelled(plain)).toEqual(plain);
    expect(footRadius(plain)).toBe(40);
    // as high as a point of the side: from there on
    expect(walled(side, { ...walls, bevel: 20 }).side).toEqual(side.slice(1));
  });
});

describe('an inside cut at floor and rim', () => {
  it('stands level with the floor where the wall meets it, whatever the wall', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 20, max: 60 }),
        fc.integer({ min: 20, max: 120 }),
        fc.integer({ min: 60, max: 200 }),
        fc.integer({ min: 3, max: 8 }),
        fc.integer({ min: 3, max: 8 }),
        fc.integer({ min: 4, max: 14 }),
        (base, rim, height, wall, wallAtFoot, floor) => {
          const line = [
            { r: base, z: 0 },
            { r: rim, z: height },
          ];
          const { inside, under } = walled(line, { wall, wallAtFoot, floor });
          const [lean, length] = [Math.atan2(rim - base, height), Math.hypot(rim - base, height)];
          expect(under).toEqual([{ r: 0, z: 0 }]);
          expect(inside.at(-1)).toEqual({ r: 0, z: floor });
          expect(inside.at(-2)!.z).toBeCloseTo(floor, 9);
          if (Math.cos(lean) < 0.5) return;
          expect(inside[0]!.z).toBeCloseTo(height, 9);
          // the inside is straight: square to the outside it is as thick at both ends as asked
          const [a, b] = [inside[0]!, inside.at(-2)!];
          const apart = (p: { r: number; z: number }) => (p.z * (rim - base) - (p.r - base) * height) / length;
          const along = (p: { r: number; z: number }) => ((p.r - base) * (rim - base) + p.z * height) / length / length;
          for (const p of [a, b]) expect(apart(p)).toBeCloseTo(wallAtFoot + (wall - wallAtFoot) * along(p), 9);
        },
      ),
      { numRuns: 60, seed: 45 },
    );
  });

  it('leads down to the floor where the wall lies flat', () => {
    const { inside } = walled(
      [
        { r: 30, z: 0 },
        { r: 90, z: 12 },
        { r: 95, z: 60 },
      ],
      { wall: 4, wallAtFoot: 4, floor: 3 },
    );
    expect(inside.at(-1)).toEqual({ r: 0, z: 3 });
    // the first step lies at 11 degrees: the inside begins square to its end, above the floor
    expect(inside.at(-2)!.z).toBeGreaterThan(3);
    expect(inside.at(-2)!.r).toBeCloseTo(30 - (4 * 12) / Math.hypot(60, 12), 6);
    expect(inside.at(-2)!.z).toBeCloseTo((4 * 60) / Math.hypot(60, 12), 6);
  });

  it('has its gallery under the rim: a ledge as wide and as deep as asked, an edge, and 45 degrees back to the wall', () => {
    const plain = walled(
      [
        { r: 50, z: 0 },
        { r: 50, z: 100 },
      ],
      { wall: 5, wallAtFoot: 5, floor: 6 },
    );
    expect(withGallery(plain, 4, 7, 3).inside).toEqual([
      { r: 45, z: 100 },
      { r: 45, z: 93 },
      { r: 41, z: 93 },
      { r: 41, z: 90 },
      { r: expect.closeTo(45, 9), z: expect.closeTo(86, 9) },
      { r: expect.closeTo(45, 9), z: 6 },
      { r: 0, z: 6 },
    ]);
  });
});
