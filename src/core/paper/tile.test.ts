import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Drawing, PAPER, type Paper, type Place, type Shape, type Tile, box, correctionOf, line, path, tile, widthOf, words } from '.';

/** Shares of a drawing, evenly. */
const share = fc.integer({ min: 0, max: 1000 }).map((each) => each / 1000);
const place = fc.record({ x: share, y: share });
const anySize = fc.tuple(
  fc.integer({ min: 30, max: 900 }),
  fc.integer({ min: 30, max: 900 }),
  fc.constantFrom<Paper>('a4', 'letter'),
  fc.constantFrom(0.95, 1, 1.04),
);

const ofKind = <K extends Shape['kind']>(shapes: readonly Shape[], kind: K) =>
  shapes.filter((shape): shape is Extract<Shape, { kind: K }> => shape.kind === kind);

/** Where a place of the drawing stands on a page. */
const onPage = ({ from, at }: Tile, { x, y }: Place, correction: number): Place => ({
  x: at.x + (x - from.x) * correction,
  y: at.y + (y - from.y) * correction,
});
const shows = ({ from, area }: Tile, { x, y }: Place, correction: number): boolean =>
  x > from.x + 0.01 && y > from.y + 0.01 && x < from.x + area.width / correction - 0.01 && y < from.y + area.height / correction - 0.01;

const between = (a: Place, b: Place, count = 40): Place[] =>
  Array.from({ length: count + 1 }, (_, i) => ({ x: a.x + ((b.x - a.x) * i) / count, y: a.y + ((b.y - a.y) * i) / count }));
const same = (a: Place, b: Place) => Math.hypot(a.x - b.x, a.y - b.y) < 1e-6;

describe('a drawing over pages', () => {
  it('has each line, outline and word at its place on every page that shows some of it', () => {
    const shapes = fc.record({
      ends: fc.tuple(place, place),
      corners: fc.array(place, { minLength: 3, maxLength: 5 }),
      said: place,
      anchor: fc.constantFrom('start' as const, 'middle' as const, 'end' as const),
    });
    fc.assert(
      fc.property(anySize, shapes, ([width, height, paper, correction], { ends, corners, said, anchor }) => {
        const grown = ({ x, y }: Place): Place => ({ x: x * width, y: y * height });
        const [a, b] = ends.map(grown) as [Place, Place];
        const outline = corners.map(grown);
        const at = grown(said);
        const text = 'shrinks 11.5%';
        const drawing: Drawing = {
          title: 't',
          width,
          height,
          shapes: [line(a.x, a.y, b.x, b.y), path(outline), words(at.x, at.y, text, 4, anchor)],
        };
        const wide = widthOf(text, 4);
        const left = at.x - { start: 0, middle: wide / 2, end: wide }[anchor];
        const middles = [...between(a, b), ...outline.flatMap((corner, i) => between(corner, outline[(i + 1) % outline.length]!))];
        const told = between({ x: left, y: at.y - 2 }, { x: left + wide, y: at.y - 2 });
        const within = ({ x, y }: Place) => x > 0.1 && y > 0.1 && x < width - 0.1 && y < height - 0.1;
        const pages = tile(drawing, paper, correction);
        for (const each of [...middles, ...told].filter(within)) expect(pages.some((page) => shows(page, each, correction))).toBe(true);
        for (const page of pages) {
          const drawn = page.shapes.slice(0, -4);
          const some = (places: readonly Place[]) => places.some((each) => shows(page, each, correction));
          if (some(between(a, b))) {
            const found = ofKind(drawn, 'line').find(({ x1, y1 }) => same({ x: x1, y: y1 }, onPage(page, a, correction)));
            expect(found && same({ x: found.x2, y: found.y2 }, onPage(page, b, correction))).toBe(true);
          }
          if (some(outline.flatMap((corner, i) => between(corner, outline[(i + 1) % outline.length]!))))
            ofKind(drawn, 'path')[0]!.points.forEach((point, i) => expect(same(point, onPage(page, outline[i]!, correction))).toBe(true));
          // and on no page that it does not reach, by a mm
          const { from, area } = page;
          const reaches = (x1: number, x2: number, y1: number, y2: number) =>
            x2 > from.x - 1 && x1 < from.x + area.width / correction + 1 && y2 > from.y - 1 && y1 < from.y + area.height / correction + 1;
          const isSaid = ofKind(drawn, 'text').some((each) => each.text === text);
          if (!reaches(left, left + wide, at.y - 4, at.y)) expect(isSaid).toBe(false);
          const near = (each: Place) => reaches(each.x, each.x, each.y, each.y);
          if (!between(a, b, 400).some(near)) expect(ofKind(drawn, 'line').some(({ width: thick }) => thick === 0.2)).toBe(false);
          if (some(told))
            expect(ofKind(drawn, 'text').some((each) => each.text === text && same(each, onPage(page, at, correction)))).toBe(true);
        }
      }),
      { numRuns: 150, seed: 61 },
    );
  });

  it('has a page for each part of an outline’s inside, and none beyond everything', () => {
    // an outline larger than nine pages: the middle ones show none of its line
    const around = [
      { x: 0, y: 0 },
      { x: 700, y: 0 },
      { x: 700, y: 900 },
      { x: 0, y: 900 },
    ];
    const full = tile({ title: 't', width: 700, height: 900, shapes: [path(around)] }, 'a4');
    expect(Math.max(...full.map(({ row }) => row + 1)) * Math.max(...full.map(({ column }) => column + 1))).toBe(full.length);
    // half of it, cut along the diagonal: only pages with some of it
    const half = tile({ title: 't', width: 700, height: 900, shapes: [path([around[0]!, around[1]!, around[3]!])] }, 'a4');
    const below = ({ from, area }: Tile, x: number, y: number) => (from.x + x * area.width) / 700 + (from.y + y * area.height) / 900;
    const pages = full.filter((page) => below(page, 0, 0) <= 1);
    expect(half.map(({ row, column }) => [row, column])).toEqual(pages.map(({ row, column }) => [row, column]));
    // with nothing on it there is the first page still
    expect(tile({ title: 't', width: 700, height: 900, shapes: [] }, 'a4').map(({ row, column }) => [row, column])).toEqual([[0, 0]]);
    const last = tile({ title: 't', width: 700, height: 900, shapes: [line(690, 890, 700, 900)] }, 'a4');
    expect(last.map(({ row, column }) => [row, column])).toEqual([[full.at(-1)!.row, full.at(-1)!.column]]);
  });

  it('has no page that only repeats what others show, and promises none that does not come', () => {
    const some = fc.array(fc.tuple(place, place), { minLength: 1, maxLength: 4 });
    fc.assert(
      fc.property(anySize, some, ([width, height, paper, correction], ends) => {
        const lines = ends.map(([a, b]) => [
          { x: a.x * width, y: a.y * height },
          { x: b.x * width, y: b.y * height },
        ]) as [Place, Place][];
        const pages = tile({ title: 't', width, height, shapes: lines.map(([a, b]) => line(a.x, a.y, b.x, b.y)) }, paper, correction);
        if (pages.length === 1) return;
        const all = lines.flatMap(([a, b]) => between(a, b, 2000));
        pages.forEach((page, i) => {
          const others = pages.filter((each) => each !== page);
          const near = ({ from, area }: Tile, { x, y }: Place) =>
            x >= from.x - 1 && y >= from.y - 1 && x <= from.x + area.width / correction + 1 && y <= from.y + area.height / correction + 1;
          const only = all.some((each) => near(page, each) && !others.some((other) => shows(other, each, correction)));
          expect(only, `page ${i + 1} of ${pages.length}`).toBe(true);
          expect(ofKind(page.shapes, 'text').at(-1)!.text).toContain(`page ${i + 1} of ${pages.length}, row ${page.row + 1}`);
        });
      }),
      { numRuns: 200, seed: 64 },
    );
    // an edge that runs down the overlap of two pages stands on one of them
    expect(tile({ title: 't', width: 300, height: 200, shapes: [line(180, 10, 180, 190)] }, 'a4')).toHaveLength(1);
  });

  it('takes as few pages as overlap by 12 mm, 12 mm from the edge and 24 above the foot', () => {
    fc.assert(
      fc.property(anySize, ([width, height, paper, correction]) => {
        const drawing = {
          title: 't',
          width,
          height,
          shapes: box(0, 0, width, height).concat(
            path([
              { x: 0, y: 0 },
              { x: width, y: 0 },
              { x: width, y: height },
              { x: 0, y: height },
            ]),
          ),
        };
        const pages = tile(drawing, paper, correction);
        const [wide, high] = [PAPER[paper][0] - 24, PAPER[paper][1] - 36];
        const few = (whole: number, room: number) => {
          let count = 1;
          while (room + (count - 1) * (room - 12) < whole - 1e-9) count += 1;
          return count;
        };
        expect(pages).toHaveLength(few(width * correction, wide) * few(height * correction, high));
        for (const { area, from, row, column, at } of pages) {
          expect(area).toEqual({ width: wide, height: high });
          expect(from.x * correction).toBeCloseTo(column * (wide - 12), 9);
          expect(from.y * correction).toBeCloseTo(row * (high - 12), 9);
          expect(at.y).toBe(12);
          if (pages.length === 1) expect(at.x).toBeCloseTo((PAPER[paper][0] - width * correction) / 2, 9);
          else expect(at.x).toBe(12);
        }
      }),
      { numRuns: 100, seed: 62 },
    );
    expect(tile({ title: 't', width: 186, height: 261, shapes: [] }, 'a4')[0]!.at.x).toBe(12);
  });

  it('has crosses that lie on those of the next page, and says which page it is', () => {
    const pages = tile({ title: 'Wall', width: 300, height: 400, shapes: box(0, 0, 300, 400) }, 'a4');
    expect(pages).toHaveLength(4);
    /** The middles of the crosses, as places of the drawing. */
    const crosses = ({ shapes, at, from }: Tile): Place[] => {
      const strokes = ofKind(shapes, 'line').filter(({ width }) => width === 0.15);
      for (const { x1, y1, x2, y2 } of strokes) expect(Math.hypot(x2 - x1, y2 - y1)).toBeCloseTo(8, 9);
      const middles = strokes.map(({ x1, y1, x2, y2 }) => ({ x: (x1 + x2) / 2 - at.x + from.x, y: (y1 + y2) / 2 - at.y + from.y }));
      const found = middles.filter((each, i) => middles.findIndex((other) => same(each, other)) === i);
      expect(strokes).toHaveLength(2 * found.length);
      return found;
    };
    const shared = (a: number, b: number) =>
      crosses(pages[a]!).filter((each) => crosses(pages[b]!).some((other) => same(each, other))).length;
    expect([shared(0, 1), shared(0, 2), shared(1, 3), shared(0, 3)]).toEqual([2, 2, 2, 1]);
    expect(pages.map(({ shapes }) => ofKind(shapes, 'text').at(-1)!.text)).toEqual([
      'Wall: page 1 of 4, row 1, column 1; match the crosses',
      'Wall: page 2 of 4, row 1, column 2; match the crosses',
      'Wall: page 3 of 4, row 2, column 1; match the crosses',
      'Wall: page 4 of 4, row 2, column 2; match the crosses',
    ]);
    const [single] = tile({ title: 'Card', width: 100, height: 100, shapes: [] }, 'a4');
    expect(ofKind(single!.shapes, 'text').at(-1)!.text).toBe('Card');
    expect(ofKind(single!.shapes, 'line').some(({ width }) => width === 0.15)).toBe(false);
  });

  it('has a line of 100 mm at its foot, stretched like everything, with its words beside it', () => {
    for (const correction of [1, correctionOf(98)]) {
      const [page] = tile({ title: 't', width: 50, height: 50, shapes: [] }, 'letter', correction);
      const lines = ofKind(page!.shapes, 'line');
      const foot = PAPER.letter[1] - 14;
      expect(lines[0]).toMatchObject({ x1: 12, y1: foot, x2: expect.closeTo(12 + 100 * correction, 9) as number, y2: foot });
      for (const [end, x] of [
        [lines[1]!, 12],
        [lines[2]!, 12 + 100 * correction],
      ] as const)
        expect([end.x1, end.x2, end.y1 + end.y2, Math.abs(end.y2 - end.y1)]).toEqual([
          expect.closeTo(x, 9),
          expect.closeTo(x, 9),
          expect.closeTo(2 * foot, 9),
          expect.closeTo(6 * correction, 9),
        ]);
      const [first, second] = ofKind(page!.shapes, 'text');
      expect([first!.text, second!.text]).toEqual(['This line is 100 mm.', 'If it is not, print again at 100%, not “fit to page”.']);
      expect(first!.x).toBeGreaterThan(12 + 100 * correction);
      expect(first!.y).toBeLessThan(foot);
      expect(second!.y).toBeGreaterThan(foot);
    }
    expect([correctionOf(100), correctionOf(98), correctionOf(102), correctionOf(undefined)]).toEqual([1, 100 / 98, 100 / 102, 1]);
  });
});

describe('a box', () => {
  it('is four lines that close round it', () => {
    const lines = ofKind(box(10, 20, 30, 40), 'line');
    const corners = lines.map(({ x1, y1 }) => [x1, y1]);
    expect(corners).toEqual([
      [10, 20],
      [40, 20],
      [40, 60],
      [10, 60],
    ]);
    lines.forEach(({ x2, y2 }, i) => expect([x2, y2]).toEqual(corners[(i + 1) % 4]));
  });
});
