import { DEMO } from '@/core/example';
import { clayFigures } from '@/core/clay';
import { type Outline, formOf, frustumMl, revolvedMl } from '@/core/form';
import { NOTHING_LOST, size } from '@/core/sizing';
import { sizedPlanPart } from '@/core/part';
import { mainPart } from '@/core/records';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { calculate } from '@/core/calc';
import {
  bucketTop,
  draftAlong,
  minutesFor,
  modelOf,
  mouldFor,
  mouldMl,
  mouldSection,
  mouldWeights,
  partingOf,
  plasterAround,
  plasterFor,
  pouredOf,
  wallLaw,
} from '.';

const reference = {
  body: { kind: 'porcelain', shrinkagePercent: 14 },
  form: { family: 'cylinder', height: 96, rimDiameter: 78, baseDiameter: 60, wall: 4, floor: 5 },
  well: { height: 18, width: 6 },
  mould: { shape: 'round', diameter: 190, height: 170 },
};
const clay = clayFigures({ kind: 'porcelain', shrinkagePercent: 14 });
const cup = (rim: number, base: number, height: number) =>
  size(
    clay,
    formOf({ family: 'cylinder', manner: { foot: 'flat' } }, 'glazed', { height, rimDiameter: rim, baseDiameter: base, wall: 4, floor: 5 }),
    'glazed',
    NOTHING_LOST,
  ).wet;

interface Answer {
  readonly scale: number;
  readonly modelMl: number;
  readonly draftDegrees: number;
  readonly slipMl: number;
  readonly plaster: { readonly fillMl: number; readonly density: { readonly plasterKg: number } };
  readonly model: { readonly height: number };
}

describe('the verbs', () => {
  it('plaster meets its reference', () => {
    const found = calculate('plaster', { boxMl: 6000, modelMl: 1450 });
    expect(found).toMatchObject({ ok: true, value: { fillMl: 4777.5, rule: { plasterKg: 4.7775, waterKg: 3.34425 } } });
    const { density } = (found as unknown as { value: { density: { plasterKg: number; waterKg: number } } }).value;
    expect(density.plasterKg).toBeCloseTo(4.43446, 5);
    expect(density.waterKg).toBeCloseTo(3.10412, 5);
  });

  it('cast meets its reference', () => {
    const found = calculate('cast', reference);
    if (!found.ok) throw new Error(found.problem.message);
    const { scale, modelMl, draftDegrees, plaster, slipMl, model } = found.value as Answer;
    expect(scale).toBeCloseTo(1.16279, 5);
    expect(modelMl).toBeCloseTo(716.673, 3);
    expect(slipMl).toBe(modelMl);
    expect(draftDegrees).toBeCloseTo(5.3558, 4);
    expect(plaster.fillMl).toBeCloseTo(4308.48, 2);
    expect(plaster.density.plasterKg).toBeCloseTo(3.99912, 5);
    expect(model.height).toBeCloseTo(96 / 0.86, 9);
    expect(found.value).not.toHaveProperty('scaleHeight');
    expect(calculate('cast', { ...reference, body: { ...reference.body, heightShrinkagePercent: 15 } })).toMatchObject({
      ok: true,
      value: { scaleHeight: 1 / 0.85 },
    });
  });

  it.each([
    [{ mould: { shape: 'round', diameter: 100, height: 170 } }, 'mould.diameter'],
    [{ mould: { shape: 'round', diameter: 190, height: 120 } }, 'mould.height'],
    [{ mould: { shape: 'box', length: 190, width: 90, height: 170 } }, 'mould.width'],
    [{ mould: { shape: 'egg', length: 190 } }, 'mould.shape'],
    [{ ratioPercent: 40 }, 'ratioPercent'],
    [{ well: { height: 0, width: 6 } }, 'well.height'],
    [{ colour: 1 }, 'colour'],
  ])('refuses %j at %s', (more, path) => {
    const found = calculate('cast', { ...reference, ...more });
    expect(found).toMatchObject({ ok: false, problem: { path } });
  });

  it('refuses a model larger than its box', () => {
    expect(calculate('plaster', { boxMl: 1000, modelMl: 1000 })).toMatchObject({ ok: false, problem: { path: 'modelMl' } });
  });
});

describe('a model', () => {
  it('is the outside, solid, and its well a disc on the rim', () => {
    const outline = cup(78, 60, 96);
    const k = 0.86;
    const piece = frustumMl(30 / k, 39 / k, 96 / k);
    expect(modelOf(outline, undefined).volumeMl).toBeCloseTo(piece, 2);
    expect(modelOf(outline, { height: 18, width: 6 }).volumeMl).toBeCloseTo(piece + frustumMl(39 / k + 6, 39 / k + 6, 18), 2);
  });

  it('has a mould just thick enough all round for every family of the example', () => {
    for (const plan of DEMO.plans) {
      const made = sizedPlanPart(DEMO, mainPart(plan), String);
      if (!made.ok || made.value.sized.wet.plan) continue;
      const model = modelOf(made.value.sized.wet, { height: 20, width: 8 });
      for (const shape of ['round', 'box', 'bucket'] as const) {
        const mould = mouldFor(model, 30, shape);
        const { side, below } = plasterAround(model, mould);
        expect(side).toBeGreaterThanOrEqual(30 - 1e-6);
        expect(below).toBeGreaterThanOrEqual(30 - 1e-6);
        if (shape === 'round') expect(side).toBeLessThan(36);
        expect(mouldMl(mould)).toBeGreaterThan(model.volumeMl);
      }
    }
  });
});

describe('draft and parting', () => {
  it('is least in the middle of the steepest step, steps too short to tell left out', () => {
    const side = [
      { r: 20, z: 0 },
      { r: 30, z: 40 },
      { r: 32, z: 100 },
      { r: 31.999, z: 100.01 },
      { r: 50, z: 130 },
    ];
    const { least, at } = draftAlong(side);
    expect(least).toBeCloseTo((Math.atan(2 / 60) * 180) / Math.PI, 9);
    expect(at).toEqual({ r: 31, z: 70 });
    // of two as steep the lower
    expect(
      draftAlong([
        { r: 20, z: 0 },
        { r: 20, z: 10 },
        { r: 20, z: 30 },
      ]).at.z,
    ).toBe(5);
    expect(draftAlong([{ r: 20, z: 0 }])).toEqual({ least: 90, at: { r: 20, z: 0 } });
  });

  it('is the angle of a cone, whichever way it leans', () => {
    fc.assert(
      fc.property(fc.integer({ min: 40, max: 120 }), fc.integer({ min: 40, max: 120 }), (rim, base) => {
        const { least } = draftAlong(cup(rim, base, 90).side);
        expect(least).toBeCloseTo((Math.atan((rim - base) / 2 / 90) * 180) / Math.PI, 6);
      }),
      { numRuns: 30, seed: 5 },
    );
  });

  it('comes out of one part where it widens, parts level at a belly, and along the axis where neither does', () => {
    const along = (...points: [number, number][]): Pick<Outline, 'side'> => ({ side: points.map(([r, z]) => ({ r, z })) });
    expect(partingOf(along([30, 0], [40, 90])).parts).toBe('one');
    expect(partingOf(along([30, 0], [30, 90])).parts).toBe('one');
    expect(partingOf(along([30, 0], [50, 40], [35, 90]))).toMatchObject({ parts: 'level', at: 40 });
    expect(partingOf(along([50, 0], [30, 40], [50, 90]))).toMatchObject({ parts: 'halves' });
    expect(partingOf(along([40, 0], [50, 30], [35, 60], [45, 90]))).toMatchObject({ parts: 'halves' });
    // narrower at the mouth than at the foot: the mould comes off upwards
    expect(partingOf(along([50, 0], [40, 90]))).toMatchObject({ parts: 'halves' });
  });
});

describe('plaster and slip', () => {
  it('the rule holds more than density says, the more the wetter it is mixed', () => {
    const over = (ratio: number) => {
      const { rule, density } = plasterFor(5000, 1000, ratio, 0);
      return rule.plasterKg / density.plasterKg;
    };
    expect(over(70)).toBeCloseTo(1.0774, 3);
    expect(over(90)).toBeGreaterThan(over(70));
    const { poured, dry } = mouldWeights({ plasterKg: 4, waterKg: 2.8 });
    expect(poured).toBeCloseTo(6.8, 9);
    expect(dry).toBeGreaterThan(4.7);
    expect(dry).toBeLessThan(4.8);
  });

  it('finds the law of simulated casts, and its time with a range that holds', () => {
    const noise = [0.02, -0.03, 0.01, -0.01, 0.03, -0.02, 0];
    const casts = [4, 6, 9, 12, 16, 20, 25].map((minutes, i) => ({ minutes, mm: (0.9 + noise[i]!) * Math.sqrt(minutes) }));
    const law = wallLaw(casts)!;
    expect(law.c).toBeCloseTo(0.9, 2);
    expect(law.spread!).toBeGreaterThan(0.01);
    const { minutes, range } = minutesFor(law, 4);
    expect(minutes).toBeCloseTo((4 / 0.9) ** 2, 0);
    expect(range![0]).toBeLessThan(minutes);
    expect(range![1]).toBeGreaterThan(minutes);
    expect(wallLaw([])).toBeUndefined();
    expect(wallLaw([{ minutes: 9, mm: 3 }])).toEqual({ c: 1, spread: undefined, count: 1 });
  });

  it('drains what neither wall nor plaster took, and sinks by the rest', () => {
    const poured = pouredOf(716, 120, 1.537, 1.75, 8000);
    expect(poured.pourMl).toBe(716);
    expect(poured.stayMl + poured.drainMl).toBeCloseTo(716, 9);
    // a wall takes the clay of about a quarter more slip than it fills
    expect(poured.stayMl / 120).toBeCloseTo(1.26, 2);
    expect(poured.sinks).toBeCloseTo(((poured.stayMl - 120) * 1000) / 8000, 9);
  });
});

describe('wells that flare, buckets and the mould itself', () => {
  it('a flared well holds a frustum, and the model is as wide as its top', () => {
    const outline = cup(78, 60, 96);
    const [straight, flared] = [modelOf(outline, { height: 20, width: 6 }), modelOf(outline, { height: 20, width: 6, flare: 10 })];
    const r = 39 / 0.86 + 6;
    const wider = r + 20 * Math.tan(Math.PI / 18);
    expect(flared.volumeMl - straight.volumeMl).toBeCloseTo(frustumMl(r, wider, 20) - frustumMl(r, r, 20), 6);
    expect(flared.widest).toBeCloseTo(2 * wider, 6);
  });

  it('a bucket that holds so much is as wide as that, turned round', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 100, max: 250 }),
        fc.integer({ min: 100, max: 300 }),
        fc.integer({ min: 120, max: 250 }),
        (bottom, top, height) => {
          const ml = mouldMl({ shape: 'bucket', bottom, top, height });
          expect(bucketTop(ml, bottom, height)).toBeCloseTo(top, 6);
        },
      ),
      { seed: 3, numRuns: 40 },
    );
  });

  it('the mould round a model is what is left of it', () => {
    const model = modelOf(cup(78, 60, 96), { height: 20, width: 6 });
    const mould = mouldFor(model, 30, 'round');
    expect(revolvedMl(mouldSection(model, mould)!)).toBeCloseTo(mouldMl(mould) - model.volumeMl, 3);
    expect(mouldSection(model, mouldFor(model, 30, 'box'))).toBeUndefined();
  });

  it('plaster is measured to the nearest side of a box, and to a bucket’s own slope', () => {
    const model = modelOf(
      {
        under: [{ r: 0, z: 0 }],
        side: [
          { r: 30, z: 0 },
          { r: 40, z: 90 },
        ],
      } as unknown as Outline,
      undefined,
    );
    expect([model.height, model.widest]).toEqual([90, 80]);
    expect(plasterAround(model, { shape: 'box', length: 200, width: 140, height: 130 })).toEqual({ side: 30, below: 40 });
    expect(plasterAround(model, { shape: 'box', length: 130, width: 200, height: 130 })).toEqual({ side: 25, below: 40 });
    // at the model's foot, 40 up, the bucket is 60 + 40/100 of 20 in radius; at its rim 80
    expect(plasterAround(model, { shape: 'bucket', bottom: 120, top: 160, height: 100 })).toEqual({ side: 32, below: 10 });
    expect(plasterAround(model, { shape: 'bucket', bottom: 120, top: 180, height: 120 }).side).toBeCloseTo(37.5, 9);
  });

  it('a well stands on the rim, and a rim that curls over is as high as its top', () => {
    const curled = {
      under: [{ r: 0, z: 0 }],
      side: [
        { r: 30, z: 0 },
        { r: 50, z: 50 },
        { r: 44, z: 92 },
        { r: 40, z: 90 },
      ],
    } as unknown as Outline;
    const [bare, welled] = [modelOf(curled, undefined), modelOf(curled, { height: 15, width: 4 })];
    expect([bare.height, bare.widest]).toEqual([92, 100]);
    expect([welled.height, welled.widest]).toEqual([107, 100]);
    expect(welled.whole.slice(-2)).toEqual([
      { r: 44, z: 105 },
      { r: 0, z: 105 },
    ]);
  });

  it('parts at the highest of its widest places, each part drawn towards it', () => {
    const { side } = {
      side: [
        { r: 30, z: 0 },
        { r: 50, z: 40 },
        { r: 50, z: 60 },
        { r: 35, z: 90 },
      ],
    };
    const found = partingOf({ side });
    expect(found).toMatchObject({ parts: 'level', at: 60, below: { least: 0, at: { r: 50, z: 50 } } });
    expect(found.above!.least).toBeCloseTo((Math.atan(15 / 30) * 180) / Math.PI, 9);
    expect(found.draft.least).toBeCloseTo(-found.above!.least, 9);
    expect(
      partingOf({
        side: [
          { r: 30, z: 0 },
          { r: 29.96, z: 90 },
        ],
      }).parts,
    ).toBe('one');
    expect(
      partingOf({
        side: [
          { r: 30, z: 0 },
          { r: 29.8, z: 90 },
        ],
      }).parts,
    ).toBe('halves');
  });

  it('weighs what it binds of its water when it is dry', () => {
    expect(mouldWeights({ plasterKg: 145.15, waterKg: 100 })).toEqual({ poured: 245.15, dry: expect.closeTo(172.17, 9) });
  });

  it('a wall’s time comes from the middle of the test casts, its range from how far they lie from it', () => {
    const law = wallLaw([0.8, 0.9, 1, 1.2, 1.6].map((c) => ({ minutes: 16, mm: 4 * c })))!;
    expect(law).toEqual({ c: 1, spread: expect.closeTo(1.4826 * 0.2, 9), count: 5 });
    const { minutes, range } = minutesFor(law, 4);
    expect(minutes).toBe(16);
    expect(range![0]).toBeCloseTo((4 / 1.29652) ** 2, 6);
    expect(range![1]).toBeCloseTo((4 / 0.70348) ** 2, 6);
    expect(minutesFor({ c: 1, spread: 1, count: 2 }, 4).range).toBeUndefined();
    expect(minutesFor({ c: 1, spread: undefined, count: 1 }, 4).range).toBeUndefined();
  });
});
