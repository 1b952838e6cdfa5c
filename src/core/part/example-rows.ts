import { type RowChange, rowChange, type Rows, type TableName, TABLES, type Workspace } from '@/core/records';
import { isExample } from './piece';

/** Rows of the example have names for ids, such as `plan-honey-jar`; a maker's own have none that can be read. */
const NAMED: Readonly<Partial<Record<TableName, RegExp>>> = {
  plans: /^plan-/,
  bodies: /^body-/,
  batches: /^batch-/,
  bars: /^bar-|-bar-/,
  runs: /^run-/,
  pieces: /^run-/,
  sets: /^set-/,
  orders: /^order-/,
};

const isOfExample = (table: TableName, id: string): boolean => NAMED[table]?.test(id) ?? false;

/** The rows that a row names: what is kept keeps them. */
const NAMES: Readonly<{ [T in TableName]?: (row: Rows[T]) => readonly (string | undefined)[] }> = {
  batches: ({ bodyId }) => [bodyId],
  bars: ({ bodyId, batchId }) => [bodyId, batchId],
  plans: ({ parts, standard }) => [
    standard?.pieceId,
    ...parts.flatMap(({ bodyId, batchId, attached = [], fit }) => [
      bodyId,
      batchId,
      fit?.ref?.split('/')[0],
      fit?.other?.bodyId,
      ...attached.map((each) => each.bodyId),
    ]),
  ],
  runs: ({ planId, bodyId, batchId }) => [planId, bodyId, batchId],
  pieces: ({ runId }) => [runId],
  sets: ({ planIds }) => planIds,
  orders: ({ lines }) => lines.flatMap(({ planId, setId }) => [planId, setId]),
};

interface Named {
  readonly table: TableName;
  readonly row: Rows[TableName];
}

const namesOf = ({ table, row }: Named): readonly (string | undefined)[] =>
  (NAMES[table] as ((row: Rows[TableName]) => readonly (string | undefined)[]) | undefined)?.(row) ?? [];

/** Whether there is a piece of the maker's own, and some of the example beside it. */
export const isMixed = ({ plans }: Pick<Workspace, 'plans'>): boolean => plans.some(isExample) && !plans.every(isExample);

/** The changes that take the example away. What the maker's own rows name of it stays, with what that names, and the bars of a clay that stays. */
export function withoutExample(workspace: Workspace): readonly RowChange[] {
  const all = TABLES.flatMap((table) => (workspace[table] as readonly Rows[TableName][]).map((row): Named => ({ table, row })));
  const byId = new Map(all.map((each) => [each.row.id as string, each]));
  const stays = new Set<Named>();
  const keep = (each: Named | undefined) => {
    if (!each || stays.has(each)) return;
    stays.add(each);
    for (const id of namesOf(each)) if (id !== undefined) keep(byId.get(id));
  };
  for (const each of all) if (!isOfExample(each.table, each.row.id)) keep(each);
  const clays = new Set(all.filter((each) => each.table === 'bodies' && stays.has(each)).map(({ row }) => row.id as string));
  for (const each of all)
    if ((each.table === 'bars' || each.table === 'batches') && clays.has((each.row as Rows['bars']).bodyId)) keep(each);
  return all.filter((each) => !stays.has(each)).map(({ table, row }) => rowChange(table, row as never, undefined));
}
