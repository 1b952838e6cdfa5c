import type { Plan } from './records';

/** What a piece is found by where what is typed narrows a list: its name, its clay's and its note. */
export const saidOf = ({ name, note }: Plan, clay: string): string => `${name} ${clay} ${note}`.toLowerCase();
