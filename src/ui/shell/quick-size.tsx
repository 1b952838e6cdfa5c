'use client';

import { STAGES, convert, lengthAt } from '@/core/clay';
import { readLength } from '@/core/units';
import { type KnownClay, clayOf, newestBatch } from '@/core/workspace';
import { commands } from '@/store';
import { useGo, useUnits, useWorkspace } from '@/ui/state';
import { Choice } from '@/ui/fields';
import { StageName } from '@/ui/stage';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { usePathname, useSearchParams } from 'next/navigation';
import { Suspense, useEffect, useRef, useState } from 'react';
import { tinykeys } from 'tinykeys';

const typing = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && (target.matches('input, textarea, select') || target.isContentEditable);

/**
 * The clay a quick size is for: one chosen here, else the clay in view: a clay's own page, with its newest batch, or the piece
 * that is open; else that of the piece open last.
 */
function useCurrentClay(chosen: string | undefined): KnownClay {
  const { workspace } = useWorkspace();
  const { plans, bodies, settings } = workspace;
  const asked = useSearchParams();
  const atClay = usePathname() === '/clay';
  const page = atClay ? bodies.find(({ id }) => id === asked.get('body')) : undefined;
  const ofBody = (bodyId: string | undefined) => clayOf(workspace, { bodyId, batchId: bodyId && newestBatch(workspace, bodyId)?.id });
  if (chosen !== undefined) return ofBody(chosen);
  if (page) return ofBody(page.id);
  const plan = plans.find(({ id }) => id === asked.get('plan')) ?? plans.find(({ id }) => id === settings.openPlanId) ?? plans[0];
  return plan ? clayOf(workspace, plan.parts[0]) : ofBody(bodies[0]?.id);
}

/** From anywhere: a finished size typed here is read at every stage at once; Enter makes a cup of it. */
export function QuickSize() {
  return (
    <Suspense>
      <QuickField />
    </Suspense>
  );
}

function QuickField() {
  const [chosen, setChosen] = useState<string | undefined>();
  const clay = useCurrentClay(chosen);
  const units = useUnits();
  const go = useGo();
  const input = useRef<HTMLInputElement>(null);
  const [typed, setTyped] = useState('');
  const [open, setOpen] = useState(false);

  useEffect(
    () =>
      tinykeys(window, {
        '/': (event) => {
          if (typing(event.target)) return;
          event.preventDefault();
          input.current?.focus();
        },
      }),
    [],
  );

  const read = typed.trim() === '' ? undefined : readLength(typed, units.readLength);
  const close = () => {
    setTyped('');
    setOpen(false);
    setChosen(undefined);
    input.current?.blur();
  };
  const make = () => {
    if (!read?.ok) return;
    const { act, id } = commands.createPlan({
      name: `Cup, ${units.plain(read.value)} across`,
      rimDiameter: read.value,
      bodyId: clay.body?.id,
    });
    close();
    go(act, `/?plan=${id}`);
  };

  return (
    <Box
      position="relative"
      flex={{ base: '1', md: 'none' }}
      width={{ md: '270px' }}
      // open while the cursor is in the field or in the choice of the clay
      onBlur={({ currentTarget, relatedTarget }) => {
        if (!currentTarget.contains(relatedTarget)) setOpen(false);
      }}
    >
      <chakra.input
        ref={input}
        value={typed}
        onChange={(event) => setTyped(event.currentTarget.value)}
        onFocus={() => setOpen(true)}
        onKeyDown={(event) => {
          if (event.key === 'Enter') make();
          if (event.key === 'Escape') close();
        }}
        aria-label="Quick size: a finished size"
        aria-describedby="quick-size-answer"
        aria-invalid={read && !read.ok ? true : undefined}
        placeholder="finished size → wet   /"
        autoComplete="off"
        spellCheck={false}
        width="100%"
        minHeight="44px"
        paddingInline="3"
        background="rgba(255,255,255,0.12)"
        color="bar.fg"
        borderRadius="4px"
        _placeholder={{ color: 'bar.muted' }}
        _focusVisible={{ outlineColor: '#8fd0b6' }}
      />
      <Box
        id="quick-size-answer"
        role="status"
        display={open && read ? 'block' : 'none'}
        position="absolute"
        top="100%"
        left={{ base: '0', md: 'auto' }}
        right={{ md: '0' }}
        zIndex="40"
        width={{ base: 'calc(100vw - 16px)', md: '330px' }}
        marginTop="1"
        padding="3"
        background="bg.raised"
        color="fg"
        borderWidth="1px"
        borderColor="line.strong"
        borderRadius="4px"
      >
        {read && (read.ok ? <QuickAnswer mm={read.value} clay={clay} onClay={setChosen} /> : <Box color="bad">{read.problem.message}</Box>)}
      </Box>
    </Box>
  );
}

interface AnswerProps {
  readonly mm: number;
  readonly clay: KnownClay;
  readonly onClay: (bodyId: string) => void;
}

function QuickAnswer({ mm, clay: { body, figures }, onClay }: AnswerProps) {
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
            label="Clay of the quick size"
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
        <HStack key={stage} justifyContent="space-between" color={stage} fontSize={stage === 'wet' ? '28px' : '17px'}>
          <Box fontSize="15px">
            <StageName stage={stage} />
          </Box>
          <Box fontFamily="figure" fontVariantNumeric="tabular-nums" fontWeight={stage === 'wet' ? 700 : 550} data-quick={stage}>
            {units.length(convert(finished, 'glazed', stage, shrinkage, 'width'))}
          </Box>
        </HStack>
      ))}
      <Box fontSize="sm" color="fg.muted" marginTop="1">
        Enter makes a cup this wide at the mouth
      </Box>
    </>
  );
}
