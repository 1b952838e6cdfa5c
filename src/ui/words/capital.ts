/** The same words as a sentence begins: `a cup` is `A cup`. */
export const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);
