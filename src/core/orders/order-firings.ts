import { daysBetween } from '@/core/lessons';
import type { OrderWork } from './order-work';

/** Firings of several lines that could be one: within so many days of each other. */
const SHARED_WITHIN = 6;

export interface SharedFiring {
  readonly step: 'bisque' | 'fire';
  /** The day it would begin for all. */
  readonly from: string;
  readonly to: string;
  readonly lines: readonly { readonly orderId: string; readonly lineId: string; readonly name: string; readonly from: string }[];
}

/** Groups of firings near enough each other that one kiln could take them; the first of them sets the day. */
export function sharedFirings(works: readonly OrderWork[]): SharedFiring[] {
  return (['bisque', 'fire'] as const).flatMap((step) => {
    const all = works
      .flatMap(({ order, lines }) =>
        lines.flatMap((own) => {
          const dated = own.dates?.ok ? own.dates.value.find((each) => each.name === step && !each.done) : undefined;
          return dated ? [{ orderId: order.id, lineId: own.line.id, name: own.name, from: dated.from, to: dated.to }] : [];
        }),
      )
      .sort((a, b) => (a.from < b.from ? -1 : 1));
    const groups: (typeof all)[] = [];
    for (const each of all) {
      const last = groups.at(-1);
      if (last && daysBetween(last[0]!.from, each.from) <= SHARED_WITHIN) last.push(each);
      else groups.push([each]);
    }
    return groups.filter((group) => group.length > 1).map((group) => ({ step, from: group[0]!.from, to: group[0]!.to, lines: group }));
  });
}
