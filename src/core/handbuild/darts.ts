import { type Line, type Outline, along, between } from '@/core/form';
import { type Flat, type FlatPart, at, lengthOf } from './flat';

const STEPS = 60;

/** The middle of the clay from the axis along the floor and up the wall, mm. */
export function midLine({ side, inside }: Outline): Line {
  const outer = along([{ r: 0, z: 0 }, ...side]);
  const inner = along(inside.toReversed());
  return Array.from({ length: STEPS + 1 }, (_, i) => between(outer(i / STEPS), inner(i / STEPS), 0.5));
}

/** How far each point of a meridian lies from the axis along the clay, mm. */
export function lengthsFrom(line: Line): number[] {
  const lengths = [line[0]!.r];
  line.slice(1).forEach((to, i) => lengths.push(lengths[i]! + Math.hypot(to.r - line[i]!.r, to.z - line[i]!.z)));
  return lengths;
}

/**
 * A disc with wedges cut out of it, so that what is left closes into a curved wall: at s along the clay from the middle the
 * petals together are as wide as the girth there, 2 pi r, each pi r / (n s) to both sides of its middle.
 */
export function dartedDisc(outline: Outline, darts: number, thickness: number): FlatPart {
  const line = midLine(outline);
  const lengths = lengthsFrom(line);
  const half = line.map(({ r }, i) => (lengths[i]! > 0 ? (Math.PI * r) / (darts * lengths[i]!) : Math.PI / darts));
  // where the floor turns up the wedges begin
  const from = Math.max(
    1,
    half.findIndex((angle) => angle < Math.PI / darts - 1e-6),
  );
  const place = (i: number, turn: number): Flat => at(lengths[i]! * Math.sin(turn), -lengths[i]! * Math.cos(turn));
  const indices = Array.from({ length: line.length - from + 1 }, (_, i) => from - 1 + i);
  const petals = Array.from({ length: darts }, (_, petal) => {
    const middle = (petal * 2 * Math.PI) / darts;
    const left = indices.map((i) => place(i, middle - half[i]!));
    const rim = Array.from({ length: 9 }, (_unused, i) => place(line.length - 1, middle - half.at(-1)! + (half.at(-1)! * 2 * i) / 8));
    const right = indices.map((i) => place(i, middle + half[i]!)).toReversed();
    return { left, right, all: [...left, ...rim.slice(1, -1), ...right] };
  });
  return {
    name: `Disc with ${darts} darts`,
    count: 1,
    outline: petals.flatMap(({ all }) => all),
    lines: [],
    edges: petals.flatMap(({ left, right }) => [left, right].map((edge) => ({ mark: 'A', line: edge, midMm: lengthOf(edge) }))),
    notes: ['Cut the wedges out, score and slip both edges of each, and close them one after the other.'],
    thickness,
  };
}

/** How far a piece's clay reaches from its middle along floor and wall to the rim, mm. */
export const midReach = (outline: Outline): number => lengthsFrom(midLine(outline)).at(-1)!;
