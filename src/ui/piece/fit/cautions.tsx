import type { Fitting } from '@/core/records';
import { Box, chakra } from '@chakra-ui/react';

/** What a fit does not mean. */
export function Cautions({ fitting }: { fitting: Fitting }) {
  return (
    <Box fontSize="sm" color="fg.muted" marginTop="4" maxWidth="80ch">
      <chakra.b color="warn">Caution:</chakra.b> a lid that fits is not a seal. Test it with cold water over a sink, never with a hot drink
      or near children. Never put a lid on a lit or hot candle. Clay that absorbs no water is not proof that a pot is safe for food.
      {fitting.glaze ? ' Glazed surfaces that touch stick together in the firing. Fire them apart.' : ''}
    </Box>
  );
}
