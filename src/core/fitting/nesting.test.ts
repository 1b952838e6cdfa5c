import { DEMO } from '@/core/example';
import { describe, expect, it } from 'vitest';
import { sizedPlanPart } from '@/core/part';
import { mainPart, type Part, type Plan } from '@/core/records';
import { type NestChoices, nestWork, usualNest } from '.';

const write = { length: String, mass: String, volume: String };
const plan = DEMO.plans.find(({ id }) => id === 'plan-serving-bowl')!;
const main = mainPart(plan);

const largestOf = (part: Part) => {
  const made = sizedPlanPart(DEMO, part, String);
  if (!made.ok) throw new Error(made.problem.message);
  return made.value.sized.stages.glazed;
};
const largest = largestOf(main);
const { rimDiameter, height } = largest.sizes;

const ask = (choices: Partial<NestChoices> = {}, own: Plan = plan) =>
  nestWork(DEMO, own, largestOf(mainPart(own)), { ...usualNest(largest), ...choices }, write);
const nest = (choices: Partial<NestChoices> = {}, own: Plan = plan) => {
  const found = ask(choices, own);
  if (!found.ok) throw new Error(found.problem.message);
  return found.value;
};
const finished = (choices: Partial<NestChoices> = {}) => nest(choices).map(({ made }) => made.sized.stages.glazed.sizes);

describe('a nest worked out', () => {
  it('begins with four to half the width and three fifths of the height, in whole mm', () => {
    expect(usualNest(largest)).toMatchObject({
      count: 4,
      by: 'ratio',
      smallest: Math.round(rimDiameter / 2),
      smallestHeight: Math.round(height * 0.6),
      clearance: 3,
    });
  });

  it('goes from the largest to the smallest, each the same share of the one before, or the same step', () => {
    const ratio = finished();
    expect(ratio).toHaveLength(4);
    expect(ratio[0]!.rimDiameter).toBeCloseTo(rimDiameter, 6);
    expect(ratio[3]!.rimDiameter).toBeCloseTo(Math.round(rimDiameter / 2), 6);
    expect(ratio[3]!.height).toBeCloseTo(Math.round(height * 0.6), 6);
    expect(ratio[1]!.rimDiameter / ratio[0]!.rimDiameter).toBeCloseTo(ratio[3]!.rimDiameter / ratio[2]!.rimDiameter, 9);
    const step = finished({ by: 'step', count: 3, smallest: 150 });
    expect(step[0]!.rimDiameter - step[1]!.rimDiameter).toBeCloseTo(step[1]!.rimDiameter - 150, 9);
    // set one by one
    const pinned = finished({ widths: { 1: rimDiameter - 20 }, heights: { 1: height - 7 } });
    expect([pinned[1]!.rimDiameter, pinned[1]!.height]).toEqual([expect.closeTo(rimDiameter - 20, 6), expect.closeTo(height - 7, 6)]);
  });

  it('tells what is thrown for each, of the largest as the piece has it', () => {
    const bowls = nest();
    expect(bowls[0]!.part).toEqual(main);
    for (const { part, made } of bowls) {
      const again = sizedPlanPart(DEMO, part, String);
      expect(again.ok && again.value.sized.masses.ball).toBeCloseTo(made.sized.masses.ball, 9);
      expect(part).toMatchObject({ bodyId: main.bodyId, batchId: main.batchId });
    }
    expect(bowls.map(({ made }) => made.sized.masses.ball)).toEqual(
      bowls.map(({ made }) => made.sized.masses.ball).toSorted((a, b) => b - a),
    );
    expect(bowls[0]).toMatchObject({ stands: 0, gap: undefined, touch: undefined, wedged: false, tight: false });
    for (const { stands, touch, gap } of bowls.slice(1))
      expect([stands > 0, touch !== undefined, gap !== undefined]).toEqual([true, true, true]);
  });

  it('has clays of their own by place, without what was said of the other clay', () => {
    const own = { ...plan, parts: [{ ...main, batchId: 'batch-heron-august', firing: { cone: '6' } }] as const };
    const [first, second, third] = nest({ bodies: { 0: 'body-chalk-down', 2: 'body-quarry-grog' } }, own);
    expect(first!.part).toMatchObject({ bodyId: 'body-chalk-down', batchId: undefined });
    expect(second!.part).toMatchObject({ bodyId: main.bodyId, batchId: 'batch-heron-august', firing: { cone: '6' } });
    expect(third!.part).toMatchObject({ bodyId: 'body-quarry-grog', batchId: undefined, firing: undefined });
    expect(nest({}, own)[0]!.part).toMatchObject({ batchId: 'batch-heron-august' });
  });

  it('says which do not clear the larger ones by what was asked', () => {
    const bowls = nest();
    const gaps = bowls.slice(1).map(({ gap }) => gap!);
    const least = Math.min(...gaps);
    const tight = (clearance: number) => nest({ clearance }).filter((bowl) => bowl.tight).length;
    expect(tight(least - 0.01)).toBe(0);
    expect(tight(least)).toBe(0);
    expect(tight(least + 0.01)).toBe(gaps.filter((gap) => gap < least + 0.01).length);
  });

  it('stands its rims as they are asked to stand', () => {
    const level = nest({ rise: 0 });
    for (const { stands, made } of level) expect(stands + made.sized.stages.glazed.sizes.height).toBeCloseTo(height, 1);
    const stepped = nest({ rise: 4, count: 3 });
    stepped.forEach(({ stands, made }, i) => expect(stands + made.sized.stages.glazed.sizes.height).toBeCloseTo(height + 4 * i, 1));
  });

  it('says what doubled clay would give by habit: from the smallest up, twice the ball, the same shape', () => {
    const bowls = nest();
    const smallest = bowls[3]!.made.sized.stages.glazed.sizes;
    expect(bowls[3]!.doubled).toBeCloseTo(smallest.rimDiameter, 1);
    bowls.slice(0, 3).forEach(({ doubled }, i) => {
      // walls stay as thick, so that width goes nearly as the root of the clay
      const doublings = 3 - i;
      expect(doubled! / smallest.rimDiameter).toBeGreaterThan(2 ** (doublings / 3));
      expect(doubled! / smallest.rimDiameter).toBeLessThan(2 ** (doublings / 1.8));
    });
  });

  it('is refused in words where it cannot be', () => {
    const problem = (choices: Partial<NestChoices>) => {
      const found = ask(choices);
      return found.ok ? undefined : found.problem;
    };
    expect(problem({ smallest: rimDiameter })).toMatchObject({
      path: 'smallest',
      message: expect.stringContaining('narrower than the largest') as string,
    });
    expect(problem({ smallest: rimDiameter - 1, clearance: 0, count: 2 })).toBeUndefined();
    expect(problem({ smallest: 4, smallestHeight: 60, count: 2 })?.message).toMatch(/^Number 2 from the largest cannot be made: /);
    // one set by itself, wider than what it goes into; and the next, which follows between what is set
    expect(problem({ count: 4, widths: { 3: rimDiameter + 1 } })?.message).toMatch(
      /^Number 2 from the largest would be .* has to be narrower/,
    );
    expect(problem({ count: 4, widths: { 2: 90, 3: 100 } })?.message).toContain('Number 4 from the largest would be 100');
    // half of what each is narrower than the next, all round
    const step = (rimDiameter - 150) / 2 / 2;
    expect(problem({ by: 'step', count: 3, smallest: 150, clearance: step + 0.001 })).toMatchObject({ path: 'clearance' });
    expect(problem({ by: 'step', count: 3, smallest: 150, clearance: step - 0.001 })).toBeUndefined();
    const first = (rimDiameter * (1 - Math.sqrt(150 / rimDiameter))) / 2;
    expect(problem({ by: 'ratio', count: 3, smallest: 150, clearance: first + 0.001 })?.message).toContain(String(first + 0.001));
    expect(problem({ by: 'ratio', count: 3, smallest: 150, clearance: first - 0.001 })).toBeUndefined();
  });

  it('is worked out from outsides where the piece is known by its inside', () => {
    const inside = sizedPlanPart(
      DEMO,
      { ...main, sizes: { ...main.sizes, mouthInside: [{ mm: rimDiameter - 14, at: 'glazed' }] } },
      String,
    );
    if (!inside.ok) throw new Error(inside.problem.message);
    const found = nestWork(DEMO, plan, inside.value.sized.stages.glazed, usualNest(largest), write);
    expect(found.ok && found.value[3]!.made.sized.stages.glazed.sizes.rimDiameter).toBeCloseTo(Math.round(rimDiameter / 2), 6);
  });
});
