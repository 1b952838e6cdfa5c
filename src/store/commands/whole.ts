import { withoutExample } from '@/core/part';
import {
  EMPTY,
  type RowChange,
  rowChange,
  rowFinder,
  type Rows,
  same,
  type ShopRow,
  type TableName,
  TABLES,
  type Workspace,
} from '@/core/records';
import type { Act } from '../history';

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

/** Takes the example away; what is the maker's own stays, with what it is made of. */
export const removeExample = (): Act => ({ label: 'the example removed', change: (workspace) => [...withoutExample(workspace)] });

export const clearAll = (): Act => replaceAll(EMPTY, 'everything deleted');
