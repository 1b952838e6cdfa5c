export { StartScreen } from './start-screen';
export { WAYS_IN } from './ways-in';
