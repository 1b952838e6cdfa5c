'use client';

import { type Drawn, type GapRange, type Stopper, chanceGapUnder, chanceWords } from '@/core/fit';
import type { FitWork } from '@/core/fitting';
import { Act } from '@/ui/fields';
import { useUnits } from '@/ui/state';
import { drawOdds, firePairs } from '@/workers';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { useEffect, useState } from 'react';
import type { PieceModel } from '../model/use-piece';
import { type Ends, endsOf, oddsSaid, ofOne } from './fit-words';

interface Props {
  readonly piece: PieceModel;
  readonly work: FitWork;
}

const THOUSAND = 1000;
const SHOWN = 40;

type Fate = 'jams' | 'good' | 'loose';

const fateOf = (gap: number, { min, max }: GapRange): Fate => (gap < min ? 'jams' : gap > max ? 'loose' : 'good');

interface Batch {
  readonly work: FitWork;
  readonly fired: readonly number[];
  readonly seed: number;
}

/** Plays one firing of the pair, or a thousand, so that it is felt what 8 in 10 means. The same press brings the same pots. */
export function FireIt({ work }: Props) {
  const [batch, setBatch] = useState<Batch | undefined>();
  const [failed, setFailed] = useState(false);
  const ends = endsOf(work);
  // what was fired was another pair's
  const shown = batch?.work.pair === work.pair ? batch : undefined;
  const fire = (count: number) => {
    const seed = (shown?.seed ?? 0) + 1;
    firePairs(work.pair, count, seed).then(
      (fired) => {
        setFailed(false);
        setBatch({ work, fired, seed });
      },
      () => setFailed(true),
    );
  };
  return (
    <Box as="section" aria-label="Fire it" marginTop="4">
      <HStack gap="3" flexWrap="wrap">
        <Act onClick={() => fire(1)}>Simulate one</Act>
        <Act onClick={() => fire(THOUSAND)}>Simulate 1,000</Act>
        {shown && <LargeFigure fired={shown.fired} work={work} ends={ends} />}
      </HStack>
      {failed && (
        <Box role="alert" color="bad" fontSize="sm">
          The simulation could not start. Reload the page and try again.
        </Box>
      )}
      {shown && (
        <HStack gap="1" flexWrap="wrap" marginTop="2" aria-hidden>
          {shown.fired.slice(0, SHOWN).map((each, i) => (
            <PairPicture key={i} gap={each} work={work} />
          ))}
        </HStack>
      )}
      <Distribution work={work} ends={ends} />
    </Box>
  );
}

/** How many became what. */
function LargeFigure({ fired, work, ends }: { fired: readonly number[]; work: FitWork; ends: Ends }) {
  const { length } = useUnits();
  const fates = fired.map((gap) => fateOf(gap, work.range));
  const count = (fate: Fate) => fates.filter((each) => each === fate).length;
  const only = fired.length === 1 ? fired[0] : undefined;
  return (
    <Box role="status" fontSize="0.9375rem" data-fired={fired.length}>
      {only !== undefined ? (
        <>
          This one {ofOne(ends[fates[0]!])}:{' '}
          {work.stopper ? `in ${length(Math.max(0, depthOf(work, only)))}` : `gap ${length(Math.max(0, only - work.narrows))}`}.
        </>
      ) : (
        <>
          <chakra.b color="act">{count('good')}</chakra.b> {ends.good}, <chakra.b color="bad">{count('jams')}</chakra.b> too tight,{' '}
          <chakra.b color="warn">{count('loose')}</chakra.b> too loose.
        </>
      )}
    </Box>
  );
}

const depthOf = ({ stopper }: FitWork, gap: number): number => (stopper ? (gap * stopper.length) / (stopper.top - stopper.bottom) : 0);

const INK: Record<Fate, string> = {
  jams: 'var(--chakra-colors-bad)',
  good: 'var(--chakra-colors-act)',
  loose: 'var(--chakra-colors-warn)',
};

/** Gaps are drawn so many times larger than the pot, or nobody could see them. */
const GAP_SCALE = 3;
const MOUTH = { left: 8, right: 36, rim: 12 };

/** One fired pair cut through: the two walls of the mouth, and the lid between them, on it or in it. */
function PairPicture({ gap, work }: { gap: number; work: FitWork }) {
  const fate = fateOf(gap, work.range);
  return (
    <svg viewBox="0 0 44 30" width="44" height="30">
      <path d={`M6.3 ${MOUTH.rim} V29 M37.7 ${MOUTH.rim} V29`} stroke="var(--chakra-colors-glazed)" strokeWidth="3.4" fill="none" />
      <path d={work.stopper ? stopperPath(work.stopper, gap) : lidPath(gap - work.narrows, fate)} fill={INK[fate]} />
    </svg>
  );
}

const STOPPER = { high: 16, taper: 0.14 };

/** As wide as the mouth where they meet: the deeper it sits the less stands out. */
function stopperPath({ bottom, top }: Stopper, gap: number): string {
  const { left, right, rim } = MOUTH;
  const share = Math.min(1, Math.max(0, gap / (top - bottom)));
  const [below, above] = [share * STOPPER.high, (1 - share) * STOPPER.high];
  const [inwards, outwards] = [below * STOPPER.taper, above * STOPPER.taper];
  return `M${left - outwards} ${rim - above} H${right + outwards} L${right - inwards} ${rim + below} H${left + inwards} Z`;
}

/** A disc with what hangs into the mouth below it; one that jams stands off, one that is loose lies to one side. */
function lidPath(gap: number, fate: Fate): string {
  const { left, right, rim } = MOUTH;
  const open = Math.min(10, Math.max(0, gap) * GAP_SCALE);
  const lift = fate === 'jams' ? 5 : 0;
  const start = fate === 'loose' ? left : left + open / 2;
  const disc = `M${left - 4} ${rim - 3 - lift} H${right + 4} V${rim - lift} H${left - 4} Z`;
  return `${disc} M${start} ${rim - lift} h${right - left - open} v5 h${-(right - left - open)} Z`;
}

const SIZE = { width: 440, height: 150, left: 12, right: 12, top: 10, bottom: 26 };
const POINTS = 80;

/** The finished gaps behind the odds: as worked out, and 200,000 drawn beside it. */
function Distribution({ work, ends }: { work: FitWork; ends: Ends }) {
  const [open, setOpen] = useState(false);
  return (
    <chakra.details marginTop="2" fontSize="sm" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <chakra.summary cursor="pointer" minHeight="max(var(--finger), 28px)" color="fg.muted">
        Spread of the finished gap
      </chakra.summary>
      {open && <Gaps work={work} ends={ends} />}
    </chakra.details>
  );
}

function useDrawn({ pair, range }: FitWork): Drawn | undefined {
  const [drawn, setDrawn] = useState<{ readonly of: FitWork['pair']; readonly found: Drawn } | undefined>();
  useEffect(() => {
    let wanted = true;
    void drawOdds(pair, range).then((found) => {
      if (wanted && found) setDrawn({ of: pair, found });
    });
    return () => {
      wanted = false;
    };
  }, [pair, range]);
  return drawn?.of === pair ? drawn.found : undefined;
}

function Gaps({ work, ends }: { work: FitWork; ends: Ends }) {
  const { length } = useUnits();
  const drawn = useDrawn(work);
  const { gap, range, narrows } = work;
  const [from, to] = [Math.min(range.min, gap.mean - 3.5 * gap.sd), Math.max(range.max, gap.mean + 3.5 * gap.sd)];
  const step = (to - from) / POINTS;
  const density = Array.from({ length: POINTS + 1 }, (_, i) => {
    const at = from + i * step;
    return [at, (chanceGapUnder(gap, at + step / 2) - chanceGapUnder(gap, at - step / 2)) / step] as const;
  });
  const x = scaleLinear([from, to], [SIZE.left, SIZE.width - SIZE.right]);
  const y = scaleLinear([0, Math.max(...density.map(([, d]) => d)) * 1.12], [SIZE.height - SIZE.bottom, SIZE.top]);
  const outline = line<readonly [number, number]>()
    .x(([at]) => x(at))
    .y(([, d]) => y(d));
  return (
    <Box maxWidth="560px">
      <svg
        viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
        width="100%"
        role="img"
        aria-label={`Finished gaps: about ${length(gap.mean - narrows)}, ± ${length(gap.sd)}`}
      >
        <rect
          x={x(range.min)}
          y={SIZE.top}
          width={Math.max(0, x(range.max) - x(range.min))}
          height={SIZE.height - SIZE.bottom - SIZE.top}
          fill="var(--chakra-colors-act-wash)"
        />
        {drawn?.shares.map((share, i) => {
          const at = drawn.from + i * drawn.step;
          const high = share / drawn.step;
          return at < from || at > to ? null : (
            <rect
              key={i}
              x={x(at)}
              y={y(high)}
              width={x(at + drawn.step) - x(at)}
              height={y(0) - y(high)}
              fill="var(--chakra-colors-line)"
            />
          );
        })}
        <path d={outline(density) ?? ''} fill="none" stroke="var(--chakra-colors-glazed)" strokeWidth="2" />
        <line x1={SIZE.left} x2={SIZE.width - SIZE.right} y1={y(0)} y2={y(0)} stroke="var(--chakra-colors-fg)" />
        {x.ticks(6).map((tick) => (
          <text key={tick} x={x(tick)} y={SIZE.height - 8} fontSize="11" textAnchor="middle" fill="var(--chakra-colors-fg-muted)">
            {length(tick - narrows)}
          </text>
        ))}
      </svg>
      <Box data-drawn={drawn?.count}>
        Finished gap: about {length(gap.mean - narrows)}. 2 in 3 come within {length(gap.sd)} of that. Wanted: {length(range.min - narrows)}{' '}
        to {length(range.max - narrows)}.{' '}
        {drawn
          ? `In ${drawn.count.toLocaleString('en')} simulated pairs, ${oddsSaid(chanceWords(drawn.odds.good), ends.good)}.`
          : 'Simulating…'}
      </Box>
    </Box>
  );
}
