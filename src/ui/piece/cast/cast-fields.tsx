'use client';

import { type Mould, type Well, bucketTop, mouldFor, mouldMl } from '@/core/cast';
import { type CastWork, USUAL_CAST } from '@/core/casting';
import { LabelledChoice, OptionalLength, OptionalNumber, OptionalPercent, OptionalVolume } from '@/ui/fields';
import { Box, HStack } from '@chakra-ui/react';
import type { PieceModel } from '../model/use-piece';

const SHAPES: Readonly<Record<Mould['shape'], string>> = { round: 'a round form', box: 'boards', bucket: 'a bucket' };

const SIZE_WORDS = {
  diameter: 'Case diameter',
  length: 'Case length',
  width: 'Case width',
  bottom: 'Bucket width at the bottom',
  top: 'Bucket width at the fill line',
  height: 'Fill height',
} as const;

type Cast = NonNullable<PieceModel['part']['cast']>;

/** What is chosen: the well, the mould, how much plaster. */
export function CastFields({ piece, work, problem }: { piece: PieceModel; work: CastWork | undefined; problem: string | undefined }) {
  const cast = piece.part.cast ?? {};
  // from the part as it then stands: another field or tab may have changed a neighbour meanwhile
  const take = (change: Cast | ((now: Cast) => Cast), label: string, key?: string) =>
    piece.takePart(({ cast: now = {} }) => ({ cast: { ...now, ...(typeof change === 'function' ? change(now) : change) } }), label, key);
  const takeWell = (change: Partial<Well>, label: string, key: string) =>
    take((now) => ({ well: { ...(now.well ?? USUAL_CAST.well), ...change } }), label, key);
  const takeMould = (change: object, label: string, key: string) =>
    take((now) => ({ mould: { ...(now.mould ?? mould), ...change } as Mould }), label, key);
  const well = cast.well ?? USUAL_CAST.well;
  const mould = cast.mould ?? work?.chosen.mould;
  const shape = mould?.shape ?? 'round';
  const sizes = mould ? (Object.keys(mould).filter((name) => name !== 'shape') as (keyof typeof SIZE_WORDS)[]) : [];
  return (
    <Box>
      <HStack gap="3" flexWrap="wrap" alignItems="flex-start">
        <OptionalLength
          label="Well height"
          value={well.height}
          onValue={(height, key) =>
            height ? takeWell({ height }, 'well', key) : 'Enter a height above zero. The slip level drops in the well.'
          }
        />
        <OptionalLength
          label="Ledge width"
          value={well.width}
          onValue={(width, key) =>
            width === undefined ? 'Enter 0 for none; a well is never narrower than the rim.' : takeWell({ width }, 'ledge', key)
          }
        />
        <OptionalNumber
          label="Well flare, °"
          min={0}
          max={45}
          example="3"
          value={well.flare ?? 0}
          onValue={(flare, key) => takeWell({ flare: flare ?? 0 }, 'flare', key)}
        />
        <LabelledChoice
          label="Mould case"
          value={shape}
          options={(Object.keys(SHAPES) as Mould['shape'][]).map((value) => ({ value, words: SHAPES[value] }))}
          onChoose={(to) => work && take({ mould: mouldFor(work.model, work.chosen.thickness, to) }, 'mould')}
        />
        {sizes.map((name) => (
          <OptionalLength
            key={name}
            label={SIZE_WORDS[name]}
            width="8.125rem"
            value={(mould as unknown as Record<string, number>)[name]}
            onValue={(mm, key) => (mm && mm > 0 ? takeMould({ [name]: mm }, 'mould', key) : 'Enter a size above zero.')}
          />
        ))}
        {mould?.shape === 'bucket' && (
          <OptionalVolume
            label="or capacity to the fill line"
            width="8.125rem"
            value={mouldMl(mould)}
            onValue={(ml, key) => {
              if (!ml) return 'How much does it hold to that height?';
              const top = bucketTop(ml, mould.bottom, mould.height);
              return top > 0 ? takeMould({ top }, 'bucket', key) : 'That is less than this bucket holds. Check the figures.';
            }}
          />
        )}
        <OptionalNumber
          label="Water per 100 plaster"
          min={50}
          max={100}
          example="70"
          value={cast.ratio ?? USUAL_CAST.ratio}
          onValue={(ratio, key) => take({ ratio }, 'ratio', key)}
        />
        <OptionalPercent
          label="Extra plaster"
          most={100}
          value={(cast.margin ?? USUAL_CAST.margin) * 100}
          onValue={(percent, key) => take({ margin: percent === undefined ? undefined : percent / 100 }, 'margin', key)}
        />
        <OptionalNumber
          label="Minimum draft, °"
          min={0}
          max={45}
          example="2"
          value={cast.leastDraft ?? USUAL_CAST.leastDraft}
          onValue={(leastDraft, key) => take({ leastDraft }, 'draft', key)}
        />
      </HStack>
      {problem && (
        <Box role="alert" color="bad" marginTop="1">
          {problem}
        </Box>
      )}
    </Box>
  );
}
