'use client';

import { runOf } from '@/core/orders';
import type { PartRef, Plan } from '@/core/records';
import { madeActs } from '@/store';
import { run, useWorkspace } from '@/ui/state';
import { Box, chakra } from '@chakra-ui/react';
import { Big } from './big';
import { Stepped } from './stepped';

const MOST = 5000;

/** How many there are to be, set in taps, and a new run that counts from nothing. */
export function RunPage({ plan, part: ref }: { plan: Plan; part: PartRef }) {
  const { workspace } = useWorkspace();
  const { wanted, pieces } = runOf(workspace, ref);
  const step = (by: 1 | -1) =>
    run(
      madeActs.setRunWanted(plan, ref, (now = 0) => {
        const next = Math.min(MOST, Math.max(0, now + by));
        return next === 0 ? undefined : next;
      }),
    );
  return (
    <Box>
      <chakra.h2 fontSize="30px" fontWeight="680" marginBottom="2">
        The run
      </chakra.h2>
      <Stepped words="How many to make" figure={wanted === undefined ? 'no target' : String(wanted)} step={step} />
      <Box marginTop="5">
        <Big disabled={pieces.length === 0} onClick={() => run(madeActs.startRun(plan, ref))}>
          Start a new run
        </Big>
        <Box fontSize="20px" color="fg.muted" marginTop="2">
          The count starts at 0. Earlier pieces stay in the log.
        </Box>
      </Box>
    </Box>
  );
}
