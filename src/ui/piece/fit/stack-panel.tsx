'use client';

import { type Outline, type Section, highest, sectionOf, widest } from '@/core/form';
import type { LidOn } from '@/core/fitting';
import { calledPart, partRef } from '@/core/records';
import { LabelledChoice, OptionalNumber } from '@/ui/fields';
import { bothHalves } from '@/ui/drawing';
import { useNarrow, useWorkspace } from '@/ui/state';
import { Box, HStack } from '@chakra-ui/react';
import type { PieceModel } from '../model/use-piece';
import { StackPoint } from './stack-points';
import { type StackChosen, useStack } from './use-stack';

/** So many are drawn. */
const DRAWN = 8;
/** The room the stack has, px; on a phone less. */
const ROOM = { wide: 620, narrow: 320, high: 420 };

/** This piece onto itself or another: the stack as it stands, and what is chosen of it. */
export function StackPanel({ piece }: { piece: PieceModel }) {
  const { choices, setChoices, lid, on, lower, found, alike } = useStack(piece);
  if (piece.worked.sized.wet.plan) return <Box color="fg.muted">Only round pieces can be stacked here.</Box>;
  return (
    <Box>
      {on && !on.level ? (
        <Box role="alert" color="bad">
          Pieces cannot stack on a lid with a knob or handle. The top is {piece.units.length(on.above)} above the rim. Leave the lids off
          and stack them separately.
        </Box>
      ) : found ? (
        <>
          <Drawn
            piece={piece}
            lower={lower}
            upper={piece.worked.sized.fired}
            pitch={found.pitch}
            count={alike === undefined ? 2 : Math.min(alike, DRAWN)}
            lid={on?.section}
          />
          <Box fontSize="sm" color="fg.muted" textAlign="center">
            Drag the mouth or the foot of the top piece until the stack is straight.
          </Box>
        </>
      ) : (
        <Box role="alert" color="bad">
          These two do not touch: one passes over the other.
        </Box>
      )}
      <StackChoices piece={piece} choices={choices} lid={lid} choose={(change) => setChoices({ ...choices, ...change })} />
    </Box>
  );
}

interface StackChoicesProps {
  readonly piece: PieceModel;
  readonly choices: StackChosen;
  readonly lid: LidOn | undefined;
  readonly choose: (change: Partial<StackChosen>) => void;
}

function StackChoices({ piece: { part }, choices: { onto, count, lidded }, lid, choose }: StackChoicesProps) {
  const { plans } = useWorkspace().workspace;
  const options = plans.flatMap((plan) =>
    plan.parts.filter(({ id }) => id !== part.id).map((each) => ({ value: partRef(plan, each), words: calledPart(plan, each) })),
  );
  return (
    <HStack gap="4" flexWrap="wrap" alignItems="flex-end" marginBottom="2">
      <LabelledChoice
        label="Stacked on"
        value={onto}
        options={[{ value: '', words: 'the same piece' }, ...options]}
        onChoose={(to) => choose({ onto: to })}
      />
      {!onto && (
        <OptionalNumber
          label="How many"
          min={2}
          max={200}
          example="6"
          width="5.625rem"
          value={count}
          onValue={(many) => choose({ count: Math.round(many ?? 2) })}
        />
      )}
      {lid && (
        <LabelledChoice
          label="Their lids"
          value={lidded ? 'on' : 'off'}
          options={[
            { value: 'off', words: 'left off' },
            { value: 'on', words: 'on, each foot on a lid' },
          ]}
          onChoose={(to) => choose({ lidded: to === 'on' })}
        />
      )}
    </HStack>
  );
}

/** The real sections, one in or on the other. */
interface DrawnProps {
  readonly piece: PieceModel;
  readonly lower: Outline;
  readonly upper: Outline;
  readonly pitch: number;
  readonly count: number;
  readonly lid: Section | undefined;
}

function Drawn({ piece, lower, upper, pitch, count, lid = [] }: DrawnProps) {
  const wideRoom = useNarrow() ? ROOM.narrow : ROOM.wide;
  const high = Math.max(lower.inside[0]!.z, highest([...upper.inside, ...lid]) + (count - 1) * pitch);
  const wide = 2 * Math.max(widest(lower.side), widest([...upper.side, ...lid]));
  const scale = Math.min((ROOM.high - 8) / high, (wideRoom - 8) / wide);
  const path = (section: Section, lift: number) => bothHalves(section, { axis: wideRoom / 2, ground: ROOM.high - 4 - lift * scale, scale });
  const lift = (count - 1) * pitch;
  const { rimDiameter, height, baseDiameter } = piece.worked.sized.stages.glazed.sizes;
  const placed = (r: number, z: number) => [wideRoom / 2 + r * scale, ROOM.high - 4 - (z + lift) * scale] as const;
  return (
    <Box position="relative" width={`${wideRoom}px`} height={`${ROOM.high}px`} marginInline="auto">
      <svg width={wideRoom} height={ROOM.high} role="img" aria-label={`${count} stacked, finished, in section`} data-testid="stack">
        <path d={`M10 ${ROOM.high - 3}H${wideRoom - 10}`} stroke="var(--chakra-colors-fg)" strokeWidth="2" />
        {Array.from({ length: count }, (_, i) => (
          <path
            key={i}
            d={path(sectionOf(i === 0 ? lower : upper), i * pitch) + (lid.length > 0 ? path(lid, i * pitch) : '')}
            fill={`var(--chakra-colors-${i % 2 === 0 ? 'glazed' : 'bisque'}-wash)`}
            stroke={`var(--chakra-colors-${i % 2 === 0 ? 'glazed' : 'bisque'})`}
            strokeWidth="1.2"
          />
        ))}
      </svg>
      <StackPoint piece={piece} size="rimDiameter" at={placed(rimDiameter / 2, height)} scale={scale} />
      {baseDiameter !== undefined && <StackPoint piece={piece} size="baseDiameter" at={placed(baseDiameter / 2, 0)} scale={scale} />}
    </Box>
  );
}
