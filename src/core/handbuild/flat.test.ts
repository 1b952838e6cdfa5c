import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Flat, type FlatPart, areaOf, at, boundsOf, cornered, lengthOf, liesWithin, roomIn, scaledPart } from './flat';

const rectangle = (x: number, y: number, dx = 0, dy = 0): Flat[] => [at(dx, dy), at(dx + x, dy), at(dx + x, dy + y), at(dx, dy + y)];

/** An L of a square of 100 with one of 60 taken out of its corner. */
const ELL = [at(0, 0), at(100, 0), at(100, 40), at(40, 40), at(40, 100), at(0, 100)];

const part = (outline: Flat[]): FlatPart => ({
  name: 'side',
  count: 2,
  outline,
  lines: [[outline[0]!, outline[1]!]],
  edges: [{ mark: 'A', line: [outline[1]!, outline[2]!], midMm: 12 }],
  notes: [],
  thickness: 6,
});

describe('flat parts', () => {
  it('have their area by the shoelace formula whichever way round, and their lengths', () => {
    expect(areaOf(rectangle(30, 40, -5, 7))).toBeCloseTo(1200, 9);
    expect(areaOf(ELL)).toBeCloseTo(100 * 100 - 60 * 60, 9);
    expect(areaOf(ELL.toReversed())).toBeCloseTo(6400, 9);
    expect(lengthOf([at(0, 0), at(30, 40), at(30, 100)])).toBeCloseTo(110, 9);
    expect(lengthOf([at(3, 4)])).toBe(0);
    expect(boundsOf(rectangle(30, 40, -5, 7))).toEqual({ left: -5, top: 7, width: 30, height: 40 });
  });

  it('are moved to the corner whole, and scaled in every length', () => {
    const moved = cornered(part(rectangle(30, 40, -5, 7)));
    expect(moved.outline).toEqual(rectangle(30, 40));
    expect(moved.lines[0]).toEqual([at(0, 0), at(30, 0)]);
    expect(moved.edges[0]).toEqual({ mark: 'A', line: [at(30, 0), at(30, 40)], midMm: 12 });
    const larger = scaledPart(part(rectangle(30, 40)), 1.5);
    expect(larger.outline).toEqual(rectangle(45, 60));
    expect(larger).toMatchObject({ thickness: 9, count: 2, lines: [[at(0, 0), at(45, 0)]], edges: [{ midMm: 18 }] });
  });

  it('have places within and without, by hand and by chance', () => {
    expect([at(20, 20), at(90, 20), at(20, 90)].map((place) => liesWithin(ELL, place))).toEqual([true, true, true]);
    expect([at(60, 60), at(-1, 20), at(20, 101), at(101, 20)].map((place) => liesWithin(ELL, place))).toEqual([false, false, false, false]);
    // never on an edge
    const share = fc.integer({ min: -50, max: 150 }).map((mm) => mm + 0.5);
    fc.assert(
      fc.property(share, share, (x, y) => {
        const inEll = x > 0 && y > 0 && x < 100 && y < 100 && !(x > 40 && y > 40);
        expect(liesWithin(ELL, at(x, y))).toBe(inEll);
      }),
      { seed: 33 },
    );
  });

  it('are written on where there is most room: in the middle, or in the thick of an L', () => {
    expect(roomIn(rectangle(60, 60, 10, 10))).toEqual({ at: at(40, 40), mm: 30 });
    const { at: place, mm } = roomIn(ELL);
    // the largest circle in the corner touches both outer sides and the inner corner: 40 root 2 over 1 plus root 2
    expect(mm).toBeGreaterThan(21);
    expect(mm).toBeLessThan((40 * Math.SQRT2) / (1 + Math.SQRT2) + 1e-9);
    expect(place.x).toBeCloseTo(place.y, 9);
    expect(liesWithin(ELL, place)).toBe(true);
  });
});
