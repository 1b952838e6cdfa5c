import { FAMILIES, type FamilyName, type Form, type SizeName, formOf, outlineOf } from '@/core/form';
import { describe, expect, it } from 'vitest';
import {
  type Flat,
  type FlatPart,
  type SlabChoices,
  USUAL_SLAB,
  apart,
  areaOf,
  boundsOf,
  lengthOf,
  liningPlan,
  midLine,
  panelsOf,
  scaledStrip,
  slabParts,
  stripOf,
} from '.';
import { discOf, rectangleOf } from './cut';

const form = (family: FamilyName, sizes: Partial<Record<SizeName, number>> = {}): Form<'glazed'> =>
  formOf({ family, manner: { ...FAMILIES[family].manner, foot: 'flat' }, knots: undefined }, 'glazed', {
    ...FAMILIES[family].typical,
    ...sizes,
  });
const partsOf = (made: Form<'glazed'>, choices: Partial<SlabChoices> = {}) => slabParts(made, 1, 1, { ...USUAL_SLAB, ...choices });
const named = (all: readonly FlatPart[], name: string) => all.find((part) => part.name.startsWith(name))!;

/** How far a place lies from the straight line through two others. */
const fromLine = (p: Flat, a: Flat, b: Flat): number => Math.abs((b.x - a.x) * (a.y - p.y) - (a.x - p.x) * (b.y - a.y)) / apart(a, b);

describe('a strip for a wall', () => {
  const straight = form('cylinder', { rimDiameter: 100, baseDiameter: 100, height: 90, wall: 6, floor: 6 });
  const opening = form('cylinder', { rimDiameter: 140, baseDiameter: 90, height: 90, wall: 6, floor: 6 });
  const closing = form('cylinder', { rimDiameter: 90, baseDiameter: 140, height: 90, wall: 6, floor: 6 });

  it.each([straight, opening, closing])('%#: lapped goes on square beyond its end by the overlap, with the end itself dashed', (made) => {
    const [butted, lapped] = (['butted', 'lapped'] as const).map((seam) => named(partsOf(made, { seam, overlap: 11 }), 'Wall'));
    expect(butted!.lines).toEqual([]);
    const [[a, b]] = lapped!.lines as [[Flat, Flat]];
    expect(lapped!.lines).toHaveLength(1);
    const long = apart(a, b);
    expect(areaOf(lapped!.outline) - areaOf(butted!.outline)).toBeCloseTo(11 * long, 6);
    // the two corners beyond are the outline's only ones that are not on the strip, 11 mm from its end and square to it
    // a corner of the slab may be reached by the overlap: both lie on their own
    const [end] = butted!.edges[1]!.line;
    const strip = butted!.outline.map(({ x, y }) => ({ x: x + a.x - end!.x, y: y + a.y - end!.y }));
    const beyond = lapped!.outline.filter((place) => !strip.some((other) => apart(place, other) < 1e-6));
    expect(beyond).toHaveLength(2);
    const feet = [a, b].map((end) => beyond.map((place) => apart(place, end)).toSorted((p, q) => p - q)[0]);
    expect(feet).toEqual([expect.closeTo(11, 6), expect.closeTo(11, 6)]);
    for (const place of beyond) expect(fromLine(place, a, b)).toBeCloseTo(11, 6);
    // it lies outside: further right than the end
    expect(Math.max(...beyond.map(({ x }) => x))).toBeGreaterThan(Math.max(a.x, b.x));
    const [left, right, foot] = lapped!.edges;
    expect([left!.midMm, right!.midMm]).toEqual([expect.closeTo(long, 6), expect.closeTo(long, 6)]);
    expect(right!.line).toEqual([a, b]);
    expect(foot!.midMm).toBeCloseTo(lengthOf(foot!.line), 9);
  });

  it.each([
    [opening, 'the foot is its shorter, inner arc'],
    [closing, 'the foot is its longer, outer arc'],
  ])('%#: stands as it is bent, %s', (made) => {
    const wall = named(partsOf(made, { seam: 'butted', base: 'none' }), 'Wall');
    const foot = wall.edges.find(({ mark }) => mark === 'B')!;
    expect(Math.abs(foot.midMm - Math.PI * (made.sizes.baseDiameter! - 6))).toBeLessThan(1);
    // the middle of the foot lies lower on the slab than the middle of the rim
    const top = wall.outline.slice(0, wall.outline.length / 2);
    const at = (line: readonly Flat[]) => line[Math.floor(line.length / 2)]!;
    expect(at(foot.line).y).toBeGreaterThan(at(top).y);
    expect(at(foot.line).y - at(top).y).toBeCloseTo(wall.edges[0]!.midMm, 6);
    // opening, its ends hang below the middle of the rim; closing, they rise above it
    const ends = top[0]!.y - at(top).y;
    expect(Math.sign(ends)).toBe(made === opening ? 1 : -1);
  });

  it('grows in every length with the clay', () => {
    for (const wall of [
      { top: 100, bottom: 100, height: 90, thickness: 6 },
      { top: 140, bottom: 90, height: 90, thickness: 6 },
    ]) {
      const [one, grown] = [stripOf(wall), scaledStrip(stripOf(wall), 1.13)];
      const lengths = Object.entries(one).filter(([name, value]) => typeof value === 'number' && name !== 'angleDegrees');
      expect(lengths.length).toBe(2);
      for (const [name, value] of lengths) expect(grown).toMatchObject({ [name]: (value as number) * 1.13 });
      expect(grown.shape).toBe(one.shape);
      if ('angleDegrees' in one) expect(grown).toMatchObject({ angleDegrees: one.angleDegrees });
    }
  });

  it('of an oval begins in the middle of a long side, and is the same from both ends', () => {
    const wall = named(
      partsOf(form('oval', { rimDiameter: 220, rimAcross: 110, baseDiameter: 150, baseAcross: 70, height: 80 }), {
        seam: 'butted',
        base: 'none',
      }),
      'Wall',
    );
    const foot = wall.edges.find(({ mark }) => mark === 'B')!.line;
    const step = (i: number) => apart(foot[i]!, foot[i + 1]!);
    const quarter = Math.floor(foot.length / 4);
    // bent least at its ends and its middle, most between
    expect(step(0)).toBeGreaterThan(2 * step(quarter));
    expect(step(2 * quarter)).toBeGreaterThan(2 * step(quarter));
    expect([foot[0]!.y, wall.edges[0]!.midMm]).toEqual([expect.closeTo(foot.at(-1)!.y, 6), expect.closeTo(wall.edges[1]!.midMm, 6)]);
  });
});

describe('a base', () => {
  const LEANS = 'Its edge leans with the wall: cut the larger outline, bevel to the dashed one.';
  it('whose edge leans is cut at its larger face, with the smaller dashed and a word', () => {
    for (const [rimDiameter, baseDiameter] of [
      [160, 90],
      [90, 160],
    ] as const) {
      const made = form('cylinder', { rimDiameter, baseDiameter, height: 70, wall: 5, floor: 8 });
      for (const base of ['inside', 'under'] as const) {
        const disc = named(partsOf(made, { base }), 'Base');
        const [larger, smaller] = [boundsOf(disc.outline).width, boundsOf(disc.lines[0]!).width];
        expect(larger - smaller).toBeCloseTo((8 * Math.abs(rimDiameter - baseDiameter)) / 70, 1);
        expect(disc.notes).toEqual([LEANS]);
        expect(disc.edges).toMatchObject([{ mark: 'B', midMm: expect.closeTo((Math.PI * (larger + smaller)) / 2, 6) as number }]);
        expect(lengthOf(disc.edges[0]!.line)).toBeCloseTo(Math.PI * larger, 0);
      }
    }
    const upright = named(partsOf(form('cylinder', { rimDiameter: 90, baseDiameter: 90 })), 'Base');
    expect([upright.lines, upright.notes]).toEqual([[], []]);
    // three tenths of a mm are not worth a word
    const hardly = (more: number) =>
      named(partsOf(form('cylinder', { rimDiameter: 100 + more, baseDiameter: 100, height: 100, floor: 10, wall: 5 })), 'Base').notes
        .length;
    expect([hardly(2.9), hardly(3.2)]).toEqual([0, 1]);
  });

  it('of flat sides is so too, both ways together', () => {
    const box = (rim: number, base: number) =>
      named(
        partsOf(form('box', { rimDiameter: rim, rimAcross: rim, baseDiameter: base, baseAcross: base, height: 100, floor: 10, wall: 5 }), {
          base: 'inside',
        }),
        'Base',
      );
    const leaning = box(160, 120);
    const [cut, other] = [boundsOf(leaning.outline), boundsOf(leaning.lines[0]!)];
    expect([cut.width - other.width, cut.height - other.height]).toEqual([expect.closeTo(4, 6), expect.closeTo(4, 6)]);
    expect(leaning.notes).toEqual([LEANS]);
    expect(leaning.edges[0]!.midMm).toBeCloseTo(2 * (cut.width + other.width), 6);
    // drawn in, its lower face is the larger
    expect(boundsOf(box(120, 160).outline).width).toBeGreaterThan(boundsOf(box(120, 160).lines[0]!).width);
    for (const [more, words] of [
      [2.9, 0],
      [3.2, 1],
    ] as const) {
      expect(box(100 + more, 100).notes).toHaveLength(words);
      expect(box(100 + more, 100).lines).toHaveLength(words);
    }
  });

  it('plain, is a disc or a rectangle at the corner of the slab, meeting nothing', () => {
    const disc = discOf('Disc', 120, 7);
    expect(boundsOf(disc.outline)).toEqual({
      left: 0,
      top: 0,
      width: expect.closeTo(120, 6) as number,
      height: expect.closeTo(120, 6) as number,
    });
    expect(disc).toMatchObject({ name: 'Disc', count: 1, lines: [], edges: [], notes: [], thickness: 7 });
    expect(rectangleOf('Strap', 200, 24, 6)).toMatchObject({
      outline: [
        { x: 0, y: 0 },
        { x: 200, y: 0 },
        { x: 200, y: 24 },
        { x: 0, y: 24 },
      ],
      edges: [],
      thickness: 6,
    });
    for (const family of ['disc', 'tile'] as const) {
      const [only, ...none] = partsOf(form(family));
      expect([only!.edges, none]).toEqual([[], []]);
    }
  });
});

describe('a side of a box', () => {
  const upright = form('box', { rimDiameter: 160, baseDiameter: 160, rimAcross: 100, baseAcross: 100, height: 80, wall: 6, floor: 6 });
  const leaning = form('box', { rimDiameter: 200, baseDiameter: 140, rimAcross: 120, baseAcross: 90, height: 80, wall: 6, floor: 6 });

  it('is bevelled as its corners meet, in whole degrees, with the inner edges dashed', () => {
    for (const part of partsOf(upright, { corners: 'mitred', base: 'none' })) {
      expect(part.notes).toEqual([
        'Cut the larger outline square, then bevel both upright ends at 45 degrees from square, to the dashed lines.',
      ]);
      expect(part.lines).toHaveLength(2);
      const { left, width } = boundsOf(part.outline);
      // the inside is a wall shorter at both ends
      expect(part.lines.map(([a]) => a!.x).toSorted((a, b) => a - b)).toEqual([
        expect.closeTo(left + 6, 6),
        expect.closeTo(left + width - 6, 6),
      ]);
    }
    for (const part of partsOf(upright, { corners: 'butted', base: 'none' })) expect([part.notes, part.lines]).toEqual([[], []]);
  });

  it.each(['mitred', 'butted', 'lapped'] as const)('leaning and %s, says the bevel of each end as its panel has it', (corners) => {
    const panels = panelsOf(outlineOf(leaning).plan!, 6, corners);
    const parts = partsOf(leaning, { corners, base: 'none' });
    expect(parts.reduce((sum, { count }) => sum + count, 0)).toBe(4);
    for (const part of parts) {
      const own = panels.filter(
        ({ outer }) =>
          Math.abs(Math.max(...outer.map(({ x }) => x)) - Math.min(...outer.map(({ x }) => x)) - boundsOf(part.outline).width) < 14,
      );
      const said = own.map(({ bevels }) => {
        const [left, right] = bevels.map(Math.round) as [number, number];
        if (!left && !right) return undefined;
        const which = left === right ? `both upright ends at ${left} degrees` : `the upright ends at ${left} and ${right} degrees`;
        return `Cut the larger outline square, then bevel ${which} from square, to the dashed lines.`;
      });
      expect(said).toContain(part.notes[0]);
    }
  });

  it('meets its neighbours with edges as long as the middle of the wall', () => {
    const [long, short] = partsOf(upright, { corners: 'mitred', base: 'none' });
    expect([long!.name, short!.name]).toEqual(['Side, the long way', 'Side, the short way']);
    expect(boundsOf(long!.outline).width).toBeGreaterThan(boundsOf(short!.outline).width);
    for (const [part, outer] of [
      [long!, 160],
      [short!, 100],
    ] as const) {
      expect(part.edges.map(({ mark, midMm }) => [mark, midMm])).toEqual([
        ['A', expect.closeTo(80, 6)],
        ['A', expect.closeTo(80, 6)],
        ['B', expect.closeTo(outer - 6, 6)],
      ]);
      expect(part.count).toBe(2);
    }
    const square = partsOf(form('box', { rimDiameter: 100, baseDiameter: 100, rimAcross: 100, baseAcross: 100 }), {
      base: 'none',
      corners: 'mitred',
    });
    expect(square.map(({ name, count }) => [name, count])).toEqual([['Side', 4]]);
    // the foot is below the head on the slab
    const [foot] = long!.edges.filter(({ mark }) => mark === 'B');
    expect(Math.min(...foot!.line.map(({ y }) => y))).toBeCloseTo(Math.max(...long!.outline.map(({ y }) => y)), 6);
  });
});

describe('a former lined with pieces', () => {
  it('takes the middle of the wall all round and what laps, rolled as much thicker as pressing thins', () => {
    // straight, wall 6: its middle is a cylinder of 94 and a disc of it
    const outline = outlineOf(form('cylinder', { rimDiameter: 100, baseDiameter: 100, height: 80, wall: 6, floor: 6 }));
    const middle = midLine(outline);
    const area = middle.slice(1).reduce((sum, b, i) => {
      const a = middle[i]!;
      return sum + Math.PI * (a.r + b.r) * Math.hypot(b.r - a.r, b.z - a.z);
    }, 0);
    expect(area / (Math.PI * 94 * 77 + Math.PI * 47 ** 2)).toBeCloseTo(1, 1);
    const found = liningPlan(outline, 6, { overlapPercent: 25, thinnedPercent: 20 });
    expect(found.thickness).toBeCloseTo(7.5, 9);
    expect(found.areaCm2).toBeCloseTo((area / 100) * 1.25 * 0.8, 6);
    expect(found.ml).toBeCloseTo((area * 1.25 * 6) / 1000, 6);
  });
});
