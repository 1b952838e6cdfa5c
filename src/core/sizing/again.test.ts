import { clayFigures } from '@/core/clay';
import { FAMILIES, formOf } from '@/core/form';
import { describe, expect, it } from 'vitest';
import { WAYS, again, ballFromTester, scaledBall, size } from '.';

const clay = clayFigures({ kind: 'stoneware', shrinkagePercent: 11.5, bars: [{ wet: 100, glazed: 88.4, tool: 'caliper' }] });
const cup = formOf({ family: 'cylinder', ...FAMILIES.cylinder }, 'glazed', FAMILIES.cylinder.typical);
const write = String;

describe('the ball from a piece that is known', () => {
  it('of the same size is the same, by section and by the cube', () => {
    const scaled = scaledBall(clay, cup, WAYS.trimmed, { ballG: 400, height: 100, width: 80 }, write);
    expect(scaled.ok && scaled.value).toMatchObject({ factor: 1, byCube: 400 });
    if (scaled.ok) expect(scaled.value.bySection).toBeCloseTo(400, 9);
  });

  it('grows less by section than by the cube, since walls do not grow', () => {
    const scaled = scaledBall(clay, cup, WAYS.trimmed, { ballG: 200, height: 50, width: 40 }, write);
    if (!scaled.ok) throw new Error(scaled.problem.message);
    expect(scaled.value.factor).toBeCloseTo(2, 9);
    expect(scaled.value.byCube).toBeCloseTo(1600, 6);
    expect(scaled.value.bySection).toBeLessThan(1000);
    expect(scaled.value.bySection).toBeGreaterThan(600);
  });

  it('by section takes the clay of the two, by the cube law all of it alike', () => {
    const making = WAYS.trimmed;
    const found = scaledBall(clay, cup, making, { ballG: 400, height: cup.sizes.height / 1.2, width: cup.sizes.rimDiameter / 1.1 }, write);
    if (!found.ok) throw new Error(found.problem.message);
    expect(found.value.factor).toBeCloseTo(Math.cbrt(1.2 * 1.1 * 1.1), 9);
    expect(found.value.byCube).toBeCloseTo(400 * 1.2 * 1.1 * 1.1, 9);
    const { height, rimDiameter, baseDiameter } = cup.sizes;
    const then = size(
      clay,
      formOf(cup, 'glazed', { ...cup.sizes, height: height / 1.2, rimDiameter: rimDiameter / 1.1, baseDiameter: baseDiameter! / 1.1 }),
      'glazed',
      making,
    );
    const clayOf = ({ masses }: typeof then) => masses.thrown;
    expect(found.value.bySection).toBeCloseTo((400 * clayOf(size(clay, cup, 'glazed', making))) / clayOf(then), 6);
    expect(scaledBall(clay, cup, making, { ballG: 400, height: 8, width: 400 }, write)).toMatchObject({
      ok: false,
      problem: { path: 'known' },
    });
  });

  it('that could not be made is refused', () => {
    expect(scaledBall(clay, cup, WAYS.trimmed, { ballG: 100, height: 4, width: 40 }, write).ok).toBe(false);
  });
});

describe('a tester', () => {
  const made = size(clay, cup, 'glazed', WAYS.trimmed);
  const asPlanned = { height: made.thrown.gauge, mouth: made.stages.wet.sizes.rimDiameter };

  it('that came out as planned gives the ball it took', () => {
    const ball = ballFromTester(clay, made, WAYS.trimmed, { ballG: 431, ...asPlanned }, write);
    expect(ball.ok && ball.value).toBeCloseTo(431, 6);
  });

  it('that came out too large asks for a smaller ball, and too small for a larger', () => {
    const ball = (height: number) => {
      const found = ballFromTester(clay, made, WAYS.trimmed, { ballG: 431, ...asPlanned, height }, write);
      if (!found.ok) throw new Error(found.problem.message);
      return found.value;
    };
    expect(ball(made.thrown.gauge + 8)).toBeLessThan(431);
    expect(ball(made.thrown.gauge - 8)).toBeGreaterThan(431);
    expect(ballFromTester(clay, made, WAYS.trimmed, { ballG: 431, height: 3, mouth: 90 }, write).ok).toBe(false);
  });
});

describe('again, like this one', () => {
  const made = size(clay, cup, 'glazed', WAYS.trimmed);
  const glaze = 0.05;
  const weightG = (made.masses.glazed + 40) / (1 - glaze);

  it('finds the ball of a piece from its fired weight, glaze and handle cleared', () => {
    const found = again(clay, { form: cup, wallMeasured: true, weightG, attachedG: 40 / 1, glazeShare: glaze }, WAYS.trimmed, write);
    if (!found.ok) throw new Error(found.problem.message);
    const { ball, clayG } = found.value;
    expect(clayG).toBeCloseTo(made.masses.glazed, 6);
    expect(ball[1]).toBeCloseTo(made.masses.ball, 6);
    expect(ball[0]).toBeLessThan(ball[1]);
    expect(ball[2]).toBeGreaterThan(ball[1]);
    expect(ball[1]).toBeGreaterThan(weightG * 1.25);
  });

  it('infers a wall that was not measured, from the weight or from what the piece holds', () => {
    for (const known of [{ weightG, attachedG: 40, glazeShare: glaze }, { capacityMl: made.capacityMl }]) {
      const found = again(
        clay,
        { form: formOf(cup, 'glazed', { ...cup.sizes, wall: 9 }), wallMeasured: false, ...known },
        WAYS.trimmed,
        write,
      );
      if (!found.ok) throw new Error(found.problem.message);
      expect(found.value.form.sizes.wall).toBeCloseTo(4.5, 3);
      expect(found.value.wallFrom).toBe('weightG' in known ? 'weight' : 'capacity');
    }
  });

  it('says when the figures cannot be: too light, too heavy, all glaze', () => {
    const asked = (change: object) => again(clay, { form: cup, wallMeasured: false, weightG: 300, ...change }, WAYS.trimmed, write);
    expect(asked({ weightG: 20 })).toMatchObject({ ok: false, problem: { path: 'weightG' } });
    expect(asked({ weightG: 9000 })).toMatchObject({ ok: false, problem: { path: 'weightG' } });
    expect(asked({ attachedG: 400 })).toMatchObject({ ok: false, problem: { path: 'attachedG' } });
    expect(asked({ weightG: undefined, capacityMl: 5000 })).toMatchObject({ ok: false, problem: { path: 'capacityMl' } });
  });

  it('tells between which balls it lies: by all that is not known, each at its worst the same way', () => {
    const { ball: middle, thrown } = made.masses;
    const cutAway = thrown - made.masses.trimmed;
    const slurry = 1 - WAYS.trimmed.slurryPercent / 100;
    const of = (share: number, water: number, loss: number, trimmed: number) =>
      ((weightG * (1 - share) - 40) / ((1 - water) * (1 - loss)) + cutAway * trimmed) / slurry;
    const range = (more: Parameters<typeof clayFigures>[0], glazeShare?: number) => {
      const figures = clayFigures({ shrinkagePercent: 11.5, bars: [{ wet: 100, glazed: 88.4, tool: 'caliper' }], ...more });
      const found = again(
        figures,
        { form: cup, wallMeasured: true, weightG, attachedG: 40, ...(glazeShare && { glazeShare }) },
        WAYS.trimmed,
        write,
      );
      if (!found.ok) throw new Error(found.problem.message);
      return { figures, ball: found.value.ball };
    };
    const typical = range({ kind: 'stoneware' });
    const { water, loss } = typical.figures.matter;
    expect(typical.ball[1]).toBeCloseTo(middle, 6);
    expect(typical.ball[0]).toBeCloseTo(of(0.08, water - 0.02, loss - 0.015, 0.7), 6);
    expect(typical.ball[2]).toBeCloseTo(of(0.03, water + 0.02, loss + 0.015, 1.3), 6);
    // a glaze beyond the usual shares is taken as it is
    expect(range({ kind: 'stoneware' }, 0.1).ball[0]).toBeCloseTo(of(0.1, water - 0.02, loss - 0.015, 0.7), 6);
    expect(range({ kind: 'stoneware' }, 0.01).ball[2]).toBeCloseTo(of(0.01, water + 0.02, loss + 0.015, 1.3), 6);
    const byWall = again(clay, { form: cup, wallMeasured: true }, WAYS.trimmed, write);
    expect(byWall).toMatchObject({
      ok: true,
      value: {
        wallFrom: 'measured',
        clayG: undefined,
        holdsMore: undefined,
        ball: [0.9, 1, 1.1].map((f) => expect.closeTo(f * middle, 9)),
      },
    });
    const holding = again(clay, { form: cup, wallMeasured: true, capacityMl: made.capacityMl - 12 }, WAYS.trimmed, write);
    expect(holding).toMatchObject({ ok: true, value: { holdsMore: expect.closeTo(12, 9) } });
  });
});
