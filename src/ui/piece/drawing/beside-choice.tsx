'use client';

import { Choice } from '@/ui/fields';
import { useSaid } from '@/ui/state';
import type { Plan } from '@/core/records';
import type { Snapshot } from '@/store';
import { memo, useMemo } from 'react';

/** So many other pieces are offered: those changed last. */
const MOST = 60;

/** Reads the plans but one; the same list until one of those is another. */
function othersThan(planId: string): (snapshot: Snapshot) => readonly Plan[] {
  let from: readonly Plan[] | undefined;
  let others: readonly Plan[] = [];
  return ({ workspace: { plans } }) => {
    if (plans === from) return others;
    from = plans;
    const now = plans.filter(({ id }) => id !== planId);
    if (now.length !== others.length || now.some((plan, i) => plan !== others[i])) others = now;
    return others;
  };
}

interface Props {
  readonly planId: string;
  readonly beside: string;
  readonly setBeside: (key: string) => void;
}

/** What of known size is drawn over the finished half. */
export const BesideChoice = memo(function BesideChoice({ planId, beside, setBeside }: Props) {
  const plans = useSaid(useMemo(() => othersThan(planId), [planId]));
  // times as they are written sort like any text; by the rules of a language the first comparison alone takes 25 ms
  const others = useMemo(() => [...plans].sort((a, b) => (a.changedAt < b.changedAt ? 1 : -1)).slice(0, MOST), [plans]);
  return (
    <Choice
      label="Compare its size with"
      width="172px"
      value={beside}
      onChoose={setBeside}
      options={[
        { value: '', words: 'Show beside…' },
        { value: 'can', words: 'beside a 330 ml can' },
        { value: 'hand', words: 'beside a hand' },
        { value: 'shelf', words: 'beside the shelf depth' },
        ...others.map(({ id, name }) => ({ value: id, words: `beside ${name}` })),
      ]}
    />
  );
});
