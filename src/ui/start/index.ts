export { StartScreen } from './start-screen';
export { type WayIn, WAYS_IN } from './ways-in';
