'use client';

import type { Fit } from '@/core/fit';
import { FAMILIES } from '@/core/form';
import { type LidPair, type MouthWidths, lidPairs } from '@/core/handbuild';
import { sizedPlanPart } from '@/core/part';
import { cutParts } from '@/core/fitting';
import { type CutterRecord, partOf, type Workspace } from '@/core/records';
import type { Sized } from '@/core/sizing';
import { commands } from '@/store';
import { newKey, run, useWorkspace } from '@/ui/state';
import { usePicked } from '../model/picked';
import type { PieceModel } from '../model/use-piece';

/** What is chosen of a lid from cutters: how close, when it is cut, and which other pots it is for. */
export interface LidChosen {
  readonly fit: Fit;
  readonly at: 'wet' | 'leather';
  readonly others: readonly string[];
}

/** So many pairs are listed, the best first. */
const LISTED = 4;

const mouthOf = ({ fired: { side, inside } }: Sized): MouthWidths => ({ inside: 2 * inside[0]!.r, outside: 2 * side.at(-1)!.r });

/** The finished mouth of another part, where it has a round one. */
function mouthNamed(workspace: Workspace, ref: string): MouthWidths | undefined {
  const found = partOf(workspace.plans, ref);
  const made = found && sizedPlanPart(workspace, found.part, String);
  return made?.ok && !made.value.sized.wet.plan ? mouthOf(made.value.sized) : undefined;
}

const START: LidChosen = { fit: 'easy', at: 'wet', others: [] };

/** Whether two round discs can make a lid of it: it has a round mouth. */
export const takesRoundLid = ({ form, worked }: PieceModel): boolean => !FAMILIES[form.family].solid && !worked.sized.wet.plan;

export const cutterName = ({ cutter }: LidPair['lid']): string => (cutter as CutterRecord).name;

/** Pairs of the maker's cutters that make a lid for this mouth, the best first, and what is chosen of them. */
export function useLidPairs(piece: PieceModel) {
  const { workspace } = useWorkspace();
  const [chosen, setChosen] = usePicked<LidChosen>('lid pairs', () => START);
  const { fit, at, others } = chosen;
  const mouth = mouthOf(piece.worked.sized);
  const family = others.flatMap((ref) => mouthNamed(workspace, ref) ?? []);
  const pairs = takesRoundLid(piece) ? lidPairs(piece.worked.clay, workspace.cutters, at, [mouth, ...family], fit).slice(0, LISTED) : [];
  const keep = ({ lid, insert }: LidPair) => {
    const { part, plan, ref } = piece;
    const parts = cutParts(part, piece.worked.sized, { lid: lid.cutter.width, insert: insert.cutter.width, at }, newKey);
    const meets = `${plan.id}/${parts.at(-1)!.id}`;
    const label = `lid from ${cutterName(lid)} and ${cutterName(insert)}`;
    run(commands.addParts(ref, parts, label, (now) => ({ ...now, fit: { ...now.fit, with: 'part', ref: meets, fit } })));
  };
  return {
    chosen,
    choose: (change: Partial<LidChosen>) => setChosen({ ...chosen, ...change }),
    mouth,
    several: family.length > 0,
    pairs,
    keep,
  };
}
