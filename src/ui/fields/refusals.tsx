'use client';

import { type ReactNode, createContext, useCallback, useContext, useEffect, useId, useMemo, useState } from 'react';

interface Refusals {
  readonly any: boolean;
  readonly report: (id: string, refused: boolean) => void;
}

const Context = createContext<Refusals>({ any: false, report: () => undefined });

/** Keeps count of the fields inside it whose text was refused, so that what they feed can be greyed. */
export function RefusalScope({ children }: { children: ReactNode }) {
  const [refused, setRefused] = useState<ReadonlySet<string>>(new Set());
  const report = useCallback((id: string, is: boolean) => {
    setRefused((before) => {
      if (before.has(id) === is) return before;
      const next = new Set(before);
      if (is) next.add(id);
      else next.delete(id);
      return next;
    });
  }, []);
  const value = useMemo(() => ({ any: refused.size > 0, report }), [refused, report]);
  return <Context value={value}>{children}</Context>;
}

/** Whether any field of the scope holds a refused text. */
export const useAnyRefused = (): boolean => useContext(Context).any;

/** Tells the scope whether this field's text is refused. */
export function useReportRefusal(refused: boolean): void {
  const { report } = useContext(Context);
  const id = useId();
  useEffect(() => {
    report(id, refused);
    return () => report(id, false);
  }, [report, id, refused]);
}
