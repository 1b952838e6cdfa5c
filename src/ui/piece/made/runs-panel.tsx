'use client';

import { piecesOf } from '@/core/orders';
import { sizedPlanPart } from '@/core/part';
import type { MadePiece, Run, Work } from '@/core/records';
import { madeActs } from '@/store';
import { Act, DeleteAct, LabelledChoice, OptionalMass, TextInput, optionsOf } from '@/ui/fields';
import { DRIED_WORDS } from '@/core/telling';
import { Minutes, PieceSheet } from '@/ui/made';
import { run as perform, useUnits, useWorkspace, workspaceStore } from '@/ui/state';
import { Box, HStack, chakra } from '@chakra-ui/react';
import Link from 'next/link';
import { useState } from 'react';
import type { PieceModel } from '../model/use-piece';
import { HowMany } from './how-many';
import { Note } from './note';
import { OneFired } from './one-fired';
import { CamePicture } from './came-picture';
import { Rounds } from './rounds';
import { useCame } from './use-came';

const SOFTNESS = { '': 'not recorded', soft: 'soft', medium: 'medium', firm: 'firm' } as const;
const MEASURES = { ruler: 'with a ruler', caliper: 'with calipers' } as const;
const TOOLS = { gauge: 'with a gauge or calipers', eye: 'by eye' } as const;

/** Every run made of this piece, the last first, with what came out and why. */
export function RunsPanel({ piece }: { piece: PieceModel }) {
  const { plan } = piece;
  const { runs, openId, setOpen, came } = useCame(piece);
  return (
    <Box maxWidth="900px">
      {came && <CamePicture piece={piece} came={came} />}
      <Standard piece={piece} />
      {runs.length === 0 ? (
        <Box color="fg.muted">
          None made yet. Count them as you throw,{' '}
          <chakra.span color="act" textDecoration="underline">
            <Link href={`/wheel?plan=${plan.id}`}>at the wheel</Link>
          </chakra.span>
          , or add a run on the{' '}
          <chakra.span color="act" textDecoration="underline">
            <Link href="/shelves">shelves</Link>
          </chakra.span>
          .
        </Box>
      ) : (
        runs.map((run) => (
          <RunBlock
            key={run.id}
            piece={piece}
            run={run}
            open={run.id === openId}
            onOpen={() => setOpen(run.id === openId ? undefined : run.id)}
          />
        ))
      )}
      <HowMany piece={piece} />
      <OneFired piece={piece} />
      {runs.length > 1 && <Rounds piece={piece} runs={runs} />}
      <Box maxWidth="640px" marginTop="3">
        <Note piece={piece} />
      </Box>
    </Box>
  );
}

/** The one that came out right, and how it was made. */
function Standard({ piece: { plan } }: { piece: PieceModel }) {
  const { workspace } = useWorkspace();
  const { standard } = plan;
  if (!standard) return null;
  const of = workspace.pieces.find(({ id }) => id === standard.pieceId);
  const run = of && workspace.runs.find(({ id }) => id === of.runId);
  return (
    <Box as="section" aria-label="The standard" marginBottom="3" paddingBottom="2" borderBottomWidth="1px" borderColor="line">
      <HStack gap="3" flexWrap="wrap" alignItems="flex-end">
        <Box fontWeight="650">
          {of && run ? `Reference piece: no. ${of.no}, ${run.date}` : 'The reference piece is no longer in the log'}
        </Box>
        <Box flex="1 1 260px">
          <TextInput
            label="How it was made (pulls, rib, lip)"
            shown={standard.moves}
            take={(moves, key) => {
              if (moves.length > 2000) return 'At most 2,000 characters.';
              perform(madeActs.setMoves(plan.id, moves, key));
              return undefined;
            }}
          />
        </Box>
        <DeleteAct label="Remove the reference piece" onClick={() => workspaceStore().runAndTell(madeActs.unpinStandard(plan.id))} />
      </HStack>
    </Box>
  );
}

interface RunProps {
  readonly piece: PieceModel;
  readonly run: Run;
  readonly open: boolean;
  readonly onOpen: () => void;
}

const counted = (pieces: readonly MadePiece[]): string => {
  const lost = pieces.filter(({ shelf }) => shelf === 'lost').length;
  const fired = pieces.filter(({ shelf }) => shelf === 'fired').length;
  return [`${pieces.length} made`, fired > 0 && `${fired} fired`, lost > 0 && `${lost} lost`].filter(Boolean).join(', ');
};

function RunBlock({ piece, run, open, onOpen }: RunProps) {
  const { workspace } = useWorkspace();
  const { mass } = useUnits();
  const pieces = piecesOf(workspace, run.id);
  const [openPiece, setPiece] = useState<string | undefined>();
  const shown = pieces.find(({ id }) => id === openPiece);
  return (
    <Box borderColor="line" css={{ '[data-run] + &': { borderTopWidth: '1px' } }} paddingBlock="1" data-run={run.date}>
      <chakra.button type="button" aria-expanded={open} onClick={onOpen} minHeight="44px" cursor="pointer" textAlign="left">
        <b>{run.date}</b>: {counted(pieces)}
        {run.ball !== undefined && `, balls of ${mass(run.ball)}`}
        {!run.closed && ' · open'}
      </chakra.button>
      {open && (
        <Box paddingInlineStart={{ md: '3' }}>
          <SinceThen run={run} />
          <RunFields run={run} />
          <RunMinutes run={run} pieces={pieces} />
          <HStack gap="1" flexWrap="wrap" marginTop="2" role="group" aria-label="Pieces of the run">
            {pieces.map((each) => (
              <Act
                key={each.id}
                minHeight="max(var(--finger), 34px)"
                paddingInline="2"
                aria-pressed={each.id === openPiece}
                look={each.id === openPiece ? 'solid' : 'plain'}
                textDecoration={each.shelf === 'lost' ? 'line-through' : undefined}
                onClick={() => setPiece(each.id === openPiece ? undefined : each.id)}
              >
                {each.no}
              </Act>
            ))}
            <Act minHeight="max(var(--finger), 34px)" onClick={() => perform(madeActs.addPiece(run))}>
              Add one
            </Act>
          </HStack>
          {shown && (
            <>
              <PieceSheet run={run} piece={shown} />
              <Act onClick={() => workspaceStore().runAndTell(madeActs.pinStandard(piece.plan, run, shown))}>
                Make this the reference piece
              </Act>
            </>
          )}
        </Box>
      )}
    </Box>
  );
}

/** Minutes of a whole run, shared among its pieces. */
function RunMinutes({ run, pieces }: { run: Run; pieces: readonly MadePiece[] }) {
  const whole = (work: Work) => {
    const own = pieces.flatMap(({ minutes }) => minutes?.[work] ?? []);
    return own.length > 0 ? Math.round(own.reduce((sum, each) => sum + each, 0)) : undefined;
  };
  return (
    <Minutes
      title="Minutes for the whole run"
      example="90"
      of={whole}
      onMinutes={(work, minutes, key) =>
        perform(
          madeActs.editPieces(
            pieces.map(({ id }) => id),
            (now) => ({ ...now, minutes: { ...now.minutes, [work]: minutes === undefined ? undefined : minutes / pieces.length } }),
            `run of ${run.date}: minutes to ${work}`,
            key,
          ),
        )
      }
    />
  );
}

/** So much more or less than when the run began is told, wet mm. */
const TOLD = 0.3;

/** What was learned since does not change a run in silence. */
function SinceThen({ run }: { run: Run }) {
  const { length } = useUnits();
  const { workspace } = useWorkspace();
  if (run.closed || !run.as) return null;
  const then = sizedPlanPart(workspace, run.as, String);
  if (!then.ok) return null;
  const { stages, thrown } = then.value.sized;
  const told = [
    { words: 'mouth', then: run.planned.rimDiameter, now: stages.wet.sizes.rimDiameter },
    { words: 'rim above the bat', then: run.gauge, now: thrown.gauge },
  ].flatMap(({ words, then: was, now }) => (was !== undefined && Math.abs(now - was) >= TOLD ? [{ words, was, now }] : []));
  if (told.length === 0) return null;
  return (
    <Box role="note" color="warn" fontSize="sm">
      The estimate for this clay has changed since the run began:{' '}
      {told.map(({ words, was, now }) => `${words} is now ${length(now)}, was ${length(was)}`).join(', ')}. Pieces already made keep the
      earlier sizes.
    </Box>
  );
}

function RunFields({ run }: { run: Run }) {
  const { bodies, batches } = useWorkspace().workspace;
  const edit = (change: Partial<Run>, label: string, key?: string): undefined =>
    void perform(madeActs.editRun(run.id, (now) => ({ ...now, ...change }), `run of ${run.date}: ${label}`, key));
  return (
    <HStack gap="3" rowGap="1" flexWrap="wrap" alignItems="flex-start">
      <Box width="8.75rem">
        <TextInput
          label="Day"
          shown={run.date}
          take={(date, key) =>
            /^\d{4}-\d{2}-\d{2}$/.test(date) && !Number.isNaN(Date.parse(date))
              ? edit({ date }, 'day', key)
              : 'Enter the day as 2026-11-24.'
          }
        />
      </Box>
      {run.by === 'wheel' && <OptionalMass label="Ball" value={run.ball} onValue={(ball, key) => edit({ ball }, 'ball', key)} />}
      <LabelledChoice
        label="Clay softness"
        value={run.softness ?? ''}
        options={optionsOf(SOFTNESS)}
        onChoose={(softness) => edit({ softness: softness || undefined }, 'softness')}
      />
      <LabelledChoice
        label="Dried"
        value={run.dried ?? ''}
        options={optionsOf({ '': 'not recorded', ...DRIED_WORDS })}
        onChoose={(dried) => edit({ dried: dried || undefined }, 'how it dried')}
      />
      <LabelledChoice
        label="Clay"
        value={run.bodyId ?? ''}
        options={[{ value: '', words: 'not recorded' }, ...bodies.map(({ id, name }) => ({ value: id, words: name }))]}
        onChoose={(bodyId) => edit({ bodyId: bodyId || undefined, batchId: undefined }, 'clay')}
      />
      <LabelledChoice
        label="Batch"
        value={run.batchId ?? ''}
        options={[
          { value: '', words: 'not recorded' },
          ...batches.filter(({ bodyId }) => bodyId === run.bodyId).map(({ id, name }) => ({ value: id, words: name })),
        ]}
        onChoose={(batchId) => edit({ batchId: batchId || undefined }, 'batch')}
      />
      <LabelledChoice
        label="Measured"
        value={run.measures}
        options={optionsOf(MEASURES)}
        onChoose={(measures) => edit({ measures }, 'how it is measured')}
      />
      <Box width="8.125rem">
        <TextInput
          label="Measured by"
          shown={run.who ?? ''}
          take={(who, key) => (who.length > 200 ? 'At most 200 characters.' : edit({ who: who || undefined }, 'by whom', key))}
        />
      </Box>
      <LabelledChoice label="Sizes checked" value={run.tool} options={optionsOf(TOOLS)} onChoose={(tool) => edit({ tool }, 'tool')} />
      <Box flex="1 1 220px">
        <TextInput
          label="What worked, what to change"
          shown={run.note}
          take={(note, key) => (note.length > 10_000 ? 'At most 10,000 characters.' : edit({ note }, 'note', key))}
        />
      </Box>
      <DeleteAct label={`Delete the run of ${run.date}`} onClick={() => workspaceStore().runAndTell(madeActs.deleteRun(run))} />
    </HStack>
  );
}
