import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type VerbName, calculate } from '.';

function answer<T>(verb: VerbName, input: unknown): T {
  const found = calculate(verb, input);
  if (!found.ok) throw new Error(`${found.problem.path}: ${found.problem.message}`);
  return found.value as T;
}
const refusedAt = (verb: VerbName, input: unknown): string => {
  const found = calculate(verb, input);
  if (found.ok) throw new Error('not refused');
  return found.problem.path;
};

describe('thickness', () => {
  const of = (more: object) => answer<Record<string, unknown>>('thickness', { kind: 'stoneware', by: 'wheel', ...more });

  it('answers the reference cases', () => {
    expect(of({ family: 'cylinder', height: 100, width: 90 })).toMatchObject({
      size: expect.closeTo(94.8683, 4),
      wall: 4,
      floor: 4.5,
      assumed: true,
      stands: { ratio: 25, courses: 1 },
    });
    expect(of({ family: 'bowl', height: 100, width: 300 })).toMatchObject({ wall: 6, wallAtFoot: 8.5, floor: 7.5 });
    expect(of({ family: 'box', by: 'slab', height: 300, width: 600, across: 300 })).toMatchObject({
      wall: 15,
      floor: 15,
      stands: { ratio: 20, limit: 12, courses: 2 },
    });
  });

  it('grows with the size, of every form and way of making, within its bounds', () => {
    const families = ['cylinder', 'flared', 'bowl', 'plate', 'jar', 'bottle', 'disc', 'box', 'oval', 'faceted', 'tile'];
    fc.assert(
      fc.property(
        fc.constantFrom(...families),
        fc.constantFrom('wheel', 'slab', 'coil', 'former'),
        fc.constantFrom('earthenware', 'stoneware', 'porcelain', 'architectural'),
        fc.double({ min: 20, max: 800, noNaN: true }),
        fc.double({ min: 1, max: 3, noNaN: true }),
        (family, by, kind, mm, times) => {
          const at = (size: number) => of({ family, by, kind, width: size, height: size }) as { wall: number; floor: number | null };
          const [small, large] = [at(mm), at(mm * times)];
          expect(large.wall).toBeGreaterThanOrEqual(small.wall);
          expect(large.floor ?? 0).toBeGreaterThanOrEqual(small.floor ?? 0);
          expect(small.wall).toBeGreaterThanOrEqual(2.5);
          expect(large.wall).toBeLessThanOrEqual(20);
          expect(small.floor === null).toBe(family === 'disc' || family === 'tile');
        },
      ),
      { seed: 28 },
    );
  });

  it('is one’s own from three pieces of about that size on', () => {
    const own = [1, 1.1, 0.9].map((times) => ({ width: 90 * times, height: 100 * times, wall: 3 * times, floor: 3 * times }));
    expect(of({ family: 'cylinder', height: 100, width: 90, own: own.slice(1) })).toMatchObject({ wall: 4, assumed: true });
    expect(of({ family: 'cylinder', height: 100, width: 90, own })).toMatchObject({ wall: 3, assumed: false });
    expect(of({ family: 'cylinder', height: 400, width: 400, own })).toMatchObject({ assumed: true });
  });
});

interface Slabs {
  slabs: { width: number; length: number; parts: { name: string; x: number; y: number; turned: boolean }[] }[];
  areaCm2: number;
  wastePercent: number;
}

describe('slabs', () => {
  it('answers the reference case, on a narrow roller and a wide one', () => {
    for (const roller of [400, 1219]) {
      const { areaCm2, wastePercent } = answer<Slabs>('slabs', { parts: [{ name: 'tile', width: 113, length: 113, count: 12 }], roller });
      expect(areaCm2).toBeCloseTo(1817.9, 2);
      expect(wastePercent).toBeCloseTo(15.7115, 3);
    }
  });

  it('hold every part, apart and off the edge; and a wider roller never costs more clay', () => {
    const side = fc.integer({ min: 30, max: 360 });
    const part = fc.record({ width: side, length: side, count: fc.integer({ min: 1, max: 5 }), turn: fc.boolean() });
    fc.assert(
      fc.property(fc.array(part, { minLength: 1, maxLength: 4 }), (drawn) => {
        const parts = drawn.map((each, i) => ({ ...each, name: `p${i}` }));
        const [narrow, wide] = [400, 900].map((roller) => answer<Slabs>('slabs', { parts, roller })) as [Slabs, Slabs];
        expect(wide.areaCm2).toBeLessThanOrEqual(narrow.areaCm2 + 1e-6);
        for (const { slabs } of [narrow, wide]) {
          const placed = slabs.flatMap(({ parts: all }) => all);
          for (const { name, count } of parts) expect(placed.filter((each) => each.name === name)).toHaveLength(count);
          for (const slab of slabs) {
            const boxes = slab.parts.map(({ name, x, y, turned }) => {
              const { width, length, turn } = parts.find((each) => each.name === name)!;
              expect(turned && !turn).toBe(false);
              const [w, l] = turned ? [length, width] : [width, length];
              expect(x).toBeGreaterThanOrEqual(10 - 1e-6);
              expect(x + w).toBeLessThanOrEqual(slab.width - 10 + 1e-6);
              expect(y + l).toBeLessThanOrEqual(slab.length - 10 + 1e-6);
              return { x, y, w, l };
            });
            for (const [i, a] of boxes.entries())
              for (const b of boxes.slice(i + 1)) {
                const apart = Math.max(b.x - a.x - a.w, a.x - b.x - b.w, b.y - a.y - a.l, a.y - b.y - b.l);
                expect(apart).toBeGreaterThanOrEqual(6 - 1e-6);
              }
          }
        }
      }),
      { seed: 29, numRuns: 40 },
    );
  });

  it('refuse a part that no slab takes', () => {
    expect(refusedAt('slabs', { parts: [{ name: 'a', width: 500, length: 500, count: 1 }], roller: 400 })).toBe('parts.0.width');
  });
});

describe('run', () => {
  it('answers the reference case', () => {
    const parts = [
      { name: 'mug', g: 420, leaves: 331 },
      { name: 'handle', g: 75, leaves: 45, succeedsPercent: 95 },
    ];
    const found = answer<{ parts: { make: number; g: number }[] } & Record<string, number>>('run', {
      pieces: 14,
      parts,
      recycledPercent: 20,
    });
    expect(found.parts.map(({ make }) => make)).toEqual([14, 16]);
    expect(found.wedgeG).toBeCloseTo(7298.97, 2);
    expect(found.recycledG).toBeCloseTo(1459.79, 2);
    expect(found.newG).toBeCloseTo(5839.18, 2);
    expect(found.comesBackG).toBeCloseTo(1452.8, 2);
  });
});
