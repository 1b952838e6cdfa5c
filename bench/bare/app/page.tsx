'use client';

import { Box } from '@chakra-ui/react';

export default function Page() {
  return <Box>Nothing but the framework and the kit.</Box>;
}
