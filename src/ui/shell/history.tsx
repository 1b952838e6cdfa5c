'use client';

import type { Place } from '@/store';
import { useSaid, workspaceStore } from '@/ui/state';
import { Box } from '@chakra-ui/react';
import { Redo2, Undo2 } from 'lucide-react';
import { useEffect, useState } from 'react';
import { tinykeys } from 'tinykeys';
import { BarButton } from './bar-button';

/**
 * Undo and redo by keyboard, everywhere; a field's own text history gives way to it, since every keystroke is saved. A place may
 * have an undo of its own.
 */
export function useHistoryKeys(place?: Place | 'none'): void {
  useEffect(() => {
    if (place === 'none') return undefined;
    const act = (does: () => void) => (event: KeyboardEvent) => {
      event.preventDefault();
      does();
    };
    const redo = act(() => workspaceStore().redo());
    return tinykeys(window, { '$mod+z': act(() => workspaceStore().undo(place)), '$mod+Shift+z': redo, '$mod+y': redo });
  }, [place]);
}

export function HistoryButtons() {
  const undo = useSaid((store) => store.undo);
  const redo = useSaid((store) => store.redo);
  const store = () => workspaceStore();
  return (
    <>
      <BarButton
        aria-label={undo ? `Undo: ${undo}` : 'Nothing to undo'}
        title={undo ? `Undo: ${undo}` : undefined}
        disabled={!undo}
        onClick={() => store().undo()}
      >
        <Undo2 size={20} aria-hidden />
      </BarButton>
      <BarButton
        aria-label={redo ? `Redo: ${redo}` : 'Nothing to redo'}
        title={redo ? `Redo: ${redo}` : undefined}
        disabled={!redo}
        onClick={() => store().redo()}
      >
        <Redo2 size={20} aria-hidden />
      </BarButton>
    </>
  );
}

const SHOWN_MS = 6000;

/** What was just undone, deleted or read in, for a few seconds, with the way back. */
export function Notice({ high = false }: { high?: boolean }) {
  const said = useSaid((store) => store.said);
  const [hidden, setHidden] = useState(0);
  useEffect(() => {
    if (!said) return undefined;
    const timer = setTimeout(() => setHidden(said.count), SHOWN_MS);
    return () => clearTimeout(timer);
  }, [said]);
  const shown = said && said.count !== hidden ? said : undefined;
  return (
    <Box
      role="status"
      aria-live="polite"
      position="fixed"
      // over the rail on a phone
      bottom={high ? '180px' : { base: '78px', md: '4' }}
      left="50%"
      transform="translateX(-50%)"
      zIndex="50"
      maxWidth="92vw"
    >
      {shown && (
        <Box
          display="flex"
          alignItems="center"
          gap="3"
          background="bar"
          color="bar.fg"
          paddingInline="4"
          paddingBlock="1"
          borderRadius="4px"
          borderWidth="1px"
          borderColor="line.strong"
        >
          <span>{shown.words}</span>
          {shown.canUndo && (
            <BarButton textDecoration="underline" onClick={() => workspaceStore().undo()}>
              Undo
            </BarButton>
          )}
        </Box>
      )}
    </Box>
  );
}

/** Whether the data is there and on disk, for programs that watch; a person is told only when it is not. */
export function SavedMark() {
  const status = useSaid((store) => store.status);
  const saving = useSaid((store) => store.saving);
  return <span hidden data-status={status} data-saving={saving} />;
}
