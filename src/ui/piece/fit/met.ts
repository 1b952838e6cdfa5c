import type { FitWork } from '@/core/fitting';
import { isLid } from '@/core/records';
import type { PieceModel } from '../model/use-piece';

/** A point of a half-section, finished mm. */
export type RZ = readonly [r: number, z: number];

/** What meets the piece, finished, as half-sections; what is measured of it; and the point whose distance is the gap. */
export interface Met {
  readonly outlines: readonly (readonly RZ[])[];
  readonly words: string;
  /** Where the gap begins on what meets the piece, and which way it grows; none where it is no gap across. */
  readonly edge?: { readonly at: RZ; readonly outward: 1 | -1 } | undefined;
}

/** How far an insert hangs into a mouth, how thick a lid is and how far it stands out, where nothing says. Finished mm. */
const INSERT = 10;
const THICK = 6;
const BEYOND = 3;

const box = (from: number, to: number, low: number, high: number): RZ[] => [
  [from, low],
  [to, low],
  [to, high],
  [from, high],
];

function stopperMet({ stopper, gap }: FitWork, rim: number, length: (mm: number) => string): Met | undefined {
  if (!stopper) return undefined;
  const depth = Math.min(stopper.length, Math.max(0, (stopper.length * gap.mean) / (stopper.top - stopper.bottom)));
  const bottom = rim - depth;
  const outline: RZ[] = [
    [0, bottom],
    [stopper.bottom / 2, bottom],
    [stopper.top / 2, bottom + stopper.length],
    [0, bottom + stopper.length],
  ];
  return { outlines: [outline], words: `sits ${length(depth)} deep` };
}

/** A lid with a side, over a rim so wide and high. */
const cap = (inner: number, height: number): RZ[] => [
  [0, height],
  [inner, height],
  [inner, height - 2 * INSERT],
  [inner + THICK, height - 2 * INSERT],
  [inner + THICK, height + THICK],
  [0, height + THICK],
];

/** What meets the mouth or the rim, as it comes out on average. */
export function metBy(piece: PieceModel, work: FitWork): Met | undefined {
  const { units, worked, part } = piece;
  const { inside, side } = worked.sized.fired;
  const { height, galleryDepth } = worked.sized.stages.glazed.sizes;
  const { fitting, stock } = work;
  const stopper = stopperMet(work, height, units.length);
  if (stopper) return stopper;
  if (stock?.kind === 'gasket') return undefined;
  const between = work.gap.mean - work.narrows;
  const half = work.gap.mean / 2;
  const mouth = inside[0]!.r;
  const rim = side.at(-1)!.r;
  if (stock?.kind === 'shelf') {
    const under = height + work.gap.mean;
    const words = between >= 0 ? `${units.length(between)} above it` : `${units.length(-between)} too high`;
    return { outlines: [box(0, rim + THICK, under, under + THICK)], words };
  }
  const words = between >= 0 ? `gap ${units.length(between)}` : `too tight by ${units.length(-between)}`;
  if (isLid(part, fitting)) {
    // the pot's rim, around a lid that goes into it or inside one that goes over it
    const inner = fitting.over ? mouth - half : rim + half;
    const outline = fitting.over ? box(inner - THICK, inner, 0, height) : box(inner, inner + THICK, 0, height + THICK);
    return { outlines: [outline], words, edge: { at: [inner, height / 2], outward: fitting.over ? -1 : 1 } };
  }
  if (fitting.over) {
    const inner = rim + half;
    return { outlines: [cap(inner, height)], words, edge: { at: [inner, height - INSERT], outward: 1 } };
  }
  const lid = Math.max(0, mouth - half);
  if (piece.form.manner.mouth === 'gallery' && galleryDepth) {
    const ledge = height - galleryDepth;
    return { outlines: [box(0, lid, ledge, ledge + THICK)], words, edge: { at: [lid, ledge + THICK / 2], outward: -1 } };
  }
  const depth = fitting.depth ?? INSERT;
  const wide = work.disc ? work.disc.finished / 2 : rim + BEYOND;
  const held = fitting.held === 'coil' || fitting.held === 'flange' ? Math.max(0, lid - THICK) : 0;
  return {
    outlines: [box(0, wide, height, height + THICK), box(held, lid, height - depth, height)],
    words,
    edge: { at: [lid, height - depth / 2], outward: -1 },
  };
}
