export { VERB_NAMES, type VerbName, calculate, calculateJson, calculateWithin, isVerb } from './run';
