import { NOTHING_LOST } from '@/core/sizing';
import { describe, expect, it } from 'vitest';
import { DEMO } from '@/core/example';
import { sizedPlanPart } from '@/core/part';
import { mainPart, type Part, type Plan, type Workspace } from '@/core/records';
import { lidOn, lidPartOf, standsOut } from '.';

const [plan] = DEMO.plans;

const at = (mm: number) => [{ mm, at: 'glazed' as const }] as const;

const plain = { way: 'thickness', making: NOTHING_LOST, manner: {} } as const;

/** Straight, 100 across and 80 high finished, wall and floor 5. */
const POT: Part = {
  ...plain,
  id: 'pot',
  name: 'pot',
  family: 'cylinder',
  sizes: { height: at(80), rimDiameter: at(100), baseDiameter: at(100), wall: at(5), floor: at(5) },
};

const disc = (across: number, more: Partial<Part> = {}): Part => ({
  ...plain,
  id: 'lid',
  name: 'lid',
  family: 'disc',
  sizes: { rimDiameter: at(across), height: at(6) },
  ...more,
});

const planOf = (pot: Part, ...others: Part[]): Plan => ({ ...plan!, id: 'lidded', parts: [pot, ...others] });

function lidded(pot: Part, lid: Part) {
  const both = planOf(pot, lid);
  const workspace: Workspace = { ...DEMO, plans: [both] };
  const made = sizedPlanPart(workspace, mainPart(both), String);
  if (!made.ok) throw new Error(made.problem.message);
  return { on: lidOn(workspace, both, made.value), out: standsOut(workspace, both, made.value) };
}

const span = (section: readonly { readonly z: number }[]) => [
  Math.min(...section.map(({ z }) => z)),
  Math.max(...section.map(({ z }) => z)),
];

describe('a lid on its pot', () => {
  it('lies on the rim where it is wider than the mouth, and adds what it is thick', () => {
    const { on, out } = lidded(POT, disc(96));
    expect(on).toMatchObject({ above: expect.closeTo(6, 6), across: expect.closeTo(96, 6), level: true });
    expect(span(on!.section)).toEqual([expect.closeTo(80, 6), expect.closeTo(86, 6)]);
    expect(out).toEqual({ width: 0, height: expect.closeTo(6, 6) });
    expect(lidded(POT, disc(112)).out.width).toBeCloseTo(12, 6);
  });

  it('lies in the gallery where it goes into the mouth: what stands above the rim is the rest of it, and may be nothing', () => {
    const gallery = (depth: number): Part => ({
      ...POT,
      family: 'jar',
      manner: { mouth: 'gallery' },
      sizes: {
        height: at(120),
        rimDiameter: at(90),
        bellyDiameter: at(120),
        bellyHeight: at(60),
        collarHeight: at(22),
        baseDiameter: at(70),
        wall: at(5),
        floor: at(6),
        galleryWidth: at(6),
        galleryDepth: at(depth),
      },
    });
    const { on } = lidded(gallery(4), disc(78));
    expect(on!.above).toBeCloseTo(2, 6);
    expect(span(on!.section)).toEqual([expect.closeTo(116, 6), expect.closeTo(122, 6)]);
    // wholly below the rim it adds nothing, and no foot reaches it
    expect(lidded(gallery(8), disc(78)).on).toMatchObject({ above: 0, level: false });
  });

  it('goes over the rim by its own mouth, turned over: its floor is what is added', () => {
    const cap: Part = {
      ...plain,
      id: 'lid',
      name: 'lid',
      family: 'cylinder',
      sizes: { height: at(25), rimDiameter: at(112), baseDiameter: at(112), wall: at(4), floor: at(5) },
    };
    const { on, out } = lidded(POT, cap);
    expect(on).toMatchObject({ above: expect.closeTo(5, 6), across: expect.closeTo(112, 6), level: true });
    // its edge hangs 20 below the rim, its floor lies on it
    expect(span(on!.section)).toEqual([expect.closeTo(60, 6), expect.closeTo(85, 6)]);
    expect(out.width).toBeCloseTo(12, 6);
  });

  it('with a knob is no place to stand on, and the knob counts', () => {
    const { on } = lidded(POT, disc(96, { attached: [{ id: 'k', kind: 'knob', massG: 20, length: 30 }] }));
    expect(on!.level).toBe(false);
    expect(on!.above).toBeGreaterThan(6 + 25);
    // weighed only, it is still in the way
    expect(lidded(POT, disc(96, { attached: [{ id: 'k', kind: 'knob', massG: 20 }] })).on!.level).toBe(false);
  });

  it('is found by its name, else by what either part says it fits; an insert or another piece is none', () => {
    const named = disc(96);
    const other = disc(96, { id: 'cover', name: 'cover' });
    expect(lidPartOf(planOf(POT, named), POT)?.id).toBe('lid');
    expect(lidPartOf(planOf(POT, named), named)).toBeUndefined();
    expect(lidPartOf(planOf(POT, disc(80, { name: 'insert' })), POT)).toBeUndefined();
    expect(lidPartOf(planOf(POT, other), POT)).toBeUndefined();
    expect(lidPartOf(planOf(POT, { ...other, fit: { with: 'part', ref: 'lidded' } }), POT)?.id).toBe('cover');
    const pot: Part = { ...POT, fit: { with: 'part', ref: 'lidded/cover' } };
    expect(lidPartOf(planOf(pot, other), pot)?.id).toBe('cover');
    // what the pot meets is the insert, what stands on it the lid over that
    expect(lidPartOf(planOf(pot, named, other), pot)?.id).toBe('lid');
    expect(lidPartOf(planOf({ ...POT, fit: { with: 'part', ref: 'elsewhere' } }, other), POT)).toBeUndefined();
  });

  it('of a form that is not round is not worked out', () => {
    expect(lidded(POT, disc(96, { family: 'tile', sizes: { rimDiameter: at(96), rimAcross: at(96), height: at(6) } })).on).toBeUndefined();
    expect(lidded(POT, disc(-3)).on).toBeUndefined();
  });
});
