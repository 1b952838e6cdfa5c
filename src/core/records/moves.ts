import type { Stage } from '@/core/clay';
import type { SizeName } from '@/core/form';
import type { Shelf } from './made';
import type { PartRef } from './parts';
import type { MadePiece, Reading, Readings, Run } from './records';

/** Which part of which plan a run is of; none where it was logged without one. */
export const refOf = ({ planId, partId }: Pick<Run, 'planId' | 'partId'>): PartRef | undefined =>
  planId === undefined ? undefined : partId === undefined ? planId : `${planId}/${partId}`;

/** Moves a piece to another shelf on a day; it knows since when it stood on each. */
export function onShelf(piece: MadePiece, shelf: Shelf, on: string): MadePiece {
  if (piece.shelf === shelf) return piece;
  return { ...piece, shelf, since: { ...piece.since, [shelf]: on } };
}

/** A length measured of a piece, or taken back. */
export function withReading(piece: MadePiece, stage: Stage, size: SizeName, reading: Reading | undefined): MadePiece {
  const { [size]: _, ...others } = piece.sizes[stage] ?? {};
  const at: Readings = reading ? { ...others, [size]: reading } : others;
  const { [stage]: _was, ...stages } = piece.sizes;
  return { ...piece, sizes: Object.keys(at).length > 0 ? { ...stages, [stage]: at } : stages };
}
