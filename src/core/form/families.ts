import { arc, lip, sampled, shoulder, swelling, through } from './curve';
import type { Knot } from './curve';
import type { Outline } from './section';
import type { SizeName } from './sizes';
import { type Walls, underOf, walled, withGallery } from './walled';

export const FAMILY_NAMES = ['cylinder', 'flared', 'bowl', 'plate', 'jar', 'bottle', 'disc', 'profile'] as const;
export type FamilyName = (typeof FAMILY_NAMES)[number];

/** What is chosen rather than measured. */
export interface Manner {
  /** A foot left flat, or a ring turned under it. */
  readonly foot?: 'flat' | 'ring' | undefined;
  /** How a bowl's wall runs from foot to rim. */
  readonly curve?: 'round' | 'deep' | 'shallow' | undefined;
  /** A jar's mouth: plain, or with a ledge for a lid. */
  readonly mouth?: 'plain' | 'gallery' | undefined;
}

export const MANNERS = {
  foot: { flat: 'Flat foot', ring: 'Foot ring' },
  curve: { round: 'Round', deep: 'Deep', shallow: 'Shallow' },
  mouth: { plain: 'Plain mouth', gallery: 'Gallery' },
} as const satisfies { [M in keyof Manner]-?: Record<NonNullable<Manner[M]>, string> };

/** Sizes by name, mm, with what stands for those left out. */
export type SizeOf = (name: SizeName) => number;

/** What makes a form impossible: the size to change and what would do. */
export interface Fault {
  readonly size: SizeName;
  readonly why: string;
}

export interface Family {
  readonly words: string;
  /** What is said of it where it is chosen. */
  readonly about: string;
  /** Its sizes in the order people name them. */
  readonly sizes: readonly SizeName[];
  readonly choices: readonly (keyof Manner)[];
  /** A finished piece to start from, mm. */
  readonly typical: Readonly<Partial<Record<SizeName, number>>>;
  readonly manner: Manner;
  /** The points a new profile starts with, as shares of mouth radius and height. */
  readonly knots?: readonly Knot[] | undefined;
  /** n points for each curve. */
  readonly outline: (size: SizeOf, manner: Manner, n: number, knots: readonly Knot[]) => Outline;
  /** Relations between sizes that hold in every such form; the first that does not. */
  readonly fault: (size: SizeOf, manner: Manner, write: (mm: number) => string, knots: readonly Knot[]) => Fault | undefined;
}

const hasRing = ({ foot }: Manner): boolean => foot === 'ring';

function wallsOf(size: SizeOf, manner: Manner): Walls {
  const ring = hasRing(manner) ? { height: size('footHeight'), width: size('footWidth') } : undefined;
  return { wall: size('wall'), wallAtFoot: size('wallAtFoot'), floor: size('floor'), ring };
}

/** The first fault of several. */
const firstOf = (...faults: readonly (Fault | undefined | false)[]): Fault | undefined =>
  faults.find((fault): fault is Fault => Boolean(fault));

/** Height below the floor's top, mm. */
const floorTop = (size: SizeOf, manner: Manner): number => size('floor') + (hasRing(manner) ? size('footHeight') : 0);

const degrees = (dr: number, dz: number): number => (Math.atan2(Math.abs(dr), dz) * 180) / Math.PI;

type Write = (mm: number) => string;

/** What holds for every form with a wall and a floor. `room` is its narrowest radius, `draws` how the wall draws in from the foot (dr/dz). */
function wallFault(size: SizeOf, manner: Manner, write: Write, room: number, draws = 0): Fault | undefined {
  const top = floorTop(size, manner);
  const thick = Math.max(size('wall'), size('wallAtFoot'));
  return firstOf(
    top >= size('height') && {
      size: 'floor',
      why: `The floor (${write(size('floor'))}) would reach the rim. Make it less than the height (${write(size('height'))}).`,
    },
    thick > room * 0.8 && {
      size: size('wall') >= size('wallAtFoot') ? 'wall' : 'wallAtFoot',
      why: `The wall (${write(thick)}) is thicker than the piece is wide inside. Make it less than ${write(room * 0.8)}.`,
    },
    ringFault(size, manner, write, draws),
  );
}

function ringFault(size: SizeOf, manner: Manner, write: Write, draws = 0): Fault | undefined {
  if (!hasRing(manner)) return undefined;
  const most = size('baseDiameter') * 0.4;
  const fewest = draws * size('footHeight') * 1.3;
  return firstOf(
    size('footWidth') > most && {
      size: 'footWidth',
      why: `A foot ring ${write(size('footWidth'))} wide leaves no hollow. Make it less than ${write(most)}, or leave the foot flat.`,
    },
    least(size, 'footWidth', fewest, `The wall draws in over the ring: make the ring at least ${write(fewest)} wide, or lower.`),
    size('footHeight') > size('height') * 0.5 && {
      size: 'footHeight',
      why: `A foot ring ${write(size('footHeight'))} high is more than half the height. Make it less than ${write(size('height') * 0.5)}.`,
    },
  );
}

const least = (size: SizeOf, name: SizeName, mm: number, why: string): Fault | false => size(name) < mm - 1e-9 && { size: name, why };

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
      why: `The floor (${write(size('floor'))}) would reach the rim. Make it less than the height (${write(size('height'))}).`,
    },
    leans > STEEPEST_LEAN_DEGREES && {
      size: 'rimDiameter',
      why: `The wall would lean ${leans.toFixed(0)} degrees from upright; a cup takes up to ${STEEPEST_LEAN_DEGREES}. Bring mouth and base closer, or make it taller.`,
    },
    narrowest <= 0 && {
      size: size('wall') >= size('wallAtFoot') ? 'wall' : 'wallAtFoot',
      why: `The wall (${write(thick)}) is thicker than the piece is wide inside. ${most > 0 ? `Make it less than ${write(most)}` : 'Make the piece wider'}.`,
    },
    ringFault(size, manner, write, -lean / size('height')),
  );
}

const cylinder: Family = {
  words: 'Cup',
  about: 'straight or tapered',
  sizes: ['height', 'rimDiameter', 'baseDiameter', 'wall', 'wallAtFoot', 'floor', 'footHeight', 'footWidth'],
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

const flared: Family = {
  words: 'Cup, flared lip',
  about: 'a lip that turns out for drinking',
  sizes: ['height', 'rimDiameter', 'bodyDiameter', 'baseDiameter', 'lipHeight', 'wall', 'wallAtFoot', 'floor', 'footHeight', 'footWidth'],
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
        why: `The lip (${write(size('lipHeight'))}) would reach the floor. Make it less than ${write(Math.max(0, size('height') - top - 2))}.`,
      },
      Math.abs(slope) > 1 && {
        size: 'bodyDiameter',
        why: `The wall would lean ${degrees(slope, 1).toFixed(0)} degrees; up to 45 stands. Bring base and lip closer.`,
      },
      Math.abs(end) > 1.7 && {
        size: 'lipHeight',
        why: `The lip would turn out ${degrees(end, 1).toFixed(0)} degrees from upright; up to 60 holds. Make it higher, or bring mouth and body closer.`,
      },
      wallFault(size, manner, write, Math.min(size('rimDiameter'), size('bodyDiameter'), size('baseDiameter')) / 2.4, -slope),
    );
  },
};

/** The part of a circle a bowl's wall follows, degrees from straight down: where it leaves the foot and where it meets the rim. */
export const BOWL_ARCS = { round: [20, 90], deep: [42, 90], shallow: [12, 55] } as const;

const bowl: Family = {
  words: 'Bowl',
  about: 'round, deep or shallow',
  sizes: ['height', 'rimDiameter', 'baseDiameter', 'wall', 'wallAtFoot', 'floor', 'footHeight', 'footWidth'],
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
        why: `A bowl opens: its mouth is at least ${write(size('baseDiameter') * 1.15)} over this foot. A cup or a jar may be closer.`,
      },
      rise < Math.max(3 * thick, 2 * size('floor')) && {
        size: 'height',
        why: `A bowl ${write(size('height'))} high is all floor with such walls. Make it at least ${write(size('height') - rise + Math.max(3 * thick, 2 * size('floor')))}.`,
      },
      rise < spread * 0.2 && {
        size: 'height',
        why: `A wall this flat falls: make it at least ${write(spread * 0.2 + size('height') - rise)} high, or choose a plate.`,
      },
      wallFault(size, manner, write, size('baseDiameter') / 2.4),
    );
  },
};

const plate: Family = {
  words: 'Plate',
  about: 'plate or platter: flat well, leaning rim',
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
    const through_ = size('wall') * Math.hypot(1, slope);
    const under = ring?.height ?? 0;
    // where the rim's underside leaves that of the well
    const leaves = ring ? well.r + (under - well.z + through_) / slope : foot;
    return {
      under: underOf(foot, ring),
      side: [
        { r: foot, z: 0 },
        ...(ring ? [{ r: foot, z: under }] : []),
        ...(ring && leaves > foot + 1e-6 ? [{ r: leaves, z: under }] : []),
        { r: edge.r, z: edge.z - through_ },
      ],
      inside: [edge, well, { r: 0, z: well.z }],
    };
  },
  fault: (size, manner, write) => {
    const edge = size('rimDiameter') / 2;
    const well = edge - size('rimWidth');
    const top = floorTop(size, manner);
    const slope = (size('height') - top) / size('rimWidth');
    const foot = size('baseDiameter') / 2;
    const through_ = size('wall') * Math.hypot(1, slope);
    const leaves = well + (size('wall') * Math.hypot(1, slope) - size('floor')) / slope;
    const under = ((well - foot) / (edge - foot)) * (size('height') - through_);
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
        why: `The rim would rise ${degrees(1, 1 / slope).toFixed(0)} degrees; a plate's goes up to 63. Make it lower, or choose a bowl.`,
      },
      size('height') < through_ + 1 && {
        size: 'wall',
        why: `The rim (${write(size('wall'))}) is thicker than the plate is high. Make it thinner.`,
      },
      foot > well + size('rimWidth') / 3 && {
        size: 'baseDiameter',
        why: `The foot stands out under the rim. Make it less than ${write(2 * well + (2 * size('rimWidth')) / 3)}.`,
      },
      hasRing(manner) &&
        leaves < foot && {
          size: 'baseDiameter',
          why: `The rim's underside begins within the foot ring. Make the foot less than ${write(2 * leaves)}, or the rim thicker.`,
        },
      hasRing(manner) &&
        leaves > edge - size('wall') && {
          size: 'wall',
          why: `The rim is thicker than it rises. Make it less than ${write(size('floor'))}.`,
        },
      !hasRing(manner) &&
        foot < well &&
        (size('floor') - under) * Math.cos(Math.atan2(size('height') - through_, edge - foot)) <
          0.62 * Math.min(size('wall'), size('floor')) && {
          size: 'baseDiameter',
          why: `Under the edge of the well the plate would be too thin. Make the foot wider, up to ${write(2 * well)}.`,
        },
      !hasRing(manner) &&
        foot > well + 1e-9 &&
        through_ + (foot - well) * slope > size('height') && {
          size: 'baseDiameter',
          why: `The foot stands out under the rim. Make it less than ${write(2 * well)}.`,
        },
    );
  },
};

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
  return firstOf(
    least(
      size,
      'bellyHeight',
      Math.max(top + 4, Math.abs(low) / 1.1),
      `The belly is too low for its width. Raise it to at least ${write(Math.max(top + 4, Math.abs(low) / 1.1))}.`,
    ),
    rise < Math.max(4, Math.abs(high) / 2) && {
      size: 'bellyHeight',
      why: `The shoulder would be too flat to stand. Lower the belly to ${write(Math.max(0, shoulderTop - Math.max(4, Math.abs(high) / 2)))}, or widen what is above it.`,
    },
  );
}

const jar: Family = {
  words: 'Jar',
  about: 'plain mouth, or a gallery for a lid',
  sizes: [
    'height',
    'rimDiameter',
    'bellyDiameter',
    'baseDiameter',
    'bellyHeight',
    'collarHeight',
    'galleryWidth',
    'galleryDepth',
    'wall',
    'wallAtFoot',
    'floor',
    'footHeight',
    'footWidth',
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
          why: `The gallery would nearly close the mouth. Make it less than ${write(room * 0.6)}.`,
        },
    );
  },
};

const bottle: Family = {
  words: 'Bottle or vase',
  about: 'belly, shoulder, neck and lip',
  sizes: [
    'height',
    'rimDiameter',
    'neckDiameter',
    'bellyDiameter',
    'baseDiameter',
    'bellyHeight',
    'shoulderHeight',
    'lipHeight',
    'wall',
    'wallAtFoot',
    'floor',
    'footHeight',
    'footWidth',
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
        why: `Shoulder and lip leave no neck. Make the shoulder less than ${write(Math.max(0, size('height') - size('lipHeight') - 1))} high.`,
      },
      Math.abs(flare) > 1.7 && {
        size: 'lipHeight',
        why: `The lip would turn ${degrees(flare, 1).toFixed(0)} degrees from upright; up to 60 holds. Make it higher, or bring lip and neck closer.`,
      },
      bellyFault(size, write, size('neckDiameter'), size('shoulderHeight'), floorTop(size, manner)),
    );
  },
};

const disc: Family = {
  words: 'Disc',
  about: 'flat: a board, a trivet, a tile',
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

/** The most points a profile takes: more cannot be told apart on a pot. */
export const MOST_KNOTS = 24;

const profile: Family = {
  words: 'Own profile',
  about: 'points of your own on the outside',
  sizes: ['height', 'rimDiameter', 'wall', 'wallAtFoot', 'floor', 'footHeight', 'footWidth'],
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
    return walled(line, wallsOf(size, manner));
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
    last !== undefined && Math.abs(last.z - 1) > 1e-9 && { size: 'height', why: 'The last point is the rim: no wall may rise above it.' },
    knots.some(({ r, z }) => r <= 0 || z < 0 || z > 1) && {
      size: 'height',
      why: 'Each point lies outside the axis, above the bat and not above the rim.',
    },
    steps.some((step) => step < 1e-3) && { size: 'height', why: 'Two points lie on each other. Move one, or take it away.' },
  );
}

export const FAMILIES: Readonly<Record<FamilyName, Family>> = { cylinder, flared, bowl, plate, jar, bottle, disc, profile };

/** Sizes that may be left out: the wall at the foot is then that of the rim; a ring's are only needed with a ring. */
export function isNeeded(name: SizeName, { foot, mouth }: Manner): boolean {
  if (name === 'wallAtFoot') return false;
  if (name === 'footHeight' || name === 'footWidth') return foot === 'ring';
  return name === 'galleryWidth' || name === 'galleryDepth' ? mouth === 'gallery' : true;
}
