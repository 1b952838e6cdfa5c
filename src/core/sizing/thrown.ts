import { type Line, type Outline, type Point, highest, nearestOn, opensBelow, revolvedMl, unbevelled } from '@/core/form';
import type { Making } from './making';

/** Wet volumes in ml of what the ball is made of: what stays and each part that goes. */
export interface ClayVolumes {
  readonly piece: number;
  /** The hollow of the foot ring. */
  readonly hollow: number;
  /** The edge of the foot, cut off. */
  readonly bevel: number;
  readonly floor: number;
  readonly wire: number;
  readonly side: number;
  readonly rim: number;
  readonly wholeWall: number;
  readonly carved: number;
  readonly edge: number;
  readonly ground: number;
}

export const totalMl = (volumes: ClayVolumes): number => Object.values(volumes).reduce((all, ml) => all + ml, 0);

/** A layer left on the outside: so thick across, between two heights of the wet piece. mm. */
interface Layer {
  readonly name: 'carved' | 'edge' | 'wholeWall' | 'side';
  readonly thick: number;
  readonly from: number;
  readonly to: number;
}

/** What is left on the outside until it is turned, from the piece outwards. */
function layersOf(making: Making, height: number): Layer[] {
  const band = Math.min(making.carveHeight ?? height / 3, height);
  const layers: Layer[] = [
    { name: 'carved', thick: making.carveDepth ?? 0, from: (height - band) / 2, to: (height + band) / 2 },
    { name: 'edge', thick: making.edgeCut ?? 0, from: 0, to: height },
    { name: 'wholeWall', thick: making.wholeWall ?? 0, from: 0, to: height },
    { name: 'side', thick: making.trimWall, from: 0, to: turnedUpTo(making, height) },
  ];
  return layers.filter(({ thick, from, to }) => thick > 0 && to > from);
}

/** How far up the wet piece the wall is turned, mm: a third of it unless said. */
export const turnedUpTo = (making: Making, height: number): number => Math.min(making.trimWallHeight ?? height / 3, height);

/** The line in pieces that each lie on one side of every level, from the bottom up as the line runs. */
function cutAt(line: Line, levels: readonly number[]): [Point, Point][] {
  let steps = line.slice(1).map((to, i): [Point, Point] => [line[i]!, to]);
  for (const level of levels) {
    steps = steps.flatMap(([a, b]) => {
      if (a.z < level === b.z < level || a.z === level || b.z === level) return [[a, b] as [Point, Point]];
      const share = (level - a.z) / (b.z - a.z);
      const middle = { r: a.r + (b.r - a.r) * share, z: level };
      return [
        [a, middle],
        [middle, b],
      ];
    });
  }
  return steps;
}

const liesIn = ([a, b]: readonly [Point, Point], { from, to }: Layer): boolean => (a.z + b.z) / 2 >= from && (a.z + b.z) / 2 <= to;

/** The trimmed piece as it stands on the bat, and everything still on it. Wet mm; z from the bat. */
export interface OnBat {
  /** The piece itself, lifted by what goes below it. */
  readonly piece: Outline;
  /** With all that goes, before the needle. */
  readonly thrown: Outline;
  readonly volumes: ClayVolumes;
  /** What goes, each a closed section, for drawing. */
  readonly removed: Readonly<Record<'needle' | 'wall' | 'floor' | 'wire' | 'hollow' | 'bevel', Line>>;
  /** Height of the trimmed piece's foot above the bat. */
  readonly foot: number;
  readonly thrownFootRadius: number;
}

const lift = (line: Line, by: number): Line => line.map(({ r, z }) => ({ r, z: z + by }));

/** A ring of clay between two radii and two heights; a slab where the inner is 0. */
export const ring = (inner: number, outer: number, from: number, to: number): Line => [
  { r: inner, z: from },
  { r: outer, z: from },
  { r: outer, z: to },
  { r: inner, z: to },
];

/**
 * The wet piece as thrown: what its making turns, cuts and leaves is put back on (how-it-computes.md, The ball).
 *
 * @param wet the outline of the trimmed wet piece
 * @param pieceMl its volume
 */
export function onBat(wet: Outline, pieceMl: number, making: Making): OnBat {
  const { under, inside, side: outside } = unbevelled(wet);
  // an upright edge, such as a plate's, is outside too
  const side = inside[0]!.z > outside.at(-1)!.z + 1e-9 ? [...outside, inside[0]!] : outside;
  const height = highest(side);
  const layers = layersOf(making, height);
  const steps = cutAt(
    side,
    layers.flatMap(({ from, to }) => [from, to]),
  );
  const reach = (step: readonly [Point, Point], upTo = layers.length) =>
    layers.slice(0, upTo).reduce((all, layer) => all + (liesIn(step, layer) ? layer.thick : 0), 0);
  const layerMl = (name: Layer['name']) => {
    const index = layers.findIndex((layer) => layer.name === name);
    const layer = layers[index];
    if (!layer) return 0;
    // the integral of pi((r+t)^2 - r^2) dz over each step
    return steps
      .filter((step) => liesIn(step, layer))
      .reduce((all, [a, b]) => {
        const inner = reach([a, b], index);
        return all + (Math.PI * (b.z - a.z) * layer.thick * (a.r + b.r + 2 * inner + layer.thick)) / 1000;
      }, 0);
  };
  const swollen = steps.flatMap((step) => step.map(({ r, z }) => ({ r: r + reach(step), z })));

  const foot = making.trimFloor + making.wireLoss;
  const footRadius = swollen[0]!.r;
  const [rimIn, rimOut] = [inside[0]!.r, swollen.at(-1)!.r];
  const rimZ = inside[0]!.z + foot;
  const hollowed = rimIn > 0;
  const ground = hollowed ? (making.rimGround ?? 0) : 0;
  const cut = hollowed ? making.rimCut : 0;
  const top = rimZ + ground + cut;
  const rimMl = (high: number) => (Math.PI * Math.max(0, rimOut ** 2 - rimIn ** 2) * high) / 1000;
  // without a floor there is only a ring under the wall
  const hole = inside.at(-1)!.r;
  const belowMl = (high: number) => (Math.PI * (footRadius ** 2 - hole ** 2) * high) / 1000;
  const hollow: Line = hole > 0 ? under : [...under, { r: 0, z: 0 }];
  const bevel: Line = [wet.under.at(-1)!, side[0]!, wet.side[0]!];
  const raised = rimOut > rimIn + 1e-9;

  return {
    piece: { under: lift(wet.under, foot), side: lift(wet.side, foot), inside: lift(inside, foot) },
    thrown: {
      under: [{ r: hole, z: 0 }],
      side: [{ r: footRadius, z: 0 }, ...lift(swollen, foot), ...(raised ? [{ r: rimOut, z: top }] : [])],
      inside: [...(raised ? [{ r: rimIn, z: top }] : []), ...lift(inside, foot)],
    },
    volumes: {
      piece: pieceMl,
      hollow: revolvedMl(hollow),
      bevel: revolvedMl(bevel),
      floor: belowMl(making.trimFloor),
      wire: belowMl(making.wireLoss),
      side: layerMl('side'),
      rim: rimMl(cut),
      wholeWall: layerMl('wholeWall'),
      carved: layerMl('carved'),
      edge: layerMl('edge'),
      ground: rimMl(ground),
    },
    removed: {
      needle: ring(rimIn, rimOut, rimZ, top),
      wall: [...lift(side, foot), ...lift(swollen, foot).toReversed()],
      floor: ring(hole, footRadius, making.wireLoss, foot),
      wire: ring(hole, footRadius, 0, making.wireLoss),
      hollow: lift(hollow, foot),
      bevel: lift(bevel, foot),
    },
    foot,
    thrownFootRadius: footRadius,
  };
}

/** A thrown outline in two: the wall from the floor's edge inside up, and the floor with its corner below it. */
export interface Parted {
  readonly floorTop: number;
  /** The outside of the wall, upwards, and its inside, downwards. */
  readonly outer: Line;
  readonly inner: Line;
  readonly floor: Line;
}

/** An outside without the upright edge that ends the wall. */
function withoutEdge(side: Line, inside: Line): Line {
  const [rim, last] = [inside[0]!, side.at(-1)!];
  return Math.hypot(rim.r - last.r, rim.z - last.z) < 1e-6 ? side.slice(0, -1) : side;
}

/** Parts a thrown outline where the wall leaves the floor: square through the wall, from the floor's edge to the nearest place outside. Without a floor all of it is wall. */
export function partedAtFloor({ under, side, inside }: Outline): Parted {
  if (opensBelow({ inside })) return { floorTop: 0, outer: withoutEdge(side, inside), inner: [...inside, ...under], floor: [] };
  const inner = inside.slice(0, -1);
  const edge = inner.at(-1)!;
  const { index, point } = nearestOn(side, edge);
  return {
    floorTop: inside.at(-1)!.z,
    outer: [point, ...withoutEdge(side, inside).slice(index)],
    inner,
    floor: [{ r: 0, z: 0 }, ...side.slice(0, index), point, edge, inside.at(-1)!],
  };
}
