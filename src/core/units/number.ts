import { quote } from './quote';
import { type Result, bad, good } from './result';

const shortNumber = (value: number): string => String(Number(value.toPrecision(12)));

/**
 * Reads one plain number as people write it: `12.5`, `12,5`, `.5`, `1200`.
 * A comma is a decimal comma, but exactly three digits after it could be thousands, so `1,200` is refused
 * unless a 0 stands before (`0,125`). A point is always a decimal point.
 */
export function readDecimal(text: string): Result<number> {
  const marks = text.match(/[.,]/g) ?? [];
  const digits = text.replace(/[.,]/g, '');
  if (marks.length > 1) {
    return bad('', `${quote(text)} has more than one point or comma. Leave out the thousands separator, such as 1200.5.`);
  }
  if (digits === '') return bad('', `${quote(text)} is not a number. Enter one such as 12.5.`);
  const [before = '', after = ''] = text.split(/[.,]/);
  if (marks[0] === ',' && after.length === 3 && !/^0+$/.test(before)) {
    const thousands = Number(before + after);
    const decimal = Number(`${before || '0'}.${after}`);
    return bad(
      '',
      `${quote(text)} could mean ${shortNumber(thousands)} or ${shortNumber(decimal)}. Enter ${shortNumber(thousands)} or ${shortNumber(decimal)}.`,
    );
  }
  return good(Number(`${before || '0'}.${after || '0'}`));
}
