import { EMPTY, type Workspace } from '@/core/records';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { commands } from '.';
import type { StoredState } from './stored-state';
import { perform, redoable, stepBack, stepForward, undoable } from './history';

const START: StoredState = {
  workspace: {
    ...EMPTY,
    bodies: ['a', 'b'].map((id) => ({ id, name: '', kind: 'stoneware', note: '', createdAt: '2026-01-01T00:00:00.000Z' })),
  },
  history: [],
  stamp: 0,
};

const names = ({ bodies }: Workspace) => bodies.map(({ name }) => name);

type Move = { do: 'name'; id: 'a' | 'b'; name: string; visit: string } | { do: 'undo' } | { do: 'redo' };

const anyMove: fc.Arbitrary<Move> = fc.oneof(
  {
    weight: 3,
    arbitrary: fc.record({
      do: fc.constant('name' as const),
      id: fc.constantFrom('a', 'b'),
      name: fc.string({ maxLength: 3 }),
      visit: fc.constantFrom('v1', 'v2', 'v3'),
    }),
  },
  { weight: 2, arbitrary: fc.constant({ do: 'undo' as const }) },
  { weight: 1, arbitrary: fc.constant({ do: 'redo' as const }) },
) as fc.Arbitrary<Move>;

/** What a person would expect, kept the plain way: whole states, one behind the other, and where one stands among them. */
class Oracle {
  states = [names(START.workspace)];
  visits: (string | undefined)[] = [undefined];
  at = 0;

  name(id: string, name: string, visit: string): void {
    const next = [...this.states[this.at]!];
    next[id === 'a' ? 0 : 1] = name;
    if (next.join('|') === this.states[this.at]!.join('|')) return;
    const joins = this.at > 0 && this.visits[this.at] === visit;
    const from = joins ? this.at : this.at + 1;
    this.states = [...this.states.slice(0, from), next];
    this.visits = [...this.visits.slice(0, from), visit];
    this.at = from;
  }

  undo(): void {
    if (this.at === 0) return;
    // an act that was taken back once is joined by no further keystrokes
    this.visits[this.at] = undefined;
    this.at -= 1;
  }

  redo(): void {
    if (this.at < this.states.length - 1) this.at += 1;
  }
}

describe('undo and redo', () => {
  it('go where a person expects, whatever was done before', () => {
    fc.assert(
      fc.property(fc.array(anyMove, { maxLength: 40 }), (moves) => {
        const oracle = new Oracle();
        let kept = START;
        let next = 0;
        for (const move of moves) {
          if (move.do === 'name') {
            oracle.name(move.id, move.name, move.visit);
            kept = perform(kept, commands.editBody(move.id, { name: move.name }, 'name', move.visit), `entry-${(next += 1)}`)?.kept ?? kept;
          } else if (move.do === 'undo') {
            oracle.undo();
            kept = stepBack(kept)?.kept ?? kept;
          } else {
            oracle.redo();
            kept = stepForward(kept)?.kept ?? kept;
          }
          expect(names(kept.workspace)).toEqual(oracle.states[oracle.at]);
          expect(undoable(kept.history) !== undefined).toBe(oracle.at > 0);
          expect(redoable(kept.history) !== undefined).toBe(oracle.at < oracle.states.length - 1);
        }
      }),
      { seed: 91, numRuns: 400 },
    );
  });

  it('counts every step, so that another tab can tell whether it has seen them all', () => {
    const done = perform(START, commands.editBody('a', { name: 'x' }, 'name'), 'first')!.kept;
    const undone = stepBack(done)!.kept;
    expect([done.stamp, undone.stamp, stepForward(undone)!.kept.stamp]).toEqual([1, 2, 3]);
    expect(stepBack(START)).toBeUndefined();
    expect(stepForward(done)).toBeUndefined();
  });
});
