'use client';

import { remaining } from '@/core/clay';
import { type RoundWall, stripFault, wallOf } from '@/core/handbuild';
import { finishedSizes, type SlabWork } from '@/core/part';
import { Act, OptionalLength } from '@/ui/fields';
import { Box, HStack } from '@chakra-ui/react';
import { useState } from 'react';
import { Block, LargeFigure } from '@/ui/blocks';
import type { PieceModel } from '../model/use-piece';

/** A wet template the other way: measured on the paper, it says what it finishes as. */
export function PaperModel({ piece, work }: { piece: PieceModel; work: SlabWork }) {
  const { clay } = piece.worked;
  const { length } = piece.units;
  const [measured, setMeasured] = useState<{ upper?: number | undefined; lower?: number | undefined; slant?: number | undefined }>({});
  const [refused, setRefused] = useState<string | undefined>();
  const left = remaining(clay.shrinkage, 'glazed', 'width') / remaining(clay.shrinkage, work.at, 'width');
  const { upper, lower = upper, slant } = measured;
  const strip = upper && lower && slant ? { upper, lower, slant } : undefined;
  const fault = strip && stripFault(strip);
  const { wall = 0, floor = 0 } = piece.form.sizes;
  const made = strip && !fault ? wallOf(strip, wall / left) : undefined;
  const finished: RoundWall | undefined = made && {
    top: made.top * left,
    bottom: made.bottom * left,
    height: made.height * left,
    thickness: wall,
  };
  const raised = work.choices.base === 'under' ? floor : 0;
  const use = (round: RoundWall) =>
    setRefused(
      piece.takePart(
        (now) => ({
          sizes: { ...now.sizes, ...finishedSizes({ height: round.height + raised, rimDiameter: round.top, baseDiameter: round.bottom }) },
        }),
        'sizes from the paper model',
      ),
    );
  return (
    <Block title="From a paper model">
      <Box fontSize="sm" color="fg.muted" maxWidth="70ch">
        Measure the paper flat, without the overlap, along the middle of the wall. It shows what it finishes as when cut from this clay{' '}
        {work.at === 'wet' ? 'wet' : 'at leather hard'}.
      </Box>
      <HStack gap="4" flexWrap="wrap" alignItems="flex-start">
        <OptionalLength
          label="Along the rim"
          value={measured.upper}
          onValue={(mm) => setMeasured((now) => ({ ...now, upper: mm || undefined }))}
        />
        <OptionalLength
          label="Along the foot"
          hint="blank = same as rim"
          value={measured.lower}
          onValue={(mm) => setMeasured((now) => ({ ...now, lower: mm || undefined }))}
        />
        <OptionalLength
          label="Height"
          value={measured.slant}
          onValue={(mm) => setMeasured((now) => ({ ...now, slant: mm || undefined }))}
        />
        {finished && (
          <>
            <LargeFigure words="finishes, mouth">{length(finished.top)}</LargeFigure>
            <LargeFigure words="base">{length(finished.bottom)}</LargeFigure>
            <LargeFigure words="high" small={`for a wall ${length(wall)} thick, finished`}>
              {length(finished.height + raised)}
            </LargeFigure>
            <Box alignSelf="center">
              <Act onClick={() => use(finished)}>Use these sizes</Act>
            </Box>
          </>
        )}
      </HStack>
      {(fault ?? refused) && (
        <Box role="alert" fontSize="sm" color="bad">
          {fault ?? refused}
        </Box>
      )}
    </Block>
  );
}
