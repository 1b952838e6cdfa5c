import { remaining } from '@/core/clay';
import { DEMO } from '@/core/example';
import { USUAL_HANDLE } from '@/core/handbuild';
import { NOTHING_LOST } from '@/core/sizing';
import { describe, expect, it } from 'vitest';
import { sizedPlanPart } from '@/core/part';
import type { Part } from '@/core/records';
import { sticksOut } from '.';

const at = (mm: number) => [{ mm, at: 'glazed' as const }] as const;

/** Straight, 100 across and 80 high finished. */
const POT: Part = {
  id: 'pot',
  name: 'pot',
  family: 'cylinder',
  manner: {},
  sizes: { height: at(80), rimDiameter: at(100), baseDiameter: at(100), wall: at(5), floor: at(5) },
  way: 'thickness',
  making: NOTHING_LOST,
};

function made(more: Partial<Part>) {
  const sized = sizedPlanPart(DEMO, { ...POT, ...more }, String);
  if (!sized.ok) throw new Error(sized.problem.message);
  return sized.value;
}

type Put = NonNullable<Part['attached']>[number];

const put = (...all: readonly (readonly [kind: Put['kind'], length?: number])[]) => {
  const attached = all.map(([kind, length], i): Put => ({ id: `${i}`, kind, massG: 20, length }));
  return sticksOut(made({ attached }));
};

const k = remaining(made({}).clay.shrinkage, 'glazed', 'width');

describe('what sticks out of a round section', () => {
  it('is nothing of a plain piece, nor of what was only weighed', () => {
    expect(sticksOut(made({}))).toEqual({ width: 0, height: 0 });
    expect(put(['handle'], ['knob'], ['spout'], ['foot'])).toEqual({ width: 0, height: 0 });
  });

  it('across is a spout’s length, or a strap’s bent to half a circle: the one that reaches further', () => {
    expect(put(['spout', 40]).width).toBeCloseTo(40 * k, 6);
    expect(put(['handle', 157]).width).toBeCloseTo((157 * k) / Math.PI, 6);
    expect(put(['handle', 157], ['spout', 40]).width).toBeCloseTo((157 * k) / Math.PI, 6);
    expect(put(['handle', 100], ['spout', 40]).width).toBeCloseTo(40 * k, 6);
    expect(put(['spout', 40], ['spout', 60], ['spout', 50]).width).toBeCloseTo(60 * k, 6);
    expect(put(['other', 200])).toEqual({ width: 0, height: 0 });
  });

  it('in height is a knob, and feet it stands on besides', () => {
    expect(put(['knob', 30]).height).toBeCloseTo(30 * k, 6);
    expect(put(['foot', 12], ['foot', 12], ['foot', 12]).height).toBeCloseTo(12 * k, 6);
    expect(put(['knob', 30], ['foot', 12]).height).toBeCloseTo(42 * k, 6);
    expect(sticksOut(made({ joined: { copies: 2, flattened: 2, handleRise: 60 } })).height).toBeCloseTo(60, 6);
  });

  it('counts a handle worked out from its hole by how far that stands out and how thick it is, as fired', () => {
    const handle = { ...USUAL_HANDLE, kind: 'strap' as const, fingers: 2 as const, reach: 32, thickness: 9, below: 4 };
    for (const firmness of ['soft', 'leather'] as const)
      expect(sticksOut(made({ handle: { ...handle, firmness } })).width).toBeCloseTo(41, 6);
    expect(sticksOut(made({ handle: { ...handle, kind: 'coil', width: 14 } })).width).toBeCloseTo(46, 6);
    // one that does not fit stands out nowhere
    expect(sticksOut(made({ handle: { ...handle, fingers: 4, fingerWidth: 60 } })).width).toBe(0);
  });

  it('counts a pouring lip and copies beside it', () => {
    const lip = { drop: 4, reach: 9 };
    expect(sticksOut(made({ pouringLip: lip })).width).toBeCloseTo(9, 6);
    expect(sticksOut(made({ joined: { copies: 2, flattened: 2 } })).width).toBeCloseTo(96, 6);
    expect(sticksOut(made({ pouringLip: lip, joined: { copies: 3, flattened: 2 } })).width).toBeCloseTo(192, 6);
  });
});
