'use client';

import { Act, DeleteAct, LengthInput, NameInput } from '@/ui/fields';
import { Box, HStack, chakra } from '@chakra-ui/react';
import type { OwnMeasure } from '@/core/records';
import { setShop, useBench } from './use-bench';

/** The maker's own measures, with their widths: gauges are then also given in them. */
export function OwnMeasures() {
  const measures = useBench().shop.measures ?? [];
  const set = (change: (now: readonly OwnMeasure[]) => readonly OwnMeasure[], label: string, key?: string) =>
    setShop('measures', (now) => change(now ?? []), label, key);
  const edit = (index: number, change: Partial<OwnMeasure>, key: string) =>
    set((now) => now.map((each, i) => (i === index ? { ...each, ...change } : each)), 'own measure', key);
  return (
    <Box as="section" aria-label="Own measures" marginBottom="4">
      <chakra.h3 fontWeight="650">Your own measures</chakra.h3>
      <Box fontSize="sm" color="fg.muted">
        Rings on the wheel head, the edge of a bat, a bent wire, your hand span. Rimbet also gives widths in these, such as “second ring and
        a little more”.
      </Box>
      {measures.map(({ name, mm }, i) => (
        <HStack key={i} gap="4" flexWrap="wrap">
          <NameInput
            label={`Name of measure ${i + 1}`}
            size="1rem"
            width="11.25rem"
            shown={name}
            take={(typed, key) => {
              if (typed.trim() === '') return 'A measure needs a name, such as second ring.';
              return edit(i, { name: typed }, key);
            }}
          />
          <LengthInput
            label={`Width of measure ${i + 1}`}
            mm={mm}
            takeMm={(width, key) => edit(i, { mm: width }, key)}
            known
            style={{ width: '4.5rem', fontSize: '1rem' }}
          />
          <DeleteAct
            label={`Delete measure ${i + 1}`}
            onClick={() => set((now) => now.filter((_, j) => j !== i), `own measure “${name}” deleted`)}
          />
        </HStack>
      ))}
      <Act marginTop="1" onClick={() => set((now) => [...now, { name: `Ring ${now.length + 1}`, mm: 100 }], 'new own measure')}>
        Add a measure
      </Act>
    </Box>
  );
}
