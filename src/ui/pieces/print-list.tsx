'use client';

import { madeActs } from '@/store';
import { usePages } from '@/ui/bench';
import { type Saveable } from '@/ui/fields';
import { useUnits, useWorkspace } from '@/ui/state';
import { pdfOf } from '@/workers';
import { planTable } from '@/core/bench';
import { rowsOf } from './print-rows';

/** Every piece on one list for the wall, as a PDF. */
export function usePrintList(): Saveable {
  const { workspace } = useWorkspace();
  const units = useUnits();
  const { pages } = usePages();
  const make = async () => {
    const drawing = planTable(rowsOf(workspace, units), madeActs.today());
    return { content: await pdfOf(pages(drawing)), name: 'rimbet-pieces.pdf', type: 'application/pdf' };
  };
  return { words: 'Print the list', make };
}
