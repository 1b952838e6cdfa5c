import { STAGES, remaining } from '@/core/clay';
import { FAMILY_NAMES, FAMILIES } from '@/core/form';
import { METRIC, text, writeLength, writeMass, writeVolume } from '@/core/units';
import { describe, expect, it } from 'vitest';
import { DEMO } from '@/core/example';
import { fitOf, startedFit } from '@/core/fitting';
import type { Part } from '@/core/records';
import { clayOf, type Start, startedPart, type StartOf, weighedPart } from '.';

const write = {
  length: (mm: number) => text(writeLength(mm, METRIC)),
  mass: (g: number) => text(writeMass(g, METRIC)),
  volume: (ml: number) => text(writeVolume(ml, METRIC)),
};

const cup: StartOf = { family: 'cylinder', bodyId: 'body-heron-buff', way: 'trimmed' };
const started = (start: Start, of = cup): Part => {
  const part = startedPart(DEMO, start, of, 'new', write);
  if (!part.ok) throw new Error(part.problem.message);
  return part.value;
};
const madeOf = (part: Part) => {
  const made = weighedPart(DEMO, part, write.length);
  if (!made.ok) throw new Error(made.problem.message);
  return made.value;
};
const knownOf = (part: Part) => Object.entries(part.sizes).flatMap(([name, [first]]) => ('free' in first && first.free ? [] : [name]));

describe('a piece started from what is known', () => {
  it.each(STAGES)('holds to a mouth and a height known %s, and to nothing else', (at) => {
    const part = started({ kind: 'size', at, across: 90, high: 110 });
    expect(knownOf(part)).toEqual(['height', 'rimDiameter']);
    const { sizes } = madeOf(part).sized.stages[at];
    expect([sizes.rimDiameter, sizes.height]).toEqual([expect.closeTo(90, 9), expect.closeTo(110, 9)]);
  });

  it.each(FAMILY_NAMES)('of a ball makes a %s that takes it', (family) => {
    const of: StartOf = { ...cup, family, ...(FAMILIES[family].flatSided && { hand: { by: 'slab' } }) };
    const { weighOut, sized } = madeOf(started({ kind: 'ball', ballG: 1900 }, of));
    const takes = weighOut ?? sized.masses.ball;
    // a slab is rolled between battens: the largest that this much clay is enough for
    expect(takes).toBeLessThanOrEqual(1900.01);
    expect(takes).toBeGreaterThan(of.hand ? 1500 : 1899.9);
  });

  it.each([
    ['plate', { kind: 'size', at: 'glazed', across: 110 }],
    ['jar', { kind: 'size', at: 'glazed', high: 90 }],
    ['jar', { kind: 'size', at: 'wet', across: 70 }],
    ['bottle', { kind: 'size', at: 'glazed', across: 100, high: 200 }],
    ['jar', { kind: 'ball', ballG: 350 }],
    ['jar', { kind: 'ball', ballG: 350, across: 70 }],
    ['plate', { kind: 'ball', ballG: 150 }],
    ['bottle', { kind: 'ball', ballG: 100 }],
    ['jar', { kind: 'holds', capacityMl: 300 }],
    ['jar', { kind: 'holds', capacityMl: 250, maxHeight: 80 }],
  ] as const)('a small %s is one: what is only suggested gives way to %j', (family, start) => {
    const part = started(start, { ...cup, family });
    const { sized } = madeOf(part);
    if (start.kind === 'ball') expect(sized.masses.ball).toBeCloseTo(start.ballG, 0);
    if (start.kind === 'holds') expect(sized.capacityMl).toBeCloseTo(start.capacityMl, 0);
    const { at, across, high } = { at: 'glazed' as const, across: undefined, high: undefined, ...start };
    if (across) expect(sized.stages[at].sizes.rimDiameter).toBeCloseTo(across, 9);
    if (high) expect(sized.stages[at].sizes.height).toBeCloseTo(high, 9);
    expect(sized.stages.glazed.sizes.wall).toBeGreaterThanOrEqual(2.5 - 1e-9);
  });

  it('of a ball keeps the mouth or the height it is told, finished', () => {
    const wide = madeOf(started({ kind: 'ball', ballG: 1200, across: 120 })).sized.stages.glazed.sizes;
    const high = madeOf(started({ kind: 'ball', ballG: 1200, high: 150 })).sized.stages.glazed.sizes;
    expect([wide.rimDiameter, high.height]).toEqual([expect.closeTo(120, 9), expect.closeTo(150, 9)]);
  });

  it('of a capacity holds it, under a height kept as a limit', () => {
    expect(madeOf(started({ kind: 'holds', capacityMl: 500 })).sized.capacityMl).toBeCloseTo(500, 3);
    const low = started({ kind: 'holds', capacityMl: 500, maxHeight: 90 });
    expect(low.sizes.height).toEqual([{ at: 'glazed', most: 90 }]);
    const made = madeOf(low).sized;
    expect(made.capacityMl).toBeCloseTo(500, 1);
    expect(made.stages.glazed.sizes.height).toBeLessThan(90);
    // far from the height it is only kept beside what follows from the capacity
    expect(madeOf(started({ kind: 'holds', capacityMl: 200, maxHeight: 300 })).sized.capacityMl).toBeCloseTo(200, 3);
  });

  it.each([
    [{ kind: 'ball', ballG: 3 }, 'ball', /^3 g is too little: it would be \S+ mm high/],
    [{ kind: 'holds', capacityMl: 500, maxHeight: 3 }, 'capacityMl', /A cup cannot hold 500 ml/],
    [{ kind: 'size', at: 'glazed', across: 5000 }, 'height', /largest allowed is/],
  ] as const)('refuses %j', (start, path, message) => {
    const part = startedPart(DEMO, start, cup, 'new', write);
    expect(part.ok ? '' : part.problem.path).toBe(path);
    expect(part.ok ? '' : part.problem.message).toMatch(message);
  });
});

describe('a piece started from what it must fit', () => {
  const of: StartOf = { family: 'cylinder', way: 'trimmed', bodyId: 'body-heron-buff', batchId: 'batch-heron-august' };
  const ids = { part: 'part', stock: 'stock' };

  it('a lid for a pot in the hand is a disc as wide as has the best odds', () => {
    const begun = startedFit(DEMO, { kind: 'pot', mm: 98, at: 'glazed' }, of, ids, write);
    if (!begun.ok) throw new Error(begun.problem.message);
    const { part, stock } = begun.value;
    expect([part.family, stock]).toEqual(['disc', undefined]);
    const made = weighedPart(DEMO, part, write.length);
    if (!made.ok) throw new Error(made.problem.message);
    const { rimDiameter } = made.value.sized.stages.glazed.sizes;
    expect(rimDiameter).toBeGreaterThan(95);
    expect(rimDiameter).toBeLessThan(97.2);
    const fit = fitOf(DEMO, part, made.value.sized, part.fit!);
    expect(fit.ok && fit.value.best.odds.good - fit.value.odds.good).toBeLessThan(0.002);
  });

  it('a pot for a bought lid has the mouth for it, and the lid goes into the kit', () => {
    const begun = startedFit(DEMO, { kind: 'lid', mm: 98, name: 'Pine lid' }, of, ids, write);
    if (!begun.ok) throw new Error(begun.problem.message);
    const { part, stock } = begun.value;
    expect(stock).toMatchObject({ name: 'Pine lid', kind: 'lid', widths: [98] });
    const made = weighedPart(DEMO, part, write.length);
    if (!made.ok) throw new Error(made.problem.message);
    expect(made.value.sized.stages.glazed.sizes.mouthInside).toBeGreaterThan(99.5);
    expect(part.fit).toEqual({ with: 'stock', stockId: 'stock' });
  });

  it('a pot for a cork has a mouth between its two widths, and a cork that does not taper is refused', () => {
    const cork = (bottom: number) => ({ kind: 'lid', mm: 38, name: 'Cork', taper: { bottom, length: 30 } }) as const;
    for (const family of ['bottle', 'jar', 'cylinder'] as const) {
      const begun = startedFit(DEMO, cork(32), { ...of, family }, ids, write);
      if (!begun.ok) throw new Error(`${family}: ${begun.problem.message}`);
      const { part, stock } = begun.value;
      expect(stock).toMatchObject({ kind: 'stopper', widths: [38], bottom: 32, length: 30 });
      const made = weighedPart(DEMO, part, write.length);
      if (!made.ok) throw new Error(made.problem.message);
      const { mouthInside = 0 } = made.value.sized.stages.glazed.sizes;
      expect(mouthInside).toBeGreaterThan(32.5);
      expect(mouthInside).toBeLessThan(38);
    }
    const refused = startedFit(DEMO, cork(40), of, ids, write);
    expect(refused.ok ? '' : refused.problem.message).toMatch(/does not taper inwards/);
  });
});

describe('the usual piece, as large as is known', () => {
  const typical = FAMILIES.bowl.typical as Record<string, number>;
  const bowl: StartOf = { ...cup, family: 'bowl' };
  const sizes = (start: Start, of: StartOf = bowl) =>
    Object.fromEntries(Object.entries(started(start, of).sizes).map(([name, [first]]) => [name, first])) as Record<
      string,
      { mm: number; at: string; free?: true }
    >;
  const details = ['footWidth', 'footHeight'];

  it('grows both ways with a mouth alone or a height alone, each with its own where both are known; small details stay', () => {
    const wide = sizes({ kind: 'size', at: 'glazed', across: typical.rimDiameter! * 1.5 });
    const high = sizes({ kind: 'size', at: 'glazed', high: typical.height! * 1.5 });
    const both = sizes({ kind: 'size', at: 'glazed', across: typical.rimDiameter! * 1.5, high: typical.height! * 1.2 });
    for (const [name, { mm }] of Object.entries(wide)) {
      if (['wall', 'wallAtFoot', 'floor'].includes(name)) continue;
      expect([name, mm]).toEqual([name, expect.closeTo(details.includes(name) ? typical[name]! : typical[name]! * 1.5, 9)]);
      expect(high[name]!.mm).toBeCloseTo(mm, 9);
      const up = name === 'height' || name === 'footHeight';
      if (!details.includes(name)) expect(both[name]!.mm).toBeCloseTo(typical[name]! * (up ? 1.2 : 1.5), 9);
    }
    expect(wide.rimDiameter!.free).toBeUndefined();
    expect(wide.height!.free).toBe(true);
  });

  it('is as thick as is usual for its size', () => {
    const wall = (factor: number) => sizes({ kind: 'size', at: 'glazed', across: 160 * factor, high: 75 * factor }).wall!.mm;
    // the mean of height and width over 28, to half a millimetre
    expect([wall(1), wall(0.5), wall(3)]).toEqual([4, 2.5, 11.5]);
    for (const family of ['disc', 'tile'] as const) {
      const of: StartOf = { ...cup, family, hand: { by: 'slab' } };
      expect(sizes({ kind: 'size', at: 'glazed', across: 360 }, of).height!.mm).toBe(16);
      const { typical } = FAMILIES[family];
      expect(sizes({ kind: 'size', at: 'glazed', high: 2 * typical.height! }, of).rimDiameter!.mm).toBeCloseTo(typical.rimDiameter!, 9);
    }
  });

  it('known at another stage is as much smaller as the clay shrinks, up and across', () => {
    const { figures } = clayOf(DEMO, { bodyId: bowl.bodyId });
    for (const at of STAGES) {
      const left = (direction: 'width' | 'height') =>
        remaining(figures.shrinkage, 'glazed', direction) / remaining(figures.shrinkage, at, direction);
      const wide = sizes({ kind: 'size', at, across: typical.rimDiameter! });
      expect(wide.rimDiameter).toEqual({ mm: typical.rimDiameter, at });
      expect(wide.baseDiameter!.mm).toBeCloseTo(typical.baseDiameter! * left('width'), 9);
      const high = sizes({ kind: 'size', at, high: typical.height! });
      expect(high.baseDiameter!.mm).toBeCloseTo(typical.baseDiameter! * left('height'), 9);
    }
  });

  it('asked to hold much under a height that it does not reach keeps the limit beside what follows', () => {
    const part = started({ kind: 'holds', capacityMl: 200, maxHeight: 300 });
    expect(part.sizes.height).toMatchObject([
      { free: true, at: 'glazed' },
      { at: 'glazed', most: 300 },
    ]);
    expect(part.wanted).toEqual({ capacityMl: 200, maxHeight: 300, keep: 'proportions' });
    expect(started({ kind: 'holds', capacityMl: 200 }).sizes.height).toHaveLength(1);
  });
});
