'use client';

import { type Result, good } from '@/core/units';
import { TextInput, type TextInputProps } from './text-input';

interface Props<T> extends Omit<TextInputProps, 'shown' | 'take'> {
  readonly value: T | undefined;
  readonly write: (value: T) => string;
  readonly read: (text: string) => Result<T>;
  /** Takes the value, or nothing; says why not, if so. */
  readonly onValue: (value: T | undefined, key: string) => string | undefined | void;
}

/** A labelled field that may be empty: nothing is known then. A figure, unless its keys are said. */
export function OptionalInput<T>({ value, write, read, onValue, keys = 'decimal', ...rest }: Props<T>) {
  return (
    <TextInput
      {...rest}
      keys={keys}
      shown={value === undefined ? '' : write(value)}
      take={(text, key) => {
        const found: Result<T | undefined> = text.trim() === '' ? good(undefined) : read(text);
        if (!found.ok) return found.problem.message;
        return onValue(found.value, key) ?? undefined;
      }}
    />
  );
}
