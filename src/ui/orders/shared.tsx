'use client';

import { type OrderWork, sharedFirings } from '@/core/orders';
import { orderActs } from '@/store';
import { Act } from '@/ui/fields';
import { workspaceStore } from '@/ui/state';
import { Box, HStack } from '@chakra-ui/react';
import { dayWords } from './step-words';

const CALLED = { bisque: 'bisque', fire: 'glaze firing' } as const;

/** Firings of several orders that are one, or could be. */
export function Shared({ works }: { works: readonly OrderWork[] }) {
  const firings = sharedFirings(works);
  if (firings.length === 0) return null;
  return (
    <Box marginTop="2">
      {firings.map(({ step, from, to, lines }) => {
        const apart = lines.filter((line) => line.from !== from);
        const names = lines.map(({ name }) => name).join(', ');
        return (
          <HStack key={`${step}-${from}`} gap="3" flexWrap="wrap" color="glazed" fontSize="sm" minHeight="32px">
            {apart.length === 0 ? (
              <span>
                Shared {CALLED[step]} on {dayWords(from)}: {names}.
              </span>
            ) : (
              <>
                <span>
                  {names}: {CALLED[step]} within days of each other.
                </span>
                <Act onClick={() => workspaceStore().runAndTell(orderActs.fireTogether(step, to, lines))}>
                  Fire together on {dayWords(from)}
                </Act>
              </>
            )}
          </HStack>
        );
      })}
    </Box>
  );
}
