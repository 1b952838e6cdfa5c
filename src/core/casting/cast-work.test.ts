import { minutesFor, modelOf, plasterFor, mouldMl, wallLaw } from '@/core/cast';
import { wetDensity } from '@/core/clay';
import { DEMO } from '@/core/example';
import { describe, expect, it } from 'vitest';
import { sizedPlanPart } from '@/core/part';
import { type CastChoices, type Part, type Plan, type Shop, shopOf, shopRows, type Workspace } from '@/core/records';
import { castOf, mouldsToPour, USUAL_CAST } from '.';

const plan = DEMO.plans.find(({ id }) => id === 'plan-egg-cup')!;
const [cup] = plan.parts;
const write = (mm: number) => `${mm.toFixed(1)} mm`;

function cast(choices: CastChoices = {}, shop: Partial<Shop> = {}, part: Part = cup) {
  const workspace: Workspace = { ...DEMO, shop: shopRows({ ...shopOf(DEMO), ...shop }) };
  const made = sizedPlanPart(workspace, { ...part, cast: choices }, write);
  if (!made.ok) throw new Error(made.problem.message);
  return { made: made.value, found: castOf(workspace, made.value, write) };
}

const works = (...asked: Parameters<typeof cast>) => {
  const { made, found } = cast(...asked);
  if (!found.ok) throw new Error(found.problem.message);
  return { made, work: found.value };
};

describe('a part that is cast', () => {
  it('has a model larger by its shrinkage, a mould with plaster all round, and its mix', () => {
    const { made, work } = works({ thickness: 40, ratio: 75, margin: 0.1 });
    const { width, height } = made.clay.shrinkage;
    expect(work.scale).toEqual({ width: expect.closeTo(1 / (1 - width), 12), height: expect.closeTo(1 / (1 - height), 12) });
    expect(work.model).toEqual(modelOf(made.sized.wet, USUAL_CAST.well));
    expect(work.chosen).toMatchObject({ well: USUAL_CAST.well, leastDraft: 2, thickness: 40, ratio: 75, margin: 0.1 });
    // moulds are whole centimetres or so
    for (const around of [work.around.side, work.around.below]) {
      expect(around).toBeGreaterThanOrEqual(40 - 1e-9);
      expect(around).toBeLessThan(46);
    }
    expect(work.mouldMl).toBe(mouldMl(work.chosen.mould));
    expect(work.plaster).toEqual(plasterFor(work.mouldMl, work.model.volumeMl, 75, 0.1));
  });

  it('takes what is usual where nothing is said', () => {
    const { work } = works();
    expect(work.chosen).toMatchObject({ ratio: USUAL_CAST.ratio, margin: USUAL_CAST.margin, thickness: 35 });
    expect(work.slip).toMatchObject({ weighed: false, law: undefined, time: undefined, holds: true });
  });

  it.each<[CastChoices, string]>([
    [{ ratio: 40 }, 'ratio'],
    [{ ratio: 140 }, 'ratio'],
    [{ mould: { shape: 'round', diameter: 20, height: 200 } }, 'does not go into this mould'],
    [{ mould: { shape: 'round', diameter: 200, height: 30 } }, 'too tall for this mould'],
    [{ mould: { shape: 'round', diameter: 100, height: 200 } }, 'of plaster around the model'],
  ])('is refused with %j in words', (choices, words) => {
    const { found } = cast(choices);
    expect(found.ok).toBe(false);
    if (!found.ok) expect(`${found.problem.path} ${found.problem.message}`).toContain(words);
  });

  it('may have just as little plaster as holds, and no less', () => {
    const { work } = works();
    const mould = (diameter: number, height: number) => cast({ mould: { shape: 'round', diameter, height } }).found;
    const least = (diameter: number, height: number) => mould(diameter, height).ok;
    const [wide, high] = [work.model.widest + 40, work.model.height + 20];
    expect(least(wide, high)).toBe(true);
    expect(least(wide - 0.1, high)).toBe(false);
    expect(least(wide, high - 0.1)).toBe(false);
    expect(mould(200, high - 1)).toMatchObject({
      problem: { message: expect.stringContaining('Only 19.0 mm of plaster under the model') },
    });
  });

  it('is round: slabs are refused', () => {
    const box = DEMO.plans.find(({ id }) => id === 'plan-planter-box')!;
    const { found } = cast({}, {}, box.parts[0]);
    expect(found).toMatchObject({ ok: false, problem: { path: 'family' } });
  });
});

describe('the slip of a cast part', () => {
  const casts = [
    { minutes: 5, mm: 2.1 },
    { minutes: 10, mm: 3 },
    { minutes: 20, mm: 4.2 },
  ];
  const slips = { [cup.bodyId!]: { density: 1.76, casts } };

  it('stands until the wall wanted is there, as it lets go of the mould, by the maker’s own test casts', () => {
    const { made, work } = works({ wall: 3 }, { slips });
    const wall = 3 / (1 - made.clay.shrinkage.width);
    expect(work.slip).toMatchObject({ density: 1.76, weighed: true, wall: expect.closeTo(wall, 9) });
    expect(work.slip.law).toEqual(wallLaw(casts));
    expect(work.slip.time).toEqual(minutesFor(wallLaw(casts)!, wall));
    // without a wall of its own, the piece’s
    expect(works({}, { slips }).work.slip.wall).toBeCloseTo(made.sized.stages.glazed.sizes.wall! / (1 - made.clay.shrinkage.width), 9);
  });

  it('comes back but for the clay that stays, in the piece and round the well', () => {
    const { made, work } = works({}, { slips });
    const { slip, model } = work;
    const dry = wetDensity(made.clay.matter) * (1 - made.clay.matter.water);
    const top = made.sized.wet.side.at(-1)!.r + USUAL_CAST.well.width;
    // the wall of the well by rings: circumference times wall times height
    const inWell = (2 * Math.PI * top * slip.wall * USUAL_CAST.well.height) / 1000;
    const solid = (made.sized.volumes.piece + inWell) * dry;
    // slip of a density holds so much dry clay a millilitre: (d - 1) / (1 - 1/2.6)
    const clayInSlip = (1.76 - 1) / (1 - 1 / 2.6);
    expect(slip.poured.stayMl * clayInSlip).toBeCloseTo(solid, 4);
    expect(slip.poured.pourMl).toBe(model.volumeMl);
    expect(slip.poured.sinks / 1000).toBeCloseTo((slip.poured.stayMl - made.sized.volumes.piece - inWell) / (Math.PI * top ** 2), 9);
    expect(slip.poured.drainMl).toBeCloseTo(model.volumeMl - slip.poured.stayMl, 9);
  });

  it('sinks further than a low well holds', () => {
    const { work } = works({ well: { height: 2, width: 1, flare: 0 } }, { slips });
    expect(work.slip.holds).toBe(work.slip.poured.sinks < 2);
    expect(works({ well: { height: 60, width: 12, flare: 0 } }, { slips }).work.slip.holds).toBe(true);
  });
});

describe('moulds to pour', () => {
  const workshopOf = (parts: Plan['parts'][number][]): Workspace => ({
    ...DEMO,
    plans: [{ ...plan, parts: parts as unknown as Plan['parts'] }],
  });

  it('are those of every part that is cast, and whose mould can be made', () => {
    expect(mouldsToPour(workshopOf([{ ...cup, cast: undefined }]))).toEqual([]);
    expect(mouldsToPour(workshopOf([{ ...cup, cast: { ratio: 10 } }]))).toEqual([]);
    const both = mouldsToPour(
      workshopOf([
        { ...cup, cast: {} },
        { ...cup, id: 'second', name: 'foot', cast: { thickness: 30 } },
      ]),
    );
    expect(both.map(({ work }) => work.chosen.thickness)).toEqual([35, 30]);
    expect(both[0]!.name).toContain(plan.name);
    expect(new Set(both.map(({ ref }) => ref)).size).toBe(2);
  });
});
