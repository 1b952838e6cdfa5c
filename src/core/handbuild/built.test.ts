import { remaining, wetDensity } from '@/core/clay';
import type { Result } from '@/core/units';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { USUAL_COIL, USUAL_HANDLE, coilPlan, ellipseGirth, handlePlan, leanBetween, ownGain, toMake } from '.';
import { clay, k, sized, write } from './examples';

function must<T>(made: Result<T>): T {
  if (!made.ok) throw new Error(made.problem.message);
  return made.value;
}

const STEEP = ['cylinder', 'flared', 'bowl', 'jar', 'bottle', 'profile'] as const;

const coiled = (...args: Parameters<typeof coilPlan>) => must(coilPlan(...args));

describe('a coiled piece', () => {
  it.each(STEEP)('of a %s is all of its section’s clay: the pinched base and every coil', (family) => {
    const piece = sized(family);
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 0.9, noNaN: true }), fc.double({ min: 0.5, max: 1.8, noNaN: true }), (pinchShare, gain) => {
        const made = coilPlan(clay, piece, { pinchShare, gain });
        // a bowl pinched from very little lies flat where its coils would begin
        fc.pre(made.ok);
        const plan = must(made);
        expect(plan.totalG / piece.masses.trimmed).toBeCloseTo(1, 9);
        const coils = plan.courses.reduce((all, { thickness, length }) => all + (Math.PI / 4) * thickness ** 2 * length, 0);
        expect(plan.pinch.g + (coils * wetDensity(clay.matter)) / 1000).toBeCloseTo(plan.totalG, 6);
      }),
      { numRuns: 40, seed: 613 },
    );
  });

  it.each(STEEP)('of a %s rises without a gap from the pinched base to the rim', (family) => {
    const piece = sized(family);
    const { courses, pinch } = coiled(clay, piece, USUAL_COIL);
    expect(courses[0]!.from).toBeCloseTo(pinch.height, 9);
    courses.slice(1).forEach(({ from }, i) => expect(from).toBe(courses[i]!.to));
    expect(courses.at(-1)!.to).toBeCloseTo(piece.wet.inside[0]!.z, 6);
    const weights = courses.map(({ soFar }) => soFar);
    expect(weights).toEqual([...weights].sort((a, b) => a - b));
  });

  it('has one girth and one coil all the way up an upright cylinder, by the closed forms', () => {
    const piece = sized('cylinder', { height: 200, rimDiameter: 100, baseDiameter: 100, wall: 6, floor: 6 });
    const { courses, thickness, wall } = coiled(clay, piece, { pinchShare: 0.2, gain: 1 });
    expect(thickness).toBeCloseTo(((6 / k) * 4) / Math.PI, 2);
    expect(wall).toBeCloseTo(6 / k, 2);
    for (const course of courses) {
      expect(course.length).toBeCloseTo((Math.PI * 94) / k, 2);
    }
    expect(courses[1]!.to - courses[1]!.from).toBeCloseTo(thickness, 6);
  });

  it('follows the profile: courses about a belly are longer than those at the neck', () => {
    const { courses } = coiled(clay, sized('bottle'), USUAL_COIL);
    const longest = Math.max(...courses.map(({ length }) => length));
    expect(longest).toBeGreaterThan(2 * courses.at(-2)!.length);
  });

  it('pauses before more stands than the wall can carry, and only there', () => {
    const tall = coiled(clay, sized('cylinder', { height: 400, wall: 5 }), USUAL_COIL).courses;
    const stops = tall.filter(({ pause }) => pause).map(({ from }) => from);
    expect(stops.length).toBeGreaterThan(3);
    stops.slice(1).forEach((from, i) => expect(from - stops[i]!).toBeLessThan(10 * (5 / k) + 2 * (tall[0]!.to - tall[0]!.from)));
    expect(coiled(clay, sized('bowl', { height: 50 }), USUAL_COIL).courses.some(({ pause }) => pause)).toBe(false);
  });

  it('with a thickness typed is what coils of that thickness weigh, each of them that thick', () => {
    const piece = sized('cylinder');
    const { courses, pinch, totalG } = coiled(clay, piece, { ...USUAL_COIL, thickness: 10 });
    expect(new Set(courses.map(({ thickness }) => thickness))).toEqual(new Set([10]));
    const coils = courses.reduce((all, { length }) => all + length, 0);
    expect(totalG).toBeCloseTo(pinch.g + ((Math.PI / 4) * 100 * coils * wetDensity(clay.matter)) / 1000, 9);
    expect(totalG).not.toBeCloseTo(piece.masses.trimmed, 0);
  });

  it('squeezes the last coil up where less than a quarter of one is left, and lays one more where there is more', () => {
    // upright wall: every course rises by gain times the coil
    const wall = (height: number) => sized('cylinder', { height, rimDiameter: 100, baseDiameter: 100, wall: 6, floor: 6 });
    const lengthOf = (height: number) => {
      const { courses, pinch, thickness } = coiled(clay, wall(height), { ...USUAL_COIL, pinchShare: 0, thickness: 10 });
      return { courses, rest: (height / k - pinch.height) / thickness };
    };
    for (let height = 100; height < 130; height += 1) {
      const { courses, rest } = lengthOf(height);
      const over = rest - Math.floor(rest);
      if (Math.abs(over - 0.25) < 0.02 || over < 0.01) continue;
      expect(courses.at(-1)!.squeezed, `${height}`).toBe(over < 0.25);
      expect(courses.length, `${height}`).toBe(over < 0.25 ? Math.floor(rest) : Math.ceil(rest));
      expect(courses.slice(0, -1).every(({ squeezed }) => !squeezed)).toBe(true);
    }
  });

  it('is refused where a coil finds nothing to lie on: a plate’s rim', () => {
    const refused = coilPlan(clay, sized('plate', { height: 14, rimDiameter: 280 }), { ...USUAL_COIL, pinchShare: 0.05 });
    expect(refused).toMatchObject({
      ok: false,
      problem: { message: expect.stringMatching(/is too flat above the pinched base for coils|runs down/) as string },
    });
  });

  it('says what wall thinner coils come to', () => {
    const piece = sized('cylinder');
    const usual = coiled(clay, piece, USUAL_COIL);
    const thin = coiled(clay, piece, { ...USUAL_COIL, thickness: usual.thickness / 2 });
    expect(thin.wall).toBeCloseTo(usual.wall / 2, 6);
    expect(thin.courses.length).toBeGreaterThan(1.8 * usual.courses.length);
  });

  it('learns the maker’s gain as the middle of what was measured', () => {
    expect(ownGain([])).toBeUndefined();
    const notes = [
      { coils: 5, thickness: 10, height: 40 },
      { coils: 4, thickness: 10, height: 38 },
      { coils: 10, thickness: 8, height: 80 },
    ];
    expect(ownGain(notes)).toEqual({ gain: 0.95, from: 0.8, to: 1 });
    expect(ownGain(notes.slice(0, 2))!.gain).toBeCloseTo(0.875, 9);
  });
});

describe('a handle', () => {
  const cup = sized('cylinder', { height: 110 });
  const plan = (change: Partial<typeof USUAL_HANDLE>) => {
    const made = handlePlan(clay, cup, { ...USUAL_HANDLE, ...change }, write);
    if (!made.ok) throw new Error(made.problem.message);
    return made.value;
  };

  it('leaves a hole for so many fingers after firing', () => {
    const { hole, seats } = plan({ fingers: 3, fingerWidth: 20 });
    expect(hole.finished).toBe(64);
    expect(hole.bent * k).toBeCloseTo(64, 9);
    const seated = k / remaining(clay.shrinkage, 'leather', 'height');
    expect((seats.upper - seats.lower) * seated).toBeCloseTo(64 + USUAL_HANDLE.thickness, 9);
    expect(plan({ fingers: 2, fingerWidth: 20 }).length).toBeLessThan(plan({ fingers: 3, fingerWidth: 20 }).length);
  });

  it('gives its lengths for the clay as firm as it is bent, and weighs the same', () => {
    const leather = remaining(clay.shrinkage, 'leather', 'width');
    const [soft, half, firm] = (['soft', 'half', 'leather'] as const).map((firmness) => plan({ firmness }));
    expect(firm!.hole.bent / soft!.hole.bent).toBeCloseTo(leather, 9);
    expect(half!.width / soft!.width).toBeCloseTo((1 + leather) / 2, 9);
    expect(firm!.left).toBeCloseTo(leather, 9);
    // what is pressed on at the ends is as long whatever the firmness
    expect(firm!.wetG / soft!.wetG).toBeGreaterThan(1);
    expect(firm!.wetG / soft!.wetG).toBeLessThan(1.02);
  });

  it('of three coils lies within its thickness, each of them thinner than of two', () => {
    const [two, three] = ([2, 3] as const).map((strands) => plan({ kind: 'twisted', width: 14, strands }));
    expect(two!.width * 2).toBeCloseTo(14 / k, 9);
    // three circles that touch, within a circle: d = D / (1 + 2 / sqrt 3)
    expect(three!.width).toBeCloseTo(14 / k / (1 + 2 / Math.sqrt(3)), 9);
    expect(three!.strands.count).toBe(3);
    expect(three!.wetG).toBeCloseTo(((Math.PI / 4) * three!.width ** 2 * three!.strands.length * 3 * wetDensity(clay.matter)) / 1000, 6);
  });

  it('counts one in ten more without a hair over: 55 for 50', () => {
    expect(plan({ pieces: 50 }).blanks.byRule).toBe(55);
    expect(plan({ pieces: 51 }).blanks.byRule).toBe(57);
  });

  it('weighs its section times its length', () => {
    const strap = plan({ kind: 'strap', width: 22, thickness: 0.0001 });
    expect(strap.wetG).toBeCloseTo((22 / k) * (0.0001 / k) * strap.length * (wetDensity(clay.matter) / 1000), 6);
    const coil = plan({ kind: 'coil', width: 12 });
    expect(coil.wetG).toBeCloseTo(((Math.PI / 4) * (12 / k) ** 2 * coil.length * wetDensity(clay.matter)) / 1000, 6);
  });

  it('is two coils half as thick for a twist, longer than the handle they make', () => {
    const { strands, length, width } = plan({ kind: 'twisted', width: 14 });
    expect(strands.count).toBe(2);
    expect(width * k).toBeCloseTo(7, 9);
    expect(strands.length).toBeGreaterThan(length * 1.05);
  });

  it('is pulled from a blank that loses what is pulled off', () => {
    const { wetG, blankG } = plan({ kind: 'pulled', kept: 0.5 });
    expect(blankG).toBeCloseTo(2 * wetG, 9);
    expect(plan({ kind: 'coil' }).blankG).toBe(plan({ kind: 'coil' }).wetG);
  });

  it('is refused where the wall is too short for the fingers, with what it would need', () => {
    const made = handlePlan(clay, sized('cylinder', { height: 60 }), { ...USUAL_HANDLE, fingers: 4 }, write);
    expect(made).toMatchObject({ ok: false, problem: { path: 'fingers' } });
    if (!made.ok) expect(made.problem.message).toMatch(/4 fingers is 80\.0 mm long.*60\.0 mm high/);
  });

  it('has the girth of a circle where it is one, and is near the ellipse’s own integral', () => {
    expect(ellipseGirth(30, 30)).toBeCloseTo(60 * Math.PI, 9);
    const n = 20000;
    let girth = 0;
    for (let i = 0; i < n; i += 1) {
      const t = ((i + 0.5) * 2 * Math.PI) / n;
      girth += (Math.hypot(40 * Math.sin(t), 25 * Math.cos(t)) * 2 * Math.PI) / n;
    }
    expect(ellipseGirth(40, 25)).toBeCloseTo(girth, 3);
  });

  it('is made in as many blanks as give enough in nine of ten orders', () => {
    expect(toMake(1, 1)).toBe(1);
    expect(toMake(10, 1)).toBe(10);
    // one in ten fails: 1 - 0.9^1 ... two give 0.99
    expect(toMake(1, 0.9)).toBe(1);
    expect(toMake(1, 0.8)).toBe(2);
    const binomial = (n: number, p: number, atLeast: number) => {
      let all = 0;
      for (let i = atLeast; i <= n; i += 1) {
        let ways = 1;
        for (let j = 0; j < i; j += 1) ways *= (n - j) / (j + 1);
        all += ways * p ** i * (1 - p) ** (n - i);
      }
      return all;
    };
    for (const needed of [4, 12, 30]) {
      const count = toMake(needed, 0.9);
      expect(binomial(count, 0.9, needed)).toBeGreaterThanOrEqual(0.9);
      expect(binomial(count - 1, 0.9, needed)).toBeLessThan(0.9);
    }
    expect(plan({ pieces: 12 }).blanks.byRule).toBe(14);
  });
});

describe('a handle by hand', () => {
  const cone = sized('cylinder', { height: 120, rimDiameter: 110, baseDiameter: 80, wall: 5, floor: 8 });
  const choices = {
    ...USUAL_HANDLE,
    fingers: 2 as const,
    fingerWidth: 20,
    reach: 32,
    width: 24,
    thickness: 9,
    below: 6,
    kept: 0.8,
    pieces: 10,
  };
  const planned = (change: object = {}) => must(handlePlan(clay, cone, { ...choices, ...change }, write));
  /** Half an ellipse, added up. */
  const halfGirth = (a: number, b: number) => {
    const at = (i: number) => [a * Math.cos((i * Math.PI) / 4000), b * Math.sin((i * Math.PI) / 4000)] as const;
    let sum = 0;
    for (let i = 0; i < 4000; i += 1) sum += Math.hypot(at(i + 1)[0] - at(i)[0], at(i + 1)[1] - at(i)[1]);
    return sum;
  };
  const leather = remaining(clay.shrinkage, 'leather', 'width');

  it.each([
    ['soft', 1],
    ['half', (1 + leather) / 2],
    ['leather', leather],
  ] as const)('bent %s has its lengths as the clay is then, and its ends where they sit at leather hard', (firmness, left) => {
    const grow = left / k;
    const { hole, length, width, thickness, across, left: said, seats } = planned({ kind: 'strap', firmness });
    expect(said).toBeCloseTo(left, 9);
    expect(hole).toEqual({ finished: 44, bent: expect.closeTo(44 * grow, 9) as number, reachBent: expect.closeTo(32 * grow, 9) as number });
    expect([width, thickness, across]).toEqual([expect.closeTo(24 * grow, 9), expect.closeTo(9 * grow, 9), expect.closeTo(9 * grow, 9)]);
    // the middle line is half a thickness outside the hole; 8 mm at each end are pressed on
    expect(length).toBeCloseTo(halfGirth(((44 + 9) / 2) * grow, (32 + 4.5) * grow) + 16, 1);
    expect(seats.upper).toBeCloseTo((120 - 6 - 4.5) * (leather / k), 9);
    expect(seats.upper - seats.lower).toBeCloseTo((44 + 9) * (leather / k), 9);
    expect(leanBetween(clay, cone, planned({ kind: 'strap', firmness }))).toBeCloseTo(
      ((110 - 80) / 2 / 120) * (seats.upper - seats.lower),
      6,
    );
  });

  it('weighs the section of its kind over its length, as if it were wet', () => {
    const grow = 1 / k;
    const [w, t] = [24 * grow, 9 * grow];
    const sections = { strap: w * t - (t * t - (Math.PI / 4) * t * t), pulled: (Math.PI / 4) * w * t, coil: (Math.PI / 4) * w * w };
    for (const kind of ['strap', 'pulled', 'coil'] as const) {
      const { wetG, blankG, length, strands, across } = planned({ kind, firmness: 'soft' });
      expect(wetG, kind).toBeCloseTo((sections[kind] * length * wetDensity(clay.matter)) / 1000, 6);
      expect(blankG).toBeCloseTo(kind === 'pulled' ? wetG / 0.8 : wetG, 9);
      expect(strands).toEqual({ count: 1, length });
      expect(across).toBeCloseTo(kind === 'coil' ? w : t, 9);
    }
    const soft = planned({ kind: 'strap', firmness: 'soft' });
    const firm = planned({ kind: 'strap', firmness: 'leather' });
    // the same clay but for the ends, which are as long however firm it is
    expect(firm.wetG / soft.wetG).toBeCloseTo(firm.length / leather / soft.length, 9);
    // two coils half as thick, wound once in three thicknesses about a circle of a quarter
    const twist = planned({ kind: 'twisted', strands: 2, firmness: 'soft' });
    expect(twist.width).toBeCloseTo(w / 2, 9);
    expect(twist.strands.length / twist.length).toBeCloseTo(Math.hypot(1, (2 * Math.PI * 0.25) / 3), 9);
    expect(twist.wetG).toBeCloseTo((2 * (Math.PI / 4) * (w / 2) ** 2 * twist.strands.length * wetDensity(clay.matter)) / 1000, 6);
    expect(planned({ kind: 'twisted', strands: undefined }).strands.count).toBe(2);
  });

  it('needs a hole, its ends and half the floor of wall: to the hundredth of a mm, and says how much', () => {
    const needs = 44 + 6 + 1.5 * 9 + 4;
    const on = (height: number, change: object = {}) => {
      const piece = sized('cylinder', { height, rimDiameter: 110, baseDiameter: 80, wall: 5, floor: 8 });
      return handlePlan(clay, piece, { ...choices, kind: 'strap', ...change }, write);
    };
    expect(on(needs + 0.01).ok).toBe(true);
    expect(on(needs - 0.01)).toMatchObject({
      ok: false,
      problem: { path: 'fingers', message: expect.stringContaining(`it needs ${write(needs)} of wall`) as string },
    });
    expect(on(30)).toMatchObject({
      problem: {
        message: expect.stringMatching(
          /^A hole for 2 fingers is 44.0 mm long and its ends 9.0 mm thick: .* and the piece is 30.0 mm high/,
        ) as string,
      },
    });
    expect(on(20, { fingers: 1 })).toMatchObject({ problem: { message: expect.stringContaining('A hole for 1 finger is') as string } });
    // a coil's ends are as thick as it is wide
    expect(on(needs + 0.01, { kind: 'coil' }).ok).toBe(false);
    expect(on(needs + 1.5 * (24 - 9) + 0.01, { kind: 'coil' }).ok).toBe(true);
  });

  it('is made in so many blanks as would do, or as many as anybody would try', () => {
    expect(toMake(1, 0.001)).toBe(100);
    expect(toMake(1, 1)).toBe(1);
    // one of two: 1 - 0.5^n is nine tenths from four on
    expect([toMake(1, 0.5), toMake(1, 0.5, 0.8), toMake(2, 1)]).toEqual([4, 3, 2]);
  });
});

describe('coils by hand', () => {
  it('say what wall a coil makes, by its thickness and its gain, and how long they are together', () => {
    for (const gain of [0.8, 1.25]) {
      const plan = coiled(clay, sized('cylinder'), { pinchShare: 0.2, gain, thickness: 9 });
      expect(plan.thickness).toBe(9);
      expect(plan.wall).toBeCloseTo((Math.PI * 9) / (4 * gain), 9);
      expect(plan.length).toBeCloseTo(
        plan.courses.reduce((sum, { length }) => sum + length, 0),
        9,
      );
      expect(plan.courses.every(({ thickness }) => thickness === 9)).toBe(true);
      // unless said as thick as the wall asks for
      const free = coiled(clay, sized('cylinder'), { pinchShare: 0.2, gain });
      expect((free.thickness * Math.PI) / (4 * gain)).toBeCloseTo(free.wall, 9);
    }
  });

  it('are none where all is pinched', () => {
    const plan = coiled(clay, sized('cylinder'), { pinchShare: 1, gain: 1 });
    expect([plan.courses, plan.length]).toEqual([[], 0]);
    expect(plan.totalG).toBeCloseTo(plan.pinch.g, 9);
  });

  it('have the middle gain of what was measured, in whatever order it was', () => {
    const note = (gain: number) => ({ coils: 4, thickness: 10, height: 40 * gain });
    expect(ownGain([])).toBeUndefined();
    expect(ownGain([note(1.2), note(0.8), note(1)])).toEqual({ gain: 1, from: 0.8, to: 1.2 });
    expect(ownGain([note(1.2), note(0.6), note(1), note(0.8)])).toEqual({
      gain: expect.closeTo(0.9, 9) as number,
      from: expect.closeTo(0.6, 9) as number,
      to: expect.closeTo(1.2, 9) as number,
    });
  });
});
