import { threeChances } from '@/core/fit';
import type { FitWork } from '@/core/fitting';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { endsOf, oddsSaid } from './fit-words';

const PARTS = [
  { name: 'jams', ink: 'bad', wash: 'bad.wash' },
  { name: 'good', ink: 'act', wash: 'act.wash' },
  { name: 'loose', ink: 'warn', wash: 'warn.wash' },
] as const;

const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

/** The odds as one bar: too tight, good, too loose, each with its words. */
export function OddsBar({ work }: { work: FitWork }) {
  const { odds } = work;
  const ends = endsOf(work);
  const words = threeChances(odds);
  const said = (name: keyof typeof odds) => oddsSaid(words[name], ends[name]);
  return (
    <Box as="section" aria-label="Odds" marginTop="2" data-odds={odds.good.toFixed(3)}>
      <HStack gap="0" height="34px" aria-hidden>
        {PARTS.map(({ name, ink, wash }) => (
          <Box
            key={name}
            height="100%"
            width={`${odds[name] * 100}%`}
            background={wash}
            borderWidth={odds[name] > 0.003 ? '1.5px' : '0'}
            borderColor={ink}
            color={ink}
            fontWeight="680"
            fontSize="1.125rem"
            textAlign="center"
            lineHeight="31px"
            overflow="hidden"
            whiteSpace="nowrap"
          >
            {name === 'good' && odds.good > 0.3 ? said('good') : ''}
          </Box>
        ))}
      </HStack>
      <HStack justifyContent="space-between" fontSize="sm" marginTop="1" columnGap="4" flexWrap="wrap">
        <chakra.span color="bad">{capital(said('jams'))}</chakra.span>
        {odds.good > 0.3 ? (
          <chakra.span srOnly>{capital(said('good'))}</chakra.span>
        ) : (
          <chakra.b color="act">{capital(said('good'))}</chakra.b>
        )}
        <chakra.span color="warn">{capital(said('loose'))}</chakra.span>
      </HStack>
    </Box>
  );
}
