export { Figure } from './figure';
export { StageMark, StageName } from './stage-mark';
