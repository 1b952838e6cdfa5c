import { describe, expect, it } from 'vitest';
import { DEMO } from '@/core/example';
import { claysBeside, clayOf, newestBatch } from '.';

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
});
