import { STAGES, remaining } from '@/core/clay';
import { writePercent } from '@/core/units';
import { type Body, figuresOf } from '@/core/workspace';
import { StageName } from '@/ui/stage';
import { Box, HStack } from '@chakra-ui/react';

function sourceWords(body: Body): string {
  if (body.shrinkagePercent === undefined) return `Nothing is known of it yet: this is what ${body.kind} typically does.`;
  return typeof body.shrinkagePercent === 'number'
    ? 'This is the supplier’s word; a single figure is good to about a percent.'
    : 'This is the middle of the supplier’s range.';
}

/** What every piece in this clay is reckoned with, large, and what is left of 100 mm at each stage. */
export function WhatIsTaken({ body }: { body: Body }) {
  const { shrinkage, sources } = figuresOf(body);
  return (
    <Box marginTop="3">
      <HStack alignItems="baseline" gap="3" flexWrap="wrap">
        <Box fontFamily="figure" fontWeight="680" fontSize="52px" lineHeight="1" fontVariantNumeric="tabular-nums" data-testid="shrinkage">
          {writePercent(shrinkage.width * 100)}
        </Box>
        <Box maxWidth="420px" fontSize="sm" color="fg.muted">
          is taken for it, of the wet size. {sourceWords(body)}
          {sources.shares.dry === 'typical' && ' How it is spread over the stages is typical, not measured.'}
        </Box>
      </HStack>
      <HStack gap="5" marginTop="3" flexWrap="wrap">
        {STAGES.map((stage) => (
          <Box key={stage}>
            <Box fontSize="sm">
              <StageName stage={stage} />
            </Box>
            <Box fontFamily="figure" fontVariantNumeric="tabular-nums" color={stage} fontSize="20px">
              {(remaining(shrinkage, stage, 'width') * 100).toFixed(1)}
            </Box>
          </Box>
        ))}
      </HStack>
    </Box>
  );
}
