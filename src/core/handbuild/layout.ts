import { MaxRectsPacker, PACKING_LOGIC, Rectangle } from 'maxrects-packer/dist/maxrects-packer.mjs';
import { type Flat, type FlatPart, areaOf, at, boundsOf } from './flat';

/** Between parts, and along the edge of a slab, which is thin and cracked: mm. */
export const PART_GAP = 6;
export const SLAB_EDGE = 10;

/** A part laid on the slab: x along it, the way it was rolled, y across. mm */
export interface Laid {
  readonly part: FlatPart;
  /** Its cut line on the slab, mm. */
  readonly outline: readonly Flat[];
  readonly turned: boolean;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** A slab to roll, of one thickness, with the parts laid on it. */
export interface SlabSheet {
  readonly thickness: number;
  readonly width: number;
  readonly length: number;
  readonly laid: readonly Laid[];
  /** Parts too wide for the roller either way. */
  readonly tooWide: readonly FlatPart[];
  /** The share of it that the parts take, 0 to 1. */
  readonly used: number;
}

/** A part's box as it is offered to the packer: width across the slab, height along it. */
interface Wanted {
  readonly part: FlatPart;
  readonly turned: boolean;
  readonly width: number;
  readonly height: number;
}

const LOGICS = [PACKING_LOGIC.MAX_EDGE, PACKING_LOGIC.MAX_AREA];

const quarter = (each: Wanted): Wanted => ({ ...each, turned: !each.turned, width: each.height, height: each.width });

/** The packer turns only what fits as it is given: so parts are offered as they come, lying and standing. */
function offers(wanted: readonly Wanted[], room: number, turn: boolean): (readonly Wanted[])[] {
  if (!turn) return [wanted];
  const lying = wanted.map((each) => (each.height > each.width && each.height <= room ? quarter(each) : each));
  const standing = wanted.map((each) => (each.width > each.height ? quarter(each) : each));
  return [wanted, lying, standing];
}

/** Lays every part within a width and a length; undefined where they do not fit. */
function packed(wanted: readonly Wanted[], width: number, length: number, turn: boolean, logic: PACKING_LOGIC) {
  const packer = new MaxRectsPacker(width, length, PART_GAP, { smart: false, pot: false, square: false, allowRotation: turn, logic });
  packer.addArray(
    wanted.map((each) => {
      const free = turn && Math.max(each.width, each.height) <= width;
      return Object.assign(new Rectangle(each.width, each.height, 0, 0, false, free), { data: each });
    }),
  );
  const [bin] = packer.bins;
  return packer.bins.length === 1 && bin!.rects.length === wanted.length ? bin!.rects : undefined;
}

const SEARCH_STEPS = 18;

/** The shortest length that takes every part, by halving; the packer's own rule decides what fits. */
function shortest(wanted: readonly Wanted[], width: number, turn: boolean) {
  let best: { readonly rects: NonNullable<ReturnType<typeof packed>>; readonly length: number } | undefined;
  const long = wanted.reduce((all, each) => all + Math.max(each.width, each.height) + PART_GAP, 0);
  for (const [offer, logic] of offers(wanted, width, turn).flatMap((each) => LOGICS.map((logic) => [each, logic] as const))) {
    let [low, high] = [0, best?.length ?? long];
    for (let i = 0; i < SEARCH_STEPS; i += 1) {
      const length = i === 0 ? high : (low + high) / 2;
      const rects = packed(offer, width, length, turn, logic);
      const reach = rects && Math.max(...rects.map((rect) => rect.y + rect.height));
      if (rects && reach !== undefined && (!best || reach < best.length)) best = { rects, length: reach };
      if (rects) high = Math.min(length, reach!);
      else low = length;
    }
  }
  return best;
}

/** A part's cut line where it is laid, turned a quarter if it is. */
function laidOutline({ outline }: FlatPart, x: number, y: number, turned: boolean): Flat[] {
  const { height } = boundsOf(outline);
  return outline.map((place) => (turned ? at(x + height - place.y, y + place.x) : at(x + place.x, y + place.y)));
}

/**
 * The shortest slab of a roller's width that takes every part, each in the box about it (the packing library's max-rects rule).
 *
 * @param grain whether every part keeps its own x along the slab, as its arrow says
 */
function layOut(parts: readonly FlatPart[], rollerWidth: number, thickness: number, grain: boolean): SlabSheet {
  const room = rollerWidth - 2 * SLAB_EDGE;
  const wanted = parts.flatMap((part) => {
    // unturned, a part's own x runs along the slab
    const { width: height, height: width } = boundsOf(part.outline);
    const turned = !grain && width > room;
    return Array.from({ length: part.count }, () =>
      turned ? quarter({ part, turned: false, width, height }) : { part, turned, width, height },
    );
  });
  const fits = ({ width }: Wanted) => width <= room;
  const laying = wanted.filter(fits);
  const found = laying.length ? shortest(laying, room, !grain) : undefined;
  const laid = (found?.rects ?? []).map((rect): Laid => {
    const { part, turned: before } = rect.data as Wanted;
    const turned = before !== Boolean(rect.rot);
    const [x, y] = [rect.y + SLAB_EDGE, rect.x + SLAB_EDGE];
    return { part, turned, x, y, width: rect.height, height: rect.width, outline: laidOutline(part, x, y, turned) };
  });
  const width = laid.length ? Math.max(...laid.map((each) => each.y + each.height)) + SLAB_EDGE : 0;
  const length = found ? found.length + 2 * SLAB_EDGE : 0;
  const taken = laid.reduce((all, { part }) => all + areaOf(part.outline), 0);
  return {
    thickness,
    width,
    length,
    laid,
    tooWide: parts.filter((part) => wanted.some((each) => each.part === part && !fits(each))),
    used: length ? taken / (length * width) : 0,
  };
}

/** Thicknesses nearer than this come from one slab, mm. */
const SAME_THICKNESS = 0.3;

/** A slab for each thickness, thickest first, with copies of every part for so many pieces. */
export function slabSheets(parts: readonly FlatPart[], rollerWidth: number, pieces: number, grain: boolean): SlabSheet[] {
  const groups: FlatPart[][] = [];
  for (const part of [...parts].sort((a, b) => b.thickness - a.thickness)) {
    const copies = { ...part, count: part.count * pieces };
    const group = groups.find(([first]) => Math.abs(first!.thickness - part.thickness) < SAME_THICKNESS);
    if (group) group.push(copies);
    else groups.push([copies]);
  }
  return groups.map((group) => layOut(group, rollerWidth, group[0]!.thickness, grain));
}
