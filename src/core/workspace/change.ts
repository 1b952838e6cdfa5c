import { type Rows, TABLES, type TableName, type Workspace } from './records';

/** One row added (no before), changed, or removed (no after). */
export type RowChange = {
  [T in TableName]: {
    readonly table: T;
    readonly id: string;
    readonly before?: Rows[T] | undefined;
    readonly after?: Rows[T] | undefined;
  };
}[TableName];

type Row = Rows[TableName];

/** The change that leads from one row to another. One of them may be missing. */
export function rowChange<T extends TableName>(table: T, before: Rows[T] | undefined, after: Rows[T] | undefined): RowChange {
  return { table, id: (after ?? before)!.id, before, after } as RowChange;
}

/** Compares what is stored, not which object holds it. */
export const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/** Whether the rows are still as the changes expect to find them. */
export function fits(workspace: Workspace, changes: readonly RowChange[]): boolean {
  return changes.every(({ table, id, before }) =>
    same(
      (workspace[table] as readonly Row[]).find((row) => row.id === id),
      before,
    ),
  );
}

/** The workspace after the changes; rows keep their order and new ones come last. */
export function applyChanges(workspace: Workspace, changes: readonly RowChange[]): Workspace {
  const next = { ...workspace } as Record<TableName, readonly Row[]> & Workspace;
  for (const table of TABLES) {
    const own = new Map(changes.filter((change) => change.table === table).map((change) => [change.id, change.after]));
    if (own.size === 0) continue;
    const kept = (workspace[table] as readonly Row[]).flatMap((row) => {
      if (!own.has(row.id)) return [row];
      const after = own.get(row.id);
      own.delete(row.id);
      return after ? [after] : [];
    });
    (next as Record<TableName, readonly Row[]>)[table] = [...kept, ...[...own.values()].filter((row) => row !== undefined)];
  }
  return next;
}

/** The changes that undo these. */
export function reversed(changes: readonly RowChange[]): RowChange[] {
  return changes.map(({ table, id, before, after }) => ({ table, id, before: after, after: before }) as RowChange).reverse();
}

/** Two runs of changes as one: what the first found, what the second left. */
export function merged(first: readonly RowChange[], second: readonly RowChange[]): RowChange[] {
  const all = new Map<string, RowChange>();
  for (const change of [...first, ...second]) {
    const key = `${change.table}/${change.id}`;
    const earlier = all.get(key);
    all.set(key, earlier ? ({ ...change, before: earlier.before } as RowChange) : change);
  }
  return [...all.values()];
}
