export { fitKept, partsOfSameClay } from './fit-kept';
export { type FitRows, meetsBy } from './fit-met';
export { type FitWork, fitOf, helpsOf, isWithin, otherLots } from './fit-work';
export { type LidOn, lidOn, lidPartOf, standsOut } from './lid-on';
export { cutParts, lidParts } from './lid-parts';
export { type NestBowl, type NestChoices, nestWork, usualNest } from './nesting';
export { type Meets, type StartedFit, startedFit } from './start-fit';
export { type SticksOut, sticksOut } from './sticks-out';
