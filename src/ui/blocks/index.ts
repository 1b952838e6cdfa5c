export { behind, useBehind } from './behind';
export { Block, Sideways, Told } from './block';
export { Gap } from './gap';
export { useLines } from './use-lines';
export { PhoneFold } from './phone-fold';
export { later } from './later';
export { sameProps } from './same-props';
