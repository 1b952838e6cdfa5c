'use client';

import { secondCopy } from '@/store';
import { Act, Saves } from '@/ui/fields';
import { useSaid, useWorkspace, fileOf } from '@/ui/state';
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

const MOMENT = new Intl.DateTimeFormat('en-GB', { dateStyle: 'long', timeStyle: 'short' });

type SecondCopy = Awaited<ReturnType<typeof secondCopy>>;
type Copy = Awaited<ReturnType<SecondCopy['find']>>;
interface Copies {
  readonly newest: Copy;
  readonly aside: Awaited<ReturnType<SecondCopy['aside']>>;
}

async function lookAtCopies(): Promise<Copies> {
  const copy = await secondCopy();
  const [newest, aside] = await Promise.all([copy.find().catch(() => 'damaged' as const), copy.aside().catch(() => undefined)]);
  return { newest, aside };
}

const copyWords = (copy: Copy): string => {
  if (copy === undefined)
    return 'There is no second copy in this browser yet. Rimbet writes one after your next change, where the browser allows it.';
  if (copy === 'damaged') return 'The second copy in this browser is damaged. Rimbet writes it anew after your next change.';
  const damaged = copy.whole ? '' : ', but part of it is damaged';
  return `A second copy, apart from the first, was written on ${MOMENT.format(new Date(copy.at))}${damaged}.`;
};

/** The copy that stands apart from the database, and the one that was set aside, if any. */
function SecondCopies() {
  const done = useSaid((store) => store.done);
  const [copies, setCopies] = useState<Copies | undefined>();
  useEffect(() => void lookAtCopies().then(setCopies), [done]);
  if (!copies) return null;
  const { newest, aside } = copies;
  return (
    <Box marginTop="2" data-testid="second-copy">
      {copyWords(newest)}
      {aside && (
        <Box marginTop="2">
          A copy of {MOMENT.format(new Date(aside.at))} is set aside.
          <Saves files={[{ words: 'Save that copy as a file', make: () => fileOf(aside.kept.workspace, aside.at) }]} />
        </Box>
      )}
    </Box>
  );
}

async function look(): Promise<Room | undefined> {
  if (!navigator.storage?.estimate) return undefined;
  const [{ usage = 0, quota = 0 }, lasting] = await Promise.all([navigator.storage.estimate(), navigator.storage.persisted?.() ?? false]);
  return { used: usage, of: quota, lasting };
}

/** How safely all is kept: how much of the browser's room it takes, whether the browser may clear it, and when it was last exported. */
export function WhereItIsKept() {
  const { exported } = useWorkspace().workspace.settings;
  const done = useSaid((store) => store.done);
  const [room, setRoom] = useState<Room | undefined>();
  useEffect(() => void look().then(setRoom), [done]);
  const since = done - (exported?.since ?? 0);
  return (
    <Box fontSize="sm" marginTop="2" data-testid="kept">
      {exported?.at ? `Last saved to a file on ${DAY.format(new Date(exported.at))}: ` : 'No file saved yet: '}
      {since <= 0 ? 'no changes since.' : since === 1 ? 'one change since.' : `${since} changes since.`}
      {room && (
        <Box>
          Storage: {megabytes(room.used)} used of {megabytes(room.of)}.{' '}
          {room.lasting ? 'The browser will not delete it by itself.' : 'If space runs low, the browser may delete it.'}
          {!room.lasting && (
            <Box marginTop="2">
              <Act onClick={() => void navigator.storage.persist().then(look).then(setRoom)}>Ask the browser to protect it</Act>
            </Box>
          )}
        </Box>
      )}
      <SecondCopies />
    </Box>
  );
}
