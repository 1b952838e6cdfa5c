import type { Direction } from '@/core/clay';
import type { CoilNote } from '@/core/handbuild';
import type { KnownPiece, PlaceLimits, Way } from '@/core/sizing';
import type { UnitChoice } from '@/core/units';
import type { Slip } from './casting';
import type { OwnMeasure } from './measures';
import type { KilnSpace, Money, WorkWeek } from './ordered';
import type { Stock } from './stock';
import type { Bat, Chuck, Die } from './tools';

/** A way of looking at the log. */
export interface LogView {
  readonly name: string;
  readonly find: string;
  readonly bodyId: string;
  readonly planId: string;
  readonly sort?: string | undefined;
  readonly down?: boolean | undefined;
}

/** What one device prefers: no part of the shop, and not undone. */
export interface Settings {
  readonly units: UnitChoice;
  /** The plan that was open last. */
  readonly openPlanId?: string | undefined;
  /** The room of a piece that was open last, with its section: `make/steps`. */
  readonly rooms?: Readonly<Record<string, string>> | undefined;
  readonly paper?: 'a4' | 'letter' | undefined;
  /** A size is guessed by eye before it is measured. */
  readonly guessFirst?: boolean | undefined;
  /** What of the log is looked at often: a name, and what is found and in which order. */
  readonly views?: readonly LogView[] | undefined;
  /** When all was last exported, and how many things were done since. */
  readonly exported?: { readonly at?: string | undefined; readonly since: number } | undefined;
  /** The printer used last, by its name. */
  readonly printer?: string | undefined;
}

/** A ball somebody said they take for a size, and what that is of the one worked out. */
export interface SaidBall extends KnownPiece {
  readonly way: Way;
  readonly ratio: number;
}

/** What is set once for the whole shop. Each is a row of its own, changed and undone like any other. Lengths in mm. */
export interface Shop {
  /** What the maker's place allows. */
  readonly place: PlaceLimits;
  /** The bat on the wheel head, and how far pointer and chuck keep off the clay. */
  readonly wheel: {
    readonly batThickness?: number | undefined;
    readonly clearance?: number | undefined;
    readonly chuckClearance?: number | undefined;
    /** What is taken off a gauge's setting for the way the hand leans, mm. */
    readonly takeOff?: Readonly<Partial<Record<Direction, number>>> | undefined;
    /** The ball the maker takes for a size, as they said it, one for a way of making. */
    readonly balls?: readonly SaidBall[] | undefined;
  };
  /** Printers, and what their 100 mm line measured. */
  readonly printers: readonly { readonly name: string; readonly measuredMm?: number | undefined }[];
  /** The maker's own measures: rings on the wheel head, a bent wire, a hand's span. */
  readonly measures: readonly OwnMeasure[];
  readonly bats: readonly Bat[];
  readonly dies: readonly Die[];
  readonly chucks: readonly Chuck[];
  /** Bought lids and stoppers. */
  readonly stock: readonly Stock[];
  /** Battens to roll between. */
  readonly battens: readonly number[];
  /** The widest slab the maker's roller takes. */
  readonly rollerWidth: number;
  /** The longest slab the maker's table or sheet allows. */
  readonly slabLength: number;
  /** What the maker's coils came to. */
  readonly coils: readonly CoilNote[];
  readonly week: WorkWeek;
  readonly kiln: KilnSpace;
  readonly money: Money;
  /** Clay there is of each body, kg. */
  readonly clayStock: Readonly<Record<string, number>>;
  /** By body. */
  readonly slips: Readonly<Record<string, Slip>>;
}

export type ShopName = keyof Shop;

export type ShopRow<N extends ShopName = ShopName> = { [K in N]: { readonly id: K; readonly value: Shop[K] } }[N];
