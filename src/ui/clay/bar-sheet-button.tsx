'use client';

import { bareUnit } from '@/core/units';
import { useBench } from '@/ui/bench';
import { Saves } from '@/ui/fields';
import { useUnits } from '@/ui/state';
import { pdfOf } from '@/workers';
import { USUAL_MARK, caliperUnit, writeReading } from '@/ui/fields';
import type { ClayView } from './use-clay-view';

/** The strips to lay on the clay, as a PDF. */
export function BarSheetButton({ view }: { view: ClayView }) {
  const { paper } = useBench();
  const { choice } = useUnits();
  const unit = caliperUnit(choice);
  const marked = USUAL_MARK[unit];
  const markedWords = `${writeReading(marked, unit)} ${unit}`;
  const make = async () => {
    const { barSheet, CHECKS } = await import('@/core/paper');
    const batch = view.batches.find(({ id }) => id === view.batchId)?.name;
    const sheet = barSheet({
      body: view.body.name,
      batch,
      cone: view.known.firing.cone,
      marked,
      markedWords,
      paper,
      check: CHECKS[bareUnit[choice.length]],
    });
    return { content: await pdfOf([sheet]), name: 'rimbet-bars.pdf', type: 'application/pdf' };
  };
  return <Saves files={[{ words: 'Print a bar sheet', make }]} />;
}
