import { FAMILIES, FAMILY_NAMES, type FamilyName, type Form, checkForm, formOf, holdsMl } from '@/core/form';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type CapacityTarget, reach, solveCapacity } from '.';

const HOLLOW = FAMILY_NAMES.filter((family) => family !== 'disc' && family !== 'tile');
const write = (mm: number) => `${mm.toFixed(1)} mm`;

/** A form of the family with each of its sizes a little off the typical. */
function varied(family: FamilyName, by: readonly number[]): Form<'glazed'> {
  const { manner, knots, typical } = FAMILIES[family];
  const sizes = Object.entries(typical).map(([name, mm], i) => [name, mm * (by[i % by.length] ?? 1)]);
  return formOf({ family, manner, knots }, 'glazed', Object.fromEntries(sizes) as typeof typical);
}

const by = fc.array(fc.double({ min: 0.8, max: 1.25, noNaN: true }), { minLength: 6, maxLength: 14 });
const amount = fc.double({ min: 0, max: 11, noNaN: true }).map(Math.exp);
const given = fc.constantFrom<(form: Form<'glazed'>, f: number) => Partial<CapacityTarget>>(
  () => ({}),
  ({ sizes }, f) => ({ height: sizes.height * f }),
  ({ sizes }, f) => ({ rimDiameter: sizes.rimDiameter * f }),
  ({ sizes }, f) => ({ maxHeight: sizes.height * f }),
);
const factor = fc.double({ min: 0.5, max: 2, noNaN: true });

describe.each(HOLLOW)('a capacity asked of a %s', (family) => {
  it('that it has is never refused', () => {
    fc.assert(
      fc.property(by, (each) => {
        const form = varied(family, each);
        fc.pre(checkForm(form, write).ok);
        const held = holdsMl(form);
        for (const target of [{}, { height: form.sizes.height }, { rimDiameter: form.sizes.rimDiameter }]) {
          const solved = solveCapacity(form, { capacityMl: held, ...target }, write);
          expect(solved.ok).toBe(true);
          if (solved.ok) expect(holdsMl(solved.value) / held).toBeCloseTo(1, 5);
        }
      }),
      { numRuns: 5, seed: 18 },
    );
  }, 30_000);

  it('is met, or refused with a nearest that is then accepted, in figures people read', () => {
    fc.assert(
      fc.property(by, amount, given, factor, (each, capacityMl, chosen, f) => {
        const form = varied(family, each);
        fc.pre(checkForm(form, write).ok);
        const target = chosen(form, f);
        const solved = solveCapacity(form, { capacityMl, ...target }, write);
        if (solved.ok) {
          expect(checkForm(solved.value, write).ok).toBe(true);
          expect(holdsMl(solved.value) / capacityMl).toBeCloseTo(1, 5);
          return;
        }
        expect(solved.problem.message).not.toMatch(/\d\.\d{3,}|NaN|Infinity/);
        const nearest = /nearest that can be made holds ([\d.]+) ml/.exec(solved.problem.message);
        if (!nearest) return;
        expect(solveCapacity(form, { capacityMl: Number(nearest[1]), ...target }, write).ok).toBe(true);
      }),
      { numRuns: 8, seed: 181 },
    );
  }, 30_000);

  it('has no nearer piece than the nearest offered', () => {
    fc.assert(
      fc.property(by, amount, (each, capacityMl) => {
        const form = varied(family, each);
        fc.pre(checkForm(form, write).ok);
        const { form: found, met } = reach(form, { capacityMl, keep: 'height' });
        if (met || !checkForm(found, write).ok) return;
        const off = Math.abs(holdsMl(found) - capacityMl);
        const from = found.sizes.rimDiameter / form.sizes.rimDiameter;
        for (const more of [0.97, 0.99, 0.999, 1.001, 1.01, 1.03]) {
          const { form: other } = reach(form, { capacityMl: holdsMl(found) * more, keep: 'height' });
          if (checkForm(other, write).ok) expect(Math.abs(holdsMl(other) - capacityMl)).toBeGreaterThanOrEqual(off * (1 - 1e-6) - 1e-6);
        }
        expect(from).toBeGreaterThan(0);
      }),
      { numRuns: 3, seed: 182 },
    );
  }, 30_000);
});
