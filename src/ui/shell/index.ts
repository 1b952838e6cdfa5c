export { Shell } from './shell';
export { ModeButton } from './units-menu';
