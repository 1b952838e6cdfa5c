import type { Sheet } from '@/core/paper';
import { writePdf } from '@/core/print';
import { onJob } from './job';

export interface PdfAsk {
  readonly sheets: readonly [Sheet, ...Sheet[]];
  readonly font: ArrayBuffer;
}

onJob<PdfAsk, ArrayBuffer>(
  ({ sheets, font }) => writePdf(sheets, font),
  (bytes) => [bytes],
);
