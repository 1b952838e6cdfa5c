import type { PercentRange } from '@/core/units';
import { type Bar, type Belief, believe } from './belief';
import { type ClayKind, TYPICAL, TYPICAL_LOSS, TYPICAL_WATER } from './kinds';
import type { Matter } from './matter';
import type { Shares, Shrinkage } from './shrinkage';

/** What is known of a clay, as people write it: percent, mm. Everything but the kind may be missing. */
export interface ClayFacts {
  readonly kind: ClayKind;
  readonly shrinkagePercent?: PercentRange | undefined;
  readonly heightShrinkagePercent?: number | undefined;
  readonly sharesPercent?: Shares | undefined;
  readonly waterPercent?: number | undefined;
  readonly lossPercent?: number | undefined;
  readonly bars?: readonly Bar[] | undefined;
}

/** Where a figure comes from, so that no number stands without its source. */
export type Source = 'bars' | 'supplier' | 'given' | 'typical';

/** A clay's figures ready to compute with, each with its source. */
export interface ClayFigures {
  readonly belief: Belief;
  readonly shrinkage: Shrinkage;
  readonly matter: Matter;
  readonly sources: {
    readonly shrinkage: Source;
    readonly shares: Readonly<Record<keyof Shares, Source>>;
    readonly water: Source;
    readonly loss: Source;
  };
}

const SHARE_STAGES = ['leather', 'dry', 'bisque'] as const;

/** The mean share of the shrinkage done at a stage, over the bars measured there and glazed; undefined without any. */
function shareFromBars(bars: readonly Bar[], stage: keyof Shares): number | undefined {
  const shares = bars.flatMap((bar) => {
    const there = bar[stage];
    if (there === undefined || bar.glazed === undefined || bar.glazed === bar.wet) return [];
    return [(bar.wet - there) / (bar.wet - bar.glazed)];
  });
  return shares.length ? shares.reduce((a, b) => a + b, 0) / shares.length : undefined;
}

/**
 * Turns what is known of a clay into the figures everything computes with: bars before the supplier's word,
 * the supplier's word before what is typical of the kind, and each figure says which it was.
 *
 * @example clayFigures({ kind: 'stoneware', shrinkagePercent: 11.5 }).shrinkage.width // 0.115
 */
export function clayFigures(facts: ClayFacts): ClayFigures {
  const bars = facts.bars ?? [];
  const belief = believe(facts.kind, facts.shrinkagePercent, bars);
  const shares = SHARE_STAGES.map((stage) => {
    const measured = shareFromBars(bars, stage);
    if (measured !== undefined) return [stage, measured, 'bars'] as const;
    const given = facts.sharesPercent?.[stage];
    if (given !== undefined) return [stage, given / 100, 'given'] as const;
    return [stage, TYPICAL[facts.kind].shares[stage], 'typical'] as const;
  });
  const height = facts.heightShrinkagePercent;
  return {
    belief,
    shrinkage: {
      width: belief.mean,
      height: height === undefined ? belief.mean : height / 100,
      shares: Object.fromEntries(shares.map(([stage, share]) => [stage, share])) as unknown as Shares,
    },
    matter: {
      water: facts.waterPercent === undefined ? TYPICAL_WATER : facts.waterPercent / 100,
      loss: facts.lossPercent === undefined ? TYPICAL_LOSS : facts.lossPercent / 100,
    },
    sources: {
      shrinkage: belief.weight > 0 ? 'bars' : facts.shrinkagePercent === undefined ? 'typical' : 'supplier',
      shares: Object.fromEntries(shares.map(([stage, , source]) => [stage, source])) as Record<keyof Shares, Source>,
      water: facts.waterPercent === undefined ? 'typical' : 'given',
      loss: facts.lossPercent === undefined ? 'typical' : 'given',
    },
  };
}
