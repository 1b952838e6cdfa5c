'use client';

import { type Tester, ballFromTester } from '@/core/sizing';
import { fineMass, good, handMass, text, writeLength, writeMass } from '@/core/units';
import { sizedPlanPart, thrownBall } from '@/core/part';
import { type Part, partRef, type Plan } from '@/core/records';
import { commands, madeActs } from '@/store';
import { stepOf } from '@/ui/fields';
import { run, useUnits, useWorkspace } from '@/ui/state';
import { lessThanPiece } from '@/ui/steps';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { Big } from './big';
import { Stepped } from './stepped';

const G_PER_STEP = { g: 5, 'lb-oz': 28.349523125 / 4 };

/** The first piece noted in taps: its ball, its rim and its mouth, starting from what was planned; and the ball for the rest. */
export function TesterPage({ plan, part }: { plan: Plan; part: Part }) {
  const { workspace } = useWorkspace();
  const units = useUnits();
  const { choice } = units;
  const made = sizedPlanPart(workspace, part, units.length);
  if (!made.ok) return null;
  const { clay, sized, making } = made.value;
  const { tester } = part;
  const toWeigh = thrownBall({ ...made.value, part: { ...part, tester: undefined } }) ?? sized.masses.ball;
  const planned: Tester = {
    ballG: handMass(toWeigh, choice),
    height: Math.round(sized.thrown.gauge),
    mouth: Math.round(sized.stages.wet.sizes.rimDiameter),
  };
  const now: Tester = tester ?? planned;
  const nowOf = (each: Part): Tester => each.tester ?? planned;
  // from the tester as it is then: another tab may have stepped it meanwhile
  const step = (name: keyof Tester, by: number) =>
    run(
      madeActs.atWheel(
        partRef(plan, part),
        commands.setPart(
          partRef(plan, part),
          (each) => {
            const { ballG, height, mouth } = nowOf(each);
            const tester = { ballG, height, mouth };
            return { tester: { ...tester, [name]: Math.max(1, tester[name] + by) } };
          },
          'test piece',
        ),
      ),
    );
  // while nothing is noted of it the rest take what it takes
  const ball = tester ? ballFromTester(clay, sized, making, tester, units.length) : good(planned.ballG);
  const mm = stepOf(choice);
  const accept = () =>
    run(
      madeActs.atWheel(
        partRef(plan, part),
        commands.setPart(
          partRef(plan, part),
          (each) => ({ tester: { ...nowOf(each), accepted: !each.tester?.accepted } }),
          tester?.accepted ? 'test piece not used' : 'ball from the test piece',
        ),
      ),
    );
  return (
    <Box display="flex" flexDirection="column">
      <chakra.h2 fontSize={{ base: '20px', md: '30px' }} fontWeight="680" marginBottom="2">
        Test piece, as thrown
      </chakra.h2>
      <Stepped words="Ball used" figure={text(writeMass(now.ballG, choice))} step={(by) => step('ballG', by * G_PER_STEP[choice.mass])} />
      <Stepped words="Rim above the bat" figure={text(writeLength(now.height, choice))} step={(by) => step('height', by * mm)} />
      <Stepped words="its mouth, outside" figure={text(writeLength(now.mouth, choice))} step={(by) => step('mouth', by * mm)} />
      {/* on a phone what it comes to stands above what is set, which may lie under the bar */}
      <Box order={{ base: -1, md: 0 }} marginBottom={{ base: '3', md: '0' }}>
        <Box fontSize="24px" color="fg.muted" marginTop="3">
          ball for the rest
        </Box>
        <HStack gap="5" flexWrap="wrap">
          <Box color="wet" fontFamily="figure" fontWeight="680" fontSize="clamp(64px, 13vh, 120px)" lineHeight="1" data-wheel-tester>
            {ball.ok ? text(writeMass(fineMass(ball.value, choice), choice)) : '–'}
          </Box>
          <Big look={tester?.accepted ? 'solid' : 'plain'} aria-pressed={tester?.accepted === true} disabled={!ball.ok} onClick={accept}>
            {tester?.accepted ? 'This ball is used' : 'Use this ball'}
          </Big>
        </HStack>
        {ball.ok && ball.value < sized.masses.trimmed && (
          <Box role="note" color="warn" fontSize="20px" maxWidth="760px">
            {lessThanPiece(sized.masses.trimmed, units)}
          </Box>
        )}
        {!ball.ok && (
          <Box role="alert" color="bad" fontSize="20px">
            {ball.problem.message}
          </Box>
        )}
      </Box>
    </Box>
  );
}
