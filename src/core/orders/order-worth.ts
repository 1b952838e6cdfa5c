import { remaining } from '@/core/clay';
import { type Loads, type Standing, type Worth, loadShelves, worthOf } from '@/core/sets';
import { learnedMinutes } from '@/core/lessons';
import { shopOf, WORK, type Work, type Workspace } from '@/core/records';
import type { Ordered } from './order-days';
import type { LineWork } from './order-work';
import type { SizedPlanPart } from '@/core/part';
import { lidPartOf, sticksOut } from '@/core/fitting';

/** A finished width of a part as it is at a stage. mm */
const atStage = ({ clay }: SizedPlanPart, finished: number, stage: 'wet' | 'dry' | 'glazed'): number =>
  finished * (remaining(clay.shrinkage, stage, 'width') / remaining(clay.shrinkage, 'glazed', 'width'));

const widthOf = (made: SizedPlanPart): number => made.sized.measures.widest + sticksOut(made).width;

/** Pieces as they stand beside each other, by their widest with what sticks out of it; wet each part by itself. */
const apart = (items: readonly Ordered[], stage: 'wet' | 'dry' | 'glazed'): Standing[] =>
  items.flatMap(({ made, name, make }) =>
    made.ok && make > 0 ? [{ name, across: atStage(made.value, widthOf(made.value), stage), count: make }] : [],
  );

/** Pieces as they are fired: a lid on its pot, so that both keep their round, and what is left of either by itself. */
function lidded(items: readonly Ordered[], stage: 'dry' | 'glazed'): Standing[] {
  const lidOf = (pot: Ordered) => {
    const lid = lidPartOf(pot.plan, pot.part);
    if (!lid || lid.fit?.apart || pot.part.fit?.apart) return undefined;
    return items.find(({ plan, part }) => plan.id === pot.plan.id && part.id === lid.id);
  };
  const pairs = items.flatMap((pot) => {
    const lid = lidOf(pot);
    return lid ? [{ pot, lid, count: Math.min(pot.make, lid.make) }] : [];
  });
  const paired = (item: Ordered) => pairs.find(({ pot, lid }) => pot === item || lid === item)?.count ?? 0;
  const together = pairs.flatMap(({ pot, lid, count }) => {
    if (!pot.made.ok || !lid.made.ok) return [];
    const across = Math.max(
      atStage(pot.made.value, widthOf(pot.made.value), stage),
      atStage(lid.made.value, widthOf(lid.made.value), stage),
    );
    return [{ name: pot.name, across, count }];
  });
  return [
    ...together,
    ...apart(
      items.map((item) => ({ ...item, make: item.make - paired(item) })),
      stage,
    ),
  ];
}

/** A ware board as it is usually carried, mm. Ours. */
export const BOARD = { width: 1000, depth: 300 } as const;

/** How many boards pieces take, wet. What is wider than a board stands on one of its own. */
export function boardsFor(items: readonly Ordered[]): number {
  const { shelves, tooWide } = loadShelves(apart(items, 'wet'), BOARD.width, BOARD.depth);
  return shelves.length + tooWide.reduce((sum, { count }) => sum + count, 0);
}

/** How pieces go into the kiln: their shelves at bone dry for the bisque, and glazed. None while the kiln is not known. */
export function kilnLoads(workspace: Workspace, items: readonly Ordered[]): { readonly bisque: Loads; readonly glaze: Loads } | undefined {
  const { kiln } = shopOf(workspace);
  if (!kiln) return undefined;
  return {
    bisque: loadShelves(lidded(items, 'dry'), kiln.width, kiln.depth),
    glaze: loadShelves(lidded(items, 'glazed'), kiln.width, kiln.depth),
  };
}

/** What a piece of a line brings, and where its minutes go. */
export interface LineWorth extends Worth {
  readonly minutes: number;
  readonly byWork: readonly { readonly work: Work; readonly minutes: number }[];
  readonly costs: number;
  /** Minutes come from the maker's log, not from what was typed. */
  readonly learned: boolean;
}

/** Whether a line is worth it; undefined while price, wage or minutes are unknown. Of a set, for all its pieces together. */
export function worthFor(workspace: Workspace, { line, items }: LineWork): LineWorth | undefined {
  const { money } = shopOf(workspace);
  if (!money || line.price === undefined || line.price <= 0 || money.wantPerHour <= 0 || items.length === 0) return undefined;
  const learned = new Map(learnedMinutes(workspace).map(({ work, median }) => [work, median]));
  const byWork = WORK.flatMap((work) => {
    const took = learned.get(work) ?? money.byWork?.[work];
    return took === undefined ? [] : [{ work, minutes: took }];
  });
  const together = byWork.reduce((sum, { minutes }) => sum + minutes, 0);
  const each = together > 0 ? together : money.minutes;
  if (each <= 0) return undefined;
  const perSet = items.reduce((sum, { need }) => sum + need, 0) / line.count;
  const clayKg = items.reduce((sum, { ballG = 0, copies, need }) => sum + (ballG * copies * need) / line.count / 1000, 0);
  const costs = clayKg * money.clayPerKg + perSet * (money.glaze + money.firing + money.packing);
  const made = items.reduce((sum, { make }) => sum + make, 0);
  const need = items.reduce((sum, item) => sum + item.need, 0);
  const loss = Math.min(0.95, Math.max(0, 1 - need / made));
  const minutes = each * perSet;
  const worth = worthOf({ price: line.price, shop: money.shop, costs, minutes, loss, wantPerHour: money.wantPerHour });
  return { ...worth, minutes, byWork, costs, learned: learned.size > 0 };
}
