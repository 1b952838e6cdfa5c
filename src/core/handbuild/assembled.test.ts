import { FAMILIES, type FamilyName, type Form, type SizeName, formOf, outlineOf } from '@/core/form';
import { describe, expect, it } from 'vitest';
import { type Flat, assembled, planAt } from '.';

type Corner = readonly [x: number, y: number, z: number];

const form = (family: FamilyName, sizes: Partial<Record<SizeName, number>> = {}): Form<'glazed'> =>
  formOf({ family, manner: { ...FAMILIES[family].manner, foot: 'flat' }, knots: undefined }, 'glazed', {
    ...FAMILIES[family].typical,
    ...sizes,
  });

const degrees = (of: number) => (of * Math.PI) / 180;
/** Turned by 32 degrees about the axis, then looked at from 24 degrees above: x to the right, y down. */
function projected([x, y, z]: Corner): Flat {
  const [turn, above] = [degrees(32), degrees(24)];
  const [right, away] = [x * Math.cos(turn) - y * Math.sin(turn), x * Math.sin(turn) + y * Math.cos(turn)];
  return { x: right, y: -(away * Math.sin(above) + z * Math.cos(above)) };
}
/** Twice the area a row of places goes round, with its sense. */
const sense = (places: readonly Flat[]): number =>
  places.reduce((sum, a, i) => {
    const b = places[(i + 1) % places.length]!;
    return sum + a.x * b.y - b.x * a.y;
  }, 0);

const named = (points: readonly Flat[]): string => {
  const ends = points.map(({ x, y }) => `${x.toFixed(3)},${y.toFixed(3)}`.replaceAll('-0.000', '0.000'));
  return ends.toSorted().join(' ');
};
const middle = ([a, b]: readonly Flat[]): Flat => ({ x: (a!.x + b!.x) / 2, y: (a!.y + b!.y) / 2 });
const lines = (found: ReturnType<typeof assembled>, kind: string) =>
  found.lines.filter((each) => each.kind === kind).map(({ points }) => points);

describe('a piece of flat or bent sides put together', () => {
  it.each([
    ['box', {}],
    ['box', { rimDiameter: 200, baseDiameter: 120, rimAcross: 90, baseAcross: 130, height: 60 }],
    ['box', { rimDiameter: 60, baseDiameter: 200, rimAcross: 60, baseAcross: 200, height: 40 }],
    ['faceted', {}],
    ['faceted', { rimDiameter: 180, baseDiameter: 80, height: 70 }],
    ['oval', {}],
    ['oval', { rimDiameter: 200, rimAcross: 120, baseDiameter: 120, baseAcross: 70 }],
    ['cylinder', { rimDiameter: 100, baseDiameter: 100 }],
    ['cylinder', { rimDiameter: 140, baseDiameter: 80 }],
    ['tile', {}],
    ['disc', {}],
  ] as const)('%s %#: the edges of the sides that turn this way, its rim and its inside', (family, sizes) => {
    const made = form(family, sizes);
    const solid = family === 'tile' || family === 'disc';
    const found = assembled(made, 8);
    const { height, rimDiameter, baseDiameter = rimDiameter } = made.sizes;
    const plan = outlineOf(made).plan;
    // a round wall has 96 faces; others have those of their plan
    const count = plan?.faces.length ?? 96;
    const round = (diameter: number, z: number): Corner[] => {
      const r = diameter / 2 / Math.cos(Math.PI / count);
      return Array.from({ length: count }, (_, i) => [
        r * Math.cos((2 * Math.PI * (i + 0.5)) / count),
        r * Math.sin((2 * Math.PI * (i + 0.5)) / count),
        z,
      ]);
    };
    const at = (z: number, diameter: number, inside = false): Corner[] =>
      plan ? planAt(plan, z, inside).map(({ x, y }) => [x, y, z]) : round(diameter, z);
    const [low, high] = [at(0, baseDiameter), at(height, rimDiameter)];
    const face = (i: number) => [low[(i + count - 1) % count]!, low[i]!, high[i]!, high[(i + count - 1) % count]!].map(projected);
    // y runs down: a face that turns this way is gone round the other way than from outside
    const here = low.map((_, i) => sense(face(i)) < 0);
    const feet = low.flatMap((each, i) => (here[i] ? [[low[(i + count - 1) % count]!, each].map(projected)] : []));
    const upright = (i: number) => [low[i]!, high[i]!].map(projected);
    const bent = count > 24;
    const corners = low.flatMap((_, i) => {
      const [one, next] = [here[i]!, here[(i + 1) % count]!];
      return (bent ? one !== next : one || next) ? [upright(i)] : [];
    });
    const edges = lines(found, 'edge').map(named);
    expect(edges).toHaveLength(1 + feet.length + (bent ? corners.length : 0));
    expect(edges[0]).toBe(named([...high, high[0]!].map(projected)));
    for (const foot of feet) expect(edges).toContain(named(foot));
    const joins = lines(found, 'join').map(named);
    if (bent) {
      for (const corner of corners) expect(edges).toContain(named(corner));
      expect(joins).toHaveLength(solid ? 0 : 1);
    } else expect(joins.toSorted()).toEqual(corners.map(named).toSorted());
    const inner = plan ? at(height, rimDiameter, true) : round(rimDiameter - 2 * (made.sizes.wall ?? 0), height);
    expect(lines(found, 'inside').map(named)).toEqual(solid ? [] : [named([...inner, inner[0]!].map(projected))]);
    // letters stand in the middle of the joins, and of a foot in front
    const marks = (mark: string) => found.marks.filter((each) => each.mark === mark).map((each) => named([each.at]));
    expect(marks('A').toSorted()).toEqual(
      solid
        ? []
        : lines(found, 'join')
            .map((points) => named([middle(points)]))
            .toSorted(),
    );
    expect(marks('B')).toHaveLength(solid ? 0 : 1);
    if (!solid) expect(feet.map((foot) => named([middle(foot)]))).toContain(marks('B')[0]);
    if (!solid && bent) {
      const nearest = Math.max(...feet.flat().map(({ y }) => y));
      expect(found.marks.find(({ mark }) => mark === 'B')!.at.y).toBeGreaterThan(nearest - 0.02 * height);
    }
  });

  it('has the seam of a bent wall where it looks along the short way', () => {
    for (const family of ['oval', 'cylinder'] as const) {
      const made = form(family);
      const [seam] = lines(assembled(made, 8), 'join');
      // the wall's own place of least y, at the rim
      const across = made.sizes.rimAcross ?? made.sizes.rimDiameter;
      const rim = projected([0, -across / 2, made.sizes.height]);
      const end = seam!.reduce((a, b) => (a.y < b.y ? a : b));
      expect(Math.hypot(end.x - rim.x, end.y - rim.y)).toBeLessThan(0.05 * across);
    }
  });
});

describe('a curved wall closed by darts', () => {
  const bowl = form('bowl', { height: 80, rimDiameter: 200, baseDiameter: 90 });
  const { side, inside } = outlineOf(bowl);

  it.each([3, 6, 8, 12])('of %d darts is its rings and sides, with those darts that are in sight', (darts) => {
    const found = assembled(bowl, darts);
    const [rim, within, foot, right, left, ...joins] = found.lines.map(({ points }) => points);
    expect(found.lines.map(({ kind }) => kind)).toEqual(['edge', 'inside', 'edge', 'edge', 'edge', ...joins.map(() => 'join')]);
    // where a place at an angle from the eye is seen: -90 is nearest
    const seen = (r: number, z: number, angle: number): Flat => ({
      x: r * Math.cos(degrees(angle)),
      y: -(r * Math.sin(degrees(angle)) * Math.sin(degrees(24)) + z * Math.cos(degrees(24))),
    });
    const onRing = (points: readonly Flat[], { r, z }: { r: number; z: number }, from: number, to: number) =>
      points.forEach((place, i) => {
        const expected = seen(r, z, from + ((to - from) * i) / (points.length - 1));
        expect([place.x, place.y]).toEqual([expect.closeTo(expected.x, 6), expect.closeTo(expected.y, 6)]);
      });
    expect([rim!.length, within!.length, foot!.length]).toEqual([73, 73, 73]);
    onRing(rim!, side.at(-1)!, 0, 360);
    onRing(within!, inside[0]!, 0, 360);
    onRing(foot!, { r: side[0]!.r, z: 0 }, -180, 0);
    const meridian = (points: readonly Flat[], angle: number) =>
      side.forEach(({ r, z }, i) => {
        const expected = seen(r, z, angle);
        expect([points[i]!.x, points[i]!.y]).toEqual([expect.closeTo(expected.x, 6), expect.closeTo(expected.y, 6)]);
      });
    meridian(right!, 0);
    meridian(left!, 180);
    // all round, each way from the nearest place
    const turns = Array.from({ length: darts }, (_, i) => ((i + 0.5) * 360) / darts - 180).filter((off) => Math.abs(off) < 85);
    expect(joins).toHaveLength(turns.length);
    turns.forEach((off, i) => meridian(joins[i]!, off - 90));
    expect(found.marks).toEqual(joins.map((points) => ({ mark: 'A', at: points[Math.floor(points.length / 2)] })));
  });
});
