'use client';

import { Box, chakra } from '@chakra-ui/react';
import { useEffect, useId, useRef } from 'react';
import { type DraftOptions, useDraft } from './use-draft';

/** A name set like a heading and typed where it stands; of what was just made the cursor stands in it. */
export function NameInput({
  label,
  size = '22px',
  width = '290px',
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
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    if (fresh) field.current?.focus();
  }, [fresh]);
  return (
    <Box>
      <chakra.input
        {...input}
        ref={field}
        aria-label={label}
        aria-invalid={problem ? true : undefined}
        aria-describedby={problem ? id : undefined}
        maxLength={120}
        fontSize={size}
        fontWeight="680"
        background="transparent"
        borderBottom="2px dotted"
        borderColor={problem ? 'bad' : 'line.strong'}
        minHeight={{ base: '44px', md: '36px' }}
        width={width}
        {...(grows && { className: 'grows' })}
        maxWidth="100%"
        _hover={{ background: 'act.wash' }}
      />
      {problem && (
        <Box id={id} role="alert" color="bad" fontSize="sm">
          {problem}
        </Box>
      )}
    </Box>
  );
}
