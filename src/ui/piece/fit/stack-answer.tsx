'use client';

import { footEdge, widest } from '@/core/form';
import { sticksOut } from '@/core/fitting';
import { shopOf } from '@/core/records';
import { type Stacked, stacked } from '@/core/sets';
import { LIMIT_WORDS, NOTHING_LOST, type PlaceLimits, size } from '@/core/sizing';
import { writeLength } from '@/core/units';
import { AnswerSheet } from '@/ui/frame';
import { useWorkspace } from '@/ui/state';
import { Box } from '@chakra-ui/react';
import { Answer } from '../answer';
import type { PieceModel } from '../model/use-piece';
import { useStack } from './use-stack';

/** Steeper from upright than this a glazed wall in a glazed wall may stick, degrees. how-it-computes.md, Sets and orders. */
const STICKS = 10;

/** Less than this is not told, mm. */
const SEEN = 0.05;

/** Limits of the place that are heights. */
const HEIGHTS = ['dishwasherHeight', 'microwaveHeight', 'kilnHeight'] as const satisfies readonly (keyof PlaceLimits)[];

/** How high so many stand on each other, where they touch, and where they go in. */
export function StackAnswer({ piece }: { piece: PieceModel }) {
  const { workspace } = useWorkspace();
  const { found, high, alike, on } = useStack(piece);
  const { units, worked, part } = piece;
  if (worked.sized.wet.plan || !found || high === undefined || (on && !on.level)) return <Answer piece={piece} />;
  const out = sticksOut({ part, sized: worked.sized, clay: worked.clay });
  const pitch = {
    name: 'pitch',
    words: alike === undefined ? 'Foot to foot' : 'Each extra one adds',
    written: writeLength(found.pitch, units.choice),
  };
  const touches = { words: 'They touch at ⌀', written: writeLength(2 * found.touch.radius, units.choice) };
  return (
    <AnswerSheet
      stage="glazed"
      name="height"
      asks={alike === undefined ? 'Both together' : `Height of a stack of ${alike}`}
      big={writeLength(high, units.choice)}
      figures={[pitch, touches]}
    >
      <div className="answer-sure">
        <p>
          {on
            ? `Each foot stands on the lid below; a lid adds ${units.length(on.above)}.`
            : restWords(found, footEdge(worked.sized.fired), units.length)}
        </p>
        {alike !== undefined && found.touch.on === 'wall' && <Moves piece={piece} pitch={found.pitch} />}
        <Checks limits={shopOf(workspace).place ?? {}} high={high} length={units.length} />
        {out.width > 0 && (
          <p>
            The handle or spout sticks out {units.length(out.width)}. Each stack is{' '}
            {units.length(2 * widest(worked.sized.fired.side) + out.width)} wide with the handles to one side.
          </p>
        )}
        {out.height > 0 && <p>What is on top stands {units.length(out.height)} up. Nothing can be stacked on it.</p>}
      </div>
    </AnswerSheet>
  );
}

/** Where they touch and what that means; `foot` is the radius the upper one stands on. */
function restWords({ touch, lean }: Stacked, foot: number, length: (mm: number) => string): string {
  const at = `at ⌀ ${length(2 * touch.radius)}`;
  if (touch.on === 'rim')
    return touch.radius > foot + SEEN
      ? `The upper one’s wall rests on the rim, ${at}: keep both round. Glazed rims chip: put paper between them.`
      : `The foot rests on the rim, ${at}. Keep both level.`;
  if (touch.on === 'floor') return `The upper foot stands on the floor inside, as wide as ⌀ ${length(2 * touch.radius)}: it sits.`;
  const steep = lean !== undefined && lean < STICKS;
  return `Wall touches wall at ⌀ ${length(2 * touch.radius)}: they wedge${steep ? `, and at ${lean.toFixed(0)}° from upright they may jam` : ''}. Glazed walls chip: put paper between them.`;
}

/** How the pitch answers to the rim. */
function Moves({ piece: { worked, form, units }, pitch }: { piece: PieceModel; pitch: number }) {
  const wider = { ...form, sizes: { ...form.sizes, rimDiameter: (form.sizes.rimDiameter + 1) as typeof form.sizes.rimDiameter } };
  const { fired } = size(worked.clay, wider, 'glazed', NOTHING_LOST);
  const then = stacked(fired, fired)?.pitch;
  if (then === undefined || Math.abs(pitch - then) < SEEN) return null;
  return (
    <Box fontSize="sm" color="fg.muted">
      A rim {units.length(1)} wider makes each step {units.length(Math.abs(pitch - then))} {then < pitch ? 'lower' : 'higher'}: throw them
      alike.
    </Box>
  );
}

/** The stack against what the place allows in height. */
function Checks({ limits, high, length }: { limits: PlaceLimits; high: number; length: (mm: number) => string }) {
  const told = HEIGHTS.flatMap((name) => {
    const most = limits[name];
    return most === undefined ? [] : [{ name, most, fits: high <= most }];
  });
  if (told.length === 0) return null;
  return (
    <Box marginTop="1" fontSize="sm">
      {told.map(({ name, most, fits }) => (
        <Box key={name} color={fits ? 'act' : 'bad'}>
          {LIMIT_WORDS[name]}, {length(most)}: {fits ? 'goes in' : `too high by ${length(high - most)}`}
        </Box>
      ))}
    </Box>
  );
}
