'use client';

import { Choice } from '@/ui/fields';
import { useWorkspace } from '@/ui/state';
import { useMemo } from 'react';
import type { PieceModel } from '../model/use-piece';

/** So many other pieces are offered: those changed last. */
const MOST = 60;

interface Props {
  readonly piece: PieceModel;
  readonly beside: string;
  readonly setBeside: (key: string) => void;
}

/** What of known size is drawn over the finished half. */
export function BesideChoice({ piece, beside, setBeside }: Props) {
  const { workspace } = useWorkspace();
  const others = useMemo(
    () =>
      workspace.plans
        .filter(({ id }) => id !== piece.plan.id)
        .sort((a, b) => b.changedAt.localeCompare(a.changedAt))
        .slice(0, MOST),
    [workspace.plans, piece.plan.id],
  );
  return (
    <Choice
      label="Compare its size with"
      width="172px"
      value={beside}
      onChoose={setBeside}
      options={[
        { value: '', words: 'no comparison' },
        { value: 'can', words: 'beside a 330 ml can' },
        { value: 'hand', words: 'beside a hand' },
        { value: 'shelf', words: 'on the shelf’s depth' },
        ...others.map(({ id, name }) => ({ value: id, words: `beside ${name}` })),
      ]}
    />
  );
}
