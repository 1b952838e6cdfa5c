import { lengthAt } from '@/core/clay';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Cup, checkCup, cupInside, cupSection, frustumMl, innerRadius, revolvedMl, stretch } from '.';

const cup = (height: number, rim: number, base: number, wall: number, floor: number): Cup<'glazed'> => {
  const mm = (value: number) => lengthAt('glazed', value);
  return { family: 'cylinder', height: mm(height), rimDiameter: mm(rim), baseDiameter: mm(base), wall: mm(wall), floor: mm(floor) };
};

const check = (made: Cup<'glazed'>) => checkCup(made, (mm) => `${mm} mm`);

/** Cups that can be made, over the range the form accepts. */
const anyCup = fc
  .record({
    height: fc.double({ min: 20, max: 800, noNaN: true }),
    rim: fc.double({ min: 40, max: 500, noNaN: true }),
    base: fc.double({ min: 40, max: 500, noNaN: true }),
    wall: fc.double({ min: 1, max: 8, noNaN: true }),
    floor: fc.double({ min: 1, max: 15, noNaN: true }),
  })
  .map(({ height, rim, base, wall, floor }) => cup(height, rim, base, wall, floor))
  .filter((made) => check(made).ok);

describe('volumes', () => {
  it('of a cylinder, a cone and a sphere of many sides', () => {
    const box = [
      { r: 0, z: 0 },
      { r: 50, z: 0 },
      { r: 50, z: 100 },
      { r: 0, z: 100 },
    ];
    expect(revolvedMl(box)).toBeCloseTo((Math.PI * 2500 * 100) / 1000, 8);
    expect(revolvedMl([box[0]!, box[1]!, box[3]!])).toBeCloseTo((Math.PI * 2500 * 100) / 3000, 8);
    const arc = Array.from({ length: 721 }, (_, i) => ({ r: 40 * Math.sin((Math.PI * i) / 720), z: -40 * Math.cos((Math.PI * i) / 720) }));
    expect(revolvedMl(arc)).toBeCloseTo((4 / 3) * Math.PI * 64, 2);
  });

  it('do not depend on where the outline starts or which way it runs', () => {
    const section = cupSection(cup(120, 92, 84, 4.6, 6.4));
    const volume = revolvedMl(section);
    expect(revolvedMl([...section].reverse())).toBeCloseTo(volume, 10);
    expect(revolvedMl([...section.slice(2), ...section.slice(0, 2)])).toBeCloseTo(volume, 10);
  });

  it('of a cup equal the frustum outside less the frustum inside', () => {
    fc.assert(
      fc.property(anyCup, (made) => {
        const inside = frustumMl(innerRadius(made, made.floor), innerRadius(made, made.height), made.height - made.floor);
        const outside = frustumMl(made.baseDiameter / 2, made.rimDiameter / 2, made.height);
        expect(revolvedMl(cupInside(made)) / inside).toBeCloseTo(1, 9);
        expect(revolvedMl(cupSection(made)) / (outside - inside)).toBeCloseTo(1, 7);
      }),
      { seed: 31 },
    );
  });

  it('grow with the cube when everything grows', () => {
    fc.assert(
      fc.property(anyCup, fc.double({ min: 0.2, max: 4, noNaN: true }), (made, f) => {
        expect(revolvedMl(stretch(cupSection(made), f, f)) / revolvedMl(cupSection(made))).toBeCloseTo(f ** 3, 6);
      }),
      { seed: 32 },
    );
  });

  it('measure the wall square to the surface', () => {
    const made = cup(100, 180, 80, 5, 6);
    const [dr, dz] = [50, 100];
    const outer = { r: 40 + dr * 0.5, z: 50 };
    const inner = innerRadius(made, 50);
    const square = ((outer.r - inner) * dz) / Math.hypot(dr, dz);
    expect(square).toBeCloseTo(5, 10);
  });
});

describe('what cannot be made', () => {
  it.each([
    [cup(120, 92, 84, 50, 6), 'wall', /thicker than the piece is wide inside. Make it less than 4\d/],
    [cup(120, 92, 84, 4, 120), 'floor', /would reach the rim/],
    [cup(20, 300, 84, 4, 6), 'rimDiameter', /lean \d+ degrees/],
    [cup(3200, 92, 84, 4, 6), 'height', /the most is 3000 mm/],
    [cup(0, 92, 84, 4, 6), 'height', /above zero/],
    [cup(NaN, 92, 84, 4, 6), 'height', /above zero/],
  ])('is refused with the field', (made, path, message) => {
    const checked = check(made);
    expect(checked.ok).toBe(false);
    if (checked.ok) return;
    expect(checked.problem.path).toBe(path);
    expect(checked.problem.message).toMatch(message);
  });

  it('names a wall that would do', () => {
    const checked = check(cup(120, 92, 84, 60, 6));
    const most = Number(/less than ([\d.]+) mm/.exec(checked.ok ? '' : checked.problem.message)?.[1]);
    expect(check(cup(120, 92, 84, most * 0.999, 6)).ok).toBe(true);
    expect(check(cup(120, 92, 84, most * 1.001, 6)).ok).toBe(false);
  });
});
