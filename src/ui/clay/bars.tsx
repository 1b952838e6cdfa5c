'use client';

import { isMade } from '@/core/lessons';
import type { BarRecord } from '@/core/records';
import { commands, madeActs } from '@/store';
import { Act, type CaliperUnit, USUAL_MARK, caliperUnit, useStanding } from '@/ui/fields';
import { run, useUnits, useWorkspace } from '@/ui/state';
import { Box, HStack, chakra } from '@chakra-ui/react';
import Link from 'next/link';
import { useState } from 'react';
import { BarTable } from './bar-table';
import type { ClayView } from './use-clay-view';

const EXAMPLE: Record<CaliperUnit, string> = { mm: '88.1; 88.3', in: '3.469; 3.476' };

/** The bars of a body, a line a bar: marked, dried, fired. Slips are asked about as they are typed. */
export function Bars({ view }: { view: ClayView }) {
  const { workspace } = useWorkspace();
  const unit = caliperUnit(useUnits().choice);
  const { evidence, heightEvidence } = view.known;
  const all = [...evidence.sorted, ...heightEvidence.sorted];
  // pieces that were made are kept on the shelves: what they say is only told here
  const made = all.filter(({ sample, unused }) => !unused && isMade(sample));
  const sorted = useStanding(
    all.filter(({ sample }) => !isMade(sample)),
    ({ sample }) => sample.id,
  );
  const [fresh, setFresh] = useState<string | undefined>();
  const bars = sorted.filter(({ sample }) => sample.kind === 'bar' && sample.batchId === view.batchId).length;
  const add = (kind: BarRecord['kind']) => {
    const batch = workspace.batches.find(({ id }) => id === view.batchId);
    const { act, id } = commands.createBar({
      bodyId: view.body.id,
      batchId: view.batchId,
      name: kind === 'bar' ? `${batch ? batch.name.charAt(0) : 'B'}${bars + 1}` : 'Piece',
      kind,
      lengths: kind === 'bar' ? { wet: [USUAL_MARK[unit]] } : {},
      weights: {},
      tool: sorted.at(-1)?.sample.tool ?? 'caliper',
      direction: kind === 'bar' ? 'along' : 'across',
      firing: view.known.firing,
      softness: batch?.softness,
      dates: kind === 'bar' ? { wet: madeActs.today() } : {},
      note: '',
    });
    setFresh(id);
    run(act);
  };
  return (
    <Box as="section" aria-label="Bars" marginTop="6">
      <HStack justifyContent="space-between" flexWrap="wrap">
        <chakra.h2 fontSize="1.125rem" fontWeight="650">
          Bars and measured pieces
        </chakra.h2>
        <HStack gap="2" flexWrap="wrap">
          <Act look="solid" onClick={() => add('bar')}>
            Add a bar
          </Act>
          <Act onClick={() => add('piece')}>Add a piece</Act>
        </HStack>
      </HStack>
      <Box fontSize="sm" color="fg.muted" marginBlock="1">
        Length between the marks, {unit}. For several pairs of marks use semicolons: {EXAMPLE[unit]}. Enter moves down the column.
      </Box>
      {made.length > 0 && (
        <Box fontSize="sm">
          {made.length === 1 ? 'One piece that was made and fired counts' : `${made.length} measurements from your log also count`} too:{' '}
          <chakra.span color="act" textDecoration="underline">
            <Link href="/shelves?view=log">see them in the log</Link>
          </chakra.span>
          .
        </Box>
      )}
      {sorted.length === 0 ? (
        <Box color="fg.muted">No bars yet. Cut one as thick as your work, and put two marks on it.</Box>
      ) : (
        <BarTable sorted={sorted} fresh={fresh} view={view} unit={unit} />
      )}
    </Box>
  );
}
