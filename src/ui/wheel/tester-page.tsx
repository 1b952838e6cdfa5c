'use client';

import { type Tester, ballFromTester } from '@/core/sizing';
import { handMass, text, writeLength, writeMass } from '@/core/units';
import { type Plan, clayOf, matterIn, sizePart } from '@/core/workspace';
import { commands } from '@/store';
import { stepOf } from '@/ui/fields';
import { run, useUnits, useWorkspace } from '@/ui/state';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { Big } from './big';

const G_PER_STEP = { g: 5, 'lb-oz': 28.349523125 / 4 };

/** The first piece noted in taps: its ball, its rim and its mouth, starting from what was planned; and the ball the run wants. */
export function TesterPage({ plan }: { plan: Plan }) {
  const { workspace } = useWorkspace();
  const units = useUnits();
  const { choice } = units;
  const [part] = plan.parts;
  const made = sizePart(part, clayOf(workspace, part).figures, units.length, matterIn(workspace));
  if (!made.ok) return null;
  const { clay, sized } = made.value;
  const { tester } = part;
  const planned: Tester = {
    ballG: handMass(sized.masses.ball, choice),
    height: Math.round(sized.thrown.gauge),
    mouth: Math.round(sized.stages.wet.sizes.rimDiameter),
  };
  const now: Tester = tester ?? planned;
  const set = (change: Partial<Tester>) => {
    const { ballG, height, mouth } = { ...now, ...change };
    run(
      commands.setPart(
        plan.id,
        { tester: { ballG: Math.max(1, ballG), height: Math.max(1, height), mouth: Math.max(1, mouth) } },
        'tester',
      ),
    );
  };
  const ball = ballFromTester(clay, sized, part.making, now, units.length);
  const mm = stepOf(choice);
  const accept = () =>
    run(
      commands.setPart(
        plan.id,
        { tester: { ...now, accepted: !tester?.accepted } },
        tester?.accepted ? 'tester not taken' : 'run made to the tester',
      ),
    );
  return (
    <Box>
      <chakra.h2 fontSize="30px" fontWeight="680" marginBottom="2">
        Tester: the first one, as thrown
      </chakra.h2>
      <Row
        words="it took a ball of"
        figure={text(writeMass(now.ballG, choice))}
        step={(by) => set({ ballG: now.ballG + by * G_PER_STEP[choice.mass] })}
      />
      <Row
        words="its rim above the bat"
        figure={text(writeLength(now.height, choice))}
        step={(by) => set({ height: now.height + by * mm })}
      />
      <Row words="its mouth, outside" figure={text(writeLength(now.mouth, choice))} step={(by) => set({ mouth: now.mouth + by * mm })} />
      <Box fontSize="24px" color="fg.muted" marginTop="3">
        the run wants a ball of
      </Box>
      <HStack gap="5" flexWrap="wrap">
        <Box color="wet" fontFamily="figure" fontWeight="680" fontSize="clamp(64px, 13vh, 120px)" lineHeight="1" data-wheel-tester>
          {ball.ok ? text(writeMass(handMass(ball.value, choice), choice)) : '–'}
        </Box>
        <Big look={tester?.accepted ? 'solid' : 'plain'} aria-pressed={tester?.accepted === true} disabled={!ball.ok} onClick={accept}>
          {tester?.accepted ? 'The run is made to this' : 'Make the run to this'}
        </Big>
      </HStack>
      {!ball.ok && (
        <Box role="alert" color="bad" fontSize="20px">
          {ball.problem.message}
        </Box>
      )}
    </Box>
  );
}

function Row({ words, figure, step }: { words: string; figure: string; step: (by: 1 | -1) => void }) {
  return (
    <HStack gap="4" marginBottom="2">
      <Big aria-label={`Less: ${words}`} onClick={() => step(-1)}>
        −
      </Big>
      <Box
        color="wet"
        fontFamily="figure"
        fontVariantNumeric="tabular-nums"
        fontWeight="680"
        fontSize="52px"
        lineHeight="1.1"
        minWidth="220px"
      >
        {figure}
      </Box>
      <Big aria-label={`More: ${words}`} onClick={() => step(1)}>
        +
      </Big>
      <Box fontSize="22px" color="fg.muted">
        {words}
      </Box>
    </HStack>
  );
}
