'use client';

import { correctionOf, tile } from '@/core/paper';
import { useBench } from '@/ui/bench';
import { type Saveable } from '@/ui/fields';
import { useUnits, useWorkspace } from '@/ui/state';
import { pdfOf } from '@/workers';
import { planTable } from '@/core/bench';
import { rowsOf } from './print-rows';

/** Every piece on one list for the wall, as a PDF. */
export function usePrintList(): Saveable {
  const { workspace } = useWorkspace();
  const units = useUnits();
  const { paper, measuredMm } = useBench();
  const make = async () => {
    const drawing = planTable(rowsOf(workspace, units), new Date().toISOString().slice(0, 10));
    const [first, ...rest] = tile(drawing, paper, correctionOf(measuredMm));
    return { content: await pdfOf([first!, ...rest]), name: 'rimbet-pieces.pdf', type: 'application/pdf' };
  };
  return { words: 'Print the list', make };
}
