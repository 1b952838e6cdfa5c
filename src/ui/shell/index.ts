export { Shell } from './shell';
export { useHistoryKeys } from './history';
export { ModeButton } from './units-menu';
