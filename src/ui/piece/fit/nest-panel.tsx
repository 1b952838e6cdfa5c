'use client';

import { sectionOf } from '@/core/form';
import type { NestBowl, NestChoices } from '@/core/fitting';
import { Sideways } from '@/ui/blocks';
import { bothHalves } from '@/ui/drawing';
import { Choice, LabelledChoice, LengthInput, OptionalLength, OptionalNumber } from '@/ui/fields';
import { type Units, useWorkspace } from '@/ui/state';
import { weighOutText } from '@/ui/steps';
import { ink } from '@/ui/theme';
import { Box, HStack } from '@chakra-ui/react';
import { useState } from 'react';
import type { PieceModel } from '../model/use-piece';
import { nameOf, useNest } from './use-nest';

/** How a finished figure of the table is set. */
const FIGURE = { color: 'glazed', align: 'right', style: { width: '4.5rem' } } as const;

const WIDE = 820;
const HIGH = 330;
/** Room beside the nest for its figures, px, and the height of a line of them. */
const BESIDE = 210;
const LINE = 22;

/** From this bowl, the largest, a family that goes one into the other. */
export function NestPanel({ piece }: { piece: PieceModel }) {
  if (piece.worked.sized.wet.plan) return <Box color="fg.muted">Only round pieces can be nested here.</Box>;
  return <Nest piece={piece} />;
}

function Nest({ piece }: { piece: PieceModel }) {
  const { units } = piece;
  const { choices, setChoices, workOf, found } = useNest(piece);
  const [stays, setStays] = useState(false);
  const edit = (change: Partial<NestChoices>) => setChoices({ ...choices, ...change });
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
      {!found.ok ? (
        <Box role="alert" color="bad" marginTop="2">
          {found.problem.message}
        </Box>
      ) : (
        <>
          <Drawn bowls={found.value} units={units} />
          <Bowls piece={piece} bowls={found.value} choices={choices} set={set} edit={edit} />
        </>
      )}
      <HStack gap="3" flexWrap="wrap" alignItems="flex-start" marginTop="4">
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
    </Box>
  );
}

/** The nest of real sections, finished. */
function Drawn({ bowls, units }: { bowls: readonly NestBowl[]; units: Units }) {
  const sections = bowls.map(({ made, stands }) => sectionOf(made.sized.fired).map(({ r, z }) => ({ r, z: z + stands })));
  const wide = 2 * Math.max(...sections.flat().map(({ r }) => r));
  const high = Math.max(...sections.flat().map(({ z }) => z));
  const scale = Math.min((WIDE - 2 * BESIDE) / wide, (HIGH - 34) / high);
  const on = { axis: WIDE / 2, ground: HIGH - 8, scale };
  // the mouths beside the rims, the largest lowest where rims stand level: no two over each other
  const rims = bowls.map(({ made, stands }, at) => ({
    at,
    mm: made.sized.stages.glazed.sizes.rimDiameter,
    z: stands + made.sized.stages.glazed.sizes.height,
  }));
  const heights = apart(rims.map(({ z }) => on.ground - z * scale));
  return (
    <Box className="stage-picture">
      <svg
        width={WIDE}
        style={{ maxWidth: '100%', height: 'auto' }}
        viewBox={`0 0 ${WIDE} ${HIGH}`}
        role="img"
        aria-label={`${bowls.length} bowls one in the other, finished, in section`}
        data-testid="nest"
      >
        <path d={`M10 ${HIGH - 7}H${WIDE - 10}`} stroke={ink('fg')} strokeWidth="2.5" />
        {sections.map((section, i) => (
          <path
            key={i}
            d={bothHalves(section, on)}
            fill={ink(`${i % 2 === 0 ? 'glazed' : 'bisque'}-wash`)}
            stroke={ink(bowls[i]!.tight || bowls[i]!.wedged ? 'bad' : i % 2 === 0 ? 'glazed' : 'bisque')}
            strokeWidth="1.6"
          />
        ))}
        {rims.map(({ at, mm, z }, i) => (
          <g key={at}>
            <path
              d={`M${on.axis + (mm / 2) * scale} ${on.ground - z * scale}L${WIDE - BESIDE + 30} ${heights[i]}H${WIDE - BESIDE + 38}`}
              stroke={ink('line-strong')}
              strokeDasharray="1 3"
              fill="none"
            />
            <text x={WIDE - BESIDE + 42} y={heights[i]! + 6} fontSize="18" fontWeight="650" fill={ink('glazed')} className="drawn-figure">
              ⌀ {units.length(mm)}
            </text>
          </g>
        ))}
      </svg>
    </Box>
  );
}

/** Places for lines of words beside heights that may be close, px: each at its own or a line further down. */
function apart(heights: readonly number[]): number[] {
  const order = heights.map((y, i) => ({ y, i })).sort((a, b) => a.y - b.y);
  let last = -Infinity;
  const placed: number[] = [];
  for (const { y, i } of order) {
    last = Math.max(y, last + LINE);
    placed[i] = last;
  }
  const over = Math.max(0, last - (HIGH - 12));
  return placed.map((y) => Math.max(10, y - over));
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
        <table className="list unfolded" style={{ '--figure': '134px' } as React.CSSProperties}>
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
