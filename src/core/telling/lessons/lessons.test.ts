import { DEMO } from '@/core/example';
import { weighedPart } from '@/core/part';
import { mainPart, type Workspace } from '@/core/records';
import { writeLength } from '@/core/units';
import { describe, expect, it } from 'vitest';
import { LESSONS, hasChanged, lessonsOf, movedBy } from '.';

const W = {
  length: (mm: number) => `${mm.toFixed(1)} mm`,
  written: (mm: number) => writeLength(mm, { length: 'mm', mass: 'g', volume: 'ml', denominator: 16, flOz: 'us' }),
};

const lessons = lessonsOf(DEMO, W);
const called = (title: string, of = lessons) => of.find((lesson) => lesson.title === title)!;

describe('what the pieces made teach', () => {
  it('tells each figure as it was and as it is, with the pieces it is from', () => {
    const shrinks = called('Shrinkage of Chalk Down, June, cone 10');
    expect(shrinks).toMatchObject({ kind: 'shrinkage', was: '15.1% ± 0.5%', is: '16.2% ± 0.4%', figure: { whole: '16.2', unit: '%' } });
    expect(shrinks.from.map(({ told }) => told)).toEqual(['16.5%', '16.3%', '16.4%', '18.2%']);
    expect(called('Losses: cup')).toMatchObject({ was: '10%', is: '13%' });
  });

  it('says of nothing that it changed where nothing was made', () => {
    const bare = lessonsOf({ ...DEMO, pieces: [], runs: [] }, W);
    expect(bare.filter(hasChanged)).toEqual([]);
  });

  it('still lists what was left out, so that it can count again', () => {
    const out: Workspace = { ...DEMO, pieces: DEMO.pieces.map((piece) => ({ ...piece, out: true })) };
    const left = lessonsOf(out, W);
    for (const { title, from } of lessons)
      if (from.length > 0) {
        expect(called(title, left), title).toBeDefined();
        expect(hasChanged(called(title, left)), title).toBe(false);
      }
  });

  it.each(lessons.filter(({ from }) => from.length > 0).map(({ title, was, from }) => [title, was, from] as const))(
    '%s: leaving its pieces out brings back what it is said to have been',
    (title, was, from) => {
      const ids = new Set(from.map(({ row }) => row.piece.id));
      const out = { ...DEMO, pieces: DEMO.pieces.map((piece) => (ids.has(piece.id) ? { ...piece, out: true as const } : piece)) };
      const then = called(title, lessonsOf(out, W));
      expect(then.was).toBe(was);
      expect(then.is ?? was).toBe(was);
    },
  );

  it('says how many pieces it looked at where it did not look at all', () => {
    const many = { ...DEMO, plans: Array.from({ length: 50 }, (_, i) => ({ ...DEMO.plans[0]!, id: `plan-${i}` })) };
    expect(movedBy(many, called('Losses: cup')).lookedAt).toBe(40);
  });

  it('every figure that is told is one that a title tells apart', () => {
    const titles = lessons.map(({ title }) => title);
    expect(new Set(titles).size).toBe(titles.length);
    for (const kind of lessons.map((lesson) => lesson.kind)) expect(LESSONS[kind].moves).not.toBe('');
  });
});

describe('what a lesson moves', () => {
  it.each(lessons.map((lesson) => [lesson.title, lesson] as const))(
    '%s: from what it would be without, to what the piece has',
    (_, lesson) => {
      const rests = new Set(lesson.from.map(({ row }) => row.piece.id));
      const without = { ...DEMO, pieces: DEMO.pieces.filter(({ id }) => !rests.has(id)) };
      for (const { plan, what, from, to } of movedBy(DEMO, lesson).moved) {
        expect(from).not.toBe(to);
        if (what === 'dozen') continue;
        const [before, after] = [without, DEMO].map((each) => {
          const made = weighedPart(each, mainPart(plan), String);
          if (!made.ok) throw new Error(JSON.stringify(made.problem));
          return what === 'ball' ? made.value.weighOut : made.value.sized.stages.wet.sizes[what];
        });
        expect([before, after]).toEqual([from, to]);
      }
    },
  );

  it('three of Chalk Down are made taller, nothing of another clay moves', () => {
    const { moved, lookedAt } = movedBy(DEMO, called('Shrinkage of Chalk Down, June, cone 10'));
    expect(lookedAt).toBeUndefined();
    expect(moved).toHaveLength(3);
    for (const { plan, from, to } of moved) {
      expect(mainPart(plan).bodyId).toBe('body-chalk-down');
      expect(to).toBeGreaterThan(from);
    }
  });

  it('a dozen cups need more spares than a typical form', () => {
    const [cup] = movedBy(DEMO, called('Losses: cup')).moved;
    expect(cup).toMatchObject({ what: 'dozen' });
    expect(cup!.to).toBeGreaterThan(cup!.from);
  });
});
