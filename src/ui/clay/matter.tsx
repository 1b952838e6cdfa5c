'use client';

import { TYPICAL, plausibility, solidDensity, weigh } from '@/core/clay';
import { writePercent } from '@/core/units';
import { useWorkspace } from '@/ui/state';
import { Box } from '@chakra-ui/react';
import type { ClayView } from './use-clay-view';

/** Water, loss and absorption from weighing, with what absorption does and does not say; and whether all can be true. */
export function Matter({ view }: { view: ClayView }) {
  const { workspace } = useWorkspace();
  const { matter, sources, shrinkage } = view.known.figures;
  const bars = workspace.bars.filter(({ bodyId }) => bodyId === view.body.id);
  const { absorption } = weigh(bars);
  const [k, kh] = [1 - shrinkage.width, 1 - shrinkage.height];
  const density = solidDensity(matter, k, kh, absorption ?? TYPICAL[view.body.kind].absorption);
  const found = plausibility(density);
  const word = (source: string) => (source === 'bars' ? 'weighed' : source);
  const beads = bars.filter(({ bead }) => bead !== undefined);
  return (
    <Box marginTop="3" fontSize="sm" color="fg.muted" maxWidth="720px">
      Water {writePercent(matter.water * 100)} ({word(sources.water)}), loss on firing {writePercent(matter.loss * 100)} (
      {word(sources.loss)})
      {absorption !== undefined && (
        <>
          , absorption <b>{writePercent(absorption * 100)}</b> by boiling. The lower it is, the less an unglazed pot seeps. Fill a pot and
          leave it standing to be sure. It says nothing about crazing, leaching or food safety
        </>
      )}
      .
      {beads.length > 0 &&
        ` A drop on the bare clay: ${beads.map(({ name, bead }) => `${name} ${bead}`).join(', ')}. This tells you less than boiling.`}
      {found !== 'true' && (
        <Box role="note" color="warn" marginTop="1">
          These figures do not agree. The fired clay itself would weigh {density > 0 ? `${density.toFixed(2)} g/ml` : 'more than any stone'}
          , too {found === 'too heavy' ? 'much' : 'little'}. Clays are between 2.0 and 2.75. Check {doubted(sources, absorption)}.
        </Box>
      )}
    </Box>
  );
}

function doubted(sources: ClayView['known']['figures']['sources'], absorption: number | undefined): string {
  const all = [
    ['water', sources.water],
    ['loss', sources.loss],
    ['shrinkage', sources.shrinkage],
  ].map(([what, source]) => `${what} (${source === 'bars' ? 'measured' : source})`);
  return [...all, `absorption (${absorption === undefined ? 'typical' : 'measured'})`].join(', ');
}
