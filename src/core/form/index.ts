export {
  type Line,
  type Outline,
  type Point,
  type Section,
  between,
  filledMl,
  frustumMl,
  highest,
  nearestOn,
  radiusAt,
  revolvedCm2,
  revolvedMl,
  sectionOf,
  stretch,
  stretchOutline,
  thinnest,
  widest,
} from './section';
export { LARGEST_MM, SIZES, SIZE_NAMES, type SizeName, type Sizes, sizeSpec } from './sizes';
export { type Knot, along, lengthsAlong, through } from './curve';
export { BOWL_ARCS, FAMILIES, FAMILY_NAMES, type FamilyName, MANNERS, MOST_KNOTS, type Manner, isNeeded } from './families';
export { type Form, type Shape, checkForm, formAt, formOf, outlineAt, outlineFault, outlineOf, relationFault, sizesOf } from './form';
export { type Measures, holdsMl, measuresOf } from './measures';
