import { FAMILIES, FAMILY_NAMES } from '@/core/form';
import { describe, expect, it } from 'vitest';
import { WAYS_IN, startOf, typedTogether } from './ways-in';

const NOTHING = { stage: 'glazed', thrown: false, meets: 'pot' } as const;

describe.each(FAMILY_NAMES)('lengths typed together for a %s', (family) => {
  const hasShort = FAMILIES[family].sizes.includes('rimAcross');

  it.each(WAYS_IN.map(({ value }) => value))('are each taken or all refused, by the way in “%s”', (way) => {
    for (const mm of [
      [180, 90],
      [180, 100, 90],
    ]) {
      const read = typedTogether(mm, family, way);
      const room = hasShort && way !== 'ball' ? 3 : 2;
      expect(read.ok, mm.join()).toBe(mm.length <= room);
      if (!read.ok) continue;
      // none is dropped, and each stands in one field
      expect(Object.values(read.value)).toEqual(mm);
      if (way !== 'finished') continue;
      const start = startOf(way, { ...NOTHING, ...read.value });
      expect(start).toMatchObject(
        mm.length === 3 ? { across: 180, short: 100, high: 90 } : hasShort ? { across: 180, short: 90 } : { across: 180, high: 90 },
      );
    }
  });
});
