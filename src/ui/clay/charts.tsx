'use client';

import { beliefDensity, coneRank, impliedShrinkage, lengthOf, normalDensity, priorOf } from '@/core/clay';
import { writePercent } from '@/core/units';
import type { BarRecord } from '@/core/records';
import { Chart, Dot, Feet, LevelLines, SIZE } from '@/ui/charts';
import { Box, Grid, chakra } from '@chakra-ui/react';
import { scaleLinear, scalePoint } from 'd3-scale';
import { area } from 'd3-shape';
import { FewOf, latest } from './latest';
import type { ClayView } from './use-clay-view';

const GLAZED = 'var(--chakra-colors-glazed)';
const WET = 'var(--chakra-colors-wet)';
const INK = 'var(--chakra-colors-fg)';
const INNER = { left: SIZE.left + 16, right: SIZE.width - SIZE.right - 16, top: SIZE.top, bottom: SIZE.height - SIZE.bottom };

interface Measured {
  readonly bar: BarRecord;
  readonly shrinkage: number;
  readonly used: boolean;
}

/** The bars and pieces whose whole shrinkage is known, each with whether the belief uses it. */
function measuredOf(view: ClayView): Measured[] {
  const { evidence, figures } = view.known;
  return evidence.sorted.flatMap(({ sample, unused }) => {
    const shrinkage = impliedShrinkage(sample, figures.shrinkage.shares);
    return shrinkage === undefined || lengthOf(sample, 'glazed') === undefined ? [] : [{ bar: sample, shrinkage, used: !unused }];
  });
}

const percent = (value: number): string => writePercent(value * 100);

function percentScale(values: readonly number[]) {
  const [low, high] = [Math.min(...values), Math.max(...values)];
  const slack = Math.max(0.004, (high - low) * 0.15);
  return scaleLinear([low - slack, high + slack], [INNER.bottom, INNER.top]);
}

/** What the bars say, as pictures that are read at once: cone by cone, batch after batch, and the belief itself. */
export function Charts({ view }: { view: ClayView }) {
  const measured = measuredOf(view);
  if (measured.length === 0) return null;
  const drawn = latest(measured, ({ bar }) => bar.createdAt);
  return (
    <Box as="section" aria-label="Charts" marginTop="6">
      <FewOf drawn={drawn.length} all={measured.length} />
      <Grid templateColumns={{ base: 'minmax(0, 1fr)', lg: 'repeat(2, minmax(0, 1fr))' }} gap="6">
        <ByCone view={view} measured={drawn} />
        <ByBatch view={view} measured={measured} />
      </Grid>
      <chakra.details marginTop="3">
        <chakra.summary cursor="pointer" minHeight="max(var(--finger), 32px)">
          How the estimate was reached
        </chakra.summary>
        <Box maxWidth="480px">
          <BeliefPicture view={view} measured={drawn} count={measured.filter(({ used }) => used).length} />
        </Box>
      </chakra.details>
    </Box>
  );
}

function ByCone({ view, measured }: { view: ClayView; measured: readonly Measured[] }) {
  const cones = [...new Set([...measured.map(({ bar }) => bar.firing.cone), view.known.firing.cone])]
    .filter((cone) => coneRank(cone) !== undefined)
    .sort((a, b) => coneRank(a)! - coneRank(b)!) as string[];
  if (cones.length === 0) return null;
  const x = scalePoint(cones, [INNER.left, INNER.right]).padding(0.5);
  const { mean } = view.known.figures.belief;
  const y = percentScale([...measured.map(({ shrinkage }) => shrinkage), mean]);
  const shown = measured.filter(({ bar }) => x(bar.firing.cone ?? '') !== undefined);
  const here = view.known.firing.cone;
  return (
    <Chart
      title="Shrinkage by cone"
      says={`${here ? `At cone ${here} about ${percent(mean)} is estimated. ` : ''}Open dots are not used.`}
      head={['bar', 'cone', 'shrank', 'status']}
      rows={shown.map(({ bar, shrinkage, used }) => [bar.name, bar.firing.cone!, percent(shrinkage), used ? 'used' : 'not used'])}
    >
      <LevelLines ticks={y.ticks(5)} y={y} write={percent} />
      {here && x(here) !== undefined && <path d={`M${x(here)! - 18} ${y(mean)}h36`} stroke={INK} strokeWidth="3" />}
      {shown.map(({ bar, shrinkage, used }) => (
        <Dot
          key={bar.id}
          x={x(bar.firing.cone!)!}
          y={y(shrinkage)}
          open={!used}
          color={GLAZED}
          words={`${bar.name}, cone ${bar.firing.cone}: shrank ${percent(shrinkage)}${used ? '' : ', not used'}`}
        />
      ))}
      <Feet feet={cones.map((cone) => ({ x: x(cone)!, words: `cone ${cone}` }))} />
    </Chart>
  );
}

/** Three standard deviations of a batch's mean about the rest: a batch outside stands out. */
const LIMIT_SDS = 3;
const BATCH_SHIFT = 0.004;

function ByBatch({ view, measured }: { view: ClayView; measured: readonly Measured[] }) {
  const groups = [...view.batches]
    .sort((a, b) => (a.date ?? '').localeCompare(b.date ?? ''))
    .map((batch) => ({ batch, own: measured.filter(({ bar, used }) => used && bar.batchId === batch.id) }))
    .filter(({ own }) => own.length > 0)
    .map(({ batch, own }) => ({ batch, own, mean: own.reduce((sum, { shrinkage }) => sum + shrinkage, 0) / own.length }));
  if (groups.length === 0) return null;
  const centre = groups.reduce((sum, { mean }) => sum + mean, 0) / groups.length;
  const { pieceSd } = view.known.figures.belief;
  const reach = (count: number) => LIMIT_SDS * Math.hypot(BATCH_SHIFT, pieceSd / Math.sqrt(count));
  const outside = groups.filter(({ mean, own }) => Math.abs(mean - centre) > reach(own.length));
  const x = scalePoint(
    groups.map(({ batch }) => batch.id),
    [INNER.left, INNER.right],
  ).padding(0.5);
  const spread = groups.flatMap(({ own }) => latest(own, ({ bar }) => bar.createdAt).map(({ shrinkage }) => shrinkage));
  const y = percentScale([...spread, centre - reach(3), centre + reach(3)]);
  return (
    <Chart
      title="Batches compared"
      says={
        outside.length > 0
          ? `${outside.map(({ batch }) => batch.name).join(', ')} is unusual.`
          : `The batches average ${percent(centre)}. A batch outside the dashed limits would be unusual.`
      }
      head={['batch', 'date', 'bars', 'shrank']}
      rows={groups.map(({ batch, own, mean }) => [batch.name, batch.date ?? '–', String(own.length), percent(mean)])}
    >
      <LevelLines ticks={y.ticks(5)} y={y} write={percent} />
      <path d={`M${INNER.left} ${y(centre)}H${INNER.right}`} stroke={INK} strokeWidth="1.5" />
      {groups.map(({ batch, own, mean }) => (
        <g key={batch.id}>
          <path
            d={[-1, 1].map((side) => `M${x(batch.id)! - 22} ${y(centre + side * reach(own.length))}h44`).join('')}
            stroke="var(--chakra-colors-warn)"
            strokeWidth="1.5"
            strokeDasharray="4 3"
          />
          {latest(own, ({ bar }) => bar.createdAt).map(({ bar, shrinkage }) => (
            <circle key={bar.id} cx={x(batch.id)} cy={y(shrinkage)} r="2.5" fill={GLAZED} />
          ))}
          <Dot x={x(batch.id)!} y={y(mean)} color={GLAZED} words={`${batch.name}: ${percent(mean)} over ${own.length}`} />
        </g>
      ))}
      <Feet feet={groups.map(({ batch }) => ({ x: x(batch.id)!, words: batch.name }))} />
    </Chart>
  );
}

function BeliefPicture({ view, measured, count }: { view: ClayView; measured: readonly Measured[]; count: number }) {
  const { belief } = view.known.figures;
  const prior = priorOf(view.body.kind, view.body.shrinkagePercent);
  const used = measured.filter((each) => each.used);
  const low = Math.min(prior.mean - 2.5 * prior.sd, belief.mean - 4 * belief.scale, ...used.map(({ shrinkage }) => shrinkage));
  const high = Math.max(prior.mean + 2.5 * prior.sd, belief.mean + 4 * belief.scale, ...used.map(({ shrinkage }) => shrinkage));
  const grid = Array.from({ length: 121 }, (_, i) => low + ((high - low) * i) / 120);
  const priorAt = (s: number) => normalDensity(prior.mean, prior.sd, s);
  const beliefAt = (s: number) => beliefDensity(belief, s);
  const x = scaleLinear([low, high], [INNER.left, INNER.right]);
  const y = scaleLinear([0, Math.max(beliefAt(belief.mean), priorAt(prior.mean))], [INNER.bottom, INNER.top + 8]);
  const hill = (density: (s: number) => number) =>
    area<number>()
      .x((s) => x(s))
      .y0(INNER.bottom)
      .y1((s) => y(density(s)))(grid) ?? '';
  return (
    <Chart
      title="Before and after measuring"
      says={`Before any bars: about ${percent(prior.mean)}, a wide range. After ${count} measurements: about ${percent(belief.mean)}, a narrower range.`}
      head={['what', 'about', 'margin (±)']}
      rows={[
        ['before', percent(prior.mean), percent(prior.sd)],
        ...used.map(({ bar, shrinkage }) => [bar.name, percent(shrinkage), '–']),
        ['estimated, next piece', percent(belief.mean), percent(belief.scale)],
      ]}
    >
      <path d={hill(priorAt)} fill="var(--chakra-colors-wet-wash)" stroke={WET} />
      <path d={hill(beliefAt)} fill="var(--chakra-colors-glazed-wash)" fillOpacity="0.75" stroke={GLAZED} strokeWidth="2" />
      {used.map(({ bar, shrinkage }) => (
        <Dot key={bar.id} x={x(shrinkage)} y={INNER.bottom} color={GLAZED} words={`${bar.name}: ${percent(shrinkage)}`} />
      ))}
      <text x={x(prior.mean)} y={y(priorAt(prior.mean)) - 5} textAnchor="middle" fill={WET}>
        before
      </text>
      <text x={x(belief.mean)} y={y(beliefAt(belief.mean)) - 5} textAnchor="middle" fill={GLAZED}>
        believed
      </text>
      <Feet feet={x.ticks(5).map((tick) => ({ x: x(tick), words: percent(tick) }))} />
    </Chart>
  );
}
