'use client';

import { CONES } from '@/core/clay';
import { FAMILIES, FAMILY_NAMES, MANNERS, type Manner } from '@/core/form';
import { MAKING_WAYS } from '@/core/sizing';
import { commands } from '@/store';
import { Choice, NameInput } from '@/ui/fields';
import { run, useWorkspace } from '@/ui/state';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { useState } from 'react';
import { type PieceModel, WAY_WORDS } from './use-piece';
import { shrinkageWords } from './working-panel';

const NO_CLAY = '';

/** The ways this form can be made: what is not round is never thrown, and coils go round. */
function waysOf({ form }: PieceModel) {
  const { flatSided } = FAMILIES[form.family];
  if (flatSided) return ['slab'] as const;
  const solid = form.family === 'disc';
  return [...MAKING_WAYS, 'slab', ...(solid ? [] : (['former', 'coil'] as const))] as const;
}

/** The piece's name, its clay with what is believed of it, and the way it is made. */
export function PieceTitle({ piece }: { piece: PieceModel }) {
  const { workspace } = useWorkspace();
  const { plan, part } = piece;
  const clays = [{ value: NO_CLAY, words: 'no clay chosen' }, ...workspace.bodies.map(({ id, name }) => ({ value: id, words: name }))];
  return (
    <Box>
      <chakra.h1 srOnly>{plan.name}</chakra.h1>
      <HStack gap="2" flexWrap="wrap" alignItems="center">
        <NameInput
          label="Name of the piece"
          width="228px"
          shown={plan.name}
          take={(name, key) => {
            if (name.trim() === '') return 'A piece needs a name, such as Honey jar.';
            run(commands.renamePlan(plan.id, name, key));
            return undefined;
          }}
        />
        <Choice label="Clay" value={part.bodyId ?? NO_CLAY} options={clays} onChoose={(id) => piece.chooseClay(id || undefined)} />
        {part.bodyId && <BatchAndFiring piece={piece} />}
        <Choice
          label="Way of making"
          value={piece.by === 'wheel' ? part.way : piece.by}
          options={waysOf(piece).map((way) => ({ value: way, words: WAY_WORDS[way] }))}
          onChoose={piece.chooseWay}
        />
      </HStack>
      <HStack gap="2" flexWrap="wrap" marginTop="1">
        <FormChoices piece={piece} />
        <chakra.button
          type="button"
          fontSize="sm"
          color="fg.muted"
          textAlign="left"
          textDecoration="underline dotted"
          textUnderlineOffset="3px"
          cursor="pointer"
          minHeight={{ base: '44px', md: '24px' }}
          aria-pressed={piece.opened === 'shrinkage'}
          _hover={{ background: 'act.wash' }}
          onClick={() => piece.open('shrinkage')}
        >
          {piece.known.body ? `${piece.known.body.name} shrinks` : 'No clay chosen: typical stoneware shrinks'} {shrinkageWords(piece)}
        </chakra.button>
      </HStack>
      {piece.impossible && (
        <Box role="alert" color="bad" fontWeight="600">
          {piece.impossible} What is shown is the last possible piece.
        </Box>
      )}
    </Box>
  );
}

const MANNER_LABELS: Record<keyof Manner, string> = {
  foot: 'Foot',
  curve: 'Curve of the bowl',
  mouth: 'Mouth of the jar',
  sides: 'Sides',
};

/** The form, and what is chosen of it. A choice that cannot be made with these sizes says why. */
function FormChoices({ piece }: { piece: PieceModel }) {
  const { part, form } = piece;
  const [refused, setRefused] = useState<string | undefined>();
  return (
    <>
      <Choice
        label="Form"
        value={part.family}
        options={FAMILY_NAMES.map((value) => ({ value, words: FAMILIES[value].words }))}
        onChoose={(family) => piece.chooseFamily(family, FAMILIES[family].words)}
      />
      {FAMILIES[form.family].choices.map((manner) => (
        <Choice
          key={manner}
          label={MANNER_LABELS[manner]}
          value={form.manner[manner] ?? Object.keys(MANNERS[manner])[0]!}
          options={Object.entries(MANNERS[manner]).map(([value, words]) => ({ value, words }))}
          onChoose={(value) => setRefused(piece.takeManner({ [manner]: value }, MANNERS[manner][value as never] as string))}
        />
      ))}
      {refused && (
        <Box role="alert" color="bad" fontSize="sm">
          {refused}
        </Box>
      )}
    </>
  );
}

/** The batch the clay comes from and the cone it will be fired to, where the clay has any. */
function BatchAndFiring({ piece }: { piece: PieceModel }) {
  const { workspace } = useWorkspace();
  const { part, known } = piece;
  const batches = workspace.batches.filter(({ bodyId }) => bodyId === part.bodyId);
  return (
    <>
      {batches.length > 0 && (
        <Choice
          label="Batch"
          value={part.batchId ?? NO_CLAY}
          options={[{ value: NO_CLAY, words: 'no batch said' }, ...batches.map(({ id, name }) => ({ value: id, words: name }))]}
          onChoose={(id) => piece.chooseBatch(id || undefined)}
        />
      )}
      <Choice
        label="Fired to"
        value={known.firing.cone ?? NO_CLAY}
        options={[{ value: NO_CLAY, words: 'cone as usual' }, ...CONES.map((cone) => ({ value: cone, words: `cone ${cone}` }))]}
        onChoose={(cone) => piece.chooseCone(cone || undefined)}
      />
    </>
  );
}
