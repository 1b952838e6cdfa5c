import type { Result } from '@/core/units';
import type { FileHolds } from './file.worker';
import { type Job, type Progress, startJob } from './job';
import type { PdfAsk } from './pdf.worker';
import type { StlAsk, StlRead } from './stl.worker';

export type { FileHolds } from './file.worker';
export type { Job, Progress } from './job';
export { drawOdds, firePairs } from './odds';
export { sortSets, stopSorting } from './sort';
export type { StlRead } from './stl.worker';

const FONT = '/fonts/atkinson-hyperlegible-next-latin.ttf';

/** Makes a PDF of sheets in a worker, so that nothing stops meanwhile. Rejects where the font or the worker cannot be had. */
export async function pdfOf(sheets: PdfAsk['sheets']): Promise<ArrayBuffer> {
  const found = await fetch(FONT);
  if (!found.ok) throw new Error('The font for printing could not be read.');
  const ask: PdfAsk = { sheets, font: await found.arrayBuffer() };
  const worker = new Worker(new URL('./pdf.worker.ts', import.meta.url), { type: 'module' });
  return startJob<ArrayBuffer>(worker, ask).result;
}

/** Reads and checks a workspace file in a worker. */
export function readFile(file: File, onProgress: (progress: Progress) => void): Job<Result<FileHolds>> {
  const worker = new Worker(new URL('./file.worker.ts', import.meta.url), { type: 'module' });
  return startJob<Result<FileHolds>>(worker, file, onProgress);
}

/** Reads and measures a model in a worker. */
export function readModel(ask: StlAsk, onProgress: (progress: Progress) => void): Job<Result<StlRead>> {
  const worker = new Worker(new URL('./stl.worker.ts', import.meta.url), { type: 'module' });
  return startJob<Result<StlRead>>(worker, ask, onProgress);
}
