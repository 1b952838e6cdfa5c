import { readLengths } from '@/core/units';
import { FITS } from '@/core/fit';
import { describe, expect, it } from 'vitest';
import { meetingSize } from './fitting';
import {
  asksGap,
  asMeant,
  type Fitting,
  gapRangeOf,
  isLid,
  isRigidLot,
  lotOf,
  meetsInside,
  type Stock,
  STOCK_KINDS,
  stockFault,
  type StockKind,
  stopperOf,
} from '.';

const KINDS = Object.keys(STOCK_KINDS) as StockKind[];
const lot = (kind: StockKind, change: Partial<Stock> = {}): Stock => ({ id: 's', name: 'lot', kind, widths: [80, 82], ...change });
const RIGID = ['lid', 'plate', 'glass'];

describe('what a piece is to fit with', () => {
  const [disc, cup] = [{ family: 'disc' }, { family: 'cylinder' }] as const;

  it('makes it the lid where it fits a pot, is a disc that meets a part, or is said to be one', () => {
    const lids = (part: typeof disc | typeof cup) =>
      (['stock', 'lid', 'pot', 'part'] as const).map((what) => [isLid(part, { with: what }), isLid(part, { with: what, lid: true })]);
    expect(lids(cup)).toEqual([
      [false, false],
      [false, false],
      [true, true],
      [false, true],
    ]);
    expect(lids(disc)).toEqual([
      [false, false],
      [false, false],
      [true, true],
      [true, true],
    ]);
  });

  it('is met by the mouth’s inside, by a rim a lid goes over, by a lid’s own outside, and by the mouth of a lid that goes over', () => {
    const meets = (fitting: Fitting, part: typeof disc | typeof cup = cup) => meetingSize(part, fitting);
    expect(meets({ with: 'lid' })).toBe('mouthInside');
    expect(meets({ with: 'lid', over: true })).toBe('rimDiameter');
    expect(meets({ with: 'part', lid: true })).toBe('rimDiameter');
    expect(meets({ with: 'part', lid: true, over: true })).toBe('mouthInside');
    // a disc has no inside
    for (const over of [true, undefined]) expect(meets({ with: 'part', over }, disc)).toBe('rimDiameter');
    expect(meets({ with: 'stock' }, disc)).toBe('rimDiameter');
    expect(meetsInside({ ...cup, fit: { with: 'lid' } })).toBe(true);
    expect(meetsInside({ ...cup, fit: { with: 'lid', over: false } })).toBe(true);
    expect(meetsInside({ ...cup, fit: { with: 'lid', over: true } })).toBe(false);
    expect(meetsInside({ ...cup, fit: { with: 'part', lid: true } })).toBe(false);
    expect(meetsInside(cup)).toBe(false);
  });

  it('goes over a rim only if it is a lid or rigid', () => {
    const over: Fitting = { with: 'stock', over: true };
    for (const kind of KINDS) expect(asMeant(over, lot(kind)).over, kind).toBe(RIGID.includes(kind) || undefined);
    expect(asMeant({ with: 'pot', over: true }, undefined).over).toBeUndefined();
    expect(asMeant({ with: 'part', over: true }, undefined).over).toBe(true);
    const inside: Fitting = { with: 'stock' };
    expect(asMeant(inside, lot('stopper'))).toBe(inside);
  });

  it('asks for a gap but where a stopper seats, a gasket takes or a shelf has room', () => {
    for (const kind of KINDS)
      expect([kind, asksGap({ with: 'stock' }, lot(kind)), isRigidLot({ kind })]).toEqual([
        kind,
        RIGID.includes(kind),
        RIGID.includes(kind),
      ]);
    expect(asksGap({ with: 'stock' }, undefined)).toBe(false);
    for (const what of ['lid', 'pot', 'part'] as const)
      expect([asksGap({ with: what }, undefined), asksGap({ with: what }, lot('stopper'))]).toEqual([true, true]);
  });

  it('has the gap of its class, the maker’s own, or as far as a cover still covers', () => {
    const gap = (change: Partial<Fitting>) => gapRangeOf({ with: 'lid', ...change });
    expect(gap({})).toEqual(FITS.easy);
    expect(gap({ fit: 'snug', gap: { min: 1, max: 9 } })).toEqual(FITS.snug);
    expect(gap({ fit: 'own', gap: { min: 1, max: 9 } })).toEqual({ min: 1, max: 9 });
    expect(gap({ fit: 'own' })).toEqual({ min: 0.5, max: 2 });
    expect(gap({ fit: 'cover', overhang: 8 })).toEqual({ min: FITS.roomy.min, max: 16 });
    expect(gap({ fit: 'cover' }).max).toBe(12);
    // standing out less than it must be loose, it still has half a mm
    expect(gap({ fit: 'cover', overhang: 0 })).toEqual({ min: FITS.roomy.min, max: FITS.roomy.min + 0.5 });
  });
});

describe('a lot of the kit', () => {
  it('has a middle, and a spread once two are measured', () => {
    expect(lotOf({ widths: [80] })).toEqual({ mean: 80, spreadSd: undefined });
    expect(lotOf({ widths: [80, 82] })).toEqual({ mean: 81, spreadSd: expect.closeTo(Math.SQRT2, 12) as number });
    // 86.2 85.8 86.4 85.9 86.1: deviations .12 -.28 .32 -.18 .02, squares .0144 .0784 .1024 .0324 .0004 = .228
    expect(lotOf({ widths: [86.2, 85.8, 86.4, 85.9, 86.1] })).toEqual({
      mean: expect.closeTo(86.08, 9) as number,
      spreadSd: expect.closeTo(Math.sqrt(0.228 / 4), 9) as number,
    });
  });

  it('is a stopper once its bottom and its length are known', () => {
    const stopper = lot('stopper', { bottom: 70, length: 25 });
    expect(stopperOf(stopper)).toMatchObject({ bottom: 70, top: 81, length: 25 });
    for (const name of ['bottom', 'length'] as const) expect(stopperOf({ ...stopper, [name]: undefined })).toBeUndefined();
  });

  it('says what is wrong with it, and nothing where nothing is', () => {
    const fault = (kind: StockKind, widths: readonly number[], change: Partial<Stock> = {}) =>
      stockFault(lot(kind, { widths, ...change }), (mm) => `${mm} mm`);
    for (const kind of KINDS) {
      expect(fault(kind, [80, 82]), kind).toBeUndefined();
      for (const widths of [[], [0], [80, 0], [NaN, 80], [80, -1]]) expect(fault(kind, widths), kind).toMatch(/Enter what each measures/);
    }
    for (const widths of [[80], [82, 80], [80, 80], [80, 81, 82]]) expect(fault('gasket', widths)).toMatch(/least and the most mouth/);
    expect(fault('lid', [82, 80])).toBeUndefined();
    expect(fault('lid', [80], { bottom: 90, length: 0 })).toBeUndefined();
    expect(fault('stopper', [84, 80], { bottom: 79.9, length: 20 })).toBeUndefined();
    expect(fault('stopper', [84, 80], { bottom: 80 })).toBe(
      'A stopper 80 mm wide at its bottom and 80 mm at its top does not taper inwards. Swap them.',
    );
    expect(fault('stopper', [84, 80], { bottom: 82 })).toMatch(/82 mm wide at its bottom and 80 mm at its top/);
    expect(fault('stopper', [84], { bottom: 70, length: 0 })).toMatch(/how long it is/);
    expect(fault('stopper', [84], { bottom: 70 })).toBeUndefined();
    expect(fault('stopper', [84], { length: 1 })).toBeUndefined();
  });
});

it('the example of what a lot measures is told in the units that are written, and can be read as it stands', () => {
  const inches = (mm: number) => `${(mm / 25.4).toFixed(3)} in`;
  const empty = { id: 'lot', name: 'Lids', note: '', widths: [] } as const;
  for (const [kind, widths] of [
    ['lid', []],
    ['gasket', [80]],
  ] as const) {
    const told = /such as (.+)\.$/.exec(stockFault({ ...empty, kind, widths }, inches)!)![1]!;
    const read = readLengths(told, { unit: 'mm' });
    expect(told).not.toContain('mm');
    expect(read.ok && stockFault({ ...empty, kind, widths: read.value }, inches)).toBeUndefined();
  }
});
