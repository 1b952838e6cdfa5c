import { Box, chakra } from '@chakra-ui/react';
import type { ReactNode } from 'react';

/** A part of a panel under its own small heading. */
export function Block({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box as="section" aria-label={title} marginBottom="5">
      <chakra.h3 fontWeight="650" marginBottom="1">
        {title}
      </chakra.h3>
      {children}
    </Box>
  );
}

/** A worked-out figure set large in the colour of the finished piece. */
export function Told({ words, children }: { words: string; children: ReactNode }) {
  return (
    <Box>
      <Box fontSize="sm" color="fg.muted">
        {words}
      </Box>
      <Box color="glazed" fontFamily="figure" fontVariantNumeric="tabular-nums" fontSize="24px" fontWeight="680" lineHeight="1.2">
        {children}
      </Box>
    </Box>
  );
}

/** What may be wider than the screen: it scrolls sideways by itself, by keyboard too. */
export function Sideways({ label, children }: { label: string; children: ReactNode }) {
  return (
    <Box overflowX="auto" tabIndex={0} role="group" aria-label={label}>
      {children}
    </Box>
  );
}
