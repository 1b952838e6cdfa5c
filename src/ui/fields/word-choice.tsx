import { Choice, type ChoiceProps } from './choice';

/** A word of a sentence that is a list to choose from, named for those who do not see the sentence. */
export const WordChoice = <T extends string>(props: Omit<ChoiceProps<T>, 'width' | 'inSentence'>) => <Choice {...props} inSentence />;
