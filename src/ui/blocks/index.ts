export { Block, Sideways, Told } from './block';
export { Gap } from './gap';
export { useLines } from './use-lines';
