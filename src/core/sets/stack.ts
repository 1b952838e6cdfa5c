import { type Outline, type Point, sectionOf } from '@/core/form';

/** Where an upper piece rests on a lower one. */
export type RestsOn = 'floor' | 'wall' | 'rim';

/** An upper piece lowered along the axis onto or into a lower one, finished mm. */
export interface Stacked {
  /** From the lower foot to the upper one. */
  readonly pitch: number;
  readonly touch: { readonly radius: number; readonly on: RestsOn };
  /** How far from upright the lower wall leans where they touch, degrees; on a floor or a rim there is none. */
  readonly lean: number | undefined;
}

/** Nearer than this two heights or radii are the same, mm. */
const SAME = 1e-6;

type Edge = readonly [a: Point, b: Point];

const edgesOf = (section: readonly Point[]): Edge[] => section.map((point, i) => [point, section[(i + 1) % section.length]!]);

/** The lowest and the highest point of a section at a radius; undefined where it does not reach. */
function across(edges: readonly Edge[], r: number): { readonly low: number; readonly high: number } | undefined {
  let [low, high] = [Infinity, -Infinity];
  for (const [a, b] of edges) {
    if (r < Math.min(a.r, b.r) - SAME || r > Math.max(a.r, b.r) + SAME) continue;
    const heights = Math.abs(a.r - b.r) < SAME ? [a.z, b.z] : [a.z + ((b.z - a.z) * (r - a.r)) / (b.r - a.r)];
    low = Math.min(low, ...heights);
    high = Math.max(high, ...heights);
  }
  return high === -Infinity ? undefined : { low, high };
}

const apart = (a: Point, b: Point): number => Math.hypot(b.r - a.r, b.z - a.z);

/** How far from upright a section leans at a point on it, degrees: the steeper of two edges that meet there, upright ones aside. */
function leanAt(edges: readonly Edge[], at: Point): number {
  const here = edges.filter(([a, b]) => Math.abs(a.r - b.r) > SAME && apart(a, at) + apart(at, b) - apart(a, b) < SAME);
  return Math.min(...here.map(([a, b]) => (Math.atan2(Math.abs(b.r - a.r), Math.abs(b.z - a.z)) * 180) / Math.PI));
}

/**
 * Lowers one finished piece along the axis onto or into another: pitch = max over radii of T(r) - B(r), T the highest point of the lower
 * and B the lowest of the upper, over the radii both have (how-it-computes.md, Sets and orders). Both are straight between the points of their
 * sections, so only those radii have to be looked at. Undefined where they share no radius. A tie on a wall is told at its innermost
 * radius, on a floor or a rim at the outermost.
 */
export function stacked(lower: Outline, upper: Outline): Stacked | undefined {
  const [under, over] = [sectionOf(lower), sectionOf(upper)];
  const [below, above] = [edgesOf(under), edgesOf(over)];
  const radii = [...new Set([...under, ...over].map(({ r }) => r))].sort((a, b) => a - b);
  const met = radii.flatMap((radius) => {
    const [at, on] = [across(below, radius), across(above, radius)];
    return at && on ? [{ radius, pitch: at.high - on.low, top: at.high }] : [];
  });
  if (met.length === 0) return undefined;
  const pitch = Math.max(...met.map((each) => each.pitch));
  const touching = met.filter((each) => each.pitch > pitch - SAME);
  const rim = Math.max(...under.map(({ z }) => z));
  const floor = lower.inside.at(-1)!.z;
  const placeOf = ({ top }: { readonly top: number }): RestsOn =>
    Math.abs(top - floor) < SAME ? 'floor' : Math.abs(top - rim) < SAME ? 'rim' : 'wall';
  const on = placeOf(touching[0]!);
  const first = on === 'wall' ? touching[0]! : touching.findLast((each) => placeOf(each) === on)!;
  return {
    pitch,
    touch: { radius: first.radius, on },
    lean: on === 'wall' ? leanAt(below, { r: first.radius, z: first.top }) : undefined,
  };
}

/** How high so many alike stand: one, and the pitch for each further. mm */
export const stackHeight = (height: number, pitch: number, count: number): number => height + (count - 1) * pitch;

/** How high one stands on another: the lower may stand out above the upper. mm */
export const pairHeight = (lower: number, upper: number, pitch: number): number => Math.max(lower, pitch + upper);
