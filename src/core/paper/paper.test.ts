import { readFileSync } from 'node:fs';
import { OPS, getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { describe, expect, it } from 'vitest';
import { PAPER, type Paper, barSheet } from '.';
import { writePdf } from '@/core/print';

const MM = 25.4 / 72;
const font = new Uint8Array(readFileSync('public/fonts/atkinson-hyperlegible-next-latin.ttf')).buffer;

interface TextItem {
  readonly str: string;
  readonly width: number;
  readonly transform: readonly number[];
}

/** The upright lines and the words of a PDF's first page, mm from its left edge; and its size. */
async function readBack(bytes: ArrayBuffer) {
  const page = await (await getDocument({ data: new Uint8Array(bytes), verbosity: 0 }).promise).getPage(1);
  const { fnArray, argsArray } = await page.getOperatorList();
  const uprights: number[] = [];
  fnArray.forEach((fn: number, i: number) => {
    if (fn !== OPS.constructPath) return;
    const [, [path]] = argsArray[i] as [number, [Float32Array]];
    const [, x1, , , x2] = path;
    if (Math.abs(x1! - x2!) < 1e-3) uprights.push(x1! * MM);
  });
  const items = (await page.getTextContent()).items.flatMap((item: object) => ('str' in item ? [item as TextItem] : []));
  const right = Math.max(...items.map(({ transform, width }) => (transform[4]! + width) * MM));
  const [, , width, height] = page.view;
  return { uprights, right, words: items.map(({ str }) => str).join(' '), size: [width! * MM, height! * MM] };
}

describe('the bar sheet', () => {
  it.each<[Paper, number]>([
    ['a4', 100],
    ['letter', 100],
    ['a4', 120],
  ])('on %s has its marks %d mm apart on paper, and a line to check it by', async (paper, marked) => {
    const { uprights, words, size, right } = await readBack(
      writePdf([barSheet({ body: 'Heron Buff', batch: 'August', cone: '6', marked, markedWords: `${marked} mm`, paper })], font),
    );
    expect(size[0]).toBeCloseTo(PAPER[paper][0], 1);
    expect(size[1]).toBeCloseTo(PAPER[paper][1], 1);
    const [width] = PAPER[paper];
    expect(right).toBeLessThan(width - 5);
    const left = (width - marked) / 2;
    const near = (x: number) => uprights.filter((upright) => Math.abs(upright - x) < 0.05).length;
    expect(near(left)).toBeGreaterThanOrEqual(5);
    expect(near(left + marked)).toBe(near(left));
    const check = (width - 150) / 2;
    expect(near(check)).toBeGreaterThan(0);
    expect(near(check + 100)).toBeGreaterThan(0);
    expect(words).toContain('Heron Buff');
    expect(words).toContain('This line is 100 mm');
    expect(words).toContain(`${marked} mm wet`);
  });

  it('has its letters in a font that goes with it', () => {
    const bytes = writePdf([barSheet({ body: 'Heron Buff', marked: 100, markedWords: '100 mm', paper: 'a4' })], font);
    const raw = Buffer.from(bytes).toString('latin1');
    expect(raw).toContain('/FontFile2');
    expect(raw).toContain('/PrintScaling /None');
  });
});

describe('the strips of a bar sheet', () => {
  const sheet = (paper: Paper, more: object = {}) => barSheet({ body: 'Heron Buff', marked: 100, markedWords: '100 mm', paper, ...more });
  const linesOf = (of: ReturnType<typeof sheet>) => of.shapes.flatMap((shape) => (shape.kind === 'line' ? [shape] : []));
  const textsOf = (of: ReturnType<typeof sheet>) => of.shapes.flatMap((shape) => (shape.kind === 'text' ? [shape.text] : []));

  it.each(['a4', 'letter'] as const)(
    'on %s stand one under the other above the line to measure, numbered, each with two crosses joined by a line',
    (paper) => {
      const own = sheet(paper);
      const [width, height] = PAPER[paper];
      const left = (width - 100) / 2;
      const crosses = linesOf(own).filter(({ width: thick }) => thick === 0.25);
      const rows = [...new Set(crosses.map(({ y1, y2 }) => (y1 + y2) / 2))].toSorted((a, b) => a - b);
      expect(rows.length).toBeGreaterThan(4);
      rows.slice(1).forEach((row, i) => expect(row - rows[i]!).toBeCloseTo(40, 9));
      expect(rows.at(-1)! + 21).toBeLessThan(height - 14);
      for (const row of rows) {
        const uprights = crosses.filter(({ y1, y2 }) => Math.abs((y1 + y2) / 2 - row) < 1e-9);
        expect(uprights.map(({ x1, x2, y1, y2 }) => [x1, x2, Math.abs(y2 - y1)])).toEqual([
          [left, left, 18],
          [left + 100, left + 100, 18],
        ]);
        const level = linesOf(own).filter(({ y1, y2 }) => y1 === row && y2 === row);
        expect(level.map(({ x1, x2 }) => [x1, x2]).toSorted((a, b) => a[0]! - b[0]!)).toEqual([
          [left - 3, left + 3],
          [left, left + 100],
          [left + 97, left + 103],
        ]);
      }
      const numbers = textsOf(own).flatMap((text) => /no\. (\d+)/.exec(text)?.[1] ?? []);
      expect(numbers).toEqual(rows.map((_, i) => String(i + 1)));
    },
  );

  it('say batch and cone, or leave room to write them', () => {
    expect(textsOf(sheet('a4', { batch: 'August', cone: '6' })).join(' ')).toMatch(/batch August {4}cone 6 {4}no\. 1/);
    expect(textsOf(sheet('a4')).join(' ')).toMatch(/batch _{8} {4}cone _{4} {4}no\. 1/);
  });
});
