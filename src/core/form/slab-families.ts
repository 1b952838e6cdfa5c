import { type Family, type Fault, type Manner, type SizeOf, type Write, degrees, firstOf } from './family';
import { type Face, type Loft, closesIn, radians } from './loft';
import { underOf, walled } from './walled';

/** A wall leaning further than this from upright does not stand by itself. */
const STEEPEST_LEAN_DEGREES = 60;
/** An oval is bent of so many narrow faces: its plan's area is then within 0.003 %. */
const OVAL_FACES = 360;

type Support = (angle: number, length: number, width: number) => number;

/** Level thickness of a leaning wall. */
const level = (wall: number, height: number, lean: number): number => (wall * Math.hypot(height, lean)) / height;

/** The faces of a piece whose base and rim have two widths each. */
function facesBy(size: SizeOf, angles: readonly number[], support: Support): Face[] {
  return angles.map((angle) => {
    const atBase = support(angle, size('baseDiameter') / 2, size('baseAcross') / 2);
    const atRim = support(angle, size('rimDiameter') / 2, size('rimAcross') / 2);
    return { angle, atBase, atRim, inset: level(size('wall'), size('height'), atRim - atBase) };
  });
}

const around = (n: number, start = 0): number[] => Array.from({ length: n }, (_, i) => start + (i * 360) / n);

const ellipse: Support = (angle, a, b) => Math.hypot(a * Math.cos(radians(angle)), b * Math.sin(radians(angle)));
const corner: Support = (angle, a, b) => (angle % 180 === 0 ? a : b);

const hollow = (size: SizeOf, faces: readonly Face[]): Loft => ({ faces, height: size('height'), floor: size('floor') });

const ovalLoft = (size: SizeOf): Loft => hollow(size, facesBy(size, around(OVAL_FACES), ellipse));
const boxLoft = (size: SizeOf): Loft => hollow(size, facesBy(size, around(4), corner));
const facetLoft = (size: SizeOf, manner: Manner): Loft => {
  const [atBase, atRim] = [size('baseDiameter') / 2, size('rimDiameter') / 2];
  const inset = level(size('wall'), size('height'), atRim - atBase);
  return hollow(
    size,
    around(sidesOf(manner)).map((angle) => ({ angle, atBase, atRim, inset })),
  );
};

/** How many sides a faceted piece has; six unless said. */
const sidesOf = ({ sides }: Manner): number => Number(sides ?? 6);

/** The section the long way, with the plan that goes with it. */
const outlineFrom = (loft: (size: SizeOf, manner: Manner) => Loft): Family['outline'] => {
  return (size, manner) => ({
    ...walled(
      [
        { r: size('baseDiameter') / 2, z: 0 },
        { r: size('rimDiameter') / 2, z: size('height') },
      ],
      { wall: size('wall'), wallAtFoot: size('wall'), floor: size('floor') },
    ),
    plan: loft(size, manner),
  });
};

function leanFault(size: SizeOf, write: Write, rim: 'rimDiameter' | 'rimAcross', base: 'baseDiameter' | 'baseAcross'): Fault | undefined {
  const lean = (size(rim) - size(base)) / 2;
  const leans = degrees(lean, size('height'));
  const most = Math.tan(radians(STEEPEST_LEAN_DEGREES)) * size('height') * 2;
  if (leans <= STEEPEST_LEAN_DEGREES) return undefined;
  return {
    size: rim,
    why: `The side would lean ${leans.toFixed(0)} degrees from upright; up to ${STEEPEST_LEAN_DEGREES} can be held. Bring base and rim within ${write(most)} of each other.`,
  };
}

function slabFault(size: SizeOf, write: Write, loft: Loft, twoWays: boolean): Fault | undefined {
  const across = (name: 'rimDiameter' | 'rimAcross' | 'baseDiameter' | 'baseAcross') => size(name);
  const narrowest = Math.min(
    ...(['rimDiameter', 'baseDiameter', ...(twoWays ? (['rimAcross', 'baseAcross'] as const) : [])] as const).map(across),
  );
  return firstOf(
    size('floor') >= size('height') && {
      size: 'floor',
      why: `The floor (${write(size('floor'))}) would reach the rim. Make it less than the height (${write(size('height'))}).`,
    },
    leanFault(size, write, 'rimDiameter', 'baseDiameter'),
    twoWays && leanFault(size, write, 'rimAcross', 'baseAcross'),
    (narrowest < 2.5 * size('wall') || !closesIn(loft)) && {
      size: 'wall',
      why: `The wall (${write(size('wall'))}) leaves no room inside everywhere. Make it thinner, or the piece wider.`,
    },
  );
}

const LONG_WAY = {
  rimDiameter: { words: 'length at the rim', row: 'Mouth outside, long' },
  baseDiameter: { words: 'length at the base', row: 'Base, long axis' },
  mouthInside: { words: 'length inside the mouth', row: 'Mouth inside, long' },
  floorInside: { words: 'length of the floor inside', row: 'Floor inside, long' },
} as const;

const FOUR_WIDTHS = [
  'height',
  'rimDiameter',
  'rimAcross',
  'baseDiameter',
  'baseAcross',
  'mouthInside',
  'acrossInside',
  'floorInside',
  'wall',
  'floor',
] as const;

export const oval: Family = {
  words: 'Oval',
  slabs: 'strip',
  mayBeOpen: true,
  about: 'a slab bent into an oval, straight or leaning',
  sizes: FOUR_WIDTHS,
  names: LONG_WAY,
  choices: [],
  typical: { height: 90, rimDiameter: 180, rimAcross: 120, baseDiameter: 160, baseAcross: 104, wall: 6, floor: 6 },
  manner: {},
  flatSided: true,
  outline: outlineFrom(ovalLoft),
  fault: (size, _manner, write) => slabFault(size, write, ovalLoft(size), true),
};

export const box: Family = {
  words: 'Box or tray',
  slabs: 'panels',
  mayBeOpen: true,
  cornersChosen: true,
  about: 'four sides, straight or leaning',
  sizes: FOUR_WIDTHS,
  names: LONG_WAY,
  choices: [],
  typical: { height: 120, rimDiameter: 240, rimAcross: 140, baseDiameter: 240, baseAcross: 140, wall: 8, floor: 8 },
  manner: {},
  flatSided: true,
  outline: outlineFrom(boxLoft),
  fault: (size, _manner, write) => slabFault(size, write, boxLoft(size), true),
};

export const faceted: Family = {
  words: 'Faceted',
  slabs: 'panels',
  mayBeOpen: true,
  about: 'equal flat sides, three to twelve',
  sizes: ['height', 'rimDiameter', 'baseDiameter', 'mouthInside', 'floorInside', 'wall', 'floor'],
  names: {
    rimDiameter: { words: 'width of the mouth across the flats', row: 'Mouth, flat to flat' },
    baseDiameter: { words: 'width of the base across the flats', row: 'Base, flat to flat' },
  },
  choices: ['sides'],
  typical: { height: 120, rimDiameter: 110, baseDiameter: 96, wall: 6, floor: 6 },
  manner: { sides: '6' },
  flatSided: true,
  outline: outlineFrom(facetLoft),
  fault: (size, manner, write) => slabFault(size, write, facetLoft(size, manner), false),
};

export const tile: Family = {
  words: 'Tile',
  slabs: 'flat',
  liesFlat: true,
  solid: true,
  about: 'flat, with four corners',
  sizes: ['rimDiameter', 'rimAcross', 'height'],
  names: {
    rimDiameter: { words: 'length', row: 'Length' },
    rimAcross: { words: 'width', row: 'Width' },
    height: { words: 'thickness', row: 'Thickness' },
  },
  choices: [],
  typical: { rimDiameter: 150, rimAcross: 150, height: 10 },
  manner: {},
  flatSided: true,
  outline: (size) => {
    const edge = { r: size('rimDiameter') / 2, z: size('height') };
    const across = size('rimAcross') / 2;
    const faces = around(4).map((angle) => {
      const out = corner(angle, edge.r, across);
      return { angle, atBase: out, atRim: out, inset: 0 };
    });
    return {
      under: underOf(edge.r, undefined),
      side: [{ r: edge.r, z: 0 }, edge],
      inside: [{ r: 0, z: edge.z }],
      plan: { faces, height: edge.z, floor: edge.z },
    };
  },
  fault: (size, _manner, write) =>
    firstOf(
      size('height') > Math.min(size('rimDiameter'), size('rimAcross')) && {
        size: 'height',
        why: `A tile is flat: make it less than ${write(Math.min(size('rimDiameter'), size('rimAcross')))} thick.`,
      },
    ),
};
