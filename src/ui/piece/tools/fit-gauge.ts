import type { Gauge } from '@/core/bench';
import { type FitWork, goOf } from '@/core/workspace';
import { madeWords } from '../fit/fit-words';

/** What is set to meet what a piece is to fit: the best width at the stage it is made at, with go and no-go. */
export function fitGauge(work: FitWork): Gauge {
  const { at, best, stock, stopper, disc, range } = work;
  const go = goOf(work);
  const perMm = stopper ? stopper.length / (stopper.top - stopper.bottom) : 0;
  return {
    name: stock ? `For ${stock.name}` : 'For the lid',
    stage: at,
    datum: `calipers set for ${madeWords(work)}; between go and no-go it is nearly as sure as at its best`,
    readings: [
      { what: madeWords(work), mm: best.diameter },
      { what: 'go', mm: go[0] },
      { what: 'no-go', mm: go[1] },
      ...(disc ? [{ what: 'the disc over all', mm: disc.width }] : []),
      ...(stopper
        ? [
            { what: 'stopper in, finished, at least', mm: range.min * perMm },
            { what: 'stopper in, finished, at most', mm: range.max * perMm },
          ]
        : []),
    ],
  };
}
