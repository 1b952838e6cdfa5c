'use client';

import { type CastWork, mouldsToPour } from '@/core/casting';
import { text } from '@/core/units';
import { Act } from '@/ui/fields';
import { Figure } from '@/ui/stage';
import { useWorkspace } from '@/ui/state';
import { Box, HStack } from '@chakra-ui/react';
import type { PieceModel } from '../model/use-piece';
import { kilogramsWritten, roundedUpKg } from './kilograms';

/** What to weigh for the mould, and what all moulds take together. */
export function PlasterBlock({ piece, work }: { piece: PieceModel; work: CastWork }) {
  const { workspace } = useWorkspace();
  const { units, part } = piece;
  const { plaster, chosen, weights, around } = work;
  const written = (kg: number) => kilogramsWritten(kg, units.choice);
  const amount = (kg: number) => text(written(kg));
  const over = plaster.rule.plasterKg / plaster.density.plasterKg - 1;
  const all = mouldsToPour(workspace);
  const sum = (of: (each: (typeof all)[number]) => number) => all.reduce((total, each) => total + of(each), 0);
  return (
    <Box as="section" aria-label="Plaster" flex="1 1 240px">
      <Box fontSize="sm" color="fg.muted">
        Plaster and water to weigh
      </Box>
      <HStack gap="4" data-plaster>
        <Figure written={written(roundedUpKg(plaster.rule.plasterKg))} size="2.5rem" />
        <Figure written={written(roundedUpKg(plaster.rule.waterKg))} size="2.5rem" />
      </HStack>
      <Box fontSize="sm">
        {units.volume(plaster.fillMl)} to fill, with {Math.round(chosen.margin * 100)}% over; rounded up so that you do not run short. By
        density <b>{amount(plaster.density.plasterKg)}</b> and <b>{amount(plaster.density.waterKg)}</b> fill the same: at {chosen.ratio} to
        100 the rule already holds {Math.round(over * 100)}% more.
      </Box>
      <Box fontSize="sm" color="fg.muted">
        Thinnest plaster: {units.length(around.side)} around the model, {units.length(around.below)} below it.
      </Box>
      <Box fontSize="sm" color="fg.muted">
        The mould weighs {amount(weights.poured)} when poured and about {amount(weights.dry)} when dry.
      </Box>
      {!part.cast && (
        <Act marginTop="2" onClick={() => piece.takePart({ cast: {} }, 'a mould to pour')}>
          Add to moulds to pour
        </Act>
      )}
      {all.length > 0 && (
        <Box as="section" aria-label="Moulds to pour" marginTop="2" fontSize="sm">
          <b>All moulds to pour</b>
          <Box as="ul">
            {all.map(({ ref, name, work: { plaster: own } }) => (
              <li key={ref}>
                {name}: {amount(roundedUpKg(own.rule.plasterKg))} plaster, {amount(roundedUpKg(own.rule.waterKg))} water
              </li>
            ))}
          </Box>
          {all.length > 1 && (
            <b data-all-plaster>
              {amount(sum(({ work: each }) => roundedUpKg(each.plaster.rule.plasterKg)))} plaster,{' '}
              {amount(sum(({ work: each }) => roundedUpKg(each.plaster.rule.waterKg)))} water
            </b>
          )}
        </Box>
      )}
    </Box>
  );
}
