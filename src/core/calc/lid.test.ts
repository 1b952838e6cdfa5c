import { describe, expect, it } from 'vitest';
import { normalFrom } from '@/core/fit';
import { calculate } from '.';

interface Found {
  odds: { jams: number; good: number; loose: number };
  gap: Record<'length' | 'width', { mean: number; sd: number }>;
  corner: number | null;
  turned?: number;
  best: { part: string; gap: number; length: number; width: number; radius: number | null; good: number };
}
const body = { kind: 'stoneware', shrinkagePercent: 11.5 };
const found = (input: object): Found => {
  const answer = calculate('lid', { body, gap: { min: 0.8, max: 2.5 }, ...input });
  if (!answer.ok) throw new Error(`${answer.problem.path}: ${answer.problem.message}`);
  return answer.value as Found;
};
const refusedAt = (input: object): string => {
  const answer = calculate('lid', { body, gap: { min: 0.8, max: 2.5 }, ...input });
  if (answer.ok) throw new Error('not refused');
  return answer.problem.path;
};
const at = 'leather';
const box = { plan: 'box', pot: { at, length: 180, width: 110, radius: 12 }, lid: { at, length: 177.5, width: 107.5, radius: 11 } };
const hexagon = { plan: 'polygon', sides: 6, pot: { at, length: 120, radius: 8 }, lid: { at, length: 117.6, radius: 7.5 } };

describe('a lid of its mouth’s plan', () => {
  it('answers the reference cases', () => {
    const { odds, best } = found(box);
    expect(odds.jams).toBeCloseTo(0.126372, 3);
    expect(odds.good).toBeCloseTo(0.288755, 3);
    expect(odds.loose).toBeCloseTo(0.584873, 3);
    expect(best).toMatchObject({ part: 'lid', radius: expect.closeTo(11.5647, 4) });
    expect(best.length).toBeCloseTo(178.203, 2);
    expect(best.width).toBeCloseTo(108.203, 2);
    expect(best.good).toBeCloseTo(0.392825, 3);
    const six = found(hexagon);
    expect(six.odds.good).toBeCloseTo(0.338887, 3);
    expect(six.turned).toBeCloseTo(0.226102, 3);
  });

  it('agrees with drawing pot and lid piece by piece, of every plan, into and over, same firing or not', () => {
    const normal = normalFrom(27);
    const DRAWS = 40_000;
    const [S, share, shareSd] = [0.115, 0.32, 0.06];
    const wider = 10 / 8;
    const [common, own] = [Math.sqrt((0.0035 ** 2 / (0.0035 ** 2 / 0.01 ** 2)) * wider), 0.0035 * Math.sqrt(wider)];
    for (const plan of ['oval', 'box'] as const)
      for (const over of [false, true]) {
        const pot = { at, length: 180, width: 110 };
        const lid = over ? { at, length: 182.4, width: 112.4 } : { at, length: 177.6, width: 107.6 };
        let good = 0;
        for (let i = 0; i < DRAWS; i += 1) {
          const [all, done] = [normal() * common, share + normal() * shareSd];
          const fired = ({ length, width }: typeof pot) => {
            const s = S + all + normal() * own;
            return [length, width].map((mm) => ((mm + normal() * 0.5) * (1 - s)) / (1 - done * s) + normal() * 0.3) as [number, number];
          };
          const [p, l] = [fired(pot), fired(lid)];
          const gaps = [0, 1].map((axis) => (over ? l[axis]! - p[axis]! : p[axis]! - l[axis]!));
          if (gaps.every((gap) => gap >= 0.8 && gap <= 2.5)) good += 1;
        }
        expect(Math.abs(found({ plan, pot, lid, over }).odds.good - good / DRAWS)).toBeLessThan(0.008);
      }
  });

  it('is made anew with the same gap on both axes, never in proportion, and no worse than as it was', () => {
    for (const asked of [
      box,
      hexagon,
      { ...box, plan: 'oval', pot: { ...box.pot, radius: undefined }, lid: { ...box.lid, radius: undefined } },
    ]) {
      const input = JSON.parse(JSON.stringify(asked)) as typeof box;
      const { best, odds, corner } = found(input);
      expect(best.good).toBeGreaterThanOrEqual(odds.good);
      const { radius, length, width } = best;
      const made = { at, length, ...(asked === hexagon ? {} : { width }), ...(radius === null ? {} : { radius }) };
      const again = found({ ...input, lid: made });
      expect(again.odds.good).toBeCloseTo(best.good, 4);
      expect(again.gap.length.mean).toBeCloseTo(again.gap.width.mean, 6);
      expect(corner === null).toBe(input.plan === 'oval');
    }
  });

  it('a rigid lid is kept, and the pot made to it', () => {
    const { best } = found({ plan: 'box', pot: { at: 'wet', length: 180, width: 110 }, lid: { rigid: true, length: 157, width: 95 } });
    expect(best.part).toBe('pot');
    expect(best.length - best.width).toBeCloseTo(62 / 0.885, 0);
  });

  it('refuses what cannot be: two rigid ones, an oval with corners, a corner wider than the part, a polygon with a width', () => {
    const rigid = { rigid: true, length: 100, width: 60 };
    expect(refusedAt({ plan: 'box', pot: rigid, lid: rigid })).toBe('lid.rigid');
    expect(refusedAt({ ...box, plan: 'oval' })).toBe('pot.radius');
    expect(refusedAt({ ...box, pot: { ...box.pot, radius: 60 } })).toBe('pot.radius');
    expect(refusedAt({ ...hexagon, pot: { ...hexagon.pot, width: 110 } })).toBe('pot.width');
    expect(refusedAt({ ...box, pot: { at, length: 180 } })).toBe('pot.width');
  });
});
