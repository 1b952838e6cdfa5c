/** What the font has beside plain Latin letters; anything else would vanish without a word. */
const HAS = /[\u0020-\u007e\u00a0-\u00ff\u0152\u0153\u2013\u2014\u2018-\u201e\u2022\u2026\u20ac\u2212]/;

/** Text in letters the font has: accents it lacks are dropped, other scripts become a question mark. */
export const printable = (text: string): string =>
  [...text].map((letter) => (HAS.test(letter) ? letter : (letter.normalize('NFD').match(/[\u0020-\u007e]/)?.[0] ?? '?'))).join('');
