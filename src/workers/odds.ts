import type { Drawn, GapRange, Pair } from '@/core/fit';
import { type Remote, wrap } from 'comlink';
import type { OddsWorker } from './odds.worker';

let warm: Remote<OddsWorker> | undefined;

/** One worker for all odds, made when first asked for and kept warm. */
function oddsWorker(): Remote<OddsWorker> {
  warm ??= wrap<OddsWorker>(new Worker(new URL('./odds.worker.ts', import.meta.url), { type: 'module' }));
  return warm;
}

/** How many pairs are drawn for an answer, and from which seed: the same pair always gets the same answer. */
const DRAWS = 200_000;
const SEED = 1;

let latest = 0;
let previous: Promise<unknown> = Promise.resolve();

/** Draws the odds of a pair. Undefined where another pair was asked for meanwhile: that one is drawn instead. */
export async function drawOdds(pair: Pair, range: GapRange): Promise<Drawn | undefined> {
  latest += 1;
  const mine = latest;
  // those that were overtaken while one was drawn are not drawn at all
  await previous;
  if (mine !== latest) return undefined;
  const drawn = oddsWorker().draw(pair, range, DRAWS, SEED);
  previous = drawn.catch(() => undefined);
  const found = await drawn;
  return mine === latest ? found : undefined;
}

/** Makes and fires so many pairs: their finished gaps, mm. Another seed is another firing. */
export const firePairs = (pair: Pair, count: number, seed: number): Promise<readonly number[]> => oddsWorker().fire(pair, count, seed);
