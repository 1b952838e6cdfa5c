import { DEMO } from '@/core/example';
import { clayOf, mainPart, shopOf, weighedPart } from '@/core/workspace';
import { deflateSync, strToU8 } from 'fflate';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { packSent, readSent } from '.';

const url = (bytes: Uint8Array) => Buffer.from(bytes).toString('base64url');

describe('a piece sent', () => {
  it.each(DEMO.plans.map((plan) => [plan.name, plan] as const))('%s arrives as it was, with all its sizes hang on', (_, plan) => {
    const packed = packSent(DEMO, plan);
    expect(packed).toMatch(/^[\w-]+$/);
    const read = readSent(`https://barn.example/files#sent=${packed}`);
    if (!read.ok) throw new Error(read.problem.message);
    expect(read.value.plans).toHaveLength(1);
    const there = mainPart(read.value.plans[0]!);
    expect(there).toEqual(mainPart(plan));
    const lots = (workspace: typeof DEMO) => shopOf(workspace).stock?.filter(({ id }) => id === there.fit?.stockId) ?? [];
    expect(lots(read.value)).toEqual(lots(DEMO));
    // how truly a hand makes sizes is the maker's here, not there
    const figures = (workspace: typeof DEMO, of: typeof there) => ({ ...clayOf(workspace, of).figures, hands: undefined });
    expect(figures(read.value, there)).toEqual(figures(DEMO, mainPart(plan)));
    const weigh = (workspace: typeof DEMO) => {
      const made = weighedPart(workspace, there, String);
      return made.ok && made.value.weighOut;
    };
    // slabs hang on the roller too, which is the shop's: those are laid out anew where they arrive
    if (there.hand?.by !== 'slab') expect(weigh(read.value)).toBe(weigh(DEMO));
  });

  it('refuses what is cut short or changed, and never throws', () => {
    const packed = packSent(DEMO, DEMO.plans[0]!);
    fc.assert(
      fc.property(fc.nat(packed.length - 2), fc.constantFrom('', 'A', '_', '!'), (at, put) => {
        const broken = packed.slice(0, at) + put + (put ? packed.slice(at + 1) : '');
        if (broken === packed) return;
        const read = readSent(broken);
        if (!read.ok) expect(read.problem.message).not.toBe('');
      }),
      { seed: 5, numRuns: 200 },
    );
    expect(readSent(packed.slice(0, 300)).ok).toBe(false);
    expect(readSent('92 mm').ok).toBe(false);
  });

  it('stops unpacking what swells beyond any plan', () => {
    const swelling = url(deflateSync(strToU8(' '.repeat(60 * 1024 * 1024))));
    const read = readSent(swelling);
    expect(read.ok ? '' : read.problem.message).toMatch(/not a piece that Rimbet sent.*save a workspace file/);
  });
});
