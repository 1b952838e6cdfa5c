'use client';

import { type Slip, type Stage, STAGES, impliedShrinkage, lengthOf, slipsOf } from '@/core/clay';
import { STAGE_WORDS } from '@/core/sizing';
import { writePercent } from '@/core/units';
import { type BarRecord, UNUSED_WORDS, isMade } from '@/core/workspace';
import { commands, madeActs } from '@/store';
import {
  Act,
  type CaliperUnit,
  FigureInput,
  NameInput,
  USUAL_MARK,
  caliperUnit,
  goOn,
  readLengths,
  useStanding,
  writeLengths,
  writeReading,
} from '@/ui/fields';
import { StageName } from '@/ui/stage';
import { run, useUnits, useWorkspace } from '@/ui/state';
import { Box, HStack, chakra } from '@chakra-ui/react';
import Link from 'next/link';
import { useState } from 'react';
import { BarDetails } from './bar-details';
import { BarSheetButton } from './bar-sheet-button';
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

const EXAMPLE: Record<CaliperUnit, string> = { mm: '88.1; 88.3', in: '3.469; 3.476' };

/** The bars of a body, a line a bar: marked, dried, fired. Slips are asked about as they are typed. */
export function Bars({ view }: { view: ClayView }) {
  const { workspace } = useWorkspace();
  const unit = caliperUnit(useUnits().choice);
  const { evidence, heightEvidence } = view.known;
  const all = [...evidence.sorted, ...heightEvidence.sorted];
  // pieces that were made are kept on the shelves: what they say is only told here
  const made = all.filter(({ sample, unused }) => !unused && isMade(sample));
  const sorted = useStanding(
    all.filter(({ sample }) => !isMade(sample)),
    ({ sample }) => sample.id,
  );
  const [fresh, setFresh] = useState<string | undefined>();
  const bars = sorted.filter(({ sample }) => sample.kind === 'bar' && sample.batchId === view.batchId).length;
  const add = (kind: BarRecord['kind']) => {
    const batch = workspace.batches.find(({ id }) => id === view.batchId);
    const { act, id } = commands.createBar({
      bodyId: view.body.id,
      batchId: view.batchId,
      name: kind === 'bar' ? `${batch ? batch.name.charAt(0) : 'B'}${bars + 1}` : 'Piece',
      kind,
      lengths: kind === 'bar' ? { wet: [USUAL_MARK[unit]] } : {},
      weights: {},
      tool: sorted.at(-1)?.sample.tool ?? 'caliper',
      direction: kind === 'bar' ? 'along' : 'across',
      firing: view.known.firing,
      softness: batch?.softness,
      dates: kind === 'bar' ? { wet: madeActs.today() } : {},
      note: '',
    });
    setFresh(id);
    run(act);
  };
  return (
    <Box as="section" aria-label="Bars" marginTop="6">
      <HStack justifyContent="space-between" flexWrap="wrap">
        <chakra.h2 fontSize="18px" fontWeight="650">
          Bars, and pieces measured twice
        </chakra.h2>
        <HStack gap="2">
          <Act look="solid" onClick={() => add('bar')}>
            Add a bar
          </Act>
          <Act onClick={() => add('piece')}>Add a piece</Act>
          <BarSheetButton view={view} />
        </HStack>
      </HStack>
      <Box fontSize="sm" color="fg.muted" marginBlock="1">
        Length between the marks, {unit}; several pairs of dots with semicolons: {EXAMPLE[unit]}. Enter goes down the column.
      </Box>
      {made.length > 0 && (
        <Box fontSize="sm">
          {made.length === 1
            ? 'One piece that was made and fired counts'
            : `${made.length} measurements of pieces that were made and fired count`}{' '}
          too:{' '}
          <chakra.span color="act" textDecoration="underline">
            <Link href="/shelves?view=log">see them in the log</Link>
          </chakra.span>
          .
        </Box>
      )}
      {sorted.length === 0 ? (
        <Box color="fg.muted">None yet.</Box>
      ) : (
        <Box overflowX="auto" position="relative">
          <chakra.table width="100%" minWidth={{ md: '640px' }} borderCollapse="collapse" aria-label="Bars" onKeyDown={goOn}>
            <BarHead />
            <tbody>
              {sorted.map((each) => (
                <BarRows
                  key={each.sample.id}
                  bar={each.sample}
                  fresh={each.sample.id === fresh}
                  view={view}
                  unit={unit}
                  state={each.unused ? UNUSED_WORDS[each.unused] : each.sameBatch ? 'this batch' : 'another batch'}
                />
              ))}
            </tbody>
          </chakra.table>
        </Box>
      )}
    </Box>
  );
}

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
}

function BarRows({ bar, view, unit, state, fresh }: BarRowsProps) {
  const [open, setOpen] = useState(false);
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
            size="16px"
            width="120px"
            shown={bar.name}
            take={(name, key) => {
              if (name.trim() === '') return 'It needs a name, such as A1.';
              run(commands.editBar(bar.id, (row) => ({ ...row, name }), `name of ${name}`, key));
              return undefined;
            }}
          />
          <Box fontSize="12px" color="fg.muted">
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
          <Act aria-expanded={open} aria-label={`More of ${bar.name}`} onClick={() => setOpen(!open)}>
            {open ? 'Less' : 'More'}
          </Act>
        </chakra.td>
      </chakra.tr>
      {slips.map((slip) => (
        <tr key={slip.stage}>
          <td colSpan={STAGES.length + 4}>
            <Question bar={bar} slip={slip} unit={unit} />
          </td>
        </tr>
      ))}
      {open && (
        <tr>
          <td colSpan={STAGES.length + 4}>
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
  if (kind === 'tenfold') return `${here} after ${before}: another unit, or a slipped decimal?`;
  if (kind === 'grew') return `${here} after ${before}: clay only grows when it bloats. Is it right?`;
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
      <Act onClick={sure}>It is right</Act>
    </HStack>
  );
}
