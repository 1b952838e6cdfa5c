'use client';

import type { Fault } from '@/store';
import { Saves } from '@/ui/fields';
import { useSaid, workspaceFile, workspaceStore } from '@/ui/state';
import { Box, chakra } from '@chakra-ui/react';
import { usePathname } from 'next/navigation';
import { useEffect } from 'react';

const WHY: Record<Fault, string> = {
  full: 'The disk, or this browser’s share of it, is full. Make room',
  failing: 'The browser’s storage refused to write',
  newer: 'Another tab runs a newer Rimbet, so this one can write no more. Reload this tab once you have the file',
  unread: 'The workshop could not be read from this browser’s storage, so it is not shown',
};

const count = (unsaved: number): string => (unsaved === 1 ? 'One change waits here' : `${unsaved} changes wait here`);

/** What is wrong, what becomes of what was done, and what to do. */
const faultWords = (fault: Fault, unsaved: number): string =>
  `${unsaved > 0 ? 'Not saved. ' : ''}${WHY[fault]}. ${unsaved > 0 ? `${count(unsaved)} and ${unsaved === 1 ? 'is' : 'are'} tried again` : 'It is tried again'} by itself${unsaved > 0 ? '; save a file before you close this tab' : ''}.`;

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
            <chakra.button
              type="button"
              minHeight="44px"
              textDecoration="underline"
              cursor="pointer"
              onClick={() => workspaceStore().tryNow()}
            >
              Try again now
            </chakra.button>
          </Saves>
        </Box>
      )}
    </>
  );
}
