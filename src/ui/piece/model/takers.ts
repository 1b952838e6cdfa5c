import { type ClayFigures, type Stage, remaining } from '@/core/clay';
import { type Form, type Manner, type SizeName, checkForm, insidesOf, sizeIn, sizeSpec } from '@/core/form';
import {
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
} from '@/core/sizing';
import type { Span } from '@/core/units';
import {
  clayOf,
  type Handmade,
  freeSizes,
  knownAs,
  matterIn,
  type MatterOf,
  ofThinner,
  type Part,
  partOf,
  type PartRef,
  sizePart,
  surenessOf,
  withChoices,
  withGivenWay,
  withManner,
  withTyped,
} from '@/core/workspace';
import { type Act, commands } from '@/store';
import { type Units, run, workspaceStore } from '@/ui/state';
import type { Dragged } from '../drawing/handles';

/** What changes of a part: as it is said, or worked out from the part as it is then. */
export type PartChange = Partial<Part> | ((part: Part) => Partial<Part>);

/** What can be typed or chosen of a part; each says why it cannot be, or makes it so. */
export interface Takers {
  readonly takeSize: (size: SizeName, at: Stage) => (mm: number, key: string) => string | undefined;
  readonly takeLimit: (size: SizeName, at: Stage) => (span: Span, key: string) => string | undefined;
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
}

const GONE = 'This piece has been deleted, in another tab perhaps.';

interface Now {
  readonly part: Part;
  readonly clay: ClayFigures;
  readonly matterOf: MatterOf;
}

/** A part and its clay as they are at this moment; undefined once it is gone. */
function partNow(ref: PartRef): Now | undefined {
  const { workspace } = workspaceStore().getSnapshot();
  const part = partOf(workspace.plans, ref)?.part;
  return part && { part, clay: clayOf(workspace, part).figures, matterOf: matterIn(workspace) };
}

/** A change to try, and the act that makes it. */
interface Attempt {
  readonly change: Partial<Part>;
  readonly act: Act;
  /** The act that makes it with other sizes, where those that nobody holds to may give way to it. */
  readonly giving?: ((sizes: KnownSizes) => Act) | undefined;
}

/** Tries a change on the plan as it is at that moment; says why it cannot be made, or makes it. */
function tryOn(ref: PartRef, units: Units, attempt: (now: Now) => Attempt): string | undefined {
  const now = partNow(ref);
  if (!now) return GONE;
  const { change, act, giving } = attempt(now);
  const part = { ...now.part, ...change };
  const sized = sizePart(part, now.clay, units.length, now.matterOf);
  if (sized.ok) {
    run(act);
    return undefined;
  }
  const given = giving && withGivenWay(part, now.clay, now.matterOf);
  if (!given) return sized.problem.message;
  run(giving(given));
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

/** How much larger a size gets when it is typed: sizes let go follow by it. A limit is what is aimed at. */
function growth(now: Now, size: SizeName, typed: KnownSize): number {
  const before = sizeNow(now, size, typed.at);
  const tried = { ...now.part, sizes: { ...now.part.sizes, [size]: [typed] as const } };
  const after = sizeNow({ ...now, part: tried }, size, typed.at);
  return before && after ? after / before : 1;
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

type Typed = Pick<Part, 'sizes' | 'gives'>;

const asTyped = ({ sizes, gives }: Typed): string => JSON.stringify([sizes, gives]);

export function takersOf(ref: PartRef, units: Units): Takers {
  // the figure being typed that others gave way to, what they were before it, and what they are by it
  let gave: { readonly key: string; readonly before: Typed; readonly by: string } | undefined;
  const typed = (size: SizeName, known: KnownSize, label: string, key: string) =>
    tryOn(ref, units, (here) => {
      // 1, 11, 110: what gave way to the first digits comes back with the next
      const again = gave?.key === key && gave.by === asTyped(here.part);
      const before = again ? gave!.before : here.part;
      const now = { ...here, part: { ...here.part, ...before } };
      const factor = growth(now, size, known);
      const change = withTyped(now.part, size, known, factor);
      return {
        change,
        act: again ? commands.setPart(ref, change, label, key) : commands.setSize(ref, size, known, factor, label, key),
        giving: (sizes) => {
          const given = { ...change, sizes };
          gave = { key, before: { sizes: before.sizes, gives: before.gives }, by: asTyped(given) };
          return commands.setPart(ref, given, label, key);
        },
      };
    });
  const takePart: Takers['takePart'] = (change, label, key) =>
    tryOn(ref, units, ({ part }) => ({
      change: typeof change === 'function' ? change(part) : change,
      act: commands.setPart(ref, change, label, key),
    }));
  return {
    takePart,
    takeHand: (change, label, key) => {
      const act = commands.setHand(ref, change, label, key);
      return tryOn(ref, units, ({ part }) => ({ change: { hand: withChoices(part.hand, change) }, act }));
    },
    takeSize: keptByName(
      (size: SizeName, at: Stage) => (mm: number, key: string) => typed(size, { mm, at }, sizeWords(ref, size, at), key),
    ),
    takeLimit: keptByName(
      (size: SizeName, at: Stage) => (span: Span, key: string) =>
        typed(size, { at, ...span }, `${sizeWords(ref, size, at)} ${limitWords({ at, ...span }, units.length)}`, key),
    ),
    letGo: keptByName((size: SizeName, at: Stage) => () => {
      const now = partNow(ref);
      if (!now) return GONE;
      const index = now.part.sizes[size]?.findIndex((known) => known.at === at && !('free' in known && known.free)) ?? -1;
      if (index < 0) return 'Write a length, or let it follow: nothing is entered here.';
      run(commands.letGoOf(ref, size, index, sizeNow(now, size, at) ?? 0, `${sizeWords(ref, size, at)} let go`));
      return undefined;
    }),
    takeAllowance: keptByName((name: keyof Making) => (value: number, key: string) => {
      const act = commands.setAllowance(ref, name, value, MAKING_WORDS[name], key);
      return tryOn(ref, units, ({ part }) => ({ change: { making: { ...part.making, [name]: value } }, act }));
    }),
    takeCapacity: (ml, key) => {
      const now = partNow(ref);
      if (!now) return GONE;
      const sized = sizePart(now.part, now.clay, units.length, now.matterOf);
      if (!sized.ok) return sized.problem.message;
      const { glazed } = sized.value.sized.stages;
      const { form, met } = ofThinner(
        glazed,
        (tried) => reach(tried, { capacityMl: ml, keep: now.part.wanted?.keep ?? 'proportions' }),
        (found) => found.met && checkForm(found.form, String).ok,
        freeSizes(now.part.sizes),
      );
      const possible = checkForm(form, units.length);
      if (!met || !possible.ok) {
        return `No such piece holds ${units.volume(ml)}. ${possible.ok ? 'Ask for another amount, or change what is kept under “Holds”.' : possible.problem.message}`;
      }
      const sizes = knownAs(form, glazed, now.part.sizes, now.clay);
      run(commands.setPart(ref, { sizes }, `holds ${units.volume(ml)}`, key));
      return undefined;
    },
    takeDragged: ({ sizes = {}, knots }, at, label, key) => {
      const change = (now: Now): Partial<Part> => {
        const names = Object.keys(sizes) as SizeName[];
        const all = names.reduce((part, size) => {
          const mm = { mm: sizes[size]!, at };
          return { ...part, ...withTyped(part, size, mm, knots ? 1 : growth(now, size, mm)) };
        }, now.part);
        return { sizes: all.sizes, gives: all.gives, ...(knots && { knots }) };
      };
      // done again on whatever another tab left, should it have been first
      const act = (now: Now) => commands.setPart(ref, (part) => change({ ...now, part }), label, key);
      return tryOn(ref, units, (now) => ({ change: change(now), act: act(now) }));
    },
    takeManner: (manner, label) =>
      tryOn(ref, units, ({ part }) => {
        const chosen = { ...part.manner, ...manner };
        return {
          change: { manner: chosen, sizes: withManner(part, chosen) },
          act: commands.setManner(ref, manner, label),
          giving: (sizes) => commands.setPart(ref, { manner: chosen, sizes }, label),
        };
      }),
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
