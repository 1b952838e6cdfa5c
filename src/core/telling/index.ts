export { figureWords, heightRestsOn, restsOnWords, UNUSED_WORDS } from './belief-words';
export { handWorking, obstacleWords } from './hand-words';
export { standsWords } from './stands';
