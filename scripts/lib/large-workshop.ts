import { writeWorkspace } from '@/core/encode';
import { DEMO } from '@/core/example';

/** A workshop of a working life as a workspace file: the example workshop over and over, under other names. */
export function largeWorkshop(plans: number, bars: number): string {
  const measured = DEMO.bars.filter(({ bodyId, kind }) => bodyId === 'body-heron-buff' && kind === 'bar');
  const more = <T extends { readonly id: string; readonly name: string }>(rows: readonly T[], count: number): T[] =>
    Array.from({ length: count }, (_, i) => {
      const row = rows[i % rows.length]!;
      return { ...row, id: `${row.id}-${i}`, name: `${row.name} ${i}` };
    });
  return writeWorkspace(
    {
      ...DEMO,
      plans: [...DEMO.plans, ...more(DEMO.plans, plans - DEMO.plans.length)],
      bars: [...DEMO.bars, ...more(measured, bars - DEMO.bars.length)],
    },
    '2026-11-25T00:00:00.000Z',
  );
}
