import { type Stage, lengthOf } from '@/core/clay';
import { daysBetween, everyPiece, learnedDays } from '@/core/lessons';
import { type OrderStep, type PartRef, partRef, refOf, type Shelf, SHELF_WORDS, SHELVES, STAGE_ON, type Workspace } from '@/core/records';
import { openOrders, orderWork } from './order-work';

/** Something to do today. */
export interface ToDo {
  readonly id: string;
  readonly words: string;
  /** Where in the workshop it is done. */
  readonly where: Where;
  /** What is worked on, to be pictured: a part of a plan, and how far it is. */
  readonly piece?: { readonly ref: PartRef; readonly stage: Stage; readonly count: number } | undefined;
  /** What it is for. */
  readonly of: string;
  /** It should have been done before today. */
  readonly overdue: boolean;
  readonly done: Doing;
  /** Where it is done. */
  readonly href: string;
}

export const WHERES = ['wheel', 'bench', 'kiln'] as const;
export type Where = (typeof WHERES)[number];

/** What one tap does: a step of an order is done, or pieces come to another shelf; what needs more is only led to. */
export type Doing =
  | { readonly kind: 'step'; readonly orderId: string; readonly lineId: string; readonly step: OrderStep }
  | { readonly kind: 'shelf'; readonly ids: readonly string[]; readonly to: Shelf; readonly name: string }
  | { readonly kind: 'go' };

const DO: Readonly<Record<OrderStep, string>> = {
  throw: 'Throw',
  firm: 'Let firm up',
  trim: 'Trim and handle',
  dry: 'Let dry',
  bisque: 'Load into the bisque kiln:',
  sort: 'Measure and sort',
  glaze: 'Glaze',
  fire: 'Load into the glaze kiln:',
  pack: 'Pack',
};

/** How far a piece is when a step begins. */
const BEFORE: Readonly<Record<OrderStep, Stage>> = {
  throw: 'wet',
  firm: 'wet',
  trim: 'leather',
  dry: 'leather',
  bisque: 'dry',
  sort: 'bisque',
  glaze: 'bisque',
  fire: 'bisque',
  pack: 'glazed',
};

const MOVED: Readonly<Partial<Record<Shelf, string>>> = {
  wet: 'Trim or turn over',
  leather: 'Trim, handle and set out to dry',
  drying: 'Check if dry',
  ready: 'Load into the bisque kiln',
  bisqued: 'Glaze',
  coated: 'Load into the glaze kiln',
};

/** Steps of orders that fall on today or before and are not done. */
function fromOrders(workspace: Workspace, today: string): ToDo[] {
  return openOrders(workspace).flatMap((order) =>
    orderWork(workspace, order, today).lines.flatMap(({ line, name, items, dates, late, missed }): ToDo[] => {
      if (!dates?.ok) return [];
      const next = dates.value.find((step) => !step.done && !(step.waits && step.name !== 'bisque' && step.name !== 'fire'));
      if (!next || (next.from > today && late === 0)) return [];
      const many = items.reduce((sum, { make }) => sum + make, 0);
      return [
        {
          id: `${order.id}-${line.id}-${next.name}`,
          words: `${DO[next.name]} ${many} × ${name}`,
          where: next.name === 'throw' ? 'wheel' : next.name === 'bisque' || next.name === 'fire' ? 'kiln' : 'bench',
          piece: items[0] && { ref: partRef(items[0].plan, items[0].part), stage: BEFORE[next.name], count: many },
          of: order.name,
          overdue: missed,
          done: { kind: 'step', orderId: order.id, lineId: line.id, step: next.name },
          href: `/orders?order=${order.id}`,
        },
      ];
    }),
  );
}

/** Pieces that have stood on their shelf as long as they usually do, by run and shelf. */
function fromShelves(workspace: Workspace, today: string): ToDo[] {
  // a median over all that was logged: once a shelf, not once a piece
  const usually = new Map(SHELVES.filter((shelf) => MOVED[shelf]).map((shelf) => [shelf, learnedDays(workspace, shelf).days ?? 0]));
  const groups = new Map<string, { ref: PartRef | undefined; name: string; shelf: Shelf; usual: number; ids: string[]; stand: number }>();
  for (const { run, piece } of everyPiece(workspace)) {
    const { shelf } = piece;
    const usual = usually.get(shelf);
    if (usual === undefined) continue;
    const stands = daysBetween(piece.since[shelf] ?? today, today);
    if (stands < usual) continue;
    const key = `${run.id}|${shelf}`;
    const own = groups.get(key) ?? { ref: refOf(run), name: run.name, shelf, usual, ids: [], stand: 0 };
    own.ids.push(piece.id);
    own.stand = Math.max(own.stand, stands);
    groups.set(key, own);
  }
  return Array.from(groups, ([key, { ref, name, shelf, usual, ids, stand }]): ToDo => {
    const to = SHELVES[SHELVES.indexOf(shelf) + 1]!;
    const days = stand === 1 ? '1 day' : `${stand} days`;
    return {
      id: key,
      words: `${MOVED[shelf]!}: ${ids.length} × ${name}`,
      where: shelf === 'ready' || shelf === 'coated' ? 'kiln' : 'bench',
      piece: ref === undefined ? undefined : { ref, stage: STAGE_ON[shelf] ?? 'dry', count: ids.length },
      of: `${SHELF_WORDS[shelf]} for ${days}`,
      overdue: stand > 2 * Math.max(1, usual),
      done: { kind: 'shelf', ids, to, name },
      href: '/shelves',
    };
  });
}

/** Bars that have come out of a firing and want measuring. */
function fromClay(workspace: Workspace): ToDo[] {
  const waiting = new Map<string, number>();
  for (const bar of workspace.bars)
    if (bar.kind === 'bar' && lengthOf(bar, 'glazed') === undefined) waiting.set(bar.bodyId, (waiting.get(bar.bodyId) ?? 0) + 1);
  return [...waiting].map(([bodyId, count]) => ({
    id: `bars-${bodyId}`,
    words: `Measure ${count === 1 ? 'a bar' : `${count} bars`} of ${workspace.bodies.find(({ id }) => id === bodyId)?.name ?? 'a clay'}`,
    where: 'bench',
    of: 'finished size not measured',
    overdue: false,
    done: { kind: 'go' },
    href: `/clay?body=${bodyId}`,
  }));
}

const overdueFirst = (list: readonly ToDo[]): readonly ToDo[] => list.toSorted((a, b) => Number(b.overdue) - Number(a.overdue));

/** Today's work, from orders, log and clay together; what is overdue first. Today is handed in, ISO. */
export const workList = (workspace: Workspace, today: string): readonly ToDo[] =>
  overdueFirst([...fromOrders(workspace, today), ...fromShelves(workspace, today), ...fromClay(workspace)]);

/** Of {@link workList} what the pieces on the shelves are due for: no order is worked out for it. */
export const dueOnShelves = (workspace: Workspace, today: string): readonly ToDo[] => overdueFirst(fromShelves(workspace, today));
