import type { ClayKind, Firing, Sample, Shares, Softness, Stage } from '@/core/clay';
import type { KnownSizes, Making, Way } from '@/core/sizing';
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

/** One part of a piece: its form by known sizes, its clay and its way of making. */
export interface Part {
  readonly id: string;
  readonly name: string;
  readonly family: 'cylinder';
  readonly sizes: KnownSizes;
  readonly bodyId?: string | undefined;
  readonly batchId?: string | undefined;
  /** What it will be fired to; the body's usual cone unless said. */
  readonly firing?: Firing | undefined;
  readonly way: Way;
  readonly making: Making;
}

/** A piece to make: one or more parts. */
export interface Plan {
  readonly id: string;
  readonly name: string;
  readonly note: string;
  readonly parts: readonly [Part, ...Part[]];
  readonly createdAt: string;
  readonly changedAt: string;
}

export interface Settings {
  readonly units: UnitChoice;
  /** The plan that was open last. */
  readonly openPlanId?: string | undefined;
}

/** Everything a maker keeps. */
export interface Workspace {
  readonly bodies: readonly Body[];
  readonly batches: readonly Batch[];
  readonly bars: readonly BarRecord[];
  readonly plans: readonly Plan[];
  readonly settings: Settings;
}

/** The collections whose rows are added, changed and removed; settings are one row of their own. */
export interface Rows {
  bodies: Body;
  batches: Batch;
  bars: BarRecord;
  plans: Plan;
}

export type TableName = keyof Rows;

export const TABLES: readonly TableName[] = ['bodies', 'batches', 'bars', 'plans'];

export const EMPTY: Workspace = { bodies: [], batches: [], bars: [], plans: [], settings: { units: METRIC } };
