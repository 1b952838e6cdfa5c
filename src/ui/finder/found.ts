import { ROOMS } from '@/ui/rooms';
import { WAYS_IN } from '@/ui/start';
import { handOf, mainPart, type Plan, type Workspace } from '@/core/workspace';
import { matchSorter } from 'match-sorter';

/** Where something found leads: a page, or a room of a piece. */
export interface Found {
  readonly key: string;
  readonly words: string;
  /** What is said beside it. */
  readonly more: string;
  readonly href: string;
  readonly room?: { readonly planId: string; readonly room: string; readonly section: string } | undefined;
}

interface Candidate extends Found {
  readonly finds: string;
}

const PLACES: readonly Candidate[] = [
  {
    key: 'new',
    words: 'New piece',
    more: 'start from what you know',
    href: '/new',
    finds: 'start ball of clay capacity finished wet size sent',
  },
  { key: 'pieces', words: 'Pieces', more: 'every piece', href: '/pieces', finds: 'list plans print csv' },
  { key: 'clay', words: 'Clay', more: 'clays, bars, batches', href: '/clay', finds: 'shrinkage bars evidence mixture test' },
  {
    key: 'shelves',
    words: 'Shelves',
    more: 'what was made and where it stands',
    href: '/shelves',
    finds: 'log runs board wet bisque drying fired kiln door load measure learned taught came out',
  },
  { key: 'today', words: 'Today', more: 'what to do', href: '/today', finds: 'work list trim turn over load measure due overdue' },
  {
    key: 'orders',
    words: 'Orders',
    more: 'how many, which days, is it worth it',
    href: '/orders',
    finds: 'customer due calendar price extras kiln load balls',
  },
  { key: 'sets', words: 'Sets', more: 'nests and sets that match', href: '/orders?order=sets', finds: 'nest family match table service' },
  {
    key: 'work',
    words: 'How we work',
    more: 'working days, kiln, costs, clay in stock',
    href: '/orders?order=work',
    finds: 'week days off money price wage shop share kiln shelves stock',
  },
  {
    key: 'kit',
    words: 'Kit',
    more: 'formers, cutters, battens',
    href: '/kit',
    finds: 'humps bowls cutters roller bats chucks extruder dies',
  },
  { key: 'files', words: 'Files', more: 'export, open, restore', href: '/files', finds: 'backup save import export csv version' },
  { key: 'compare', words: 'Compare clays', more: 'every piece in every clay', href: '/compare', finds: 'match set two clays' },
];

/** The ways a piece starts, each by its own words. */
const WAYS: readonly Candidate[] = WAYS_IN.map(({ value, words, about }) => ({
  key: `way-${value}`,
  words: `Start from ${words.toLowerCase()}`,
  more: about,
  href: `/new?from=${value}`,
  finds: about,
}));

/** So many of each kind are offered. */
const MOST = 7;

/** The rooms of a piece and what is in them. */
function roomsOf(plan: Plan): Candidate[] {
  const by = handOf(mainPart(plan));
  return ROOMS.flatMap(({ value: room, words: called, sections }) =>
    sections(by).map(({ value: section, words, finds }) => ({
      key: `${room}/${section}`,
      words,
      more: `${called}, ${plan.name}`,
      href: `/?plan=${plan.id}`,
      room: { planId: plan.id, room, section },
      finds: `${called} ${finds}`,
    })),
  );
}

const latestFirst = (a: Plan, b: Plan): number => (a.changedAt < b.changedAt ? 1 : a.changedAt > b.changedAt ? -1 : 0);

const pieceOf = ({ id, name }: Plan, more: string): Found => ({ key: `plan-${id}`, words: name, more, href: `/?plan=${id}` });

/** Words that say nothing of what is looked for. */
const FILLING = new Set('a an and at by for from in into is it my of on the to with'.split(' '));

const holding = (candidates: readonly Candidate[], typed: string): Candidate[] =>
  matchSorter(candidates, typed, {
    keys: ['words', { key: 'finds', maxRanking: matchSorter.rankings.CONTAINS }],
    threshold: matchSorter.rankings.CONTAINS,
    baseSort: (a, b) => a.index - b.index,
  });

/** By the words of what is typed, in any order. */
const byWords = (candidates: readonly Candidate[], typed: string): Candidate[] => {
  const words = typed
    .toLowerCase()
    .split(/\s+/)
    .filter((word) => !FILLING.has(word));
  return words.length === 0 ? [] : words.reduce<Candidate[]>(holding, [...candidates]);
};

export interface FoundGroups {
  readonly here: readonly Found[];
  readonly pieces: readonly Found[];
  readonly clays: readonly Found[];
  readonly places: readonly Found[];
}

/** The pieces whose names have what is typed in them, those changed last first. */
function piecesFound({ plans, bodies }: Workspace, typed: string, most: number): Found[] {
  const clays = new Map(bodies.map(({ id, name }) => [id, name]));
  const clayOf = (plan: Plan) => clays.get(mainPart(plan).bodyId ?? '') ?? '';
  const latest = plans.toSorted(latestFirst);
  const found = typed
    ? matchSorter(latest, typed, { keys: ['name'], baseSort: () => 0, threshold: matchSorter.rankings.CONTAINS })
    : latest;
  return found.slice(0, most).map((plan) => pieceOf(plan, clayOf(plan)));
}

/** What there is by what is typed: in the open piece, pieces, clays and places. With nothing typed: pieces and places. */
export function foundBy(workspace: Workspace, open: Plan | undefined, typed: string, piecesOnly: boolean): FoundGroups {
  const wanted = typed.trim();
  const pieces = piecesFound(workspace, wanted, piecesOnly ? 3 * MOST : MOST);
  if (piecesOnly) return { here: [], pieces, clays: [], places: [] };
  const clays = wanted
    ? matchSorter(workspace.bodies, wanted, { keys: ['name'], threshold: matchSorter.rankings.CONTAINS })
        .slice(0, MOST)
        .map(({ id, name }) => ({ key: `clay-${id}`, words: name, more: 'clay', href: `/clay?body=${id}` }))
    : [];
  if (!wanted) return { here: [], pieces, clays, places: PLACES };
  const found = (by: typeof holding) => ({
    here: open ? by(roomsOf(open), wanted).slice(0, MOST) : [],
    pieces,
    clays,
    places: by([...PLACES, ...WAYS], wanted),
  });
  const whole = found(holding);
  return Object.values(whole).some((group) => group.length > 0) ? whole : found(byWords);
}
