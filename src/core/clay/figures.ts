import type { PercentRange } from '@/core/units';
import { type Bar, type Belief, type BelievedShares, SHARE_SD, believe, priorOf } from './belief';
import { type FiredBar, believeFiring, isFiredOtherwise } from './firing';
import { believeHeight } from './height';
import { type ClayKind, TYPICAL } from './kinds';
import type { Matter } from './matter';
import type { Direction, Shares, Shrinkage } from './shrinkage';

/** What is known of a clay, as people write it: percent, mm. Everything but the kind may be missing. */
export interface ClayFacts {
  readonly kind: ClayKind;
  readonly shrinkagePercent?: PercentRange | undefined;
  readonly heightShrinkagePercent?: number | undefined;
  readonly sharesPercent?: Shares | undefined;
  readonly waterPercent?: number | undefined;
  readonly lossPercent?: number | undefined;
  readonly bars?: readonly FiredBar[] | undefined;
  /** How hot the firing asked for is, deg C, where bars fired otherwise stand in for its own. */
  readonly askedC?: number | undefined;
  /**
   * Bars and pieces measured in height. Where they are given, even none, what is believed of height follows from width and from them;
   * else height is taken as it was entered, or as width.
   */
  readonly heightBars?: readonly Bar[] | undefined;
  /** Water and loss as weighed, fractions; before what was given. */
  readonly weighed?: { readonly water?: number | undefined; readonly loss?: number | undefined } | undefined;
}

/** Where a figure comes from, so that no number stands without its source. */
export type Source = 'bars' | 'supplier' | 'given' | 'typical';

/** How far the next piece may be off the size it is made to, sd in mm, and by how much it comes out larger on the whole, mm. */
export interface OwnHand {
  readonly sd: number;
  readonly lean: number;
}

/** A clay's figures ready to compute with, each with its source. */
export interface ClayFigures {
  readonly belief: Belief;
  /** The belief about height, where it was measured apart from width; the same belief otherwise. */
  readonly heightBelief: Belief;
  readonly shrinkage: Shrinkage;
  readonly matter: Matter;
  /** How truly sizes are made of it, by tool and direction, as the maker's own pieces have shown it. */
  readonly hands?: Readonly<Record<'gauge' | 'eye', Readonly<Record<Direction, OwnHand>>>> | undefined;
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
    if (there === undefined || bar.glazed === undefined || bar.wet === undefined || bar.glazed === bar.wet) return [];
    return [(bar.wet - there) / (bar.wet - bar.glazed)];
  });
  return shares.length ? shares.reduce((a, b) => a + b, 0) / shares.length : undefined;
}

export function sharesOf(facts: Pick<ClayFacts, 'bars' | 'sharesPercent' | 'kind'>): {
  shares: Shares;
  sources: Record<keyof Shares, Source>;
} {
  const all = SHARE_STAGES.map((stage) => {
    const measured = shareFromBars(facts.bars ?? [], stage);
    if (measured !== undefined) return { stage, share: measured, source: 'bars' as const };
    const given = facts.sharesPercent?.[stage];
    if (given !== undefined) return { stage, share: given / 100, source: 'given' as const };
    return { stage, share: TYPICAL[facts.kind].shares[stage], source: 'typical' as const };
  });
  const record = <T>(of: (each: (typeof all)[number]) => T) =>
    Object.fromEntries(all.map((each) => [each.stage, of(each)])) as Record<keyof Shares, T>;
  return { shares: record(({ share }) => share), sources: record(({ source }) => source) };
}

/** The shares with how sure each is. */
export function believedShares(shares: Shares, sources: Readonly<Record<keyof Shares, Source>>): BelievedShares {
  const of = (stage: keyof Shares) => ({ share: shares[stage], sd: sources[stage] === 'typical' ? SHARE_SD.typical : SHARE_SD.known });
  return { leather: of('leather'), dry: of('dry'), bisque: of('bisque') };
}

function matterFigure(weighed: number | undefined, given: number | undefined, typical: number): { value: number; source: Source } {
  if (weighed !== undefined) return { value: weighed, source: 'bars' };
  if (given !== undefined) return { value: given / 100, source: 'given' };
  return { value: typical, source: 'typical' };
}

/** What is believed of the shrinkage across: by bars fired otherwise where they stand in, shifted and as unsure as that makes it. */
function believedAt({ kind, shrinkagePercent, bars = [], askedC }: ClayFacts, believed: BelievedShares): Belief {
  const belief = believe(kind, shrinkagePercent, bars, believed);
  if (!bars.some((bar) => isFiredOtherwise(bar, askedC))) return belief;
  return { ...belief, ...believeFiring(priorOf(kind, shrinkagePercent), bars, believed, { temperatureC: askedC }).belief };
}

/**
 * Turns what is known of a clay into the figures everything computes with: bars before the supplier's word,
 * the supplier's word before what is typical of the kind, and each figure says which it was.
 *
 * @example clayFigures({ kind: 'stoneware', shrinkagePercent: 11.5 }).shrinkage.width // 0.115
 */
export function clayFigures(facts: ClayFacts): ClayFigures {
  const { shares, sources } = sharesOf(facts);
  const believed = believedShares(shares, sources);
  const belief = believedAt(facts, believed);
  const given = facts.heightShrinkagePercent;
  const heightBelief = facts.heightBars ? believeHeight(facts, facts.bars ?? [], facts.heightBars, belief, believed).belief : undefined;
  const water = matterFigure(facts.weighed?.water, facts.waterPercent, TYPICAL[facts.kind].water);
  const loss = matterFigure(facts.weighed?.loss, facts.lossPercent, TYPICAL[facts.kind].loss);
  return {
    belief,
    heightBelief: heightBelief ?? (given === undefined ? belief : { ...belief, mean: given / 100 }),
    shrinkage: { width: belief.mean, height: heightBelief?.mean ?? (given === undefined ? belief.mean : given / 100), shares },
    matter: { water: water.value, loss: loss.value },
    sources: {
      shrinkage: belief.weight > 0 ? 'bars' : facts.shrinkagePercent === undefined ? 'typical' : 'supplier',
      shares: sources,
      water: water.source,
      loss: loss.source,
    },
  };
}
