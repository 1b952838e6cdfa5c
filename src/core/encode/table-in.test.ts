import { METRIC, text, writeLength, writeMass, writeVolume } from '@/core/units';
import { DEMO } from '@/core/example';
import { FAMILIES, FAMILY_NAMES } from '@/core/form';
import type { Part } from '@/core/records';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Table, guessedColumns, partsFrom, piecesTable, readTable, tableText } from '.';

const write = {
  length: (mm: number) => text(writeLength(mm, METRIC)),
  mass: (g: number) => text(writeMass(g, METRIC)),
  volume: (ml: number) => text(writeVolume(ml, METRIC)),
};

const tableOf = (content: string): Table => {
  const read = readTable(content);
  if (!read.ok) throw new Error(read.problem.message);
  return read.value;
};

const rowsOf = (content: string, unit: 'mm' | 'cm' | 'in' = 'mm') => {
  const table = tableOf(content);
  return partsFrom(table, guessedColumns(table), DEMO, { unit, bodyId: 'body-heron-buff', write });
};

const partIn = (content: string, unit?: 'mm' | 'cm' | 'in'): Part => {
  const [row] = rowsOf(content, unit);
  if (!row || !row.part.ok) throw new Error(row && !row.part.ok ? row.part.problem.message : 'no row');
  return row.part.value;
};

describe('a table of finished sizes', () => {
  it.each([
    ['name,mouth,height\nTumbler,82,"110"', 'commas'],
    ['name;mouth;height\nTumbler;82;110', 'semicolons'],
    ['name\tmouth\theight\nTumbler\t82\t110\n', 'tabs'],
    ['\ufeffPiece,Diameter,How tall\r\nTumbler,82 mm,11 cm\r\n', 'a byte mark and units in the cells'],
  ])('is read with %j', (content) => {
    const [row] = rowsOf(content);
    expect(row).toMatchObject({ line: 2, name: 'Tumbler' });
    const part = partIn(content);
    expect(part.sizes.rimDiameter).toEqual([{ mm: 82, at: 'glazed' }]);
    expect(part.sizes.height).toEqual([{ mm: 110, at: 'glazed' }]);
    expect(part.sizes.wall![0]).toMatchObject({ free: true });
    expect(part).toMatchObject({ family: 'cylinder', bodyId: 'body-heron-buff' });
  });

  it('takes form, clay, unit and further sizes from their columns', () => {
    const part = partIn('name,form,mouth,height,base,wall,unit,clay\nSoup,Bowl,6 1/4,3,2.5,3/16,in,chalk down');
    expect(part).toMatchObject({ family: 'bowl', bodyId: 'body-chalk-down' });
    expect(part.sizes.rimDiameter![0]).toMatchObject({ mm: 158.75 });
    expect(part.sizes.wall![0]).toEqual({ mm: 4.7625, at: 'glazed' });
    expect(partIn('name,form,length,short axis,height\nTray,box,300,180,60').hand).toEqual({ by: 'slab' });
  });

  it.each([
    ['name,mouth\nA,wide', 'mouth', /wide/],
    ['name,form,mouth\nA,teapot,90', 'form', /“teapot” is not a form Rimbet knows. Use one of: cup/],
    ['name,clay,mouth\nA,Owl Grey,90', 'clay', /no clay called “Owl Grey”/],
    ['name,unit,mouth\nA,ell,90', 'unit', /Use mm, cm or in/],
    ['name,note\nA,tall', 'mouth', /at least one/],
    ['name,form,mouth,base\nA,disc,90,80', 'base', /has no base/],
    ['name,mouth,height,wall\nA,90,100,60', 'wall', /thicker than the piece is wide/],
  ])('says of %j what is wrong', (content, path, message) => {
    const [row] = rowsOf(content);
    if (!row || row.part.ok) throw new Error('not refused');
    expect(row.part.problem.path).toBe(path);
    expect(row.part.problem.message).toMatch(message);
  });

  it.each([
    [['Name', 'Pieces', 'item', 'What'], 'name'],
    [['form', 'Shape', 'kind', 'type'], 'form'],
    [['in which unit'], 'unit'],
    [['Clay', 'clay body'], 'clay'],
    [['note', 'Remarks', 'comment'], 'note'],
    [['base', 'Foot', 'bottom'], 'base'],
    [['short side', 'width 2', 'depth'], 'short'],
    [['wall'], 'wall'],
    [['floor'], 'floor'],
    [['height', 'How high', 'tall'], 'height'],
    [['mouth', 'Rim', 'diameter', 'width', 'wide', 'across', 'length', '⌀', 'ø mm'], 'mouth'],
    [['price', ''], undefined],
  ] as const)('takes the headings %j for %j, each once', (heads, column) => {
    for (const head of heads) expect(guessedColumns({ head: [head] }), head).toEqual([column]);
    expect(guessedColumns({ head: [heads[0], heads[0]] })).toEqual([column, undefined]);
  });

  it('knows a form by any name it is called by on the screen, and no other', () => {
    const high = { disc: 8, tile: 8 } as Readonly<Record<string, number>>;
    for (const family of FAMILY_NAMES) {
      const { words } = FAMILIES[family];
      // a cup with a lip is “Cup, flared lip”: “cup” alone is the plain one
      const names = [family, words, words.toUpperCase(), ...words.split(/ or |, flared lip/)].filter(Boolean);
      for (const name of names.filter((each) => each.toLowerCase() !== 'cup' || family === 'cylinder')) {
        const [row] = rowsOf(`name;form;mouth;height\nA;${name};90;${high[family] ?? 60}`);
        if (row!.part.ok) expect(row!.part.value.family, name).toBe(family);
        else expect(row!.part.problem.path, name).not.toBe('form');
      }
    }
    for (const name of ['cu', 'cup or', 'vase bottle', 'flared lip', 'lip'])
      expect(rowsOf(`name;form;mouth\nA;${name};90`)[0]!.part, name).toMatchObject({ ok: false, problem: { path: 'form' } });
  });

  it('knows what potters call pieces, one of them or several', () => {
    const familyIn = (name: string) => partIn(`name,form,mouth\nA,${name},90`).family;
    for (const [family, names] of Object.entries({
      cylinder: ['mug', 'Mugs', 'tumblers', 'cups', 'planter'],
      bowl: ['dish', 'dishes', 'bowls', 'basin'],
      plate: ['platter', 'saucers', 'Plates'],
      jar: ['crock', 'urns', 'jug', 'pitcher'],
      bottle: ['vases', 'bottles'],
      box: ['boxes', 'trays'],
    }))
      for (const name of names) expect(familyIn(name), name).toBe(family);
  });

  it('lets what it does not say give way to what it says', () => {
    const known = { rimDiameter: 120, baseDiameter: 98, height: 20 };
    const saucer = partIn('name,form,mouth,base,height\nS,saucer,120,98,20');
    for (const [size, mm] of Object.entries(known)) expect(saucer.sizes[size as 'height']).toEqual([{ mm, at: 'glazed' }]);
    const plain = partIn('name,form,mouth,height\nS,saucer,120,20');
    const width = (part: Part) => (part.sizes.rimWidth![0] as { mm: number }).mm;
    // its rim is narrower than it would be over the usual foot
    expect(width(saucer)).toBeLessThan(width(plain));
  });

  it('writes the lines that are left as they can be pasted again', () => {
    const table = tableOf('name;note;mouth\nA;"tall; thin";90\nB;"says ""hm""";9 cm\nC;;12');
    const written = tableText(table, new Set([3, 4]));
    expect(written.split('\n')[0]).toBe('name\tnote\tmouth');
    expect(tableOf(written)).toEqual({ head: table.head, rows: table.rows.slice(1), faults: new Map() });
  });

  it('takes a bare number in the unit of its line, else in the usual one', () => {
    const mouth = (unit: string, usual?: 'mm' | 'cm' | 'in') => partIn(`name,unit,mouth\nA,${unit},9`, usual).sizes.rimDiameter![0];
    for (const [unit, mm] of [
      ['cm', 90],
      ['CM.', 90],
      ['in', 228.6],
      ['inch', 228.6],
      ['inches', 228.6],
    ] as const)
      expect(mouth(unit), unit).toMatchObject({ mm: expect.closeTo(mm, 9) as number });
    expect([mouth('', 'cm'), mouth('', 'in')]).toMatchObject([{ mm: 90 }, { mm: 228.6 }]);
    const table = tableOf('name,mouth\nA,9');
    const [row] = partsFrom(table, guessedColumns(table), DEMO, { unit: 'inch-fraction', bodyId: undefined, write });
    expect(row!.part).toMatchObject({ ok: true, value: { sizes: { rimDiameter: [{ mm: 228.6 }] } } });
  });

  it('needs a mouth or a height, one of them', () => {
    expect(partIn('name,mouth\nA,90').sizes.height![0]).toMatchObject({ free: true });
    expect(partIn('name,height\nA,90').sizes.rimDiameter![0]).toMatchObject({ free: true });
    expect(partIn('name,mouth,height\nA,90,80').sizes.height![0]).toEqual({ mm: 80, at: 'glazed' });
  });

  it('calls a line by its place where no column names it, and gives it the usual clay; a name left empty is asked for', () => {
    const [, second] = rowsOf('height,mouth\n80,90\n80,91');
    expect(second).toMatchObject({ line: 3, name: 'Line 3', part: { ok: true, value: { bodyId: 'body-heron-buff' } } });
    const [, nameless] = rowsOf('name,mouth\nA,90\n ,91');
    expect(nameless).toMatchObject({ line: 3, part: { problem: { path: 'name', message: 'It has no name. Enter one.' } } });
  });

  it('is at most 2,000 lines and a million letters long, to the line and the letter', () => {
    const lines = (count: number) => `name\n${'A\n'.repeat(count)}`;
    expect(readTable(lines(2000)).ok).toBe(true);
    expect(readTable(lines(2001))).toMatchObject({ problem: { message: 'There are 2001 lines. Take at most 2000 at a time.' } });
    const head = 'name\n';
    expect(readTable(head + 'x'.repeat(1_000_000 - head.length)).ok).toBe(true);
    expect(readTable(head + 'x'.repeat(1_000_001 - head.length)).ok).toBe(false);
    expect(tableOf(' name , mouth \n\n a , 90 \n')).toEqual({ head: ['name', 'mouth'], rows: [['a', '90']], faults: new Map() });
  });

  it('refuses what is no table', () => {
    for (const content of ['', 'name,mouth', 'x'.repeat(1_000_001)]) expect(readTable(content).ok).toBe(false);
    fc.assert(
      fc.property(fc.string(), (content) => {
        const read = readTable(content);
        if (read.ok) partsFrom(read.value, guessedColumns(read.value), DEMO, { unit: 'mm', bodyId: undefined, write });
      }),
      { seed: 9, numRuns: 200 },
    );
  });

  it('reads again what the list of pieces was saved as', () => {
    const table = tableOf(piecesTable(DEMO));
    const columns = table.head.map((head) =>
      head === 'piece'
        ? 'name'
        : head === 'clay'
          ? 'clay'
          : head === 'finished height mm'
            ? 'height'
            : head === 'Mouth, finished mm'
              ? 'mouth'
              : undefined,
    ) as ReturnType<typeof guessedColumns>;
    const rows = partsFrom(table, columns, DEMO, { unit: 'mm', bodyId: undefined, write });
    expect(rows).toHaveLength(DEMO.plans.length);
    expect(rows[0]!.name).toBe(DEMO.plans[0]!.name);
  });

  it('asks of a point before three figures where it may mark thousands', () => {
    const table = tableOf('name,height\nJar,1.200');
    const [row] = partsFrom(table, ['name', 'height'], DEMO, { unit: 'mm', point: 'ask', bodyId: undefined, write });
    expect(row!.part).toMatchObject({ ok: false, problem: { message: expect.stringContaining('could mean 1200 or 1.2') } });
  });

  it('takes the unit a heading names, whatever the workshop measures in', () => {
    for (const [heading, cell] of [
      ['finished height in', '4.724'],
      ['height (cm)', '12'],
      ['height, mm', '120'],
    ]) {
      const table = tableOf(`name,${heading!.includes(',') ? `"${heading}"` : heading}\nJar,${cell}`);
      const [row] = partsFrom(table, ['name', 'height'], DEMO, { unit: 'mm', bodyId: undefined, write });
      const made = row!.part.ok ? row!.part.value.sizes.height![0] : undefined;
      expect(made && 'mm' in made && made.mm, heading).toBeCloseTo(120, 1);
    }
  });
});
