'use client';

import { chanceWords } from '@/core/fit';
import { FAMILIES, FAMILY_NAMES, type FamilyName } from '@/core/form';
import { type Honest, medianOf } from '@/core/learn';

import { writePercent } from '@/core/units';
import { ballUsed, everyPiece, type PieceOfRun, shrankAcross } from '@/core/lessons';
import { clayNow } from '@/core/part';
import { Chart, Dot, Feet, LevelLines, SIZE } from '@/ui/charts';
import { Choice } from '@/ui/fields';
import { useUnits, useWorkspace } from '@/ui/state';
import { Box } from '@chakra-ui/react';
import { scaleLinear } from 'd3-scale';
import { useState } from 'react';
import { wayWords } from '@/core/telling';
import { madeSize } from '@/ui/made';

const INNER = { left: SIZE.left + 12, right: SIZE.width - SIZE.right - 12, top: SIZE.top, bottom: SIZE.height - SIZE.bottom };
const GLAZED = 'var(--chakra-colors-glazed)';
const ACT = 'var(--chakra-colors-act)';
const BAD = 'var(--chakra-colors-bad)';
const WET = 'var(--chakra-colors-wet)';
const INK = 'var(--chakra-colors-fg)';
const WASH = 'var(--chakra-colors-act-wash)';

/** So many are drawn: those made last. */
const DRAWN = 120;

/** Places side by side, in order. */
const across = (count: number) => scaleLinear([0, Math.max(1, count - 1)], [INNER.left, INNER.right]);

function heights(values: readonly number[], slack: number) {
  const [low, high] = [Math.min(...values), Math.max(...values)];
  const more = Math.max(slack, (high - low) * 0.12);
  return scaleLinear([low - more, high + more], [INNER.bottom, INNER.top]);
}

const SHORT = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short' });

/** First and last of what is drawn, as days below it. */
const ends = (rows: readonly PieceOfRun[], x: (i: number) => number) =>
  rows.length < 2 ? [] : [0, rows.length - 1].map((i) => ({ x: x(i), words: SHORT.format(new Date(rows[i]!.run.date)) }));

const SIZES = ['rimDiameter', 'height'] as const;

/** What was asked against what came, with what was said of it as a band. */
export function OffChart({ first }: { first: (typeof SIZES)[number] }) {
  const { workspace } = useWorkspace();
  const { length } = useUnits();
  const [size, setSize] = useState(first);
  const rows = everyPiece(workspace)
    .filter(({ run, piece }) => piece.sizes.glazed?.[size] && run.asked[size] !== undefined)
    .slice(-DRAWN);
  const points = rows.map(({ run, piece }) => {
    const asked = run.asked[size]!;
    const said = run.promised?.find((each) => each.size === size && each.least !== undefined && each.most !== undefined);
    const off = piece.sizes.glazed![size]!.mm - asked;
    return { run, piece, off, band: said && ([said.least! - asked, said.most! - asked] as const) };
  });
  if (points.length === 0) return null;
  const y = heights([0, ...points.flatMap(({ off, band }) => [off, ...(band ?? [])])], 0.5);
  const x = across(points.length);
  const step = points.length > 1 ? (x(1) - x(0)) / 2 : 8;
  const inside = points.filter(({ off, band }) => band && off >= band[0] && off <= band[1]).length;
  const banded = points.filter(({ band }) => band).length;
  return (
    <Box>
      <Choice label="Size to show" value={size} options={SIZES.map((value) => ({ value, words: madeSize(value) }))} onChoose={setSize} />
      <Chart
        title={`Target and result: ${madeSize(size)}`}
        says={`${inside} of ${banded} came out within the range predicted for 9 in 10.`}
        head={['piece', 'off asked', 'said']}
        rows={points.map(({ run, piece, off, band }) => [
          `${run.name} ${piece.no}`,
          `${off < 0 ? '−' : '+'}${length(Math.abs(off))}`,
          band ? band.map((mm) => `${mm < 0 ? '−' : '+'}${length(Math.abs(mm))}`).join(' to ') : '',
        ])}
      >
        <LevelLines ticks={y.ticks(5)} y={y} write={(mm) => `${mm > 0 ? '+' : ''}${mm}`} />
        {points.map(({ piece, band }, i) =>
          band ? (
            <rect key={piece.id} x={x(i) - step} width={2 * step} y={y(band[1])} height={y(band[0]) - y(band[1])} fill={WASH} />
          ) : null,
        )}
        <path d={`M${INNER.left} ${y(0)}H${INNER.right}`} stroke={INK} />
        {points.map(({ run, piece, off, band }, i) => {
          const kept = !band || (off >= band[0] && off <= band[1]);
          return (
            <Dot
              key={piece.id}
              x={x(i)}
              y={y(off)}
              color={kept ? GLAZED : BAD}
              open={piece.out === true}
              words={`${run.name} ${piece.no}: ${length(Math.abs(off))} ${off < 0 ? 'under' : 'over'} what was asked${kept ? '' : ', outside the predicted range'}`}
            />
          );
        })}
        <Feet feet={ends(points, x)} />
      </Chart>
    </Box>
  );
}

interface ShrinkageProps {
  readonly title: string;
  readonly rows: readonly PieceOfRun[];
  /** What was used before these pieces, and what is used now, shares. */
  readonly clay: { readonly was?: number | undefined; readonly is: number };
  readonly says?: string | undefined;
}

/** How much pieces of a clay shrank, each as a point, with what was used before and what is used now. */
export function ShrinkageChart({
  title,
  rows,
  clay: { was, is },
  says = 'The full line is used now, the dashed one was used before.',
}: ShrinkageProps) {
  const points = rows
    .flatMap((row) => {
      const shrank = shrankAcross(row);
      return shrank === undefined ? [] : [{ row, shrank }];
    })
    .slice(-DRAWN);
  const y = heights([is, ...(was === undefined ? [] : [was]), ...points.map(({ shrank }) => shrank)], 0.002);
  const x = across(points.length);
  const write = (value: number) => writePercent(value * 100);
  const level = (value: number) => `M${INNER.left} ${y(value)}H${INNER.right}`;
  return (
    <Chart
      title={title}
      says={says}
      head={['piece', 'shrank', 'fired to']}
      rows={points.map(({ row: { run, piece }, shrank }) => [
        `${run.name} ${piece.no}`,
        write(shrank),
        (piece.firing ?? run.firing)?.cone ?? '',
      ])}
    >
      <LevelLines ticks={y.ticks(5)} y={y} write={write} />
      {was !== undefined && <path d={level(was)} stroke={INK} strokeDasharray="5 3" />}
      <path d={level(is)} stroke={ACT} strokeWidth="2.5" />
      {points.map(({ row: { run, piece }, shrank }, i) => (
        <Dot
          key={piece.id}
          x={x(i)}
          y={y(shrank)}
          color={GLAZED}
          open={piece.out === true}
          words={`${run.name} ${piece.no}: shrank ${write(shrank)}${piece.out ? ', left out' : ''}`}
        />
      ))}
      <Feet
        feet={ends(
          points.map(({ row }) => row),
          x,
        )}
      />
    </Chart>
  );
}

/** How much pieces of a clay shrank, run after run, of the clay chosen. */
export function DriftChart() {
  const { workspace } = useWorkspace();
  const fired = everyPiece(workspace).filter((row) => shrankAcross(row) !== undefined);
  const bodies = workspace.bodies.filter(({ id }) => fired.some(({ run }) => run.bodyId === id));
  const [chosen, setBody] = useState('');
  const body = bodies.find(({ id }) => id === chosen) ?? bodies[0];
  if (!body) return null;
  const is = clayNow(workspace, body.id).figures.shrinkage.width;
  return (
    <Box>
      <Choice
        label="Clay to show"
        value={body.id}
        options={bodies.map(({ id, name }) => ({ value: id, words: name }))}
        onChoose={setBody}
      />
      <ShrinkageChart
        title={`${body.name}: shrinkage of each piece`}
        rows={fired.filter(({ run }) => run.bodyId === body.id)}
        clay={{ is }}
        says={`The line is ${writePercent(is * 100)}, this clay now, in its newest batch and fired as usual. A step between two runs is another batch or another firing.`}
      />
    </Box>
  );
}

/** Balls used against balls worked out, form beside form. */
export function BallChart() {
  const { workspace } = useWorkspace();
  const latest = everyPiece(workspace)
    .flatMap((row) => {
      const ratio = ballUsed(row);
      return ratio === undefined ? [] : [{ ...row, ratio }];
    })
    .slice(-DRAWN);
  if (latest.length === 0) return null;
  const forms = FAMILY_NAMES.map((family) => ({ family, own: latest.filter(({ run }) => run.family === family) })).filter(
    ({ own }) => own.length > 0,
  );
  const points = forms.flatMap(({ own }) => own);
  const y = heights([1, ...points.map(({ ratio }) => ratio)], 0.02);
  const x = across(points.length);
  const starts = forms.map((_, i) => forms.slice(0, i).reduce((sum, { own }) => sum + own.length, 0));
  const wordsOf = (family: FamilyName) => FAMILIES[family].words.toLowerCase();
  return (
    <Chart
      title="Ball used ÷ ball calculated, by form"
      says={`Above the line, more clay was used than calculated. ${forms
        .map(({ family, own }) => `${wordsOf(family)} × ${medianOf(own.map(({ ratio }) => ratio)).toFixed(2)} of ${own.length}`)
        .join(', ')}.`}
      head={['piece', 'form', 'made', 'ratio']}
      rows={points.map(({ run, piece, ratio }) => [`${run.name} ${piece.no}`, wordsOf(run.family), wayWords(run), ratio.toFixed(3)])}
    >
      <LevelLines ticks={y.ticks(5)} y={y} write={(value) => value.toFixed(2)} />
      <path d={`M${INNER.left} ${y(1)}H${INNER.right}`} stroke={INK} />
      {points.map(({ run, piece, ratio }, i) => (
        <Dot
          key={piece.id}
          x={x(i)}
          y={y(ratio)}
          color={WET}
          open={piece.out === true}
          words={`${run.name} ${piece.no}, ${wordsOf(run.family)}: × ${ratio.toFixed(2)}`}
        />
      ))}
      <Feet
        feet={forms.map(({ family, own }, i) => ({ x: (x(starts[i]!) + x(starts[i]! + own.length - 1)) / 2, words: wordsOf(family) }))}
      />
    </Chart>
  );
}

/** Whether the odds of heights or of widths told the truth: said against happened, with what chance alone would give. */
export function HonestChart({ honest, of }: { honest: Honest; of: string }) {
  if (honest.bins.length === 0) return null;
  const x = scaleLinear([0, 1], [INNER.left, INNER.right]);
  const y = scaleLinear([0, 1], [INNER.bottom, INNER.top]);
  const percent = (share: number) => `${Math.round(share * 100)}%`;
  const off = honest.bins.filter(({ happened, byChance }) => happened < byChance[0] || happened > byChance[1]);
  return (
    <Chart
      title={`Were the odds of ${of} right?`}
      says={
        off.length === 0
          ? 'Yes, as far as the numbers show. The bars show what chance alone would give.'
          : `Said ${chanceWords(off[0]!.said)}, happened ${percent(off[0]!.happened)} of ${off[0]!.count}, which is further off than chance would explain.`
      }
      head={['said', 'happened', 'of', 'expected by chance']}
      rows={honest.bins.map(({ said, happened, count, byChance }) => [
        chanceWords(said),
        percent(happened),
        String(count),
        `${percent(byChance[0])} to ${percent(byChance[1])}`,
      ])}
    >
      <LevelLines ticks={[0, 0.25, 0.5, 0.75, 1]} y={y} write={percent} />
      <path d={`M${x(0)} ${y(0)}L${x(1)} ${y(1)}`} stroke={INK} strokeDasharray="5 3" />
      {honest.bins.map(({ from, said, happened, count, byChance }) => (
        <g key={from}>
          <path d={`M${x(said)} ${y(byChance[0])}V${y(byChance[1])}`} stroke={ACT} strokeWidth="6" opacity="0.35" />
          <Dot
            x={x(said)}
            y={y(happened)}
            color={happened < byChance[0] || happened > byChance[1] ? BAD : ACT}
            words={`Said ${chanceWords(said)}: happened ${percent(happened)} of ${count}`}
          />
        </g>
      ))}
      <Feet feet={[0, 0.5, 1].map((share) => ({ x: x(share), words: percent(share) }))} />
    </Chart>
  );
}

/** How near the eye comes, guess after guess; nothing where nobody guesses. */
export function ByEyeChart() {
  const { workspace } = useWorkspace();
  const { length } = useUnits();
  const points = everyPiece(workspace)
    .flatMap(({ run, piece }) =>
      Object.entries(piece.guesses ?? {}).flatMap(([stage, guesses]) =>
        Object.entries(guesses ?? {}).flatMap(([size, guess]) => {
          const read = piece.sizes[stage as 'wet']?.[size as 'height']?.mm;
          return read === undefined || guess === undefined ? [] : [{ run, piece, size: size as 'height', off: guess - read }];
        }),
      ),
    )
    .slice(-DRAWN);
  if (points.length === 0) return null;
  const y = heights([0, ...points.map(({ off }) => Math.abs(off))], 0.5);
  const x = across(points.length);
  return (
    <Chart
      title="Guesses by eye"
      says="How far off each guess was. Lower is better."
      head={['piece', 'size', 'off by']}
      rows={points.map(({ run, piece, size, off }) => [`${run.name} ${piece.no}`, madeSize(size), length(Math.abs(off))])}
    >
      <LevelLines ticks={y.ticks(4)} y={y} write={(mm) => String(mm)} />
      {points.map(({ run, piece, size, off }, i) => (
        <Dot
          key={i}
          x={x(i)}
          y={y(Math.abs(off))}
          color={ACT}
          words={`${run.name} ${piece.no}, ${madeSize(size)}: off by ${length(Math.abs(off))}`}
        />
      ))}
      <Feet feet={ends(points, x)} />
    </Chart>
  );
}
