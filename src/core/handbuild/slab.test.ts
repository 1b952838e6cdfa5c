import {
  FAMILIES,
  type FamilyName,
  type Form,
  type Manner,
  type SizeName,
  checkForm,
  formOf,
  outlineOf,
  revolvedCm2,
  sideLengths,
  supportsAt,
} from '@/core/form';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  type FlatPart,
  PART_GAP,
  SLAB_EDGE,
  type SlabChoices,
  USUAL_SLAB,
  apart,
  areaOf,
  boundsOf,
  dartedDisc,
  lengthOf,
  measuredStrip,
  midLine,
  panelsOf,
  planAt,
  slabParts,
  slabSheets,
  standingOn,
  stripFault,
  stripOf,
  unrolled,
  wallOf,
} from '.';

const RUNS = { numRuns: 120, seed: 611 };
const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });

const form = (
  family: FamilyName,
  sizes: Partial<Record<SizeName, number>> = {},
  manner: Manner = FAMILIES[family].manner,
): Form<'glazed'> => formOf({ family, manner, knots: FAMILIES[family].knots }, 'glazed', { ...FAMILIES[family].typical, ...sizes });

const parts = (made: Form<'glazed'>, choices: Partial<SlabChoices> = {}, factor = 1) =>
  slabParts(made, factor, factor, { ...USUAL_SLAB, ...choices });
const named = (all: readonly FlatPart[], name: string) => all.find((part) => part.name === name)!;
const marked = (part: FlatPart, mark: string) => part.edges.filter((edge) => edge.mark === mark);

const wall = fc
  .record({ top: mm(60, 400), bottom: mm(60, 400), height: mm(40, 300), thickness: mm(3, 14) })
  .filter(({ top, bottom, height }) => Math.abs(top - bottom) / 2 < height * 1.7);

describe('the strip of a round wall', () => {
  it('bends back to the wall it was cut for', () => {
    fc.assert(
      fc.property(wall, (given) => {
        const found = wallOf(measuredStrip(stripOf(given), given.top > given.bottom), given.thickness);
        expect(found.top).toBeCloseTo(given.top, 6);
        expect(found.bottom).toBeCloseTo(given.bottom, 6);
        expect(found.height).toBeCloseTo(given.height, 6);
      }),
      RUNS,
    );
  });

  it('is a ring whose edges come nearer to a rectangle’s as the taper goes', () => {
    const straight = stripOf({ top: 100, bottom: 100, height: 90, thickness: 6 });
    expect(straight).toEqual({ shape: 'rectangle', length: 2 * Math.PI * 47, height: 90 });
    for (const taper of [1, 1e-2, 1e-4, 1e-6]) {
      const ring = measuredStrip(stripOf({ top: 100 + taper, bottom: 100, height: 90, thickness: 6 }));
      expect(Math.abs(ring.upper - 2 * Math.PI * 47)).toBeLessThan(4 * taper);
      expect(Math.abs(ring.lower - 2 * Math.PI * 47)).toBeLessThan(4 * taper);
      expect(Math.abs(ring.slant - 90)).toBeLessThan(taper);
    }
  });

  it('covers as much flat as the mid-surface it is bent to', () => {
    fc.assert(
      fc.property(wall, (given) => {
        const made = form('cylinder', {
          height: given.height,
          rimDiameter: given.top,
          baseDiameter: given.bottom,
          wall: given.thickness,
          floor: 5,
        });
        const flat = named(parts(made, { seam: 'butted', base: 'none' }), 'Wall');
        const { upper, lower, slant } = measuredStrip(stripOf(given), given.top > given.bottom);
        expect(areaOf(flat.outline) / (((upper + lower) / 2) * slant)).toBeCloseTo(1, 3);
      }),
      RUNS,
    );
  });

  it('says why edges too different for their distance make no wall', () => {
    expect(stripFault({ upper: 400, lower: 100, slant: 40 })).toMatch(/lie flat/);
    expect(stripFault({ upper: 400, lower: 300, slant: 40 })).toBeUndefined();
  });
});

describe('the seam of a bent wall', () => {
  const cup = form('cylinder', { height: 88, rimDiameter: 102, baseDiameter: 102, wall: 7, floor: 7 });
  const long = (choices: Partial<SlabChoices>, factor = 1) =>
    boundsOf(named(parts(cup, { base: 'none', ...choices }, factor), 'Wall').outline).width;
  const middle = Math.PI * 95;

  it('is as long as its middle when cut along the slope or butted, a thickness longer when bevelled after, an overlap longer when lapped', () => {
    expect(long({ seam: 'slope' })).toBeCloseTo(middle, 6);
    expect(long({ seam: 'butted' })).toBeCloseTo(middle, 6);
    expect(long({ seam: 'bevelled' })).toBeCloseTo(middle + 7, 6);
    expect(long({ seam: 'lapped', overlap: 9 })).toBeCloseTo(middle + 9, 6);
  });

  it('takes its overlap in wet mm and everything else grown by the clay', () => {
    expect(long({ seam: 'lapped', overlap: 9 }, 1 / 0.885)).toBeCloseTo(346.233, 2);
  });

  it('meets itself with edges of one length, as high as the wall along the slab', () => {
    const flared = named(parts(form('cylinder', { rimDiameter: 118, baseDiameter: 96, height: 88, wall: 7 }), { base: 'none' }), 'Wall');
    const [left, right] = marked(flared, 'A');
    expect(left!.midMm).toBeCloseTo(Math.hypot(88, 11), 6);
    expect(right!.midMm).toBeCloseTo(left!.midMm, 6);
  });
});

describe('a base', () => {
  it('fills the foot inside the wall, or carries the wall as wide as it is there', () => {
    const cup = form('cylinder', { height: 90, rimDiameter: 80, baseDiameter: 80, wall: 5, floor: 6 });
    expect(boundsOf(named(parts(cup, { base: 'inside' }), 'Base').outline).width).toBeCloseTo(70, 1);
    expect(boundsOf(named(parts(cup, { base: 'under' }), 'Base').outline).width).toBeCloseTo(80, 1);
    expect(marked(named(parts(cup, { base: 'under' }), 'Wall'), 'A')[0]!.midMm).toBeCloseTo(84, 6);
    expect(named(parts(cup, { base: 'none' }), 'Base')).toBeUndefined();
  });
});

const leaning = fc
  .record({ l: mm(120, 300), w: mm(90, 300), dl: mm(-40, 60), dw: mm(-40, 60), height: mm(60, 200), wall: mm(4, 12) })
  .map(({ l, w, dl, dw, height, wall: thick }) =>
    form('box', { height, rimDiameter: l + dl, rimAcross: w + dw, baseDiameter: l, baseAcross: w, wall: thick, floor: thick }),
  )
  .filter((made) => checkForm(made, String).ok);

describe('a box', () => {
  const joints = (made: Form<'glazed'>, corners: SlabChoices['corners']) => {
    const panels = panelsOf(outlineOf(made).plan!, made.sizes.wall!, corners);
    return panels.map(({ mid }, i) => {
      const next = panels[(i + 1) % panels.length]!;
      return [apart(mid[1], mid[2]), apart(next.mid[0], next.mid[3])] as const;
    });
  };

  it('has mitred edges of one length at mid-thickness, however it leans', () => {
    fc.assert(
      fc.property(leaning, (made) => {
        for (const [one, other] of joints(made, 'mitred')) expect(other).toBeCloseTo(one, 9);
      }),
      RUNS,
    );
  });

  it('of upright sides has edges of one length whichever way they meet', () => {
    for (const corners of ['butted', 'lapped'] as const)
      for (const [one, other] of joints(form('box'), corners)) expect(other).toBeCloseTo(one, 9);
  });

  it('of upright sides has the closed forms of its corners', () => {
    const made = form('box', { height: 100, rimDiameter: 240, baseDiameter: 240, rimAcross: 140, baseAcross: 140, wall: 8, floor: 8 });
    const widths = (corners: SlabChoices['corners']) =>
      parts(made, { corners, base: 'inside' }).map((part) => [part.name, part.count, boundsOf(part.outline).width] as const);
    const close = (all: ReturnType<typeof widths>) => all.map(([name, count, width]) => [name, count, Math.round(width * 1000) / 1000]);
    const base = ['Base', 1, 224];
    expect(close(widths('mitred'))).toEqual([['Side, the long way', 2, 240], ['Side, the short way', 2, 140], base]);
    expect(close(widths('butted'))).toEqual([['Side, the long way', 2, 240], ['Side, the short way', 2, 124], base]);
    expect(close(widths('lapped'))).toEqual([['Side, the long way', 2, 232], ['Side, the short way', 2, 132], base]);
  });

  it('takes as much clay in panels as its solid has, whichever way the corners meet', () => {
    const made = form('box', { height: 100, rimDiameter: 240, baseDiameter: 240, rimAcross: 140, baseAcross: 140, wall: 8, floor: 8 });
    const solid = (240 * 140 - 224 * 124) * 100 + 224 * 124 * 8;
    for (const corners of ['butted', 'lapped', 'mitred'] as const) {
      const ml = panelsOf(outlineOf(made).plan!, 8, corners).reduce((all, { mid }) => all + areaOf(mid) * 8, 0) + 224 * 124 * 8;
      expect(ml).toBeCloseTo(solid, 4);
    }
  });

  it('keeps the mitre of a leaning box to half the angle its faces make', () => {
    const square = panelsOf(outlineOf(form('box')).plan!, 8, 'mitred');
    expect(square[0]!.bevels[0]).toBeCloseTo(45, 9);
    const hopper = panelsOf(outlineOf(form('box', { rimDiameter: 300, rimAcross: 200 })).plan!, 8, 'mitred');
    expect(hopper[0]!.bevels[0]).toBeLessThan(45);
  });
});

describe('a faceted piece', () => {
  it('has n equal sides whose widths close the plan, mitred to half a turn', () => {
    for (const sides of ['3', '5', '6', '8', '12'] as const) {
      const made = form('faceted', { rimDiameter: 120, baseDiameter: 120 }, { sides });
      const [side] = parts(made, { base: 'inside' });
      expect(side!.count).toBe(Number(sides));
      expect(boundsOf(side!.outline).width).toBeCloseTo(120 * Math.tan(Math.PI / Number(sides)), 6);
      expect(panelsOf(outlineOf(made).plan!, 6, 'mitred')[0]!.bevels[0]).toBeCloseTo(180 / Number(sides), 9);
    }
  });
});

describe('an oval', () => {
  it('as wide as it is long is the round wall: the same ring, the same disc', () => {
    const sizes = { height: 90, rimDiameter: 130, rimAcross: 130, baseDiameter: 100, baseAcross: 100, wall: 6, floor: 6 };
    for (const base of ['inside', 'under'] as const) {
      const bent = parts(form('oval', sizes), { base });
      const ring = parts(form('cylinder', { ...sizes, rimAcross: undefined, baseAcross: undefined } as never), { base });
      const [one, two] = [named(bent, 'Wall'), named(ring, 'Wall')];
      expect(areaOf(one.outline) / areaOf(two.outline)).toBeCloseTo(1, 3);
      expect(boundsOf(one.outline).width).toBeCloseTo(boundsOf(two.outline).width, 0);
      expect(boundsOf(one.outline).height).toBeCloseTo(boundsOf(two.outline).height, 0);
      expect(areaOf(named(bent, 'Base').outline) / areaOf(named(ring, 'Base').outline)).toBeCloseTo(1, 3);
    }
  });

  it('lies flat as long at foot and head as it is around, with as much area', () => {
    fc.assert(
      fc.property(fc.record({ l: mm(140, 260), w: mm(100, 200), grow: mm(0.85, 1.3), height: mm(60, 140) }), ({ l, w, grow, height }) => {
        const made = form('oval', { height, rimDiameter: l * grow, rimAcross: w * grow, baseDiameter: l, baseAcross: w });
        const { plan } = outlineOf(made);
        const panels = panelsOf(plan!, 6, 'mitred');
        const { foot, head } = unrolled(panels);
        const around = (from: 0 | 3, to: 1 | 2) => panels.reduce((all, { mid }) => all + apart(mid[from], mid[to]), 0);
        expect(lengthOf(foot)).toBeCloseTo(around(0, 1), 6);
        expect(lengthOf(head)).toBeCloseTo(around(3, 2), 6);
        const area = panels.reduce((all, { mid }) => all + areaOf(mid), 0);
        expect(areaOf([...head, ...foot.toReversed()])).toBeCloseTo(area, 4);
      }),
      { ...RUNS, numRuns: 30 },
    );
  });

  it('has its plan’s corners where its faces meet', () => {
    const { plan } = outlineOf(form('oval'));
    const supports = supportsAt(plan!, 0);
    const sides = sideLengths(
      plan!.faces.map(({ angle }) => angle),
      supports,
    );
    const corners = planAt(plan!, 0);
    corners.forEach((corner, i) =>
      expect(apart(corner, corners[(i + 1) % corners.length]!)).toBeCloseTo(sides[(i + 1) % sides.length]!, 6),
    );
  });
});

describe('a disc with darts', () => {
  it('keeps as much clay as the bowl’s middle surface has, and its edges close with one length', () => {
    for (const darts of [3, 6, 10]) {
      const outline = outlineOf(form('bowl', {}, { foot: 'flat', curve: 'shallow' }));
      const flat = dartedDisc(outline, darts, 5);
      expect(areaOf(flat.outline) / 100 / revolvedCm2(midLine(outline))).toBeCloseTo(1, 1);
      const lengths = flat.edges.map(({ midMm }) => midMm);
      lengths.forEach((length) => expect(length).toBeCloseTo(lengths[0]!, 6));
      expect(lengths).toHaveLength(2 * darts);
    }
  });
});

describe('a wall on its base', () => {
  it('starts where the base ends and leans as before', () => {
    const { plan } = outlineOf(form('box', { rimDiameter: 300, rimAcross: 200 }));
    const raised = standingOn(plan!, 8);
    expect(raised.height).toBe(plan!.height - 8);
    expect(supportsAt(raised, raised.height)).toEqual(supportsAt(plan!, plan!.height));
    expect(supportsAt(raised, 0)[0]).toBeCloseTo(supportsAt(plan!, 8)[0]!, 9);
  });
});

describe('the layout on a slab', () => {
  const part = (width: number, height: number, count: number, thickness = 8): FlatPart => ({
    name: `${width} x ${height}`,
    count,
    outline: [
      { x: 0, y: 0 },
      { x: width, y: 0 },
      { x: width, y: height },
      { x: 0, y: height },
    ],
    lines: [],
    edges: [],
    notes: [],
    thickness,
  });
  const TABLE = { width: 360, length: 1200 };
  const anyParts = fc.array(fc.record({ w: mm(20, 330), h: mm(20, 600), n: fc.integer({ min: 1, max: 4 }) }), {
    minLength: 1,
    maxLength: 6,
  });

  it('never lets parts overlap, never leaves a slab, and lays every part once, or names what fits on none', () => {
    fc.assert(
      fc.property(anyParts, fc.boolean(), fc.integer({ min: 400, max: 1500 }), (given, grain, most) => {
        const wanted = given.map(({ w, h, n }) => part(Math.round(w), Math.round(h), n));
        const { sheets, unfit } = slabSheets(wanted, { width: 360, length: most }, 1, grain);
        const room = [360 - 2 * SLAB_EDGE, most - 2 * SLAB_EDGE];
        const lies = (w: number, h: number) => h <= room[0]! + 1e-6 && w <= room[1]! + 1e-6;
        const fits = ({ outline }: FlatPart) => {
          const { width: w, height: h } = boundsOf(outline);
          return lies(w, h) || (!grain && lies(h, w));
        };
        expect(unfit.map(({ part: { name } }) => name).sort()).toEqual(
          wanted
            .filter((each) => !fits(each))
            .map(({ name }) => name)
            .sort(),
        );
        if (unfit.length > 0) {
          expect(sheets).toEqual([]);
          return;
        }
        const all = sheets.flatMap(({ laid }) => laid.map((each) => each.part.name));
        expect(all.sort()).toEqual(wanted.flatMap(({ name, count }) => Array<string>(count).fill(name)).sort());
        for (const { laid, length, width } of sheets)
          laid.forEach((one, i) => {
            expect(length).toBeLessThanOrEqual(most + 1e-6);
            const { left, top, width: w, height: h } = boundsOf(one.outline);
            expect(left).toBeGreaterThanOrEqual(SLAB_EDGE - 1e-6);
            expect(top).toBeGreaterThanOrEqual(SLAB_EDGE - 1e-6);
            expect(left + w).toBeLessThanOrEqual(length - SLAB_EDGE + 1e-6);
            expect(top + h).toBeLessThanOrEqual(width - SLAB_EDGE + 1e-6);
            expect(width).toBeLessThanOrEqual(360 + 1e-6);
            if (grain) expect(one.turned).toBe(false);
            for (const other of laid.slice(i + 1)) {
              const b = boundsOf(other.outline);
              const clear =
                left + w + PART_GAP <= b.left + 1e-6 ||
                b.left + b.width + PART_GAP <= left + 1e-6 ||
                top + h + PART_GAP <= b.top + 1e-6 ||
                b.top + b.height + PART_GAP <= top + 1e-6;
              expect(clear).toBe(true);
            }
          });
      }),
      { ...RUNS, numRuns: 60 },
    );
  });

  it('wastes little on parts that tile the slab', () => {
    const [sheet, ...more] = slabSheets([part(150, 107, 9)], TABLE, 1, false).sheets;
    expect(more).toEqual([]);
    expect(sheet!.length).toBeCloseTo(2 * SLAB_EDGE + 3 * 150 + 2 * PART_GAP, 0);
    expect(sheet!.used).toBeGreaterThan(0.8);
  });

  it('lays a long part across when that is shorter', () => {
    const [sheet] = slabSheets([part(330, 100, 1)], TABLE, 1, false).sheets;
    expect(sheet!.length).toBeCloseTo(100 + 2 * SLAB_EDGE, 0);
    expect(slabSheets([part(330, 100, 1)], TABLE, 1, true).sheets[0]!.length).toBeCloseTo(330 + 2 * SLAB_EDGE, 0);
  });

  it('rolls one slab for each thickness and as many copies as pieces', () => {
    const { sheets } = slabSheets([part(100, 100, 2, 8), part(100, 100, 1, 6)], TABLE, 3, false);
    expect(sheets.map(({ thickness, laid }) => [thickness, laid.length])).toEqual([
      [8, 6],
      [6, 3],
    ]);
  });

  it('names what fits on no slab with the slab that would take it, and gives no layout of the rest', () => {
    const { sheets, unfit } = slabSheets([part(100, 500, 1), part(400, 420, 1)], TABLE, 1, false);
    expect(sheets).toEqual([]);
    expect(unfit.map(({ part: { name }, needs }) => [name, needs])).toEqual([
      ['400 x 420', { width: 400 + 2 * SLAB_EDGE, length: 420 + 2 * SLAB_EDGE }],
    ]);
    const [turned] = slabSheets([part(100, 500, 1)], TABLE, 1, false).sheets;
    expect(turned!.laid[0]!.turned).toBe(true);
  });

  it('rolls several slabs where one would be longer than the table', () => {
    const { sheets } = slabSheets([part(300, 300, 5)], { width: 360, length: 700 }, 1, true);
    expect(sheets.map(({ laid }) => laid.length).sort()).toEqual([1, 2, 2]);
    for (const { length } of sheets) expect(length).toBeLessThanOrEqual(700);
  });
});

describe('how a form is built of slabs', () => {
  it('is one of four ways, by its family', () => {
    const kinds = Object.fromEntries(
      (['cylinder', 'oval', 'box', 'faceted', 'disc', 'tile', 'bowl', 'plate'] as const).map((family) => [family, FAMILIES[family].slabs]),
    );
    expect(kinds).toEqual({
      cylinder: 'strip',
      oval: 'strip',
      box: 'panels',
      faceted: 'panels',
      disc: 'flat',
      tile: 'flat',
      bowl: 'darts',
      plate: 'darts',
    });
  });
});
