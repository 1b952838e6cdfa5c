import { clayFigures, remaining } from '@/core/clay';
import { FAMILIES, type FamilyName, type Form, type SizeName, formOf } from '@/core/form';
import { type FlatPart, USUAL_SLAB, assembled, boundsOf, distanceTo, liesWithin, roomIn, slabParts } from '@/core/handbuild';
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

describe('what a template says of itself', () => {
  const part = (width: number, height: number, change: Partial<FlatPart> = {}): FlatPart => ({
    name: 'Side',
    count: 1,
    outline: [
      { x: 0, y: 0 },
      { x: width, y: 0 },
      { x: width, y: height },
      { x: 0, y: height },
    ],
    lines: [],
    edges: [],
    notes: [],
    thickness: 6,
    ...change,
  });
  const shapesOf = (own: FlatPart, change: object = {}) => template(own, { ...said, ...change });
  const texts = (own: FlatPart, change: object = {}) =>
    shapesOf(own, change).shapes.flatMap((shape) => (shape.kind === 'text' ? [shape] : []));
  const told = (own: FlatPart, change: object = {}) =>
    texts(own, change)
      .map(({ text }) => text)
      .join(' ');
  /** It stands within the part: its sheet is no higher than that. */
  const isInside = (width: number, height: number, change: object = {}) => {
    const { height: high } = shapesOf(part(width, height), change);
    return Math.abs(high - height - 2 * GAP) < 1e-9;
  };

  it('is its name, how many there are, clay, stage, slab and size', () => {
    expect(told(part(300, 200))).toContain(
      'Test piece: Side Heron Buff, cone 6. Laid on wet clay, slab 6.0 mm. 300.0 mm by 200.0 mm over all.',
    );
    expect(told(part(300, 200, { count: 2, notes: ['Cut it square.'] }))).toMatch(/Test piece: Side, cut 2 .*Cut it square\./);
    expect(told(part(300, 200), { stage: 'leather' })).toContain('Laid on leather hard clay');
  });

  it('names the arrow beside it where there is room, else among its lines; a part that may be turned has none', () => {
    const named = (height: number, change: object = {}) => {
      const all = texts(part(300, height), change).map(({ text }) => text);
      return [all.includes('rolled this way'), all.join(' ').includes('The arrow: rolled this way.')];
    };
    // twice the height of its letters all round
    expect(named(32.5)).toEqual([true, false]);
    expect(named(31.5)).toEqual([false, true]);
    for (const height of [200, 31.5]) expect(named(height, { turns: true })).toEqual([false, false]);
  });

  it('stands on the part where that leaves 12 mm all round, its lines and the line of 100 mm under each other', () => {
    // 120 wide and 12 on both sides
    expect([isInside(144.1, 200), isInside(143.9, 200)]).toEqual([true, false]);
    const own = part(240, 160);
    const { shapes } = shapesOf(own);
    const arrow = shapes.flatMap((shape) => (shape.kind === 'line' ? [shape] : []))[0]!;
    const captions = texts(own).filter(({ text, size }) => size < 4 && text !== 'rolled this way');
    for (const { x, y, text, size } of captions) {
      expect(x).toBeGreaterThanOrEqual(GAP + 12);
      expect(x + text.length * size * 0.52).toBeLessThanOrEqual(GAP + 240 - 12 + 1e-6);
      expect(y).toBeGreaterThan(arrow.y1 + 3);
      expect(y).toBeLessThan(GAP + 160 - 12);
    }
    const lines = shapes.flatMap((shape) => (shape.kind === 'line' ? [shape] : []));
    const measure = lines.find(({ x1, x2, y1, y2 }) => y1 === y2 && Math.abs(x2 - x1 - 100) < 1e-9)!;
    expect(
      lines.filter(
        ({ x1, x2, y1, y2 }) => x1 === x2 && (x1 === measure.x1 || x1 === measure.x2) && y1 === measure.y1 - 2 && y2 === measure.y1 + 2,
      ),
    ).toHaveLength(2);
    expect(measure.y1).toBeGreaterThan(Math.max(...captions.filter(({ text }) => text !== '100 mm').map(({ y }) => y)));
    // in the middle, or as near to it as the edges allow
    expect(captions[0]!.x).toBeCloseTo(GAP + 120 - 60, 6);
  });

  it('goes above the arrow where there is no room below, and under the part where there is none on it', () => {
    // the roomiest place of an L lies low: what is above it is free
    const high: FlatPart = part(0, 0, {
      outline: [
        { x: 0, y: 0 },
        { x: 150, y: 0 },
        { x: 150, y: 150 },
        { x: 260, y: 150 },
        { x: 260, y: 230 },
        { x: 0, y: 230 },
      ],
    });
    for (const own of [part(240, 160), high, part(160, 90), part(90, 40)]) {
      const { shapes, width, height } = shapesOf(own);
      const measure = shapes.flatMap((shape) => (shape.kind === 'line' && Math.abs(shape.x2 - shape.x1 - 100) < 1e-9 ? [shape] : []))[0]!;
      const bounds = boundsOf(own.outline);
      const on = liesWithin(own.outline, { x: measure.x1 - GAP, y: measure.y1 - GAP });
      if (on) expect([width, height]).toEqual([bounds.width + 2 * GAP, bounds.height + 2 * GAP]);
      else {
        expect(measure.y1).toBeGreaterThan(GAP + bounds.height + 8);
        expect(height).toBeCloseTo(measure.y1 + 12, 9);
        expect(width).toBeCloseTo(Math.max(bounds.width, 120) + 2 * GAP, 9);
      }
      expect(texts(own).filter(({ text }) => text === '100 mm')).toHaveLength(1);
    }
    expect(isInside(90, 40)).toBe(false);
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
