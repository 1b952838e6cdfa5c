'use client';

import { type RuleUnit, type RuledClay, shrinkRule } from '@/core/bench';
import { STAGES, type Stage } from '@/core/clay';
import type { Drawing } from '@/core/paper';
import { madeActs } from '@/store';
import { STAGE_WORDS } from '@/core/sizing';
import { clayNow } from '@/core/part';
import { LabelledChoice, LengthInput } from '@/ui/fields';
import { useUnits, useWorkspace } from '@/ui/state';
import { Box, HStack } from '@chakra-ui/react';
import { type ReactNode, useState } from 'react';
import { Printed } from './printed';

const UNITS: Record<RuleUnit, string> = { mm: 'millimetres', cm: 'centimetres', in: 'inches' };

/** A shrink rule for a clay, and for a second beside it: laid on the clay at a stage it reads the finished size. */
export function useRule(clay: RuledClay, bodyId: string | undefined): { readonly draw: () => Drawing; readonly about: ReactNode } {
  const { workspace } = useWorkspace();
  const [stage, setStage] = useState<Stage>('wet');
  const { length, choice } = useUnits();
  const own: RuleUnit = choice.length === 'inch-fraction' ? 'in' : choice.length;
  const [chosen, setUnit] = useState<RuleUnit | undefined>();
  const unit = chosen ?? own;
  const [typed, setReads] = useState<number | undefined>();
  const reads = typed ?? (unit === 'in' ? 6 * 25.4 : 150);
  const [second, setSecond] = useState('');
  const other = workspace.bodies.find(({ id }) => id === second);
  const known = other && clayNow(workspace, other.id);
  const clays: readonly [RuledClay, ...RuledClay[]] = known
    ? [clay, { body: other.name, cone: known.firing.cone, clay: known.figures }]
    : [clay];
  const date = madeActs.today();
  return {
    draw: () => shrinkRule({ clays, stage, unit, reads, date }),
    about: (
      <HStack gap="4" flexWrap="wrap" alignItems="flex-end" marginTop="1">
        <Box width="8.75rem">
          <LabelledChoice
            label="Used on clay that is"
            value={stage}
            options={STAGES.filter((each) => each !== 'glazed').map((value) => ({ value, words: STAGE_WORDS[value] }))}
            onChoose={setStage}
          />
        </Box>
        <Box width="8.75rem">
          <LabelledChoice
            label="Reads"
            value={unit}
            options={(Object.keys(UNITS) as RuleUnit[]).map((value) => ({ value, words: UNITS[value] }))}
            onChoose={setUnit}
          />
        </Box>
        <Box fontSize="sm" color="fg.muted">
          Reads up to, finished{' '}
          <LengthInput
            label="Rule reads up to"
            mm={reads}
            fixed={unit}
            unit={unit}
            takeMm={(mm) => {
              if (mm < 10 || mm > 1500) return `Enter a length from ${length(10)} to ${length(1500)}.`;
              setReads(mm);
              return undefined;
            }}
            known
            color="glazed"
            style={{ width: '4.5rem', fontSize: '1rem' }}
          />
        </Box>
        <Box width="10rem">
          <LabelledChoice
            label="Second clay on the rule"
            value={second}
            options={[
              { value: '', words: 'none' },
              ...workspace.bodies.filter(({ id }) => id !== bodyId).map(({ id, name }) => ({ value: id, words: name })),
            ]}
            onChoose={setSecond}
          />
        </Box>
      </HStack>
    ),
  };
}

/** The same to look at and print by itself. */
export function RuleMaker({ clay, bodyId }: { clay: RuledClay; bodyId: string | undefined }) {
  const { draw, about } = useRule(clay, bodyId);
  return <Printed title="Shrink rule" drawing={draw()} about={about} />;
}
