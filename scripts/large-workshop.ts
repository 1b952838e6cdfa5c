/**
 * A workshop of a working life as a workspace file on the standard output: the example workshop over and over, with other names,
 * until it has so many plans and bars. `tsx scripts/large-workshop.ts [plans] [bars]`
 */
import { writeWorkspace } from '@/core/encode';
import { DEMO } from '@/core/workspace';

const [plans = 2000, bars = 10_000] = process.argv.slice(2).map(Number);
const [first] = DEMO.bodies;
const measured = DEMO.bars.filter(({ bodyId, kind }) => bodyId === first!.id && kind === 'bar');

process.stdout.write(
  writeWorkspace(
    {
      ...DEMO,
      plans: Array.from({ length: plans }, (_, i) => {
        const plan = DEMO.plans[i % DEMO.plans.length]!;
        return i < DEMO.plans.length ? plan : { ...plan, id: `${plan.id}-${i}`, name: `${plan.name} ${i}` };
      }),
      bars: [
        ...DEMO.bars,
        ...Array.from({ length: Math.max(0, bars - DEMO.bars.length) }, (_, i) => {
          const bar = measured[i % measured.length]!;
          return { ...bar, id: `${bar.id}-${i}`, name: `${bar.name} ${i}` };
        }),
      ],
    },
    '2026-11-25T00:00:00.000Z',
  ),
);
