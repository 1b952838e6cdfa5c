/** One unit of measure: how it is written, and how many of the kind's own unit (mm, g, ml) it holds. */
export interface Unit {
  readonly name: string;
  readonly factor: number;
  /** Everything people write for it, lower case, single spaces, no full stops. */
  readonly written: readonly string[];
  /** Smaller units that may follow a whole number of this one: `1 ft 3 in`, `2 lb 4 oz`. */
  readonly then?: readonly string[];
  /** The unit a bare number means right after this one: `5' 3` is five feet three inches. */
  readonly bareNext?: string;
}

export type Kind = 'length' | 'mass' | 'volume';
export type FluidOunce = 'us' | 'imperial';

const LENGTH: readonly Unit[] = [
  { name: 'mm', factor: 1, written: ['mm', 'millimetre', 'millimetres', 'millimeter', 'millimeters'] },
  { name: 'cm', factor: 10, written: ['cm', 'centimetre', 'centimetres', 'centimeter', 'centimeters'], then: ['mm'] },
  { name: 'm', factor: 1000, written: ['m', 'metre', 'metres', 'meter', 'meters'], then: ['cm', 'mm'] },
  { name: 'in', factor: 25.4, written: ['in', 'ins', 'inch', 'inches', '"'] },
  { name: 'ft', factor: 304.8, written: ['ft', 'foot', 'feet', "'"], then: ['in'], bareNext: 'in' },
];

const MASS: readonly Unit[] = [
  { name: 'g', factor: 1, written: ['g', 'gr', 'gm', 'gms', 'gram', 'grams', 'gramme', 'grammes'] },
  {
    name: 'kg',
    factor: 1000,
    written: ['kg', 'kgs', 'kilo', 'kilos', 'kilogram', 'kilograms', 'kilogramme', 'kilogrammes'],
    then: ['g'],
  },
  { name: 'oz', factor: 28.349523125, written: ['oz', 'ounce', 'ounces'] },
  { name: 'lb', factor: 453.59237, written: ['lb', 'lbs', 'pound', 'pounds'], then: ['oz'], bareNext: 'oz' },
];

const METRIC_VOLUME: readonly Unit[] = [
  {
    name: 'ml',
    factor: 1,
    written: ['ml', 'mls', 'cc', 'cm3', 'millilitre', 'millilitres', 'milliliter', 'milliliters'],
  },
  { name: 'cl', factor: 10, written: ['cl', 'centilitre', 'centilitres', 'centiliter', 'centiliters'] },
  { name: 'dl', factor: 100, written: ['dl', 'decilitre', 'decilitres', 'deciliter', 'deciliters'] },
  {
    name: 'l',
    factor: 1000,
    written: ['l', 'ltr', 'litre', 'litres', 'liter', 'liters'],
    then: ['dl', 'cl', 'ml'],
  },
];

/** US customary and imperial fluid measures, ml. Source: NIST Handbook 44 App. C; UK Units of Measurement Regulations 1995. */
const FLUID: Record<FluidOunce, Record<string, number>> = {
  us: { 'fl oz': 29.5735295625, cup: 236.5882365, pint: 473.176473, quart: 946.352946, gallon: 3785.411784 },
  imperial: { 'fl oz': 28.4130625, cup: 284.130625, pint: 568.26125, quart: 1136.5225, gallon: 4546.09 },
};

const FLUID_WRITTEN: Record<string, readonly string[]> = {
  'fl oz': ['fl oz', 'floz', 'fluid oz', 'fluid ounce', 'fluid ounces', 'oz', 'ounce', 'ounces'],
  cup: ['cup', 'cups'],
  pint: ['pint', 'pints', 'pt', 'pts'],
  quart: ['quart', 'quarts', 'qt', 'qts'],
  gallon: ['gallon', 'gallons', 'gal', 'gals'],
};

const SYSTEM_WORDS: Record<FluidOunce, readonly string[]> = { us: ['us'], imperial: ['imperial', 'imp', 'uk'] };

function fluidUnits(system: FluidOunce, saySystem: boolean): Unit[] {
  const prefixes = saySystem ? SYSTEM_WORDS[system].map((word) => `${word} `) : [''];
  return Object.entries(FLUID_WRITTEN).map(([name, written]) => ({
    name: saySystem ? `${system} ${name}` : name,
    factor: FLUID[system][name]!,
    written: prefixes.flatMap((prefix) => written.map((word) => prefix + word)),
  }));
}

/**
 * The units of a kind. Bare fluid ounces, cups, pints, quarts and gallons follow `flOz`
 * unless the text itself says US or imperial.
 */
export function unitsOf(kind: Kind, flOz: FluidOunce = 'us'): readonly Unit[] {
  if (kind === 'length') return LENGTH;
  if (kind === 'mass') return MASS;
  return [...METRIC_VOLUME, ...fluidUnits(flOz, false), ...fluidUnits('us', true), ...fluidUnits('imperial', true)];
}

/** Millilitres in one fluid ounce of the system. */
export const fluidOunceMl = (system: FluidOunce): number => FLUID[system]['fl oz']!;
