'use client';

import type { Tester } from '@/core/sizing';
import { OptionalLength, OptionalMass } from '@/ui/fields';
import { Box, HStack } from '@chakra-ui/react';
import { Block } from '@/ui/blocks';
import type { PieceModel } from '../model/use-piece';
import { TestPicture } from './test-picture';
import { testerBall } from './tester-ball';

/** The first piece of a plan: the ball it took and what came of it correct the ball for the run. */
export function TestPanel({ piece }: { piece: PieceModel }) {
  const { part, worked } = piece;
  const { thrown, stages } = worked.sized;
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
  const ball = testerBall(piece);
  return (
    <Block title="Test piece, as thrown">
      <TestPicture piece={piece} />
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
      </HStack>
      {ball && !ball.ok && (
        <Box role="alert" color="bad" fontSize="sm">
          {ball.problem.message}
        </Box>
      )}
    </Block>
  );
}
