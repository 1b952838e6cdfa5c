import { clayFigures, wetDensity } from '@/core/clay';
import { FAMILIES, formOf, holdsMl } from '@/core/form';
import { describe, expect, it } from 'vitest';
import { type Joined, NOTHING_LOST, attachedG, beyondItself, joinedSizes, reverse, size, solveCapacity, withPouringLip } from '.';

const clay = clayFigures({ kind: 'stoneware', shrinkagePercent: 11.5 });
const write = (mm: number) => `${mm.toFixed(1)} mm`;
const cup = formOf({ family: 'cylinder', manner: { foot: 'flat' } }, 'glazed', {
  height: 100,
  rimDiameter: 80,
  baseDiameter: 80,
  wall: 5,
  floor: 6,
});
const sized = size(clay, cup, 'glazed', NOTHING_LOST);

describe('what is put on', () => {
  it('weighs what was weighed, else its length times its section: a strap’s is an oval', () => {
    const weighs = (part: object) => attachedG({ id: 'a', kind: 'handle', ...part }, clay.matter);
    const density = wetDensity(clay.matter) / 1000;
    expect(weighs({ massG: 40, length: 100, width: 20 })).toBe(40);
    expect(weighs({ massG: 0, length: 100, width: 20 })).toBe(0);
    expect(weighs({ length: 100, width: 20, thick: 8 })).toBeCloseTo((Math.PI / 4) * 20 * 8 * 100 * density, 9);
    expect(weighs({ length: 100, width: 12 })).toBeCloseTo((Math.PI / 4) * 144 * 100 * density, 9);
    expect([weighs({}), weighs({ length: 100 }), weighs({ width: 12 })]).toEqual([0, 0, 0]);
  });

  it('a pouring lip takes away what would stand above its edge, and stands out on one side', () => {
    const inside = (Math.PI / 4) * 70 ** 2;
    expect(withPouringLip(sized, { drop: 8, reach: 12 })).toEqual({
      holdsMl: expect.closeTo((inside * (94 - 8)) / 1000, 6) as number,
      widest: expect.closeTo(92, 9) as number,
    });
    expect(withPouringLip(sized, { drop: 0, reach: 0 }).widest).toBeCloseTo(80, 9);
    // a wide belly: the lip stands out of the mouth
    const jar = size(clay, formOf({ family: 'jar', manner: FAMILIES.jar.manner }, 'glazed', FAMILIES.jar.typical), 'glazed', NOTHING_LOST);
    const { widest } = jar.measures;
    expect(withPouringLip(jar, { drop: 1, reach: 40 }).widest).toBeCloseTo(widest / 2 + jar.stages.glazed.sizes.rimDiameter / 2 + 40, 9);
    expect(withPouringLip(jar, { drop: 1, reach: 1 }).widest).toBe(widest);
  });

  it('copies joined in a row or in a ring take the room of circles so far apart', () => {
    const of = (joined: Partial<Joined>) => joinedSizes(sized, { copies: 2, flattened: 3, ...joined });
    expect(of({})).toEqual({ overall: 154, footprint: [154, 80], clear: undefined, clearFromFloor: undefined });
    expect(of({ copies: 3 })).toMatchObject({ overall: 228, footprint: [228, 80] });
    // three in a ring: middles on a triangle of side 74
    const middles = [0, 120, 240].map((turn) => {
      const r = 74 / Math.sqrt(3);
      return [r * Math.sin((turn * Math.PI) / 180), r * Math.cos((turn * Math.PI) / 180)] as const;
    });
    const span = (k: 0 | 1) => Math.max(...middles.map((each) => each[k])) - Math.min(...middles.map((each) => each[k])) + 80;
    const ring = of({ copies: 3, ring: true });
    expect(ring.footprint).toEqual([expect.closeTo(span(0), 9), expect.closeTo(span(1), 9)]);
    expect(ring.overall).toBeCloseTo(2 * (74 / Math.sqrt(3)) + 80, 9);
    // two are no ring
    expect(of({ ring: true })).toMatchObject({ overall: 154, footprint: [154, 80] });
    // a handle 60 above the rim and 10 thick: 50 clear, and down to the floor inside
    expect(of({ handleRise: 60, handleThick: 10 })).toMatchObject({ clear: 50, clearFromFloor: expect.closeTo(50 + 100 - 6, 9) as number });
    expect(of({ handleRise: 60 })).toMatchObject({ clear: 60 });
  });

  it('stands out as far as the widest of them, and as high as a handle over the join', () => {
    const beyond = (extras: Parameters<typeof beyondItself>[1]) => beyondItself(sized, extras);
    expect(beyond({})).toEqual({ width: 0, height: 0 });
    expect(beyond({ pouringLip: { drop: 3, reach: 12 } })).toEqual({ width: expect.closeTo(12, 9) as number, height: 0 });
    expect(beyond({ joined: { copies: 2, flattened: 3, handleRise: 60 } })).toEqual({ width: expect.closeTo(74, 9) as number, height: 60 });
    expect(beyond({ pouringLip: { drop: 3, reach: 90 }, joined: { copies: 2, flattened: 3 } }).width).toBeCloseTo(90, 9);
  });
});

describe('a ball turned back into a piece', () => {
  const writers = { length: write, mass: (g: number) => `${g.toFixed(0)} g` };
  const ballOf = (form: typeof cup) => size(clay, form, 'glazed', NOTHING_LOST).masses.ball;
  const from = (ballG: number, keep: 'proportions' | 'height' | 'mouth', shape = cup) =>
    reverse(clay, shape, NOTHING_LOST, { ballG, keep }, writers);

  it('is the largest that takes it, with height or mouth kept, or in proportion; walls stay', () => {
    for (const keep of ['proportions', 'height', 'mouth'] as const)
      for (const ballG of [300, 500, 1500]) {
        const found = from(ballG, keep);
        if (!found.ok) throw new Error(found.problem.message);
        const { height, rimDiameter, wall, floor } = found.value.sizes;
        expect(ballOf(found.value) / ballG).toBeCloseTo(1, 3);
        expect([wall, floor]).toEqual([5, 6]);
        if (keep === 'height') expect(height).toBeCloseTo(100, 9);
        if (keep === 'mouth') expect(rimDiameter).toBeCloseTo(80, 9);
        if (keep === 'proportions') expect(height / rimDiameter).toBeCloseTo(100 / 80, 9);
      }
  });

  it('is told what would do where it is too little or too much', () => {
    const message = (ballG: number, keep: 'proportions' | 'height' | 'mouth', shape = cup) => {
      const found = from(ballG, keep, shape);
      return found.ok ? '' : found.problem.message;
    };
    expect(message(1, 'proportions')).toMatch(
      /^1 g is too little clay: the smallest of this shape takes \d+ g\. .* Weigh out more, or make wall and floor thinner\.$/,
    );
    // to the gram: a piece no wider inside than its wall is thick
    expect(from(3, 'proportions').ok).toBe(true);
    expect(message(20, 'height')).toMatch(/^20 g is too little clay: the smallest of this shape takes 22 g\. The wall/);
    expect(from(23, 'height').ok).toBe(true);
    expect(message(80, 'mouth')).toMatch(
      /^80 g is too little clay: the smallest of this shape takes 85 g\. The floor .* would reach the rim/,
    );
    expect(from(86, 'mouth').ok).toBe(true);
    expect(message(5e7, 'mouth')).toMatch(
      /^50000000 g is too much clay: the largest of this shape takes \d+ g\..* Weigh out less, or keep another size\.$/,
    );
    const thick = formOf({ family: 'cylinder', manner: { foot: 'flat' } }, 'glazed', {
      height: 100,
      rimDiameter: 80,
      baseDiameter: 80,
      wall: 60,
      floor: 6,
    });
    expect(from(500, 'height', thick)).toMatchObject({ ok: false, problem: { path: 'ball' } });
  });
});

describe('a capacity that cannot be held', () => {
  const said = (target: Parameters<typeof solveCapacity>[1]) => {
    const found = solveCapacity(cup, target, write);
    return found.ok ? { path: '', message: '' } : found.problem;
  };

  it('is refused with the nearest that can, rounded towards what can be made', () => {
    const much = said({ capacityMl: 1e9, rimDiameter: 80 });
    expect(much.path).toBe('target.capacityMl');
    expect(much.message).toMatch(
      /^1000000000 ml is not possible( with sizes up to 3000\.0 mm\.|: .*) The nearest possible piece holds (\d+) ml\. Use that/,
    );
    const most = Number(/holds (\d+) ml/.exec(much.message)![1]);
    // a column of 70 across and as high as anything may be
    expect(most).toBe(Math.floor(((Math.PI / 4) * 70 ** 2 * (3000 - 6)) / 1000));
  });

  it('says which given size makes it impossible whatever it holds', () => {
    expect(said({ capacityMl: 300, height: 5 })).toEqual({
      path: 'target.height',
      message: expect.stringMatching(/^No such piece can be made whatever it holds: /) as string,
    });
    expect(said({ capacityMl: 300, rimDiameter: 5 }).path).toBe('target.rimDiameter');
  });

  it('takes what is given: a height, a mouth, or a height at most', () => {
    const held = (target: Parameters<typeof solveCapacity>[1]) => {
      const found = solveCapacity(cup, target, write);
      if (!found.ok) throw new Error(found.problem.message);
      expect(holdsMl(found.value)).toBeCloseTo(target.capacityMl, 3);
      return found.value.sizes;
    };
    expect(held({ capacityMl: 500, height: 90 }).height).toBeCloseTo(90, 9);
    expect(held({ capacityMl: 500, rimDiameter: 90 }).rimDiameter).toBeCloseTo(90, 9);
    const free = held({ capacityMl: 500 });
    expect(free.height / free.rimDiameter).toBeCloseTo(1.25, 9);
    expect(held({ capacityMl: 500, maxHeight: 80 }).height).toBeCloseTo(80, 9);
    expect(held({ capacityMl: 500, maxHeight: 200 })).toEqual(free);
  });
});
