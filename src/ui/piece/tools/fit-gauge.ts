import type { Gauge } from '@/core/bench';
import type { FitWork } from '@/core/fitting';
import { madeWords } from '../fit';

/** Less than this is not gauged, mm. */
const SEEN = 0.1;

/** What is set to meet what a piece is to fit: the best width at the stage it is made at, with go and no-go. */
export function fitGauge(work: FitWork): Gauge {
  const { at, best, go, finishes, stock, stopper, disc, flange, range, narrows, side } = work;
  const perMm = stopper ? stopper.length / (stopper.top - stopper.bottom) : 0;
  return {
    name: stock ? `For ${stock.name}` : 'For the lid',
    stage: at,
    datum: `calipers set to ${madeWords(work)}. Anything between the smallest and the largest fits almost as well`,
    readings: [
      { what: madeWords(work), mm: best.diameter },
      ...(go
        ? [
            { what: 'smallest that fits', mm: go[0] },
            { what: 'largest that fits', mm: go[1] },
          ]
        : []),
      // a mouth that tapers has a second gauge width
      ...(side === 'mouth' && narrows > SEEN
        ? [{ what: 'the mouth where the lid ends', mm: best.diameter - (narrows * best.diameter) / finishes }]
        : []),
      ...(disc ? [{ what: 'whole disc', mm: disc.width }] : []),
      ...(flange
        ? [
            { what: 'length of the coil for the flange', mm: flange.length },
            { what: 'coil for the flange, thick', mm: flange.thickness },
          ]
        : []),
      ...(stopper
        ? [
            { what: 'stopper depth, finished, at least', mm: range.min * perMm },
            { what: 'stopper depth, finished, at most', mm: range.max * perMm },
          ]
        : []),
    ],
  };
}
