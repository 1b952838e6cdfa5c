export { type Assembled, type Seen, assembled } from './assembled';
export { type MeasuredStrip, type RoundWall, type Strip, measuredStrip, scaledStrip, stripFault, stripOf, wallOf } from './strip';
export {
  type Bounds,
  type Flat,
  type FlatEdge,
  type FlatPart,
  apart,
  areaOf,
  boundsOf,
  distanceTo,
  lengthOf,
  liesWithin,
  roomIn,
  scaledPart,
} from './flat';
export { type Corners, type Panel, panelsOf, planAt, standingOn, unrolled } from './panels';
export { discOf, rectangleOf } from './cut';
export { dartedDisc, midLine, midReach } from './darts';
export { BASES, type Base, CORNERS, SEAMS, type Seam, type SlabChoices, USUAL_SLAB, slabParts } from './slab';
export { type Laid, type LargestSlab, type Layout, PART_GAP, SLAB_EDGE, type SlabSheet, type Unfit, slabSheets } from './layout';
export { type Lining, type LiningPlan, USUAL_LINING, liningPlan } from './lining';
export { type Guide, NO_TEXTURE, type Texture, beforeTexture, guideFor, textureGrowth } from './rolling';
export {
  FEWEST_POINTS,
  type FormedPiece,
  type Former,
  type FormerPoint,
  SLAB_SPARE,
  checkFormer,
  contourOf,
  formed,
  lowestStop,
  slabAcross,
  stopFor,
} from './former';
export { type CoilChoices, type CoilNote, type CoilPlan, type Course, STANDS_THICKNESSES, USUAL_COIL, coilPlan, ownGain } from './coil';
export {
  FIRMNESS,
  type Firmness,
  HANDLE_KINDS,
  KIND_SIZES,
  type HandleChoices,
  type HandleKind,
  type HandlePlan,
  USUAL_HANDLE,
  ellipseGirth,
  handlePlan,
  leanBetween,
  toMake,
} from './handle';
export { type CutAt, type Cutter, LEAST_BEYOND, type LidPair, type MouthWidths, cuttersFor, lidPairs } from './cutters';
export { HANDS, type Hand, type Wait, type Work, KNIFE, type WorkName, type WorkStep, workOrder } from './order';
export { type PlacedPart, type RolledSlab, type Rolling, type SlabPart, rolledSlabs } from './rolled-slabs';
