'use client';

import { CONES } from '@/core/clay';
import { FAMILIES, FAMILY_NAMES, MANNERS, type Manner } from '@/core/form';
import { MAKING_WAYS } from '@/core/sizing';
import { writePercent } from '@/core/units';
import { commands } from '@/store';
import { NameInput, WordChoice, optionsOf } from '@/ui/fields';
import { run, useWorkspace } from '@/ui/state';
import { FORM_WORDS, WAY_WORDS } from '@/ui/words';
import { Box } from '@chakra-ui/react';
import { Fragment, useState } from 'react';
import type { PieceModel } from './model/use-piece';

const NONE = '';

/** The ways this form can be made: what is not round is never thrown, and coils go round. */
function waysOf({ form }: PieceModel) {
  if (FAMILIES[form.family].flatSided) return ['slab'] as const;
  const solid = form.family === 'disc';
  return [...MAKING_WAYS, 'slab', ...(solid ? [] : (['former', 'coil'] as const))] as const;
}

/** What the piece is, as one sentence whose words are menus: form, way of making, clay, batch and firing; its name before it. */
export function Sentence({ piece }: { piece: PieceModel }) {
  const { plan, part } = piece;
  const [refused, setRefused] = useState<string | undefined>();
  return (
    <>
      <h1 className="unseen">{plan.name}</h1>
      <div className="sentence-line">
        <NameInput
          label="Name of the piece"
          width="auto"
          grows
          shown={plan.name}
          take={(name, key) => {
            if (name.trim() === '') return 'A piece needs a name, such as Honey jar.';
            run(commands.renamePlan(plan.id, name, key));
            return undefined;
          }}
        />
        <p className="sentence">
          <FormWords piece={piece} onRefused={setRefused} />,{' '}
          <WordChoice
            label="Way of making"
            value={piece.by === 'wheel' ? part.way : piece.by}
            options={waysOf(piece).map((way) => ({ value: way, words: WAY_WORDS[way] }))}
            onChoose={piece.chooseWay}
          />
          , <ClayWords piece={piece} />{' '}
          <button
            type="button"
            className="sentence-aside"
            aria-pressed={piece.opened === 'shrinkage'}
            onClick={() => piece.open('shrinkage')}
          >
            {piece.known.body ? '' : 'typical stoneware: '}shrinks about {writePercent(piece.worked.clay.belief.mean * 100)}
          </button>
        </p>
      </div>
      {(refused ?? piece.impossible) && (
        <Box role="alert" color="bad" fontWeight="600" fontSize="sm">
          {refused ?? `${piece.impossible} What is shown is the last valid piece.`}
        </Box>
      )}
    </>
  );
}

const MANNER_LABELS: Record<keyof Manner, string> = {
  foot: 'Foot',
  curve: 'Curve of the bowl',
  mouth: 'Mouth of the jar',
  sides: 'Sides',
};

/** The form, and what is chosen of it. A choice that cannot be made with these sizes says why. */
function FormWords({ piece, onRefused }: { piece: PieceModel; onRefused: (why: string | undefined) => void }) {
  const { part, form } = piece;
  const { choices } = FAMILIES[form.family];
  return (
    <>
      <WordChoice
        label="Form"
        value={part.family}
        options={FAMILY_NAMES.map((value) => ({ value, words: FORM_WORDS[value] }))}
        onChoose={piece.chooseFamily}
      />
      {choices.map((manner, i) => (
        <Fragment key={manner}>
          {i === 0 ? ' with ' : ' and '}
          <WordChoice
            label={MANNER_LABELS[manner]}
            value={form.manner[manner] ?? Object.keys(MANNERS[manner])[0]!}
            options={optionsOf<string>(MANNERS[manner])}
            onChoose={(value) =>
              onRefused(piece.takeManner({ [manner]: value }, (MANNERS[manner] as Record<string, string>)[value] ?? value))
            }
          />
        </Fragment>
      ))}
    </>
  );
}

/** The clay, and where it has any the batch it comes from and the cone it will be fired to. */
function ClayWords({ piece }: { piece: PieceModel }) {
  const { workspace } = useWorkspace();
  const { part, known } = piece;
  const batches = workspace.batches.filter(({ bodyId }) => bodyId === part.bodyId);
  const clays = [{ value: NONE, words: 'no clay chosen' }, ...workspace.bodies.map(({ id, name }) => ({ value: id, words: name }))];
  return (
    <>
      {part.bodyId && 'in '}
      <WordChoice label="Clay" value={part.bodyId ?? NONE} options={clays} onChoose={(id) => piece.chooseClay(id || undefined)} />
      {part.bodyId && (
        <>
          {batches.length > 0 && (
            <>
              ,{' '}
              <WordChoice
                label="Batch"
                value={part.batchId ?? NONE}
                options={[{ value: NONE, words: 'no batch chosen' }, ...batches.map(({ id, name }) => ({ value: id, words: name }))]}
                onChoose={(id) => piece.chooseBatch(id || undefined)}
              />
            </>
          )}
          ,{' '}
          <WordChoice
            label="Fired to"
            value={known.firing.cone ?? NONE}
            options={[{ value: NONE, words: 'its usual cone' }, ...CONES.map((cone) => ({ value: cone, words: `cone ${cone}` }))]}
            onChoose={(cone) => piece.chooseCone(cone || undefined)}
          />
        </>
      )}
    </>
  );
}
