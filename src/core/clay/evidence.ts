import { coneAboutC, coneRank } from './cone';
import type { FiredBar } from './firing';
import { type Firing, type Sample, lengthOf } from './sample';
import type { Shares } from './shrinkage';
import { slipsOf } from './slips';
import { STAGES, type Stage } from './stage';

/** The first and the last stage a sample was measured at; undefined with fewer than two. */
function measuredSpan(sample: Pick<Sample, 'lengths'>): { from: Stage; to: Stage } | undefined {
  const measured = STAGES.filter((stage) => lengthOf(sample, stage) !== undefined);
  const [from, to] = [measured[0], measured.at(-1)];
  return from && to && from !== to ? { from, to } : undefined;
}

/**
 * The whole shrinkage, wet to glazed, that two measured stages speak of: (1 - r)/(share_to - r share_from) with r the
 * ratio of the later to the earlier length (solved from k = 1 - share x S, how-it-computes.md, From finished to wet). Undefined with fewer than two.
 *
 * @example impliedShrinkage({ lengths: { wet: [100], glazed: [88] } }, shares) // 0.12
 */
export function impliedShrinkage(sample: Pick<Sample, 'lengths'>, shares: Shares): number | undefined {
  const span = measuredSpan(sample);
  if (!span) return undefined;
  const share = (stage: Stage) => (stage === 'wet' ? 0 : stage === 'glazed' ? 1 : shares[stage]);
  const ratio = lengthOf(sample, span.to)! / lengthOf(sample, span.from)!;
  return (1 - ratio) / (share(span.to) - ratio * share(span.from));
}

/** Whether two firings are the same for shrinkage: the same cone; without cones, within 15 degrees. Unknown goes with anything. */
function sameFiring(a: Firing, b: Firing): boolean {
  if (coneRank(a.cone) !== undefined && coneRank(b.cone) !== undefined) return a.cone === b.cone;
  if (a.temperatureC !== undefined && b.temperatureC !== undefined) return Math.abs(a.temperatureC - b.temperatureC) <= 15;
  return true;
}

/** Why a sample is not used in a belief. */
export type Unused = 'not fired' | 'warped' | 'other firing' | 'grew' | 'in question';

/** A sample sorted for one batch and firing: used, or why not. */
export interface Sorted<S extends Sample> {
  readonly sample: S;
  readonly unused?: Unused | undefined;
  readonly sameBatch: boolean;
}

/** What a body's samples say for one batch and firing. */
export interface Evidence<S extends Sample> {
  readonly sorted: readonly Sorted<S>[];
  /** Nothing was fired to this firing, so others stand in. */
  readonly otherFiringStandsIn: boolean;
}

function faultOf(sample: Sample): Unused | undefined {
  const span = measuredSpan(sample);
  if (span?.to !== 'glazed') return 'not fired';
  if (lengthOf(sample, span.to)! >= lengthOf(sample, span.from)!) return 'grew';
  if (sample.warped) return 'warped';
  return slipsOf(sample).length > 0 ? 'in question' : undefined;
}

/**
 * Sorts a body's samples for one batch and firing. Samples of another firing are shown but not used,
 * unless there is nothing else. A missing batch is a batch of its own.
 */
export function gather<S extends Sample>(samples: readonly S[], batchId: string | undefined, firing: Firing): Evidence<S> {
  const sound = samples.map((sample) => ({ sample, sameBatch: sample.batchId === batchId, unused: faultOf(sample) }));
  const here = sound.some(({ sample, unused }) => !unused && sameFiring(sample.firing, firing));
  return {
    otherFiringStandsIn: !here && sound.some(({ unused }) => !unused),
    sorted: sound.map((each) =>
      here && !each.unused && !sameFiring(each.sample.firing, firing) ? { ...each, unused: 'other firing' as const } : each,
    ),
  };
}

/** About how hot a firing is, deg C: by its cone, which says more than a temperature. */
export const heatOf = ({ cone, temperatureC }: Firing): number | undefined => coneAboutC(cone) ?? temperatureC;

/** The bars a belief takes, from the samples used: lengths averaged over their marks. */
export function asBars<S extends Sample>(evidence: Evidence<S>): FiredBar[] {
  return evidence.sorted.flatMap(({ sample, unused, sameBatch }) => {
    if (unused) return [];
    const at = (stage: Stage) => lengthOf(sample, stage);
    const { tool, firedTool, madeTo, batchId } = sample;
    return [
      {
        wet: at('wet'),
        leather: at('leather'),
        dry: at('dry'),
        bisque: at('bisque'),
        glazed: at('glazed')!,
        ...{ tool, firedTool, madeTo, sameBatch, batch: batchId, temperatureC: heatOf(sample.firing) },
      },
    ];
  });
}
