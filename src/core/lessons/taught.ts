import { remembering } from '@/core/remember';
import type { MadePiece, Run, Workspace } from '@/core/records';

/** What was made, with those pieces that teach; everything learned begins here. */

export type Made = Pick<Workspace, 'runs' | 'pieces'>;

/** A piece with the run it is of. */
export interface PieceOfRun {
  readonly run: Run;
  readonly piece: MadePiece;
}

/** Whether a run came with the example workshop: those have names for ids, a maker's own have none that can be read. */
const isExampleRun = (runId: string): boolean => runId.startsWith('run-');

const NOTHING: Made = { runs: [], pieces: [] };

/** Something worked out when it is asked for, once for the same rows. */
export function once<T>(work: (made: Made) => T): (made: Made) => T {
  const found = remembering((pieces: Made['pieces'], { runs }: Pick<Made, 'runs'>) => work({ runs, pieces }));
  return ({ runs, pieces }) => found(pieces, { runs });
}

/** What the maker made themselves, without the example's; the same object for the same rows. */
const ownRecord = once((made): Made => {
  const runs = made.runs.filter(({ id }) => !isExampleRun(id));
  return runs.length === 0 ? NOTHING : { runs, pieces: made.pieces.filter(({ runId }) => !isExampleRun(runId)) };
});

/** The record that speaks of a plan or a clay: the example's teaches the example's, and never what is the maker's own. */
export const recordFor = (made: Made, { id }: { readonly id: string }): Made => (/^(plan|body)-/.test(id) ? made : ownRecord(made));

/** Every piece with its run. */
export const everyPiece = once(({ runs, pieces }): readonly PieceOfRun[] => {
  const byId = new Map(runs.map((run) => [run.id, run]));
  return pieces.flatMap((piece) => {
    const run = byId.get(piece.runId);
    return run ? [{ run, piece }] : [];
  });
});

/** Those that teach: not left out by their maker. */
export const taught = (made: Made): readonly PieceOfRun[] => everyPiece(made).filter(({ piece }) => !piece.out);

/** Adds to the list under a key. */
export function put<K, T>(lists: Map<K, T[]>, key: K, value: T): void {
  const own = lists.get(key);
  if (own) own.push(value);
  else lists.set(key, [value]);
}

/** What is different from all others by a key, each with what it was learned from. */
export function groups<T>(
  rows: readonly PieceOfRun[],
  keyOf: (row: PieceOfRun) => string,
  of: (row: PieceOfRun) => readonly T[],
): Map<string, T[]> {
  const found = new Map<string, T[]>();
  for (const row of rows) for (const value of of(row)) put(found, keyOf(row), value);
  return found;
}
