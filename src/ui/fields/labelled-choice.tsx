'use client';

import { Box, chakra } from '@chakra-ui/react';
import { Choice, type ChoiceProps } from './choice';

/** A choice with its label above it. */
export function LabelledChoice<T extends string>(props: ChoiceProps<T>) {
  return (
    <Box>
      <chakra.span display="block" fontSize="sm" color="fg.muted" aria-hidden>
        {props.label}
      </chakra.span>
      <Choice width="100%" {...props} />
    </Box>
  );
}
