import { readFileSync } from 'node:fs';
import { gaugesOf, planTable, strips, template, USUAL_SETTING } from '@/core/bench';
import { CHECKS, type Drawing, barSheet, tile } from '@/core/paper';
import { METRIC, type UnitChoice, bareUnit } from '@/core/units';
import { DEMO } from '@/core/example';
import { surenessOf, weighedPart } from '@/core/part';
import { cardOf } from '@/ui/piece';
import { unitsOf } from '@/ui/state';
import { jsPDF } from 'jspdf';
import { describe, expect, it } from 'vitest';
import { rowsOf } from './print-rows';

const INCHES = { mass: 'lb-oz', volume: 'fl-oz' } as const;
const SYSTEMS: readonly (readonly [UnitChoice, RegExp])[] = [
  [METRIC, /\d[ \u00a0](cm|in|oz|lb)\b/],
  [{ ...METRIC, length: 'cm' }, /\d[ \u00a0](mm|in|oz|lb)\b/],
  [{ ...METRIC, ...INCHES, length: 'in' }, /\d[ \u00a0](mm|cm|g|kg|ml)\b/],
  [{ ...METRIC, ...INCHES, length: 'inch-fraction' }, /\d[ \u00a0](mm|cm|g|kg|ml)\b/],
];

const measure = new jsPDF({ unit: 'mm' });
measure.addFileToVFS('font.ttf', readFileSync('public/fonts/atkinson-hyperlegible-next-latin.ttf').toString('base64'));
measure.addFont('font.ttf', 'Rimbet', 'normal');
measure.setFont('Rimbet');

/** The places of a drawing's words, by the font they are printed in; their upper and lower edge by the height of its letters. */
function textsOf({ shapes }: Drawing) {
  return shapes.flatMap((shape) => {
    if (shape.kind !== 'text' || shape.text.trim() === '') return [];
    const width = measure.setFontSize((shape.size * 72) / 25.4).getTextWidth(shape.text);
    const left = shape.x - width * { start: 0, middle: 0.5, end: 1 }[shape.anchor ?? 'start'];
    return [{ text: shape.text, left, right: left + width, top: shape.y - shape.size * 0.7, bottom: shape.y }];
  });
}

/** Words over other words, or beyond the edge of what is printed. */
function clashes(drawing: Drawing): string[] {
  const texts = textsOf(drawing);
  return texts.flatMap((a, i) => [
    ...(a.left < -0.1 || a.right > drawing.width + 0.1 ? [`beyond the edge: ${a.text}`] : []),
    ...texts
      .slice(i + 1)
      .filter((b) => a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom)
      .map((b) => `${a.text} | ${b.text}`),
  ]);
}

const sizesOf = ({ shapes }: Drawing): readonly number[] => shapes.flatMap((shape) => (shape.kind === 'text' ? [shape.size] : []));

describe.each(SYSTEMS)('what is printed in %o', (choice, foreign) => {
  const units = unitsOf(choice);
  const unit = bareUnit[choice.length];
  const check = (drawing: Drawing, own = '') => {
    expect(textsOf(drawing).filter(({ text }) => foreign.test(text) && text !== own)).toEqual([]);
    expect(clashes(drawing)).toEqual([]);
  };

  it.each(DEMO.plans.map((plan) => [plan.name, plan] as const))('of %s: its card, strips and templates', (_, plan) => {
    const [part] = plan.parts;
    const made = weighedPart(DEMO, part, units.length);
    if (!made.ok) throw new Error(made.problem.message);
    const { hand, clay, making, sized } = made.value;
    const worked = { clay, making, sized, sure: surenessOf(part), known: part.sizes };
    const gauges = hand ? [] : gaugesOf(worked, USUAL_SETTING, undefined, units.length);
    const batch = DEMO.batches.find(({ id }) => id === part.batchId)?.name;
    const card = cardOf({ ...made.value, plan, worked, units }, gauges, { batch, measures: [], date: '2026-11-25' });
    check(card, plan.note.slice(0, 110));
    // for the wall: on one sheet of either paper, led by what to weigh out
    for (const paper of ['a4', 'letter'] as const) expect(tile(card, paper)).toHaveLength(1);
    if (!hand?.obstacle) expect(Math.max(...sizesOf(card))).toBeGreaterThan(15);
    if (gauges.length > 0) check(strips(gauges, plan.name, {}, units.length));
    for (const each of hand && 'parts' in hand ? hand.parts : [])
      check(template(each, { name: plan.name, clay: 'Heron Buff, cone 6', stage: 'wet', length: units.length, check: CHECKS[unit] }));
  });

  it('of them all: the list for the wall, a sheet of bars, and what stands at the foot of each page', () => {
    check(planTable(rowsOf(DEMO, units), '2026-11-25'));
    const bars = barSheet({ body: 'Heron Buff', marked: 100, markedWords: units.plain(100), paper: 'a4', check: CHECKS[unit] });
    const [page] = tile({ title: 'Card', width: 100, height: 100, shapes: [] }, 'letter', 1, CHECKS[unit]);
    for (const { shapes } of [bars, page!])
      expect(textsOf({ title: '', width: 0, height: 0, shapes }).filter(({ text }) => foreign.test(text))).toEqual([]);
  });
});
