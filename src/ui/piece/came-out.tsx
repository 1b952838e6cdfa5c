'use client';

import { readLength } from '@/core/units';
import { commands } from '@/store';
import { Act } from '@/ui/fields';
import { useUnits, workspaceStore } from '@/ui/state';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { useId, useState } from 'react';
import type { PieceModel } from './use-piece';

/** One of these, fired and measured across the mouth: kept as evidence about its clay, like a bar. */
export function CameOut({ piece }: { piece: PieceModel }) {
  const { plan, part, known, worked } = piece;
  const { readLength: options, length } = useUnits();
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string | undefined>();
  const id = useId();
  if (!known.body) return null;
  const wet = worked.sized.stages.wet.sizes.rimDiameter;
  const keep = () => {
    const read = readLength(text, options);
    if (!read.ok) return setProblem(read.problem.message);
    if (read.value >= wet) return setProblem(`It was thrown ${length(wet)} across; fired it is smaller. Measure the finished mouth.`);
    const { act } = commands.createBar({
      bodyId: known.body!.id,
      batchId: part.batchId,
      name: plan.name,
      kind: 'piece',
      lengths: { wet: [wet], glazed: [read.value] },
      weights: {},
      tool: 'ruler',
      direction: 'across',
      firing: known.firing,
      dates: {},
      note: `From the plan: thrown ${length(wet)} across the mouth.`,
    });
    workspaceStore().runAndTell({ ...act, label: `${plan.name} kept as evidence about ${known.body!.name}` });
    setText('');
    return setProblem(undefined);
  };
  return (
    <Box marginTop="3">
      <chakra.label htmlFor={id} fontSize="sm" color="fg.muted">
        One thrown to {length(wet)} came out across the mouth, finished
      </chakra.label>
      <HStack gap="2">
        <chakra.input
          id={id}
          value={text}
          onChange={(event) => setText(event.currentTarget.value)}
          onKeyDown={(event) => event.key === 'Enter' && keep()}
          aria-invalid={problem ? true : undefined}
          aria-describedby={`${id}-problem`}
          autoComplete="off"
          minHeight={{ base: '44px', md: '36px' }}
          width="90px"
          paddingInline="2"
          background="bg.raised"
          borderWidth="1px"
          borderColor={problem ? 'bad' : 'line.strong'}
          borderRadius="4px"
        />
        <Act onClick={keep} disabled={text.trim() === ''}>
          Keep as evidence
        </Act>
      </HStack>
      <Box id={`${id}-problem`} role={problem ? 'alert' : undefined} color="bad" fontSize="sm">
        {problem}
      </Box>
    </Box>
  );
}
