export { type ClayChoice, type ClayRows, type KnownClay, clayNow, clayOf, matterIn, newestBatch } from './clay';
export { type ClayBeside, claysBeside } from './clays-beside';
export { isMixed, withoutExample } from './example-rows';
export { type ClayTaken, afterEntered, afterTyped, canGrow, followed, foundThick } from './followed';
export { withChoices } from './hand-choices';
export {
  type CoilWork,
  type FormerWork,
  type HandWork,
  type Obstacle,
  type RolledSlab,
  type Slabs,
  type SlabWork,
  handWork,
  USUAL_ROLLER,
  USUAL_SLAB_LENGTH,
} from './handmade';
export { changedForm, finishedSizes, NEW_MAKING, PLAIN, plainCup, saucerFor, withManner } from './new-form';
export { nextThings } from './next';
export { type OwnBall, ratioOf, saidBall, shortWall } from './own-ball';
export {
  type MatterOf,
  type Sizable,
  type SizedPart,
  handOf,
  isExample,
  isExamplePiece,
  makingOf,
  runBall,
  sizePart,
  surenessOf,
  throwingOf,
} from './piece';
export { type SizedPlanPart, inBody, shownBall, sizedPlanPart, thrownBall } from './sized-plan';
export { type Start, type StartOf, startedPart } from './start';
export { freeSizes, knownAs, letGo, typedOver, withGiver, withLetGo, withTyped } from './typed';
export { type WeighedPart, weighed, weighedPart } from './weighed-part';
