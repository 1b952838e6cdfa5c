import { CONES, KINDS, STAGES } from '@/core/clay';
import { CUP_SIZES } from '@/core/form';
import { MAKING_WAYS } from '@/core/sizing';
import Joi from 'joi';

/** What a workspace file of version 2 may hold; docs/workspace.schema.json says the same for other programs. */

const strict = Joi.defaults((schema) => schema.prefs({ convert: false }));

const id = strict
  .string()
  .max(100)
  .pattern(/^[A-Za-z0-9_-]+$/)
  .required();
const name = strict.string().min(1).max(200).required();
const note = strict.string().allow('').max(10000).required();
const moment = strict
  .string()
  .max(40)
  .pattern(/^\d{4}-\d{2}-\d{2}T[\d:.]+Z$/)
  .required();
const date = strict.string().pattern(/^\d{4}-\d{2}-\d{2}$/);
const percent = (least: number, most: number) => strict.number().min(least).max(most);
const positiveMm = strict.number().positive().max(100000);

const range = strict
  .array()
  .length(2)
  .items(percent(0.1, 30))
  .custom((pair: [number, number], helpers) => (pair[0] <= pair[1] ? pair : helpers.error('array.length', { limit: 2 })));

const body = strict.object({
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

const batch = strict.object({
  id,
  bodyId: id,
  name,
  date,
  softness: strict.string().valid('soft', 'medium', 'firm'),
  note,
});

const firing = strict.object({
  cone: strict.string().valid(...CONES),
  temperatureC: percent(300, 1500),
  holdMinutes: percent(0, 6000),
  atmosphere: strict.string().valid('oxidation', 'neutral', 'reduction'),
});

const perStage = (value: Joi.Schema) => strict.object(Object.fromEntries(STAGES.map((stage) => [stage, value]))).required();

const bar = strict.object({
  id,
  bodyId: id,
  name,
  kind: strict.string().valid('bar', 'piece').required(),
  lengths: perStage(strict.array().items(positiveMm).min(1).max(20)),
  weights: perStage(strict.number().positive().max(1e6)),
  boiled: strict.number().positive().max(1e6),
  tool: strict.string().valid('ruler', 'caliper').required(),
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

const known = strict
  .object({
    mm: positiveMm.required(),
    at: strict
      .string()
      .valid(...STAGES)
      .required(),
  })
  .required();

const part = strict.object({
  id,
  name,
  family: strict.string().valid('cylinder').required(),
  sizes: strict.object(Object.fromEntries(CUP_SIZES.map((size) => [size, known]))).required(),
  bodyId: id.optional(),
  batchId: id.optional(),
  firing,
  way: strict
    .string()
    .valid(...MAKING_WAYS)
    .required(),
  making: strict
    .object({
      trimFloor: percent(0, 100).required(),
      trimWall: percent(0, 100).required(),
      trimWallHeight: percent(0, 3000),
      rimCut: percent(0, 200).required(),
      wireLoss: percent(0, 20).required(),
      slurryPercent: percent(0, 50).required(),
      attachedMass: percent(0, 50000),
    })
    .required(),
});

const plan = strict.object({
  id,
  name,
  note,
  parts: strict.array().items(part).min(1).max(20).required(),
  createdAt: moment,
  changedAt: moment,
});

const settings = strict
  .object({
    units: strict
      .object({
        length: strict.string().valid('mm', 'cm', 'in', 'inch-fraction').required(),
        mass: strict.string().valid('g', 'lb-oz').required(),
        volume: strict.string().valid('ml', 'fl-oz').required(),
        flOz: strict.string().valid('us', 'imperial').required(),
        denominator: strict.number().valid(2, 4, 8, 16, 32, 64).required(),
      })
      .required(),
    openPlanId: id.optional(),
  })
  .required();

const rows = (row: Joi.ObjectSchema) => strict.array().items(row).max(20000).unique('id').required();

export const workspaceSchema = strict.object({
  format: strict.string().valid('rimbet-workspace').required(),
  version: strict.number().valid(2).required(),
  exportedAt: moment,
  bodies: rows(body),
  batches: rows(batch),
  bars: rows(bar),
  plans: rows(plan),
  settings,
});
