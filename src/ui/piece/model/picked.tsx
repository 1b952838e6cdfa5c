'use client';

import { createContext, type ReactNode, useContext, useMemo, useState } from 'react';

interface Picked {
  readonly all: Readonly<Record<string, unknown>>;
  readonly pick: (what: string, value: unknown) => void;
}

const Context = createContext<Picked>({ all: {}, pick: () => undefined });

/** What is picked on a stage, such as the step at hand: the stage and its answer both follow it. Nothing of it is stored. */
export function Picks({ children }: { children: ReactNode }) {
  const [all, setAll] = useState<Picked['all']>({});
  const picked = useMemo(() => ({ all, pick: (what: string, value: unknown) => setAll((now) => ({ ...now, [what]: value })) }), [all]);
  return <Context value={picked}>{children}</Context>;
}

/** What is picked of something, and how to pick another; the usual one where nothing was. */
export function usePicked<T>(what: string, usual: () => T): readonly [T, (value: T) => void] {
  const { all, pick } = useContext(Context);
  const [first] = useState(usual);
  return [what in all ? (all[what] as T) : first, (value) => pick(what, value)];
}
