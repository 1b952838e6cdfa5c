import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { pathOf, place } from '.';
import { ruleSteps } from './layout';

const extent = fc.record({ reach: fc.double({ min: 10, max: 400, noNaN: true }), height: fc.double({ min: 5, max: 800, noNaN: true }) });

describe('the two halves on a sheet', () => {
  const margin = { top: 60, right: 180, bottom: 80, left: 240 };

  it('keep true proportion, share the base line and stay inside the margins', () => {
    fc.assert(
      fc.property(extent, extent, fc.integer({ min: 500, max: 1400 }), fc.integer({ min: 300, max: 900 }), (left, right, width, height) => {
        const { wet, finished, scale, base, axis } = place(left, right, { width, height, margin });
        const tallest = Math.max(left.height, right.height);
        expect(wet(0, 0)).toEqual([axis, base]);
        expect(wet(left.reach, 0)[0]).toBeGreaterThanOrEqual(margin.left - 1e-6);
        expect(finished(right.reach, 0)[0]).toBeLessThanOrEqual(width - margin.right + 1e-6);
        expect(wet(0, tallest)[1]).toBeGreaterThanOrEqual(margin.top - 1e-6);
        expect(base).toBeLessThanOrEqual(height - margin.bottom + 1e-6);
        expect(finished(10, 0)[0] - finished(0, 0)[0]).toBeCloseTo(10 * scale, 9);
        expect(base - wet(0, 10)[1]).toBeCloseTo(10 * scale, 9);
      }),
      { seed: 72 },
    );
  });

  it('fill the sheet, and stand still while a figure of one is typed', () => {
    const at = (tall: number) => place({ reach: 50, height: tall * 1.1 }, { reach: 45, height: tall }, { width: 900, height: 600, margin });
    const all = Array.from({ length: 21 }, (_, i) => at(120 + i / 10));
    for (const { wet, base } of all) expect(base - wet(0, 122 * 1.1)[1]).toBeGreaterThan(0.95 * (600 - margin.top - margin.bottom));
    expect(new Set(all.map(({ scale, axis, base }) => `${scale} ${axis} ${base}`)).size).toBeLessThanOrEqual(2);
  });

  it('leave as much air over low ware as under it, to 16 px', () => {
    const { base, scale } = place({ reach: 200, height: 20 }, { reach: 180, height: 18 }, { width: 900, height: 600, margin });
    const [over, under] = [base - 20 * scale - margin.top, 600 - margin.bottom - base];
    expect(over - under).toBeGreaterThanOrEqual(0);
    expect(over - under).toBeLessThan(16);
  });

  it('draws a section as one closed line', () => {
    const path = pathOf(
      [
        { r: 0, z: 0 },
        { r: 10, z: 0 },
        { r: 10, z: 5 },
      ],
      (r, z) => [r, -z],
    );
    expect(path).toBe('M0.00 0.00L10.00 0.00L10.00 -5.00Z');
  });
});

describe('a rule’s marks', () => {
  it.each([
    [0.2, 200],
    [2, 20],
    [2.6, 10],
    [30, 1],
    [60, 1],
  ])('at %d px a unit are numbered every %d', (px, numbered) => expect(ruleSteps(px).numbered).toBe(numbered));

  it('never have numbers nearer than 26 px, nor small marks that miss the numbered ones', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 200, noNaN: true }), (px) => {
        const { small, numbered } = ruleSteps(px);
        expect(numbered * px).toBeGreaterThanOrEqual(26);
        expect(Math.abs(numbered / small - Math.round(numbered / small))).toBeLessThan(1e-9);
      }),
      { seed: 73 },
    );
  });
});
