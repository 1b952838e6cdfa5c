'use client';

import type { CastWork } from '@/core/casting';
import { shopOf, type Slip } from '@/core/records';
import { commands } from '@/store';
import { Act, DeleteAct, OptionalLength, OptionalNumber } from '@/ui/fields';
import { Figure } from '@/ui/stage';
import { run, useWorkspace } from '@/ui/state';
import { writeVolume } from '@/core/units';
import { Box, HStack } from '@chakra-ui/react';
import { useState } from 'react';
import type { PieceModel } from '../model/use-piece';
import { minutesWords } from './minutes';

const NONE: Slip = { casts: [] };

/** How much slip to pour, and how long it stays, from the maker's own test casts. */
export function SlipBlock({ piece, work }: { piece: PieceModel; work: CastWork }) {
  const { workspace } = useWorkspace();
  const { units, part, worked } = piece;
  const { slip } = work;
  const bodyId = part.bodyId ?? '';
  const known = shopOf(workspace).slips?.[bodyId] ?? NONE;
  const edit = (change: Partial<Slip>, label: string, key?: string) => {
    run(commands.setShop('slips', (now = {}) => ({ ...now, [bodyId]: { ...(now[bodyId] ?? NONE), ...change } }), label, key));
    return undefined;
  };
  if (!part.bodyId) return <Box color="fg.muted">Choose a clay first. Slip figures are stored with the clay.</Box>;
  const { pourMl, stayMl, drainMl, sinks } = slip.poured;
  const weight = (ml: number) => units.mass(ml * slip.density);
  return (
    <HStack gap="8" flexWrap="wrap" alignItems="flex-start">
      <Box>
        <Box fontSize="sm" color="fg.muted">
          slip to pour
        </Box>
        <Box color="wet" data-slip="pour">
          <Figure written={writeVolume(pourMl, units.choice)} size="2.125rem" />
        </Box>
        <Box fontSize="sm">
          {weight(pourMl)} at {slip.density} g/ml{slip.weighed ? '' : ', typical'}. Of it {units.volume(stayMl)} ({weight(stayMl)}) stay,{' '}
          {units.volume(drainMl)} ({weight(drainMl)}) drain.
        </Box>
        <Box fontSize="sm" color={slip.holds ? 'fg.muted' : 'bad'}>
          The level sinks about {units.length(sinks)}
          {slip.holds
            ? ` in a well ${units.length(work.chosen.well.height)} high.`
            : `, more than the well holds. Make the well higher, or top up.`}
        </Box>
        <Box fontSize="sm" color="glazed">
          the fired piece weighs about {units.mass(worked.sized.masses.glazed)}
        </Box>
      </Box>
      <Box>
        <HStack gap="3" alignItems="flex-start">
          <OptionalLength
            label="Wall thickness, finished"
            width="8.75rem"
            value={part.cast?.wall ?? worked.sized.stages.glazed.sizes.wall}
            onValue={(wall, key) => piece.takePart((now) => ({ cast: { ...now.cast, wall } }), 'wall to cast', key)}
          />
          <OptionalNumber
            label="Slip density, g/ml"
            min={1.2}
            max={2.2}
            example="1.75"
            value={known.density}
            onValue={(density, key) => edit({ density }, 'slip', key)}
          />
        </HStack>
        {slip.time ? (
          <>
            <Box color="wet" data-slip="minutes">
              <Figure written={{ whole: minutesWords(slip.time.minutes), unit: 'min' }} size="2.125rem" />
            </Box>
            <Box fontSize="sm">
              until the wall is {units.length(slip.wall)} as it lets go
              {slip.time.range
                ? `. Your test casts give ${minutesWords(slip.time.range[0])} to ${minutesWords(slip.time.range[1])} minutes`
                : '. This rests on one test cast. Make a second to see how sure it is'}
              .
            </Box>
          </>
        ) : (
          <Box fontSize="sm" color="fg.muted" maxWidth="36ch">
            Make two test casts of this slip in a dry mould, and enter the minutes and the wall thickness. Rimbet then works out how long to
            wait.
          </Box>
        )}
      </Box>
      <TestCasts casts={known.casts} onCasts={(casts) => edit({ casts }, 'test casts')} piece={piece} />
    </HStack>
  );
}

function TestCasts({
  casts,
  onCasts,
  piece: { units },
}: {
  casts: Slip['casts'];
  onCasts: (casts: Slip['casts']) => void;
  piece: PieceModel;
}) {
  const [minutes, setMinutes] = useState<number | undefined>();
  const [mm, setMm] = useState<number | undefined>();
  const [round, setRound] = useState(0);
  const add = () => {
    if (!minutes || !mm) return;
    onCasts([...casts, { minutes, mm }]);
    setMinutes(undefined);
    setMm(undefined);
    setRound(round + 1);
  };
  return (
    <Box as="section" aria-label="Test casts">
      <b>Test casts</b>
      <Box as="ul" listStyleType="none" padding="0">
        {casts.map((cast, i) => (
          <HStack as="li" key={i} gap="2">
            {cast.minutes} min: {units.length(cast.mm)}
            <DeleteAct label={`Delete the cast of ${cast.minutes} min`} onClick={() => onCasts(casts.filter((_, at) => at !== i))} />
          </HStack>
        ))}
      </Box>
      <HStack key={round} gap="2" alignItems="flex-end">
        <OptionalNumber
          label="Minutes"
          min={0.1}
          max={10_000}
          example="12"
          width="5.25rem"
          value={minutes}
          onValue={(each) => setMinutes(each)}
        />
        <OptionalLength label="Wall" width="5.25rem" value={mm} onValue={(each) => setMm(each)} />
        <Act disabled={!minutes || !mm} onClick={add}>
          Add
        </Act>
      </HStack>
    </Box>
  );
}
