'use client';

import { type Outline, type Section, footEdge, highest, sectionOf, widest } from '@/core/form';
import { type Stacked, pairHeight, stackHeight, stacked } from '@/core/sets';
import { LIMIT_WORDS, NOTHING_LOST, type PlaceLimits, size } from '@/core/sizing';
import { writeLength } from '@/core/units';
import { type LidOn, lidOn, sticksOut } from '@/core/fitting';
import { sizedPlanPart } from '@/core/part';
import { calledPart, partOf, partRef, shopOf, type Workspace } from '@/core/records';
import { LabelledChoice, OptionalNumber } from '@/ui/fields';
import { bothHalves } from '@/ui/drawing';
import { Figure, StageName } from '@/ui/stage';
import { useWorkspace } from '@/ui/state';
import { Box, HStack } from '@chakra-ui/react';
import { useState } from 'react';
import type { PieceModel } from '../model/use-piece';
import { StackPoint } from './stack-points';

/** Steeper from upright than this a glazed wall in a glazed wall may stick, degrees. how-it-computes.md, Sets and orders. */
const STICKS = 10;

/** Less than this is not told, mm. */
const SEEN = 0.05;

/** So many are drawn. */
const DRAWN = 8;
const WIDE = 300;
const HIGH = 320;

/** Limits of the place that are heights. */
const HEIGHTS = ['dishwasherHeight', 'microwaveHeight', 'kilnHeight'] as const satisfies readonly (keyof PlaceLimits)[];

/** What is chosen of a stack. */
interface Choices {
  /** The part it stands on; others like it where there is none. */
  readonly onto: string;
  readonly count: number;
  /** Each has its lid on. */
  readonly lidded: boolean;
}

/** How they stand on each other: the lowest, the lid on each, where they touch and how high they are; no height where they share no radius. */
function stackOf(workspace: Workspace, { worked, plan, part, units }: PieceModel, { onto, count, lidded }: Choices) {
  const own = sizedPlanPart(workspace, part, units.length);
  const other = onto ? partOf(workspace.plans, onto) : undefined;
  const lid = own.ok && !other ? lidOn(workspace, plan, own.value) : undefined;
  const on = lidded ? lid : undefined;
  const made = other && sizedPlanPart(workspace, other.part, String);
  const lower = made?.ok ? made.value.sized : worked.sized;
  const above = worked.sized.stages.glazed.sizes.height + (on?.above ?? 0);
  const alone = lower.wet.plan ? undefined : stacked(lower.fired, worked.sized.fired);
  const found = on ? onLid(worked.sized.fired, on, above) : alone;
  const high = found && (other ? pairHeight(lower.stages.glazed.sizes.height, above, found.pitch) : stackHeight(above, found.pitch, count));
  return { lid, on, lower: lower.fired, found, high, alike: other ? undefined : count };
}

/** This piece onto itself or another: how high so many stand, where they touch, and whether they sit. */
export function StackPanel({ piece }: { piece: PieceModel }) {
  const { workspace } = useWorkspace();
  const [choices, setChoices] = useState<Choices>({ onto: '', count: 6, lidded: false });
  if (piece.worked.sized.wet.plan) return <Box color="fg.muted">Only round pieces can be stacked here.</Box>;
  const { lid, on, lower, found, high, alike } = stackOf(workspace, piece, choices);
  return (
    <Box>
      <StackChoices piece={piece} choices={choices} lid={lid} choose={(change) => setChoices({ ...choices, ...change })} />
      {on && !on.level ? (
        <Box role="alert" color="bad">
          Pieces cannot stack on a lid with a knob or handle. The top is {piece.units.length(on.above)} above the rim. Leave the lids off
          and stack them separately.
        </Box>
      ) : !found || high === undefined ? (
        <Box role="alert" color="bad">
          These two do not touch: one passes over the other.
        </Box>
      ) : (
        <Stands piece={piece} found={found} high={high} lower={lower} count={alike} lid={on} />
      )}
    </Box>
  );
}

interface StackChoicesProps {
  readonly piece: PieceModel;
  readonly choices: Choices;
  readonly lid: LidOn | undefined;
  readonly choose: (change: Partial<Choices>) => void;
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

interface StandsProps {
  readonly piece: PieceModel;
  readonly found: Stacked;
  readonly high: number;
  readonly lower: Outline;
  /** How many alike; none where it stands on another. */
  readonly count: number | undefined;
  /** The lid on each, where they stand with it. */
  readonly lid: LidOn | undefined;
}

/** How one stands on the lid of another like it. */
const onLid = ({ side }: Outline, lid: LidOn, pitch: number): Stacked => ({
  pitch,
  touch: { radius: Math.min(side[0]!.r, lid.across / 2), on: 'rim' },
  lean: undefined,
});

/** How high they stand, how, and where they go in; and the stack itself. */
function Stands({ piece, found, high, lower, count, lid }: StandsProps) {
  const { workspace } = useWorkspace();
  const { units, worked, part } = piece;
  const out = sticksOut({ part, sized: worked.sized, clay: worked.clay });
  return (
    <HStack gap="6" flexWrap="wrap" alignItems="flex-start">
      <Box flex="0 1 340px">
        <StageName stage="glazed" />
        <Box fontSize="sm" color="fg.muted">
          {count === undefined ? 'Both together' : `Stack of ${count}`}
        </Box>
        <Box color="glazed" data-stack="height">
          <Figure written={writeLength(high, units.choice)} size="2.875rem" /> high
        </Box>
        <Box>
          {count === undefined ? 'foot to foot' : 'Each extra one adds'} <b data-stack="pitch">{units.length(found.pitch)}</b>
        </Box>
        <Box marginTop="1" maxWidth="40ch">
          {lid
            ? `Each foot stands on the lid below, at ⌀ ${units.length(2 * found.touch.radius)}; a lid adds ${units.length(lid.above)}.`
            : restWords(found, footEdge(worked.sized.fired), units.length)}
        </Box>
        {count !== undefined && found.touch.on === 'wall' && <Moves piece={piece} pitch={found.pitch} />}
        <Checks limits={shopOf(workspace).place ?? {}} high={high} length={units.length} />
        <Box fontSize="sm" color="fg.muted" marginTop="1">
          {out.width > 0 &&
            `The handle or spout sticks out ${units.length(out.width)}: each stack is ${units.length(2 * widest(worked.sized.fired.side) + out.width)} wide, and such pieces are set with it to one side. `}
          {out.height > 0 && `What is on top stands ${units.length(out.height)} up: nothing stands on it but upside down. `}
          Drag the mouth or the foot of the top piece until the stack is straight.
        </Box>
      </Box>
      <Drawn
        piece={piece}
        lower={lower}
        upper={worked.sized.fired}
        pitch={found.pitch}
        count={count === undefined ? 2 : Math.min(count, DRAWN)}
        lid={lid?.section}
      />
    </HStack>
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
  const high = Math.max(lower.inside[0]!.z, highest([...upper.inside, ...lid]) + (count - 1) * pitch);
  const wide = 2 * Math.max(widest(lower.side), widest([...upper.side, ...lid]));
  const scale = Math.min((HIGH - 8) / high, (WIDE - 8) / wide);
  const path = (section: Section, lift: number) => bothHalves(section, { axis: WIDE / 2, ground: HIGH - 4 - lift * scale, scale });
  const lift = (count - 1) * pitch;
  const { rimDiameter, height, baseDiameter } = piece.worked.sized.stages.glazed.sizes;
  const placed = (r: number, z: number) => [WIDE / 2 + r * scale, HIGH - 4 - (z + lift) * scale] as const;
  return (
    <Box position="relative" width={`${WIDE}px`} height={`${HIGH}px`}>
      <svg width={WIDE} height={HIGH} role="img" aria-label={`${count} stacked, finished, in section`} data-testid="stack">
        <path d={`M10 ${HIGH - 3}H${WIDE - 10}`} stroke="var(--chakra-colors-fg)" strokeWidth="2" />
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
