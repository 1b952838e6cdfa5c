'use client';

import { OwnMeasures } from '@/ui/bench';
import { useWorkspace } from '@/ui/state';
import { Box, Grid, chakra } from '@chakra-ui/react';
import { Battens } from './battens';
import { Cutters } from './cutters';
import { Formers } from './formers';
import { BoughtThings } from './stock';
import { WheelTools } from './wheel-tools';

/** What stands in the maker's workshop: formers, bats, chucks, dies, cutters, battens, own measures. */
export function KitScreen() {
  const { status } = useWorkspace();
  if (status === 'opening')
    return (
      <Box padding="6" color="fg.muted">
        Loading…
      </Box>
    );
  return (
    <Box padding={{ base: '3', md: '20px' }} maxWidth="1240px">
      <chakra.h1 fontSize="1.375rem" fontWeight="680" marginBottom="3">
        Kit
      </chakra.h1>
      <Grid templateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1.5fr) minmax(0, 1fr)' }} columnGap="12" rowGap="6">
        <Box>
          <Formers />
          <WheelTools />
        </Box>
        <Box>
          <BoughtThings />
          <Cutters />
          <Battens />
          <OwnMeasures />
        </Box>
      </Grid>
    </Box>
  );
}
