import { same } from './change';
import { TABLES, type TableName, type Workspace } from './records';

/** How one table of an incoming workspace differs from the one here: names of rows. */
export interface TableDifference {
  readonly table: TableName;
  readonly added: readonly string[];
  readonly changed: readonly string[];
  /** Here but not in the other; gone if the other replaces this one. */
  readonly onlyHere: readonly string[];
  readonly same: number;
}

/** What opening another workspace would add, change or take away, table by table. */
export function compare(here: Workspace, incoming: Workspace): TableDifference[] {
  return TABLES.map((table) => {
    const own = new Map(here[table].map((row) => [row.id, row]));
    const names = (rows: readonly { name: string }[]) => rows.map(({ name }) => name);
    const isSame = (row: { id: string }) => same(own.get(row.id), row);
    const rows: readonly { id: string; name: string }[] = incoming[table];
    const theirs = new Set(rows.map(({ id }) => id));
    return {
      table,
      added: names(rows.filter(({ id }) => !own.has(id))),
      changed: names(rows.filter((row) => own.has(row.id) && !isSame(row))),
      onlyHere: names([...own.values()].filter(({ id }) => !theirs.has(id))),
      same: rows.filter(isSame).length,
    };
  });
}
