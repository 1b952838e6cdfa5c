import { LIMIT_NAMES, MAKING_WAYS } from '@/core/sizing';
import { ROOMS_DRY, type Shop, type ShopName, STOCK_KINDS, WORK } from '@/core/records';
import Joi from 'joi';
import { count, date, id, leans, name, percent, positiveMm, rowOf, strict, word } from './schema-parts';

/** What each setting of the shop may hold. */

const list = (item: Joi.Schema, most: number) => strict.array().items(item).max(most);

const SHOP: Record<ShopName, Joi.Schema> = {
  place: strict.object(Object.fromEntries(LIMIT_NAMES.map((limitName) => [limitName, positiveMm]))),
  wheel: rowOf<NonNullable<Shop['wheel']>>({
    batThickness: percent(0, 200),
    clearance: percent(0, 200),
    chuckClearance: percent(0, 50),
    takeOff: leans,
    balls: list(
      strict.object({
        way: word(...MAKING_WAYS).required(),
        ballG: strict.number().positive().max(1e6).required(),
        height: positiveMm.required(),
        width: positiveMm.required(),
        ratio: percent(0.05, 20).required(),
      }),
      10,
    ),
  }),
  printers: list(strict.object({ name, measuredMm: percent(50, 200) }), 20),
  measures: list(strict.object({ name, mm: positiveMm.required() }), 50),
  bats: list(strict.object({ name, width: positiveMm.required(), thickness: positiveMm.required(), plaster: strict.boolean() }), 60),
  dies: list(strict.object({ name, width: positiveMm.required(), thickness: positiveMm.required() }), 60),
  chucks: list(strict.object({ name, across: positiveMm.required() }), 100),
  stock: list(
    strict.object({
      id,
      name,
      kind: word(...Object.keys(STOCK_KINDS)).required(),
      widths: strict.array().items(positiveMm).min(1).max(200).required(),
      bottom: positiveMm,
      length: positiveMm,
    }),
    200,
  ),
  battens: list(percent(0.5, 200), 40),
  rollerWidth: percent(50, 3000),
  slabLength: percent(100, 10000),
  coils: list(strict.object({ coils: count.required(), thickness: positiveMm.required(), height: positiveMm.required() }), 200),
  week: rowOf<NonNullable<Shop['week']>>({
    workdays: strict.array().items(strict.number().integer().min(1).max(7)).unique().max(7).required(),
    off: strict.array().items(date).max(2000).required(),
    perDay: count.required(),
    room: word(...Object.keys(ROOMS_DRY)).required(),
  }),
  kiln: rowOf<NonNullable<Shop['kiln']>>({
    width: positiveMm.required(),
    depth: positiveMm.required(),
    shelves: count.max(100).required(),
  }),
  money: strict.object({
    currency: strict.string().allow('').max(10).required(),
    shop: percent(0, 0.99).required(),
    minutes: percent(0, 100_000).required(),
    byWork: strict.object(Object.fromEntries(WORK.map((work) => [work, percent(0, 6000)]))),
    ...Object.fromEntries(['wantPerHour', 'clayPerKg', 'glaze', 'firing', 'packing'].map((each) => [each, percent(0, 1e6).required()])),
  }),
  clayStock: strict.object().pattern(id, percent(0, 1e6)),
  slips: strict.object().pattern(
    id,
    strict.object({
      density: percent(1, 2.5),
      casts: list(strict.object({ minutes: percent(0.1, 10_000).required(), mm: positiveMm.required() }), 200).required(),
    }),
  ),
};

export const shop = strict.object({
  id: word(...Object.keys(SHOP)).required(),
  value: Joi.alternatives().conditional('id', {
    switch: Object.entries(SHOP).map(([setting, value]) => ({ is: setting, then: value.required() })),
  }),
});
