'use client';

import { ROOMS, roomOfKey, useRoom } from '@/ui/rooms';
import { isTyping } from '@/ui/state';
import { Box } from '@chakra-ui/react';
import dynamic from 'next/dynamic';
import { type ComponentType, type ReactNode, useEffect, useEffectEvent, useRef } from 'react';
import type { PieceModel } from './model/use-piece';
import { Ledger } from './sizes/ledger';

type Panel = ComponentType<{ piece: PieceModel }>;

// only what is looked at is fetched
const PANELS: Record<string, Panel> = {
  ledger: Ledger,
  holds: dynamic(() => import('./sizes/holds-panel').then((part) => part.HoldsPanel)),
  place: dynamic(() => import('./sizes/place-panel').then((part) => part.PlacePanel)),
  ball: dynamic(() => import('./make/ball-panel').then((part) => part.BallPanel)),
  steps: dynamic(() => import('./make/steps-panel').then((part) => part.StepsPanel)),
  order: dynamic(() => import('./make/order-panel').then((part) => part.OrderPanel)),
  slab: dynamic(() => import('./make/slab-panel').then((part) => part.SlabPanel)),
  former: dynamic(() => import('./make/former-panel').then((part) => part.FormerPanel)),
  coil: dynamic(() => import('./make/coil-panel').then((part) => part.CoilPanel)),
  handle: dynamic(() => import('./make/handle-panel').then((part) => part.HandlePanel)),
  odds: dynamic(() => import('./fit/fit-panel').then((part) => part.FitPanel)),
  lid: dynamic(() => import('./fit/lid-panel').then((part) => part.LidPanel)),
  stack: dynamic(() => import('./fit/stack-panel').then((part) => part.StackPanel)),
  pair: dynamic(() => import('./fit/pair-panel').then((part) => part.PairPanel)),
  runs: dynamic(() => import('./made/runs-panel').then((part) => part.RunsPanel)),
  test: dynamic(() => import('./made/test-panel').then((part) => part.TestPanel)),
  'came-out': dynamic(() => import('./made/came-out-panel').then((part) => part.CameOutPanel)),
  again: dynamic(() => import('./made/again-panel').then((part) => part.AgainPanel)),
};

const ToolsRoom = dynamic(() => import('./tools/tools-room').then((part) => part.ToolsRoom));

interface Props {
  readonly piece: PieceModel;
  readonly open: ReturnType<typeof useRoom>;
  readonly aside: ReactNode;
}

/** The five rooms of a piece in the order of the work, one open at a time; numbers open them. */
export function RoomView({ piece, open: { room, sections, section, open }, aside }: Props) {
  // a room is opened again on what was looked at last in it
  const left = useRef<Record<string, string>>({});
  const go = (to: string, part = left.current[to]) => {
    left.current[room.value] = section.value;
    open(to, part);
  };
  const latest = useEffectEvent((to: string) => go(to));
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const to = roomOfKey(event.key);
      if (!to || event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
      event.preventDefault();
      latest(to);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  const Panel = PANELS[section.value];
  return (
    <Box>
      <div className="rooms">
        <nav aria-label="Rooms of the piece">
          {ROOMS.map(({ value, words }, i) => (
            <button key={value} type="button" aria-current={value === room.value ? 'true' : undefined} onClick={() => go(value)}>
              {words} <kbd aria-hidden>{i + 1}</kbd>
            </button>
          ))}
        </nav>
        {aside}
      </div>
      {room.value === 'tools' ? (
        <ToolsRoom piece={piece} tools={sections} tool={section.value} onTool={(tool) => open('tools', tool)} />
      ) : (
        <>
          {sections.length > 1 && (
            <nav className="sections" aria-label={`In ${room.words}`}>
              {sections.map(({ value, words }) => (
                <button
                  key={value}
                  type="button"
                  aria-current={value === section.value ? 'true' : undefined}
                  onClick={() => open(room.value, value)}
                >
                  {words}
                </button>
              ))}
            </nav>
          )}
          <Box paddingTop={section.value === 'ledger' ? '0' : '2'} data-room={room.value} data-section={section.value}>
            {Panel && <Panel key={section.value} piece={piece} />}
          </Box>
        </>
      )}
    </Box>
  );
}
