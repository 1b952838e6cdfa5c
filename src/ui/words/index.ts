export { capital } from './capital';
export { FORM_WORDS, overallText } from './words';
