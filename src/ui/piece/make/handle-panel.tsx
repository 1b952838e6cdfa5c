'use client';

import { FAMILIES } from '@/core/form';
import { remaining } from '@/core/clay';
import {
  FIRMNESS,
  type Firmness,
  HANDLE_KINDS,
  type HandleChoices,
  KIND_SIZES,
  USUAL_HANDLE,
  handlePlan,
  leanBetween,
} from '@/core/handbuild';
import { handMass } from '@/core/units';
import { Act, LabelledChoice, OptionalLength, OptionalPercent, optionsOf } from '@/ui/fields';
import { StageName } from '@/ui/stage';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { PutOn } from './ball-panel';
import { Block, LargeFigure } from '@/ui/blocks';
import type { PieceModel } from '../model/use-piece';
import { HandleDrawing } from './handle-drawing';
import { PiecesField } from './pieces-field';

/** How firm the clay is that its figures are for. */
const WHEN: Record<Firmness, string> = {
  soft: 'as it is bent, soft',
  half: 'as it is bent, half stiff',
  leather: 'as it is bent, as firm as the piece',
};

const COUNTED = { 1: '', 2: 'roll two', 3: 'roll three' } as const;

const FINGERS = ['1', '2', '3', '4'] as const;

/** A handle worked out from the fingers that have to pass it, and what else is put on. */
export function HandlePanel({ piece }: { piece: PieceModel }) {
  return (
    <Box>
      <HandleBlock piece={piece} />
      {piece.by !== 'wheel' && <PutOn piece={piece} />}
    </Box>
  );
}

function HandleBlock({ piece }: { piece: PieceModel }) {
  const { handle } = piece.part;
  const solid = FAMILIES[piece.form.family].solid;
  if (solid) return null;
  if (!handle) {
    return (
      <Block title="Handle">
        <Box fontSize="sm" color="fg.muted" marginBottom="2">
          Sized so that your fingers still fit after shrinking, with the clay to pull or roll.
        </Box>
        <Act onClick={() => piece.takePart({ handle: USUAL_HANDLE }, 'handle')}>Add a handle</Act>
      </Block>
    );
  }
  return <HandleFields piece={piece} handle={handle} />;
}

function HandleFields({ piece, handle }: { piece: PieceModel; handle: HandleChoices }) {
  const { units } = piece;
  const round = handle.kind === 'coil' || handle.kind === 'twisted';
  const set = (change: Partial<HandleChoices>, key?: string) =>
    piece.takePart((now) => ({ handle: { ...handle, ...now.handle, ...change } }), 'handle', key);
  const least = (mm: number | undefined, low: number, high: number) =>
    mm === undefined || mm < low || mm > high ? `Enter a length from ${units.length(low)} to ${units.length(high)}.` : undefined;
  const length = (
    key: 'fingerWidth' | 'reach' | 'width' | 'thickness' | 'below',
    label: string,
    low: number,
    high: number,
    width = '130px',
  ) => (
    <OptionalLength
      label={label}
      width={width}
      value={handle[key]}
      onValue={(mm, visit) => least(mm, low, high) ?? set({ [key]: mm }, visit)}
    />
  );
  const share = (key: 'kept' | 'succeeds', label: string, width: string) => (
    <OptionalPercent
      label={label}
      width={width}
      most={100}
      value={handle[key] * 100}
      onValue={(percent, visit) =>
        percent === undefined || percent < 5 ? 'Enter a percentage from 5 to 100.' : set({ [key]: percent / 100 }, visit)
      }
    />
  );
  return (
    <Block title="Handle">
      <HStack gap="4" flexWrap="wrap" alignItems="flex-start" marginBottom="3">
        <LabelledChoice
          label="Kind"
          value={handle.kind}
          options={optionsOf(HANDLE_KINDS)}
          onChoose={(kind) => void set({ kind, ...KIND_SIZES[kind], fromSlab: undefined })}
        />
        <LabelledChoice
          label="Fingers through it"
          value={String(handle.fingers) as (typeof FINGERS)[number]}
          options={FINGERS.map((value) => ({ value, words: value }))}
          onChoose={(fingers) => void set({ fingers: Number(fingers) as HandleChoices['fingers'] })}
        />
        <LabelledChoice
          label="Clay when bent"
          value={handle.firmness ?? 'soft'}
          options={optionsOf(FIRMNESS)}
          onChoose={(firmness) => void set({ firmness: firmness === 'soft' ? undefined : firmness })}
        />
        {handle.kind === 'twisted' && (
          <LabelledChoice
            label="Twisted from"
            value={String(handle.strands ?? 2) as '2' | '3'}
            options={[
              { value: '2', words: '2 coils' },
              { value: '3', words: '3 coils' },
            ]}
            onChoose={(strands) => void set({ strands: strands === '3' ? 3 : undefined })}
          />
        )}
        {handle.kind === 'strap' && piece.by === 'slab' && (
          <LabelledChoice
            label="Cut from"
            value={handle.fromSlab ? 'slab' : 'own'}
            options={[
              { value: 'own', words: 'its own clay' },
              { value: 'slab', words: 'the slab of the wall' },
            ]}
            onChoose={(from) => void set({ fromSlab: from === 'slab' ? true : undefined })}
          />
        )}
        {length('fingerWidth', 'Finger width', 5, 60, '110px')}
        {length('reach', 'Finger room', 5, 200)}
        {length('width', round ? 'Thickness, finished' : 'Width, finished', 2, 200, '120px')}
        {!round && !(handle.fromSlab && piece.by === 'slab') && length('thickness', 'Thickness, finished', 1, 100, '120px')}
        {length('below', 'Below the rim', 0, 3000, '110px')}
        {handle.kind === 'pulled' && share('kept', 'Blank used', '150px')}
        <PiecesField label="Handles needed" width="7.5rem" value={handle.pieces} onValue={(pieces, key) => set({ pieces }, key)} />
        {share('succeeds', 'Usually come out well', '110px')}
      </HStack>
      <HandleAnswer piece={piece} handle={handle} />
      <Act marginTop="2" onClick={() => piece.takePart({ handle: undefined }, 'no handle')}>
        Delete the handle
      </Act>
    </Block>
  );
}

function HandleAnswer({ piece, handle }: { piece: PieceModel; handle: HandleChoices }) {
  const { worked, units } = piece;
  const { length, mass, choice } = units;
  const made = handlePlan(worked.clay, worked.sized, handle, length);
  if (!made.ok) {
    return (
      <Box role="alert" color="bad">
        {made.problem.message} It is left out of the piece until it fits.
      </Box>
    );
  }
  const plan = made.value;
  // finished, both: one that is thinner by a third or more dries ahead of the wall
  const thickness =
    (plan.thickness / remaining(worked.clay.shrinkage, handle.firmness === 'leather' ? 'leather' : 'wet', 'width')) *
    remaining(worked.clay.shrinkage, 'glazed', 'width');
  const wall = piece.form.sizes.wall ?? 0;
  const thin = thickness <= (wall * 2) / 3;
  const lean = leanBetween(worked.clay, worked.sized, plan);
  const rope = plan.strands.count > 1;
  const { byRule, byChance } = plan.blanks;
  const at = handle.firmness === 'leather' ? 'leather' : 'wet';
  const pulls = plan.length * (1 - remaining(worked.clay.shrinkage, 'leather', 'width') / plan.left);
  const section = rope
    ? `${plan.strands.count} of ${length(plan.width)}`
    : handle.kind === 'coil'
      ? `${length(plan.width)} round`
      : `${length(plan.width)} × ${length(plan.thickness)}`;
  return (
    <HStack gap="6" alignItems="flex-start" flexWrap="wrap">
      <HandleDrawing piece={piece} plan={plan} />
      <Box flex="1" minWidth="280px">
        <HStack gap="2" marginBottom="1" fontSize="sm" color="fg.muted">
          <StageName stage={at} />
          <span>{WHEN[handle.firmness ?? 'soft']}</span>
        </HStack>
        <HStack gap="7" flexWrap="wrap" alignItems="flex-start">
          <LargeFigure
            stage={at}
            words={rope ? `length of ${COUNTED[plan.strands.count]} coils` : handle.kind === 'pulled' ? 'pulled length' : 'cut length'}
          >
            {length(plan.strands.length)}
          </LargeFigure>
          <LargeFigure stage={at} words={rope ? 'thick' : 'section'}>
            {section}
          </LargeFigure>
          <LargeFigure stage="wet" words={handle.kind === 'pulled' ? 'blank to pull from' : 'clay for it'}>
            {mass(handMass(plan.blankG, choice))}
          </LargeFigure>
          <LargeFigure stage="wet" words="adds to the piece">
            {mass(handMass(plan.wetG, choice))}
          </LargeFigure>
          {thin && (
            <Box color="warn" fontSize="sm" maxWidth="32ch" role="note">
              The handle is {length(thickness)} thick where the wall is {length(wall)}. It dries first and can crack off: make it at least{' '}
              {length((wall * 2) / 3)}, or dry it under wraps.
            </Box>
          )}
          <LargeFigure stage={at} words="hole when bent">{`${length(plan.hole.bent)} × ${length(plan.hole.reachBent)}`}</LargeFigure>
        </HStack>
        <HStack gap="7" flexWrap="wrap" alignItems="flex-start" marginTop="2">
          <LargeFigure words="hole, finished">{`${length(plan.hole.finished)} × ${length(handle.reach)}`}</LargeFigure>
        </HStack>
        <Box fontSize="sm" marginTop="2">
          On the leather-hard piece, set the centres of the ends{' '}
          <chakra.b color="leather">
            {length(plan.seats.upper)} and {length(plan.seats.lower)}
          </chakra.b>{' '}
          up
          {Math.abs(lean) > 1 &&
            `; the wall stands ${length(Math.abs(lean))} further ${lean > 0 ? 'out at the upper end' : 'out at the lower end'}`}
          .
        </Box>
        {pulls >= 0.5 && (
          <Box fontSize="sm">
            The handle is softer than the piece and will shrink {length(pulls)} more, which pulls on the joints. Leave the arch slack, and
            dry both slowly under cover.
          </Box>
        )}
        <Box fontSize="sm">
          Make <b>{Math.max(byRule, byChance)}</b> for {handle.pieces}: {byRule} with 10% spare, {byChance} for a 9 in 10 chance of enough.
        </Box>
        <Box fontSize="sm" color="warn" marginTop="1">
          <b>Caution:</b> a handle is only as good as its joint: try it fired, with water, over a sink. Thin parts dry first: wrap it.
        </Box>
      </Box>
    </HStack>
  );
}
