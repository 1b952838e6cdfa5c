import { describe, expect, it } from 'vitest';
import { DEMO } from '@/core/example';
import { clayOf, claysBeside, newestBatch } from '.';

describe('clays beside each other', () => {
  const beside = claysBeside(DEMO, DEMO.bodies);

  it('shrink step by step to what each is estimated to shrink', () => {
    for (const { body, shrunk } of beside) {
      const { figures } = clayOf(DEMO, { bodyId: body.id, batchId: newestBatch(DEMO, body.id)?.id });
      expect(shrunk.reduce((all, { inStep }) => all + inStep, 0)).toBeCloseTo(figures.shrinkage.width, 12);
      expect(shrunk.at(-1)!.byThen).toBeCloseTo(figures.shrinkage.width, 12);
    }
  });

  it('differ only where the difference is more than what is not known of the two', () => {
    const [heron] = DEMO.bodies;
    const other = { ...heron!, id: 'other', shrinkagePercent: 11.6 };
    const twice = claysBeside({ ...DEMO, bodies: [heron!, other] }, [heron!, other]);
    expect(twice[0]!.differs).toBeUndefined();
    expect(twice[1]!.differs!.more).toBe(false);
    const porcelain = beside.find(({ body }) => body.id === 'body-chalk-down')!;
    expect(porcelain.differs).toMatchObject({ more: true });
    expect(porcelain.differs!.by).toBeGreaterThan(0.02);
  });

  it('tell of their own bars alone: what they took up, and the last drop of water that was put on one', () => {
    const [heron, chalk] = ['body-heron-buff', 'body-chalk-down'].map((id) => DEMO.bodies.find((body) => body.id === id)!);
    const [bar] = DEMO.bars.filter(({ bodyId }) => bodyId === heron!.id);
    const weighed = (id: string, bodyId: string, glazed: number, bead: (typeof bar & object)['bead'], createdAt: string) => ({
      ...bar!,
      id,
      bodyId,
      bead,
      createdAt,
      weights: { glazed: 100 },
      boiled: glazed,
    });
    const bars = [
      weighed('a', heron!.id, 103, 'still stood', '2026-01-02T00:00:00.000Z'),
      weighed('b', heron!.id, 105, 'soaked in', '2026-01-03T00:00:00.000Z'),
      weighed('c', heron!.id, 104, undefined, '2026-01-04T00:00:00.000Z'),
      weighed('d', chalk!.id, 100.5, 'stood some minutes', '2026-01-05T00:00:00.000Z'),
    ];
    const told = claysBeside({ ...DEMO, bars }, [heron!, chalk!]);
    expect(told.map(({ absorption }) => absorption)).toEqual([expect.closeTo(0.04, 9), expect.closeTo(0.005, 9)]);
    expect(told.map(({ bead }) => bead)).toEqual(['soaked in', 'stood some minutes']);
    expect(claysBeside({ ...DEMO, bars: [] }, [heron!])[0]).toMatchObject({ absorption: undefined, bead: undefined });
  });
});
