export { Answer, ToTheWheel } from './answer';
