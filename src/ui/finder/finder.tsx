'use client';

import { type ComponentProps, type ComponentType, Suspense, useEffect, useRef, useState } from 'react';
import { isTyping } from '@/ui/state';
import { Search } from 'lucide-react';
import { tinykeys } from 'tinykeys';
import type { FinderPanel } from './finder-panel';

type Panel = ComponentType<ComponentProps<typeof FinderPanel>>;

const LABEL = 'Find anything, or type a finished size';

/** The panel is fetched when it is first asked for; until it is there a plain field takes what is typed. */
export function usePanel(wanted: boolean) {
  const [panel, setPanel] = useState<{ readonly Panel: Panel } | undefined>();
  useEffect(() => {
    if (wanted && !panel) void import('./finder-panel').then(({ FinderPanel: Panel }) => setPanel({ Panel }));
  }, [wanted, panel]);
  return wanted ? panel : undefined;
}

/** From anywhere, by / or Ctrl K: a finished size read at every stage, and everything there is by its name. */
export function Finder() {
  const [typed, setTyped] = useState('');
  const [open, setOpen] = useState(false);
  const [entered, setEntered] = useState(false);
  const loaded = usePanel(open);
  const field = useRef<HTMLInputElement>(null);
  // where the cursor was before
  const before = useRef<Element | null>(null);
  useEffect(() => {
    const focus = (event: KeyboardEvent) => {
      event.preventDefault();
      before.current = document.activeElement;
      field.current?.focus();
    };
    return tinykeys(window, { '/': (event) => !isTyping(event.target) && focus(event), '$mod+k': focus });
  }, []);
  const close = () => {
    setOpen(false);
    setEntered(false);
    setTyped('');
  };
  const leave = () => {
    // once the field it was in is gone
    setTimeout(() => before.current instanceof HTMLElement && before.current.focus());
  };
  if (loaded) {
    return (
      <div className="finder-place">
        <Suspense>
          <loaded.Panel
            typed={typed}
            onTyped={setTyped}
            piecesOnly={false}
            label={LABEL}
            entered={entered}
            onClose={close}
            onEscape={leave}
          />
        </Suspense>
      </div>
    );
  }
  return (
    <div className="finder-place">
      <Search className="finder-sign" size={20} aria-hidden />
      <input
        ref={field}
        className="finder-field"
        value={typed}
        onChange={(event) => setTyped(event.currentTarget.value)}
        onFocus={() => setOpen(true)}
        onBlur={() => setOpen(false)}
        onKeyDown={({ key }) => {
          if (key === 'Enter') setEntered(true);
          if (key !== 'Escape') return;
          close();
          leave();
        }}
        aria-label={LABEL}
        placeholder="Find a size, piece or tool   /"
        autoComplete="off"
        spellCheck={false}
      />
    </div>
  );
}
