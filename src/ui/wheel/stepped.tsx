import { Box, Grid } from '@chakra-ui/react';
import { Big } from './big';

interface SteppedProps {
  readonly words: string;
  readonly figure: string;
  readonly step: (by: 1 | -1) => void;
}

/** A figure set in taps: less on its left, more on its right, what it is below it on a narrow screen. */
export function Stepped({ words, figure, step }: SteppedProps) {
  return (
    <Grid
      templateColumns={{ base: '64px minmax(0, 1fr) 64px', md: '64px minmax(220px, auto) 64px 1fr' }}
      alignItems="center"
      columnGap="4"
      marginBottom="3"
    >
      <Big aria-label={`Less: ${words}`} onClick={() => step(-1)}>
        −
      </Big>
      <Box
        color="wet"
        fontFamily="figure"
        fontVariantNumeric="tabular-nums"
        fontWeight="680"
        fontSize={{ base: '40px', md: '52px' }}
        lineHeight="1.1"
        textAlign="center"
      >
        {figure}
      </Box>
      <Big aria-label={`More: ${words}`} onClick={() => step(1)}>
        +
      </Big>
      <Box fontSize={{ base: '18px', md: '22px' }} color="fg.muted" gridColumn={{ base: '1 / -1', md: 'auto' }}>
        {words}
      </Box>
    </Grid>
  );
}
