'use client';

import { type ComponentType, type FocusEvent, memo, useDeferredValue, useMemo, useState } from 'react';

/**
 * A value for a part of a page that may follow a keystroke a moment later than what stands before all else: it is made in the background,
 * and left off when the next key comes first. With the cursor in it, it follows at once, so that its fields show and step what is known now.
 */
export function useBehind<T>(value: T) {
  const [held, setHeld] = useState(false);
  const later = useDeferredValue(value);
  const holds = useMemo(
    () => ({
      onFocus: () => setHeld(true),
      onBlur: ({ currentTarget, relatedTarget }: FocusEvent) => setHeld(currentTarget.contains(relatedTarget)),
    }),
    [],
  );
  return { shown: held ? value : later, holds };
}

/**
 * A part of a page that is told something {@link useBehind | a moment later}.
 *
 * @param className of the element round it, which says where it stands
 */
export function behind<P extends object, Told extends keyof P>(Part: ComponentType<P>, told: Told, className: string): ComponentType<P> {
  const Kept = memo(Part) as unknown as ComponentType<P>;
  return function Behind(props: P) {
    const { shown, holds } = useBehind(props[told]);
    return (
      <div className={className} {...holds}>
        <Kept {...props} {...{ [told]: shown }} />
      </div>
    );
  };
}
