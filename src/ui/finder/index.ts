export { Finder } from './finder';
export { PieceSwitcher } from './piece-switcher';
