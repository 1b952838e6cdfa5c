'use client';

import { castOf, type CastWork } from '@/core/casting';
import type { Part, Workspace } from '@/core/records';
import { remembering } from '@/core/remember';
import type { Result } from '@/core/units';
import { useWorkspace } from '@/ui/state';
import type { PieceModel } from '../model/use-piece';

interface Inputs extends Pick<Workspace, 'shop'> {
  readonly sized: PieceModel['worked']['sized'];
  readonly clay: PieceModel['worked']['clay'];
  readonly length: PieceModel['units']['length'];
}

const castFor = remembering((part: Part, { shop, sized, clay, length }: Inputs): Result<CastWork> =>
  castOf({ shop }, { part, sized, clay }, length),
);

/** A piece worked out for casting, once for its stage and its answer. */
export function useCast({ part, worked, units }: PieceModel): Result<CastWork> {
  const { shop } = useWorkspace().workspace;
  return castFor(part, { shop, sized: worked.sized, clay: worked.clay, length: units.length });
}
