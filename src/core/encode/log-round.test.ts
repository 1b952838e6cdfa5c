import { DEMO } from '@/core/example';
import type { Workspace } from '@/core/records';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { guessedLogColumns, madeFrom, madeTable, readTable, runsFrom } from '.';

const OPTIONS = { unit: 'mm', today: '2026-11-26', undated: '2026-11-26' } as const;

let ids = 0;
const newId = () => `new-${(ids += 1)}`;

describe('a log out and in', () => {
  const all = (workspace: Workspace) => madeTable(workspace, new Set(workspace.pieces.map(({ id }) => id)));
  const readIn = (text: string, workspace: Workspace, more: object = {}) => {
    const table = readTable(text);
    if (!table.ok) throw new Error(table.problem.message);
    return madeFrom(table.value, guessedLogColumns(table.value), workspace, { ...OPTIONS, ...more });
  };
  const takenIn = (text: string, workspace: Workspace) => {
    const lines = readIn(text, workspace).flatMap(({ made }) => (made.ok ? [made.value] : []));
    return { lines, ...runsFrom(lines, workspace, newId, '2026-11-26T10:00:00.000Z') };
  };
  /** The same log without Rimbet's own marks, as a sheet may have lost them. */
  const unmarked = (text: string) => Papa.unparse(Papa.parse<string[]>(text.trim()).data.map((row) => row.slice(0, -1)));
  const hostile: Workspace = {
    ...DEMO,
    pieces: DEMO.pieces.map((piece, i) => ({ ...piece, note: i % 2 ? '=1+1' : 'a, "b"\nc', glaze: '-dark' })),
  };

  it.each([
    ['the example', DEMO],
    ['with what a sheet would run', hostile],
  ])('is recognised line by line, and changes nothing: %s', (_, workspace) => {
    const lines = readIn(all(workspace), workspace);
    expect(lines).toHaveLength(workspace.pieces.length);
    expect(lines.filter(({ already }) => already !== 'same')).toEqual([]);
    expect(takenIn(all(workspace), workspace)).toMatchObject({ runs: [], pieces: [], changed: [] });
  });

  it.each([
    ['the example', DEMO],
    ['with what a sheet would run', hostile],
  ])('is the same log in a workshop that has none: %s', (_, workspace) => {
    const bare = { ...workspace, runs: [], pieces: [] };
    const { runs, pieces } = takenIn(all(workspace), bare);
    const there = { ...bare, runs, pieces };
    expect(runs).toHaveLength(new Set(workspace.pieces.map(({ runId }) => runId)).size);
    const plain = (text: string) => unmarked(text).split('\r\n').toSorted();
    // a run of a plan keeps what that plan asks for now where nothing was said
    expect(plain(all(there)).length).toBe(plain(all(workspace)).length);
    const cells = (text: string) => Papa.parse<Record<string, string>>(text.trim(), { header: true }).data;
    const was = cells(all(workspace));
    for (const [i, row] of cells(all(there)).entries()) {
      for (const [head, cell] of Object.entries(was[i]!))
        if (head !== 'id' && !(head.startsWith('asked') && cell === '')) expect([head, row[head]]).toEqual([head, cell]);
    }
  });

  it('without its marks is recognised by name, day, clay and number', () => {
    const one = { ...DEMO, pieces: DEMO.pieces.filter(({ runId }) => runId === 'run-honey-october') };
    const lines = readIn(unmarked(all(one)), DEMO);
    expect(lines.map(({ already }) => already)).toEqual(one.pieces.map(() => 'same'));
  });

  it('changed in a sheet changes that piece, and what was left empty stays', () => {
    const piece = DEMO.pieces.find(({ id }) => id === 'run-honey-october-1')!;
    const text = madeTable(DEMO, new Set([piece.id]))
      .replace(',sold,', ',kept,')
      .replace(',104.5,', ',105,');
    const { lines, pieces, changed } = takenIn(text, DEMO);
    expect([lines.length, pieces.length, changed.length]).toEqual([1, 0, 1]);
    expect(changed[0]).toMatchObject({ id: piece.id, fate: 'kept', since: piece.since, note: piece.note });
    expect(changed[0]!.sizes.wet!.rimDiameter!.mm).toBe(105);
    expect(changed[0]!.sizes.wet!.height).toEqual(piece.sizes.wet!.height);
  });

  it('gives each piece of a run a number of its own: two alike are refused, a new one gets the next', () => {
    const run = DEMO.runs.find(({ id }) => id === 'run-honey-october')!;
    const clay = DEMO.bodies.find(({ id }) => id === run.bodyId)!.name;
    const own = DEMO.pieces.filter(({ runId }) => runId === run.id).map(({ no }) => no);
    const head = 'name,number,date,clay,note';
    const line = (no: string, note: string) => `"${run.name}",${no},${run.date},${clay},${note}`;
    const { lines, runs, pieces } = takenIn([head, line('', 'new')].join('\n'), DEMO);
    expect([lines[0]!.piece.no, runs.length, pieces[0]!.runId]).toEqual([Math.max(...own) + 1, 0, run.id]);
    const [, second] = readIn([head, line('90', 'a'), line('90', 'b')].join('\n'), DEMO);
    expect(second!.made.ok ? '' : second!.made.problem.message).toContain('There are two with the number 90');
  });

  it('names by its line what no one meant: an open quote, a line too short, a missing day, a day to come, signs that cannot be seen', () => {
    const open = readTable('name,date\nCup,2026-11-01\n"Mug,2026-11-01\nJug,2026-11-02');
    expect(open.ok ? '' : open.problem.message).toMatch(/^In line 3 a quote mark is opened and not closed/);
    const head = 'name,date,note';
    const lines = [
      'Cup,2026-11-01',
      'Cup,2026-11-01,a,b',
      'Cup,,a',
      'Cup,2999-01-01,a',
      'Cup,0999-01-01,a',
      'Cu\u0007p,2026-11-01,a',
      '"Cup\nMug",2026-11-01,a',
    ];
    const said = readIn([head, ...lines].join('\n'), DEMO, { undated: undefined }).map(
      ({ line, made }) => `${line} ${made.ok ? 'taken' : made.problem.message}`,
    );
    expect(said.map((each) => each.replace(/[.:].*/, ''))).toEqual([
      '2 It has 2 cells where the headings have 3',
      '3 It has 4 cells where the headings have 3',
      '4 It has no day',
      '5 “2999-01-01” is still to come',
      '6 “0999-01-01” is too long ago',
      '7 It has a sign in it that cannot be seen (code 7)',
      '8 The name of the piece goes on in the next line',
    ]);
  });
});
