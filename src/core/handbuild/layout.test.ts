import { describe, expect, it } from 'vitest';
import { type FlatPart, SLAB_EDGE, slabSheets } from '.';

/** A rectangle of slab, its own x along it. */
const rectangle = (x: number, y: number, count = 1, thickness = 6): FlatPart => ({
  name: `${x} by ${y}`,
  count,
  outline: [
    { x: 0, y: 0 },
    { x, y: 0 },
    { x, y },
    { x: 0, y },
  ],
  lines: [],
  edges: [],
  notes: [],
  thickness,
});

/** A slab with just so much room on it. */
const room = (width: number, length: number) => ({ width: width + 2 * SLAB_EDGE, length: length + 2 * SLAB_EDGE });

const spanOf = (outline: FlatPart['outline']) => {
  const [xs, ys] = [outline.map(({ x }) => x), outline.map(({ y }) => y)];
  return [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
};

describe('a part on a slab', () => {
  it('lies along it where that just fits, else turned a quarter, inside the edge', () => {
    const asItIs = slabSheets([rectangle(300, 100)], room(100, 300), 1, false).sheets[0]!;
    expect(asItIs.laid[0]).toMatchObject({ turned: false, x: SLAB_EDGE, y: SLAB_EDGE, width: 300, height: 100 });
    expect(asItIs).toMatchObject({ length: 320, width: 120 });
    expect(asItIs.used).toBeCloseTo((300 * 100) / (320 * 120), 9);
    const turned = slabSheets([rectangle(300, 100)], room(300, 100), 1, false).sheets[0]!;
    expect(turned.laid[0]).toMatchObject({ turned: true, width: 100, height: 300 });
    expect(spanOf(turned.laid[0]!.outline)).toEqual([SLAB_EDGE, SLAB_EDGE + 100, SLAB_EDGE, SLAB_EDGE + 300]);
  });

  it('is never turned across the grain, and says what slab it needs', () => {
    const { sheets, unfit } = slabSheets([rectangle(300, 100)], room(300, 100), 1, true);
    expect(sheets).toEqual([]);
    expect(unfit).toMatchObject([{ needs: { width: 120, length: 320 } }]);
    // where it may lie as it will, the narrower way across
    expect(slabSheets([rectangle(100, 300)], room(90, 290), 1, false).unfit).toMatchObject([{ needs: { width: 120, length: 320 } }]);
    expect(slabSheets([rectangle(100, 300)], room(90, 290), 1, true).unfit).toMatchObject([{ needs: { width: 320, length: 120 } }]);
  });

  it('too wide or too long by a millimetre fits on none', () => {
    expect(slabSheets([rectangle(301, 100)], room(100, 300), 1, true).unfit).toHaveLength(1);
    expect(slabSheets([rectangle(300, 101)], room(100, 300), 1, true).unfit).toHaveLength(1);
    expect(slabSheets([rectangle(300, 100)], room(100, 300), 1, true).unfit).toHaveLength(0);
  });

  it('has its copies for every piece, none over another, on as few slabs as take them', () => {
    const { sheets } = slabSheets([rectangle(100, 100, 2)], room(220, 220), 3, false);
    const all = sheets.flatMap(({ laid }) => laid);
    expect(all).toHaveLength(6);
    expect(sheets.map(({ laid }) => laid.length).sort()).toEqual([2, 4]);
    for (const { laid } of sheets)
      laid.forEach((a, i) =>
        laid
          .slice(i + 1)
          .forEach((b) =>
            expect(a.x + a.width <= b.x || b.x + b.width <= a.x || a.y + a.height <= b.y || b.y + b.height <= a.y).toBe(true),
          ),
      );
  });

  it('of another thickness is of another slab, the thickest first', () => {
    const { sheets } = slabSheets([rectangle(50, 50, 1, 5), rectangle(50, 50, 1, 9), rectangle(60, 50, 1, 5.2)], room(300, 300), 1, false);
    expect(sheets.map(({ thickness, laid }) => [thickness, laid.length])).toEqual([
      [9, 1],
      [expect.closeTo(5.2, 6), 2],
    ]);
  });
});
