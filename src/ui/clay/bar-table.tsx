'use client';

import { type Slip, type Stage, STAGES, impliedShrinkage, lengthOf, slipsOf } from '@/core/clay';
import { STAGE_WORDS } from '@/core/sizing';
import { writePercent } from '@/core/units';
import type { BarRecord } from '@/core/records';
import { UNUSED_WORDS } from '@/core/telling';
import { commands, madeActs } from '@/store';
import { Act, type CaliperUnit, FigureInput, NameInput, focusNextCell, readLengths, writeLengths, writeReading } from '@/ui/fields';
import { Gap, useLines } from '@/ui/blocks';
import { StageName } from '@/ui/stage';
import { run } from '@/ui/state';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { BarDetails } from './bar-details';
import type { ClayView } from './use-clay-view';

/** Writes a stage's lengths into a bar, with today's date at its first measure there; none takes the stage away. */
function withLengths(bar: BarRecord, stage: Stage, lengths: readonly number[]): BarRecord {
  const { [stage]: _, ...otherLengths } = bar.lengths;
  const { [stage]: date, ...otherDates } = bar.dates;
  const sure = bar.sure?.filter((each) => each !== stage);
  if (lengths.length === 0) return { ...bar, lengths: otherLengths, dates: otherDates, sure };
  return { ...bar, lengths: { ...otherLengths, [stage]: lengths }, dates: { ...otherDates, [stage]: date ?? madeActs.today() }, sure };
}

function setLengths(bar: BarRecord, stage: Stage, lengths: readonly number[], key?: string): void {
  run(commands.editBar(bar.id, (row) => withLengths(row, stage, lengths), `${bar.name}, ${STAGE_WORDS[stage]}`, key));
}

interface TableProps {
  readonly sorted: ClayView['known']['evidence']['sorted'];
  readonly fresh: string | undefined;
  readonly view: ClayView;
  readonly unit: CaliperUnit;
}

/** A line of a bar, before it is measured, px. */
const LINE = 50;

/** The bars, of many only those on the screen; a new one stands at the end and is gone to. */
export function BarTable({ sorted, fresh, view, unit }: TableProps) {
  const [open, setOpen] = useState<ReadonlySet<string>>(new Set());
  const { body, shown, before, after, measure, goTo } = useLines<HTMLTableElement>(
    sorted.length,
    LINE,
    (index) => sorted[index]!.sample.id,
  );
  const at = fresh === undefined ? -1 : sorted.findIndex(({ sample }) => sample.id === fresh);
  useEffect(() => {
    if (at >= 0) goTo(at);
  }, [at, goTo]);
  const toggle = (id: string) => {
    const next = new Set(open);
    if (!next.delete(id)) next.add(id);
    setOpen(next);
  };
  return (
    <Box overflowX="auto" position="relative">
      <chakra.table
        ref={body}
        width="100%"
        minWidth={{ md: '640px' }}
        borderCollapse="collapse"
        aria-label="Bars"
        onKeyDown={focusNextCell}
      >
        <BarHead />
        {before > 0 && (
          <tbody>
            <Gap px={before} columns={COLUMNS} />
          </tbody>
        )}
        {shown.map((index) => {
          const { sample, unused, sameBatch } = sorted[index]!;
          return (
            <tbody key={sample.id} ref={measure} data-index={index}>
              <BarRows
                bar={sample}
                fresh={sample.id === fresh}
                view={view}
                unit={unit}
                state={unused ? UNUSED_WORDS[unused] : sameBatch ? 'this batch' : 'another batch'}
                open={open.has(sample.id)}
                toggle={() => toggle(sample.id)}
              />
            </tbody>
          );
        })}
        {after > 0 && (
          <tbody>
            <Gap px={after} columns={COLUMNS} />
          </tbody>
        )}
      </chakra.table>
    </Box>
  );
}

const COLUMNS = STAGES.length + 4;

/** On a phone a bar is two lines: its name and what it says, then its five lengths under their heads. */
const ROW = { display: { base: 'grid', md: 'table-row' }, gridTemplateColumns: 'repeat(5, minmax(0, 1fr))', alignItems: 'center' } as const;
const PLACE = {
  name: { gridColumn: '1 / 4', order: 1 },
  shrank: { gridColumn: '4 / 5', order: 2 },
  more: { gridColumn: '5 / 6', order: 3 },
  length: { order: 4 },
  state: { gridColumn: '1 / -1', order: 5 },
} as const;
const WIDE_ONLY = { display: { base: 'none', md: 'table-cell' } } as const;

const HEAD = { textAlign: 'left', fontWeight: '400', fontSize: 'sm', color: 'fg.muted', paddingInline: '1' } as const;

function BarHead() {
  return (
    <thead>
      <chakra.tr {...ROW}>
        <chakra.th {...HEAD} {...WIDE_ONLY} scope="col">
          bar
        </chakra.th>
        {STAGES.map((stage) => (
          <chakra.th key={stage} {...HEAD} scope="col">
            <StageName stage={stage} />
          </chakra.th>
        ))}
        <chakra.th {...HEAD} {...WIDE_ONLY} scope="col">
          shrank
        </chakra.th>
        <chakra.th {...HEAD} {...WIDE_ONLY} scope="col">
          status
        </chakra.th>
        <chakra.th {...HEAD} {...WIDE_ONLY} scope="col">
          <chakra.span srOnly>more</chakra.span>
        </chakra.th>
      </chakra.tr>
    </thead>
  );
}

interface BarRowsProps {
  readonly bar: BarRecord;
  readonly view: ClayView;
  readonly unit: CaliperUnit;
  readonly state: string;
  readonly fresh: boolean;
  readonly open: boolean;
  readonly toggle: () => void;
}

function BarRows({ bar, view, unit, state, fresh, open, toggle }: BarRowsProps) {
  const shrank = lengthOf(bar, 'glazed') === undefined ? undefined : impliedShrinkage(bar, view.known.figures.shrinkage.shares);
  const slips = slipsOf(bar);
  const batch = view.batches.find(({ id }) => id === bar.batchId)?.name ?? 'no batch';
  const cone = bar.firing.cone ? `, cone ${bar.firing.cone}` : '';
  return (
    <>
      <chakra.tr {...ROW} borderTopWidth="1px" borderColor="line" aria-label={bar.name}>
        <chakra.td {...PLACE.name} paddingInline="1" whiteSpace={{ md: 'nowrap' }}>
          <NameInput
            label={`Name of ${bar.name}`}
            fresh={fresh}
            size="1rem"
            width="7.5rem"
            shown={bar.name}
            take={(name, key) => {
              if (name.trim() === '') return 'It needs a name, such as A1.';
              run(commands.editBar(bar.id, (row) => ({ ...row, name }), `name of ${name}`, key));
              return undefined;
            }}
          />
          <Box fontSize="0.75rem" color="fg.muted">
            {batch}
            {cone}
          </Box>
        </chakra.td>
        {STAGES.map((stage) => (
          <chakra.td key={stage} {...PLACE.length} paddingInline="1">
            <FigureInput
              label={`${bar.name}, ${STAGE_WORDS[stage]}`}
              shown={writeLengths(bar.lengths[stage], unit)}
              take={(text, key) => {
                const read = readLengths(text, unit);
                if (!read.ok) return read.problem.message;
                setLengths(bar, stage, read.value, key);
                return undefined;
              }}
              color={stage}
              known={(bar.lengths[stage]?.length ?? 0) > 0}
              column={stage}
              className="bar-length"
            />
          </chakra.td>
        ))}
        <chakra.td
          {...PLACE.shrank}
          paddingInline="1"
          whiteSpace="nowrap"
          fontFamily="figure"
          fontVariantNumeric="tabular-nums"
          fontWeight="650"
        >
          {shrank === undefined ? '–' : writePercent(shrank * 100)}
        </chakra.td>
        <chakra.td {...PLACE.state} paddingInline="1" fontSize="sm" color="fg.muted">
          {state}
        </chakra.td>
        <chakra.td {...PLACE.more} textAlign="right">
          <Act aria-expanded={open} aria-label={`More of ${bar.name}`} onClick={toggle}>
            {open ? 'Less' : 'More'}
          </Act>
        </chakra.td>
      </chakra.tr>
      {slips.map((slip) => (
        <tr key={slip.stage}>
          <td colSpan={COLUMNS}>
            <Question bar={bar} slip={slip} unit={unit} />
          </td>
        </tr>
      ))}
      {open && (
        <tr>
          <td colSpan={COLUMNS}>
            <BarDetails bar={bar} view={view} unit={unit} />
          </td>
        </tr>
      )}
    </>
  );
}

function questionWords(bar: BarRecord, { stage, kind, against }: Slip, unit: CaliperUnit): string {
  const told = (at: Stage) => `${writeReading(lengthOf(bar, at)!, unit)} ${unit} ${STAGE_WORDS[at]}`;
  const here = `${bar.name} is ${told(stage)}`;
  const before = told(against);
  if (kind === 'tenfold') return `${here} after ${before}. Wrong unit or decimal point?`;
  if (kind === 'grew') return `${here} after ${before}. Clay only grows if it bloats. Is this right?`;
  return `${here} after ${before}: more than clays shrink. Is it right?`;
}

/** A question about a length that looks like a slip; answered with one tap, never in the way. */
function Question({ bar, slip, unit }: { bar: BarRecord; slip: Slip; unit: CaliperUnit }) {
  const { stage, meant } = slip;
  const sure = () =>
    run(commands.editBar(bar.id, (row) => ({ ...row, sure: [...(row.sure ?? []), stage] }), `${bar.name}, ${STAGE_WORDS[stage]} is right`));
  return (
    <HStack role="note" gap="3" flexWrap="wrap" padding="2" background="warn.wash" color="fg" borderRadius="4px" marginBottom="1">
      <span>{questionWords(bar, slip, unit)}</span>
      {meant !== undefined && (
        <Act onClick={() => setLengths(bar, stage, [meant])}>
          It is {writeReading(meant, unit)} {unit}
        </Act>
      )}
      <Act onClick={sure}>Yes, it is right</Act>
    </HStack>
  );
}
