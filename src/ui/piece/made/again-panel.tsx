'use client';

import { type Again, GLAZE } from '@/core/sizing';
import type { Part } from '@/core/records';
import { LabelledChoice, OptionalMass, OptionalPercent, OptionalVolume } from '@/ui/fields';
import { Box, HStack } from '@chakra-ui/react';
import type { PieceModel } from '../model/use-piece';
import { againOf, wallMeasured } from './again-of';

type InHand = NonNullable<Part['inHand']>;

/** From a fired piece in the hand to what it was: its sizes in the ledger, its weight and what it holds here. */
export function AgainPanel({ piece }: { piece: PieceModel }) {
  const hand: InHand = piece.part.inHand ?? {};
  const set = (change: Partial<InHand>, key?: string) =>
    piece.takePart((now) => ({ inHand: { ...now.inHand, ...change } }), 'piece in the hand', key);
  const measured = wallMeasured(piece.part);
  const found = againOf(piece);
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
      {found?.ok && <WhyNotThrown piece={piece} found={found.value} weightG={hand.weightG} />}
    </Box>
  );
}

/** Why the fired weight is not the one thrown, and whether the sizes agree with what it holds. */
function WhyNotThrown({ piece: { units, worked }, found, weightG }: { piece: PieceModel; found: Again; weightG: number | undefined }) {
  const water = worked.clay.matter.water * 100;
  return (
    <Box fontSize="sm" color="fg.muted" marginTop="2" maxWidth="640px">
      {weightG !== undefined &&
        found.clayG !== undefined &&
        `Of ${units.mass(weightG)}, ${units.mass(found.clayG)} is clay once glaze and handle are cleared. The fired weight is not the thrown weight: ${water.toFixed(0)}% of the trimmed piece was water, more left as gas in the fire, and trimmings and slurry were gone before that. `}
      {found.holdsMore !== undefined && Math.abs(found.holdsMore) > 0.02 * found.sized.capacityMl
        ? `From these sizes it should hold ${units.volume(Math.abs(found.holdsMore))} ${found.holdsMore > 0 ? 'more' : 'less'} than you measured. Check the wall and the floor.`
        : ''}
    </Box>
  );
}
