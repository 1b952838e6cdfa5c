export { type Extras, type History, extras, thumbRules } from './extras';
export { type Dated, type WorkDays, type WorkStep, schedule } from './schedule';
export { type RestsOn, type Stacked, pairHeight, stackHeight, stacked } from './stack';
export { type Sale, type Worth, worthOf } from './worth';
