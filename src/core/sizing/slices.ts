import { type Line, type Outline, along, between, nearestOn, revolvedMl } from '@/core/form';
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
 * The wall in slices from floor to rim, cut square to it: from places evenly along its outside to the nearest inside. A slice's
 * thickness is its volume over the length and the girth of its mid-line (Pappus); together they are exactly the wall.
 */
export function slicesOf(outer: Line, inner: Line): Slice[] {
  const outside = along(outer);
  const within = inner.toReversed();
  const cuts = Array.from({ length: SLICES + 1 }, (_, i) => {
    const out = outside(i / SLICES);
    return { out, in: i === 0 ? within[0]! : i === SLICES ? within.at(-1)! : nearestOn(within, out).point };
  });
  const slices = cuts.slice(1).map((b, i): Slice => {
    const a = cuts[i]!;
    const [from, to] = [between(a.out, a.in, 0.5), between(b.out, b.in, 0.5)];
    const length = Math.hypot(to.r - from.r, to.z - from.z);
    const radius = (from.r + to.r) / 2;
    const volume = revolvedMl([a.out, b.out, b.in, a.in]) * 1000;
    return { radius, z: (from.z + to.z) / 2, length, thick: length > 0 ? volume / (2 * Math.PI * radius * length) : 0 };
  });
  return ofVolume(slices, revolvedMl([...outer, ...inner]) * 1000);
}

const volumeOf = (slices: readonly Slice[]): number =>
  slices.reduce((all, { radius, length, thick }) => all + 2 * Math.PI * radius * length * thick, 0);

/** The same slices, all thicker or thinner by one factor, of a volume in mm3. */
function ofVolume(slices: readonly Slice[], mm3: number): Slice[] {
  const factor = mm3 / volumeOf(slices);
  return slices.map((slice) => ({ ...slice, thick: slice.thick * factor }));
}

/** What steps in thickness, such as a gallery or the end of a trimming allowance, is spread along so much of the wall. */
const SPREAD = 0.1;

/**
 * The wall as a hand pulls it: its thickness runs smoothly, its volume is kept (how-it-computes.md, Steps at the wheel). A slice becomes as thick
 * as the clay near it over the wall near it, the nearest counting most; near an end less far, so that the ends keep their own.
 */
export function smoothed(slices: readonly Slice[]): Slice[] {
  let from = 0;
  const placed = slices.map(({ radius, length, thick }) => {
    const middle = from + length / 2;
    from += length;
    const area = radius * length;
    return { middle, area, clay: area * thick };
  });
  const whole = (from * SPREAD) / 2;
  const even = slices.map((slice, i) => {
    const { middle } = placed[i]!;
    const reach = Math.max(whole / 3, Math.min(whole, middle, from - middle));
    let [area, clay] = [0, 0];
    for (const near of placed) {
      const weight = 1 - Math.abs(near.middle - middle) / reach;
      if (weight <= 0) continue;
      area += weight * near.area;
      clay += weight * near.clay;
    }
    return { ...slice, thick: clay / area };
  });
  return ofVolume(even, volumeOf(slices));
}

/** The wall of a piece from its floor up, in slices, and where the floor's top lies, mm. */
export function wallSlices(outline: Outline): { readonly slices: readonly Slice[]; readonly floorTop: number } {
  const { outer, inner, floorTop } = partedAtFloor(outline);
  return { slices: slicesOf(outer, inner), floorTop };
}
