'use client';

import { STAGES, type Stage, lengthOf, remaining } from '@/core/clay';
import type { BarRecord } from '@/core/records';
import { STAGE_WORDS } from '@/core/sizing';
import { Dot, TableBehind } from '@/ui/charts';
import { StageName } from '@/ui/stage';
import { ink } from '@/ui/theme';
import { scaleLinear, scalePoint } from 'd3-scale';
import { line } from 'd3-shape';
import { FewOf, latest } from './latest';
import type { ClayView } from './use-clay-view';

const WIDE = 780;
const HIGH = 300;
/** A column is so wide: five, each as wide as the others. */
const COLUMN = WIDE / STAGES.length;

interface Step {
  readonly stage: Stage;
  readonly value: number;
}

/** So much is left of 100 wet at the stages a bar was measured at. */
function stepsOf(bar: BarRecord): Step[] {
  const wet = lengthOf(bar, 'wet')!;
  return STAGES.flatMap((stage) => {
    const length = lengthOf(bar, stage);
    return length === undefined ? [] : [{ stage, value: (100 * length) / wet }];
  });
}

/** A clay from 100 wet to finished: each bar a line, the estimate the thick one, and what is left at each stage below it. */
export function StairPicture({ view }: { view: ClayView }) {
  const { evidence, figures } = view.known;
  const all = evidence.sorted.map(({ sample }) => sample).filter((bar) => lengthOf(bar, 'wet') !== undefined);
  const bars = latest(all, (bar) => bar.createdAt).map((bar) => ({ bar, steps: stepsOf(bar) }));
  const mean = STAGES.map((stage): Step => ({ stage, value: remaining(figures.shrinkage, stage, 'width') * 100 }));
  const low = Math.min(mean.at(-1)!.value, ...bars.flatMap(({ steps }) => steps.map(({ value }) => value)));
  const x = scalePoint<Stage>([...STAGES], [COLUMN / 2, WIDE - COLUMN / 2]);
  const y = scaleLinear([low, 100], [HIGH - 24, 30]);
  const path = line<Step>(
    ({ stage }) => x(stage)!,
    ({ value }) => y(value),
  );
  const says = `From 100 wet to ${mean.at(-1)!.value.toFixed(1)} finished for this batch and firing; a thin line for each bar.`;
  return (
    <figure className="stair" aria-label="From 100 wet to finished">
      <svg viewBox={`0 0 ${WIDE} ${HIGH}`} role="group" aria-label={says}>
        {STAGES.map((stage) => (
          <path key={stage} d={`M${x(stage)!} 20V${HIGH}`} className="stair-column" />
        ))}
        {bars.map(({ bar, steps }) => (
          <path key={bar.id} d={path(steps) ?? ''} className="stair-bar" />
        ))}
        <path d={path(mean) ?? ''} className="stair-mean" />
        {bars.flatMap(({ bar, steps }) =>
          steps
            .filter(({ stage }) => stage !== 'wet')
            .map(({ stage, value }) => (
              <Dot
                key={`${bar.id}-${stage}`}
                x={x(stage)!}
                y={y(value)}
                color={ink(stage)}
                words={`${bar.name}, ${STAGE_WORDS[stage]}: ${value.toFixed(1)} left of 100`}
              />
            )),
        )}
        {mean.map(({ stage, value }) => (
          <circle key={stage} cx={x(stage)!} cy={y(value)} r="6.5" className="stair-point" stroke={ink(stage)} />
        ))}
      </svg>
      <div className="stair-feet">
        {mean.map(({ stage, value }) => (
          <div key={stage}>
            <StageName stage={stage} />
            <div className="stair-left" style={{ color: ink(stage) }}>
              {value.toFixed(1)}
            </div>
            <div className="stair-from">{fromWords(view, stage)}</div>
          </div>
        ))}
      </div>
      <FewOf drawn={bars.length} all={all.length} />
      <TableBehind
        title="From 100 wet to finished"
        head={['bar', ...STAGES.map((stage) => STAGE_WORDS[stage])]}
        rows={[
          ['estimated', ...mean.map(({ value }) => value.toFixed(1))],
          ...bars.map(({ bar, steps }) => [
            bar.name,
            ...STAGES.map((stage) => steps.find((step) => step.stage === stage)?.value.toFixed(1) ?? '–'),
          ]),
        ]}
      />
    </figure>
  );
}

/** What the figure of a stage rests on. */
function fromWords({ known: { figures } }: ClayView, stage: Stage): string {
  if (stage === 'wet') return 'of 100';
  if (stage === 'glazed') return '';
  const source = figures.sources.shares[stage];
  return source === 'bars' ? 'measured' : source;
}
