import { clayFigures } from '@/core/clay';
import { FAMILIES, FAMILY_NAMES, type FamilyName, formOf } from '@/core/form';
import { WAYS, type Worked, size } from '@/core/sizing';
import { finishedSizes, surenessOf } from '@/core/part';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { finishedAt, geometryOf, groundEnd, ruleReach } from './geometry';

const clay = clayFigures({ kind: 'stoneware', shrinkagePercent: 11.5 });

function worked(family: FamilyName): Worked {
  const { manner, knots, typical } = FAMILIES[family];
  const form = formOf({ family, manner, knots }, 'glazed', typical);
  return {
    clay,
    known: finishedSizes(typical),
    making: WAYS.trimmed,
    sure: surenessOf({}),
    sized: size(clay, form, 'glazed', WAYS.trimmed),
  };
}

const sheet = fc.record({ width: fc.integer({ min: 340, max: 1400 }), height: fc.integer({ min: 360, max: 900 }) });

describe('a piece laid out on its sheet', () => {
  it.each(FAMILY_NAMES)('of a %s stays on it, on one bat and to one scale', (family) => {
    fc.assert(
      fc.property(sheet, ({ width, height }) => {
        const { placed, x, y, finishedReach, wetReach } = geometryOf(worked(family), width, height);
        expect(x.wetEdge).toBeCloseTo(placed.axis - wetReach * placed.scale, 6);
        expect(x.wetEdge).toBeGreaterThanOrEqual(0);
        expect(placed.finished(finishedReach, 0)[0]).toBeLessThanOrEqual(width);
        expect(y.pulled).toBeGreaterThanOrEqual(0);
        expect(y.base).toBeLessThanOrEqual(height);
        expect(y.pulled).toBeLessThanOrEqual(y.gauge);
        expect(y.gauge).toBeLessThan(y.base);
      }),
      { seed: 121, numRuns: 30 },
    );
  });

  it('gives low ware the width of the sheet, and tall ware its height', () => {
    expect(geometryOf(worked('plate'), 880, 430).arrangement).toBe('low');
    expect(geometryOf(worked('bottle'), 880, 430).arrangement).toBe('tall');
    expect(geometryOf(worked('plate'), 684, 380).arrangement).toBe('lowSnug');
    expect(geometryOf(worked('bottle'), 684, 380).arrangement).toBe('tallSnug');
    expect(geometryOf(worked('plate'), 366, 420).arrangement).toBe('slim');
    expect(geometryOf(worked('bottle'), 366, 420).arrangement).toBe('narrow');
    expect(geometryOf(worked('plate'), 880, 430).placed.scale).toBeGreaterThan(1);
  });

  it('makes room for what it is compared with', () => {
    const alone = geometryOf(worked('cylinder'), 880, 430);
    const beside = geometryOf(worked('cylinder'), 880, 430, { beside: { reach: 150, height: 300 } });
    expect(beside.placed.scale).toBeLessThan(alone.placed.scale);
    expect(beside.placed.finished(0, 300)[1]).toBeGreaterThanOrEqual(0);
  });

  it('has its rule end before a leader that comes down through it, and otherwise under its edge', () => {
    const geometry = geometryOf(worked('plate'), 880, 430);
    const { placed, x, finishedReach } = geometry;
    const over = [[x.labels, placed.base - 40], placed.finished(90, 20)] as const;
    expect(ruleReach(geometry, [])).toBe(finishedReach);
    expect(ruleReach(geometry, [over])).toBe(finishedReach);
    const allowance = [[0, placed.base + 90], placed.wet(60, 0)] as const;
    expect(ruleReach(geometry, [allowance])).toBe(finishedReach);
    expect(groundEnd(geometry, [over, allowance])).toBe(x.finishedEdge + 16);
    fc.assert(
      fc.property(fc.integer({ min: 10, max: 100 }), fc.integer({ min: 0, max: 7 }), fc.integer({ min: 30, max: 150 }), (r, z, down) => {
        const to = placed.finished(r, z);
        const from = [x.labels, placed.base + down] as const;
        const reach = ruleReach(geometry, [over, [from, to]]);
        const end = placed.finished(reach, 0)[0];
        // and it does not cross what the piece stands on
        const ground = groundEnd(geometry, [over, [from, to]]);
        expect(ground).toBeLessThanOrEqual(x.finishedEdge + 16);
        if (from[1] > placed.base) {
          expect(to[0] + ((from[0] - to[0]) * (placed.base - to[1])) / (from[1] - to[1])).toBeGreaterThanOrEqual(ground + 3.9);
        }
        // from the rule's level to the foot of its numbers the leader keeps off the last number, as wide as three figures
        for (const y of [placed.base, placed.base + 22]) {
          if (y > from[1] || reach === 0) continue;
          expect(to[0] + ((from[0] - to[0]) * (y - to[1])) / (from[1] - to[1])).toBeGreaterThanOrEqual(end + 13.9);
        }
      }),
      { seed: 124 },
    );
  });

  it('turns a pointer back into the finished piece', () => {
    const geometry = geometryOf(worked('jar'), 880, 430);
    fc.assert(
      fc.property(fc.double({ min: 0, max: 90, noNaN: true }), fc.double({ min: 0, max: 150, noNaN: true }), (r, z) => {
        const [x, y] = geometry.placed.finished(r, z);
        const back = finishedAt(geometry, x, y);
        expect(back.r).toBeCloseTo(r, 6);
        expect(back.z).toBeCloseTo(z, 6);
      }),
      { seed: 122 },
    );
  });
});

describe('a piece made by hand, laid out on its sheet', () => {
  it('leaves room for the piece put together where it is built of slabs, and takes the allowances’ room otherwise', () => {
    const slab = geometryOf(worked('box'), 880, 430, { by: 'slab' });
    expect(slab.arrangement).toBe('built');
    expect(slab.x.gauge).toBeGreaterThan(236 + 30);
    const coil = geometryOf(worked('jar'), 880, 430, { by: 'coil' });
    expect(coil.arrangement).toBe('alone');
    expect(coil.x.wetEdge).toBeLessThan(slab.x.wetEdge);
    expect(geometryOf(worked('box'), 366, 420, { by: 'slab' }).wide).toBe(false);
  });

  it.each(FAMILY_NAMES)('of a %s stays on it', (family) => {
    fc.assert(
      fc.property(sheet, fc.constantFrom('slab' as const, 'former' as const, 'coil' as const), ({ width, height }, by) => {
        const { placed, x, y, finishedReach } = geometryOf(worked(family), width, height, { by });
        expect(x.wetEdge).toBeGreaterThanOrEqual(0);
        expect(placed.finished(finishedReach, 0)[0]).toBeLessThanOrEqual(width);
        expect(y.pulled).toBeGreaterThanOrEqual(0);
        expect(y.base).toBeLessThanOrEqual(height);
      }),
      { seed: 123, numRuns: 20 },
    );
  });
});
