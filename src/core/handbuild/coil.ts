import { type ClayFigures, wetDensity } from '@/core/clay';
import { type Sized, type Slice, wallSlices } from '@/core/sizing';
import { type Result, bad, good } from '@/core/units';

/** How a piece is pinched and coiled. */
export interface CoilChoices {
  /** The share of the clay the base is pinched from, 0 to 1. */
  readonly pinchShare: number;
  /** Height a coil adds along the wall, over its own thickness: the maker's own, 1 until known. */
  readonly gain: number;
  /** Thickness of the coils, wet mm; that of clay conserved unless said. */
  readonly thickness?: number | undefined;
}

export const USUAL_COIL: CoilChoices = { pinchShare: 0.25, gain: 1 };

/** One course of coil, wet mm and g. */
export interface Course {
  /** Where it starts and ends above the table. */
  readonly from: number;
  readonly to: number;
  /** Its length: the girth of the wall's middle there. */
  readonly length: number;
  /** How thick its coil is: as typed, or as the wall there takes it. */
  readonly thickness: number;
  /** What is left of the wall above it is less than a quarter of a coil: squeezed up from this one. */
  readonly squeezed: boolean;
  readonly g: number;
  /** Weight of everything up to its top. */
  readonly soFar: number;
  /** Let what stands firm up before it goes on. */
  readonly pause: boolean;
}

export interface CoilPlan {
  readonly pinch: { readonly g: number; readonly height: number };
  /** Thickness of the coils to roll, wet mm. */
  readonly thickness: number;
  /** The wall that such coils come to on average, wet mm. */
  readonly wall: number;
  readonly courses: readonly Course[];
  readonly totalG: number;
  /** All coils together, mm. */
  readonly length: number;
}

const MM3_PER_ML = 1000;
/** A wall stands so many times its thickness before what is below has to firm. Ours: craft says only that it must. */
export const STANDS_THICKNESSES = 10;

const mlOf = ({ radius, length, thick }: Slice): number => (2 * Math.PI * radius * length * thick) / MM3_PER_ML;

/** The wall as sums from the floor up, to be read at any length along it. */
function measured(slices: readonly Slice[], floorTop: number, rim: number) {
  const rows = [{ s: 0, ml: 0, z: floorTop }];
  slices.forEach((slice, i) => {
    const last = rows.at(-1)!;
    const next = slices[i + 1];
    rows.push({ s: last.s + slice.length, ml: last.ml + mlOf(slice), z: next ? (slice.z + next.z) / 2 : rim });
  });
  const read = (key: 's' | 'ml', value: number) => {
    const i = Math.max(
      1,
      rows.findIndex((row) => row[key] >= value - 1e-12),
    );
    const [a, b] = [rows[i - 1]!, rows[i] ?? rows.at(-1)!];
    const share = b[key] > a[key] ? Math.min(1, Math.max(0, (value - a[key]) / (b[key] - a[key]))) : 1;
    const mix = (from: number, to: number) => from + (to - from) * share;
    return { s: mix(a.s, b.s), ml: mix(a.ml, b.ml), z: mix(a.z, b.z) };
  };
  return { whole: rows.at(-1)!, at: (s: number) => read('s', s), atMl: (ml: number) => read('ml', ml) };
}

const radiusOver = (slices: readonly Slice[], from: number, to: number): number => {
  let [s, area, length] = [0, 0, 0];
  for (const slice of slices) {
    const part = Math.max(0, Math.min(to, s + slice.length) - Math.max(from, s));
    area += slice.radius * part;
    length += part;
    s += slice.length;
  }
  return length > 0 ? area / length : slices.at(-1)!.radius;
};

/** A rest of the wall lower than this share of a coil's rise is squeezed up from the coil below it. */
const SQUEEZED = 0.25;
/** A wall has to rise by this much of its length or a coil finds nothing to lie on. */
const LEAST_RISE = 0.2;

/**
 * A round piece built of a pinched base and coils. Coils as thick as d, each raising the wall by gain d, make a wall of
 * pi d / (4 gain); unless said the coil is 4 gain / pi times the wall, and each course takes the clay the wall there has. With a
 * thickness typed every coil is that thick and the clay is what such coils weigh. Each course is as long as the girth of the wall's
 * middle where it lies. Refused where the wall lies flat or runs down: a coil cannot be laid there.
 */
export function coilPlan(clay: ClayFigures, { wet, volumes }: Sized, { pinchShare, gain, thickness }: CoilChoices): Result<CoilPlan> {
  const density = wetDensity(clay.matter);
  const { slices, floorTop } = wallSlices(wet);
  const wall = measured(slices, floorTop, wet.inside[0]!.z);
  const below = volumes.piece - wall.whole.ml;
  const pinchedTo = wall.atMl(Math.min(wall.whole.ml, Math.max(0, pinchShare * volumes.piece - below)));
  const rest = { s: wall.whole.s - pinchedTo.s, ml: wall.whole.ml - pinchedTo.ml };
  const girths = rest.s > 0 ? 2 * Math.PI * radiusOver(slices, pinchedTo.s, wall.whole.s) : 1;
  const mean = rest.s > 0 ? (rest.ml * MM3_PER_ML) / (girths * rest.s) : 0;
  const coil = thickness ?? (4 * gain * mean) / Math.PI;
  const rises = gain * coil;
  const whole = Math.floor(rest.s / rises + 1e-6);
  const over = rest.s / rises - whole;
  const count = rest.s < 1e-6 ? 0 : Math.max(1, over < SQUEEZED ? whole : whole + 1);
  const courses: Course[] = [];
  const pinchG = density * (below + pinchedTo.ml);
  let [from, soFar, firmTo] = [pinchedTo, pinchG, pinchedTo.z];
  for (let i = 0; i < count; i += 1) {
    const last = i === count - 1;
    const to = wall.at(last ? wall.whole.s : pinchedTo.s + (i + 1) * rises);
    if (to.z - from.z < LEAST_RISE * (to.s - from.s)) return bad('form', flatWords(from.z - to.z > LEAST_RISE * (to.s - from.s)));
    const length = 2 * Math.PI * radiusOver(slices, from.s, to.s);
    const thick = thickness ?? Math.sqrt((4 * (to.ml - from.ml) * MM3_PER_ML) / (Math.PI * length));
    const g = (density * (Math.PI / 4) * thick ** 2 * length) / MM3_PER_ML;
    const pause = from.z - firmTo >= STANDS_THICKNESSES * mean;
    if (pause) firmTo = from.z;
    soFar += g;
    courses.push({
      from: from.z,
      to: to.z,
      length,
      thickness: thick,
      squeezed: last && to.s - from.s > rises * (1 + 1e-6),
      g,
      soFar,
      pause,
    });
    from = to;
  }
  return good({
    pinch: { g: pinchG, height: pinchedTo.z },
    thickness: coil,
    wall: (Math.PI * coil) / (4 * gain),
    courses,
    totalG: soFar,
    length: courses.reduce((all, course) => all + course.length, 0),
  });
}

const flatWords = (down: boolean): string =>
  `The wall ${down ? 'runs down' : 'is too flat'} above the pinched base for coils. Pinch more of it, use a former, or choose a form with a steeper wall.`;

/** What a maker measured once: so many coils so thick rose so high, wet mm. */
export interface CoilNote {
  readonly coils: number;
  readonly thickness: number;
  readonly height: number;
}

/** The maker's own gain: the middle of what was measured, with the lowest and the highest; undefined while nothing was. */
export function ownGain(notes: readonly CoilNote[]): { readonly gain: number; readonly from: number; readonly to: number } | undefined {
  const gains = notes.map(({ coils, thickness, height }) => height / coils / thickness).sort((a, b) => a - b);
  if (!gains.length) return undefined;
  const half = Math.floor(gains.length / 2);
  const gain = gains.length % 2 ? gains[half]! : (gains[half - 1]! + gains[half]!) / 2;
  return { gain, from: gains[0]!, to: gains.at(-1)! };
}
