import { Choice, type ChoiceProps } from './choice';

interface Props<T extends string> extends Omit<ChoiceProps<T>, 'width' | 'inSentence'> {
  /** The comma after it: never at the beginning of the next line. */
  readonly comma?: boolean;
}

/** A word of a sentence that is a list to choose from, named for those who do not see the sentence. */
export function WordChoice<T extends string>({ comma = false, ...props }: Props<T>) {
  const choice = <Choice {...props} inSentence />;
  if (!comma) return choice;
  return (
    <>
      <span style={{ whiteSpace: 'nowrap' }}>{choice},</span>{' '}
    </>
  );
}
