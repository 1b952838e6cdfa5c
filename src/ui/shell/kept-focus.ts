'use client';

import { useEffect } from 'react';

/** What can be worked by key. */
const WORKED = 'a[href], button:not(:disabled), input:not(:disabled), select, textarea, summary, [tabindex="0"]';

/** So long after a key or a press what it does away with may go. ms */
const AWHILE = 2000;

interface Level {
  readonly element: Element;
  readonly parent: Element | null;
  readonly before: Element | null;
  readonly after: Element | null;
}

/** Where an element stands: it and all around it, each with what is beside it. */
function placeOf(element: Element): readonly Level[] {
  const levels: Level[] = [];
  for (let each: Element | null = element; each && each !== document.body; each = each.parentElement)
    levels.push({ element: each, parent: each.parentElement, before: each.previousElementSibling, after: each.nextElementSibling });
  return levels;
}

const isShown = (element: Element): boolean => element.getClientRects().length > 0;

/** What takes the place of something that is gone: the same of the next, or of the one before, or whatever is nearest around it. */
function insteadOf(gone: Element, place: readonly Level[]): HTMLElement | undefined {
  for (const { element, parent, before, after } of place) {
    if (element.isConnected || !parent?.isConnected) continue;
    for (const beside of [after, before]) {
      if (!beside?.isConnected) continue;
      const all = [...(beside.matches(WORKED) ? [beside] : []), ...beside.querySelectorAll<HTMLElement>(WORKED)].filter(isShown);
      const same = all.find((each) => each.tagName === gone.tagName && each.className === gone.className);
      if (same ?? all[0]) return (same ?? all[0]) as HTMLElement;
    }
    return [...parent.querySelectorAll<HTMLElement>(WORKED)].find(isShown) ?? insteadOf(gone, placeOf(parent).slice(1));
  }
  return undefined;
}

/** Where something worked by key is gone by what it did (a row deleted, a piece moved), the focus stays beside it, not at the top of the page. */
export function useKeptFocus(): void {
  useEffect(() => {
    let waiting: { readonly observer: MutationObserver; readonly timer: ReturnType<typeof setTimeout> } | undefined;
    const stop = () => {
      waiting?.observer.disconnect();
      clearTimeout(waiting?.timer);
      waiting = undefined;
    };
    const watch = (event: Event) => {
      stop();
      // the way on to the next is the browser's own
      if (event instanceof KeyboardEvent && event.key === 'Tab') return;
      const worked = document.activeElement;
      if (!worked || worked === document.body || worked.matches('input, textarea')) return;
      const place = placeOf(worked);
      const observer = new MutationObserver(() => {
        if (worked.isConnected) return;
        stop();
        // whoever did it may have put the focus elsewhere, or it is on its way there
        setTimeout(() => {
          if (document.activeElement === document.body) insteadOf(worked, place)?.focus({ preventScroll: true });
        });
      });
      observer.observe(document.body, { childList: true, subtree: true });
      waiting = { observer, timer: setTimeout(stop, AWHILE) };
    };
    window.addEventListener('keydown', watch, true);
    window.addEventListener('click', watch, true);
    return () => {
      stop();
      window.removeEventListener('keydown', watch, true);
      window.removeEventListener('click', watch, true);
    };
  }, []);
}
