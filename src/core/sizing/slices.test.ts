import { type Outline, frustumMl, formOf, outlineOf } from '@/core/form';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Slice, slicesOf, smoothed, wallSlices } from './slices';

const girthed = ({ radius, length, thick }: Slice) => 2 * Math.PI * radius * length * thick;
const volume = (slices: readonly Slice[]) => slices.reduce((sum, slice) => sum + girthed(slice), 0);

describe('a wall in slices', () => {
  /** A wall leaning by `lean` over 90 mm, 6 thick across. */
  const leaning = (lean: number) => ({
    outer: [
      { r: 50, z: 10 },
      { r: 50 + lean, z: 100 },
    ],
    inner: [
      { r: 44 + lean, z: 100 },
      { r: 44, z: 10 },
    ],
  });

  it.each([-20, 0, 30])('leaning by %d mm is sixty of one length, as thick square to it as it is, and all of its clay', (lean) => {
    const { outer, inner } = leaning(lean);
    const slices = slicesOf(outer, inner);
    expect(slices).toHaveLength(60);
    const square = (6 * 90) / Math.hypot(90, lean);
    const solid = (frustumMl(50, 50 + lean, 90) - frustumMl(44, 44 + lean, 90)) * 1000;
    expect(volume(slices)).toBeCloseTo(solid, 3);
    for (const { thick, length } of slices.slice(5, -5)) {
      expect(Math.abs(thick / square - 1)).toBeLessThan(0.02);
      expect(length).toBeCloseTo(Math.hypot(90, lean) / 60, 1);
    }
    // from the floor up
    expect(slices[0]!.z).toBeLessThan(slices.at(-1)!.z);
    const middle = slices[30]!;
    expect(middle.radius).toBeCloseTo(47 + (lean * (middle.z - 10)) / 90, 0);
  });

  it('begins where the floor ends', () => {
    const outline: Outline = outlineOf(
      formOf({ family: 'cylinder', manner: { foot: 'flat' } }, 'wet', {
        height: 100,
        rimDiameter: 90,
        baseDiameter: 90,
        wall: 5,
        floor: 8,
      }),
    );
    const { slices, floorTop } = wallSlices(outline);
    expect(floorTop).toBeCloseTo(8, 6);
    expect(volume(slices)).toBeCloseTo(Math.PI * (45 ** 2 - 40 ** 2) * 92, 2);
    expect(slices[0]!.z).toBeGreaterThan(8);
  });
});

describe('a wall as a hand pulls it', () => {
  const slice = fc.record({
    radius: fc.double({ min: 20, max: 120, noNaN: true }),
    z: fc.constant(0),
    length: fc.double({ min: 0.5, max: 4, noNaN: true }),
    thick: fc.double({ min: 2, max: 15, noNaN: true }),
  });

  it('keeps its clay, and where it is even it stays as it is', () => {
    fc.assert(
      fc.property(fc.array(slice, { minLength: 10, maxLength: 60 }), (slices) => {
        expect(volume(smoothed(slices)) / volume(slices)).toBeCloseTo(1, 9);
        const even = slices.map((each) => ({ ...each, thick: 6 }));
        for (const { thick } of smoothed(even)) expect(thick).toBeCloseTo(6, 9);
      }),
      { numRuns: 80, seed: 31 },
    );
  });

  it('is everywhere as thick as the clay near it over the wall near it, less far near its ends', () => {
    fc.assert(
      fc.property(fc.array(slice, { minLength: 10, maxLength: 60 }), (slices) => {
        const long = slices.reduce((sum, { length }) => sum + length, 0);
        const middles = slices.map(({ length }, i) => slices.slice(0, i).reduce((sum, each) => sum + each.length, 0) + length / 2);
        // a twentieth of the wall on both sides, the nearest most; near an end no further than that, but a third of it at least
        const plain = slices.map((_, i) => {
          const near = Math.min(long / 20, middles[i]!, long - middles[i]!);
          const reach = Math.max(long / 60, near);
          const weights = middles.map((at) => Math.max(0, 1 - Math.abs(at - middles[i]!) / reach));
          const over = (of: (each: Slice) => number) => slices.reduce((sum, each, j) => sum + weights[j]! * of(each), 0);
          return over(({ radius, length, thick }) => radius * length * thick) / over(({ radius, length }) => radius * length);
        });
        const factor = volume(slices) / slices.reduce((sum, each, i) => sum + girthed({ ...each, thick: plain[i]! }), 0);
        smoothed(slices).forEach(({ thick, ...kept }, i) => {
          expect(thick).toBeCloseTo(plain[i]! * factor, 9);
          expect(kept).toEqual({ radius: slices[i]!.radius, z: 0, length: slices[i]!.length });
        });
      }),
      { numRuns: 40, seed: 32 },
    );
  });
});
