import { STAGES, clayFigures, remaining } from '@/core/clay';
import { type Form, formOf } from '@/core/form';
import { METRIC, text, writeLength, writeMass, writeVolume } from '@/core/units';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type KnownSizes, NOTHING_LOST, type NumberName, WAYS, type Worked, addingCost, checkMaking, resolveKnown, size, working } from '.';

const clay = clayFigures({ kind: 'stoneware', shrinkagePercent: 11.5 });
const making = { trimFloor: 4.5, trimWall: 1.8, rimCut: 2.5, wireLoss: 1, slurryPercent: 3.5 };
const reference = formOf({ family: 'cylinder', manner: { foot: 'flat' } }, 'glazed', {
  height: 120,
  rimDiameter: 92,
  baseDiameter: 84,
  wall: 4.6,
  floor: 6.4,
});
const sized = size(clay, reference, 'glazed', making);

describe('the reference cup', () => {
  it('has its wet sizes', () => {
    const wet = sized.stages.wet.sizes;
    const found = [wet.height, wet.rimDiameter, wet.baseDiameter, wet.wall, wet.floor];
    [135.5932, 103.9548, 94.9153, 5.19774, 7.23164].forEach((expected, i) => expect(found[i]).toBeCloseTo(expected, 4));
  });

  it('has three heights on the bat that are not the same', () => {
    expect(sized.thrown.pulled).toBeCloseTo(143.5932, 4);
    expect(sized.thrown.gauge).toBeCloseTo(141.0932, 4);
    expect(sized.stages.wet.sizes.height).toBeCloseTo(135.5932, 4);
  });

  it('holds 557.372 ml', () => {
    expect(sized.capacityMl).toBeCloseTo(557.372, 3);
  });

  it('weighs what the reference says, from ball to glazed', () => {
    const { ball, thrown, trimmed, dry, bisque, glazed } = sized.masses;
    [646.6, 623.969, 485.676, 383.684, 356.826, 356.826].forEach((g, i) =>
      expect([ball, thrown, trimmed, dry, bisque, glazed][i]).toBeCloseTo(g, 3),
    );
  });

  it('is the same piece from its sizes at any stage', () => {
    for (const at of STAGES) {
      const again = size(clay, sized.stages[at] as Form<typeof at>, at, making);
      expect(again.masses.ball).toBeCloseTo(sized.masses.ball, 6);
      expect(again.capacityMl).toBeCloseTo(sized.capacityMl, 6);
    }
  });

  it('takes a handle into the trimmed weight and later, not into the ball', () => {
    const handled = size(clay, reference, 'glazed', { ...making, attachedMass: 60 });
    expect(handled.masses.ball).toBe(sized.masses.ball);
    expect(handled.masses.trimmed - sized.masses.trimmed).toBeCloseTo(60, 9);
    expect(handled.masses.glazed - sized.masses.glazed).toBeCloseTo(60 * 0.79 * 0.93, 9);
  });

  it('needs no more clay than the piece when nothing is lost', () => {
    const { masses } = size(clay, reference, 'glazed', NOTHING_LOST);
    expect(masses.ball).toBeCloseTo(masses.trimmed, 10);
  });

  it('turns the wall up to its rim at the most', () => {
    const whole = size(clay, reference, 'glazed', { ...making, trimWallHeight: 500 });
    expect(whole.thrown.trimWallHeight).toBeCloseTo(135.5932, 4);
  });
});

describe('allowances', () => {
  const amount = (most: number) => fc.double({ min: 0, max: most, noNaN: true });

  it('never make the ball lighter', () => {
    const anyMaking = fc.record({
      trimFloor: amount(10),
      trimWall: amount(6),
      rimCut: amount(10),
      wireLoss: amount(3),
      slurryPercent: amount(20),
    });
    fc.assert(
      fc.property(anyMaking, fc.constantFrom('trimFloor', 'trimWall', 'rimCut', 'wireLoss', 'slurryPercent' as const), (some, key) => {
        const more = { ...some, [key]: some[key as keyof typeof some] + 1 };
        expect(size(clay, reference, 'glazed', more).masses.ball).toBeGreaterThan(size(clay, reference, 'glazed', some).masses.ball);
      }),
      { seed: 41 },
    );
  });

  it('leave a rim and a floor by the frustum formula', () => {
    const { volumes, thrown } = sized;
    const wet = sized.stages.wet.sizes;
    const foot = wet.baseDiameter! / 2 + 1.8;
    expect(volumes.floor).toBeCloseTo((Math.PI * foot ** 2 * 4.5) / 1000, 8);
    expect(thrown.base).toBeCloseTo(2 * foot, 8);
    const [a, b, h] = [wet.baseDiameter! / 2, wet.rimDiameter / 2, wet.height];
    const steps = 20000;
    const dz = thrown.trimWallHeight / steps;
    let side = 0;
    for (let i = 0; i < steps; i += 1) {
      const r = a + ((b - a) * (i + 0.5) * dz) / h;
      side += Math.PI * ((r + 1.8) ** 2 - r ** 2) * dz;
    }
    expect(volumes.side).toBeCloseTo(side / 1000, 6);
  });

  it.each([
    [{ trimFloor: -1 }, 'trimFloor'],
    [{ slurryPercent: 60 }, 'slurryPercent'],
    [{ rimCut: Infinity }, 'rimCut'],
  ])('refuses %o', (change, path) => {
    const checked = checkMaking({ ...making, ...change });
    expect(!checked.ok && checked.problem.path).toBe(path);
  });
});

describe('what adding the percentage costs', () => {
  it('is the square of the shrinkage', () => {
    const { finishes, short } = addingCost(120, 0.115);
    expect(finishes).toBeCloseTo(120 * (1 - 0.115 ** 2), 10);
    expect(short).toBeCloseTo(1.587, 3);
  });
});

describe('sizes known at different stages', () => {
  const at = (value: number, stage: (typeof STAGES)[number]) => [{ mm: value, at: stage }] as const;
  const finished: KnownSizes = {
    height: at(120, 'glazed'),
    rimDiameter: at(92, 'glazed'),
    baseDiameter: at(84, 'glazed'),
    wall: at(4.6, 'glazed'),
    floor: at(6.4, 'glazed'),
  };

  it('come together at glazed', () => {
    const { at: stage, form } = resolveKnown(reference, { ...finished, rimDiameter: at(110, 'leather') }, clay);
    expect(stage).toBe('glazed');
    expect(form.sizes.rimDiameter).toBeCloseTo((110 * 0.885) / remaining(clay.shrinkage, 'leather', 'width'), 9);
    expect(form.sizes.height).toBe(120);
  });

  it('stay at their own stage when all share it', () => {
    const wet = Object.fromEntries(Object.keys(finished).map((key) => [key, at(100, 'wet')])) as unknown as KnownSizes;
    expect(resolveKnown(reference, wet, clay).at).toBe('wet');
  });

  const worked: Worked = { clay, known: finished, making, sure: { odds: 0.9, tool: 'gauge' as const }, sized };
  const writers = {
    length: (value: number) => text(writeLength(value, METRIC)),
    mass: (value: number) => text(writeMass(value, METRIC)),
    volume: (value: number) => text(writeVolume(value, METRIC)),
  };
  const line = (name: NumberName, fromEnd = 3) => working(worked, name, writers).lines.at(-fromEnd);
  const last = (name: NumberName) => line(name, 1);

  it('show their arithmetic in a potter’s words', () => {
    expect(line('height@wet')).toBe('120 mm ÷ 0.885 = 135.6 mm');
    expect(line('height@leather')).toBe('120 mm ÷ 0.885 × 0.9632 = 130.6 mm');
    expect(line('height@wet', 2)).toBe('135.6 mm wet: 9 in 10 finish at 117.3 mm to 122.7 mm. Shrinkage from the supplier.');
    expect(last('height@glazed')).toMatch(/You entered/);
    expect(last('ball')).toBe('÷ 0.965 for slurry = 647 g');
    expect(last('gauge')).toMatch(/141.1 mm: set the gauge/);
    expect(last('pulled')).toBe('= 143.6 mm');
    expect(last('thrownBase')).toBe('= 98.5 mm');
    expect(last('thrownFloor')).toBe('= 12.7 mm');
    expect(last('capacity')).toMatch(/557 ml/);
    expect(last('mass@dry')).toBe('less 21% water = 384 g bone dry');
    expect(last('mass@leather')).toMatch(/about 459 g/);
  });

  it('know the ways of working', () => {
    expect(WAYS.trimmed).toEqual({ trimFloor: 4, trimWall: 1.5, rimCut: 2, wireLoss: 1, slurryPercent: 3 });
    expect(WAYS.thickness).toMatchObject({ trimFloor: 0, trimWall: 0, wireLoss: 1 });
    expect(WAYS.plaster.wireLoss).toBe(0);
  });
});
