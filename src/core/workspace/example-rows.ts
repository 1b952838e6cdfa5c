import { type RowChange, rowChange } from './change';
import { isExample } from './piece';
import { type Plan, type Rows, type TableName, TABLES, type Workspace } from './records';

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

/** What a piece of the maker's own is made of, or made to: that stays whoever brought it. */
function usedBy({ parts }: Plan): readonly (string | undefined)[] {
  return parts.flatMap(({ bodyId, batchId, attached = [], fit, hand }) => [
    bodyId,
    batchId,
    hand?.formerId,
    fit?.ref?.split('/')[0],
    fit?.other?.bodyId,
    ...attached.map((each) => each.bodyId),
  ]);
}

/** Whether there is a piece of the maker's own, and some of the example beside it. */
export const isMixed = ({ plans }: Pick<Workspace, 'plans'>): boolean => plans.some(isExample) && !plans.every(isExample);

/** The changes that take the example away. What the maker's own pieces, runs and orders use of it stays. */
export function withoutExample(workspace: Workspace): readonly RowChange[] {
  const own = workspace.plans.filter((plan) => !isExample(plan));
  const used = new Set([
    ...own.flatMap(usedBy),
    ...workspace.runs.filter(({ id }) => !isOfExample('runs', id)).flatMap(({ planId, bodyId, batchId }) => [planId, bodyId, batchId]),
    ...workspace.orders
      .filter(({ id }) => !isOfExample('orders', id))
      .flatMap(({ lines }) => lines.flatMap(({ planId, setId }) => [planId, setId])),
  ]);
  const kept = (table: TableName, row: Rows[TableName]): boolean => {
    if (!isOfExample(table, row.id) || used.has(row.id)) return true;
    // bars and batches speak of a clay that stays
    return 'bodyId' in row && (table === 'bars' || table === 'batches') && used.has(row.bodyId);
  };
  return TABLES.flatMap((table) =>
    (workspace[table] as readonly Rows[TableName][])
      .filter((row) => !kept(table, row))
      .map((row) => rowChange(table, row as never, undefined)),
  );
}
