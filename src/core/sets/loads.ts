import { MaxRectsPacker, Rectangle } from 'maxrects-packer/dist/maxrects-packer.mjs';

/** Between pieces on a kiln shelf, mm. */
const APART = 10;

/** Things to stand on shelves, each so wide all round. mm */
export interface Standing {
  readonly name: string;
  readonly across: number;
  readonly count: number;
}

/** One shelf, and what stands on it. mm */
export interface ShelfLoad {
  readonly standing: readonly { readonly name: string; readonly across: number; readonly x: number; readonly y: number }[];
}

/** Shelves that take everything, and what is wider than any of them. */
export interface Loads {
  readonly shelves: readonly ShelfLoad[];
  readonly tooWide: readonly Standing[];
}

/** Stands pieces on shelves by their widest, each on a square of its own (the packing library's max-rects rule). */
export function loadShelves(things: readonly Standing[], width: number, depth: number): Loads {
  const most = Math.min(width, depth);
  const tooWide = things.filter(({ across }) => across > most);
  // a shelf is as large as it is: not grown about what stands on it
  const packer = new MaxRectsPacker(width, depth, APART, { smart: false });
  const fitting = things.filter(({ across }) => across <= most);
  packer.addArray(
    fitting.flatMap((thing) =>
      Array.from({ length: thing.count }, () => Object.assign(new Rectangle(thing.across, thing.across), { data: thing })),
    ),
  );
  const shelves = packer.bins.map(({ rects }) => ({
    standing: rects.map(({ x, y, data }) => ({ name: (data as Standing).name, across: (data as Standing).across, x, y })),
  }));
  return { shelves, tooWide };
}
