'use client';

import { Box, Tabs } from '@chakra-ui/react';
import dynamic from 'next/dynamic';
import { type ComponentType, type ReactNode, useState } from 'react';
import type { Hand } from '@/core/handbuild';
import { Ledger } from './ledger';
import type { PieceModel } from './use-piece';

// only what is looked at is fetched
const AgainPanel = dynamic(() => import('./again-panel').then((part) => part.AgainPanel));
const BallPanel = dynamic(() => import('./ball-panel').then((part) => part.BallPanel));
const BenchPanel = dynamic(() => import('./bench-panel').then((part) => part.BenchPanel));
const HoldsPanel = dynamic(() => import('./holds-panel').then((part) => part.HoldsPanel));
const PlacePanel = dynamic(() => import('./place-panel').then((part) => part.PlacePanel));
const StepsPanel = dynamic(() => import('./steps-panel').then((part) => part.StepsPanel));
const CoilPanel = dynamic(() => import('./hand/coil-panel').then((part) => part.CoilPanel));
const FormerPanel = dynamic(() => import('./hand/former-panel').then((part) => part.FormerPanel));
const HandlePanel = dynamic(() => import('./hand/handle-panel').then((part) => part.HandlePanel));
const OrderPanel = dynamic(() => import('./hand/order-panel').then((part) => part.OrderPanel));
const SlabPanel = dynamic(() => import('./hand/slab-panel').then((part) => part.SlabPanel));

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
  readonly Panel: ComponentType<{ piece: PieceModel }>;
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
  const { value: open, Panel } = tabs.find(({ value }) => value === chosen) ?? tabs[0]!;
  return (
    <Tabs.Root value={open} onValueChange={({ value }) => setOpen(value)} variant="line" size="sm">
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
      {/* only the open one: a panel that is fetched would else stand below the one before it until it is there */}
      <Tabs.Content key={open} value={open} paddingTop={open === 'sizes' ? '1' : '3'}>
        <Panel piece={piece} />
      </Tabs.Content>
    </Tabs.Root>
  );
}
