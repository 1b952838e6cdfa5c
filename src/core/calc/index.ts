export { VERB_NAMES, type VerbName, aboutVerb, calculate, calculateJson, calculateWithin, isVerb } from './run';
