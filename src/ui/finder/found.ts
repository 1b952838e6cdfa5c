import { ROOMS } from '@/ui/rooms';
import { WAYS_IN } from '@/ui/start';
import { handOf } from '@/core/part';
import { mainPart, type Plan, type Workspace } from '@/core/records';
import { matchSorter } from 'match-sorter';
import { THINGS_TO_DO } from './things-to-do';

/** Where something found leads: a page, a room of a piece, or what it does. */
export interface Found {
  readonly key: string;
  readonly words: string;
  /** What is said beside it. */
  readonly more: string;
  readonly href: string;
  /** What is done instead of going anywhere. */
  readonly does?: string | undefined;
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
  { key: 'pieces', words: 'Pieces', more: 'every piece', href: '/pieces', finds: 'list plans print csv import paste table spreadsheet' },
  {
    key: 'clay',
    words: 'Clay',
    more: 'clays, bars, batches',
    href: '/clay',
    finds: 'shrinkage bars evidence mixture test absorption porosity weighing boiling bead firing cone how sure',
  },
  {
    key: 'shelves',
    words: 'Shelves',
    more: 'pieces made, stage by stage',
    href: '/shelves',
    finds: 'log runs board wet bisque drying fired kiln door load measure learned taught came out',
  },
  { key: 'today', words: 'Today', more: 'what to do', href: '/today', finds: 'work list trim turn over load measure due overdue' },
  {
    key: 'orders',
    words: 'Orders',
    more: 'how many to make, dates, price and time',
    href: '/orders',
    finds: 'customer due calendar price extras kiln load balls',
  },
  { key: 'sets', words: 'Sets', more: 'nests and sets that match', href: '/orders?order=sets', finds: 'nest family match table service' },
  {
    key: 'work',
    words: 'Workshop settings',
    more: 'working days, kiln, costs, clay in stock',
    href: '/orders?order=work',
    finds: 'week days off money cost price wage shop share kiln shelves stock',
  },
  {
    key: 'kit',
    words: 'Kit',
    more: 'formers, cutters, battens',
    href: '/kit',
    finds: 'humps bowls cutters roller bats chucks extruder dies',
  },
  { key: 'files', words: 'Files', more: 'save, open, restore', href: '/files', finds: 'backup save import export csv version' },
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

/** What can be done, found like everything else. */
const THINGS: readonly Candidate[] = THINGS_TO_DO.map(({ key, words, more, finds }) => ({
  key: `do-${key}`,
  words,
  more,
  href: '',
  does: key,
  finds,
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

/** The words of what is typed that say what is looked for, without commas and the like. */
const wordsOf = (typed: string): string[] => (typed.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? []).filter((word) => !FILLING.has(word));

/** By the words of what is typed, in any order. */
const byWords = (candidates: readonly Candidate[], typed: string): Candidate[] => {
  const words = wordsOf(typed);
  return words.length === 0 ? [] : words.reduce<Candidate[]>(holding, [...candidates]);
};

export interface FoundGroups {
  readonly here: readonly Found[];
  readonly pieces: readonly Found[];
  readonly clays: readonly Found[];
  readonly places: readonly Found[];
  readonly things: readonly Found[];
}

/** The first of the pieces, each with its clay. */
function told({ bodies }: Workspace, plans: readonly Plan[], most: number): Found[] {
  const clays = new Map(bodies.map(({ id, name }) => [id, name]));
  return plans.slice(0, most).map((plan) => pieceOf(plan, clays.get(mainPart(plan).bodyId ?? '') ?? ''));
}

/** The pieces whose names have what is typed in them, those changed last first. */
function piecesNamed(workspace: Workspace, typed: string, most: number): Found[] {
  const latest = workspace.plans.toSorted(latestFirst);
  const found = typed
    ? matchSorter(latest, typed, { keys: ['name'], baseSort: () => 0, threshold: matchSorter.rankings.CONTAINS })
    : latest;
  return told(workspace, found, most);
}

/** The pieces whose name and clay have the words of what is typed, those changed last first. */
function piecesByWords(workspace: Workspace, typed: string, most: number): Found[] {
  const words = wordsOf(typed);
  if (words.length === 0) return [];
  const all = told(workspace, workspace.plans.toSorted(latestFirst), Infinity);
  return all.filter((each) => words.every((word) => `${each.words} ${each.more}`.toLowerCase().includes(word))).slice(0, most);
}

/** The clays that are called what is typed, or a batch of them. */
function claysFound({ bodies, batches }: Workspace, typed: string): Found[] {
  const batchesOf = (id: string) => batches.filter(({ bodyId }) => bodyId === id).map(({ name }) => name);
  const keys = ['name', ({ id }: { id: string }) => batchesOf(id)];
  return matchSorter(bodies, typed, { keys, threshold: matchSorter.rankings.CONTAINS })
    .slice(0, MOST)
    .map(({ id, name }) => ({ key: `clay-${id}`, words: name, more: ['clay', ...batchesOf(id)].join(', '), href: `/clay?body=${id}` }));
}

/** What there is by what is typed: in the open piece, pieces, clays and places. With nothing typed: pieces and places. */
export function foundBy(workspace: Workspace, open: Plan | undefined, typed: string, piecesOnly: boolean): FoundGroups {
  const wanted = typed.trim();
  const most = piecesOnly ? 3 * MOST : MOST;
  const pieces = piecesNamed(workspace, wanted, most);
  const byTheirWords = () => piecesByWords(workspace, wanted, most);
  if (piecesOnly) return { here: [], pieces: pieces.length > 0 ? pieces : byTheirWords(), clays: [], places: [], things: [] };
  if (!wanted) return { here: [], pieces, clays: [], places: PLACES, things: [] };
  const clays = claysFound(workspace, wanted);
  const found = (by: typeof holding, named: readonly Found[]): FoundGroups => ({
    here: open ? by(roomsOf(open), wanted).slice(0, MOST) : [],
    pieces: named,
    clays,
    places: by([...PLACES, ...WAYS], wanted),
    things: by(THINGS, wanted),
  });
  const whole = found(holding, pieces);
  return Object.values(whole).some((group) => group.length > 0) ? whole : found(byWords, byTheirWords());
}
