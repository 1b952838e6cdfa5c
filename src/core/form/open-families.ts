import { arc, lip, sampled } from './curve';
import {
  WALL_AND_FOOT,
  type Family,
  type Fault,
  type SizeOf,
  type Write,
  type Manner,
  degrees,
  firstOf,
  lessThan,
  floorTop,
  hasRing,
  ringFault,
  wallFault,
  wallsOf,
} from './family';
import { walled } from './walled';

/** A wall leaning further than this from upright is not a cup. */
const STEEPEST_LEAN_DEGREES = 60;

function cupFault(size: SizeOf, manner: Manner, write: Write): Fault | undefined {
  const lean = (size('rimDiameter') - size('baseDiameter')) / 2;
  const leans = degrees(lean, size('height'));
  const across = Math.hypot(size('height'), lean) / size('height');
  const inside = (z: number, wall: number) => size('baseDiameter') / 2 + (lean * z) / size('height') - wall * across;
  const top = floorTop(size, manner);
  const narrowest = Math.min(inside(top, size('wallAtFoot')), inside(size('height'), size('wall')));
  const thick = Math.max(size('wall'), size('wallAtFoot'));
  const most = thick + narrowest / across;
  return firstOf(
    top >= size('height') && {
      size: 'floor',
      why: `The floor (${write(size('floor'))}) would reach the rim. ${lessThan(size('height') - top + size('floor'), write, 'Make the piece taller, or the foot ring lower.')}`,
    },
    leans > STEEPEST_LEAN_DEGREES && {
      size: 'rimDiameter',
      why: `The wall would lean ${leans.toFixed(0)} degrees from upright. Rimbet allows up to ${STEEPEST_LEAN_DEGREES} for a cup. Bring mouth and base closer, or make it taller.`,
    },
    narrowest <= 0 && {
      size: size('wall') >= size('wallAtFoot') ? 'wall' : 'wallAtFoot',
      why: `The wall (${write(thick)}) is thicker than the piece is wide inside. ${lessThan(most, write, 'Make the piece wider.')}`,
    },
    ringFault(size, manner, write, -lean / size('height')),
  );
}

export const cylinder: Family = {
  words: 'Cup',
  slabs: 'strip',
  mayBeOpen: true,
  about: 'straight or tapered; a tube where the floor is 0',
  sizes: ['height', 'rimDiameter', 'baseDiameter', 'mouthInside', 'floorInside', ...WALL_AND_FOOT],
  choices: ['foot'],
  typical: { height: 100, rimDiameter: 80, baseDiameter: 72, wall: 4.5, floor: 6, footHeight: 4, footWidth: 6 },
  manner: { foot: 'flat' },
  outline: (size, manner) =>
    walled(
      [
        { r: size('baseDiameter') / 2, z: 0 },
        { r: size('rimDiameter') / 2, z: size('height') },
      ],
      wallsOf(size, manner),
    ),
  fault: cupFault,
};

export const flared: Family = {
  words: 'Cup, flared lip',
  slabs: 'darts',
  about: 'a lip that turns out for drinking',
  sizes: ['height', 'rimDiameter', 'bodyDiameter', 'baseDiameter', 'mouthInside', 'floorInside', 'lipHeight', ...WALL_AND_FOOT],
  choices: ['foot'],
  typical: {
    height: 95,
    rimDiameter: 88,
    bodyDiameter: 76,
    baseDiameter: 66,
    lipHeight: 26,
    wall: 4,
    floor: 6,
    footHeight: 4,
    footWidth: 6,
  },
  manner: { foot: 'flat' },
  outline: (size, manner, n) => {
    const base = { r: size('baseDiameter') / 2, z: 0 };
    const body = { r: size('bodyDiameter') / 2, z: size('height') - size('lipHeight') };
    const rim = { r: size('rimDiameter') / 2, z: size('height') };
    return walled([base, body, ...sampled(n, lip(body, rim, (body.r - base.r) / body.z))], wallsOf(size, manner));
  },
  fault: (size, manner, write) => {
    const body = size('height') - size('lipHeight');
    const top = floorTop(size, manner);
    const slope = (size('bodyDiameter') - size('baseDiameter')) / 2 / body;
    const end = (size('rimDiameter') - size('bodyDiameter')) / size('lipHeight') - slope;
    return firstOf(
      body < top + 2 && {
        size: 'lipHeight',
        why: `The lip (${write(size('lipHeight'))}) would reach the floor. ${lessThan(size('height') - top - 2, write, 'Make the piece taller, or the floor thinner.')}`,
      },
      Math.abs(slope) > 1 && {
        size: 'bodyDiameter',
        why: `The wall would lean ${degrees(slope, 1).toFixed(0)} degrees. Rimbet allows up to 45. Bring base and lip closer in width.`,
      },
      Math.abs(end) > 1.7 && {
        size: 'lipHeight',
        why: `The lip would turn out ${degrees(end, 1).toFixed(0)} degrees from upright. Rimbet allows up to 60. Make it higher, or bring mouth and body closer.`,
      },
      wallFault(size, manner, write, Math.min(size('rimDiameter'), size('bodyDiameter'), size('baseDiameter')) / 2.4, -slope),
    );
  },
};

/** The part of a circle a bowl's wall follows, degrees from straight down: where it leaves the foot and where it meets the rim. */
export const BOWL_ARCS = { round: [20, 90], deep: [42, 90], shallow: [12, 55] } as const;

export const bowl: Family = {
  words: 'Bowl',
  slabs: 'darts',
  sizeOverWall: 28,
  thickFoot: true,
  about: 'round, deep or shallow',
  sizes: ['height', 'rimDiameter', 'baseDiameter', 'mouthInside', 'floorInside', ...WALL_AND_FOOT],
  choices: ['curve', 'foot'],
  typical: { height: 75, rimDiameter: 160, baseDiameter: 64, wall: 4.5, wallAtFoot: 6.5, floor: 6, footHeight: 7, footWidth: 6 },
  manner: { curve: 'round', foot: 'ring' },
  outline: (size, manner, n) => {
    const foot = { r: size('baseDiameter') / 2, z: 0 };
    const start = hasRing(manner) ? { r: foot.r, z: size('footHeight') } : foot;
    const rim = { r: size('rimDiameter') / 2, z: size('height') };
    const curve = sampled(n, arc(start, rim, BOWL_ARCS[manner.curve ?? 'round']));
    return walled([foot, ...(hasRing(manner) ? [start] : []), ...curve], wallsOf(size, manner));
  },
  fault: (size, manner, write) => {
    const rise = size('height') - (hasRing(manner) ? size('footHeight') : 0);
    const spread = (size('rimDiameter') - size('baseDiameter')) / 2;
    const thick = Math.max(size('wall'), size('wallAtFoot'));
    return firstOf(
      ringFault(size, manner, write),
      size('rimDiameter') < size('baseDiameter') * 1.15 && {
        size: 'rimDiameter',
        why: `A bowl opens outwards. With this foot the mouth must be at least ${write(size('baseDiameter') * 1.15)}. For a narrower mouth choose a cup or a jar.`,
      },
      rise < Math.max(3 * thick, 2 * size('floor')) && {
        size: 'height',
        why: `A bowl ${write(size('height'))} high would be all floor with walls this thick. Make it at least ${write(size('height') - rise + Math.max(3 * thick, 2 * size('floor')))}.`,
      },
      rise < spread * 0.2 && {
        size: 'height',
        why: `A wall this flat would slump. Make the bowl at least ${write(spread * 0.2 + size('height') - rise)} high, or choose a plate.`,
      },
      wallFault(size, manner, write, size('baseDiameter') / 2.4),
    );
  },
};
