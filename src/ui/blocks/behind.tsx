'use client';

import { type ComponentType, type FocusEvent, memo, useDeferredValue, useState } from 'react';

/**
 * A part of a page that may follow a keystroke a moment later than what stands before all else: it is made in the background, and left off
 * when the next key comes first. With the cursor in it, it follows at once, so that its fields show and step what is known now.
 *
 * @param className of the element round it, which says where it stands
 */
export function behind<P extends object, Told extends keyof P>(Part: ComponentType<P>, told: Told, className: string): ComponentType<P> {
  const Kept = memo(Part) as unknown as ComponentType<P>;
  return function Behind(props: P) {
    const [held, setHeld] = useState(false);
    const later = useDeferredValue(props[told]);
    const left = ({ currentTarget, relatedTarget }: FocusEvent) => setHeld(currentTarget.contains(relatedTarget));
    return (
      <div className={className} onFocus={() => setHeld(true)} onBlur={left}>
        <Kept {...props} {...{ [told]: held ? props[told] : later }} />
      </div>
    );
  };
}
