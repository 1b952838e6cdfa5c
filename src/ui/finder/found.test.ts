import { DEMO } from '@/core/example';
import { describe, expect, it } from 'vitest';
import { foundBy } from './found';
import { keysAt } from './shortcuts';
import { THINGS_TO_DO } from './things-to-do';

const [honey] = DEMO.plans;
const found = (typed: string, piecesOnly = false) => foundBy(DEMO, honey, typed, piecesOnly);

describe('what is typed into the finder', () => {
  it.each([
    ['dark', 'do-mode'],
    ['inches', 'do-inches'],
    ['mm', 'do-metric'],
    ['undo', 'do-undo'],
    ['backup', 'do-save'],
    ['paper', 'do-print'],
    ['keyboard', 'do-shortcuts'],
  ])('%s finds the command %s', (typed, key) => {
    expect(found(typed).things.map((each) => each.key)).toContain(key);
  });

  it('finds every command by its own words, and none where only a piece is looked for', () => {
    for (const { words, key } of THINGS_TO_DO) {
      expect(found(words).things[0], words).toMatchObject({ does: key, words });
      expect(found(words, true).things).toEqual([]);
    }
  });

  it('with nothing typed shows places and pieces, no commands', () => {
    expect(found('').things).toEqual([]);
    expect(found('').places.length).toBeGreaterThan(8);
  });

  it('finds sections by the names they have on the screen', () => {
    for (const words of ['Capacity', 'Slip casting', 'Match lids to pots', 'Check a shrink rule'])
      expect(found(words).here.map((each) => each.words)).toContain(words);
  });
});

describe('the list of keys', () => {
  it('has those of its place first, and those of everywhere in every place', () => {
    expect(keysAt('/').map(({ place }) => place)).toEqual(['In a piece', 'Everywhere']);
    expect(keysAt('/orders')[0]!.place).toBe('Orders');
    for (const path of ['/', '/new', '/wheel', '/kit', '/clay', '/files']) expect(keysAt(path).at(-1)!.place).toBe('Everywhere');
  });
});
