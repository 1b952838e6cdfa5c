import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMO } from '@/core/example';
import { clayOf, newestBatch, nextThings, PLAIN, plainCup, sizePart } from '@/core/part';
import { figureWords, restsOnWords } from '@/core/telling';
import {
  applyChanges,
  type BarRecord,
  type Body,
  changesOn,
  clayUsedLast,
  compare,
  EMPTY,
  exampleCutters,
  inOwnMeasures,
  merged,
  type Plan,
  reversed,
  type RowChange,
  rowChange,
  type Workspace,
} from '.';

const body = (id: string, name: string): Body => ({ id, name, kind: 'stoneware', note: '', createdAt: '2026-01-01T00:00:00.000Z' });

describe('changes to rows', () => {
  /** A run of changes as acts make them: each finds what the one before left. */
  const anyRun = fc
    .array(fc.record({ id: fc.constantFrom('a', 'b', 'c'), name: fc.option(fc.string(), { nil: undefined }) }), { maxLength: 20 })
    .map((steps) => {
      const changes: RowChange[] = [];
      let workspace = EMPTY;
      for (const { id, name } of steps) {
        const before = workspace.bodies.find((row) => row.id === id);
        const after = name === undefined ? undefined : body(id, name);
        if (!before && !after) continue;
        const change = rowChange('bodies', before, after);
        changes.push(change);
        workspace = applyChanges(workspace, [change]);
      }
      return { changes, workspace };
    });

  const sorted = (workspace: Workspace) => [...workspace.bodies].sort((a, b) => a.id.localeCompare(b.id));

  it('taken back, one after the other, leave what was there', () => {
    fc.assert(
      fc.property(anyRun, ({ changes, workspace }) => {
        const back = reversed(changes).reduce((now, change) => {
          const made = changesOn(now, [change]);
          expect(made).toBeDefined();
          return applyChanges(now, made!);
        }, workspace);
        expect(back.bodies).toEqual([]);
      }),
      { seed: 61 },
    );
  });

  it('joined into one do what they did one by one', () => {
    fc.assert(
      fc.property(anyRun, fc.nat(20), ({ changes, workspace }, cut) => {
        const joined = merged(merged([], changes.slice(0, cut)), changes.slice(cut));
        expect(sorted(applyChanges(EMPTY, joined))).toEqual(sorted(workspace));
        expect(applyChanges(workspace, reversed(joined)).bodies).toEqual([]);
      }),
      { seed: 62 },
    );
  });

  it('are not made where the same field has become another, or the row is gone', () => {
    const change = rowChange('bodies', body('a', 'one'), body('a', 'two'));
    expect(changesOn({ ...EMPTY, bodies: [body('a', 'one')] }, [change])).toEqual([change]);
    expect(changesOn({ ...EMPTY, bodies: [body('a', 'three')] }, [change])).toBeUndefined();
    expect(changesOn(EMPTY, [change])).toBeUndefined();
    expect(changesOn({ ...EMPTY, bodies: [body('a', 'three')] }, [rowChange('bodies', undefined, body('a', 'one'))])).toBeUndefined();
    expect(changesOn({ ...EMPTY, bodies: [body('a', 'two')] }, [change]), 'made already').toEqual([]);
  });

  it('leave what somebody else changed beside them: another field, one deeper in, another thing of a list', () => {
    const [jar] = DEMO.plans;
    const [part] = jar!.parts;
    const handles = (...ids: string[]) => ids.map((id) => ({ id, kind: 'handle' as const, massG: 40 }));
    const withPart = (change: object, more: object = {}) => ({ ...jar!, parts: [{ ...part, ...change }], ...more }) as Plan;
    const step = rowChange(
      'plans',
      withPart({ attached: handles('a') }),
      withPart({ inHand: { weightG: 500 }, attached: handles('a', 'b') }),
    );
    const theirs = withPart({ inHand: undefined, odds: 0.8, attached: handles('a', 'c') }, { name: 'Theirs' });
    const made = changesOn({ ...EMPTY, plans: [theirs] }, [step])![0]!.after as Plan;
    expect(made).toMatchObject({ name: 'Theirs' });
    expect(made.parts[0].attached).toEqual(handles('a', 'c', 'b'));
    expect(made.parts[0]).toMatchObject({ odds: 0.8, inHand: { weightG: 500 } });
    const deep = rowChange(
      'plans',
      withPart({ inHand: { weightG: 500, capacityMl: 300 } }),
      withPart({ inHand: { weightG: 510, capacityMl: 300 } }),
    );
    const neighbour = withPart({ inHand: { weightG: 500, capacityMl: 320 } });
    expect((changesOn({ ...EMPTY, plans: [neighbour] }, [deep])![0]!.after as Plan).parts[0].inHand).toEqual({
      weightG: 510,
      capacityMl: 320,
    });
  });

  it('leave other tables and the order of rows alone', () => {
    const [first] = DEMO.plans;
    const next = applyChanges(DEMO, [rowChange('plans', first, { ...first!, name: 'Renamed' })]);
    expect(next.bodies).toBe(DEMO.bodies);
    expect(next.plans.map(({ id }) => id)).toEqual(DEMO.plans.map(({ id }) => id));
  });
});

describe('comparing workspaces', () => {
  it('names what is new, different, only here and the same', () => {
    const [first, second, ...rest] = DEMO.plans as [Plan, Plan, ...Plan[]];
    const incoming = { ...DEMO, plans: [{ ...first, name: 'Changed' }, { ...second, id: 'new', name: 'New' }, ...rest] };
    const plans = compare(DEMO, incoming).find(({ table }) => table === 'plans');
    expect(plans).toEqual({ table: 'plans', added: ['New'], changed: ['Changed'], onlyHere: [second.name], same: rest.length });
  });

  it('finds nothing between a workspace and itself', () => {
    for (const { added, changed, onlyHere } of compare(DEMO, DEMO)) expect([added, changed, onlyHere]).toEqual([[], [], []]);
  });
});

describe('what is known of a clay', () => {
  const heron = { bodyId: 'body-heron-buff', batchId: 'batch-heron-august' };

  it('takes the bars of its batch before the others, and not those fired otherwise', () => {
    const { evidence, firing } = clayOf(DEMO, heron);
    expect(firing).toEqual({ cone: '6' });
    const counted = evidence.sorted.filter(({ unused }) => !unused);
    expect(counted.filter(({ sameBatch }) => sameBatch).map(({ sample }) => sample.name)).toEqual([
      'A1',
      'A2',
      'A3',
      ...[1, 2, 4, 5, 6, 7, 8].map((no) => `Honey jar, wide ${no}`),
    ]);
    expect(counted.filter(({ sameBatch }) => !sameBatch)).toHaveLength(5);
    expect(evidence.sorted.find(({ sample }) => sample.name === 'A6, hot')?.unused).toBe('other firing');
  });

  it('weighs water and loss from the batch’s own bars', () => {
    const { figures } = clayOf(DEMO, heron);
    expect(figures.matter.water).toBeCloseTo(0.21, 6);
    expect(figures.sources).toMatchObject({ water: 'bars', loss: 'bars', shares: { dry: 'bars', leather: 'typical' } });
  });

  it('has a newest batch, by date', () => {
    expect(newestBatch(DEMO, 'body-heron-buff')?.name).toBe('August');
    expect(newestBatch(DEMO, 'body-quarry-grog')).toBeUndefined();
  });

  it('is typical stoneware where no clay is chosen', () => {
    expect(clayOf(DEMO, {}).figures.shrinkage.width).toBe(0.12);
    expect(clayOf(DEMO, { bodyId: 'gone' }).body).toBeUndefined();
  });

  it('is worked out once while the body and its bars are the same, whatever becomes of others', () => {
    const choice = { bodyId: 'body-heron-buff', firing: { cone: '6' } };
    const known = clayOf(DEMO, choice);
    const [own, other] = [true, false].map((wanted) => DEMO.bars.findIndex(({ bodyId }) => (bodyId === choice.bodyId) === wanted));
    const changed = (index: number) => ({
      ...DEMO,
      bars: DEMO.bars.map((bar, i) => (i === index ? { ...bar, warped: !bar.warped } : bar)),
    });
    expect(clayOf(changed(other!), choice)).toBe(known);
    expect(clayOf(changed(own!), choice)).not.toBe(known);
    expect(clayOf(changed(own!), choice).figures.belief.weight).toBeLessThan(known.figures.belief.weight);
    expect(clayOf(DEMO, { ...choice, firing: { cone: '10' } })).not.toBe(known);
    expect(clayOf({ ...DEMO, bodies: DEMO.bodies.map((body) => ({ ...body })) }, choice)).not.toBe(known);
  });

  it('is said in words, with what it rests on', () => {
    const known = clayOf(DEMO, heron);
    expect(figureWords(known.figures.belief)).toBe('about 11.5%: 9 in 10 pieces between 11.0 and 12.0%');
    expect(restsOnWords(known)).toMatch(
      /^From 3 bars and 7 pieces of this batch; 4 bars and 1 piece of other batches \(together count as about half a bar\), with the supplier’s figure/,
    );
    expect(restsOnWords(clayOf(DEMO, { bodyId: 'body-foxglove-red' }))).toBe('From the supplier’s range only. No bars fired yet.');
    expect(restsOnWords(clayOf(DEMO, { bodyId: 'body-quarry-grog' }))).toBe(
      'From the typical figure for architectural only. No bars fired yet.',
    );
    expect(restsOnWords(clayOf(DEMO, { ...heron, firing: { cone: '04' } }))).toContain(
      'None of them was fired to cone 04. Guessed from cone 6 and cone 10: a point either way in 40 degrees.',
    );
  });

  it('of another firing is shifted, and the less sure the further it is from those there are', () => {
    const at = (cone: string) => clayOf(DEMO, { ...heron, firing: { cone } }).figures.belief;
    const [own, ...others] = ['6', '4', '2', '02', '04'].map(at);
    expect(own!.commonSd).toBeLessThan(0.004);
    for (const [i, belief] of others.entries()) {
      const before = i === 0 ? own! : others[i - 1]!;
      expect(belief.commonSd).toBeGreaterThan(before.commonSd);
      expect(belief.mean).toBeLessThan(own!.mean);
    }
    // 40 degrees are about half a point, give or take one
    expect(others[0]!.commonSd).toBeGreaterThan(0.005);
  });

  it('lets upright bars speak of height alone', () => {
    const upright = (glazed: number, id: string): BarRecord => ({
      ...DEMO.bars[4]!,
      id,
      direction: 'height',
      lengths: { wet: [100], glazed: [glazed] },
    });
    const { figures } = clayOf({ ...DEMO, bars: [...DEMO.bars, upright(86.5, 'h1'), upright(86.6, 'h2'), upright(86.4, 'h3')] }, heron);
    expect(figures.shrinkage.width).toBeCloseTo(0.115, 3);
    expect(figures.shrinkage.height).toBeGreaterThan(0.13);
  });
});

describe('the next thing to do', () => {
  it('is what a bar waits for', () => {
    expect(nextThings(DEMO, 'body-heron-buff')).toEqual(['Two bars of the August batch wait to be measured after bisque.']);
    const one = {
      ...DEMO,
      bars: DEMO.bars.map((bar) => (bar.name === 'A4' ? { ...bar, lengths: { ...bar.lengths, bisque: [94] } } : bar)),
    };
    expect(nextThings(one, 'body-heron-buff')).toEqual([
      'One bar of the August batch waits for the glaze firing.',
      'One bar of the August batch waits to be measured after bisque.',
    ]);
  });

  it('is a bar for a batch that has none', () => {
    const fresh = { ...DEMO, batches: [...DEMO.batches, { id: 'b', bodyId: 'body-heron-buff', name: 'November', note: '' }] };
    expect(nextThings(fresh, 'body-heron-buff')).toContain('The November batch has no bars yet. Its figures come from August.');
  });

  it('is a firing nobody has measured', () => {
    const [plan, ...rest] = DEMO.plans as [Plan, ...Plan[]];
    const hotter: Plan = { ...plan, parts: [{ ...plan.parts[0], firing: { cone: '8' } }] };
    expect(nextThings({ ...DEMO, plans: [hotter, ...rest] }, 'body-heron-buff')).toContain(
      'Cone 8 has only the supplier’s figure and bars fired to other cones.',
    );
    expect(nextThings(DEMO, 'body-quarry-grog')).toContain('Cone 5 has only the typical figure.');
  });
});

describe('the example workshop', () => {
  it('can be made, each piece of it', () => {
    for (const plan of DEMO.plans) expect(sizePart(plan.parts[0], clayOf(DEMO, plan.parts[0]).figures, String).ok, plan.name).toBe(true);
  });

  it('has ids of its own throughout', () => {
    const ids = [...DEMO.bodies, ...DEMO.batches, ...DEMO.bars, ...DEMO.plans].map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
  });

  it('obeys the physics: no bar grows, none shrinks more than clays do', () => {
    for (const { sorted } of DEMO.bodies.map(({ id }) => clayOf(DEMO, { bodyId: id }).evidence)) {
      for (const { sample, unused } of sorted) expect(['grew', 'in question'], sample.name).not.toContain(unused);
    }
  });
});

describe('a plain cup', () => {
  it('can be made for any mouth a person might type', () => {
    const { figures } = clayOf(DEMO, {});
    fc.assert(
      fc.property(fc.double({ min: 8, max: 2000, noNaN: true }), (mouth) => {
        const sizes = plainCup(mouth);
        expect(sizes.rimDiameter).toEqual([{ mm: mouth, at: 'glazed' }]);
        expect(sizePart({ ...PLAIN, sizes, making: DEMO.plans[0]!.parts[0].making }, figures, String).ok).toBe(true);
      }),
      { seed: 63 },
    );
  });
});

describe('own measures', () => {
  const rings = [
    { name: 'first ring', mm: 40 },
    { name: 'second ring', mm: 60 },
  ];

  it.each([
    [63, 'second ring and 3 mm'],
    [60.3, 'second ring'],
    [59.7, 'second ring'],
    [45, 'first ring and 5 mm'],
    [80, undefined],
    [20, undefined],
  ])('%d mm is %s', (mm, said) => expect(inOwnMeasures(mm, rings, (more) => `${Math.round(more)} mm`)).toBe(said));
});

describe('rows taken over', () => {
  it('stay in their places, go, or come at the end, as the last change to each says', () => {
    const before = { ...EMPTY, bodies: [body('a', 'A'), body('b', 'B'), body('c', 'C')] };
    const change = (id: string, after: Body | undefined): RowChange => ({ table: 'bodies', id, before: undefined, after }) as RowChange;
    const names = (...changes: RowChange[]) => applyChanges(before, changes).bodies.map(({ name }) => name);
    expect(names(change('b', body('b', 'B2')))).toEqual(['A', 'B2', 'C']);
    expect(names(change('b', undefined))).toEqual(['A', 'C']);
    expect(names(change('d', body('d', 'D')), change('a', undefined))).toEqual(['B', 'C', 'D']);
    expect(names(change('d', body('d', 'D')), change('d', undefined))).toEqual(['A', 'B', 'C']);
    expect(names(change('c', body('c', 'C2')), change('c', body('c', 'C3')))).toEqual(['A', 'B', 'C3']);
    // other tables are the same lists as before
    const after = applyChanges(before, [change('b', undefined)]);
    expect(after.plans).toBe(before.plans);
    expect(applyChanges(before, [])).toEqual(before);
  });
});

describe('the clay a new piece starts in', () => {
  const [first, second] = DEMO.plans;
  const changed = (plan: Plan, bodyId: string, changedAt: string): Plan => ({ ...plan, changedAt, parts: [{ ...plan.parts[0], bodyId }] });
  const workshop = (openPlanId: string | undefined, plans: readonly Plan[]) => ({
    plans,
    bodies: [body('a', 'A'), body('b', 'B'), body('c', 'C')],
    settings: { ...DEMO.settings, openPlanId },
  });

  it('is that of the open piece, else of the one changed last, else the first', () => {
    const plans = [changed(first!, 'b', '2026-02-01T00:00:00.000Z'), changed(second!, 'c', '2026-03-01T00:00:00.000Z')];
    expect(clayUsedLast(workshop(first!.id, plans))).toBe('b');
    expect(clayUsedLast(workshop(second!.id, plans))).toBe('c');
    expect(clayUsedLast(workshop(undefined, plans))).toBe('c');
    expect(clayUsedLast(workshop(undefined, plans.toReversed()))).toBe('c');
    expect(clayUsedLast(workshop(first!.id, [changed(first!, 'gone', '2026-04-01T00:00:00.000Z'), plans[1]!]))).toBe('c');
    expect(clayUsedLast(workshop(undefined, []))).toBe('a');
    expect(clayUsedLast({ ...workshop(undefined, []), bodies: [] })).toBeUndefined();
  });

  it('cutters of the example are told by their ids', () => {
    const [cutter] = DEMO.cutters;
    expect(exampleCutters({ cutters: [cutter!, { ...cutter!, id: 'own' }] })).toEqual([cutter]);
  });
});
