import { KINDS } from '@/core/clay';
import {
  FAMILY_NAMES,
  type FamilyName,
  type Firmness,
  LARGEST_MM,
  type MadeBy,
  type OwnThickness,
  type ThicknessOf,
  standingOf,
  thicknessOf,
  FAMILIES,
} from '@/core/form';
import { rolledSlabs } from '@/core/handbuild';
import { clayForRun } from '@/core/sets';
import { type Result, bad, good } from '@/core/units';
import { joi } from './schema';

/** The verbs for what is weighed out and rolled: thickness by size, slabs, what a run takes. */

const sizeMm = joi.number().positive().max(LARGEST_MM);
const FLAT: readonly FamilyName[] = FAMILY_NAMES.filter((family) => FAMILIES[family].liesFlat);

export const thicknessSchema = joi.object({
  kind: joi
    .string()
    .valid(...KINDS)
    .required(),
  family: joi
    .string()
    .valid(...FAMILY_NAMES)
    .required(),
  by: joi.string().valid('wheel', 'slab', 'coil', 'former').required(),
  width: sizeMm.required(),
  height: sizeMm.when('family', { is: joi.valid(...FLAT), otherwise: joi.required() }),
  across: sizeMm,
  firm: joi.string().valid('soft', 'half', 'leather'),
  own: joi
    .array()
    .items(joi.object({ width: sizeMm.required(), height: sizeMm.required(), across: sizeMm, wall: sizeMm.required(), floor: sizeMm }))
    .max(10_000),
});

interface ThicknessInput extends ThicknessOf {
  readonly by: MadeBy;
  readonly firm?: Firmness;
  readonly own?: readonly OwnThickness[];
}

/** The verb `thickness`: how thick wall and floor usually are at a size, and whether the wall stands while it is wet. */
export function thicknessVerb({ firm, own, ...of }: ThicknessInput): Result<object> {
  const { size, wall, wallAtFoot, floor, assumed } = thicknessOf(of, own);
  const stands = standingOf(of, wall, firm);
  return good({ size, wall, ...(wallAtFoot !== undefined && { wallAtFoot }), floor: floor ?? null, assumed, ...(stands && { stands }) });
}

export const slabsSchema = joi.object({
  parts: joi
    .array()
    .items(
      joi.object({
        name: joi.string().min(1).max(100).required(),
        width: sizeMm.required(),
        length: sizeMm.required(),
        count: joi.number().integer().min(1).max(500).required(),
        turn: joi.boolean(),
      }),
    )
    .min(1)
    .max(50)
    .unique('name')
    .required(),
  roller: sizeMm.required(),
  longest: sizeMm,
  between: joi.number().min(0).max(200),
  edge: joi.number().min(0).max(200),
});

interface SlabsInput {
  readonly parts: readonly {
    readonly name: string;
    readonly width: number;
    readonly length: number;
    readonly count: number;
    readonly turn?: boolean;
  }[];
  readonly roller: number;
  readonly longest?: number;
  readonly between?: number;
  readonly edge?: number;
}

/** The verb `slabs`: the slabs of least area that take every part. x across the roller. */
export function slabsVerb({ parts, roller, longest = 1200, between = 6, edge = 10 }: SlabsInput): Result<object> {
  const asked = parts.map(({ turn = true, ...part }) => ({ ...part, turn }));
  const room = { across: roller - 2 * edge, along: longest - 2 * edge };
  const fits = (across: number, along: number) => across <= room.across + 1e-9 && along <= room.along + 1e-9;
  const over = asked.findIndex(({ width, length, turn }) => !fits(width, length) && !(turn && fits(length, width)));
  if (over >= 0) {
    const { name, width, length } = asked[over]!;
    return bad(
      `parts.${over}.width`,
      `${name} of ${width} by ${length} does not fit on a slab ${roller} wide and ${longest} long with an edge of ${edge}. It needs ${width + 2 * edge} by ${length + 2 * edge}.`,
    );
  }
  const slabs = rolledSlabs(asked, { roller, longest, between, edge });
  const area = slabs.reduce((sum, slab) => sum + slab.width * slab.length, 0);
  const taken = asked.reduce((sum, { width, length, count }) => sum + width * length * count, 0);
  return good({
    slabs: slabs.map((slab) => ({
      width: slab.width,
      length: slab.length,
      parts: slab.laid.map(({ part, x, y, turned }) => ({ name: asked[part]!.name, x, y, turned })),
    })),
    areaCm2: area / 100,
    wastePercent: 100 * (1 - taken / area),
  });
}

const mass = joi.number().positive().max(100_000);
const share = joi.number().min(0).max(100);

export const runSchema = joi.object({
  pieces: joi.number().integer().min(1).max(5000).required(),
  parts: joi
    .array()
    .items(
      joi.object({
        name: joi.string().min(1).max(100).required(),
        g: mass.required(),
        each: joi.number().positive().max(100),
        leaves: joi.number().min(0).max(joi.ref('g')),
        succeedsPercent: joi.number().min(10).max(100),
      }),
    )
    .min(1)
    .max(50)
    .required(),
  wedgePercent: joi.number().min(0).max(50),
  recycledPercent: share,
  backPercent: share,
});

interface RunInput {
  readonly pieces: number;
  readonly parts: readonly {
    readonly name: string;
    readonly g: number;
    readonly each?: number;
    readonly leaves?: number;
    readonly succeedsPercent?: number;
  }[];
  readonly wedgePercent?: number;
  readonly recycledPercent?: number;
  readonly backPercent?: number;
}

/** The verb `run`: what to wedge for so many pieces with all their parts, and what of it comes back. */
export function runVerb({ pieces, parts, wedgePercent = 3, recycledPercent = 0, backPercent = 80 }: RunInput): Result<object> {
  const found = clayForRun(
    pieces,
    parts.map(({ succeedsPercent = 100, ...part }) => ({ ...part, succeeds: succeedsPercent / 100 })),
    { wedge: wedgePercent / 100, recycled: recycledPercent / 100, back: backPercent / 100 },
  );
  return good({ ...found, parts: found.parts.map(({ name, make, g }) => ({ name, make, g })) });
}
