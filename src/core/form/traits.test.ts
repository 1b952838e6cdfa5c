import { slabParts, USUAL_SLAB } from '@/core/handbuild';
import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { FAMILIES, FAMILY_NAMES, formOf, isDisc, isDrawn, measuresOf, outlineOf, radiusAt } from '.';

const finished = (family: (typeof FAMILY_NAMES)[number]) => {
  const { typical, manner, knots } = FAMILIES[family];
  return formOf({ family, manner, knots }, 'glazed', typical);
};

describe.each(FAMILY_NAMES)('what a %s says of itself', (family) => {
  const { solid, liesFlat, broadRim, necked, slabs, cornersChosen, flatSided, sizes, thickFoot, sizeOverWall } = FAMILIES[family];
  const form = finished(family);
  const outline = outlineOf(form);

  it('is solid where it holds nothing and has no wall', () => {
    expect(solid === true).toBe(measuresOf(outline).brimMl === 0);
    expect(solid === true).toBe(!sizes.includes('wall'));
    expect(solid === true).toBe(!sizes.includes('floor'));
  });

  it('lies flat where it is much wider than high', () => {
    const wide = Math.max(form.sizes.rimDiameter, form.sizes.rimAcross ?? 0);
    expect(liesFlat === true).toBe(wide > 6 * form.sizes.height);
  });

  it('has a broad rim where that is a size of its own, and a neck where it closes in to one', () => {
    expect(broadRim === true).toBe(sizes.includes('rimWidth'));
    expect(necked === true).toBe(sizes.includes('neckDiameter'));
    if (necked) {
      const { height, shoulderHeight = 0, bellyHeight = 0 } = form.sizes;
      expect(radiusAt(outline.side, (height + shoulderHeight) / 2)).toBeLessThan(radiusAt(outline.side, bellyHeight) / 2);
    }
  });

  it('is round unless its sides are flat', () => {
    expect(flatSided === true).toBe(outline.plan !== undefined);
    expect(isDisc(family)).toBe(solid === true && outline.plan === undefined);
    expect(isDrawn(family)).toBe(form.knots !== undefined);
  });

  it('is cut from slabs as it says', () => {
    const flatFoot = formOf(
      { family, manner: { ...FAMILIES[family].manner, foot: 'flat' }, knots: form.knots },
      'glazed',
      FAMILIES[family].typical,
    );
    const parts = slabParts(flatFoot, 1.13, 1.13, USUAL_SLAB);
    const walls = parts.filter(({ name }) => !/Base|Disc|Tile/.test(name));
    if (slabs === 'flat') expect(parts).toHaveLength(1);
    if (slabs === 'strip') expect(walls).toHaveLength(1);
    if (slabs === 'panels') expect(walls.reduce((sum, { count }) => sum + count, 0)).toBeGreaterThan(2);
    if (slabs === 'darts') expect(parts.map(({ name }) => name).join()).not.toMatch(/Base/);
    expect(slabs === 'flat').toBe(solid === true);
    if (cornersChosen) expect(slabs).toBe('panels');
  });

  it('says of its wall only what a wall can have', () => {
    if (thickFoot || sizeOverWall !== undefined) expect(sizes).toContain('wall');
  });
});

// the headless contract writes forms by their names
it('nobody outside its room asks a form by its name', () => {
  const asks = (readdirSync('src', { recursive: true }) as string[])
    .filter((file) => /\.tsx?$/.test(file) && !/\.test\.|core\/(form|example|calc)\//.test(file))
    .filter((file) => /[fF]amily\)? (===|!==) '/.test(readFileSync(join('src', file), 'utf8')));
  expect(asks).toEqual([]);
});
