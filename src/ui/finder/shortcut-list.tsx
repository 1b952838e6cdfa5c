'use client';

import { isTyping } from '@/ui/state';
import { usePathname } from 'next/navigation';
import { useEffect, useRef } from 'react';
import { keysAt, onShortcutsAsked, openShortcuts } from './shortcuts';

/** The keys of the place that is open, by ? from anywhere. */
export function ShortcutList() {
  const path = usePathname();
  const list = useRef<HTMLDialogElement>(null);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key !== '?' || event.ctrlKey || event.metaKey || isTyping(event.target)) return;
      event.preventDefault();
      openShortcuts();
    };
    const stop = onShortcutsAsked(() => list.current?.open || list.current?.showModal());
    window.addEventListener('keydown', onKey);
    return () => {
      stop();
      window.removeEventListener('keydown', onKey);
    };
  }, []);
  return (
    <dialog ref={list} className="shortcuts" aria-label="Keyboard shortcuts" closedby="any">
      <h2>Keyboard shortcuts</h2>
      {keysAt(path).map(({ place, keys }) => (
        <section key={place} aria-label={place}>
          <h3>{place}</h3>
          <dl>
            {keys.map(([pressed, words]) => (
              <div key={pressed}>
                <dt>
                  <kbd>{pressed}</kbd>
                </dt>
                <dd>{words}</dd>
              </div>
            ))}
          </dl>
        </section>
      ))}
      <form method="dialog">
        <button type="submit">Close</button>
      </form>
    </dialog>
  );
}
