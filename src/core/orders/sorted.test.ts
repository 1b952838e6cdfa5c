import { DEMO } from '@/core/example';
import type { Stage } from '@/core/clay';
import { normalFrom, shrinkageVariances, uniformFrom } from '@/core/fit';
import { setExtras } from '@/core/sets';
import { describe, expect, it } from 'vitest';
import { handWith } from '@/core/sizing';
import { learnedLoss } from '@/core/lessons';
import { sizedPlanPart } from '@/core/part';
import type { MadePiece, Run, Shelf, Sorting, Workspace } from '@/core/records';
import { asTheyCome, measuredStages, toSort } from '.';
import { setsToMake } from './set-make';

describe('pieces to sort', () => {
  const [, set] = DEMO.sets;
  const plan = DEMO.plans.find(({ id }) => id === set!.planIds[0])!;

  it('are told their tolerance at the stage they were measured', () => {
    const found = toSort(DEMO, plan, set!.sorting!);
    if (!found.ok) throw new Error(found.problem.message);
    expect(found.value.pieces).toHaveLength(11);
    // 2 mm finished are 2 x 0.925 / 0.85 at bisque, or near it
    expect(found.value.within.rimDiameter).toBeGreaterThan(2.05);
    expect(found.value.within.rimDiameter).toBeLessThan(2.3);
  });

  it('leave out what is held, kept out or lost, and refuse a set larger than the pieces', () => {
    const all = toSort(DEMO, plan, set!.sorting!);
    if (!all.ok) throw new Error(all.problem.message);
    const ids = all.value.pieces.map(({ id }) => id);
    const fewer = toSort(DEMO, plan, { ...set!.sorting!, held: [ids.slice(0, 5)], out: [ids[5]!] });
    expect(fewer.ok && fewer.value.pieces).toHaveLength(5);
    expect(toSort(DEMO, plan, { ...set!.sorting!, size: 12 })).toMatchObject({ ok: false, problem: { path: 'size' } });
    expect(toSort(DEMO, plan, { ...set!.sorting!, within: {} })).toMatchObject({ ok: false, problem: { path: 'within' } });
  });

  const [honey] = DEMO.runs;
  const runs: Run[] = [
    { ...honey!, id: 'own', planId: plan.id, partId: undefined },
    { ...honey!, id: 'lids', planId: plan.id, partId: 'lid' },
    { ...honey!, id: 'other', planId: 'plan-honey-jar' },
  ];
  const made = (
    id: string,
    at: Stage,
    shelf: Shelf,
    sizes: Readonly<Partial<Record<'rimDiameter' | 'height', number>>>,
    runId = 'own',
  ): MadePiece => ({
    id,
    runId,
    no: 1,
    at: '2026-11-01T09:00:00.000Z',
    shelf,
    since: {},
    sizes: { [at]: Object.fromEntries(Object.entries(sizes).map(([name, mm]) => [name, { mm }])) },
    weights: {},
    note: '',
  });
  const workshop = (...pieces: readonly MadePiece[]): Workspace => ({ ...DEMO, runs, pieces });
  const sorting: Sorting = { size: 2, at: 'glazed', within: { rimDiameter: 2, height: 4 }, held: [], out: [] };
  const sort = (workspace: Workspace, change: Partial<Sorting> = {}) => {
    const found = toSort(workspace, plan, { ...sorting, ...change });
    if (!found.ok) throw new Error(found.problem.message);
    return found.value;
  };
  const both = { rimDiameter: 120, height: 60 };

  it('are those of the plan’s own body measured at the stage in all that is asked', () => {
    const all = workshop(
      made('a', 'glazed', 'fired', both),
      made('b', 'glazed', 'fired', { rimDiameter: 122, height: 58 }),
      made('width alone', 'glazed', 'fired', { rimDiameter: 121 }),
      made('another stage', 'bisque', 'bisqued', both),
      made('lost', 'glazed', 'lost', both),
      made('a lid', 'glazed', 'fired', both, 'lids'),
      made('a jar', 'glazed', 'fired', both, 'other'),
      made('held', 'glazed', 'fired', both),
      made('out', 'glazed', 'fired', both),
    );
    const found = sort(all, { held: [['held', 'gone']], out: ['out'] });
    expect(found.pieces.map(({ id }) => id)).toEqual(['a', 'b']);
    // fired, a tolerance is as it is said
    expect(found.within).toEqual({ rimDiameter: 2, height: 4 });
    expect(found.points).toEqual([
      [60, 15],
      [61, 14.5],
    ]);
    // the one that stands fired and wants its height; what stands elsewhere cannot be measured fired
    expect(found.unmeasured).toBe(1);
    expect(sort(all, { within: { rimDiameter: 2, height: undefined } }).features).toEqual(['rimDiameter']);
    expect(sort(all, { within: { rimDiameter: 2 } }).pieces.map(({ id }) => id)).toEqual(['a', 'b', 'width alone', 'held', 'out']);
  });

  it('at an earlier stage have their tolerances grown by what they will still shrink, up and across apart', () => {
    const body = DEMO.bodies.find(({ id }) => id === plan.parts[0].bodyId)!;
    const apart = {
      ...workshop(made('a', 'wet', 'wet', both), made('b', 'wet', 'wet', both)),
      bodies: [{ ...body, shrinkagePercent: 10, heightShrinkagePercent: 20 }],
      bars: [],
      batches: [],
    };
    const { within } = toSortOf(apart, 'wet');
    expect(within.rimDiameter).toBeCloseTo(2 / 0.9, 9);
    expect(within.height).toBeCloseTo(4 / 0.8, 9);
  });
  const toSortOf = (workspace: Workspace, at: Stage) => sort(workspace, { at });

  it('are refused a tolerance that nobody measures, any of them', () => {
    const all = workshop(made('a', 'glazed', 'fired', both), made('b', 'glazed', 'fired', both));
    for (const within of [{ rimDiameter: 0.04 }, { rimDiameter: 2, height: 0.04 }])
      expect(toSort(all, plan, { ...sorting, within })).toMatchObject({ ok: false, problem: { path: 'within' } });
    expect(toSort(all, plan, { ...sorting, within: { rimDiameter: 0.05 } }).ok).toBe(true);
    expect(toSort(all, plan, { ...sorting, size: 3 })).toMatchObject({ ok: false, problem: { path: 'size' } });
    expect(toSort(all, plan, { ...sorting, within: { rimDiameter: undefined } })).toMatchObject({ ok: false, problem: { path: 'within' } });
  });

  it('taken as they come make the sets that happen to agree in everything', () => {
    const come = (size: number, ...points: readonly (readonly number[])[]) => asTheyCome({ points }, size);
    expect(come(2, [1, 5], [2, 5], [1, 5], [2.1, 5], [7, 7], [7, 8])).toBe(2);
    expect(come(2, [1, 5], [1, 6.1])).toBe(0);
    expect(come(3, [1], [2], [1.5])).toBe(1);
    expect(come(3, [1], [2], [2.5])).toBe(0);
    // what is left over makes none
    expect(come(2, [1], [1], [1])).toBe(1);
    expect(come(2, [1])).toBe(0);
    // a tolerance met to the last figure is met
    expect(come(2, [0.3], [0.1 + 0.2 + 1])).toBe(1);
  });

  it('have been measured at stages, most pieces first', () => {
    const all = workshop(
      made('a', 'wet', 'wet', both),
      made('b', 'bisque', 'bisqued', both),
      { ...made('c', 'bisque', 'bisqued', both), sizes: { bisque: { height: { mm: 60 } }, wet: { height: { mm: 66 } }, glazed: {} } },
      made('d', 'bisque', 'bisqued', both),
      made('lost', 'glazed', 'lost', both),
      made('jar', 'glazed', 'fired', both, 'other'),
    );
    expect(measuredStages(all, plan)).toEqual([
      { at: 'bisque', count: 3 },
      { at: 'wet', count: 2 },
      { at: 'glazed', count: 1 },
    ]);
    expect(measuredStages({ ...all, pieces: [] }, plan)).toEqual([]);
  });
});

describe('how many to make for sets that match', () => {
  const plan = DEMO.plans.find(({ id }) => id === DEMO.sets[1]!.planIds[0])!;
  const made = sizedPlanPart({ ...DEMO, runs: [], pieces: [] }, plan.parts[0], String);
  if (!made.ok) throw new Error(made.problem.message);
  const { clay, sized } = made.value;
  const loss = learnedLoss({ runs: [], pieces: [] }, 'bowl');
  const sorting: Sorting = { size: 3, at: 'glazed', within: { rimDiameter: 2, height: 3 }, held: [], out: [] };

  it('is drawn from what each differs by: its own shrinkage and the hand, finished, over what it may', () => {
    const left = { rimDiameter: 1 - clay.shrinkage.width, height: 1 - clay.shrinkage.height };
    const own = Math.sqrt(shrinkageVariances(clay).own);
    const hand = (size: 'rimDiameter' | 'height') => handWith(clay, 'gauge', size === 'height' ? 'height' : 'width').sd;
    const spread = (size: 'rimDiameter' | 'height', within: number) =>
      Math.hypot(sized.stages.wet.sizes[size] * own, hand(size) * left[size]) / within;
    const drawn = (spreads: readonly number[], sets: number, odds: number) =>
      setExtras({ sets, size: 3, spreads, loss: loss.share, odds }, normalFrom(1), uniformFrom(1));
    expect(setsToMake(made.value, sorting, 2, 0.9, loss)).toEqual(drawn([spread('rimDiameter', 2), spread('height', 3)], 2, 0.9));
    // asked again it is the same, and another question is another
    expect(setsToMake(made.value, sorting, 2, 0.9, loss)).toBe(setsToMake(made.value, sorting, 2, 0.9, loss));
    const one: Sorting = { ...sorting, within: { rimDiameter: 1, height: undefined, galleryWidth: 2 } };
    expect(setsToMake(made.value, one, 2, 0.8, loss)).toEqual(drawn([spread('rimDiameter', 1)], 2, 0.8));
  });
});
