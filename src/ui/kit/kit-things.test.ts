import { DEMO } from '@/core/example';
import { shopOf } from '@/core/records';
import { describe, expect, it } from 'vitest';
import { ROOMS_OF_KIT, thingsOf } from './kit-things';

const shop = {
  ...shopOf(DEMO),
  bats: [{ name: 'Bat', width: 300, thickness: 18 }],
  chucks: [{ name: 'Chuck', across: 80 }],
  dies: [{ name: 'Die', width: 30, thickness: 8 }],
};
const things = thingsOf(DEMO, shop);

describe('the kit on its shelf', () => {
  it('has every thing once, each under a kind of the rail', () => {
    const kept = DEMO.formers.length + DEMO.cutters.length + (shop.stock ?? []).length + (shop.battens ?? []).length + 3;
    expect(things).toHaveLength(kept);
    expect(new Set(things.map(({ key }) => key)).size).toBe(kept);
    expect(new Set(things.map(({ room }) => room))).toEqual(new Set(ROOMS_OF_KIT));
  });

  it.each(things)('$name is drawn as large as it is, standing on the shelf', ({ outlines, wide, high, mm, room }) => {
    const points = outlines.flat();
    const across = points.map(([x]) => x);
    const up = points.map(([, y]) => y);
    expect(Math.min(...across)).toBeCloseTo(0, 6);
    expect(Math.max(...across)).toBeCloseTo(wide, 6);
    expect(Math.min(...up)).toBeCloseTo(0, 6);
    expect(Math.max(...up)).toBeCloseTo(high, 6);
    // a batten is as thick as it measures, drawn three times so; anything else is as wide
    if (room !== 'rolling') expect(wide).toBeGreaterThanOrEqual(Math.min(...mm) - 1e-6);
    else expect(high).toBeCloseTo(3 * mm[0]!, 6);
  });

  it('a bowl stands on its bottom, a hump with its top up', () => {
    for (const former of DEMO.formers) {
      const { outlines, high } = things.find(({ key }) => key === former.id)!;
      const widestAt = outlines[0]!.reduce((widest, point) => (point[0] < widest[0] ? point : widest))[1];
      expect(widestAt).toBeCloseTo(former.measured === 'inside' ? high : 0, 6);
    }
  });
});
