import type { Firing } from '@/core/clay';
import {
  type BarRecord,
  type Batch,
  type Body,
  type CutterRecord,
  EMPTY,
  type FormerRecord,
  type Handmade,
  mainPart,
  NEW_MAKING,
  type Part,
  partRef,
  type PartRef,
  PLAIN,
  plainCup,
  type Plan,
  type RowChange,
  rowChange,
  rowFinder,
  readRef,
  type Rows,
  same,
  type Shop,
  SHOP_WORDS,
  type Stock,
  type ShopName,
  type ShopRow,
  type TableName,
  TABLES,
  withChoices,
  withLetGo,
  withManner,
  withPart,
  withTyped,
  type Workspace,
} from '@/core/workspace';
import type { Manner, SizeName } from '@/core/form';
import { type KnownSize, type Making, WAYS, type Way } from '@/core/sizing';
import { v7 as newId } from 'uuid';
import { add, edit, find, now, remove } from './acts';
import type { Act } from './history';

/** One function for each thing a person does. Each returns an act; the store runs it and can take it back. */

/** As {@link edit} for a plan: whatever changes it also says when. */
const editPlan = (id: string, label: string, change: (plan: Plan) => Plan, key?: string): Act =>
  edit('plans', id, label, (plan) => (same(change(plan), plan) ? plan : { ...change(plan), changedAt: now() }), key);

function editPart(ref: PartRef, label: string, change: (part: Part) => Part, key?: string): Act {
  const { planId, partId } = readRef(ref);
  return editPlan(planId, label, (plan) => withPart(plan, partId, change), key);
}

/** Further parts of a piece, worked out before; and what becomes of the part they were made for. */
export const addParts = (ref: PartRef, parts: readonly Part[], label: string, change: (part: Part) => Part = (part) => part): Act => {
  const { planId, partId } = readRef(ref);
  return editPlan(planId, label, (plan) => {
    const changed = withPart(plan, partId, change);
    return { ...changed, parts: [...changed.parts, ...parts] };
  });
};

/** Another part of a piece, a plain cup to begin with, of the piece's clay; and its id, so that it can be opened. */
export function newPart(plan: Plan): { act: Act; id: string } {
  const { bodyId, batchId, firing } = mainPart(plan);
  const part: Part = { ...freshPart(), name: `part ${plan.parts.length + 1}`, bodyId, batchId, firing };
  return { id: part.id, act: addParts(plan.id, [part], 'another part') };
}

/** Takes a part away; a piece keeps its main one. */
export const deletePart = (ref: PartRef, label: string): Act => {
  const { planId, partId } = readRef(ref);
  return editPlan(planId, label, (plan) => {
    const [first, ...others] = plan.parts;
    return { ...plan, parts: [first, ...others.filter(({ id }) => id !== partId)] };
  });
};

const freshPart = (rimDiameter?: number): Part => ({
  id: newId(),
  name: 'pot',
  ...PLAIN,
  sizes: plainCup(rimDiameter),
  way: 'trimmed',
  making: NEW_MAKING,
});

/** A new piece: a plain cup, its finished mouth as wide as asked. Returned with its id, so that it can be opened. */
export function createPlan(options: { name?: string; rimDiameter?: number; bodyId?: string | undefined } = {}): {
  act: Act;
  id: string;
} {
  const id = newId();
  const at = now();
  const name = options.name ?? 'New piece';
  const part: Part = { ...freshPart(options.rimDiameter), ...(options.bodyId && { bodyId: options.bodyId }) };
  return { id, act: add('plans', `new piece “${name}”`, { id, name, note: '', parts: [part], createdAt: at, changedAt: at }) };
}

/** A piece of a part that was worked out before; with a lot of the kit it was made to, which comes with it. */
export function addPlan(name: string, part: Part, stock?: Stock): { act: Act; id: string } {
  const id = newId();
  const at = now();
  const lot = stock && { ...stock, id: newId() };
  const own: Part = { ...part, id: newId(), ...(lot && part.fit && { fit: { ...part.fit, stockId: lot.id } }) };
  const plan: Plan = { id, name, note: '', parts: [own], createdAt: at, changedAt: at };
  const act = add('plans', `new piece “${name}”`, plan);
  if (!lot) return { id, act };
  const kit = setShop('stock', (known = []) => [...known, lot]);
  return { id, act: { ...act, change: (workspace) => [...kit.change(workspace), ...act.change(workspace)] } };
}

/** Pieces of parts that were worked out before, all at once. */
export function addPlans(pieces: readonly { readonly name: string; readonly part: Part }[]): Act {
  const made = pieces.map(({ name, part }) => addPlan(name, part).act);
  const label = pieces.length === 1 ? `new piece “${pieces[0]!.name}”` : `${pieces.length} pieces from a table`;
  return { label, change: (workspace) => made.flatMap(({ change }) => change(workspace)) };
}

export function duplicatePlan(plan: Plan): { act: Act; id: string } {
  const id = newId();
  const at = now();
  const ids = new Map(plan.parts.map((part) => [partRef(plan, part), newId()]));
  // what fitted with a part of the piece fits with the same part of its copy
  const copyOf = (ref: PartRef) => (ref === plan.id ? id : `${id}/${ids.get(ref)}`);
  const [first, ...others] = plan.parts.map((part) => ({
    ...part,
    id: ids.get(partRef(plan, part))!,
    ...(part.fit?.ref && ids.has(part.fit.ref) && { fit: { ...part.fit, ref: copyOf(part.fit.ref) } }),
  })) as [Part, ...Part[]];
  const copy: Plan = { ...plan, id, name: `${plan.name} (copy)`, parts: [first, ...others], createdAt: at, changedAt: at };
  return { id, act: add('plans', `copy of “${plan.name}”`, copy) };
}

export const renamePlan = (id: string, name: string, key?: string): Act =>
  editPlan(id, `name “${name}”`, (plan) => ({ ...plan, name }), key);

export const notePlan = (id: string, note: string, key?: string): Act => editPlan(id, 'note', (plan) => ({ ...plan, note }), key);

export const deletePlan = ({ id, name }: Plan): Act => remove('plans', id, `“${name}” deleted`);

/**
 * A size typed at a stage: it leads, and what else is known of it stays until that is settled.
 *
 * @param factor the new size over what it was; sizes that were let go follow by it
 */
export const setSize = (ref: PartRef, size: SizeName, typed: KnownSize, factor: number, label: string, key?: string): Act =>
  editPart(ref, label, (part) => ({ ...part, ...withTyped(part, size, typed, factor) }), key);

/** One thing known of a size let go. `mm` is what the size is at its stage, for when nothing else is known. */
export const letGoOf = (ref: PartRef, size: SizeName, index: number, mm: number, label: string): Act =>
  editPart(ref, label, (part) => ({ ...part, sizes: withLetGo(part, size, index, mm) }));

/** Changes several things of a part at once: its form, its limits, what is put on. */
export const setPart = (ref: PartRef, change: Partial<Part> | ((part: Part) => Partial<Part>), label: string, key?: string): Act =>
  editPart(ref, label, (part) => ({ ...part, ...(typeof change === 'function' ? change(part) : change) }), key);

/** Another manner of the same form; sizes it needs start from what is typical. */
export const setManner = (ref: PartRef, change: Manner, label: string): Act =>
  editPart(ref, label, (part) => {
    const manner = { ...part.manner, ...change };
    return { ...part, manner, sizes: withManner(part, manner) };
  });

/** Both sizes of one piece are right: kept as evidence about its clay, and the one that does not lead let go. */
export function keepAsEvidence(ref: PartRef, size: SizeName, index: number, bar: Omit<BarRecord, 'id' | 'createdAt'>, label: string): Act {
  const { act } = createBar(bar);
  const settle = letGoOf(ref, size, index, 0, label);
  return { label, change: (workspace) => [...act.change(workspace), ...settle.change(workspace)] };
}

/** Another clay: its batch and firing have to be said anew. */
export const setClay = (ref: PartRef, bodyId: string | undefined, label: string): Act =>
  editPart(ref, label, ({ batchId: _, bodyId: _old, firing: _fired, ...part }) => ({ ...part, ...(bodyId && { bodyId }) }));

export const setBatch = (ref: PartRef, batchId: string | undefined, label: string): Act =>
  editPart(ref, label, (part) => ({ ...part, batchId }));

export const setFiring = (ref: PartRef, firing: Firing | undefined, label: string): Act =>
  editPart(ref, label, (part) => ({ ...part, firing }));

/** Chooses a way of working on the wheel: its allowances come with it. `own` keeps those there are. */
export const setWay = (ref: PartRef, way: Way, label: string): Act =>
  editPart(ref, label, ({ hand, ...part }) => ({
    ...part,
    ...(hand && { hand: { ...hand, by: undefined } }),
    way,
    making: way === 'own' ? part.making : { ...WAYS[way], attachedMass: part.making.attachedMass },
  }));

/** Sets one allowance; the way of working is the maker's own from then on. */
export const setAllowance = (ref: PartRef, name: keyof Making, value: number, label: string, key?: string): Act =>
  editPart(ref, label, (part) => ({ ...part, way: 'own', making: { ...part.making, [name]: value } }), key);

/** A new clay; of kind stoneware and with nothing said, unless it is. */
export function createBody(said: Partial<Omit<Body, 'id' | 'createdAt'>> = {}): { act: Act; id: string } {
  const body: Body = { name: 'New clay', kind: 'stoneware', note: '', ...said, id: newId(), createdAt: now() };
  return { id: body.id, act: add('bodies', `new clay “${body.name}”`, body) };
}

export const editBody = (id: string, change: Partial<Body>, label: string, key?: string): Act =>
  edit('bodies', id, label, (body) => ({ ...body, ...change }), key);

/** Takes a clay away with its batches; pieces made of it are left without a clay. */
export const deleteBody = ({ id, name }: Body): Act =>
  remove('bodies', id, `“${name}” deleted`, (workspace) => [
    ...workspace.batches.filter(({ bodyId }) => bodyId === id).map((row) => rowChange('batches', row, undefined)),
    ...workspace.bars.filter(({ bodyId }) => bodyId === id).map((row) => rowChange('bars', row, undefined)),
    ...inParts(workspace, ({ bodyId }) => bodyId === id, withoutClay),
    ...workspace.runs
      .filter(({ bodyId }) => bodyId === id)
      .map((run) => rowChange('runs', run, { ...run, bodyId: undefined, batchId: undefined })),
  ]);

/** The changes to all plans with such parts. */
const inParts = (workspace: Workspace, concerns: (part: Part) => boolean, change: (part: Part) => Part): RowChange[] =>
  workspace.plans
    .filter(({ parts }) => parts.some(concerns))
    .map((plan) => rowChange('plans', plan, { ...plan, parts: plan.parts.map((part) => (concerns(part) ? change(part) : part)) as never }));

const withoutClay = ({ bodyId: _, batchId: _batch, ...part }: Part): Part => part;

export function createBatch(bodyId: string, name: string, date?: string): Act {
  const batch: Batch = { id: newId(), bodyId, name, note: '', ...(date && { date }) };
  return add('batches', `batch “${name}”`, batch);
}

export const editBatch = (id: string, change: Partial<Batch>, label: string, key?: string): Act =>
  edit('batches', id, label, (batch) => ({ ...batch, ...change }), key);

export const deleteBatch = ({ id, name }: Batch): Act =>
  remove('batches', id, `batch “${name}” deleted`, (workspace) => [
    ...workspace.bars.filter(({ batchId }) => batchId === id).map((bar) => rowChange('bars', bar, { ...bar, batchId: undefined })),
    ...workspace.runs.filter(({ batchId }) => batchId === id).map((run) => rowChange('runs', run, { ...run, batchId: undefined })),
    ...inParts(
      workspace,
      ({ batchId }) => batchId === id,
      ({ batchId: _, ...part }) => part,
    ),
  ]);

/** A new bar, marked at 100 mm and fired as the body usually is. */
export function createBar(bar: Omit<BarRecord, 'id' | 'createdAt'>): { act: Act; id: string } {
  const id = newId();
  return { id, act: add('bars', `${bar.kind} “${bar.name}”`, { ...bar, id, createdAt: now() }) };
}

export const editBar = (id: string, change: (bar: BarRecord) => BarRecord, label: string, key?: string): Act =>
  edit('bars', id, label, change, key);

export const deleteBar = ({ id, kind, name }: BarRecord): Act => remove('bars', id, `${kind} “${name}” deleted`);

/** What is chosen of a part made by hand; the way itself with `by`. What was chosen for other ways, or beside it, is kept. */
export const setHand = (ref: PartRef, change: Partial<Handmade>, label: string, key?: string): Act =>
  editPart(ref, label, (part) => ({ ...part, hand: withChoices(part.hand, change) }), key);

export function createFormer(said: Omit<FormerRecord, 'id' | 'createdAt'>): { act: Act; id: string } {
  const id = newId();
  return { id, act: add('formers', `former “${said.name}”`, { ...said, id, createdAt: now() }) };
}

export const editFormer = (id: string, change: Partial<FormerRecord>, label: string, key?: string): Act =>
  edit('formers', id, label, (row) => ({ ...row, ...change }), key);

/** Takes a former away; pieces made in it keep their sizes. */
export const deleteFormer = ({ id, name }: FormerRecord): Act =>
  remove('formers', id, `“${name}” deleted`, (workspace) => inParts(workspace, ({ hand }) => hand?.formerId === id, withoutFormer));

function withoutFormer({ hand: chosen, ...part }: Part): Part {
  const { formerId: _, stop: _stop, ...hand } = chosen ?? {};
  return { ...part, hand };
}

export function createCutter(said: Pick<CutterRecord, 'shape' | 'width'> & Partial<CutterRecord>): { act: Act; id: string } {
  const id = newId();
  const row: CutterRecord = { name: 'Cutter', ...said, id, createdAt: now() };
  return { id, act: add('cutters', 'cutter', row) };
}

export const editCutter = (id: string, change: Partial<CutterRecord>, label: string, key?: string): Act =>
  edit('cutters', id, label, (row) => ({ ...row, ...change }), key);

export const deleteCutter = ({ id, name }: CutterRecord): Act => remove('cutters', id, `“${name}” deleted`);

/** Takes several cutters away at once. */
export const deleteCutters = (cutters: readonly CutterRecord[]): Act => ({
  label: cutters.length === 1 ? 'one cutter set aside' : `${cutters.length} cutters set aside`,
  change: (workspace) => {
    const ids = new Set(cutters.map(({ id }) => id));
    return workspace.cutters.filter(({ id }) => ids.has(id)).map((row) => rowChange('cutters', row, undefined));
  },
});

/** One of the shop's settings, made from what it is then; undefined takes it away. */
export const setShop = <N extends ShopName>(
  name: N,
  change: (now: Shop[N] | undefined) => Shop[N] | undefined,
  label: string = SHOP_WORDS[name],
  key?: string,
): Act => ({
  label,
  key,
  change: (workspace) => {
    const before = find(workspace, 'shop', name);
    const value = change(before?.value as Shop[N] | undefined);
    if (same(value, before?.value)) return [];
    return [rowChange('shop', before, value === undefined ? undefined : ({ id: name, value } as ShopRow))];
  },
});

/** Makes the workspace hold exactly the rows given; what this device prefers stays. */
export const replaceAll = (next: Workspace, label: string): Act => ({
  label,
  change: (workspace) =>
    TABLES.flatMap((table) => {
      const ids = new Set(next[table].map((row) => row.id as string));
      const gone = (workspace[table] as readonly Rows[TableName][])
        .filter((row) => !ids.has(row.id))
        .map((row) => rowChange(table, row as never, undefined));
      return [...gone, ...puts(workspace, next, table)];
    }),
});

/** Adds the rows given; those of the same id take the place of the old. */
export const mergeIn = (incoming: Workspace, label: string): Act => ({
  label,
  change: (workspace) => TABLES.flatMap((table) => puts(workspace, incoming, table)),
});

/** Lots join those of the kit here, whatever else is taken over: pieces are made to each. */
const withLots = (here: ShopRow<'stock'>, incoming: ShopRow<'stock'>): ShopRow<'stock'> => ({
  ...here,
  value: [...here.value.filter(({ id }) => incoming.value.every((lot) => lot.id !== id)), ...incoming.value],
});

function puts(workspace: Workspace, incoming: Workspace, table: TableName): RowChange[] {
  const found = rowFinder(workspace);
  return (incoming[table] as readonly Rows[TableName][]).flatMap((row) => {
    const before = found(table, row.id);
    const after = before && row.id === 'stock' ? withLots(before as ShopRow<'stock'>, row as ShopRow<'stock'>) : row;
    return same(before, after) ? [] : [rowChange(table, before as never, after as never)];
  });
}

export const clearAll = (): Act => replaceAll(EMPTY, 'an empty workspace');
