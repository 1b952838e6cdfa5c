import { STAGES } from '@/core/clay';
import { FAMILY_NAMES, SIZE_NAMES } from '@/core/form';
import { MAKING_WAYS, TOOL_SD } from '@/core/sizing';
import { DIFFERENT, DRYING, FATES, type MadePiece, type Promised, type Reading, type Run, SHELVES, WORK, WRONG } from '@/core/records';
import type Joi from 'joi';
import { count, date, firing, id, leans, moment, name, note, percent, positiveMm, rowOf, strict, word } from './schema-parts';

/** What a run and a piece of it may hold. */

const keyed = (keys: readonly string[], value: Joi.Schema) => strict.object(Object.fromEntries(keys.map((key) => [key, value])));

const measuredWith = word('ruler', 'caliper');
const grams = strict.number().min(0.001).max(100_000);
/** Of a piece without a floor, that is 0. */
const sizes = keyed(SIZE_NAMES, positiveMm).keys({ floor: percent(0, 100_000) });
const shrinkage = percent(-0.1, 0.5).required();

/** A run; `part` is what a part may hold. */
export const run = (part: Joi.Schema) =>
  rowOf<Run>({
    as: part,
    id,
    planId: id.optional(),
    partId: id.optional(),
    name,
    date: date.required(),
    family: word(...FAMILY_NAMES).required(),
    by: word('wheel', 'slab', 'former', 'coil').required(),
    way: word(...MAKING_WAYS).required(),
    bodyId: id.optional(),
    batchId: id.optional(),
    firing,
    softness: word('soft', 'medium', 'firm'),
    dried: word(...Object.keys(DRYING)),
    planned: sizes.required(),
    gauge: positiveMm,
    taken: leans,
    asked: sizes.required(),
    shrinkage: strict.object({ width: shrinkage, height: shrinkage }),
    promised: strict
      .array()
      .items(
        rowOf<Promised>({
          size: word(...SIZE_NAMES).required(),
          least: strict.number().max(100_000),
          most: strict.number().max(100_000),
          chance: percent(0, 1).required(),
        }),
      )
      .max(60),
    ballComputed: grams,
    ball: grams,
    wanted: count,
    tool: word(...Object.keys(TOOL_SD)).required(),
    measures: measuredWith.required(),
    who: strict.string().allow('').max(200),
    closed: strict.boolean(),
    note,
    createdAt: moment,
  });

const reading = rowOf<Reading>({ mm: positiveMm.required(), oval: percent(0, 1000), with: measuredWith, on: date, sure: strict.boolean() });

export const madePiece = rowOf<MadePiece>({
  id,
  runId: id,
  no: strict.number().integer().min(1).max(100_000).required(),
  at: moment,
  shelf: word(...SHELVES).required(),
  since: keyed(SHELVES, date).required(),
  sizes: keyed(STAGES, keyed(SIZE_NAMES, reading)).required(),
  weights: keyed(STAGES, grams).required(),
  firing,
  glaze: strict.string().allow('').max(200),
  minutes: keyed(WORK, percent(0, 6000)),
  wrong: strict
    .array()
    .items(word(...WRONG))
    .max(WRONG.length),
  fate: word(...FATES),
  different: word(...DIFFERENT),
  guesses: keyed(STAGES, sizes),
  note,
  out: strict.boolean(),
  photos: strict
    .array()
    .items(strict.object({ id, width: count.required(), height: count.required() }))
    .max(20),
});
