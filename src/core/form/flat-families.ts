import { type Family, degrees, firstOf, floorTop, hasRing, ringFault } from './family';
import { underOf } from './walled';

export const plate: Family = {
  words: 'Plate',
  slabs: 'darts',
  liesFlat: true,
  broadRim: true,
  about: 'plate or platter: flat well, leaning rim',
  names: { rimDiameter: { words: 'diameter', row: 'Diameter' } },
  sizes: ['rimDiameter', 'height', 'rimWidth', 'baseDiameter', 'wall', 'floor', 'footHeight', 'footWidth'],
  choices: ['foot'],
  typical: { rimDiameter: 270, height: 27, rimWidth: 42, baseDiameter: 150, wall: 6, floor: 7, footHeight: 5, footWidth: 8 },
  manner: { foot: 'ring' },
  outline: (size, manner) => {
    const ring = hasRing(manner) ? { height: size('footHeight'), width: size('footWidth') } : undefined;
    const foot = size('baseDiameter') / 2;
    const edge = { r: size('rimDiameter') / 2, z: size('height') };
    const well = { r: edge.r - size('rimWidth'), z: floorTop(size, manner) };
    const slope = (edge.z - well.z) / size('rimWidth');
    const verticalThickness = size('wall') * Math.hypot(1, slope);
    const under = ring?.height ?? 0;
    // the rim's underside runs along its top, as far below it as the rim is thick
    const beneath = (r: number) => well.z + slope * (r - well.r) - verticalThickness;
    const end = { r: edge.r, z: edge.z - verticalThickness };
    // where that leaves the underside of the well: on a ring its level, else square below the edge of the well
    const leaves = ring
      ? { r: well.r + (under - well.z + verticalThickness) / slope, z: under }
      : { r: well.r + (size('wall') * slope) / Math.hypot(1, slope), z: well.z - size('wall') / Math.hypot(1, slope) };
    const up = [{ r: foot, z: 0 }, ...(ring ? [{ r: foot, z: under }] : [])];
    const meets = leaves.r > foot + 1e-6 ? [leaves] : beneath(foot) > under + 1e-6 ? [{ r: foot, z: beneath(foot) }] : [];
    return {
      under: underOf(foot, ring),
      side: [...up, ...meets, end],
      inside: [edge, well, { r: 0, z: well.z }],
    };
  },
  fault: (size, manner, write) => {
    const edge = size('rimDiameter') / 2;
    const well = edge - size('rimWidth');
    const top = floorTop(size, manner);
    const slope = (size('height') - top) / size('rimWidth');
    const foot = size('baseDiameter') / 2;
    const verticalThickness = size('wall') * Math.hypot(1, slope);
    const leaves = well + (size('wall') * Math.hypot(1, slope) - size('floor')) / slope;
    return firstOf(
      ringFault(size, manner, write),
      size('rimWidth') > edge * 0.8 && {
        size: 'rimWidth',
        why: `A rim ${write(size('rimWidth'))} wide leaves no well. Make it less than ${write(edge * 0.8)}.`,
      },
      slope < 0.05 && {
        size: 'height',
        why: `The rim would lie flat on the floor. Make the plate at least ${write(top + size('rimWidth') * 0.05)} high.`,
      },
      slope > 2 && {
        size: 'height',
        why: `The rim would rise ${degrees(1, 1 / slope).toFixed(0)} degrees. Rimbet allows up to 63 for a plate. Make it lower, or choose a bowl.`,
      },
      size('height') < verticalThickness + 1 && {
        size: 'wall',
        why: `The rim (${write(size('wall'))}) is thicker than the plate is high. Make it thinner.`,
      },
      foot > well + size('rimWidth') / 3 && {
        size: 'baseDiameter',
        why: `The foot is too wide for the rim. Make it less than ${write(2 * well + (2 * size('rimWidth')) / 3)}.`,
      },
      hasRing(manner) &&
        leaves < foot && {
          size: 'baseDiameter',
          why: `The underside of the rim starts inside the foot ring. ${leaves >= 0.5 ? `Make the foot less than ${write(2 * leaves)}, or the rim thicker` : 'Make the rim thicker or narrower'}.`,
        },
      hasRing(manner) &&
        leaves > edge - size('wall') && {
          size: 'wall',
          why: `The rim is thicker than it rises. Make it less than ${write((size('rimWidth') * slope + size('floor')) / (Math.hypot(1, slope) + slope))}.`,
        },
      !hasRing(manner) &&
        foot < well &&
        size('wall') > size('floor') * Math.hypot(1, slope) + 1e-9 && {
          size: 'wall',
          why: `The rim (${write(size('wall'))}) would reach below the floor. Make it less than ${write(size('floor') * Math.hypot(1, slope))}, or the floor thicker.`,
        },
      !hasRing(manner) &&
        foot > well + 1e-9 &&
        verticalThickness + (foot - well) * slope > size('height') && {
          size: 'baseDiameter',
          why: `The foot stands out under the rim. Make it less than ${write(2 * well)}.`,
        },
    );
  },
};

export const disc: Family = {
  words: 'Disc',
  slabs: 'flat',
  liesFlat: true,
  solid: true,
  about: 'flat: a board, a trivet, a tile',
  names: { rimDiameter: { words: 'diameter', row: 'Diameter' }, height: { words: 'thickness', row: 'Thickness' } },
  sizes: ['rimDiameter', 'height'],
  choices: [],
  typical: { rimDiameter: 180, height: 10 },
  manner: {},
  outline: (size) => {
    const edge = { r: size('rimDiameter') / 2, z: size('height') };
    return { under: [{ r: 0, z: 0 }], side: [{ r: edge.r, z: 0 }, edge], inside: [{ r: 0, z: edge.z }] };
  },
  fault: (size, _manner, write) =>
    firstOf(
      size('height') > size('rimDiameter') && {
        size: 'height',
        why: `A disc is flat: make it less than ${write(size('rimDiameter'))} thick.`,
      },
    ),
};
