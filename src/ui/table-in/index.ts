export { type TableLine, TableIn } from './table-in';
