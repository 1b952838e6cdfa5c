'use client';

import { useAfterPaint } from '@/ui/blocks';
import { type ComponentType, createContext, type FocusEvent, memo, type ReactNode, useContext, useMemo, useState } from 'react';
import type { PieceModel } from './use-piece';

interface Followed {
  readonly now: PieceModel;
  readonly later: PieceModel;
}

const Context = createContext<Followed | undefined>(undefined);

/** The piece as it is, and as it is shown by what may follow a keystroke a moment later, for all that stands inside. */
export function Following({ piece, children }: { piece: PieceModel; children: ReactNode }) {
  const later = useAfterPaint(piece);
  const followed = useMemo(() => ({ now: piece, later }), [piece, later]);
  return <Context value={followed}>{children}</Context>;
}

/**
 * The piece for a part of its screen that may follow a moment later. With the cursor in it, which `holds` hears of, it follows at once, so that
 * its fields show and step what is known now.
 */
export function useBehind() {
  const followed = useContext(Context);
  const [held, setHeld] = useState(false);
  const holds = useMemo(
    () => ({
      onFocus: () => setHeld(true),
      onBlur: ({ currentTarget, relatedTarget }: FocusEvent) => setHeld(currentTarget.contains(relatedTarget)),
    }),
    [],
  );
  if (!followed) throw new Error('Nothing is followed here.');
  return { shown: held ? followed.now : followed.later, holds };
}

/**
 * A part of the screen that is given the piece {@link useBehind | a moment later}.
 *
 * @param className of the element round it, which says where it stands
 */
export function behind<P extends { piece: PieceModel }>(Part: ComponentType<P>, className: string): ComponentType<Omit<P, 'piece'>> {
  const Kept = memo(Part) as unknown as ComponentType<P>;
  return function Behind(props: Omit<P, 'piece'>) {
    const { shown, holds } = useBehind();
    return (
      <div className={className} {...holds}>
        <Kept {...({ ...props, piece: shown } as P)} />
      </div>
    );
  };
}
