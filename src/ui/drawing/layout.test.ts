import { clayFigures, lengthAt } from '@/core/clay';
import { type Section, revolvedMl } from '@/core/form';
import { type KnownSizes, type Making, type Worked, resolveKnown, size } from '@/core/sizing';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { onTheBat, pathOf, place } from '.';
import { ruleSteps } from './layout';

const at = 'glazed' as const;

function worked(height: number, mouth: number, base: number, making: Making): Worked {
  const clay = clayFigures({ kind: 'stoneware', shrinkagePercent: 11.5 });
  const mm = (value: number) => ({ mm: value, at });
  const known: KnownSizes = { height: mm(height), rimDiameter: mm(mouth), baseDiameter: mm(base), wall: mm(4), floor: mm(6) };
  const { cup } = resolveKnown(known, clay.shrinkage);
  return { clay, known, making, sized: size(clay, { ...cup, height: lengthAt(at, height) } as never, at, making) };
}

const any = fc
  .record({
    height: fc.double({ min: 30, max: 600, noNaN: true }),
    mouth: fc.double({ min: 40, max: 400, noNaN: true }),
    taper: fc.double({ min: 0.7, max: 1.3, noNaN: true }),
    trimFloor: fc.double({ min: 0, max: 10, noNaN: true }),
    trimWall: fc.double({ min: 0, max: 5, noNaN: true }),
    rimCut: fc.double({ min: 0, max: 8, noNaN: true }),
    wireLoss: fc.double({ min: 0, max: 3, noNaN: true }),
  })
  .map(({ height, mouth, taper, ...making }) => worked(height, mouth, mouth * taper, { ...making, slurryPercent: 3 }));

const SHEET = { width: 860, height: 440, margin: { top: 50, right: 190, bottom: 98, left: 390 } };

describe('what is drawn on the bat', () => {
  it('has the volumes that are weighed, place by place', () => {
    fc.assert(
      fc.property(any, (piece) => {
        const bat = onTheBat(piece);
        const { volumes } = piece.sized;
        const pairs: [Section, number][] = [
          [bat.piece, volumes.piece],
          [bat.floor, volumes.floor],
          [bat.wire, volumes.wire],
          [bat.wall, volumes.side],
          [bat.needle, volumes.rim],
        ];
        for (const [section, ml] of pairs) expect(Math.abs(revolvedMl(section) - ml)).toBeLessThan(1e-6 * Math.max(1, ml));
      }),
      { seed: 71 },
    );
  });

  it('stands on the bat: wire, floor, piece, needle, one on the other', () => {
    const making = { trimFloor: 4.5, trimWall: 1.8, rimCut: 2.5, wireLoss: 1, slurryPercent: 3.5 };
    const bat = onTheBat(worked(120, 92, 84, making));
    const span = (section: Section) => [Math.min(...section.map(({ z }) => z)), Math.max(...section.map(({ z }) => z))];
    expect(span(bat.wire)).toEqual([0, 1]);
    expect(span(bat.floor)).toEqual([1, 5.5]);
    expect(span(bat.piece)[0]).toBeCloseTo(5.5, 9);
    expect(span(bat.piece)[1]).toBeCloseTo(141.0932, 3);
    expect(span(bat.needle)[1]).toBeCloseTo(143.5932, 3);
  });
});

describe('the sheet', () => {
  it('holds both halves at one scale, inside its margins, on one base line', () => {
    fc.assert(
      fc.property(any, (piece) => {
        const bat = onTheBat(piece);
        const { wet, finished, scale, base } = place(piece, bat, SHEET);
        const { glazed } = piece.sized.stages;
        const reach = Math.max(glazed.rimDiameter, glazed.baseDiameter) / 2;
        expect(wet(bat.reach, 0)[0]).toBeGreaterThanOrEqual(SHEET.margin.left - 1e-6);
        expect(finished(reach, 0)[0]).toBeLessThanOrEqual(SHEET.width - SHEET.margin.right + 1e-6);
        expect(wet(0, piece.sized.thrown.pulled)[1]).toBeGreaterThanOrEqual(SHEET.margin.top - 1e-6);
        expect(wet(0, 0)[1]).toBe(base);
        expect(finished(0, 0)[1]).toBe(base);
        expect(wet(0, 0)[0] - wet(10, 0)[0]).toBeCloseTo(10 * scale, 9);
        expect(finished(10, 0)[0] - finished(0, 0)[0]).toBeCloseTo(10 * scale, 9);
        expect(base - wet(0, 10)[1]).toBeCloseTo(10 * scale, 9);
      }),
      { seed: 72 },
    );
  });

  it('draws a section as one closed line', () => {
    const path = pathOf(
      [
        { r: 0, z: 0 },
        { r: 10, z: 0 },
        { r: 10, z: 5 },
      ],
      (r, z) => [r, -z],
    );
    expect(path).toBe('M0.00 0.00L10.00 0.00L10.00 -5.00Z');
  });
});

describe('a rule’s marks', () => {
  it.each([
    [0.2, 200],
    [2, 20],
    [2.6, 10],
    [30, 1],
    [60, 1],
  ])('at %d px a unit are numbered every %d', (px, numbered) => expect(ruleSteps(px).numbered).toBe(numbered));

  it('never have numbers nearer than 26 px, nor small marks that miss the numbered ones', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 200, noNaN: true }), (px) => {
        const { small, numbered } = ruleSteps(px);
        expect(numbered * px).toBeGreaterThanOrEqual(26);
        expect(Math.abs(numbered / small - Math.round(numbered / small))).toBeLessThan(1e-9);
      }),
      { seed: 73 },
    );
  });
});
