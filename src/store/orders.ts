import { type Order, type OrderLine, type OrderStep, type Part, type PieceSet, type Plan, rowChange, type Sorting } from '@/core/records';
import { v7 as newId } from 'uuid';
import { add, edit, now, remove } from './acts';
import type { Act } from './history';

/** What is done with sets and orders. */

/** An order with nothing in it yet. */
export function createOrder(said: Partial<Pick<Order, 'name' | 'words' | 'due'>> = {}): { act: Act; id: string } {
  const id = newId();
  const order: Order = { id, name: 'New order', words: '', lines: [], odds: 0.9, createdAt: now(), ...said };
  return { id, act: add('orders', `order “${order.name}”`, order) };
}

export const editOrder = (id: string, change: Partial<Order>, label: string, key?: string): Act =>
  edit('orders', id, label, (order) => ({ ...order, ...change }), key);

export const deleteOrder = ({ id, name }: Order): Act => remove('orders', id, `order “${name}” deleted`);

/** One more thing ordered. */
export const addLine = (orderId: string, said: Omit<OrderLine, 'id'>): Act => {
  const line: OrderLine = { id: newId(), ...said };
  return edit('orders', orderId, 'one more line', (order) => ({ ...order, lines: [...order.lines, line] }));
};

export const editLine = (orderId: string, lineId: string, change: (line: OrderLine) => OrderLine, label: string, key?: string): Act =>
  edit(
    'orders',
    orderId,
    label,
    (order) => ({ ...order, lines: order.lines.map((line) => (line.id === lineId ? change(line) : line)) }),
    key,
  );

export const deleteLine = (orderId: string, lineId: string): Act =>
  edit('orders', orderId, 'line deleted', (order) => ({ ...order, lines: order.lines.filter(({ id }) => id !== lineId) }));

/** A step of a line is done; said again, it is not. */
export const markStep = (orderId: string, lineId: string, step: OrderStep): Act =>
  editLine(
    orderId,
    lineId,
    ({ done = [], ...line }) => ({ ...line, done: done.includes(step) ? done.filter((each) => each !== step) : [...done, step] }),
    `${step} done`,
  );

/** A step is to end by a day; undefined lets it fall where it falls. */
export const endStep = (orderId: string, lineId: string, step: OrderStep, by: string | undefined, key?: string): Act =>
  editLine(
    orderId,
    lineId,
    ({ ends, ...line }) => {
      const { [step]: _, ...others } = ends ?? {};
      return { ...line, ends: by === undefined ? others : { ...others, [step]: by } };
    },
    `${step} moved`,
    key,
  );

/** Several firings on one day. */
export const fireTogether = (
  step: OrderStep,
  by: string,
  lines: readonly { readonly orderId: string; readonly lineId: string }[],
): Act => ({
  label: 'one firing for all',
  change: (workspace) =>
    workspace.orders.flatMap((order) => {
      const own = lines.filter(({ orderId }) => orderId === order.id).map(({ lineId }) => lineId);
      if (own.length === 0) return [];
      const moved = order.lines.map((line) => (own.includes(line.id) ? { ...line, ends: { ...line.ends, [step]: by } } : line));
      return [rowChange('orders', order, { ...order, lines: moved })];
    }),
});

/** A set of plans there are. */
export function createSet(name: string, planIds: readonly string[], sorting?: Sorting): { act: Act; id: string } {
  const id = newId();
  const set: PieceSet = { id, name, planIds, createdAt: now(), ...(sorting && { sorting }) };
  return { id, act: add('sets', `set “${name}”`, set) };
}

export const editSet = (id: string, change: Partial<PieceSet>, label: string, key?: string): Act =>
  edit('sets', id, label, (set) => ({ ...set, ...change }), key);

export const deleteSet = ({ id, name }: PieceSet): Act => remove('sets', id, `set “${name}” deleted`);

/** One press makes plans of the bowls of a nest: the piece it began from is the largest, the others come new, all kept as one set. */
export function createNest(
  plan: Plan,
  others: readonly { readonly name: string; readonly part: Omit<Part, 'id'> }[],
): { act: Act; id: string } {
  const [id, at] = [newId(), now()];
  const plans = others.map(({ name, part }): Plan => ({
    id: newId(),
    name,
    note: `Nests in ${plan.name}.`,
    parts: [{ ...part, id: newId() }],
    createdAt: at,
    changedAt: at,
  }));
  const set: PieceSet = {
    id,
    name: `${plan.name}, nest of ${others.length + 1}`,
    planIds: [plan.id, ...plans.map((each) => each.id)],
    createdAt: at,
  };
  return {
    id,
    act: {
      label: `a nest of ${others.length + 1}`,
      change: () => [...plans.map((each) => rowChange('plans', undefined, each)), rowChange('sets', undefined, set)],
    },
  };
}
