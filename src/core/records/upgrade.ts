import { shopRows } from './shop';

/** What the kit was before version 4. */
export const NO_KIT = { formers: [], cutters: [] } as const;

/** What there was of runs before version 6. */
export const NO_LOG = { runs: [], pieces: [] } as const;

/** What there was of orders before version 7. */
export const NO_ORDERS = { sets: [], orders: [] } as const;

/** Lifts what older versions of Rimbet kept: plans in which every part was a cup and every size was known once. */

type Loose = Readonly<Record<string, unknown>>;

const isRecord = (value: unknown): value is Loose => typeof value === 'object' && value !== null && !Array.isArray(value);

const mapped = (record: Loose, map: (value: unknown) => unknown): Loose =>
  Object.fromEntries(Object.entries(record).map(([key, value]) => [key, map(value)]));

/** A size of version 2 is one record; of version 3 a list, the first leads. */
const listed = (known: unknown): unknown => (isRecord(known) ? [known] : known);

function upgradedPart(part: unknown): unknown {
  if (!isRecord(part) || 'manner' in part) return part;
  // in the order new parts are written, so that what did not change compares as the same
  const { id, name, family, sizes, ...rest } = part;
  return { id, name, family, manner: { foot: 'flat' }, sizes: isRecord(sizes) ? mapped(sizes, listed) : sizes, ...rest };
}

/** A plan of version 1 or 2 as one of version 3; anything else as it is, for the schema to judge. */
export function upgradedPlan(plan: unknown): unknown {
  if (!isRecord(plan) || !Array.isArray(plan.parts)) return plan;
  return { ...plan, parts: plan.parts.map(upgradedPart) };
}

/** Up to version 5 what was thrown of a plan was counted in the plan: each run and each piece of it is a row now. */
export function partedRuns(plan: unknown): { readonly plan: unknown; readonly runs: unknown[]; readonly pieces: unknown[] } {
  if (!isRecord(plan)) return { plan, ...NO_LOG, runs: [], pieces: [] };
  const { thrown, run, ...rest } = plan;
  const part = Array.isArray(plan.parts) && isRecord(plan.parts[0]) ? plan.parts[0] : {};
  const all = Array.isArray(thrown) ? thrown.filter(isRecord) : [];
  const { startedAt, wanted } = isRecord(run) ? run : {};
  const isNew = ({ at }: Loose) => typeof startedAt !== 'string' || String(at) >= startedAt;
  const groups = [
    { id: `${String(plan.id)}-run-1`, pieces: all.filter((piece) => !isNew(piece)), closed: true, wanted: undefined },
    { id: `${String(plan.id)}-run-2`, pieces: all.filter(isNew), closed: undefined, wanted },
  ].filter(({ pieces }) => pieces.length > 0);
  const hand = isRecord(part.hand) && typeof part.hand.by === 'string' ? part.hand.by : 'wheel';
  return {
    plan: rest,
    runs: groups.map(({ id, pieces, ...more }) => ({
      id,
      planId: plan.id,
      name: plan.name,
      date: String(pieces[0]!.at).slice(0, 10),
      family: part.family,
      by: hand,
      way: part.way,
      ...defined({ bodyId: part.bodyId, batchId: part.batchId, firing: part.firing, ...more }),
      planned: {},
      asked: {},
      tool: 'gauge',
      measures: 'ruler',
      note: '',
      createdAt: pieces[0]!.at,
    })),
    pieces: groups.flatMap(({ id: runId, pieces }) =>
      pieces.map(({ id, at, different }, i) => {
        const shelf = different === 'gone wrong' ? 'lost' : 'wet';
        return {
          id,
          runId,
          no: i + 1,
          at,
          shelf,
          since: { [shelf]: String(at).slice(0, 10) },
          sizes: {},
          weights: {},
          ...defined({ different }),
          note: '',
        };
      }),
    ),
  };
}

/** Up to version 4 the shop's settings lay in one row with what the device prefers. */
export function partedSettings(settings: unknown): { readonly settings: unknown; readonly shop: unknown[] } {
  if (!isRecord(settings)) return { settings, shop: [] };
  const { bench, place, ...own } = settings;
  if (!isRecord(bench)) return { settings: own, shop: shopRows({ place } as never) };
  const { paper, printer, batThickness, clearance, chuckClearance, ...lists } = bench;
  const wheel = defined({ batThickness, clearance, chuckClearance });
  return {
    settings: { ...own, ...defined({ paper, printer }) },
    shop: shopRows({ ...(Object.keys(wheel).length > 0 && { wheel }), ...lists, place } as never),
  };
}

const defined = (record: Loose): Loose => Object.fromEntries(Object.entries(record).filter(([, value]) => value !== undefined));
