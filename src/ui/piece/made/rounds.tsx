'use client';

import { type Outline, sectionOf, widest } from '@/core/form';
import { sizedPlanPart } from '@/core/part';
import type { Run } from '@/core/records';
import { madeActs } from '@/store';
import { Act, LabelledChoice } from '@/ui/fields';
import { useUnits, useWorkspace, workspaceStore } from '@/ui/state';
import { Box, HStack } from '@chakra-ui/react';
import { useState } from 'react';
import type { PieceModel } from '../model/use-piece';

const HIGH = 190;
const WIDE = 260;

/** The rounds of a piece: any two laid over each other, an earlier one taken back. */
export function Rounds({ piece, runs }: { piece: PieceModel; runs: readonly Run[] }) {
  const { workspace } = useWorkspace();
  const { length } = useUnits();
  const rounds = runs.filter(({ as }) => as !== undefined);
  const [first, setFirst] = useState(rounds.at(-1)?.id ?? '');
  const [second, setSecond] = useState('now');
  if (rounds.length === 0) return null;
  const sizedAs = (key: string) => {
    if (key === 'now') return piece.worked.sized;
    const as = rounds.find(({ id }) => id === key)?.as;
    const made = as && sizedPlanPart(workspace, as, String);
    return made?.ok ? made.value.sized : undefined;
  };
  const options = rounds.map(({ id, date }) => ({ value: id, words: date }));
  const [one, other] = [sizedAs(first), sizedAs(second)];
  const taken = rounds.find(({ id }) => id === first);
  const sizes = (sized: typeof one) =>
    sized && `${length(sized.stages.glazed.sizes.height)} high, ⌀ ${length(sized.stages.glazed.sizes.rimDiameter)}`;
  return (
    <Box as="section" aria-label="Rounds" marginTop="4">
      <HStack gap="3" flexWrap="wrap" alignItems="flex-end">
        <LabelledChoice label="Compare the run of" value={first} options={options} onChoose={setFirst} />
        <LabelledChoice
          label="with"
          value={second}
          options={[{ value: 'now', words: 'the current target' }, ...options]}
          onChoose={setSecond}
        />
        {taken && (
          <Act onClick={() => workspaceStore().runAndTell(madeActs.takeRound(taken))}>Go back to the sizes of {taken.date} again</Act>
        )}
      </HStack>
      {one && other && (
        <HStack gap="4" flexWrap="wrap" marginTop="2">
          <Laid over={[one.fired, other.fired]} />
          <Box fontSize="sm">
            <Box color="glazed">
              <b>solid:</b> {sizes(one)}
            </Box>
            <Box color="act">
              <b>dashed:</b> {sizes(other)}
            </Box>
            {taken?.note && <Box marginTop="1">{taken.note}</Box>}
          </Box>
        </HStack>
      )}
    </Box>
  );
}

/** Two finished sections at one scale, standing on one line. */
function Laid({ over: [one, other] }: { over: readonly [Outline, Outline] }) {
  const high = Math.max(one.inside[0]!.z, other.inside[0]!.z);
  const wide = 2 * Math.max(widest(one.side), widest(other.side));
  const scale = Math.min((HIGH - 10) / high, (WIDE - 10) / wide);
  const path = (outline: Outline) =>
    ([1, -1] as const)
      .map(
        (side) =>
          `M${sectionOf(outline)
            .map(({ r, z }) => `${(WIDE / 2 + side * r * scale).toFixed(1)} ${(HIGH - 4 - z * scale).toFixed(1)}`)
            .join('L')}Z`,
      )
      .join('');
  return (
    <svg width={WIDE} height={HIGH} role="img" aria-label="Both rounds, finished, with each other">
      <path d={path(one)} fill="var(--chakra-colors-glazed-wash)" stroke="var(--chakra-colors-glazed)" strokeWidth="1.4" />
      <path d={path(other)} fill="none" stroke="var(--chakra-colors-act)" strokeWidth="1.6" strokeDasharray="5 3" />
    </svg>
  );
}
