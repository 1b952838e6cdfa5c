import {
  type ClayFigures,
  type Length,
  type Matter,
  type Stage,
  dryMass,
  firedMass,
  leatherMass,
  lengthAt,
  perStage,
  remaining,
  wetDensity,
} from '@/core/clay';
import { FAMILIES, type Form, type Measures, type Outline, formAt, measuresOf, opensBelow, outlineAt, withInsides } from '@/core/form';
import { type Making, withoutRim, withoutTrimmedWall } from './making';
import { type ClayVolumes, type OnBat, onBat, totalMl, turnedUpTo } from './thrown';

/** The piece as it stands on the bat: everything a gauge, a needle or a pair of calipers meets there. Wet mm. */
export interface Thrown {
  /** Rim above the bat as pulled, before the needle. */
  readonly pulled: Length<'wet'>;
  /** Rim above the bat after the needle: what the gauge or pointer is set for. */
  readonly gauge: Length<'wet'>;
  /** Outside width at the bat, with the clay that will be turned off. */
  readonly base: Length<'wet'>;
  /** Floor under the needle, from the bat; none of a piece without a floor. */
  readonly floor?: Length<'wet'> | undefined;
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
  readonly stages: { readonly [S in Stage]: Form<S> };
  /** The outlines of the trimmed wet piece and of the fired one. */
  readonly wet: Outline;
  readonly fired: Outline;
  readonly onBat: OnBat;
  readonly thrown: Thrown;
  /** The fired piece: what it holds, its areas and its widest width. */
  readonly measures: Measures;
  /** The glazed piece, brim-full. */
  readonly capacityMl: number;
  readonly volumes: ClayVolumes;
  readonly masses: Masses;
}

/** Something put on after throwing: g of wet clay, and its own clay where that is another. */
export interface Attached {
  readonly wetG: number;
  readonly matter?: Matter | undefined;
}

/**
 * From a piece's sizes at one stage to its sizes at all of them, the clay to weigh out and what to throw.
 * The section is resolved at the stage given; other stages stretch it, r by k and z by kh (how-it-computes.md, The section).
 * The form must have passed checkForm and the making checkMaking.
 *
 * @example size(figures, form, 'glazed', WAYS.trimmed).masses.ball // 646.6 for the reference cup
 */
export function size<S extends Stage>(clay: ClayFigures, form: Form<S>, at: S, given: Making, attached: readonly Attached[] = []): Sized {
  const kept = (stage: Stage) => remaining(clay.shrinkage, stage, 'width') ** 2 * remaining(clay.shrinkage, stage, 'height');
  const wet = outlineAt(form, at, 'wet', clay.shrinkage);
  const fired = outlineAt(form, at, 'glazed', clay.shrinkage);
  const measures = measuresOf(fired);
  const open = opensBelow(wet);
  const making = FAMILIES[form.family].solid ? withoutRim(given) : open ? withoutTrimmedWall(given) : given;
  const bat = onBat(wet, measures.clayMl / kept('glazed'), making);
  const measured = withInsides(form);
  const stages = perStage((stage) => formAt(measured, at, stage, clay.shrinkage)) as Sized['stages'];
  const rim = bat.piece.inside[0]!.z + (making.rimGround ?? 0);
  return {
    stages,
    wet,
    fired,
    onBat: bat,
    thrown: {
      pulled: lengthAt('wet', rim + making.rimCut),
      gauge: lengthAt('wet', rim),
      base: lengthAt('wet', 2 * bat.thrownFootRadius),
      floor: open ? undefined : lengthAt('wet', bat.piece.inside.at(-1)!.z),
      trimWallHeight: lengthAt('wet', turnedUpTo(making, stages.wet.sizes.height)),
    },
    measures,
    capacityMl: measures.brimMl,
    volumes: bat.volumes,
    masses: weigh(clay, bat.volumes, making, kept('leather'), attached),
  };
}

function weigh(clay: ClayFigures, volumes: ClayVolumes, making: Making, leftAtLeather: number, attached: readonly Attached[]): Masses {
  const density = wetDensity(clay.matter);
  const thrown = density * totalMl(volumes);
  const own = density * volumes.piece + (making.attachedMass ?? 0);
  const all = (mass: (wetG: number, matter: Matter) => number) =>
    attached.reduce((sum, { wetG, matter }) => sum + mass(wetG, matter ?? clay.matter), mass(own, clay.matter));
  const fired = all(firedMass);
  return {
    ball: thrown / (1 - making.slurryPercent / 100),
    thrown,
    trimmed: all((wetG) => wetG),
    leather: all((wetG, matter) => leatherMass(wetG, leftAtLeather, matter)),
    dry: all(dryMass),
    bisque: fired,
    glazed: fired,
  };
}
