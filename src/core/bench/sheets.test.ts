import { modelOf } from '@/core/cast';
import { clayFigures } from '@/core/clay';
import { FAMILIES, formOf } from '@/core/form';
import type { Drawing, Place, Shape } from '@/core/paper';
import { WAYS, size } from '@/core/sizing';
import { finishedSizes } from '@/core/part';
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
  ruleMarks,
  shelfCard,
  shrinkRule,
  silhouette,
  strips,
} from '.';

const clay = clayFigures({ kind: 'stoneware', shrinkagePercent: 11.5 });
const form = formOf({ family: 'cylinder', manner: { foot: 'flat' } }, 'glazed', FAMILIES.cylinder.typical);
const sized = size(clay, form, 'glazed', WAYS.trimmed);
const worked = {
  clay,
  known: finishedSizes(FAMILIES.cylinder.typical),
  making: WAYS.trimmed,
  sized,
  sure: { odds: 0.9, tool: 'gauge' as const },
};

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
      weigh: 'Ball',
      figure: '645 g',
      note: 'n'.repeat(200),
      date: 'today',
      length,
    });
    const rows = texts(card).filter(({ x, anchor }) => x === 6 && anchor === 'start');
    // the ball is the largest of all, what is set before starting the next, both read from two metres
    const [ball, next] = texts(card).toSorted((a, b) => b.size - a.size);
    expect(ball!.text).toBe('645 g');
    expect(ball!.size).toBeGreaterThan(35);
    expect(next!.size).toBeGreaterThan(12);
    expect(texts(card).some(({ text, size }) => text === 'Finished ⌀ 80.0 mm × 100.0 mm' && size >= 6)).toBe(true);
    const figures = texts(card)
      .filter(({ x, y, anchor }) => x === 174 && anchor === 'end' && y >= 142)
      .filter(({ text }) => text !== 'today');
    expect(figures).toHaveLength(3 + gauges.reduce((sum, { readings }) => sum + readings.length, 0));
    for (const [i, { y }] of figures.entries()) {
      expect(y).toBeCloseTo(142 + (figures[1]!.y - 142) * i, 9);
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
    expect(texts(strips(gauges, 'Cup', { [what]: [undefined, 104] })).map(({ text }) => text)).toContain('fits to');
    expect(texts(strips(gauges, 'Cup', { [what]: [100, undefined] })).map(({ text }) => text)).toContain('fits from');
    expect(marks(strips(gauges, 'Cup'))).toEqual([]);
  });
});

describe('where things stand on their sheets', () => {
  const lines = ({ shapes }: Drawing) => shapes.flatMap((shape) => (shape.kind === 'line' ? [shape] : []));
  const lowest = (points: readonly Place[]) => Math.max(...points.map(({ y }) => y));

  it('a rib or a silhouette is named right under itself', () => {
    for (const drawing of [profileRib(worked, 'Cup'), silhouette(worked, 'Cup'), insideRib(worked, 'Cup')]) {
      const [contour] = paths(drawing);
      const [first, ...rest] = texts(drawing);
      expect(first!.y - lowest(contour!)).toBeCloseTo(6, 9);
      expect(first!.x).toBeCloseTo(12, 9);
      for (const [i, { y }] of rest.entries()) expect(y).toBeGreaterThan(texts(drawing)[i]!.y + 2.8);
      expect(drawing.height).toBeGreaterThan(texts(drawing).at(-1)!.y);
    }
  });

  it('a hand-hold is an oval, half-way up, as wide as a hand where the rib is large enough', () => {
    const [inner, outer] = [paths(insideRib(worked, 'Cup')), paths(profileRib(worked, 'Cup'))];
    const [reach, high] = [span(inner[0]!, 'x'), span(inner[0]!, 'y')];
    const holds = [
      { hold: inner[1]!, x: 12 + reach * 0.4, y: 12 + high / 2, a: Math.min(12, reach / 4), b: Math.min(34, high / 3) },
      {
        hold: outer[1]!,
        x: Math.max(...outer[0]!.map(({ x }) => x)) - 22.5,
        y: 12 + sized.thrown.gauge / 2,
        a: 12,
        b: Math.min(34, sized.thrown.gauge / 3),
      },
    ];
    for (const { hold, x, y, a, b } of holds) {
      for (const each of hold) expect(((each.x - x) / a) ** 2 + ((each.y - y) / b) ** 2).toBeCloseTo(1, 9);
      expect(span(hold, 'x')).toBeCloseTo(2 * a, 6);
      expect(span(hold, 'y')).toBeCloseTo(2 * b, 6);
    }
  });

  it('a silhouette has the wheel’s centre drawn past it at both ends', () => {
    const drawn = silhouette(worked, 'Cup');
    const [axis] = lines(drawn);
    expect(axis).toMatchObject({ x1: 12, x2: 12 });
    expect([axis!.y1, axis!.y2]).toEqual([expect.closeTo(lowest(paths(drawn)[0]!) + 3, 9), 6]);
  });

  it('half a mould has its axis from above its level to below its foot, and its words under that', () => {
    const model = modelOf(sized.wet, { height: 20, width: 6 });
    for (const diameter of [190, 400]) {
      const sheet = mouldSheet('Cup', model, { shape: 'round', diameter, height: 170 }, model.height, ['Pour.']);
      expect(lines(sheet)[0]).toMatchObject({ x1: 12, x2: 12, y1: 6, y2: 186 });
      expect(texts(sheet).map(({ x, y, text }) => [text, x, y])).toEqual([
        ['axis', 14, 9],
        ['Pour.', 12, 190],
      ]);
      expect(sheet.width).toBe(Math.max(140, diameter / 2) + 24);
      expect(sheet.height).toBeGreaterThan(200);
    }
    // a line of words is as long as the sheet has room for
    const long = Array.from({ length: 60 }, () => 'plaster').join(' ');
    const rows = (diameter: number) =>
      texts(mouldSheet('Cup', model, { shape: 'round', diameter, height: 170 }, model.height, [long])).length - 1;
    expect(rows(190)).toBe(Math.ceil((60 * 8) / (120 / (2.8 * 0.52))));
    expect(rows(480)).toBeLessThan(rows(190) * 0.6);
  });

  it('a list for the wall has a line under its head and under each piece', () => {
    const row = { name: 'Cup', clay: 'Buff', ball: '1 g', rimAboveBat: '2 mm', mouthWet: '3 mm', floor: '4 mm', finished: '5 mm' };
    const table = planTable([row, row], '');
    const [head, ...under] = lines(table);
    const said = (text: string) => texts(table).filter((each) => each.text === text);
    expect(head).toMatchObject({ x1: 0, x2: table.width, y2: head!.y1 });
    expect(head!.y1 - said('piece')[0]!.y).toBeCloseTo(2, 9);
    for (const [i, { y1, y2, x1, x2 }] of under.entries()) {
      expect([x1, x2, y2]).toEqual([0, table.width, y1]);
      expect(y1 - said('Cup')[i]!.y).toBeCloseTo(2, 9);
    }
    expect(said('Cup')[0]!.y).toBeGreaterThan(head!.y1 + 4);
    expect(table.height).toBeGreaterThan(under.at(-1)!.y1);
  });

  it('a rule’s marks are the longer and the darker the rounder they are', () => {
    const ranks = (unit: 'mm' | 'cm' | 'in', reads: number) => ruleMarks(unit, reads, 1).map(({ rank }) => rank);
    expect(ranks('mm', 12)).toEqual([3, 0, 0, 0, 0, 1, 0, 0, 0, 0, 3, 0, 0]);
    expect(ranks('cm', 12)).toEqual([3, 0, 0, 0, 0, 1, 0, 0, 0, 0, 3, 0, 0]);
    expect(ranks('in', 25.4)).toEqual([3, 0, 0, 0, 1, 0, 0, 0, 2, 0, 0, 0, 1, 0, 0, 0, 3]);
    const rule = shrinkRule({
      clays: [
        { body: 'Heron Buff', clay },
        { body: 'Fen Red', clay },
      ],
      stage: 'wet',
      unit: 'mm',
      reads: 60,
      date: 'd',
    });
    expect(rule.title).toBe('Shrink rule: Heron Buff, Fen Red');
    const upright = lines(rule).filter(({ x1, x2, y1, y2 }) => x1 === x2 && Math.abs(y2 - y1) < 10);
    for (const { y1, y2, width } of upright) expect(width).toBe(Math.abs(Math.abs(y2 - y1) - 8) < 1e-9 ? 0.25 : 0.15);
    // each clay in its strip, told under its marks and above the line it is cut along
    const cuts = lines(rule)
      .filter(({ y1, y2, x1, x2 }) => y1 === y2 && x1 === 0 && x2 === rule.width && y1 > 0 && y1 < rule.height)
      .map(({ y1 }) => y1);
    expect(cuts).toEqual([22, 44]);
    for (const [i, name] of ['Heron Buff', 'Fen Red'].entries())
      expect(texts(rule).find(({ text }) => text.startsWith(name))!.y).toBe(18 + 22 * i);
    expect(texts(rule).find(({ text }) => text.startsWith('plain mm'))!.y).toBeCloseTo(47.4, 9);
  });

  it('a strip says the stage that its own figure is of', () => {
    const jar = size(clay, formOf({ family: 'jar', manner: FAMILIES.jar.manner }, 'glazed', FAMILIES.jar.typical), 'glazed', WAYS.trimmed);
    const gauges = gaugesOf({ ...worked, known: finishedSizes(FAMILIES.jar.typical), sized: jar }, USUAL_SETTING);
    const chuck = gauges.find(({ name }) => name === 'Chuck for trimming')!;
    const drawn = strips([chuck], 'Jar');
    expect(texts(drawn).map(({ text }) => text)).toEqual([
      'Jar: diameter in use',
      expect.stringMatching(/^leather hard, /),
      'Jar: diameter as thrown',
      expect.stringMatching(/^wet, /),
    ]);
  });
});

describe('gauges by the outline that is thrown', () => {
  it.each(['cylinder', 'flared', 'bowl', 'plate', 'jar', 'bottle', 'profile'] as const)(
    '%s: across, twice what is from the centre',
    (family) => {
      const { typical, manner, knots } = FAMILIES[family];
      const made = size(clay, formOf({ family, manner, knots }, 'glazed', typical), 'glazed', WAYS.trimmed);
      const gauges = gaugesOf({ ...worked, known: finishedSizes(typical), sized: made }, USUAL_SETTING);
      const reading = (name: string, what: RegExp) =>
        gauges.find((each) => each.name === name)?.readings.find((each) => what.test(each.what))?.mm;
      const { side, inside } = made.onBat.thrown;
      // the needle cuts level, a little below the rim as pulled
      const gauge = made.thrown.gauge;
      const at = (line: readonly { readonly r: number; readonly z: number }[]) => {
        const i = line.findIndex(({ z }, k) => k > 0 && (z - gauge) * (line[k - 1]!.z - gauge) <= 0);
        const [a, b] = [line[i - 1]!, line[i]!];
        return a.r + ((b.r - a.r) * (gauge - a.z)) / (b.z - a.z || 1);
      };
      expect(reading('Calipers', /mouth, outside/)).toBeCloseTo(2 * at(side), 3);
      expect(reading('Calipers', /mouth, inside/)).toBeCloseTo(2 * at(inside), 3);
      expect(reading('Calipers', /floor, inside/)).toBeCloseTo(2 * inside.at(-2)!.r, 6);
      expect(reading('Calipers', /base, outside/)).toBeCloseTo(made.thrown.base, 9);
      const belly = Math.max(...side.filter(({ z }) => z <= gauge).map(({ r }) => r));
      const bulges = belly > at(side) + 0.5;
      expect(reading('Calipers', /widest/) ?? 0).toBeCloseTo(bulges ? 2 * belly : 0, 3);
      expect(reading('Measuring grid', /belly, across/) ?? 0).toBeCloseTo(bulges ? belly : 0, 3);
      if (bulges)
        expect(side.some(({ r, z }) => Math.abs(r - belly) < 1e-6 && Math.abs(z - reading('Measuring grid', /belly, up/)!) < 1e-6)).toBe(
          true,
        );
      // the chuck goes into the mouth down to the floor, its clearance less all round, leather hard
      const leather = 1 - 0.115 * clay.shrinkage.shares.leather;
      const floor = made.wet.inside.at(-1)!.z;
      const low = made.wet.inside.findLastIndex(({ z }) => z >= floor + 1);
      const [a, b] = [made.wet.inside[low]!, made.wet.inside[low + 1]!];
      const wide = 2 * ((a.r + ((b.r - a.r) * (a.z - floor - 1)) / (a.z - b.z)) * leather - USUAL_SETTING.chuckClearance);
      expect(reading('Chuck for trimming', /in use/) ?? 0).toBeCloseTo(wide > 20 ? wide : 0, 1);
      expect(reading('Chuck for trimming', /thrown/) ?? 0).toBeCloseTo(wide > 20 ? wide / leather : 0, 1);
    },
  );
});
