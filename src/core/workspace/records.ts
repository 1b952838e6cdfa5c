import type { ClayKind, Firing, Sample, Shares, Softness, Stage } from '@/core/clay';
import type { FamilyName, Knot, Manner } from '@/core/form';
import type { CoilChoices, CoilNote, Cutter, Former, Hand, HandleChoices, Lining, SlabChoices, Texture } from '@/core/handbuild';
import type { OwnMeasure } from './measures';
import type { Fitting } from './fitting';
import type { Stock } from './stock';
import type { Bat, Chuck, Die } from './tools';
import type {
  AttachedPart,
  Gives,
  Joined,
  KnownPiece,
  KnownSizes,
  Making,
  Opening,
  PlaceLimits,
  PouringLip,
  Tester,
  Wanted,
  Way,
} from '@/core/sizing';
import { METRIC, type PercentRange, type UnitChoice } from '@/core/units';

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
  /** What it is asked to hold; not yet, or no longer, what it holds. */
  readonly wanted?: Partial<Wanted> | undefined;
}

/** A piece thrown from a plan, and what was different about it. */
export interface ThrownPiece {
  readonly id: string;
  readonly at: string;
  readonly different?: 'larger' | 'smaller' | 'heavier' | 'lighter' | 'gone wrong' | undefined;
}

/** A piece to make: one or more parts. */
export interface Plan {
  readonly id: string;
  readonly name: string;
  readonly note: string;
  readonly parts: readonly [Part, ...Part[]];
  /** Every one thrown of it, in order. */
  readonly thrown?: readonly ThrownPiece[] | undefined;
  /** The run being made: when it began, if not with the first one thrown, and how many it is to be. */
  readonly run?: { readonly startedAt?: string | undefined; readonly wanted?: number | undefined } | undefined;
  readonly createdAt: string;
  readonly changedAt: string;
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

/** What one device prefers: no part of the shop, and not undone. */
export interface Settings {
  readonly units: UnitChoice;
  /** The plan that was open last. */
  readonly openPlanId?: string | undefined;
  /** The room of a piece that was open last, with its section: `make/steps`. */
  readonly rooms?: Readonly<Record<string, string>> | undefined;
  readonly paper?: 'a4' | 'letter' | undefined;
  /** The printer used last, by its name. */
  readonly printer?: string | undefined;
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
}

export type ShopName = keyof Shop;

export type ShopRow<N extends ShopName = ShopName> = { [K in N]: { readonly id: K; readonly value: Shop[K] } }[N];

/** Everything a maker keeps. */
export interface Workspace {
  readonly bodies: readonly Body[];
  readonly batches: readonly Batch[];
  readonly bars: readonly BarRecord[];
  readonly plans: readonly Plan[];
  readonly formers: readonly FormerRecord[];
  readonly cutters: readonly CutterRecord[];
  readonly shop: readonly ShopRow[];
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
}

export type TableName = keyof Rows;

export const TABLES: readonly TableName[] = ['bodies', 'batches', 'bars', 'plans', 'formers', 'cutters', 'shop'];

export const EMPTY: Workspace = {
  bodies: [],
  batches: [],
  bars: [],
  plans: [],
  formers: [],
  cutters: [],
  shop: [],
  settings: { units: METRIC },
};
