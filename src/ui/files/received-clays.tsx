'use client';

import { clayNow } from '@/core/part';
import type { ClayHere, Workspace } from '@/core/records';
import { writePercent } from '@/core/units';
import { useWorkspace } from '@/ui/state';
import { Box, chakra } from '@chakra-ui/react';

interface Props {
  readonly sent: Workspace;
  readonly clays: readonly ClayHere[];
  /** Which of them are said to be one's own. */
  readonly mine: ReadonlySet<string>;
  readonly onChoose: (bodyId: string, isMine: boolean) => void;
}

/** Clays that came with a piece beside those of the same name here: both figures, and whether it is the same clay. */
export function ReceivedClays({ sent, clays, mine, onChoose }: Props) {
  const { workspace } = useWorkspace();
  if (clays.length === 0) return null;
  const shrinks = (from: Workspace, bodyId: string) => writePercent(clayNow(from, bodyId).figures.shrinkage.width * 100);
  return (
    <Box marginTop="3" data-testid="received-clays">
      {clays.map(({ theirs, mine: body }) => (
        <chakra.label key={theirs.id} display="flex" alignItems="center" gap="3" minHeight="44px">
          <chakra.input
            type="checkbox"
            width="1.5rem"
            height="24px"
            checked={mine.has(theirs.id)}
            onChange={(event) => onChoose(theirs.id, event.currentTarget.checked)}
          />
          <span>
            <b>{theirs.name}</b> is my own clay. Sent, it shrinks {shrinks(sent, theirs.id)}. Yours shrinks {shrinks(workspace, body.id)}.
          </span>
        </chakra.label>
      ))}
      <Box fontSize="sm" color="fg.muted">
        Otherwise it comes in beside yours, and nothing of yours changes.
      </Box>
    </Box>
  );
}
