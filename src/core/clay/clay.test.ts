import fc from 'fast-check';
import { describe, expect, expectTypeOf, it } from 'vitest';
import {
  type Length,
  STAGES,
  type Stage,
  believe,
  clayFigures,
  convert,
  dryMass,
  firedMass,
  leatherMass,
  lengthAt,
  remaining,
  wetDensity,
} from '.';

const heron = clayFigures({ kind: 'stoneware', shrinkagePercent: 11.5 });

describe('stages', () => {
  it('leaves 1, 0.9632, 0.94825, 0.9402, 0.885 of stoneware that shrinks 11.5%', () => {
    const left = STAGES.map((stage) => remaining(heron.shrinkage, stage, 'width'));
    [1, 0.9632, 0.94825, 0.9402, 0.885].forEach((k, i) => expect(left[i]).toBeCloseTo(k, 10));
  });

  it('divides by what remains and does not add the percentage', () => {
    expect(convert(lengthAt('glazed', 120), 'glazed', 'wet', heron.shrinkage, 'height')).toBeCloseTo(120 / 0.885, 10);
  });

  it('uses a height factor of its own once there is one', () => {
    const { shrinkage } = clayFigures({ kind: 'stoneware', shrinkagePercent: 11.5, heightShrinkagePercent: 13 });
    expect(convert(lengthAt('glazed', 100), 'glazed', 'wet', shrinkage, 'height')).toBeCloseTo(100 / 0.87, 10);
    expect(convert(lengthAt('glazed', 100), 'glazed', 'wet', shrinkage, 'width')).toBeCloseTo(100 / 0.885, 10);
  });

  it('keeps wet and finished lengths apart for the compiler', () => {
    const wet = lengthAt('wet', 104);
    expectTypeOf(wet).not.toExtend<Length<'glazed'>>();
    // @ts-expect-error a wet length where a finished one is wanted
    const finished: Length<'glazed'> = wet;
    // @ts-expect-error a finished length said to be wet
    convert(lengthAt('glazed', 92), 'wet', 'glazed', heron.shrinkage, 'width');
    // @ts-expect-error a bare number has no stage
    const bare: Length<'wet'> = 92;
    expect([finished, bare]).toEqual([104, 92]);
  });

  const stage = fc.constantFrom(...STAGES);
  const percent = fc.double({ min: 0.5, max: 25, noNaN: true });

  it('comes back to the same length from any stage', () => {
    fc.assert(
      fc.property(stage, stage, percent, fc.double({ min: 1, max: 3000, noNaN: true }), (from: Stage, to: Stage, s, mm) => {
        const { shrinkage } = clayFigures({ kind: 'porcelain', shrinkagePercent: s });
        const there = convert(lengthAt(from, mm), from, to, shrinkage, 'width');
        expect(convert(there, to, from, shrinkage, 'width')).toBeCloseTo(mm, 8);
      }),
      { seed: 11 },
    );
  });

  it('never asks for a smaller wet size from a clay that shrinks more', () => {
    fc.assert(
      fc.property(percent, percent, (a, b) => {
        const wet = (s: number) =>
          convert(lengthAt('glazed', 100), 'glazed', 'wet', clayFigures({ kind: 'stoneware', shrinkagePercent: s }).shrinkage, 'width');
        expect(wet(Math.max(a, b))).toBeGreaterThanOrEqual(wet(Math.min(a, b)));
      }),
      { seed: 12 },
    );
  });
});

describe('belief', () => {
  const bar = (glazed: number, tool: 'caliper' | 'ruler' = 'caliper', sameBatch = true) => ({ wet: 100, glazed, tool, sameBatch });

  it('is the supplier’s figure while there are no bars', () => {
    const { mean, scale, dof, weight } = believe('stoneware', 11.5, []);
    expect(mean).toBeCloseTo(0.115, 12);
    expect(scale * 100).toBeCloseTo(1.05948, 5);
    expect([dof, weight]).toEqual([10, 0]);
  });

  it('moves to three bars of the batch', () => {
    const b = believe('stoneware', 11.5, [bar(87.9), bar(88.2), bar(87.7)]);
    expect(b.mean * 100).toBeCloseTo(12.0441, 4);
    expect(b.scale * 100).toBeCloseTo(0.376038, 6);
    expect(b.dof).toBe(13);
    expect(b.weight).toBeCloseTo(2.95656, 5);
    expect(b.commonSd * 100).toBeCloseTo(0.186188, 6);
    expect(b.pieceSd * 100).toBeCloseTo(0.326709, 6);
  });

  it('lets bars of another batch count as one', () => {
    const b = believe('porcelain', [14, 16], [bar(84.6, 'ruler'), bar(85.1, 'caliper', false), bar(84.9, 'caliper', false)]);
    expect(b.mean * 100).toBeCloseTo(15.14, 4);
    expect(b.scale * 100).toBeCloseTo(0.412584, 6);
    expect(b.weight).toBeCloseTo(1.04638, 5);
    expect(b.commonSd * 100).toBeCloseTo(0.265555, 6);
    expect(b.pieceSd * 100).toBeCloseTo(0.315763, 6);
  });

  it('takes shares from the bars that have the stage and the end', () => {
    const { shrinkage, sources } = clayFigures({
      kind: 'stoneware',
      bars: [
        { wet: 100, dry: 95, glazed: 90, tool: 'caliper' },
        { wet: 100, dry: 94, glazed: 88, tool: 'caliper' },
        { wet: 100, dry: 93, tool: 'caliper' },
      ],
    });
    expect(shrinkage.shares.dry).toBeCloseTo(0.5, 10);
    expect(shrinkage.shares.leather).toBe(0.32);
    expect(sources).toMatchObject({ shrinkage: 'bars', shares: { dry: 'bars', leather: 'typical' } });
  });
});

describe('clay as matter', () => {
  const matter = { water: 0.21, loss: 0.07 };
  it('weighs 1.946 g/ml wet at 21% water', () => {
    expect(wetDensity(matter)).toBeCloseTo(1.946, 3);
  });

  it('loses water, then what burns away', () => {
    expect(dryMass(1000, matter)).toBeCloseTo(790, 10);
    expect(firedMass(1000, matter)).toBeCloseTo(734.7, 10);
  });

  it('is between wet and dry at leather hard', () => {
    const leather = leatherMass(1000, 0.9632 ** 3, matter);
    expect(leather).toBeCloseTo(1000 - (1 - 0.9632 ** 3) * (1000 / wetDensity(matter)), 8);
    expect(leatherMass(1000, 0.1, matter)).toBe(dryMass(1000, matter));
  });
});
