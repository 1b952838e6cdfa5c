'use client';

import { type Tester, ballFromTester } from '@/core/sizing';
import { fineMass, text, writeMass } from '@/core/units';
import { Act, OptionalLength, OptionalMass } from '@/ui/fields';
import { lessThanPiece } from '@/ui/steps';
import { Box, HStack } from '@chakra-ui/react';
import { Block } from '@/ui/blocks';
import type { PieceModel } from '../model/use-piece';

/** The first piece of a plan: the ball it took and what came of it correct the ball for the run. */
export function TestPanel({ piece }: { piece: PieceModel }) {
  const { part, worked, units } = piece;
  const { thrown, stages, masses } = worked.sized;
  const { tester } = part;
  const set = (change: Partial<Tester>, key: string) => {
    return piece.takePart(
      (each) => {
        const now: Tester = { ballG: 0, height: thrown.gauge, mouth: stages.wet.sizes.rimDiameter, ...each.tester, ...change };
        return { tester: now.ballG > 0 ? { ballG: now.ballG, height: now.height, mouth: now.mouth } : undefined };
      },
      'test piece',
      key,
    );
  };
  const ball = tester && ballFromTester(worked.clay, worked.sized, worked.making, tester, units.length);
  const more = ball?.ok ? (ball.value / masses.ball - 1) * 100 : 0;
  return (
    <Block title="Test piece, as thrown">
      <HStack gap="4" flexWrap="wrap" alignItems="flex-start">
        <OptionalMass label="Ball used" width="8.125rem" value={tester?.ballG} onValue={(ballG, key) => set({ ballG: ballG ?? 0 }, key)} />
        {tester && (
          <>
            <OptionalLength
              label="Rim above the bat"
              width="9.375rem"
              value={tester.height}
              onValue={(height, key) => set({ height: height || thrown.gauge }, key)}
            />
            <OptionalLength
              label="Mouth, outside"
              width="8.75rem"
              value={tester.mouth}
              onValue={(mouth, key) => set({ mouth: mouth || stages.wet.sizes.rimDiameter }, key)}
            />
          </>
        )}
        {ball?.ok && (
          <Box>
            <Box fontSize="sm" color="fg.muted">
              ball for the rest
            </Box>
            <Box
              color="wet"
              fontFamily="figure"
              fontVariantNumeric="tabular-nums"
              fontSize="1.75rem"
              fontWeight="680"
              lineHeight="1.15"
              data-tester
            >
              {text(writeMass(fineMass(ball.value, units.choice), units.choice))}
            </Box>
            <Box fontSize="sm" color="fg.muted">
              {Math.abs(more).toFixed(0)}% {more < 0 ? 'less' : 'more'} than calculated
            </Box>
          </Box>
        )}
        {tester && ball?.ok && (
          <Box paddingTop="4">
            <Act
              look={tester.accepted ? 'plain' : 'solid'}
              aria-pressed={tester.accepted === true}
              onClick={() =>
                piece.takePart(
                  (each) => (each.tester ? { tester: { ...each.tester, accepted: !each.tester.accepted } } : {}),
                  tester.accepted ? 'test piece not used' : 'ball by the test piece',
                )
              }
            >
              {tester.accepted ? 'This ball is used' : 'Use this ball'}
            </Act>
          </Box>
        )}
      </HStack>
      {ball?.ok && ball.value < masses.trimmed && (
        <Box role="note" color="warn" fontSize="sm">
          {lessThanPiece(masses.trimmed, units)}
        </Box>
      )}
      {ball && !ball.ok && (
        <Box role="alert" color="bad" fontSize="sm">
          {ball.problem.message}
        </Box>
      )}
    </Block>
  );
}
