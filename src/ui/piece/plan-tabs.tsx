'use client';

import { Box, Tabs } from '@chakra-ui/react';
import { type ReactNode, useState } from 'react';
import { AgainPanel } from './again-panel';
import { BallPanel } from './ball-panel';
import { BenchPanel } from './bench-panel';
import { HoldsPanel } from './holds-panel';
import { Ledger } from './ledger';
import { PlacePanel } from './place-panel';
import { StepsPanel } from './steps-panel';
import type { PieceModel } from './use-piece';

const TABS = [
  { value: 'sizes', words: 'Sizes', Panel: Ledger },
  { value: 'steps', words: 'Steps at the wheel', Panel: StepsPanel },
  { value: 'holds', words: 'Holds', Panel: HoldsPanel },
  { value: 'ball', words: 'Ball', Panel: BallPanel },
  { value: 'again', words: 'Again, like this', Panel: AgainPanel },
  { value: 'bench', words: 'Bench', Panel: BenchPanel },
  { value: 'place', words: 'Fits my place', Panel: PlacePanel },
] as const;

/** Everything that follows from the drawing, one at a time: the ledger first. */
export function PlanTabs({ piece, aside }: { piece: PieceModel; aside: ReactNode }) {
  const [open, setOpen] = useState<string>('sizes');
  return (
    <Tabs.Root value={open} onValueChange={({ value }) => setOpen(value)} variant="line" size="sm" lazyMount unmountOnExit>
      <Box display="flex" flexWrap="wrap" alignItems="flex-end" columnGap="2" rowGap="1">
        <Tabs.List
          flex={{ base: '1 0 100%', md: '1' }}
          minWidth="0"
          overflowX="auto"
          overflowY="hidden"
          aria-label="What follows from the drawing"
        >
          {TABS.map(({ value, words }) => (
            <Tabs.Trigger
              key={value}
              value={value}
              minHeight={{ base: '44px', md: '30px' }}
              paddingInline="2.5"
              flexShrink={0}
              color="fg.muted"
              _selected={{ color: 'fg', fontWeight: '650' }}
            >
              {words}
            </Tabs.Trigger>
          ))}
        </Tabs.List>
        {aside}
      </Box>
      {TABS.map(({ value, Panel }) => (
        <Tabs.Content key={value} value={value} paddingTop={value === 'sizes' ? '1' : '3'}>
          <Panel piece={piece} />
        </Tabs.Content>
      ))}
    </Tabs.Root>
  );
}
