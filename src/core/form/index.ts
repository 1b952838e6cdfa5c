export { type Point, type Section, frustumMl, revolvedMl, stretch } from './section';
export {
  CUP_SIZES,
  type Cup,
  type CupSize,
  LARGEST_MM,
  SHRINKS,
  SIZE_WORDS,
  checkCup,
  cupAt,
  cupInside,
  cupOf,
  cupSection,
  innerRadius,
  outerRadius,
} from './cup';
