import { clayFigures, remaining } from '@/core/clay';
import { FAMILIES, type FamilyName, type Form, type SizeName, formOf } from '@/core/form';
import { USUAL_SLAB, assembled, boundsOf, distanceTo, liesWithin, roomIn, slabParts } from '@/core/handbuild';
import { tile } from '@/core/paper';
import { writeDxf, writeSvg } from '@/core/print';
import { describe, expect, it } from 'vitest';
import { template } from '.';

const clay = clayFigures({ kind: 'stoneware', shrinkagePercent: 11.5 });
const grow = 1 / remaining(clay.shrinkage, 'glazed', 'width');
const length = (mm: number) => `${mm.toFixed(1)} mm`;
const said = { name: 'Test piece', clay: 'Heron Buff, cone 6', stage: 'wet' as const, length };

const form = (family: FamilyName, sizes: Partial<Record<SizeName, number>> = {}): Form<'glazed'> => {
  const { manner, knots, typical } = FAMILIES[family];
  return formOf({ family, manner: { ...manner, foot: 'flat' }, knots }, 'glazed', { ...typical, ...sizes });
};
const partsOf = (family: FamilyName, sizes: Partial<Record<SizeName, number>> = {}) =>
  slabParts(form(family, sizes), grow, grow, USUAL_SLAB);

/** Round a drawing, mm. */
const GAP = 14;

const SLABBED = ['cylinder', 'bowl', 'plate', 'disc', 'box', 'oval', 'faceted', 'tile'] as const;

describe('a template on paper', () => {
  it.each(SLABBED)('of a %s is at true size within its sheet, with name, clay, stage, slab and a line to measure', (family) => {
    for (const part of partsOf(family)) {
      const { shapes, width, height, title } = template(part, said);
      const [cut] = shapes;
      if (cut?.kind !== 'path') throw new Error('the cut line comes first');
      expect(cut.closed).toBe(true);
      expect(boundsOf(cut.points).width).toBeCloseTo(boundsOf(part.outline).width, 9);
      expect(boundsOf(cut.points).height).toBeCloseTo(boundsOf(part.outline).height, 9);
      for (const { x, y } of cut.points) {
        expect(x).toBeGreaterThan(0);
        expect(x).toBeLessThan(width);
        expect(y).toBeGreaterThan(0);
        expect(y).toBeLessThan(height);
      }
      const words = shapes.flatMap((shape) => (shape.kind === 'text' ? [shape.text] : [])).join(' ');
      expect(words).toContain(`Test piece: ${part.name}`);
      expect(words).toContain('Heron Buff, cone 6');
      expect(words).toContain('wet clay');
      expect(words).toContain(length(part.thickness));
      expect(words).toContain('rolled this way');
      expect(title).toContain('wet');
      const check = shapes.find((shape) => shape.kind === 'line' && Math.abs(shape.x2 - shape.x1 - 100) < 1e-9);
      expect(check).toBeDefined();
    }
  });

  it.each(SLABBED)('of a %s writes its letters and its arrow on the part itself', (family) => {
    for (const part of partsOf(family)) {
      const { shapes } = template(part, said);
      const outline = shapes[0]!.kind === 'path' ? shapes[0]!.points : [];
      const letters = shapes.filter((shape) => shape.kind === 'text' && /^[AB]$/.test(shape.text));
      expect(letters).toHaveLength(part.edges.length);
      for (const letter of letters)
        if (letter.kind === 'text') expect(liesWithin(outline, { x: letter.x, y: letter.y - 8 / 3 })).toBe(true);
      const arrow = shapes.find((shape) => shape.kind === 'text' && shape.text === 'rolled this way');
      if (arrow?.kind === 'text') expect(liesWithin(outline, { x: arrow.x, y: arrow.y + 2 })).toBe(true);
    }
  });

  it.each(SLABBED)(
    'of a %s letters each edge half-way along it or a letter from a corner there, a letter in or past its bevel line',
    (family) => {
      for (const part of partsOf(family)) {
        const { shapes } = template(part, said);
        const letters = shapes.flatMap((shape) =>
          shape.kind === 'text' && shape.size === 8 ? [{ x: shape.x - GAP, y: shape.y - GAP - 8 / 3 }] : [],
        );
        for (const [i, { line }] of part.edges.entries()) {
          // the middle of the edge by many small steps along it
          const steps = line.slice(1).flatMap((b, k) => {
            const a = line[k]!;
            return Array.from({ length: 400 }, (_, j) => ({
              x: a.x + ((b.x - a.x) * j) / 400,
              y: a.y + ((b.y - a.y) * j) / 400,
              d: Math.hypot(b.x - a.x, b.y - a.y) / 400,
            }));
          });
          const whole = steps.reduce((sum, { d }) => sum + d, 0);
          let gone = 0;
          const middle = steps.find(({ d }) => (gone += d) >= whole / 2)!;
          const room = roomIn(part.outline).mm;
          const inward = steps.reduce((least, { x, y }) => Math.min(least, Math.hypot(letters[i]!.x - x, letters[i]!.y - y)), Infinity);
          const places = [8, 14.4, 20.8].map((mm) => Math.min(mm, room / 2));
          expect(Math.min(...places.map((mm) => Math.abs(mm - inward)))).toBeLessThan(0.5);
          const along = Math.sqrt(Math.max(0, Math.hypot(letters[i]!.x - middle.x, letters[i]!.y - middle.y) ** 2 - inward ** 2));
          expect(along).toBeLessThan(9);
          // further in only where a bevel line is in the way
          const near = part.lines.some((each) => distanceTo(each, letters[i]!) < 4);
          const past = part.lines.some((each) => distanceTo(each, middle) < 16);
          expect(near).toBe(false);
          if (inward > places[0]! + 1) expect(past).toBe(true);
        }
      }
    },
  );

  it.each(SLABBED)('of a %s has what it is either all within the cut line or all outside it', (family) => {
    for (const part of partsOf(family)) {
      const drawing = template(part, said);
      const [cut] = drawing.shapes;
      if (cut?.kind !== 'path') throw new Error('the cut line comes first');
      const told = drawing.shapes.flatMap((shape) =>
        shape.kind === 'text' && shape.size !== 8 && shape.text !== 'rolled this way' ? [shape] : [],
      );
      const corners = told.flatMap(({ x, y, text, size }) => [
        { x, y },
        { x: x + 0.45 * size * text.length, y: y - size },
      ]);
      const within = corners.map((corner) => liesWithin(cut.points, corner));
      expect(new Set(within).size).toBe(1);
      const check = drawing.shapes.find((shape) => shape.kind === 'line' && Math.abs(shape.x2 - shape.x1 - 100) < 1e-9)!;
      if (check.kind !== 'line') continue;
      const below = boundsOf(cut.points).top + boundsOf(cut.points).height;
      if (within[0]) {
        for (const x of [check.x1, check.x2]) expect(liesWithin(cut.points, { x, y: check.y1 })).toBe(true);
        expect(drawing.height).toBeCloseTo(below + GAP, 9);
      } else {
        // under the part, with the edge of the sheet further down still
        for (const { y, size } of told) expect(y - size).toBeGreaterThan(below);
        expect(drawing.height).toBeGreaterThan(check.y1 + 5);
      }
      // one line under the other, the line to measure last
      for (const [i, { y }] of told.slice(1, -1).entries()) expect(y).toBeGreaterThan(told[i]!.y + 2);
      expect(check.y1).toBeGreaterThan(told.at(-2)!.y);
    }
  });

  it.each(SLABBED)('of a %s has no dashed line along its cut line, and its dashed lines apart in a cutter’s file', (family) => {
    for (const part of partsOf(family)) {
      const drawing = template(part, said);
      for (const line of part.lines) {
        const middle = { x: (line[0]!.x + line.at(-1)!.x) / 2, y: (line[0]!.y + line.at(-1)!.y) / 2 };
        if (line.length === 2) expect(distanceTo(part.outline, middle)).toBeGreaterThan(0.3);
      }
      const layers = [...writeDxf(drawing).matchAll(/LWPOLYLINE[\s\S]*?\n8\s*\n(.*?)\r?\n/g)].map(([, name]) => name!.trim());
      expect(layers.filter((name) => name === layers[0])).toHaveLength(1);
      expect(layers).toHaveLength(1 + part.lines.length);
    }
  });

  it('has an arrow as long as the part is roomy, a hand wide at most, its head at its end', () => {
    for (const family of SLABBED)
      for (const part of partsOf(family)) {
        const arrow = template(part, said)
          .shapes.filter((shape) => shape.kind === 'line')
          .slice(0, 3);
        const [shaft, ...head] = arrow as Extract<(typeof arrow)[number], { kind: 'line' }>[];
        expect(shaft!.x2 - shaft!.x1).toBeCloseTo(Math.min(34, 1.6 * roomIn(part.outline).mm), 9);
        const { at } = roomIn(part.outline);
        expect([(shaft!.x1 + shaft!.x2) / 2 - GAP, shaft!.y1 - GAP]).toEqual([expect.closeTo(at.x, 9), expect.closeTo(at.y, 9)]);
        for (const stroke of head) {
          expect([stroke.x1, stroke.y1]).toEqual([shaft!.x2, shaft!.y2]);
          expect(stroke.x2).toBeCloseTo(shaft!.x2 - 3, 9);
          expect(Math.abs(stroke.y2 - shaft!.y2)).toBeCloseTo(1.8, 9);
        }
        expect(head[0]!.y2 + head[1]!.y2).toBeCloseTo(2 * shaft!.y2, 9);
      }
  });

  it('leaves the arrow out of parts that may be turned', () => {
    const [part] = partsOf('box');
    const { shapes } = template(part!, { ...said, turns: true });
    expect(shapes.some((shape) => shape.kind === 'text' && shape.text === 'rolled this way')).toBe(false);
  });

  it('is tiled over the sheets it needs, and a cutter’s file keeps apart what is not cut', () => {
    const [wall] = partsOf('cylinder', { rimDiameter: 120, baseDiameter: 90 });
    const drawing = template(wall!, said);
    expect(tile(drawing, 'a4').length).toBeGreaterThan(1);
    expect(writeSvg(drawing)).toContain('stroke-dasharray="3 2"');
    const dxf = writeDxf(drawing);
    expect(dxf).toContain('not-to-cut');
    expect(dxf.match(/LWPOLYLINE/g)!.length).toBe(1 + wall!.lines.length);
  });
});

describe('the roomiest place of a part', () => {
  it('lies in it, also where it is bent', () => {
    for (const family of SLABBED) {
      for (const part of partsOf(family)) {
        const { at, mm } = roomIn(part.outline);
        expect(liesWithin(part.outline, at)).toBe(true);
        expect(mm).toBeGreaterThan(5);
      }
    }
  });
});

describe('the piece put together', () => {
  it.each(SLABBED)('of a %s marks as many kinds of joins as its parts have, and stands as high as it is', (family) => {
    const { lines, marks } = assembled(form(family), USUAL_SLAB.darts);
    const drawn = new Set(marks.map(({ mark }) => mark));
    const cut = new Set(partsOf(family).flatMap(({ edges }) => edges.map(({ mark }) => mark)));
    expect(drawn).toEqual(cut);
    const all = lines.flatMap(({ points }) => points);
    for (const { x, y } of all) expect(Number.isFinite(x + y)).toBe(true);
    expect(boundsOf(all).width).toBeGreaterThan(0.5 * form(family).sizes.rimDiameter);
  });
});
