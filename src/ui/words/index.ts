export { type AnyWay, FORM_WORDS, MANNER_WORDS, WAY_WORDS } from './words';
