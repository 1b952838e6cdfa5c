import { modelOf } from '@/core/cast';
import { clayFigures } from '@/core/clay';
import { FAMILIES, formOf } from '@/core/form';
import type { Drawing, Place, Shape } from '@/core/paper';
import { WAYS, size } from '@/core/sizing';
import { finishedSizes } from '@/core/workspace';
import { describe, expect, it } from 'vitest';
import {
  type PlanRow,
  USUAL_SETTING,
  boardsFor,
  gaugesOf,
  insideRib,
  mouldSheet,
  planTable,
  profileRib,
  shelfCard,
  shrinkRule,
  silhouette,
  strips,
} from '.';

const clay = clayFigures({ kind: 'stoneware', shrinkagePercent: 11.5 });
const form = formOf({ family: 'cylinder', manner: { foot: 'flat' } }, 'glazed', FAMILIES.cylinder.typical);
const sized = size(clay, form, 'glazed', WAYS.trimmed);
const worked = { clay, known: finishedSizes(FAMILIES.cylinder.typical), making: WAYS.trimmed, sized, sure: { odds: 0.9, toolSd: 0.5 } };

const paths = ({ shapes }: Drawing): (readonly Place[])[] =>
  shapes.flatMap((shape: Shape) => (shape.kind === 'path' ? [shape.points] : []));
const texts = ({ shapes }: Drawing) => shapes.flatMap((shape) => (shape.kind === 'text' ? [shape] : []));
const span = (points: readonly Place[], of: 'x' | 'y') => Math.max(...points.map((p) => p[of])) - Math.min(...points.map((p) => p[of]));

/** Nothing of a drawing stands beyond its edge. */
function withinItself(drawing: Drawing) {
  for (const points of paths(drawing))
    for (const { x, y } of points) {
      expect(x).toBeGreaterThanOrEqual(0);
      expect(x).toBeLessThanOrEqual(drawing.width + 1e-9);
      expect(y).toBeGreaterThanOrEqual(0);
      expect(y).toBeLessThanOrEqual(drawing.height + 1e-9);
    }
}

describe('the list of pieces for the wall', () => {
  const row = (change: Partial<PlanRow> = {}): PlanRow => ({
    name: 'Cup',
    clay: 'Heron Buff',
    ball: '645 g',
    rimAboveBat: '141 mm',
    mouthWet: '94 mm',
    floor: '12.5 mm',
    finished: '92 × 120 mm',
    ...change,
  });

  it('has a line a piece, every figure under its head, the day at the edge', () => {
    const table = planTable([row(), row({ name: 'Bowl', ball: '900 g' })], '26 November');
    expect(table.height - planTable([row()], '').height).toBeCloseTo(7, 9);
    expect(table.shapes.filter(({ kind }) => kind === 'line')).toHaveLength(3);
    const at = (text: string) => texts(table).find((each) => each.text === text)!;
    for (const [head, cell] of [
      ['piece', 'Bowl'],
      ['weigh out', '900 g'],
    ] as const) {
      expect(at(cell)).toMatchObject({ x: at(head).x, anchor: at(head).anchor });
      expect(at(cell).y).toBeGreaterThan(at(head).y);
    }
    expect(at('Bowl').y - at('Cup').y).toBeCloseTo(7, 9);
    expect(at('26 November')).toMatchObject({ x: table.width, anchor: 'end' });
  });

  it('cuts what would run into the next column, and nothing else', () => {
    const long = 'x'.repeat(40);
    const said = texts(planTable([row({ name: long, clay: long, finished: long })], '')).map(({ text }) => text);
    expect(said).toContain(`${'x'.repeat(27)}…`);
    expect(said).toContain(`${'x'.repeat(13)}…`);
    expect(said).toContain(long);
    expect(texts(planTable([row({ name: 'y'.repeat(28), clay: 'z'.repeat(14) })], '')).map(({ text }) => text)).toEqual(
      expect.arrayContaining(['y'.repeat(28), 'z'.repeat(14)]),
    );
  });
});

describe('the boards round a mould', () => {
  it('butt: each is as long as its side and one thickness', () => {
    expect(boardsFor({ shape: 'box', length: 200, width: 200, height: 150 })).toEqual([{ count: 4, long: 218, high: 150 }]);
    expect(boardsFor({ shape: 'box', length: 240, width: 200, height: 150 }, 20)).toEqual([
      { count: 2, long: 260, high: 150 },
      { count: 2, long: 220, high: 150 },
    ]);
  });
});

describe('half of a mould on paper', () => {
  const model = modelOf(sized.wet, { height: 20, width: 6 });

  it.each([
    [{ shape: 'round', diameter: 190, height: 170 } as const, 95, 95],
    [{ shape: 'box', length: 220, width: 180, height: 170 } as const, 90, 90],
    [{ shape: 'box', length: 180, width: 220, height: 170 } as const, 90, 90],
    [{ shape: 'bucket', top: 200, bottom: 160, height: 170 } as const, 100, 80],
  ])('is at true size, the model hung from its level: %j', (mould, wide, foot) => {
    const sheet = mouldSheet('Cup', model, mould, model.height, ['Pour to the line.', 'Two more.']);
    const [whole, plaster] = paths(sheet);
    expect(span(plaster!, 'x')).toBeCloseTo(wide, 9);
    expect(span(plaster!, 'y')).toBeCloseTo(170, 9);
    const ground = Math.max(...plaster!.map(({ y }) => y));
    const axis = Math.min(...plaster!.map(({ x }) => x));
    const onGround = plaster!.filter(({ y }) => y === ground).map(({ x }) => x - axis);
    expect(Math.max(...onGround)).toBeCloseTo(foot, 9);
    expect(span(whole!, 'x')).toBeCloseTo(model.widest / 2, 6);
    expect(span(whole!, 'y')).toBeCloseTo(model.height, 6);
    // its top is level with the plaster, and under it is plaster
    expect(Math.min(...whole!.map(({ y }) => y))).toBeCloseTo(ground - 170, 6);
    expect(ground - Math.max(...whole!.map(({ y }) => y))).toBeCloseTo(170 - model.height, 6);
    withinItself(sheet);
    const words = texts(sheet);
    expect(words.find(({ text }) => text === 'Two more.')!.y - words.find(({ text }) => text === 'Pour to the line.')!.y).toBeCloseTo(6, 9);
  });
});

describe('ribs and a silhouette', () => {
  it('for the inside reach from the floor to the rim, as wide as the thrown inside', () => {
    const rib = insideRib(worked, 'Cup');
    const [contour, hold] = paths(rib);
    const { inside } = sized.onBat.thrown;
    expect(span(contour!, 'x')).toBeCloseTo(Math.max(...inside.map(({ r }) => r)), 1);
    // up to where the needle cuts
    expect(span(contour!, 'y')).toBeCloseTo(sized.thrown.pulled - WAYS.trimmed.rimCut - inside.at(-1)!.z, 9);
    // the hole to hold it by lies inside
    expect(Math.max(...hold!.map(({ x }) => x))).toBeLessThan(Math.max(...contour!.map(({ x }) => x)));
    expect(Math.max(...hold!.map(({ y }) => y))).toBeLessThan(Math.max(...contour!.map(({ y }) => y)));
    withinItself(rib);
  });

  it('stand within their sheets', () => {
    for (const drawing of [profileRib(worked, 'Cup'), silhouette(worked, 'Cup'), insideRib(worked, 'Cup')]) {
      withinItself(drawing);
      expect(drawing.title).toContain('Cup');
    }
  });
});

describe('the numbers of a shrink rule', () => {
  it.each([
    ['mm', 10],
    ['cm', 1],
    ['in', 1],
  ] as const)(
    'in %s stand at their own marks, below them for the clay and above them on the plain edge, at every ten or whole one',
    (unit, step) => {
      const reads = 120;
      const per = { mm: 1, cm: 10, in: 25.4 }[unit];
      const drawn = shrinkRule({ clays: [{ body: 'Heron Buff', batch: '', cone: '6', clay }], stage: 'wet', unit, reads, date: '' });
      const numbers = texts(drawn).filter(({ anchor }) => anchor === 'middle');
      const edges = [
        { factor: 1 / 0.885, y: 11.8, marks: 0, most: reads },
        { factor: 1, y: drawn.height - 11, marks: drawn.height, most: reads / 0.885 },
      ];
      for (const { factor, y, marks, most } of edges) {
        const own = numbers.filter((each) => Math.abs(each.y - y) < 1e-6);
        const wanted = Array.from({ length: Math.floor(most / (step * per) + 1e-9) + 1 }, (_, i) => i * step);
        expect(own.map(({ text }) => Number(text))).toEqual(wanted);
        for (const { text, x } of own) {
          expect(x).toBeCloseTo(6 + Number(text) * per * factor, 6);
          // a long mark at the edge, towards the number
          const mark = drawn.shapes.find((shape) => shape.kind === 'line' && Math.abs(shape.x1 - x) < 1e-6 && shape.y1 === marks);
          expect(mark).toMatchObject({ kind: 'line', y2: marks === 0 ? 8 : marks - 8 });
        }
      }
      expect(numbers).toHaveLength(edges.reduce((sum, { most }) => sum + Math.floor(most / (step * per) + 1e-9) + 1, 0));
    },
  );
});

describe('a shelf card', () => {
  it('has its rows one under the other, each figure on the line of what it is, all above what is left to fill in', () => {
    const length = (mm: number) => `${mm.toFixed(1)} mm`;
    const gauges = gaugesOf(worked, USUAL_SETTING);
    const card = shelfCard(worked, gauges, {
      name: 'Cup',
      clay: 'Heron Buff',
      weigh: '645 g',
      note: 'n'.repeat(200),
      date: 'today',
      length,
    });
    const rows = texts(card).filter(({ x, anchor }) => x === 6 && anchor === 'start');
    const figures = texts(card).filter(({ x, anchor }) => x === 118 && anchor === 'end');
    expect(figures[0]!.text).toBe('⌀ 80.0 mm × 100.0 mm');
    expect(figures).toHaveLength(4 + gauges.reduce((sum, { readings }) => sum + readings.length, 0));
    for (const [i, { y }] of figures.entries()) {
      expect(y).toBeCloseTo(36 + 5 * i, 9);
      expect(rows.some((row) => row.y === y)).toBe(true);
    }
    const fill = texts(card).find(({ text }) => text.startsWith('Thrown:'))!;
    expect(fill.y).toBeGreaterThan(figures.at(-1)!.y);
    expect(texts(card).find(({ text }) => /^n+$/.test(text))!.text).toHaveLength(110);
    expect(card.height).toBeGreaterThan(fill.y + 15);
    withinItself(card);
  });
});

describe('measuring strips', () => {
  const gauges = gaugesOf(worked, USUAL_SETTING);
  const drawn = strips(gauges, 'Cup', { 'mouth, outside': [100, undefined] });

  it('are as long as what they stand for, one under the other, named with stage and figure', () => {
    const readings = gauges.filter(({ name }) => /sticks|Calipers|Chuck/.test(name)).flatMap(({ readings: all }) => all);
    const cut = paths(drawn);
    expect(cut.map((points) => span(points, 'x'))).toEqual(readings.map(({ mm }) => expect.closeTo(mm, 9)));
    for (const [i, points] of cut.entries()) {
      expect(span(points, 'y')).toBeCloseTo(14, 9);
      if (i > 0) expect(points[0]!.y - cut[i - 1]![0]!.y).toBeCloseTo(26, 9);
    }
    withinItself(drawn);
    for (const { what } of readings) expect(texts(drawn).some(({ text }) => text === `Cup: ${what}`)).toBe(true);
  });

  it('have a mark for each end of a range that is set, where it is set', () => {
    const what = gauges.flatMap(({ name, readings }) => (/Calipers/.test(name) ? readings : []))[0]!.what;
    const both = strips(gauges, 'Cup', { [what]: [100, 104] });
    const marks = ({ shapes }: Drawing) => shapes.flatMap((shape) => (shape.kind === 'line' ? [shape.x1] : []));
    const left = Math.min(...paths(both)[0]!.map(({ x }) => x));
    expect(marks(both).map((x) => x - left)).toEqual([100, 104]);
    expect(marks(strips(gauges, 'Cup', { [what]: [undefined, 104] })).map((x) => x - left)).toEqual([104]);
    expect(texts(strips(gauges, 'Cup', { [what]: [undefined, 104] })).map(({ text }) => text)).toContain('go to');
    expect(texts(strips(gauges, 'Cup', { [what]: [100, undefined] })).map(({ text }) => text)).toContain('go from');
    expect(marks(strips(gauges, 'Cup'))).toEqual([]);
  });
});
