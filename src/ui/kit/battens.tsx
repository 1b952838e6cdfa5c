'use client';

import { USUAL_ROLLER } from '@/core/part';
import { Act, DeleteAct, LengthInput } from '@/ui/fields';
import { setShop, useBench } from '@/ui/bench';
import { Box, HStack, chakra } from '@chakra-ui/react';

const FIELD = { width: '4rem', fontSize: '1rem' };
const USUAL_BATTEN = 6;

/** Battens to roll between, and the widest slab the roller takes. */
export function Battens() {
  const { shop } = useBench();
  const battens = shop.battens ?? [];
  const set = (change: (now: readonly number[]) => readonly number[], label: string, key?: string) =>
    setShop('battens', (now) => change(now ?? []), label, key);
  return (
    <Box as="section" aria-label="Battens and roller" marginBottom="6">
      <chakra.h2 fontWeight="650">Battens and roller</chakra.h2>
      <Box fontSize="sm" color="fg.muted">
        Rimbet chooses the nearest batten, or two stacked, for each slab.
      </Box>
      <HStack gap="3" flexWrap="wrap">
        {battens.map((mm, i) => (
          <HStack key={i} gap="0">
            <LengthInput
              label={`Batten ${i + 1}, thick`}
              mm={mm}
              takeMm={(thick, key) => {
                if (thick > 200) return 'A batten is at most 200 mm thick.';
                return set((now) => now.map((each, j) => (j === i ? thick : each)), 'batten', key);
              }}
              known
              style={FIELD}
            />
            <DeleteAct label={`Delete batten ${i + 1}`} onClick={() => set((now) => now.filter((_, j) => j !== i), 'batten deleted')} />
          </HStack>
        ))}
        <Act onClick={() => set((now) => [...now, USUAL_BATTEN], 'new batten')}>Add a batten</Act>
      </HStack>
      <HStack gap="2" marginTop="2" fontSize="sm" color="fg.muted">
        <span>Widest slab for the roller</span>
        <LengthInput
          label="Widest slab for the roller"
          mm={shop.rollerWidth ?? USUAL_ROLLER}
          takeMm={(rollerWidth, key) => {
            if (rollerWidth < 50) return 'Enter at least 50 mm.';
            return setShop('rollerWidth', () => rollerWidth, undefined, key);
          }}
          known
          style={FIELD}
        />
      </HStack>
    </Box>
  );
}
