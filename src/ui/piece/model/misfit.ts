import { LIMIT_WORDS, type LimitCheck, STAGE_WORDS } from '@/core/sizing';

const lowered = (words: string): string => words[0]!.toLowerCase() + words.slice(1);

/** What does not fit, in words. */
export const misfitWords = ({ limit, stage, what, mm, most }: LimitCheck, length: (mm: number) => string): string =>
  `Too large: ${length(mm)} ${what} ${STAGE_WORDS[stage]}. Your ${lowered(LIMIT_WORDS[limit])} is ${length(most)}.`;
