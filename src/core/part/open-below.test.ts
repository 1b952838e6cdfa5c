import { gaugesOf, trimReadings, USUAL_SETTING } from '@/core/bench';
import { calculate } from '@/core/calc';
import { castOf } from '@/core/casting';
import { clayFigures, wetDensity } from '@/core/clay';
import { readWorkspace, writeWorkspace } from '@/core/encode';
import { DEMO } from '@/core/example';
import { FAMILIES, FAMILY_NAMES, checkForm, formOf, measuresOf, opensBelow, outlineOf } from '@/core/form';
import { slabParts, USUAL_SLAB } from '@/core/handbuild';
import { measureMesh, pieceMesh } from '@/core/mesh';
import { adviceFor, size, wheelSteps } from '@/core/sizing';
import { type Plan, mainPart } from '@/core/records';
import { sizedPlanPart, surenessOf } from '@/core/part';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';

const clay = clayFigures({ kind: 'stoneware', shrinkagePercent: 11.5 });
const making = { trimFloor: 2, trimWall: 1.5, rimCut: 2, wireLoss: 1, slurryPercent: 3 };
const OPEN = FAMILY_NAMES.filter((family) => FAMILIES[family].mayBeOpen);
const write = (mm: number) => `${mm.toFixed(1)} mm`;

const shapeOf = (family: (typeof FAMILY_NAMES)[number]) => ({ family, manner: { ...FAMILIES[family].manner, foot: 'flat' as const } });

/** A piece of a family without a floor, so many times as large as its usual one. */
const tube = (family: (typeof FAMILY_NAMES)[number], times = 1) => {
  const sizes = Object.fromEntries(Object.entries(FAMILIES[family].typical).map(([name, mm]) => [name, name === 'wall' ? mm : mm * times]));
  return formOf(shapeOf(family), 'glazed', { ...sizes, floor: 0 });
};

describe('a piece without a floor', () => {
  it('answers the reference tube', () => {
    const answer = calculate('size', {
      body: { kind: 'stoneware', shrinkagePercent: 11.5 },
      form: { family: 'cylinder', height: 150, rimDiameter: 110, baseDiameter: 110, wall: 6, floor: 0 },
      making: { trimFloor: 0, trimWall: 3, rimCut: 2, wireLoss: 1, slurryPercent: 3 },
    });
    expect(answer.ok && answer.value).toMatchObject({
      thrownHeight: expect.closeTo(172.492, 3),
      capacityMl: 0,
      massG: { trimmed: expect.closeTo(825.587, 3), ball: expect.closeTo(866.185, 3) },
    });
  });

  it.each(OPEN)('%s: is its wall alone, as a solid measures it, and holds nothing', (family) => {
    fc.assert(
      fc.property(fc.double({ min: 0.6, max: 3, noNaN: true }), (times) => {
        const form = tube(family, times);
        expect(checkForm(form, write).ok).toBe(true);
        const outline = outlineOf(form);
        const measures = measuresOf(outline);
        const solid = measureMesh(pieceMesh(outline, 'finest'), 2);
        expect(solid).toMatchObject({ closed: true, insideOut: false });
        expect(Math.abs(solid.volumeMl / measures.clayMl - 1)).toBeLessThan(0.002);
        // its wall again under a thin floor
        const floored = measuresOf(outlineOf(formOf(shapeOf(family), 'glazed', { ...form.sizes, floor: 0.001 })));
        expect(floored.clayMl / measures.clayMl - 1).toBeLessThan(0.001);
        expect(measures.brimMl).toBe(0);
        expect(floored.brimMl).toBeGreaterThan(0);
      }),
      { numRuns: 30, seed: 28 },
    );
  });

  it('is thrown from one ball: no clay is lost from step to step, and below it goes only a ring', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.6, max: 3, noNaN: true }), fc.double({ min: 0, max: 8, noNaN: true }), (times, trimFloor) => {
        const form = tube('cylinder', times);
        const sized = size(clay, form, 'glazed', { ...making, trimFloor });
        const { steps, opened } = wheelSteps(clay, sized, making);
        const onBat = steps.filter(({ name }) => name !== 'needle' && name !== 'trim').map(({ ml }) => ml);
        for (const ml of onBat) expect(ml / onBat[0]! - 1).toBeCloseTo(0, 3);
        expect(opened!.floor).toBeUndefined();
        expect(sized.volumes.side).toBe(0);
        const { baseDiameter = 0, wall = 0 } = sized.stages.wet.sizes;
        expect(sized.volumes.floor).toBeLessThanOrEqual((Math.PI * baseDiameter * wall * 1.02 * trimFloor) / 1000 + 1e-9);
        expect(sized.masses.trimmed).toBeCloseTo(sized.volumes.piece * wetDensity(clay.matter), 6);
      }),
      { numRuns: 40, seed: 29 },
    );
  });

  it('has no floor to measure, to compress, to cut or to fill with slip', () => {
    const plan = DEMO.plans.find((each) => mainPart(each).family === 'cylinder' && !mainPart(each).hand)!;
    const part = { ...mainPart(plan), manner: { foot: 'flat' as const } };
    const open = { ...part, sizes: { ...part.sizes, floor: [{ mm: 0, at: 'glazed' as const }] as const } };
    const made = sizedPlanPart(DEMO, open, write);
    if (!made.ok) throw new Error(made.problem.message);
    const { sized } = made.value;
    expect(opensBelow(sized.wet)).toBe(true);
    const gauges = gaugesOf({ ...made.value, known: open.sizes, sure: surenessOf(open) }, USUAL_SETTING);
    expect(gauges.map(({ name }) => name)).not.toContain('Needle');
    const told = [...gauges.flatMap(({ readings }) => readings), ...trimReadings(made.value)].map(({ what }) => what);
    expect(told.filter((what) => what.includes('floor'))).toEqual([]);
    expect(told).toContain('upright stick, rim to the bat');
    expect(adviceFor(sized).filter(({ words }) => words.includes('floor'))).toEqual([]);
    const cast = castOf(DEMO, made.value, write);
    expect(cast.ok ? '' : cast.problem.message).toMatch(/casts a floor/);
    for (const family of OPEN) expect(slabParts(tube(family), 1.13, 1.13, USUAL_SLAB).map(({ name }) => name)).not.toContain('Base');
  });

  it('goes out with its file and comes in again', () => {
    const plan = DEMO.plans.find((each) => mainPart(each).family === 'cylinder')!;
    const part = { ...mainPart(plan), sizes: { ...mainPart(plan).sizes, floor: [{ mm: 0, at: 'glazed' as const }] as const } };
    const open: Plan = { ...plan, parts: [part, ...plan.parts.slice(1)] };
    const workspace = { ...DEMO, plans: [open, ...DEMO.plans.filter((each) => each !== plan)] };
    const back = readWorkspace(writeWorkspace(workspace, '2026-03-01T10:00:00.000Z'));
    expect(back.ok && back.value.plans[0]!.parts[0]!.sizes.floor).toEqual([{ mm: 0, at: 'glazed' }]);
  });

  it('is refused in words where a form has to have a floor, or a foot ring stands under none', () => {
    for (const family of FAMILY_NAMES.filter((name) => FAMILIES[name].sizes.includes('floor') && !FAMILIES[name].mayBeOpen)) {
      const { manner, typical, knots } = FAMILIES[family];
      const found = checkForm(formOf({ family, manner, knots }, 'glazed', { ...typical, floor: 0 }), write);
      expect(found.ok ? '' : found.problem).toEqual({ path: 'floor', message: 'The floor must be above zero.' });
    }
    const ring = checkForm(
      formOf({ family: 'cylinder', manner: { foot: 'ring' } }, 'glazed', { ...FAMILIES.cylinder.typical, floor: 0 }),
      write,
    );
    expect(ring.ok ? '' : ring.problem.message).toMatch(/foot ring needs a floor/);
  });
});
