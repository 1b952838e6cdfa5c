import { type ClayFigures, type Stage, remaining } from '@/core/clay';
import { FAMILIES, type FamilyName, type Form, type SizeName, formOf, scaledBy, sizeSpec } from '@/core/form';
import { type KnownSize, type KnownSizes, USUAL_ODDS, again, aimFor, foundOf, reach } from '@/core/sizing';
import { type Result, bad, good } from '@/core/units';
import { type ClayRows, clayOf } from './clay';
import { type ClayTaken, type Followable, afterEntered, firstMet, followed, followedTo, foundThick } from './followed';
import { NEW_MAKING } from './new-form';
import { shortWall } from './own-ball';
import { makingOf } from './piece';
import type { Part } from '@/core/records';
import { sizedPlanPart } from './sized-plan';
import { weighedPart } from './weighed-part';

/** What somebody knows of a piece before there is one. Lengths mm at a stage, volumes ml, weights g. */
export type Start =
  | {
      readonly kind: 'size';
      readonly at: Stage;
      readonly across?: number | undefined;
      /** The other width of what is not round. */
      readonly short?: number | undefined;
      readonly high?: number | undefined;
      /** The height is that of the rim above the bat as thrown. */
      readonly thrown?: boolean | undefined;
      /** It is there: its foot, its wall if that was measured, and what it weighs fired and glazed. */
      readonly inHand?:
        { readonly foot?: number | undefined; readonly wall?: number | undefined; readonly weightG?: number | undefined } | undefined;
    }
  | { readonly kind: 'holds'; readonly capacityMl: number; readonly maxHeight?: number | undefined }
  | { readonly kind: 'ball'; readonly ballG: number; readonly across?: number | undefined; readonly high?: number | undefined };

/** What it is to be, and of what: the rest of a part before its sizes. */
export type StartOf = Pick<Part, 'family' | 'bodyId' | 'batchId' | 'firing' | 'way' | 'hand'>;

/** How amounts and lengths are written for a message. */
interface Writers {
  readonly length: (mm: number) => string;
  readonly mass: (g: number) => string;
  readonly volume: (ml: number) => string;
}

type Finished = Form<'glazed'>;
const shapeOf = (family: FamilyName) => ({ family, manner: FAMILIES[family].manner, knots: FAMILIES[family].knots });

/** A family's usual piece, its widths and heights so many times as large; what is small of a very small one goes with it. */
function usual(family: FamilyName, wide: number, tall: number): Finished {
  const thin = Math.min(1, 2 * Math.min(wide, tall));
  return scaledBy(formOf(shapeOf(family), 'glazed', FAMILIES[family].typical), 'glazed', (name) => {
    const { direction, stays } = sizeSpec(name);
    return stays ? thin : direction === 'height' ? tall : wide;
  });
}

/** The sizes of a form as suggestions: nobody holds to them, and they give way to whatever is typed. */
const suggested = ({ sizes }: Finished, known: Partial<Record<SizeName, KnownSize>> = {}): KnownSizes =>
  Object.fromEntries(
    Object.entries(sizes).map(([name, mm]) => [name, [known[name as SizeName] ?? { mm, at: 'glazed' as const, free: true as const }]]),
  );

/** A size known at a stage, as it finishes, mm. */
const finished = (mm: number, at: Stage, direction: 'width' | 'height', { shrinkage }: ClayFigures): number =>
  (mm * remaining(shrinkage, 'glazed', direction)) / remaining(shrinkage, at, direction);

/** Nobody makes one so much smaller than usual. */
const tiny = ({ family, sizes }: Finished): boolean => sizes.height < FAMILIES[family].typical.height! * 0.2;

/** The usual piece with a width or a height as large as asked, both finished mm; with one of them the other follows. */
function asLarge(family: FamilyName, across: number | undefined, high: number | undefined): Finished {
  const { typical } = FAMILIES[family];
  const wide = across && across / typical.rimDiameter!;
  const tall = high && high / typical.height!;
  // a plate or a tile is no thicker for being wide
  const flat = FAMILIES[family].solid;
  return usual(family, wide ?? (flat ? 1 : tall) ?? 1, tall ?? (flat ? 1 : wide) ?? 1);
}

/** What a part in this clay and made in this way takes, g: its ball, or the clay for slabs, former and coils. */
const taken: ClayTaken = (workspace, part) => {
  const made = weighedPart(workspace, part, String);
  return made.ok ? (made.value.weighOut ?? made.value.sized.masses.ball) : undefined;
};

/** The part for what is known: that typed and nothing else, the rest suggested. Says why there is no such piece. */
export function startedPart(workspace: Followable, start: Start, of: StartOf, id: string, write: Writers): Result<Part> {
  const { manner, knots } = shapeOf(of.family);
  const empty: Part = { id, name: 'pot', ...of, manner, knots, sizes: {}, making: NEW_MAKING };
  const { figures } = clayOf(workspace, empty);
  if (start.kind === 'size') return sizedAs(workspace, empty, start, figures, write);
  if (start.kind === 'holds') return holding(workspace, empty, start, figures, write);
  const { ballG, across, high } = start;
  const known = {
    ...(across && { rimDiameter: { mm: across, at: 'glazed' as const } }),
    ...(high && { height: { mm: high, at: 'glazed' as const } }),
  };
  const begun: Part = { ...empty, sizes: suggested(asLarge(of.family, across, high), known), wanted: { ballG } };
  if (across && high) {
    // all three known: it is the ball its maker takes for that size
    const { wanted: _, ...whole } = followed(workspace, begun, taken);
    const known: Part = { ...whole, knownPiece: { ballG, height: high, width: across } };
    const made = sizedPlanPart(workspace, known, write.length);
    if (!made.ok) return made;
    return shortWall(known, made.value) === 0
      ? bad('ball', `${write.mass(ballG)} is too little for this size, however thin the wall.`)
      : good(known);
  }
  const { part, reached } = followedTo(workspace, begun, taken);
  if (!reached) return bad('ball', 'Nothing of this form can follow the clay.');
  const clayG = (form: Finished) => taken(workspace, { ...part, sizes: suggested(form, known) }) ?? 0;
  const found = foundOf(reached, { ballG, keep: 'proportions' }, clayG, write);
  if (!found.ok) return found;
  const { height } = found.value.sizes;
  return tiny(found.value) ? bad('ball', `${write.mass(ballG)} is too little: it would be ${write.length(height)} high.`) : good(part);
}

type SizeStart = Extract<Start, { readonly kind: 'size' }>;

/** The part of known sizes, at one stage. */
function sizedAs(workspace: Followable, empty: Part, start: SizeStart, figures: ClayFigures, write: Writers): Result<Part> {
  const { at, across, short, inHand = {} } = start;
  const { trimFloor, wireLoss, rimGround = 0 } = makingOf(empty);
  const high = start.high && start.high - (start.thrown ? trimFloor + wireLoss + rimGround : 0);
  if (high !== undefined && high <= 0)
    return bad('height', 'Its rim stands lower than what is trimmed off the foot. Measure from the bat.');
  const form = asLarge(empty.family, across && finished(across, at, 'width', figures), high && finished(high, at, 'height', figures));
  const known = {
    ...(across && { rimDiameter: { mm: across, at } }),
    ...(high && { height: { mm: high, at } }),
  };
  const begun: Part = { ...empty, sizes: suggested(form, known) };
  const { foot, wall, weightG } = inHand;
  const more = { rimAcross: short, baseDiameter: foot, wall };
  const entered = Object.entries(more).flatMap(([size, mm]) => (mm ? [[size, [{ mm, at }]] as const] : []));
  const whole = afterEntered(workspace, begun, { ...begun, sizes: { ...begun.sizes, ...Object.fromEntries(entered) } }, taken);
  if (!start.inHand) return checked(workspace, whole, write);
  const held: Part = { ...whole, inHand: { weightG, wallUnknown: !wall } };
  return checked(workspace, weightG && !wall ? withWallOf(workspace, held, weightG) : held, write);
}

/** The part with the wall that a fired piece of its size and weight has; as it was where no wall is like that. */
function withWallOf(workspace: Followable, part: Part, weightG: number): Part {
  const made = sizedPlanPart(workspace, part, String);
  const found =
    made.ok && again(made.value.clay, { form: made.value.sized.stages.glazed, wallMeasured: false, weightG }, made.value.making, String);
  const wall = found && found.ok ? found.value.form.sizes.wall : undefined;
  return wall === undefined ? part : { ...part, sizes: { ...part.sizes, wall: [{ mm: wall, at: 'glazed' }] } };
}

/** The part that holds so much, no taller than that. */
function holding(
  workspace: Followable,
  empty: Part,
  { capacityMl, maxHeight }: Extract<Start, { readonly kind: 'holds' }>,
  figures: ClayFigures,
  write: Writers,
): Result<Part> {
  const limit = maxHeight ? ({ at: 'glazed', most: maxHeight } as const) : undefined;
  const aim = limit && aimFor({ clay: figures, size: 'height' }, limit, USUAL_ODDS);
  const holds = (smaller: number) => {
    const shape = scaledBy(usual(empty.family, 1, 1), 'glazed', (name) => (sizeSpec(name).stays ? smaller : 1));
    const part = { ...empty, sizes: suggested(shape) };
    return foundThick(workspace, part, shape, (thick) => reach(thick, { capacityMl, keep: 'proportions', maxHeight: aim }));
  };
  const found = firstMet(holds, ({ form, met }) => met && !tiny(form));
  const { form, met } = found;
  if (!met || tiny(form))
    return bad(
      'capacityMl',
      `A ${FAMILIES[empty.family].words.toLowerCase()} cannot hold ${write.volume(capacityMl)} with these limits. Choose another form or amount.`,
    );
  const sizes = suggested(form);
  const aimed = aim !== undefined && Math.abs(form.sizes.height - aim) < 0.01;
  const height: KnownSizes['height'] = limit === undefined ? sizes.height : aimed ? [limit] : [sizes.height![0], limit];
  return checked(workspace, { ...empty, sizes: { ...sizes, height }, wanted: { capacityMl, maxHeight, keep: 'proportions' } }, write);
}

function checked(workspace: ClayRows, part: Part, write: Writers): Result<Part> {
  const made = sizedPlanPart(workspace, part, write.length);
  return made.ok ? good(part) : made;
}
