export {
  type BarRecord,
  type CutterRecord,
  type FormerRecord,
  type Handmade,
  type Batch,
  type BenchSettings,
  type Bead,
  type Body,
  EMPTY,
  type Part,
  type Plan,
  type Rows,
  type Settings,
  TABLES,
  type TableName,
  type ThrownPiece,
  type Workspace,
} from './records';
export { type ClayChoice, type KnownClay, clayOf, matterIn, newestBatch } from './clay';
export {
  type MatterOf,
  NEW_MAKING,
  PLAIN,
  type Sizable,
  type SizedPart,
  changedForm,
  finishedSizes,
  handOf,
  knownAs,
  letGo,
  makingOf,
  plainCup,
  runBall,
  sizePart,
  typedOver,
  withManner,
  withSize,
} from './piece';
export {
  type CoilWork,
  type FormerWork,
  type HandWork,
  type RolledSlab,
  type SlabWork,
  USUAL_ROLLER,
  handWork,
  handWorking,
} from './handmade';
export { type OwnMeasure, inOwnMeasures } from './measures';
export { NO_KIT, upgradedPlan } from './upgrade';
export { UNUSED_WORDS, figureWords, restsOnWords } from './belief-words';
export { nextThings } from './next';
export { type RowChange, applyChanges, fits, merged, reversed, rowChange, same } from './change';
export { type TableDifference, compare } from './compare';
export { DEMO } from './demo';
