export { bothHalves } from './both-halves';
export { At, Leader, Level, Upright } from './dimension';
export { Hatches } from './hatches';
export { type Extent, type Placed, type Sheet, movedTo, pathOf, place } from './layout';
export { BaseRule } from './rule';
export { Thumbnail } from './thumbnail';
export { type Pointer, onSheet, HELD, useHold } from './use-hold';
export { useSize } from './use-size';
