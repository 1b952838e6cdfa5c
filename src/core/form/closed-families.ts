import { type Knot, lip, sampled, shoulder, swelling, through } from './curve';
import {
  WALL_AND_FOOT,
  type Family,
  type Fault,
  type SizeOf,
  type Write,
  degrees,
  firstOf,
  floorTop,
  least,
  lessThan,
  wallFault,
  wallsOf,
} from './family';
import { walled, withGallery } from './walled';

/** The body of a jar or a bottle, from the base over the belly to the foot of its neck. */
function bellied(size: SizeOf, top: { r: number; z: number }, n: number) {
  const base = { r: size('baseDiameter') / 2, z: 0 };
  const belly = { r: size('bellyDiameter') / 2, z: size('bellyHeight') };
  return [base, ...sampled(n, swelling(base, belly)), ...sampled(n, shoulder(belly, top))];
}

/** How much the wall of a jar or a bottle draws in where it leaves the foot, dr/dz. */
const drawsIn = (size: SizeOf): number => (((size('baseDiameter') - size('bellyDiameter')) / 2) * (Math.PI / 2)) / size('bellyHeight');

function bellyFault(size: SizeOf, write: Write, neck: number, shoulderTop: number, top: number): Fault | undefined {
  const low = (size('bellyDiameter') - size('baseDiameter')) / 2;
  const high = (size('bellyDiameter') - neck) / 2;
  const rise = shoulderTop - size('bellyHeight');
  const lowest = shoulderTop - Math.max(4, Math.abs(high) / 2);
  return firstOf(
    least(
      size,
      'bellyHeight',
      Math.max(top + 4, Math.abs(low) / 1.1),
      `The belly is too low for its width. Raise it to at least ${write(Math.max(top + 4, Math.abs(low) / 1.1))}.`,
    ),
    rise < Math.max(4, Math.abs(high) / 2) && {
      size: 'bellyHeight',
      why: `The shoulder would be flat enough to slump. ${lowest >= 0.5 ? `Lower the belly to ${write(lowest)}, or widen` : 'Make the piece taller, or widen'} what is above it.`,
    },
  );
}

export const jar: Family = {
  words: 'Jar',
  slabs: 'darts',
  about: 'plain mouth, or a gallery for a lid',
  sizes: [
    'height',
    'rimDiameter',
    'bellyDiameter',
    'baseDiameter',
    'mouthInside',
    'bellyInside',
    'floorInside',
    'bellyHeight',
    'collarHeight',
    'galleryWidth',
    'galleryDepth',
    ...WALL_AND_FOOT,
  ],
  choices: ['mouth', 'foot'],
  typical: {
    height: 150,
    rimDiameter: 104,
    bellyDiameter: 136,
    baseDiameter: 92,
    bellyHeight: 66,
    collarHeight: 22,
    galleryWidth: 6,
    galleryDepth: 7,
    wall: 5,
    floor: 7,
    footHeight: 4,
    footWidth: 7,
  },
  manner: { mouth: 'gallery', foot: 'flat' },
  outline: (size, manner, n) => {
    const collar = { r: size('rimDiameter') / 2, z: size('height') - size('collarHeight') };
    const side = [...bellied(size, collar, n), { r: collar.r, z: size('height') }];
    const plain = walled(side, wallsOf(size, manner));
    return manner.mouth === 'gallery' ? withGallery(plain, size('galleryWidth'), size('galleryDepth'), size('wall') * 0.8) : plain;
  },
  fault: (size, manner, write) => {
    const needs = size('galleryDepth') + size('galleryWidth') + size('wall') * 0.8 + 1;
    const room = size('rimDiameter') / 2 - size('wall');
    return firstOf(
      wallFault(size, manner, write, Math.min(size('rimDiameter'), size('bellyDiameter'), size('baseDiameter')) / 2.4, drawsIn(size)),
      size('collarHeight') > size('height') * 0.6 && {
        size: 'collarHeight',
        why: `The collar is most of the jar. Make it less than ${write(size('height') * 0.6)}.`,
      },
      bellyFault(size, write, size('rimDiameter'), size('height') - size('collarHeight'), floorTop(size, manner)),
      manner.mouth === 'gallery' && least(size, 'collarHeight', needs, `A gallery like this needs a collar of at least ${write(needs)}.`),
      manner.mouth === 'gallery' &&
        size('galleryWidth') > room * 0.6 && {
          size: 'galleryWidth',
          why: `The gallery would nearly close the mouth. ${lessThan(room * 0.6, write, 'Make the wall thinner, or the mouth wider.')}`,
        },
    );
  },
};

export const bottle: Family = {
  words: 'Bottle or vase',
  slabs: 'darts',
  necked: true,
  about: 'belly, shoulder, neck and lip',
  sizes: [
    'height',
    'rimDiameter',
    'neckDiameter',
    'bellyDiameter',
    'baseDiameter',
    'mouthInside',
    'bellyInside',
    'floorInside',
    'bellyHeight',
    'shoulderHeight',
    'lipHeight',
    ...WALL_AND_FOOT,
  ],
  choices: ['foot'],
  typical: {
    height: 220,
    rimDiameter: 42,
    neckDiameter: 32,
    bellyDiameter: 96,
    baseDiameter: 74,
    bellyHeight: 80,
    shoulderHeight: 160,
    lipHeight: 12,
    wall: 4.5,
    floor: 6,
    footHeight: 4,
    footWidth: 7,
  },
  manner: { foot: 'flat' },
  outline: (size, manner, n) => {
    const neck = { r: size('neckDiameter') / 2, z: size('shoulderHeight') };
    const lipFoot = { r: neck.r, z: size('height') - size('lipHeight') };
    const rim = { r: size('rimDiameter') / 2, z: size('height') };
    return walled([...bellied(size, neck, n), lipFoot, ...sampled(n, lip(lipFoot, rim, 0))], wallsOf(size, manner));
  },
  fault: (size, manner, write) => {
    const flare = (size('rimDiameter') - size('neckDiameter')) / size('lipHeight');
    const neck = size('height') - size('lipHeight') - 1;
    return firstOf(
      wallFault(
        size,
        manner,
        write,
        Math.min(size('rimDiameter') / Math.hypot(1, flare), size('neckDiameter'), size('bellyDiameter'), size('baseDiameter')) / 2.4,
        drawsIn(size),
      ),
      size('shoulderHeight') + size('lipHeight') > size('height') - 1 && {
        size: 'shoulderHeight',
        why: `Shoulder and lip leave no neck. ${neck >= 0.5 ? `Make the shoulder less than ${write(neck)} high.` : 'Make the piece taller, or the lip lower.'}`,
      },
      Math.abs(flare) > 1.7 && {
        size: 'lipHeight',
        why: `The lip would turn ${degrees(flare, 1).toFixed(0)} degrees from upright; up to 60 holds. Make it higher, or bring lip and neck closer.`,
      },
      bellyFault(size, write, size('neckDiameter'), size('shoulderHeight'), floorTop(size, manner)),
    );
  },
};

/** The most points a profile takes: more cannot be told apart on a pot. */
export const MOST_KNOTS = 24;

export const profile: Family = {
  words: 'Own profile',
  slabs: 'darts',
  about: 'points of your own on the outside',
  sizes: ['height', 'rimDiameter', 'mouthInside', ...WALL_AND_FOOT],
  choices: ['foot'],
  typical: { height: 180, rimDiameter: 110, wall: 5, wallAtFoot: 8, floor: 8, footHeight: 5, footWidth: 8 },
  manner: { foot: 'flat' },
  knots: [
    { r: 0.8, z: 0, corner: true },
    { r: 1.25, z: 0.36 },
    { r: 1.18, z: 0.62 },
    { r: 0.86, z: 0.86 },
    { r: 1, z: 1, corner: true },
  ],
  outline: (size, manner, n, knots) => {
    const [across, up] = [size('rimDiameter') / 2, size('height')];
    const line = through(
      knots.map(({ r, z, corner }) => ({ r: r * across, z: z * up, corner })),
      n,
    );
    // no wall rises above the rim, though a smooth line may swing beyond its points
    return walled(
      line.map(({ r, z }) => ({ r, z: Math.min(z, up) })),
      wallsOf(size, manner),
    );
  },
  fault: (size, manner, write, knots) => {
    const across = size('rimDiameter') / 2;
    const narrowest = Math.min(...knots.map(({ r }) => r)) * across;
    const [first, second] = [knots[0]!, knots[1] ?? knots[0]!];
    const draws = ((first.r - second.r) * across) / (Math.max(1e-3, second.z) * size('height'));
    const foot = 2 * first.r * across;
    const withFoot: SizeOf = (name) => (name === 'baseDiameter' ? foot : size(name));
    return firstOf(knotFault(knots), wallFault(withFoot, manner, write, narrowest / 1.2, draws));
  },
};

/** What is wrong with the points of a profile themselves. */
function knotFault(knots: readonly Knot[]): Fault | undefined {
  const [first, last] = [knots[0], knots.at(-1)];
  const steps = knots.slice(1).map((to, i) => Math.hypot(to.r - knots[i]!.r, to.z - knots[i]!.z));
  return firstOf(
    (knots.length < 2 || knots.length > MOST_KNOTS) && { size: 'height', why: `A profile has 2 to ${MOST_KNOTS} points.` },
    first?.z !== 0 && { size: 'height', why: 'The first point is the foot’s edge: its height is 0.' },
    last !== undefined &&
      Math.abs(last.z - 1) > 1e-9 && { size: 'height', why: 'The last point is the rim. No other point can be higher.' },
    knots.some(({ r, z }) => r <= 0 || z < 0 || z > 1) && {
      size: 'height',
      why: 'Every point must be to the right of the centre line, above the bat and no higher than the rim.',
    },
    steps.some((step) => step < 1e-3) && { size: 'height', why: 'Two points are in the same place. Move or delete one.' },
  );
}
