export { ShelvesScreen } from './shelves-screen';
