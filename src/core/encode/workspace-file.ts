import { type Problem, type Result, bad, good, quote } from '@/core/units';
import {
  NO_KIT,
  NO_LOG,
  NO_ORDERS,
  partedRuns,
  partedSettings,
  type TableName,
  TABLES,
  upgradedPlan,
  type Workspace,
} from '@/core/records';
import { readJson } from './json';
import { refusal } from './refusal';
import { ROW_SCHEMAS, fileSchema } from './workspace-schema';

/** The newest workspace file this program reads and the one it writes. */
export const FILE_VERSION = 7;

/** Larger than any workshop; refused before it is read. Bytes. */
export const LARGEST_FILE = 20 * 1024 * 1024;

const HINT = 'Choose a file that Rimbet saved, ending in .json.';

/** A workspace as its file is written: an object for JSON. */
export function workspaceFileOf(workspace: Workspace, exportedAt: string): object {
  const tables = Object.fromEntries(TABLES.map((table) => [table, workspace[table]]));
  return { format: 'rimbet-workspace', version: FILE_VERSION, exportedAt, ...tables, settings: workspace.settings };
}

/**
 * The whole workspace as one JSON text, schema version 7 (docs/workspace.schema.json).
 *
 * @param exportedAt the moment of writing, ISO, handed in so that the same workspace gives the same text
 */
export function writeWorkspace(workspace: Workspace, exportedAt: string): string {
  return `${JSON.stringify(workspaceFileOf(workspace, exportedAt), null, 2)}\n`;
}

/** Rows that speak of a clay or batch that is not in the file. */
function dangling(workspace: Workspace): Result<Workspace> {
  const bodies = new Set(workspace.bodies.map(({ id }) => id));
  const batches = new Set(workspace.batches.map(({ id }) => id));
  const formers = new Set(workspace.formers.map(({ id }) => id));
  for (const [i, batch] of workspace.batches.entries()) {
    if (!bodies.has(batch.bodyId))
      return bad(`batches.${i}.bodyId`, `batches.${i} belongs to a clay ${quote(batch.bodyId)} that is not in the file.`);
  }
  for (const [i, bar] of workspace.bars.entries()) {
    if (!bodies.has(bar.bodyId))
      return bad(`bars.${i}.bodyId`, `bars.${i} belongs to a clay ${quote(bar.bodyId)} that is not in the file.`);
    if (bar.batchId !== undefined && !batches.has(bar.batchId)) {
      return bad(`bars.${i}.batchId`, `bars.${i} is of a batch ${quote(bar.batchId)} that is not in the file.`);
    }
  }
  for (const [i, plan] of workspace.plans.entries()) {
    for (const [j, part] of plan.parts.entries()) {
      const path = `plans.${i}.parts.${j}`;
      if (part.bodyId !== undefined && !bodies.has(part.bodyId)) {
        return bad(`${path}.bodyId`, `${path} is made of a clay ${quote(part.bodyId)} that is not in the file.`);
      }
      const lost = part.attached?.findIndex(({ bodyId }) => bodyId !== undefined && !bodies.has(bodyId)) ?? -1;
      if (lost >= 0) return bad(`${path}.attached.${lost}.bodyId`, `${path}.attached.${lost} is made of a clay that is not in the file.`);
      if (part.hand?.formerId !== undefined && !formers.has(part.hand.formerId)) {
        return bad(`${path}.hand.formerId`, `${path} is made in a former ${quote(part.hand.formerId)} that is not in the file.`);
      }
      if (part.batchId !== undefined && !batches.has(part.batchId)) {
        return bad(`${path}.batchId`, `${path} is made of a batch ${quote(part.batchId)} that is not in the file.`);
      }
    }
  }
  return danglingMade(workspace, bodies, batches) ?? good(workspace);
}

/** Runs of a clay, and pieces of a run, that is not in the file. */
function danglingMade(workspace: Workspace, bodies: ReadonlySet<string>, batches: ReadonlySet<string>): Result<never> | undefined {
  const runs = new Set(workspace.runs.map((run) => run.id));
  for (const [i, { bodyId, batchId }] of workspace.runs.entries()) {
    if (bodyId !== undefined && !bodies.has(bodyId))
      return bad(`runs.${i}.bodyId`, `runs.${i} was made of a clay ${quote(bodyId)} that is not in the file.`);
    if (batchId !== undefined && !batches.has(batchId))
      return bad(`runs.${i}.batchId`, `runs.${i} was made of a batch ${quote(batchId)} that is not in the file.`);
  }
  for (const [i, { runId }] of workspace.pieces.entries()) {
    if (!runs.has(runId)) return bad(`pieces.${i}.runId`, `pieces.${i} belongs to a run ${quote(runId)} that is not in the file.`);
  }
  return undefined;
}

function recognise(file: unknown): Result<object> {
  const { format, version } = (typeof file === 'object' && file !== null ? file : {}) as { format?: unknown; version?: unknown };
  if (format !== 'rimbet-workspace') return bad('format', `This is not a Rimbet workspace file. ${HINT}`);
  if (typeof version === 'number' && version > FILE_VERSION) {
    return bad(
      'version',
      `This file was saved by a newer Rimbet (version ${version}). This one reads up to version ${FILE_VERSION}. Update Rimbet, then open it.`,
    );
  }
  return good(file as object);
}

/** Plans of an older file, lifted, and what was made of them. */
function logged(plans: unknown, cups: boolean): object {
  if (!Array.isArray(plans)) return {};
  const parted = plans.map((plan) => partedRuns(cups ? upgradedPlan(plan) : plan));
  return {
    plans: parted.map(({ plan }) => plan),
    runs: parted.flatMap(({ runs }) => runs),
    pieces: parted.flatMap(({ pieces }) => pieces),
  };
}

/**
 * A file of an older version as one of this: version 1 had no bars, in 1 and 2 every part was a cup, up to 3 there was no kit, up
 * to 4 the shop's settings lay with the device's, up to 5 what was thrown was counted in its plan, up to 6 there were no
 * sets and orders.
 */
function upgraded(file: object): object {
  const { version, plans, settings } = file as { version?: unknown; plans?: unknown; settings?: unknown };
  if (typeof version !== 'number' || ![1, 2, 3, 4, 5, 6].includes(version)) return file;
  const parted = version < 5 ? partedSettings(settings) : {};
  return {
    bars: [],
    ...NO_KIT,
    ...NO_LOG,
    ...NO_ORDERS,
    ...file,
    ...(version < 6 && logged(plans, version < 3)),
    ...parted,
    version: FILE_VERSION,
  };
}

/** A workspace, or why the file is none. */
export type WorkspaceRead = Result<Workspace>;

/** How far a reading has come: rows looked at, of how many. */
export type OnProgress = (done: number, of: number) => void;

const PROGRESS_EVERY = 100;

/** Looks at every row of every table once; the first that is not as it should be. */
function rowFault(tables: Readonly<Record<TableName, readonly unknown[]>>, onProgress: OnProgress): Problem | undefined {
  const of = TABLES.reduce((all, table) => all + tables[table].length, 0);
  let done = 0;
  for (const table of TABLES) {
    const ids = new Set<unknown>();
    for (const [i, row] of tables[table].entries()) {
      const { error } = ROW_SCHEMAS[table].validate(row);
      if (error) return refusal(error, [table, i]);
      const { id } = row as { id: string };
      if (ids.has(id)) return { path: `${table}.${i}`, message: `${table}.${i} appears twice in the file with the same id.` };
      ids.add(id);
      done += 1;
      if (done % PROGRESS_EVERY === 0) onProgress(done, of);
    }
  }
  return undefined;
}

/**
 * Reads a workspace file. Anything that is not exactly one is refused whole, with the place named. The work is linear in its size.
 *
 * @param text the file's text, at most {@link LARGEST_FILE} long
 */
export function readWorkspace(text: string, onProgress: OnProgress = () => undefined): WorkspaceRead {
  if (text.length > LARGEST_FILE) return bad('', `The file is larger than ${LARGEST_FILE / 1024 / 1024} MB. ${HINT}`);
  const json = readJson(text.replace(/^\ufeff/, ''), HINT);
  if (!json.ok) return json;
  const file = recognise(json.value);
  if (!file.ok) return file;
  const checked = fileSchema.validate(upgraded(file.value));
  if (checked.error) return { ok: false, problem: refusal(checked.error) };
  const { format: _, version: _version, exportedAt: _at, ...workspace } = checked.value as Workspace & Record<string, unknown>;
  const fault = rowFault(workspace, onProgress);
  return fault ? { ok: false, problem: fault } : dangling(workspace);
}
