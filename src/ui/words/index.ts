export { capital } from './capital';
export { type AnyWay, FORM_WORDS, WAY_WORDS, overallText } from './words';
