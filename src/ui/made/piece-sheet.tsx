'use client';

import { STAGES, type Stage } from '@/core/clay';
import type { SizeName } from '@/core/form';
import { STAGE_WORDS } from '@/core/sizing';
import { cameOf } from '@/core/lessons';
import { clayOf } from '@/core/part';
import { type Fate, FATES, type MadePiece, onShelf, type Run, SHELF_WORDS, SHELVES, WRONG } from '@/core/records';
import { madeActs } from '@/store';
import { Act, DeleteAct, LabelledChoice, TextInput } from '@/ui/fields';
import { StageName } from '@/ui/stage';
import { run as perform, useUnits, useWorkspace, workspaceStore } from '@/ui/state';
import { ink } from '@/ui/theme';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { cameWords, madeSize } from './came-words';
import { Minutes } from './minutes';
import { Photos } from './photos';

interface Props {
  readonly run: Run;
  readonly piece: MadePiece;
}

/** All that is known of one piece, and what made it come out as it did. */
export function PieceSheet({ run, piece }: Props) {
  const name = `${run.name} ${piece.no}`;
  const edit = (change: Partial<MadePiece>, label: string, key?: string): undefined =>
    void perform(madeActs.editPiece(piece.id, (now) => ({ ...now, ...change }), `${name}: ${label}`, key));
  const on = madeActs.today();
  return (
    <Box as="section" aria-label={name} borderTopWidth="2px" borderColor="act" paddingBlock="2" data-piece={name}>
      <HStack gap="4" flexWrap="wrap" alignItems="flex-end">
        <chakra.h3 fontWeight="650" fontSize="1.0625rem">
          {name}
        </chakra.h3>
        <LabelledChoice
          label="Stage"
          value={piece.shelf}
          options={SHELVES.map((shelf) => ({ value: shelf, words: SHELF_WORDS[shelf] }))}
          onChoose={(shelf) => perform(madeActs.editPiece(piece.id, (now) => onShelf(now, shelf, on), `${name}: ${SHELF_WORDS[shelf]}`))}
        />
        <LabelledChoice<Fate | ''>
          label="Kept, sold or given"
          value={piece.fate ?? ''}
          options={[{ value: '', words: 'not said' }, ...FATES.map((fate) => ({ value: fate, words: fate }))]}
          onChoose={(fate) => edit({ fate: fate || undefined }, fate || 'what became of it')}
        />
        <chakra.label display="inline-flex" alignItems="center" gap="2" minHeight="44px" fontSize="sm">
          <input
            type="checkbox"
            checked={piece.out === true}
            onChange={(event) =>
              edit({ out: event.currentTarget.checked || undefined }, event.currentTarget.checked ? 'left out' : 'counts again')
            }
          />
          leave out of your figures
        </chakra.label>
        <Box flex="1" />
        <DeleteAct label={`Delete ${name}`} onClick={() => workspaceStore().runAndTell(madeActs.deletePiece(piece, run.name))} />
      </HStack>
      <Came run={run} piece={piece} />
      <Measured piece={piece} />
      <HStack gap="1" flexWrap="wrap" marginTop="2" role="group" aria-label="What went wrong">
        <Box fontSize="sm" color="fg.muted" marginInlineEnd="1">
          What went wrong:
        </Box>
        {WRONG.map((what) => {
          const has = piece.wrong?.includes(what) === true;
          return (
            <Act
              key={what}
              aria-pressed={has}
              look={has ? 'solid' : 'plain'}
              minHeight="max(var(--finger), 30px)"
              paddingInline="2"
              fontSize="sm"
              onClick={() => edit({ wrong: has ? piece.wrong!.filter((each) => each !== what) : [...(piece.wrong ?? []), what] }, what)}
            >
              {what}
            </Act>
          );
        })}
      </HStack>
      <HStack gap="4" flexWrap="wrap" marginTop="2" alignItems="flex-start">
        <Box width="10.625rem">
          <TextInput
            label="Glaze"
            shown={piece.glaze ?? ''}
            take={(glaze, key) => (glaze.length > 200 ? 'At most 200 characters.' : edit({ glaze: glaze || undefined }, 'glaze', key))}
          />
        </Box>
        <Box flex="1 1 240px">
          <TextInput
            label="Note"
            shown={piece.note}
            take={(note, key) => (note.length > 10_000 ? 'At most 10,000 characters.' : edit({ note }, 'note', key))}
          />
        </Box>
      </HStack>
      <Minutes
        title="Minutes"
        example="12"
        of={(work) => piece.minutes?.[work]}
        onMinutes={(work, minutes, key) => edit({ minutes: { ...piece.minutes, [work]: minutes } }, `minutes to ${work}`, key)}
      />
      <Photos run={run} piece={piece} />
    </Box>
  );
}

/** Each fired size in words. */
function Came({ run, piece }: Props) {
  const { workspace } = useWorkspace();
  const { length } = useUnits();
  const { figures } = clayOf(workspace, { bodyId: run.bodyId, batchId: run.batchId, firing: piece.firing ?? run.firing });
  const came = cameOf(run, piece, figures.shrinkage);
  if (came.length === 0) return null;
  return (
    <Box marginTop="1" data-came>
      {came.map((each) => (
        <Box key={each.size}>
          <b>
            {madeSize(each.size)} <span style={{ color: ink('glazed') }}>{length(each.fired)}</span>
          </b>
          {each.asked !== undefined && `, target ${length(each.asked)}`}: {cameWords(each, length)}
          {each.inside !== undefined &&
            (each.inside ? '. Within the predicted range.' : '. Outside the range predicted when the run began.')}
        </Box>
      ))}
    </Box>
  );
}

/** What was measured, stage by stage. */
function Measured({ piece }: { piece: MadePiece }) {
  const { length, mass } = useUnits();
  const told = STAGES.filter((stage) => Object.keys(piece.sizes[stage] ?? {}).length > 0 || piece.weights[stage] !== undefined);
  if (told.length === 0) return null;
  const line = (stage: Stage) => [
    ...(Object.entries(piece.sizes[stage] ?? {}) as [SizeName, { mm: number; oval?: number }][]).map(
      ([size, { mm, oval }]) => `${madeSize(size)} ${length(mm)}${oval ? `, oval by ${length(oval)}` : ''}`,
    ),
    ...(piece.weights[stage] === undefined ? [] : [mass(piece.weights[stage])]),
  ];
  return (
    <HStack gap="4" flexWrap="wrap" marginTop="1" fontSize="sm">
      {told.map((stage) => (
        <HStack key={stage} gap="1" color={stage} title={STAGE_WORDS[stage]}>
          <StageName stage={stage} />
          <span>{line(stage).join('; ')}</span>
        </HStack>
      ))}
    </HStack>
  );
}
