import 'fake-indexeddb/auto';
import { DEMO } from '@/core/example';
import { handOf } from '@/core/part';
import { applyChanges, type Part, reversed, type Workspace } from '@/core/records';
import { describe, expect, it } from 'vitest';
import { type Act, commands } from '.';

const PLAN = 'plan-honey-jar';
const partOf = (workspace: Workspace, id = PLAN): Part => workspace.plans.find((plan) => plan.id === id)!.parts[0];

/** What an act leaves, and that taking it back leaves nothing of it. */
function done(act: Act, workspace: Workspace = DEMO): Workspace {
  const changes = act.change(workspace);
  const after = applyChanges(workspace, changes);
  const back = applyChanges(after, reversed(changes));
  for (const table of ['plans', 'formers', 'cutters'] as const)
    expect(new Set(back[table].map((row) => JSON.stringify(row)))).toEqual(new Set(workspace[table].map((row) => JSON.stringify(row))));
  return after;
}

describe('the way a piece is made', () => {
  it('by hand keeps what was set for the wheel, and the other way round', () => {
    const coiled = done(commands.setHand(PLAN, { by: 'coil', coil: { pinchShare: 0.4 } }, 'coiled'));
    expect(handOf(partOf(coiled))).toBe('coil');
    expect(partOf(coiled).making).toEqual(partOf(DEMO).making);
    const thrown = done(commands.setWay(PLAN, 'plaster', 'plaster bat'), coiled);
    expect(handOf(partOf(thrown))).toBe('wheel');
    expect(partOf(thrown).hand?.coil).toEqual({ pinchShare: 0.4 });
    const again = done(commands.setHand(PLAN, { by: 'coil' }, 'coiled again'), thrown);
    expect(partOf(again).hand).toMatchObject({ by: 'coil', coil: { pinchShare: 0.4 } });
  });

  it('chosen for one way leaves what was chosen for another', () => {
    const slab = done(commands.setHand(PLAN, { by: 'slab', slab: { seam: 'lapped' }, pieces: 3 }, 'slab'));
    const coil = done(commands.setHand(PLAN, { by: 'coil', coil: { gain: 0.8 } }, 'coil'), slab);
    expect(partOf(coil).hand).toEqual({ by: 'coil', slab: { seam: 'lapped' }, pieces: 3, coil: { gain: 0.8 } });
  });

  it('of a plan that is gone changes nothing', () => {
    expect(commands.setHand('no-such-plan', { by: 'slab' }, 'slab').change(DEMO)).toEqual([]);
  });
});

describe('the kit', () => {
  const points = [0, 30, 60].map((height) => ({ height, width: 100 + height }));

  it('takes a former and changes it', () => {
    const { act, id } = commands.createFormer({ name: 'Colander', measured: 'outside', points });
    const made = done(act);
    expect(made.formers.at(-1)).toMatchObject({ id, name: 'Colander', measured: 'outside', points });
    const wider = done(commands.editFormer(id, { points: points.map((each) => ({ ...each, width: each.width + 10 })) }, 'wider'), made);
    expect(wider.formers.find((row) => row.id === id)!.points[0]!.width).toBe(110);
    expect(commands.editFormer(id, { name: 'Colander' }, 'the same').change(made)).toEqual([]);
  });

  it('lets a former go without touching the sizes of what was made in it', () => {
    const row = DEMO.formers.find(({ id }) => id === 'former-fruit-bowl')!;
    const before = partOf(DEMO, 'plan-seed-dish');
    const after = partOf(done(commands.deleteFormer(row)), 'plan-seed-dish');
    expect(before.hand?.formerId).toBe(row.id);
    expect(after.hand).toEqual({ by: 'former' });
    expect(after.sizes).toEqual(before.sizes);
    expect(after.knots).toEqual(before.knots);
  });

  it('takes cutters, changes them and lets them go', () => {
    const { act, id } = commands.createCutter({ shape: 'round', width: 91, name: 'Tin lid' });
    const made = done(act);
    expect(made.cutters).toHaveLength(DEMO.cutters.length + 1);
    const scalloped = done(commands.editCutter(id, { hollows: 86 }, 'scalloped'), made);
    const row = scalloped.cutters.find((each) => each.id === id)!;
    expect(row).toMatchObject({ name: 'Tin lid', width: 91, hollows: 86 });
    expect(done(commands.deleteCutter(row), scalloped).cutters).toHaveLength(DEMO.cutters.length);
  });

  it('is emptied and replaced with everything else', () => {
    const empty = done(commands.clearAll());
    expect([empty.formers, empty.cutters]).toEqual([[], []]);
    const back = done(commands.replaceAll(DEMO, 'the example'), empty);
    expect(back.cutters).toHaveLength(DEMO.cutters.length);
    const merged = done(commands.mergeIn({ ...DEMO, formers: [{ ...DEMO.formers[0]!, name: 'Renamed' }], cutters: [] }, 'merge'));
    expect(merged.formers.map(({ name }) => name)).toContain('Renamed');
    expect(merged.formers).toHaveLength(DEMO.formers.length);
  });
});
