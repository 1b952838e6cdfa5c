import { DEMO } from '@/core/example';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { applyChanges, type Plan, TABLES, type Workspace } from '@/core/records';
import { isMixed, withoutExample } from '.';

const [jar] = DEMO.plans;
const ownPlan = (bodyId: string): Plan => ({
  ...jar!,
  id: '0198-own',
  name: 'My mug',
  parts: [{ ...jar!.parts[0], bodyId, batchId: undefined, fit: undefined, attached: undefined }],
});

describe('the example', () => {
  it('goes whole, but for what the maker’s own pieces are made of', () => {
    const mixed: Workspace = { ...DEMO, plans: [...DEMO.plans, ownPlan('body-heron-buff')] };
    expect([isMixed(DEMO), isMixed(mixed)]).toEqual([false, true]);
    const left = applyChanges(mixed, withoutExample(mixed));
    expect(left.plans.map(({ id }) => id)).toEqual(['0198-own']);
    expect(left.bodies.map(({ id }) => id)).toEqual(['body-heron-buff']);
    expect(left.bars.every(({ bodyId }) => bodyId === 'body-heron-buff')).toBe(true);
    expect(left.bars.length).toBe(DEMO.bars.filter(({ bodyId }) => bodyId === 'body-heron-buff').length);
    expect([left.runs, left.pieces, left.orders, left.sets]).toEqual([[], [], [], []]);
    expect(isMixed(left)).toBe(false);
  });

  it('leaves nothing of it where the maker uses none, and nothing of the maker’s goes', () => {
    const alone: Workspace = {
      ...DEMO,
      plans: [...DEMO.plans, { ...ownPlan('none') }],
      runs: [...DEMO.runs, { ...DEMO.runs[0]!, id: '0198-run', planId: undefined, bodyId: undefined, batchId: undefined }],
    };
    const left = applyChanges(alone, withoutExample(alone));
    for (const table of TABLES.filter((each) => each !== 'shop' && each !== 'formers' && each !== 'cutters')) {
      expect([table, (left[table] as readonly { id: string }[]).map(({ id }) => id)]).toEqual([
        table,
        table === 'plans' ? ['0198-own'] : table === 'runs' ? ['0198-run'] : [],
      ]);
    }
  });

  it('leaves no row that names one that is gone, whatever of the maker’s own was added to it', () => {
    const own = <T extends { readonly id: string }>(rows: readonly T[], at: readonly number[]): T[] =>
      at.flatMap((i) => (rows[i] ? [{ ...rows[i], id: `0198-${i}-${rows[i].id.length}` }] : []));
    const some = fc.array(fc.nat(12), { maxLength: 2 });
    fc.assert(
      fc.property(some, some, some, some, some, some, (plans, runs, pieces, bars, orders, sets) => {
        const mixed: Workspace = {
          ...DEMO,
          plans: [...DEMO.plans, ...own(DEMO.plans, plans)],
          runs: [...DEMO.runs, ...own(DEMO.runs, runs)],
          pieces: [...DEMO.pieces, ...own(DEMO.pieces, pieces)],
          bars: [...DEMO.bars, ...own(DEMO.bars, bars)],
          orders: [...DEMO.orders, ...own(DEMO.orders, orders)],
          sets: [...DEMO.sets, ...own(DEMO.sets, sets)],
        };
        const left = applyChanges(mixed, withoutExample(mixed));
        const ids = new Set(TABLES.flatMap((table) => (left[table] as readonly { readonly id: string }[]).map(({ id }) => id)));
        const named = [
          ...left.batches.map(({ bodyId }) => bodyId),
          ...left.bars.flatMap(({ bodyId, batchId }) => [bodyId, batchId]),
          ...left.plans.flatMap(({ parts }) => parts.flatMap(({ bodyId, batchId }) => [bodyId, batchId])),
          ...left.runs.flatMap(({ planId, bodyId, batchId }) => [planId, bodyId, batchId]),
          ...left.pieces.map(({ runId }) => runId),
          ...left.sets.flatMap(({ planIds }) => planIds),
          ...left.orders.flatMap(({ lines }) => lines.flatMap(({ planId, setId }) => [planId, setId])),
        ];
        expect(named.filter((id) => id !== undefined && !ids.has(id))).toEqual([]);
        // nothing of the maker's own goes
        for (const table of TABLES)
          for (const { id } of mixed[table] as readonly { readonly id: string }[]) if (id.startsWith('0198-')) expect(ids).toContain(id);
      }),
      { seed: 2715, numRuns: 60 },
    );
  });
});
