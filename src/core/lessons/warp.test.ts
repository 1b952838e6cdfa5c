import { DEMO } from '@/core/example';
import { describe, expect, it } from 'vitest';
import { startedRun } from '@/core/orders';
import type { Drying, MadePiece, Run, Workspace } from '@/core/records';
import { learnedForms, learnedOval, typicalOval } from '.';

const BARE: Workspace = { ...DEMO, runs: [], pieces: [] };
const MEAN_OF_SD = Math.sqrt(2 / Math.PI);

const run = (id: string, dried: Drying | undefined, cone: string): Run => ({
  ...startedRun(BARE, 'plan-honey-jar', id, '2026-11-01T08:00:00.000Z')!,
  dried,
  firing: { cone },
});

const fired = (runId: string, ovals: readonly number[], mm = 90): MadePiece[] =>
  ovals.map((oval, i) => ({
    id: `${runId}-${i}`,
    runId,
    no: i + 1,
    at: '2026-11-01T09:00:00.000Z',
    shelf: 'fired',
    since: {},
    sizes: { glazed: { rimDiameter: { mm, oval } } },
    weights: {},
    note: '',
  }));

const workshop = (runs: readonly Run[], pieces: readonly MadePiece[]): Workspace => ({ ...BARE, runs, pieces });

describe('warp', () => {
  const hurried = run('h', 'hurried', '6');
  const slow = run('s', 'on', '6');
  const high = run('k', 'on', '10');

  it('is learned of those dried and fired alike, else dried alike, else of the form', () => {
    const made = workshop(
      [hurried, slow, high],
      [...fired('h', [1.6, 1.6, 1.6]), ...fired('s', [0.2, 0.2, 0.2]), ...fired('k', [0.8, 0.8])],
    );
    const own = (dried: Drying, cone: string) => learnedOval(made, 'cylinder', { dried, cone });
    expect(own('hurried', '6')).toMatchObject({ count: 3, alike: 'drying and firing' });
    expect(own('hurried', '6')!.times * typicalOval('hurried', 90) * MEAN_OF_SD).toBeCloseTo(1.6, 9);
    expect(own('on', '6')!.times * typicalOval('on', 90) * MEAN_OF_SD).toBeCloseTo(0.2, 9);
    // two at cone 10 are too few: all five dried slowly
    expect(own('on', '10')).toMatchObject({ count: 5, alike: 'drying' });
    expect(own('on', '10')!.times * typicalOval('on', 90) * MEAN_OF_SD).toBeCloseTo((3 * 0.2 + 2 * 0.8) / 5, 9);
    // none was dried in its own time: the form as a whole, each beside what is typical of its own drying
    const [mixed] = [own('apart', '6')!];
    expect(mixed).toMatchObject({ count: 8, alike: 'form' });
    const ratio = (mm: number, dried: Drying) => mm / (typicalOval(dried, 90) * MEAN_OF_SD);
    expect(mixed.times).toBeCloseTo((3 * ratio(1.6, 'hurried') + 3 * ratio(0.2, 'on') + 2 * ratio(0.8, 'on')) / 8, 9);
    expect(learnedForms(made)[0]!.byWork.map(({ dried, cone, count }) => [dried, cone, count])).toEqual([
      ['hurried', '6', 3],
      ['on', '6', 3],
      ['on', '10', 2],
    ]);
  });

  it('of wide pieces is measured by what is typical of their width', () => {
    const mm = 240;
    const wide = workshop([slow], fired('s', [0.6, 0.6, 0.6], mm));
    expect(typicalOval('on', mm)).toBeCloseTo(2 * typicalOval('on', 120), 9);
    expect(learnedOval(wide, 'cylinder', { dried: 'on', cone: '6' })!.times).toBeCloseTo(0.6 / (0.8 * MEAN_OF_SD), 9);
  });

  it('of two, or of those left out, says nothing; of another form neither', () => {
    const by = { dried: 'hurried', cone: '6' } as const;
    expect(learnedOval(workshop([hurried], fired('h', [1, 1])), 'cylinder', by)).toBeUndefined();
    const three = fired('h', [1, 1, 1]);
    expect(learnedOval(workshop([hurried], [{ ...three[0]!, out: true }, ...three.slice(1)]), 'cylinder', by)).toBeUndefined();
    expect(learnedOval(workshop([hurried], three), 'bowl', by)).toBeUndefined();
  });

  it('unless a run says how it dried it is as its fit says, else in its own time', () => {
    const plain = run('p', undefined, '6');
    const lidded: Run = { ...plain, id: 'l', as: { ...plain.as!, fit: { with: 'lid', dried: 'on' } } };
    const made = workshop([plain, lidded], [...fired('p', [0.5]), ...fired('l', [0.5])]);
    expect(learnedForms(made)[0]!.byWork.map(({ dried }) => dried)).toEqual(['apart', 'on']);
  });
});

describe('sag', () => {
  const bowl = (id: string, change: Partial<Run> = {}): Run => ({
    ...run(id, undefined, '6'),
    family: 'bowl',
    planned: { height: 100, rimDiameter: 200 },
    ...change,
  });
  const measured = (runId: string, height: number | undefined, rim: number | undefined, wetRim?: number): MadePiece => ({
    ...fired(runId, [0])[0]!,
    sizes: {
      ...(wetRim !== undefined && { wet: { rimDiameter: { mm: wetRim } } }),
      glazed: { ...(height !== undefined && { height: { mm: height } }), ...(rim !== undefined && { rimDiameter: { mm: rim } }) },
    },
  });
  const sag = (runs: readonly Run[], ...pieces: readonly MadePiece[]) =>
    learnedForms(
      workshop(
        runs,
        pieces.map((each, i) => ({ ...each, id: `s${i}` })),
      ),
    ).find(({ family }) => family === runs[0]!.family)?.sag;

  /** The same with the height measured wet too. */
  const wetToo = (high: number, ...args: Parameters<typeof measured>) => {
    const found = measured(...args);
    return { ...found, sizes: { ...found.sizes, wet: { ...found.sizes.wet, height: { mm: high } } } };
  };

  /** Nothing is trimmed off it: it is as high wet as it was thrown. */
  const level = (change: Parameters<typeof bowl>[1] = {}) => bowl('b', { gauge: undefined, ...change });

  it('is what a fired height lacks of what the rim’s own shrinkage would leave, of forms that sag', () => {
    // the rim went from 200 to 180, so that 100 high would be 90
    expect(sag([level()], wetToo(100, 'b', 87, 180))).toEqual({ mm: expect.closeTo(-3, 9) as number, count: 1 });
    expect(sag([level()], wetToo(100, 'b', 87, 180), wetToo(100, 'b', 92, 180))).toEqual({
      mm: expect.closeTo(-0.5, 9) as number,
      count: 2,
    });
    // measured wet, the rim is as it was measured
    expect(sag([level()], wetToo(100, 'b', 90, 180, 225))!.mm).toBeCloseTo(10, 9);
    // the hand made it 4 taller: that is no sag less
    expect(sag([level()], wetToo(104, 'b', 90.6, 180))!.mm).toBeCloseTo(-3, 9);
    expect(sag([level({ family: 'cylinder' })], wetToo(100, 'b', 87, 180))).toBeUndefined();
    for (const lacking of [wetToo(100, 'b', undefined, 180), wetToo(100, 'b', 87, undefined), measured('b', 87, 180)])
      expect(sag([level()], lacking)).toBeUndefined();
  });

  it('says nothing of what is no plan’s', () => {
    expect(sag([level({ planId: undefined })], wetToo(100, 'b', 87, 180))).toBeUndefined();
  });
});
