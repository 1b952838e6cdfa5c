import { CONES } from '@/core/clay';
import Joi from 'joi';

/** What rows of every table are put together from. Nothing is converted: a number is a number. */

export const strict = Joi.defaults((schema) => schema.prefs({ convert: false }));

export const id = strict
  .string()
  .max(100)
  .pattern(/^[A-Za-z0-9_-]+$/)
  .required();
export const name = strict.string().min(1).max(200).required();
export const note = strict.string().allow('').max(10000).required();
export const moment = strict
  .string()
  .max(40)
  .pattern(/^\d{4}-\d{2}-\d{2}T[\d:.]+Z$/)
  .required();
export const date = strict.string().pattern(/^\d{4}-\d{2}-\d{2}$/);
export const percent = (least: number, most: number) => strict.number().min(least).max(most);
export const positiveMm = strict.number().positive().max(100000);

export const firing = strict.object({
  cone: strict.string().valid(...CONES),
  temperatureC: percent(300, 1500),
  holdMinutes: percent(0, 6000),
  atmosphere: strict.string().valid('oxidation', 'neutral', 'reduction'),
});

export const word = (...words: readonly (string | number)[]) => Joi.valid(...words);
export const count = strict.number().integer().min(1).max(5000);

/** What is taken off a setting for the way a hand leans, mm. */
export const leans = strict.object({ width: percent(-100, 100), height: percent(-100, 100) });
