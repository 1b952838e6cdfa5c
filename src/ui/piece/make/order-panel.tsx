'use client';

import { workOrder } from '@/core/handbuild';
import { workOf } from '@/ui/steps';
import { Box, chakra } from '@chakra-ui/react';
import type { PieceModel } from '../model/use-piece';

/** The work in order: what to wait for and how to tell, what to do, what to mind. */
export function OrderPanel({ piece }: { piece: PieceModel }) {
  const { hand, worked, part, units, known } = piece;
  const steps = workOrder(workOf(part, worked.sized, hand, known.body, units));
  return (
    <chakra.ol listStyleType="none" maxWidth="76ch" aria-label="The work in order">
      {steps.map(({ name, title, wait, does, care }, i) => (
        <chakra.li
          key={name}
          data-work={name}
          borderTopWidth="1px"
          borderColor="line"
          paddingBlock="3"
          display="grid"
          gridTemplateColumns="34px 1fr"
        >
          <Box fontFamily="figure" fontSize="1.375rem" fontWeight="680" color="fg.muted" lineHeight="1.15">
            {i + 1}
          </Box>
          <Box>
            <chakra.h3 fontWeight="680" fontSize="1.0625rem" lineHeight="1.3">
              {title}
            </chakra.h3>
            {wait && (
              <Box marginBlock="1" paddingInlineStart="3" borderInlineStartWidth="3px" borderColor="act">
                <Box fontSize="sm" fontWeight="650">
                  Wait until {wait.until}:
                </Box>
                {wait.signs.map((sign) => (
                  <Box key={sign} fontSize="sm">
                    {sign}
                  </Box>
                ))}
              </Box>
            )}
            {does.map((line) => (
              <Box key={line}>{line}</Box>
            ))}
            {care.map((line) => (
              <Box key={line} fontSize="sm" color="warn">
                <b>Caution:</b> {line}
              </Box>
            ))}
          </Box>
        </chakra.li>
      ))}
    </chakra.ol>
  );
}
