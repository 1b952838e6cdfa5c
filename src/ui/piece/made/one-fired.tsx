'use client';

import { madeActs } from '@/store';
import { Act, OptionalLength } from '@/ui/fields';
import { useUnits, useWorkspace, workspaceStore } from '@/ui/state';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { useState } from 'react';
import type { PieceModel } from '../model/use-piece';

/** One of these that nobody counted, fired and measured across the mouth: a run of one. */
export function OneFired({ piece }: { piece: PieceModel }) {
  const { workspace } = useWorkspace();
  const { length } = useUnits();
  const [made, setMade] = useState<number | undefined>();
  const [fired, setFired] = useState<number | undefined>();
  const planned = piece.worked.sized.stages.wet.sizes.rimDiameter;
  const keep = () => {
    const act = fired && madeActs.logFired(workspace, piece.plan, piece.ref, { made, fired });
    if (!act) return;
    workspaceStore().runAndTell(act);
    setMade(undefined);
    setFired(undefined);
  };
  return (
    <chakra.details marginTop="3">
      <chakra.summary cursor="pointer" minHeight="max(var(--finger), 32px)" color="fg.muted">
        Record a fired piece
      </chakra.summary>
      <HStack gap="3" alignItems="flex-start" flexWrap="wrap">
        <OptionalLength
          label={piece.by === 'wheel' ? 'Mouth as thrown' : 'Mouth as made'}
          width="10.625rem"
          hint={`target ${length(planned)}`}
          value={made}
          onValue={(mm) => setMade(mm || undefined)}
        />
        <OptionalLength
          label="Mouth, finished"
          width="8.125rem"
          value={fired}
          onValue={(mm) => {
            const wet = made ?? planned;
            if (mm && mm >= wet) return `It was ${length(wet)} when made, and it must be smaller fired. Measure the finished mouth again.`;
            return setFired(mm || undefined);
          }}
        />
        <Act marginTop="5" onClick={keep} disabled={!fired || fired >= (made ?? planned)}>
          Add to the log
        </Act>
      </HStack>
      <Box fontSize="sm" color="fg.muted">
        {piece.known.body
          ? 'It counts with the bars of its clay. If you leave the wet width empty, the target is used with a wider margin.'
          : 'Choose its clay above, and it joins the bars of that clay.'}
      </Box>
    </chakra.details>
  );
}
