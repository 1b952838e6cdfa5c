export { DEMO } from './example';
