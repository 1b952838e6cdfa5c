import { describe, expect, it } from 'vitest';
import { FAMILIES, type FamilyName, type SizeName, checkForm, formOf } from '.';

const write = (mm: number) => `${mm.toFixed(3)} mm`;

function problemOf(family: FamilyName, sizes: Partial<Record<SizeName, number>>) {
  const { manner, knots, typical } = FAMILIES[family];
  const checked = checkForm(formOf({ family, manner, knots }, 'glazed', { ...typical, ...sizes }), write);
  return checked.ok ? undefined : checked.problem;
}

describe('a refusal names what would do', () => {
  it.each<[FamilyName, Partial<Record<SizeName, number>>, SizeName, RegExp]>([
    ['bowl', { rimDiameter: 66 }, 'rimDiameter', /at least ([\d.]+) mm over this foot/],
    ['bowl', { height: 14 }, 'height', /all floor with such walls\. Make it at least ([\d.]+) mm/],
    ['bowl', { height: 20, floor: 2, wallAtFoot: 7 }, 'height', /all floor with such walls\. Make it at least ([\d.]+) mm/],
    ['bowl', { height: 30, floor: 14, wallAtFoot: 5 }, 'height', /all floor with such walls\. Make it at least ([\d.]+) mm/],
    ['bowl', { height: 30, rimDiameter: 400 }, 'height', /at least ([\d.]+) mm high, or choose a plate/],
  ])('%s with %j', (family, sizes, size, figure) => {
    const found = problemOf(family, sizes)!;
    expect(found.path).toBe(size);
    const told = Number(figure.exec(found.message)![1]);
    // a hair more is taken, a hair less is refused for the same
    expect(problemOf(family, { ...sizes, [size]: told + 0.01 })?.message ?? '').not.toMatch(figure);
    expect(problemOf(family, { ...sizes, [size]: told - 0.01 })!.message).toMatch(figure);
  });
});

describe('what has sides', () => {
  it.each<[FamilyName, Partial<Record<SizeName, number>>, SizeName, RegExp]>([
    ['box', { floor: 90, height: 90 }, 'floor', /would reach the rim/],
    ['oval', { floor: 90, height: 80 }, 'floor', /would reach the rim/],
    ['faceted', { floor: 120, height: 120 }, 'floor', /would reach the rim/],
    ['box', { wall: 40, rimDiameter: 90, baseDiameter: 90 }, 'wall', /no room inside/],
    ['oval', { wall: 45 }, 'wall', /no room inside/],
    ['faceted', { wall: 50 }, 'wall', /no room inside/],
    ['box', { rimAcross: 900, height: 60 }, 'rimAcross', /lean/],
    ['oval', { rimAcross: 900, height: 60 }, 'rimAcross', /lean/],
    ['box', { rimDiameter: 900, height: 60 }, 'rimDiameter', /lean/],
    ['oval', { rimDiameter: 900, height: 60 }, 'rimDiameter', /lean/],
    ['faceted', { rimDiameter: 900, height: 60 }, 'rimDiameter', /lean/],
  ])('%s with %j is refused', (family, sizes, size, words) => {
    const found = problemOf(family, sizes);
    expect(found).toMatchObject({ path: size, message: expect.stringMatching(words) });
  });

  it('must be wider than two walls and a half the narrow way, at base and at rim', () => {
    for (const size of ['baseAcross', 'rimAcross'] as const) {
      const { typical } = FAMILIES.box;
      const other = size === 'baseAcross' ? 'rimAcross' : 'baseAcross';
      const least = 2.5 * typical.wall!;
      expect(problemOf('box', { [size]: least - 0.1, [other]: least + 20 })).toMatchObject({ path: 'wall' });
      expect(problemOf('box', { [size]: least + 0.1, [other]: least + 20 })).toBeUndefined();
    }
  });
});
