export { Providers } from './providers';
