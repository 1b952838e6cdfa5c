'use client';

import { chakra } from '@chakra-ui/react';

export interface ChoiceProps<T extends string> {
  readonly label: string;
  readonly value: T;
  readonly options: readonly { readonly value: T; readonly words: string }[];
  readonly onChoose: (value: T) => void;
  readonly width?: string;
}

/** One of a few, by the browser's own list: quick by keyboard, large by touch. */
export function Choice<T extends string>({ label, value, options, onChoose, width = 'auto' }: ChoiceProps<T>) {
  return (
    <chakra.select
      aria-label={label}
      value={value}
      onChange={(event) => onChoose(event.currentTarget.value as T)}
      width={width}
      maxWidth="100%"
      minHeight={{ base: '44px', md: '36px' }}
      paddingInline="2"
      background="bg.raised"
      color="fg"
      borderWidth="1px"
      borderColor="line.strong"
      borderRadius="4px"
      cursor="pointer"
    >
      {options.map((option) => (
        <option key={option.value} value={option.value}>
          {option.words}
        </option>
      ))}
    </chakra.select>
  );
}
