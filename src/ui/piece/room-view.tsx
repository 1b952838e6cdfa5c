'use client';

import { type OpenedRoom, ROOMS, roomOfKey } from '@/ui/rooms';
import { isTyping } from '@/ui/state';
import { type ReactNode, memo, useCallback, useEffect, useLayoutEffect, useRef } from 'react';
import type { PieceModel } from './model/use-piece';
import { CAST_PANELS } from './cast';
import { FIT_PANELS } from './fit';
import { MADE_PANELS } from './made';
import { MAKE_PANELS } from './make';
import type { Panels } from './model/panels';
import { SIZES_PANELS } from './sizes';
import { ToolsRoom } from './tools';

const PANELS: Panels = { ...SIZES_PANELS, ...MAKE_PANELS, ...CAST_PANELS, ...FIT_PANELS, ...MADE_PANELS };

const RoomNames = memo(function RoomNames({ room, go }: { room: string; go: (room: string) => void }) {
  return (
    <nav aria-label="Rooms of the piece">
      {ROOMS.map(({ value, words }, i) => (
        <button key={value} type="button" aria-current={value === room ? 'true' : undefined} onClick={() => go(value)}>
          {words} <kbd aria-hidden>{i + 1}</kbd>
        </button>
      ))}
    </nav>
  );
});

const SectionNames = memo(function SectionNames({ room, sections, section, open }: Omit<OpenedRoom, 'section'> & { section: string }) {
  return (
    <nav className="sections" aria-label={`In ${room.words}`}>
      {sections.map(({ value, words }) => (
        <button key={value} type="button" aria-current={value === section ? 'true' : undefined} onClick={() => open(room.value, value)}>
          {words}
        </button>
      ))}
    </nav>
  );
});

interface Props {
  readonly piece: PieceModel;
  readonly open: OpenedRoom;
  readonly aside: ReactNode;
}

/** The five rooms of a piece in the order of the work, one open at a time; numbers open them. */
export function RoomView({ piece, open: { room, sections, section, open }, aside }: Props) {
  // a room is opened again on what was looked at last in it
  const left = useRef<Record<string, string>>({});
  useEffect(() => {
    left.current[room.value] = section.value;
  }, [room, section]);
  const go = useCallback((to: string) => open(to, left.current[to]), [open]);
  // with the page, not after it: a room that is seen answers to its key
  useLayoutEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const to = roomOfKey(event.key);
      if (!to || event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
      event.preventDefault();
      go(to);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [go]);
  const Panel = PANELS[section.value];
  return (
    <>
      <div className="rooms">
        <RoomNames room={room.value} go={go} />
        {aside}
      </div>
      {room.value === 'tools' ? (
        <ToolsRoom piece={piece} tools={sections} tool={section.value} onTool={(tool) => open('tools', tool)} />
      ) : (
        <>
          {sections.length > 1 && <SectionNames room={room} sections={sections} section={section.value} open={open} />}
          <div className="room" data-room={room.value} data-section={section.value}>
            {Panel && <Panel key={section.value} piece={piece} />}
          </div>
        </>
      )}
    </>
  );
}
