import { describe, expect, it } from 'vitest';
import { type VerbName, calculate } from '.';

/** The reference cases of what a workshop teaches: caliper bars 100 wet, stoneware 11.5 % unless said. */

type Figures = Record<'lean' | 'meanPercent' | 'ratio' | 'goodPercent', number> & Record<string, unknown>;

const answer = (verb: VerbName, input: unknown): Figures => {
  const found = calculate(verb, input);
  if (!found.ok) throw new Error(`${found.problem.path}: ${found.problem.message}`);
  return found.value as never;
};
const near = (figures: Record<string, number>, places = 4) =>
  Object.fromEntries(Object.entries(figures).map(([name, value]) => [name, expect.closeTo(value, places)]));
const refusedAt = (verb: VerbName, input: unknown): string => {
  const found = calculate(verb, input);
  if (found.ok) throw new Error('not refused');
  return found.problem.path;
};

const stoneware = (bars: readonly object[] = [], more: object = {}) => ({
  kind: 'stoneware',
  shrinkagePercent: 11.5,
  bars: bars.map((bar) => ({ tool: 'caliper', ...bar })),
  ...more,
});
const wet = (glazed: number, more: object = {}) => ({ wet: 100, glazed, ...more });

describe('hand', () => {
  const thrown = (values: readonly number[], planned = 101.5) => ({
    tool: 'gauge',
    readings: values.map((each) => ({ planned, thrown: each })),
  });

  it('answers the reference cases', () => {
    expect(answer('hand', thrown([99.7, 99.1, 100.3, 98.6, 99.4, 99.9]))).toMatchObject({
      ...near({ lean: -1.92, leanSd: 0.257078, spread: 0.592077, nextSd: 0.731906 }),
      takeOff: -2,
      asks: [],
      count: 6,
    });
    expect(answer('hand', thrown([99.7, 99.1, 100.3, 98.6, 99.4, 9.99]))).toMatchObject({
      ...near({ lean: -1.98095, spread: 0.622053, nextSd: 0.793775 }),
      asks: [5],
      count: 5,
    });
    expect(answer('hand', thrown([100, 100, 100, 100, 100, 100, 101], 100))).toMatchObject({ asks: [], ...near({ lean: 0.137931 }) });
  });

  it('is typical until three readings, and does not unlearn a lean that was taken off', () => {
    expect(answer('hand', thrown([99, 98]))).toMatchObject({
      lean: 0,
      leanSd: null,
      spread: 0.5,
      ...near({ nextSd: Math.SQRT1_2 }),
      takeOff: null,
    });
    const taken = { tool: 'gauge', readings: [99.7, 99.1, 100.3].map((each) => ({ planned: 101.5, thrown: each + 2, taken: -2 })) };
    expect(answer('hand', taken).lean).toBeCloseTo(answer('hand', thrown([99.7, 99.1, 100.3])).lean, 9);
  });
});

describe('belief of bars not measured wet', () => {
  const first = { wet: 100, leather: 96.1, glazed: 87.9 };
  const later = [
    { leather: 96, glazed: 87.8 },
    { leather: 95.4, glazed: 87.4 },
    { leather: 97.1, glazed: 88.7 },
  ];

  it('answers the reference cases', () => {
    expect(answer('belief', { body: stoneware([first, ...later]) })).toMatchObject(
      near({ meanPercent: 12.0589, weight: 1.85841, commonSdPercent: 0.218997 }),
    );
    expect(answer('belief', { body: stoneware(later) })).toMatchObject(near({ meanPercent: 11.7894, weight: 0.133593 }));
    const other = { sameBatch: false };
    expect(answer('belief', { body: stoneware([wet(88, other), { leather: 96, glazed: 88, ...other }]) })).toMatchObject(
      near({ meanPercent: 11.8751, weight: 0.45344 }, 4),
    );
  });

  it('refuses a bar that grew, and one without any length before the last', () => {
    expect(refusedAt('belief', { body: stoneware([{ leather: 87, glazed: 88 }]) })).toMatch(/^body\.bars\.0/);
    expect(refusedAt('belief', { body: stoneware([{ glazed: 88 }]) })).toMatch(/^body\.bars\.0/);
  });
});

describe('height', () => {
  it('answers the reference cases', () => {
    const widths = Array.from({ length: 20 }, () => wet(87));
    expect(answer('height', { body: stoneware([...widths, wet(87, { direction: 'height' })]) })).toMatchObject(
      near({ meanPercent: 12.9959, commonSdPercent: 0.250209 }),
    );
    expect(answer('height', { body: stoneware(widths) })).toMatchObject({
      ...near({ meanPercent: 12.9907, commonSdPercent: 0.392941 }),
      width: near({ meanPercent: 12.9907 }),
      ratio: expect.closeTo(1, 9),
    });
  });

  it('goes with a width that a new batch moved, and never moves the width', () => {
    const old = [wet(87, { sameBatch: false }), wet(86.5, { sameBatch: false, direction: 'height' })];
    const now = [wet(85), wet(85.1), wet(84.9)];
    const { width, meanPercent, ratio } = answer('height', { body: stoneware([...old, ...now]) });
    expect(width).toEqual(answer('belief', { body: stoneware([old[0]!, ...now]) }));
    expect(meanPercent).toBeGreaterThan(14.7);
    expect(ratio).toBeGreaterThan(1);
  });
});

describe('firing', () => {
  const of = (firing: string, values: readonly number[], more: object = {}) => values.map((glazed) => wet(glazed, { firing, ...more }));

  it('answers the reference cases', () => {
    const three = stoneware([...of('a', [87.9, 88.1]), ...of('b', [87.6, 87.4]), ...of('c', [88.3, 88.2])]);
    expect(answer('firing', { body: three })).toMatchObject(
      near({ meanPercent: 12.0607, commonSdPercent: 0.282565, firingSdPercent: 0.242415 }),
    );
    expect(answer('firing', { body: three, firing: 'b' })).toMatchObject(near({ meanPercent: 12.2742, commonSdPercent: 0.181973 }));
    const kilns = stoneware([
      ...of('a', [88.6, 88.4], { kiln: 'old', temperatureC: 1225 }),
      ...of('b', [88.1], { kiln: 'new', temperatureC: 1225 }),
    ]);
    expect(answer('firing', { body: kilns, temperatureC: 1295, kiln: 'old' })).toMatchObject(
      near({ meanPercent: 11.709, commonSdPercent: 0.830493, slopePer40: 0.169728 }),
    );
    const heats = stoneware([
      ...of('a', [88], { temperatureC: 1283 }),
      ...of('b', [88.1], { temperatureC: 1286 }),
      ...of('c', [88.1], { temperatureC: 1288 }),
    ]);
    expect(answer('firing', { body: heats, temperatureC: 1225 })).toMatchObject(near({ meanPercent: 11.4314, firingSdPercent: 0.163299 }));
  });

  it('without names is the belief exactly', () => {
    const bars = [wet(87.9), wet(88.2, { sameBatch: false }), { leather: 96, glazed: 88 }];
    const { weight: _, ...belief } = answer('belief', { body: stoneware(bars) });
    const found = answer('firing', { body: stoneware(bars) });
    for (const [name, value] of Object.entries(belief)) expect(found[name]).toBeCloseTo(value as number, 9);
    expect(found).toMatchObject({ slopePer40: null, firings: {}, kilns: {} });
  });

  it('asks for the heat where bars were fired at several', () => {
    expect(
      refusedAt('firing', { body: stoneware([...of('a', [88], { temperatureC: 1200 }), ...of('b', [88], { temperatureC: 1260 })]) }),
    ).toBe('temperatureC');
  });
});

describe('survival', () => {
  it('answers the reference cases', () => {
    expect(answer('survival', { need: 11 })).toMatchObject({ ...near({ a: 9.40815, b: 1.04535, odds: 0.931118 }), make: 15 });
    const history = { wet: { passed: 32, lost: 0 }, leather: { passed: 31, lost: 1 }, drying: { passed: 30, lost: 1 } };
    expect(answer('survival', { history })).toMatchObject(near({ goodPercent: 89.1995 }));
  });

  it('counts the living where they have passed, so that a loss told early is no more than it is', () => {
    // ten thousand pieces of which one in ten dies while it dries, and nothing is fired yet
    const history = { wet: { passed: 10_000, lost: 0 }, leather: { passed: 10_000, lost: 0 }, drying: { passed: 9000, lost: 1000 } };
    const { passages } = answer('survival', { history }) as unknown as { passages: Record<string, number> };
    expect(passages.drying).toBeCloseTo(10, 1);
    expect(passages.wet).toBeLessThan(0.01);
  });

  it('counts from a shelf on, and seconds where they are asked for', () => {
    const all = answer('survival', {}).goodPercent;
    expect(answer('survival', { from: 'glazed' }).goodPercent).toBeGreaterThan(all);
    expect(answer('survival', { count: 'whole' }).goodPercent).toBeGreaterThan(all);
    expect(answer('survival', { lossPercent: 90, need: 1500 })).toMatchObject({ make: null, odds: null });
  });
});

describe('sag', () => {
  const body = {
    kind: 'stoneware',
    shrinkagePercent: 12,
    bars: Array.from({ length: 8 }, () => ({ wet: 100, glazed: 88, tool: 'caliper' })),
  };
  const pieces = (ends: readonly (readonly [number, number])[]) =>
    ends.map(([thrown, fired]) => ({ thrown, tool: 'ruler', fired, firedTool: 'caliper' }));

  it('answers the reference cases', () => {
    expect(
      answer('sag', {
        body,
        pieces: pieces([
          [60, 51.2],
          [61, 51.7],
          [59.5, 50.9],
        ]),
      }),
    ).toMatchObject({ ...near({ sagPercent: 2.95891, sdPercent: 0.519734 }), count: 3, used: true });
    expect(
      answer('sag', {
        body,
        pieces: pieces([
          [60, 52.3],
          [60, 50.5],
          [60, 48],
        ]),
      }),
    ).toMatchObject({ ...near({ sagPercent: 1.96757, sdPercent: 1.53612 }), used: false });
  });

  it('says nothing of pieces that were not measured wet', () => {
    expect(answer('sag', { body, pieces: [{ fired: 50 }] })).toMatchObject({ sagPercent: 0, sdPercent: 2, count: 0, used: false });
  });
});
