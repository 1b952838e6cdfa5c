import { FAMILIES, type Form, formOf, sizeSpec, sizesOf } from '@/core/form';
import { type Pins, nestOf, series } from '@/core/sets';
import { type KnownSizes, type Writers, reverse } from '@/core/sizing';
import { type Result, bad, good } from '@/core/units';
import { mainPart, type Part, type Plan, type Workspace } from '@/core/records';
import { type WeighedPart, weighedPart } from '@/core/part';

/** What is chosen of a nest. Finished mm. */
export interface NestChoices {
  readonly count: number;
  readonly by: 'step' | 'ratio';
  /** The mouth of the smallest. */
  readonly smallest: number;
  /** The height of the smallest, where heights do not follow from the rims. */
  readonly smallestHeight: number;
  /** How much higher each rim stands than the next larger one's; undefined: heights are set. */
  readonly rise?: number | undefined;
  /** Least level gap between two. */
  readonly clearance: number;
  readonly thinner?: boolean | undefined;
  /** Mouths and heights set one by one, by place from the largest. */
  readonly widths: Pins;
  readonly heights: Pins;
  /** Clays of their own, by place. */
  readonly bodies: Readonly<Record<number, string>>;
}

/** A bowl of the nest, worked out. */
export interface NestBowl {
  readonly part: Part;
  readonly made: WeighedPart;
  readonly stands: number;
  readonly gap: number | undefined;
  readonly touch: 'floor' | 'wall' | 'rim' | undefined;
  readonly wedged: boolean;
  /** It does not clear the larger ones by what was asked. */
  readonly tight: boolean;
  /** The mouth it would have if the clay were doubled from the smallest up. */
  readonly doubled: number | undefined;
}

/** Largest and smallest by which a family is begun where nothing is said: half as wide, three fifths as high. Ours. */
const SMALLEST = { width: 0.5, height: 0.6 };

export const usualNest = ({ sizes }: Form<'glazed'>): NestChoices => ({
  count: 4,
  by: 'ratio',
  smallest: Math.round(sizes.rimDiameter * SMALLEST.width),
  smallestHeight: Math.round(sizes.height * SMALLEST.height),
  clearance: 3,
  widths: {},
  heights: {},
  bodies: {},
});

const finishedKnown = (form: Form<'glazed'>): KnownSizes =>
  Object.fromEntries(sizesOf(form, form.sizes).map((name) => [name, [{ at: 'glazed' as const, mm: form.sizes[name]! }]]));

/** The bowls of a nest with what to throw for each; refused in words where they cannot go into each other. */
export function nestWork(
  workspace: Workspace,
  plan: Plan,
  largest: Form<'glazed'>,
  choices: NestChoices,
  write: Writers,
): Result<readonly NestBowl[]> {
  const { count, by, smallest, smallestHeight, rise, clearance, thinner, bodies } = choices;
  const form = withoutInsides(largest);
  const { rimDiameter, height } = form.sizes;
  const last = count - 1;
  if (smallest >= rimDiameter) return bad('smallest', `The smallest must be narrower than the largest, ${write.length(rimDiameter)}.`);
  const step = by === 'step' ? (rimDiameter - smallest) / last / 2 : (rimDiameter * (1 - (smallest / rimDiameter) ** (1 / last))) / 2;
  if (clearance > step)
    return bad(
      'clearance',
      `${write.length(clearance)} all round is more than the step between bowls, ${write.length(step)}. Use fewer bowls, or a smaller smallest bowl.`,
    );
  const widths = { 0: rimDiameter, [last]: smallest, ...choices.widths };
  const wide = series(count, widths, by);
  const no = wide.findIndex((mm, at) => at > 0 && mm >= wide[at - 1]!);
  if (no > 0)
    return bad(
      'widths',
      `Number ${no + 1} from the largest would be ${write.length(wide[no]!)} wide: it goes into one of ${write.length(wide[no - 1]!)} and has to be narrower.`,
    );
  const nested = nestOf(form, {
    count,
    by,
    widths,
    heights: { 0: height, [last]: smallestHeight, ...choices.heights },
    rise,
    thinner,
  });
  const main = mainPart(plan);
  const bowls: Omit<NestBowl, 'doubled' | 'tight'>[] = [];
  for (const [at, { form: own, stands, gap, rests }] of nested.entries()) {
    const bodyId = bodies[at] ?? main.bodyId;
    const moved: Part = {
      ...main,
      ...(bodyId !== main.bodyId && { bodyId, batchId: undefined, firing: undefined }),
      sizes: finishedKnown(own),
      tester: undefined,
      knownPiece: undefined,
      inHand: undefined,
      fit: undefined,
      wanted: undefined,
    };
    const part = at === 0 ? { ...main, ...(bodyId !== main.bodyId && { bodyId, batchId: undefined }) } : moved;
    const made = weighedPart(workspace, part, write.length);
    if (!made.ok) return bad('smallest', `Number ${at + 1} from the largest cannot be made: ${made.problem.message}`);
    bowls.push({ part, made: made.value, stands, gap, touch: rests?.touch, wedged: rests?.wedged ?? false });
  }
  const least = bowls[last]!;
  return good(
    bowls.map((bowl, at) => ({
      ...bowl,
      tight: bowl.gap !== undefined && bowl.gap < clearance - 1e-6,
      doubled: doubledMouth(least.made, last - at, write),
    })),
  );
}

/** A form by its outsides: what is inside follows. */
function withoutInsides(form: Form<'glazed'>): Form<'glazed'> {
  const own = FAMILIES[form.family].sizes.filter((name) => !sizeSpec(name).inside);
  const sizes = Object.fromEntries(own.flatMap((name) => (form.sizes[name] === undefined ? [] : [[name, form.sizes[name]]])));
  return formOf(form, 'glazed', sizes);
}

/** The mouth a bowl gets from twice, four times, eight times the clay of the smallest, in the same proportions: by habit. */
function doubledMouth(smallest: WeighedPart, times: number, write: Writers): number | undefined {
  const { sized, clay, making } = smallest;
  const ballG = sized.masses.ball * 2 ** times;
  const found = reverse(clay, withoutInsides(sized.stages.glazed), making, { ballG, keep: 'proportions' }, write);
  return found.ok ? found.value.sizes.rimDiameter : undefined;
}
