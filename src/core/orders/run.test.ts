import { DEMO } from '@/core/example';
import { TOOL_SD, chanceWithin, rangeOf } from '@/core/sizing';
import { describe, expect, it } from 'vitest';
import { fitOf } from '@/core/fitting';
import { allEvidence, asSent, endsOf, isMade, samplesOf } from '@/core/lessons';
import { sizedPlanPart, thrownBall } from '@/core/part';
import { type BarRecord, type MadePiece, mainPart, type Part, type Plan, type Run, type Workspace } from '@/core/records';
import { piecesOf, runOf, runsOf, startedRun } from '.';

const AT = '2026-11-01T08:00:00.000Z';
const BARE: Workspace = { ...DEMO, runs: [], pieces: [] };
const planOf = (id: string): Plan => DEMO.plans.find((plan) => plan.id === id)!;
const crock = planOf('plan-butter-crock');

const withPart = (plan: Plan, change: Partial<Part>): Workspace => {
  const parts = [{ ...mainPart(plan), ...change }, ...plan.parts.slice(1)] as unknown as Plan['parts'];
  return { ...BARE, plans: DEMO.plans.map((each) => (each.id === plan.id ? { ...plan, parts } : each)) };
};
const workedOut = (workspace: Workspace, id: string) => {
  const made = sizedPlanPart(workspace, mainPart(workspace.plans.find((plan) => plan.id === id)!), String);
  if (!made.ok) throw new Error(made.problem.message);
  return made.value;
};
const piece = (no: number, change: Partial<MadePiece> = {}): MadePiece => ({
  id: `p${no}`,
  runId: 'r',
  no,
  at: AT,
  shelf: 'fired',
  since: {},
  sizes: {},
  weights: {},
  note: '',
  ...change,
});

describe('the run of a piece', () => {
  const run = (id: string, change: Partial<Run> = {}): Run => ({ ...startedRun(BARE, crock.id, id, AT)!, ...change });

  it('is the last begun of that part that is open; its pieces by number, lost ones apart', () => {
    const runs = [
      run('a'),
      run('b', { wanted: 6 }),
      run('c', { closed: true }),
      run('lid', { partId: 'lid' }),
      run('loose', { planId: undefined }),
    ];
    const pieces = [piece(3, { runId: 'b' }), piece(1, { runId: 'b', shelf: 'lost' }), piece(2, { runId: 'b' }), piece(1, { runId: 'a' })];
    const made = { runs, pieces };
    const now = runOf(made, crock.id);
    expect([now.run!.id, now.good, now.wrong, now.wanted, now.pieces.map(({ no }) => no)]).toEqual(['b', 2, 1, 6, [1, 2, 3]]);
    expect(runOf(made, `${crock.id}/lid`).run!.id).toBe('lid');
    expect(runOf({ ...made, runs: [run('c', { closed: true })] }, crock.id)).toEqual({
      run: undefined,
      pieces: [],
      good: 0,
      wrong: 0,
      wanted: undefined,
    });
    expect(runsOf(made, crock.id).map(({ id }) => id)).toEqual(['a', 'b', 'c', 'lid']);
    expect(piecesOf(made, 'a')).toHaveLength(1);
    // other rows are other groups
    expect(runsOf({ runs: runs.slice(0, 1) }, crock.id)).toHaveLength(1);
  });

  it('of a part beside the body says which, and is called by both', () => {
    const lid = { ...mainPart(crock), id: 'lid', name: 'lid' };
    const plans = DEMO.plans.map((plan) => (plan.id === crock.id ? { ...plan, parts: [mainPart(plan), lid] as const } : plan));
    const started = startedRun({ ...BARE, plans: plans as typeof DEMO.plans }, `${crock.id}/lid`, 'x', AT)!;
    expect(started).toMatchObject({ name: 'Butter crock: lid', planId: crock.id, partId: 'lid' });
    expect(startedRun(BARE, crock.id, 'x', AT)).toMatchObject({ name: 'Butter crock', planId: crock.id });
    expect(startedRun(BARE, crock.id, 'x', AT)!.partId).toBeUndefined();
  });

  it('by hand has no height above the bat and no ball; a part that cannot be made has no run', () => {
    const thrown = startedRun(BARE, crock.id, 'x', AT)!;
    // as it is told: to what a bench scale is read
    expect(thrown.ball).toBe(5 * Math.round(thrownBall(workedOut(BARE, crock.id))! / 5));
    const coiled = startedRun(withPart(crock, { hand: { by: 'coil' } }), crock.id, 'x', AT)!;
    expect([coiled.by, coiled.gauge, coiled.ball, coiled.ballComputed]).toEqual(['coil', undefined, undefined, undefined]);
    const sizes = { ...mainPart(crock).sizes, wall: [{ mm: 900, at: 'glazed' as const }] as const };
    expect(startedRun(withPart(crock, { sizes }), crock.id, 'x', AT)).toBeUndefined();
  });

  it('has what was said of height and mouth, and of each finished limit', () => {
    const sizes: Part['sizes'] = {
      ...mainPart(crock).sizes,
      height: [{ at: 'glazed', most: 90 }],
      rimDiameter: [
        { mm: 118, at: 'glazed' },
        { at: 'glazed', least: 117, most: 121 },
        { at: 'wet', most: 140 },
      ],
    };
    const workspace = withPart(crock, { sizes });
    const { clay, sized } = workedOut(workspace, crock.id);
    const { wet } = sized.stages;
    const said = startedRun(workspace, crock.id, 'x', AT)!.promised!;
    const of = (size: 'height' | 'rimDiameter') => ({ clay, size });
    const range = (size: 'height' | 'rimDiameter') => rangeOf(of(size), { from: 'wet', mm: wet.sizes[size], to: 'glazed' }, 0.9);
    expect(said).toHaveLength(4);
    (['height', 'rimDiameter'] as const).forEach((size, i) =>
      expect(said[i]).toEqual({ size, least: range(size)[0], most: range(size)[1], chance: 0.9 }),
    );
    expect(said[2]).toEqual({
      size: 'height',
      least: undefined,
      most: 90,
      chance: chanceWithin(of('height'), { at: 'glazed', most: 90 }, 'wet', wet.sizes.height),
    });
    const limit = { at: 'glazed', least: 117, most: 121 } as const;
    expect(said[3]).toEqual({
      size: 'rimDiameter',
      least: 117,
      most: 121,
      chance: chanceWithin(of('rimDiameter'), limit, 'wet', wet.sizes.rimDiameter),
    });
  });

  it('of a pot for a rigid lid has what the mouth must come to, and how likely; over the rim and for a gasket nothing', () => {
    const said = (fit: Part['fit']) => {
      const workspace = withPart(crock, { fit });
      const { sized, part } = workedOut(workspace, crock.id);
      const found = fit && fitOf(workspace, part, sized, fit);
      const seat = startedRun(workspace, crock.id, 'x', AT)!.promised!.filter(({ size }) => size === 'mouthInside');
      return { seat, work: found?.ok ? found.value : undefined };
    };
    const { seat, work } = said({ with: 'stock', stockId: 'stock-pine-lids' });
    const lids = [97.8, 98.3, 98.1, 97.6, 98.2].reduce((a, b) => a + b, 0) / 5;
    expect(seat).toEqual([
      {
        size: 'mouthInside',
        least: expect.closeTo(lids + work!.range.min, 9) as number,
        most: expect.closeTo(lids + work!.range.max, 9) as number,
        chance: work!.odds.good,
      },
    ]);
    expect(said({ with: 'stock', stockId: 'stock-pine-lids', over: true }).seat).toEqual([]);
    expect(said({ with: 'lid' }).seat).toEqual([]);
    expect(said(undefined).seat).toEqual([]);
  });
});

describe('what a piece says of its clay', () => {
  const run: Run = {
    ...startedRun(BARE, crock.id, 'r', AT)!,
    planned: { rimDiameter: 130, height: 90 },
    gauge: 95,
    measures: 'caliper',
    tool: 'eye',
  };
  const sized = (wet: Record<string, number>, glazed: Record<string, number>, change: Partial<MadePiece> = {}) => {
    const readings = (all: Record<string, number>) => Object.fromEntries(Object.entries(all).map(([name, mm]) => [name, { mm }]));
    return piece(1, { sizes: { wet: readings(wet), glazed: readings(glazed) }, ...change });
  };

  it('is its width as made and fired, one measured at both ends before one only planned', () => {
    const samples = (wet: Record<string, number>, glazed: Record<string, number>, own: Run = run) => samplesOf(own, sized(wet, glazed));
    const across = (wet: Record<string, number>, glazed: Record<string, number>) =>
      samples(wet, glazed).find(({ direction }) => direction === 'across');
    expect(across({ baseDiameter: 80 }, { rimDiameter: 117, baseDiameter: 72 })).toMatchObject({
      lengths: { wet: [80], glazed: [72] },
      tool: 'caliper',
    });
    expect(across({}, { rimDiameter: 117 })).toMatchObject({
      lengths: { wet: [130], glazed: [117] },
      madeTo: { sd: TOOL_SD.eye, run: 'r' },
    });
    expect(across({ rimDiameter: 131 }, { rimDiameter: 117 })!.madeTo).toBeUndefined();
    expect(across({ rimDiameter: 117 }, { rimDiameter: 117 })).toBeUndefined();
    expect(across({}, { wall: 4 })).toBeUndefined();
    // a height still had 5 mm to come off, measured; planned it had not
    const height = (wet: Record<string, number>, own: Run = run) =>
      samples(wet, { height: 80 }, own).find(({ direction }) => direction === 'height');
    expect(height({ height: 96 })!.lengths.wet).toEqual([91]);
    expect(height({})!.lengths.wet).toEqual([90]);
    expect(height({ height: 96 }, { ...run, gauge: undefined })!.lengths.wet).toEqual([96]);
    expect(height({ height: 96 }, { ...run, planned: {} })!.lengths.wet).toEqual([96]);
    expect(endsOf({ ...run, planned: {} }, sized({}, { height: 80 }), 'height')).toBeUndefined();
  });

  it('is warped where it warped or slumped, whatever else went wrong', () => {
    const warped = (wrong: MadePiece['wrong']) => samplesOf(run, sized({ rimDiameter: 131 }, { rimDiameter: 117 }, { wrong }))[0]!.warped;
    expect([warped(['cracked', 'slumped']), warped(['warped', 'other']), warped(['cracked']), warped([])]).toEqual([
      true,
      true,
      false,
      false,
    ]);
    expect(warped(undefined)).toBeUndefined();
  });

  it('has what was measured between, only where it was measured wet', () => {
    const between = (wet: Record<string, number>) => {
      const own = sized(wet, { rimDiameter: 117 });
      return samplesOf(run, { ...own, sizes: { ...own.sizes, dry: { rimDiameter: { mm: 123 }, height: { mm: 1 } } } })[0]!.lengths;
    };
    expect(between({ rimDiameter: 131 })).toEqual({ wet: [131], dry: [123], glazed: [117] });
    expect(between({})).toEqual({ wet: [130], glazed: [117] });
  });

  it('goes to another device as a bar of its own, and come back counts once', () => {
    const own = sized({ rimDiameter: 131 }, { rimDiameter: 117 });
    const workspace = { ...BARE, runs: [run], pieces: [own] };
    const added = allEvidence(workspace).filter(({ id }) => !BARE.bars.some((bar) => bar.id === id));
    expect(added.map(isMade)).toEqual([true]);
    const [sent] = added.map(asSent) as [BarRecord];
    expect(isMade(sent)).toBe(false);
    expect(sent).toEqual({ ...added[0]!, id: sent.id });
    expect(asSent(BARE.bars[0]!)).toBe(BARE.bars[0]);
    expect(allEvidence({ ...workspace, bars: [...BARE.bars, sent] })).toHaveLength(BARE.bars.length + 1);
    // sent of two sizes are two
    const both = { ...workspace, pieces: [sized({ rimDiameter: 131, height: 96 }, { rimDiameter: 117, height: 80 })] };
    const two = allEvidence(both).filter(isMade).map(asSent);
    expect(new Set(two.map(({ id }) => id)).size).toBe(2);
  });
});
