'use client';

import { daysOn, weekdayOf } from '@/core/sets';
import { daysBetween } from '@/core/lessons';
import type { DatedStep, LineWork, OrderWork } from '@/core/orders';
import { shopOf, USUAL_WEEK } from '@/core/records';
import { orderActs } from '@/store';
import { run, useTouched, useWorkspace } from '@/ui/state';
import { Sideways } from '@/ui/blocks';
import { Act } from '@/ui/fields';
import { useHold, useSize } from '@/ui/drawing';
import { ink } from '@/ui/theme';
import { Box, HStack } from '@chakra-ui/react';
import { scaleLinear } from 'd3-scale';
import { type KeyboardEvent, useRef, useState } from 'react';
import { STEP, dayWords } from './step-words';

const ROW = 60;
const BAR = 44;
const TOP = 46;
const NAMES = 138;
/** A day, px. */
const NARROWEST = 26;
/** The same where days are pressed with a finger, px. */
const FINGER = 46;
const WIDEST = 40;
/** So wide is the name of a month, px. */
const MONTH = 84;

/** How many days of its month are left, that day too. */
const daysLeftInMonth = (iso: string): number =>
  1 + new Date(Date.UTC(Number(iso.slice(0, 4)), Number(iso.slice(5, 7)), 0)).getUTCDate() - Number(iso.slice(8));

/** Days shown before the first and after the last. */
const AROUND = 1;

interface Shown {
  readonly order: OrderWork['order'];
  readonly line: LineWork;
  readonly steps: readonly DatedStep[];
}

/** Orders as a strip of days, each step in the ink of its stage: moved by drag, or by the arrow keys. The first order sets which days. */
export function Strip({ works, today }: { works: readonly OrderWork[]; today: string }) {
  const { workspace } = useWorkspace();
  const { ref, size } = useSize<HTMLDivElement>();
  const [chosen, setChosen] = useState<string | undefined>();
  const narrowest = useTouched() ? FINGER : NARROWEST;
  const shown = works.flatMap(({ order, lines }) =>
    lines.flatMap((line): Shown[] => (line.dates?.ok ? [{ order, line, steps: line.dates.value }] : [])),
  );
  const [leads] = shown;
  if (!leads) return null;
  const own = shown.filter(({ order }) => order.id === leads.order.id);
  const dues = works.flatMap(({ order }) => (order.due ? [order.due] : []));
  const ends = [today, leads.order.due ?? today, ...own.flatMap(({ steps }) => [steps[0]!.from, steps.at(-1)!.to])].sort();
  const first = daysOn(ends[0]!, -AROUND);
  const count = daysBetween(first, ends.at(-1)!) + 1 + AROUND;
  const wide = Math.max(narrowest, Math.min(Math.max(narrowest, WIDEST), ((size?.width ?? 0) - NAMES - 2) / count));
  const x = scaleLinear()
    .domain([0, count])
    .range([NAMES, NAMES + count * wide]);
  const at = (iso: string) => x(daysBetween(first, iso));
  const { workdays, off } = shopOf(workspace).week ?? USUAL_WEEK;
  const high = TOP + shown.length * ROW;
  const days = Array.from({ length: count }, (_, i) => daysOn(first, i));
  return (
    <div ref={ref}>
      <Sideways label="Days of the orders">
        <svg
          width={NAMES + count * wide}
          height={high + 22}
          viewBox={`0 0 ${NAMES + count * wide} ${high + 22}`}
          className="strip"
          data-testid="strip"
          style={{ touchAction: 'pan-x pan-y' }}
        >
          {days.map((day) => {
            const free = !workdays.includes(weekdayOf(day)) || off.includes(day);
            const date = Number(day.slice(8));
            return (
              <g key={day}>
                {free && <rect x={at(day)} y={TOP - 6} width={wide} height={high - TOP + 6} fill={ink('bg-panel')} />}
                {(date === 1 || (day === first && daysLeftInMonth(first) * wide > MONTH)) && (
                  <text x={at(day)} y={14} fontSize="12" fill={ink('fg-muted')}>
                    {new Date(`${day}T00:00:00Z`).toLocaleDateString('en-GB', { month: 'long', timeZone: 'UTC' })}
                  </text>
                )}
                <text
                  x={at(day) + wide / 2}
                  y={32}
                  textAnchor="middle"
                  fontSize="13"
                  fontWeight={free ? 400 : 650}
                  fill={ink(free ? 'fg-muted' : 'fg')}
                >
                  {date}
                </text>
              </g>
            );
          })}
          <clipPath id="strip-days">
            <rect x={NAMES} y="0" width={count * wide} height={high} />
          </clipPath>
          {shown.map((each, row) => (
            <LineRow key={each.line.line.id} shown={each} y={TOP + row * ROW} at={at} wide={wide} chosen={chosen} onChoose={setChosen} />
          ))}
          <path d={`M${at(today) + wide / 2} ${TOP - 8}V${high}`} stroke={ink('act')} strokeWidth="2" strokeDasharray="2 4" />
          <text x={at(today) + wide / 2} y={high + 16} textAnchor="middle" fontSize="13" fill={ink('act')}>
            today
          </text>
          {[...new Set(dues)].map((due) => (
            <g key={due}>
              <path d={`M${at(due) + wide} ${TOP - 8}V${high}`} stroke={ink('fg')} strokeWidth="3" />
              <text x={at(due) + wide} y={high + 16} textAnchor="end" fontSize="13" fontWeight="700" fill={ink('fg')}>
                due
              </text>
            </g>
          ))}
        </svg>
      </Sideways>
      {shown.flatMap(({ order, line, steps }) =>
        steps
          .filter((step) => chosen === stepKey(line.line, step))
          .map((step) => <ChosenStep key={step.name} order={order.id} line={line.line} name={line.name} step={step} />),
      )}
    </div>
  );
}

/** Names a step among all on the strip. */
const stepKey = ({ id }: LineWork['line'], { name }: DatedStep): string => `${id} ${name}`;

/** What a step is, in one line. */
const toldOf = (name: string, step: DatedStep, moved: boolean): string =>
  `${name}: ${STEP[step.name].words}, ${dayWords(step.from)}${step.to === step.from ? '' : ` to ${dayWords(step.to)}`}${step.typical ? ', typical days' : ''}${step.done ? ', done' : ''}${moved ? ', moved' : ''}`;

interface StepOfLine {
  readonly order: string;
  readonly line: LineWork['line'];
  readonly name: string;
  readonly step: DatedStep;
}

/** Whether a step was moved, and what can be done with it: so many days on or back, done or not, back where the plan has it. */
const stepEdits = ({ order, line, step }: Omit<StepOfLine, 'name'>) => ({
  moved: line.ends?.[step.name] !== undefined,
  move: (by: number) => run(orderActs.endStep(order, line.id, step.name, daysOn(step.to, by), `end-${line.id}-${step.name}`)),
  mark: () => run(orderActs.markStep(order, line.id, step.name)),
  putBack: () => run(orderActs.endStep(order, line.id, step.name, undefined)),
});

/** What can be done with the step that was pressed last, each by one tap. */
function ChosenStep({ order, line, name, step }: StepOfLine) {
  const { moved, move, mark, putBack } = stepEdits({ order, line, step });
  return (
    <HStack role="group" aria-label="The step chosen" gap="2" flexWrap="wrap" paddingBlock="2" data-screen>
      <Box as="b" marginInlineEnd="2">
        {toldOf(name, step, moved)}
      </Box>
      <Act look="solid" onClick={mark}>
        {step.done ? 'Not done yet' : 'Done'}
      </Act>
      <Act onClick={() => move(-1)}>A day earlier</Act>
      <Act onClick={() => move(1)}>A day later</Act>
      {moved && <Act onClick={putBack}>Back to the plan’s days</Act>}
    </HStack>
  );
}

interface LineRowProps {
  readonly shown: Shown;
  readonly y: number;
  readonly at: (iso: string) => number;
  /** A day, px. */
  readonly wide: number;
  /** The step pressed last. */
  readonly chosen: string | undefined;
  readonly onChoose: (step: string) => void;
}

/** The days of one line. */
function LineRow({ shown: { order, line, steps }, y, at, wide, chosen, onChoose }: LineRowProps) {
  return (
    <g>
      <foreignObject x="0" y={y} width={NAMES - 10} height={BAR}>
        <div style={{ font: '600 14px/1.15 inherit', overflow: 'hidden', height: BAR, display: 'flex', alignItems: 'center' }}>
          {line.name}
        </div>
      </foreignObject>
      <g clipPath="url(#strip-days)">
        {steps.map((step, i) => {
          const next = steps[i + 1];
          const gap = next ? daysBetween(step.to, next.from) - 1 : 0;
          return (
            <g key={step.name}>
              <StepBar
                order={order.id}
                line={line.line}
                name={line.name}
                step={step}
                y={y}
                at={at}
                wide={wide}
                chosen={chosen === stepKey(line.line, step)}
                onChoose={() => onChoose(stepKey(line.line, step))}
              />
              {gap > 0 && (
                <rect
                  x={at(daysOn(step.to, 1)) + 1}
                  y={y + 6}
                  width={gap * wide - 2}
                  height={BAR - 12}
                  fill="none"
                  stroke={ink('line-strong')}
                  strokeDasharray="3 3"
                />
              )}
            </g>
          );
        })}
      </g>
    </g>
  );
}

interface StepBarProps extends StepOfLine {
  readonly y: number;
  readonly at: (iso: string) => number;
  readonly wide: number;
  readonly chosen: boolean;
  readonly onChoose: () => void;
}

/** One step: solid where hands work, light where it waits; a mark where it was moved. */
function StepBar({ order, line, name, step, y, at, wide: day, chosen, onChoose }: StepBarProps) {
  const [dragged, setDays] = useState<number | undefined>();
  // letting go of what was dragged is a click too
  const wasDragged = useRef(false);
  const { ink: color } = STEP[step.name];
  const { moved, move, mark, putBack } = stepEdits({ order, line, step });
  const days = daysBetween(step.from, step.to) + 1;
  const wide = days * day - 2;
  const onKeyDown = (event: KeyboardEvent) => {
    const by = event.key === 'ArrowLeft' ? -1 : event.key === 'ArrowRight' ? 1 : 0;
    if (by !== 0) {
      event.preventDefault();
      move(by);
    }
    if (event.key === 'Delete' || event.key === 'Backspace') {
      event.preventDefault();
      putBack();
    }
    if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      mark();
    }
  };
  const hold = useHold({
    pressed: ({ clientX }) => {
      setDays(0);
      return (later) => setDays(Math.round((later.clientX - clientX) / day));
    },
    released: (cancelled) => {
      wasDragged.current = Boolean(dragged);
      if (!cancelled && dragged) move(dragged);
      setDays(undefined);
    },
  });
  const told = toldOf(name, step, moved);
  return (
    <g
      tabIndex={0}
      role="button"
      aria-label={`${told}. Arrow keys move it. Enter marks it done.`}
      data-step={step.name}
      transform={dragged === undefined ? undefined : `translate(${dragged * day} 0)`}
      style={{ cursor: dragged === undefined ? 'grab' : 'grabbing', touchAction: 'manipulation' }}
      data-held={dragged === undefined ? undefined : ''}
      onKeyDown={onKeyDown}
      onClick={() => {
        if (!wasDragged.current) onChoose();
        wasDragged.current = false;
      }}
      {...hold()}
    >
      <title>{told}</title>
      <rect
        x={at(step.from) + 1}
        y={y}
        width={wide}
        height={BAR}
        rx="3"
        fill={ink(step.waits ? `${color}-wash` : color)}
        opacity={step.done ? 0.45 : 1}
        stroke={moved || chosen ? ink('fg') : 'none'}
        strokeWidth={chosen ? 3 : 1.5}
      />
      <StepWords step={step} wide={wide} x={at(step.from)} y={y} days={days} />
    </g>
  );
}

/** So many px a letter takes. */
const LETTER = 6.6;

function StepWords({ step, wide, x, y, days }: { step: DatedStep; wide: number; x: number; y: number; days: number }) {
  const { words, ink: color } = STEP[step.name];
  const long = step.name === 'dry' ? `dry ${days} days${step.typical ? ', typical' : ''}` : words;
  const [first] = words.split(',');
  const fits = [long, words, first!].find((each) => each.length * LETTER < wide - 2);
  const fill = step.waits ? (color === 'fg' ? ink('bg') : ink(color)) : ink(color === 'act' ? 'act-fg' : 'bg');
  const middle = x + 1 + wide / 2;
  // what finds no room lying is read standing
  const standing = !fits && !step.done;
  return (
    <text
      x={middle}
      y={y + BAR / 2 + 4}
      textAnchor="middle"
      fontSize="12"
      fill={fill}
      pointerEvents="none"
      transform={standing ? `rotate(-90 ${middle} ${y + BAR / 2})` : undefined}
    >
      {step.done ? '✓' : (fits ?? words.split(/[ ,]/)[0])}
    </text>
  );
}

/** What the strip answers to. */
export const StripHelp = () => (
  <Box fontSize="sm" color="fg.muted" data-screen>
    Press a step to mark it as done or to move it. It can also be dragged (with a finger, press and hold it first) or moved with the arrow
    keys: what comes before it follows. Enter marks it as done, Delete puts it back where the plan has it.
  </Box>
);
