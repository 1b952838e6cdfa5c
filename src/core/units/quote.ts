const LONGEST = 40;

/**
 * Quotes what somebody typed inside a message, so that it can never act as markup wherever the message ends up:
 * angle brackets, ampersands, backquotes and control characters become a middle dot, and long text is cut.
 *
 * @example quote('3 5/8 <b>') // '“3 5/8 ·b·”'
 */
export function quote(text: string): string {
  return `“${harmless(text)}”`;
}

/** The same without quotation marks, for field names in a path. */
export function harmless(text: string): string {
  const clean = text.replace(/[<>&`\u0000-\u001f\u007f\u2028\u2029]/g, '·');
  return clean.length > LONGEST ? `${clean.slice(0, LONGEST)}…` : clean;
}
