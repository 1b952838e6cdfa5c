export { At, Leader, Level, Upright } from './dimension';
export { Hatches } from './hatches';
export { type Extent, type Placed, type Sheet, pathOf, place } from './layout';
export { BaseRule } from './rule';
export { Thumbnail } from './thumbnail';
export { useSize } from './use-size';
