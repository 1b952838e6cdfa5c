export { Block, Sideways, Told } from './block';
