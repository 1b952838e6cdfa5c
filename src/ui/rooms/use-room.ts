'use client';

import type { Hand } from '@/core/handbuild';
import { useSaid, useReopened, pushOpened, workspaceStore } from '@/ui/state';
import { useCallback, useMemo } from 'react';
import { type OpenRoom, ROOMS, roomFrom } from './rooms';

/** So many pieces' rooms are remembered: those opened last. */
const MOST = 200;

/** Opens a room of a piece, on one of its sections; it is remembered for that piece on this device. */
export function openRoom(planId: string, room: string, section?: string): void {
  const { rooms = {} } = workspaceStore().getSnapshot().workspace.settings;
  const { [planId]: _, ...others } = rooms;
  const latest = Object.entries(others).slice(1 - MOST);
  workspaceStore().set({ rooms: { ...Object.fromEntries(latest), [planId]: section ? `${room}/${section}` : room } });
}

/** A room and its section in one text. */
const shownAs = ({ room, section }: OpenRoom): string => `${room.value}/${section.value}`;

/** The open room, and the way to open another. */
export interface OpenedRoom extends OpenRoom {
  readonly open: (room: string, section?: string) => void;
}

/** The room of a piece that is open, and the way to another. A room is opened again where it was left, and by the browser's back. */
export function useRoom(planId: string, by: Hand): OpenedRoom {
  const remembered = useSaid(({ workspace }) => workspace.settings.rooms?.[planId]);
  const what = `room of ${planId}`;
  const open = useCallback(
    (room: string, section?: string) => {
      const from = shownAs(roomFrom(workspaceStore().getSnapshot().workspace.settings.rooms?.[planId], by));
      const to = section ? `${room}/${section}` : room;
      pushOpened(what, from, shownAs(roomFrom(to, by)));
      openRoom(planId, room, section);
    },
    [what, planId, by],
  );
  useReopened(what, (shown) => openRoom(planId, ...(shown.split('/') as [string, string])));
  return useMemo(() => ({ ...roomFrom(remembered, by), open }), [remembered, by, open]);
}

/** The room of a number key, 1 to 5. */
export const roomOfKey = (key: string): string | undefined => ROOMS[Number(key) - 1]?.value;
