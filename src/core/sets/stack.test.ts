import type { Outline } from '@/core/form';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { pairHeight, stackHeight, stacked } from './stack';

/** A straight-sided vessel: widths at the foot and the rim, so high, with a wall that is level-thick and a floor. mm, radii. */
const vessel = (foot: number, rim: number, high: number, wall: number, floor: number): Outline => {
  const leans = (rim - foot) / high;
  return {
    under: [{ r: 0, z: 0 }],
    side: [
      { r: foot, z: 0 },
      { r: rim, z: high },
    ],
    inside: [
      { r: rim - wall, z: high },
      { r: foot - wall + leans * floor, z: floor },
      { r: 0, z: floor },
    ],
  };
};

/** A disc so wide and thick. */
const disc = (r: number, high: number): Outline => ({
  under: [{ r: 0, z: 0 }],
  side: [
    { r, z: 0 },
    { r, z: high },
  ],
  inside: [{ r: 0, z: high }],
});

/** A ring of clay between two radii. */
const hoop = (inner: number, outer: number, high: number): Outline => ({
  under: [{ r: inner, z: 0 }],
  side: [
    { r: outer, z: 0 },
    { r: outer, z: high },
  ],
  inside: [
    { r: inner, z: high },
    { r: inner, z: 0 },
  ],
});

describe('one lowered onto another', () => {
  const cup = vessel(40, 50, 80, 5, 6);

  it('stands on the floor where its foot finds room, and touches it at the outer edge of its foot', () => {
    expect(stacked(cup, disc(30, 10))).toEqual({ pitch: 6, touch: { radius: 30, on: 'floor' }, lean: undefined });
  });

  it('stands on the rim where its foot is wider, and touches it at the outer edge of the rim', () => {
    expect(stacked(cup, disc(60, 10))).toEqual({ pitch: 80, touch: { radius: 50, on: 'rim' }, lean: undefined });
    expect(stacked(cup, disc(48, 10))).toEqual({ pitch: 80, touch: { radius: 48, on: 'rim' }, lean: undefined });
  });

  it('is held by the wall where its foot is as wide as that, which leans there by atan(10 / 80)', () => {
    const held = stacked(cup, disc(40, 10))!;
    // inside the wall the radius is 35 + z / 8
    expect(held.pitch).toBeCloseTo(40, 6);
    expect(held.touch).toEqual({ radius: 40, on: 'wall' });
    expect(held.lean).toBeCloseTo((Math.atan2(10, 80) * 180) / Math.PI, 6);
  });

  it('leans as the wall does, whatever that is', () => {
    fc.assert(
      fc.property(fc.double({ min: 2, max: 30, noNaN: true }), fc.double({ min: 0.1, max: 0.9, noNaN: true }), (flare, share) => {
        const lower = vessel(40, 40 + flare, 80, 5, 6);
        const [from, to] = [35 + (flare * 6) / 80, 35 + flare];
        const held = stacked(lower, disc(from + (to - from) * share, 10))!;
        expect(held.touch.on).toBe('wall');
        expect(held.pitch).toBeCloseTo(6 + 74 * share, 6);
        expect(held.lean).toBeCloseTo((Math.atan2(flare, 80) * 180) / Math.PI, 4);
      }),
      { numRuns: 60, seed: 5 },
    );
  });

  it('leans as the wall does inside, whatever it does outside, and by the steeper of two that meet there', () => {
    // outside flat as a plate's, inside a knee at a radius of 40: 45 degrees below it, atan(10 / 40) above
    const kneed: Outline = {
      under: [{ r: 0, z: 0 }],
      side: [
        { r: 30, z: 0 },
        { r: 90, z: 20 },
        { r: 60, z: 60 },
      ],
      inside: [
        { r: 50, z: 60 },
        { r: 40, z: 20 },
        { r: 25, z: 5 },
        { r: 0, z: 5 },
      ],
    };
    expect(stacked(kneed, disc(35, 10))).toMatchObject({ pitch: 15, touch: { radius: 35, on: 'wall' }, lean: expect.closeTo(45, 6) });
    expect(stacked(kneed, disc(44, 10))!.lean).toBeCloseTo((Math.atan2(10, 40) * 180) / Math.PI, 6);
    expect(stacked(kneed, disc(40, 10))).toMatchObject({ pitch: 20, lean: expect.closeTo((Math.atan2(10, 40) * 180) / Math.PI, 6) });
  });

  it('has no lean on the edge of a step', () => {
    const stepped: Outline = {
      under: [{ r: 0, z: 0 }],
      side: [
        { r: 60, z: 0 },
        { r: 60, z: 60 },
      ],
      inside: [
        { r: 55, z: 60 },
        { r: 40, z: 20 },
        { r: 40, z: 5 },
        { r: 0, z: 5 },
      ],
    };
    // a ring in the hand's width of the step: it stands on the flat below, on the floor
    expect(stacked(stepped, disc(39, 10))).toMatchObject({ pitch: 5, touch: { radius: 39, on: 'floor' }, lean: undefined });
    // as wide as the step: held where the wall begins to lean
    expect(stacked(stepped, disc(40, 10))).toMatchObject({ pitch: 20, lean: expect.closeTo((Math.atan2(15, 40) * 180) / Math.PI, 6) });
  });

  it('passes through where they share no radius', () => {
    expect(stacked(hoop(50, 60, 20), disc(40, 10))).toBeUndefined();
    expect(stacked(hoop(50, 60, 20), disc(50, 10))).toMatchObject({ pitch: 20, touch: { radius: 50 } });
    expect(stacked(hoop(50, 60, 20), hoop(52, 58, 20))).toMatchObject({ pitch: 20, touch: { radius: 58, on: 'rim' } });
  });

  it('goes over what is narrower and hollow above it', () => {
    // a foot ring over a knob: the hollow of the upper is 15 deep, the knob 9 high, 12 wide
    const knob: Outline = {
      under: [{ r: 0, z: 0 }],
      side: [
        { r: 50, z: 0 },
        { r: 50, z: 5 },
        { r: 12, z: 5 },
        { r: 12, z: 14 },
      ],
      inside: [{ r: 0, z: 14 }],
    };
    const ringed: Outline = {
      under: [
        { r: 0, z: 15 },
        { r: 30, z: 15 },
        { r: 30, z: 0 },
      ],
      side: [
        { r: 40, z: 0 },
        { r: 40, z: 30 },
      ],
      inside: [{ r: 0, z: 30 }],
    };
    expect(stacked(knob, ringed)).toMatchObject({ pitch: 5, touch: { radius: 30 } });
    const low: Outline = { ...ringed, under: ringed.under.map(({ r, z }) => ({ r, z: z && 7 })) };
    expect(stacked(knob, low)).toMatchObject({ pitch: 7, touch: { radius: 12 } });
  });
});

describe('how high they stand', () => {
  it('is one and a pitch for each further, and no less than the lower one', () => {
    expect(stackHeight(90, 31, 1)).toBe(90);
    expect(stackHeight(90, 31, 5)).toBe(90 + 4 * 31);
    expect(pairHeight(90, 40, 31)).toBe(90);
    expect(pairHeight(90, 70, 31)).toBe(101);
  });
});
