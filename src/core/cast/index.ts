export type { Mould, Well } from './records';
export { type Mix, type Plaster, RATIO_LIMITS, USUAL_MARGIN, USUAL_RATIO, mouldMl, mouldWeights, plasterFor } from './plaster';
export {
  type Draft,
  type Model,
  type Parting,
  bucketTop,
  draftAlong,
  modelOf,
  mouldFor,
  mouldSection,
  partingOf,
  plasterAround,
} from './model';
export { type Poured, USUAL_SLIP, type WallLaw, minutesFor, pouredOf, wallLaw } from './slip';
