'use client';

import { useState } from 'react';

/** Rows in the order they had when the list was first shown, what was added since at its end: nothing jumps away while it is named. */
export function useStanding<T>(rows: readonly T[], idOf: (row: T) => string): T[] {
  const [order, setOrder] = useState(() => rows.map(idOf));
  const known = new Set(order);
  const added = rows.map(idOf).filter((id) => !known.has(id));
  if (added.length > 0) setOrder([...order, ...added]);
  const place = new Map([...order, ...added].map((id, i) => [id, i]));
  return [...rows].sort((a, b) => place.get(idOf(a))! - place.get(idOf(b))!);
}
