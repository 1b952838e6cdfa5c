import { type BarRecord, type Batch, type Body, type Part, rowChange } from '@/core/records';
import { v7 as newId } from 'uuid';
import { add, edit, now, remove } from '../acts';
import type { Act } from '../history';
import { inParts } from './edit-plan';

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
