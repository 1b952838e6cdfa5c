import ICAL from 'ical.js';
import { describe, expect, it } from 'vitest';
import { writeCalendar } from './ics';

const AT = '2026-11-26T08:00:00.000Z';
const entry = {
  uid: 'order-1-line-2-throw@rimbet',
  summary: 'throw: jars, wide; 12 × “Größe” \\ ⌀ 90 mm, für die Gäste im Winter – 花瓶花瓶花瓶花瓶花瓶花瓶花瓶花瓶',
  description: 'first line\nsecond, with a comma; and more than seventy-five octets so that it has to be folded in the middle of it',
  from: '2026-11-30',
  to: '2026-12-01',
};

describe('the calendar file', () => {
  const text = writeCalendar([entry, { ...entry, uid: 'b', from: '2028-02-28', to: '2028-02-29' }], AT);

  it('folds every line at 75 octets, no character cut in two', () => {
    for (const line of text.split('\r\n')) expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75);
    expect(text).not.toContain('\ufffd');
    expect(text.endsWith('END:VCALENDAR\r\n')).toBe(true);
  });

  it('is read back by a standard parser with the same words, ids and days', () => {
    const events = new ICAL.Component(ICAL.parse(text) as unknown[]).getAllSubcomponents('vevent').map((each) => new ICAL.Event(each));
    expect(events).toHaveLength(2);
    const [first, leap] = events as [ICAL.Event, ICAL.Event];
    expect([first.uid, first.summary, first.description]).toEqual([entry.uid, entry.summary, entry.description]);
    expect([first.startDate.toString(), first.endDate.toString(), first.startDate.isDate]).toEqual(['2026-11-30', '2026-12-02', true]);
    expect(leap.endDate.toString()).toBe('2028-03-01');
  });

  it('has the same ids when it is written again, so that it comes in without doubles', () => {
    const ids = (all: string) => all.match(/^UID:.*/gm);
    expect(ids(writeCalendar([{ ...entry, from: '2026-12-02', to: '2026-12-02' }], AT))).toEqual(ids(text)!.slice(0, 1));
  });
});
