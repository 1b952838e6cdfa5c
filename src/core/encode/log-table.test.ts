import { DEMO } from '@/core/example';
import { FATES, type MadePiece, refOf, SHELF_WORDS } from '@/core/records';
import { strToU8, zipSync } from 'fflate';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { guessedLogColumns, isArchive, madeFrom, madeTable, readArchive, readTable, runsFrom, writeArchive, writeWorkspace } from '.';

const OPTIONS = { unit: 'mm', today: '2026-11-26', undated: '2026-11-26' } as const;

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
    for (const row of data.slice(1)) expect([row[0]![0], row.at(-3)![0]]).toEqual(["'", "'"]);
    const jar = Papa.parse<Record<string, string>>(madeTable(DEMO, new Set(['run-honey-october-1'])), { header: true }).data;
    expect(jar).toMatchObject([
      { run: 'Honey jar, wide', piece: '1', clay: 'Heron Buff', 'wet mouth mm': '104.5', 'fired mouth mm': '92.5', became: 'sold' },
    ]);
  });

  it('has all that is known of a piece in its columns, to the hundredth', () => {
    const run = DEMO.runs.find(({ bodyId, batchId }) => bodyId && batchId)!;
    const piece: MadePiece = {
      id: 'p',
      runId: run.id,
      no: 7,
      shelf: 'lost',
      sizes: {
        wet: { height: { mm: 101.256 }, mouthInside: { mm: 80 } },
        leather: { baseDiameter: { mm: 60 } },
        glazed: { rimDiameter: { mm: 90.001 } },
      },
      weights: { wet: 480.456, dry: 400 },
      wrong: ['cracked', 'other'],
      fate: 'kept',
      glaze: 'dark',
      note: 'n',
      out: true,
      at: '2026-11-26T10:00:00.000Z',
      since: {},
    };
    const asked = { height: 90, rimDiameter: 81.5 };
    const workspace = { ...DEMO, runs: [{ ...run, ball: 512.345, asked }], pieces: [piece] };
    const [row] = Papa.parse<Record<string, string>>(madeTable(workspace, new Set(['p'])), { header: true }).data;
    expect(Object.fromEntries(Object.entries(row!).filter(([, cell]) => cell !== ''))).toEqual({
      run: run.name,
      piece: '7',
      made: run.date,
      clay: DEMO.bodies.find(({ id }) => id === run.bodyId)!.name,
      batch: DEMO.batches.find(({ id }) => id === run.batchId)!.name,
      'ball g': '512.35',
      stands: 'lost',
      'wet height mm': '101.26',
      'wet mouth inside mm': '80',
      'leather hard base mm': '60',
      'fired mouth mm': '90',
      'wet weight g': '480.46',
      'bone dry weight g': '400',
      'asked height mm': '90',
      'asked mouth mm': '81.5',
      'went wrong': 'cracked; other',
      became: 'kept',
      glaze: 'dark',
      note: 'n',
      'left out': 'yes',
      id: `${run.id}/p`,
    });
    expect(madeTable(workspace, new Set()).trim().split('\r\n')).toHaveLength(1);
  });

  it('comes in: one name, day and clay are one run, of the plan of that name', () => {
    const { runs, pieces } = taken(
      'name,date,clay,wet mouth,fired mouth,sold\nHoney jar; wide,2026-09-01,Heron Buff,104.5,92.4,sold' +
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
    ).toEqual(['2 date', '3 clay', '4 number', '5 ball', '6 stands', '7 glazed height', '8 glazed height', '9 wrong']);
  });
});

/** What the one line under a head is read as. */
const lineOf = (head: string, cells: string) => {
  const { made } = read(`${head}\n${cells}`)[0]!;
  if (!made.ok) throw new Error(made.problem.message);
  return made.value;
};
const refused = (head: string, cells: string) => {
  const { made } = read(`${head}\n${cells}`)[0]!;
  return made.ok ? undefined : made.problem;
};

describe('a line of a log', () => {
  it.each([
    ['date', ['Date', 'day', 'made', 'thrown on']],
    ['glazed height', ['fired height', 'glazed, how high', 'Finished height']],
    ['glazed rimDiameter', ['fired mouth', 'glazed rim', 'finished width', 'fired diameter']],
    ['wet height', ['wet height', 'thrown high']],
    ['wet rimDiameter', ['wet mouth', 'thrown rim', 'wet width', 'Wet diam.']],
    ['clay', ['Clay', 'clay body']],
    ['ball', ['Ball', 'weight']],
    ['stands', ['stands', 'stage', 'Shelf']],
    ['wrong', ['went wrong', 'fault', 'loss', 'lost']],
    ['became', ['became', 'fate', 'Sold']],
    ['glaze', ['glaze']],
    ['note', ['Note', 'remark', 'comment']],
    ['number', ['number', 'No.', 'piece', '#']],
    ['name', ['name', 'run', 'Pieces', 'item', 'What']],
    [undefined, ['price', '']],
  ] as const)('has %j in columns headed %j', (column, heads) => {
    for (const head of heads) expect(guessedLogColumns({ head: [head] }), head).toEqual([column]);
  });

  it('has its day in either way of writing it, else today; no other, and no day that there is not', () => {
    const day = (text: string) => lineOf('name,date', `Cup,${text}`).date;
    for (const [text, iso] of [
      ['', '2026-11-26'],
      ['2026-1-5', '2026-01-05'],
      ['5.1.2026', '2026-01-05'],
      ['2026-11-24', '2026-11-24'],
      ['24.11.2026', '2026-11-24'],
      ['2024-02-29', '2024-02-29'],
    ] as const)
      expect(day(text), text).toBe(iso);
    const none = ['2026-02-29', '31.4.2026', '2026-13-01', '1.1.26', 'on 2026-1-5', '2026-1-5 or so', '5.1.2026!', '.5.1.2026', 'soon'];
    for (const text of none) expect(refused('name,date', `Cup,${text}`)?.path, text).toBe('date');
  });

  it('has its lengths at their stage, in the unit that is usual, and its ball in grams', () => {
    const table = readTable('name,wet height,wet mouth,fired height,fired mouth,ball\nCup,10,9,9,8,0.5 kg');
    if (!table.ok) throw new Error(table.problem.message);
    const of = (unit: 'cm' | 'inch-fraction') => {
      const { made } = madeFrom(table.value, guessedLogColumns(table.value), DEMO, { ...OPTIONS, unit })[0]!;
      if (!made.ok) throw new Error(made.problem.message);
      return made.value;
    };
    expect(of('cm').piece.sizes).toEqual({
      wet: { height: { mm: 100 }, rimDiameter: { mm: 90 } },
      glazed: { height: { mm: 90 }, rimDiameter: { mm: 80 } },
    });
    expect(of('cm')).toMatchObject({ ball: 500, name: 'Cup', bodyId: undefined });
    expect(of('inch-fraction').piece.sizes.wet!.height!.mm).toBeCloseTo(254, 9);
    expect(lineOf('name,ball', 'Cup,450').ball).toBe(450);
    expect(lineOf('name,ball', 'Cup,').ball).toBeUndefined();
    expect(refused('name,wet height', 'Cup,high')?.path).toBe('wet height');
  });

  it('is smaller fired than wet in height and in mouth; the same is not smaller', () => {
    expect(refused('name,wet height,fired height', 'Cup,100,100')?.path).toBe('glazed height');
    expect(refused('name,wet mouth,fired mouth', 'Cup,100,100')?.path).toBe('glazed rimDiameter');
    expect(lineOf('name,wet mouth,fired mouth', 'Cup,100,99.9').piece.shelf).toBe('fired');
    expect(lineOf('name,wet mouth,fired height', 'Cup,100,120').piece.shelf).toBe('fired');
    expect(lineOf('name,wet mouth', 'Cup,100').piece.shelf).toBe('wet');
  });

  it('says where it stands, what went wrong and what became of it in the words of the screen or of the file', () => {
    const stands = (text: string) => lineOf('name,stands,wet mouth,fired mouth', `Cup,${text},100,90`).piece.shelf;
    for (const [text, shelf] of [
      ['leather hard', 'leather'],
      ['leather', 'leather'],
      ['Ready for bisque', 'ready'],
      ['READY', 'ready'],
      ['coated', 'coated'],
      // as files had it before the last stage was called finished
      ['glazed', 'coated'],
      ['fired', 'fired'],
      ['bone dry', 'ready'],
      ['Finished', 'fired'],
      ['lost', 'lost'],
      ['', 'fired'],
    ] as const)
      expect(stands(text), text).toBe(shelf);
    const said = lineOf('name,went wrong,became,glaze,note', 'Cup,Handle off,SECOND,dark,thin lip').piece;
    expect(said).toMatchObject({ wrong: ['handle off'], fate: 'second', glaze: 'dark', note: 'thin lip' });
    const silent = lineOf('name,went wrong,became,glaze,note', 'Cup,,,,').piece;
    expect(Object.keys(silent).toSorted()).toEqual(['no', 'note', 'shelf', 'sizes', 'weights']);
    expect(refused('name,became', 'Cup,eaten')).toEqual({
      path: 'became',
      message: `“eaten” is not known here. Enter one of: ${FATES.join(', ')}.`,
    });
    expect(refused('name,stands', 'Cup,gone')?.message).toContain(`${SHELF_WORDS.wet}, ${SHELF_WORDS.leather}, ${SHELF_WORDS.drying}`);
  });

  it('has a whole number from 1 to 100,000, or the next of its run', () => {
    const number = (text: string) => lineOf('name,number', `Cup,${text}`).piece.no;
    expect([number(''), number('1'), number('100000')]).toEqual([1, 1, 100_000]);
    for (const text of ['0', '100001', '1.5', '-1', 'one']) expect(refused('name,number', `Cup,${text}`)?.path, text).toBe('number');
    const lines = read('name,number,date\nCup,4,\nCup,,\nCup,,2026-11-01\nJug,,\nCup,,');
    expect(lines.map(({ made }) => made.ok && made.value.piece.no)).toEqual([4, 5, 1, 1, 6]);
  });

  it('needs a name of its own', () => {
    expect(refused('date', '2026-11-01')).toMatchObject({ path: 'name' });
    expect(refused('name,date', ',2026-11-01')).toMatchObject({ path: 'name' });
    expect(refused('name,clay', 'Cup,Owl Grey')?.message).toContain('no clay called “Owl Grey”');
    expect(lineOf('name,clay', 'Cup,HERON BUFF').bodyId).toBe('body-heron-buff');
  });

  it('is called by its piece, or by its place in the file, the head counted', () => {
    const lines = read('name,date,wet height mm\nHoney jar,2026-11-01,140\n,2026-11-02,141\n');
    expect(lines.map(({ line, name }) => [line, name])).toEqual([
      [2, 'Honey jar'],
      [3, 'Line 3'],
    ]);
  });
});

describe('runs of a log', () => {
  const head = 'name,date,clay,ball,glaze';

  it('part by name, day and clay; a run is closed, and its ball and clay are what is said', () => {
    const { runs, pieces } = taken(
      [
        head,
        'Cup,2026-11-01,Heron Buff,450,',
        'Cup,2026-11-01,Chalk Down,450,',
        'Cup,2026-11-02,Heron Buff,450,',
        'Mug,2026-11-01,Heron Buff,450,',
        'Cup,2026-11-01,Heron Buff,470,dark',
      ].join('\n'),
    );
    expect(runs).toHaveLength(4);
    expect(runs.every(({ closed, ball }) => closed === true && ball === 450)).toBe(true);
    expect(pieces.map(({ runId }) => runs.findIndex(({ id }) => id === runId))).toEqual([0, 1, 2, 3, 0]);
    expect(new Set(pieces.map(({ id }) => id)).size).toBe(5);
    expect(pieces[4]).toMatchObject({ glaze: 'dark', since: { wet: '2026-11-01' }, weights: {}, at: '2026-11-26T10:00:00.000Z' });
  });

  it('of a plan are of its form and its clay, where the line says no other', () => {
    const plan = DEMO.plans.find(({ id }) => id === 'plan-honey-jar')!;
    const part = plan.parts[0]!;
    const [own, other] = taken(`${head}\n"${plan.name.toUpperCase()}",2026-11-01,,,\n"${plan.name}",2026-11-02,Chalk Down,,`).runs;
    expect(own).toMatchObject({ family: part.family, bodyId: part.bodyId, batchId: part.batchId, date: '2026-11-01' });
    expect(other).toMatchObject({ family: part.family, bodyId: 'body-chalk-down' });
    expect(other!.batchId).toBeUndefined();
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

  it('is refused where a picture, the workshop or all together is larger than it may be, and says which', () => {
    /** A zip that says of its pictures that they are so large. */
    const said = (sizes: readonly number[], workspaceSize: number) => {
      const files = Object.fromEntries(sizes.map((_, i) => [`pictures/p${i}.jpg`, jpeg]));
      const bytes = zipSync({ 'workspace.json': strToU8(text), ...files });
      const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
      const all = [workspaceSize, ...sizes];
      for (let at = 0; at < bytes.length - 4 && all.length > 0; at += 1)
        if (view.getUint32(at, true) === 0x02014b50) view.setUint32(at + 24, all.shift()!, true);
      const found = readArchive(bytes);
      return found.ok ? '' : found.problem.message;
    };
    const MB = 1024 * 1024;
    expect(said([8 * MB + 1], 10)).toContain('“pictures/p0.jpg” is larger than it may be');
    expect(said([7], 20 * MB + 1)).toContain('“workspace.json” is larger than it may be');
    expect(said([8 * MB], 20 * MB)).not.toContain('larger');
    const forty = (count: number) => Array.from({ length: count }, () => 8 * MB);
    expect(said(forty(47), 20 * MB)).not.toContain('larger');
    expect(said([...forty(47), 4 * MB], 20 * MB)).not.toContain('larger');
    expect(said([...forty(47), 4 * MB + 1], 20 * MB)).toContain('“pictures/p47.jpg” is larger');
  });

  it('needs the workspace in it, and pictures that begin as a picture does, in each of three bytes', () => {
    const message = (bytes: Uint8Array) => {
      const found = readArchive(bytes);
      return found.ok ? '' : found.problem.message;
    };
    expect(message(zipSync({ 'pictures/a.jpg': jpeg }))).toBe('This file contains no workspace.');
    for (const at of [0, 1, 2]) {
      const hurt = jpeg.map((byte, i) => (i === at ? byte - 1 : byte));
      expect(message(writeArchive(text, [{ id: 'a', bytes: hurt }]))).toBe('The picture a is damaged.');
    }
    const strange = message(zipSync({ [`${'long'.repeat(30)}.txt`]: jpeg }));
    expect(strange).toContain(`“${'long'.repeat(15)}” does not belong in it`);
    for (const name of ['pictures/a.png', 'pictures/.jpg', 'x/pictures/a.jpg', 'pictures/a.jpg.exe', `pictures/${'x'.repeat(101)}.jpg`])
      expect(message(zipSync({ 'workspace.json': strToU8(text), [name]: jpeg })), name).toContain('does not belong');
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
