import { onceEach } from '@/core/remember';
import { type SizeName, sizesOf } from '@/core/form';
import { isExact, rangeOf, chanceWithin } from '@/core/sizing';
import { fitOf } from '@/core/fitting';
import {
  type MadePiece,
  mainPart,
  type Part,
  partOf,
  type PartRef,
  type Promised,
  readRef,
  type Run,
  shopOf,
  type Workspace,
} from '@/core/records';
import { handOf, shownBall, type SizedPlanPart, sizedPlanPart, surenessOf, thrownBall } from '@/core/part';

/** The run of a piece that is being made. */
export interface Current {
  readonly run: Run | undefined;
  readonly pieces: readonly MadePiece[];
  /** So many of them came out as they should. */
  readonly good: number;
  readonly wrong: number;
  /** How many it is to be, if that was said. */
  readonly wanted: number | undefined;
}

type Made = Pick<Workspace, 'runs' | 'pieces'>;

interface Grouped {
  readonly runs: ReadonlyMap<string, readonly Run[]>;
  readonly pieces: ReadonlyMap<string, readonly MadePiece[]>;
}

const NONE: readonly never[] = [];

function groupBy<T>(rows: readonly T[], keyOf: (row: T) => string | undefined): Map<string, T[]> {
  const groups = new Map<string, T[]>();
  for (const row of rows) {
    const key = keyOf(row);
    if (key === undefined) continue;
    const own = groups.get(key);
    if (own) own.push(row);
    else groups.set(key, [row]);
  }
  return groups;
}

const runsByPlan = onceEach((runs: Made['runs']): Grouped['runs'] => groupBy(runs, (run) => run.planId));
const piecesByRun = onceEach((pieces: Made['pieces']): Grouped['pieces'] => inOrder(groupBy(pieces, (piece) => piece.runId)));

/** The runs of a plan, in the order they were begun. */
export const runsOf = ({ runs }: Pick<Workspace, 'runs'>, planId: string): readonly Run[] => runsByPlan(runs).get(planId) ?? NONE;

/** By their numbers: rows come from the database in the order of their ids. */
function inOrder(groups: Map<string, MadePiece[]>): Map<string, MadePiece[]> {
  for (const group of groups.values()) group.sort((a, b) => a.no - b.no);
  return groups;
}

/** The pieces of a run, in order. */
export const piecesOf = ({ pieces }: Pick<Workspace, 'pieces'>, runId: string): readonly MadePiece[] =>
  piecesByRun(pieces).get(runId) ?? NONE;

/** The run of a part that is being made: the last begun, while it is not closed. */
export function runOf(workspace: Made, ref: PartRef): Current {
  const { planId, partId } = readRef(ref);
  const run = runsOf(workspace, planId).findLast((each) => each.partId === partId && !each.closed);
  const pieces = run ? piecesOf(workspace, run.id) : NONE;
  const wrong = pieces.filter(({ shelf }) => shelf === 'lost').length;
  return { run, pieces, good: pieces.length - wrong, wrong, wanted: run?.wanted };
}

/** Nine in ten. */
const USUAL = 0.9;

/** What is said of its sizes when a run begins: the ranges, the limits, and what a bought thing needs. */
function promises(workspace: Workspace, { part, clay, sized }: SizedPlanPart): Promised[] {
  const { tool } = surenessOf(part);
  const { wet, glazed } = sized.stages;
  const ranges = (['height', 'rimDiameter'] as const).map((size): Promised => {
    const [least, most] = rangeOf({ clay, size, tool }, { from: 'wet', mm: wet.sizes[size], to: 'glazed' }, USUAL);
    return { size, least, most, chance: USUAL };
  });
  const limits = sizesOf(glazed, glazed.sizes).flatMap((size) =>
    (part.sizes[size] ?? []).flatMap((known): Promised[] => {
      if (isExact(known) || known.at !== 'glazed') return [];
      const { least, most } = known;
      return [{ size, least, most, chance: chanceWithin({ clay, size, tool }, known, 'wet', wet.sizes[size]!) }];
    }),
  );
  const fit = part.fit?.with === 'stock' ? fitOf(workspace, part, sized, part.fit) : undefined;
  const seat: Promised[] =
    fit?.ok && fit.value.side === 'mouth' && 'rigid' in fit.value.pair.lid
      ? [
          {
            size: 'mouthInside',
            least: fit.value.pair.lid.diameter + fit.value.range.min,
            most: fit.value.pair.lid.diameter + fit.value.range.max,
            chance: fit.value.odds.good,
          },
        ]
      : [];
  return [...ranges, ...limits, ...seat];
}

/** A run of a part as it is planned now; undefined where nothing can be worked out. Its day and its name in the database are handed in. */
export function startedRun(workspace: Workspace, ref: PartRef, id: string, at: string): Run | undefined {
  const found = partOf(workspace.plans, ref);
  if (!found) return undefined;
  const { plan, part } = found;
  const isMain = part.id === mainPart(plan).id;
  const run = runOfPart(workspace, part, isMain ? plan.name : `${plan.name}: ${part.name}`, id, at);
  return run && { ...run, planId: plan.id, ...(!isMain && { partId: part.id }) };
}

/** What is taken off a gauge's setting for the way the hand leans, while there is any. */
function takenOff(workspace: Pick<Workspace, 'shop'>, { fit }: Part): Pick<Run, 'taken'> {
  const taken = shopOf(workspace).wheel?.takeOff;
  return taken && (fit?.tool ?? 'gauge') === 'gauge' ? { taken } : {};
}

/** A run of a part that is no plan: of nothing but a form and a size. */
export function runOfPart(workspace: Workspace, part: Part, name: string, id: string, at: string): Run | undefined {
  const made = sizedPlanPart(workspace, part, String);
  if (!made.ok) return undefined;
  const { sized, clay } = made.value;
  const weighed = thrownBall(made.value);
  const ball = weighed && shownBall(weighed, part, workspace.settings.units);
  const { wet, glazed } = sized.stages;
  const sizes = (all: Readonly<Partial<Record<SizeName, number>>>) =>
    Object.fromEntries(Object.entries(all).filter(([, mm]) => mm > 0)) as Partial<Record<SizeName, number>>;
  const by = handOf(part);
  return {
    id,
    name,
    date: at.slice(0, 10),
    family: part.family,
    by,
    way: part.way,
    bodyId: part.bodyId,
    batchId: part.batchId,
    firing: part.firing,
    planned: sizes(wet.sizes),
    ...(by === 'wheel' && { gauge: sized.thrown.gauge }),
    ...takenOff(workspace, part),
    as: part,
    asked: sizes(glazed.sizes),
    shrinkage: { width: clay.shrinkage.width, height: clay.shrinkage.height },
    promised: promises(workspace, made.value),
    ...(by === 'wheel' && ball !== undefined && { ballComputed: sized.masses.ball, ball }),
    tool: part.fit?.tool ?? 'gauge',
    measures: 'ruler',
    note: '',
    createdAt: at,
  };
}
