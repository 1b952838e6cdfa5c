export {
  type Line,
  type Outline,
  type Point,
  type Section,
  between,
  filledMl,
  footEdge,
  frustumMl,
  highest,
  nearestOn,
  radiusAt,
  revolvedCm2,
  revolvedMl,
  sectionOf,
  stretch,
  widest,
} from './section';
export { LARGEST_MM, SIZES, SIZE_NAMES, type SizeName, type Sizes, sizeSpec } from './sizes';
export { type Knot, along, inward, through } from './curve';
export { FAMILY_NAMES, type FamilyName, MANNERS, type Manner } from './family';
export { BOWL_ARCS } from './open-families';
export { MOST_KNOTS } from './closed-families';
export { FAMILIES, ROUND_FAMILIES, isDisc, isDrawn, isNeeded, sizeIn, sizesTogether } from './families';
export {
  type Form,
  type Shape,
  checkForm,
  checkInsides,
  formAt,
  formOf,
  insidesOf,
  outlineAt,
  outlineFault,
  outlineOf,
  relationFault,
  scaledBy,
  sizesOf,
  withInsides,
} from './form';
export { type Face, type Loft, polygonMm2, radians, sideLengths, supportsAt } from './loft';
export { givenWay } from './give-way';
export { overallWords, tooManyWords } from './words';
export { footRadius, opensBelow, unbevelled } from './walled';
export { type Measures, filledTo, holdsMl, measuresOf } from './measures';
export {
  type Firmness,
  type MadeBy,
  type OwnThickness,
  type Standing,
  type Thickness,
  type ThicknessOf,
  extentOf,
  standingOf,
  thicknessOf,
  thicknessesOf,
} from './thickness';
