/** Sizes computed per second by the core, and by the headless verb with its checks. Prints one line of JSON. */
import { calculate } from '@/core/calc';
import { clayFigures, lengthAt } from '@/core/clay';
import { WAYS, size } from '@/core/sizing';

const CASES = 1000;
const ROUNDS = 40;

const clay = clayFigures({ kind: 'stoneware', shrinkagePercent: 11.5 });
const heights = Array.from({ length: CASES }, (_, i) => 60 + (i % 240));
const form = { family: 'cylinder' as const, rimDiameter: 92, baseDiameter: 84, wall: 4.6, floor: 6.4 };
const cases = heights.map((height) => ({
  body: { kind: 'stoneware', shrinkagePercent: 11.5 },
  form: { ...form, height },
  making: WAYS.trimmed,
}));
const mm = (value: number) => lengthAt('glazed', value);

let sum = 0;

function perSecond(round: () => void): number {
  for (let i = 0; i < 5; i += 1) round();
  const start = performance.now();
  for (let i = 0; i < ROUNDS; i += 1) round();
  return Math.round((CASES * ROUNDS) / ((performance.now() - start) / 1000));
}

const core = perSecond(() => {
  for (const height of heights) {
    const cup = {
      family: 'cylinder' as const,
      height: mm(height),
      rimDiameter: mm(92),
      baseDiameter: mm(84),
      wall: mm(4.6),
      floor: mm(6.4),
    };
    sum += size(clay, cup, 'glazed', WAYS.trimmed).masses.ball;
  }
});

const verb = perSecond(() => {
  if (!calculate('size', cases).ok) throw new Error('a case was refused');
});

console.log(JSON.stringify({ core, verb, sum: Math.round(sum) }));
