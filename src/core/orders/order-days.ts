import type { Dated, WorkStep, thumbRules } from '@/core/sets';
import type { Result } from '@/core/units';
import { learnedDays } from '@/core/lessons';
import {
  ORDER_STEPS,
  type OrderLine,
  type OrderStep,
  type Part,
  type Plan,
  ROOMS_DRY,
  shopOf,
  USUAL_WEEK,
  type Workspace,
  type WorkWeek,
} from '@/core/records';
import type { SizedPlanPart } from '@/core/part';

/** How much of a plan an order line asks for. */
export interface Ordered {
  readonly plan: Plan;
  readonly part: Part;
  readonly name: string;
  /** Worked out, or why it is not. */
  readonly made: Result<SizedPlanPart>;
  readonly need: number;
  /** How many are made for that. */
  readonly make: number;
  /** The chance that enough come out. */
  readonly odds: number;
  readonly thumb: ReturnType<typeof thumbRules>;
  /** Lost and made before, of this form. */
  readonly lost: number;
  readonly of: number;
  /** A whole firing was lost before: no count of extras covers that. */
  readonly wholeFirings: boolean;
  /** Of so many alike pressed together: each takes a ball. */
  readonly copies: number;
  /** One, g; unknown where nothing can be worked out. */
  readonly ballG: number | undefined;
}

/** A step of an order on its days. */
export interface DatedStep extends Dated {
  readonly name: OrderStep;
  readonly done: boolean;
  /** Nobody works on it. */
  readonly waits: boolean;
  /** Days that are typical only. */
  readonly typical: boolean;
  /** Days it really stands, where the next step begins later than it could. */
  readonly stands: number;
}

/** Days of drying for each mm of wall or floor, in a room between the seasons: ours, so that 6 mm take about a week. */
const DAYS_A_MM = 1.2;
/** Of ware some 6 mm thick. */
const USUAL_DRYING = 7;
const LEAST_DRYING = 3;
const MOST_DRYING = 40;

/** How thick a part is where it is thickest, finished mm. */
const thickest = ({ sized }: SizedPlanPart): number => {
  const { wall = 0, wallAtFoot = 0, floor = 0 } = sized.stages.glazed.sizes;
  return Math.max(wall, wallAtFoot, floor);
};

/** Days to dry: the maker's own, or typical by thickness and room. */
function dryingDays(workspace: Workspace, part: SizedPlanPart): { readonly days: number; readonly typical: boolean } {
  const own = learnedDays(workspace, 'drying');
  const thick = thickest(part) * DAYS_A_MM;
  // what was learned is of ware as it usually is: what is thicker takes longer in proportion
  if (own.learned && own.days !== undefined)
    return { days: Math.max(1, Math.round(own.days * Math.max(1, thick / USUAL_DRYING))), typical: false };
  const { room } = shopOf(workspace).week ?? USUAL_WEEK;
  const days = Math.round(thick * ROOMS_DRY[room]);
  return { days: Math.min(MOST_DRYING, Math.max(LEAST_DRYING, days)), typical: true };
}

/** The steps of a line, with how many days each takes. */
export function stepsOf(
  workspace: Workspace,
  line: OrderLine,
  items: readonly Ordered[],
  matched: boolean,
  week: WorkWeek,
): (WorkStep & {
  readonly name: OrderStep;
  readonly typical: boolean;
})[] {
  const parts = items.flatMap(({ made }) => (made.ok ? [made.value] : []));
  const pieces = items.reduce((sum, { make }) => sum + make, 0);
  const drying = parts
    .map((part) => dryingDays(workspace, part))
    .reduce((a, b) => (b.days > a.days ? b : a), { days: LEAST_DRYING, typical: true });
  const firm = learnedDays(workspace, 'wet');
  const turned = parts.some(({ making, part }) => making.trimFloor > 0 || making.trimWall > 0 || part.handle || part.attached?.length);
  const days: Readonly<Record<OrderStep, number>> = {
    throw: Math.ceil(pieces / week.perDay),
    firm: Math.max(1, Math.round(firm.days ?? 1)),
    trim: turned ? Math.ceil(pieces / week.perDay) : 0,
    dry: drying.days,
    bisque: 2,
    sort: matched ? 1 : 0,
    glaze: 1,
    fire: 2,
    pack: 1,
  };
  return ORDER_STEPS.filter((name) => days[name] > 0 && (name !== 'firm' || turned)).map((name) => ({
    name,
    days: days[name],
    waits: name === 'firm' || name === 'dry' || name === 'bisque' || name === 'fire',
    loaded: name === 'bisque' || name === 'fire',
    by: line.ends?.[name],
    typical: name === 'dry' ? drying.typical : name === 'firm' && !firm.learned,
  }));
}
