'use client';

import { useAfterPaint } from '@/ui/blocks';
import { CatchUp, CatchUpContext } from '@/ui/fields';
import {
  type ComponentType,
  createContext,
  type FocusEvent,
  memo,
  type ReactNode,
  useContext,
  useLayoutEffect,
  useMemo,
  useState,
} from 'react';
import type { PieceModel } from './use-piece';

interface Pieces {
  readonly now: PieceModel;
  readonly later: PieceModel;
}

const Context = createContext<Pieces | undefined>(undefined);

/** The sheet of a piece: the piece as it is, and as it is shown by what may follow a keystroke a moment later, for all that stands inside. */
export function Sheet({ piece, children }: { piece: PieceModel; children: ReactNode }) {
  const later = useAfterPaint(piece);
  const pieces = useMemo(() => ({ now: piece, later }), [piece, later]);
  const [followed] = useState(() => new CatchUp());
  useLayoutEffect(() => followed.tell(piece !== later), [followed, piece, later]);
  return (
    <Context value={pieces}>
      <CatchUpContext value={followed}>
        <div className="sheet" data-behind={piece === later ? undefined : ''}>
          {children}
        </div>
      </CatchUpContext>
    </Context>
  );
}

/**
 * The piece for a part of its screen that may follow a moment later. With the cursor in it, which `holds` hears of, it follows at once, so that
 * what is chosen or dragged shows what is known now; a figure shows what is typed by itself.
 */
function useDeferredPiece() {
  const pieces = useContext(Context);
  const [held, setHeld] = useState(false);
  const holds = useMemo(
    () => ({
      onFocus: ({ target }: FocusEvent) => setHeld(!target.matches('.figure-input')),
      onBlur: ({ currentTarget, relatedTarget }: FocusEvent) => setHeld(currentTarget.contains(relatedTarget)),
    }),
    [],
  );
  if (!pieces) throw new Error('Nothing is followed here.');
  return { shown: held ? pieces.now : pieces.later, holds };
}

/**
 * A part of the screen that is given the piece {@link useDeferredPiece | a moment later}.
 *
 * @param className of the element round it, which says where it stands
 */
export function deferred<P extends { piece: PieceModel }>(Part: ComponentType<P>, className: string): ComponentType<Omit<P, 'piece'>> {
  const Memoised = memo(Part) as unknown as ComponentType<P>;
  return function Deferred(props: Omit<P, 'piece'>) {
    const { shown, holds } = useDeferredPiece();
    return (
      <div className={className} {...holds}>
        <Memoised {...({ ...props, piece: shown } as P)} />
      </div>
    );
  };
}
