import { same } from './change';
import { type Rows, TABLES, type TableName, type Workspace } from './records';
import { SHOP_WORDS } from './shop';

/** How one table of an incoming workspace differs from the one here: names of rows. */
export interface TableDifference {
  readonly table: TableName;
  readonly added: readonly string[];
  readonly changed: readonly string[];
  /** Here but not in the other; gone if the other replaces this one. */
  readonly onlyHere: readonly string[];
  readonly same: number;
}

const nameOf = (row: Rows[TableName]): string => ('name' in row ? row.name : 'no' in row ? `piece ${row.no}` : SHOP_WORDS[row.id]);

/** What opening another workspace would add, change or take away, table by table. */
export function compare(here: Workspace, incoming: Workspace): TableDifference[] {
  return TABLES.map((table) => {
    const rows: readonly Rows[TableName][] = incoming[table];
    const own = new Map((here[table] as readonly Rows[TableName][]).map((row) => [row.id as string, row]));
    const theirs = new Set(rows.map(({ id }) => id as string));
    const isSame = new Set(rows.filter((row) => same(own.get(row.id), row)));
    return {
      table,
      added: rows.filter(({ id }) => !own.has(id)).map(nameOf),
      changed: rows.filter((row) => own.has(row.id) && !isSame.has(row)).map(nameOf),
      onlyHere: [...own.values()].filter(({ id }) => !theirs.has(id)).map(nameOf),
      same: isSame.size,
    };
  });
}
