import { modelOf } from '@/core/cast';
import { clayFigures } from '@/core/clay';
import { FAMILIES, ROUND_FAMILIES, formOf, sectionOf } from '@/core/form';
import { USUAL_SLAB, slabParts } from '@/core/handbuild';
import { type Drawing, PAPER, type Place, type Shape, barSheet } from '@/core/paper';
import { printable } from '@/core/print';
import { WAYS, size } from '@/core/sizing';
import { finishedSizes } from '@/core/part';
import { describe, expect, it } from 'vitest';
import {
  USUAL_SETTING,
  gaugesOf,
  insideRib,
  mouldSheet,
  planTable,
  profileRib,
  shelfCard,
  shrinkRule,
  silhouette,
  strips,
  template,
} from '.';

/** Capitals of the sheets' letters are about so much of their size high, and a letter so much of it wide: a little less than they are. */
const HIGH = 0.7;
const WIDE = 0.42;

interface Box {
  readonly text: string;
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

const boxOf = (shape: Extract<Shape, { kind: 'text' }>): Box => {
  const wide = shape.text.length * shape.size * WIDE;
  const left = shape.x - (shape.anchor === 'end' ? wide : shape.anchor === 'middle' ? wide / 2 : 0);
  return { text: shape.text, left, right: left + wide, top: shape.y - shape.size * HIGH, bottom: shape.y };
};

const over = (a: Box, b: Box) => a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;

/** Each straight stroke of a drawing. */
const strokes = ({ shapes }: Pick<Drawing, 'shapes'>): (readonly [Place, Place])[] =>
  shapes.flatMap((shape) => {
    if (shape.kind === 'line')
      return [
        [
          { x: shape.x1, y: shape.y1 },
          { x: shape.x2, y: shape.y2 },
        ] as const,
      ];
    if (shape.kind === 'text') return [];
    const points = shape.closed ? [...shape.points, shape.points[0]!] : shape.points;
    return points.slice(1).map((to, i) => [points[i]!, to] as const);
  });

/** Whether a stroke passes through a box, by clipping it to the box side by side (Liang and Barsky 1984). */
function strikes([a, b]: readonly [Place, Place], { left, right, top, bottom }: Box): boolean {
  let [from, to] = [0, 1];
  for (const [start, step, low, high] of [
    [a.x, b.x - a.x, left, right],
    [a.y, b.y - a.y, top, bottom],
  ] as const) {
    if (step === 0) {
      if (start <= low || start >= high) return false;
      continue;
    }
    const [enter, leave] = [(low - start) / step, (high - start) / step].toSorted((x, y) => x - y);
    [from, to] = [Math.max(from, enter!), Math.min(to, leave!)];
  }
  return from < to;
}

/** Nothing written runs over anything else written, is struck through, runs off the sheet, or is in signs the font has not. */
function legible(drawing: Pick<Drawing, 'shapes' | 'width' | 'height'>) {
  const { shapes, width, height } = drawing;
  const boxes = shapes.flatMap((shape) => (shape.kind === 'text' && shape.text ? [boxOf(shape)] : []));
  expect(boxes.filter(({ text }) => printable(text).includes('?'))).toEqual([]);
  expect(boxes.filter(({ left, right, top, bottom }) => left < 0 || right > width || top < 0 || bottom > height)).toEqual([]);
  for (const [i, a] of boxes.entries()) {
    expect(boxes.slice(i + 1).filter((b) => over(a, b))).toEqual([]);
    expect(
      strokes(drawing)
        .filter((stroke) => strikes(stroke, a))
        .map((stroke) => [a.text, ...stroke]),
    ).toEqual([]);
  }
}

const clay = clayFigures({ kind: 'stoneware', shrinkagePercent: 11.5 });
const other = clayFigures({ kind: 'earthenware', shrinkagePercent: 6 });
const length = (mm: number) => `${mm.toFixed(1)} mm`;

const workedOf = (family: (typeof ROUND_FAMILIES)[number]) => {
  const { typical, manner, knots } = FAMILIES[family];
  const form = formOf({ family, manner, knots }, 'glazed', typical);
  return {
    clay,
    known: finishedSizes(typical),
    making: WAYS.trimmed,
    sized: size(clay, form, 'glazed', WAYS.trimmed),
    sure: { odds: 0.9, tool: 'gauge' as const },
  };
};

const words = { clay: 'Heron Buff, August, cone 6', weigh: '645 g', note: 'Turned slowly.', date: '26 November', length };

describe('what is printed can be read', () => {
  it.each(ROUND_FAMILIES)('the card, ribs, strips and outline of a %s', (family) => {
    const worked = workedOf(family);
    const gauges = gaugesOf(worked, USUAL_SETTING);
    legible(shelfCard(worked, gauges, { ...words, name: 'Breakfast piece' }));
    legible(shelfCard(worked, [], { ...words, name: 'Tray', hand: [['Slab', '300 × 200 mm, 7 mm']] }));
    legible(silhouette(worked, 'Breakfast piece'));
    if (family === 'disc') return;
    legible(profileRib(worked, 'Breakfast piece'));
    legible(insideRib(worked, 'Breakfast piece'));
    legible(strips(gauges, 'Breakfast piece'));
  });

  it.each(['cylinder', 'bowl', 'plate', 'disc', 'box', 'oval', 'faceted', 'tile'] as const)('the templates of a %s', (family) => {
    const { typical, manner, knots } = FAMILIES[family];
    for (const larger of [0.6, 1, 1.7]) {
      const sizes = Object.fromEntries(Object.entries(typical).map(([name, mm]) => [name, /wall|floor/.test(name) ? mm : mm * larger]));
      const form = formOf({ family, manner: { ...manner, foot: 'flat' }, knots }, 'glazed', sizes as typeof typical);
      for (const part of slabParts(form, 1 / 0.885, 1 / 0.885, USUAL_SLAB))
        legible(template(part, { name: 'Breakfast piece', clay: 'Heron Buff, cone 6', stage: 'wet', length }));
    }
  });

  it.each(['mm', 'cm', 'in'] as const)('a rule in %s, of one clay and of three', (unit) => {
    const ruled = { body: 'Heron Buff', batch: 'August', cone: '6', clay };
    for (const clays of [[ruled] as const, [ruled, { body: 'Fen Red', clay: other }, { ...ruled, body: 'Chalk White' }] as const])
      legible(shrinkRule({ clays, stage: 'leather', unit, reads: 300, date: '26 November' }));
  });

  it('the list for the wall, half a mould, and a sheet of bars', () => {
    const row = {
      name: 'A jug for two at breakfast',
      clay: 'Heron Buff',
      ball: '1,645 g',
      rimAboveBat: '141.5 mm',
      mouthWet: '194.5 mm',
      floor: '12.5 mm',
      finished: '⌀ 92 × 120 mm',
    };
    legible(planTable([row, row, row], '26 November 2026'));
    const { sized } = workedOf('cylinder');
    const model = modelOf(sized.wet, { height: 20, width: 6 });
    legible(mouldSheet('Cup', model, { shape: 'round', diameter: 190, height: 170 }, model.height, ['Pour to the line.', 'Let it set.']));
    for (const paper of ['a4', 'letter'] as const) {
      const [width, height] = PAPER[paper];
      legible({ ...barSheet({ body: 'Heron Buff', marked: 100, markedWords: '100 mm', paper }), width, height });
    }
  });

  it('the small picture of a card is the finished piece cut through, upright, beside the figures and above what is filled in', () => {
    for (const family of ROUND_FAMILIES) {
      const worked = workedOf(family);
      const card = shelfCard(worked, gaugesOf(worked, USUAL_SETTING), { ...words, name: 'Cup' });
      const [right, left] = card.shapes.flatMap((shape) => (shape.kind === 'path' ? [shape.points] : []));
      const all = [...right!, ...left!];
      const [xs, ys] = [all.map(({ x }) => x), all.map(({ y }) => y)];
      const [wide, high] = [Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys)];
      const section = sectionOf(worked.sized.fired);
      const piece = [2 * Math.max(...section.map(({ r }) => r)), Math.max(...section.map(({ z }) => z))] as const;
      expect(wide / high).toBeCloseTo(piece[0] / piece[1], 9);
      expect(Math.max(wide / 54, high / 56)).toBeCloseTo(1, 9);
      // mirrored about its axis, its foot level with the row under the drawing
      expect(right!.map(({ x, y }, i) => [x + left![i]!.x, y - left![i]!.y])).toEqual(right!.map(() => [expect.closeTo(290, 9), 0]));
      expect(Math.max(...ys)).toBeCloseTo(82, 9);
      expect(right!.find(({ y }) => y === Math.max(...ys))!.x).toBeGreaterThanOrEqual(145);
      expect(Math.min(...xs)).toBeGreaterThanOrEqual(118 - 1e-9);
      expect(Math.max(...xs)).toBeLessThan(card.width - 6);
    }
  });
});
