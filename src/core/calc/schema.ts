import { KINDS } from '@/core/clay';
import { LARGEST_MM } from '@/core/form';
import Joi from 'joi';

/** Numbers arrive as numbers: text that looks like one is refused rather than converted. */
const strict = Joi.defaults((schema) => schema.prefs({ convert: false }));

const sizeMm = strict.number().positive().max(LARGEST_MM);
const shrinkagePercent = strict.number().positive().max(30);
const sharePercent = strict.number().min(0).max(100);

const shrinkageRange = strict
  .array()
  .length(2)
  .items(shrinkagePercent)
  .custom((pair: [number, number], helpers) => (pair[0] <= pair[1] ? pair : helpers.error('array.length', { limit: 2 })));

const shrunk = sizeMm.max(Joi.ref('wet'));

const bar = strict.object({
  wet: sizeMm.required(),
  leather: shrunk,
  dry: shrunk,
  bisque: shrunk,
  glazed: sizeMm.less(Joi.ref('wet')),
  tool: strict.string().valid('ruler', 'caliper').required(),
  sameBatch: strict.boolean(),
});

/** A clay by the headless contract. */
export const bodySchema = strict.object({
  kind: strict
    .string()
    .valid(...KINDS)
    .required(),
  shrinkagePercent: strict.alternatives().conditional(Joi.array(), { then: shrinkageRange, otherwise: shrinkagePercent }),
  heightShrinkagePercent: shrinkagePercent,
  sharesPercent: strict.object({
    leather: sharePercent.required(),
    dry: sharePercent.required(),
    bisque: sharePercent.required(),
  }),
  waterPercent: strict.number().min(0).max(60),
  lossPercent: strict.number().min(0).max(40),
  bars: strict.array().items(bar).max(10000),
});

/** A form by the headless contract: the cup, until more families are built. */
export const formSchema = strict.object({
  family: strict.string().valid('cylinder').required(),
  height: sizeMm.required(),
  rimDiameter: sizeMm.required(),
  baseDiameter: sizeMm.required(),
  wall: sizeMm.required(),
  floor: sizeMm.required(),
});

const allowance = strict.number().min(0);

/** Allowances by the headless contract; limits beyond zero are the core's own. */
export const makingSchema = strict.object({
  trimFloor: allowance,
  trimWall: allowance,
  trimWallHeight: allowance,
  rimCut: allowance,
  wireLoss: allowance,
  slurryPercent: allowance,
  attachedMass: allowance,
});

export { strict as joi };
