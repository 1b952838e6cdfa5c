export { useDragSensors } from './sensors';
export { toldAloud } from './told';
