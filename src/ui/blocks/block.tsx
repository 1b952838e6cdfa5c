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

interface LargeFigureProps {
  readonly words: string;
  readonly children: ReactNode;
  /** The stage the figure is of: the finished piece unless said. */
  readonly stage?: 'wet' | 'leather' | 'glazed';
  /** Said below it, and whether that speaks of the finished piece. */
  readonly small?: string | undefined;
  readonly finished?: boolean;
}

/** A worked-out figure set large in the colour of its stage. */
export function LargeFigure({ words, children, stage = 'glazed', small, finished = false }: LargeFigureProps) {
  return (
    <Box>
      <Box fontSize="sm" color="fg.muted">
        {words}
      </Box>
      <Box color={stage} fontFamily="figure" fontVariantNumeric="tabular-nums" fontSize="1.5rem" fontWeight="680" lineHeight="1.2">
        {children}
      </Box>
      {small && (
        <Box fontSize="sm" color={finished ? 'glazed' : 'fg.muted'} fontVariantNumeric="tabular-nums">
          {small}
        </Box>
      )}
    </Box>
  );
}

/** What may be wider than the screen: it scrolls sideways by itself, by keyboard too. */
export function Sideways({ label, children }: { label: string; children: ReactNode }) {
  return (
    <Box overflowX="auto" position="relative" tabIndex={0} role="group" aria-label={label}>
      {children}
    </Box>
  );
}
