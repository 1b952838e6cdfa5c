import type { Stopper } from '@/core/fit';

/** A lot of bought things pots are made to: as measured, mm. */
export interface Stock {
  readonly id: string;
  readonly name: string;
  /** A rigid lid, a plate or a candle glass; a tapered stopper or cork; a gasket that takes mouths from one width to another; the height under a shelf. */
  readonly kind: StockKind;
  /** Each one measured: of a lid its width, of a stopper that of its top; of a gasket the least and the most mouth it takes; of a shelf how high it is under it. */
  readonly widths: readonly number[];
  /** Of a stopper: the width of its bottom, and how long it is between the two. */
  readonly bottom?: number | undefined;
  readonly length?: number | undefined;
}

export const STOCK_KINDS = {
  lid: 'rigid lid',
  stopper: 'tapered stopper or cork',
  gasket: 'lid with a gasket',
  plate: 'plate',
  glass: 'candle glass',
  shelf: 'cupboard shelf',
} as const;

export type StockKind = keyof typeof STOCK_KINDS;

/** Whether it is a thing of one width, that goes into a mouth or lies over it. */
export const isRigidLot = ({ kind }: Pick<Stock, 'kind'>): boolean => kind === 'lid' || kind === 'plate' || kind === 'glass';

/** Middle and spread of a lot; the spread once two are measured. mm */
export interface Lot {
  readonly mean: number;
  readonly spreadSd: number | undefined;
}

/** Mean and sample standard deviation of what was measured of a lot. */
export function lotOf({ widths }: Pick<Stock, 'widths'>): Lot {
  const mean = widths.reduce((sum, each) => sum + each, 0) / widths.length;
  if (widths.length < 2) return { mean, spreadSd: undefined };
  const squares = widths.reduce((sum, each) => sum + (each - mean) ** 2, 0);
  return { mean, spreadSd: Math.sqrt(squares / (widths.length - 1)) };
}

/** A lot of stoppers as one; undefined while its taper is not known. */
export function stopperOf(stock: Stock): Stopper | undefined {
  const { bottom, length } = stock;
  const { mean, spreadSd } = lotOf(stock);
  return bottom === undefined || length === undefined ? undefined : { bottom, top: mean, length, spreadSd };
}

/** Widths to enter as an example, mm, in the reader's units. */
const such = (widths: readonly number[], write: (mm: number) => string): string => widths.map(write).join('; ');

/** Why a lot is none, if so: the field and what would be right. */
export function stockFault({ kind, widths, bottom, length }: Stock, write: (mm: number) => string): string | undefined {
  if (widths.length === 0 || widths.some((mm) => !(mm > 0)))
    return `Enter what each measures with a semicolon between, such as ${such([71, 71.4, 70.6], write)}.`;
  if (kind === 'gasket' && (widths.length !== 2 || widths[0]! >= widths[1]!))
    return `Enter the least and the most mouth it takes, such as ${such([80, 84], write)}.`;
  if (kind !== 'stopper') return undefined;
  if (bottom !== undefined && bottom >= Math.min(...widths))
    return `A stopper ${write(bottom)} wide at its bottom and ${write(Math.min(...widths))} at its top does not taper inwards. Swap them.`;
  return length !== undefined && length <= 0 ? 'Enter how long it is between the two widths.' : undefined;
}
