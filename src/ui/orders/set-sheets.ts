'use client';

import { USUAL_SETTING, gaugesOf, strips } from '@/core/bench';
import { surenessOf, weighedPart } from '@/core/part';
import { mainPart, type Plan } from '@/core/records';
import { usePages } from '@/ui/bench';
import type { Saveable } from '@/ui/fields';
import { useUnits, useWorkspace } from '@/ui/state';
import { pdfOf } from '@/workers';

/** The measuring strips of every piece of a set, in one PDF. */
export function useSetSheets(plans: readonly Plan[], name: string): readonly Saveable[] {
  const { workspace } = useWorkspace();
  const units = useUnits();
  const { pages } = usePages();
  const made = plans.flatMap((plan) => {
    const sized = weighedPart(workspace, mainPart(plan), units.length);
    if (!sized.ok || sized.value.hand) return [];
    const { clay, making, part, sized: own } = sized.value;
    return [{ plan, worked: { clay, making, sized: own, known: part.sizes, sure: surenessOf(part) } }];
  });
  if (made.length === 0) return [];
  const make = async () => {
    const sheets = made.flatMap(({ plan, worked }) =>
      pages(strips(gaugesOf(worked, USUAL_SETTING, undefined, units.length), plan.name, {}, units.length)),
    );
    const [first, ...rest] = sheets;
    return {
      content: await pdfOf([first!, ...rest]),
      name: `rimbet-${name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}-gauges.pdf`,
      type: 'application/pdf',
    };
  };
  return [{ words: 'Gauge sheet', make }];
}
