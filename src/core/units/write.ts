import { type FluidOunce, fluidOunceMl } from './tables';

export type LengthUnit = 'mm' | 'cm' | 'in' | 'inch-fraction';
export type MassUnit = 'g' | 'lb-oz';
export type VolumeUnit = 'ml' | 'fl-oz';

/** How a person wants to read and write figures. */
export interface UnitChoice {
  readonly length: LengthUnit;
  readonly mass: MassUnit;
  readonly volume: VolumeUnit;
  readonly flOz: FluidOunce;
  /** The finest fraction of an inch shown: 2, 4, 8, 16, 32 or 64. */
  readonly denominator: number;
  /** What a point before exactly three figures marks; asked until it was said, in a browser whose language sets thousands apart by points. */
  readonly point?: 'decimals' | 'thousands' | undefined;
}

export const METRIC: UnitChoice = { length: 'mm', mass: 'g', volume: 'ml', flOz: 'us', denominator: 16 };

/** A figure written out, in pieces so that a screen can stack its fraction: whole, fraction, unit. */
export interface Written {
  readonly whole: string;
  readonly fraction?: readonly [number, number];
  readonly unit: string;
  /** A thin length that lies between two of the fractions chosen: a little less than what is written, or a little more. */
  readonly lean?: Lean;
  /** A second, larger unit before it: pounds before ounces. */
  readonly lead?: { readonly whole: string; readonly unit: string };
}

/** How workshops say that a thin length is not quite the fraction: a scant 3/16, a full 3/16. */
export type Lean = 'scant' | 'full';

const MM_PER_INCH = 25.4;
export const G_PER_OZ = 28.349523125;

/** The unit a bare number typed into a field is read in. */
export const bareUnit = { mm: 'mm', cm: 'cm', in: 'in', 'inch-fraction': 'in' } as const;

const decimal = (value: number, places: number): string => {
  const text = value.toFixed(places);
  return places === 0 ? text : text.replace(/\.?0+$/, '');
};

/** Splits a count of 1/denominator into whole and reduced fraction. `58/16` is `3 5/8`. */
function mixed(value: number, denominator: number): { whole: string; fraction?: [number, number] } {
  const count = Math.round(value * denominator);
  const whole = Math.floor(count / denominator);
  let top = count - whole * denominator;
  let bottom = denominator;
  if (top === 0) return { whole: String(whole) };
  while (top % 2 === 0 && bottom % 2 === 0) {
    top /= 2;
    bottom /= 2;
  }
  return { whole: whole === 0 ? '' : String(whole), fraction: [top, bottom] };
}

const LENGTH_PLACES: Record<Exclude<LengthUnit, 'inch-fraction'>, number> = { mm: 1, cm: 2, in: 2 };

const THIN_MM = 12.7;

/** What a scant fraction has less, and a full one more, where one is typed: just over half of a 64th. mm, ours. */
export const LEAN_MM = 0.2;

const FRACTIONS: readonly number[] = [2, 4, 8, 16, 32, 64];

/** No thin length is told by a fraction further from it than this share of it: a sixteenth would be a third of a wall, ours. */
const FAR_SHARE = 1 / 6;

/**
 * A thin length in the fraction chosen, or the first finer one that is near enough: where a 64th would say something else, with whether it is
 * a little less or a little more.
 */
function thin(mm: number, denominator: number): Pick<Written, 'whole' | 'fraction' | 'lean'> {
  const inches = mm / MM_PER_INCH;
  const nearest = (parts: number): number => Math.round(inches * parts) / parts;
  const isNear = (parts: number): boolean => Math.abs(nearest(parts) - inches) <= inches * FAR_SHARE;
  const parts = FRACTIONS.find((each) => each >= denominator && isNear(each)) ?? 64;
  const [shown, fine] = [nearest(parts), nearest(64)];
  return { ...mixed(shown, parts), ...(fine !== shown && { lean: fine < shown ? 'scant' : 'full' }) };
}

/**
 * Writes a length given in mm: to 0.1 mm, 0.01 cm, 0.01 in, or the chosen fraction of an inch, reduced; of what is thinner than half an
 * inch, a wall say, it says too whether it is a little less or more, and what the fraction would tell a sixth off is told in a finer one.
 *
 * @example text(writeLength(92.075, { ...METRIC, length: 'inch-fraction' })) // '3 5/8 in'
 * @example text(writeLength(4.5, { ...METRIC, length: 'inch-fraction' })) // 'scant 3/16 in'
 */
export function writeLength(mm: number, units: UnitChoice): Written {
  if (units.length === 'inch-fraction') {
    const { denominator } = units;
    const isThin = mm >= 0 && mm < THIN_MM;
    return { ...(isThin ? thin(mm, denominator) : mixed(mm / MM_PER_INCH, denominator)), unit: 'in' };
  }
  const per = { mm: 1, cm: 10, in: MM_PER_INCH }[units.length];
  return { whole: decimal(mm / per, LENGTH_PLACES[units.length]), unit: units.length };
}

/**
 * Writes a length that is a multiple of a step, exactly: a sixty-fourth is not told as the sixteenth beside it.
 *
 * @param step mm; undefined where it is a multiple of none
 * @example text(writeStep(25.4 * 3.015625, 25.4 / 64, { ...METRIC, length: 'inch-fraction' })) // '3 1/64 in'
 */
export function writeStep(mm: number, step: number | undefined, units: UnitChoice): Written {
  if (step === undefined || units.length === 'mm' || units.length === 'cm') return writeLength(mm, units);
  return { ...mixed(mm / MM_PER_INCH, Math.max(units.denominator, Math.round(MM_PER_INCH / step))), unit: 'in' };
}

/** Writes a mass given in g: whole grams, or pounds and ounces to a tenth of an ounce. */
export function writeMass(g: number, units: UnitChoice): Written {
  if (units.mass === 'g') return { whole: decimal(g, 0), unit: 'g' };
  const tenths = Math.round((g / G_PER_OZ) * 10);
  const pounds = Math.floor(tenths / 160);
  const ounces = { whole: decimal((tenths - pounds * 160) / 10, 1), unit: 'oz' };
  return pounds === 0 ? ounces : { ...ounces, lead: { whole: String(pounds), unit: 'lb' } };
}

/** Writes a volume given in ml: whole millilitres, or fluid ounces to a tenth. */
export function writeVolume(ml: number, units: UnitChoice): Written {
  if (units.volume === 'ml') return { whole: decimal(ml, 0), unit: 'ml' };
  return { whole: decimal(ml / fluidOunceMl(units.flOz), 1), unit: 'fl oz' };
}

/**
 * A density given in g/ml in the units that weights and volumes are chosen in, so that a volume times it is a weight. Four figures.
 *
 * @example writeDensity(1.946, inches) // '2.030 oz per fl oz'
 */
export function writeDensity(gPerMl: number, units: UnitChoice): string {
  const mass = units.mass === 'g' ? { per: 1, unit: 'g' } : { per: G_PER_OZ, unit: 'oz' };
  const volume = units.volume === 'ml' ? { per: 1, unit: 'ml' } : { per: fluidOunceMl(units.flOz), unit: 'fl oz' };
  const figure = (gPerMl * volume.per) / mass.per;
  return `${figure.toPrecision(4)} ${mass.unit}${mass.unit === 'g' && volume.unit === 'ml' ? '/ml' : ` per ${volume.unit}`}`;
}

/** A small length that is not told as none where it is only less than what is written: `under 1/16 in`. */
export function writeApart(mm: number, units: UnitChoice): string {
  const written = text(writeLength(mm, units));
  const least = text(writeLength(leastOf(units), units));
  return mm > NO_LENGTH && written === text(writeLength(0, units)) ? `under ${least}` : written;
}

/** Less is none, mm. */
const NO_LENGTH = 1e-6;

/** The smallest length that is written in these units, mm. */
function leastOf(units: UnitChoice): number {
  if (units.length === 'inch-fraction') return MM_PER_INCH / 64;
  return 10 ** -LENGTH_PLACES[units.length] * { mm: 1, cm: 10, in: MM_PER_INCH }[units.length];
}

/** The same text kept on one line where it is set: a figure never parts from its fraction or its unit. */
export const unbroken = (line: string): string => line.replaceAll(' ', '\u00a0');

/** A written figure as one line of text, with its unit unless told otherwise. */
export function text(written: Written, withUnit = true): string {
  const lean = written.lean ? `${written.lean} ` : '';
  const lead = written.lead ? `${written.lead.whole} ${written.lead.unit} ` : '';
  const fraction = written.fraction ? `${written.fraction[0]}/${written.fraction[1]}` : '';
  const figure = [written.whole, fraction].filter(Boolean).join(' ');
  return lean + lead + figure + (withUnit || written.lead ? ` ${written.unit}` : '');
}

const HAND_MM = 1;
const HAND_FINE_MM = 0.5;
const FINE_BELOW_MM = 30;
const HAND_INCH = 16;
const HAND_FINE_INCH = 32;
const HAND_G = 5;
const HAND_OZ = 4;

const toStep = (value: number, step: number): number => Math.max(step, Math.round(value / step) * step);

/**
 * Rounds a length to what a hand can set: 1 mm (0.5 mm below 30 mm, where a needle or a rule is read to the half),
 * or a sixteenth of an inch in inch units, a thirty-second where it is thin. Returned in mm.
 */
export function handLength(mm: number, units: UnitChoice): number {
  if (units.length === 'in' || units.length === 'inch-fraction')
    return toStep(mm, MM_PER_INCH / (mm < FINE_BELOW_MM ? HAND_FINE_INCH : HAND_INCH));
  return toStep(mm, mm < FINE_BELOW_MM ? HAND_FINE_MM : HAND_MM);
}

/** Rounds a mass to what a bench scale is read to: 5 g, or a quarter of an ounce. Returned in g. */
export function handMass(g: number, units: UnitChoice): number {
  return toStep(g, units.mass === 'g' ? HAND_G : G_PER_OZ / HAND_OZ);
}

/** Rounds a mass to what a good scale is read to: 1 g, or a tenth of an ounce, so that a correction is not lost. Returned in g. */
export function fineMass(g: number, units: UnitChoice): number {
  return toStep(g, units.mass === 'g' ? 1 : G_PER_OZ / 10);
}

/** A percentage as text, to a tenth unless told otherwise; ranges with an en dash. */
export function writePercent(value: number | readonly [number, number], places = 1): string {
  return typeof value === 'number' ? `${decimal(value, places)}%` : `${decimal(value[0], places)}–${decimal(value[1], places)}%`;
}
