import { type ClayFigures, type Stage, remaining } from '@/core/clay';
import { type ClayWidth, FITS, type Fit, OVALITY_SD, type Odds, gapOf, oddsOf } from '@/core/fit';
import { TOOL_SD } from '@/core/sizing';

/** A cutter of the maker's set. Plain ones have one width; scalloped ones the width over the tips and that over the hollows, mm. */
export interface Cutter {
  readonly id: string;
  readonly shape: 'round' | 'square';
  readonly width: number;
  /** Of a scalloped cutter: over its hollows. */
  readonly hollows?: number | undefined;
}

/** A cutter and what it finishes at, mm. */
export interface CutAt {
  readonly cutter: Cutter;
  readonly finished: number;
  readonly finishedHollows?: number | undefined;
  /** How far from what was asked, finished mm; above zero is too large. */
  readonly off: number;
}

/** What every cutter finishes at when the clay is cut at a stage, nearest to the asked finished size first. */
export function cuttersFor(clay: ClayFigures, cutters: readonly Cutter[], at: Stage, finished: number): CutAt[] {
  const factor = remaining(clay.shrinkage, 'glazed', 'width') / remaining(clay.shrinkage, at, 'width');
  return cutters
    .map((cutter) => ({
      cutter,
      finished: cutter.width * factor,
      finishedHollows: cutter.hollows && cutter.hollows * factor,
      off: cutter.width * factor - finished,
    }))
    .sort((a, b) => Math.abs(a.off) - Math.abs(b.off));
}

/** A mouth's inside width and its rim's outside width, finished mm. */
export interface MouthWidths {
  readonly inside: number;
  readonly outside: number;
}

/** A lid of two discs: one lies on the rim, the other hangs into the mouth. Finished mm. */
export interface LidPair {
  readonly lid: CutAt;
  readonly insert: CutAt;
  /** Mouth less insert; of several mouths the narrowest. */
  readonly gap: number;
  /** Of several mouths the widest less the insert. */
  readonly gapMost: number;
  readonly fits: boolean;
  /** That the insert jams in the mouth, sits well, or is loose; of several mouths where it does worst. */
  readonly odds: Odds;
  /** How far the lid stands out beyond the widest rim, all round; below zero it does not cover it. */
  readonly beyond: number;
}

/** What touches the mouth of a scalloped disc is its tips; what covers is its hollows. */
const covers = ({ finished, finishedHollows }: CutAt): number => finishedHollows ?? finished;

/** How truly a cutter cuts, sd in mm: the clay is lifted and laid down. Ours. */
const CUT_SD = 0.3;

/** A lid that stands out less than this beyond the rim does not surely cover it, finished mm. Ours. */
export const LEAST_BEYOND = 0.5;

/** How far a lid is liked to stand beyond the rim, finished mm. Ours. */
const LIKED_BEYOND = 2;

/**
 * The pairs of cutters for a lid with an insert, best first: an insert whose gap lies nearest to the middle of the fit, and the
 * smallest lid that covers the rim. Both of the pot's own clay, made and fired with it. One pair may be for several pots: then what
 * counts is the mouth it does worst in.
 *
 * @param mouths one or more
 */
export function lidPairs(
  clay: ClayFigures,
  cutters: readonly Cutter[],
  at: Stage,
  mouths: readonly [MouthWidths, ...MouthWidths[]],
  fit: Fit,
): LidPair[] {
  const { min: least, max: most } = FITS[fit];
  const wanted = (least + most) / 2;
  const insides = mouths.map(({ inside }) => inside);
  const [narrowest, widest] = [Math.min(...insides), Math.max(...insides)];
  const rim = Math.max(...mouths.map(({ outside }) => outside));
  const round = cuttersFor(
    clay,
    cutters.filter(({ shape }) => shape === 'round'),
    at,
    (narrowest + widest) / 2 - wanted,
  );
  const wide = (diameter: number, toolSd: number, stage: Stage): ClayWidth => ({
    clay,
    at: stage,
    diameter,
    toolSd,
    ovalitySd: OVALITY_SD,
  });
  const before = remaining(clay.shrinkage, at, 'width') / remaining(clay.shrinkage, 'glazed', 'width');
  const oddsIn = (inside: number, insert: CutAt): Odds =>
    oddsOf(
      gapOf({ mouth: wide(inside * before, TOOL_SD.gauge, at), lid: wide(insert.cutter.width, CUT_SD, at), sameFiring: true }),
      FITS[fit],
    );
  const oddsFor = (insert: CutAt): Odds =>
    [narrowest, widest].map((inside) => oddsIn(inside, insert)).reduce((worst, odds) => (odds.good < worst.good ? odds : worst));
  const pairs = round.flatMap((insert) =>
    round
      .filter(({ cutter }) => cutter.id !== insert.cutter.id && cutter.width > insert.cutter.width)
      .map((lid): LidPair => {
        const [gap, gapMost] = [narrowest - insert.finished, widest - insert.finished];
        const beyond = (covers(lid) - rim) / 2;
        return {
          lid,
          insert,
          gap,
          gapMost,
          beyond,
          fits: gap >= least && gapMost <= most && beyond >= LEAST_BEYOND,
          odds: oddsFor(insert),
        };
      }),
  );
  const badness = ({ gap, gapMost, beyond }: LidPair) => {
    const jams = gap < least ? 50 : 0;
    const uncovered = beyond < LEAST_BEYOND ? 50 - beyond * 5 : Math.abs(beyond - LIKED_BEYOND);
    return jams + Math.abs((gap + gapMost) / 2 - wanted) * 4 + uncovered;
  };
  return pairs.sort((a, b) => badness(a) - badness(b));
}
