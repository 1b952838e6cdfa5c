'use client';

import { handLength } from '@/core/units';
import { commands } from '@/store';
import { Act, OptionalLength } from '@/ui/fields';
import { useUnits, workspaceStore } from '@/ui/state';
import { Box, HStack } from '@chakra-ui/react';
import { useState } from 'react';
import type { PieceModel } from '../model/use-piece';

/** One of these, fired and measured across the mouth: kept as evidence about its clay, like a bar. */
export function CameOut({ piece }: { piece: PieceModel }) {
  const { plan, part, known, worked } = piece;
  const { choice, length, plain } = useUnits();
  const [typed, setMade] = useState<number | undefined>();
  const [fired, setFired] = useState<number | undefined>();
  const { body } = known;
  if (!body) return null;
  // what was told is offered; as it was really made is what counts
  const made = typed ?? handLength(worked.sized.stages.wet.sizes.rimDiameter, choice);
  const keep = () => {
    if (!fired) return;
    const { act } = commands.createBar({
      bodyId: body.id,
      batchId: part.batchId,
      name: plan.name,
      kind: 'piece',
      lengths: { wet: [made], glazed: [fired] },
      weights: {},
      tool: 'ruler',
      direction: 'across',
      firing: known.firing,
      dates: {},
      note: `From the plan: made ${plain(made)} across the mouth.`,
    });
    workspaceStore().runAndTell({ ...act, label: `${plan.name} kept as evidence about ${body.name}` });
    setMade(undefined);
    setFired(undefined);
  };
  return (
    <Box as="section" aria-label="One came out" marginTop="3">
      <HStack gap="3" alignItems="flex-start" flexWrap="wrap">
        <OptionalLength
          label={piece.by === 'wheel' ? 'One thrown, mouth across' : 'One made, mouth across'}
          width="130px"
          value={made}
          onValue={(mm) => setMade(mm || undefined)}
        />
        <OptionalLength
          label="came out, fired"
          width="130px"
          value={fired}
          onValue={(mm) => {
            if (mm && mm >= made) return `It was ${length(made)} across when made; fired it is smaller. Measure the finished mouth.`;
            return setFired(mm || undefined);
          }}
        />
        <Act marginTop="5" onClick={keep} disabled={!fired || fired >= made}>
          Keep as evidence
        </Act>
      </HStack>
    </Box>
  );
}
