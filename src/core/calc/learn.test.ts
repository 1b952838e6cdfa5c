import { describe, expect, it } from 'vitest';
import { calculate } from '.';

const body = { kind: 'stoneware', shrinkagePercent: 11.5, bars: [{ wet: 100, glazed: 88.4, tool: 'caliper' }] };

interface Learned {
  belief: Record<string, number>;
  made: readonly ({ hand: number; clay: number } | null)[];
  ballRatio: { median: number; spread: number; count: number } | null;
}

function learn(made: readonly object[]): Learned {
  const answer = calculate('learn', { body, made });
  if (!answer.ok) throw new Error(answer.problem.message);
  return answer.value as Learned;
}

function refused(made: object) {
  const answer = calculate('learn', { body, made: [{ planned: 100, fired: 88, ...made }] });
  return answer.ok ? undefined : answer.problem;
}

describe('learn', () => {
  it('meets its reference case', () => {
    const found = learn([
      { planned: 104, thrown: 104.6, tool: 'ruler', fired: 92.1, firedTool: 'caliper' },
      { planned: 104, fired: 91.2, firedTool: 'caliper' },
      { planned: 104, thrown: 103.2, tool: 'caliper', fired: 91, firedTool: 'caliper' },
    ]);
    expect(found.belief['meanPercent']).toBeCloseTo(11.7986, 4);
    expect(found.belief['weight']).toBeCloseTo(2.85997, 5);
    expect(found.belief['commonSdPercent']).toBeCloseTo(0.179488, 6);
    expect(found.belief['pieceSdPercent']).toBeCloseTo(0.309972, 6);
    expect(found.made[0]!.hand).toBeCloseTo(0.530466, 5);
    expect(found.made[0]!.clay).toBeCloseTo(-0.377964, 5);
    expect(found.made[1]).toBeNull();
    expect(found.ballRatio).toBeNull();
  });

  it('tells the ball ratio from three on', () => {
    const made = [1.04, 1.08, 0.99, 1.11, 1.05].map((ball) => ({ planned: 100, fired: 88, ball: ball * 500, ballComputed: 500 }));
    const { ballRatio } = learn(made);
    expect(ballRatio).toEqual({ median: expect.closeTo(1.05, 9), spread: expect.closeTo(0.044478, 6), count: 5 });
    expect(learn(made.slice(0, 2)).ballRatio).toBeNull();
  });

  it('refuses what was not measured so, and a piece that grew, with the place', () => {
    expect(refused({ tool: 'ruler' })?.path).toBe('made.0.tool');
    expect(refused({ thrown: 100, tool: 'gauge' })?.path).toBe('made.0.tool');
    expect(refused({ fired: 101 })).toMatchObject({ path: 'made.0.fired', message: expect.stringMatching(/clay shrinks/) });
  });
});
