import { FAMILIES, FAMILY_NAMES, type FamilyName, ROUND_FAMILIES } from '@/core/form';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { calculate } from '.';
import type { FormInput } from './schema';

const body = { kind: 'stoneware', shrinkagePercent: 11.5 };
const cup = { family: 'cylinder', height: 120, rimDiameter: 92, baseDiameter: 84, wall: 4.6, floor: 6.4 };
const making = { trimFloor: 4.5, trimWall: 1.8, rimCut: 2.5, wireLoss: 1, slurryPercent: 3.5 };

interface Answer {
  readonly form: Record<string, number>;
  readonly massG: { readonly ball: number };
}

function answered(verb: 'reverse' | 'size', input: object): Answer {
  const answer = calculate(verb, input);
  if (!answer.ok) throw new Error(answer.problem.message);
  return answer.value as Answer;
}

/** A family's usual piece as the contract writes it. */
function usual(family: FamilyName): FormInput {
  const { typical, manner, knots } = FAMILIES[family];
  if (!knots) return { family, ...manner, ...typical } as FormInput;
  const { height = 0, rimDiameter = 0, ...walls } = typical;
  return { family, ...manner, ...walls, points: knots.map(({ r, z, ...end }) => ({ r: (r * rimDiameter) / 2, z: z * height, ...end })) };
}

describe('reverse', () => {
  it('answers the reference cup for the reference ball', () => {
    const { form, massG } = answered('reverse', { body, form: cup, ball: 646.6, making });
    expect(massG.ball).toBeCloseTo(646.6, 3);
    expect(form.height).toBeCloseTo(120, 2);
    expect(form.rimDiameter).toBeCloseTo(92, 2);
  });

  it('keeps walls and proportions unless a size is kept', () => {
    const twice = { body, form: cup, ball: 1293.2, making };
    const { form } = answered('reverse', twice);
    expect(form).toMatchObject({ wall: 4.6, floor: 6.4 });
    expect(form.rimDiameter! / form.height!).toBeCloseTo(92 / 120, 9);
    const wider = answered('reverse', { ...twice, keep: 'height' }).form;
    expect(wider.height).toBe(120);
    expect(wider.baseDiameter! / wider.rimDiameter!).toBeCloseTo(84 / 92, 9);
    const taller = answered('reverse', { ...twice, keep: 'rimDiameter' }).form;
    expect(taller.rimDiameter).toBeCloseTo(92, 9);
    expect(taller.height).toBeGreaterThan(form.height!);
  });

  it.each(FAMILY_NAMES)('of a %s takes the ball it was asked for, by size', (family) => {
    const lost = ROUND_FAMILIES.includes(family) ? making : {};
    const form = usual(family);
    const { ball } = answered('size', { body, form, making: lost }).massG;
    fc.assert(
      fc.property(fc.double({ min: 0.7, max: 4, noNaN: true }), fc.constantFrom('proportions', 'height', 'rimDiameter'), (f, keep) => {
        const answer = calculate('reverse', { body, form, ball: ball * f, keep, making: lost });
        // some keep what such a ball cannot be: that is said, never made something else
        if (!answer.ok) {
          expect(answer.problem).toMatchObject({ path: 'ball', message: expect.stringMatching(/too (little|much)/) });
          expect(keep === 'proportions' && f > 0.9 && f < 2).toBe(false);
          return;
        }
        const found = (answer.value as { form: object }).form;
        expect(answered('size', { body, form: found, making: lost }).massG.ball / (ball * f)).toBeCloseTo(1, 5);
      }),
      { seed: 12, numRuns: 5 },
    );
  });

  it.each([
    [
      { ball: 3, making },
      'ball',
      /^3 g is too little clay: the smallest of this shape takes \d+\s?g\. .*Weigh out more, or make wall and floor thinner/,
    ],
    [{ ball: 900000, keep: 'height' }, 'ball', /is too much clay: the largest/],
    [{ ball: 0 }, 'ball', /above zero/],
    [{ ball: 500, keep: 'wall' }, 'keep', /proportions, height, rimDiameter/],
    [{ ball: 500, form: { ...cup, wall: 60 } }, 'form.wall', /thicker/],
    [{ ball: 500, making: { trimFloor: 500 } }, 'making.trimFloor', /most allowed is 100/],
  ])('refuses %j', (change, path, message) => {
    const answer = calculate('reverse', { body, form: cup, ...change });
    expect(answer.ok ? '' : answer.problem.path).toBe(path);
    expect(answer.ok ? '' : answer.problem.message).toMatch(message);
  });
});
