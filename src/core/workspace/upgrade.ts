import { shopRows } from './shop';

/** What the kit was before version 4. */
export const NO_KIT = { formers: [], cutters: [] } as const;

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
