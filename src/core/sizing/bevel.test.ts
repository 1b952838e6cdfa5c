import { clayFigures, wetDensity } from '@/core/clay';
import { FAMILIES, type FamilyName, ROUND_FAMILIES, type SizeName, checkForm, formOf, outlineOf, revolvedMl, sectionOf } from '@/core/form';
import { WAYS, size, totalMl, wheelSteps } from '@/core/sizing';
import { PLAIN, sizePart } from '@/core/part';
import type { Part } from '@/core/records';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';

const clay = clayFigures({ kind: 'stoneware', shrinkagePercent: 11.5 });
const write = (mm: number) => `${mm.toFixed(1)} mm`;

const made = (family: FamilyName, sizes: Partial<Record<SizeName, number>> = {}, foot: 'flat' | 'ring' = 'flat') =>
  formOf({ family, manner: { ...FAMILIES[family].manner, foot }, knots: FAMILIES[family].knots }, 'glazed', {
    ...FAMILIES[family].typical,
    ...sizes,
  });

const BEVELLED = ROUND_FAMILIES.filter((name) => FAMILIES[name].sizes.includes('bevel'));

describe('a bevel at the foot', () => {
  it('is cut off every form that is turned, and nothing else is: what is thrown and weighed out stays', () => {
    const some = fc.record({
      family: fc.constantFrom(...BEVELLED),
      foot: fc.constantFrom('flat' as const, 'ring' as const),
      share: fc.double({ min: 0.1, max: 1, noNaN: true }),
    });
    fc.assert(
      fc.property(some, ({ family, foot, share }) => {
        const plain = made(family, {}, foot);
        const { floor = 0, wall = 0, wallAtFoot = wall, footWidth = 0 } = plain.sizes;
        const bevel = share * (foot === 'ring' ? footWidth / 2 : 0.8 * Math.min(floor, wallAtFoot));
        const cut = made(family, { bevel }, foot);
        fc.pre(checkForm(plain, write).ok);
        expect(checkForm(cut, write).ok).toBe(true);
        const [before, after] = [plain, cut].map((form) => size(clay, form, 'glazed', WAYS.trimmed));
        expect(after!.masses.ball).toBeCloseTo(before!.masses.ball, 0);
        for (const [what, mm] of Object.entries(before!.thrown)) expect(after!.thrown[what as 'pulled']).toBeCloseTo(mm, 1);
        expect(after!.masses.glazed).toBeLessThan(before!.masses.glazed);
        expect(after!.measures.brimMl / before!.measures.brimMl).toBeCloseTo(1, 6);
        expect(revolvedMl(sectionOf(after!.onBat.thrown)) / totalMl(after!.volumes)).toBeCloseTo(1, 3);
      }),
      { numRuns: 80, seed: 7 },
    );
  });

  it('off a straight foot is the ring of a triangle: pi b^2 (R - b / 3)', () => {
    const [r, b] = [40, 3];
    const plain = made('cylinder', { rimDiameter: 2 * r, baseDiameter: 2 * r });
    const cut = made('cylinder', { rimDiameter: 2 * r, baseDiameter: 2 * r, bevel: b });
    const gone = revolvedMl(sectionOf(outlineOf(plain))) - revolvedMl(sectionOf(outlineOf(cut)));
    expect(gone).toBeCloseTo((Math.PI * b ** 2 * (r - b / 3)) / 1000, 9);
    const sized = size(clay, cut, 'glazed', WAYS.trimmed);
    const wet = 1 / 0.885;
    expect(sized.volumes.bevel).toBeCloseTo(gone * wet ** 3, 6);
    expect(wheelSteps(clay, sized, WAYS.trimmed).takes.bevel).toBeCloseTo(sized.volumes.bevel * wetDensity(clay.matter), 9);
  });

  it('stands on less than the foot is wide', () => {
    const form = made('cylinder', { bevel: 3 });
    expect(outlineOf(form).under.at(-1)!.r).toBeCloseTo(form.sizes.baseDiameter! / 2 - 3, 9);
  });

  it.each([
    ['a flat foot', 'flat', 3.7, '3.6 mm'],
    ['a ring', 'ring', 3.1, '3.0 mm'],
  ] as const)('that leaves too little of %s is refused with what would do', (_, foot, bevel, most) => {
    const found = checkForm(made('cylinder', { bevel }, foot), write);
    expect(found).toMatchObject({ ok: false, problem: { path: 'bevel', message: expect.stringContaining(`Make it at most ${most}`) } });
  });

  it('is no matter of pieces built by hand', () => {
    const known = Object.entries({ ...FAMILIES.cylinder.typical, footHeight: undefined, footWidth: undefined, bevel: 3 });
    const sizes = Object.fromEntries(known.flatMap(([name, mm]) => (mm === undefined ? [] : [[name, [{ at: 'glazed' as const, mm }]]])));
    const part = { ...PLAIN, sizes, making: WAYS.trimmed } as unknown as Part;
    const thrown = sizePart(part, clay, write);
    const coiled = sizePart({ ...part, hand: { by: 'coil' } }, clay, write);
    if (!thrown.ok || !coiled.ok) throw new Error('It can be made.');
    expect(thrown.value.sized.stages.glazed.sizes.bevel).toBe(3);
    expect(coiled.value.sized.stages.glazed.sizes.bevel).toBeUndefined();
  });
});
