import type { Bar, MeasuredWith } from './belief';
import type { Stage } from './stage';

export type Softness = 'soft' | 'medium' | 'firm';

/** How something was fired. A cone says more than a temperature; either may be missing. */
export interface Firing {
  readonly cone?: string | undefined;
  readonly temperatureC?: number | undefined;
  readonly holdMinutes?: number | undefined;
  readonly atmosphere?: 'oxidation' | 'neutral' | 'reduction' | undefined;
}

/** A bar or a piece of clay as written down: lengths at its stages, several marks each, mm; weights, g. */
export interface Sample {
  readonly lengths: Partial<Readonly<Record<Stage, readonly number[]>>>;
  readonly weights: Partial<Readonly<Record<Stage, number>>>;
  /** Weight after boiling and wiping, g. */
  readonly boiled?: number | undefined;
  readonly tool: MeasuredWith;
  /** With what it was measured fired, where that is another. */
  readonly firedTool?: MeasuredWith | undefined;
  /** Not measured wet, but made to a size: how truly, sd in mm, and the run it is of. */
  readonly madeTo?: Bar['madeTo'];
  readonly direction: 'along' | 'across' | 'height';
  readonly firing: Firing;
  readonly batchId?: string | undefined;
  readonly softness?: Softness | undefined;
  readonly warped?: boolean | undefined;
  /** Stages whose length was asked about and is right. */
  readonly sure?: readonly Stage[] | undefined;
}

const mean = (values: readonly number[]): number | undefined =>
  values.length ? values.reduce((a, b) => a + b, 0) / values.length : undefined;

/** The mean of a sample's marks at a stage, mm. */
export const lengthOf = (sample: Pick<Sample, 'lengths'>, stage: Stage): number | undefined => mean(sample.lengths[stage] ?? []);
