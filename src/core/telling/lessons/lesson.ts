import type { Direction } from '@/core/clay';
import type { PieceOfRun } from '@/core/lessons';
import type { Workspace } from '@/core/records';
import type { Tool } from '@/core/sizing';
import type { Written } from '@/core/units';

/** A piece that a lesson rests on, and what it says. It is told of pieces that were left out too, so that they can count again. */
export interface Witness {
  readonly row: PieceOfRun;
  readonly told: string;
}

/** A figure that the pieces made have taught. */
export interface Lesson {
  /** What the figure is of, which is also what it is known by. */
  readonly title: string;
  /** What is used without these pieces. */
  readonly was: string;
  /** What is used now; none while too few pieces say it. */
  readonly is: string | undefined;
  /** The same as one large figure. */
  readonly figure?: Written | undefined;
  /** Sentences that tell what it rests on. */
  readonly says: readonly string[];
  readonly from: readonly Witness[];
  /** The clay it is of, by id, with its linear shrinkage as it was and as it is, a share. */
  readonly clay?: { readonly bodyId: string; readonly was: number; readonly is: number } | undefined;
  /** The hand it is of. */
  readonly hand?: { readonly tool: Tool; readonly direction: Direction } | undefined;
}

/** Puts figures into the reader's units. */
export interface LessonWriters {
  readonly length: (mm: number) => string;
  readonly written: (mm: number) => Written;
}

/** Whether it says anything else than what is used without it. */
export const hasChanged = ({ was, is }: Lesson): boolean => is !== undefined && is !== was;

/** The workshop as it would be without these pieces. */
export function withoutPieces(workspace: Workspace, rows: readonly PieceOfRun[]): Workspace {
  const ids = new Set(rows.map(({ piece }) => piece.id));
  return { ...workspace, pieces: workspace.pieces.filter(({ id }) => !ids.has(id)) };
}

export const percentOf = (share: number): string => `${Math.round(share * 100)}%`;

export const piecesWords = (count: number): string => (count === 1 ? '1 piece' : `${count} pieces`);
