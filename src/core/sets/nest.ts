import { type Form, type Outline, footEdge, formOf, highest, outlineOf, radiusAt, sizeSpec } from '@/core/form';
import type { Stage } from '@/core/clay';
import { type RestsOn, stacked } from './stack';

/** Bowls one in another, from the largest to the smallest. Finished mm. */
export interface NestAsk {
  readonly count: number;
  /** Widths at the mouth and heights grow by equal steps or by an equal ratio. */
  readonly by: 'step' | 'ratio';
  /** What is set of one or other of them, by its place from the largest: the rest follow between and beyond. */
  readonly widths: Pins;
  /** None where the heights follow from how the rims stand. */
  readonly heights: Pins;
  /** How much higher the rim of each stands than that of the next larger: 0 is level. Heights follow then; undefined leaves them as set. */
  readonly rise?: number | undefined;
  /** Walls and floors in proportion to the width, not all alike. */
  readonly thinner?: boolean | undefined;
}

/** What is set, by place: two of them at least, so that the rest follow. */
export type Pins = Readonly<Record<number, number>>;

/** A row of sizes through what is set: between two in equal steps or at an equal ratio, and beyond on as between the nearest two. */
export function series(count: number, pins: Pins, by: 'step' | 'ratio'): number[] {
  const set = Object.entries(pins)
    .map(([at, mm]) => ({ at: Number(at), mm }))
    .sort((a, b) => a.at - b.at);
  return Array.from({ length: count }, (_, at) => {
    const below = set.findLastIndex((each) => each.at <= at);
    const first = Math.min(Math.max(below, 0), Math.max(set.length - 2, 0));
    const [a, b] = [set[first]!, set[first + 1] ?? set[first]!];
    if (a.at === b.at) return a.mm;
    const share = (at - a.at) / (b.at - a.at);
    return by === 'step' ? a.mm + share * (b.mm - a.mm) : a.mm * (b.mm / a.mm) ** share;
  });
}

/** A form as wide and as high as asked: other sizes go along, thicknesses stay or go with the width. */
function asWideAndHigh<S extends Stage>(form: Form<S>, at: S, width: number, height: number, thinner = false): Form<S> {
  const [wide, high] = [width / form.sizes.rimDiameter, height / form.sizes.height];
  const sizes = Object.entries(form.sizes).flatMap(([name, mm]) => {
    const { direction, stays, inside } = sizeSpec(name as keyof typeof form.sizes);
    if (inside) return [];
    const factor = stays ? (thinner ? wide : 1) : direction === 'width' ? wide : high;
    return [[name, mm * factor] as const];
  });
  return formOf(form, at, Object.fromEntries(sizes));
}

/** A bowl in its nest. */
export interface Nested<S extends Stage = 'glazed'> {
  readonly form: Form<S>;
  readonly outline: Outline;
  /** Its foot above the foot of the largest. */
  readonly stands: number;
  /** Which of the larger ones it rests on, where, and whether with its wall rather than its foot; none of the largest. */
  readonly rests?: { readonly on: number; readonly touch: RestsOn; readonly wedged: boolean } | undefined;
  /** The least level gap between its wall and that of any larger one. */
  readonly gap?: number | undefined;
}

/** Below this share of its height a bowl stands on its foot, and the foot may be as near as it likes. Ours. */
const FOOT_SHARE = 0.25;

/** The least level gap between the wall inside one and the wall outside another that stands in it, from above its foot on. mm */
function levelGap(outer: Outline, inner: Outline, stands: number): number {
  const [top, rim] = [highest(outer.inside), highest(inner.side) + stands];
  const from = stands + FOOT_SHARE * (rim - stands);
  const heights = [from, Math.min(top, rim), ...outer.inside.map(({ z }) => z), ...inner.side.map(({ z }) => z + stands)];
  const walls = heights.filter((z) => z >= from && z <= Math.min(top, rim));
  return Math.min(...walls.map((z) => radiusAt(outer.inside, z) - radiusAt(inner.side, z - stands)));
}

const TURNS = 40;
/** Heights closer than this are the same, mm. */
const SAME = 0.01;

/**
 * The family of bowls one in another (how-it-computes.md, Sets and orders): each lowered on the axis until it rests on any of the larger ones, not
 * on its neighbour alone. Where rims stand level or rise by a step the heights follow from that.
 *
 * @param largest the bowl it begins from; the family is of its shape
 */
export function nestOf(largest: Form<'glazed'>, ask: NestAsk): Nested[] {
  const { count, by, rise, thinner } = ask;
  const widths = series(count, ask.widths, by);
  const heights = series(count, ask.heights, by);
  const found: Nested[] = [];
  for (let i = 0; i < count; i += 1) {
    const made = (height: number): Nested => {
      const form = asWideAndHigh(largest, 'glazed', widths[i]!, height, thinner);
      const outline = outlineOf(form);
      const foot = footEdge(outline);
      const onto = found.flatMap((lower, on) => {
        const rest = stacked(lower.outline, outline);
        const wedged = rest?.touch.on === 'wall' && rest.touch.radius > foot + SAME;
        return rest ? [{ on, touch: rest.touch.on, wedged, stands: lower.stands + rest.pitch }] : [];
      });
      if (onto.length === 0) return { form, outline, stands: 0 };
      const { stands, ...rests } = onto.reduce((a, b) => (b.stands > a.stands + 1e-9 ? b : a));
      const gap = Math.min(...found.map((lower) => levelGap(lower.outline, outline, stands - lower.stands)));
      return { form, outline, stands, rests, gap };
    };
    const before = found[i - 1];
    let own = made(before && rise !== undefined ? before.form.sizes.height : heights[i]!);
    if (before && rise !== undefined) {
      const rim = before.stands + before.form.sizes.height + rise;
      for (let turn = 0; turn < TURNS; turn += 1) {
        const off = rim - own.stands - own.form.sizes.height;
        if (Math.abs(off) < SAME) break;
        own = made(Math.max(1, own.form.sizes.height + off));
      }
    }
    found.push(own);
  }
  return found;
}
