import { METRIC, text, writeLength, writeMass, writeVolume } from '@/core/units';
import { DEMO } from '@/core/example';
import { type Part } from '@/core/workspace';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Table, guessedColumns, partsFrom, piecesTable, readTable } from '.';

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
    ['name,form,mouth\nA,teapot,90', 'form', /“teapot” is no form known here. Write one of: cup/],
    ['name,clay,mouth\nA,Owl Grey,90', 'clay', /no clay called “Owl Grey”/],
    ['name,unit,mouth\nA,ell,90', 'unit', /Write mm, cm or in/],
    ['name,note\nA,tall', 'mouth', /at least one/],
    ['name,form,mouth,base\nA,disc,90,80', 'base', /has no base/],
    ['name,mouth,height,wall\nA,90,100,60', 'wall', /thicker than the piece is wide/],
  ])('says of %j what is wrong', (content, path, message) => {
    const [row] = rowsOf(content);
    if (!row || row.part.ok) throw new Error('not refused');
    expect(row.part.problem.path).toBe(path);
    expect(row.part.problem.message).toMatch(message);
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
            : head === 'finished mouth mm'
              ? 'mouth'
              : undefined,
    ) as ReturnType<typeof guessedColumns>;
    const rows = partsFrom(table, columns, DEMO, { unit: 'mm', bodyId: undefined, write });
    expect(rows).toHaveLength(DEMO.plans.length);
    expect(rows[0]!.name).toBe(DEMO.plans[0]!.name);
  });
});
