import { readFileSync } from 'node:fs';
import { STAGES, clayFigures, remaining } from '@/core/clay';
import { FAMILIES, ROUND_FAMILIES, type FamilyName, formOf } from '@/core/form';
import { type Drawing, PAPER, type Shape, type Sheet, correctionOf, path, tile } from '@/core/paper';
import { writeDxf, writePdf, writeSvg } from '@/core/print';
import { WAYS, type Worked, size } from '@/core/sizing';
import { finishedSizes } from '@/core/part';
import { OPS, getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  USUAL_SETTING,
  checkRule,
  copierPercent,
  gaugesOf,
  profileRib,
  ruleMarks,
  rulesOfThumb,
  shelfCard,
  shrinkRule,
  silhouette,
  strips,
} from '.';

const font = new Uint8Array(readFileSync('public/fonts/atkinson-hyperlegible-next-latin.ttf')).buffer;
const MM = 25.4 / 72;
const stoneware = clayFigures({ kind: 'stoneware', shrinkagePercent: 11.5 });
const porcelain = clayFigures({ kind: 'porcelain', shrinkagePercent: [14, 16] });
const ruled = (clay = stoneware) => ({ body: 'Heron Buff', batch: 'August', cone: '6', clay });
const rule = (change: Partial<Parameters<typeof shrinkRule>[0]> = {}): Drawing =>
  shrinkRule({ clays: [ruled()], stage: 'wet', unit: 'mm', reads: 150, date: '2026-11-23', ...change });

/** The upright lines of each page of a PDF, mm from its left edge, and its words. */
async function readPages(sheets: readonly Sheet[]) {
  const bytes = writePdf([sheets[0]!, ...sheets.slice(1)], font);
  const pdf = await getDocument({ data: new Uint8Array(bytes), verbosity: 0 }).promise;
  return Promise.all(
    Array.from({ length: pdf.numPages }, async (_, i) => {
      const page = await pdf.getPage(i + 1);
      const { fnArray, argsArray } = await page.getOperatorList();
      const uprights: number[] = [];
      fnArray.forEach((fn: number, j: number) => {
        if (fn !== OPS.constructPath) return;
        const [, [points]] = argsArray[j] as [number, [Float32Array]];
        const [, x1, , , x2] = points;
        if (points.length === 6 && Math.abs(x1! - x2!) < 1e-3) uprights.push(x1! * MM);
      });
      const items = (await page.getTextContent()).items as { str?: string }[];
      return { uprights, words: items.map(({ str }) => str ?? '').join(' '), page };
    }),
  );
}

/** Where a shape list has upright lines of a rule, mm. */
const uprightsOf = (shapes: readonly Shape[]): number[] =>
  shapes.flatMap((shape) => (shape.kind === 'line' && Math.abs(shape.x1 - shape.x2) < 1e-9 ? [shape.x1] : []));

describe('the marks of a rule', () => {
  it('stand exactly at what is read, enlarged: never rounded, never added up', () => {
    const factor = 1 / 0.885;
    for (const unit of ['mm', 'cm', 'in'] as const) {
      const per = { mm: 1, cm: 10, in: 25.4 }[unit];
      for (const { at, reads } of ruleMarks(unit, 300, factor)) expect(at).toBeCloseTo(reads * per * factor, 9);
    }
    expect(ruleMarks('mm', 100, factor).at(-1)).toMatchObject({ reads: 100, rank: 3 });
    expect(ruleMarks('in', 25.4, 1)).toHaveLength(17);
  });

  it.each(STAGES)('read finished sizes on clay that is %s', (stage) => {
    const drawing = rule({ stage, reads: 100 });
    const left = remaining(stoneware.shrinkage, 'glazed', 'width') / remaining(stoneware.shrinkage, stage, 'width');
    const uprights = uprightsOf(drawing.shapes);
    for (const finished of [10, 37, 100]) expect(uprights.some((x) => Math.abs(x - 6 - finished / left) < 1e-9)).toBe(true);
  });

  it('of two clays stand side by side, each by its own shrinkage, with a plain rule below', () => {
    const drawing = rule({ clays: [ruled(), { ...ruled(porcelain), body: 'Chalk Down' }], reads: 100 });
    const uprights = uprightsOf(drawing.shapes);
    for (const at of [100 / 0.885, 100 / 0.85, 100]) expect(uprights.some((x) => Math.abs(x - 6 - at) < 1e-9)).toBe(true);
    const said = drawing.shapes.flatMap((shape) => (shape.kind === 'text' ? [shape.text] : [])).join(' ');
    expect(said).toContain('Heron Buff, August   shrinks 11.50%   cone 6   reads finished mm on wet clay   2026-11-23');
    expect(said).toContain('Chalk Down');
  });
});

const at = (x: number, y: number) => ({ x, y });

describe('what is printed', () => {
  it('has no page without anything on it', () => {
    // a long arc: its hollow needs no paper
    const arc = Array.from({ length: 60 }, (_, i) => (i * Math.PI) / 59);
    const band = [
      ...arc.map((a) => at(400 - 390 * Math.cos(a), 400 - 390 * Math.sin(a))),
      ...arc.toReversed().map((a) => at(400 - 370 * Math.cos(a), 400 - 370 * Math.sin(a))),
    ];
    const pages = tile({ title: 't', width: 800, height: 420, shapes: [path(band)] }, 'a4');
    expect(pages.length).toBeLessThan(10);
    for (const { shapes } of pages) expect(shapes.some(({ kind }) => kind === 'path')).toBe(true);
  });

  it.each([
    [stoneware, 'a4', 150],
    [porcelain, 'letter', 120],
    [stoneware, 'letter', 60],
  ] as const)('has its marks within 0.05 mm, and a line of 100 mm, case %#', async (clay, paper, reads) => {
    const drawing = rule({ clays: [ruled(clay)], reads });
    const [sheet] = tile(drawing, paper);
    const [page] = await readPages([sheet!]);
    const left = (PAPER[paper][0] - drawing.width) / 2 + 6;
    for (const { at } of ruleMarks('mm', reads, 1 / (1 - clay.shrinkage.width))) {
      expect(page!.uprights.some((x) => Math.abs(x - left - at) < 0.05)).toBe(true);
    }
    for (const end of [12, 112]) expect(page!.uprights.some((x) => Math.abs(x - end) < 0.05)).toBe(true);
    expect(page!.words).toContain('This line is 100 mm');
  });

  it('is stretched for a printer whose line measured 98: everything, and the line itself', async () => {
    const drawing = rule({ reads: 100 });
    const correction = correctionOf(98);
    const [page] = await readPages(tile(drawing, 'a4', correction));
    const left = (PAPER.a4[0] - drawing.width * correction) / 2 + 6 * correction;
    expect(page!.uprights.some((x) => Math.abs(x - left - (100 / 0.885) * correction) < 0.05)).toBe(true);
    expect(page!.uprights.some((x) => Math.abs(x - 12 - 100 * correction) < 0.05)).toBe(true);
    expect(correctionOf(undefined)).toBe(1);
  });

  it('joins over its pages: a mark in an overlap stands on both, at the same place of the drawing', async () => {
    const drawing = rule({ reads: 600 });
    const tiles = tile(drawing, 'a4');
    expect(tiles.length).toBeGreaterThan(3);
    const pages = await readPages(tiles);
    const seen = tiles.map(({ from, at, area }, i) => ({ ...pages[i]!, from: from.x, at: at.x, width: area.width }));
    for (const { at: mark } of ruleMarks('mm', 600, 1 / 0.885)) {
      const x = 6 + mark;
      const on = seen.filter(({ from, width }) => x >= from && x <= from + width);
      expect(on.length).toBeGreaterThanOrEqual(1);
      for (const page of on) expect(page.uprights.some((upright) => Math.abs(upright - page.at - (x - page.from)) < 0.05)).toBe(true);
    }
    expect(pages[1]!.words).toContain(`page 2 of ${tiles.length}, row 1, column 2`);
    for (const { words } of pages) expect(words).toContain('This line is 100 mm');
  });

  it('reaches every part of a drawing of any size, whatever the printer', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 20, max: 1200, noNaN: true }),
        fc.double({ min: 20, max: 1200, noNaN: true }),
        fc.constantFrom('a4', 'letter'),
        fc.double({ min: 0.95, max: 1.05, noNaN: true }),
        (width, height, paper, correction) => {
          const edge = path([at(0, 0), at(width, 0), at(width, height), at(0, height)]);
          const tiles = tile({ title: 't', width, height, shapes: [edge] }, paper as 'a4', correction);
          for (const { x, y } of [
            { x: 0, y: 0 },
            { x: width, y: height },
            { x: width / 2, y: height / 3 },
          ]) {
            const shown = tiles.some(
              ({ from, area }) =>
                x >= from.x - 1e-6 &&
                x <= from.x + area.width / correction + 1e-6 &&
                y >= from.y - 1e-6 &&
                y <= from.y + area.height / correction + 1e-6,
            );
            expect(shown).toBe(true);
          }
        },
      ),
      { seed: 81 },
    );
  });

  it('as SVG and DXF stands at the same places in mm', () => {
    const drawing = rule({ reads: 100 });
    const svg = writeSvg(drawing);
    expect(svg).toContain(`width="${Number(drawing.width.toFixed(4))}mm"`);
    const inSvg = [...svg.matchAll(/<line x1="([\d.]+)" y1="[\d.]+" x2="([\d.]+)"/g)].map(([, x]) => Number(x));
    const dxf = writeDxf(drawing).split(/\r?\n/);
    const inDxf = dxf.flatMap((code, i) => (code.trim() === '10' ? [Number(dxf[i + 1])] : []));
    for (const { at } of ruleMarks('mm', 100, 1 / 0.885)) {
      expect(inSvg.some((x) => Math.abs(x - 6 - at) < 0.001)).toBe(true);
      expect(inDxf.some((x) => Math.abs(x - 6 - at) < 0.001)).toBe(true);
    }
    const units = dxf.findIndex((line) => line.trim() === '$INSUNITS');
    expect(dxf[units + 2]!.trim()).toBe('4');
  });

  it('keeps a name from elsewhere from breaking the file, and says it in letters it has', async () => {
    const drawing = rule({ clays: [{ ...ruled(), body: 'Kaolín <Č> 土' }] });
    expect(writeSvg(drawing)).toContain('&lt;Č&gt;');
    const [page] = await readPages(tile(drawing, 'a4'));
    expect(page!.words).toContain('Kaolín <C> ?');
  });
});

const worked = (family: FamilyName): Worked => {
  const { manner, knots, typical } = FAMILIES[family];
  const form = formOf({ family, manner, knots }, 'glazed', typical);
  return {
    clay: stoneware,
    known: finishedSizes(typical),
    making: WAYS.trimmed,
    sure: { odds: 0.9, tool: 'gauge' as const },
    sized: size(stoneware, form, 'glazed', WAYS.trimmed),
  };
};

describe('the gauges of a plan', () => {
  const readings = (family: FamilyName) =>
    Object.fromEntries(
      gaugesOf(worked(family), USUAL_SETTING).flatMap(({ name, readings: all }) => all.map(({ what, mm }) => [`${name}: ${what}`, mm])),
    );

  it('of a cup are the wet sizes by hand, datum by datum', () => {
    const found = readings('cylinder');
    const wet = 1 / 0.885;
    const [height, rim, base, wall, floor] = [100, 80, 72, 4.5, 6].map((mm) => mm * wet) as [number, number, number, number, number];
    const across = (wall * Math.hypot(height, (rim - base) / 2)) / height;
    expect(found['Crossed sticks: crossbar, mouth inside']).toBeCloseTo(rim - 2 * across, 6);
    expect(found['Crossed sticks: upright stick, rim to floor']).toBeCloseTo(height - floor, 6);
    expect(found['Pointer: height above the bat']).toBeCloseTo(height + 5, 6);
    expect(found['Pointer: height above the wheel head, with the bat in use']).toBeCloseTo(height + 5 + 18, 6);
    expect(found['Pointer: from the centre of the wheel, 3 mm clear of the rim']).toBeCloseTo(rim / 2 + 3, 6);
    expect(found['Calipers: base, outside']).toBeCloseTo(base + 3, 6);
    expect(found['Needle: floor']).toBeCloseTo(floor + 5, 6);
    expect(found['Measuring grid: rim, height']).toBeCloseTo(height + 5, 6);
    const chuck = found['Chuck for trimming: diameter in use']!;
    expect(found['Chuck for trimming: diameter as thrown']! * remaining(stoneware.shrinkage, 'leather', 'width')).toBeCloseTo(chuck, 6);
  });

  it('for trimming are leather hard, and the floor left is the height less the depth inside', () => {
    const left = remaining(stoneware.shrinkage, 'leather', 'height');
    const cup = readings('cylinder');
    expect(cup['Trimming: height, rim on the wheel head']).toBeCloseTo((100 / 0.885) * left, 6);
    expect(cup['Trimming: foot, outside']).toBeCloseTo((72 / 0.885) * remaining(stoneware.shrinkage, 'leather', 'width'), 6);
    const rest = cup['Trimming: height, rim on the wheel head']! - cup['Trimming: depth inside, rim to floor']!;
    expect(cup['Trimming: floor left (height minus inside depth)']).toBeCloseTo(rest, 6);
    expect(rest).toBeCloseTo((6 / 0.885) * left, 6);
    const bowl = readings('bowl');
    expect(bowl['Trimming: height minus inside depth, before hollowing']! - bowl['Trimming: foot ring depth']!).toBeCloseTo(
      bowl['Trimming: floor left in the ring']!,
      6,
    );
    expect(bowl['Trimming: foot ring, inside']).toBeCloseTo(
      bowl['Trimming: foot, outside']! - 2 * (6 / 0.885) * remaining(stoneware.shrinkage, 'leather', 'width'),
      6,
    );
  });

  it('of a jar include its belly; a disc has neither sticks nor needle', () => {
    expect(Object.keys(readings('jar')).some((what) => what.startsWith('Calipers: widest'))).toBe(true);
    expect(gaugesOf(worked('disc'), USUAL_SETTING).map(({ name }) => name)).toEqual([
      'Before shaping',
      'Pointer',
      'Calipers',
      'Measuring grid',
    ]);
  });

  it.each(ROUND_FAMILIES.filter((family) => family !== 'disc'))('of a %s are drawn at true size, inside their sheet', (family) => {
    const piece = worked(family);
    for (const drawing of [silhouette(piece, 'Test'), profileRib(piece, 'Test'), strips(gaugesOf(piece, USUAL_SETTING), 'Test')]) {
      for (const shape of drawing.shapes) {
        if (shape.kind !== 'path') continue;
        for (const { x, y } of shape.points) {
          expect(x).toBeGreaterThanOrEqual(0);
          expect(x).toBeLessThanOrEqual(drawing.width);
          expect(y).toBeGreaterThanOrEqual(0);
          expect(y).toBeLessThanOrEqual(drawing.height);
        }
      }
    }
    const [outline] = silhouette(piece, 'Test').shapes;
    const heights = outline!.kind === 'path' ? outline!.points.map(({ y }) => y) : [];
    expect(Math.max(...heights) - Math.min(...heights)).toBeCloseTo(piece.sized.thrown.gauge, 6);
  });

  it('carry the go and no-go marks of a range', () => {
    const drawing = strips(gaugesOf(worked('cylinder'), USUAL_SETTING), 'Test', { 'crossbar, mouth inside': [70, 74] });
    const marks = uprightsOf(drawing.shapes);
    expect(marks).toEqual([12 + 70, 12 + 74]);
  });

  it('stand on a card with the ball and the sizes', () => {
    const piece = worked('bowl');
    const card = shelfCard(piece, gaugesOf(piece, USUAL_SETTING), {
      name: 'Seed bowl',
      clay: 'Heron Buff',
      note: '',
      date: '2026-11-23',
      length: (mm) => `${mm.toFixed(1)} mm`,
      weigh: 'Ball 704 g, by the test piece',
      own: (mm) => (Math.round(mm) === 181 ? 'outer ring' : undefined),
    });
    const said = card.shapes.flatMap((shape) => (shape.kind === 'text' ? [shape.text] : [])).join('|');
    expect(said).toContain('Ball 704 g, by the test piece');
    expect(said).toContain(`${piece.sized.thrown.gauge.toFixed(1)} mm above the bat`);
    expect(said).toContain('Thrown:   ball');
    // every reading of every gauge stands on it, in the maker's own words too
    for (const { name, readings } of gaugesOf(piece, USUAL_SETTING))
      for (const { what } of readings) expect(said).toContain(`${name}: ${what}`);
    expect(said).toContain('(outer ring)');
  });
});

describe('an old rule and rules of thumb', () => {
  it('one mark says what a rule suits and how far off it is here', () => {
    expect(checkRule(stoneware, 100, 112).suits).toBeCloseTo(1 - 100 / 112, 12);
    expect(checkRule(stoneware, 100, 112).off).toBeCloseTo(112 * 0.885 - 100, 12);
    expect(checkRule(stoneware, 100, 100 / 0.885).off).toBeCloseTo(0, 12);
    expect(copierPercent(stoneware)).toBeCloseTo(112.994, 3);
  });

  it('adding comes out short by the square; an inch per foot is right near 7.7%', () => {
    const [adding, foot] = rulesOfThumb(stoneware, 120);
    expect(adding!.finishes).toBeCloseTo(120 * (1 - 0.115 ** 2), 9);
    expect(foot!.wet).toBeCloseTo(130, 9);
    const right = clayFigures({ kind: 'earthenware', shrinkagePercent: 100 / 13 });
    expect(rulesOfThumb(right, 120)[1]!.finishes).toBeCloseTo(120, 9);
  });
});
