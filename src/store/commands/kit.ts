import {
  type CutterRecord,
  type FormerRecord,
  type Part,
  rowChange,
  same,
  type Shop,
  SHOP_WORDS,
  type ShopName,
  type ShopRow,
} from '@/core/records';
import { v7 as newId } from 'uuid';
import { add, edit, find, now, remove } from '../acts';
import type { Act } from '../history';
import { inParts } from './edit-plan';

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
  label: cutters.length === 1 ? 'one cutter removed' : `${cutters.length} cutters removed`,
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
