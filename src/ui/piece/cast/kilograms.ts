import { type UnitChoice, type Written, writeMass } from '@/core/units';

/** Plaster is weighed up to the next tenth of a kilogram: a pour too small ruins a mould. */
const UP_KG = 0.1;

export const roundedUpKg = (kg: number): number => Math.ceil(kg / UP_KG - 1e-9) * UP_KG;

/** Plaster and water in kilograms, or in pounds where weights are in those. */
export const kilogramsWritten = (kg: number, choice: UnitChoice): Written =>
  choice.mass === 'g' ? { whole: kg.toFixed(1), unit: 'kg' } : writeMass(kg * 1000, choice);
