import { DEMO } from '@/core/example';
import { describe, expect, it } from 'vitest';
import { sizedPlanPart, weighedPart } from '@/core/part';
import {
  calledPart,
  type Fitting,
  gapRangeOf,
  lotOf,
  mainPart,
  type Part,
  partOf,
  partRef,
  SHELF_GAP,
  shopOf,
  shopRows,
  type Stock,
  stockFault,
  withPart,
  type Workspace,
} from '@/core/records';
import { cutParts, fitOf, type FitWork, helpsOf, lidParts, meetsBy, otherLots } from '.';

const planOf = (id: string) => DEMO.plans.find((plan) => plan.id === id)!;
const jar = mainPart(planOf('plan-honey-jar'));
const crock = mainPart(planOf('plan-butter-crock'));
const gallery = mainPart(planOf('plan-lidded-jar'));

function sizedOf(part: Part, workspace: Workspace = DEMO) {
  const made = sizedPlanPart(workspace, part, String);
  if (!made.ok) throw new Error(made.problem.message);
  return made.value.sized;
}

const tried = (part: Part, fitting: Fitting, workspace: Workspace = DEMO) => fitOf(workspace, part, sizedOf(part, workspace), fitting);

function fits(part: Part, fitting: Fitting, workspace: Workspace = DEMO): FitWork {
  const found = tried(part, fitting, workspace);
  if (!found.ok) throw new Error(found.problem.message);
  return found.value;
}

const refusal = (part: Part, fitting: Fitting): string => {
  const found = tried(part, fitting);
  return found.ok ? '' : found.problem.message;
};

const other = (body: string): Partial<Fitting> => ({ other: { bodyId: body } });

describe('a bought thing', () => {
  const stopper: Fitting = { with: 'stock', stockId: 'stock-beech-stoppers' };

  it('a stopper of the kit seats in the mouth it is planned for, its spread counted', () => {
    const work = fits(jar, stopper);
    expect(work.side).toBe('mouth');
    expect(work.at).toBe('wet');
    expect(work.odds.good).toBeGreaterThan(0.9);
    expect(work.gap.doubt.stock).toBeCloseTo(lotOf(work.stock!).spreadSd!, 9);
    // at the best width the seat lies in the middle of what is allowed
    expect(work.best.odds.good).toBeGreaterThanOrEqual(work.odds.good);
    expect(work.window![0]).toBeLessThan(work.best.diameter);
    expect(work.window![1]).toBeGreaterThan(work.best.diameter);
  });

  it('measured at leather hard there is less to doubt, and what is measured is what counts', () => {
    const mm = sizedOf(jar).stages.leather.sizes.mouthInside!;
    const now = fits(jar, { ...stopper, now: { at: 'leather', mm } });
    expect(now.at).toBe('leather');
    expect(now.gap.mean).toBeCloseTo(fits(jar, stopper).gap.mean, 1);
    expect(now.gap.doubt.hand).toBeLessThan(fits(jar, stopper).gap.doubt.hand);
    expect(fits(jar, { ...stopper, now: { at: 'leather', mm: mm + 2 } }).odds.loose).toBeGreaterThan(now.odds.loose);
  });

  it('a rigid lid goes into the mouth or over the rim, and a gasket takes what it takes', () => {
    const into = fits(gallery, { with: 'stock', stockId: 'stock-pine-lids' });
    expect([into.side, into.range]).toEqual(['mouth', gapRangeOf({ with: 'stock' })]);
    const over = fits(gallery, { with: 'stock', stockId: 'stock-pine-lids', over: true });
    expect(over.side).toBe('lid');
    // a rim must be smaller than what goes over it
    expect(over.finishes).toBeLessThan(lotOf(over.stock!).mean);
    expect(into.finishes).toBeGreaterThan(lotOf(into.stock!).mean);
    const gasket = fits(gallery, { with: 'stock', stockId: 'stock-gasket-lids' });
    expect(gasket.finishes).toBeGreaterThan(94);
    expect(gasket.finishes).toBeLessThan(98);
  });

  it('what was said of a lid over the rim is no word on a stopper or a gasket; once fired nothing helps', () => {
    for (const stockId of ['stock-beech-stoppers', 'stock-gasket-lids'])
      expect(fits(jar, { with: 'stock', stockId, over: true }).width).toBeCloseTo(sizedOf(jar).stages.wet.sizes.mouthInside!, 9);
    expect(helpsOf(fits(jar, { ...stopper, now: { at: 'glazed', mm: 80 } }))).toEqual([]);
  });

  it('under a cupboard’s shelf it is the height that counts, with room above it', () => {
    const cupboard: Stock = { id: 'cupboard', name: 'Cupboard', kind: 'shelf', widths: [130] };
    const workspace: Workspace = { ...DEMO, shop: shopRows({ ...shopOf(DEMO), stock: [cupboard] }) };
    const under: Fitting = { with: 'stock', stockId: 'cupboard' };
    const work = fits(jar, under, workspace);
    const { glazed, wet } = sizedOf(jar, workspace).stages;
    expect(meetsBy(workspace, jar, under)).toBe('height');
    expect([work.side, work.width]).toEqual(['lid', wet.sizes.height]);
    expect(work.gap.mean).toBeCloseTo(130 - glazed.sizes.height, 1);
    expect([work.range, work.gap.doubt.warp]).toEqual([SHELF_GAP, 0]);
    expect(work.finishes).toBeCloseTo(130 - (SHELF_GAP.min + SHELF_GAP.max) / 2, 0);
    expect(fits(jar, { ...under, gap: { min: 20, max: 22 } }, workspace).finishes).toBeCloseTo(109, 0);
  });

  it('a mouth that missed its stoppers may take another lot of the kit, with its odds', () => {
    const ash: Stock = { id: 'ash', name: 'Ash stoppers', kind: 'stopper', widths: [96, 96.4], bottom: 88, length: 26 };
    const tiny: Stock = { id: 'tiny', name: 'Corks', kind: 'stopper', widths: [20], bottom: 16, length: 20 };
    const workspace: Workspace = { ...DEMO, shop: shopRows({ ...shopOf(DEMO), stock: [...shopOf(DEMO).stock!, ash, tiny] }) };
    const wide: Fitting = { ...stopper, now: { at: 'glazed', mm: 93 } };
    const others = otherLots(workspace, jar, sizedOf(jar, workspace), wide).map(({ lot, good }) => [lot.id, good > 0.8]);
    expect(others[0]).toEqual(['ash', true]);
    expect(others.map(([id]) => id)).not.toContain('tiny');
    expect(otherLots(workspace, jar, sizedOf(jar, workspace), { with: 'lid' })).toEqual([]);
  });

  it('says what is still to be chosen, and what is no lot', () => {
    expect(refusal(jar, { with: 'stock' })).toMatch(/Choose what it is to fit with/);
    const stock = shopOf(DEMO).stock!;
    const [ash] = [{ ...stock[0]!, bottom: undefined }];
    const shop = shopRows({ ...shopOf(DEMO), stock: [ash] });
    expect(tried(jar, stopper, { ...DEMO, shop })).toMatchObject({ ok: false, problem: { message: expect.stringMatching(/bottom/) } });
    expect(stockFault({ ...stock[0]!, bottom: 90 }, String)).toMatch(/does not taper.*Swap/);
    expect(stockFault({ ...stock[0]!, widths: [] }, String)).toMatch(/Enter what each measures/);
    expect(stockFault({ ...stock[2]!, widths: [98, 94] }, String)).toMatch(/least and the most/);
    expect(stockFault(stock[0]!, String)).toBeUndefined();
  });
});

describe('a lid of clay', () => {
  it('made with the pot shares its firing; in another clay or firing it does not', () => {
    const together = fits(crock, { with: 'lid' });
    expect(together.side).toBe('lid');
    expect(together.gap.doubt.clay).toBeLessThan(0.05);
    expect(together.width).toBeCloseTo(together.best.diameter, 9);
    expect(fits(crock, { with: 'lid', apart: true }).gap.doubt.clay).toBeGreaterThan(0.5);
    expect(fits(crock, { with: 'lid', ...other('body-heron-buff') }).gap.doubt.clay).toBeGreaterThan(0.5);
    // a clay that is gone is this piece's own
    expect(fits(crock, { with: 'lid', ...other('gone') }).gap.doubt.clay).toBeLessThan(0.05);
  });

  it('for a pot that is leather hard allows for the shrinkage behind it', () => {
    const { leather, glazed } = sizedOf(crock).stages;
    const work = fits(crock, { with: 'lid', now: { at: 'leather', mm: leather.sizes.mouthInside! } });
    expect(work.at).toBe('wet');
    // the middle of an easy gap, half of what both are oval by, and how much the mouth narrows down to where the lid ends
    const oval = work.gap.straight.mean - work.gap.mean;
    expect(work.finishes).toBeCloseTo(glazed.sizes.mouthInside! - 1.65 - oval - work.narrows, 0);
    expect(work.narrows).toBeGreaterThan(0.5);
    expect(fits(crock, { with: 'lid', depth: 0 }).narrows).toBe(0);
    expect(fits(gallery, { with: 'lid' }).narrows).toBe(0);
    expect(work.disc!.finished).toBeCloseTo(glazed.sizes.rimDiameter + 6, 9);
    expect(refusal(crock, { with: 'lid', now: { at: 'leather', mm: 110 }, other: { at: 'bisque' } })).toMatch(/drier than the pot/);
  });

  it('a cover may slide as far as it still covers the mouth; on the tight side it jams rather than drops', () => {
    const cover = fits(crock, { with: 'lid', fit: 'cover', overhang: 8 });
    expect(cover.range.max - cover.narrows).toBeCloseTo(16, 9);
    expect(cover.disc!.finished).toBeCloseTo(sizedOf(crock).stages.glazed.sizes.mouthInside! + 16, 9);
    const narrow = fits(crock, { with: 'lid', narrow: true });
    expect(narrow.odds.loose).toBeLessThan(fits(crock, { with: 'lid' }).odds.loose);
    // hurried drying and a glazed seat each cost
    expect(fits(crock, { with: 'lid', dried: 'hurried' }).odds.good).toBeLessThan(fits(crock, { with: 'lid', dried: 'on' }).odds.good);
    const dry = (dried: 'on' | 'hurried') => helpsOf(fits(crock, { with: 'lid', dried })).map(({ name }) => name);
    expect([dry('on').includes('warp'), dry('hurried').includes('warp')]).toEqual([false, true]);
    expect(fits(crock, { with: 'lid', glaze: 0.2 }).best.diameter).toBeLessThan(fits(crock, { with: 'lid' }).best.diameter);
  });

  it('a mouth measured with two gauges narrows by what they say, as fired', () => {
    const mm = sizedOf(crock).stages.leather.sizes.mouthInside!;
    const straight = fits(crock, { with: 'lid', now: { at: 'leather', mm, below: mm } });
    const tapers = fits(crock, { with: 'lid', now: { at: 'leather', mm, below: mm - 3 } });
    expect(straight.narrows).toBe(0);
    expect(tapers.narrows).toBeGreaterThan(2.7);
    expect(tapers.narrows).toBeLessThan(3);
    expect(tapers.finishes).toBeCloseTo(straight.finishes - tapers.narrows, 0);
  });

  it('what a loose one costs is the maker’s to say', () => {
    const aimed = (cost?: number) => fits(crock, { with: 'lid', narrow: true, cost }).odds.loose;
    expect(aimed(20)).toBeLessThan(aimed());
    expect(aimed(4)).toBeCloseTo(aimed(), 9);
    expect(aimed(1)).toBeCloseTo(fits(crock, { with: 'lid' }).odds.loose, 6);
  });

  it('wide mouths warp more', () => {
    const { glazed } = sizedOf(gallery).stages;
    const narrow = fits(gallery, { with: 'lid', now: { at: 'glazed', mm: 100 } });
    const wide = fits(gallery, { with: 'lid', now: { at: 'glazed', mm: 240 } });
    expect(glazed.sizes.mouthInside).toBeLessThan(120);
    expect(wide.gap.doubt.warp).toBeGreaterThan(narrow.gap.doubt.warp * 1.5);
  });
});

describe('a lid for a pot in the hand', () => {
  const disc: Part = {
    ...crock,
    id: 'disc',
    family: 'disc',
    manner: {},
    sizes: { rimDiameter: [{ mm: 100, at: 'glazed' }], height: [{ mm: 6, at: 'glazed' }] },
  };

  it('asks for its mouth, then makes the disc to it', () => {
    expect(refusal(disc, { with: 'pot' })).toMatch(/Measure the mouth/);
    const work = fits(disc, { with: 'pot', other: { mm: 98 } });
    expect(work.side).toBe('lid');
    expect(work.odds.jams).toBeGreaterThan(0.9);
    expect(work.finishes).toBeLessThan(97);
    expect(helpsOf(work).map(({ name }) => name)).toContain('bars');
    // one for any of several pots has their spread to reckon with
    const any = fits(disc, { with: 'pot', other: { mm: 98, spread: 0.8 } });
    expect(any.best.odds.good).toBeLessThan(work.best.odds.good);
    expect(any.gap.doubt.hand).toBeGreaterThan(work.gap.doubt.hand + 0.3);
  });
});

describe('parts', () => {
  const plan = planOf('plan-butter-crock');
  let made = 0;
  const newId = () => `part-${(made += 1)}`;
  const parts = lidParts(crock, sizedOf(crock), fits(crock, { with: 'lid' }), newId);
  const whole = { ...plan, parts: [crock, ...parts] as [Part, ...Part[]] };
  const workspace: Workspace = { ...DEMO, plans: DEMO.plans.map((each) => (each.id === plan.id ? whole : each)) };

  it('a lid becomes a disc over all and an insert, and fits with its pot as it did', () => {
    expect(parts.map(({ name }) => name)).toEqual(['lid', 'insert']);
    const insert = parts[1]!;
    const before = fits(crock, { with: 'lid' });
    const asPart = fits(crock, { with: 'part', ref: partRef(whole, insert) }, workspace);
    expect(asPart.side).toBe('mouth');
    expect(asPart.gap.mean).toBeCloseTo(before.gap.mean, 1);
    expect(asPart.odds.good).toBeCloseTo(before.odds.good, 2);
    const fromLid = fits(insert, { with: 'part', ref: plan.id }, workspace);
    expect([fromLid.side, fromLid.odds.good]).toEqual(['lid', expect.closeTo(asPart.odds.good, 6)]);
    expect(lidParts(gallery, sizedOf(gallery), fits(gallery, { with: 'lid' }), newId).map(({ name }) => name)).toEqual(['lid']);
  });

  it('a lid over the rim becomes a part whose own mouth is right for it', () => {
    const over: Fitting = { with: 'lid', over: true };
    const [cap] = lidParts(crock, sizedOf(crock), fits(crock, over), newId);
    const lid: Part = { ...cap!, fit: { with: 'part', ref: plan.id, over: true, lid: true } };
    const capped = { ...plan, parts: [crock, lid] as [Part, ...Part[]] };
    const shop: Workspace = { ...DEMO, plans: DEMO.plans.map((each) => (each.id === plan.id ? capped : each)) };
    expect(sizedOf(lid).stages.wet.sizes.mouthInside).toBeCloseTo(fits(crock, over).best.diameter, 2);
    const fromLid = fits(lid, lid.fit!, shop);
    expect([fromLid.side, fromLid.odds.good]).toEqual(['mouth', expect.closeTo(fits(crock, over).odds.good, 2)]);
    const fromPot = fits(crock, { with: 'part', ref: partRef(capped, lid), over: true }, shop);
    expect([fromPot.side, fromPot.odds.good]).toEqual(['lid', expect.closeTo(fromLid.odds.good, 6)]);
  });

  it('cut with two cutters they are as wide as those, in slabs', () => {
    const cut = cutParts(crock, sizedOf(crock), { lid: 132, insert: 112, at: 'wet' }, newId);
    expect(cut.map(({ sizes }) => sizes.rimDiameter)).toEqual([[{ mm: 132, at: 'wet' }], [{ mm: 112, at: 'wet' }]]);
    for (const part of cut) expect(weighedPart(DEMO, part, String)).toMatchObject({ ok: true, value: { hand: { by: 'slab' } } });
  });

  it('a coil for a flange closes round what it has to be, with a little to pare', () => {
    const { flange, best } = fits(crock, { with: 'lid', held: 'coil' });
    expect(fits(crock, { with: 'lid' }).flange).toBeUndefined();
    expect(flange!.across).toBeCloseTo(best.diameter + 2 * flange!.pare, 9);
    expect(flange!.length).toBeCloseTo(Math.PI * (flange!.across - flange!.thickness), 9);
    expect(fits(gallery, { with: 'lid', held: 'coil' }).flange).toBeUndefined();
  });

  it('two lids or two pots fit with nothing of each other, nor a part with itself', () => {
    expect(refusal(crock, { with: 'part' })).toMatch(/Choose the part/);
    expect(refusal(crock, { with: 'part', ref: plan.id })).toMatch(/Choose the part/);
    expect(refusal(crock, { with: 'part', ref: 'plan-honey-jar' })).toMatch(/One must be a lid/);
  });

  it('are found by their reference, and called by their names', () => {
    const insert = parts[1]!;
    expect(partRef(whole, crock)).toBe(plan.id);
    expect(partOf(workspace.plans, partRef(whole, insert))?.part).toBe(insert);
    expect(partOf(workspace.plans, `${plan.id}/gone`)).toBeUndefined();
    expect(calledPart(whole, insert)).toBe('Butter crock: insert');
    expect(calledPart(whole, crock)).toBe('Butter crock');
    const renamed = withPart(whole, insert.id, (part) => ({ ...part, name: 'flange' }));
    expect(renamed.parts.map(({ name }) => name)).toEqual([crock.name, 'lid', 'flange']);
  });
});

describe('what goes with a fit', () => {
  it('a lid’s disc stands 3 mm beyond the rim, a cover’s so far beyond the mouth; a lid over the rim or into a gallery has none', () => {
    const { rimDiameter, mouthInside } = sizedOf(jar).stages.glazed.sizes;
    const left = (fitting: Fitting) => {
      const { disc, at, finishes, best } = fits(jar, fitting);
      return { disc, at, ratio: finishes / best.diameter };
    };
    const plain = left({ with: 'lid' });
    expect(plain.disc).toEqual({
      finished: expect.closeTo(rimDiameter + 6, 9) as number,
      width: expect.closeTo((rimDiameter + 6) / plain.ratio, 9) as number,
    });
    const cover = left({ with: 'lid', fit: 'cover', overhang: 9 });
    expect(cover.disc!.finished).toBeCloseTo(mouthInside! + 18, 9);
    expect(left({ with: 'lid', fit: 'cover' }).disc!.finished).toBeCloseTo(mouthInside! + 12, 9);
    const dry = left({ with: 'lid', other: { at: 'dry' }, now: { at: 'dry', mm: 100 } });
    expect(dry.disc!.width).toBeCloseTo(dry.disc!.finished / dry.ratio, 9);
    expect(left({ with: 'lid', over: true }).disc).toBeUndefined();
    expect(fits(gallery, { with: 'lid' }).disc).toBeUndefined();
    expect(fits(jar, { with: 'stock', stockId: 'stock-pine-lids' }).disc).toBeUndefined();
  });

  it('a coil for its flange is as thick as the wall was, and only where there is a disc to put it on', () => {
    const held = fits(jar, { with: 'lid', held: 'coil' });
    const wall = sizedOf(jar).stages.glazed.sizes.wall!;
    const ratio = held.finishes / held.best.diameter;
    expect(held.flange).toMatchObject({
      thickness: expect.closeTo(wall / ratio, 9) as number,
      across: expect.closeTo(held.best.diameter + 2, 9) as number,
    });
    expect(fits(jar, { with: 'lid' }).flange).toBeUndefined();
    expect(fits(gallery, { with: 'lid', held: 'coil' }).flange).toBeUndefined();
  });

  it('no help is told of a fired piece, nor that of drying lid and pot on each other where that is done', () => {
    const wide: Fitting = { with: 'lid', tool: 'eye', dried: 'hurried' };
    const names = (fitting: Fitting) => helpsOf(fits(jar, fitting)).map(({ name }) => name);
    expect(names({ ...wide, now: { at: 'glazed', mm: 90 }, other: { at: 'glazed', mm: 88 } })).toEqual([]);
    expect(names({ ...wide, dried: 'on' })).not.toContain('warp');
    expect(names(wide).length).toBeGreaterThan(0);
  });

  it('other lots are those of the kit that fit at least three in ten, the likeliest first, no shelf and not the lot itself', () => {
    const lot = (id: string, widths: readonly number[], kind: Stock['kind'] = 'lid'): Stock => ({ id, name: id, kind, widths });
    const mouth = sizedOf(jar).stages.glazed.sizes.mouthInside!;
    const stock = [
      lot('own', [mouth]),
      lot('good', [mouth - 1.6]),
      lot('better', [mouth - 1.7, mouth - 1.7]),
      lot('small', [mouth - 20]),
      lot('shelf', [mouth - 1.6], 'shelf'),
    ];
    const workspace: Workspace = { ...DEMO, shop: shopRows({ ...shopOf(DEMO), stock }) };
    const fitting: Fitting = { with: 'stock', stockId: 'own' };
    const found = otherLots(workspace, jar, sizedOf(jar, workspace), fitting);
    expect(found.map(({ lot: { id } }) => id).toSorted()).toEqual(['better', 'good']);
    expect(found.map(({ good }) => good)).toEqual(found.map(({ good }) => good).toSorted((a, b) => b - a));
    for (const { lot: own, good } of found) expect(good).toBeCloseTo(fits(jar, { with: 'stock', stockId: own.id }, workspace).odds.good, 9);
    expect(otherLots(workspace, jar, sizedOf(jar), { with: 'lid' })).toEqual([]);
    expect(otherLots({ ...DEMO, shop: [] }, jar, sizedOf(jar), fitting)).toEqual([]);
  });

  it('a rigid lot keeps its spread, a gasket has only its range, and a shelf its height', () => {
    const of = (kind: Stock['kind'], widths: readonly number[], fitting: Partial<Fitting> = {}) => {
      const workspace: Workspace = { ...DEMO, shop: shopRows({ stock: [{ id: 's', name: 'lot', kind, widths }] }) };
      return fits(jar, { with: 'stock', stockId: 's', ...fitting }, workspace);
    };
    const rigid = of('lid', [90, 92]);
    expect(rigid.pair.lid).toEqual({ rigid: true, diameter: 91, spreadSd: expect.closeTo(Math.SQRT2, 9) as number });
    expect([rigid.side, rigid.pair.sameFiring]).toEqual(['mouth', false]);
    const over = of('lid', [108, 108], { over: true });
    expect([over.side, over.pair.mouth, over.pair.sameFiring]).toEqual(['lid', { rigid: true, diameter: 108, spreadSd: 0 }, false]);
    const gasket = of('gasket', [90, 94]);
    expect([gasket.range, gasket.pair.lid, gasket.side]).toEqual([
      { min: 90, max: 94 },
      { rigid: true, diameter: 0, spreadSd: undefined },
      'mouth',
    ]);
    const shelf = of('shelf', [300]);
    expect([shelf.side, shelf.range, shelf.pair.mouth]).toEqual(['lid', SHELF_GAP, { rigid: true, diameter: 300, spreadSd: undefined }]);
    expect(of('shelf', [300], { gap: { min: 1, max: 9 } }).range).toEqual({ min: 1, max: 9 });
  });

  it('a lid to be made shares the firing unless one is fired already or they are fired apart', () => {
    const together = (fitting: Fitting) => fits(jar, fitting).pair.sameFiring;
    expect(together({ with: 'lid' })).toBe(true);
    expect(together({ with: 'lid', apart: true })).toBe(false);
    expect(together({ with: 'lid', now: { at: 'glazed', mm: 90 } })).toBe(false);
    expect(together({ with: 'lid', over: true })).toBe(true);
  });
});
