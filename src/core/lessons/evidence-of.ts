import { remembering } from '@/core/remember';
import { type Direction, lengthOf, type MeasuredWith, type Sample } from '@/core/clay';
import { type FamilyName, type SizeName, sizeSpec } from '@/core/form';
import { TOOL_SD } from '@/core/sizing';
import type { BarRecord, MadePiece, Readings, Run, Workspace } from '@/core/records';

/** The widths of a piece that speak of its clay, the likeliest to be measured first. */
const WIDTHS: readonly SizeName[] = ['rimDiameter', 'mouthInside', 'bellyDiameter', 'bodyDiameter', 'baseDiameter', 'rimAcross'];

/** A flared rim sags: its height says something about the form, not about the clay. */
const SAGS: readonly FamilyName[] = ['flared', 'bowl', 'plate', 'disc', 'tile'];

/** Whether a form's height speaks of its clay. */
export const heightSpeaks = (family: FamilyName): boolean => !SAGS.includes(family);

/** A size of a piece at its two ends, wet mm as the finished piece had it when wet. */
export interface Ends {
  readonly size: SizeName;
  readonly wet: number;
  readonly fired: number;
  /** With what it was measured wet; not measured, it was made to the size planned. */
  readonly wetWith: MeasuredWith | undefined;
  readonly firedWith: MeasuredWith;
}

/**
 * A size of a piece as it was made and as it fired. A height measured as thrown still has what is trimmed off the foot and cut off
 * the rim: that is taken off as it was planned. Not measured wet, the planned size stands in.
 */
export function endsOf(run: Run, piece: MadePiece, size: SizeName): Ends | undefined {
  const fired = piece.sizes.glazed?.[size];
  if (!fired) return undefined;
  const firedWith = fired.with ?? run.measures;
  const off = size === 'height' && run.gauge !== undefined ? run.gauge - (run.planned.height ?? run.gauge) : 0;
  const thrown = piece.sizes.wet?.[size];
  if (thrown) return { size, wet: thrown.mm - off, fired: fired.mm, wetWith: thrown.with ?? run.measures, firedWith };
  const planned = run.planned[size];
  return planned === undefined ? undefined : { size, wet: planned, fired: fired.mm, wetWith: undefined, firedWith };
}

/** The one of several sizes that says most: one measured at both ends before one that was only planned. */
function best(run: Run, piece: MadePiece, sizes: readonly SizeName[]): Ends | undefined {
  const known = sizes.flatMap((size) => endsOf(run, piece, size) ?? []);
  return known.find(({ wetWith }) => wetWith) ?? known[0];
}

/** How a sample that a piece gives is named. */
const MADE = 'made-';

/** How it is named as a bar of its own, where its run is not. */
const SENT = 'sent-';

/** What a piece on the shelves says, as a bar for another device. */
export const asSent = (sample: BarRecord): BarRecord => (isMade(sample) ? { ...sample, id: SENT + sample.id.slice(MADE.length) } : sample);

/** Whether a sample is what a piece on the shelves says, and not a bar of its own. */
export const isMade = ({ id }: Pick<BarRecord, 'id'>): boolean => id.startsWith(MADE);

const BETWEEN = ['leather', 'dry', 'bisque'] as const;

function sampleOf(run: Run, piece: MadePiece, { size, wet, fired, wetWith, firedWith }: Ends): BarRecord {
  const direction: Sample['direction'] = (sizeSpec(size).direction satisfies Direction) === 'height' ? 'height' : 'across';
  const at = (readings: Readings | undefined) => readings?.[size]?.mm;
  const between = Object.fromEntries(BETWEEN.flatMap((stage) => (at(piece.sizes[stage]) ? [[stage, [at(piece.sizes[stage])!]]] : [])));
  return {
    id: `${MADE}${piece.id}-${direction}`,
    bodyId: run.bodyId!,
    batchId: run.batchId,
    name: `${run.name} ${piece.no}`,
    kind: 'piece',
    lengths: { wet: [wet], ...(wetWith ? between : {}), glazed: [fired] },
    weights: {},
    tool: wetWith ?? firedWith,
    firedTool: firedWith,
    ...(!wetWith && { madeTo: { sd: TOOL_SD[run.tool], run: run.id } }),
    direction,
    firing: piece.firing ?? run.firing ?? {},
    softness: run.softness,
    warped: piece.wrong?.some((what) => what === 'warped' || what === 'slumped'),
    dates: {},
    note: '',
    createdAt: piece.at,
  };
}

const NONE: readonly BarRecord[] = [];

/** What a fired piece says of its clay: across, and in height where its form does not sag. Nothing where it is left out. */
export function samplesOf(run: Run, piece: MadePiece): readonly BarRecord[] {
  if (piece.out || run.bodyId === undefined || !piece.sizes.glazed) return NONE;
  return samplesIn(piece, { run });
}

const samplesIn = remembering((piece: MadePiece, { run }: { readonly run: Run }): readonly BarRecord[] => {
  const across = best(run, piece, WIDTHS);
  const upright = heightSpeaks(run.family) ? endsOf(run, piece, 'height') : undefined;
  return [across, upright].flatMap((ends) => (ends && ends.fired < ends.wet ? [sampleOf(run, piece, ends)] : []));
});

/** The bars of a workspace and what its fired pieces add to them: the same list while neither changes. */
export const allEvidence = ({ bars, runs, pieces }: Pick<Workspace, 'bars' | 'runs' | 'pieces'>): readonly BarRecord[] =>
  gathered(bars, { runs, pieces });

const gathered = remembering((bars: Workspace['bars'], { runs, pieces }: Pick<Workspace, 'runs' | 'pieces'>): readonly BarRecord[] => {
  const byId = new Map(runs.map((run) => [run.id, run]));
  // a piece that was sent to another device and came back is a bar already
  const sent = new Set(bars.flatMap(({ id }) => (id.startsWith(SENT) ? [id] : [])));
  const made = pieces
    .flatMap((piece) => {
      const run = byId.get(piece.runId);
      return run ? samplesOf(run, piece) : NONE;
    })
    .filter((sample) => !sent.has(asSent(sample).id));
  return made.length > 0 ? [...bars, ...made] : bars;
});

/** A piece's shrinkage by what was measured of it, a fraction. */
export const shrankBy = (sample: Pick<Sample, 'lengths'>): number => 1 - lengthOf(sample, 'glazed')! / lengthOf(sample, 'wet')!;

/** What a piece shrank across, a share, whether it counts or not; none where it was not measured. */
export function shrankAcross({ run, piece }: { readonly run: Run; readonly piece: MadePiece }): number | undefined {
  const across = samplesOf(run, { ...piece, out: undefined }).find(({ direction }) => direction === 'across');
  return across && shrankBy(across);
}
