import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMO } from '@/core/example';
import { partedRuns, partedSettings, upgradedPlan } from '.';

describe('a plan of version 1 or 2', () => {
  it('becomes one of forms, each size a list of one; nothing else is touched', () => {
    const part = {
      id: 'a',
      name: 'pot',
      family: 'cylinder',
      sizes: { height: { mm: 90, at: 'wet' }, wall: [1] },
      making: { trimFloor: 4 },
    };
    expect(upgradedPlan({ id: 'p', note: 'n', parts: [part, { id: 'b', manner: {}, sizes: { height: 3 } }, 7] })).toEqual({
      id: 'p',
      note: 'n',
      parts: [
        { ...part, manner: { foot: 'flat' }, sizes: { height: [{ mm: 90, at: 'wet' }], wall: [1] } },
        { id: 'b', manner: {}, sizes: { height: 3 } },
        7,
      ],
    });
    for (const none of [null, 'plan', [], { parts: 'none' }, { id: 'x' }]) expect(upgradedPlan(none)).toEqual(none);
    expect(upgradedPlan({ parts: [{ sizes: 'none' }] })).toEqual({ parts: [{ manner: { foot: 'flat' }, sizes: 'none' }] });
  });

  it('whatever stands in its place is left for the schema to judge', () => {
    fc.assert(
      fc.property(fc.anything(), (anything) => {
        expect(() => upgradedPlan(anything)).not.toThrow();
        expect(() => upgradedPlan({ parts: [anything] })).not.toThrow();
      }),
      { seed: 103 },
    );
  });

  it('of this version stays exactly as it is', () => {
    for (const plan of DEMO.plans) expect(upgradedPlan(plan)).toEqual(plan);
  });
});

describe('what was thrown of a plan up to version 5', () => {
  const part = { family: 'jar', way: 'trimmed', bodyId: 'clay', hand: { by: 'coil' } };
  const thrown = [
    { id: 'a', at: '2026-03-01T09:00:00.000Z' },
    { id: 'b', at: '2026-03-01T10:00:00.000Z', different: 'gone wrong' },
    { id: 'c', at: '2026-03-05T08:00:00.000Z', different: 'larger' },
  ];
  const plan = { id: 'p', name: 'Jar', parts: [part], thrown, run: { startedAt: '2026-03-05T08:00:00.000Z', wanted: 6 } };

  it('is a closed run of what came before the last began, and an open one of what came since', () => {
    const run = (id: string, date: string, at: string, more: object) => ({
      id,
      planId: 'p',
      name: 'Jar',
      date,
      family: 'jar',
      by: 'coil',
      way: 'trimmed',
      bodyId: 'clay',
      planned: {},
      asked: {},
      tool: 'gauge',
      measures: 'ruler',
      note: '',
      createdAt: at,
      ...more,
    });
    const piece = (of: (typeof thrown)[number], runId: string, no: number, shelf: string) => ({
      ...of,
      runId,
      no,
      shelf,
      since: { [shelf]: of.at.slice(0, 10) },
      sizes: {},
      weights: {},
      note: '',
    });
    expect(partedRuns(plan)).toEqual({
      plan: { id: 'p', name: 'Jar', parts: [part] },
      runs: [run('p-run-1', '2026-03-01', thrown[0]!.at, { closed: true }), run('p-run-2', '2026-03-05', thrown[2]!.at, { wanted: 6 })],
      pieces: [piece(thrown[0]!, 'p-run-1', 1, 'wet'), piece(thrown[1]!, 'p-run-1', 2, 'lost'), piece(thrown[2]!, 'p-run-2', 1, 'wet')],
    });
  });

  it('is one open run where none was begun, and none where nothing was thrown', () => {
    expect(partedRuns({ ...plan, run: undefined }).runs).toMatchObject([{ id: 'p-run-2' }]);
    expect(partedRuns({ ...plan, run: undefined }).pieces).toHaveLength(3);
    expect(partedRuns({ ...plan, thrown: [] })).toMatchObject({ runs: [], pieces: [] });
    expect(partedRuns({ ...plan, thrown: ['x', null] })).toMatchObject({ runs: [], pieces: [] });
    expect(partedRuns({ id: 'p' })).toEqual({ plan: { id: 'p' }, runs: [], pieces: [] });
    for (const none of [null, 'plan', [1]]) expect(partedRuns(none)).toEqual({ plan: none, runs: [], pieces: [] });
  });

  it('was thrown on the wheel unless it said otherwise', () => {
    const by = (hand: unknown) => (partedRuns({ ...plan, parts: [{ ...part, hand }] }).runs[0] as { by: string }).by;
    expect([by(undefined), by({}), by({ by: 7 }), by({ by: 'slab' })]).toEqual(['wheel', 'wheel', 'wheel', 'slab']);
    expect(partedRuns({ ...plan, parts: 'none' }).runs[0]).toMatchObject({ by: 'wheel' });
    expect(partedRuns({ ...plan, parts: [3] }).runs[0]).not.toHaveProperty('bodyId');
  });
});

describe('settings up to version 4', () => {
  it('part into what a device prefers and what is the shop’s', () => {
    const bench = { paper: 'a4', printer: 'Barn', batThickness: 12, clearance: 3, battens: [4, 6], coils: [] };
    expect(partedSettings({ units: 'u', place: { armReach: 300 }, bench })).toEqual({
      settings: { units: 'u', paper: 'a4', printer: 'Barn' },
      shop: [
        { id: 'wheel', value: { batThickness: 12, clearance: 3 } },
        { id: 'battens', value: [4, 6] },
        { id: 'coils', value: [] },
        { id: 'place', value: { armReach: 300 } },
      ],
    });
    expect(partedSettings({ units: 'u', place: { armReach: 300 } })).toEqual({
      settings: { units: 'u' },
      shop: [{ id: 'place', value: { armReach: 300 } }],
    });
    expect(partedSettings({ units: 'u', bench: {} })).toEqual({ settings: { units: 'u' }, shop: [] });
    for (const none of [null, 'x', [1]]) expect(partedSettings(none)).toEqual({ settings: none, shop: [] });
  });
});
