import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { USUAL_HANDLE } from '@/core/handbuild';
import { DEMO } from '@/core/example';
import { runOf } from '@/core/orders';
import { EMPTY, shopOf, shopRows, type Workspace } from '@/core/records';
import Ajv2020 from 'ajv/dist/2020';
import { METRIC, type UnitChoice } from '@/core/units';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { LARGEST_FILE, comparisonTable, harmlessCell, piecesTable, readWorkspace, writeTable, writeWorkspace } from '.';

const AT = '2026-11-23T08:00:00.000Z';
const published: object = JSON.parse(readFileSync('docs/workspace.schema.json', 'utf8'));
const validate = new Ajv2020({ allErrors: false }).compile(published);

type Plain = Record<string, never> & {
  plans: { parts: { sizes: Record<string, object[]>; making: object; attached?: object[] }[] }[];
  bodies: object[];
  bars: object[];
  batches: object[];
  runs: object[];
  pieces: object[];
};

interface OldPlan {
  readonly parts: readonly { readonly sizes: Readonly<Record<string, object>> }[];
}

/** The example workshop's file with something done to it. */
function damaged(damage: (file: Plain) => void): string {
  const file = JSON.parse(writeWorkspace(DEMO, AT)) as Plain;
  damage(file);
  return JSON.stringify(file);
}

describe('the workspace file', () => {
  it('opens again as it was', () => {
    expect(readWorkspace(writeWorkspace(DEMO, AT))).toEqual({ ok: true, value: DEMO });
    expect(readWorkspace(writeWorkspace(EMPTY, AT))).toEqual({ ok: true, value: EMPTY });
    expect(readWorkspace(`\ufeff${writeWorkspace(EMPTY, AT)}`).ok).toBe(true);
  });

  it.each([1, 2])('of version %d opens with nothing lost: its cups become forms, each size one thing known', (version) => {
    const old = readFileSync(`tests/fixtures/workspace-v${version}.json`, 'utf8');
    const {
      format: _,
      version: _version,
      exportedAt: _at,
      plans,
      ...kept
    } = JSON.parse(old) as { plans: OldPlan[] } & Record<string, unknown>;
    const lifted = plans.map((plan) => ({
      ...plan,
      parts: plan.parts.map((part) => ({
        ...part,
        manner: { foot: 'flat' },
        sizes: Object.fromEntries(Object.entries(part.sizes).map(([name, known]) => [name, [known]])),
      })),
    }));
    expect(readWorkspace(old)).toEqual({
      ok: true,
      value: { bars: [], formers: [], cutters: [], shop: [], runs: [], pieces: [], sets: [], orders: [], ...kept, plans: lifted },
    });
  });

  it('of version 3 opens with nothing lost, and an empty kit', () => {
    const old = readFileSync('tests/fixtures/workspace-v3.json', 'utf8');
    const { format: _, version: _version, exportedAt: _at, settings, ...kept } = JSON.parse(old) as Record<string, unknown>;
    const { place, ...own } = settings as { place: { shelfDepth: number } };
    expect(readWorkspace(old)).toEqual({
      ok: true,
      value: { ...kept, formers: [], cutters: [], runs: [], pieces: [], sets: [], orders: [], settings: own, shop: shopRows({ place }) },
    });
  });

  it('of version 4 opens with nothing lost: what is set for the shop parts from what a device prefers', () => {
    const old = readFileSync('tests/fixtures/workspace-v4.json', 'utf8');
    const { format: _, version: _version, exportedAt: _at, ...kept } = JSON.parse(old) as Record<string, unknown>;
    const read = readWorkspace(old);
    if (!read.ok) throw new Error(read.problem.message);
    const { shop, settings, runs, pieces, sets, orders, ...tables } = read.value;
    expect({ ...tables, settings: kept.settings }).toEqual(kept);
    expect([runs, pieces, sets, orders]).toEqual([[], [], [], []]);
    expect(settings).toEqual({ units: DEMO.settings.units, openPlanId: 'plan-honey-jar', paper: 'a4', printer: 'Barn' });
    expect(shopOf({ shop })).toEqual({
      place: { shelfDepth: 300, kilnHeight: 450 },
      wheel: { batThickness: 18 },
      printers: [{ name: 'Barn', measuredMm: 99.4 }],
      measures: [{ name: 'second ring', mm: 60 }],
      battens: [4, 5, 6, 7, 8, 10, 12],
      rollerWidth: 400,
      coils: [{ coils: 4, thickness: 9, height: 33 }],
    });
  });

  it('of version 6 opens with nothing lost, and no orders', () => {
    const old = readFileSync('tests/fixtures/workspace-v6.json', 'utf8');
    const { format: _, version: _version, exportedAt: _at, ...kept } = JSON.parse(old) as Record<string, unknown>;
    expect(readWorkspace(old)).toEqual({ ok: true, value: { ...kept, sets: [], orders: [] } });
  });

  it('of version 5 opens with nothing lost: what was counted in a plan becomes its runs and their pieces', () => {
    const old = readFileSync('tests/fixtures/workspace-v5.json', 'utf8');
    const { plans, ...kept } = JSON.parse(old) as { plans: (Record<string, unknown> & { thrown?: unknown[] })[] } & Workspace;
    const read = readWorkspace(old);
    if (!read.ok) throw new Error(read.problem.message);
    expect(read.value.bars).toEqual(kept.bars);
    expect(read.value.plans).toEqual(plans.map(({ thrown: _, run: _run, ...plan }) => plan));
    expect(read.value.runs).toMatchObject([
      { id: 'plan-honey-jar-run-1', closed: true, date: '2026-11-20' },
      { id: 'plan-honey-jar-run-2', wanted: 8 },
    ]);
    expect(read.value.pieces).toMatchObject([
      { no: 1, shelf: 'wet' },
      { no: 2, shelf: 'lost', different: 'gone wrong' },
      { no: 3, shelf: 'wet', different: 'larger' },
      { runId: 'plan-honey-jar-run-2', no: 1, shelf: 'wet', at: '2026-11-20T09:40:00.000Z' },
    ]);
    expect(runOf(read.value, 'plan-honey-jar')).toMatchObject({ good: 1, wrong: 0, wanted: 8 });
  });

  const positive = (max: number) => fc.double({ min: 0.5, max, noNaN: true });
  const maybe = <T>(value: fc.Arbitrary<T>) => fc.option(value, { nil: undefined });
  const anyHand = fc.record({
    by: maybe(fc.constantFrom('slab' as const, 'former' as const, 'coil' as const)),
    slab: maybe(
      fc.record({
        base: fc.constantFrom('inside' as const, 'under' as const, 'none' as const),
        corners: fc.constantFrom('butted' as const, 'lapped' as const, 'mitred' as const),
        seam: fc.constantFrom('lapped' as const, 'bevelled' as const, 'slope' as const, 'butted' as const),
        overlap: positive(200),
        cutAt: fc.constantFrom('wet' as const, 'leather' as const),
        darts: fc.integer({ min: 3, max: 24 }),
      }),
    ),
    texture: maybe(fc.record({ along: positive(50), across: positive(50) })),
    coil: maybe(
      fc.record({
        pinchShare: fc.double({ min: 0, max: 0.95, noNaN: true }),
        gain: positive(3),
        thickness: fc.double({ min: 1, max: 200, noNaN: true }),
      }),
    ),
    formerId: maybe(fc.constantFrom(...DEMO.formers.map(({ id }) => id))),
    stop: maybe(positive(900)),
    turn: maybe(fc.boolean()),
    pieces: maybe(fc.integer({ min: 1, max: 5000 })),
  });
  const anyHandle = fc.record({
    kind: fc.constantFrom('strap' as const, 'pulled' as const, 'coil' as const, 'twisted' as const),
    fingers: fc.constantFrom(1 as const, 2 as const, 3 as const, 4 as const),
    fingerWidth: fc.double({ min: 5, max: 60, noNaN: true }),
    reach: fc.double({ min: 5, max: 200, noNaN: true }),
    width: fc.double({ min: 2, max: 200, noNaN: true }),
    thickness: fc.double({ min: 1, max: 100, noNaN: true }),
    below: fc.double({ min: 0, max: 3000, noNaN: true }),
    kept: fc.double({ min: 0.05, max: 1, noNaN: true }),
    pieces: fc.integer({ min: 1, max: 5000 }),
    succeeds: fc.double({ min: 0.05, max: 1, noNaN: true }),
  });

  it('keeps whatever is chosen of a piece made by hand, and is still what the published schema says', () => {
    fc.assert(
      fc.property(anyHand, maybe(anyHandle), fc.array(positive(200), { maxLength: 8 }), (hand, handle, battens) => {
        const [first, ...rest] = DEMO.plans;
        const part = { ...first!.parts[0], hand, handle };
        const shop = shopRows({ battens, rollerWidth: 420, coils: [{ coils: 3, thickness: 9, height: 25 }] });
        const text = writeWorkspace({ ...DEMO, plans: [{ ...first!, parts: [part] }, ...rest], shop }, AT);
        expect(validate(JSON.parse(text))).toBe(true);
        const read = readWorkspace(text);
        if (!read.ok) throw new Error(`${read.problem.path}: ${read.problem.message}`);
        expect(JSON.parse(JSON.stringify(read.value.plans[0]!.parts[0]))).toEqual(JSON.parse(JSON.stringify(part)));
        expect(read.value.shop).toEqual(shop);
        expect(read.value.formers).toEqual(DEMO.formers);
      }),
      { numRuns: 60, seed: 616 },
    );
  });

  it('is what the published schema says', () => {
    expect(validate(JSON.parse(writeWorkspace(DEMO, AT)))).toBe(true);
  });

  it.each<[string, string, (file: Plain) => void]>([
    ['another program’s file', 'format', (file) => void Object.assign(file, { format: 'notes' })],
    ['a newer version', 'version', (file) => void Object.assign(file, { version: 8 })],
    ['a version that is none', 'version', (file) => void Object.assign(file, { version: '1' })],
    ['an unknown field', 'plans.0.colour', (file) => void Object.assign(file.plans[0]!, { colour: 'red' })],
    ['a missing table', 'bodies', (file) => void Reflect.deleteProperty(file, 'bodies')],
    [
      'a former that is not in the file',
      'plans.0.parts.0.hand.formerId',
      (file) => void Object.assign(file.plans[0]!.parts[0]!, { hand: { by: 'former', formerId: 'gone' } }),
    ],
    [
      'a handle for five fingers',
      'plans.0.parts.0.handle.fingers',
      (file) => void Object.assign(file.plans[0]!.parts[0]!, { handle: { ...USUAL_HANDLE, fingers: 5 } }),
    ],
    [
      'a size that is text',
      'plans.1.parts.0.sizes.height.0.mm',
      (file) => void Object.assign(file.plans[1]!.parts[0]!.sizes.height![0]!, { mm: '120' }),
    ],
    [
      'a size below zero',
      'plans.1.parts.0.sizes.wall.0.mm',
      (file) => void Object.assign(file.plans[1]!.parts[0]!.sizes.wall![0]!, { mm: -4 }),
    ],
    [
      'a stage that is none',
      'plans.0.parts.0.sizes.floor.0.at',
      (file) => void Object.assign(file.plans[0]!.parts[0]!.sizes.floor![0]!, { at: 'raku' }),
    ],
    [
      'a limit that lets nothing in',
      'plans.1.parts.0.sizes.wall.0',
      (file) => void file.plans[1]!.parts[0]!.sizes.wall!.splice(0, 1, { at: 'wet', least: 5, most: 4 }),
    ],
    ['a size that nothing is known of', 'plans.1.parts.0.sizes.wall', (file) => void file.plans[1]!.parts[0]!.sizes.wall!.splice(0)],
    ['a cup without a height', 'plans.0.parts.0', (file) => void Reflect.deleteProperty(file.plans[0]!.parts[0]!.sizes, 'height')],
    ['a form that is none', 'plans.0.parts.0.family', (file) => void Object.assign(file.plans[0]!.parts[0]!, { family: 'teapot' })],
    [
      'a handle of no clay',
      'plans.0.parts.0.attached.0.bodyId',
      (file) => void Object.assign(file.plans[0]!.parts[0]!, { attached: [{ id: 'a', kind: 'handle', bodyId: 'gone' }] }),
    ],
    ['an id that is markup', 'bodies.0.id', (file) => void Object.assign(file.bodies[0]!, { id: '<b>' })],
    [
      'too much slurry',
      'plans.0.parts.0.making.slurryPercent',
      (file) => void Object.assign(file.plans[0]!.parts[0]!.making, { slurryPercent: 80 }),
    ],
    ['a plan without parts', 'plans.0.parts', (file) => void Object.assign(file.plans[0]!, { parts: [] })],
    ['an upside-down range', 'bodies.1.shrinkagePercent', (file) => void Object.assign(file.bodies[1]!, { shrinkagePercent: [16, 14] })],
    ['a name that is endless', 'bodies.0.name', (file) => void Object.assign(file.bodies[0]!, { name: 'x'.repeat(201) })],
    ['two rows of one id', 'bodies.1', (file) => void Object.assign(file.bodies[1]!, { id: 'body-heron-buff' })],
    ['a bar of no clay', 'bars.0.bodyId', (file) => void Object.assign(file.bars[0]!, { bodyId: 'gone' })],
    ['a bar of no batch', 'bars.1.batchId', (file) => void Object.assign(file.bars[1]!, { batchId: 'gone' })],
    ['a cone that is none', 'bars.0.firing.cone', (file) => void Object.assign(file.bars[0]!, { firing: { cone: '6.5' } })],
    ['a batch of no clay', 'batches.0.bodyId', (file) => void Object.assign(file.batches[0]!, { bodyId: 'gone' })],
    ['a piece of no clay', 'plans.0.parts.0.bodyId', (file) => void Object.assign(file.plans[0]!.parts[0]!, { bodyId: 'gone' })],
    ['a run of no clay', 'runs.1.bodyId', (file) => void Object.assign(file.runs[1]!, { bodyId: 'gone' })],
    ['a run of no batch', 'runs.1.batchId', (file) => void Object.assign(file.runs[1]!, { batchId: 'gone' })],
    ['a piece of no run', 'pieces.1.runId', (file) => void Object.assign(file.pieces[1]!, { runId: 'gone' })],
    ['a piece of no batch', 'plans.0.parts.0.batchId', (file) => void Object.assign(file.plans[0]!.parts[0]!, { batchId: 'gone' })],
  ])('refuses %s at %s', (_, path, damage) => {
    expect(readWorkspace(damaged(damage))).toMatchObject({ ok: false, problem: { path } });
  });

  it('of a newer version says so, not that it is none', () => {
    expect(readWorkspace(damaged((file) => void Object.assign(file, { version: 8 })))).toMatchObject({
      problem: { message: expect.stringMatching(/newer Rimbet \(version 8\)\. This one reads up to version 7/) },
    });
  });

  it('is read with word of how far it is, a hundred rows at a time, over all tables', () => {
    const bars = Array.from({ length: 350 }, (_, i) => ({ ...DEMO.bars[0]!, id: `bar-${i}` }));
    const heard: number[][] = [];
    const read = readWorkspace(writeWorkspace({ ...EMPTY, bodies: DEMO.bodies, batches: DEMO.batches, bars }, AT), (...at) =>
      heard.push(at),
    );
    expect(read.ok).toBe(true);
    const all = 350 + DEMO.bodies.length + DEMO.batches.length;
    expect(heard).toEqual([100, 200, 300].map((done) => [done, all]));
  });

  it('takes a limit that leaves room, at least, at most or both, and no other', () => {
    const limited = (known: object) =>
      readWorkspace(
        damaged((file) => {
          const part = file.plans[0]!.parts[0] as { sizes: object };
          Object.assign(part, { sizes: { ...part.sizes, height: [{ at: 'glazed', ...known }] } });
        }),
      );
    for (const known of [{ least: 80 }, { most: 90 }, { least: 80, most: 90 }, { least: 80, most: 80.1 }])
      expect(limited(known).ok).toBe(true);
    for (const known of [{}, { least: 90, most: 80 }, { least: 80, most: 80 }])
      expect(limited(known)).toMatchObject({ ok: false, problem: { path: expect.stringMatching(/^plans\.0\.parts\.0\.sizes\.height/) } });
  });

  it('agrees with the published schema on what the schema alone can tell', () => {
    const damages: ((file: Plain) => void)[] = [
      (file) => void Object.assign(file, { format: 'notes' }),
      (file) => void Object.assign(file.plans[0]!, { colour: 'red' }),
      (file) => void Object.assign(file.plans[0]!, { parts: [] }),
      (file) => void Object.assign(file.bodies[0]!, { id: '<b>', kind: 'jelly' }),
      (file) => void Object.assign(file.plans[1]!.parts[0]!.sizes.wall![0]!, { mm: 0 }),
    ];
    for (const damage of damages) expect(validate(JSON.parse(damaged(damage)))).toBe(false);
  });

  it.each(['', 'hello', '[]', 'null', '{"format":"rimbet-workspace"', '12'])('refuses %s', (text) => {
    expect(readWorkspace(text).ok).toBe(false);
  });

  it('refuses what is larger than any workshop, and a prototype', () => {
    expect(readWorkspace(' '.repeat(LARGEST_FILE + 1))).toMatchObject({
      ok: false,
      problem: { message: expect.stringMatching(/larger than 20 MB/) },
    });
    expect(readWorkspace(writeWorkspace(DEMO, AT).replace('{', '{"__proto__":{},')).ok).toBe(false);
  });
});

describe('tables', () => {
  it.each(['=1+1', '+1', '-1', '@SUM(A1)', ' =1', '\u00a0=1', '＝1', '＋1', '＠x', '\t=1', '\r=1', '\n=1'])('make %j harmless', (cell) => {
    expect(harmlessCell(cell)).toBe(`'${cell}`);
  });

  it.each(['Honey jar', '3 - 4', 'a=b', ''])('leave %j alone', (cell) => expect(harmlessCell(cell)).toBe(cell));

  it('leave numbers numbers', () => expect(harmlessCell(-4)).toBe(-4));

  it('come back as written, quotes, commas and lines included', () => {
    const rows = [['a "b"', 'c,d', 'e\nf', 4]];
    expect(Papa.parse(writeTable(['w', 'x', 'y', 'z'], rows)).data).toEqual([
      ['w', 'x', 'y', 'z'],
      ['a "b"', 'c,d', 'e\nf', '4'],
    ]);
  });

  it('hold each piece with its wet sizes and its ball', () => {
    const [head, first] = Papa.parse<string[]>(piecesTable(DEMO)).data as [string[], string[]];
    const cell = (name: string) => first[head.indexOf(name)];
    expect(first[0]).toBe('Honey jar, wide');
    expect([cell('wet height mm'), cell('rim above bat mm'), cell('weigh out g'), cell('holds ml')]).toEqual([
      '135.6',
      '141.1',
      '645',
      '557',
    ]);
    expect(piecesTable(DEMO, '\t').split('\r\n')[0]!.split('\t')).toEqual(head);
  });

  it('name their units, all of one system, and hold the same pieces in any', () => {
    const read = (units: Partial<UnitChoice>) => {
      const workspace = { ...DEMO, settings: { ...DEMO.settings, units: { ...METRIC, ...units } } };
      const [head, first] = Papa.parse<string[]>(piecesTable(workspace)).data as [string[], string[]];
      const compared = Papa.parse<string[]>(comparisonTable(workspace)).data as string[][];
      return { head: [...head, ...compared[0]!], cell: (name: string) => Number(first[head.indexOf(name)]) };
    };
    const inches = read({ length: 'inch-fraction', mass: 'lb-oz', volume: 'fl-oz' });
    expect(inches.head.filter((each) => /\b(mm|cm|g|kg|ml)\b/.test(each))).toEqual([]);
    expect(read({}).head.filter((each) => /\b(cm|in|oz|lb)\b/.test(each))).toEqual([]);
    expect(read({ length: 'cm' }).head.filter((each) => /\b(mm|in|oz|lb)\b/.test(each))).toEqual([]);
    expect(inches.cell('finished height in')).toBeCloseTo(120 / 25.4, 3);
    expect(inches.cell('holds fl oz') * 29.5735).toBeCloseTo(557, -1);
    expect(read({ length: 'cm' }).cell('wet height cm')).toBeCloseTo(13.56, 2);
  });

  it('hold each piece in every clay, its own clay with its batch and firing', () => {
    const [head, ...rows] = Papa.parse<string[]>(comparisonTable(DEMO)).data as [string[], ...string[][]];
    expect(head).toHaveLength(1 + 5 * DEMO.bodies.length);
    const jar = rows.find(([name]) => name === 'Honey jar, wide')!;
    const cell = (name: string) => jar[head.indexOf(name)];
    expect([cell('Heron Buff, wet mouth mm'), cell('Heron Buff, wet height mm'), cell('Heron Buff, weigh out g')]).toEqual([
      '104',
      '135.6',
      '645',
    ]);
    expect(cell('Heron Buff, rim above the bat mm')).toBe('141.1');
    expect(cell('Foxglove Red, wet mouth mm')).toBe('100');
    expect(rows).toHaveLength(DEMO.plans.length);
  });

  it('disarm a clay named like a formula, in the head too', () => {
    const [heron, ...others] = DEMO.bodies;
    const hostile: Workspace = { ...DEMO, bodies: [{ ...heron!, name: '@SUM(A1)' }, ...others] };
    expect(comparisonTable(hostile).split('\r\n')[0]).toContain("'@SUM(A1), wet mouth mm");
  });

  it('disarm a piece named like a formula', () => {
    const [plan] = DEMO.plans;
    const hostile: Workspace = { ...DEMO, plans: [{ ...plan!, name: '=HYPERLINK("x")' }] };
    expect(piecesTable(hostile).split('\r\n')[1]).toMatch(/^"'=HYPERLINK/);
  });
});
