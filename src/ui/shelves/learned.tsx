'use client';

import { FAMILIES } from '@/core/form';
import type { Direction } from '@/core/clay';
import { type Lean, honestOdds } from '@/core/learn';
import { chanceWords } from '@/core/fit';
import { TOOL_SD, type Tool } from '@/core/sizing';
import {
  ballUsed,
  bySoftness,
  doubtedReadings,
  errorsOf,
  everyPiece,
  learnedBall,
  learnedDays,
  learnedForms,
  learnedHand,
  learnedLosses,
  learnedMinutes,
  type PieceOfRun,
  saidAndHappened,
  samplesOf,
  shrankBy,
} from '@/core/lessons';
import { clayOf } from '@/core/part';
import { SHELF_WORDS, SHELVES, shopOf } from '@/core/records';
import { writePercent } from '@/core/units';
import { commands, madeActs } from '@/store';
import { Act } from '@/ui/fields';
import { run as perform, useUnits, useWorkspace } from '@/ui/state';
import { Box, Grid, HStack, chakra } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { DRIED_WORDS, wayWords } from '@/ui/made';
import { LearnedAnswer } from './learned-answer';
import { BallChart, ByEyeChart, DriftChart, HonestChart, OffChart } from './learned-charts';

const piecesWords = (count: number): string => (count === 1 ? '1 piece' : `${count} pieces`);
const percent = (share: number): string => `${Math.round(share * 100)}%`;

interface FigureProps {
  readonly title: string;
  readonly was: string;
  readonly is: string;
  readonly children?: ReactNode;
}

/** A figure that was learned: what it was, what it is now, and where it is used. */
function LearnedFigure({ title, was, is, children }: FigureProps) {
  return (
    <Box borderTopWidth="1px" borderColor="line" paddingBlock="2" data-learned={title}>
      <HStack gap="4" flexWrap="wrap" alignItems="baseline">
        <Box flex="0 1 260px" fontWeight="600">
          {title}
        </Box>
        <Box fontFamily="figure" fontVariantNumeric="tabular-nums" fontWeight="680" fontSize="1.25rem">
          {is}
        </Box>
        <Box fontSize="sm" color="fg.muted">
          was {was}
        </Box>
      </HStack>
      <Box fontSize="sm">{children}</Box>
    </Box>
  );
}

/** The lines a figure came from; each is left out with one tap and comes back with one. */
function LinesOf({ rows, told }: { rows: readonly PieceOfRun[]; told: (row: PieceOfRun) => string }) {
  if (rows.length === 0) return null;
  return (
    <chakra.details>
      <chakra.summary cursor="pointer" minHeight="max(var(--finger), 28px)" color="fg.muted">
        from {rows.length === 1 ? 'one piece' : `${rows.length} pieces`}
      </chakra.summary>
      <HStack gap="2" flexWrap="wrap">
        {rows.slice(-60).map(({ run, piece }) => (
          <Act
            key={piece.id}
            minHeight="max(var(--finger), 30px)"
            fontSize="sm"
            fontWeight="400"
            aria-pressed={piece.out !== true}
            textDecoration={piece.out ? 'line-through' : undefined}
            title={piece.out ? 'Left out: tap to let it count' : 'Tap to leave it out'}
            onClick={() =>
              perform(
                madeActs.editPiece(
                  piece.id,
                  (now) => ({ ...now, out: now.out ? undefined : true }),
                  `${run.name} ${piece.no} ${piece.out ? 'counts again' : 'left out'}`,
                ),
              )
            }
          >
            {run.name} {piece.no}: {told({ run, piece })}
          </Act>
        ))}
      </HStack>
    </chakra.details>
  );
}

/** How oval a piece fired, where that was measured. */
const ovalOf = ({ sizes }: PieceOfRun['piece']): number | undefined =>
  Object.values(sizes.glazed ?? {}).find(({ oval }) => oval !== undefined)?.oval;

/** What is believed of a clay and batch, with its pieces and without. */
function Shrinkage({ of: { run, piece: fired }, rows }: { of: PieceOfRun; rows: readonly PieceOfRun[] }) {
  const { workspace } = useWorkspace();
  const body = workspace.bodies.find(({ id }) => id === run.bodyId);
  if (!body) return null;
  const choice = { bodyId: run.bodyId, batchId: run.batchId, firing: fired.firing ?? run.firing };
  const told = (from: typeof workspace) => {
    const { shrinkage, belief } = clayOf(from, choice).figures;
    return `${writePercent(shrinkage.width * 100)} ± ${writePercent(belief.scale * 100)}`;
  };
  const batch = workspace.batches.find(({ id }) => id === run.batchId)?.name;
  return (
    <LearnedFigure
      title={[`Shrinkage of ${body.name}`, batch, choice.firing?.cone && `cone ${choice.firing.cone}`].filter(Boolean).join(', ')}
      was={told({ ...workspace, pieces: [] })}
      is={told(workspace)}
    >
      <LinesOf
        rows={rows.filter((row) => row.run.bodyId === run.bodyId && row.run.batchId === run.batchId && across(row) !== undefined)}
        told={(row) => writePercent(shrankBy(across(row)!) * 100)}
      />
    </LearnedFigure>
  );
}

/** What a piece says across, whether it counts or not. */
const across = ({ run, piece }: PieceOfRun) => samplesOf(run, { ...piece, out: undefined }).find(({ direction }) => direction === 'across');

const LEAN_WORDS = { height: ['shorter', 'taller', 'lower', 'higher'], width: ['narrower', 'wider', 'narrower', 'wider'] } as const;

interface HandProps {
  readonly tool: Tool;
  readonly direction: Direction;
  readonly lean: Lean;
  readonly rows: readonly PieceOfRun[];
}

/** How the hand leans and scatters with a tool in one direction, and the way to set the tool for it. */
function Hand({ tool, direction, lean: { lean, leanSd, nextSd, count, takeOff }, rows }: HandProps) {
  const { workspace } = useWorkspace();
  const { length } = useUnits();
  if (count === 0) return null;
  const taken = shopOf(workspace).wheel?.takeOff?.[direction] ?? 0;
  const [short, tall, lower, higher] = LEAN_WORDS[direction];
  const signed = (mm: number) => `${mm < 0 ? '−' : '+'}${length(Math.abs(mm))}`;
  const own = (row: PieceOfRun) => errorsOf(row).filter((error) => error.direction === direction);
  const beyond = takeOff !== undefined && Math.abs(lean - taken) > 0.5 ? takeOff : undefined;
  const set = (mm: number | undefined) =>
    perform(
      commands.setShop(
        'wheel',
        (now) => ({ ...now, takeOff: { ...now?.takeOff, [direction]: mm } }),
        mm === undefined ? 'gauge set as planned' : `gauge set ${length(Math.abs(mm))} ${mm > 0 ? lower : higher}`,
      ),
    );
  return (
    <LearnedFigure
      title={`Your hand, ${tool === 'gauge' ? 'with a gauge or calipers' : 'by eye'}, ${direction === 'height' ? 'heights' : 'widths'}`}
      was={`± ${length(TOOL_SD[tool])}`}
      is={`± ${length(nextSd)}`}
    >
      {leanSd !== undefined &&
        Math.abs(lean) > leanSd &&
        `You throw ${length(Math.abs(lean))} ${lean > 0 ? tall : short} than planned, give or take ${length(leanSd)}. `}
      {tool === 'gauge' && beyond !== undefined && (
        <Act marginBlock="1" onClick={() => set(beyond)}>
          Set the gauge {length(Math.abs(beyond))} {beyond > 0 ? lower : higher}
        </Act>
      )}
      {tool === 'gauge' && taken !== 0 && (
        <>
          The gauge is set {length(Math.abs(taken))} {taken > 0 ? lower : higher} for it.{' '}
          <Act marginBlock="1" onClick={() => set(undefined)}>
            Set it as planned
          </Act>
        </>
      )}
      <LinesOf
        rows={rows.filter((row) => row.run.tool === tool && own(row).length > 0)}
        told={(row) =>
          own(row)
            .map(({ error }) => signed(error))
            .join(', ')
        }
      />
    </LearnedFigure>
  );
}

/** Readings far from what was planned: asked about, and not counted until they are answered. */
function Doubted() {
  const { workspace } = useWorkspace();
  const { length } = useUnits();
  return doubtedReadings(workspace).map(({ run, piece, size }) => {
    const reading = piece.sizes.wet![size]!;
    const planned = size === 'height' ? (run.gauge ?? run.planned.height!) : run.planned[size]!;
    return (
      <Box key={`${piece.id}-${size}`} role="note" color="warn" marginBlock="2" data-doubted={piece.id}>
        {run.name} {piece.no} measured {length(reading.mm)} wet where {length(planned)} was planned. It does not count until you say so. Is
        this right?{' '}
        <Act
          onClick={() =>
            perform(madeActs.measurePiece(piece.id, 'wet', size, { ...reading, sure: true }, `${run.name} ${piece.no} is right`))
          }
        >
          Yes, it is right
        </Act>
      </Box>
    );
  });
}

/** Everything the pieces taught, each with what it was, what it is now and the lines it came from. */
export function Learned() {
  const { workspace } = useWorkspace();
  const { length } = useUnits();
  const all = everyPiece(workspace);
  const hands = learnedHand(workspace);
  const ways = [...new Map(all.map(({ run }) => [`${run.by}/${run.way}`, { by: run.by, way: run.way }])).values()];
  const clays = [
    ...new Map(
      all
        .filter(({ run, piece }) => samplesOf(run, { ...piece, out: undefined }).length > 0)
        .map((row) => [`${row.run.bodyId}/${row.run.batchId ?? ''}`, row]),
    ).values(),
  ];
  const said = saidAndHappened(workspace);
  // a hand leans in heights and in widths apart, and one sum hides it
  const honest = (['height', 'width'] as const).map((way) => ({
    of: `${way}s`,
    honest: honestOdds(said.filter(({ direction }) => direction === way)),
  }));
  return (
    <Box>
      <LearnedAnswer />
      <Grid templateColumns={{ base: 'minmax(0, 1fr)', lg: 'repeat(2, minmax(0, 1fr))' }} gap="6" marginBottom="4">
        <OffChart />
        <DriftChart />
      </Grid>
      <Box color="fg.muted" fontSize="sm" maxWidth="76ch" marginBottom="2">
        Your own figures replace the typical ones for the ball, ranges, odds and spares. Tap a line to leave it out. Tap again to bring it
        back.
      </Box>
      {clays.map((row) => (
        <Shrinkage key={`${row.run.bodyId}/${row.run.batchId ?? ''}`} of={row} rows={all} />
      ))}
      {ways.map((way) => {
        const ratio = learnedBall(workspace, way);
        const rows = all.filter((row) => row.run.by === way.by && row.run.way === way.way && ballUsed(row) !== undefined);
        if (rows.length === 0) return null;
        return (
          <LearnedFigure
            key={`${way.by}/${way.way}`}
            title={`Ball, ${wayWords(way).toLowerCase()}`}
            was="× 1.00 (calculated)"
            is={ratio ? `× ${ratio.median.toFixed(2)}` : 'not yet'}
          >
            {ratio ? `Median of ${ratio.count}, ± ${ratio.spread.toFixed(2)}. ` : `Used from 3 pieces on. You have ${rows.length}. `}
            <LinesOf rows={rows} told={(row) => `× ${ballUsed(row)!.toFixed(2)}`} />
          </LearnedFigure>
        );
      })}
      {(['gauge', 'eye'] as const).flatMap((tool) =>
        (['height', 'width'] as const).map((direction) => (
          <Hand key={`${tool}-${direction}`} tool={tool} direction={direction} lean={hands[tool][direction]} rows={all} />
        )),
      )}
      <Doubted />
      {learnedLosses(workspace)
        .filter(({ loss }) => loss.made > 0)
        .map(({ family, loss, on, wholeFirings }) => (
          <LearnedFigure
            key={family}
            title={`Losses: ${FAMILIES[family].words.toLowerCase()}`}
            was="10% (typical)"
            is={percent(loss.share)}
          >
            {loss.lost} of your {loss.made} lost
            {SHELVES.flatMap((shelf) => (on[shelf] ? [`, ${on[shelf]} lost ${SHELF_WORDS[shelf]}`] : [])).join('')}
            {loss.seconds > 0 && `, ${loss.seconds} ${loss.seconds === 1 ? 'second' : 'seconds'}`}. The typical figure counts as ten pieces.
            {wholeFirings > 0 && ' Whole loads were lost. Spares cannot cover that.'}
            <LinesOf
              rows={all.filter(({ run, piece }) => run.family === family && (piece.shelf === 'lost' || piece.shelf === 'fired'))}
              told={({ piece }) => (piece.shelf === 'lost' ? (piece.wrong?.join(', ') ?? 'lost') : 'came out')}
            />
          </LearnedFigure>
        ))}
      {learnedForms(workspace).map(({ family, oval, byWork, sag }) => (
        <LearnedFigure
          key={family}
          title={`${FAMILIES[family].words}: ${oval ? 'warp' : 'sag'}`}
          was={oval ? `about ${length(0.5)} oval (typical)` : 'none'}
          is={oval ? `oval by ${length(oval.mm)}` : length(Math.abs(sag!.mm))}
        >
          {sag &&
            `Fired ${length(Math.abs(sag.mm))} ${sag.mm < 0 ? 'lower' : 'higher'} than the width would suggest. This comes from the form, not the clay. `}
          Measured on {piecesWords(oval?.count ?? sag!.count)}.
          {byWork.length > 1 &&
            byWork.map(({ dried, cone, mm, count }) => (
              <Box key={`${dried}/${cone}`}>
                Dried {DRIED_WORDS[dried]}
                {cone && `, cone ${cone}`}: oval by {length(mm)}, from {count}
              </Box>
            ))}
          <LinesOf
            rows={all.filter(({ run, piece }) => run.family === family && ovalOf(piece) !== undefined)}
            told={({ piece }) => `oval by ${length(ovalOf(piece)!)}`}
          />
        </LearnedFigure>
      ))}
      <Box borderTopWidth="1px" borderColor="line" paddingBlock="2" fontSize="sm">
        <b>Days on each shelf:</b>{' '}
        {SHELVES.filter((shelf) => shelf !== 'lost' && shelf !== 'fired')
          .map((shelf) => {
            const { days, count, learned } = learnedDays(workspace, shelf);
            return `${SHELF_WORDS[shelf]} ${days ?? '–'} ${learned ? `(yours, from ${count})` : '(typical)'}`;
          })
          .join(', ')}
        .
        {bySoftness(workspace).length > 0 && (
          <Box>
            <b>By clay softness:</b>{' '}
            {bySoftness(workspace)
              .map(
                ({ softness, shrank, measured, made, lost }) =>
                  `${softness} ${shrank === undefined ? '' : `shrank ${writePercent(shrank * 100)} (from ${measured}), `}${lost} of ${made} lost`,
              )
              .join('; ')}
            .
          </Box>
        )}
        {learnedMinutes(workspace).length > 0 && (
          <>
            {' '}
            <b>Minutes a piece:</b>{' '}
            {learnedMinutes(workspace)
              .map(({ work, median, count }) => `to ${work} ${median} (from ${count})`)
              .join(', ')}
            .
          </>
        )}
      </Box>
      <Grid templateColumns={{ base: 'minmax(0, 1fr)', lg: 'repeat(2, minmax(0, 1fr))' }} gap="6" marginTop="4">
        <BallChart />
        {honest.map((each) => (
          <HonestChart key={each.of} {...each} />
        ))}
        <ByEyeChart />
      </Grid>
      {said.length > 0 && (
        <chakra.details fontSize="sm" marginTop="2">
          <chakra.summary cursor="pointer" minHeight="max(var(--finger), 28px)">
            Accuracy as one figure
          </chakra.summary>
          Brier score{' '}
          {honest
            .filter(({ honest: { count } }) => count > 0)
            .map(({ of, honest: { brier, count } }) => `${brier.toFixed(3)} over ${count} predictions of ${of}`)
            .join(', ')}
          . 0 is perfect. {(0.09).toFixed(2)} is normal for odds of {chanceWords(0.9)}.
        </chakra.details>
      )}
    </Box>
  );
}
