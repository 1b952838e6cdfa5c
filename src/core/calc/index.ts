export { VERB_NAMES, type VerbName, calculate, calculateJson, isVerb } from './run';
