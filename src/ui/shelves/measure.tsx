'use client';

import { STAGES, type MeasuredWith, type Stage } from '@/core/clay';
import type { SizeName } from '@/core/form';
import { STAGE_WORDS } from '@/core/sizing';
import { G_PER_OZ, readQuantity } from '@/core/units';
import { type MadePiece, onShelf, type Reading, type Run, type Shelf, SHELVES, STAGE_ON, withReading } from '@/core/records';
import { madeActs } from '@/store';
import {
  Choice,
  FigureInput,
  LabelledChoice,
  caliperUnit,
  focusNextCell,
  optionsOf,
  readLengths,
  writeLengths,
  writeReading,
} from '@/ui/fields';
import { AnswerSheet, PlaceAnswer, counted } from '@/ui/frame';
import { StageName } from '@/ui/stage';
import { run, useUnits, useWorkspace, workspaceStore } from '@/ui/state';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { madeSize } from '@/ui/made';
import type { Row } from './use-shelves';

/** What may be measured of a load, a column each. */
const COLUMNS: readonly SizeName[] = ['height', 'rimDiameter', 'mouthInside', 'baseDiameter', 'bellyDiameter'];

/** Where pieces stand that are measured at a stage: there, or just before it. */
const STANDS: Readonly<Record<Stage, readonly Shelf[]>> = {
  wet: ['wet'],
  leather: ['wet', 'leather'],
  dry: ['drying', 'ready'],
  bisque: ['ready', 'bisqued'],
  glazed: ['coated', 'fired'],
};

/** Where a piece stands once it is measured at a stage. */
const COMES_TO: Readonly<Record<Stage, Shelf>> = { wet: 'wet', leather: 'leather', dry: 'ready', bisque: 'bisqued', glazed: 'fired' };

const MEASURED: Readonly<Record<MeasuredWith, string>> = { ruler: 'with a ruler', caliper: 'with calipers' };

/** So many pieces stand in the table; a kiln holds fewer. */
const MOST = 150;

const isBefore = (a: Shelf, b: Shelf): boolean => SHELVES.indexOf(a) < SHELVES.indexOf(b);

/** A piece with a size read at a stage, and on the shelf it thereby came to. */
function withMeasured(piece: MadePiece, stage: Stage, size: SizeName, reading: Reading | undefined, on: string): MadePiece {
  const measured = withReading(piece, stage, size, reading);
  const to = COMES_TO[stage];
  return reading && piece.shelf !== 'lost' && isBefore(piece.shelf, to) ? onShelf(measured, to, on) : measured;
}

/** The stage most of what is shown waits for: fired where something is glazed, else the one it stands at. */
function likely(rows: readonly Row[]): Stage {
  const stands = (stage: Stage) => rows.some(({ piece }) => STANDS[stage].includes(piece.shelf) && STAGE_ON[piece.shelf] !== undefined);
  return rows.some(({ piece }) => piece.shelf === 'coated') ? 'glazed' : (STAGES.find(stands) ?? 'glazed');
}

/** Who stands where it would be measured at a stage, and is not yet. */
const unmeasured = (rows: readonly Row[], stage: Stage): ReadonlySet<string> =>
  new Set(rows.filter(({ piece }) => STANDS[stage].includes(piece.shelf) && !piece.sizes[stage]).map(({ piece }) => piece.id));

/** Two widths of one piece, as they are typed. */
const suchTwo = (unit: 'mm' | 'in'): string => writeLengths([94, 93.2], unit);

/** A whole load, a column at a time: heights, then mouths, Enter by Enter, as calipers and scale type them. */
export function Measure({ rows }: { rows: readonly Row[] }) {
  const { workspace } = useWorkspace();
  const units = useUnits();
  const [stage, setStage] = useState<Stage>(() => likely(rows));
  const [columns, setColumns] = useState<readonly SizeName[]>(['height', 'rimDiameter']);
  const [tool, setTool] = useState<MeasuredWith>('caliper');
  const { guessFirst = false } = workspace.settings;
  const unit = caliperUnit(units.choice);
  // whoever is measured stays where it was in the table while it is open
  const [waiting, setWaiting] = useState(() => unmeasured(rows, stage));
  const shown = useMemo(() => {
    const own = rows.filter(({ piece }) => waiting.has(piece.id) || STANDS[stage].includes(piece.shelf));
    const measured = ({ piece }: Row) => (piece.sizes[stage] && !waiting.has(piece.id) ? 1 : 0);
    return own.toSorted((a, b) => measured(a) - measured(b)).slice(0, MOST);
  }, [rows, stage, waiting]);
  const on = madeActs.today();

  const take = (row: Row, size: SizeName, text: string, key: string): string | undefined => {
    const name = `${row.run.name} ${row.piece.no}, ${madeSize(size)} ${STAGE_WORDS[stage]}`;
    const read = readLengths(text, unit);
    if (!read.ok) return read.problem.message;
    if (read.value.length > 2) return `Enter one width, or the largest and the smallest, such as ${suchTwo(unit)}.`;
    const [first, second] = read.value;
    const wet = row.piece.sizes.wet?.[size]?.mm ?? (size === 'height' ? row.run.gauge : undefined) ?? row.run.planned[size];
    if (first !== undefined && stage !== 'wet' && wet !== undefined && first > wet * 1.02)
      return `It was ${units.length(wet)} wet, so it must be smaller now. Measure it again.`;
    const reading: Reading | undefined =
      first === undefined
        ? undefined
        : {
            mm: second === undefined ? first : (first + second) / 2,
            ...(second !== undefined && { oval: Math.abs(first - second) }),
            with: tool,
            on,
          };
    run(madeActs.editPiece(row.piece.id, (piece) => withMeasured(piece, stage, size, reading, on), name, key));
    return undefined;
  };

  const left = unmeasured(rows, stage).size;
  return (
    <Box>
      <PlaceAnswer>
        <AnswerSheet
          stage={stage}
          name="to-measure"
          asks="to measure"
          big={counted(left)}
          figures={[{ words: 'measured', written: counted(shown.length - left) }]}
        />
      </PlaceAnswer>
      <HStack gap="4" flexWrap="wrap" alignItems="flex-end" marginBottom="2">
        <LabelledChoice
          label="Measured"
          value={stage}
          options={STAGES.map((value) => ({ value, words: STAGE_WORDS[value] }))}
          onChoose={(to) => {
            setStage(to);
            setWaiting(unmeasured(rows, to));
          }}
        />
        <LabelledChoice label="Read" value={tool} options={optionsOf(MEASURED)} onChoose={setTool} />
        <Choice
          label="Another column"
          value=""
          options={[
            { value: '', words: 'another column…' },
            ...COLUMNS.filter((size) => !columns.includes(size)).map((value) => ({ value, words: madeSize(value) })),
          ]}
          onChoose={(size: string) => size && setColumns([...columns, size as SizeName])}
        />
        <chakra.label display="inline-flex" alignItems="center" gap="2" minHeight="44px" fontSize="sm">
          <input
            type="checkbox"
            checked={guessFirst}
            onChange={(event) => workspaceStore().set({ guessFirst: event.currentTarget.checked })}
          />
          Guess by eye first
        </chakra.label>
        <Box fontSize="sm" color="fg.muted">
          In {unit === 'in' ? 'inches' : 'mm'}. For an oval mouth enter both widths: {suchTwo(unit)}. Enter moves down the column.
        </Box>
      </HStack>
      {shown.length === 0 ? (
        <Box color="fg.muted" paddingBlock="4">
          No pieces are ready to measure {STAGE_WORDS[stage]}. Choose another stage or other pieces.
        </Box>
      ) : (
        <Box overflowX="auto">
          <chakra.table aria-label="A load, measured" onKeyDown={focusNextCell} borderCollapse="collapse">
            <thead>
              <tr>
                <chakra.th scope="col" textAlign="left" fontWeight="400" fontSize="sm" color="fg.muted" paddingInlineEnd="4">
                  piece
                </chakra.th>
                {columns.flatMap((size) => [
                  ...(guessFirst
                    ? [
                        <chakra.th key={`${size}-guess`} scope="col" fontWeight="400" fontSize="sm" color="fg.muted" paddingInlineEnd="4">
                          {madeSize(size)}, by eye
                        </chakra.th>,
                      ]
                    : []),
                  <chakra.th key={size} scope="col" textAlign="left" fontWeight="400" fontSize="sm" paddingInlineEnd="4">
                    <HStack gap="1">
                      {madeSize(size)} <StageName stage={stage} />
                    </HStack>
                  </chakra.th>,
                ])}
                <chakra.th scope="col" textAlign="left" fontWeight="400" fontSize="sm" color="fg.muted">
                  weight, {units.choice.mass === 'g' ? 'g' : 'oz'}
                </chakra.th>
              </tr>
            </thead>
            <tbody>
              {shown.map((row) => (
                <chakra.tr key={row.piece.id} borderTopWidth="1px" borderColor="line">
                  <chakra.th scope="row" textAlign="left" fontWeight="500" paddingInlineEnd="4" whiteSpace="nowrap">
                    {row.run.name} <chakra.span fontFamily="figure">{row.piece.no}</chakra.span>
                    <Box as="span" fontSize="sm" color="fg.muted" marginInlineStart="2">
                      {row.run.date}
                    </Box>
                  </chakra.th>
                  {columns.flatMap((size) => cellsOf(row, size, stage, guessFirst, unit, take))}
                  <td>
                    <WeightCell piece={row.piece} of={row.run} stage={stage} />
                  </td>
                </chakra.tr>
              ))}
            </tbody>
          </chakra.table>
        </Box>
      )}
    </Box>
  );
}

type Take = (row: Row, size: SizeName, text: string, key: string) => string | undefined;

const CELL = { width: '5.25rem', minHeight: 'max(var(--finger), 38px)', fontSize: '1.125rem' } as const;

/** The field of a size of a piece; before it the guess by eye, where that comes first. */
function cellsOf(row: Row, size: SizeName, stage: Stage, guessFirst: boolean, unit: 'mm' | 'in', take: Take) {
  const { piece } = row;
  const reading = piece.sizes[stage]?.[size];
  const name = `${row.run.name} ${piece.no}, ${madeSize(size)}`;
  const both = reading?.oval === undefined ? reading && [reading.mm] : [reading.mm + reading.oval / 2, reading.mm - reading.oval / 2];
  const guess = piece.guesses?.[stage]?.[size];
  const measure = (
    <td key={size}>
      <FigureInput
        label={`${name}, ${STAGE_WORDS[stage]}`}
        column={size}
        known={reading !== undefined}
        color={stage}
        shown={both ? writeLengths(both, unit) : ''}
        take={(text, key) =>
          guessFirst && guess === undefined && text.trim() !== '' ? 'Enter your guess first.' : take(row, size, text, key)
        }
        style={CELL}
      />
    </td>
  );
  if (!guessFirst) return [measure];
  return [
    <td key={`${size}-guess`}>
      <FigureInput
        label={`${name}, guessed`}
        column={`${size}-guess`}
        color="fg.muted"
        shown={guess === undefined ? '' : writeReading(guess, unit)}
        take={(text, key) => {
          const read = readLengths(text, unit);
          if (!read.ok) return read.problem.message;
          const mm = read.value[0];
          run(
            madeActs.editPiece(
              piece.id,
              (now) => ({ ...now, guesses: { ...now.guesses, [stage]: { ...now.guesses?.[stage], [size]: mm } } }),
              `${name}, guessed`,
              key,
            ),
          );
          return undefined;
        }}
        style={CELL}
      />
    </td>,
    measure,
  ];
}

function WeightCell({ piece, of, stage }: { piece: MadePiece; of: Run; stage: Stage }) {
  const units = useUnits();
  const unit = units.choice.mass === 'g' ? 'g' : 'oz';
  const grams = piece.weights[stage];
  return (
    <FigureInput
      label={`${of.name} ${piece.no}, weight ${STAGE_WORDS[stage]}`}
      column="weight"
      known={grams !== undefined}
      color={stage}
      shown={grams === undefined ? '' : String(Number((unit === 'g' ? grams : grams / G_PER_OZ).toFixed(unit === 'g' ? 0 : 1)))}
      take={(text, key) => {
        const read = text.trim() === '' ? undefined : readQuantity('mass', text, units.readMass);
        if (read && !read.ok) return read.problem.message;
        run(
          madeActs.editPiece(
            piece.id,
            (now) => ({ ...now, weights: { ...now.weights, [stage]: read?.value } }),
            `${of.name} ${piece.no}, weight ${STAGE_WORDS[stage]}`,
            key,
          ),
        );
        return undefined;
      }}
      style={CELL}
    />
  );
}
