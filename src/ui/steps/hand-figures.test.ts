import { METRIC } from '@/core/units';
import { DEMO } from '@/core/example';
import { clayOf, handWork, matterIn, sizePart } from '@/core/part';
import type { Part } from '@/core/records';
import { unitsOf } from '@/ui/state';
import { describe, expect, it } from 'vitest';
import { handFigures, workOf } from '.';

const metric = unitsOf(METRIC);
const inches = unitsOf({ ...METRIC, length: 'inch-fraction', mass: 'lb-oz' });

const partOf = (id: string): Part => DEMO.plans.find((plan) => plan.id === id)!.parts[0];

function worked(part: Part) {
  const made = sizePart(part, clayOf(DEMO, part).figures, String, matterIn(DEMO));
  if (!made.ok) throw new Error(made.problem.message);
  return { ...made.value, hand: handWork(part, made.value, DEMO) };
}

const figuresOf = (part: Part, units = metric) => {
  const { hand, ...sized } = worked(part);
  return Object.fromEntries(handFigures(hand, sized, units).map(({ words, figure, finishes }) => [words, { figure, finishes }]));
};

describe('the answer of a piece made by hand', () => {
  it('for a box: what to roll by the battens there are, each part, its sizes in whole units', () => {
    const figures = figuresOf(partOf('plan-planter-box'));
    expect(Object.keys(figures)).toEqual(['roll, thick', 'side, the long way, 2 of', 'side, the short way, 2 of', 'base']);
    expect(figures['roll, thick']).toEqual({ figure: '11\u00a0mm', finishes: '10.3\u00a0mm' });
    for (const [words, { figure }] of Object.entries(figures)) if (words !== 'roll, thick') expect(figure).toMatch(/^\d+ × \d+ mm$/);
  });

  it('for a bent wall: over all, and the disc across', () => {
    const figures = figuresOf(partOf('plan-slab-mug'));
    expect(figures['wall, over all']!.figure).toMatch(/^\d+ × \d+ mm$/);
    expect(figures['base, over all'] ?? figures['base']).toMatchObject({ figure: expect.stringMatching(/^⌀ \d+ mm$/) as string });
  });

  it('for slabs of two thicknesses: both', () => {
    const box = partOf('plan-planter-box');
    const thick: Part = { ...box, sizes: { ...box.sizes, floor: [{ mm: 16, at: 'glazed' }] } };
    const figures = figuresOf(thick);
    expect(Object.keys(figures).slice(0, 2)).toEqual(['roll slab 1, thick', 'roll slab 2, thick']);
  });

  it('for a former: the disc of slab and where the clay stops', () => {
    const figures = figuresOf(partOf('plan-seed-dish'));
    expect(figures['rim level on former']!.figure).toMatch(/^58\smm$/);
    expect(figures['disc of slab, across']!.figure).toMatch(/^29\d mm$/);
    expect(figures['mouth, outside']!.finishes).toMatch(/^20\d(\.\d)?\smm$/);
  });

  it('for coils: what to pinch, how thick, how many', () => {
    const figures = figuresOf(partOf('plan-skep-jar'));
    expect(Object.keys(figures)).toEqual(['pinch the base from', 'coils, thick', 'courses', 'mouth, outside']);
    expect(Number(figures['courses']!.figure)).toBeGreaterThan(20);
  });

  it('in inches, fractions and pounds', () => {
    const figures = figuresOf(partOf('plan-planter-box'), inches);
    expect(figures['base']!.figure).toMatch(/^\d+( \d+\/\d+)? × \d+( \d+\/\d+)? in$/);
    expect(figuresOf(partOf('plan-skep-jar'), inches)['pinch the base from']!.figure).toMatch(/lb/);
  });

  it('of what is thrown is nothing', () => {
    const { hand, ...sized } = worked(partOf('plan-honey-jar'));
    expect(hand).toBeUndefined();
    expect(handFigures(hand, sized, metric)).toEqual([]);
  });
});

describe('what the order of the work hangs on', () => {
  const work = (id: string, change: Partial<Part> = {}) => {
    const part = { ...partOf(id), ...change };
    const { hand, sized } = worked(part);
    return workOf(part, sized, hand, clayOf(DEMO, part).body, metric);
  };

  it('is read from the part: clay, way, stage of cutting, texture, handle', () => {
    expect(work('plan-planter-box')).toMatchObject({ by: 'slab', kind: 'architectural', cutLeather: true, panels: true, textured: false });
    expect(work('plan-slab-mug')).toMatchObject({ by: 'slab', panels: false, textured: true, handle: true });
    expect(work('plan-seed-dish')).toMatchObject({ by: 'former', former: 'inside', handle: false });
    expect(work('plan-honey-jar')).toMatchObject({ by: 'wheel', handle: false });
    expect(work('plan-flared-mug').handle).toBe(true);
    expect(work('plan-skep-jar').pauses).toBeGreaterThan(0);
  });
});
