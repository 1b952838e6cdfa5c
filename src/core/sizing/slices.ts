import { type Line, type Outline, along, revolvedMl } from '@/core/form';
import { partedAtFloor } from './thrown';

const SLICES = 60;

/** A piece of the wall between two heights: its mean radius, the height of its middle, its length along the wall and its thickness. mm */
export interface Slice {
  readonly radius: number;
  readonly z: number;
  readonly length: number;
  readonly thick: number;
}

/**
 * The wall in slices, each between equal shares of its outside and its inside, floor to rim. A slice's thickness is its
 * volume over the length and the girth of its mid-line (Pappus), so that together they are exactly the wall.
 */
export function slicesOf(outer: Line, inner: Line): Slice[] {
  const [outside, inside] = [along(outer), along(inner.toReversed())];
  const cuts = Array.from({ length: SLICES + 1 }, (_, i) => ({ out: outside(i / SLICES), in: inside(i / SLICES) }));
  return cuts.slice(1).map((b, i) => {
    const a = cuts[i]!;
    const volume = revolvedMl([a.out, b.out, b.in, a.in]) * 1000;
    const [from, to] = [a, b].map(({ out, in: within }) => ({ r: (out.r + within.r) / 2, z: (out.z + within.z) / 2 })) as [
      { r: number; z: number },
      { r: number; z: number },
    ];
    const length = Math.hypot(to.r - from.r, to.z - from.z);
    const radius = (from.r + to.r) / 2;
    return { radius, z: (from.z + to.z) / 2, length, thick: length > 0 ? volume / (2 * Math.PI * radius * length) : 0 };
  });
}

/** The wall of a piece from its floor up, in slices, and where the floor's top lies, mm. */
export function wallSlices(outline: Outline): { readonly slices: readonly Slice[]; readonly floorTop: number } {
  const { outer, inner, floorTop } = partedAtFloor(outline);
  return { slices: slicesOf(outer, inner), floorTop };
}
