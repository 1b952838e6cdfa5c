'use client';

import { CONES } from '@/core/clay';
import { FAMILIES, FAMILY_NAMES, type FamilyName, MANNERS, type Manner, isDisc } from '@/core/form';
import { MAKING_WAYS } from '@/core/sizing';
import { writePercent } from '@/core/units';
import { commands } from '@/store';
import { Act, NameInput, WordChoice, optionsOf } from '@/ui/fields';
import { run, useSaid } from '@/ui/state';
import { type AnyWay, WAY_WORDS } from '@/core/telling';
import { FORM_WORDS } from '@/ui/words';
import { Box } from '@chakra-ui/react';
import { Fragment, memo, useCallback, useState } from 'react';
import type { OthersOfClay } from './model/choosers';
import type { PieceModel } from './model/use-piece';

const NONE = '';

/** The ways this form can be made: what is not round is never thrown, and coils go round. */
function waysOf(family: FamilyName) {
  if (FAMILIES[family].flatSided) return ['slab'] as const;
  const solid = isDisc(family);
  return [...MAKING_WAYS, 'slab', ...(solid ? [] : (['former', 'coil'] as const))] as const;
}

/** What the piece is, as one sentence whose words are menus: form, way of making, clay, batch and firing; its name before it. */
export function Sentence({ piece }: { piece: PieceModel }) {
  const { plan, part, form, chooseClay: toClay } = piece;
  const [refused, setRefused] = useState<string | undefined>();
  const [others, setOthers] = useState<OthersOfClay | undefined>();
  // the same function while the piece is: the words of the clay are not drawn anew with each figure
  const chooseClay = useCallback((bodyId: string | undefined) => setOthers(toClay(bodyId)), [toClay]);
  return (
    <>
      <h1 className="unseen">{plan.name}</h1>
      <div className="sentence-line">
        <PlanName planId={plan.id} name={plan.name} />
        <p className="sentence">
          <FormWords
            family={part.family}
            manner={form.manner}
            chooseFamily={piece.chooseFamily}
            takeManner={piece.takeManner}
            onRefused={setRefused}
          />
          <WayWords family={form.family} way={piece.by === 'wheel' ? part.way : piece.by} chooseWay={piece.chooseWay} />
          <ClayWords
            bodyId={part.bodyId}
            batchId={part.batchId}
            cone={piece.known.firing.cone}
            chooseClay={chooseClay}
            chooseBatch={piece.chooseBatch}
            chooseCone={piece.chooseCone}
          />{' '}
          <button
            type="button"
            className="sentence-aside"
            aria-pressed={piece.opened === 'shrinkage'}
            onClick={() => piece.open('shrinkage')}
          >
            {piece.known.body ? '' : 'typical stoneware, '}shrinks about {writePercent(piece.worked.clay.belief.mean * 100)}
          </button>
        </p>
      </div>
      {others?.planId === plan.id && (
        <div className="also-clay" role="status">
          <span>
            {others.words} {others.refs.length > 1 ? 'are' : 'is'} still in {others.was}.
          </span>
          <Act
            onClick={() => {
              toClay(others.bodyId, others.refs);
              setOthers(undefined);
            }}
          >
            Change {others.refs.length > 1 ? 'them' : 'it'} too
          </Act>
          <Act onClick={() => setOthers(undefined)}>Leave {others.refs.length > 1 ? 'them' : 'it'}</Act>
        </div>
      )}
      {(refused ?? piece.impossible) && (
        <Box role="alert" color="bad" fontWeight="600" fontSize="sm">
          {refused ?? `${piece.impossible} Showing the last sizes that worked.`}
        </Box>
      )}
    </>
  );
}

const PlanName = memo(function PlanName({ planId, name }: { planId: string; name: string }) {
  return (
    <NameInput
      label="Name of the piece"
      width="auto"
      grows
      shown={name}
      take={(typed, key) => {
        if (typed.trim() === '') return 'A piece needs a name, such as Honey jar.';
        run(commands.renamePlan(planId, typed, key));
        return undefined;
      }}
    />
  );
});

const WayWords = memo(function WayWords({ family, way, chooseWay }: { family: FamilyName; way: AnyWay } & Pick<PieceModel, 'chooseWay'>) {
  return (
    <WordChoice
      comma
      label="Way of making"
      value={way}
      options={waysOf(family).map((each) => ({ value: each, words: WAY_WORDS[each] }))}
      onChoose={chooseWay}
    />
  );
});

const MANNER_LABELS: Record<keyof Manner, string> = {
  foot: 'Foot',
  curve: 'Curve of the bowl',
  mouth: 'Mouth of the jar',
  sides: 'Sides',
};

interface FormWordsProps extends Pick<PieceModel, 'chooseFamily' | 'takeManner'> {
  readonly family: FamilyName;
  readonly manner: Manner;
  readonly onRefused: (why: string | undefined) => void;
}

/** The form, and what is chosen of it. A choice that cannot be made with these sizes says why. */
const FormWords = memo(function FormWords({ family, manner, chooseFamily, takeManner, onRefused }: FormWordsProps) {
  const { choices } = FAMILIES[family];
  return (
    <>
      <WordChoice
        comma={choices.length === 0}
        label="Form"
        value={family}
        options={FAMILY_NAMES.map((value) => ({ value, words: FORM_WORDS[value] }))}
        onChoose={chooseFamily}
      />
      {choices.map((each, i) => (
        <Fragment key={each}>
          {i === 0 ? ' with ' : ' and '}
          <WordChoice
            comma={i === choices.length - 1}
            label={MANNER_LABELS[each]}
            value={manner[each] ?? Object.keys(MANNERS[each])[0]!}
            options={optionsOf<string>(MANNERS[each])}
            onChoose={(value) => onRefused(takeManner({ [each]: value }, (MANNERS[each] as Record<string, string>)[value] ?? value))}
          />
        </Fragment>
      ))}
    </>
  );
});

interface ClayWordsProps extends Pick<PieceModel, 'chooseBatch' | 'chooseCone'> {
  readonly chooseClay: (bodyId: string | undefined) => void;
  readonly bodyId: string | undefined;
  readonly batchId: string | undefined;
  readonly cone: string | undefined;
}

/** The clay, and where it has any the batch it comes from and the cone it will be fired to. */
const ClayWords = memo(function ClayWords({ bodyId, batchId, cone, chooseClay, chooseBatch, chooseCone }: ClayWordsProps) {
  const bodies = useSaid(({ workspace }) => workspace.bodies);
  const batches = useSaid(({ workspace }) => workspace.batches).filter((batch) => batch.bodyId === bodyId);
  const named = ({ id, name }: { id: string; name: string }) => ({ value: id, words: name });
  return (
    <>
      {bodyId && 'in '}
      <WordChoice
        comma={bodyId !== undefined}
        label="Clay"
        value={bodyId ?? NONE}
        options={[{ value: NONE, words: 'no clay chosen' }, ...bodies.map(named)]}
        onChoose={(id) => chooseClay(id || undefined)}
      />
      {bodyId && (
        <>
          {batches.length > 0 && (
            <WordChoice
              comma
              label="Batch"
              value={batchId ?? NONE}
              options={[{ value: NONE, words: 'no batch chosen' }, ...batches.map(named)]}
              onChoose={(id) => chooseBatch(id || undefined)}
            />
          )}
          <WordChoice
            label="Fired to"
            value={cone ?? NONE}
            options={[{ value: NONE, words: 'the usual cone' }, ...CONES.map((each) => ({ value: each, words: `cone ${each}` }))]}
            onChoose={(to) => chooseCone(to || undefined)}
          />
        </>
      )}
    </>
  );
});
