import { type ClayFigures, type Stage, remaining } from '@/core/clay';
import { FAMILIES, type FamilyName, type Form, type SizeName, checkForm, formOf, givenWay, scaledBy, sizeSpec } from '@/core/form';
import { type Keep, type KnownSize, type KnownSizes, USUAL_ODDS, aimFor, foundOf, reach, reachClay } from '@/core/sizing';
import { type Result, bad, good } from '@/core/units';
import { type ClayRows, clayOf } from './clay';
import { NEW_MAKING } from './new-form';
import type { Part, Workspace } from './records';
import { ofThinner } from './thinner';
import { weighedPart } from './weighed-part';

/** What somebody knows of a piece before there is one. Lengths mm at a stage, volumes ml, weights g. */
export type Start =
  | { readonly kind: 'size'; readonly at: Stage; readonly across?: number | undefined; readonly high?: number | undefined }
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
type Needed = ClayRows & Pick<Workspace, 'formers' | 'shop'>;

const shapeOf = (family: FamilyName) => ({ family, manner: FAMILIES[family].manner, knots: FAMILIES[family].knots });

/** A family's usual piece, its widths and heights so many times as large; thicknesses stay but on what is very small. */
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
  const flat = family === 'disc' || family === 'tile';
  const form = usual(family, wide ?? (flat ? 1 : tall) ?? 1, tall ?? (flat ? 1 : wide) ?? 1);
  return givenWay(form, 'glazed', Object.keys(form.sizes) as SizeName[]) ?? form;
}

/** What a part in this clay and made in this way takes, g: its ball, or the clay for slabs, former and coils. */
const clayFor =
  (workspace: Needed, part: Part) =>
  (form: Finished): number => {
    const made = weighedPart(workspace, { ...part, sizes: suggested(form) }, String);
    return made.ok ? (made.value.weighOut ?? made.value.sized.masses.ball) : 0;
  };

/** The part for what is known: that typed and nothing else, the rest suggested. Says why there is no such piece. */
export function startedPart(workspace: Needed, start: Start, of: StartOf, id: string, write: Writers): Result<Part> {
  const { manner, knots } = shapeOf(of.family);
  const empty: Part = { id, name: 'pot', ...of, manner, knots, sizes: {}, making: NEW_MAKING };
  const { figures } = clayOf(workspace, empty);
  if (start.kind === 'size') {
    const { at, across, high } = start;
    const form = asLarge(of.family, across && finished(across, at, 'width', figures), high && finished(high, at, 'height', figures));
    const known = { ...(across && { rimDiameter: { mm: across, at } }), ...(high && { height: { mm: high, at } }) };
    return checked({ ...empty, sizes: suggested(form, known) }, form, write);
  }
  if (start.kind === 'holds') {
    const { capacityMl, maxHeight } = start;
    const shape = usual(of.family, 1, 1);
    const limit = maxHeight ? ({ at: 'glazed', most: maxHeight } as const) : undefined;
    const aim = limit && aimFor({ clay: figures, size: 'height' }, limit, USUAL_ODDS);
    const { form, met } = ofThinner(
      shape,
      (thin) => reach(thin, { capacityMl, keep: 'proportions', maxHeight: aim }),
      (found) => found.met && !tiny(found.form),
    );
    if (!met || tiny(form))
      return bad(
        'capacityMl',
        `No ${FAMILIES[of.family].words.toLowerCase()} holds ${write.volume(capacityMl)} like this. Choose another form, or another amount.`,
      );
    const sizes = suggested(form);
    const aimed = aim !== undefined && Math.abs(form.sizes.height - aim) < 0.01;
    const height: KnownSizes['height'] = limit === undefined ? sizes.height : aimed ? [limit] : [sizes.height![0], limit];
    return checked({ ...empty, sizes: { ...sizes, height }, wanted: { capacityMl, maxHeight, keep: 'proportions' } }, form, write);
  }
  const { ballG, across, high } = start;
  const keep: Keep = across ? 'mouth' : high ? 'height' : 'proportions';
  const shape = asLarge(of.family, across, high);
  const clayG = clayFor(workspace, empty);
  const found = ofThinner(
    shape,
    (thin) => {
      const of = foundOf(reachClay(thin, { ballG, keep }, clayG), { ballG, keep }, clayG, write);
      return of.ok && tiny(of.value)
        ? bad('ball', `${write.mass(ballG)} is too little: it would be ${write.length(of.value.sizes.height)} high.`)
        : of;
    },
    ({ ok }) => ok,
  );
  if (!found.ok) return found;
  const known = {
    ...(across && { rimDiameter: { mm: across, at: 'glazed' as const } }),
    ...(high && { height: { mm: high, at: 'glazed' as const } }),
  };
  return good({ ...empty, sizes: suggested(found.value, known) });
}

function checked(part: Part, form: Finished, write: Writers): Result<Part> {
  const possible = checkForm(form, write.length);
  return possible.ok ? good(part) : possible;
}
