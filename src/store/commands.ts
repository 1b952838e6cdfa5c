import type { Firing } from '@/core/clay';
import {
  type BarRecord,
  type Batch,
  type Body,
  type CutterRecord,
  EMPTY,
  type FormerRecord,
  type Handmade,
  NEW_MAKING,
  PLAIN,
  type Part,
  type Plan,
  type Rows,
  TABLES,
  type TableName,
  type ThrownPiece,
  type Workspace,
  letGo,
  plainCup,
  rowChange,
  same,
  typedOver,
  withManner,
  withSize,
} from '@/core/workspace';
import type { Manner, SizeName } from '@/core/form';
import { type KnownSize, type Making, WAYS, type Way } from '@/core/sizing';
import { v7 as newId } from 'uuid';
import type { Act } from './history';

/** One function for each thing a person does. Each returns an act; the store runs it and can take it back. */

const now = (): string => new Date().toISOString();

function find<T extends TableName>(workspace: Workspace, table: T, id: string): Rows[T] | undefined {
  return (workspace[table] as readonly Rows[T][]).find((row) => row.id === id);
}

/** An act that edits one row; nothing happens where it is gone or the edit changes nothing. */
function edit<T extends TableName>(table: T, id: string, label: string, change: (row: Rows[T]) => Rows[T], key?: string): Act {
  return {
    label,
    key,
    change: (workspace) => {
      const before = find(workspace, table, id);
      if (!before) return [];
      const after = change(before);
      return same(after, before) ? [] : [rowChange(table, before, after)];
    },
  };
}

const add = <T extends TableName>(table: T, label: string, row: Rows[T]): Act => ({
  label,
  change: () => [rowChange(table, undefined, row)],
});

/** As {@link edit} for a plan: whatever changes it also says when. */
const editPlan = (id: string, label: string, change: (plan: Plan) => Plan, key?: string): Act =>
  edit('plans', id, label, (plan) => (same(change(plan), plan) ? plan : { ...change(plan), changedAt: now() }), key);

const editPart = (planId: string, label: string, change: (part: Part) => Part, key?: string): Act =>
  editPlan(planId, label, (plan) => ({ ...plan, parts: [change(plan.parts[0]), ...plan.parts.slice(1)] }), key);

/** A new piece: a plain cup, its finished mouth as wide as asked. Returned with its id, so that it can be opened. */
export function createPlan(options: { name?: string; rimDiameter?: number; bodyId?: string | undefined } = {}): {
  act: Act;
  id: string;
} {
  const id = newId();
  const at = now();
  const name = options.name ?? 'New piece';
  const part: Part = {
    id: newId(),
    name: 'pot',
    ...PLAIN,
    sizes: plainCup(options.rimDiameter),
    ...(options.bodyId && { bodyId: options.bodyId }),
    way: 'trimmed',
    making: NEW_MAKING,
  };
  return { id, act: add('plans', `new piece “${name}”`, { id, name, note: '', parts: [part], createdAt: at, changedAt: at }) };
}

export function duplicatePlan(plan: Plan): { act: Act; id: string } {
  const id = newId();
  const at = now();
  const [first, ...rest] = plan.parts.map((part) => ({ ...part, id: newId() })) as [Part, ...Part[]];
  const copy: Plan = { ...plan, id, name: `${plan.name} (copy)`, parts: [first, ...rest], createdAt: at, changedAt: at };
  return { id, act: add('plans', `copy of “${plan.name}”`, copy) };
}

export const renamePlan = (id: string, name: string, key?: string): Act =>
  editPlan(id, `name “${name}”`, (plan) => ({ ...plan, name }), key);

export const notePlan = (id: string, note: string, key?: string): Act => editPlan(id, 'note', (plan) => ({ ...plan, note }), key);

export const deletePlan = (plan: Plan): Act => ({
  label: `“${plan.name}” deleted`,
  change: (workspace) => {
    const row = find(workspace, 'plans', plan.id);
    return row ? [rowChange('plans', row, undefined)] : [];
  },
});

/**
 * A size typed at a stage: it leads, and what else is known of it stays until that is settled.
 *
 * @param factor the new size over what it was; sizes that were let go follow by it
 */
export const setSize = (planId: string, size: SizeName, typed: KnownSize, factor: number, label: string, key?: string): Act =>
  editPart(planId, label, (part) => ({ ...part, sizes: withSize(part, size, typedOver(part.sizes[size], typed), factor) }), key);

/** One thing known of a size let go. `mm` is what the size is at its stage, for when nothing else is known. */
export const letGoOf = (planId: string, size: SizeName, index: number, mm: number, label: string): Act =>
  editPart(planId, label, (part) => {
    const known = part.sizes[size];
    return known ? { ...part, sizes: { ...part.sizes, [size]: letGo(known, index, mm) } } : part;
  });

/** Changes several things of a part at once: its form, its limits, what is put on. */
export const setPart = (planId: string, change: Partial<Part> | ((part: Part) => Partial<Part>), label: string, key?: string): Act =>
  editPart(planId, label, (part) => ({ ...part, ...(typeof change === 'function' ? change(part) : change) }), key);

/** Another manner of the same form; sizes it needs start from what is typical. */
export const setManner = (planId: string, change: Manner, label: string): Act =>
  editPart(planId, label, (part) => {
    const manner = { ...part.manner, ...change };
    return { ...part, manner, sizes: withManner(part, manner) };
  });

/** Both sizes of one piece are right: kept as evidence about its clay, and the one that does not lead let go. */
export function keepAsEvidence(
  planId: string,
  size: SizeName,
  index: number,
  bar: Omit<BarRecord, 'id' | 'createdAt'>,
  label: string,
): Act {
  const { act } = createBar(bar);
  const settle = letGoOf(planId, size, index, 0, label);
  return { label, change: (workspace) => [...act.change(workspace), ...settle.change(workspace)] };
}

/** One more thrown of a plan's run. */
export const throwOne = (planId: string): Act =>
  editPlan(planId, 'one thrown', (plan) => ({ ...plan, thrown: [...(plan.thrown ?? []), { id: newId(), at: now() }] }));

/** What was different about the piece thrown last; said again, it is taken back. */
export const noteLastThrown = (planId: string, different: NonNullable<ThrownPiece['different']>): Act =>
  editPlan(planId, `the last one: ${different}`, (plan) => {
    const last = plan.thrown?.at(-1);
    if (!last) return plan;
    const { different: was, ...piece } = last;
    return { ...plan, thrown: [...plan.thrown!.slice(0, -1), was === different ? piece : { ...piece, different }] };
  });

/** Another clay: its batch and firing have to be said anew. */
export const setClay = (planId: string, bodyId: string | undefined, label: string): Act =>
  editPart(planId, label, ({ batchId: _, bodyId: _old, firing: _fired, ...part }) => ({ ...part, ...(bodyId && { bodyId }) }));

export const setBatch = (planId: string, batchId: string | undefined, label: string): Act =>
  editPart(planId, label, (part) => ({ ...part, batchId }));

export const setFiring = (planId: string, firing: Firing | undefined, label: string): Act =>
  editPart(planId, label, (part) => ({ ...part, firing }));

/** Chooses a way of working on the wheel: its allowances come with it. `own` keeps those there are. */
export const setWay = (planId: string, way: Way, label: string): Act =>
  editPart(planId, label, ({ hand, ...part }) => ({
    ...part,
    ...(hand && { hand: { ...hand, by: undefined } }),
    way,
    making: way === 'own' ? part.making : { ...WAYS[way], attachedMass: part.making.attachedMass },
  }));

/** Sets one allowance; the way of working is the maker's own from then on. */
export const setAllowance = (planId: string, name: keyof Making, value: number, label: string, key?: string): Act =>
  editPart(planId, label, (part) => ({ ...part, way: 'own', making: { ...part.making, [name]: value } }), key);

/** A new clay; of kind stoneware and with nothing said, unless it is. */
export function createBody(said: Partial<Omit<Body, 'id' | 'createdAt'>> = {}): { act: Act; id: string } {
  const body: Body = { name: 'New clay', kind: 'stoneware', note: '', ...said, id: newId(), createdAt: now() };
  return { id: body.id, act: add('bodies', `new clay “${body.name}”`, body) };
}

export const editBody = (id: string, change: Partial<Body>, label: string, key?: string): Act =>
  edit('bodies', id, label, (body) => ({ ...body, ...change }), key);

/** Takes a clay away with its batches; pieces made of it are left without a clay. */
export const deleteBody = (body: Body): Act => ({
  label: `“${body.name}” deleted`,
  change: (workspace) => [
    ...workspace.bodies.filter(({ id }) => id === body.id).map((row) => rowChange('bodies', row, undefined)),
    ...workspace.batches.filter(({ bodyId }) => bodyId === body.id).map((row) => rowChange('batches', row, undefined)),
    ...workspace.bars.filter(({ bodyId }) => bodyId === body.id).map((row) => rowChange('bars', row, undefined)),
    ...workspace.plans
      .filter((plan) => plan.parts.some(({ bodyId }) => bodyId === body.id))
      .map((plan) => rowChange('plans', plan, { ...plan, parts: plan.parts.map((part) => withoutClay(part, body.id)) as never })),
  ],
});

function withoutClay(part: Part, gone: string): Part {
  if (part.bodyId !== gone) return part;
  const { bodyId: _, batchId: _batch, ...rest } = part;
  return rest;
}

export function createBatch(bodyId: string, name: string, date?: string): Act {
  const batch: Batch = { id: newId(), bodyId, name, note: '', ...(date && { date }) };
  return add('batches', `batch “${name}”`, batch);
}

export const editBatch = (id: string, change: Partial<Batch>, label: string, key?: string): Act =>
  edit('batches', id, label, (batch) => ({ ...batch, ...change }), key);

export const deleteBatch = (batch: Batch): Act => ({
  label: `batch “${batch.name}” deleted`,
  change: (workspace) => [
    rowChange('batches', batch, undefined),
    ...workspace.bars.filter(({ batchId }) => batchId === batch.id).map((bar) => rowChange('bars', bar, { ...bar, batchId: undefined })),
    ...workspace.plans
      .filter((plan) => plan.parts.some(({ batchId }) => batchId === batch.id))
      .map((plan) =>
        rowChange('plans', plan, {
          ...plan,
          parts: plan.parts.map(({ batchId, ...part }) => (batchId === batch.id ? part : { ...part, batchId })) as never,
        }),
      ),
  ],
});

/** A new bar, marked at 100 mm and fired as the body usually is. */
export function createBar(bar: Omit<BarRecord, 'id' | 'createdAt'>): { act: Act; id: string } {
  const id = newId();
  return { id, act: add('bars', `${bar.kind} “${bar.name}”`, { ...bar, id, createdAt: now() }) };
}

export const editBar = (id: string, change: (bar: BarRecord) => BarRecord, label: string, key?: string): Act =>
  edit('bars', id, label, change, key);

export const deleteBar = (bar: BarRecord): Act => ({
  label: `${bar.kind} “${bar.name}” deleted`,
  change: () => [rowChange('bars', bar, undefined)],
});

/** What is chosen of a part made by hand; the way itself with `by`. What was chosen for other ways is kept. */
export const setHand = (planId: string, change: Partial<Handmade>, label: string, key?: string): Act =>
  editPart(planId, label, (part) => ({ ...part, hand: { ...part.hand, ...change } }), key);

export function createFormer(said: Omit<FormerRecord, 'id' | 'createdAt'>): { act: Act; id: string } {
  const id = newId();
  return { id, act: add('formers', `former “${said.name}”`, { ...said, id, createdAt: now() }) };
}

export const editFormer = (id: string, change: Partial<FormerRecord>, label: string, key?: string): Act =>
  edit('formers', id, label, (row) => ({ ...row, ...change }), key);

/** Takes a former away; pieces made in it keep their sizes. */
export const deleteFormer = (row: FormerRecord): Act => ({
  label: `“${row.name}” taken away`,
  change: (workspace) => [
    rowChange('formers', row, undefined),
    ...workspace.plans
      .filter((plan) => plan.parts.some(({ hand }) => hand?.formerId === row.id))
      .map((plan) => rowChange('plans', plan, { ...plan, parts: plan.parts.map((part) => withoutFormer(part, row.id)) as never })),
  ],
});

function withoutFormer(part: Part, gone: string): Part {
  if (part.hand?.formerId !== gone) return part;
  const { formerId: _, stop: _stop, ...hand } = part.hand;
  return { ...part, hand };
}

export function createCutter(said: Pick<CutterRecord, 'shape' | 'width'> & Partial<CutterRecord>): { act: Act; id: string } {
  const id = newId();
  const row: CutterRecord = { name: 'Cutter', ...said, id, createdAt: now() };
  return { id, act: add('cutters', 'cutter', row) };
}

export const editCutter = (id: string, change: Partial<CutterRecord>, label: string, key?: string): Act =>
  edit('cutters', id, label, (row) => ({ ...row, ...change }), key);

export const deleteCutter = (row: CutterRecord): Act => ({
  label: `“${row.name}” taken away`,
  change: () => [rowChange('cutters', row, undefined)],
});

/** Makes the workspace hold exactly the rows given. Settings stay. */
export const replaceAll = (next: Workspace, label: string): Act => ({
  label,
  change: (workspace) =>
    TABLES.flatMap((table) => {
      const ids = new Set(next[table].map((row) => row.id));
      const gone = workspace[table].filter((row) => !ids.has(row.id)).map((row) => rowChange(table, row as never, undefined));
      return [...gone, ...puts(workspace, next, table)];
    }),
});

/** Adds the rows given; those of the same id take the place of the old. */
export const mergeIn = (incoming: Workspace, label: string): Act => ({
  label,
  change: (workspace) => TABLES.flatMap((table) => puts(workspace, incoming, table)),
});

const puts = (workspace: Workspace, incoming: Workspace, table: TableName) =>
  (incoming[table] as readonly Rows[TableName][]).flatMap((row) => {
    const before = find(workspace, table, row.id);
    return same(before, row) ? [] : [rowChange(table, before as never, row as never)];
  });

export const clearAll = (): Act => replaceAll(EMPTY, 'an empty workspace');
