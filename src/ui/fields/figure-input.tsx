'use client';

import { ink } from '@/ui/theme';
import { type CSSProperties, useId, useLayoutEffect, useRef } from 'react';
import { Reason } from './reason';
import { useReportRefusal } from './refusals';
import type { Keys } from './text-input';
import { type DraftOptions, useDraft } from './use-draft';

export interface FigureInputProps extends DraftOptions {
  /** What the figure is, for those who cannot see where it stands. */
  readonly label: string;
  /** Typed by somebody rather than worked out: underlined. */
  readonly known?: boolean;
  readonly color?: string;
  readonly align?: 'left' | 'right' | 'center';
  readonly unit?: string;
  /** A sign before the figure, such as that of a diameter. */
  readonly before?: string;
  /** Which keys a phone brings: those of figures, or all where fractions and units are written. */
  readonly keys?: Keys | undefined;
  /** Opens the arithmetic of the figure. */
  readonly onVisit?: () => void;
  /** The column of a table it stands in, for going down it. */
  readonly column?: string;
  /** Its size; a width in px or rem is the least, it grows with what is typed. */
  readonly style?: CSSProperties;
  readonly className?: string;
}

/**
 * A figure that is read like text and typed like a field. A refusal is said beside it and keeps what was typed.
 * Arrow keys step to the next whole unit.
 */
export function FigureInput({
  label,
  known,
  color = 'fg',
  align = 'left',
  unit,
  before,
  onVisit,
  column,
  keys = 'decimal',
  style = {},
  className = '',
  ...draft
}: FigureInputProps) {
  const {
    problem,
    input: { value, ...input },
  } = useDraft(draft);
  const field = useRef<HTMLInputElement>(null);
  // set once all has changed: amid the changes the figure with the cursor has the page laid out once more, half changed
  useLayoutEffect(() => {
    const input = field.current;
    if (!input || input.value === value) return;
    const whole = input === document.activeElement && input.selectionStart === 0 && input.selectionEnd === input.value.length;
    input.value = value;
    // so that the next figure, from an instrument say, takes its place
    if (whole) input.select();
  });
  const id = useId();
  useReportRefusal(problem !== undefined);
  const { width, ...rest } = style;
  // a word before it takes more room than figures: scant, full
  const worded = /^(scant|full) /.test(value);
  const fontSize = worded && rest.fontSize ? `max(calc(${rest.fontSize} * 0.7), min(${rest.fontSize}, 16px))` : rest.fontSize;
  const grows = typeof width === 'string' && /(px|rem)$/.test(width);
  return (
    <span className="figure-field" style={{ color: ink(problem ? 'bad' : color) }}>
      {before && (
        <span className="figure-beside" aria-hidden>
          {before}
        </span>
      )}
      <input
        {...input}
        ref={field}
        onFocus={(event) => {
          input.onFocus(event);
          onVisit?.();
        }}
        type="text"
        inputMode={keys}
        autoComplete="off"
        spellCheck={false}
        aria-label={label}
        aria-invalid={problem ? true : undefined}
        aria-describedby={problem ? id : undefined}
        data-column={column}
        data-known={known ? '' : undefined}
        data-worded={worded ? '' : undefined}
        data-grows={grows ? '' : undefined}
        className={`figure-input ${className}`}
        style={{ ...rest, fontSize, textAlign: align, ...(grows ? { '--least': width } : { width }) } as CSSProperties}
      />
      {unit && (
        <span className="figure-unit" aria-hidden>
          {unit}
        </span>
      )}
      {problem && <Reason id={id} words={problem} />}
    </span>
  );
}
