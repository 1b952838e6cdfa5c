export { Providers } from './providers';
export { ink } from './ink';
