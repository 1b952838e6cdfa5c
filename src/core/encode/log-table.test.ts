import { DEMO } from '@/core/example';
import { refOf } from '@/core/workspace';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { guessedLogColumns, isArchive, madeFrom, madeTable, readArchive, readTable, runsFrom, writeArchive, writeWorkspace } from '.';

const OPTIONS = { unit: 'mm', today: '2026-11-26' } as const;

function read(text: string) {
  const table = readTable(text);
  if (!table.ok) throw new Error(table.problem.message);
  return madeFrom(table.value, guessedLogColumns(table.value), DEMO, OPTIONS);
}

const faults = (text: string) => read(text).flatMap(({ line, made }) => (made.ok ? [] : [`${line} ${made.problem.path}`]));

let ids = 0;
const newId = () => `new-${(ids += 1)}`;

const taken = (text: string) =>
  runsFrom(
    read(text).flatMap(({ made }) => (made.ok ? [made.value] : [])),
    DEMO,
    newId,
    '2026-11-26T10:00:00.000Z',
  );

describe('a log as a table', () => {
  it('goes out a line a piece, harmless for a sheet', () => {
    const hostile = {
      ...DEMO,
      runs: DEMO.runs.map((run) => ({ ...run, name: '=HYPERLINK("x")' })),
      pieces: DEMO.pieces.map((piece) => ({ ...piece, note: '+cmd' })),
    };
    const { data } = Papa.parse<string[]>(madeTable(hostile, new Set(DEMO.pieces.map(({ id }) => id))));
    expect(data).toHaveLength(DEMO.pieces.length + 1);
    for (const row of data.slice(1)) expect([row[0]![0], row.at(-2)![0]]).toEqual(["'", "'"]);
    const jar = Papa.parse<Record<string, string>>(madeTable(DEMO, new Set(['run-honey-october-1'])), { header: true }).data;
    expect(jar).toMatchObject([
      { run: 'Honey jar, wide', piece: '1', clay: 'Heron Buff', 'wet mouth mm': '104.5', 'fired mouth mm': '92.5', became: 'sold' },
    ]);
  });

  it('comes in: one name, day and clay are one run, of the plan of that name', () => {
    const { runs, pieces } = taken(
      'name,date,clay,wet mouth,fired mouth,sold\nHoney jar, wide,2026-09-01,Heron Buff,104.5,92.4,sold'.replace('jar, wide', 'jar; wide') +
        '\nTumbler,24.9.2026,,93,82,\nTumbler,24.9.2026,,94,83,kept\n"Honey jar, wide",2026-09-01,heron buff,104,92,',
    );
    expect(runs.map(({ name, date, closed }) => [name, date, closed])).toEqual([
      ['Honey jar; wide', '2026-09-01', true],
      ['Tumbler', '2026-09-24', true],
      ['Honey jar, wide', '2026-09-01', true],
    ]);
    expect(refOf(runs[2]!)).toBe('plan-honey-jar');
    expect(runs[1]).toMatchObject({ family: 'cylinder', planned: {}, asked: {} });
    expect(runs.every(({ promised, ball }) => promised === undefined && ball === undefined)).toBe(true);
    expect(pieces.map(({ no, shelf, fate }) => [no, shelf, fate])).toEqual([
      [1, 'fired', 'sold'],
      [1, 'fired', undefined],
      [2, 'fired', 'kept'],
      [1, 'fired', undefined],
    ]);
    expect(pieces[0]!.sizes).toEqual({ wet: { rimDiameter: { mm: 104.5 } }, glazed: { rimDiameter: { mm: 92.4 } } });
  });

  it('says by line and column what is wrong', () => {
    const head = 'name,number,date,clay,ball,stands,wet height,fired height,wrong';
    expect(
      faults(
        [
          head,
          'Cup,1,2026-02-30,,,,,,',
          'Cup,1,,No such clay,,,,,',
          'Cup,x,,,,,,,',
          'Cup,,,,many,,,,',
          'Cup,,,,,on the moon,,,',
          'Cup,,,,,,100,101,',
          'Cup,,,,,,1,200,',
          'Cup,,,,,,,,exploded',
          'Cup,2,,Heron Buff,1 lb,bisqued,4 in,,cracked',
        ].join('\n'),
      ),
    ).toEqual(['2 date', '3 clay', '4 number', '5 ball', '6 stands', '7 firedHeight', '8 firedHeight', '9 wrong']);
  });
});

describe('a line of a log', () => {
  it('is called by its piece, or by its place in the file, the head counted', () => {
    const lines = read('name,date,wet height mm\nHoney jar,2026-11-01,140\n,2026-11-02,141\n');
    expect(lines.map(({ line, name }) => [line, name])).toEqual([
      [2, 'Honey jar'],
      [3, 'Line 3'],
    ]);
  });
});

describe('a workspace with its pictures', () => {
  const jpeg = Uint8Array.from([0xff, 0xd8, 0xff, 0xe0, 1, 2, 3]);
  const text = writeWorkspace(DEMO, '2026-11-26T10:00:00.000Z');

  it('is told by how a zip begins, by each of its four bytes', () => {
    const begins = [0x50, 0x4b, 3, 4];
    expect(isArchive(Uint8Array.from(begins))).toBe(true);
    for (const at of begins.keys()) expect(isArchive(Uint8Array.from(begins.map((byte, i) => (i === at ? byte + 1 : byte))))).toBe(false);
    expect(isArchive(new Uint8Array())).toBe(false);
  });

  it('is one file that comes apart again', () => {
    const bytes = writeArchive(text, [{ id: 'a-1', bytes: jpeg }]);
    expect(isArchive(bytes)).toBe(true);
    expect(isArchive(new TextEncoder().encode(text))).toBe(false);
    expect(readArchive(bytes)).toEqual({ ok: true, value: { text, pictures: [{ id: 'a-1', bytes: jpeg }] } });
  });

  it('is refused whole where anything else is in it, or it is broken', () => {
    const said = (bytes: Uint8Array) => {
      const found = readArchive(bytes);
      return found.ok ? '' : found.problem.message;
    };
    expect(said(writeArchive(text, [{ id: '../evil', bytes: jpeg }]))).toMatch(/does not belong/);
    expect(said(writeArchive(text, [{ id: 'a', bytes: Uint8Array.from([1, 2, 3, 4]) }]))).toMatch(/picture a is damaged/);
    const bytes = writeArchive(text, []);
    expect(said(bytes.slice(0, bytes.length - 30))).toMatch(/damaged/);
    for (let at = 0; at < bytes.length; at += 97) {
      const hurt = bytes.slice();
      hurt[at] = hurt[at]! ^ 0x5a;
      expect(() => readArchive(hurt)).not.toThrow();
    }
  });
});
