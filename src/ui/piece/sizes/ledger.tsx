'use client';

import { STAGES, type Shrinkage, type Stage, remaining } from '@/core/clay';
import { FAMILIES, type SizeName, sizeIn, sizeSpec } from '@/core/form';
import { NEAR, inward, stepUnits, stepWithin, text, writeStep } from '@/core/units';
import { type Limit, STAGE_WORDS, type Window, isExact, oddsWords, undecided, windowAt } from '@/core/sizing';
import { Act, Choice, LengthInput, WordChoice } from '@/ui/fields';
import { StageName } from '@/ui/stage';
import { type Units, newKey } from '@/ui/state';
import { ink } from '@/ui/theme';
import { HStack } from '@chakra-ui/react';
import { Fragment, memo } from 'react';
import { Sideways, lazyPart, sameProps } from '@/ui/blocks';
import { type PieceModel, isKnownAt } from '../model/use-piece';

// only where two sizes contradict each other, and of an own profile
const Conflicts = lazyPart(() => import('./conflicts').then((part) => part.Conflicts));
const KnotTable = lazyPart(() => import('./knot-table').then((part) => part.KnotTable));

/** A stair of what is left of 100 wet: the bar is the true length, what is gone is open. */
function Stair({ stage, left }: { stage: Stage; left: number }) {
  return (
    <div className="ledger-stair">
      <div style={{ width: `${left * 100}%`, background: ink(stage) }} />
    </div>
  );
}

const Heads = memo(function Heads({ shrinkage }: { shrinkage: Shrinkage }) {
  return (
    <>
      <colgroup>
        <col className="sizes" />
        {STAGES.map((stage) => (
          <col key={stage} />
        ))}
      </colgroup>
      <thead>
        <tr>
          <th scope="col">underlined = entered</th>
          {STAGES.map((stage) => {
            const left = remaining(shrinkage, stage, 'width');
            return (
              <th key={stage} scope="col">
                <div className="ledger-stage">
                  <StageName stage={stage} />
                  <span title={`of 100 wet, ${STAGE_WORDS[stage]}`}>{(left * 100).toFixed(1)}</span>
                </div>
                <Stair stage={stage} left={left} />
              </th>
            );
          })}
        </tr>
      </thead>
    </>
  );
});

/** Where a whole size may be typed, "80 x 90". */
const TOGETHER: ReadonlySet<SizeName> = new Set<SizeName>([
  'height',
  'rimDiameter',
  'rimAcross',
  'mouthInside',
  'bellyDiameter',
  'baseDiameter',
]);

interface RowProps extends Pick<PieceModel, 'takeSize' | 'takeSizes' | 'takeLimit' | 'letGo' | 'open'> {
  readonly row: string;
  readonly size: SizeName;
  readonly cells: readonly CellFigure[];
}

interface CellFigure {
  readonly stage: Stage;
  readonly mm: number;
  /** The same as it is written. */
  readonly says: string;
  readonly known: boolean;
}

const alike = (before: CellFigure, now: CellFigure): boolean => before.says === now.says && before.known === now.known;

/** A size at a stage; only those that say something else are made anew. */
const SizeCell = memo(
  function SizeCell({
    row,
    size,
    cell: { stage, mm, known },
    takeSize,
    takeSizes,
    takeLimit,
    letGo,
    open,
  }: Omit<RowProps, 'cells'> & { cell: CellFigure }) {
    return (
      <td>
        <LengthInput
          label={`${row}, ${STAGE_WORDS[stage]}`}
          mm={mm}
          takeMm={takeSize(size, stage)}
          zero={size === 'floor'}
          takeSizes={TOGETHER.has(size) ? takeSizes(size, stage) : undefined}
          takeSpan={takeLimit(size, stage)}
          takeNothing={letGo(size, stage)}
          known={known}
          color={stage}
          align="right"
          name={`${size}@${stage}`}
          open={open}
          className="ledger-figure"
        />
      </td>
    );
  },
  ({ cell: before, ...others }, { cell: now, ...rest }) => alike(before, now) && sameProps(others, rest),
);

const SizeRow = memo(
  function SizeRow({ cells, ...rest }: RowProps) {
    return (
      <tr>
        <th scope="row">{rest.row}</th>
        {cells.map((cell) => (
          <SizeCell key={cell.stage} {...rest} cell={cell} />
        ))}
      </tr>
    );
  },
  ({ cells: before, ...others }, { cells: now, ...rest }) => now.every((cell, i) => alike(before[i]!, cell)) && sameProps(others, rest),
);

const cellsOf = (piece: PieceModel, size: SizeName): CellFigure[] =>
  STAGES.map((stage) => {
    const mm = piece.worked.sized.stages[stage].sizes[size] ?? 0;
    return { stage, mm, says: piece.units.plain(mm), known: isKnownAt(piece, size, stage) };
  });

/** For a size that is a limit: between which lengths it may be at each stage to end inside often enough. */
function WindowRow({ piece, size, limit }: { piece: PieceModel; size: SizeName; limit: Limit }) {
  const { clay, sure } = piece.worked;
  return (
    <tr data-window={size}>
      <th scope="row">Make it between ({oddsWords(sure.odds)})</th>
      {STAGES.map((stage) => (
        <td key={stage} style={{ color: ink(stage) }}>
          {windowWords(windowAt({ clay, size, tool: sure.tool }, limit, stage, sure.odds), piece.units)}
        </td>
      ))}
    </tr>
  );
}

/** Of a width inside that is known something gives way to it: the outside where that is a size of the form, or the wall. */
function asksWhatGives({ part, form }: PieceModel, size: SizeName): boolean {
  const { inside } = sizeSpec(size);
  return inside !== undefined && part.sizes[size] !== undefined && form.sizes[inside.outer] !== undefined;
}

/** For a width inside that is known: what gives way to it. */
function GivesRow({ piece, size }: { piece: PieceModel; size: SizeName }) {
  const { part, form } = piece;
  const { row } = sizeIn(form.family, size);
  return (
    <tr data-gives={size}>
      <th scope="row" colSpan={6}>
        <WordChoice
          label={`${row}: what changes to match`}
          value={part.gives?.[size] ?? 'outside'}
          options={[
            { value: 'outside', words: 'keep the wall, change the outside' },
            { value: 'wall', words: 'keep the outside, change the wall' },
          ]}
          onChoose={(way) => piece.takeGiver(size, way, `${row}: change the ${way}`)}
        />
      </th>
    </tr>
  );
}

/** Outside, wall and width inside were all entered: one of them has to change. */
function AskRow({ piece, size }: { piece: PieceModel; size: SizeName }) {
  const { part, form, units } = piece;
  const { row, inside } = sizeIn(form.family, size);
  const { outer, wall } = inside!;
  const [known] = part.sizes[size]!;
  const entered = isExact(known) ? `${units.length(known.mm)} ${STAGE_WORDS[known.at]}` : '';
  const leaves = piece.worked.sized.stages[known.at].sizes[size] ?? 0;
  return (
    <tr data-asks={size}>
      <td colSpan={6} role="alert">
        <div className="ledger-asks">
          <span>
            {row}: you entered {entered}, but the {sizeIn(form.family, outer).words} and the wall leave {units.length(leaves)}. Which one
            changes?
          </span>
          <Act onClick={() => piece.takeGiver(size, 'outside', `${row}: change the outside`)}>{sizeIn(form.family, outer).row}</Act>
          <Act onClick={() => piece.takeGiver(size, 'wall', `${row}: change the wall`)}>
            {sizeIn(form.family, form.sizes[wall] === undefined ? 'wall' : wall).row}
          </Act>
          <Act onClick={() => piece.letGo(size, known.at)()}>{row}</Act>
        </div>
      </td>
    </tr>
  );
}

const FOUND_TO = 2e-4;

/** A window in figures that a hand can set, rounded inward, so that each of them is inside. */
function windowWords({ go, best }: Window, { choice }: Units): string {
  if (!go) return `at best ${oddsWords(best)}`;
  // its edges are found to a ten-thousandth
  const [least, most] = [go[0] && go[0] - FOUND_TO, go[1] && go[1] + FOUND_TO];
  const units = stepUnits(choice.length);
  const step = least === undefined || most === undefined ? stepWithin(0, 0, units) : stepWithin(least, most, units);
  const told = (mm: number) => text(writeStep(mm, step, choice));
  if (least === undefined) return `≤ ${told(inward(0, most!, step)![1])}`;
  if (most === undefined) return `≥ ${told(Math.ceil(least / step - NEAR) * step)}`;
  const within = inward(least, most, step);
  return within ? `${told(within[0])} – ${told(within[1])}` : `at best ${oddsWords(best)}`;
}

interface WeightProps extends Pick<PieceModel, 'open'> {
  readonly stage: Stage;
  readonly says: string;
  /** Its arithmetic is open. */
  readonly opened: boolean;
}

const WeightCell = memo(function WeightCell({ stage, says, opened, open }: WeightProps) {
  return (
    <td>
      <button
        type="button"
        className="ledger-weight"
        style={{ color: ink(stage) }}
        aria-pressed={opened}
        aria-label={`Weight, ${STAGE_WORDS[stage]}: ${says}`}
        onClick={() => open(`mass@${stage}`)}
      >
        {stage === 'leather' && '≈\u202f'}
        {says}
      </button>
    </td>
  );
});

/** Sizes down, stages across: any size at any stage can be typed and becomes known; the rest follows. */
export function Ledger({ piece }: { piece: PieceModel }) {
  return (
    <>
      {piece.conflicts.length > 0 && <Conflicts piece={piece} />}
      <SizeTable piece={piece} />
      <AddBevel piece={piece} />
      <Odds piece={piece} />
      {piece.form.knots && piece.by !== 'former' && (
        <Sideways label="Points of the profile, sideways">
          <KnotTable piece={piece} />
        </Sideways>
      )}
    </>
  );
}

/** A bevel as it is usually cut, finished mm; less where the foot is thin. */
const USUAL_BEVEL = 3;

/** For a foot that has none yet; emptied in the table it is let go again. */
function AddBevel({ piece }: { piece: PieceModel }) {
  const { family, sizes } = piece.form;
  if (piece.by !== 'wheel' || sizes.bevel || !FAMILIES[family].sizes.includes('bevel')) return null;
  const thin = Math.min(sizes.wallAtFoot ?? sizes.wall ?? 0, sizes.floor ?? 0);
  const add = () => piece.takeSize('bevel', 'glazed')(Math.min(USUAL_BEVEL, Math.floor(thin) / 2), newKey());
  return (
    <button type="button" className="sentence-aside" data-act onClick={add}>
      Add a bevel at the foot
    </button>
  );
}

const ODDS = [0.8, 0.9, 0.95, 0.99];

/** In how many pieces limits should hold; asked only where a size is one. */
function Odds({ piece }: { piece: PieceModel }) {
  if (!Object.values(piece.worked.known).some((known) => known?.some((each) => !isExact(each)))) return null;
  return (
    <HStack fontSize="sm" color="fg.muted" marginTop="2" gap="2">
      <span>Stay within limits in</span>
      <Choice
        label="Odds for limits"
        value={String(piece.worked.sure.odds)}
        options={ODDS.map((odds) => ({ value: String(odds), words: oddsWords(odds) }))}
        onChoose={(odds) => piece.takePart({ odds: Number(odds) }, `limits met in ${oddsWords(Number(odds))}`)}
      />
      <span>pieces</span>
    </HStack>
  );
}

function SizeTable({ piece }: { piece: PieceModel }) {
  const { masses } = piece.worked.sized;
  const waits = undecided(piece.part.sizes, piece.part.gives);
  return (
    <table className="ledger" aria-label="Sizes and weights at every stage">
      <Heads shrinkage={piece.worked.clay.shrinkage} />
      <tbody>
        {piece.names.map((size) => {
          const limit = piece.worked.known[size]?.find((each): each is Limit => !isExact(each));
          return (
            <Fragment key={size}>
              <SizeRow
                row={sizeIn(piece.form.family, size).row}
                size={size}
                cells={cellsOf(piece, size)}
                takeSize={piece.takeSize}
                takeSizes={piece.takeSizes}
                takeLimit={piece.takeLimit}
                letGo={piece.letGo}
                open={piece.open}
              />
              {waits.includes(size) ? (
                <AskRow piece={piece} size={size} />
              ) : (
                asksWhatGives(piece, size) && <GivesRow piece={piece} size={size} />
              )}
              {limit && <WindowRow piece={piece} size={size} limit={limit} />}
            </Fragment>
          );
        })}
        <tr>
          <th scope="row">Weight, trimmed</th>
          {STAGES.map((stage) => (
            <WeightCell
              key={stage}
              stage={stage}
              says={piece.units.mass(stage === 'wet' ? masses.trimmed : masses[stage])}
              opened={piece.opened === `mass@${stage}`}
              open={piece.open}
            />
          ))}
        </tr>
      </tbody>
    </table>
  );
}
