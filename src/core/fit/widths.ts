import { type ClayFigures, STAGES, type Stage } from '@/core/clay';

/** A mouth or a lid of clay: how wide it is made, or is now. mm */
export interface ClayWidth {
  readonly clay: ClayFigures;
  readonly at: Stage;
  /** The mean of its largest and smallest width at that stage. */
  readonly diameter: number;
  /** How truly it is made or measured, sd. */
  readonly toolSd: number;
  /** By how much it is made larger than its diameter says, mm: a hand that leans. */
  readonly lean?: number | undefined;
  /** Sd of how much wider it fires one way than the other; half of what it comes to is lost. */
  readonly ovalitySd: number;
  /** Glaze on the touching face, finished, on one side. */
  readonly glaze?: number | undefined;
}

/** A width that does not shrink: a bought lid, a fired one, or a lot of them with the spread of the lot as its sd. mm */
export interface RigidWidth {
  readonly rigid: true;
  readonly diameter: number;
  readonly spreadSd?: number | undefined;
}

export type Width = ClayWidth | RigidWidth;

export const isRigid = (width: Width): width is RigidWidth => 'rigid' in width;

/** A mouth and what goes into it or over it. */
export interface Pair {
  readonly mouth: Width;
  readonly lid: Width;
  /** Of one clay and fired together, so that what this firing does it does to both. */
  readonly sameFiring: boolean;
}

/** Whether an unfired lid is further on than its pot: it can no longer be made to it. A fired one is a lid in the hand. */
export const isAhead = (lid: Stage, pot: Stage): boolean => lid !== 'glazed' && STAGES.indexOf(lid) > STAGES.indexOf(pot);

/** Which of the two is made, or measured. */
export type Side = 'mouth' | 'lid';

/** How wide the finished gap may be, across, mm. */
export interface GapRange {
  readonly min: number;
  readonly max: number;
}

/** The finished gaps of each fit, across, mm: how-it-computes.md, Fits. */
export const FITS = { snug: { min: 0.4, max: 1.2 }, easy: { min: 0.8, max: 2.5 }, roomy: { min: 1.5, max: 4 } } as const satisfies Record<
  string,
  GapRange
>;

export type Fit = keyof typeof FITS;

/** How much wider one way than the other a fired mouth is unless said, sd in mm: how-it-computes.md, Fits. */
export const OVALITY_SD = 0.6;

/** The same width made otherwise, mm. */
export const ofDiameter = <W extends Width>(width: W, diameter: number): W => ({ ...width, diameter });
