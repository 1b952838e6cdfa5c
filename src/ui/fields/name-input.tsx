'use client';

import { type CSSProperties, useEffect, useId, useRef } from 'react';
import { type DraftOptions, useDraft } from './use-draft';

/** A name set like a heading and typed where it stands; of what was just made the cursor stands in it. */
export function NameInput({
  label,
  size = '1.375rem',
  width = '18rem',
  fresh = false,
  grows = false,
  ...draft
}: Omit<DraftOptions, 'step'> & {
  label: string;
  size?: string;
  width?: string | { base: string; md: string };
  fresh?: boolean;
  grows?: boolean;
}) {
  const { problem, input } = useDraft(draft);
  const id = useId();
  const { base: narrow, md: wide } = typeof width === 'string' ? { base: width, md: width } : width;
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    if (fresh) field.current?.focus();
  }, [fresh]);
  return (
    <div className="named">
      <input
        {...input}
        ref={field}
        aria-label={label}
        aria-invalid={problem ? true : undefined}
        aria-describedby={problem ? id : undefined}
        maxLength={120}
        className={grows ? 'name-input grows' : 'name-input'}
        style={{ '--size': size, '--width': narrow, '--wide': wide } as CSSProperties}
      />
      {problem && (
        <div id={id} role="alert" className="name-problem">
          {problem}
        </div>
      )}
    </div>
  );
}
