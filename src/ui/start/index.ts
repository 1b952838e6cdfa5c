export { StartScreen } from './start-screen';
