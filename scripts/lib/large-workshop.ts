import { writeWorkspace } from '@/core/encode';
import { DEMO } from '@/core/example';

/** A workshop of a working life as a workspace file: the example workshop over and over, under other names; and what was made, if asked. */
export function largeWorkshop(plans: number, bars: number, pieces = DEMO.pieces.length): string {
  const measured = DEMO.bars.filter(({ bodyId, kind }) => bodyId === 'body-heron-buff' && kind === 'bar');
  const more = <T extends { readonly id: string; readonly name: string }>(rows: readonly T[], count: number): T[] =>
    Array.from({ length: count }, (_, i) => {
      const row = rows[i % rows.length]!;
      return { ...row, id: `${row.id}-${i}`, name: `${row.name} ${i}` };
    });
  // whole runs, one after the other, until there are so many pieces
  const rounds = Math.ceil(pieces / DEMO.pieces.length);
  const again = <T extends { readonly id: string }>(rows: readonly T[], change: (row: T, round: number) => T): T[] =>
    Array.from({ length: rounds }, (_, round) => rows.map((row) => (round === 0 ? row : change(row, round)))).flat();
  const runs = again(DEMO.runs, (run, i) => ({ ...run, id: `${run.id}-${i}`, name: `${run.name} ${i}` }));
  const made = again(DEMO.pieces, (piece, i) => ({ ...piece, id: `${piece.id}-${i}`, runId: `${piece.runId}-${i}` })).slice(0, pieces);
  return writeWorkspace(
    {
      ...DEMO,
      plans: [...DEMO.plans, ...more(DEMO.plans, plans - DEMO.plans.length)],
      bars: [...DEMO.bars, ...more(measured, bars - DEMO.bars.length)],
      runs,
      pieces: made,
    },
    '2026-11-25T00:00:00.000Z',
  );
}
