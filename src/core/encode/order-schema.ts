import { STAGES } from '@/core/clay';
import { SIZE_NAMES } from '@/core/form';
import { type Order, ORDER_STEPS, type OrderLine, type PieceSet, type Sorting } from '@/core/records';
import { count, date, id, moment, name, percent, positiveMm, rowOf, strict, word } from './schema-parts';

/** What a set and an order may hold. */

const words = strict.string().allow('').max(10_000);

export const pieceSet = rowOf<PieceSet>({
  id,
  name,
  planIds: strict.array().items(id.optional()).min(1).max(40).required(),
  sorting: rowOf<Sorting>({
    size: strict.number().integer().min(2).max(500).required(),
    at: word(...STAGES).required(),
    within: strict.object(Object.fromEntries(SIZE_NAMES.map((size) => [size, positiveMm]))).required(),
    held: strict.array().items(strict.array().items(id.optional()).min(2).max(500)).max(1000).required(),
    out: strict.array().items(id.optional()).max(20_000).required(),
  }),
  createdAt: moment,
});

const line = rowOf<OrderLine>({
  id,
  planId: id.optional(),
  setId: id.optional(),
  wish: words,
  count: count.required(),
  price: percent(0, 1e6),
  make: count,
  ends: strict.object(Object.fromEntries(ORDER_STEPS.map((step) => [step, date]))),
  done: strict
    .array()
    .items(word(...ORDER_STEPS))
    .unique()
    .max(ORDER_STEPS.length),
});

export const order = rowOf<Order>({
  id,
  name,
  words: words.required(),
  due: date,
  lines: strict.array().items(line).max(200).required(),
  odds: percent(0.5, 0.999).required(),
  closed: strict.boolean(),
  createdAt: moment,
});
