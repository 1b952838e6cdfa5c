import { DEMO } from '@/core/example';
import { clayOf, weighedPart } from '@/core/part';
import { mainPart, shopOf } from '@/core/records';
import { deflateSync, strToU8 } from 'fflate';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { packSent, readSent, writeWorkspace } from '.';
import { sentOf } from './sent';

const url = (bytes: Uint8Array) => Buffer.from(bytes).toString('base64url');

describe('a piece sent', () => {
  it.each(DEMO.plans.map((plan) => [plan.name, plan] as const))('%s arrives as it was, with all its sizes hang on', (_, plan) => {
    const packed = packSent(DEMO, plan);
    expect(packed).toMatch(/^[0-9a-f]{8}\.[\w-]+$/);
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
        // not one of them opens with other content
        expect(read.ok).toBe(false);
        if (!read.ok) expect(read.problem.message).not.toBe('');
      }),
      { seed: 5, numRuns: 200 },
    );
    expect(readSent(packed.slice(0, 300)).ok).toBe(false);
    expect(readSent('92 mm').ok).toBe(false);
  });

  it('has nothing with it that it does not hang on', () => {
    const [first, second] = DEMO.plans;
    const part = mainPart(first!);
    const [former] = DEMO.formers;
    const stock = shopOf(DEMO).stock!;
    const other = DEMO.bodies.find(({ id }) => id !== part.bodyId)!;
    const bare = { ...part, fit: undefined, hand: undefined, handle: undefined, attached: undefined };
    const sent = (own: typeof part) => sentOf(DEMO, { ...first!, parts: [own] });
    expect(sent(bare)).toMatchObject({ bodies: [{ id: part.bodyId }], formers: [], shop: [], runs: [], pieces: [], orders: [] });
    expect(sent(bare).batches.every(({ bodyId }) => bodyId === part.bodyId)).toBe(true);
    expect(sent(bare).bars.length).toBeGreaterThan(0);
    expect(sent(bare).bars.every(({ bodyId }) => bodyId === part.bodyId)).toBe(true);
    const full = sent({
      ...bare,
      attached: [{ id: 'k', kind: 'knob', bodyId: other.id }],
      hand: { by: 'former', formerId: former!.id },
      fit: { with: 'stock', stockId: stock[1]!.id } as typeof part.fit,
    });
    expect(full.bodies.map(({ id }) => id).toSorted()).toEqual([part.bodyId, other.id].toSorted());
    expect(full.formers).toEqual([former]);
    expect(shopOf(full)).toEqual({ stock: [stock[1]] });
    // a workshop without a kit sends as well
    expect(sentOf({ ...DEMO, shop: [] }, second!).shop).toEqual([]);
  });

  it('of more than a packet of letters arrives whole, and one that is too large is refused as it is', () => {
    const [plan] = DEMO.plans;
    // letters that do not pack: many times 16 KB of them
    let seed = 7;
    const note = () =>
      Array.from({ length: 9000 }, () => String.fromCharCode(0x4e00 + ((seed = (seed * 48271) % 2147483647) % 20000))).join('');
    const noted = <T>(rows: readonly T[]) => rows.map((row) => ({ ...row, note: note() }));
    const packed = packSent({ ...DEMO, bodies: noted(DEMO.bodies), batches: noted(DEMO.batches) }, { ...plan!, note: note() });
    expect(packed.length).toBeGreaterThan(4 * 16 * 1024);
    const read = readSent(packed);
    if (!read.ok) throw new Error(read.problem.message);
    expect(read.value.plans[0]!.note).toHaveLength(9000);
    expect(packSent(read.value, read.value.plans[0]!)).toBe(packed);
    const message = (text: string) => {
      const found = readSent(text);
      return found.ok ? '' : found.problem.message;
    };
    expect(message('A'.repeat(2 * 1024 * 1024 + 1))).toContain('larger than a piece can be');
    expect(message('A'.repeat(2 * 1024 * 1024))).toContain('not a Rimbet piece');
    expect(readSent(`  ${packed}\n`).ok).toBe(true);
  });

  it('unpacks to two megabytes, to the byte', () => {
    const file = JSON.parse(writeWorkspace(sentOf(DEMO, DEMO.plans[0]!), DEMO.plans[0]!.changedAt)) as object;
    const text = JSON.stringify(file);
    const most = 2 * 1024 * 1024;
    const bytes = strToU8(text).length;
    const padded = (size: number) => url(deflateSync(strToU8(`${text}${' '.repeat(size - bytes)}`)));
    expect(readSent(padded(most)).ok).toBe(true);
    expect(readSent(padded(most + 1)).ok).toBe(false);
    expect(readSent(url(deflateSync(strToU8('')))).ok).toBe(false);
  });

  it('stops unpacking what swells beyond any plan', () => {
    const swelling = url(deflateSync(strToU8(' '.repeat(60 * 1024 * 1024))));
    const read = readSent(swelling);
    expect(read.ok ? '' : read.problem.message).toMatch(/not a Rimbet piece.*save a workspace file/);
  });
});
