import { EMPTY, type Body, type Workspace } from './records';
import { shopOf, shopRows } from './shop';

/** What a piece that was sent hangs on: of the rest of a workshop nothing is taken from a link. */
function onlyOne({ bodies, batches, bars, formers, plans, shop }: Workspace): Workspace {
  const { stock } = shopOf({ shop });
  return { ...EMPTY, bodies, batches, bars, formers, plans: plans.slice(0, 1), ...(stock && { shop: shopRows({ stock }) }) };
}

/** Every text in a value that names one of some rows, alone or as a part's reference, names its new one. */
function renamed<T>(value: T, names: ReadonlyMap<string, string>): T {
  if (typeof value === 'string') {
    const [row, ...rest] = value.split('/');
    const name = names.get(row!);
    return (name === undefined ? value : [name, ...rest].join('/')) as T;
  }
  if (Array.isArray(value)) return value.map((each) => renamed(each as unknown, names)) as T;
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([key, each]) => [key, renamed(each as unknown, names)])) as T;
}

/** A name that none of mine has. */
function freeName(name: string, taken: readonly string[]): string {
  if (!taken.includes(name)) return name;
  for (let no = 2; ; no += 1) {
    const next = `${name} (received${no > 2 ? ` ${no - 1}` : ''})`;
    if (!taken.includes(next)) return next;
  }
}

/** A clay that came with a piece and one of mine with the same name in files. */
export interface ClayHere {
  readonly theirs: Body;
  readonly mine: Body;
}

/** Clays that came along and are here already: each is taken beside mine unless it is said to be mine. */
export const claysHere = (here: Pick<Workspace, 'bodies'>, sent: Workspace): readonly ClayHere[] =>
  sent.bodies.flatMap((theirs) => {
    const mine = here.bodies.find(({ id, name }) => id === theirs.id || name === theirs.name);
    return mine ? [{ theirs, mine }] : [];
  });

/**
 * A piece as it is taken in: under names of its own, so that nothing of mine is replaced, whatever it calls itself. A clay comes beside
 * mine; one that is said to be mine is mine, and what was measured of theirs stays out.
 *
 * @param isMine the ids of clays in what was sent that are said to be mine
 */
export function received(here: Workspace, sent: Workspace, isMine: ReadonlySet<string>, newId: () => string): Workspace {
  const own = onlyOne(sent);
  const mine = new Map(claysHere(here, own).map(({ theirs, mine: body }) => [theirs.id, body.id]));
  const said = (bodyId: string) => isMine.has(bodyId) && mine.has(bodyId);
  const stock = shopOf(own).stock ?? [];
  const rows = [
    ...own.bodies,
    ...own.batches,
    ...own.bars,
    ...own.formers,
    ...own.plans,
    ...own.plans.flatMap(({ parts }) => parts),
    ...stock,
  ];
  const names = new Map(rows.map(({ id }) => [id, said(id) ? mine.get(id)! : newId()]));
  // a batch of a clay that is mine is not one of mine
  const kept = {
    ...own,
    bodies: own.bodies.filter(({ id }) => !said(id)),
    batches: own.batches.filter(({ bodyId }) => !said(bodyId)),
    bars: own.bars.filter(({ bodyId }) => !said(bodyId)),
    plans: own.plans.map((plan) => ({
      ...plan,
      standard: undefined,
      parts: plan.parts.map((part) => (part.bodyId !== undefined && said(part.bodyId) ? { ...part, batchId: undefined } : part)) as never,
    })),
  };
  const { settings: _, ...tables } = renamed(kept, names);
  return {
    ...tables,
    settings: EMPTY.settings,
    bodies: tables.bodies.map((body) => ({
      ...body,
      name: freeName(
        body.name,
        here.bodies.map(({ name }) => name),
      ),
    })),
    plans: tables.plans.map((plan) => ({
      ...plan,
      name: freeName(
        plan.name,
        here.plans.map(({ name }) => name),
      ),
    })),
  };
}
