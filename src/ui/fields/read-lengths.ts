import { type Result, type UnitChoice, bareUnit, good, readLength } from '@/core/units';

/** What a caliper reads: mm, or inches with three places. */
export type CaliperUnit = 'mm' | 'in';

export const caliperUnit = ({ length }: UnitChoice): CaliperUnit => (bareUnit[length] === 'in' ? 'in' : 'mm');

const READS = { mm: { per: 1, places: 2 }, in: { per: 25.4, places: 3 } } as const;

/** The length a bar is marked with before anybody says another: a round figure in either unit. mm */
export const USUAL_MARK: Record<CaliperUnit, number> = { mm: 100, in: 101.6 };

/** Several pairs of dots on one bar are written one after the other with semicolons. */
const BETWEEN = ';';

/** A length in mm, as a caliper shows it. */
export function writeReading(mm: number, unit: CaliperUnit): string {
  const { per, places } = READS[unit];
  return String(Number((mm / per).toFixed(places)));
}

export const writeLengths = (lengths: readonly number[] | undefined, unit: CaliperUnit): string =>
  (lengths ?? []).map((mm) => writeReading(mm, unit)).join(`${BETWEEN} `);

/** Reads `88.1` or `88.1; 88.3`, in the caliper's unit unless another is written; empty is not measured. In mm. */
export function readLengths(text: string, unit: CaliperUnit): Result<number[]> {
  const lengths: number[] = [];
  for (const part of text.split(BETWEEN).filter((each) => each.trim() !== '')) {
    const read = readLength(part, { unit });
    if (!read.ok) return read;
    lengths.push(read.value);
  }
  return good(lengths);
}
