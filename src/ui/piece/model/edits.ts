import { type ClayFigures, type Stage, remaining } from '@/core/clay';
import { type Form, type Manner, type SizeName, checkForm, insidesOf, sizeIn, sizeSpec, sizesTogether, tooManyWords } from '@/core/form';
import {
  type KnownPiece,
  type KnownSize,
  type KnownSizes,
  type Limit,
  MAKING_WORDS,
  type Making,
  STAGE_WORDS,
  aimFor,
  isExact,
  limitWords,
  reach,
  resolveKnown,
  undecided,
} from '@/core/sizing';
import type { Span } from '@/core/units';
import {
  clayOf,
  foundThick,
  knownAs,
  matterIn,
  type MatterOf,
  ratioOf,
  saidBall,
  shortWall,
  sizePart,
  surenessOf,
  withGiver,
  withTyped,
} from '@/core/part';
import { applyChanges, type Handmade, type Part, partOf, type PartRef, type Workspace } from '@/core/records';
import { type Act, commands } from '@/store';
import { type Units, run, workspaceStore } from '@/ui/state';
import type { Dragged } from '../drawing/handles';
import { follow, followEntered, followTyped } from './follow';

/** What changes of a part: as it is said, or worked out from the part as it is then. */
export type PartChange = Partial<Part> | ((part: Part) => Partial<Part>);

/** What can be typed or chosen of a part; each says why it cannot be, or makes it so. */
export interface Edits {
  readonly takeSize: (size: SizeName, at: Stage) => (mm: number, key: string) => string | undefined;
  readonly takeLimit: (size: SizeName, at: Stage) => (span: Span, key: string) => string | undefined;
  /** Several sizes typed together where one stands, "80 x 90": its width and the height, the short side between them where there is one. */
  readonly takeSizes: (size: SizeName, at: Stage) => (mm: readonly number[], key: string) => string | undefined;
  /** The size that meets something, finished: of a mouth inside the outside changes with it. */
  readonly takeMeeting: (size: SizeName, mm: number, key: string) => string | undefined;
  /** What is known of a size at a stage, let go. */
  readonly letGo: (size: SizeName, at: Stage) => () => string | undefined;
  readonly takeAllowance: (name: keyof Making) => (value: number, key: string) => string | undefined;
  /** Grows or shrinks the finished piece until it holds so much, ml: as was asked of it last, else all sizes together. */
  readonly takeCapacity: (ml: number, key: string) => string | undefined;
  /** Sizes and points dragged on a half, known at its stage. */
  readonly takeDragged: (dragged: Dragged, at: Stage, label: string, key: string) => string | undefined;
  /** Another manner of the form. */
  readonly takeManner: (change: Manner, label: string) => string | undefined;
  /** A finished form to make instead, its sizes known where they were, and what it may not pass. */
  readonly takeForm: (form: Form<'glazed'>, label: string, limits?: Partial<Record<SizeName, Limit>>) => string | undefined;
  /** What is chosen of the way it is made by hand. */
  readonly takeHand: (change: Partial<Handmade>, label: string, key?: string) => string | undefined;
  /** Anything else of the part. */
  readonly takePart: (change: PartChange, label: string, key?: string) => string | undefined;
  /** The ball the maker takes for a size, finished: it teaches their ratio for this way of making. Undefined takes it back. */
  readonly sayBall: (known: KnownPiece | undefined, key?: string) => string | undefined;
  /** Sizes that nobody entered follow the clay there is once more, as its shrinkage is believed now. */
  readonly sizeToClay: (label: string) => string | undefined;
  /** Which of outside and wall changes where both were entered, and the width inside too. */
  readonly takeGiver: (inside: SizeName, gives: 'outside' | 'wall', label: string) => string | undefined;
}

const GONE = 'This piece was deleted, perhaps in another tab.';

interface Now {
  readonly workspace: Workspace;
  readonly part: Part;
  readonly clay: ClayFigures;
  readonly matterOf: MatterOf;
}

/** A part and its clay as they are at this moment; undefined once it is gone. */
function partNow(ref: PartRef): Now | undefined {
  const { workspace } = workspaceStore().getSnapshot();
  const part = partOf(workspace.plans, ref)?.part;
  return part && { workspace, part, clay: clayOf(workspace, part).figures, matterOf: matterIn(workspace) };
}

/** Tries an act on the plan as it is at that moment; says why what comes of it cannot be made, or makes it. */
function tryOn(ref: PartRef, units: Units, act: Act): string | undefined {
  const now = partNow(ref);
  if (!now) return GONE;
  const changes = act.change(now.workspace);
  const part = partOf(applyChanges(now.workspace, changes).plans, ref)?.part ?? now.part;
  const sized = sizePart(part, now.clay, units.length, now.matterOf);
  if (!sized.ok) return sized.problem.message;
  // worked out once, unless another tab was first
  run({ ...act, change: (workspace) => (workspace === now.workspace ? changes : act.change(workspace)) });
  return undefined;
}

/** A size of the piece as it is now, mm at a stage; undefined while it cannot be worked out. */
function sizeNow({ part, clay }: Now, size: SizeName, at: Stage): number | undefined {
  const { at: from, form } = resolveKnown(part, part.sizes, clay, surenessOf(part));
  const { direction, inside } = sizeSpec(size);
  const mm = inside && checkForm(form as Form<Stage>, String).ok ? insidesOf(form as Form<Stage>)[size] : form.sizes[size];
  return mm && (mm * remaining(clay.shrinkage, at, direction)) / remaining(clay.shrinkage, from, direction);
}

/** Sizes with limits beside them; one that ends where its limit is aimed at is known by that alone. */
function withLimits(sizes: KnownSizes, limits: Partial<Record<SizeName, Limit>>, { part, clay }: Now): KnownSizes {
  const limited = (Object.entries(limits) as [SizeName, Limit][]).map(([size, limit]) => {
    const [known, ...others] = sizes[size] ?? [];
    const exact = known && isExact(known) ? known : undefined;
    const { odds, tool } = surenessOf(part);
    const aim = aimFor({ clay, size, tool }, limit, odds);
    const aimed = exact?.at === limit.at && Math.abs(exact.mm - aim) < 0.01;
    const rest = others.filter((each) => isExact(each));
    return [size, exact && !aimed ? [exact, ...rest, limit] : [limit, ...rest]];
  });
  return { ...sizes, ...Object.fromEntries(limited) } as KnownSizes;
}

const sizeWords = (ref: PartRef, size: SizeName, at: Stage): string =>
  `${sizeIn(partNow(ref)?.part.family ?? 'cylinder', size).words}, ${STAGE_WORDS[at]}`;

/** Calls made with the same name answer with the same function, so that a figure that did not change is not drawn again. */
function keptByName<Args extends readonly string[], F>(make: (...args: Args) => F): (...args: Args) => F {
  const made = new Map<string, F>();
  return (...args) => {
    const name = args.join('@');
    if (!made.has(name)) made.set(name, make(...args));
    return made.get(name)!;
  };
}

export function editsOf(ref: PartRef, units: Units): Edits {
  const typed = (size: SizeName, known: KnownSize, label: string, key: string) =>
    tryOn(ref, units, commands.setSize(ref, size, known, label, key, followTyped));
  const takePart: Edits['takePart'] = (change, label, key) => tryOn(ref, units, commands.setPart(ref, change, label, key, follow));
  return {
    takePart,
    takeHand: (change, label, key) => tryOn(ref, units, commands.setHand(ref, change, label, key, follow)),
    sayBall: (known, key) => {
      const now = partNow(ref);
      const sized = now && sizePart(now.part, now.clay, units.length, now.matterOf);
      if (!sized) return GONE;
      if (!sized.ok) return sized.problem.message;
      const part = { ...now.part, knownPiece: known };
      if (known && ratioOf(part, sized.value, known) === undefined)
        return `A piece of ${units.length(known.height)} × ${units.length(known.width)} cannot be made in this form.`;
      if (shortWall(part, sized.value) === 0) return `${units.mass(known!.ballG)} is too little for this size, however thin the wall.`;
      run(commands.sayBall(ref, known, part.way, saidBall(part, sized.value), 'my own ball', key));
      return undefined;
    },
    sizeToClay: (label) => tryOn(ref, units, commands.setPart(ref, {}, label, undefined, followEntered)),
    takeGiver: (inside, gives, label) =>
      tryOn(
        ref,
        units,
        commands.setPart(ref, (part) => withGiver(part, inside, gives), label, undefined, followEntered),
      ),
    takeSize: keptByName(
      (size: SizeName, at: Stage) => (mm: number, key: string) => typed(size, { mm, at }, sizeWords(ref, size, at), key),
    ),
    takeLimit: keptByName(
      (size: SizeName, at: Stage) => (span: Span, key: string) =>
        typed(size, { at, ...span }, `${sizeWords(ref, size, at)} ${limitWords({ at, ...span }, units.length)}`, key),
    ),
    takeSizes: keptByName((size: SizeName, at: Stage) => (mm: readonly number[], key: string) => {
      const family = partNow(ref)?.part.family ?? 'cylinder';
      // where a belly or a base stands it is that width
      const isAcross = size !== 'height' && size !== 'rimAcross';
      const sizes = sizesTogether(family).map((each) => (each === 'rimDiameter' && isAcross ? size : each));
      if (mm.length > sizes.length) return tooManyWords(family);
      const typed = (part: Part): Partial<Part> =>
        mm.reduce<Part>((each, one, i) => ({ ...each, ...withTyped(each, sizes[i]!, { mm: one, at }) }), part);
      const label = mm.map((_, i) => sizeIn(family, sizes[i]!).words).join(', ');
      return tryOn(ref, units, commands.setPart(ref, typed, `${label}, ${STAGE_WORDS[at]}`, key, followTyped));
    }),
    takeMeeting: (size, mm, key) => {
      const met = (part: Part): Partial<Part> => {
        const typed = { ...part, ...withTyped(part, size, { mm, at: 'glazed' }) };
        return undecided(typed.sizes, typed.gives).includes(size) ? withGiver(typed, size, 'outside') : typed;
      };
      return tryOn(ref, units, commands.setPart(ref, met, sizeWords(ref, size, 'glazed'), key, followTyped));
    },
    letGo: keptByName((size: SizeName, at: Stage) => () => {
      const now = partNow(ref);
      if (!now) return GONE;
      const index = now.part.sizes[size]?.findIndex((known) => known.at === at && !('free' in known && known.free)) ?? -1;
      if (index < 0) return 'Enter a length, or leave it empty to follow the other sizes.';
      const label = `${sizeWords(ref, size, at)} cleared`;
      return tryOn(ref, units, commands.letGoOf(ref, size, index, sizeNow(now, size, at) ?? 0, label, follow));
    }),
    takeAllowance: keptByName(
      (name: keyof Making) => (value: number, key: string) =>
        tryOn(ref, units, commands.setAllowance(ref, name, value, MAKING_WORDS[name], key, follow)),
    ),
    takeCapacity: (ml, key) => {
      const now = partNow(ref);
      if (!now) return GONE;
      const sized = sizePart(now.part, now.clay, units.length, now.matterOf);
      if (!sized.ok) return sized.problem.message;
      const { glazed } = sized.value.sized.stages;
      const { form, met } = foundThick(now.workspace, now.part, glazed, (shape) =>
        reach(shape, { capacityMl: ml, keep: now.part.wanted?.keep ?? 'proportions' }),
      );
      const possible = checkForm(form, units.length);
      if (!met || !possible.ok) {
        return `This form cannot hold ${units.volume(ml)}. ${possible.ok ? 'Enter another amount, or change what to keep under Capacity.' : possible.problem.message}`;
      }
      const sizes = knownAs(form, glazed, now.part.sizes, now.clay);
      const wanted = now.part.wanted && { ...now.part.wanted, ballG: undefined };
      run(commands.setPart(ref, { sizes, ...(wanted && { wanted }) }, `holds ${units.volume(ml)}`, key));
      return undefined;
    },
    takeDragged: ({ sizes = {}, knots }, at, label, key) => {
      const dragged = (part: Part): Partial<Part> => {
        const names = Object.keys(sizes) as SizeName[];
        const all = names.reduce<Part>((each, size) => ({ ...each, ...withTyped(each, size, { mm: sizes[size]!, at }) }), part);
        return { sizes: all.sizes, gives: all.gives, ...(knots && { knots }) };
      };
      return tryOn(ref, units, commands.setPart(ref, dragged, label, key, knots ? follow : followTyped));
    },
    takeManner: (manner, label) => tryOn(ref, units, commands.setManner(ref, manner, label, follow)),
    takeForm: (form, label, limits = {}) => {
      const now = partNow(ref);
      const sized = now && sizePart(now.part, now.clay, units.length, now.matterOf);
      if (!sized) return GONE;
      if (!sized.ok) return sized.problem.message;
      const sizes = knownAs(form, sized.value.sized.stages.glazed, now.part.sizes, now.clay);
      return takePart({ sizes: withLimits(sizes, limits, now) }, label);
    },
  };
}
