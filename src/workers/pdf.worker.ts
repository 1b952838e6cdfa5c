import type { Sheet } from '@/core/paper';
import { writePdf } from '@/core/print';

/** What is asked of the worker, and what it answers: the finished file, or why there is none. */
export interface PdfAsk {
  readonly sheets: readonly [Sheet, ...Sheet[]];
  readonly font: ArrayBuffer;
}
export type PdfAnswer = { readonly ok: true; readonly bytes: ArrayBuffer } | { readonly ok: false; readonly why: string };

const scope = self as unknown as {
  onmessage: ((event: MessageEvent<PdfAsk>) => void) | null;
  postMessage(answer: PdfAnswer, transfer: Transferable[]): void;
};

scope.onmessage = ({ data: { sheets, font } }) => {
  try {
    const bytes = writePdf(sheets, font);
    scope.postMessage({ ok: true, bytes }, [bytes]);
  } catch (error) {
    scope.postMessage({ ok: false, why: String(error) }, []);
  }
};
