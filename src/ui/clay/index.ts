export { ClayScreen } from './clay-screen';
