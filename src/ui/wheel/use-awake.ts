'use client';

import { useEffect, useState } from 'react';

/** Keeps the screen awake while this is open; says whether the browser does. Undefined until it is known. */
export function useAwake(): boolean | undefined {
  const [awake, setAwake] = useState<boolean | undefined>();
  useEffect(() => {
    let lock: WakeLockSentinel | undefined;
    let left = false;
    const ask = async () => {
      if (document.visibilityState !== 'visible') return;
      try {
        lock = await navigator.wakeLock.request('screen');
        if (left) await lock.release();
        else setAwake(true);
      } catch {
        // no such thing here, or the battery is low: the notice says so
        if (!left) setAwake(false);
      }
    };
    void ask();
    document.addEventListener('visibilitychange', ask);
    return () => {
      left = true;
      document.removeEventListener('visibilitychange', ask);
      void lock?.release();
    };
  }, []);
  return awake;
}
