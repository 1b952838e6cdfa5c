'use client';

import { Box, chakra } from '@chakra-ui/react';
import { type ReactNode, useId, useState } from 'react';

/** What stands open where there is room, and behind a button on a phone, where it would push the work out of sight. */
export function PhoneFold({ words, children }: { words: string; children: ReactNode }) {
  const [open, setOpen] = useState(false);
  const id = useId();
  return (
    <Box maxWidth="100%">
      <chakra.button
        type="button"
        data-act
        display={{ base: 'inline-flex', md: 'none' }}
        alignItems="center"
        minHeight="44px"
        paddingInline="3"
        borderWidth="1px"
        borderColor="line.strong"
        borderRadius="4px"
        aria-expanded={open}
        aria-controls={id}
        onClick={() => setOpen(!open)}
      >
        {words} {open ? '▴' : '▾'}
      </chakra.button>
      <Box id={id} display={{ base: open ? 'block' : 'none', md: 'block' }} paddingTop={{ base: '2', md: '0' }}>
        {children}
      </Box>
    </Box>
  );
}
