import { isTyping } from './is-typing';

/** What was typed before anything could take it, as it would stand in a field. */
let early = '';
let stop: (() => void) | undefined;

/** Keeps what is typed while the page is still being made, from the first script on. */
export function keepEarlyKeys(): void {
  const onKey = ({ key, ctrlKey, metaKey, altKey, target }: KeyboardEvent) => {
    if (ctrlKey || metaKey || altKey || isTyping(target)) return;
    if (key === 'Backspace') early = early.slice(0, -1);
    else if (key.length === 1) early += key;
  };
  window.addEventListener('keydown', onKey, true);
  stop = () => window.removeEventListener('keydown', onKey, true);
}

/** What was typed so far, for the page that is there now: from here on it hears its keys itself. */
export function takeEarlyKeys(): string {
  stop?.();
  const typed = early;
  [early, stop] = ['', undefined];
  return typed;
}
