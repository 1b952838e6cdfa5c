/** Whether a key goes into a field: then it is no key of the page. */
export const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && (target.matches('input, textarea, select') || target.isContentEditable);
