export { WheelScreen } from './wheel-screen';
