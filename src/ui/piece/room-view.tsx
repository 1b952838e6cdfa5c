'use client';

import { type OpenedRoom, roomOfKey } from '@/ui/rooms';
import { isTyping } from '@/ui/state';
import { memo, useCallback, useEffect, useLayoutEffect, useRef } from 'react';
import type { PieceModel } from './model/use-piece';
import { CAST_PANELS } from './cast';
import { FIT_PANELS } from './fit';
import { MADE_PANELS } from './made';
import { MAKE_PANELS } from './make';
import type { Panels, Shows } from './model/panels';
import { SIZES_PANELS } from './sizes';
import { TOOLS_ANSWERS, ToolsRoom } from './tools';

const PANELS: Panels = { ...SIZES_PANELS, ...MAKE_PANELS, ...CAST_PANELS, ...FIT_PANELS, ...MADE_PANELS, ...TOOLS_ANSWERS };
const NOTHING: Shows = {};

/** The sections of the open room, one of them open; the tools stand in a list of their own. */
export const SectionNames = memo(function SectionNames({ room, sections, section, open }: OpenedRoom) {
  if (room.value === 'tools' || sections.length < 2) return null;
  return (
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
  );
});

/** Opens rooms by their number keys, each again on what was looked at last in it; and what the open section shows. */
export function useRoomKeys({ room, section, open }: OpenedRoom): { readonly go: (to: string) => void; readonly shows: Shows } {
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
  return { go, shows: PANELS[section.value] ?? NOTHING };
}

/** What stands on the stage of the open section. */
export function RoomView({ piece, open: { room, sections, section, open } }: { piece: PieceModel; open: OpenedRoom }) {
  if (room.value === 'tools')
    return <ToolsRoom piece={piece} tools={sections} tool={section.value} onTool={(tool) => open('tools', tool)} />;
  const { Panel } = PANELS[section.value] ?? NOTHING;
  return (
    <div className="room" data-room={room.value} data-section={section.value}>
      {Panel && <Panel key={section.value} piece={piece} />}
    </div>
  );
}
