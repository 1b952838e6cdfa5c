import {
  type ClayFigures,
  type Length,
  type Stage,
  dryMass,
  firedMass,
  leatherMass,
  lengthAt,
  perStage,
  remaining,
  wetDensity,
} from '@/core/clay';
import { type Cup, cupAt, cupInside, cupSection, innerRadius, outerRadius, revolvedMl, stretch } from '@/core/form';
import type { Making } from './making';

/** Wet volumes in ml of what the ball is made of: what stays and each part that goes. */
export interface ClayVolumes {
  readonly piece: number;
  readonly floor: number;
  readonly wire: number;
  readonly side: number;
  readonly rim: number;
}

/** The piece as it stands on the bat: everything a gauge, a needle or a pair of calipers meets there. Wet mm. */
export interface Thrown {
  /** Rim above the bat as pulled, before the needle. */
  readonly pulled: Length<'wet'>;
  /** Rim above the bat after the needle: what the gauge or pointer is set for. */
  readonly gauge: Length<'wet'>;
  /** Outside width at the bat, with the clay that will be turned off. */
  readonly base: Length<'wet'>;
  /** Floor under the needle, from the bat. */
  readonly floor: Length<'wet'>;
  /** How far up the wet piece the wall is turned. */
  readonly trimWallHeight: Length<'wet'>;
}

/** Masses in g: the ball to weigh, what stands on the bat, and the piece at each stage. `glazed` is the clay alone. */
export interface Masses {
  readonly ball: number;
  readonly thrown: number;
  readonly trimmed: number;
  /** About; see {@link leatherMass}. */
  readonly leather: number;
  readonly dry: number;
  readonly bisque: number;
  readonly glazed: number;
}

export interface Sized {
  readonly stages: { readonly [S in Stage]: Cup<S> };
  readonly thrown: Thrown;
  /** The glazed piece, brim-full. */
  readonly capacityMl: number;
  readonly volumes: ClayVolumes;
  readonly masses: Masses;
}

/**
 * From a piece's sizes at one stage to its sizes at all of them, the clay to weigh out and what to throw.
 * The section is resolved at the stage given; other stages stretch it, r by k and z by kh (computation.md 4, 5).
 * The cup must have passed checkCup and the making checkMaking.
 *
 * @example size(figures, cup, 'glazed', WAYS.trimmed).masses.ball // 646.6 for the reference cup
 */
export function size<S extends Stage>(clay: ClayFigures, cup: Cup<S>, at: S, making: Making): Sized {
  const factor = (to: Stage, direction: 'width' | 'height') =>
    remaining(clay.shrinkage, to, direction) / remaining(clay.shrinkage, at, direction);
  const volumeFactor = (to: Stage) => factor(to, 'width') ** 2 * factor(to, 'height');

  const wet = cupAt(cup, at, 'wet', clay.shrinkage);
  const trimWallHeight = Math.min(making.trimWallHeight ?? wet.height / 3, wet.height);
  const piece = revolvedMl(stretch(cupSection(cup), factor('wet', 'width'), factor('wet', 'height')));
  const rimInside = innerRadius(cup, cup.height) * factor('wet', 'width');
  const volumes = allowanceVolumes(wet, rimInside, piece, { ...making, trimWallHeight });
  const belowFoot = making.trimFloor + making.wireLoss;
  return {
    stages: perStage((stage) => cupAt(cup, at, stage, clay.shrinkage)) as Sized['stages'],
    thrown: {
      pulled: lengthAt('wet', wet.height + belowFoot + making.rimCut),
      gauge: lengthAt('wet', wet.height + belowFoot),
      base: lengthAt('wet', wet.baseDiameter + 2 * making.trimWall),
      floor: lengthAt('wet', wet.floor + belowFoot),
      trimWallHeight: lengthAt('wet', trimWallHeight),
    },
    capacityMl: revolvedMl(cupInside(cup)) * volumeFactor('glazed'),
    volumes,
    masses: weigh(clay, volumes, making, volumeFactor('leather') / volumeFactor('wet')),
  };
}

function allowanceVolumes(wet: Cup<'wet'>, rimInside: number, piece: number, making: Making & { trimWallHeight: number }): ClayVolumes {
  const disc = (radius: number, height: number) => (Math.PI * radius ** 2 * height) / 1000;
  const foot = wet.baseDiameter / 2;
  const thrownFoot = foot + making.trimWall;
  const turnedTo = outerRadius(wet, making.trimWallHeight);
  return {
    piece,
    floor: disc(thrownFoot, making.trimFloor),
    wire: disc(thrownFoot, making.wireLoss),
    // the integral of pi((r+t)^2 - r^2) dz up a straight wall
    side: (Math.PI * making.trimWall * making.trimWallHeight * (foot + turnedTo + making.trimWall)) / 1000,
    rim: disc(wet.rimDiameter / 2, making.rimCut) - disc(rimInside, making.rimCut),
  };
}

function weigh(clay: ClayFigures, volumes: ClayVolumes, making: Making, leftAtLeather: number): Masses {
  const density = wetDensity(clay.matter);
  const thrown = density * (volumes.piece + volumes.floor + volumes.wire + volumes.side + volumes.rim);
  const trimmed = density * volumes.piece + (making.attachedMass ?? 0);
  const fired = firedMass(trimmed, clay.matter);
  return {
    ball: thrown / (1 - making.slurryPercent / 100),
    thrown,
    trimmed,
    leather: leatherMass(trimmed, leftAtLeather, clay.matter),
    dry: dryMass(trimmed, clay.matter),
    bisque: fired,
    glazed: fired,
  };
}
