'use client';

import { Act } from '@/ui/fields';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { useEffect, useState } from 'react';

interface Step {
  readonly words: string;
  readonly minutes: number;
  /** What shows that it is done, whatever the clock says. */
  readonly sign: string;
}

/** Slake, mix, pour, set: usual times with the signs that count for more. */
const STEPS: readonly Step[] = [
  {
    words: 'Slake',
    minutes: 4,
    sign: 'Sift the plaster into the water, never water onto plaster. It is ready when it is wet through, with no dry islands.',
  },
  { words: 'Mix', minutes: 4, sign: 'Creamy, without lumps, few bubbles: a finger drawn through it leaves a line that just stays.' },
  { words: 'Pour', minutes: 2, sign: 'Slowly, into a corner, until it covers the model; then tap the table so that bubbles rise.' },
  { words: 'Set', minutes: 30, sign: 'It grew warm and has begun to cool; a nail no longer marks it. Then take the boards away.' },
];

interface Going {
  readonly step: number;
  /** When it ends, ms. */
  readonly ends: number;
}

function beep(): void {
  const context = new AudioContext();
  const tone = context.createOscillator();
  tone.frequency.value = 660;
  tone.connect(context.destination);
  tone.start();
  tone.stop(context.currentTime + 0.7);
  tone.onended = () => void context.close();
}

const clockNow = (): number => Date.now();

/** The clock of a pour, with the signs beside it. */
export function Timer() {
  const [going, setGoing] = useState<Going | undefined>();
  const [now, setNow] = useState(0);
  const [sound, setSound] = useState(false);
  const left = going ? Math.max(0, going.ends - now) : 0;
  const over = going !== undefined && left === 0;
  useEffect(() => {
    if (!going || over) return undefined;
    const ticking = setInterval(() => setNow(clockNow()), 250);
    return () => clearInterval(ticking);
  }, [going, over]);
  useEffect(() => {
    if (over && sound) beep();
  }, [over, sound]);
  const start = (step: number) => {
    const at = clockNow();
    setNow(at);
    setGoing({ step, ends: at + STEPS[step]!.minutes * 60_000 });
  };
  return (
    <Box>
      <HStack gap="3" flexWrap="wrap" marginBottom="2">
        {STEPS.map(({ words, minutes }, i) => (
          <Act key={words} look={going?.step === i ? 'solid' : 'plain'} onClick={() => start(i)}>
            {words}, {minutes} min
          </Act>
        ))}
        {going && <Act onClick={() => setGoing(undefined)}>Stop</Act>}
        <chakra.label display="inline-flex" gap="2" alignItems="center" minHeight="44px">
          <input
            type="checkbox"
            checked={sound}
            onChange={(event) => setSound(event.currentTarget.checked)}
            style={{ width: 20, height: 20 }}
          />
          with a sound
        </chakra.label>
      </HStack>
      {going && (
        <HStack gap="6" alignItems="center" flexWrap="wrap">
          <Box
            role="timer"
            aria-label={STEPS[going.step]!.words}
            fontFamily="figure"
            fontVariantNumeric="tabular-nums"
            fontSize="4rem"
            fontWeight="700"
            color={over ? 'warn' : 'fg'}
          >
            {clock(left)}
          </Box>
          <Box flex="1 1 280px">
            <b>{over ? `${STEPS[going.step]!.words}: time is up. Check the sign.` : STEPS[going.step]!.words}</b>
            <Box>{STEPS[going.step]!.sign}</Box>
          </Box>
          {over && going.step < STEPS.length - 1 && (
            <Act look="solid" onClick={() => start(going.step + 1)}>
              {STEPS[going.step + 1]!.words} now
            </Act>
          )}
        </HStack>
      )}
      {!going && (
        <Box color="fg.muted" fontSize="sm" maxWidth="70ch">
          These are typical times. Follow the plaster maker’s if they differ. Warm water is quicker. Trust the signs more than the clock.
        </Box>
      )}
    </Box>
  );
}

const clock = (ms: number): string => {
  const seconds = Math.ceil(ms / 1000);
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
};
