'use client';

import { type Form, sectionOf } from '@/core/form';
import { remembering } from '@/core/remember';
import { type NestBowl, type NestChoices, nestWork, sticksOut, usualNest } from '@/core/fitting';
import type { Plan, Workspace } from '@/core/records';
import { orderActs } from '@/store';
import { Sideways } from '@/ui/blocks';
import { bothHalves } from '@/ui/drawing';
import { Act, Choice, LabelledChoice, LengthInput, OptionalLength, OptionalNumber } from '@/ui/fields';
import { type Units, useGo, useWorkspace } from '@/ui/state';
import { weighOutText } from '@/ui/steps';
import { ink } from '@/ui/theme';
import { Box, HStack } from '@chakra-ui/react';
import { useState } from 'react';
import type { PieceModel } from '../model/use-piece';

/** How a finished figure of the table is set. */
const FIGURE = { color: 'glazed', align: 'right', style: { width: '4.5rem' } } as const;

const NAMES = ['largest', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth'];
const WIDE = 420;
const HIGH = 190;

const nameOf = (at: number, count: number): string => (at === count - 1 ? 'smallest' : NAMES[at]!);

/** From this bowl, the largest, a family that goes one into the other. */
export function NestPanel({ piece }: { piece: PieceModel }) {
  if (piece.worked.sized.wet.plan) return <Box color="fg.muted">Only round pieces can be nested here.</Box>;
  return <Nest piece={piece} />;
}

interface NestInputs {
  readonly workspace: Workspace;
  readonly plan: Plan;
  readonly largest: Form<'glazed'>;
  readonly units: Units;
}

/** A nest worked out once: what is tried before it is chosen is not worked out again. */
const nestFor = remembering((choices: NestChoices, { workspace, plan, largest, units }: NestInputs) =>
  nestWork(workspace, plan, largest, choices, units),
);

function Nest({ piece }: { piece: PieceModel }) {
  const { workspace } = useWorkspace();
  const { worked, units } = piece;
  const go = useGo();
  const [choices, setChoices] = useState<NestChoices>(() => usualNest(worked.sized.stages.glazed));
  const [stays, setStays] = useState(false);
  const largest = worked.sized.stages.glazed;
  const workOf = (asked: NestChoices) => nestFor(asked, { workspace, plan: piece.plan, largest, units });
  const found = workOf(choices);
  const edit = (change: Partial<NestChoices>) => setChoices({ ...choices, ...change });
  const make = () => {
    if (!found.ok) return;
    const others = found.value
      .slice(1)
      .map(({ part }, i) => ({ name: `${piece.plan.name}, ${nameOf(i + 1, choices.count)} of ${choices.count}`, part }));
    const { act, id } = orderActs.createNest(piece.plan, others);
    go(act, `/orders?order=sets&set=${id}`);
  };
  const set = (what: 'widths' | 'heights', at: number, mm: number | undefined) => {
    const { [at]: _, ...others } = choices[what];
    // the others stay as they are, or move between what is set
    const now = found.ok && stays ? found.value.map((bowl) => bowl.made.sized.stages.glazed.sizes) : [];
    const held = Object.fromEntries(now.map((sizes, i) => [i, what === 'widths' ? sizes.rimDiameter : sizes.height]).slice(1));
    const tried = { ...choices, [what]: mm === undefined ? others : { ...others, ...held, [at]: mm } };
    const possible = workOf(tried);
    if (!possible.ok) return possible.problem.message;
    setChoices(tried);
    return undefined;
  };
  return (
    <Box>
      <HStack gap="3" flexWrap="wrap" alignItems="flex-start">
        <OptionalNumber
          label="How many"
          min={2}
          max={8}
          whole
          example="4"
          width="5rem"
          value={choices.count}
          onValue={(count) => (count === undefined ? '2 to 8.' : edit({ count, widths: {}, heights: {}, bodies: {} }))}
        />
        <OptionalLength
          label="Smallest mouth"
          value={choices.smallest}
          onValue={(smallest) => (smallest ? edit({ smallest }) : 'How wide is the smallest?')}
        />
        <LabelledChoice
          label="Rims"
          value={choices.rise === undefined ? 'set' : choices.rise === 0 ? 'level' : 'rising'}
          options={[
            { value: 'set', words: 'follow the heights' },
            { value: 'level', words: 'stand level' },
            { value: 'rising', words: 'rise by a step' },
          ]}
          onChoose={(rims) => edit({ rise: rims === 'set' ? undefined : rims === 'level' ? 0 : 6 })}
        />
        {choices.rise === undefined && (
          <OptionalLength
            label="Smallest height"
            value={choices.smallestHeight}
            onValue={(smallestHeight) => (smallestHeight ? edit({ smallestHeight }) : 'How high is the smallest?')}
          />
        )}
        {choices.rise !== undefined && choices.rise > 0 && (
          <OptionalLength label="Step of the rims" value={choices.rise} onValue={(rise) => (rise ? edit({ rise }) : 'How much?')} />
        )}
        <OptionalLength
          label="Gap all round"
          value={choices.clearance}
          onValue={(clearance) => (clearance === undefined ? 'How much room?' : edit({ clearance }))}
        />
        <LabelledChoice
          label="Sizes grow"
          value={choices.by}
          options={[
            { value: 'ratio', words: 'by the same ratio' },
            { value: 'step', words: 'by equal steps' },
          ]}
          onChoose={(by) => edit({ by })}
        />
        <LabelledChoice
          label="Walls and floors"
          value={choices.thinner ? 'scaled' : 'kept'}
          options={[
            { value: 'kept', words: 'all alike' },
            { value: 'scaled', words: 'thinner as they are smaller' },
          ]}
          onChoose={(walls) => edit({ thinner: walls === 'scaled' })}
        />
        <LabelledChoice
          label="If you change one"
          value={stays ? 'stay' : 'move'}
          options={[
            { value: 'move', words: 'the others move' },
            { value: 'stay', words: 'the others stay' },
          ]}
          onChoose={(others) => setStays(others === 'stay')}
        />
      </HStack>
      {!found.ok ? (
        <Box role="alert" color="bad" marginTop="2">
          {found.problem.message}
        </Box>
      ) : (
        <>
          <Drawn bowls={found.value} />
          <Bowls piece={piece} bowls={found.value} choices={choices} set={set} edit={edit} />
          <Warnings bowls={found.value} piece={piece} />
          <Act look="solid" onClick={make}>
            Create these pieces
          </Act>
        </>
      )}
    </Box>
  );
}

/** The nest of real sections, finished. */
function Drawn({ bowls }: { bowls: readonly NestBowl[] }) {
  const sections = bowls.map(({ made, stands }) => sectionOf(made.sized.fired).map(({ r, z }) => ({ r, z: z + stands })));
  const wide = 2 * Math.max(...sections.flat().map(({ r }) => r));
  const high = Math.max(...sections.flat().map(({ z }) => z));
  const scale = Math.min((WIDE - 8) / wide, (HIGH - 8) / high);
  const on = { axis: WIDE / 2, ground: HIGH - 4, scale };
  return (
    <Box marginBlock="2">
      <svg
        width={WIDE}
        height={HIGH}
        style={{ maxWidth: '100%' }}
        viewBox={`0 0 ${WIDE} ${HIGH}`}
        role="img"
        aria-label={`${bowls.length} bowls one in the other, finished, in section`}
        data-testid="nest"
      >
        <path d={`M10 ${HIGH - 3}H${WIDE - 10}`} stroke={ink('fg')} strokeWidth="2" />
        {sections.map((section, i) => (
          <path
            key={i}
            d={bothHalves(section, on)}
            fill={ink(`${i % 2 === 0 ? 'glazed' : 'bisque'}-wash`)}
            stroke={ink(bowls[i]!.tight || bowls[i]!.wedged ? 'bad' : i % 2 === 0 ? 'glazed' : 'bisque')}
            strokeWidth="1.2"
          />
        ))}
      </svg>
    </Box>
  );
}

interface BowlsProps {
  readonly piece: PieceModel;
  readonly bowls: readonly NestBowl[];
  readonly choices: NestChoices;
  readonly set: (what: 'widths' | 'heights', at: number, mm: number | undefined) => string | undefined;
  readonly edit: (change: Partial<NestChoices>) => void;
}

/** Over each column; before each figure where there is no room for columns. */
const HEADS = {
  name: 'from the largest',
  mouth: 'mouth, finished',
  height: 'height, finished',
  room: 'room',
  wetMouth: 'mouth, wet',
  wetHeight: 'height, wet',
  wetBase: 'base, wet',
  ball: 'ball',
  doubling: 'mouth if clay doubled',
  clay: 'clay',
};

/** Each bowl's sizes and ball, side by side with what doubling the clay gives. */
function Bowls({ piece, bowls, choices, set, edit }: BowlsProps) {
  const { workspace } = useWorkspace();
  const { units } = piece;
  return (
    <div className="unfolding">
      <Sideways label="The bowls of the nest">
        <table className="list unfolded">
          <thead>
            <tr>
              {Object.values(HEADS).map((words) => (
                <th key={words} scope="col">
                  {words}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {bowls.map(({ part, made, gap, doubled, tight, wedged }, at) => {
              const { wet, glazed } = made.sized.stages;
              const own = glazed.sizes.rimDiameter;
              return (
                <tr key={at} data-bowl={at}>
                  <th scope="row">{nameOf(at, bowls.length)}</th>
                  <td data-words={HEADS.mouth} data-stage="glazed">
                    {at === 0 ? (
                      units.length(own)
                    ) : (
                      <LengthInput
                        label={`Mouth of the ${nameOf(at, bowls.length)}`}
                        {...FIGURE}
                        known={choices.widths[at] !== undefined}
                        mm={own}
                        takeMm={(mm) => set('widths', at, mm)}
                        takeNothing={() => set('widths', at, undefined)}
                      />
                    )}
                  </td>
                  <td data-words={HEADS.height} data-stage="glazed">
                    {at === 0 || choices.rise !== undefined ? (
                      units.length(glazed.sizes.height)
                    ) : (
                      <LengthInput
                        label={`Height of the ${nameOf(at, bowls.length)}`}
                        {...FIGURE}
                        known={choices.heights[at] !== undefined}
                        mm={glazed.sizes.height}
                        takeMm={(mm) => set('heights', at, mm)}
                        takeNothing={() => set('heights', at, undefined)}
                      />
                    )}
                  </td>
                  <Box as="td" data-words={HEADS.room} color={tight || wedged ? 'bad' : 'fg'}>
                    {gap === undefined ? '' : wedged ? 'wedges' : units.length(gap)}
                  </Box>
                  <td data-words={HEADS.wetMouth} data-stage="wet">
                    {units.length(wet.sizes.rimDiameter)}
                  </td>
                  <td data-words={HEADS.wetHeight} data-stage="wet">
                    {units.length(wet.sizes.height)}
                  </td>
                  <td data-words={HEADS.wetBase} data-stage="wet">
                    {wet.sizes.baseDiameter === undefined ? '' : units.length(wet.sizes.baseDiameter)}
                  </td>
                  <td data-words={HEADS.ball} data-stage="wet">
                    {made.weighOut === undefined ? '' : weighOutText(made.weighOut, part, units)}
                  </td>
                  <td data-words={HEADS.doubling}>{doubled === undefined ? 'none' : `⌀ ${units.length(doubled)}`}</td>
                  <td data-words={HEADS.clay}>
                    <Choice
                      label={`Clay of the ${nameOf(at, bowls.length)}`}
                      value={part.bodyId ?? ''}
                      options={[{ value: '', words: 'any' }, ...workspace.bodies.map(({ id, name }) => ({ value: id, words: name }))]}
                      onChoose={(bodyId) => edit({ bodies: { ...choices.bodies, [at]: bodyId } })}
                    />
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </Sideways>
    </div>
  );
}

function Warnings({ bowls, piece: { units } }: { bowls: readonly NestBowl[]; piece: PieceModel }) {
  const tight = bowls.some(({ tight: is }) => is);
  const curved = bowls.some(({ touch, wedged }) => touch === 'wall' && !wedged);
  const [largest] = bowls;
  const out = largest ? sticksOut(largest.made) : undefined;
  const off = largest?.doubled === undefined ? undefined : largest.doubled - largest.made.sized.stages.glazed.sizes.rimDiameter;
  return (
    <Box fontSize="sm" color="fg.muted" marginBlock="2">
      {tight && <Box color="bad">Some bowls do not have the gap you asked for. Use fewer bowls, or a smaller smallest bowl.</Box>}
      {out && out.width > 0 && (
        <Box color="warn">
          A handle, lip or spout stands out {units.length(out.width)} of each: bowls that nest have none, or it has to clear the next rim.
        </Box>
      )}
      {curved && <Box>A foot on a curved floor can slide and tilt, so set each bowl level by eye.</Box>}
      {off !== undefined && (
        <Box>
          If you simply doubled the clay for each size up, the largest would be {units.length(Math.abs(off))}{' '}
          {off < 0 ? 'too narrow' : 'too wide'}. Twice the clay is only about a quarter wider.
        </Box>
      )}
    </Box>
  );
}
