import { wetDensity, type ClayFigures, type Length, lengthAt } from '@/core/clay';
import { FAMILIES, type Outline, type Section, opensBelow, revolvedMl, sectionOf, widest } from '@/core/form';
import type { Making } from './making';
import type { Sized } from './size';
import { type Slice, slicesOf, smoothed } from './slices';
import { partedAtFloor, ring, totalMl } from './thrown';

/** Share of the stretch that goes into height rather than thickness when a wall is opened out; learned later. how-it-computes.md, Steps at the wheel. */
export const USUAL_SHORTENING = 0.25;

type Wet = Length<'wet'>;

/** A slice of the wall, from the floor up: where it ends, and where it stood in the first cylinder. Wet mm. */
export interface WallSlice {
  /** Height above the bat, radius and thickness as thrown. */
  readonly z: Wet;
  readonly radius: Wet;
  readonly thick: Wet;
  /** Height above the bat and thickness in the first cylinder. */
  readonly firstZ: Wet;
  readonly firstThick: Wet;
}

export type StepName = 'ball' | 'puck' | 'opened' | 'cylinder' | 'shape' | 'needle' | 'trim';

/** One step at the wheel: the clay as it stands then, as sections to draw, and the volume on the bat, ml. */
export interface Step {
  readonly name: StepName;
  readonly sections: readonly Section[];
  readonly ml: number;
}

/** From ball to trimmed piece, clay conserved; wet mm, ml, g. */
export interface WheelSteps {
  readonly steps: readonly Step[];
  readonly ball: { readonly g: number; readonly diameter: Wet };
  readonly puck: { readonly width: Wet; readonly height: Wet };
  /** None for what is not opened: a disc. */
  readonly opened?:
    | {
        readonly width: Wet;
        /** None of a piece without a floor: it is opened to the bat. */
        readonly floor?: Wet | undefined;
        /** Of the ring, from the bat. */
        readonly height: Wet;
        readonly thick: Wet;
        /** Opened only as far as the clay allows: the floor is finished while it is widened. */
        readonly widens: boolean;
        /** A gallery is formed later, from a rim left thick. */
        readonly gallery: boolean;
      }
    | undefined;
  readonly cylinder?:
    | {
        readonly width: Wet;
        readonly height: Wet;
        readonly rimThick: Wet;
        readonly footThick: Wet;
        /** Rim radius as thrown over that of the cylinder: above 1 it is opened out, below 1 collared. */
        readonly opens: number;
        readonly slices: readonly WallSlice[];
      }
    | undefined;
  readonly shape: { readonly height: Wet; readonly mouth: Wet; readonly widest: Wet; readonly rimThick: Wet };
  /** What trimming and cutting take, g of wet clay. */
  readonly takes: Readonly<Record<'needle' | 'below' | 'wall' | 'hollow' | 'bevel' | 'wire' | 'other', number>>;
}

const mm = (value: number): Wet => lengthAt('wet', value);

/**
 * The first cylinder, before it is opened out or collared: the wall stretched only around keeps its length and thins as it
 * widens; a share q of that stretch goes into height instead. t0 = t (r/r0)^(1-q), ds0 = ds (r/r0)^q, so that t0 r0 ds0 = t r ds.
 */
function firstCylinder(slices: readonly Slice[], r0: number, floorTop: number, shortening: number) {
  let z = floorTop;
  return slices.map((slice) => {
    const stretch = slice.radius / r0;
    const high = slice.length * stretch ** shortening;
    const thick = slice.thick * stretch ** (1 - shortening);
    const from = z;
    z += high;
    return { from, to: z, thick };
  });
}

const CYLINDER_THINNEST = 0.2;

/** The wall of the first cylinder as a section about its mean radius. */
function cylinderSection(parts: readonly { from: number; to: number; thick: number }[], r0: number): Section {
  const edge = (side: 1 | -1) =>
    parts.flatMap(({ from, to, thick }) => [
      { r: Math.max(CYLINDER_THINNEST, r0 + (side * thick) / 2), z: from },
      { r: Math.max(CYLINDER_THINNEST, r0 + (side * thick) / 2), z: to },
    ]);
  return [...edge(1), ...edge(-1).toReversed()];
}

/** How clay is opened; each is the maker's own to set. */
export interface Opening {
  /** The ring stands at most so high, as a share of the first cylinder's height from the bat. */
  readonly share: number;
  /** And at most so many times as high as the puck: opening lifts it no further. */
  readonly lift: number;
  /** How wide a plate or a platter is centred, wet mm; its well's outside unless said. */
  readonly centred?: number | undefined;
}

export const USUAL_OPENING: Opening = { share: 0.45, lift: 1.7 };

/** The ring is at least so many times as thick as the wall at the foot will be. */
const RING_OVER_WALL = 1.5;

/** The ring of a low piece with a thick floor may stand so many times as high as that, whatever its share: a lower one is none. Ours. */
const RING_OVER_FLOOR = 1.2;

/** The thickness at which a ring round a hole d wide has the area `mm2`: a (d + a) pi = area. */
const ringThick = (d: number, mm2: number): number => (Math.sqrt(d * d + (4 * mm2) / Math.PI) - d) / 2;

interface Puck {
  readonly width: number;
  readonly height: number;
}

interface Ring {
  readonly hole: number;
  readonly thick: number;
  readonly height: number;
  readonly puck: Puck;
}

const puckOf = (mm3: number, width: number): Puck => ({ width, height: mm3 / ((Math.PI / 4) * width ** 2) });

/**
 * The clay opened to a hole d wide, mm: the floor f thick under it, the rest one ring around. The ring is the thinnest that is
 * 1.5 times the wall at the foot or more, and stands no higher than a share of the first cylinder and than opening lifts the puck.
 */
function openedTo(d: number, mm3: number, floor: number, wall: number, high: number, { share, lift, centred }: Opening): Ring {
  const rest = mm3 - (Math.PI / 4) * d * d * floor;
  const part = rest / mm3;
  // the puck is as wide as the ring: h / puck = part (1 + d^2 / (4 a (d + a)))
  const lifted =
    centred === undefined
      ? ringThick(d, (Math.PI * (part * d * d)) / (4 * Math.max(0.05, lift - part)))
      : ringThick(d, rest / (lift * puckOf(mm3, centred).height));
  const highest = Math.max(share * high, RING_OVER_FLOOR * floor);
  const thick = Math.max(RING_OVER_WALL * wall, ringThick(d, rest / highest), lifted);
  return { hole: d, thick, height: rest / (Math.PI * thick * (d + thick)), puck: puckOf(mm3, centred ?? d + 2 * thick) };
}

const HALVINGS = 40;

/**
 * Opened as wide as the form's floor; where that would leave the puck lower than the floor is thick, flat ware, only as far as the
 * clay allows: the floor is then finished while it is widened.
 */
function opened(d: number, open: (d: number) => Ring, floor: number): Ring & { readonly widens: boolean } {
  const ring = open(d);
  if (ring.puck.height >= floor) return { ...ring, widens: false };
  let [narrow, wide] = [0, d];
  for (let i = 0; i < HALVINGS; i += 1) {
    const middle = (narrow + wide) / 2;
    if (open(middle).puck.height >= floor) narrow = middle;
    else wide = middle;
  }
  return { ...open(narrow), widens: true };
}

/** How wide a plate is centred: as the maker says, else its well's outside, but so that it is no lower than its floor is thick. mm */
function centredPlate(sized: Sized, mm3: number, floor: number): number {
  const { rimDiameter, rimWidth = 0 } = sized.stages.wet.sizes;
  const well = Math.max(sized.thrown.base, rimDiameter - 2 * rimWidth);
  return Math.min(well, Math.sqrt(mm3 / floor / (Math.PI / 4)) * LOWEST_PUCK);
}

/** A plate's puck stands a little over its floor, or there is nothing to open. */
const LOWEST_PUCK = 0.95;

/** The mean radius of the first cylinder: that of the wall just above the floor, but nowhere wider outside than the foot as thrown. */
function firstRadius({ radius, thick }: Slice, foot: number, shortening: number): number {
  const outside = (r0: number) => r0 + (thick * (radius / r0) ** (1 - shortening)) / 2;
  let r0 = radius;
  for (let i = 0; i < 8 && outside(r0) > foot; i += 1) r0 -= outside(r0) - foot;
  return Math.max(r0, radius / 2);
}

/** Of the throwing, what the maker set. */
export interface Throwing {
  /** The share of the stretch that goes into height, 0 to 1. */
  readonly shortening?: number | undefined;
  readonly opening?: Partial<Opening> | undefined;
  /** The ball the run is made to, g, where it is not the one worked out; the puck goes with it. */
  readonly runBall?: number | undefined;
}

/**
 * The steps at the wheel for a piece thrown from one ball (how-it-computes.md, Steps at the wheel). At every step from the puck to the
 * shape the clay on the bat is the same.
 */
export function wheelSteps(
  clay: ClayFigures,
  sized: Sized,
  making: Making,
  { shortening = USUAL_SHORTENING, opening, runBall = sized.masses.ball }: Throwing = {},
): WheelSteps {
  const { onBat, thrown, volumes } = sized;
  const total = totalMl(volumes);
  const mm3 = total * 1000;
  const more = runBall / sized.masses.ball;
  const outline: Outline = onBat.thrown;
  const { family } = sized.stages.wet;
  const ballDiameter = 2 * Math.cbrt((3 * mm3 * more) / (4 * Math.PI));
  const density = wetDensity(clay.matter);
  const ballStep: Step = { name: 'ball', sections: [circle(ballDiameter / 2)], ml: total * more };
  const whole = sectionOf(outline);
  const rim = { out: outline.side.at(-1)!.r, in: outline.inside[0]!.r };
  const afterNeedle: Section[] = [
    sectionOf(onBat.piece),
    onBat.removed.floor,
    onBat.removed.wire,
    onBat.removed.wall,
    onBat.removed.hollow,
    onBat.removed.bevel,
  ];
  const shapeSteps: Step[] = [
    { name: 'shape', sections: [whole], ml: revolvedMl(whole) },
    ...(volumes.rim > 0 ? [{ name: 'needle' as const, sections: afterNeedle, ml: total - volumes.rim }] : []),
    { name: 'trim', sections: [sectionOf(onBat.piece)], ml: volumes.piece },
  ];
  const puckStep = ({ width, height }: Puck): Step => ({
    name: 'puck',
    sections: [ring(0, width / 2, 0, height * more)],
    ml: total * more,
  });
  const common = {
    ball: { g: runBall, diameter: mm(ballDiameter) },
    shape: {
      height: thrown.pulled,
      mouth: mm(2 * rim.out),
      widest: mm(2 * widest(outline.side)),
      rimThick: mm(rim.out - rim.in),
    },
    takes: {
      needle: volumes.rim * density,
      below: volumes.floor * density,
      wall: volumes.side * density,
      hollow: volumes.hollow * density,
      wire: volumes.wire * density,
      bevel: volumes.bevel * density,
      other: (volumes.wholeWall + volumes.carved + volumes.edge + volumes.ground) * density,
    },
  };
  const centred = ({ width, height }: Puck) => ({ width: mm(width), height: mm(height * more) });
  if (FAMILIES[family].solid) {
    const puck = puckOf(mm3, 2 * widest(onBat.thrown.side));
    return { ...common, puck: centred(puck), steps: [ballStep, puckStep(puck), ...shapeSteps] };
  }

  const { floorTop, outer, inner, floor } = partedAtFloor(outline);
  const slices = smoothed(slicesOf(outer, inner));
  const first = slices[0]!;
  const r0 = firstRadius(first, onBat.thrownFootRadius, shortening);
  const parts = firstCylinder(slices, r0, floorTop, shortening);
  const cylinder = [cylinderSection(parts, r0), ...(opensBelow(outline) ? [] : [floor])];
  const high = parts.at(-1)!.to;

  const plate = FAMILIES[family].broadRim ? centredPlate(sized, mm3, floorTop) : undefined;
  const how: Opening = { ...USUAL_OPENING, centred: plate, ...opening };
  const hole = 2 * Math.min(inner.at(-1)!.r, r0 - parts[0]!.thick / 2);
  const { puck, ...ringed } = opened(hole, (d) => openedTo(d, mm3, floorTop, first.thick, high, how), floorTop);
  const openedSections = [
    ...(floorTop > 0 ? [ring(0, ringed.hole / 2, 0, floorTop)] : []),
    ring(ringed.hole / 2, ringed.hole / 2 + ringed.thick, 0, ringed.height),
  ];
  const volumeOf = (sections: readonly Section[]) => sections.reduce((all, section) => all + revolvedMl(section), 0);
  const steps: Step[] = [
    ballStep,
    puckStep(puck),
    { name: 'opened', sections: openedSections, ml: volumeOf(openedSections) },
    { name: 'cylinder', sections: cylinder, ml: volumeOf(cylinder) },
    ...shapeSteps,
  ];
  return {
    ...common,
    puck: centred(puck),
    steps,
    opened: {
      width: mm(ringed.hole),
      floor: thrown.floor,
      height: mm(ringed.height),
      thick: mm(ringed.thick),
      widens: ringed.widens,
      gallery: sized.stages.wet.manner.mouth === 'gallery',
    },
    cylinder: {
      width: mm(2 * r0 + parts[0]!.thick),
      height: mm(high),
      rimThick: mm(parts.at(-1)!.thick),
      footThick: mm(parts[0]!.thick),
      opens: slices.at(-1)!.radius / r0,
      slices: slices.map((slice, i) => ({
        z: mm(slice.z),
        radius: mm(slice.radius),
        thick: mm(slice.thick),
        firstZ: mm((parts[i]!.from + parts[i]!.to) / 2),
        firstThick: mm(parts[i]!.thick),
      })),
    },
  };
}

const CIRCLE_POINTS = 48;

/** Half a ball, from its foot on the bat. */
const circle = (radius: number): Section =>
  Array.from({ length: CIRCLE_POINTS + 1 }, (_, i) => ({
    r: radius * Math.sin((Math.PI * i) / CIRCLE_POINTS),
    z: radius - radius * Math.cos((Math.PI * i) / CIRCLE_POINTS),
  }));
