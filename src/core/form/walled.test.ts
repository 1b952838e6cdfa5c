import { describe, expect, it } from 'vitest';
import { FAMILIES, type FamilyName, type Knot, type Manner, type SizeName, checkForm, formOf, outlineOf } from '.';
import { walled } from './walled';

const form = (
  family: FamilyName,
  sizes: Partial<Record<SizeName, number>> = {},
  manner: Manner = FAMILIES[family].manner,
  knots: readonly Knot[] | undefined = FAMILIES[family].knots,
) => formOf({ family, manner, knots }, 'glazed', { ...FAMILIES[family].typical, ...sizes });

const check = (made: ReturnType<typeof form>) => checkForm(made, (mm) => `${mm} mm`);

describe('a wall laid inside its outside', () => {
  it('ends a wall that lies too flat in an upright edge: where the line inside reaches the radius of the rim, w / sin of its lean above it', () => {
    const lies = walled(
      [
        { r: 30, z: 0 },
        { r: 130, z: 30 },
      ],
      { wall: 5, wallAtFoot: 5, floor: 6 },
    );
    const lean = Math.atan2(100, 30);
    expect(lies.inside[0]!.r).toBeCloseTo(130, 9);
    expect(lies.inside[0]!.z).toBeCloseTo(30 + 5 / Math.sin(lean), 6);
    // steeper, it ends level with the rim: w / cos of its lean further in
    const stands = walled(
      [
        { r: 40, z: 0 },
        { r: 60, z: 90 },
      ],
      { wall: 5, wallAtFoot: 5, floor: 6 },
    );
    expect(stands.inside[0]!.z).toBeCloseTo(90, 9);
    expect(stands.inside[0]!.r).toBeCloseTo(60 - 5 / Math.cos(Math.atan2(20, 90)), 6);
  });

  it('of a bowl is round unless another curve is chosen', () => {
    const line = (curve?: Manner['curve']) => outlineOf(form('bowl', {}, { foot: 'flat', ...(curve && { curve }) })).side;
    expect(line()).toEqual(line('round'));
    expect(line('deep')).not.toEqual(line('round'));
    expect(line('shallow')).not.toEqual(line('round'));
  });

  it('names a foot ring that would do under a profile, whose foot is its first point', () => {
    const knots = [
      { r: 0.6, z: 0 },
      { r: 1, z: 0.5 },
      { r: 1, z: 1 },
    ];
    const ringed = (footWidth: number) =>
      check(form('profile', { height: 90, rimDiameter: 100, footWidth, footHeight: 4, wall: 5, wallAtFoot: 5 }, { foot: 'ring' }, knots));
    // 60 wide at the foot: two fifths of it
    const wide = ringed(24.5);
    expect(wide).toMatchObject({
      ok: false,
      problem: { path: 'footWidth', message: expect.stringMatching(/Make it less than 24(\.0+)?\d* mm/) },
    });
    expect(ringed(23.5).ok).toBe(true);
    // 45 degrees inwards over a ring 4 high: 5.2 wide at least
    const inwards = [
      { r: 0.9, z: 0 },
      { r: 0.7, z: 0.2 },
      { r: 0.8, z: 1 },
    ];
    const drawn = (footWidth: number) =>
      check(
        form(
          'profile',
          { height: 50, rimDiameter: 100, footWidth, footHeight: 4, wall: 4, wallAtFoot: 4, floor: 5 },
          { foot: 'ring' },
          inwards,
        ),
      );
    expect(drawn(5)).toMatchObject({
      ok: false,
      problem: { path: 'footWidth', message: expect.stringContaining('draws in over the ring') },
    });
  });
});
