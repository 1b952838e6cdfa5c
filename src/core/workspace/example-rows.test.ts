import { DEMO } from '@/core/example';
import { describe, expect, it } from 'vitest';
import { type Plan, TABLES, type Workspace, applyChanges, isMixed, withoutExample } from '.';

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
});
