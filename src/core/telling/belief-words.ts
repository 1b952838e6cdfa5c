import { type Belief, type Sorted, type Unused, heatOf, isFiredOtherwise, mostPieces } from '@/core/clay';
import { writePercent } from '@/core/units';
import type { KnownClay } from '@/core/part';
import type { BarRecord } from '@/core/records';

const plural = (count: number, one: string): string => `${count} ${one}${count === 1 ? '' : 's'}`;

const worth = (bars: number): string =>
  bars < 0.75 ? (bars < 0.35 ? 'less than half a bar' : 'about half a bar') : `about ${plural(Math.round(bars), 'bar')}`;

/** "about 11.5 %, most pieces between 10.8 and 12.2 %": the figure with where 9 in 10 pieces lie. */
export function figureWords(belief: Belief): string {
  const [low, high] = mostPieces(belief);
  return `about ${writePercent(belief.mean * 100)}: 9 in 10 pieces between ${(low * 100).toFixed(1)} and ${(high * 100).toFixed(1)}%`;
}

/** What a clay's own figure for heights rests on; undefined where heights go with widths, nothing being known of them apart. */
export function heightRestsOn({ body, heightEvidence }: KnownClay): 'measured' | 'entered' | undefined {
  if (heightEvidence.sorted.some(({ unused }) => !unused)) return 'measured';
  return body?.heightShrinkagePercent === undefined ? undefined : 'entered';
}

function priorWords(known: KnownClay): string {
  const { body } = known;
  if (body?.shrinkagePercent === undefined) return `the typical figure for ${body?.kind ?? 'stoneware'}`;
  return typeof body.shrinkagePercent === 'number' ? 'the supplier’s figure' : 'the supplier’s range';
}

/** So many bars and so many pieces. */
function countWords(used: readonly Sorted<BarRecord>[]): string {
  const pieces = used.filter(({ sample }) => sample.kind === 'piece').length;
  const bars = used.length - pieces;
  return [bars > 0 && plural(bars, 'bar'), pieces > 0 && plural(pieces, 'piece')].filter(Boolean).join(' and ');
}

/** That bars fired otherwise stand in, and how unsure that makes it. */
function standInWords({ firing }: KnownClay, used: readonly Sorted<BarRecord>[]): string {
  const asked = firing.cone ? `to cone ${firing.cone}` : 'like this';
  const apart = used.filter(({ sample }) => isFiredOtherwise({ temperatureC: heatOf(sample.firing) }, heatOf(firing)));
  if (apart.length === 0) return `None of them was fired ${asked}. They are used until one is.`;
  const from = [...new Set(apart.map(({ sample: { firing: other } }) => (other.cone ? `cone ${other.cone}` : `${other.temperatureC} °C`)))];
  return `None of them was fired ${asked}. Guessed from ${from.join(' and ')}: a point either way in 40 degrees.`;
}

/**
 * What a belief rests on, in words: how many bars of this batch and of others, against the supplier's figure or what is
 * typical; and when bars of another firing stand in.
 */
export function restsOnWords(known: KnownClay): string {
  const { evidence, figures } = known;
  const used = evidence.sorted.filter(({ unused }) => !unused);
  const own = used.filter(({ sameBatch }) => sameBatch);
  const others = used.filter(({ sameBatch }) => !sameBatch);
  const prior = priorWords(known);
  const { voices } = figures.belief;
  if (used.length === 0) return `From ${prior} only. No bars fired yet.`;
  const ownWords = own.length > 0 ? `${countWords(own)} of this batch` : '';
  const otherWords = others.length > 0 ? `${countWords(others)} of other batches (together count as ${worth(voices.others)})` : '';
  const measured = [ownWords, otherWords].filter(Boolean).join('; ');
  const standIn = evidence.otherFiringStandsIn ? ` ${standInWords(known, used)}` : '';
  return `From ${measured}, with ${prior} counted as ${worth(voices.prior)}.${standIn}`;
}

export const UNUSED_WORDS: Record<Unused, string> = {
  'not fired': 'not fired yet',
  warped: 'warped, not used',
  'other firing': 'fired differently, not used',
  'in question': 'waiting for your answer, not used',
  grew: 'longer than when wet, not used until checked',
};
