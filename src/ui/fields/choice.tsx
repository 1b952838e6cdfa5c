'use client';

import { memo } from 'react';

type Options<T extends string = string> = readonly { readonly value: T; readonly words: string }[];

export interface ChoiceProps<T extends string> {
  readonly label: string;
  readonly value: T;
  readonly options: Options<T>;
  readonly onChoose: (value: T) => void;
  readonly width?: string;
  /** A word of a sentence: as wide as what is chosen. */
  readonly inSentence?: boolean;
}

/** Choices from their words by value, in that order. */
export const optionsOf = <T extends string>(words: Readonly<Record<T, string>>): { value: T; words: string }[] =>
  (Object.entries(words) as [T, string][]).map(([value, said]) => ({ value, words: said }));

/** One of a few, by the browser's own list: quick by keyboard, large by touch. */
export function Choice<T extends string>({ label, value, options, onChoose, width = 'auto', inSentence = false }: ChoiceProps<T>) {
  return (
    <select
      className={inSentence ? 'word-choice' : 'choice'}
      style={inSentence ? undefined : { width }}
      title={inSentence ? label : undefined}
      aria-label={label}
      value={value}
      onChange={(event) => onChoose(event.currentTarget.value as T)}
    >
      <OptionList options={options} />
    </select>
  );
}

const alike = (now: Options, before: Options): boolean =>
  now.length === before.length && now.every(({ value, words }, i) => value === before[i]!.value && words === before[i]!.words);

/** The choices: a list is seldom another while a figure beside it is typed. */
const OptionList = memo(
  function OptionList({ options }: { options: Options }) {
    return options.map(({ value, words }) => (
      <option key={value} value={value}>
        {words}
      </option>
    ));
  },
  (now, before) => alike(now.options, before.options),
);
