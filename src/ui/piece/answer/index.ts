export { Answer } from './answer';
export { WorkingPanel } from './working-panel';
