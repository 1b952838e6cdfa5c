import { describe, expect, it } from 'vitest';
import { type VerbName, aboutVerb, calculate, calculateWithin, isVerb, VERB_NAMES } from '.';

const body = { kind: 'stoneware', shrinkagePercent: 11.5 };
const full = { ...body, heightShrinkagePercent: 12, sharesPercent: { leather: 25, dry: 50, bisque: 55 }, waterPercent: 20, lossPercent: 8 };

const form = { family: 'cylinder', height: 120, rimDiameter: 92, baseDiameter: 84, wall: 4.6, floor: 6.4 };
const egg = { family: 'cylinder', height: 62, rimDiameter: 48, baseDiameter: 40, wall: 3.5, floor: 5 };

/** A question for each verb: its example, with a clay of which all is said where that is what is asked about. */
const ASKS = Object.fromEntries(
  VERB_NAMES.map((verb) => [verb, { ...aboutVerb(verb).example, ...(verb === 'size' && { body: full }) }]),
) as Record<VerbName, object>;

/** What a number may be, both ends included, by verb and place: whole, any part, or any above the least. */
const BOUNDS: readonly (readonly [verb: VerbName, path: string, least: number, most: number, how: 'whole' | 'above' | 'part'])[] = [
  ['solve', 'target.capacityMl', 0, 1e7, 'above'],
  ['size', 'body.waterPercent', 0, 60, 'part'],
  ['size', 'body.lossPercent', 0, 40, 'part'],
  ['size', 'body.shrinkagePercent', 0, 30, 'above'],
  ['size', 'body.heightShrinkagePercent', 0, 30, 'above'],
  ['size', 'body.sharesPercent.leather', 0, 100, 'part'],
  ['size', 'body.sharesPercent.bisque', 0, 100, 'part'],
  ['range', 'toolSd', 0, 100, 'part'],
  ['range', 'odds', 0.5, 0.999, 'part'],
  ['coils', 'pinchPercent', 0, 95, 'part'],
  ['coils', 'gain', 0.2, 3, 'part'],
  ['template', 'slab.darts', 3, 24, 'whole'],
  ['handle', 'handle.kept', 0.05, 1, 'part'],
  ['handle', 'handle.pieces', 1, 5000, 'whole'],
  ['handle', 'handle.succeeds', 0.05, 1, 'part'],
  ['fit', 'pot.toolSd', 0, 100, 'part'],
  ['fit', 'pot.ovalitySd', 0, 100, 'part'],
  ['fit', 'pot.glaze', 0, 10, 'part'],
  ['fit', 'gap.min', -100, 100, 'part'],
  ['fit', 'gap.max', -100, 100, 'part'],
  ['seat', 'share.min', 0, 1, 'part'],
  ['seat', 'share.max', 0, 1, 'part'],
  ['plaster', 'boxMl', 0, 1e7, 'above'],
  ['plaster', 'modelMl', 0, 1e7, 'above'],
  ['plaster', 'ratioPercent', 50, 100, 'part'],
  ['plaster', 'marginPercent', 0, 100, 'part'],
  ['cast', 'well.height', 0, 3000, 'above'],
  ['cast', 'well.width', 0, 1000, 'part'],
  ['cast', 'mould.diameter', 0, 3000, 'above'],
  ['cast', 'mould.height', 0, 3000, 'above'],
  ['cast', 'ratioPercent', 50, 100, 'part'],
  ['extras', 'need', 1, 10_000, 'whole'],
  ['extras', 'odds', 0.5, 0.999, 'part'],
  ['extras', 'lossPercent', 0, 95, 'part'],
  ['extras', 'history.made', 0, 1e6, 'whole'],
  ['extras', 'history.lost', 0, 1e6, 'whole'],
  ['stack', 'count', 2, 1000, 'whole'],
  ['schedule', 'steps.0.days', 1, 366, 'whole'],
  ['schedule', 'workdays.0', 1, 7, 'whole'],
  ['worth', 'price', 0, 1e6, 'above'],
  ['worth', 'shopPercent', 0, 99, 'part'],
  ['worth', 'costs', 0, 1e6, 'part'],
  ['worth', 'minutes', 0, 100_000, 'above'],
  ['worth', 'lossPercent', 0, 95, 'part'],
  ['worth', 'wantPerHour', 0, 1e6, 'above'],
  ['match', 'pieces.0.mouth', -1e5, 1e5, 'part'],
  ['match', 'setSize', 2, 500, 'whole'],
  ['match', 'tolerance.mouth', 0, 1e5, 'above'],
];

function asking(verb: VerbName, path: string, value: unknown): object {
  const whole = structuredClone(ASKS[verb]) as Record<string, unknown>;
  const steps = path.split('.');
  const holder = steps.slice(0, -1).reduce<Record<string, unknown>>((at, step) => at[step] as Record<string, unknown>, whole);
  holder[steps.at(-1)!] = value;
  return whole;
}

/** Why a value is no number for its place; undefined where it is one, whatever else then stands against it. */
function outOfBounds(verb: VerbName, path: string, value: unknown): string | undefined {
  const answer = calculate(verb, asking(verb, path, value));
  const of = answer.ok || answer.problem.path !== path ? undefined : answer.problem.message;
  return of?.match(/must be (?!smaller than)|must hold|is empty|is not a date/) ? of : undefined;
}

describe('a question', () => {
  it.each(Object.entries(ASKS))('of %s is answered', (verb, input) => {
    expect(calculate(verb as VerbName, input)).toMatchObject({ ok: true });
  });

  it.each([...BOUNDS])('of %s takes as %s from %d to %d and nothing beyond', (verb, path, least, most, how) => {
    const step = how === 'whole' ? 1 : 1e-6 * Math.max(1, Math.abs(least));
    const refused = (value: unknown) => outOfBounds(verb, path, value);
    if (how === 'above') {
      expect(refused(least)).toContain('above zero');
      expect(refused(least + step)).toBeUndefined();
    } else {
      expect(refused(least)).toBeUndefined();
      expect(refused(least - step)).toContain(`must be ${least} or more, not ${least - step}`);
    }
    expect(refused(most)).toBeUndefined();
    expect(refused(most + (how === 'whole' ? 1 : 1e-6 * Math.max(1, most)))).toContain(`must be ${most} or less`);
    if (how === 'whole') expect(refused(least + 0.5)).toContain('must be a whole number');
    expect(refused('2')).toContain('must be a number');
  });

  it('has lists of so many and no more, and days that there are', () => {
    const days = (date: unknown) => outOfBounds('schedule', 'due', date);
    for (const date of ['2026-12-18', '2028-02-29']) expect(days(date)).toBeUndefined();
    for (const date of ['2027-02-29', '18.12.2026', 'soon', '2026-12-180', '2026-13-01']) expect(days(date)).toContain('is not a date');
    const step = { name: 'throw', days: 1 };
    const steps = (count: number) =>
      outOfBounds(
        'schedule',
        'steps',
        Array.from({ length: count }, () => step),
      );
    expect([steps(1), steps(100)]).toEqual([undefined, undefined]);
    expect([steps(0), steps(101)]).toEqual([expect.stringContaining('is empty'), expect.stringContaining('at most 100')]);
    const named = (count: number) => outOfBounds('schedule', 'steps.0.name', 'x'.repeat(count));
    expect([named(1), named(200)]).toEqual([undefined, undefined]);
    expect([named(0), named(201)]).toEqual([expect.stringContaining('is empty'), expect.stringContaining('at most 200')]);
    const pieces = (count: number) =>
      outOfBounds(
        'match',
        'pieces',
        Array.from({ length: count }, (_, i) => ({ mouth: i * 10 })),
      );
    expect([pieces(2), pieces(500)]).toEqual([undefined, undefined]);
    expect([pieces(0), pieces(501)]).toEqual([expect.stringContaining('is empty'), expect.stringContaining('at most 500')]);
  });

  it('by the name of a verb is one, and by no other', () => {
    expect(VERB_NAMES.every(isVerb)).toBe(true);
    for (const name of ['toString', 'Size', '']) expect(isVerb(name)).toBe(false);
  });
});

describe('casting, headless', () => {
  const cast = (change: object) => {
    const answer = calculate('cast', { ...ASKS.cast, ...change });
    return answer.ok
      ? (answer.value as { scale: number; scaleHeight?: number; model: Record<string, number>; modelMl: number; slipMl: number })
      : answer.problem;
  };

  it('has the model so much larger as the clay shrinks, up and across apart', () => {
    const both = cast({});
    expect(both).toMatchObject({
      scale: expect.closeTo(1 / 0.885, 9) as number,
      model: { rimDiameter: expect.closeTo(48 / 0.885, 9) as number, height: expect.closeTo(62 / 0.885, 9) as number },
    });
    expect(Object.keys(both)).not.toContain('scaleHeight');
    const apart = cast({ body: { ...body, heightShrinkagePercent: 20 } });
    expect(apart).toMatchObject({
      scale: expect.closeTo(1 / 0.885, 9) as number,
      scaleHeight: expect.closeTo(1.25, 9) as number,
      model: { height: expect.closeTo(77.5, 9) as number },
    });
  });

  it('needs plaster round the model and below it, in a box on its narrow side', () => {
    // with its well the model is wider than its mouth by twice 6, and higher by 15
    const wide = 48 / 0.885 + 12;
    const high = 62 / 0.885 + 15;
    const path = (mould: object) => {
      const found = cast({ mould });
      return 'path' in found ? found.path : undefined;
    };
    const round = (diameter: number, height: number) => path({ shape: 'round', diameter, height });
    expect([round(wide + 0.01, high + 0.01), round(wide - 0.01, 300), round(300, high - 0.01)]).toEqual([
      undefined,
      'mould.diameter',
      'mould.height',
    ]);
    const box = (length: number, width: number) => path({ shape: 'box', length, width, height: 300 });
    expect([box(wide + 0.01, wide + 0.01), box(wide - 0.01, 300), box(300, wide - 0.01), box(300, 299)]).toEqual([
      undefined,
      'mould.length',
      'mould.width',
      undefined,
    ]);
    expect(cast({ mould: { shape: 'round', diameter: 50, height: 300 } })).toMatchObject({
      message: expect.stringContaining('a mould of 50 mm leaves no plaster') as string,
    });
  });

  it('is of round forms alone, and of none that cannot be made', () => {
    expect(
      cast({ form: { family: 'box', height: 60, rimDiameter: 80, rimAcross: 60, baseDiameter: 80, baseAcross: 60, wall: 4, floor: 4 } }),
    ).toMatchObject({ path: 'form.family' });
    expect(cast({ form: { ...egg, wall: 40 } })).toMatchObject({ path: 'form.wall', message: expect.stringMatching(/mm/) as string });
  });

  it('takes plaster by the box less the model, with the margin', () => {
    const plaster = (input: object) => calculate('plaster', { ...ASKS.plaster, ...input });
    expect(plaster({ modelMl: 2000 })).toMatchObject({ ok: false, problem: { path: 'modelMl' } });
    expect(plaster({ modelMl: 1999 })).toMatchObject({ ok: true });
    const of = (input: object) => (plaster(input) as { value: Record<string, unknown> }).value;
    expect(of({ marginPercent: undefined, ratioPercent: undefined })).toEqual(of({}));
    expect(of({ marginPercent: 10 })).not.toEqual(of({}));
  });
});

describe('a request within bounds', () => {
  const one = { form, count: 2 };
  const within = (value: unknown, cases = 3, turns = Infinity) => {
    let asked = 0;
    const mayGoOn = () => Promise.resolve((asked += 1) <= turns);
    return calculateWithin('stack', typeof value === 'string' ? value : JSON.stringify(value), { cases, mayGoOn, time: 'a second' });
  };

  it('is answered as any, one or a list', async () => {
    expect(await within(one)).toEqual(calculate('stack', one));
    expect(await within([one, { form }, one])).toEqual(calculate('stack', [one, { form }, one]));
    expect(await within([])).toEqual({ ok: true, value: [] });
    expect(await within('{')).toMatchObject({ ok: false, problem: { message: expect.stringContaining('not valid JSON') as string } });
    expect(await within([one, { form, count: 1 }])).toMatchObject({ ok: false, problem: { path: '1.count' } });
  });

  it('is refused whole where it is too many, or its time is over, with what would do', async () => {
    expect(await within([one, one, one, one])).toEqual({ tooMuch: '4 cases is too many for one request. Send at most 3 at a time.' });
    expect(await within([one, one, one], 3, 2)).toEqual({
      tooMuch: 'One request may take a second; 2 of 3 cases were done by then. Send fewer at a time.',
    });
    expect(await within([one, one], 3, 2)).toMatchObject({ ok: true });
  });
});

describe('sorting, headless', () => {
  it('counts each measure over its own tolerance, and says which piece lacks one', () => {
    const pieces = [
      { mouth: 80, height: 100 },
      { mouth: 81, height: 106 },
      { mouth: 90, height: 100 },
    ];
    const match = (tolerance: object, setSize = 2, own: readonly object[] = pieces) =>
      calculate('match', { pieces: own, setSize, tolerance });
    expect(match({ mouth: 2 })).toMatchObject({ value: { sets: [{ pieces: [0, 1], spread: 0.5 }], left: [2] } });
    expect(match({ mouth: 2, height: 8 })).toMatchObject({ value: { sets: [{ spread: 0.75 }] } });
    expect(match({ mouth: 2, height: 5 })).toMatchObject({ value: { sets: [], left: [0, 1, 2] } });
    expect(match({ mouth: 2, glaze: 1 }, 2, [{ ...pieces[0], glaze: 1 }, pieces[1]!])).toMatchObject({
      problem: { path: 'pieces.1.glaze' },
    });
    expect(match({ mouth: 2 }, 4)).toMatchObject({ problem: { path: 'setSize' } });
    expect(match({ mouth: 20 }, 3)).toMatchObject({ value: { sets: [{ pieces: [0, 1, 2] }] } });
  });
});
