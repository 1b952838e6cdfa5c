'use client';

import { clayOf, type KnownClay, newestBatch } from '@/core/part';
import type { Batch, Body } from '@/core/records';
import { useWorkspace } from '@/ui/state';
import { useMemo, useState } from 'react';

/** A body looked at for one batch and one firing. */
export interface ClayView {
  readonly body: Body;
  readonly known: KnownClay;
  readonly batches: readonly Batch[];
  readonly batchId: string | undefined;
  readonly chooseBatch: (batchId: string | undefined) => void;
  readonly chooseCone: (cone: string | undefined) => void;
}

/** Starts with the newest batch and the body's usual firing. */
export function useClayView(body: Body): ClayView {
  const { bodies, bars, runs, pieces, shop, batches: all } = useWorkspace().workspace;
  const batches = useMemo(() => all.filter(({ bodyId }) => bodyId === body.id), [all, body.id]);
  const [chosen, setBatch] = useState(() => newestBatch({ batches: all }, body.id)?.id);
  const [cone, chooseCone] = useState<string | undefined>();
  const batchId = batches.some(({ id }) => id === chosen) ? chosen : undefined;
  const known = useMemo(
    () => clayOf({ bodies, bars, runs, pieces, shop }, { bodyId: body.id, batchId, ...(cone && { firing: { cone } }) }),
    [bodies, bars, runs, pieces, shop, body.id, batchId, cone],
  );
  return { body, known, batches, batchId, chooseBatch: setBatch, chooseCone };
}
