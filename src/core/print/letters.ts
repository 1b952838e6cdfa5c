/** What the font has beside plain Latin letters; anything else would vanish without a word. */
const HAS = /^[\u0020-\u007e\u00a0-\u00ff\u0152\u0153\u2013\u2014\u2018-\u201e\u2022\u2026\u20ac\u2212]+$/;

/** Signs the font lacks, as it can say them. */
const SAID: Readonly<Record<string, string>> = { '⌀': 'Ø', '→': 'to', '≤': 'at most', '≥': 'at least', '⁄': '/', '′': "'", '″': '"' };

function said(letter: string): string {
  if (HAS.test(letter)) return letter;
  if (SAID[letter]) return SAID[letter];
  // fractions of one sign, ligatures, letters of full width
  const plain = letter.normalize('NFKC').replaceAll('⁄', '/');
  return HAS.test(plain) ? plain : (letter.normalize('NFD').match(/[\u0020-\u007e]/)?.[0] ?? '?');
}

/** Text in letters the font has: signs are said with others, accents it lacks are dropped, other scripts become a question mark. */
export const printable = (text: string): string => Array.from(text, said).join('');
