'use client';

import { FAMILIES } from '@/core/form';
import { FIRMNESS, HANDLE_KINDS, type HandleChoices, KIND_SIZES, USUAL_HANDLE, handlePlan } from '@/core/handbuild';
import { Act, LabelledChoice, OptionalLength, OptionalPercent, optionsOf } from '@/ui/fields';
import { Box, HStack } from '@chakra-ui/react';
import { PutOn } from './ball-panel';
import { Block } from '@/ui/blocks';
import type { PieceModel } from '../model/use-piece';
import { HandlePicture } from './handle-drawing';
import { PiecesField } from './pieces-field';

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
  const { units, worked } = piece;
  const made = handlePlan(worked.clay, worked.sized, handle, units.length);
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
      {made.ok && <HandlePicture piece={piece} plan={made.value} />}
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
      {!made.ok && (
        <Box role="alert" color="bad">
          {made.problem.message} It is left out of the piece until it fits.
        </Box>
      )}
      <Act marginTop="2" onClick={() => piece.takePart({ handle: undefined }, 'no handle')}>
        Delete the handle
      </Act>
    </Block>
  );
}
