import type { Obstacle } from '@/core/part';
import { obstacleWords } from '@/core/telling';
import { useUnits } from '@/ui/state';
import { Box } from '@chakra-ui/react';

/** What stands in the way of any figure, and what would do. */
export function Obstructed({ obstacle }: { obstacle: Obstacle }) {
  const { length } = useUnits();
  return (
    <Box role="alert" color="bad" maxWidth="70ch" marginBottom="3">
      {obstacleWords(obstacle, length)}
    </Box>
  );
}
