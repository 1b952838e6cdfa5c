/** One function for each thing a person does. Each returns an act; the store runs it and can take it back. */
export * from './plans';
export * from './clay';
export * from './kit';
export * from './whole';
