import { CONES, type Firing } from '@/core/clay';
import Joi from 'joi';

/** What rows of every table are put together from. Nothing is converted: a number is a number. */

export const strict = Joi.defaults((schema) => schema.prefs({ convert: false }));

/** The fields of a row and what each may hold. A field of the row that is forgotten, or one that no row has, does not compile. */
export const rowOf = <Row extends object>(fields: { readonly [Field in keyof Row]-?: Joi.Schema }): Joi.ObjectSchema<Row> =>
  strict.object(fields as Joi.SchemaMap<Row>);

export const id = strict
  .string()
  .max(100)
  .pattern(/^[A-Za-z0-9_-]+$/)
  // names that every object of the language has already
  .invalid('__proto__', 'constructor', 'prototype')
  .required();
export const name = strict.string().min(1).max(200).required();
export const note = strict.string().allow('').max(10000).required();
/** A day that there is: no 31 February, no month 13. */
const isDay: Joi.CustomValidator<string> = (text, helpers) => {
  const [year, month, day] = text.slice(0, 10).split('-').map(Number) as [number, number, number];
  const there = new Date(Date.UTC(year, month - 1, day));
  return there.getUTCMonth() === month - 1 && there.getUTCDate() === day ? text : helpers.error('day.none');
};

export const moment = strict
  .string()
  .max(40)
  .pattern(/^\d{4}-\d{2}-\d{2}T[\d:.]+Z$/)
  .custom(isDay)
  .required();
export const date = strict
  .string()
  .pattern(/^\d{4}-\d{2}-\d{2}$/)
  .custom(isDay);
export const percent = (least: number, most: number) => strict.number().min(least).max(most);
/** Less than a thousandth of a millimetre is no size. */
export const positiveMm = strict.number().min(0.001).max(100000);

export const firing = rowOf<Firing>({
  cone: strict.string().valid(...CONES),
  temperatureC: percent(300, 1500),
  holdMinutes: percent(0, 6000),
  atmosphere: strict.string().valid('oxidation', 'neutral', 'reduction'),
});

export const word = (...words: readonly (string | number)[]) => Joi.valid(...words);
export const count = strict.number().integer().min(1).max(5000);

/** What is taken off a setting for the way a hand leans, mm. */
export const leans = strict.object({ width: percent(-100, 100), height: percent(-100, 100) });
