import { KINDS, STAGES } from '@/core/clay';
import { FAMILIES, FAMILY_NAMES, type Knot, MANNERS, MOST_KNOTS, SIZE_NAMES, isNeeded, sizeSpec, isDrawn } from '@/core/form';
import { BASES, CORNERS, FEWEST_POINTS, FIRMNESS, HANDLE_KINDS, SEAMS } from '@/core/handbuild';
import { FITS, MOST_PAIRED } from '@/core/fit';
import { ATTACHED_KINDS, type Exact, type Limit, MAKING_MOST, MAKING_WAYS, type Making, TOOL_SD } from '@/core/sizing';
import type { UnitChoice } from '@/core/units';
import {
  type BarRecord,
  type Batch,
  type Body,
  type CutterRecord,
  DRYING,
  type FormerRecord,
  type Handmade,
  HELD,
  type Part,
  type Plan,
  type Settings,
  type TableName,
  TABLES,
} from '@/core/records';
import Joi from 'joi';
import { cast } from './cast-schema';
import { madePiece, run } from './made-schema';
import { order, pieceSet } from './order-schema';
import { count, date, firing, id, moment, name, note, percent, positiveMm, rowOf, strict, word } from './schema-parts';
import { shop } from './shop-schema';

/** What a workspace file of version 7 may hold; docs/workspace.schema.json says the same for other programs. */

const range = strict
  .array()
  .length(2)
  .items(percent(0.1, 30))
  .custom((pair: [number, number], helpers) => (pair[0] <= pair[1] ? pair : helpers.error('array.length', { limit: 2 })));

const body = rowOf<Body>({
  id,
  name,
  kind: strict
    .string()
    .valid(...KINDS)
    .required(),
  shrinkagePercent: strict.alternatives().conditional(Joi.array(), { then: range, otherwise: percent(0.1, 30) }),
  heightShrinkagePercent: percent(0.1, 30),
  sharesPercent: strict.object({
    leather: percent(0, 100).required(),
    dry: percent(0, 100).required(),
    bisque: percent(0, 100).required(),
  }),
  waterPercent: percent(0, 60),
  lossPercent: percent(0, 40),
  cone: strict.string().allow('').max(40),
  note,
  createdAt: moment,
});

const batch = rowOf<Batch>({
  id,
  bodyId: id,
  name,
  date,
  softness: strict.string().valid('soft', 'medium', 'firm'),
  note,
});

const perStage = (value: Joi.Schema) => strict.object(Object.fromEntries(STAGES.map((stage) => [stage, value]))).required();

const bar = rowOf<BarRecord>({
  id,
  bodyId: id,
  name,
  kind: strict.string().valid('bar', 'piece').required(),
  lengths: perStage(strict.array().items(positiveMm).min(1).max(20)),
  weights: perStage(strict.number().positive().max(1e6)),
  boiled: strict.number().positive().max(1e6),
  tool: strict.string().valid('ruler', 'caliper').required(),
  firedTool: strict.string().valid('ruler', 'caliper'),
  madeTo: strict.object({ sd: percent(0, 100).required(), run: id }),
  direction: strict.string().valid('along', 'across', 'height').required(),
  firing: firing.required(),
  batchId: id.optional(),
  softness: strict.string().valid('soft', 'medium', 'firm'),
  warped: strict.boolean(),
  thicknessMm: positiveMm,
  dates: perStage(date),
  sure: strict
    .array()
    .items(strict.string().valid(...STAGES))
    .max(STAGES.length),
  bead: strict.string().valid('soaked in', 'stood some minutes', 'still stood'),
  note,
  createdAt: moment,
});

const stage = strict
  .string()
  .valid(...STAGES)
  .required();

const exact = rowOf<Exact>({ mm: positiveMm.required(), at: stage, free: strict.boolean().valid(true), meant: positiveMm });
const limit = rowOf<Limit>({ at: stage, least: positiveMm, most: positiveMm })
  .or('least', 'most')
  .custom((value: { least?: number; most?: number }, helpers) =>
    value.least !== undefined && value.most !== undefined && value.least >= value.most ? helpers.error('limit.room') : value,
  );
const knownAs = (exactly: Joi.Schema) =>
  strict
    .array()
    .items(strict.alternatives().conditional(Joi.object({ mm: Joi.exist() }).unknown(), { then: exactly, otherwise: limit }))
    .min(1)
    .max(STAGES.length);
const known = knownAs(exact);
/** A piece without a floor has one of 0. */
const knownFloor = knownAs(exact.keys({ mm: percent(0, 100000).required() }));

const knot = rowOf<Knot>({ r: percent(0, 100).required(), z: percent(0, 1).required(), corner: strict.boolean() });

const REQUIRED_MAKING: readonly (keyof Making)[] = ['trimFloor', 'trimWall', 'rimCut', 'wireLoss', 'slurryPercent'];
const makingKeys = Object.entries(MAKING_MOST).map(([key, most]) => [
  key,
  REQUIRED_MAKING.includes(key as keyof Making) ? percent(0, most).required() : percent(0, most),
]);

/** A part has the sizes its form needs: without them it could not be worked out. */
function hasItsSizes(part: Part, helpers: Joi.CustomHelpers) {
  const missing = FAMILIES[part.family].sizes.find((name) => isNeeded(name, part.manner) && !part.sizes[name]);
  if (missing) return helpers.error('part.sizes', { missing, family: part.family });
  return isDrawn(part.family) === (part.knots === undefined) ? helpers.error('part.knots') : part;
}

const hand = rowOf<Handmade>({
  by: word('slab', 'former', 'coil'),
  slab: strict.object({
    base: word(...Object.keys(BASES)),
    corners: word(...Object.keys(CORNERS)),
    seam: word(...Object.keys(SEAMS)),
    overlap: percent(0, 200),
    cutAt: word('wet', 'leather'),
    darts: strict.number().integer().min(3).max(24),
  }),
  texture: strict.object({ along: percent(0, 50).required(), across: percent(0, 50).required() }),
  coil: strict.object({ pinchShare: percent(0, 0.95), gain: percent(0.2, 3), thickness: percent(1, 200) }),
  formerId: id.optional(),
  stop: positiveMm,
  lining: strict.object({ overlapPercent: percent(0, 100).required(), thinnedPercent: percent(0, 60).required() }),
  footHeight: percent(0, 500),
  turn: strict.boolean(),
  pieces: count,
});

const handle = rowOf<NonNullable<Part['handle']>>({
  kind: word(...Object.keys(HANDLE_KINDS)).required(),
  fingers: word(1, 2, 3, 4).required(),
  fingerWidth: percent(5, 60).required(),
  reach: percent(5, 200).required(),
  width: percent(2, 200).required(),
  thickness: percent(1, 100).required(),
  below: percent(0, 3000).required(),
  kept: percent(0.05, 1).required(),
  pieces: count.required(),
  succeeds: percent(0.05, 1).required(),
  firmness: word(...Object.keys(FIRMNESS)),
  strands: word(2, 3),
  fromSlab: strict.boolean(),
});

const former = rowOf<FormerRecord>({
  id,
  name,
  measured: word('inside', 'outside').required(),
  points: strict
    .array()
    .items(strict.object({ height: percent(0, 3000).required(), width: percent(0, 3000).required() }))
    .min(FEWEST_POINTS)
    .max(40)
    .required(),
  createdAt: moment,
});

const cutter = rowOf<CutterRecord>({
  id,
  name,
  shape: word('round', 'square').required(),
  width: percent(1, 3000).required(),
  hollows: percent(1, 3000),
  createdAt: moment,
});

const measured = strict.array().items(positiveMm).max(MOST_PAIRED);

const fitting = rowOf<NonNullable<Part['fit']>>({
  with: word('stock', 'lid', 'pot', 'part').required(),
  ref: strict
    .string()
    .max(201)
    .pattern(/^[A-Za-z0-9_-]+(\/[A-Za-z0-9_-]+)?$/),
  stockId: id.optional(),
  over: strict.boolean(),
  fit: word(...Object.keys(FITS), 'cover', 'own'),
  gap: strict.object({ min: percent(-50, 100).required(), max: percent(-50, 100).required() }),
  overhang: percent(0, 200),
  share: strict.object({ min: percent(0, 1).required(), max: percent(0, 1).required() }),
  now: strict.object({ at: stage, mm: positiveMm.required(), below: positiveMm }),
  other: strict.object({
    at: strict.string().valid(...STAGES),
    mm: positiveMm,
    spread: percent(0, 100),
    below: positiveMm,
    bodyId: id.optional(),
  }),
  lid: strict.boolean(),
  held: word(...HELD),
  depth: percent(0, 500),
  apart: strict.boolean(),
  tool: word(...Object.keys(TOOL_SD)),
  dried: word(...Object.keys(DRYING)),
  narrow: strict.boolean(),
  cost: percent(1, 100),
  batch: strict.object({ mouths: measured.required(), lids: measured.required() }),
  glaze: percent(0, 5),
});

const part = rowOf<Part>({
  id,
  name,
  family: strict
    .string()
    .valid(...FAMILY_NAMES)
    .required(),
  manner: strict
    .object(Object.fromEntries(Object.entries(MANNERS).map(([key, words]) => [key, strict.string().valid(...Object.keys(words))])))
    .required(),
  knots: strict.array().items(knot).min(2).max(MOST_KNOTS),
  sizes: strict.object(Object.fromEntries(SIZE_NAMES.map((size) => [size, size === 'floor' ? knownFloor : known]))).required(),
  gives: strict.object(
    Object.fromEntries(SIZE_NAMES.filter((size) => sizeSpec(size).inside).map((size) => [size, strict.string().valid('outside', 'wall')])),
  ),
  odds: percent(0.5, 0.999),
  bodyId: id.optional(),
  batchId: id.optional(),
  firing,
  way: strict
    .string()
    .valid(...MAKING_WAYS)
    .required(),
  making: strict.object(Object.fromEntries(makingKeys) as Record<string, Joi.Schema>).required(),
  hand,
  handle,
  fit: fitting,
  cast,
  attached: strict
    .array()
    .items(
      strict.object({
        id,
        kind: strict
          .string()
          .valid(...ATTACHED_KINDS)
          .required(),
        bodyId: id.optional(),
        massG: percent(0, 50000),
        length: positiveMm,
        width: positiveMm,
        thick: positiveMm,
      }),
    )
    .max(20),
  pouringLip: strict.object({ drop: percent(0, 3000).required(), reach: percent(0, 3000).required() }),
  joined: strict.object({
    copies: strict.number().valid(2, 3).required(),
    ring: strict.boolean(),
    flattened: percent(0, 3000).required(),
    handleRise: percent(0, 3000),
    handleThick: percent(0, 3000),
  }),
  shortening: percent(0, 1),
  opening: strict.object({ share: percent(0.1, 1), lift: percent(1, 4), centred: positiveMm }),
  knownPiece: strict.object({
    ballG: strict.number().positive().max(1e6).required(),
    height: positiveMm.required(),
    width: positiveMm.required(),
  }),
  ballRatio: percent(0.2, 5),
  tester: strict.object({
    ballG: strict.number().positive().max(1e6).required(),
    height: positiveMm.required(),
    mouth: positiveMm.required(),
    accepted: strict.boolean(),
  }),
  inHand: strict.object({
    weightG: percent(0, 1e6),
    glazePercent: percent(0, 50),
    attachedG: percent(0, 1e6),
    capacityMl: percent(0, 1e7),
    wallUnknown: strict.boolean(),
  }),
  wanted: strict.object({
    capacityMl: percent(0, 1e7),
    belowRim: percent(0, 3000),
    keep: strict.string().valid('proportions', 'height', 'mouth'),
    maxHeight: positiveMm,
    maxWidth: positiveMm,
    ballG: strict.number().positive().max(1e6),
  }),
}).custom(hasItsSizes);

const plan = rowOf<Plan>({
  id,
  name,
  note,
  parts: strict.array().items(part).min(1).max(20).unique('id').required(),
  standard: strict.object({ pieceId: id, moves: strict.string().allow('').max(2000).required() }),
  createdAt: moment,
  changedAt: moment,
});

const settings = rowOf<Settings>({
  units: rowOf<UnitChoice>({
    length: strict.string().valid('mm', 'cm', 'in', 'inch-fraction').required(),
    mass: strict.string().valid('g', 'lb-oz').required(),
    volume: strict.string().valid('ml', 'fl-oz').required(),
    flOz: strict.string().valid('us', 'imperial').required(),
    point: strict.string().valid('decimals', 'thousands'),
    denominator: strict.number().valid(2, 4, 8, 16, 32, 64).required(),
  }).required(),
  openPlanId: id.optional(),
  rooms: strict.object().pattern(id, strict.string().max(60)).max(500),
  paper: strict.string().valid('a4', 'letter'),
  printer: strict.string().max(200),
  guessFirst: strict.boolean(),
  views: strict
    .array()
    .items(
      strict.object({
        name,
        find: strict.string().allow('').max(200).required(),
        bodyId: id.optional().allow(''),
        planId: id.optional().allow(''),
        sort: strict.string().max(40),
        down: strict.boolean(),
      }),
    )
    .max(30),
  exported: strict.object({ at: moment.optional(), since: strict.number().integer().min(0).required() }),
});

/** What a row of each table may hold. */
export const ROW_SCHEMAS: Readonly<Record<TableName, Joi.Schema>> = {
  bodies: body,
  batches: batch,
  bars: bar,
  plans: plan,
  formers: former,
  cutters: cutter,
  shop,
  runs: run(part),
  pieces: madePiece,
  sets: pieceSet,
  orders: order,
};

/** More rows than any workshop has; counted before any is looked at. */
const MOST_ROWS = 20_000;

/** A file but for its rows, which are looked at one by one. */
export const fileSchema = strict.object({
  format: strict.string().valid('rimbet-workspace').required(),
  version: strict.number().valid(7).required(),
  exportedAt: moment,
  ...Object.fromEntries(TABLES.map((table) => [table, strict.array().max(MOST_ROWS).required()])),
  settings: settings.required(),
});
