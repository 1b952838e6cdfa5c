'use client';

import { STAGES, convert, lengthAt } from '@/core/clay';
import { clayOf, type KnownClay, newestBatch } from '@/core/part';
import { mainPart } from '@/core/records';
import { useUnits, useWorkspace } from '@/ui/state';
import { Choice } from '@/ui/fields';
import { StageName } from '@/ui/stage';
import { Box, HStack } from '@chakra-ui/react';
import { usePathname, useSearchParams } from 'next/navigation';

/**
 * The clay a quick size is for: one chosen here, else the clay in view: a clay's own page, with its newest batch, or the piece
 * that is open; else that of the piece open last.
 */
export function useCurrentClay(chosen: string | undefined): KnownClay {
  const { workspace } = useWorkspace();
  const { plans, bodies, settings } = workspace;
  const asked = useSearchParams();
  const atClay = usePathname() === '/clay';
  const page = atClay ? bodies.find(({ id }) => id === asked.get('body')) : undefined;
  const ofBody = (bodyId: string | undefined) => clayOf(workspace, { bodyId, batchId: bodyId && newestBatch(workspace, bodyId)?.id });
  if (chosen !== undefined) return ofBody(chosen);
  if (page) return ofBody(page.id);
  const plan = plans.find(({ id }) => id === asked.get('plan')) ?? plans.find(({ id }) => id === settings.openPlanId) ?? plans[0];
  return plan ? clayOf(workspace, mainPart(plan)) : ofBody(bodies[0]?.id);
}

interface AnswerProps {
  readonly mm: number;
  readonly clay: KnownClay;
  readonly onClay: (bodyId: string) => void;
}

/** A finished size at every stage of a clay. */
export function SizeAnswer({ mm, clay: { body, figures }, onClay }: AnswerProps) {
  const units = useUnits();
  const { bodies } = useWorkspace().workspace;
  const { shrinkage } = figures;
  const finished = lengthAt('glazed', mm);
  return (
    <>
      <HStack fontSize="sm" color="fg.muted" flexWrap="wrap" gap="2">
        <span>to finish at {units.length(mm)} across in</span>
        {bodies.length > 0 ? (
          <Choice
            label="Clay"
            value={body?.id ?? ''}
            options={[
              ...(body ? [] : [{ value: '', words: 'typical stoneware' }]),
              ...bodies.map(({ id, name }) => ({ value: id, words: name })),
            ]}
            onChoose={onClay}
          />
        ) : (
          'typical stoneware'
        )}
      </HStack>
      {STAGES.map((stage) => (
        <HStack key={stage} justifyContent="space-between" color={stage} fontSize={stage === 'wet' ? '1.75rem' : '1.0625rem'}>
          <Box fontSize="0.9375rem">
            <StageName stage={stage} />
          </Box>
          <Box fontFamily="figure" fontVariantNumeric="tabular-nums" fontWeight={stage === 'wet' ? 700 : 550} data-quick={stage}>
            {units.length(convert(finished, 'glazed', stage, shrinkage, 'width'))}
          </Box>
        </HStack>
      ))}
    </>
  );
}
