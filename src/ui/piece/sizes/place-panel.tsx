'use client';

import { LIMIT_NAMES, LIMIT_WORDS, STAGE_WORDS } from '@/core/sizing';
import { StageMark } from '@/ui/stage';
import { setShop, useBench } from '@/ui/bench';
import { Box, HStack } from '@chakra-ui/react';
import { OptionalLength } from '@/ui/fields';
import { misfitWords } from '../model/misfit';
import type { PieceModel } from '../model/use-piece';

const lowered = (words: string): string => words[0]!.toLowerCase() + words.slice(1);

/** The maker's own shelf, kiln, bat and machines: set once, checked for every piece at the stage that counts. */
export function PlacePanel({ piece }: { piece: PieceModel }) {
  const { length } = piece.units;
  const place = useBench().shop.place ?? {};
  const checks = piece.placeChecks;
  return (
    <Box>
      <Box fontSize="sm" color="fg.muted" marginBottom="2">
        Limits of your workshop and home, checked for every piece. Leave any of them empty.
      </Box>
      <HStack gap="4" flexWrap="wrap" alignItems="flex-start">
        {LIMIT_NAMES.map((name) => (
          <OptionalLength
            key={name}
            label={LIMIT_WORDS[name]}
            width="10rem"
            value={place[name]}
            onValue={(mm, key) => setShop('place', (now) => ({ ...now, [name]: mm || undefined }), LIMIT_WORDS[name], key)}
          />
        ))}
      </HStack>
      <Box as="ul" listStyleType="none" marginTop="3" aria-label="What fits">
        {checks.map((check) => (
          <HStack as="li" key={check.limit} gap="2" color={check.fits ? 'fg' : 'bad'} minHeight="28px">
            <StageMark stage={check.stage} />
            <span>
              {check.fits
                ? `Within limit: ${length(check.mm)} ${check.what} ${STAGE_WORDS[check.stage]}, ${lowered(LIMIT_WORDS[check.limit])} ${length(check.most)}.`
                : misfitWords(check, length)}
            </span>
          </HStack>
        ))}
        {checks.length === 0 && (
          <Box as="li" color="fg.muted">
            No limits entered yet.
          </Box>
        )}
      </Box>
      <Box fontSize="sm" color="warn" marginTop="3">
        <b>Caution:</b> damp or thick ware can burst in the kiln. Follow the kiln’s manual; electrical and gas work is for a licensed
        person.
      </Box>
    </Box>
  );
}
