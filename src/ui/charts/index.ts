export { Chart, TableBehind, Dot, Feet, LevelLines, SIZE } from './frame';
