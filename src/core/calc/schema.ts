import { KINDS, type Stage } from '@/core/clay';
import {
  FAMILIES,
  FAMILY_NAMES,
  type FamilyName,
  type Form,
  type Knot,
  LARGEST_MM,
  MANNERS,
  MOST_KNOTS,
  type Manner,
  type Shape,
  type SizeName,
  formOf,
  isNeeded,
  sizeSpec,
  sizesOf,
  isDrawn,
} from '@/core/form';
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

const shrunk = sizeMm.when('wet', { is: Joi.exist(), then: sizeMm.max(Joi.ref('wet')) });

const bar = strict.object({
  wet: sizeMm,
  leather: shrunk,
  dry: shrunk,
  bisque: shrunk,
  glazed: sizeMm.when('wet', { is: Joi.exist(), then: sizeMm.less(Joi.ref('wet')) }),
  tool: strict.string().valid('ruler', 'caliper').required(),
  sameBatch: strict.boolean(),
});

const measuredWet = bar.fork('wet', (wet) => wet.required());

/** A bar that was fired is shorter than it was at first. */
const shrank: Joi.CustomValidator = (value: Readonly<Record<string, number | undefined>>, helpers) => {
  const first = value.wet ?? value.leather ?? value.dry ?? value.bisque;
  return value.glazed !== undefined && value.glazed >= first! ? helpers.error('bar.grew', { glazed: value.glazed, first }) : value;
};

/** A clay whose bars may not have been measured wet, with what more is said of each bar. */
export const bodySchemaWith = (more: Joi.PartialSchemaMap = {}) =>
  bodySchema.keys({
    bars: strict
      .array()
      .items(bar.keys(more).or('wet', 'leather', 'dry', 'bisque').custom(shrank))
      .max(10000),
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
  bars: strict.array().items(measuredWet).max(10000),
});

const point = strict.object({
  r: sizeMm.required(),
  z: strict.number().min(0).max(LARGEST_MM).required(),
  corner: strict.boolean(),
});

/** A size of a family; of one that may be made without a floor, that may be 0. */
function sizeOf(family: FamilyName, name: SizeName) {
  const mm = name === 'floor' && FAMILIES[family].mayBeOpen ? strict.number().min(0).max(LARGEST_MM) : sizeMm;
  return isNeeded(name, {}) ? mm.required() : mm;
}

/** The keys of one family: its sizes, each needed unless a manner leaves it out, and what is chosen of it. */
function familySchema(family: FamilyName) {
  const { sizes, choices } = FAMILIES[family];
  const drawn = isDrawn(family);
  const own = sizes.filter((name) => !sizeSpec(name).inside && !(drawn && (name === 'height' || name === 'rimDiameter')));
  return strict.object({
    family: strict.string().valid(family).required(),
    ...Object.fromEntries(own.map((name) => [name, sizeOf(family, name)])),
    ...Object.fromEntries(choices.map((choice) => [choice, strict.string().valid(...Object.keys(MANNERS[choice]))])),
    ...(drawn && { points: strict.array().items(point).min(2).max(MOST_KNOTS).required() }),
  });
}

/** A form by the headless contract: its family and that family's sizes, finished mm; docs/forms.md lists them. */
export const formSchema = strict.alternatives().conditional('.family', {
  switch: FAMILY_NAMES.map((family) => ({ is: family, then: familySchema(family) })),
  otherwise: strict
    .object({
      family: strict
        .string()
        .valid(...FAMILY_NAMES)
        .required(),
    })
    .unknown(),
});

/** What the contract says of a form, in one flat object. */
export type FormInput = Readonly<Partial<Record<SizeName, number>>> &
  Manner & { readonly family: FamilyName; readonly points?: readonly Knot[] };

/** The form meant: a ring or a gallery is one where its sizes are given, unless the manner says otherwise. */
export function formFrom<S extends Stage>(input: FormInput, at: S): Form<S> {
  const { family, points } = input;
  const { choices } = FAMILIES[family];
  const manner: Manner = {
    ...(choices.includes('foot') && { foot: input.foot ?? (input.footHeight && input.footWidth ? 'ring' : 'flat') }),
    ...(choices.includes('curve') && { curve: input.curve ?? 'round' }),
    ...(choices.includes('sides') && { sides: input.sides ?? '6' }),
    ...(choices.includes('mouth') && { mouth: input.mouth ?? (input.galleryWidth && input.galleryDepth ? 'gallery' : 'plain') }),
  };
  const rim = points?.at(-1);
  const drawn = points &&
    rim && {
      height: rim.z,
      rimDiameter: 2 * rim.r,
      knots: points.map(({ r, z, corner }): Knot => ({ r: r / rim.r, z: z / rim.z, corner })),
    };
  const shape: Shape = { family, manner, knots: drawn?.knots };
  const sizes = { ...input, ...(drawn && { height: drawn.height, rimDiameter: drawn.rimDiameter }) };
  return formOf(shape, at, Object.fromEntries(sizesOf(shape, sizes).map((name) => [name, sizes[name]])) as Record<SizeName, number>);
}

/** A form as the contract writes it. */
export function formInput<S extends Stage>({ family, manner, sizes, knots }: Form<S>): FormInput {
  const [across, up] = [sizes.rimDiameter / 2, sizes.height];
  const chosen = family === 'cylinder' && manner.foot === 'flat' ? {} : manner;
  if (!knots) return { family, ...chosen, ...sizes };
  const { height: _, rimDiameter: _rim, ...walls } = sizes;
  return {
    family,
    ...chosen,
    points: knots.map(({ r, z, corner }) => ({ r: r * across, z: z * up, ...(corner && { corner }) })),
    ...walls,
  };
}

const allowance = strict.number().min(0).max(1e5);

/** Allowances by the headless contract; what stands against one beside its form is the core's own. */
export const makingSchema = strict.object({
  trimFloor: allowance,
  trimWall: allowance,
  trimWallHeight: allowance,
  rimCut: allowance,
  wireLoss: allowance,
  slurryPercent: allowance,
  attachedMass: strict.number().min(0).max(1e7),
  wholeWall: allowance,
  carveDepth: allowance,
  carveHeight: allowance,
  edgeCut: allowance,
  rimGround: allowance,
});

export { strict as joi };
