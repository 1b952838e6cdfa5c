'use client';

import { sizeIn } from '@/core/form';
import { type Conflict, type KnownSize, STAGE_WORDS, isExact, limitWords, shrinkageIfBoth } from '@/core/sizing';
import { writePercent } from '@/core/units';
import { commands } from '@/store';
import { Act } from '@/ui/fields';
import { workspaceStore } from '@/ui/state';
import { Box, HStack, chakra } from '@chakra-ui/react';
import type { PieceModel } from '../model/use-piece';

/** Two things known of one size that cannot both be so: by how much, and the three answers. */
export function Conflicts({ piece }: { piece: PieceModel }) {
  return piece.conflicts.map((conflict) => <ConflictStrip key={`${conflict.size}-${conflict.index}`} piece={piece} conflict={conflict} />);
}

function ConflictStrip({ piece, conflict }: { piece: PieceModel; conflict: Conflict }) {
  const { length } = piece.units;
  const { size, leads, other, index, there, apart } = conflict;
  const { words, row } = sizeIn(piece.form.family, size);
  const said = (known: KnownSize) => `${isExact(known) ? length(known.mm) : limitWords(known, length)} ${STAGE_WORDS[known.at]}`;
  const letGo = (at: number, known: KnownSize) => {
    const mm = isExact(known) ? known.mm : there;
    workspaceStore().run(commands.letGoOf(piece.ref, size, at, mm, `${words}: ${said(known)} cleared`));
  };
  const shrinks = shrinkageIfBoth(conflict, piece.worked.clay);
  return (
    <Box
      role="note"
      aria-label={`Conflict in ${words}`}
      borderInlineStartWidth="4px"
      borderColor="warn"
      background="warn.wash"
      padding="2"
      marginBottom="2"
      fontSize="sm"
    >
      <chakra.b>{row}:</chakra.b> You entered {said(leads)}, which works out at {length(there)} {STAGE_WORDS[other.at]}, and also{' '}
      {said(other)}. They are <chakra.b>{length(Math.abs(apart))} apart</chakra.b>.
      <HStack gap="2" flexWrap="wrap" marginTop="1">
        <Act onClick={() => letGo(index, other)}>Clear {said(other)}</Act>
        <Act onClick={() => letGo(0, leads)}>Clear {said(leads)}</Act>
        {shrinks !== undefined && piece.known.body && (
          <Act onClick={() => keep(piece, conflict)}>Keep both and record {writePercent(shrinks * 100)} shrinkage</Act>
        )}
      </HStack>
    </Box>
  );
}

/** Both sizes go into a piece measured at two stages; the later of the two stays what the plan is made to. */
function keep({ plan, part, ref, known, units }: PieceModel, { size, leads, other, index }: Conflict): void {
  if (!isExact(leads) || !isExact(other) || !known.body) return;
  const label = `${plan.name} recorded as a measurement of ${known.body.name}`;
  workspaceStore().runAndTell(
    commands.keepAsEvidence(
      ref,
      size,
      index,
      {
        bodyId: known.body.id,
        batchId: part.batchId,
        name: `${plan.name}, ${sizeIn(part.family, size).words}`,
        kind: 'piece',
        lengths: { [leads.at]: [leads.mm], [other.at]: [other.mm] },
        weights: {},
        tool: 'ruler',
        direction: sizeIn(part.family, size).direction === 'height' ? 'height' : 'across',
        firing: known.firing,
        dates: {},
        note: `From this piece: ${sizeIn(part.family, size).words} ${units.plain(leads.mm)} ${STAGE_WORDS[leads.at]}, ${units.plain(other.mm)} ${STAGE_WORDS[other.at]}.`,
      },
      label,
    ),
  );
}
