'use client';

import type { Fault } from '@/store';
import { Act, Saves } from '@/ui/fields';
import { useSaid, workspaceFile, workspaceStore } from '@/ui/state';
import { Box, chakra } from '@chakra-ui/react';
import { usePathname } from 'next/navigation';
import { useEffect } from 'react';

const WHY: Record<Fault, string> = {
  full: 'There is no storage space left. Free some space on this device',
  failing: 'The browser could not save. The disk may be full',
  newer: 'A newer version of Rimbet is open in another tab, so this tab can no longer save',
  unread: 'Your data could not be read from this browser, so nothing is shown',
  blocked: 'An older version of Rimbet is open in another tab. Close that tab, and this one goes on',
  emptied: 'The browser lost what it had stored. Everything is still in this tab',
};

const count = (unsaved: number): string => (unsaved === 1 ? '1 change is' : `${unsaved} changes are`);

/** What is wrong, what becomes of what was done, and what to do. */
function faultWords(fault: Fault, unsaved: number): string {
  const why = `${unsaved > 0 && fault !== 'blocked' ? 'Not saved. ' : ''}${WHY[fault]}.`;
  if (fault === 'newer')
    return `${why} ${unsaved > 0 ? `${count(unsaved)} not saved: save a file first, then load Rimbet again.` : 'Load it again.'}`;
  if (fault === 'blocked') return why;
  return unsaved > 0
    ? `${why} ${count(unsaved)} not saved yet. Rimbet keeps trying. Save a file before you close this tab.`
    : `${why} Rimbet keeps trying.`;
}

/** Asks before a page is left with something that is not on disk, and writes at once what waits when it is put aside or another place opened. */
function useLeaving(): void {
  const path = usePathname();
  useEffect(() => workspaceStore().tryNow(), [path]);
  useEffect(() => {
    const ask = (event: BeforeUnloadEvent) => {
      if (workspaceStore().getSnapshot().unsaved === 0) return;
      workspaceStore().tryNow();
      event.preventDefault();
    };
    const write = () => {
      if (document.visibilityState === 'hidden') workspaceStore().tryNow();
    };
    window.addEventListener('beforeunload', ask);
    document.addEventListener('visibilitychange', write);
    return () => {
      window.removeEventListener('beforeunload', ask);
      document.removeEventListener('visibilitychange', write);
    };
  }, []);
}

/** Says while something is not on disk; and when it cannot be written, why, with the ways out. */
export function Saving() {
  const saving = useSaid((store) => store.saving);
  const fault = useSaid((store) => store.fault);
  const unsaved = useSaid((store) => (store.fault ? store.unsaved : 0));
  useLeaving();
  return (
    <>
      <chakra.span
        fontSize="xs"
        color="bar.muted"
        // over the corner of the head: there is no room for a word that is seldom there
        position="absolute"
        top="0"
        right="2"
        opacity={saving === 'saving' ? 1 : 0}
        aria-hidden={saving !== 'saving'}
        data-saving-word
      >
        saving
      </chakra.span>
      {fault && (
        <Box
          role="alert"
          position="fixed"
          top="60px"
          right="4"
          zIndex="60"
          maxWidth="min(440px, calc(100vw - 16px))"
          padding="3"
          background="bad.wash"
          color="bad"
          borderWidth="1px"
          borderColor="bad"
          borderRadius="4px"
          fontSize="sm"
        >
          <Box marginBottom="2">{faultWords(fault, unsaved)}</Box>
          <Saves files={[{ words: 'Save a file now', look: 'solid', make: () => workspaceFile(workspaceStore().getSnapshot().workspace) }]}>
            {fault === 'newer' ? (
              <Act onClick={() => location.reload()}>Load again</Act>
            ) : (
              <Act onClick={() => workspaceStore().tryNow()}>Try again now</Act>
            )}
          </Saves>
        </Box>
      )}
    </>
  );
}
