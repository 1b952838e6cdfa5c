export { Block, Sideways, LargeFigure } from './block';
export { Gap } from './gap';
export { useLines } from './use-lines';
export { PhoneFold } from './phone-fold';
export { lazyPart } from './lazy-part';
export { sameProps } from './same-props';
export { useAfterPaint } from './use-after-paint';
