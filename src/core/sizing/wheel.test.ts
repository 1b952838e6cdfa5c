import { clayFigures } from '@/core/clay';
import { FAMILIES, ROUND_FAMILIES, type FamilyName, type Form, type SizeName, formOf, outlineAt, revolvedMl, sectionOf } from '@/core/form';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  type Making,
  NOTHING_LOST,
  USUAL_SHORTENING,
  WAYS,
  adviceFor,
  attachedG,
  beyondItself,
  checkLimits,
  joinedSizes,
  size,
  totalMl,
  wheelSteps,
  withPouringLip,
} from '.';

const clay = clayFigures({ kind: 'stoneware', shrinkagePercent: 11.5 });

const typical = (family: FamilyName, sizes: Partial<Record<SizeName, number>> = {}): Form<'glazed'> =>
  formOf({ family, manner: FAMILIES[family].manner, knots: FAMILIES[family].knots }, 'glazed', { ...FAMILIES[family].typical, ...sizes });

const EVERYTHING: Making = { ...WAYS.trimmed, wholeWall: 1, carveDepth: 0.7, carveHeight: 30, edgeCut: 3, rimGround: 1 };

describe('what stands on the bat', () => {
  it.each(ROUND_FAMILIES)('is, for a %s, the piece and everything that goes', (family) => {
    for (const making of [NOTHING_LOST, WAYS.trimmed, EVERYTHING]) {
      const sized = size(clay, typical(family), 'glazed', making);
      const drawn = revolvedMl(sectionOf(sized.onBat.thrown));
      expect(drawn / totalMl(sized.volumes)).toBeCloseTo(1, 6);
    }
  });

  it('is the whole of a disc and its edge: pi (R + e)^2 h', () => {
    const wet = 1 / 0.885;
    const { volumes, masses } = size(clay, typical('disc'), 'glazed', { ...NOTHING_LOST, edgeCut: 6 });
    const [r, h] = [90 * wet, 10 * wet];
    expect(volumes.edge).toBeCloseTo((Math.PI * ((r + 6) ** 2 - r ** 2) * h) / 1000, 8);
    expect(masses.thrown).toBeGreaterThan(masses.trimmed);
  });

  it('takes a whole wall and a band by the integral of pi((r+t)^2 - r^2)', () => {
    const straight = typical('cylinder', { baseDiameter: 80 });
    const { volumes, stages } = size(clay, straight, 'glazed', { ...NOTHING_LOST, wholeWall: 2, carveDepth: 1, carveHeight: 40 });
    const { rimDiameter, height } = stages.wet.sizes;
    const r = rimDiameter / 2;
    expect(volumes.carved).toBeCloseTo((Math.PI * ((r + 1) ** 2 - r ** 2) * 40) / 1000, 8);
    const whole = (from: number, high: number) => (Math.PI * ((from + 2) ** 2 - from ** 2) * high) / 1000;
    expect(volumes.wholeWall).toBeCloseTo(whole(r, height - 40) + whole(r + 1, 40), 8);
  });

  it('is as high as pulled, then as high as the gauge; what is ground off stays until it is fired', () => {
    const { thrown, stages } = size(clay, typical('cylinder'), 'glazed', { ...WAYS.trimmed, rimGround: 1.5 });
    expect(thrown.pulled).toBeCloseTo(stages.wet.sizes.height + 5 + 1.5 + 2, 9);
    expect(thrown.gauge).toBeCloseTo(thrown.pulled - 2, 9);
  });

  it('has a foot ring’s hollow still filled', () => {
    const { volumes, thrown, onBat } = size(clay, typical('bowl'), 'glazed', WAYS.trimmed);
    const wet = 1 / 0.885;
    expect(volumes.hollow).toBeCloseTo((Math.PI * (26 * wet) ** 2 * 7 * wet) / 1000, 6);
    expect(thrown.floor).toBeCloseTo(13 * wet + 5, 9);
    expect(onBat.thrown.under).toEqual([{ r: 0, z: 0 }]);
  });
});

describe('the steps at the wheel', () => {
  const making = fc.constantFrom(NOTHING_LOST, WAYS.trimmed, WAYS.thickness, EVERYTHING);
  const spread = fc.double({ min: 0.75, max: 1.35, noNaN: true });

  it.each(ROUND_FAMILIES)('of a %s keep the clay at every step, to 0.5%%', (family) => {
    fc.assert(
      fc.property(making, spread, spread, fc.double({ min: 0, max: 0.6, noNaN: true }), (lost, tall, wide, shortening) => {
        const { height, rimDiameter } = FAMILIES[family].typical;
        const form = typical(family, family === 'cylinder' ? { height: height! * tall, rimDiameter: rimDiameter! * wide } : {});
        const sized = size(clay, form, 'glazed', lost);
        const total = totalMl(sized.volumes);
        const { steps, takes } = wheelSteps(clay, sized, lost, { shortening });
        for (const step of steps.filter(({ name }) => ['ball', 'puck', 'opened', 'cylinder', 'shape'].includes(name))) {
          const drawn = step.sections.reduce((all, section) => all + revolvedMl(section), 0);
          expect(drawn / total, `${step.name} as drawn`).toBeGreaterThan(0.995);
          expect(drawn / total, `${step.name} as drawn`).toBeLessThan(1.005);
          expect(step.ml / total).toBeCloseTo(1, 2);
        }
        const taken = Object.values(takes).reduce((all, g) => all + g, 0);
        expect(taken).toBeCloseTo(sized.masses.thrown - sized.masses.trimmed, 3);
      }),
      { seed: 51, numRuns: 12 },
    );
  });

  it('leave a rim that ends twice as wide twice as thick, when nothing goes into height', () => {
    const funnel = typical('cylinder', { height: 90, rimDiameter: 160, baseDiameter: 80, wall: 4 });
    const sized = size(clay, funnel, 'glazed', NOTHING_LOST);
    const { cylinder } = wheelSteps(clay, sized, NOTHING_LOST, { shortening: 0 });
    const last = cylinder!.slices.at(-1)!;
    const r0 = (cylinder!.width - cylinder!.footThick) / 2;
    expect(last.firstThick / last.thick).toBeCloseTo(last.radius / r0, 9);
    expect(cylinder!.opens).toBeGreaterThan(1.8);
    const shorter = wheelSteps(clay, sized, NOTHING_LOST, { shortening: USUAL_SHORTENING }).cylinder!;
    expect(shorter.height).toBeGreaterThan(cylinder!.height);
    expect(shorter.rimThick).toBeLessThan(cylinder!.rimThick);
  });

  it('part a wall evenly from floor to rim, each slice half-way up its own', () => {
    const straight = typical('cylinder', { baseDiameter: 80 });
    const sized = size(clay, straight, 'glazed', NOTHING_LOST);
    const { slices } = wheelSteps(clay, sized, NOTHING_LOST).cylinder!;
    const { height, floor, wall, rimDiameter } = sized.stages.wet.sizes;
    for (const [i, { z, firstZ, radius, thick }] of slices.entries()) {
      expect(z).toBeCloseTo(floor! + ((i + 0.5) * (height - floor!)) / slices.length, 6);
      expect(firstZ).toBeCloseTo(z, 6);
      expect(radius).toBeCloseTo((rimDiameter - wall!) / 2, 6);
      expect(thick).toBeCloseTo(wall!, 6);
    }
    // of a cone their middles lie on its middle line
    const cone = size(clay, typical('cylinder', { baseDiameter: 60, rimDiameter: 110 }), 'glazed', NOTHING_LOST);
    const leaning = wheelSteps(clay, cone, NOTHING_LOST).cylinder!.slices;
    const rise = leaning.slice(1).map((slice, i) => (slice.radius - leaning[i]!.radius) / (slice.z - leaning[i]!.z));
    for (const each of rise) expect(each).toBeCloseTo(25 / cone.stages.glazed.sizes.height, 1);
  });

  it('start a straight cylinder as the cylinder it stays', () => {
    const straight = typical('cylinder', { baseDiameter: 80 });
    const sized = size(clay, straight, 'glazed', NOTHING_LOST);
    const { cylinder, shape, opened } = wheelSteps(clay, sized, NOTHING_LOST);
    expect(cylinder!.height).toBeCloseTo(shape.height, 6);
    expect(cylinder!.rimThick).toBeCloseTo(shape.rimThick, 6);
    expect(opened!.floor!).toBeCloseTo(sized.stages.wet.sizes.floor!, 9);
  });

  it('open a mug of 311 ml into a ring 15.16 thick and 55.31 high on a puck 110.3 by 32.5', () => {
    // how-it-computes.md, Steps at the wheel: hole 80, floor 12, first cylinder 127 high, wall 6: made as a straight wet cylinder of just these
    const R = 46;
    const wallMl = (Math.PI * (R ** 2 - 40 ** 2) * 115) / 1000;
    const extra = 311 - wallMl - (Math.PI * R ** 2 * 12) / 1000;
    const high = 127 + (extra * 1000) / (Math.PI * (R ** 2 - 40 ** 2));
    const mug = formOf(typical('cylinder'), 'glazed', {
      ...Object.fromEntries(
        Object.entries({ height: high, rimDiameter: 2 * R, baseDiameter: 2 * R, wall: 6, floor: 12 }).map(([name, mm]) => [
          name,
          mm * 0.885,
        ]),
      ),
    });
    const sized = size(clay, mug, 'glazed', NOTHING_LOST);
    expect(totalMl(sized.volumes)).toBeCloseTo(311, 6);
    const { opened, puck } = wheelSteps(clay, sized, NOTHING_LOST);
    expect(opened!.width).toBeCloseTo(80, 6);
    expect(opened!.thick).toBeCloseTo(15.16, 2);
    expect(opened!.height).toBeCloseTo(55.31, 2);
    expect([puck.width, puck.height].map((mm) => Number(mm.toFixed(1)))).toEqual([110.3, 32.5]);
  });

  it.each(ROUND_FAMILIES.filter((family) => family !== 'disc'))('open a %s to a shape that clay takes', (family) => {
    const property = fc.property(making, spread, spread, (lost, tall, wide) => {
      const { height, rimDiameter } = FAMILIES[family].typical;
      const form = typical(family, family === 'cylinder' ? { height: height! * tall, rimDiameter: rimDiameter! * wide } : {});
      const sized = size(clay, form, 'glazed', lost);
      const { opened, puck, cylinder } = wheelSteps(clay, sized, lost);
      expect(opened!.height).toBeLessThanOrEqual(Math.max(0.45 * cylinder!.height, 1.2 * opened!.floor!) + 1e-6);
      expect(opened!.height).toBeLessThanOrEqual(1.7 * puck.height + 1e-6);
      expect(opened!.thick).toBeGreaterThanOrEqual(1.5 * cylinder!.slices[0]!.thick - 1e-6);
      expect(puck.height).toBeGreaterThanOrEqual(opened!.floor! - 1e-6);
      expect(cylinder!.width).toBeLessThanOrEqual(sized.thrown.base + 1e-6);
      if (!opened!.widens) expect(opened!.width).toBeLessThanOrEqual(cylinder!.width);
      // no step in the drawn wall: neighbours differ by little
      cylinder!.slices.slice(1).forEach((slice, i) => {
        expect(Math.abs(slice.firstThick - cylinder!.slices[i]!.firstThick)).toBeLessThan(0.13 * Math.max(slice.firstThick, 3));
      });
    });
    fc.assert(property, { seed: 52, numRuns: 10 });
  });

  it('open a thick floor as far as the clay goes: the ring no lower than the floor, nor the puck', () => {
    for (const [height, floor, rim, widens] of [
      [40, 20, 300, false],
      [30, 15, 200, false],
      [24, 12, 120, false],
      [20, 15, 200, true],
      [18, 13, 120, true],
    ] as const) {
      const low = formOf(typical('cylinder'), 'glazed', { height, rimDiameter: rim, baseDiameter: rim, wall: 4, floor });
      const sized = size(clay, low, 'glazed', NOTHING_LOST);
      const { opened, puck, steps } = wheelSteps(clay, sized, NOTHING_LOST);
      expect(opened).toMatchObject({ widens, floor: expect.closeTo(floor / 0.885, 9) as number });
      expect(opened!.height).toBeLessThanOrEqual(1.2 * opened!.floor! + 1e-6);
      expect(opened!.height).toBeGreaterThanOrEqual(opened!.floor! - 1e-6);
      expect(puck.height).toBeGreaterThanOrEqual(opened!.floor! - 1e-6);
      // widened later it is opened less, by as much as leaves the puck as high as the floor
      if (widens) expect(puck.height).toBeCloseTo(opened!.floor!, 3);
      expect(opened!.width < (rim - 8) / 0.885 - 0.1).toBe(widens);
      expect(puck.width).toBeCloseTo(opened!.width + 2 * opened!.thick, 6);
      const ml = (name: string) => steps.find((step) => step.name === name)!.ml;
      expect(ml('opened')).toBeCloseTo(ml('puck'), 6);
    }
    const usual = wheelSteps(clay, size(clay, typical('cylinder'), 'glazed', NOTHING_LOST), NOTHING_LOST);
    expect(usual.opened!.widens).toBe(false);
  });

  it('open by the least ring that is thick, low and little lifted enough, each as the maker sets it', () => {
    const sized = size(
      clay,
      typical('cylinder', { height: 200, rimDiameter: 100, baseDiameter: 100, wall: 5, floor: 7 }),
      'glazed',
      NOTHING_LOST,
    );
    const by = (opening: object) => wheelSteps(clay, sized, NOTHING_LOST, { opening });
    // of one limit alone, the other far away
    const low = by({ share: 0.3, lift: 99 });
    expect(low.opened!.height).toBeCloseTo(0.3 * low.cylinder!.height, 3);
    const lifted = by({ share: 99, lift: 1.4 });
    expect(lifted.opened!.height / lifted.puck.height).toBeCloseTo(1.4, 6);
    const thick = by({ share: 99, lift: 99 });
    expect(thick.opened!.thick).toBeCloseTo(1.5 * thick.cylinder!.slices[0]!.thick, 1);
    // centred as wide as said, opening lifts it from there
    const centred = by({ share: 99, lift: 1.2, centred: 130 });
    expect(centred.puck.width).toBe(130);
    expect(centred.opened!.height / centred.puck.height).toBeCloseTo(1.2, 6);
    for (const { opened, puck } of [low, lifted, thick]) expect(puck.width).toBeCloseTo(opened!.width + 2 * opened!.thick, 6);
  });

  it('take the puck of the ball that the run is made to', () => {
    const sized = size(clay, typical('cylinder'), 'glazed', WAYS.trimmed);
    const worked = wheelSteps(clay, sized, WAYS.trimmed);
    const { ball, puck } = wheelSteps(clay, sized, WAYS.trimmed, { runBall: sized.masses.ball * 1.1 });
    expect(ball.g).toBeCloseTo(sized.masses.ball * 1.1, 9);
    expect(puck.height / worked.puck.height).toBeCloseTo(1.1, 9);
    expect(puck.width).toBe(worked.puck.width);
  });

  it('pull a collared neck thinner and narrower than it will end', () => {
    const sized = size(clay, typical('bottle'), 'glazed', WAYS.trimmed);
    const { cylinder } = wheelSteps(clay, sized, WAYS.trimmed, { shortening: 0 });
    const neck = cylinder!.slices.at(-8)!;
    expect(cylinder!.opens).toBeLessThan(1);
    expect(neck.firstThick).toBeLessThan(neck.thick);
  });

  it('centre a plate to its well and do not open a disc', () => {
    const plate = size(clay, typical('plate'), 'glazed', WAYS.thickness);
    expect(wheelSteps(clay, plate, WAYS.thickness).puck.width).toBeCloseTo((270 - 84) / 0.885, 6);
    const disc = size(clay, typical('disc'), 'glazed', NOTHING_LOST);
    const { opened, puck, steps } = wheelSteps(clay, disc, NOTHING_LOST);
    expect(opened).toBeUndefined();
    expect(puck.height).toBeCloseTo(10 / 0.885, 6);
    expect(steps.map(({ name }) => name)).toEqual(['ball', 'puck', 'shape', 'trim']);
  });

  it('give a ball its diameter: pi d^3 / 6', () => {
    const sized = size(clay, typical('cylinder'), 'glazed', WAYS.trimmed);
    const { ball } = wheelSteps(clay, sized, WAYS.trimmed);
    expect((Math.PI * ball.diameter ** 3) / 6000).toBeCloseTo(totalMl(sized.volumes), 6);
  });
});

describe('what is put on and joined', () => {
  it('weighs as weighed, or by its section: a strap is an oval', () => {
    expect(attachedG({ id: 'a', kind: 'handle', massG: 61 }, clay.matter)).toBe(61);
    const strap = attachedG({ id: 'a', kind: 'handle', length: 120, width: 22, thick: 8 }, clay.matter);
    expect(strap).toBeCloseTo(((Math.PI / 4) * 22 * 8 * 120 * 1.946) / 1000, 1);
    const coil = attachedG({ id: 'a', kind: 'handle', length: 100, width: 10 }, clay.matter);
    expect(coil).toBeCloseTo((Math.PI * 25 * 100 * 1.946) / 1000, 1);
  });

  it('dries by its own clay', () => {
    const dry = { water: 0.1, loss: 0 };
    const plain = size(clay, typical('cylinder'), 'glazed', WAYS.trimmed).masses;
    const { masses } = size(clay, typical('cylinder'), 'glazed', WAYS.trimmed, [{ wetG: 100, matter: dry }]);
    expect(masses.ball).toBe(plain.ball);
    expect(masses.trimmed - plain.trimmed).toBeCloseTo(100, 9);
    expect(masses.dry - plain.dry).toBeCloseTo(90, 9);
    expect(masses.glazed - plain.glazed).toBeCloseTo(90, 9);
  });

  it('a pouring lip runs over sooner and stands out', () => {
    const sized = size(clay, typical('cylinder', { baseDiameter: 80 }), 'glazed', WAYS.trimmed);
    const poured = withPouringLip(sized, { drop: 9.4, reach: 6 });
    expect(poured.holdsMl).toBeCloseTo(sized.capacityMl * 0.9, 6);
    expect(poured.widest).toBe(86);
  });

  it('two bowls pressed together are twice as wide less what is flattened, three in a ring less wide than in a row', () => {
    const sized = size(clay, typical('bowl'), 'glazed', WAYS.trimmed);
    const two = joinedSizes(sized, { copies: 2, flattened: 4, handleRise: 40, handleThick: 9 });
    expect(two.overall).toBeCloseTo(2 * 160 - 8, 6);
    expect(two.clear).toBe(31);
    expect(two.clearFromFloor).toBeCloseTo(31 + 75 - 13, 6);
    const row = joinedSizes(sized, { copies: 3, flattened: 4 });
    const ring = joinedSizes(sized, { copies: 3, ring: true, flattened: 4 });
    expect(row.overall).toBeCloseTo(3 * 160 - 16, 6);
    expect(ring.overall).toBeLessThan(row.overall);
    expect(ring.footprint[1]).toBeCloseTo(160 + (152 * Math.sqrt(3)) / 2, 6);
  });
});

describe('what a place allows', () => {
  const sized = size(clay, typical('plate'), 'glazed', WAYS.trimmed);

  it('is checked at the stage that counts', () => {
    const found = checkLimits(clay, sized, { shelfDepth: 270, kilnShelf: 280, kilnHeight: 100, batDiameter: 300, wheelHead: 100 });
    const by = Object.fromEntries(found.map((each) => [each.limit, each]));
    expect(by.shelfDepth).toMatchObject({ stage: 'glazed', fits: true, mm: 270 });
    expect(by.kilnShelf).toMatchObject({ stage: 'dry', fits: false });
    expect(by.kilnShelf!.mm).toBeCloseTo((270 / 0.885) * 0.94825, 1);
    expect(by.wheelHead!.fits).toBe(false);
    expect(by.batDiameter!.fits).toBe(true);
    expect(by.armReach).toBeUndefined();
  });

  it('counts what is pulled out of the rim and pressed beside it', () => {
    const bowl = size(clay, typical('bowl'), 'glazed', WAYS.trimmed);
    const over = beyondItself(bowl, { pouringLip: { drop: 4, reach: 9 }, joined: { copies: 2, flattened: 2, handleRise: 40 } });
    expect(over).toEqual({ width: expect.closeTo(160 - 4, 6), height: 40 });
    expect(beyondItself(bowl, {})).toEqual({ width: 0, height: 0 });
    const fits = (width: number) => checkLimits(clay, bowl, { shelfDepth: width }, over)[0]!.fits;
    expect([fits(315), fits(317)]).toEqual([false, true]);
  });

  it('asks for an arm’s reach only where a hand goes in', () => {
    const urn = size(clay, typical('profile', { height: 500, rimDiameter: 200 }), 'glazed', WAYS.thickness);
    expect(checkLimits(clay, urn, { armReach: 450 })[0]).toMatchObject({ fits: false, limit: 'armReach' });
    const bottle = size(clay, typical('bottle'), 'glazed', WAYS.thickness);
    expect(checkLimits(clay, bottle, { armReach: 100 })).toEqual([]);
  });

  it('says what the form asks of the hands, and cautions at the step', () => {
    const words = (form: Form<'glazed'>) =>
      adviceFor(size(clay, form, 'glazed', WAYS.trimmed))
        .map(({ words: said }) => said)
        .join(' ');
    expect(words(typical('plate'))).toMatch(/Compress the floor.*flip/);
    expect(words(typical('bottle', { height: 300 }))).toMatch(/stiffer clay.*Collar a little/);
    expect(words(typical('cylinder'))).toMatch(/Compress the floor/);
    expect(words(typical('cylinder'))).not.toMatch(/stiffer/);
    expect(words(typical('cylinder'))).toMatch(/do not sweep/);
    expect(words(typical('profile', { height: 600, rimDiameter: 400, wall: 12, floor: 14 }))).toMatch(/divide the load/);
  });

  it('looks at the section at the stage it speaks of', () => {
    const wet = outlineAt(typical('plate'), 'glazed', 'wet', clay.shrinkage);
    expect(wet.side.at(-1)!.r).toBeCloseTo(135 / 0.885, 6);
  });
});
