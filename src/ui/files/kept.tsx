'use client';

import { Act } from '@/ui/fields';
import { useSaid, useWorkspace } from '@/ui/state';
import { Box } from '@chakra-ui/react';
import { useEffect, useState } from 'react';

interface Room {
  readonly used: number;
  readonly of: number;
  readonly lasting: boolean;
}

const MB = 1024 * 1024;

const megabytes = (bytes: number): string => (bytes < MB ? 'less than 1 MB' : `${Math.round(bytes / MB).toLocaleString('en')} MB`);

const DAY = new Intl.DateTimeFormat('en-GB', { dateStyle: 'long' });

async function look(): Promise<Room | undefined> {
  if (!navigator.storage?.estimate) return undefined;
  const [{ usage = 0, quota = 0 }, lasting] = await Promise.all([navigator.storage.estimate(), navigator.storage.persisted?.() ?? false]);
  return { used: usage, of: quota, lasting };
}

/** How safely all is kept: how much of the browser's room it takes, whether the browser may clear it, and when it was last exported. */
export function Kept() {
  const { exported } = useWorkspace().workspace.settings;
  const done = useSaid((store) => store.done);
  const [room, setRoom] = useState<Room | undefined>();
  useEffect(() => void look().then(setRoom), [done]);
  const since = done - (exported?.since ?? 0);
  return (
    <Box fontSize="sm" marginTop="2" data-testid="kept">
      {exported?.at ? `Last exported on ${DAY.format(new Date(exported.at))}; ` : 'Never exported; '}
      {since <= 0 ? 'nothing changed since.' : since === 1 ? 'one change since.' : `${since} changes since.`}
      {room && (
        <Box>
          This browser gives {megabytes(room.of)}, of which {megabytes(room.used)} is used.{' '}
          {room.lasting ? 'It will not clear anything by itself.' : 'If it runs short of room it may clear what is here.'}
          {!room.lasting && (
            <Box marginTop="2">
              <Act onClick={() => void navigator.storage.persist().then(look).then(setRoom)}>Ask it to keep everything</Act>
            </Box>
          )}
        </Box>
      )}
    </Box>
  );
}
