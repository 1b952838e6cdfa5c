export { Chart, Dot, Feet, LevelLines, SIZE } from './frame';
