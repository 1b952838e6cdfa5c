'use client';

import type { SizeName } from '@/core/form';
import { cameOf, type SizeCame } from '@/core/lessons';
import { piecesOf, runsOf } from '@/core/orders';
import type { MadePiece, Run } from '@/core/records';
import { medianOf } from '@/core/units';
import { useWorkspace } from '@/ui/state';
import { usePicked } from '../model/picked';
import type { PieceModel } from '../model/use-piece';

/** The sizes across that are told of a piece, whichever of them was measured. */
const ACROSS = ['rimDiameter', 'mouthInside', 'baseDiameter'] as const satisfies readonly SizeName[];

/** One piece of a run with what became of its height and its width, where they were measured finished. */
export interface CamePiece {
  readonly piece: MadePiece;
  readonly height: SizeCame | undefined;
  readonly across: SizeCame | undefined;
}

/** A direction of a run: how far the middle of its pieces is off the target, and how much of that hand and clay did. mm */
export interface Middle {
  readonly size: SizeName;
  readonly count: number;
  readonly off: number;
  /** None where none of them was measured wet. */
  readonly by: { readonly hand: number; readonly clay: number } | undefined;
}

export interface CameRun {
  readonly run: Run;
  readonly pieces: readonly CamePiece[];
  readonly height: Middle | undefined;
  readonly across: Middle | undefined;
}

function middleOf(all: readonly (SizeCame | undefined)[]): Middle | undefined {
  const known = all.filter((each): each is SizeCame & { off: number } => each?.off !== undefined);
  const [first] = known;
  if (!first) return undefined;
  const told = known.flatMap(({ came }) => (came ? [came] : []));
  const by = told.length > 0 ? { hand: medianOf(told.map(({ hand }) => hand)), clay: medianOf(told.map(({ clay }) => clay)) } : undefined;
  return { size: first.size, count: known.length, off: medianOf(known.map(({ off }) => off)), by };
}

/** The runs of a piece, the last first; and what came out of the one that is open. */
export function useCame({ plan, part, ref, worked }: PieceModel) {
  const { workspace } = useWorkspace();
  const runs = runsOf(workspace, plan.id)
    .filter(({ partId }) => (partId ?? plan.id) === (ref === plan.id ? plan.id : part.id))
    .toReversed();
  const [openId, setOpen] = usePicked<string | undefined>('run', () => runs[0]?.id);
  const run = runs.find(({ id }) => id === openId) ?? runs[0];
  if (!run) return { runs, openId, setOpen, came: undefined };
  const { shrinkage } = worked.clay;
  const pieces = piecesOf(workspace, run.id).map((piece): CamePiece => {
    const all = cameOf(run, piece, shrinkage);
    const of = (...names: readonly SizeName[]) => names.map((name) => all.find(({ size }) => size === name)).find(Boolean);
    return { piece, height: of('height'), across: of(...ACROSS) };
  });
  const came: CameRun = {
    run,
    pieces,
    height: middleOf(pieces.map(({ height }) => height)),
    across: middleOf(pieces.map(({ across }) => across)),
  };
  return { runs, openId, setOpen, came };
}
