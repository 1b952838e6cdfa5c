'use client';

import { asksGap, asMeant, calledPart, type Fitting, isLid, isRigidLot, lotOf, partRef, partWords, type Stock } from '@/core/records';
import { WordChoice, optionsOf } from '@/ui/fields';
import { useUnits, useWorkspace } from '@/ui/state';
import { Box, chakra } from '@chakra-ui/react';
import Link from 'next/link';
import type { PieceModel } from '../model/use-piece';
import { type Change, NONE, changerOf, useLots } from './change';
import { CLASS_WORDS, HELD_WORDS, PLACE_WORDS, WITH_WORDS } from './fit-words';

/** What it is to fit with, as one sentence whose words are menus. */
export function FitWith({ piece, fitting }: { piece: PieceModel; fitting: Fitting }) {
  const change = changerOf(piece);
  const { lots, lot } = useLots(fitting);
  const has = {
    place: fitting.with === 'lid' || fitting.with === 'part' || (lot !== undefined && isRigidLot(lot)),
    tightness: asksGap(fitting, lot),
    held: fitting.with === 'lid' && !fitting.over && piece.part.manner.mouth !== 'gallery',
  };
  const comma = commaAfter(has);
  return (
    <>
      <p className="sentence" style={{ marginBottom: '8px' }}>
        {isLid(piece.part, fitting) ? 'the lid of ' : 'must fit '}
        <WordChoice
          comma={['stock', 'part'].includes(fitting.with) || comma('with')}
          label="To fit with"
          value={fitting.with}
          options={optionsOf(WITH_WORDS)}
          onChoose={(value) => change({ ...asMeant({ ...fitting, with: value }, undefined), with: value }, `must fit ${WITH_WORDS[value]}`)}
        />
        {fitting.with === 'stock' && <WhichLot fitting={fitting} lots={lots} change={change} comma={comma('with')} />}
        {fitting.with === 'part' && <WhichPart piece={piece} fitting={fitting} change={change} comma={comma('with')} />}
        {has.place && (
          <>
            {' '}
            <WordChoice
              comma={comma('place')}
              label="Where it goes"
              value={fitting.over ? 'over' : 'in'}
              options={optionsOf(PLACE_WORDS)}
              onChoose={(where) => change({ over: where === 'over' || undefined }, `lid goes ${PLACE_WORDS[where]}`)}
            />
          </>
        )}
        {has.held && (
          <>
            {' '}
            with{' '}
            <WordChoice
              comma={comma('held')}
              label="What holds it"
              value={fitting.held ?? 'insert'}
              options={optionsOf(HELD_WORDS)}
              onChoose={(held) => change({ held }, `lid with ${HELD_WORDS[held]}`)}
            />
          </>
        )}
        {has.tightness && (
          <WordChoice
            label="How tight"
            value={fitting.fit ?? 'easy'}
            options={optionsOf(CLASS_WORDS)}
            onChoose={(fit) => change({ fit }, `fit: ${CLASS_WORDS[fit]}`)}
          />
        )}
        {lot && <LotWords lot={lot} />}
      </p>
      {fitting.with === 'stock' && lots.length === 0 && (
        <Box fontSize="sm">
          No bought lids or stoppers yet. Add them to your{' '}
          <chakra.span color="act" textDecoration="underline">
            <Link href="/kit?of=bought">kit</Link>
          </chakra.span>
          .
        </Box>
      )}
    </>
  );
}

/** How tight it is comes last, after a comma: whether that follows these words. */
function commaAfter(has: { place: boolean; held: boolean; tightness: boolean }) {
  const last = has.held ? 'held' : has.place ? 'place' : 'with';
  return (words: typeof last): boolean => has.tightness && words === last;
}

/** Which lot of the kit. */
function WhichLot({ fitting, lots, change, comma }: { fitting: Fitting; lots: readonly Stock[]; change: Change; comma: boolean }) {
  return (
    <WordChoice
      comma={comma}
      label="Which of your kit"
      value={fitting.stockId ?? NONE}
      options={[{ value: NONE, words: 'choose from your kit' }, ...lots.map(({ id, name }) => ({ value: id, words: name }))]}
      onChoose={(id) => {
        const chosen = lots.find((each) => each.id === id);
        change({ ...asMeant(fitting, chosen), stockId: chosen?.id }, `must fit ${chosen?.name ?? 'nothing yet'}`);
      }}
    />
  );
}

/** Which part of this piece or of another. */
function WhichPart({ piece, fitting, change, comma }: { piece: PieceModel; fitting: Fitting; change: Change; comma: boolean }) {
  const { plans } = useWorkspace().workspace;
  const own = piece.plan.parts.filter(({ id }) => id !== piece.part.id);
  const others = plans.filter(({ id }) => id !== piece.plan.id).flatMap((plan) => plan.parts.map((part) => ({ plan, part })));
  const options = [
    { value: NONE, words: 'choose one' },
    ...own.map((part) => ({ value: partRef(piece.plan, part), words: `the ${partWords(part)}` })),
    ...others.map(({ plan, part }) => ({ value: partRef(plan, part), words: calledPart(plan, part) })),
  ];
  return (
    <WordChoice
      comma={comma}
      label="Which part"
      value={fitting.ref ?? NONE}
      options={options}
      onChoose={(ref) =>
        change({ ref: ref || undefined }, `must fit ${options.find(({ value }) => value === ref)?.words ?? 'nothing yet'}`)
      }
    />
  );
}

/** What was measured of a lot. */
function LotWords({ lot }: { lot: Stock }) {
  const { length } = useUnits();
  const { mean, spreadSd } = lotOf(lot);
  if (lot.kind === 'gasket') return null;
  return (
    <span className="sentence-aside">
      {' '}
      {lot.kind === 'shelf' ? 'under it' : `${lot.widths.length} measured: about`} {length(mean)}
      {spreadSd !== undefined && `, ± ${length(spreadSd)}`}
    </span>
  );
}
