import { type RowChange, rowChange, type Rows, same, type TableName, type Workspace } from '@/core/records';
import type { Act } from './history';

/** What acts are put together from. */

export const now = (): string => new Date().toISOString();

export function find<T extends TableName>(workspace: Workspace, table: T, id: string): Rows[T] | undefined {
  return (workspace[table] as readonly Rows[T][]).find((row) => row.id === id);
}

/** An act that edits one row; nothing happens where it is gone or the edit changes nothing. */
export function edit<T extends TableName>(
  table: T,
  id: string,
  label: string,
  change: (row: Rows[T], workspace: Workspace) => Rows[T],
  key?: string,
): Act {
  return {
    label,
    key,
    change: (workspace) => {
      const before = find(workspace, table, id);
      if (!before) return [];
      const after = change(before, workspace);
      return same(after, before) ? [] : [rowChange(table, before, after)];
    },
  };
}

/** An act that takes a row away, with what else has to change then; nothing happens where it is gone. */
export const remove = <T extends TableName>(
  table: T,
  id: string,
  label: string,
  also: (workspace: Workspace) => readonly RowChange[] = () => [],
): Act => ({
  label,
  change: (workspace) => {
    const row = find(workspace, table, id);
    return row ? [rowChange(table, row, undefined), ...also(workspace)] : [];
  },
});

export const add = <T extends TableName>(table: T, label: string, row: Rows[T]): Act => ({
  label,
  change: () => [rowChange(table, undefined, row)],
});
