import { type Stage, STAGES, clayFigures, convert, lengthAt } from '@/core/clay';
import {
  FAMILIES,
  FAMILY_NAMES,
  type FamilyName,
  type Form,
  type SizeName,
  checkForm,
  checkInsides,
  formOf,
  insidesOf,
  sizeSpec,
  sizesOf,
} from '@/core/form';
import { METRIC, text, writeLength } from '@/core/units';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Gives, type KnownSizes, giverOf, resolveKnown, size } from '.';

const clay = clayFigures({ kind: 'stoneware', shrinkagePercent: 11.5, heightShrinkagePercent: 13 });
const write = (mm: number) => text(writeLength(mm, METRIC));

const shapeOf = (family: FamilyName) => ({ family, manner: FAMILIES[family].manner, knots: FAMILIES[family].knots });
const usual = (family: FamilyName) => formOf(shapeOf(family), 'glazed', FAMILIES[family].typical);
const known = (form: Form<'glazed'>): KnownSizes =>
  Object.fromEntries(Object.entries(form.sizes).map(([name, mm]) => [name, [{ mm, at: 'glazed' as const }]]));

const INSIDES = FAMILY_NAMES.flatMap((family) =>
  FAMILIES[family].sizes.filter((name) => sizeSpec(name).inside).map((inside) => ({ family, inside })),
);

/** The piece with one width inside known, and what it then measures there. */
function withInside(family: FamilyName, inside: SizeName, mm: number, at: Stage, gives?: Gives) {
  const sizes: KnownSizes = { ...known(usual(family)), [inside]: [{ mm, at }] };
  const given = resolveKnown({ ...shapeOf(family), gives }, sizes, clay);
  const possible = checkForm(given.form as Form<Stage>, write);
  const form = possible.ok ? checkInsides(possible.value, write) : possible;
  if (!form.ok) return { problem: form.problem, given };
  const sized = size(clay, form.value, given.at, { trimFloor: 0, trimWall: 0, rimCut: 0, wireLoss: 0, slurryPercent: 0 });
  return { problem: undefined, given, measured: sized.stages[at].sizes[inside]!, glazed: sized.stages.glazed.sizes };
}

describe('widths inside', () => {
  it.each(INSIDES)('$inside of a $family is met at any stage, its outside or its wall giving way', ({ family, inside }) => {
    const form = usual(family);
    const now = insidesOf(form)[inside]!;
    const { outer } = sizeSpec(inside).inside!;
    fc.assert(
      fc.property(fc.double({ min: 0.985, max: 1.015, noNaN: true }), fc.constantFrom(...STAGES), fc.boolean(), (f, at, byWall) => {
        const mm = convert(lengthAt('glazed', now * f), 'glazed', at, clay.shrinkage, 'width');
        const gives: Gives = { [inside]: byWall ? 'wall' : 'outside' };
        const found = withInside(family, inside, mm, at, gives);
        // a little may be too much for a neck or a collar: then it is said of a size, and nothing else is made
        if (found.problem) return expect(found.problem.path in { ...form.sizes, [inside]: 0, points: 0 }).toBe(true);
        expect(found.measured).toBeCloseTo(mm, 4);
        const giver = giverOf(inside, form.sizes, gives);
        const held = sizesOf(form, form.sizes).filter((name) => name !== giver);
        for (const name of held) expect(found.glazed[name]).toBeCloseTo(form.sizes[name]!, 9);
        if (byWall && form.sizes[outer] !== undefined) expect(giver).not.toBe(outer);
      }),
      { seed: 21, numRuns: 8 },
    );
  });

  it('of a straight cup is the outside less two walls, by hand', () => {
    const shape = shapeOf('cylinder');
    const sizes: KnownSizes = {
      ...known(formOf(shape, 'glazed', { height: 100, rimDiameter: 90, baseDiameter: 90, wall: 5, floor: 6 })),
      mouthInside: [{ mm: 84, at: 'glazed' }],
      floorInside: [{ mm: 84, at: 'glazed' }],
    };
    const { form } = resolveKnown({ ...shape, gives: { mouthInside: 'outside', floorInside: 'outside' } }, sizes, clay);
    expect(form.sizes.rimDiameter).toBeCloseTo(94, 6);
    expect(form.sizes.baseDiameter).toBeCloseTo(94, 6);
    // entered all three, nothing is moved until it is said which of them changes
    expect(resolveKnown(shape, sizes, clay).form.sizes.rimDiameter).toBe(90);
    const thin = resolveKnown({ ...shape, gives: { mouthInside: 'wall', floorInside: 'wall' } }, sizes, clay).form;
    expect(thin.sizes).toMatchObject({ rimDiameter: 90, wall: expect.closeTo(3, 6) });
  });

  it('says what outside and wall leave where it cannot be', () => {
    const found = withInside('cylinder', 'mouthInside', 85, 'glazed', { mouthInside: 'wall' });
    expect(found.problem?.path).toBe('mouthInside');
    expect(found.problem?.message).toMatch(/^The width inside the mouth cannot be 85 mm here. The outside and the wall leave \d/);
  });
});
