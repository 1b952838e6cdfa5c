'use client';

import { STAGES, convert, lengthAt } from '@/core/clay';
import { readLength } from '@/core/units';
import { type KnownClay, clayOf } from '@/core/workspace';
import { commands } from '@/store';
import { run, useUnits, useWorkspace } from '@/ui/state';
import { StageName } from '@/ui/stage';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { useRouter, useSearchParams } from 'next/navigation';
import { Suspense, useEffect, useRef, useState } from 'react';
import { tinykeys } from 'tinykeys';

const typing = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && (target.matches('input, textarea, select') || target.isContentEditable);

/** The clay a quick size is for: that of the piece this tab has open, else of the one open last, else the first clay. */
function useCurrentClay() {
  const { workspace } = useWorkspace();
  const { plans, bodies, settings } = workspace;
  const asked = useSearchParams().get('plan');
  const plan = plans.find(({ id }) => id === asked) ?? plans.find(({ id }) => id === settings.openPlanId) ?? plans[0];
  return clayOf(workspace, plan ? plan.parts[0] : { bodyId: bodies[0]?.id });
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
  const clay = useCurrentClay();
  const units = useUnits();
  const router = useRouter();
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
    input.current?.blur();
  };
  const make = () => {
    if (!read?.ok) return;
    const { act, id } = commands.createPlan({
      name: `Cup, ${units.length(read.value)} across`,
      rimDiameter: read.value,
      bodyId: clay.body?.id,
    });
    run(act);
    close();
    router.push(`/?plan=${id}`);
  };

  return (
    <Box position="relative" flex={{ base: '1', md: 'none' }} width={{ md: '270px' }}>
      <chakra.input
        ref={input}
        value={typed}
        onChange={(event) => setTyped(event.currentTarget.value)}
        onFocus={() => setOpen(true)}
        onBlur={() => setOpen(false)}
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
        {read && (read.ok ? <QuickAnswer mm={read.value} clay={clay} /> : <Box color="bad">{read.problem.message}</Box>)}
      </Box>
    </Box>
  );
}

function QuickAnswer({ mm, clay: { body, figures } }: { mm: number; clay: KnownClay }) {
  const units = useUnits();
  const { shrinkage } = figures;
  const finished = lengthAt('glazed', mm);
  return (
    <>
      <Box fontSize="sm" color="fg.muted">
        to finish at {units.length(mm)} across in {body?.name ?? 'typical stoneware'}
      </Box>
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
