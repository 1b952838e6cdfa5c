import { type Result, good, readLength } from '@/core/units';

/** Several pairs of dots on one bar are written one after the other with semicolons. */
const BETWEEN = ';';

export const writeLengths = (lengths: readonly number[] | undefined): string =>
  (lengths ?? []).map((mm) => String(Number(mm.toFixed(2)))).join(`${BETWEEN} `);

/** Reads `88.1` or `88.1; 88.3`, mm unless another unit is written; empty is not measured. */
export function readLengths(text: string): Result<number[]> {
  const lengths: number[] = [];
  for (const part of text.split(BETWEEN).filter((each) => each.trim() !== '')) {
    const read = readLength(part);
    if (!read.ok) return read;
    lengths.push(read.value);
  }
  return good(lengths);
}
