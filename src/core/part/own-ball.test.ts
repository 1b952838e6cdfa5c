import { WAYS } from '@/core/sizing';
import { describe, expect, it } from 'vitest';
import { EMPTY, type Part, shopRows, type Workspace } from '@/core/records';
import { finishedSizes, ratioOf, saidBall, shortWall, sizedPlanPart, startedPart, thrownBall } from '.';

const body = { id: 'own', name: 'Own', kind: 'stoneware', note: '', createdAt: '2026-01-01T00:00:00.000Z' } as const;
const workspace: Workspace = { ...EMPTY, bodies: [body] };
const mug = (height: number, rimDiameter: number, more: Partial<Part> = {}): Part => ({
  id: 'a',
  name: 'pot',
  family: 'cylinder',
  manner: { foot: 'flat' },
  sizes: finishedSizes({ height, rimDiameter, baseDiameter: rimDiameter, wall: 4, floor: 5 }),
  bodyId: 'own',
  way: 'trimmed',
  making: WAYS.trimmed,
  ...more,
});

function sized(part: Part, rows = workspace) {
  const made = sizedPlanPart(rows, part, String);
  if (!made.ok) throw new Error(made.problem.message);
  return made.value;
}

describe('a ball somebody says they take', () => {
  const said = { ballG: 350, height: 90, width: 85 };
  const part = mug(90, 85);
  const ratio = ratioOf(part, sized(part), said)!;
  const told = { ...workspace, shop: shopRows({ wheel: { balls: [{ ...said, way: 'trimmed', ratio }] } }) };

  it('counts for that piece to the gram, and for any other made this way by its ratio', () => {
    expect(ratio).toBeCloseTo(350 / sized(part).sized.masses.ball, 9);
    expect(thrownBall(sized(part, told))).toBeCloseTo(350, 9);
    const larger = mug(140, 120);
    expect(thrownBall(sized(larger, told))).toBeCloseTo(sized(larger).sized.masses.ball * ratio, 9);
    expect(sized(larger, told).ratio).toMatchObject({ from: 'said', said });
  });

  it('says nothing of another way of making, nor of what is built by hand', () => {
    const thin = mug(90, 85, { way: 'thickness', making: WAYS.thickness });
    expect(thrownBall(sized(thin, told))).toBe(sized(thin).sized.masses.ball);
    expect(sized(mug(90, 85, { hand: { by: 'coil' } }), told).ratio).toBeUndefined();
  });

  it('of one piece alone comes before it, and the log before both', () => {
    expect(sized(mug(90, 85, { ballRatio: 1.2 }), told).ratio?.median).toBe(1.2);
    expect(thrownBall(sized(mug(90, 85, { knownPiece: { ballG: 500, height: 90, width: 85 } }), told))).toBeCloseTo(500, 9);
    const planned = { height: 100, rimDiameter: 96 };
    const run = {
      id: 'r',
      planId: 'p',
      by: 'wheel',
      way: 'trimmed',
      family: 'cylinder',
      planned,
      ball: 420,
      ballComputed: 400,
      measures: 'ruler',
    };
    const wet = { height: { mm: 100 }, rimDiameter: { mm: 96 } };
    const pieces = [1, 2, 3].map((no) => ({ id: `${no}`, runId: 'r', no, shelf: 'wet', sizes: { wet }, since: {} }));
    const log = { ...told, runs: [run], pieces } as never as Workspace;
    expect(sized(mug(90, 85, { ballRatio: 1.2 }), log).ratio).toMatchObject({
      from: 'log',
      count: 3,
      median: expect.closeTo(1.05, 9) as number,
    });
  });

  it('that is too little for the planned wall says what wall it is enough for, and teaches nothing of other pieces', () => {
    const wall = (ballG: number) => shortWall(mug(90, 85, { knownPiece: { ...said, ballG } }), sized(part));
    const teaches = (ballG: number) => saidBall(mug(90, 85, { knownPiece: { ...said, ballG } }), sized(part));
    const calculated = sized(part).sized.masses.ball;
    expect([wall(calculated), wall(calculated * 0.96)]).toEqual([undefined, undefined]);
    expect(teaches(calculated * 0.96)?.ratio).toBeCloseTo(0.96, 6);
    const thin = wall(calculated * 0.8)!;
    expect(thin).toBeGreaterThan(1);
    expect(thin).toBeLessThan(4);
    // thrown that thin it takes just that ball
    expect(sized(mug(90, 85, { sizes: { ...part.sizes, wall: [{ mm: thin, at: 'glazed' }] } })).sized.masses.ball).toBeCloseTo(
      calculated * 0.8,
      3,
    );
    expect(teaches(calculated * 0.8)).toBeUndefined();
    expect(wall(40)).toBe(0);
    const write = { length: String, mass: (g: number) => `${g} g`, volume: String };
    const start = startedPart(
      workspace,
      { kind: 'ball', ballG: 40, across: 85, high: 90 },
      { family: 'cylinder', bodyId: 'own', way: 'trimmed' },
      'b',
      write,
    );
    expect(start.ok ? '' : start.problem.message).toBe('40 g is too little for this size, however thin the wall.');
  });
});
