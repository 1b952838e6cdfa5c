import { wetDensity, type ClayFigures, type Length, lengthAt } from '@/core/clay';
import { type FamilyName, type Outline, type Section, revolvedMl, sectionOf, widest } from '@/core/form';
import type { Making } from './making';
import type { Sized } from './size';
import { type Slice, slicesOf } from './slices';
import { partedAtFloor, ring, totalMl } from './thrown';

/** Share of the stretch that goes into height rather than thickness when a wall is opened out; learned later. computation.md section 9. */
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
  readonly opened?: { readonly width: Wet; readonly floor: Wet; readonly height: Wet } | undefined;
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
  readonly takes: Readonly<Record<'needle' | 'below' | 'wall' | 'hollow' | 'wire' | 'other', number>>;
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

/** How wide a puck is centred: the thrown base; for plates the well's outside. mm */
function puckWidth(sized: Sized, family: FamilyName): number {
  const { base } = sized.thrown;
  if (family === 'disc') return 2 * widest(sized.onBat.thrown.side);
  if (family !== 'plate') return base;
  const { rimDiameter, rimWidth } = sized.stages.wet.sizes;
  return Math.max(base, rimDiameter - 2 * (rimWidth ?? 0));
}

/** A floor that leaves less than this of the puck for a wall is opened only so far, and widened with the wall. */
const FLOOR_LEAVES = 0.9;
const OPENED_FIRST = 0.75;

/**
 * The steps at the wheel for a piece thrown from one ball (computation.md section 9). At every step from the puck to the
 * shape the clay on the bat is the same.
 *
 * @param shortening the share of the stretch that goes into height, 0 to 1
 */
export function wheelSteps(clay: ClayFigures, sized: Sized, making: Making, shortening: number = USUAL_SHORTENING): WheelSteps {
  const { onBat, thrown, volumes } = sized;
  const total = totalMl(volumes);
  const outline: Outline = onBat.thrown;
  const { family } = sized.stages.wet;
  const width = puckWidth(sized, family);
  const puckHigh = (total * 1000) / ((Math.PI / 4) * width ** 2);
  const ballDiameter = 2 * Math.cbrt((3 * total * 1000) / (4 * Math.PI));
  const density = wetDensity(clay.matter);
  const ballStep: Step = { name: 'ball', sections: [circle(ballDiameter / 2)], ml: total };
  const puckStep: Step = { name: 'puck', sections: [ring(0, width / 2, 0, puckHigh)], ml: total };
  const whole = sectionOf(outline);
  const rim = { out: outline.side.at(-1)!.r, in: outline.inside[0]!.r };
  const afterNeedle: Section[] = [sectionOf(onBat.piece), onBat.goes.floor, onBat.goes.wire, onBat.goes.wall, onBat.goes.hollow];
  const shapeSteps: Step[] = [
    { name: 'shape', sections: [whole], ml: revolvedMl(whole) },
    ...(making.rimCut > 0 ? [{ name: 'needle' as const, sections: afterNeedle, ml: total - volumes.rim }] : []),
    { name: 'trim', sections: [sectionOf(onBat.piece)], ml: volumes.piece },
  ];
  const common = {
    ball: { g: sized.masses.ball, diameter: mm(ballDiameter) },
    puck: { width: mm(width), height: mm(puckHigh) },
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
      other: (volumes.wholeWall + volumes.carved + volumes.edge + volumes.ground) * density,
    },
  };
  if (family === 'disc') return { ...common, steps: [ballStep, puckStep, ...shapeSteps] };

  const { floorTop, outer, inner, floor } = partedAtFloor(outline);
  const floorWidth = 2 * inner.at(-1)!.r;
  const opening = floorWidth <= width * FLOOR_LEAVES ? floorWidth : width * OPENED_FIRST;
  const floorMl = (Math.PI * (width / 2) ** 2 * floorTop) / 1000;
  const ringHigh = ((total - floorMl) * 1000) / ((Math.PI / 4) * (width ** 2 - opening ** 2));
  const openedHigh = floorTop + Math.max(0, ringHigh);
  const openedSections = [ring(0, width / 2, 0, floorTop), ring(opening / 2, width / 2, floorTop, openedHigh)];

  const slices = slicesOf(outer, inner);
  const first = slices[0]!;
  const r0 = first.radius;
  const parts = firstCylinder(slices, r0, floorTop, shortening);
  const cylinder = [cylinderSection(parts, r0), floor];
  const volumeOf = (sections: readonly Section[]) => sections.reduce((all, section) => all + revolvedMl(section), 0);
  const steps: Step[] = [
    ballStep,
    puckStep,
    { name: 'opened', sections: openedSections, ml: volumeOf(openedSections) },
    { name: 'cylinder', sections: cylinder, ml: volumeOf(cylinder) },
    ...shapeSteps,
  ];
  return {
    ...common,
    steps,
    opened: { width: mm(opening), floor: thrown.floor, height: mm(openedHigh) },
    cylinder: {
      width: mm(2 * r0 + parts[0]!.thick),
      height: mm(parts.at(-1)!.to),
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
