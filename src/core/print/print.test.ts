import { type Drawing, type Shape, dashed, line, path, words } from '@/core/paper';
import { readFileSync } from 'node:fs';
import { OPS, getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { describe, expect, it } from 'vitest';
import { printable, writeDxf, writePdf, writeSvg } from '.';

const font = new Uint8Array(readFileSync('public/fonts/atkinson-hyperlegible-next-latin.ttf')).buffer;
const MM = 25.4 / 72;
const bent = [
  { x: 10, y: 20 },
  { x: 40, y: 25 },
  { x: 35, y: 60 },
];
const shapes: readonly Shape[] = [
  line(5, 6, 70, 8, 0.4),
  path(bent),
  path(
    bent.map(({ x, y }) => ({ x: x + 100, y })),
    false,
  ),
  dashed(bent.map(({ x, y }) => ({ x, y: y + 100 }))),
  path([]),
  words(50, 200, 'first', 3),
  words(100, 210, 'middle', 4, 'middle'),
  words(150, 220, 'last', 5, 'end'),
  { kind: 'text', x: 20, y: 230, text: 'a & b <Č> "土"', size: 3 },
];
const drawing: Drawing = { title: 'Wall & <foot>', width: 200.12344, height: 280, shapes };

describe('a drawing as SVG', () => {
  const svg = writeSvg(drawing);
  const parsed = svg.match(/<(line|path|text)[^>]*>/g)!;

  it('is in true mm, each shape at its place', () => {
    expect(svg).toContain('width="200.1234mm" height="280mm" viewBox="0 0 200.1234 280"');
    expect(parsed[0]).toContain('x1="5" y1="6" x2="70" y2="8" stroke-width="0.4"');
    expect(parsed[1]).toContain('d="M10 20L40 25L35 60Z"');
    expect(parsed[2]).toContain('d="M110 20L140 25L135 60"');
    expect(parsed[3]).toContain('d="M10 120L40 125L35 160" stroke-width="0.2" stroke-dasharray="3 2"');
    expect(parsed.filter((each) => each.includes('dasharray'))).toHaveLength(1);
    const anchors = parsed.filter((each) => each.startsWith('<text')).map((each) => /text-anchor="(\w+)"/.exec(each)![1]);
    expect(anchors).toEqual(['start', 'middle', 'end', 'start']);
    expect(parsed[6]).toContain('x="100" y="210" font-size="4"');
  });

  it('says words as they are, and none of them is markup', () => {
    expect(svg).toContain('<title>Wall &amp; &lt;foot&gt;</title>');
    expect(svg).toContain('>a &amp; b &lt;Č&gt; &quot;土&quot;</text>');
  });
});

describe('a drawing as DXF', () => {
  /** Codes and values, a pair a line, from the entities on. */
  const pairs = writeDxf(drawing)
    .split(/\r?\n/)
    .reduce<[string, string][]>(
      (all, text, i, lines) => (i % 2 === 0 && lines[i + 1] !== undefined ? [...all, [text.trim(), lines[i + 1]!.trim()]] : all),
      [],
    );
  const begins = pairs.findIndex(([code, value]) => code === '2' && value === 'ENTITIES');
  const entities = pairs.slice(begins + 1).reduce<{ kind: string; of: [string, string][] }[]>((all, [code, value]) => {
    if (code === '0') return [...all, { kind: value, of: [] }];
    all.at(-1)?.of.push([code, value]);
    return all;
  }, []);
  const of = (kind: string) => entities.filter((each) => each.kind === kind).map(({ of: codes }) => codes);
  const values = (codes: readonly (readonly [string, string])[], code: string) =>
    codes.filter(([each]) => each === code).map(([, value]) => value);

  it('runs upwards from its lower edge', () => {
    const [only] = of('LINE');
    expect(['10', '20', '11', '21'].map((code) => Number(values(only!, code)[0]))).toEqual([5, 274, 70, 272]);
    const [closed, open, strokes] = of('LWPOLYLINE');
    expect(values(closed!, '10').map(Number)).toEqual([10, 40, 35]);
    expect(values(closed!, '20').map(Number)).toEqual([260, 255, 220]);
    expect([closed!, open!, strokes!].map((codes) => values(codes, '70')[0])).toEqual(['1', '0', '0']);
    expect(values(strokes!, '20').map(Number)).toEqual([160, 155, 120]);
  });

  it('has closed outlines on the layer that is cut, and nothing else there', () => {
    const layers = (kind: string) => of(kind).map((codes) => values(codes, '8')[0]);
    const [closed, open, strokes] = layers('LWPOLYLINE');
    expect(closed).toBe('cut');
    for (const layer of [open, strokes, ...layers('LINE'), ...layers('TEXT')]) expect(layer).toBe('not-to-cut');
  });

  it('has its words at their place, size and side', () => {
    const texts = of('TEXT');
    expect(texts.map((codes) => [values(codes, '1')[0], Number(values(codes, '40')[0]), values(codes, '72')[0]])).toEqual([
      ['first', 3, '0'],
      ['middle', 4, '1'],
      ['last', 5, '2'],
      ['a & b <C> "?"', 3, '0'],
    ]);
    for (const code of ['10', '11']) expect(texts.map((codes) => Number(values(codes, code)[0]))).toEqual([50, 100, 150, 20]);
    expect(texts.map((codes) => Number(values(codes, '21')[0]))).toEqual([80, 70, 60, 50]);
  });
});

describe('sheets as PDF', () => {
  it('have dashes only where they belong, words at their place, size and side', async () => {
    const bytes = writePdf([{ paper: 'a4', title: 'Wall', shapes }], font);
    const pdf = await getDocument({ data: new Uint8Array(bytes), verbosity: 0 }).promise;
    expect(((await pdf.getMetadata()).info as { Title?: string }).Title).toBe('Wall');
    const page = await pdf.getPage(1);
    const { fnArray, argsArray } = await page.getOperatorList();
    let dash: readonly number[] = [];
    const paths: { dash: readonly number[]; points: number[]; width: number }[] = [];
    let width = 0;
    fnArray.forEach((fn: number, i: number) => {
      const args = argsArray[i] as unknown[];
      if (fn === OPS.setDash) dash = args[0] as number[];
      if (fn === OPS.setLineWidth) width = (args[0] as number) * MM;
      if (fn === OPS.constructPath) paths.push({ dash, width, points: Array.from((args[1] as [Float32Array])[0]) });
    });
    expect(paths.map((each) => each.dash.length > 0)).toEqual([false, false, false, true]);
    expect(paths[3]!.dash.map((each) => Math.round(each * MM))).toEqual([3, 2]);
    expect(paths[0]!.width).toBeCloseTo(0.4, 3);
    // corners of the open outline: code, x and y each, from the lower edge
    const places = (points: readonly number[]) => {
      const found: number[][] = [];
      for (let i = 0; i + 2 < points.length; i += 3) found.push([points[i + 1]! * MM, 297 - points[i + 2]! * MM]);
      return found;
    };
    bent.forEach(({ x, y }, i) => {
      expect(places(paths[2]!.points)[i]![0]).toBeCloseTo(x + 100, 2);
      expect(places(paths[2]!.points)[i]![1]).toBeCloseTo(y, 2);
      expect(places(paths[3]!.points)[i]![1]).toBeCloseTo(y + 100, 2);
    });
    const items = (await page.getTextContent()).items as { str: string; width: number; height: number; transform: number[] }[];
    const item = (text: string) => items.find(({ str }) => str === text)!;
    const left = (text: string) => item(text).transform[4]! * MM;
    expect(left('first')).toBeCloseTo(50, 1);
    expect(left('middle') + (item('middle').width * MM) / 2).toBeCloseTo(100, 1);
    expect(left('last') + item('last').width * MM).toBeCloseTo(150, 1);
    expect([3, 4, 5].map((size, i) => (item(['first', 'middle', 'last'][i]!).height * MM) / size)).toEqual(
      [1, 1, 1].map((each) => expect.closeTo(each, 2) as number),
    );
    expect(297 - item('last').transform[5]! * MM).toBeCloseTo(220, 1);
    expect(item('a & b <C> "?"')).toBeDefined();
  });

  it('say what the font has no sign for', () => {
    expect(printable('⌀ 92 × 103 mm, 3 5⁄8″, ⅛ in, Łódź, 土')).toBe('Ø 92 × 103 mm, 3 5/8", 1/8 in, ?ódz, ?');
  });

  it('are a page each on its own paper, small and not scaled by a printer', async () => {
    const bytes = writePdf(
      [
        { paper: 'a4', title: 'one', shapes: Array.from({ length: 500 }, () => line(1, 2, 3, 4)) },
        { paper: 'letter', title: 'two', shapes: [] },
      ],
      font,
    );
    const pdf = await getDocument({ data: new Uint8Array(bytes), verbosity: 0 }).promise;
    const sizes = await Promise.all([1, 2].map(async (i) => (await pdf.getPage(i)).view.slice(2).map((each: number) => each * MM)));
    expect(sizes).toEqual([
      [expect.closeTo(210, 1), expect.closeTo(297, 1)],
      [expect.closeTo(215.9, 1), expect.closeTo(279.4, 1)],
    ]);
    expect(await pdf.getViewerPreferences()).toMatchObject({ PrintScaling: 'None' });
    // five hundred times the same line packs well
    expect(bytes.byteLength).toBeLessThan(font.byteLength + 20_000);
  });
});
