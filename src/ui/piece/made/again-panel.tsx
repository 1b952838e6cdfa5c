'use client';

import { type Again, GLAZE, again, isExact } from '@/core/sizing';
import { handMass } from '@/core/units';
import type { Part } from '@/core/records';
import { Act, LabelledChoice, OptionalMass, OptionalPercent, OptionalVolume } from '@/ui/fields';
import { Box, HStack } from '@chakra-ui/react';
import { Block, LargeFigure } from '@/ui/blocks';
import type { PieceModel } from '../model/use-piece';

type InHand = NonNullable<Part['inHand']>;

/** From a fired piece in the hand to what it was: its sizes in the ledger, its weight and what it holds here. */
export function AgainPanel({ piece }: { piece: PieceModel }) {
  const { part, worked, form, units } = piece;
  const hand: InHand = part.inHand ?? {};
  const set = (change: Partial<InHand>, key?: string) =>
    piece.takePart((now) => ({ inHand: { ...now.inHand, ...change } }), 'piece in the hand', key);
  const [wall] = part.sizes.wall ?? [];
  // a wall that is only usual was not measured
  const measured = hand.wallUnknown === undefined ? !(wall && isExact(wall) && wall.free) : !hand.wallUnknown;
  const asked = hand.weightG !== undefined || hand.capacityMl !== undefined;
  const found =
    asked &&
    again(
      worked.clay,
      {
        form,
        wallMeasured: measured,
        weightG: hand.weightG,
        glazeShare: hand.glazePercent === undefined ? undefined : hand.glazePercent / 100,
        attachedG: hand.attachedG,
        capacityMl: hand.capacityMl,
      },
      worked.making,
      units.length,
    );
  return (
    <Box>
      <Box fontSize="sm" color="fg.muted" marginBottom="2">
        Enter the sizes of the fired piece in the Finished column under Sizes, then its weight here.
      </Box>
      <HStack gap="4" flexWrap="wrap" alignItems="flex-start" marginBottom="3">
        <OptionalMass
          label="Weight, finished"
          width="11.25rem"
          value={hand.weightG}
          onValue={(weightG, key) => set({ weightG: weightG || undefined }, key)}
        />
        <OptionalPercent
          label="Glaze, % of it"
          most={50}
          hint={hand.glazePercent === undefined ? `typical: ${GLAZE.typical * 100}%` : ''}
          value={hand.glazePercent}
          onValue={(glazePercent, key) => set({ glazePercent }, key)}
        />
        <OptionalMass
          label="Handle or knob, finished"
          width="9.375rem"
          value={hand.attachedG}
          onValue={(attachedG, key) => set({ attachedG }, key)}
        />
        <OptionalVolume
          label="Holds, to the brim"
          width="8.75rem"
          value={hand.capacityMl}
          onValue={(capacityMl, key) => set({ capacityMl }, key)}
        />
        <Box width="11.25rem">
          <LabelledChoice
            label="Wall thickness"
            value={measured ? 'measured' : 'unknown'}
            options={[
              { value: 'measured', words: 'was measured' },
              { value: 'unknown', words: 'not measured' },
            ]}
            onChoose={(value) => set({ wallUnknown: value === 'unknown' })}
          />
        </Box>
      </HStack>
      {found && !found.ok && (
        <Box role="alert" color="bad">
          {found.problem.message}
        </Box>
      )}
      {found && found.ok && <WasProbably piece={piece} found={found.value} weightG={hand.weightG} />}
    </Box>
  );
}

function WasProbably({ piece, found, weightG }: { piece: PieceModel; found: Again; weightG: number | undefined }) {
  const { units } = piece;
  const { choice } = units;
  const [low, likely, high] = found.ball.map((g) => units.mass(handMass(g, choice)));
  const { wall, height, rimDiameter } = found.sized.stages.wet.sizes;
  const water = piece.worked.clay.matter.water * 100;
  return (
    <Block title="Probably made from">
      <HStack gap="8" flexWrap="wrap" alignItems="flex-start">
        <Box>
          <Box fontSize="sm" color="fg.muted">
            a ball of
          </Box>
          <Box color="wet" fontFamily="figure" fontSize="2.125rem" fontWeight="680" lineHeight="1.15" data-again="ball">
            {likely}
          </Box>
          <Box fontSize="sm" color="wet">
            likely {low} to {high}
          </Box>
        </Box>
        <Box>
          <Box fontSize="sm" color="fg.muted">
            trimmed, wet
          </Box>
          <Box color="wet" fontFamily="figure" fontSize="1.5rem" fontWeight="680" lineHeight="1.2">
            {units.length(height)} high, ⌀ {units.length(rimDiameter)}
          </Box>
        </Box>
        {found.wallFrom !== 'measured' && (
          <Box>
            <LargeFigure words={`its wall, from its ${found.wallFrom}`}>{units.length(found.form.sizes.wall ?? 0)}</LargeFigure>
            <Box fontSize="sm" color="wet">
              {units.length(wall ?? 0)} wet
            </Box>
            <Act onClick={() => piece.takeForm(found.form, `wall from the ${found.wallFrom}`)}>Use this wall</Act>
          </Box>
        )}
      </HStack>
      <Box fontSize="sm" color="fg.muted" marginTop="2" maxWidth="640px">
        {weightG !== undefined &&
          found.clayG !== undefined &&
          `Of ${units.mass(weightG)}, ${units.mass(found.clayG)} is clay once glaze and handle are cleared. The fired weight is not the thrown weight: ${water.toFixed(0)}% of the trimmed piece was water, more left as gas in the fire, and trimmings and slurry were gone before that. `}
        {found.holdsMore !== undefined && Math.abs(found.holdsMore) > 0.02 * found.sized.capacityMl
          ? `From these sizes it should hold ${units.volume(Math.abs(found.holdsMore))} ${found.holdsMore > 0 ? 'more' : 'less'} than you measured. Check the wall and the floor.`
          : ''}
      </Box>
    </Block>
  );
}
