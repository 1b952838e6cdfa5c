import { ballFromTester } from '@/core/sizing';
import type { Result } from '@/core/units';
import type { PieceModel } from '../model/use-piece';

/** The ball for the rest, g, as the test piece says it; none until its ball was entered. */
export const testerBall = ({ part: { tester }, worked, units }: PieceModel): Result<number> | undefined =>
  tester && ballFromTester(worked.clay, worked.sized, worked.making, tester, units.length);
