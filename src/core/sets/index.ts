export { type Extras, type History, extras, makeFromBeta, thumbRules } from './extras';
export { type Found, type Matched, type Sorting, matchSets } from './match';
export { type Loads, type ShelfLoad, type Standing, loadShelves } from './loads';
export { type Dated, type WorkDays, type WorkStep, daysOn, schedule, scheduleFrom, weekdayOf } from './schedule';
export { type SetsWanted, setExtras } from './set-extras';
export { type NestAsk, type Nested, type Pins, nestOf, series } from './nest';
export { type RestsOn, type Stacked, pairHeight, stackHeight, stacked } from './stack';
export { type Sale, type Worth, worthOf } from './worth';
export { type RunClay, type RunPart, type RunShares, clayForRun } from './run-clay';
