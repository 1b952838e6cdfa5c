'use client';

import { type HTMLChakraProps, Box, chakra } from '@chakra-ui/react';
import { type ReactNode, useId } from 'react';
import { type DraftOptions, useDraft } from './use-draft';

/** Which keys a phone brings. */
export type Keys = 'decimal' | 'text';

export interface TextInputProps extends Omit<DraftOptions, 'step'> {
  readonly label: string;
  /** Shown behind the field: a unit, a source. */
  readonly hint?: ReactNode;
  readonly keys?: Keys | undefined;
  readonly style?: HTMLChakraProps<'input'>;
}

/** A labelled line of text that saves with every keystroke; a refusal stands below it and keeps what was typed. */
export function TextInput({ label, hint, keys, style, ...draft }: TextInputProps) {
  const { problem, input } = useDraft(draft);
  const id = useId();
  return (
    <Box>
      <chakra.label htmlFor={id} display="block" fontSize="sm" color="fg.muted">
        {label}
      </chakra.label>
      <Box display="flex" alignItems="baseline" gap="2">
        <chakra.input
          {...input}
          id={id}
          inputMode={keys}
          autoComplete="off"
          aria-invalid={problem ? true : undefined}
          aria-describedby={problem || hint ? `${id}-more` : undefined}
          minHeight="max(var(--finger), 38px)"
          width="100%"
          paddingInline="2"
          background="bg.raised"
          borderWidth="1px"
          borderColor={problem ? 'bad' : 'line.strong'}
          borderRadius="4px"
          {...style}
        />
      </Box>
      <Box id={`${id}-more`} role={problem ? 'alert' : undefined} fontSize="sm" color={problem ? 'bad' : 'fg.muted'} marginTop="0.5">
        {problem ?? hint}
      </Box>
    </Box>
  );
}
