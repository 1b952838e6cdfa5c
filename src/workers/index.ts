import type { Sheet } from '@/core/paper';
import type { PdfAnswer } from './pdf.worker';

const FONT = '/fonts/atkinson-hyperlegible-next-latin.ttf';

/** Makes a PDF of sheets in a worker, so that nothing stops meanwhile. Rejects where the font or the worker cannot be had. */
export async function pdfOf(sheets: readonly [Sheet, ...Sheet[]]): Promise<ArrayBuffer> {
  const found = await fetch(FONT);
  if (!found.ok) throw new Error('The font for printing could not be read.');
  const font = await found.arrayBuffer();
  const worker = new Worker(new URL('./pdf.worker.ts', import.meta.url), { type: 'module' });
  try {
    return await new Promise<ArrayBuffer>((resolve, reject) => {
      worker.onmessage = ({ data }: MessageEvent<PdfAnswer>) => (data.ok ? resolve(data.bytes) : reject(new Error(data.why)));
      worker.onerror = (event) => reject(new Error(event.message || 'The PDF could not be made.'));
      worker.postMessage({ sheets, font });
    });
  } finally {
    worker.terminate();
  }
}
