import type { Stage } from '@/core/clay';
import { type CupSize, SIZE_WORDS } from '@/core/form';
import type { NumberName } from '@/core/sizing';
import { At } from '@/ui/drawing';
import { LengthInput } from '@/ui/fields';
import { StageName } from '@/ui/stage';
import { Box, HStack, chakra } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import type { Geometry } from './geometry';
import type { PieceModel } from './use-piece';

interface Props {
  readonly piece: PieceModel;
  readonly geometry: Geometry;
}

const SIZES = {
  wide: { big: { width: '74px', fontSize: '25px' }, small: { width: '54px', fontSize: '16px' } },
  narrow: { big: { width: '66px', fontSize: '18px' }, small: { width: '52px', fontSize: '14px' } },
};

function Word({ children }: { children: ReactNode }) {
  return (
    <Box fontSize="12px" color="fg.muted" whiteSpace="nowrap" paddingInline="1">
      {children}
    </Box>
  );
}

interface TypedProps {
  readonly piece: PieceModel;
  readonly size: CupSize;
  readonly at: Stage;
  readonly label: string;
  readonly figure: { width: string; fontSize: string };
  readonly align?: 'left' | 'center';
  readonly reason?: 'left' | 'right';
  readonly before?: string;
}

/** A size typed on the drawing, at the stage the half shows. */
function Typed({ piece, size, at, label, figure, align = 'center', reason = 'left', before }: TypedProps) {
  return (
    <LengthInput
      label={label}
      mm={piece.worked.sized.stages[at][size]}
      takeMm={piece.takeSize(size, at)}
      known={piece.worked.known[size].at === at}
      color={at}
      align={align}
      reason={reason}
      before={before}
      name={`${size}@${at}`}
      open={piece.open}
      style={figure}
    />
  );
}

/** A worked-out figure on the drawing; opens its arithmetic. */
function Read({ piece, name, mm, words, fontSize }: { piece: PieceModel; name: NumberName; mm: number; words: string; fontSize: string }) {
  return (
    <chakra.button
      type="button"
      onClick={() => piece.open(name)}
      aria-pressed={piece.opened === name}
      background="bg"
      padding="1"
      borderRadius="3px"
      minHeight={{ base: '44px', md: '30px' }}
      cursor="pointer"
      _hover={{ background: 'act.wash' }}
    >
      <Box fontFamily="figure" fontVariantNumeric="tabular-nums" fontWeight="600" color="wet" fontSize={fontSize} data-number={name}>
        {piece.units.length(mm)}
      </Box>
      <Word>{words}</Word>
    </chakra.button>
  );
}

/** The three heights on the bat, never to be confused: as pulled, for the gauge after the needle, and trimmed. */
export function WetHeights({ piece, geometry }: Props) {
  const { x, y, wide } = geometry;
  const { thrown } = piece.worked.sized;
  const { small } = wide ? SIZES.wide : SIZES.narrow;
  const middle = (y.gauge + y.base) / 2;
  const apart = Math.min(70, (y.base - y.gauge) / 4);
  return (
    <>
      <At x={x.pulled} y={middle - apart}>
        <Read piece={piece} name="pulled" mm={thrown.pulled} words="as pulled" fontSize={small.fontSize} />
      </At>
      <At x={x.gauge} y={middle}>
        <Read piece={piece} name="gauge" mm={thrown.gauge} words="gauge" fontSize={wide ? '19px' : small.fontSize} />
      </At>
      <At x={x.trimmed} y={middle + apart}>
        <Box background="bg" paddingBlock="1" textAlign="center">
          <Typed piece={piece} size="height" at="wet" label="Wet height, trimmed" figure={small} />
          <Word>trimmed</Word>
        </Box>
      </At>
    </>
  );
}

/** Widths at mouth and base, wet and finished, each over its own half. */
export function Widths({ piece, geometry }: Props) {
  const { y, placed, wide } = geometry;
  const { wet, glazed } = piece.worked.sized.stages;
  const { big, small } = wide ? SIZES.wide : SIZES.narrow;
  const wetMiddle = (diameter: number) => placed.wet(diameter / 4, 0)[0];
  const finishedMiddle = (diameter: number) => placed.finished(diameter / 4, 0)[0];
  return (
    <>
      <At x={wetMiddle(wet.rimDiameter)} y={y.pulled - 33}>
        <Typed piece={piece} size="rimDiameter" at="wet" label="Wet width at the mouth" figure={small} before="⌀" />
      </At>
      <At x={finishedMiddle(glazed.rimDiameter)} y={y.finished - 37}>
        <Typed piece={piece} size="rimDiameter" at="glazed" label="Finished width at the mouth" figure={big} before="⌀" />
      </At>
      <At x={wetMiddle(wet.baseDiameter)} y={y.baseWidths + 19}>
        <Typed piece={piece} size="baseDiameter" at="wet" label="Wet width at the base, trimmed" figure={small} before="⌀" />
      </At>
      <At x={finishedMiddle(glazed.baseDiameter)} y={y.baseWidths + 19}>
        <Typed piece={piece} size="baseDiameter" at="glazed" label="Finished width at the base" figure={small} before="⌀" reason="right" />
      </At>
    </>
  );
}

/** Finished height, and where there is room the finished wall and floor with leaders to them. */
export function FinishedSizes({ piece, geometry }: Props) {
  const { x, y, wide } = geometry;
  const { big, small } = wide ? SIZES.wide : SIZES.narrow;
  const thin = finishedThin(piece, geometry);
  return (
    <>
      <At x={x.finished + (wide ? 10 : 4)} y={(y.finished + y.base) / 2 + (wide ? 16 : 0)} anchor="start">
        <Box background="bg" paddingBlock="1">
          <Typed piece={piece} size="height" at="glazed" label="Finished height" figure={big} align="left" reason="right" />
          <Word>height</Word>
        </Box>
      </At>
      {wide &&
        thin.map(({ size, from }) => (
          <At key={size} x={from[0] + 6} y={from[1]} anchor="start">
            <Word>{SIZE_WORDS[size]}</Word>
            <Typed
              piece={piece}
              size={size}
              at="glazed"
              label={`Finished ${SIZE_WORDS[size]}`}
              figure={small}
              align="left"
              reason="right"
            />
          </At>
        ))}
    </>
  );
}

/** Where the finished wall and floor are named, and the places in the clay they speak of. */
export function finishedThin({ worked }: PieceModel, { x, y, placed }: Geometry) {
  const { height, baseDiameter, rimDiameter, wall, floor } = worked.sized.stages.glazed;
  const up = 0.86;
  const wallMiddle = (baseDiameter + (rimDiameter - baseDiameter) * up - wall) / 2;
  const places = [
    { size: 'wall', from: [x.finished + 70, y.finished + (y.base - y.finished) * 0.14], to: placed.finished(wallMiddle, height * up) },
    { size: 'floor', from: [x.finished + 70, y.base - 24], to: placed.finished(baseDiameter * 0.36, floor / 2) },
  ] as const;
  return places;
}

/** Which half is which: mark, word and what it shows. */
export function HalfNames({ geometry }: { geometry: Geometry }) {
  const { x, y, wide, sheet } = geometry;
  return (
    <>
      <At x={x.pulled - (wide ? 40 : 20)} y={wide ? y.pulled - 34 : 10} anchor="start">
        <HStack fontSize="sm" gap="0" alignItems="baseline">
          <StageName stage="wet" />
          <Word>on the bat</Word>
        </HStack>
      </At>
      <At x={wide ? x.finished - 2 : sheet.width} y={wide ? y.pulled - 34 : 10} anchor={wide ? 'start' : 'end'}>
        <HStack fontSize="sm" gap="0" alignItems="baseline">
          <StageName stage="glazed" />
          <Word>finished</Word>
        </HStack>
      </At>
    </>
  );
}
