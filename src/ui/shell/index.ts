export { Shell } from './shell';
