'use client';

import { Box, Tabs } from '@chakra-ui/react';
import { type ReactNode, useState } from 'react';
import { AgainPanel } from './again-panel';
import { BallPanel } from './ball-panel';
import { BenchPanel } from './bench-panel';
import type { Hand } from '@/core/handbuild';
import { CoilPanel } from './hand/coil-panel';
import { FormerPanel } from './hand/former-panel';
import { HandlePanel } from './hand/handle-panel';
import { OrderPanel } from './hand/order-panel';
import { SlabPanel } from './hand/slab-panel';
import { HoldsPanel } from './holds-panel';
import { Ledger } from './ledger';
import { PlacePanel } from './place-panel';
import { StepsPanel } from './steps-panel';
import type { PieceModel } from './use-piece';

const SIZES = { value: 'sizes', words: 'Sizes', Panel: Ledger };
const STEPS = { value: 'steps', words: 'Steps', Panel: OrderPanel };
const AFTER = [
  { value: 'holds', words: 'Holds', Panel: HoldsPanel },
  { value: 'handle', words: 'Handle, lid', Panel: HandlePanel },
  { value: 'bench', words: 'Bench', Panel: BenchPanel },
  { value: 'place', words: 'Fits my place', Panel: PlacePanel },
];

interface Tab {
  readonly value: string;
  readonly words: string;
  readonly Panel: (props: { piece: PieceModel }) => ReactNode;
}

const TABS: Record<Hand, readonly Tab[]> = {
  wheel: [
    SIZES,
    { value: 'steps', words: 'Steps at the wheel', Panel: StepsPanel },
    { value: 'ball', words: 'Ball', Panel: BallPanel },
    { value: 'again', words: 'Again, like this', Panel: AgainPanel },
    ...AFTER,
  ],
  slab: [SIZES, { value: 'hand', words: 'Slab and templates', Panel: SlabPanel }, STEPS, ...AFTER],
  former: [SIZES, { value: 'hand', words: 'Former and slab', Panel: FormerPanel }, STEPS, ...AFTER],
  coil: [SIZES, { value: 'hand', words: 'Coils', Panel: CoilPanel }, STEPS, ...AFTER],
};

/** Everything that follows from the drawing, one at a time: the ledger first. */
export function PlanTabs({ piece, aside }: { piece: PieceModel; aside: ReactNode }) {
  const [chosen, setOpen] = useState<string>('sizes');
  const tabs = TABS[piece.by];
  // another way of making may not have the tab that was open
  const open = tabs.some(({ value }) => value === chosen) ? chosen : 'sizes';
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
          {tabs.map(({ value, words }) => (
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
      {tabs.map(({ value, Panel }) => (
        <Tabs.Content key={value} value={value} paddingTop={value === 'sizes' ? '1' : '3'}>
          <Panel piece={piece} />
        </Tabs.Content>
      ))}
    </Tabs.Root>
  );
}
