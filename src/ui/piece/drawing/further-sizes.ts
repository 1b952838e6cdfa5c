import { FAMILIES, type FamilyName, type SizeName, footRadius, radiusAt, sizeIn, sizeSpec } from '@/core/form';
import type { Geometry } from './geometry';
import { spread, untangled } from './labels';
import type { PieceModel } from '../model/use-piece';

/** Short, inside a line: wall, belly height. */
export const rowWords = (family: FamilyName, size: SizeName): string => {
  const { row } = sizeIn(family, size);
  return row[0]!.toLowerCase() + row.slice(1);
};

const ON_LINES: readonly SizeName[] = ['height', 'rimDiameter', 'baseDiameter'];

/** The sizes that have no dimension line: a wall may always get another thickness at the foot. */
export function further({ names, form, by }: PieceModel): SizeName[] {
  // a slab is as thick at the foot as at the rim
  const rolled = by === 'slab' || by === 'former';
  // widths inside are read in the table, and so is that there is no floor
  const own = names.filter(
    (size) =>
      !ON_LINES.includes(size) && !sizeSpec(size).inside && !(rolled && size === 'wallAtFoot') && !(size === 'floor' && !form.sizes.floor),
  );
  const tapers = !rolled && form.sizes.wall && !FAMILIES[form.family].flatSided && !FAMILIES[form.family].broadRim;
  return tapers && !own.includes('wallAtFoot') ? [...own, 'wallAtFoot'] : own;
}

/** The place of a size on the finished piece, mm. */
function placeOf({ form, worked }: PieceModel, size: SizeName): readonly [r: number, z: number] {
  const { sizes } = form;
  const { fired } = worked.sized;
  const outside = (z: number) => radiusAt(fired.side, z);
  const of = (name: SizeName) => sizes[name] ?? 0;
  const high = sizes.height;
  const top = fired.inside.at(-1)!.z;
  const foot = footRadius(fired);
  const places: Partial<Record<SizeName, readonly [number, number]>> = {
    bodyDiameter: [of('bodyDiameter') / 2, high - of('lipHeight')],
    lipHeight: [outside(high - of('lipHeight') / 2), high - of('lipHeight') / 2],
    bellyDiameter: [of('bellyDiameter') / 2, of('bellyHeight')],
    bellyHeight: [outside(of('bellyHeight') * 0.75), of('bellyHeight') * 0.75],
    neckDiameter: [of('neckDiameter') / 2, (of('shoulderHeight') + high - of('lipHeight')) / 2],
    shoulderHeight: [outside(of('shoulderHeight')), of('shoulderHeight')],
    collarHeight: [sizes.rimDiameter / 2, high - of('collarHeight') * 0.8],
    galleryDepth: [sizes.rimDiameter / 2 - of('wall'), high - of('galleryDepth') / 2],
    galleryWidth: [sizes.rimDiameter / 2 - of('wall') - of('galleryWidth') / 2, high - of('galleryDepth')],
    rimAcross: [of('rimAcross') / 2, high],
    baseAcross: [of('baseAcross') / 2, 0],
    rimWidth: [sizes.rimDiameter / 2 - of('rimWidth') / 2, (top + high) / 2],
    wall: [outside(high * 0.86) - of('wall') / 2, high * 0.86],
    wallAtFoot: [outside(top + (high - top) * 0.12) - of('wall') / 2, top + (high - top) * 0.12],
    floor: [foot * 0.72, top - of('floor') / 2],
    footHeight: [foot, of('footHeight') / 2],
    footWidth: [foot - of('footWidth') / 2, of('footHeight') / 4],
    bevel: [foot - of('bevel') / 2, of('bevel') / 2],
  };
  if (FAMILIES[form.family].broadRim) {
    const middle = sizes.rimDiameter / 2 - of('rimWidth') * 0.2;
    const well = sizes.rimDiameter / 2 - of('rimWidth');
    // beside the foot, not through it
    const floor = of('footHeight') > 0 && well > foot ? (foot + well) / 2 : foot * 0.72;
    const own: Partial<typeof places> = {
      wall: [middle, (top + high) / 2 + (high - top) * 0.2 - of('wall') / 2],
      floor: [floor, top - of('floor') / 2],
    };
    return own[size] ?? places[size] ?? [0, 0];
  }
  return places[size] ?? [0, 0];
}

/** From the middle of one to the middle of the next: a word over its figure, px. */
const APART = 44;
/** Half of a word over its figure, px. */
const HALF = 24;

/** Where the further sizes are named, from the top down, and the places in the clay they speak of. */
export function furtherSizes(piece: PieceModel, { x, y, placed, sheet }: Geometry) {
  const found = further(piece)
    .map((size) => ({ size, to: placed.finished(...placeOf(piece, size)) }))
    .sort((a, b) => a.to[1] - b.to[1] || b.to[0] - a.to[0]);
  const bottom = sheet.height - HALF;
  // under the level of the rim where there is room, so that no leader crosses it or the figure over it
  const top = Math.max(HALF, Math.min(y.finished + 6, bottom - APART * (found.length - 1)));
  const level = spread(
    found.map(({ to }) => to[1]),
    APART,
    top,
    bottom,
  );
  // of two places nearly level the one further in may be the lower of the two names
  const places = untangled(
    level,
    found.map(({ to }) => to),
    x.labels,
  );
  return found.map(({ size, to }, i) => ({ size, to, from: [x.labels, places[i]!] as const }));
}
