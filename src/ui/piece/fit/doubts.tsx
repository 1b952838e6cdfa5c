import type { DoubtName } from '@/core/fit';
import { handLength } from '@/core/units';
import { type FitWork, helpsOf } from '@/core/fitting';
import { STAGE_WORDS } from '@/core/sizing';
import { Box, Grid, HStack, chakra } from '@chakra-ui/react';
import { useMemo } from 'react';
import type { PieceModel } from '../model/use-piece';
import { DOUBT_WORDS, HELP_WORDS, besideSaid } from './fit-words';

interface Props {
  readonly piece: PieceModel;
  readonly work: FitWork;
}

/** Less than this makes no difference anybody could see, mm. */
const SEEN = 0.02;
const SHOWN_HELPS = 4;

/** What the doubt is made of, each alone; and what would help most, worked out. */
export function Doubts({ piece, work }: Props) {
  const { units } = piece;
  const helps = useMemo(() => helpsOf(work), [work]);
  const doubts = (Object.entries(work.gap.doubt) as [DoubtName, number][]).filter(([, sd]) => sd > SEEN).sort((a, b) => b[1] - a[1]);
  const most = Math.max(...doubts.map(([, sd]) => sd), SEEN);
  return (
    <Grid templateColumns={{ base: '1fr', md: '1fr 1fr' }} gap="6" marginTop="3">
      <Box as="section" aria-label="Sources of error">
        <chakra.h3 fontSize="sm" color="fg.muted">
          Sources of error
        </chakra.h3>
        {doubts.map(([name, sd]) => (
          <HStack key={name} gap="3" fontSize="0.9375rem" data-doubt={name}>
            <Box width="11.875rem" flexShrink="0">
              {DOUBT_WORDS[name]}
            </Box>
            <Box flex="1" minWidth="0">
              <Box height="12px" width={`${(sd / most) * 100}%`} background="line.strong" />
            </Box>
            <Box width="4.75rem" textAlign="right" fontSize="sm" color="fg.muted" fontVariantNumeric="tabular-nums">
              ± {units.apart(sd)}
            </Box>
          </HStack>
        ))}
        {doubts.length === 0 && <Box fontSize="0.9375rem">None worth showing. Both sizes are measured.</Box>}
      </Box>
      <Box as="section" aria-label="What would help most">
        <chakra.h3 fontSize="sm" color="fg.muted">
          What would help most (now {Math.round(work.odds.good * 100)} in 100)
        </chakra.h3>
        {helps.slice(0, SHOWN_HELPS).map(({ name, odds, diameter }) => (
          <Box key={name} fontSize="0.9375rem" data-help={name}>
            {name === 'aim' ? `made ${units.length(handLength(diameter, units.choice))} ${STAGE_WORDS[work.at]}` : HELP_WORDS[name]}{' '}
            <chakra.b color="act" whiteSpace="nowrap">
              → {besideSaid(odds.good, work.odds.good)}
            </chakra.b>
          </Box>
        ))}
        {helps.length === 0 && <Box fontSize="0.9375rem">Rimbet knows nothing that would improve the odds.</Box>}
      </Box>
    </Grid>
  );
}
