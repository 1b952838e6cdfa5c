import type { Stage } from '@/core/clay';

/** One figure of a tool, mm: what it is from where. */
export interface Reading {
  readonly what: string;
  readonly mm: number;
  /** Where it is not the tool's own stage. */
  readonly stage?: Stage | undefined;
}

/** A measuring tool set or cut for a piece: which stage of the clay it touches, what it measures from, and its figures. */
export interface Gauge {
  readonly name: string;
  readonly stage: Stage;
  readonly datum: string;
  readonly readings: readonly Reading[];
}
