import { DEMO } from '@/core/example';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { weighedPart } from '@/core/part';
import { applyChanges, claysHere, mainPart, received, rowChange, TABLES, type Workspace } from '.';

let count = 0;
const newId = () => `new-${(count += 1)}`;

/** A piece as a link carries it, whatever else is put beside it. */
const sent = (i: number): Workspace => ({ ...DEMO, plans: [DEMO.plans[i % DEMO.plans.length]!] });
const taken = (here: Workspace, own: Workspace): Workspace =>
  applyChanges(
    here,
    TABLES.flatMap((table) => own[table].filter(({ id }) => id !== 'stock').map((row) => rowChange(table, undefined, row as never))),
  );

describe('a piece that was sent', () => {
  it('replaces nothing of mine, whatever it brings and however it is called', () => {
    fc.assert(
      fc.property(fc.nat(), fc.boolean(), (i, isMine) => {
        const incoming = sent(i);
        const own = received(DEMO, incoming, new Set(isMine ? incoming.bodies.map(({ id }) => id) : []), newId);
        expect(own.orders).toEqual([]);
        expect(own.pieces).toEqual([]);
        expect(own.runs).toEqual([]);
        expect(own.sets).toEqual([]);
        for (const table of TABLES) {
          if (table === 'shop') continue;
          const here = new Set((DEMO[table] as readonly { id: string }[]).map(({ id }) => id));
          for (const { id } of own[table] as readonly { id: string }[]) expect(here.has(id)).toBe(false);
        }
        // names are told apart, and what it hangs on is there
        const after = taken(DEMO, own);
        expect(DEMO.plans.some(({ name }) => name === own.plans[0]!.name)).toBe(false);
        for (const { bodyId, hand } of own.plans[0]!.parts) {
          if (bodyId !== undefined) expect(after.bodies.some(({ id }) => id === bodyId)).toBe(true);
          if (hand?.formerId !== undefined) expect(after.formers.some(({ id }) => id === hand.formerId)).toBe(true);
        }
        expect(own.bodies.length > 0).toBe(!isMine);
      }),
      { seed: 32, numRuns: 60 },
    );
  });

  it('weighs here what it weighed there, in its own clay', () => {
    for (const [i, plan] of DEMO.plans.entries()) {
      const own = received(DEMO, sent(i), new Set(), newId);
      const here = weighedPart(taken(DEMO, own), mainPart(own.plans[0]!), String);
      const there = weighedPart({ ...DEMO, runs: [], pieces: [] }, mainPart(plan), String);
      const size = (made: typeof here) => made.ok && made.value.sized.stages.wet.sizes.height;
      expect(size(here)).toBeCloseTo(size(there) as number, 3);
    }
  });

  it('asks of a clay with the same name whether it is mine, and then uses mine', () => {
    const other = { ...DEMO.bodies[0]!, id: 'other', shrinkagePercent: 9 };
    const incoming = sent(0);
    const theirs = {
      ...incoming,
      bodies: [other],
      plans: [{ ...incoming.plans[0]!, parts: [{ ...incoming.plans[0]!.parts[0], bodyId: 'other' }] as never }],
    };
    expect(claysHere(DEMO, theirs)).toEqual([{ theirs: other, mine: DEMO.bodies[0] }]);
    const own = received(DEMO, theirs, new Set(['other']), newId);
    expect(own.bodies).toEqual([]);
    expect(own.plans[0]!.parts[0].bodyId).toBe(DEMO.bodies[0]!.id);
  });
});
