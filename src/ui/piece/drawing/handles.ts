import type { Stage } from '@/core/clay';
import {
  type FamilyName,
  type Form,
  type Knot,
  type Point,
  type SizeName,
  footRadius,
  outlineOf,
  radiusAt,
  sizeIn,
  FAMILIES,
} from '@/core/form';

/** What dragging a point of the piece changes: sizes, mm, or the points of an own profile. */
export interface Dragged {
  readonly sizes?: Readonly<Partial<Record<SizeName, number>>>;
  readonly knots?: readonly Knot[];
}

/** A point of a form that can be taken hold of. */
export interface Handle {
  readonly key: string;
  readonly words: string;
  readonly at: Point;
  readonly take: (to: Point) => Dragged;
}

const sized = (key: string, words: string, at: Point, take: (to: Point) => Dragged['sizes']): Handle => ({
  key,
  words,
  at,
  take: (to) => ({ sizes: take(to)! }),
});

/** The points of a form that can be dragged, mm at its stage: its rim, its base and what its family has between. */
export function handlesOf<S extends Stage>(form: Form<S>): Handle[] {
  const { sizes, family, knots } = form;
  if (knots) return [...knotHandles(form), ...thicknessHandles(form)];
  const size = (name: SizeName) => sizes[name] ?? 0;
  const rim = { r: sizes.rimDiameter / 2, z: sizes.height };
  const own: Partial<Record<typeof family, Handle[]>> = {
    flared: [
      sized('lip', 'the foot of the lip', { r: size('bodyDiameter') / 2, z: rim.z - size('lipHeight') }, ({ r, z }) => ({
        bodyDiameter: 2 * r,
        lipHeight: rim.z - z,
      })),
    ],
    plate: [
      sized('well', 'the edge of the well', { r: rim.r - size('rimWidth'), z: size('floor') + size('footHeight') }, ({ r }) => ({
        rimWidth: rim.r - r,
      })),
    ],
    jar: [
      sized('collar', 'the foot of the collar', { r: rim.r, z: rim.z - size('collarHeight') }, ({ z }) => ({ collarHeight: rim.z - z })),
      belly(size),
    ],
    bottle: [
      sized('lip', 'the foot of the lip', { r: size('neckDiameter') / 2, z: rim.z - size('lipHeight') }, ({ z }) => ({
        lipHeight: rim.z - z,
      })),
      sized('shoulder', 'the top of the shoulder', { r: size('neckDiameter') / 2, z: size('shoulderHeight') }, ({ r, z }) => ({
        neckDiameter: 2 * r,
        shoulderHeight: z,
      })),
      belly(size),
    ],
  };
  return [
    sized('rim', 'the rim', rim, ({ r, z }) => ({ rimDiameter: 2 * r, height: z })),
    ...(own[family] ?? []),
    ...(sizes.baseDiameter ? [sized('base', 'the base', { r: size('baseDiameter') / 2, z: 0 }, ({ r }) => ({ baseDiameter: 2 * r }))] : []),
    ...thicknessHandles(form),
  ];
}

/** Up the wall, as shares of the room over the floor: where a wall's thickness is held, at the rim's end and at the foot's. */
const HELD = { wall: 0.68, wallAtFoot: 0.16 };

/** The inner edges that are dragged: wall, floor, foot ring, gallery. A thickness follows the edge in proportion. */
function thicknessHandles<S extends Stage>(form: Form<S>): Handle[] {
  const { family, manner, sizes } = form;
  const outline = outlineOf(form);
  const { side, inside } = outline;
  const [rim, floor] = [inside[0]!, inside.at(-1)!];
  if (sizes.floor === undefined) return [];
  const across = (name: 'wall' | 'wallAtFoot'): Handle[] => {
    const thick = sizes[name];
    if (thick === undefined) return [];
    const z = floor.z + (rim.z - floor.z) * HELD[name];
    const [outer, r] = [radiusAt(side, z), radiusAt(inside, z)];
    return [sized(name, `the ${sizeIn(form.family, name).words}`, { r, z }, (to) => ({ [name]: (thick * (outer - to.r)) / (outer - r) }))];
  };
  const edge = side.at(-1)!;
  const plateWall = sized('wall', 'the underside of the rim', edge, ({ z }) => ({ wall: (sizes.wall! * (rim.z - z)) / (rim.z - edge.z) }));
  const foot = footRadius(outline);
  return [
    ...(FAMILIES[family].broadRim ? [plateWall] : [...across('wall'), ...across('wallAtFoot')]),
    ...(sizes.floor > 0
      ? [sized('floor', 'the floor', { r: inside.at(-2)!.r * 0.4, z: floor.z }, ({ z }) => ({ floor: sizes.floor! + z - floor.z }))]
      : []),
    ...(manner.foot === 'ring' && sizes.footWidth && sizes.footHeight
      ? [
          sized('ring', 'the foot ring', { r: foot - sizes.footWidth, z: sizes.footHeight }, ({ r, z }) => ({
            footWidth: foot - r,
            footHeight: z,
          })),
        ]
      : []),
    ...(manner.mouth === 'gallery' && sizes.galleryWidth && sizes.galleryDepth
      ? [
          sized('gallery', 'the gallery', { r: rim.r - sizes.galleryWidth, z: rim.z - sizes.galleryDepth }, ({ r, z }) => ({
            galleryWidth: rim.r - r,
            galleryDepth: rim.z - z,
          })),
        ]
      : []),
  ];
}

const belly = (size: (name: SizeName) => number): Handle =>
  sized('belly', 'the belly', { r: size('bellyDiameter') / 2, z: size('bellyHeight') }, ({ r, z }) => ({
    bellyDiameter: 2 * r,
    bellyHeight: z,
  }));

/** An own profile's points in mm of the piece. */
export const knotsInMm = <S extends Stage>({ knots = [], sizes }: Form<S>): Knot[] =>
  knots.map(({ r, z, corner }) => ({ r: (r * sizes.rimDiameter) / 2, z: z * sizes.height, corner }));

/** Points in mm as a profile keeps them, as shares of its last one; sizes with them. */
export function profileOf(points: readonly Knot[]): Dragged {
  const rim = points.at(-1)!;
  return {
    knots: points.map(({ r, z, corner }) => ({ r: r / rim.r, z: z / rim.z, ...(corner && { corner }) })),
    sizes: { height: rim.z, rimDiameter: 2 * rim.r },
  };
}

/** A profile with one point moved; the foot stays on the bat, and the others where they are. */
export function movedKnot<S extends Stage>(form: Form<S>, index: number, to: Partial<Knot>): Dragged {
  const points = knotsInMm(form);
  const moved = points.map((point, i) => (i === index ? { ...point, ...to, ...(i === 0 && { z: 0 }) } : point));
  const dragged = profileOf(moved);
  return index === points.length - 1 ? dragged : { knots: dragged.knots! };
}

function knotHandles<S extends Stage>(form: Form<S>): Handle[] {
  const points = knotsInMm(form);
  const last = points.length - 1;
  return points.map((at, i) => ({
    key: `point-${i}`,
    words: i === 0 ? 'the foot' : i === last ? 'the rim' : `point ${i + 1}`,
    at,
    take: (to) => movedKnot(form, i, to),
  }));
}

/** A length at the nearest whole step. */
export const snapped = (mm: number, step: number): number => Math.max(step, Math.round(mm / step) * step);

/** A place at which every size that follows from it is a whole step: widths across, so half a step from the axis. */
export const snappedPoint = ({ r, z }: Point, step: number): Point => ({
  r: snapped(2 * r, step) / 2,
  z: Math.max(0, Math.round(z / step) * step),
});

/** What is dragged in words, for undo and for those who cannot see it. */
export const draggedWords = (family: FamilyName, { sizes }: Dragged): string =>
  Object.keys(sizes ?? {})
    .map((name) => sizeIn(family, name as SizeName).words)
    .join(' and ') || 'a point of the profile';
