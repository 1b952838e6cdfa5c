'use client';

import type { ChoiceProps } from './choice';

/** A word of a sentence that is a list to choose from: as wide as what is chosen, named for those who do not see the sentence. */
export function WordChoice<T extends string>({ label, value, options, onChoose }: ChoiceProps<T>) {
  return (
    <select
      className="word-choice"
      aria-label={label}
      title={label}
      value={value}
      onChange={(event) => onChoose(event.currentTarget.value as T)}
    >
      {options.map((option) => (
        <option key={option.value} value={option.value}>
          {option.words}
        </option>
      ))}
    </select>
  );
}
