'use client';

import { Act } from '@/ui/fields';
import { saveBytes } from '@/ui/state';
import { pdfOf } from '@/workers';
import type { ClayView } from './use-clay-view';

/** The strips to lay on the clay, as a PDF. */
export function BarSheetButton({ view }: { view: ClayView }) {
  const save = async () => {
    const { barSheet } = await import('@/core/paper');
    const batch = view.batches.find(({ id }) => id === view.batchId)?.name;
    const letter = /^en-(US|CA)$/.test(navigator.language);
    const sheet = barSheet({ body: view.body.name, batch, cone: view.known.firing.cone, marked: 100, paper: letter ? 'letter' : 'a4' });
    await saveBytes(await pdfOf([sheet]), 'rimbet-bars.pdf', 'application/pdf');
  };
  return <Act onClick={() => void save()}>Print a bar sheet</Act>;
}
