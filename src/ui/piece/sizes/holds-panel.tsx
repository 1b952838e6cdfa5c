'use client';

import { type Form, type SizeName, checkForm, holdsMl } from '@/core/form';
import { type Joined, type Keep, type Limit, type Wanted, aimFor, joinedSizes, reach, withPouringLip } from '@/core/sizing';
import { Act, LabelledChoice, OptionalLength, OptionalVolume } from '@/ui/fields';
import { StageName } from '@/ui/stage';
import { areaWords } from '@/ui/steps';
import { Box, HStack } from '@chakra-ui/react';
import { Block, LargeFigure } from '@/ui/blocks';
import type { PieceModel } from '../model/use-piece';

const KEEPS: Record<Keep, string> = {
  proportions: 'the proportions',
  height: 'the height',
  mouth: 'the widths',
};

/** What the finished piece holds, what it is asked to hold, and what glaze has to cover. */
export function HoldsPanel({ piece }: { piece: PieceModel }) {
  const { worked, units, form, part } = piece;
  const { measures } = worked.sized;
  const belowRim = part.wanted?.belowRim ?? 0;
  const area = (cm2: number) => areaWords(cm2, units.choice.length);
  return (
    <Box>
      <Box marginBottom="2">
        <StageName stage="glazed" />
      </Box>
      <HStack gap="8" flexWrap="wrap" marginBottom="4" alignItems="flex-start">
        <LargeFigure words="holds, to the brim">{units.volume(measures.brimMl)}</LargeFigure>
        {belowRim > 0 && (
          <LargeFigure words={`holds, to ${units.length(belowRim)} below the rim`}>{units.volume(holdsMl(form, belowRim))}</LargeFigure>
        )}
        <LargeFigure words="glaze inside, with the rim">{area(measures.insideCm2)}</LargeFigure>
        <LargeFigure words="glaze outside">{area(measures.outsideCm2)}</LargeFigure>
      </HStack>
      <Target piece={piece} />
      <PouringLipBlock piece={piece} />
      <JoinedBlock piece={piece} />
      <Box fontSize="sm" color="fg.muted">
        Food and drink: size and cone do not make a pot food-safe. Absorption, crazing and leaching are tested on the fired, glazed piece.
      </Box>
    </Box>
  );
}

function Target({ piece }: { piece: PieceModel }) {
  const { part } = piece;
  const wanted: Partial<Wanted> = part.wanted ?? {};
  const set = (change: Partial<Wanted>, key?: string) =>
    piece.takePart((now) => ({ wanted: { ...now.wanted, ...change } }), 'what it should hold', key);
  return (
    <Block title="Capacity wanted">
      <HStack gap="3" flexWrap="wrap" alignItems="flex-start">
        <OptionalVolume label="Amount" value={wanted.capacityMl} onValue={(capacityMl, key) => set({ capacityMl }, key)} />
        <OptionalLength
          label="Fill line below rim"
          width="10.625rem"
          value={wanted.belowRim}
          onValue={(belowRim, key) => set({ belowRim }, key)}
        />
        <OptionalLength label="No taller than" value={wanted.maxHeight} onValue={(mm, key) => set({ maxHeight: mm || undefined }, key)} />
        <OptionalLength label="No wider than" value={wanted.maxWidth} onValue={(mm, key) => set({ maxWidth: mm || undefined }, key)} />
        <Box width="9.375rem">
          <LabelledChoice
            label="Keep"
            value={wanted.keep ?? 'proportions'}
            options={(Object.keys(KEEPS) as Keep[]).map((value) => ({ value, words: KEEPS[value] }))}
            onChoose={(keep) => set({ keep })}
          />
        </Box>
      </HStack>
      {wanted.capacityMl ? <Found piece={piece} wanted={{ keep: 'proportions', ...wanted, capacityMl: wanted.capacityMl }} /> : null}
    </Block>
  );
}

/** The sizes at which it holds what was asked, or the nearest there are. */
function Found({ piece, wanted }: { piece: PieceModel; wanted: Wanted }) {
  const { units, form } = piece;
  const { form: found, met } = reach(form, insideLimits(piece, wanted));
  const possible = checkForm(found, units.length);
  const holds = holdsMl(found, wanted.belowRim);
  const { height, rimDiameter } = found.sizes;
  const sizes = `${units.length(height)} high, ${units.length(rimDiameter)} across the mouth`;
  if (!possible.ok) {
    return (
      <Box role="status" color="bad" marginTop="2">
        {possible.problem.message}
      </Box>
    );
  }
  return (
    <HStack role="status" marginTop="2" gap="3" flexWrap="wrap">
      <Box color={met ? 'glazed' : 'bad'}>
        {met
          ? `${sizes}: holds ${units.volume(holds)}.`
          : `Not possible with these sizes. The nearest holds ${units.volume(holds)}: ${sizes}.`}
      </Box>
      <Act look={met ? 'solid' : 'plain'} onClick={() => piece.takeForm(found, `holds ${units.volume(holds)}`, limitsOf(found, wanted))}>
        {met ? 'Use these sizes' : 'Use the nearest sizes'}
      </Act>
    </HStack>
  );
}

/** What was asked not to be passed stays known, beside the sizes found for it. */
function limitsOf({ sizes }: Form<'glazed'>, { maxHeight, maxWidth }: Wanted): Partial<Record<SizeName, Limit>> {
  const widest = (['bellyDiameter', 'bodyDiameter', 'rimDiameter'] as const).find(
    (name) => sizes[name] !== undefined && sizes[name] >= sizes.rimDiameter,
  );
  return {
    ...(maxHeight && { height: { at: 'glazed', most: maxHeight } }),
    ...(maxWidth && widest && { [widest]: { at: 'glazed', most: maxWidth } }),
  };
}

/** A most that is not passed in as many pieces as the odds say: aimed at from inside. */
function insideLimits({ worked }: PieceModel, wanted: Wanted): Wanted {
  const { clay, sure } = worked;
  const aim = (size: 'height' | 'rimDiameter', most: number | undefined) =>
    most && aimFor({ clay, size, tool: sure.tool }, { at: 'glazed', most }, sure.odds);
  return { ...wanted, maxHeight: aim('height', wanted.maxHeight), maxWidth: aim('rimDiameter', wanted.maxWidth) };
}

function PouringLipBlock({ piece }: { piece: PieceModel }) {
  const { part, worked, units } = piece;
  const pulled = part.pouringLip;
  const set = (change: { drop?: number | undefined; reach?: number | undefined }, key: string) => {
    const lipOf = ({ drop = 0, reach: out = 0 }: typeof change) => (drop || out ? { drop, reach: out } : undefined);
    return piece.takePart((now) => ({ pouringLip: lipOf({ ...now.pouringLip, ...change }) }), 'pouring lip', key);
  };
  const told = pulled && withPouringLip(worked.sized, pulled);
  return (
    <Block title="Pouring lip">
      <HStack gap="4" flexWrap="wrap" alignItems="flex-start">
        <OptionalLength label="Spout drop" value={pulled?.drop} onValue={(drop, key) => set({ drop: drop ?? 0 }, key)} />
        <OptionalLength label="Spout projection" value={pulled?.reach} onValue={(out, key) => set({ reach: out ?? 0 }, key)} />
        {told && (
          <>
            <LargeFigure words="Holds before it overflows">{units.volume(told.holdsMl)}</LargeFigure>
            <LargeFigure words="widest, over the lip">{units.length(told.widest)}</LargeFigure>
          </>
        )}
      </HStack>
    </Block>
  );
}

const COPIES = { '1': 'one alone', '2': 'two', '3': 'three in a row', ring: 'three in a ring' } as const;

function JoinedBlock({ piece }: { piece: PieceModel }) {
  const { part, worked, units } = piece;
  const { joined } = part;
  const set = (change: Partial<Joined>, key?: string) =>
    piece.takePart((now) => ({ joined: now.joined && { ...now.joined, ...change } }), 'joined copies', key);
  const sizes = joined && joinedSizes(worked.sized, joined);
  return (
    <Block title="Joined pots">
      <HStack gap="4" flexWrap="wrap" alignItems="flex-start">
        <Box width="9.375rem">
          <LabelledChoice
            label="Copies joined"
            value={!joined ? '1' : joined.copies === 3 && joined.ring ? 'ring' : (String(joined.copies) as '2' | '3')}
            options={(Object.keys(COPIES) as (keyof typeof COPIES)[]).map((value) => ({ value, words: COPIES[value] }))}
            onChoose={(value) =>
              piece.takePart(
                (now) => ({
                  joined:
                    value === '1' ? undefined : { flattened: 2, ...now.joined, copies: value === '2' ? 2 : 3, ring: value === 'ring' },
                }),
                'joined copies',
              )
            }
          />
        </Box>
        {joined && sizes && (
          <>
            <OptionalLength label="Flatten each by" value={joined.flattened} onValue={(mm, key) => set({ flattened: mm ?? 0 }, key)} />
            <OptionalLength
              label="Handle’s top over rim"
              width="10rem"
              value={joined.handleRise}
              onValue={(handleRise, key) => set({ handleRise }, key)}
            />
            <OptionalLength label="Handle, thick" value={joined.handleThick} onValue={(handleThick, key) => set({ handleThick }, key)} />
            <LargeFigure words="overall width">{units.length(sizes.overall)}</LargeFigure>
            <LargeFigure words="footprint">
              {units.length(sizes.footprint[0])} × {units.length(sizes.footprint[1])}
            </LargeFigure>
            {sizes.clear !== undefined && <LargeFigure words="clear under the handle">{units.length(sizes.clear)}</LargeFigure>}
            {sizes.clearFromFloor !== undefined && (
              <LargeFigure words="clear from the floor">{units.length(sizes.clearFromFloor)}</LargeFigure>
            )}
          </>
        )}
      </HStack>
      {joined && <JoinedSteps copies={joined.copies} each={piece.weighOut} piece={piece} />}
    </Block>
  );
}

/** What is done with bowls that are pressed together, and the clay for all of them. */
function JoinedSteps({ copies, each, piece: { units } }: { copies: 2 | 3; each: number | undefined; piece: PieceModel }) {
  return (
    <Box fontSize="sm" marginTop="2" maxWidth="72ch">
      {each !== undefined && (
        <Box color="wet" fontWeight="600">
          {copies} balls of {units.mass(each)}, {units.mass(copies * each)} in all, not counting the handle
        </Box>
      )}
      <ol>
        <li>Throw them all on the same day, with the same ball and the same gauge.</li>
        <li>At soft leather hard press each flat where they will touch, on a board, by as much as said.</li>
        <li>Score and slip the flats, press them together on one board, and work a thin coil into the seam underneath.</li>
        <li>Put the low handle across where they meet once both are equally firm; dry slowly, wrapped, so that the seam does not open.</li>
        <li>They stand on one whole kiln shelf, never across two.</li>
      </ol>
    </Box>
  );
}
