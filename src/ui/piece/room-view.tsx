'use client';

import { ROOMS, roomOfKey, useRoom } from '@/ui/rooms';
import { isTyping } from '@/ui/state';
import { type ReactNode, useEffectEvent, useLayoutEffect, useRef } from 'react';
import type { PieceModel } from './model/use-piece';
import { CAST_PANELS } from './cast';
import { FIT_PANELS } from './fit';
import { MADE_PANELS } from './made';
import { MAKE_PANELS } from './make';
import type { Panels } from './model/panels';
import { SIZES_PANELS } from './sizes';
import { ToolsRoom } from './tools';

const PANELS: Panels = { ...SIZES_PANELS, ...MAKE_PANELS, ...CAST_PANELS, ...FIT_PANELS, ...MADE_PANELS };

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
  // with the page, not after it: a room that is seen answers to its key
  useLayoutEffect(() => {
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
    <>
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
          <div className="room" data-room={room.value} data-section={section.value}>
            {Panel && <Panel key={section.value} piece={piece} />}
          </div>
        </>
      )}
    </>
  );
}
