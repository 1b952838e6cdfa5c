import { type ClayFigures, convert, type Length, type Stage } from '@/core/clay';
import type { Sized } from './size';
import { widest } from '@/core/form';

/** What a maker's place allows, mm; each may be unknown. Set once, checked for every piece. */
export interface PlaceLimits {
  readonly armReach?: number | undefined;
  readonly shelfDepth?: number | undefined;
  readonly dishwasherHeight?: number | undefined;
  readonly microwaveHeight?: number | undefined;
  readonly kilnShelf?: number | undefined;
  readonly kilnHeight?: number | undefined;
  readonly batDiameter?: number | undefined;
  readonly wheelHead?: number | undefined;
}

export type LimitName = keyof PlaceLimits;

export const LIMIT_WORDS: Record<LimitName, string> = {
  armReach: 'Arm’s reach inside',
  shelfDepth: 'Home shelf depth',
  dishwasherHeight: 'Dishwasher height',
  microwaveHeight: 'Microwave height',
  kilnShelf: 'Kiln shelf width',
  kilnHeight: 'Kiln height inside',
  batDiameter: 'Bat diameter',
  wheelHead: 'Wheel head diameter',
};

export const LIMIT_NAMES = Object.keys(LIMIT_WORDS) as LimitName[];

/** A limit looked at: what of the piece meets it, at which stage, and whether it fits. */
export interface LimitCheck {
  readonly limit: LimitName;
  readonly stage: Stage;
  readonly what: string;
  readonly mm: number;
  readonly most: number;
  readonly fits: boolean;
}

/** Below this width inside a hand does not follow, and an arm's reach says nothing. mm */
const HAND_PASSES = 100;

/**
 * The limits of a place against a piece, each at the stage that counts: arm and bat as thrown, kiln bone dry (the largest it
 * stands there), shelf and machines as finished.
 *
 * @param over how much taller or wider the finished piece is for what is put on it or joined to it, its lid too, mm
 */
export function checkLimits(clay: ClayFigures, sized: Sized, limits: PlaceLimits, over = { width: 0, height: 0 }): LimitCheck[] {
  const { stages, measures, thrown, onBat } = sized;
  const bone = (wet: number, direction: 'width' | 'height') => convert(wet as Length<'wet'>, 'wet', 'dry', clay.shrinkage, direction);
  const overBone = (finished: number, direction: 'width' | 'height') =>
    convert(finished as Length<'glazed'>, 'glazed', 'dry', clay.shrinkage, direction);
  const widestWet = 2 * widest(sized.wet.side);
  const depth = thrown.pulled - (thrown.floor ?? 0);
  const mouthInside = 2 * onBat.thrown.inside[0]!.r;
  const found: Omit<LimitCheck, 'most' | 'fits'>[] = [
    ...(mouthInside >= HAND_PASSES
      ? [{ limit: 'armReach' as const, stage: 'wet' as const, what: 'inside depth as pulled', mm: depth }]
      : []),
    { limit: 'batDiameter', stage: 'wet', what: 'across its foot as thrown', mm: thrown.base },
    { limit: 'wheelHead', stage: 'wet', what: 'across its foot as thrown', mm: thrown.base },
    { limit: 'kilnShelf', stage: 'dry', what: 'at its widest', mm: bone(widestWet, 'width') + overBone(over.width, 'width') },
    { limit: 'kilnHeight', stage: 'dry', what: 'high', mm: bone(stages.wet.sizes.height, 'height') + overBone(over.height, 'height') },
    { limit: 'shelfDepth', stage: 'glazed', what: 'at its widest', mm: measures.widest + over.width },
    { limit: 'dishwasherHeight', stage: 'glazed', what: 'high', mm: stages.glazed.sizes.height + over.height },
    { limit: 'microwaveHeight', stage: 'glazed', what: 'high', mm: stages.glazed.sizes.height + over.height },
  ];
  return found.flatMap((each) => {
    const most = limits[each.limit];
    return most === undefined ? [] : [{ ...each, most, fits: each.mm <= most }];
  });
}
