export { Answer } from './answer';
