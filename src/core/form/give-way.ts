import type { Stage } from '@/core/clay';
import { type Form, checkForm, scaledBy } from './form';
import { type SizeName, sizeSpec } from './sizes';

/** What gives way together: thicknesses, the small parts of a rim, other widths, other heights. */
type Group = 'thick' | 'rim' | 'width' | 'height';

const OF_THE_RIM: ReadonlySet<SizeName> = new Set(['lipHeight', 'neckDiameter', 'collarHeight', 'rimWidth']);
/** They lead; what is inside follows outside and wall. */
const LEADING: ReadonlySet<SizeName> = new Set(['rimDiameter', 'height']);

function groupOf(name: SizeName): Group | undefined {
  const { stays, inside, direction } = sizeSpec(name);
  if (inside || LEADING.has(name)) return undefined;
  return stays ? 'thick' : OF_THE_RIM.has(name) ? 'rim' : direction;
}

/** How many times as large each may become. A wall is thinned last: a hand throws no thinner for a smaller pot. */
const FACTORS: Readonly<Record<Group, { readonly tried: readonly number[]; readonly weight: number }>> = {
  thick: { tried: [1, 0.85, 0.7, 0.55, 0.4, 0.3], weight: 1.5 },
  rim: { tried: [1, 1.25, 1.6, 2, 0.8, 0.6, 0.4], weight: 1 },
  width: { tried: [1, 0.85, 0.7, 0.55, 1.2, 1.45], weight: 1 },
  height: { tried: [1, 0.85, 0.7, 1.15, 1.35], weight: 1 },
};

type Factors = Readonly<Partial<Record<Group, number>>>;

/** Everything that may be tried of these groups, what changes least first. */
function tries(groups: readonly Group[]): readonly Factors[] {
  let all: { factors: Factors; far: number }[] = [{ factors: {}, far: 0 }];
  for (const group of groups) {
    const { tried, weight } = FACTORS[group];
    all = all.flatMap(({ factors, far }) =>
      tried.map((factor) => ({ factors: { ...factors, [group]: factor }, far: far + weight * Math.abs(Math.log(factor)) })),
    );
  }
  return all.toSorted((a, b) => a.far - b.far).map(({ factors }) => factors);
}

/** Halvings of the way from what there was to what can be made; and how far past that it goes, so that it does not just do. */
const HALVINGS = 5;
const PAST = 0.1;

/**
 * The nearest form that can be made once what nobody holds to gives way, each kind of it in proportion. Mouth and height lead and
 * stay as they are. Undefined where nothing of that helps; the form itself where it can be made.
 *
 * @param free the sizes that nobody holds to
 */
export function givenWay<S extends Stage>(form: Form<S>, at: S, free: readonly SizeName[]): Form<S> | undefined {
  const possible = (tried: Form<S>) => checkForm(tried, String).ok;
  if (possible(form)) return form;
  const moved = new Map(free.filter((name) => form.sizes[name] !== undefined).map((name) => [name, groupOf(name)]));
  const scaled = (factors: Factors, share: number): Form<S> =>
    scaledBy(form, at, (name) => {
      const group = moved.get(name);
      return group ? (factors[group] ?? 1) ** share : 1;
    });
  const groups = [...new Set(moved.values())].filter((group) => group !== undefined);
  const found = tries(groups).find((factors) => possible(scaled(factors, 1)));
  if (!found) return undefined;
  let [not, does] = [0, 1];
  for (let i = 0; i < HALVINGS; i += 1) {
    const between = (not + does) / 2;
    if (possible(scaled(found, between))) does = between;
    else not = between;
  }
  const past = scaled(found, Math.min(1, does + PAST));
  return possible(past) ? past : scaled(found, does);
}
