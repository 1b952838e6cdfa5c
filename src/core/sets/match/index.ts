export type { Found } from './boxes';
export { type Matched, type Sorting, matchSets } from './match';
