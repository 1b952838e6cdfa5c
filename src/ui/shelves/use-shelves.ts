'use client';

import { onceEach, remembering } from '@/core/remember';
import { everyPiece } from '@/core/lessons';
import { type MadePiece, refOf, type Run, type Shelf, type Workspace } from '@/core/records';
import { useMemo } from 'react';

/** What is looked at of all that was made. */
export interface Filter {
  readonly find: string;
  readonly bodyId: string;
  readonly planId: string;
  readonly runId: string;
}

export const ALL: Filter = { find: '', bodyId: '', planId: '', runId: '' };

/** One piece with all that is said of it in a list. */
export interface Row {
  readonly run: Run;
  readonly piece: MadePiece;
  readonly clay: string;
}

const rowOf = remembering((piece: MadePiece, { run, clay }: Omit<Row, 'piece'>): Row => ({ run, piece, clay }));

/** The rows of all pieces; a piece that did not change keeps its own. */
function rowsOf(workspace: Workspace): readonly Row[] {
  const clays = new Map(workspace.bodies.map(({ id, name }) => [id, name]));
  return everyPiece(workspace).map(({ run, piece }) => {
    return rowOf(piece, { run, clay: clays.get(run.bodyId ?? '') ?? 'no clay' });
  });
}

/** What a row is found by. */
const words = onceEach(({ run, piece, clay }: Row): string =>
  `${run.name} ${piece.no} ${clay} ${run.date} ${piece.note} ${run.note} ${piece.glaze ?? ''} ${piece.wrong?.join(' ') ?? ''} ${piece.fate ?? ''}`.toLowerCase(),
);

export function useFiltered(workspace: Workspace, { find, bodyId, planId, runId }: Filter): readonly Row[] {
  const rows = useMemo(() => rowsOf(workspace), [workspace]);
  return useMemo(() => {
    const wanted = find.trim().toLowerCase();
    return rows.filter(
      (row) =>
        (!bodyId || row.run.bodyId === bodyId) &&
        (!planId || row.run.planId === planId) &&
        (!runId || row.run.id === runId) &&
        (!wanted || words(row).includes(wanted)),
    );
  }, [rows, find, bodyId, planId, runId]);
}

/** Pieces of one run that stand on one shelf. */
export interface Group {
  readonly key: string;
  readonly run: Run;
  readonly shelf: Shelf;
  readonly pieces: readonly MadePiece[];
  readonly ref: string | undefined;
}

/** Runs by shelf, those moved last first. */
export function groupsOf(rows: readonly Row[]): ReadonlyMap<Shelf, readonly Group[]> {
  const found = new Map<string, { run: Run; shelf: Shelf; pieces: MadePiece[] }>();
  for (const { run, piece } of rows) {
    const key = `${run.id}|${piece.shelf}`;
    const own = found.get(key);
    if (own) own.pieces.push(piece);
    else found.set(key, { run, shelf: piece.shelf, pieces: [piece] });
  }
  const shelves = new Map<Shelf, Group[]>();
  for (const [key, group] of found) {
    group.pieces.sort((a, b) => a.no - b.no);
    const made: Group = { ...group, key, ref: refOf(group.run) };
    shelves.set(group.shelf, [...(shelves.get(group.shelf) ?? []), made]);
  }
  const since = ({ pieces, shelf }: Group) => pieces[0]!.since[shelf] ?? '';
  for (const [shelf, groups] of shelves)
    shelves.set(
      shelf,
      groups.sort((a, b) => (since(a) < since(b) ? 1 : -1)),
    );
  return shelves;
}
