export { type AnyWay, FORM_WORDS, WAY_WORDS } from './words';
