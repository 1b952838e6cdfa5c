export { Block, Sideways, Told } from './block';
export { Gap } from './gap';
export { useLines } from './use-lines';
export { PhoneFold } from './phone-fold';
export { later } from './later';
export { sameProps } from './same-props';
export { useAfterPaint } from './use-after-paint';
