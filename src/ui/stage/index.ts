export { Figure } from './figure';
export { Finishes } from './finishes';
export { StageMark, StageName } from './stage-mark';
