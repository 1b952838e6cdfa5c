import { type RunPart, clayForRun, makeFromBeta, schedule, scheduleFrom, thumbRules } from '@/core/sets';
import { handlePlan } from '@/core/handbuild';
import { attachedG } from '@/core/sizing';
import { type Result, good } from '@/core/units';
import { matterIn, weighedPart } from '@/core/part';
import { daysBetween, learnedLoss, learnedLosses, recordFor } from '@/core/lessons';
import { type DatedStep, type Ordered, stepsOf } from './order-days';
import {
  batFor,
  calledPart,
  type Order,
  type OrderLine,
  type OrderStep,
  type Plan,
  shopOf,
  type Sorting,
  USUAL_WEEK,
  type Workspace,
  type WorkWeek,
} from '@/core/records';
import { setsToMake } from './set-make';

/** A line of an order with its plans and its days. */
export interface LineWork {
  readonly line: OrderLine;
  readonly name: string;
  readonly items: readonly Ordered[];
  /** The pieces are to match. */
  readonly matched: boolean;
  /** Steps with their dates; none while nothing is due or no plan is chosen. */
  readonly dates: Result<readonly DatedStep[]> | undefined;
  /** If it were begun today: when it would be ready. */
  readonly soonest: string | undefined;
  /** So many days the first open step should have begun before today. */
  readonly late: number;
  /** The first step that is not done should have ended by now. */
  readonly missed: boolean;
}

/** More than so many are never told. */
const MOST_MADE = 2000;

/** What is ordered with a line: its plan, or the plans of its set. */
function plansOf(
  workspace: Workspace,
  line: OrderLine,
): { readonly plans: readonly Plan[]; readonly each: number; readonly sorting: Sorting | undefined } {
  const set = workspace.sets.find(({ id }) => id === line.setId);
  const ids = set?.planIds ?? (line.planId === undefined ? [] : [line.planId]);
  const plans = ids.flatMap((id) => workspace.plans.filter((plan) => plan.id === id));
  return { plans, each: set?.sorting?.size ?? 1, sorting: set?.sorting };
}

function orderedOf(workspace: Workspace, order: Order, line: OrderLine): { readonly items: Ordered[]; readonly matched: boolean } {
  const { plans, each, sorting } = plansOf(workspace, line);
  const items = plans.flatMap((plan) =>
    plan.parts.map((part): Ordered => {
      const copies = part.joined?.copies ?? 1;
      const need = line.count * each;
      const record = recordFor(workspace, plan);
      const loss = learnedLoss(record, part.family);
      const made = weighedPart(workspace, part, String);
      const found =
        sorting && made.ok
          ? setsToMake(made.value, sorting, line.count, order.odds, loss)
          : (makeFromBeta(need, order.odds, loss.good, loss.bad) ?? { make: MOST_MADE, odds: 0 });
      return {
        plan,
        part,
        name: calledPart(plan, part),
        made,
        need,
        make: line.make ?? found.make,
        odds: found.odds,
        thumb: thumbRules(need),
        lost: loss.lost,
        of: loss.made,
        wholeFirings: learnedLosses(record).some((each) => each.family === part.family && each.wholeFirings > 0),
        copies,
        ballG: made.ok ? made.value.weighOut : undefined,
      };
    }),
  );
  return { items, matched: sorting !== undefined };
}

const weekOf = (workspace: Pick<Workspace, 'shop'>): WorkWeek => shopOf(workspace).week ?? USUAL_WEEK;

/** A line of an order worked out: what is made for it and on which days. Today is handed in, ISO. */
export function lineWork(workspace: Workspace, order: Order, line: OrderLine, today: string): LineWork {
  const { items, matched } = orderedOf(workspace, order, line);
  const set = workspace.sets.find(({ id }) => id === line.setId);
  const name = set?.name ?? items[0]?.plan.name ?? line.wish ?? 'something';
  const week = weekOf(workspace);
  if (items.length === 0) return { line, name, items, matched, dates: undefined, soonest: undefined, late: 0, missed: false };
  const steps = stepsOf(workspace, line, items, matched, week);
  const done = new Set(line.done);
  const open = steps.filter((step) => !done.has(step.name));
  const forward = scheduleFrom(today, open, week);
  const soonest = forward.ok ? forward.value.at(-1)?.to : undefined;
  const found = order.due === undefined ? forward : schedule(order.due, steps, week);
  if (!found.ok) return { line, name, items, matched, dates: found, soonest, late: 0, missed: false };
  const due = found.value.find((each) => !done.has(each.name as OrderStep));
  const late = due ? Math.max(0, daysBetween(due.from, today)) : 0;
  // the days that are shown can still come: a step that should have begun already comes as soon as it can, what has time keeps its days
  const soon = new Map(forward.ok ? forward.value.map((each) => [each.name, each]) : []);
  const days = found.value.map((each) => {
    const first = soon.get(each.name);
    return first && first.from > each.from ? first : each;
  });
  const dated = days.map((each, i): DatedStep => {
    const { name: step, waits, typical } = steps.find((own) => own.name === each.name)!;
    const next = days[i + 1];
    return {
      ...each,
      name: step,
      done: done.has(step),
      waits: waits === true,
      typical,
      stands: next ? daysBetween(each.from, next.from) : daysBetween(each.from, each.to) + 1,
    };
  });
  return { line, name, items, matched, dates: good(dated), soonest, late, missed: due !== undefined && due.to < today };
}

/** An order with all its lines, and what it takes. */
export interface OrderWork {
  readonly order: Order;
  readonly lines: readonly LineWork[];
  readonly clay: readonly ClayNeed[];
  readonly bats: readonly { readonly name: string; readonly count: number }[];
}

export interface ClayNeed {
  readonly bodyId: string | undefined;
  readonly name: string;
  readonly kg: number;
  /** What there is, if that was said. */
  readonly stockKg: number | undefined;
}

const STILL_TO_THROW: OrderStep = 'throw';

export function orderWork(workspace: Workspace, order: Order, today: string): OrderWork {
  const lines = order.lines.map((line) => lineWork(workspace, order, line, today));
  const items = lines.filter(({ line }) => !line.done?.includes(STILL_TO_THROW)).flatMap((line) => line.items);
  return { order, lines, clay: clayFor(workspace, items), bats: batsFor(workspace, items) };
}

/** So much of what is wedged sticks to bench and wire. Ours. */
const WEDGE_LOSS = 0.03;

/** What one piece takes of each clay: its ball, and the blanks of what is put on, handles that fail counted. */
function clayParts(
  workspace: Workspace,
  { part, made, ballG = 0 }: Ordered,
): { readonly bodyId: string | undefined; readonly parts: readonly RunPart[] }[] {
  const found: { bodyId: string | undefined; parts: RunPart[] }[] = [
    { bodyId: part.bodyId, parts: ballG > 0 ? [{ name: part.name, g: ballG }] : [] },
  ];
  const add = (bodyId: string | undefined, one: RunPart) => {
    const own = found.find((each) => each.bodyId === bodyId);
    if (own) own.parts.push(one);
    else found.push({ bodyId, parts: [one] });
  };
  if (!made.ok) return found;
  const { clay, sized } = made.value;
  for (const each of part.attached ?? []) {
    const matter = (each.bodyId === undefined ? undefined : matterIn(workspace)(each.bodyId)) ?? clay.matter;
    const g = attachedG(each, matter);
    if (g > 0) add(each.bodyId ?? part.bodyId, { name: each.kind, g });
  }
  const handle = part.handle && handlePlan(clay, sized, part.handle, String);
  if (handle?.ok) add(part.bodyId, { name: 'handle', g: handle.value.blankG, leaves: handle.value.wetG, succeeds: part.handle!.succeeds });
  return found.filter(({ parts }) => parts.length > 0);
}

function clayFor(workspace: Workspace, items: readonly Ordered[]): ClayNeed[] {
  const { clayStock = {} } = shopOf(workspace);
  const kg = new Map<string | undefined, number>();
  for (const item of items)
    for (const { bodyId, parts } of clayParts(workspace, item)) {
      const { wedgeG } = clayForRun(item.make * item.copies, parts, { wedge: WEDGE_LOSS, recycled: 0, back: 0 });
      kg.set(bodyId, (kg.get(bodyId) ?? 0) + wedgeG / 1000);
    }
  return [...kg].map(([bodyId, own]) => ({
    bodyId,
    name: workspace.bodies.find(({ id }) => id === bodyId)?.name ?? 'clay not chosen',
    kg: own,
    stockKg: bodyId === undefined ? undefined : clayStock[bodyId],
  }));
}

function batsFor(workspace: Workspace, items: readonly Ordered[]): { readonly name: string; readonly count: number }[] {
  const { bats = [] } = shopOf(workspace);
  const found = new Map<string, number>();
  for (const { made, make } of items) {
    if (!made.ok) continue;
    const bat = batFor(bats, made.value.sized.thrown.base);
    if (bat) found.set(bat.name, (found.get(bat.name) ?? 0) + make);
  }
  return [...found].map(([name, count]) => ({ name, count }));
}

/** Open orders, those due first. */
export const openOrders = ({ orders }: Pick<Workspace, 'orders'>): readonly Order[] =>
  orders.filter(({ closed }) => !closed).sort((a, b) => ((a.due ?? '9999') < (b.due ?? '9999') ? -1 : 1));
