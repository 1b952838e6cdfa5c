import { READING_ERROR_MM } from '@/core/clay';
import { DEMO } from '@/core/example';
import { describe, expect, it } from 'vitest';
import { isExample, isExamplePiece, withChoices } from '@/core/part';
import { type MadePiece, refOf, type Run } from '@/core/records';
import { cameOf, saidAndHappened } from '.';

const run: Run = {
  ...DEMO.runs[0]!,
  id: 'r',
  planned: { rimDiameter: 100, height: 110 },
  asked: { rimDiameter: 90 },
  gauge: undefined,
  measures: 'caliper',
  shrinkage: { width: 0.1, height: 0.1 },
  promised: [
    { size: 'rimDiameter', least: 89, most: 91, chance: 0.9 },
    { size: 'rimDiameter', least: 88, chance: 0.5 },
    { size: 'height', most: 99, chance: 0.8 },
  ],
};
const now = { width: 0.12, height: 0.12 };
const piece = (sizes: MadePiece['sizes'], change: Partial<MadePiece> = {}): MadePiece => ({
  id: 'p',
  runId: 'r',
  no: 1,
  at: '2026-11-01T09:00:00.000Z',
  shelf: 'fired',
  since: {},
  sizes,
  weights: {},
  note: '',
  ...change,
});
const fired = (mm: number, change: object = {}) => piece({ glazed: { rimDiameter: { mm, ...change } } });

describe('what became of a size', () => {
  it('is inside what was said where it keeps to all of it, both ends included', () => {
    const inside = (mm: number, own: Partial<Run> = {}) => cameOf({ ...run, ...own }, fired(mm), now)[0]!.inside;
    expect([88.9, 89, 90, 91, 91.1].map((mm) => inside(mm))).toEqual([false, true, true, true, false]);
    const [range, least, high] = run.promised!;
    expect([87.9, 88, 200].map((mm) => inside(mm, { promised: [least!, high!] }))).toEqual([false, true, true]);
    expect([50, 91, 91.1].map((mm) => inside(mm, { promised: [{ ...range!, least: undefined }] }))).toEqual([true, true, false]);
    expect(inside(90, { promised: [high!] })).toBeUndefined();
    expect(inside(90, { promised: undefined })).toBeUndefined();
  });

  it('is off by what it was asked to be, and tells hand and clay apart only if it was measured wet and planned', () => {
    const [plain] = cameOf(run, fired(92), now);
    expect(plain).toMatchObject({ size: 'rimDiameter', asked: 90, fired: 92, off: 2, came: undefined });
    const measured = piece({ wet: { rimDiameter: { mm: 101 } }, glazed: { rimDiameter: { mm: 92 } } });
    const { came } = cameOf(run, measured, now)[0]!;
    expect(came).toEqual({
      whole: expect.closeTo(92 - 90, 9) as number,
      hand: expect.closeTo(0.88, 9) as number,
      clay: expect.closeTo(92 - 101 * 0.88, 9) as number,
      belief: expect.closeTo(-2, 9) as number,
    });
    // nothing was believed then: what is believed now counts
    expect(cameOf({ ...run, shrinkage: undefined }, measured, now)[0]!.came!.belief).toBe(0);
    expect(cameOf({ ...run, planned: {} }, measured, now)[0]!.came).toBeUndefined();
    expect(cameOf({ ...run, asked: {} }, measured, now)[0]).toMatchObject({ asked: undefined, off: undefined });
    expect(cameOf(run, piece({ wet: { rimDiameter: { mm: 101 } } }), now)).toEqual([]);
    expect(cameOf(run, piece({}), now)).toEqual([]);
  });

  it('is as unsure as both readings, the coarser tool told', () => {
    const { ruler, caliper } = READING_ERROR_MM;
    const unsure = (wet: 'ruler' | 'caliper' | undefined | 'none', at: 'ruler' | 'caliper' | undefined) => {
      const sizes = {
        ...(wet !== 'none' && { wet: { rimDiameter: { mm: 101, with: wet } } }),
        glazed: { rimDiameter: { mm: 92, with: at } },
      };
      const { unsure: mm, read } = cameOf(run, piece(sizes), now)[0]!;
      return [mm, read];
    };
    expect(unsure('none', 'ruler')).toEqual([2 * ruler, 'ruler']);
    expect(unsure('none', undefined)).toEqual([2 * caliper, 'caliper']);
    expect(unsure('ruler', 'caliper')).toEqual([expect.closeTo(2 * Math.hypot(ruler, caliper), 9), 'ruler']);
    expect(unsure('caliper', 'ruler')).toEqual([expect.closeTo(2 * Math.hypot(ruler, caliper), 9), 'ruler']);
    expect(unsure(undefined, undefined)).toEqual([expect.closeTo(2 * Math.hypot(caliper, caliper), 9), 'caliper']);
  });

  it('counts among what was said once for each that was said of it, and not where it is left out or unmeasured', () => {
    const said = (...pieces: readonly MadePiece[]) => saidAndHappened({ runs: [run], pieces });
    expect(said(fired(91))).toEqual([
      { chance: 0.9, happened: true, direction: 'width' },
      { chance: 0.5, happened: true, direction: 'width' },
    ]);
    expect(said(fired(88), fired(87.9)).map(({ happened }) => happened)).toEqual([false, true, false, false]);
    expect(said(fired(89))[0]!.happened).toBe(true);
    expect(said(piece({ glazed: { height: { mm: 99 } } }), piece({ glazed: { height: { mm: 99.1 } } }))).toEqual([
      { chance: 0.8, happened: true, direction: 'height' },
      { chance: 0.8, happened: false, direction: 'height' },
    ]);
    expect(said({ ...fired(91), out: true }, piece({}))).toEqual([]);
    expect(saidAndHappened({ runs: [{ ...run, promised: undefined }], pieces: [fired(91)] })).toEqual([]);
  });
});

describe('what a run and its pieces are called by', () => {
  it('is the plan, or the part of it; nothing where there was none', () => {
    expect(refOf({ planId: 'plan', partId: undefined })).toBe('plan');
    expect(refOf({ planId: 'plan', partId: 'lid' })).toBe('plan/lid');
    expect(refOf({ planId: undefined, partId: 'lid' })).toBeUndefined();
  });

  it('tells the example from a maker’s own', () => {
    expect([isExample({ id: 'plan-cup' }), isExample({ id: 'my-plan-' }), isExample({ id: 'x' })]).toEqual([true, false, false]);
    expect([isExamplePiece({ runId: 'run-1' }), isExamplePiece({ runId: 'my-run-' })]).toEqual([true, false]);
  });
});

describe('what is chosen of a piece made by hand', () => {
  it('comes over what was, slab and coil each by itself', () => {
    expect(withChoices(undefined, { by: 'slab' })).toEqual({ by: 'slab' });
    const slab = withChoices({ by: 'slab', slab: { overlap: 9 } }, { slab: { corners: 'mitred' }, pieces: 4 });
    expect(slab).toEqual({ by: 'slab', slab: { overlap: 9, corners: 'mitred' }, pieces: 4 });
    expect(withChoices(slab, { coil: { gain: 1 } })).toEqual({ ...slab, coil: { gain: 1 } });
    expect(withChoices({ coil: { gain: 1, thickness: 9 } }, { coil: { gain: 2 } })).toEqual({ coil: { gain: 2, thickness: 9 } });
    expect(withChoices(undefined, { slab: { overlap: 3 } })).toEqual({ slab: { overlap: 3 } });
  });
});
