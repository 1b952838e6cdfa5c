import { DEMO } from '@/core/example';
import { finishedSizes } from '@/core/part';
import { applyChanges, EMPTY, type MadePiece, type Part, reversed, shopOf, type Stock, TABLES, type Workspace } from '@/core/records';
import { describe, expect, it } from 'vitest';
import { type Act, commands, madeActs, orderActs } from '..';

const [plan] = DEMO.plans;
const heron = DEMO.bodies.find(({ id }) => id === 'body-heron-buff')!;
const [bar] = DEMO.bars;
const [batch] = DEMO.batches;

const { createdAt: _, id: _id, ...anotherBar } = bar!;
const { createdAt: _made, id: _bodyId, ...anotherBody } = heron;

const lid: Part = { ...plan!.parts[0], id: 'lid', name: 'lid' };
const lot: Stock = { id: 'x', name: 'Ash lids', kind: 'lid', widths: [90] };

const mug = DEMO.plans.find(({ id }) => id === 'plan-flared-mug')!;
const [run, [first]] = [DEMO.runs[0]!, DEMO.pieces as [MadePiece]];

const [order] = DEMO.orders;
const [nest] = DEMO.sets;
const [jars] = order!.lines;

/** Everything a person can do, on the example workshop. */
const ACTS: Record<string, Act> = {
  'a new piece': commands.createPlan({ name: 'Cup', rimDiameter: 74, bodyId: heron.id }).act,
  'a copy': commands.duplicatePlan(plan!).act,
  'further parts': commands.addParts(plan!.id, [lid], 'lid', (part) => ({ ...part, fit: { with: 'part', ref: `${plan!.id}/lid` } })),
  'another part': commands.newPart(plan!).act,
  saucer: commands.newSaucer(plan!, 84).act,
  'a piece to a bought lid': commands.addPlan('Jar', { ...lid, fit: { with: 'stock', stockId: 'x' } }, { stock: lot }).act,
  'a piece with its clay': commands.addPlan('Mug', lid, { body: { ...anotherBody, id: 'x', createdAt: '' } }).act,
  'a name': commands.renamePlan(plan!.id, 'Jar'),
  'a note': commands.notePlan(plan!.id, 'thinner'),
  'a deleted piece': commands.deletePlan(plan!),
  'a size': commands.setSize(plan!.id, 'rimDiameter', { mm: 110, at: 'leather' }, 'mouth'),
  'a size let go': commands.letGoOf(plan!.id, 'wall', 0, 4.6, 'wall let go'),
  'another form': commands.setPart(plan!.id, { family: 'disc', manner: {}, sizes: finishedSizes({ height: 10, rimDiameter: 92 }) }, 'form'),
  'a turned ring': commands.setManner(plan!.id, { foot: 'ring' }, 'foot'),
  'a handle': commands.setPart(plan!.id, { attached: [{ id: 'handle', kind: 'handle', massG: 60 }] }, 'handle'),
  'evidence from a piece': commands.keepAsEvidence(plan!.id, 'wall', 0, anotherBar, 'evidence'),
  'another clay': commands.setClay(plan!.id, 'body-chalk-down', 'clay'),
  'no clay': commands.setClay(plan!.id, undefined, 'clay'),
  'another batch': commands.setBatch(plan!.id, 'batch-heron-march', 'batch'),
  'another firing': commands.setFiring(plan!.id, { cone: '10' }, 'firing'),
  'a way of making': commands.setWay(plan!.id, 'plaster', 'way'),
  'an allowance': commands.setAllowance(plan!.id, 'trimFloor', 6, 'floor'),
  'a new clay': commands.createBody().act,
  'a mixture': commands.createBody({ ...anotherBody, name: 'Half and half', shrinkagePercent: [9, 12] }).act,
  'a clay’s figure': commands.editBody(heron.id, { shrinkagePercent: [10, 12] }, 'shrinkage'),
  'a deleted clay': commands.deleteBody(heron),
  'a new batch': commands.createBatch(heron.id, 'November', '2026-11-02'),
  'a batch’s softness': commands.editBatch(batch!.id, { softness: 'firm' }, 'softness'),
  'a deleted batch': commands.deleteBatch(DEMO.batches.find(({ id }) => id === 'batch-heron-august')!),
  'a new bar': commands.createBar(anotherBar).act,
  'a bar’s length': commands.editBar(bar!.id, (row) => ({ ...row, lengths: { ...row.lengths, glazed: [88] } }), 'glazed'),
  'a deleted bar': commands.deleteBar(bar!),
  'a new order': orderActs.createOrder({ name: 'Shop', words: 'six mugs' }).act,
  'an order’s day': orderActs.editOrder(order!.id, { due: '2027-02-01' }, 'due'),
  'a deleted order': orderActs.deleteOrder(order!),
  'one more line': orderActs.addLine(order!.id, { wish: 'a third of a litre, under 102 mm high', count: 6 }),
  'a line’s price': orderActs.editLine(order!.id, jars!.id, (line) => ({ ...line, price: 36 }), 'price'),
  'a deleted line': orderActs.deleteLine(order!.id, jars!.id),
  'a step done': orderActs.markStep(order!.id, jars!.id, 'throw'),
  'a step moved': orderActs.endStep(order!.id, jars!.id, 'bisque', '2026-12-08'),
  'one firing for all': orderActs.fireTogether('fire', '2026-12-14', [{ orderId: order!.id, lineId: jars!.id }]),
  'a set': orderActs.createSet('Table', [plan!.id]).act,
  'a set’s name': orderActs.editSet(nest!.id, { name: 'Nest' }, 'name'),
  'a deleted set': orderActs.deleteSet(nest!),
  'a nest': orderActs.createNest(plan!, [{ name: 'second', part: plan!.parts[0] }]).act,
  'one thrown': madeActs.throwOne(plan!, plan!.id),
  'what was different about it': madeActs.noteLastThrown(mug, mug.id, 'smaller'),
  'how many to make': madeActs.setRunWanted(mug, mug.id, (now = 0) => now + 1),
  'a run ended': madeActs.startRun(mug, mug.id),
  'a run': madeActs.logRun(DEMO, plan!, 6)!.act,
  'one that is fired already': madeActs.logFired(DEMO, plan!, plan!.id, { fired: 91 })!,
  'a run’s ball': madeActs.editRun(run.id, (each) => ({ ...each, ball: 700 }), 'ball'),
  'how a run dried': madeActs.editRun(run.id, (each) => ({ ...each, dried: 'hurried' }), 'how it dried'),
  'a deleted run': madeActs.deleteRun(run),
  'one more of a run': madeActs.addPiece(run),
  'pieces on another shelf': madeActs.movePieces([first.id], 'coated', 'glazed'),
  'a fired size': madeActs.measurePiece(first.id, 'glazed', 'height', { mm: 119 }, 'height'),
  'a piece left out': madeActs.editPiece(first.id, (piece) => ({ ...piece, out: true }), 'left out'),
  'a deleted piece of a run': madeActs.deletePiece(first, 'Honey jar'),
  'a note of coils': commands.setShop('coils', (now) => [...(now ?? []), { coils: 3, thickness: 9, height: 25 }]),
  'a width of the roller taken away': commands.setShop('rollerWidth', () => undefined),
  'everything deleted': commands.clearAll(),
  'a merged file': commands.mergeIn({ ...EMPTY, bodies: [{ ...heron, name: 'Heron, from the file' }] }, 'merged'),
  'a replaced workspace': commands.replaceAll({ ...DEMO, plans: DEMO.plans.slice(2) }, 'replaced'),
};

const byId = (workspace: Workspace) =>
  TABLES.map((table) => workspace[table]).map((rows) => [...(rows as readonly { id: string }[])].sort((a, b) => a.id.localeCompare(b.id)));

describe('what a person does', () => {
  it.each(Object.entries(ACTS))('%s changes something, says what, and is taken back whole', (_name, act) => {
    const changes = act.change(DEMO);
    const after = applyChanges(DEMO, changes);
    expect(act.label).not.toBe('');
    expect(byId(after)).not.toEqual(byId(DEMO));
    // absent and undefined are the same on disk and in a file
    expect(JSON.parse(JSON.stringify(byId(applyChanges(after, reversed(changes)))))).toEqual(JSON.parse(JSON.stringify(byId(DEMO))));
  });

  it.each(Object.entries(ACTS))('%s leaves no piece, batch or bar of a clay that is gone', (_name, act) => {
    const after = applyChanges(DEMO, act.change(DEMO));
    const bodies = new Set<string | undefined>(after.bodies.map(({ id }) => id)).add(undefined);
    const batches = new Set<string | undefined>(after.batches.map(({ id }) => id)).add(undefined);
    for (const row of [...after.batches, ...after.bars, ...after.runs]) expect(bodies).toContain(row.bodyId);
    const runs = new Set(after.runs.map(({ id }) => id));
    for (const piece of after.pieces) expect(runs).toContain(piece.runId);
    for (const each of after.plans) expect(bodies).toContain(each.parts[0].bodyId);
    for (const each of [...after.bars, ...after.runs, ...after.plans.map(({ parts }) => parts[0])]) expect(batches).toContain(each.batchId);
  });

  it('does nothing to a row that is gone', () => {
    for (const act of [ACTS['a size']!, ACTS['a name']!, ACTS['a deleted piece']!, ACTS['a clay’s figure']!, ACTS['a bar’s length']!]) {
      expect(act.change(EMPTY)).toEqual([]);
    }
  });

  it('makes a way of making the maker’s own once an allowance is set, and keeps a handle’s weight over another way', () => {
    const own = applyChanges(DEMO, commands.setAllowance('plan-egg-cup', 'rimCut', 3, 'needle').change(DEMO));
    const part = (workspace: Workspace) => workspace.plans.find(({ id }) => id === 'plan-egg-cup')!.parts[0];
    expect(part(own)).toMatchObject({ way: 'own', making: { rimCut: 3 } });
    const handled = applyChanges(own, commands.setAllowance('plan-egg-cup', 'attachedMass', 40, 'handle').change(own));
    const trimmed = applyChanges(handled, commands.setWay('plan-egg-cup', 'trimmed', 'way').change(handled));
    expect(part(trimmed)).toMatchObject({ way: 'trimmed', making: { rimCut: 2, attachedMass: 40 } });
  });
});

describe('parts', () => {
  const parted = applyChanges(DEMO, ACTS['further parts']!.change(DEMO));
  const whole = parted.plans.find(({ id }) => id === plan!.id)!;

  it('an act on a part leaves the others as they are, and a piece keeps its main one', () => {
    const renamed = applyChanges(parted, commands.setPart(`${whole.id}/lid`, { name: 'cover' }, 'name').change(parted));
    expect(renamed.plans.find(({ id }) => id === whole.id)!.parts.map(({ name }) => name)).toEqual([whole.parts[0].name, 'cover']);
    const deleted = applyChanges(parted, commands.deletePart(`${whole.id}/lid`, 'deleted').change(parted));
    expect(deleted.plans.find(({ id }) => id === whole.id)!.parts).toHaveLength(1);
    expect(commands.deletePart(whole.id, 'deleted').change(DEMO)).toEqual([]);
  });

  it('a copy fits with its own lid, not with that of the piece it was copied from', () => {
    const { act, id } = commands.duplicatePlan(whole);
    const copy = applyChanges(parted, act.change(parted)).plans.find((each) => each.id === id)!;
    expect(copy.parts[0].fit!.ref).toBe(`${id}/${copy.parts[1]!.id}`);
  });

  it('lots of a file join those of the kit', () => {
    const merged = applyChanges(DEMO, commands.mergeIn({ ...EMPTY, shop: [{ id: 'stock', value: [lot] }] }, 'merged').change(DEMO));
    expect(shopOf(merged).stock).toEqual([...shopOf(DEMO).stock!, lot]);
  });

  it('a piece made to a bought lid brings it into the kit, under an id of its own', () => {
    const after = applyChanges(
      DEMO,
      commands.addPlan('Jar', { ...lid, fit: { with: 'stock', stockId: 'x' } }, { stock: lot }).act.change(DEMO),
    );
    const kept = shopOf(after).stock!.at(-1)!;
    expect(kept).toMatchObject({ name: 'Ash lids', widths: [90] });
    expect(kept.id).not.toBe('x');
    expect(after.plans.find(({ name }) => name === 'Jar')!.parts[0].fit!.stockId).toBe(kept.id);
  });
});
