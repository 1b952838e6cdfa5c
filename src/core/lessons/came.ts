import { type MeasuredWith, READING_ERROR_MM } from '@/core/clay';
import { type SizeName, sizeSpec } from '@/core/form';
import { type Came, type Said, cameOut, withinReading } from '@/core/learn';
import { endsOf } from './evidence-of';
import { everyPiece, type PieceOfRun } from './taught';
import type { MadePiece, Run, Workspace } from '@/core/records';

/** What became of a size of a piece, fired. mm */
export interface SizeCame {
  readonly size: SizeName;
  readonly asked: number | undefined;
  readonly fired: number;
  /** Fired less asked. */
  readonly off: number | undefined;
  /** What of that hand, clay and a changed belief did; not told apart where it was not measured wet. */
  readonly came: Came | undefined;
  /** What two readings cannot tell, and the coarser tool of the two. */
  readonly unsure: number;
  readonly read: MeasuredWith;
  /** Inside what was said of it when the run began; undefined where nothing was. */
  readonly inside: boolean | undefined;
}

const TOLD: readonly SizeName[] = ['height', 'rimDiameter', 'mouthInside', 'bellyDiameter', 'baseDiameter'];

/** Within what was said of a size: all ranges and limits. */
function keptTo({ promised = [] }: Run, size: SizeName, fired: number): boolean | undefined {
  const own = promised.filter((each) => each.size === size);
  if (own.length === 0) return undefined;
  return own.every(({ least = -Infinity, most = Infinity }) => fired >= least && fired <= most);
}

/** Each fired size of a piece with what made it so: the hand, the clay, or what is believed now. how-it-computes.md, What pieces teach */
export function cameOf(run: Run, piece: MadePiece, now: { readonly width: number; readonly height: number }): readonly SizeCame[] {
  return TOLD.flatMap((size): SizeCame[] => {
    const reading = piece.sizes.glazed?.[size];
    if (!reading) return [];
    const fired = reading.mm;
    const ends = endsOf(run, piece, size);
    const { direction } = sizeSpec(size);
    const planned = run.planned[size];
    const asked = run.asked[size];
    const came =
      ends?.wetWith && planned !== undefined
        ? cameOut({ planned, thrown: ends.wet, fired, shrinkage: now[direction], shrinkageThen: run.shrinkage?.[direction] })
        : undefined;
    return [
      {
        size,
        asked,
        fired,
        off: asked === undefined ? undefined : fired - asked,
        came,
        unsure: ends?.wetWith ? withinReading(ends.wetWith, ends.firedWith) : 2 * READING_ERROR_MM[reading.with ?? run.measures],
        read: ends?.wetWith === 'ruler' ? 'ruler' : (reading.with ?? run.measures),
        inside: keptTo(run, size, fired),
      },
    ];
  });
}

/** Something said of a size, and the way that size goes: a hand leans in heights and in widths apart. */
export interface SaidOfSize extends Said {
  readonly direction: 'height' | 'width';
}

const promisesKept = ({ run, piece }: PieceOfRun): readonly SaidOfSize[] =>
  (run.promised ?? []).flatMap(({ size, least = -Infinity, most = Infinity, chance }) => {
    const fired = piece.sizes.glazed?.[size]?.mm;
    return fired === undefined ? [] : [{ chance, happened: fired >= least && fired <= most, direction: sizeSpec(size).direction }];
  });

/** What was said of every size that was measured fired, and whether it happened. */
export const saidAndHappened = (made: Pick<Workspace, 'runs' | 'pieces'>): readonly SaidOfSize[] =>
  everyPiece(made)
    .filter(({ piece }) => !piece.out)
    .flatMap(promisesKept);
