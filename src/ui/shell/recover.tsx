'use client';

import type { Offer } from '@/store';
import { Act, Saves } from '@/ui/fields';
import { useSaid, fileOf, workspaceStore } from '@/ui/state';
import { Box, HStack, chakra } from '@chakra-ui/react';

const MOMENT = new Intl.DateTimeFormat('en-GB', { dateStyle: 'long', timeStyle: 'short' });

const TITLES: Record<Offer['why'], string> = {
  missing: 'This browser has lost what Rimbet stored',
  younger: 'This browser has lost part of what Rimbet stored',
  unread: 'Your data could not be read from this browser',
};

const BOTH_DAMAGED =
  'The second copy that Rimbet keeps beside it is damaged and cannot be read either. If you have saved a file, start fresh and open it under Files.';

const of = (count: number, one: string, many: string): string => `${count} ${count === 1 ? one : many}`;

/** What the second copy holds. */
function holds({ workspace: { plans, bodies, pieces }, at, whole }: NonNullable<Offer['copy']>): string {
  const what = `${of(plans.length, 'piece', 'pieces')}, ${of(bodies.length, 'clay', 'clays')} and ${of(pieces.length, 'pot', 'pots')} made`;
  const damaged = whole ? '' : ' Its newest part is damaged, so what you did last may be missing.';
  return `Rimbet keeps a second copy beside it. It holds ${what}, as it was on ${MOMENT.format(new Date(at))}.${damaged}`;
}

/** Asks what is to become of a workshop whose database is gone, emptied or unreadable, while there is a second copy; nothing is written before. */
export function Recover() {
  const offer = useSaid((store) => store.offer);
  if (!offer) return null;
  const { why, copy } = offer;
  return (
    <Box
      role="alertdialog"
      aria-label={TITLES[why]}
      data-recover={why}
      maxWidth="640px"
      margin={{ base: '3', md: '5' }}
      padding="4"
      borderWidth="2px"
      borderColor="warn"
      borderRadius="6px"
      background="bg"
    >
      <chakra.h2 fontSize="1.25rem" fontWeight="680" marginBottom="2">
        {TITLES[why]}
      </chakra.h2>
      <Box marginBottom="4">{copy ? holds(copy) : BOTH_DAMAGED}</Box>
      <HStack gap="3" flexWrap="wrap" alignItems="flex-start">
        {copy && (
          <Act look="solid" autoFocus onClick={() => void workspaceStore().restore()}>
            Restore the copy
          </Act>
        )}
        {copy && <Saves files={[{ words: 'Save the copy as a file', make: () => fileOf(copy.workspace, copy.at) }]} />}
        {why === 'unread' ? (
          <Act onClick={() => workspaceStore().tryNow()}>Try again</Act>
        ) : (
          <Act onClick={() => void workspaceStore().decline()}>{why === 'missing' ? 'Start fresh' : 'Keep what is here'}</Act>
        )}
      </HStack>
      {copy && why !== 'unread' && (
        <Box marginTop="3" fontSize="sm" color="fg.muted">
          {why === 'missing' ? 'Start fresh opens the example workshop.' : 'Keep what is here leaves everything as you see it.'} The copy is
          then set aside, and you can save it as a file under Files.
        </Box>
      )}
    </Box>
  );
}
