'use client';

import { Act, LengthInput, NameInput } from '@/ui/fields';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { useBench } from './use-bench';

/** The maker's own measures, with their widths: gauges are then told in them too. */
export function OwnMeasures() {
  const { settings, set } = useBench();
  const measures = settings.measures ?? [];
  const edit = (index: number, change: Partial<(typeof measures)[number]>) =>
    set({ measures: measures.map((each, i) => (i === index ? { ...each, ...change } : each)) });
  return (
    <Box as="section" aria-label="Own measures" marginBottom="4">
      <chakra.h3 fontWeight="650">Your own measures</chakra.h3>
      <Box fontSize="sm" color="fg.muted">
        Rings on the wheel head, the edge of a bat, a bent wire, a hand’s span: widths are then told in them, such as “second ring and 3
        mm”.
      </Box>
      {measures.map(({ name, mm }, i) => (
        <HStack key={i} gap="4" flexWrap="wrap">
          <NameInput
            label={`Name of measure ${i + 1}`}
            size="16px"
            width="180px"
            shown={name}
            take={(typed) => {
              if (typed.trim() === '') return 'A measure needs a name, such as second ring.';
              edit(i, { name: typed });
              return undefined;
            }}
          />
          <LengthInput
            label={`Width of measure ${i + 1}`}
            mm={mm}
            takeMm={(width) => {
              edit(i, { mm: width });
              return undefined;
            }}
            known
            style={{ width: '72px', fontSize: '16px' }}
          />
          <Act aria-label={`Take measure ${i + 1} away`} onClick={() => set({ measures: measures.filter((_, j) => j !== i) })}>
            Take away
          </Act>
        </HStack>
      ))}
      <Act marginTop="1" onClick={() => set({ measures: [...measures, { name: `Ring ${measures.length + 1}`, mm: 100 }] })}>
        Add a measure
      </Act>
    </Box>
  );
}
