import type { Fitting } from '@/core/records';
import { Box, chakra } from '@chakra-ui/react';

/** What a fit does not mean. */
export function Cautions({ fitting }: { fitting: Fitting }) {
  return (
    <Box fontSize="sm" color="fg.muted" marginTop="4" maxWidth="80ch">
      <chakra.b color="warn">Care:</chakra.b> a lid that sits does not seal: try it with water over a sink, never with a hot drink or near
      children. No lid on a lit or hot candle. Clay that takes up no water is no proof that a pot is fit for food.
      {fitting.glaze ? ' Glazed faces stick where they touch in the firing: fire them apart.' : ''}
    </Box>
  );
}
