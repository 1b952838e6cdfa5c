/** An entry of a calendar: whole days, both included, ISO dates. */
export interface CalendarEntry {
  /** Stays the same, so that a calendar that has it already takes the new days. */
  readonly uid: string;
  readonly summary: string;
  readonly description?: string | undefined;
  readonly from: string;
  readonly to: string;
}

const OCTETS = 75;
const bytes = new TextEncoder();

/** RFC 5545 3.1: no line is longer than 75 octets; what is left goes on behind a space, and no character is cut in two. */
function folded(line: string): string {
  const lines: string[] = [];
  let [own, room] = ['', OCTETS];
  for (const char of line) {
    const size = bytes.encode(char).length;
    if (size > room) {
      lines.push(own);
      [own, room] = [' ', OCTETS - 1];
    }
    own += char;
    room -= size;
  }
  return [...lines, own].join('\r\n');
}

/** RFC 5545 3.3.11. */
const escaped = (text: string): string => text.replace(/[\\;,]/g, '\\$&').replace(/\r?\n/g, '\\n');

const dateOf = (iso: string): string => iso.replaceAll('-', '');

function dayAfter(iso: string): string {
  const day = new Date(`${iso}T00:00:00Z`);
  day.setUTCDate(day.getUTCDate() + 1);
  return day.toISOString().slice(0, 10);
}

/**
 * Days of work as iCalendar (RFC 5545), whole-day entries.
 *
 * @param at the moment of writing, ISO, handed in so that the same days give the same text
 */
export function writeCalendar(entries: readonly CalendarEntry[], at: string): string {
  const stamp = `${at.slice(0, 19).replace(/[-:]/g, '')}Z`;
  const lines = entries.flatMap(({ uid, summary, description, from, to }) => [
    'BEGIN:VEVENT',
    `UID:${escaped(uid)}`,
    `DTSTAMP:${stamp}`,
    `DTSTART;VALUE=DATE:${dateOf(from)}`,
    // the end is the first day that is free again
    `DTEND;VALUE=DATE:${dateOf(dayAfter(to))}`,
    `SUMMARY:${escaped(summary)}`,
    ...(description ? [`DESCRIPTION:${escaped(description)}`] : []),
    'TRANSP:TRANSPARENT',
    'END:VEVENT',
  ]);
  return ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//Rimbet//Days of work//EN', 'CALSCALE:GREGORIAN', ...lines, 'END:VCALENDAR', '']
    .map(folded)
    .join('\r\n');
}
