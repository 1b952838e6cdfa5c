'use client';

import { useBench } from '@/ui/bench';
import { Saves } from '@/ui/fields';
import { pdfOf } from '@/workers';
import type { ClayView } from './use-clay-view';

/** The strips to lay on the clay, as a PDF. */
export function BarSheetButton({ view }: { view: ClayView }) {
  const { paper } = useBench();
  const make = async () => {
    const { barSheet } = await import('@/core/paper');
    const batch = view.batches.find(({ id }) => id === view.batchId)?.name;
    const sheet = barSheet({ body: view.body.name, batch, cone: view.known.firing.cone, marked: 100, paper });
    return { content: await pdfOf([sheet]), name: 'rimbet-bars.pdf', type: 'application/pdf' };
  };
  return <Saves files={[{ words: 'Print a bar sheet', make }]} />;
}
