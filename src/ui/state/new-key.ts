import { v4 } from 'uuid';

/** A key nobody else has, on a page that is no secure context too (crypto.randomUUID is missing there). */
export const newKey = (): string => v4();
