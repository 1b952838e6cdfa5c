/** Sizes computed per second by the core, and by the headless verb with its checks. Prints one line of JSON. */
import { calculate } from '@/core/calc';
import { readFileSync } from 'node:fs';
import { shrinkRule } from '@/core/bench';
import { clayFigures } from '@/core/clay';
import { bestWidth, drawnGaps, gapOf, helpsFor, normalFrom, oddsOf, pairUp } from '@/core/fit';
import { tile } from '@/core/paper';
import { writePdf } from '@/core/print';
import { FAMILIES, FAMILY_NAMES, type FamilyName, formOf } from '@/core/form';
import { WAYS, size, wheelSteps } from '@/core/sizing';
import { finishedSizes, handWork, sizePart } from '@/core/part';
import { EMPTY } from '@/core/records';
import jStat from 'jstat';

const CASES = 1000;
const ROUNDS = 40;

const clay = clayFigures({ kind: 'stoneware', shrinkagePercent: 11.5 });
const heights = Array.from({ length: CASES }, (_, i) => 60 + (i % 240));
const sizes = { rimDiameter: 92, baseDiameter: 84, wall: 4.6, floor: 6.4 };
const cases = heights.map((height) => ({
  body: { kind: 'stoneware', shrinkagePercent: 11.5 },
  form: { family: 'cylinder', ...sizes, height },
  making: WAYS.trimmed,
}));
let sum = 0;

function perSecond(round: () => void): number {
  for (let i = 0; i < 5; i += 1) round();
  const start = performance.now();
  for (let i = 0; i < ROUNDS; i += 1) round();
  return Math.round((CASES * ROUNDS) / ((performance.now() - start) / 1000));
}

const core = perSecond(() => {
  for (const height of heights) {
    const cup = formOf({ family: 'cylinder', manner: { foot: 'flat' } }, 'glazed', { ...sizes, height });
    sum += size(clay, cup, 'glazed', WAYS.trimmed).masses.ball;
  }
});

/** A keystroke on each family: everything the Piece screen works out, ms, each time with another height. */
function keystroke(family: FamilyName): number {
  const { manner, knots, typical } = FAMILIES[family];
  const known = (height: number) => finishedSizes({ ...typical, height: typical.height! + height });
  const part = { id: 'part', name: 'pot', way: 'trimmed' as const, family, manner, knots, making: WAYS.trimmed };
  const once = (i: number) => {
    const typed = { ...part, sizes: known((i % 40) / 10) };
    const worked = sizePart(typed, clay, String);
    if (!worked.ok) throw new Error(worked.problem.message);
    const hand = handWork(typed, worked.value, EMPTY);
    if (hand) sum += hand.totalG ?? 0;
    else sum += wheelSteps(clay, worked.value.sized, part.making).puck.height;
  };
  for (let i = 0; i < 40; i += 1) once(i);
  const start = performance.now();
  for (let i = 0; i < 200; i += 1) once(i);
  return (performance.now() - start) / 200;
}

const keystrokes = Object.fromEntries(FAMILY_NAMES.map((family) => [family, Math.round(keystroke(family) * 100) / 100]));

const verb = perSecond(() => {
  if (!calculate('size', cases).ok) throw new Error('a case was refused');
});

/** A rule of ten pages as a PDF, ms, and how many pages it was. */
function pdf(): { ms: number; pages: number } {
  const font = new Uint8Array(readFileSync('public/fonts/atkinson-hyperlegible-next-latin.ttf')).buffer;
  const drawing = shrinkRule({ clays: [{ body: 'Heron Buff', clay }], stage: 'wet', unit: 'mm', reads: 1500, date: '2026-11-23' });
  const [first, ...rest] = tile(drawing, 'a4').slice(0, 10);
  writePdf([first!, ...rest], font);
  const start = performance.now();
  writePdf([first!, ...rest], font);
  return { ms: Math.round(performance.now() - start), pages: rest.length + 1 };
}

const wide = (at: 'leather', diameter: number) => ({ clay, at, diameter, toolSd: 0.5, ovalitySd: 0.6 });
const PAIR = { mouth: wide('leather', 110), lid: wide('leather', 107.5), sameFiring: true };
const GAP = { min: 0.5, max: 2.2 };
const DRAWS = 200_000;

/** How long something takes the second time, ms. */
function taking(does: () => number): number {
  sum += does();
  const start = performance.now();
  sum += does();
  return Math.round((performance.now() - start) * 10) / 10;
}

/** The same firings drawn and classified with a general statistics library. */
function drawnByLibrary(): number {
  const { mean, pieceSd } = clay.belief;
  const share = clay.shrinkage.shares.leather;
  let good = 0;
  for (let i = 0; i < DRAWS; i += 1) {
    const common = jStat.normal.sample(0, clay.belief.commonSd);
    const done = jStat.normal.sample(share, 0.06);
    const [mouth, lid] = [110, 107.5].map((diameter, side) => {
      const s = mean + common + jStat.normal.sample(0, pieceSd);
      const oval = Math.abs(jStat.normal.sample(0, 0.6)) / 2;
      return ((diameter + jStat.normal.sample(0, 0.5)) * (1 - s)) / (1 - done * s) + (side === 0 ? -oval : oval);
    }) as [number, number];
    if (mouth - lid >= GAP.min && mouth - lid <= GAP.max) good += 1;
  }
  return good / DRAWS;
}

const widths = (from: number) => Array.from({ length: 60 }, (_, i) => from + ((i * 37) % 60) / 20);
const fit = {
  odds: taking(() => oddsOf(gapOf(PAIR), GAP).good),
  best: taking(() => bestWidth(PAIR, 'mouth', GAP).diameter),
  helps: taking(() => helpsFor(PAIR, 'mouth', GAP).length),
  drawn: taking(() => drawnGaps(PAIR, GAP, DRAWS, normalFrom(1)).odds.good),
  byLibrary: taking(drawnByLibrary),
  paired: taking(() => pairUp(widths(71), widths(70), GAP).pairs.length),
};

console.log(JSON.stringify({ core, verb, keystrokes, pdf: pdf(), fit, sum: Math.round(sum) }));
