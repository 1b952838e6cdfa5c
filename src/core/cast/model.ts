import { type Line, type Outline, type Point, type Section, frustumMl, highest, revolvedMl, widest } from '@/core/form';
import type { Mould, Well } from './records';

/** A model to take a mould from: the outside of the wet piece, solid, with its slip well. Wet mm. */
export interface Model {
  /** Of the piece without the well. */
  readonly section: Section;
  /** With the well on the rim. */
  readonly whole: Section;
  readonly volumeMl: number;
  readonly height: number;
  readonly widest: number;
}

/** The solid outside of a wet piece, and a disc on its rim for the level to sink in. how-it-computes.md, Casting. */
export function modelOf({ under, side }: Outline, well: Well | undefined): Model {
  const top = side.at(-1)!;
  const rim = highest(side);
  const section = [...under, ...side, { r: 0, z: top.z }];
  const piece = revolvedMl(section);
  if (!well) return { section, whole: section, volumeMl: piece, height: rim, widest: 2 * widest(side) };
  const wide = top.r + well.width;
  const wider = wide + well.height * Math.tan(((well.flare ?? 0) * Math.PI) / 180);
  const level = top.z + well.height;
  const whole = [...under, ...side, { r: wide, z: top.z }, { r: wider, z: level }, { r: 0, z: level }];
  return {
    section,
    whole,
    volumeMl: piece + frustumMl(wide, wider, well.height),
    height: rim + well.height,
    widest: 2 * Math.max(wider, widest(side)),
  };
}

/** Draft of a step of the outside, degrees from upright: positive where it widens upwards. */
const draftOf = (a: Point, b: Point): number => (Math.atan2(b.r - a.r, b.z - a.z) * 180) / Math.PI;

/** Shorter than this a step of the outside says nothing of its draft, mm. */
const SHORT = 0.05;

export interface Draft {
  /** Degrees. */
  readonly least: number;
  /** Where that is. */
  readonly at: Point;
}

/** The least draft of an outside, and where. A line that runs straight up all the way has none: 0. */
export function draftAlong(side: Line): Draft {
  let found: Draft = { least: 90, at: side[0]! };
  for (let i = 1; i < side.length; i += 1) {
    const [a, b] = [side[i - 1]!, side[i]!];
    if (Math.hypot(b.r - a.r, b.z - a.z) < SHORT) continue;
    const least = draftOf(a, b);
    if (least < found.least) found = { least, at: { r: (a.r + b.r) / 2, z: (a.z + b.z) / 2 } };
  }
  return found;
}

/** How a model comes out of its mould. */
export interface Parting {
  /** One part pulled upwards; two parted at the widest; or halves along the axis with a part under the foot. */
  readonly parts: 'one' | 'level' | 'halves';
  readonly draft: Draft;
  /** Of each part: below the parting, and above it turned over. */
  readonly below?: Draft | undefined;
  readonly above?: Draft | undefined;
  /** Where the parts meet, mm up. */
  readonly at?: number | undefined;
}

/** Steeper undercuts than this hold, degrees: what a draft worked out from points may be off. */
const HOLDS = -0.05;

/**
 * Whether a round outside comes out of one part, or where it must part: at its widest if both sides of it widen towards it, else along
 * the axis.
 */
export function partingOf({ side }: Pick<Outline, 'side'>): Parting {
  const draft = draftAlong(side);
  if (draft.least >= HOLDS) return { parts: 'one', draft };
  const wide = widest(side);
  const at = side.findLastIndex(({ r }) => r >= wide - 1e-9);
  const below = draftAlong(side.slice(0, at + 1));
  // above the widest the other part comes off upwards: what narrows there lets go
  const above = draftAlong(side.slice(at).map(({ r, z }): Point => ({ r: -r, z })));
  if (at > 0 && below.least >= HOLDS && above.least >= HOLDS) return { parts: 'level', draft, below, above, at: side[at]!.z };
  return { parts: 'halves', draft };
}

/** How thick the plaster is round a model standing with its well at the level, and below it. mm */
export function plasterAround({ whole, height }: Model, mould: Mould): { readonly side: number; readonly below: number } {
  const lift = mould.height - height;
  const inside = (z: number): number => {
    if (mould.shape === 'round') return mould.diameter / 2;
    if (mould.shape === 'box') return Math.min(mould.length, mould.width) / 2;
    return (mould.bottom + ((mould.top - mould.bottom) * z) / mould.height) / 2;
  };
  return { side: Math.min(...whole.map(({ r, z }) => inside(z + lift) - r)), below: lift };
}

/** A mould so thick round a model and below it, to a centimetre: what is needed at least. mm */
export function mouldFor({ widest: across, height }: Pick<Model, 'widest' | 'height'>, thickness: number, shape: Mould['shape']): Mould {
  const up = (mm: number) => Math.ceil(mm / 10 - 1e-9) * 10;
  const [wide, high] = [up(across + 2 * thickness), up(height + thickness)];
  if (shape === 'round') return { shape, diameter: wide, height: high };
  if (shape === 'box') return { shape, length: wide, width: wide, height: high };
  return { shape, bottom: wide, top: up(wide * 1.1), height: high };
}

/** The mould itself round a model in one part, as a section: to be looked at, or printed. None of a box. */
export function mouldSection({ whole, height }: Model, mould: Mould): Section | undefined {
  if (mould.shape === 'box') return undefined;
  const [foot, top] = mould.shape === 'round' ? [mould.diameter / 2, mould.diameter / 2] : [mould.bottom / 2, mould.top / 2];
  const lift = mould.height - height;
  const hollow = whole.map(({ r, z }): Point => ({ r, z: z + lift })).slice(0, -1);
  return [{ r: 0, z: 0 }, { r: foot, z: 0 }, { r: top, z: mould.height }, ...hollow.toReversed()];
}

/** How wide a bucket is at its level that holds so much to it: the frustum turned round. mm */
export function bucketTop(ml: number, bottom: number, height: number): number {
  const squares = (12 * 1000 * ml) / (Math.PI * height);
  return (-bottom + Math.sqrt(Math.max(0, 4 * squares - 3 * bottom * bottom))) / 2;
}
