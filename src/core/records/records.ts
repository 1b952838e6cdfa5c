import type { ClayKind, Direction, Firing, MeasuredWith, Sample, Shares, Softness, Stage } from '@/core/clay';
import type { FamilyName, Knot, Manner, SizeName } from '@/core/form';
import type { CoilChoices, Cutter, Former, Hand, HandleChoices, Lining, SlabChoices, Texture } from '@/core/handbuild';
import type { Drying, Fitting } from './fitting';
import type { Different, Fate, Shelf, Work, Wrong } from './made';
import type { CastChoices } from './casting';
import type { Order, PieceSet } from './ordered';
import type {
  AttachedPart,
  Gives,
  Joined,
  KnownPiece,
  KnownSizes,
  Making,
  Opening,
  PouringLip,
  TOOL_SD,
  Tester,
  Wanted,
  Way,
} from '@/core/sizing';
import type { Settings, ShopRow } from './shop-records';
import { METRIC, type PercentRange } from '@/core/units';

export type { LogView, Settings, Shop, ShopName, ShopRow } from './shop-records';

/** A clay body: what the maker knows of it. Percentages as written; missing is unknown. */
export interface Body {
  readonly id: string;
  readonly name: string;
  readonly kind: ClayKind;
  readonly shrinkagePercent?: PercentRange | undefined;
  readonly heightShrinkagePercent?: number | undefined;
  readonly sharesPercent?: Shares | undefined;
  readonly waterPercent?: number | undefined;
  readonly lossPercent?: number | undefined;
  /** The cone it is usually fired to, as the maker writes it. */
  readonly cone?: string | undefined;
  readonly note: string;
  readonly createdAt: string;
}

/** One delivery or mixing of a body. */
export interface Batch {
  readonly id: string;
  readonly bodyId: string;
  readonly name: string;
  /** ISO date, without a time. */
  readonly date?: string | undefined;
  /** How soft it is worked. */
  readonly softness?: Softness | undefined;
  readonly note: string;
}

/** What a drop of water did on the bare fired clay: weak evidence beside boiling. */
export type Bead = 'soaked in' | 'stood some minutes' | 'still stood';

/** A measured bar of a body, or a piece of it measured at two stages. */
export interface BarRecord extends Sample {
  readonly id: string;
  readonly bodyId: string;
  readonly name: string;
  readonly kind: 'bar' | 'piece';
  readonly thicknessMm?: number | undefined;
  /** When it was measured at each stage, ISO dates. */
  readonly dates: Partial<Readonly<Record<Stage, string>>>;
  readonly bead?: Bead | undefined;
  readonly note: string;
  readonly createdAt: string;
}

/** What was chosen of making a part by hand; ways not taken keep what was chosen. */
export interface Handmade {
  /** On the wheel where there is none. */
  readonly by?: Exclude<Hand, 'wheel'> | undefined;
  readonly slab?: Partial<SlabChoices> | undefined;
  readonly texture?: Texture | undefined;
  readonly coil?: Partial<CoilChoices> | undefined;
  /** The former it takes its shape from, and where the clay stops on it, wet mm. */
  readonly formerId?: string | undefined;
  readonly stop?: number | undefined;
  /** The former lined with pieces of slab rather than with one. */
  readonly lining?: Lining | undefined;
  /** A foot put on what was formed, wet mm high. */
  readonly footHeight?: number | undefined;
  /** Parts may be turned across the way the slab was rolled where that saves clay. */
  readonly turn?: boolean | undefined;
  /** How many are cut from one slab. */
  readonly pieces?: number | undefined;
}

/** One part of a piece: its form by known sizes, its clay and its way of making. */
export interface Part {
  readonly id: string;
  readonly name: string;
  readonly family: FamilyName;
  readonly manner: Manner;
  /** An own profile's points. */
  readonly knots?: readonly Knot[] | undefined;
  readonly sizes: KnownSizes;
  /** What gives way to a width inside that is known. */
  readonly gives?: Gives | undefined;
  /** In which share of pieces sizes that are limits should hold; 9 in 10 unless said. */
  readonly odds?: number | undefined;
  readonly bodyId?: string | undefined;
  readonly batchId?: string | undefined;
  /** What it will be fired to; the body's usual cone unless said. */
  readonly firing?: Firing | undefined;
  readonly way: Way;
  readonly making: Making;
  /** Made by hand, if it says how. */
  readonly hand?: Handmade | undefined;
  /** A handle worked out from its hole; its weight counts with the piece. */
  readonly handle?: HandleChoices | undefined;
  /** Handles, knobs, spouts and feet put on. */
  readonly attached?: readonly AttachedPart[] | undefined;
  readonly pouringLip?: PouringLip | undefined;
  readonly joined?: Joined | undefined;
  /** The share of a wall's stretch that goes into height, 0 to 1. */
  readonly shortening?: number | undefined;
  /** How its clay is opened, where that is not the usual way. */
  readonly opening?: Partial<Opening> | undefined;
  /** A piece of the same form that came out right. */
  readonly knownPiece?: KnownPiece | undefined;
  /** The maker's own ball over the ball worked out. */
  readonly ballRatio?: number | undefined;
  /** The first piece thrown of it: the ball it took and what came of it, wet; accepted, the run is made to it. */
  readonly tester?: (Tester & { readonly accepted?: boolean | undefined }) | undefined;
  /** A fired piece in the hand, to be made again: what it weighs and holds. */
  readonly inHand?:
    | {
        readonly weightG?: number | undefined;
        readonly glazePercent?: number | undefined;
        readonly attachedG?: number | undefined;
        readonly capacityMl?: number | undefined;
        readonly wallUnknown?: boolean | undefined;
      }
    | undefined;
  /** What it is to fit with. */
  readonly fit?: Fitting | undefined;
  /** Cast in plaster. */
  readonly cast?: CastChoices | undefined;
  /** What it is asked to hold, not yet, or no longer, what it holds; and the clay there is for it, g, which its sizes follow. */
  readonly wanted?: (Partial<Wanted> & { readonly ballG?: number | undefined }) | undefined;
}

/** A piece to make: one or more parts. */
export interface Plan {
  readonly id: string;
  readonly name: string;
  readonly note: string;
  readonly parts: readonly [Part, ...Part[]];
  /** The piece of it that came out right, and how it was made: pulls, rib, lip, in a few lines. */
  readonly standard?: { readonly pieceId: string; readonly moves: string } | undefined;
  readonly createdAt: string;
  readonly changedAt: string;
}

/** One measurement, mm: the mean of its largest and smallest width, and by how much they differ. */
export interface Reading {
  readonly mm: number;
  readonly oval?: number | undefined;
  readonly with?: MeasuredWith | undefined;
  /** ISO date. */
  readonly on?: string | undefined;
  /** Asked about, since it is far from what was planned, and right. */
  readonly sure?: boolean | undefined;
}

export type Readings = Readonly<Partial<Record<SizeName, Reading>>>;

/** What was said of a size when a run began: that so many of it end between the two, finished mm. */
export interface Promised {
  readonly size: SizeName;
  readonly least?: number | undefined;
  readonly most?: number | undefined;
  readonly chance: number;
}

/** Pieces made together, from a plan or from nothing but a form and a size. Lengths in mm, weights in g. */
export interface Run {
  readonly id: string;
  /** Of which part of which plan. */
  readonly planId?: string | undefined;
  readonly partId?: string | undefined;
  /** What it is called: the plan's name as it then was. */
  readonly name: string;
  /** ISO date. */
  readonly date: string;
  readonly family: FamilyName;
  readonly by: Hand;
  readonly way: Way;
  readonly bodyId?: string | undefined;
  readonly batchId?: string | undefined;
  readonly firing?: Firing | undefined;
  readonly softness?: Softness | undefined;
  /** How it was dried and fired; as its fit says, or uncovered and in its own time, unless said. */
  readonly dried?: Drying | undefined;
  /** Wet, as it was to be made; its height once trimmed. */
  readonly planned: Readonly<Partial<Record<SizeName, number>>>;
  /** The rim above the bat as it was to be thrown: what is trimmed off the foot and cut off the rim is on top of the planned height. */
  readonly gauge?: number | undefined;
  /** What was already taken off the setting for a lean of the hand, mm: below zero it was set larger. */
  readonly taken?: Readonly<Partial<Record<Direction, number>>> | undefined;
  /** The part as it was planned then: a round that can be laid over another, or taken back. */
  readonly as?: Part | undefined;
  /** Finished, as asked for. */
  readonly asked: Readonly<Partial<Record<SizeName, number>>>;
  /** What was believed of the clay when it began: fractions; unknown of what was counted before runs were kept. */
  readonly shrinkage?: { readonly width: number; readonly height: number } | undefined;
  readonly promised?: readonly Promised[] | undefined;
  /** The ball worked out, and the one weighed. */
  readonly ballComputed?: number | undefined;
  readonly ball?: number | undefined;
  readonly wanted?: number | undefined;
  /** With what it is made to size. */
  readonly tool: keyof typeof TOOL_SD;
  /** With what its pieces are measured, and by whom. */
  readonly measures: MeasuredWith;
  readonly who?: string | undefined;
  /** No more are counted into it. */
  readonly closed?: boolean | undefined;
  readonly note: string;
  readonly createdAt: string;
}

/** A picture of a piece; the picture itself is kept apart. */
export interface Photo {
  readonly id: string;
  readonly width: number;
  readonly height: number;
}

/** One piece of a run. */
export interface MadePiece {
  readonly id: string;
  readonly runId: string;
  /** 1 for the first of its run. */
  readonly no: number;
  /** When it was made. */
  readonly at: string;
  readonly shelf: Shelf;
  /** Since when it has stood on each shelf it came to, ISO dates. */
  readonly since: Readonly<Partial<Record<Shelf, string>>>;
  readonly sizes: Readonly<Partial<Record<Stage, Readings>>>;
  readonly weights: Readonly<Partial<Record<Stage, number>>>;
  readonly firing?: Firing | undefined;
  readonly glaze?: string | undefined;
  readonly minutes?: Readonly<Partial<Record<Work, number>>> | undefined;
  readonly wrong?: readonly Wrong[] | undefined;
  readonly fate?: Fate | undefined;
  readonly different?: Different | undefined;
  /** Guessed by eye before it was measured. */
  readonly guesses?: Readonly<Partial<Record<Stage, Readonly<Partial<Record<SizeName, number>>>>>> | undefined;
  readonly note: string;
  /** Left out of what is learned. */
  readonly out?: boolean | undefined;
  readonly photos?: readonly Photo[] | undefined;
}

/** A household bowl or a hump of the maker's. */
export interface FormerRecord extends Former {
  readonly id: string;
  readonly name: string;
  readonly createdAt: string;
}

/** A cutter of the maker's. */
export interface CutterRecord extends Cutter {
  readonly name: string;
  readonly createdAt: string;
}

/** Everything a maker keeps. */
export interface Workspace {
  readonly bodies: readonly Body[];
  readonly batches: readonly Batch[];
  readonly bars: readonly BarRecord[];
  readonly plans: readonly Plan[];
  readonly formers: readonly FormerRecord[];
  readonly cutters: readonly CutterRecord[];
  readonly shop: readonly ShopRow[];
  /** What was made, and what came out. */
  readonly runs: readonly Run[];
  readonly pieces: readonly MadePiece[];
  readonly sets: readonly PieceSet[];
  readonly orders: readonly Order[];
  readonly settings: Settings;
}

/** The collections whose rows are added, changed and removed. */
export interface Rows {
  bodies: Body;
  batches: Batch;
  bars: BarRecord;
  plans: Plan;
  formers: FormerRecord;
  cutters: CutterRecord;
  shop: ShopRow;
  runs: Run;
  pieces: MadePiece;
  sets: PieceSet;
  orders: Order;
}

export type TableName = keyof Rows;

export const TABLES: readonly TableName[] = [
  'bodies',
  'batches',
  'bars',
  'plans',
  'formers',
  'cutters',
  'shop',
  'runs',
  'pieces',
  'sets',
  'orders',
];

export const EMPTY: Workspace = {
  bodies: [],
  batches: [],
  bars: [],
  plans: [],
  formers: [],
  cutters: [],
  shop: [],
  runs: [],
  pieces: [],
  sets: [],
  orders: [],
  settings: { units: METRIC },
};
