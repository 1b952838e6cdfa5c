import { FAMILIES, LARGEST_MM, type SizeName, checkForm, formOf } from '@/core/form';
import { describe, expect, it } from 'vitest';
import { type Finished, growUntil, room, scaled } from './grow';

const cup = (sizes: Partial<Record<SizeName, number>> = {}): Finished =>
  formOf({ family: 'cylinder', manner: FAMILIES.cylinder.manner }, 'glazed', {
    height: 100,
    rimDiameter: 80,
    baseDiameter: 80,
    wall: 5,
    floor: 6,
    ...sizes,
  });

const CUP = cup();
const can = (form: Finished) => checkForm(form, String).ok;
const high = ({ sizes }: Finished): number => sizes.height;

const grown = (target: number, shape = CUP, measure = high) =>
  growUntil(target, room(shape, 'height', 'width'), measure, (f) => scaled(shape, f, f));

describe('a form that grows', () => {
  it('grows in height and across, its thicknesses stay and widths inside follow', () => {
    const { sizes } = scaled(cup({ mouthInside: 70 }), 2, 3);
    expect(sizes).toEqual({ height: 200, rimDiameter: 240, baseDiameter: 240, wall: 5, floor: 6 });
  });

  it('has room until its largest size in those directions leaves what is accepted', () => {
    expect(room(CUP, 'height')).toBeCloseTo(LARGEST_MM / 100, 9);
    expect(room(CUP, 'width')).toBeCloseTo(LARGEST_MM / 80, 9);
    expect(room(CUP, 'width', 'height')).toBeCloseTo(LARGEST_MM / 100, 9);
    expect(room(cup({ wall: 300, mouthInside: 500 }), 'width')).toBeCloseTo(LARGEST_MM / 80, 9);
  });

  it.each([14, 30, 99.9, 100, 100.1, 150, 1234.5])('meets %d exactly, larger or smaller', (target) => {
    const { form, met, jumps, beyond } = grown(target);
    expect(form.sizes.height / target).toBeCloseTo(1, 9);
    expect(form.sizes.rimDiameter / form.sizes.height).toBeCloseTo(0.8, 9);
    expect({ met, jumps, beyond }).toEqual({ met: true, jumps: false, beyond: undefined });
  });

  it('meets a measure that goes by its cube as closely', () => {
    const { form, met } = grown(5e6, CUP, ({ sizes }) => sizes.height * sizes.rimDiameter ** 2);
    expect(met).toBe(true);
    expect((form.sizes.height * form.sizes.rimDiameter ** 2) / 5e6).toBeCloseTo(1, 9);
  });

  it('ends at the largest that is accepted, where nothing stands in its way but that', () => {
    const { form, met, beyond } = grown(2 * LARGEST_MM);
    expect({ met, beyond }).toEqual({ met: false, beyond: undefined });
    expect(form.sizes.height).toBeCloseTo(LARGEST_MM, 3);
  });

  it('ends where it can no longer be made, and says what cannot', () => {
    // two walls of 5 are a width of 10, and so a height of 12.5
    const { form, met, beyond } = grown(12);
    expect(form.sizes.height).toBeCloseTo(12.5, 4);
    expect(met).toBe(false);
    expect(can(form)).toBe(true);
    expect(can(beyond!)).toBe(false);
    expect(beyond!.sizes.height / form.sizes.height).toBeGreaterThan(0.999);
  });

  it('that goes over the target by a jump is the last one under it', () => {
    const measure = ({ sizes }: Finished) => (sizes.height < 120 ? 100 : 200);
    const { form, met, jumps } = grown(150, CUP, measure);
    expect({ met, jumps }).toEqual({ met: false, jumps: true });
    expect(measure(form)).toBe(100);
    expect(form.sizes.height).toBeCloseTo(120, 6);
  });

  it('that cannot be made as it is starts from the nearest that can', () => {
    const thick = cup({ wall: 55 });
    expect(can(thick)).toBe(false);
    const { form, met } = grown(300, thick);
    expect(met).toBe(true);
    expect(form.sizes).toMatchObject({ height: expect.closeTo(300, 6), wall: 55 });
    // smaller than it can be it ends at the edge
    expect(grown(20, thick)).toMatchObject({ met: false });
    expect(can(grown(20, thick).form)).toBe(true);
  });

  it('that can never be made comes back as it was', () => {
    const never = cup({ wall: LARGEST_MM });
    expect(grown(300, never)).toEqual({ form: scaled(never, 1, 1), met: false, beyond: scaled(never, 1, 1) });
  });
});

describe('how soon a form is found', () => {
  /** A measure that counts how often it is asked. */
  function counted(measure: (form: Finished) => number) {
    const asked = { times: 0 };
    return { asked, measure: (form: Finished) => ((asked.times += 1), measure(form)) };
  }

  it('is within some dozen looks of anything smooth, up or down, steep or flat', () => {
    for (const power of [1, 2, 3])
      for (const target of [40, 180, 900]) {
        const { asked, measure } = counted(({ sizes }) => sizes.height ** power);
        const { met } = grown(target ** power, CUP, measure);
        expect(met).toBe(true);
        expect(asked.times).toBeLessThan(45);
      }
  });

  it('closes in on a jump from under it, to the last digit', () => {
    // as where a slab asks for another batten at 137 high
    const { form, met, jumps } = grown(500, CUP, ({ sizes }) => sizes.height + (sizes.height >= 137 ? 1000 : 0));
    expect({ met, jumps }).toEqual({ met: false, jumps: true });
    expect(form.sizes.height).toBeLessThan(137);
    expect(form.sizes.height).toBeGreaterThan(137 - 1e-6);
  });

  it('closes in on a jump from above, smaller too', () => {
    const { form, jumps } = grown(60, CUP, ({ sizes }) => (sizes.height > 71 ? sizes.height : sizes.height - 50));
    expect(jumps).toBe(true);
    expect(form.sizes.height).toBeCloseTo(71, 6);
    expect(form.sizes.height).toBeLessThanOrEqual(71);
  });
});
