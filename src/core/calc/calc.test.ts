import { describe, expect, it } from 'vitest';
import { FAMILIES, FAMILY_NAMES, type FamilyName, ROUND_FAMILIES } from '@/core/form';
import fc from 'fast-check';
import { type VerbName, calculate, calculateJson } from '.';

const body = { kind: 'stoneware', shrinkagePercent: 11.5 };
const form = { family: 'cylinder', height: 120, rimDiameter: 92, baseDiameter: 84, wall: 4.6, floor: 6.4 };
const making = { trimFloor: 4.5, trimWall: 1.8, rimCut: 2.5, wireLoss: 1, slurryPercent: 3.5 };

const refused = (verb: VerbName, input: unknown) => {
  const answer = calculate(verb, input);
  if (answer.ok) throw new Error(`not refused: ${JSON.stringify(answer.value)}`);
  return answer.problem;
};

interface Size {
  stages: Record<string, Record<string, number>>;
  thrownHeight: number;
  capacityMl: number;
  massG: Record<string, number>;
}

const sizeOf = (input: object): Size => {
  const answer = calculate('size', input);
  if (!answer.ok) throw new Error(answer.problem.message);
  return answer.value as Size;
};

describe('size', () => {
  it('answers the reference case', () => {
    const answer = sizeOf({ body, form, making });
    expect(answer.stages.wet).toMatchObject({ height: expect.closeTo(135.5932, 4), wall: expect.closeTo(5.19774, 5) });
    expect(answer.thrownHeight).toBeCloseTo(143.5932, 4);
    expect(answer.capacityMl).toBeCloseTo(557.372, 3);
    expect(Object.keys(answer.massG)).toEqual(['ball', 'thrown', 'trimmed', 'dry', 'bisque', 'glazed']);
    expect(answer.massG.ball).toBeCloseTo(646.6, 3);
  });

  it('takes sizes at any stage and leaves allowances out at zero', () => {
    const finished = sizeOf({ body, form });
    const wet = sizeOf({ body, form: { family: 'cylinder', ...finished.stages.wet }, at: 'wet' });
    expect(wet.stages.glazed!.height).toBeCloseTo(120, 9);
    expect(finished.massG.ball).toBeCloseTo(finished.massG.trimmed!, 9);
  });

  it('uses bars, shares, water and loss given in the body', () => {
    const bars = [87.9, 88.2, 87.7].map((glazed) => ({ wet: 100, dry: 95, glazed, tool: 'caliper' }));
    const answer = sizeOf({ body: { ...body, bars, waterPercent: 20, lossPercent: 10 }, form });
    expect(answer.stages.wet!.height).toBeCloseTo(120 / (1 - 0.120441), 3);
    expect(answer.massG.dry! / answer.massG.trimmed!).toBeCloseTo(0.8, 9);
    expect(answer.massG.glazed! / answer.massG.dry!).toBeCloseTo(0.9, 9);
  });

  it('never turns more wall than there is', () => {
    const most = sizeOf({ body, form, making: { ...making, trimWallHeight: 2000 } });
    const whole = sizeOf({ body, form, making: { ...making, trimWallHeight: 135.59322033898306 } });
    expect(most.massG.ball).toBeCloseTo(whole.massG.ball!, 9);
  });

  it.each([
    [{ form }, 'body', /missing/],
    [{ body, form: { ...form, height: undefined } }, 'form.height', /missing/],
    [{ body, form: { ...form, height: '120' } }, 'form.height', /number, without quotation marks/],
    [{ body, form: { ...form, height: -1 } }, 'form.height', /above zero, not -1/],
    [{ body, form: { ...form, height: 0 } }, 'form.height', /above zero/],
    [{ body, form: { ...form, height: 3001 } }, 'form.height', /3000 or less/],
    [{ body, form: { ...form, wall: 50 } }, 'form.wall', /thicker than the piece/],
    [{ body, form: { ...form, floor: 130 } }, 'form.floor', /reach the rim/],
    [{ body, form: { ...form, rimDiameter: 900 } }, 'form.rimDiameter', /lean/],
    [{ body, form: { ...form, family: 'teapot' } }, 'form.family', /one of cylinder/],
    [{ body, form: { ...form, lid: 1 } }, 'form.lid', /not a field known here/],
    [{ body, form, extra: 1 }, 'extra', /not a field known/],
    [{ body: { kind: 'jelly' }, form }, 'body.kind', /one of earthenware, stoneware/],
    [{ body: { kind: 'stoneware', shrinkagePercent: 0 }, form }, 'body.shrinkagePercent', /above zero/],
    [{ body: { kind: 'stoneware', shrinkagePercent: [12, 10] }, form }, 'body.shrinkagePercent', /lower first/],
    [{ body: { kind: 'stoneware', shrinkagePercent: 'x' }, form }, 'body.shrinkagePercent', /must be a number/],
    [{ body: { ...body, bars: [{ wet: 100, glazed: 101, tool: 'ruler' }] }, form }, 'body.bars.0.glazed', /less than the wet/],
    [{ body: { ...body, bars: [{ wet: 100, glazed: 88 }] }, form }, 'body.bars.0.tool', /missing/],
    [{ body, form, making: { trimFloor: -1 } }, 'making.trimFloor', /0 or more/],
    [{ body, form, making: { slurryPercent: 99 } }, 'making.slurryPercent', /most allowed is 50/],
    [{ body, form, at: 'boiled' }, 'at', /one of wet, leather/],
    ['cup', '', /object with named fields/],
    [null, '', /object with named fields/],
  ])('refuses %j', (input, path, message) => {
    const problem = refused('size', input);
    expect(problem.path).toBe(path);
    expect(problem.message).toMatch(message);
  });
});

describe('range', () => {
  const stoneware = { kind: 'stoneware', shrinkagePercent: 11.5 };
  const bar = (glazed: number) => ({ wet: 100, glazed, tool: 'caliper', sameBatch: true });
  const measured = { ...stoneware, bars: [bar(87.9), bar(88.2), bar(87.7)] };

  it.each([
    [
      { body: stoneware, finished: 120, toolSd: 0.5, at: 'wet' },
      { min: 117.298, max: 122.707 },
    ],
    [{ body: stoneware, max: 120, toolSd: 0.5, at: 'wet' }, { aim: 117.975 }],
    [
      { body: measured, finished: 120, toolSd: 0.5, at: 'leather' },
      { min: 118.217, max: 121.788 },
    ],
    [{ body: measured, max: 120, toolSd: 0.5, at: 'leather' }, { aim: 118.618 }],
  ])('answers the reference case %#', (input, expected) => {
    const answer = calculate('range', input) as { value: Record<string, number> };
    for (const [name, mm] of Object.entries(expected)) expect(Math.abs(answer.value[name]! - mm), name).toBeLessThan(0.01);
  });

  it('takes a size or a limit, not both and not neither', () => {
    expect(calculate('range', { body: stoneware })).toMatchObject({ ok: false });
    expect(calculate('range', { body: stoneware, finished: 120, max: 120 })).toMatchObject({ ok: false });
    expect(refused('range', { body: stoneware, finished: 120, at: 'damp' }).path).toBe('at');
  });
});

describe('belief', () => {
  const bar = (glazed: number, tool = 'caliper', sameBatch = true) => ({ wet: 100, glazed, tool, sameBatch });

  it('answers the reference cases in percent', () => {
    const expected = (mean: number, scale: number, dof: number, weight: number, common: number, piece: number) => ({
      ok: true,
      value: {
        meanPercent: expect.closeTo(mean, 4),
        scalePercent: expect.closeTo(scale, 5),
        dof,
        weight: expect.closeTo(weight, 5),
        commonSdPercent: expect.closeTo(common, 6),
        pieceSdPercent: expect.closeTo(piece, 6),
      },
    });
    const stoneware = { kind: 'stoneware', shrinkagePercent: 11.5 };
    expect(calculate('belief', { body: stoneware })).toMatchObject({
      value: { meanPercent: expect.closeTo(11.5, 9), scalePercent: expect.closeTo(1.05948, 5), dof: 10, weight: 0 },
    });
    expect(calculate('belief', { body: { ...stoneware, bars: [bar(87.9), bar(88.2), bar(87.7)] } })).toEqual(
      expected(12.0441, 0.376038, 13, 2.95656, 0.186188, 0.326709),
    );
    const porcelain = {
      kind: 'porcelain',
      shrinkagePercent: [14, 16],
      bars: [bar(84.6, 'ruler'), bar(85.1, 'caliper', false), bar(84.9, 'caliper', false)],
    };
    expect(calculate('belief', { body: porcelain })).toEqual(expected(15.14, 0.412584, 13, 1.04638, 0.265555, 0.315763));
  });

  it('takes no batch names, which are the application’s own', () => {
    expect(refused('belief', { body: { kind: 'stoneware', bars: [{ ...bar(88), batch: 'a' }] } }).path).toBe('body.bars.0.batch');
  });
});

describe('forms beyond the cup', () => {
  const sizesOfFamily = (family: FamilyName) => {
    const { typical, manner } = FAMILIES[family];
    const { foot: _, ...chosen } = manner;
    const { footHeight: _high, footWidth: _wide, height, rimDiameter, ...others } = typical;
    if (family === 'plate') return { family, ...typical };
    if (family !== 'profile') return { family, ...chosen, height, rimDiameter, ...others };
    return {
      family,
      points: FAMILIES.profile.knots!.map(({ r, z, corner }) => ({ r: r * 55, z: z * 180, corner: corner ?? false })),
      ...others,
    };
  };

  it.each(FAMILY_NAMES.filter((family) => !ROUND_FAMILIES.includes(family)))(
    '%s is sized without anything turned off, and refuses that',
    (family) => {
      const form = sizesOfFamily(family);
      const answer = calculate('size', { body, form, making: { attachedMass: 30, trimFloor: 0 } });
      if (!answer.ok) throw new Error(answer.problem.message);
      const { massG, thrownHeight, stages } = answer.value as Size;
      expect(massG.trimmed! - massG.ball!).toBeCloseTo(30, 9);
      expect(thrownHeight).toBeCloseTo(stages.wet!.height!, 9);
      expect(refused('size', { body, form, making }).path).toBe('making.trimFloor');
    },
  );

  it.each(ROUND_FAMILIES)('%s is sized: every stage shrinks alike and the ball is more than the piece', (family) => {
    const answer = calculate('size', { body, form: sizesOfFamily(family), making });
    if (!answer.ok) throw new Error(answer.problem.message);
    const { stages, massG, thrownHeight } = answer.value as Size;
    for (const [name, mm] of Object.entries(stages.glazed!)) expect(stages.wet![name as 'height']! * 0.885).toBeCloseTo(mm, 9);
    expect(massG.ball!).toBeGreaterThan(massG.trimmed!);
    // a disc has no rim to needle
    expect(thrownHeight).toBeCloseTo(stages.wet!.height! + 4.5 + 1 + (family === 'disc' ? 0 : 2.5), 9);
  });

  it.each(FAMILY_NAMES.filter((family) => family !== 'disc' && family !== 'tile'))(
    '%s is solved and sized again to the target, from the form it answered with',
    (family) => {
      const answer = calculate('solve', { body, form: sizesOfFamily(family), target: { capacityMl: 700 } });
      if (!answer.ok) throw new Error(answer.problem.message);
      const { form: found } = answer.value as { form: object };
      const again = calculate('size', { body, form: found });
      if (!again.ok) throw new Error(again.problem.message);
      expect((again.value as Size).capacityMl).toBeCloseTo(700, 4);
    },
  );

  it('takes a ring or a gallery from its sizes, and a word for what is chosen', () => {
    const bowl = { family: 'bowl', height: 75, rimDiameter: 160, baseDiameter: 64, wall: 5, floor: 6 };
    const ml = (form_: object) => (calculate('size', { body, form: form_ }) as { value: Size }).value.capacityMl;
    expect(ml({ ...bowl, footHeight: 8, footWidth: 6 })).toBeLessThan(ml(bowl));
    expect(ml({ ...bowl, footHeight: 8, footWidth: 6, foot: 'flat' })).toBe(ml(bowl));
    expect(ml({ ...bowl, curve: 'deep' })).toBeGreaterThan(ml({ ...bowl, curve: 'shallow' }));
  });

  it.each([
    [{ family: 'teapot' }, 'form.family', /one of cylinder, flared, bowl/],
    [{ family: 'bowl', height: 75, rimDiameter: 160, wall: 5, floor: 6 }, 'form.baseDiameter', /missing/],
    [{ family: 'disc', height: 10, rimDiameter: 100, wall: 5 }, 'form.wall', /not a field/],
    [{ family: 'bowl', curve: 'square', height: 75, rimDiameter: 160, baseDiameter: 64, wall: 5, floor: 6 }, 'form.curve', /round/],
    [{ family: 'profile', points: [{ r: 40, z: 0 }], wall: 5, floor: 6 }, 'form.points', /at least 2|2 entries|fewer|more/],
    [
      {
        family: 'profile',
        points: [
          { r: 40, z: 0 },
          { r: 0, z: 90 },
        ],
        wall: 5,
        floor: 6,
      },
      'form.points.1.r',
      /above zero/,
    ],
    [
      {
        family: 'profile',
        points: [
          { r: 40, z: 30 },
          { r: 50, z: 90 },
        ],
        wall: 5,
        floor: 6,
      },
      'form.height',
      /foot/,
    ],
    [{ family: 'plate', height: 9, rimDiameter: 250, rimWidth: 40, baseDiameter: 150, wall: 6, floor: 8 }, 'form.height', /lie flat/],
  ])('refuses %j at %s', (form_, path, message) => {
    const answer = calculate('size', { body, form: form_ });
    expect(answer.ok ? '' : answer.problem.path).toBe(path);
    expect(answer.ok ? '' : answer.problem.message).toMatch(message);
  });
});

describe('solve', () => {
  interface Solved extends Size {
    form: Record<string, number>;
  }
  const solved = (target: object, shape: object = form): Solved => {
    const answer = calculate('solve', { body, form: shape, target, making });
    if (!answer.ok) throw new Error(answer.problem.message);
    return answer.value as Solved;
  };

  it('finds a cup that holds the target, keeping its proportions, its wall and its floor', () => {
    const answer = solved({ capacityMl: 500 });
    expect(answer.capacityMl).toBeCloseTo(500, 6);
    expect(answer.form.rimDiameter! / answer.form.height!).toBeCloseTo(92 / 120, 9);
    expect(answer.form.baseDiameter! / answer.form.rimDiameter!).toBeCloseTo(84 / 92, 9);
    expect([answer.form.wall, answer.form.floor]).toEqual([4.6, 6.4]);
    expect(answer.stages.glazed!.height).toBe(answer.form.height);
  });

  it('keeps a height, or a mouth, and lets the other go', () => {
    const low = solved({ capacityMl: 500, height: 90 });
    expect([low.form.height, Math.round(low.capacityMl)]).toEqual([90, 500]);
    const narrow = solved({ capacityMl: 500, rimDiameter: 80 });
    expect(narrow.form.rimDiameter).toBeCloseTo(80, 9);
    expect(narrow.capacityMl).toBeCloseTo(500, 6);
  });

  it('scales together under a most, and only widens once it is reached', () => {
    expect(solved({ capacityMl: 300, maxHeight: 130 })).toEqual(solved({ capacityMl: 300 }));
    const wide = solved({ capacityMl: 900, maxHeight: 120 });
    expect(wide.form.height).toBe(120);
    expect(wide.capacityMl).toBeCloseTo(900, 6);
  });

  it('then size gives the target back, whatever the shape', () => {
    const shape = fc.record({
      height: fc.double({ min: 40, max: 300, noNaN: true }),
      rimDiameter: fc.double({ min: 50, max: 300, noNaN: true }),
      taper: fc.double({ min: 0.8, max: 1.2, noNaN: true }),
    });
    fc.assert(
      fc.property(shape, fc.double({ min: 50, max: 20000, noNaN: true }), ({ taper, ...sizes }, capacityMl) => {
        const made = { family: 'cylinder', ...sizes, baseDiameter: sizes.rimDiameter * taper, wall: 4, floor: 6 };
        const answer = solved({ capacityMl }, made);
        expect(sizeOf({ body, form: answer.form }).capacityMl / capacityMl).toBeCloseTo(1, 8);
      }),
      { seed: 81 },
    );
  });

  it.each([
    [{ capacityMl: 0 }, 'target.capacityMl', /above zero/],
    [{ height: 100 }, 'target.capacityMl', /missing/],
    [{ capacityMl: 500, height: 100, rimDiameter: 80 }, 'target', /takes one of/],
    [{ capacityMl: 500, height: 6 }, 'target.height', /No such piece.*floor.*would reach the rim/],
    [{ capacityMl: 500, maxHeight: 5 }, 'target.maxHeight', /No such piece.*floor.*would reach the rim/],
    [{ capacityMl: 500, rimDiameter: 9 }, 'target.rimDiameter', /No such piece.*wall/],
    [{ capacityMl: 9e6, rimDiameter: 100 }, 'target.capacityMl', /is not possible with sizes up to 3000 mm/],
  ])('refuses %j', (target, path, message) => {
    const problem = refused('solve', { body, form, target });
    expect(problem.path).toBe(path);
    expect(problem.message).toMatch(message);
  });
});

describe('lists', () => {
  it('answer in kind, empty for empty', () => {
    expect(calculate('parse', [])).toEqual({ ok: true, value: [] });
    expect(calculate('parse', [{ kind: 'length', text: '92' }])).toEqual({ ok: true, value: [{ value: 92 }] });
  });

  it('are refused whole, with the index first', () => {
    const cases = [
      { body, form },
      { body, form },
      { body, form },
      { body, form: { ...form, height: 0 } },
    ];
    expect(refused('size', cases).path).toBe('3.form.height');
    expect(refused('parse', [{ kind: 'length', text: 'x' }]).path).toBe('0.text');
    expect(refused('parse', [[]]).path).toBe('0');
  });
});

describe('parse', () => {
  it('reads a text', () => {
    expect(calculate('parse', { kind: 'volume', text: '1 pint', flOz: 'imperial' })).toMatchObject({
      value: { value: expect.closeTo(568.261, 3) },
    });
  });

  it.each([
    [{ kind: 'length' }, 'text'],
    [{ kind: 'width', text: '3' }, 'kind'],
    [{ kind: 'length', text: 3 }, 'text'],
    [{ kind: 'length', text: '' }, 'text'],
    [{ kind: 'length', text: '3', unit: 'in' }, 'unit'],
    [{ kind: 'length', text: '3', flOz: 'metric' }, 'flOz'],
  ])('refuses %j', (input, path) => expect(refused('parse', input).path).toBe(path));
});

describe('JSON text', () => {
  it.each(['', '{', 'undefined', '{"kind":NaN}'])('that is none is refused with an empty path: %s', (json) => {
    expect(calculateJson('parse', json)).toMatchObject({ ok: false, problem: { path: '' } });
  });

  it('cannot slip a prototype in', () => {
    expect(calculateJson('parse', '{"kind":"length","text":"3","__proto__":{"a":1}}')).toMatchObject({
      ok: false,
      problem: { path: '__proto__' },
    });
  });

  it('is never echoed as markup', () => {
    const hostile = '<script>alert(1)</script>';
    for (const input of [{ [hostile]: 1 }, { kind: hostile, text: '3' }, { kind: 'length', text: hostile }]) {
      expect(JSON.stringify(calculateJson('parse', JSON.stringify(input)))).not.toMatch(/[<>]/);
    }
  });
});
