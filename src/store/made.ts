import type { Stage } from '@/core/clay';
import type { FamilyName, SizeName } from '@/core/form';
import { runOf, runOfPart, startedRun } from '@/core/orders';
import { startedPart, type StartOf } from '@/core/part';
import {
  clayUsedLast,
  type Different,
  type MadePiece,
  mainPart,
  onShelf,
  type PartRef,
  partRef,
  type Plan,
  type Reading,
  readRef,
  refOf,
  type RowChange,
  rowChange,
  type Run,
  type Shelf,
  withPart,
  withReading,
  type Workspace,
} from '@/core/records';
import { v7 as newId } from 'uuid';
import { edit, find, now, remove } from './acts';
import type { Act } from './history';
import type { Place } from './stored-state';

/** What is done with runs and their pieces. */

/** Today where the maker is, ISO date. */
export const today = (at = new Date()): string => {
  const two = (part: number) => String(part).padStart(2, '0');
  return `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`;
};

/** Where undo at the wheel takes back what was done there of a part, and nothing else. */
export const wheelOf = (ref: PartRef): Place => `wheel/${ref}`;

/** The same act done at the wheel, for a part. */
export const atWheel = (ref: PartRef, act: Act): Act => ({ ...act, place: wheelOf(ref) });

/** A run as it begins, on the day it is where the maker is. */
function begun(workspace: Workspace, ref: PartRef, id: string, at: string): Run | undefined {
  const run = startedRun(workspace, ref, id, at);
  return run && { ...run, date: today(new Date(at)) };
}

const freshPiece = (run: Run, no: number, at: string): MadePiece => ({
  id: newId(),
  runId: run.id,
  no,
  at,
  shelf: 'wet',
  since: { wet: today(new Date(at)) },
  sizes: {},
  weights: {},
  note: '',
});

/** One more of the run of a part; the first begins one, as the part is planned now. */
export const throwOne = (plan: Pick<Plan, 'name'>, ref: PartRef): Act => {
  const [at, runId] = [now(), newId()];
  return atWheel(ref, {
    label: `one made, ${plan.name}`,
    change: (workspace) => {
      const { run, pieces } = runOf(workspace, ref);
      const own = run ?? begun(workspace, ref, runId, at);
      if (!own) return [];
      const piece = freshPiece(own, (pieces.at(-1)?.no ?? 0) + 1, at);
      return [...(run ? [] : [rowChange('runs', undefined, own)]), rowChange('pieces', undefined, piece)];
    },
  });
};

/** How many the run is to be; undefined while that is not said. */
export const setRunWanted = (plan: Pick<Plan, 'name'>, ref: PartRef, wanted: (now: number | undefined) => number | undefined): Act => {
  const [at, runId] = [now(), newId()];
  return atWheel(ref, {
    label: `how many to make, ${plan.name}`,
    key: `run-${ref}`,
    change: (workspace) => {
      const { run } = runOf(workspace, ref);
      const own = run ?? begun(workspace, ref, runId, at);
      return own ? [rowChange('runs', run, { ...own, wanted: wanted(own.wanted) })] : [];
    },
  });
};

/** The run being made is closed and another begun, as the part is planned now, of as many as the last was to be. */
export const startRun = (plan: Pick<Plan, 'name'>, ref: PartRef): Act => {
  const [at, runId] = [now(), newId()];
  return atWheel(ref, {
    label: `new run, ${plan.name}`,
    change: (workspace) => {
      const { run, wanted } = runOf(workspace, ref);
      const next = begun(workspace, ref, runId, at);
      if (!run || !next) return [];
      return [rowChange('runs', run, { ...run, closed: true }), rowChange('runs', undefined, { ...next, wanted })];
    },
  });
};

/** What was different about the one made last; said again, it is taken back. One gone wrong is lost. */
export const noteLastThrown = (plan: Pick<Plan, 'name'>, ref: PartRef, different: Different): Act => {
  const on = today();
  return atWheel(ref, {
    label: `last one ${different}, ${plan.name}`,
    change: (workspace) => {
      const last = runOf(workspace, ref).pieces.at(-1);
      if (!last) return [];
      const { different: was, ...piece } = last;
      const said: MadePiece = was === different ? piece : { ...piece, different };
      const shelf = said.different === 'gone wrong' ? 'lost' : last.shelf === 'lost' ? 'wet' : last.shelf;
      return [rowChange('pieces', last, onShelf(said, shelf, on))];
    },
  });
};

/** A run with so many pieces, begun now: of a part, or of nothing but what is handed in. */
function createRun(run: Omit<Run, 'id' | 'createdAt'>, count: number, also: Partial<MadePiece> = {}): { act: Act; id: string } {
  const [id, at] = [newId(), now()];
  const row: Run = { ...run, id, createdAt: at };
  const pieces = Array.from({ length: count }, (_, i) => ({ ...freshPiece(row, i + 1, at), ...also }));
  return {
    id,
    act: {
      label: `run “${run.name}”`,
      change: () => [rowChange('runs', undefined, row), ...pieces.map((piece) => rowChange('pieces', undefined, piece))],
    },
  };
}

/** So many of a part, as it is planned now. */
export function logRun(
  workspace: Workspace,
  plan: Plan,
  count: number,
  ref = partRef(plan, mainPart(plan)),
): { act: Act; id: string } | undefined {
  const run = begun(workspace, ref, newId(), now());
  return run && createRun(run, count);
}

/** One that is fired already: a run of one, across its mouth so wide as made, where that was measured, and as fired. mm */
export function logFired(
  workspace: Workspace,
  plan: Plan,
  ref: PartRef,
  { made, fired }: { readonly made?: number | undefined; readonly fired: number },
): Act | undefined {
  const run = begun(workspace, ref, newId(), now());
  if (!run) return undefined;
  const of = (mm: number) => ({ rimDiameter: { mm, with: run.measures } });
  const { act } = createRun({ ...run, closed: true }, 1, {
    shelf: 'fired',
    since: { fired: today() },
    sizes: { ...(made !== undefined && { wet: of(made) }), glazed: of(fired) },
  });
  return { ...act, label: `one fired, ${run.name}` };
}

/** So many of something that is no plan: a form and its finished mouth, mm; the rest as is usual. */
export function logOther(
  workspace: Workspace,
  name: string,
  family: FamilyName,
  across: number,
  count: number,
): { act: Act; id: string } | undefined {
  const of: StartOf = { family, bodyId: clayUsedLast(workspace), way: 'trimmed' };
  const part = startedPart(workspace, { kind: 'size', at: 'glazed', across }, of, newId(), {
    length: String,
    mass: String,
    volume: String,
  });
  const run = part.ok ? runOfPart(workspace, part.value, name, newId(), now()) : undefined;
  return run && createRun({ ...run, date: today() }, count);
}

export const editRun = (id: string, change: (run: Run) => Run, label: string, key?: string): Act => edit('runs', id, label, change, key);

/** A run and all its pieces. */
export const deleteRun = ({ id, name }: Run): Act =>
  remove('runs', id, `run “${name}” deleted`, (workspace) =>
    workspace.pieces.filter(({ runId }) => runId === id).map((piece) => rowChange('pieces', piece, undefined)),
  );

/** One more piece of a run, whether it is still being made or not. */
export const addPiece = (run: Run): Act => {
  const at = now();
  return {
    label: `one more of ${run.name}`,
    change: (workspace) => {
      const last = Math.max(0, ...workspace.pieces.filter(({ runId }) => runId === run.id).map(({ no }) => no));
      return [rowChange('pieces', undefined, freshPiece(run, last + 1, at))];
    },
  };
};

export const editPiece = (id: string, change: (piece: MadePiece) => MadePiece, label: string, key?: string): Act =>
  edit('pieces', id, label, change, key);

export const deletePiece = (piece: MadePiece, name: string): Act => remove('pieces', piece.id, `${name} ${piece.no} deleted`);

/** Several pieces at once. */
export const editPieces = (ids: readonly string[], change: (piece: MadePiece) => MadePiece, label: string, key?: string): Act => ({
  label,
  key,
  change: (workspace) =>
    ids.flatMap((id): RowChange[] => {
      const before = find(workspace, 'pieces', id);
      const after = before && change(before);
      return before && after && after !== before ? [rowChange('pieces', before, after)] : [];
    }),
});

/**
 * The one that came out right becomes the standard of its plan: what was really thrown is what is planned from now on, and its ball the
 * ball of the run. What was not measured of it stays as it was.
 */
export function pinStandard(plan: Plan, run: Run, piece: MadePiece): Act {
  const ref = refOf(run) ?? plan.id;
  const { rimDiameter, height, baseDiameter } = piece.sizes.wet ?? {};
  const trimmed = run.gauge !== undefined && run.planned.height !== undefined ? run.gauge - run.planned.height : 0;
  const thrown = {
    ...(rimDiameter && { rimDiameter: rimDiameter.mm }),
    ...(height && { height: height.mm - trimmed }),
    ...(baseDiameter && { baseDiameter: baseDiameter.mm }),
  };
  const sizes = Object.fromEntries(Object.entries(thrown).map(([size, mm]) => [size, [{ mm, at: 'wet' as const }]]));
  const tester = run.ball !== undefined &&
    run.gauge !== undefined && {
      ballG: run.ball,
      height: height?.mm ?? run.gauge,
      mouth: rimDiameter?.mm ?? run.planned.rimDiameter ?? 0,
      accepted: true,
    };
  const { partId } = readRef(ref);
  const label = `${run.name} ${piece.no} is the reference piece`;
  return edit('plans', plan.id, label, (now) => ({
    ...withPart(now, partId, (part) => ({ ...part, sizes: { ...part.sizes, ...sizes }, ...(tester && tester.mouth > 0 && { tester }) })),
    standard: { pieceId: piece.id, moves: now.standard?.moves ?? '' },
    changedAt: new Date().toISOString(),
  }));
}

export const setMoves = (planId: string, moves: string, key?: string): Act =>
  edit('plans', planId, 'moves', (plan) => (plan.standard ? { ...plan, standard: { ...plan.standard, moves } } : plan), key);

export const unpinStandard = (planId: string): Act => edit('plans', planId, 'reference piece removed', ({ standard: _, ...plan }) => plan);

/** An earlier round is taken back: the part is planned as it was then. */
export const takeRound = (run: Run): Act => {
  const { planId, partId } = run;
  const label = `${run.name} as on ${run.date}`;
  return edit('plans', planId ?? '', label, (plan) =>
    run.as
      ? { ...withPart(plan, partId, (part) => ({ ...run.as!, id: part.id, name: part.name })), changedAt: new Date().toISOString() }
      : plan,
  );
};

/** Pieces come to another shelf. */
export const movePieces = (ids: readonly string[], shelf: Shelf, label: string): Act => {
  const on = today();
  return editPieces(ids, (piece) => onShelf(piece, shelf, on), label);
};

/** A length measured of a piece at a stage, or taken back. */
export const measurePiece = (id: string, stage: Stage, size: SizeName, reading: Reading | undefined, label: string, key?: string): Act =>
  editPiece(id, (piece) => withReading(piece, stage, size, reading), label, key);

/** Runs and pieces read from a table, all at once, and what the table says otherwise of pieces that are there. */
export const addMade = (
  {
    runs,
    pieces,
    changed,
  }: { readonly runs: readonly Run[]; readonly pieces: readonly MadePiece[]; readonly changed: readonly MadePiece[] },
  label: string,
): Act => ({
  label,
  change: (workspace) => [
    ...runs.map((run) => rowChange('runs', undefined, run)),
    ...pieces.map((piece) => rowChange('pieces', undefined, piece)),
    ...changed.flatMap((piece): RowChange[] => {
      const before = find(workspace, 'pieces', piece.id);
      return before ? [rowChange('pieces', before, piece)] : [];
    }),
  ],
});
