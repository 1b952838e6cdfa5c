'use client';

import { Box } from '@chakra-ui/react';
import { useState } from 'react';

/** Nothing but the framework, the kit and one field whose figure the arrow keys move: what a keystroke costs at least. */
export default function Page() {
  const [height, setHeight] = useState(120);
  const step = { ArrowUp: 1, ArrowDown: -1 } as const;
  return (
    <Box>
      <input
        aria-label="Finished height"
        value={height}
        onChange={(event) => setHeight(Number(event.target.value) || 0)}
        onKeyDown={(event) => {
          const by = step[event.key as keyof typeof step];
          if (by) setHeight(height + by);
        }}
      />
      <Box data-number="gauge">{height}</Box>
    </Box>
  );
}
