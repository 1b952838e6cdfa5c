import { MaxRectsPacker, PACKING_LOGIC, Rectangle } from 'maxrects-packer/dist/maxrects-packer.mjs';
import { type Flat, type FlatPart, areaOf, at, boundsOf } from './flat';
import { type RolledSlab, isBetter, rolledSlabs } from './rolled-slabs';

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
  /** The share of it that the parts take, 0 to 1. */
  readonly used: number;
}

/** The largest slab that can be rolled: as wide as the roller takes, as long as the table or the sheet allows. mm */
export interface LargestSlab {
  readonly width: number;
  readonly length: number;
}

/** A part that no slab takes, and the slab that would. */
export interface Unfit {
  readonly part: FlatPart;
  readonly needs: LargestSlab;
}

/** Slabs with every part on them; or the parts that stand in the way, and no slab. */
export interface Layout {
  readonly sheets: readonly SlabSheet[];
  readonly unfit: readonly Unfit[];
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

type Bin = readonly Rectangle[];

/** Lays parts on slabs of a width and a length, as many as they take. */
function packed(wanted: readonly Wanted[], width: number, length: number, turn: boolean, logic: PACKING_LOGIC): Bin[] {
  const packer = new MaxRectsPacker(width, length, PART_GAP, { smart: false, pot: false, square: false, allowRotation: turn, logic });
  packer.addArray(
    wanted.map((each) => {
      const free = turn && Math.max(each.width, each.height) <= Math.min(width, length);
      return Object.assign(new Rectangle(each.width, each.height, 0, 0, false, free), { data: each });
    }),
  );
  return packer.bins.map(({ rects }) => rects);
}

const reachOf = (bin: Bin): number => Math.max(...bin.map(({ y, height }) => y + height));

const SEARCH_STEPS = 18;

/** The shortest length that takes every part on one slab, by halving; the packer's own rule decides what fits. */
function shortest(
  wanted: readonly Wanted[],
  width: number,
  turn: boolean,
  most: number,
): { readonly bin: Bin; readonly length: number } | undefined {
  let best: { readonly bin: Bin; readonly length: number } | undefined;
  for (const [offer, logic] of offers(wanted, width, turn).flatMap((each) => LOGICS.map((logic) => [each, logic] as const))) {
    let [low, high] = [0, best?.length ?? most];
    for (let i = 0; i < SEARCH_STEPS; i += 1) {
      const length = i === 0 ? high : (low + high) / 2;
      const [bin, ...others] = packed(offer, width, length, turn, logic);
      const fits = bin && others.length === 0 && bin.length === wanted.length && reachOf(bin) <= length + 1e-6;
      if (fits && (!best || reachOf(bin) < best.length)) best = { bin, length: reachOf(bin) };
      if (fits) high = Math.min(length, reachOf(bin));
      else low = length;
    }
  }
  return best;
}

/** The fewest slabs no longer than the most that take every part, each then as short as it can be. */
function fewest(wanted: readonly Wanted[], width: number, turn: boolean, most: number): Bin[] {
  const one = shortest(wanted, width, turn, most);
  if (one) return [one.bin];
  const tries = offers(wanted, width, turn).flatMap((offer) => LOGICS.map((logic) => packed(offer, width, most, turn, logic)));
  const bins = tries.sort((a, b) => a.length - b.length || Math.min(...a.map(reachOf)) - Math.min(...b.map(reachOf)))[0]!;
  return bins.map((bin) => {
    const own = bin.map(({ data }) => data as Wanted);
    return shortest(own, width, turn, most)?.bin ?? bin;
  });
}

/** A part's cut line where it is laid, turned a quarter if it is. */
function laidOutline({ outline }: FlatPart, x: number, y: number, turned: boolean): Flat[] {
  const { height } = boundsOf(outline);
  return outline.map((place) => (turned ? at(x + height - place.y, y + place.x) : at(x + place.x, y + place.y)));
}

/** The slab a part alone would need, lying as it may. */
function needsOf({ width, height }: Wanted, turn: boolean): LargestSlab {
  const [across, along] = turn ? [Math.min(width, height), Math.max(width, height)] : [width, height];
  return { width: across + 2 * SLAB_EDGE, length: along + 2 * SLAB_EDGE };
}

/**
 * The fewest and shortest slabs that take every part, each in the box about it (the packing library's max-rects rule).
 *
 * @param grain whether every part keeps its own x along the slab, as its arrow says
 */
function layOut(parts: readonly FlatPart[], largest: LargestSlab, thickness: number, grain: boolean): Layout {
  const [room, most] = [largest.width - 2 * SLAB_EDGE, largest.length - 2 * SLAB_EDGE];
  const boxOf = (part: FlatPart): Wanted => {
    // unturned, a part's own x runs along the slab
    const { width: height, height: width } = boundsOf(part.outline);
    const asItIs = { part, turned: false, width, height };
    const lies = width <= room && height <= most;
    return !grain && !lies ? quarter(asItIs) : asItIs;
  };
  const boxes = parts.map(boxOf);
  const unfit = boxes
    .filter(({ width, height }) => width > room + 1e-6 || height > most + 1e-6)
    .map((each): Unfit => ({ part: each.part, needs: needsOf(each, !grain) }));
  if (unfit.length > 0) return { sheets: [], unfit };
  const wanted = boxes.flatMap((box) => Array.from({ length: box.part.count }, () => box));
  const packedSheets = fewest(wanted, room, !grain, most).map((bin) => sheetOf(bin, thickness));
  const rolled = inRows(boxes, largest, !grain).map((slab) => rolledSheet(slab, boxes, thickness));
  const isLess = isBetter(rolled.map(asSlab), packedSheets.map(asSlab));
  return { sheets: rolled.length > 0 && isLess ? rolled : packedSheets, unfit: [] };
}

const asSlab = ({ width, length }: SlabSheet) => ({ width, length, laid: [] });

/** The same boxes in rows and grids on slabs of least area. */
const inRows = (boxes: readonly Wanted[], { width: roller, length: longest }: LargestSlab, turn: boolean): RolledSlab[] =>
  rolledSlabs(
    boxes.map(({ part, width, height }) => ({ width, length: height, count: part.count, turn })),
    { roller, longest, between: PART_GAP, edge: SLAB_EDGE },
  );

function rolledSheet({ width, length, laid: placed }: RolledSlab, boxes: readonly Wanted[], thickness: number): SlabSheet {
  const laid = placed.map(({ part: which, x: across, y: along, turned: turnedAgain }): Laid => {
    const box = turnedAgain ? quarter(boxes[which]!) : boxes[which]!;
    // on a sheet x runs along the slab
    const [x, y] = [along, across];
    return {
      part: box.part,
      turned: box.turned,
      x,
      y,
      width: box.height,
      height: box.width,
      outline: laidOutline(box.part, x, y, box.turned),
    };
  });
  const taken = laid.reduce((all, { part }) => all + areaOf(part.outline), 0);
  return { thickness, width, length, laid, used: taken / (length * width) };
}

function sheetOf(bin: Bin, thickness: number): SlabSheet {
  const laid = bin.map((rect): Laid => {
    const { part, turned: before } = rect.data as Wanted;
    const turned = before !== Boolean(rect.rot);
    const [x, y] = [rect.y + SLAB_EDGE, rect.x + SLAB_EDGE];
    return { part, turned, x, y, width: rect.height, height: rect.width, outline: laidOutline(part, x, y, turned) };
  });
  const width = Math.max(...laid.map((each) => each.y + each.height)) + SLAB_EDGE;
  const length = reachOf(bin) + 2 * SLAB_EDGE;
  const taken = laid.reduce((all, { part }) => all + areaOf(part.outline), 0);
  return { thickness, width, length, laid, used: taken / (length * width) };
}

/** Thicknesses nearer than this come from one slab, mm. */
const SAME_THICKNESS = 0.3;

/** Slabs for each thickness, thickest first, with copies of every part for so many pieces; none where a part fits on no slab. */
export function slabSheets(parts: readonly FlatPart[], largest: LargestSlab, pieces: number, grain: boolean): Layout {
  const groups: FlatPart[][] = [];
  for (const part of [...parts].sort((a, b) => b.thickness - a.thickness)) {
    const copies = { ...part, count: part.count * pieces };
    const group = groups.find(([first]) => Math.abs(first!.thickness - part.thickness) < SAME_THICKNESS);
    if (group) group.push(copies);
    else groups.push([copies]);
  }
  const layouts = groups.map((group) => layOut(group, largest, group[0]!.thickness, grain));
  const unfit = layouts.flatMap((each) => each.unfit);
  return { sheets: unfit.length > 0 ? [] : layouts.flatMap(({ sheets }) => sheets), unfit };
}
