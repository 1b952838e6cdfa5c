const TOUCHED = ['keydown', 'pointerdown'] as const;

/** Resolves once nothing has been typed or pressed for so long, ms: what can wait does not come between a key and its answer. */
export function leftAlone(ms: number): Promise<void> {
  return new Promise((resolve) => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    const again = () => {
      clearTimeout(timer);
      timer = setTimeout(done, ms);
    };
    const done = () => {
      for (const touch of TOUCHED) window.removeEventListener(touch, again, true);
      resolve();
    };
    for (const touch of TOUCHED) window.addEventListener(touch, again, { capture: true, passive: true });
    again();
  });
}
