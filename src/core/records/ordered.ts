import type { Stage } from '@/core/clay';
import type { SizeName } from '@/core/form';
import type { Work } from './made';

/** The work on an order, in its order. */
export const ORDER_STEPS = ['throw', 'firm', 'trim', 'dry', 'bisque', 'sort', 'glaze', 'fire', 'pack'] as const;

export type OrderStep = (typeof ORDER_STEPS)[number];

/** One thing ordered: so many of a plan or of a set, or a wish that is no plan yet. */
export interface OrderLine {
  readonly id: string;
  readonly planId?: string | undefined;
  readonly setId?: string | undefined;
  /** In the customer's words. */
  readonly wish?: string | undefined;
  readonly count: number;
  /** For each, or for each set. */
  readonly price?: number | undefined;
  /** How many are made, where that is not what the odds give. */
  readonly make?: number | undefined;
  /** Days by which a step is to be finished, ISO, where it was moved from where it falls. */
  readonly ends?: Readonly<Partial<Record<OrderStep, string>>> | undefined;
  readonly done?: readonly OrderStep[] | undefined;
}

export interface Order {
  readonly id: string;
  readonly name: string;
  /** As the customer said it. */
  readonly words: string;
  /** ISO date. */
  readonly due?: string | undefined;
  readonly lines: readonly OrderLine[];
  /** In which share of cases enough should come out. */
  readonly odds: number;
  /** Delivered, or given up. */
  readonly closed?: boolean | undefined;
  readonly createdAt: string;
}

/** How pieces of one plan are sorted into sets that match. */
export interface Sorting {
  readonly size: number;
  /** The stage they were measured at. */
  readonly at: Stage;
  /** How far the pieces of a set may differ, finished mm. */
  readonly within: Readonly<Partial<Record<SizeName, number>>>;
  /** Sets that stay as they are, by the ids of their pieces. */
  readonly held: readonly (readonly string[])[];
  /** Pieces kept out of every set. */
  readonly out: readonly string[];
}

/** Plans that belong together, from the largest, or one of whose pieces sets are made. */
export interface PieceSet {
  readonly id: string;
  readonly name: string;
  readonly planIds: readonly string[];
  readonly sorting?: Sorting | undefined;
  readonly createdAt: string;
}

/** How the maker's days go. */
export interface WorkWeek {
  /** 1 is Monday. */
  readonly workdays: readonly number[];
  /** ISO dates. */
  readonly off: readonly string[];
  /** So many are thrown in a day. */
  readonly perDay: number;
  readonly room: Room;
}

/** How fast it dries: a damp cellar, a room in between, a warm dry one. */
export const ROOMS_DRY = { damp: 1.5, usual: 1, warm: 0.5 } as const;

export type Room = keyof typeof ROOMS_DRY;

/** Monday to Friday, twenty a day. */
export const USUAL_WEEK: WorkWeek = { workdays: [1, 2, 3, 4, 5], off: [], perDay: 20, room: 'usual' };

/** What the kiln takes: its shelves, and room for so many. Lengths in mm. */
export interface KilnSpace {
  readonly width: number;
  readonly depth: number;
  readonly shelves: number;
}

/** What things cost and bring. A currency is a label, nothing more. */
export interface Money {
  readonly currency: string;
  /** What the shop keeps, 0 to 1. */
  readonly shop: number;
  readonly wantPerHour: number;
  readonly clayPerKg: number;
  /** For each piece. */
  readonly glaze: number;
  readonly firing: number;
  readonly packing: number;
  /** Minutes a piece takes where the log does not say, all together and by what is done. */
  readonly minutes: number;
  readonly byWork?: Readonly<Partial<Record<Work, number>>> | undefined;
}

export const USUAL_MONEY: Money = {
  currency: '',
  shop: 0,
  wantPerHour: 0,
  clayPerKg: 0,
  glaze: 0,
  firing: 0,
  packing: 0,
  minutes: 0,
};
