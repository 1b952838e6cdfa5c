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

type Loose = Readonly<Record<string, unknown>>;

const isRecord = (value: unknown): value is Loose => typeof value === 'object' && value !== null && !Array.isArray(value);

const isList = (value: unknown): value is readonly { readonly id: string }[] =>
  Array.isArray(value) && value.every((each) => isRecord(each) && typeof each.id === 'string');

const CONFLICT = Symbol('conflict');

/** When a row was changed last is nobody's edit: it stands in no other's way. */
const UNCONTESTED = 'changedAt';

/**
 * What a value becomes when the step from `before` to `after` is made on what it is `now`, field by field: a neighbour that
 * somebody else changed meanwhile stays as they left it. CONFLICT where both changed the same thing.
 */
function mergeField(before: unknown, after: unknown, now: unknown): unknown {
  if (same(before, after) || same(after, now)) return now;
  if (same(before, now)) return after;
  if (isList(before) && isList(after) && isList(now)) return remadeList(before, after, now);
  if (!isRecord(before) || !isRecord(after) || !isRecord(now)) return CONFLICT;
  const names = new Set([...Object.keys(now), ...Object.keys(before), ...Object.keys(after)]);
  const fields = [...names].map(
    (name) => [name, name === UNCONTESTED ? now[name] : mergeField(before[name], after[name], now[name])] as const,
  );
  if (fields.some(([, value]) => value === CONFLICT)) return CONFLICT;
  return Object.fromEntries(fields.filter(([, value]) => value !== undefined));
}

/** As {@link mergeField} for a list of things that have an id each; what comes back stands last. */
function remadeList(...[before, after, now]: readonly (readonly { readonly id: string }[])[]): unknown {
  const [was, will, is] = [before!, after!, now!].map((list) => new Map(list.map((each) => [each.id, each]))) as [
    Map<string, unknown>,
    Map<string, unknown>,
    Map<string, unknown>,
  ];
  const all = [...new Set([...is.keys(), ...will.keys(), ...was.keys()])].map((id) => mergeField(was.get(id), will.get(id), is.get(id)));
  return all.includes(CONFLICT) ? CONFLICT : all.filter((each) => each !== undefined);
}

/** Finds rows by table and id; a table is indexed once, when first asked for. */
export function rowFinder(workspace: Workspace): (table: TableName, id: string) => Row | undefined {
  const indexes = new Map<TableName, Map<string, Row>>();
  return (table, id) => {
    const index = indexes.get(table) ?? new Map((workspace[table] as readonly Row[]).map((row) => [row.id, row]));
    indexes.set(table, index);
    return index.get(id);
  };
}

/**
 * The changes as they are to be made on the rows as they now are: what somebody else changed meanwhile beside them stays.
 * Undefined where the same field, or a row that should be there or gone, has been changed since.
 */
export function changesOn(workspace: Workspace, changes: readonly RowChange[]): RowChange[] | undefined {
  const found = rowFinder(workspace);
  const all: RowChange[] = [];
  for (const change of changes) {
    const now = found(change.table, change.id);
    const next = mergeField(change.before, change.after, now);
    if (next === CONFLICT) return undefined;
    if (next !== now) all.push({ ...change, before: now, after: next } as RowChange);
  }
  return all;
}

/** The workspace after the changes; rows keep their order and new ones come last. */
export function applyChanges(workspace: Workspace, changes: readonly RowChange[]): Workspace {
  const next = { ...workspace } as Record<TableName, readonly Row[]> & Workspace;
  for (const table of TABLES) {
    const own = new Map<string, Row | undefined>();
    for (const change of changes) if (change.table === table) own.set(change.id, change.after);
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
