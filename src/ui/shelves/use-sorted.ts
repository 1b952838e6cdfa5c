'use client';

import type { Matched } from '@/core/sets';
import type { ToSort } from '@/core/orders';
import { sortSets, stopSorting } from '@/workers';
import { useEffect, useMemo, useState } from 'react';

interface Sorted {
  readonly of: string;
  readonly found: Matched;
}

/** Sorts in a worker whenever what is to be sorted changes; what is overtaken is not told. */
export function useSorted(asked: ToSort | undefined, size: number) {
  const [sorted, setSorted] = useState<Sorted | undefined>();
  const [progress, setProgress] = useState(0);
  const [stopped, setStopped] = useState<string | undefined>();
  const points = asked?.points;
  const of = useMemo(() => (points ? JSON.stringify([points, size]) : undefined), [points, size]);
  useEffect(() => {
    if (of === undefined) return;
    const [own, many] = JSON.parse(of) as [number[][], number];
    void sortSets(own, many, setProgress).then((found) => found && setSorted({ of, found }));
  }, [of]);
  const found = sorted && sorted.of === of ? sorted.found : undefined;
  return {
    found,
    progress,
    busy: of !== undefined && !found && stopped !== of,
    cancel: () => {
      stopSorting();
      setStopped(of);
    },
  };
}
