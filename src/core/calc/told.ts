import type { Belief } from '@/core/clay';

/** A belief in percent, as the contract prints it. */
export const toldWithoutWeight = ({ mean, scale, dof, commonSd, pieceSd }: Omit<Belief, 'weight' | 'voices'>) => ({
  meanPercent: mean * 100,
  scalePercent: scale * 100,
  dof,
  commonSdPercent: commonSd * 100,
  pieceSdPercent: pieceSd * 100,
});

export function toldBelief(belief: Belief) {
  const { commonSdPercent, pieceSdPercent, ...rest } = toldWithoutWeight(belief);
  return { ...rest, weight: belief.weight, commonSdPercent, pieceSdPercent };
}
