'use client';

import { spreadOf } from '@/core/fit';
import type { FitWork } from '@/core/fitting';
import { isLid } from '@/core/records';
import { text, writeLength } from '@/core/units';
import { ink } from '@/ui/theme';
import type { PieceModel } from '../model/use-piece';

const WIDE = 820;
const HIGH = 172;
/** Room for the clay on both sides of what gaps there are, px. */
const CLAY = 110;
/** The band in which gaps are drawn, and the ruler under it. */
const TOP = 30;
const RULER = 134;
const FIRINGS = 60;

interface Props {
  readonly piece: PieceModel;
  readonly work: FitWork;
}

/** Steps of the ruler in mm and in inches, mm. */
const STEPS = {
  metric: [0.1, 0.2, 0.5, 1, 2, 5, 10, 20],
  inches: [1 / 64, 1 / 32, 1 / 16, 1 / 8, 1 / 4, 1 / 2, 1].map((inches) => inches * 25.4),
};

/** The step of the ruler, mm: so that numbers stay apart. */
const stepFor = (scale: number, steps: readonly number[]): number => steps.find((mm) => mm * scale >= 44) ?? steps.at(-1)!;

/** The gap between both parts, enlarged: sixty firings as lines on its own ruler, over what jams, what is good and what is loose. */
export function Loupe({ piece, work }: Props) {
  const { gap, range, narrows, stopper, stock, fitting } = work;
  const { units } = piece;
  if (stock?.kind === 'gasket' || gap.sd <= 0) return null;
  const gaps = spreadOf(gap, FIRINGS).map((mm) => mm - narrows);
  const [least, most] = [range.min - narrows, range.max - narrows];
  const [low, high] = [Math.min(0, gaps[0]!, least), Math.max(gaps.at(-1)!, most)];
  const scale = (WIDE - 2 * CLAY) / (high - low || 1);
  // gaps grow to the left, away from the wall of the pot
  const x = (mm: number) => WIDE - CLAY - (mm - low) * scale;
  const mean = gap.mean - narrows;
  const zones = [
    { from: low, to: least, colour: 'bad' },
    { from: least, to: most, colour: 'act' },
    { from: most, to: high, colour: 'warn' },
  ].filter(({ from, to }) => to > from);
  const inkOf = (mm: number) => (mm < least ? 'bad' : mm > most ? 'warn' : 'act');
  const step = stepFor(scale, units.choice.length.startsWith('in') ? STEPS.inches : STEPS.metric);
  const ticks = Array.from({ length: Math.floor(high / step) - Math.ceil(low / step) + 1 }, (_, i) => (Math.ceil(low / step) + i) * step);
  const [pot, other] = isLid(piece.part, fitting)
    ? ['pot', 'this lid']
    : [stock?.kind === 'shelf' ? 'shelf' : 'this pot', stopper ? 'stopper' : 'lid'];
  return (
    <figure className="loupe" data-loupe>
      <svg
        viewBox={`0 0 ${WIDE} ${HIGH}`}
        role="img"
        aria-label={`The finished gap, enlarged: about ${units.length(Math.max(0, mean))}, wanted ${units.length(Math.max(0, least))} to ${units.length(most)}`}
      >
        {zones.map(({ from, to, colour }) => (
          <rect key={colour} x={x(to)} y={TOP} width={x(from) - x(to)} height={RULER - TOP} fill={ink(`${colour}-wash`)} />
        ))}
        <path
          d={`M0 ${TOP + 14}H${x(mean) - 12}Q${x(mean)} ${TOP + 14} ${x(mean)} ${TOP + 26}V${RULER}H0Z`}
          fill={ink('bg')}
          opacity="0.72"
        />
        <g strokeWidth="1.4">
          {gaps.map((mm, i) => (
            <path key={i} d={`M${x(mm)} ${TOP + 22}V${RULER - 4}`} stroke={ink(inkOf(mm))} opacity="0.75" />
          ))}
        </g>
        <path
          d={`M0 ${TOP + 14}H${x(mean) - 12}Q${x(mean)} ${TOP + 14} ${x(mean)} ${TOP + 26}V${RULER}`}
          fill="none"
          stroke={ink('glazed')}
          strokeWidth="2.5"
        />
        <rect x={x(0)} y={TOP - 12} width={WIDE - x(0)} height={RULER - TOP + 12} fill={ink('glazed-wash')} />
        <path d={`M${x(0)} ${TOP - 12}V${RULER}`} stroke={ink('glazed')} strokeWidth="2.5" />
        <g className="drawn-figure" fontWeight="680">
          <text x={WIDE - 10} y={TOP + 34} textAnchor="end" fontSize="15" fill={ink('glazed')}>
            {pot}
          </text>
          <text x="10" y={TOP + 40} fontSize="15" fill={ink('glazed')}>
            {other}
          </text>
          <text x={(x(mean) + x(0)) / 2} y="20" textAnchor="middle" fontSize="22" fill={ink(inkOf(mean))}>
            {mean >= 0 ? units.length(mean) : `${units.length(-mean)} too little`}
          </text>
        </g>
        <path d={`M${x(mean)} 26H${x(0)}M${x(mean)} 21V31M${x(0)} 21V31`} stroke={ink('fg')} strokeWidth="1.4" />
        <path
          d={`M${x(high)} ${RULER}H${x(low)}${ticks.map((mm) => `M${x(mm)} ${RULER}v8`).join('')}`}
          stroke={ink('fg')}
          strokeWidth="1.4"
        />
        <g className="drawn-figure" fontSize="13" fill={ink('fg')}>
          {ticks.map((mm) => (
            <text key={mm} x={x(mm)} y={RULER + 22} textAnchor="middle">
              {Math.abs(mm) < step / 2 ? '0' : text(writeLength(mm, units.choice), false)}
            </text>
          ))}
        </g>
      </svg>
      <figcaption>Finished gap{stock?.kind === 'shelf' ? ' above it' : ' across'}, enlarged. Sixty firings, one line each.</figcaption>
    </figure>
  );
}
