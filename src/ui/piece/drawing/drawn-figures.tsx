import type { Stage } from '@/core/clay';
import { FAMILIES, type SizeName, sizeIn } from '@/core/form';
import type { NumberName } from '@/core/sizing';
import { At } from '@/ui/drawing';
import { FigureInput, LengthInput } from '@/ui/fields';
import { StageName } from '@/ui/stage';
import { Box, HStack } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { further, furtherSizes, rowWords } from './further-sizes';
import type { Geometry } from './geometry';
import { type PieceModel, isKnownAt } from '../model/use-piece';

interface Props {
  readonly piece: PieceModel;
  readonly geometry: Geometry;
}

const FIGURES = {
  wide: { big: { width: '74px', fontSize: '25px' }, small: { width: '54px', fontSize: '16px' }, read: '16px' },
  narrow: { big: { width: '66px', fontSize: '18px' }, small: { width: '52px', fontSize: '16px' }, read: '14px' },
};

function Word({ children }: { children: ReactNode }) {
  return <div className="drawn-word">{children}</div>;
}

interface TypedProps {
  readonly piece: PieceModel;
  readonly size: SizeName;
  readonly at: Stage;
  readonly label: string;
  readonly figure: { width: string; fontSize: string };
  readonly align?: 'left' | 'center' | 'right';
  readonly before?: string;
}

/** The wall at the rim stands for that at the foot until the foot has its own. */
const wallThere = ({ worked }: PieceModel, at: Stage): number => worked.sized.stages[at].sizes.wall ?? 0;

/** A size typed on the drawing, at the stage the half shows. */
function Typed({ piece, size, at, label, figure, align = 'center', before }: TypedProps) {
  return (
    <LengthInput
      label={label}
      mm={piece.worked.sized.stages[at].sizes[size] ?? wallThere(piece, at)}
      takeMm={piece.takeSize(size, at)}
      zero={size === 'floor'}
      takeSizes={size === 'height' || size === 'rimDiameter' ? piece.takeSizes(size, at) : undefined}
      takeSpan={piece.takeLimit(size, at)}
      takeNothing={piece.letGo(size, at)}
      known={isKnownAt(piece, size, at)}
      color={at}
      align={align}
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
    <button type="button" className="drawn-read" onClick={() => piece.open(name)} aria-pressed={piece.opened === name}>
      <div data-number={name} style={{ fontSize }}>
        {piece.units.length(mm)}
      </div>
      <Word>{words}</Word>
    </button>
  );
}

/** However low the piece: a figure beside it, and the name of the half over one of them or over three, stand so far over the ground, px. */
const OVER_GROUND = { figure: 24, name: 68, nameOverThree: 146 };

/** The three heights on the bat, never to be confused: as pulled, for the gauge after the needle, and trimmed. */
export function WetHeights({ piece, geometry }: Props) {
  const { x, y, wide } = geometry;
  const { thrown } = piece.worked.sized;
  const { small, read } = wide ? FIGURES.wide : FIGURES.narrow;
  // never so close that one stands over the next, nor so low that it hides the rule
  const apart = piece.by === 'wheel' ? Math.max(42, Math.min(70, (y.base - y.gauge) / 4)) : 0;
  const middle = Math.min((y.gauge + y.base) / 2, y.base - OVER_GROUND.figure - apart);
  // beside low ware there is no height for figures: one stands over it, two under it
  const at: Record<'pulled' | 'gauge' | 'trimmed', { x: number; y: number; anchor?: 'start' }> = geometry.low
    ? {
        pulled: wide ? { x: x.pulled - 14, y: y.base + 34 } : { x: 0, y: y.base + 92, anchor: 'start' },
        gauge: wide ? { x: x.gauge, y: y.pulled - 26 } : { x: 0, y: y.pulled - 30, anchor: 'start' },
        trimmed: wide ? { x: x.trimmed - 4, y: y.base + 78 } : { x: 0, y: y.base + 142, anchor: 'start' },
      }
    : {
        pulled: { x: x.pulled, y: middle - apart },
        gauge: { x: x.gauge, y: middle },
        trimmed: { x: x.trimmed, y: middle + apart },
      };
  const wet = piece.by === 'wheel' ? 'Wet height, trimmed' : `Wet ${sizeIn(piece.form.family, 'height').words}`;
  if (piece.by !== 'wheel') {
    return (
      <At {...at.gauge}>
        <div className="drawn-on-ground" style={{ textAlign: 'center' }}>
          <Typed piece={piece} size="height" at="wet" label={wet} figure={small} />
          <Word>wet</Word>
        </div>
      </At>
    );
  }
  return (
    <>
      <At {...at.pulled}>
        <Read piece={piece} name="pulled" mm={thrown.pulled} words="pulled height" fontSize={read} />
      </At>
      <At {...at.gauge}>
        <Read piece={piece} name="gauge" mm={thrown.gauge} words="rim above bat" fontSize={wide ? '19px' : read} />
      </At>
      <At {...at.trimmed}>
        <div className="drawn-on-ground" style={{ textAlign: 'center' }}>
          <Typed piece={piece} size="height" at="wet" label={wet} figure={small} />
          <Word>trimmed</Word>
        </div>
      </At>
    </>
  );
}

/** From this many px on a figure stands in the middle of its half. */
const ROOMY = 104;

const overHalf = (edge: number, axis: number) => {
  if (Math.abs(edge - axis) >= ROOMY) return { x: (edge + axis) / 2, anchor: 'middle' as const };
  return edge < axis ? { x: axis - 6, anchor: 'end' as const } : { x: axis + 6, anchor: 'start' as const };
};

/** Widths at mouth and base, wet and finished, each over its own half. */
export function Widths({ piece, geometry }: Props) {
  const { y, placed, wide } = geometry;
  const wet = piece.worked.sized.stages.wet.sizes;
  const glazed = piece.worked.sized.stages.glazed.sizes;
  const { big, small } = wide ? FIGURES.wide : FIGURES.narrow;
  // over its half, but never across the axis
  const { flatSided } = FAMILIES[piece.form.family];
  const called = (size: SizeName, other: string) => (flatSided ? sizeIn(piece.form.family, size).words : other);
  const before = flatSided ? undefined : '⌀';
  const overWet = (diameter: number) => overHalf(placed.wet(diameter / 2, 0)[0], placed.axis);
  const overFinished = (diameter: number) => overHalf(placed.finished(diameter / 2, 0)[0], placed.axis);
  return (
    <>
      <At {...overWet(wet.rimDiameter)} y={y.mouthWidths - 19}>
        <Typed
          piece={piece}
          size="rimDiameter"
          at="wet"
          label={`Wet ${called('rimDiameter', 'width at the mouth')}`}
          figure={small}
          before={before}
        />
      </At>
      <At {...overFinished(glazed.rimDiameter)} y={y.mouthWidths - 23}>
        <Typed
          piece={piece}
          size="rimDiameter"
          at="glazed"
          label={`Finished ${called('rimDiameter', 'width at the mouth')}`}
          figure={big}
          before={before}
        />
      </At>
      {wet.baseDiameter && glazed.baseDiameter && (
        <>
          <At {...overWet(wet.baseDiameter)} y={y.baseWidths + 19}>
            <Typed
              piece={piece}
              size="baseDiameter"
              at="wet"
              label={`Wet ${called('baseDiameter', 'width at the base, trimmed')}`}
              figure={small}
              before={before}
            />
          </At>
          <At {...overFinished(glazed.baseDiameter)} y={y.baseWidths + 19}>
            <Typed
              piece={piece}
              size="baseDiameter"
              at="glazed"
              label={`Finished ${called('baseDiameter', 'width at the base')}`}
              figure={small}
              before={before}
            />
          </At>
        </>
      )}
    </>
  );
}

/** Finished height, and where there is room every further size with a leader to its place. */
export function FinishedSizes({ piece, geometry }: Props) {
  const { x, y, wide, low } = geometry;
  const { big, small } = wide ? FIGURES.wide : FIGURES.narrow;
  return (
    <>
      <At x={x.finished + (wide ? 10 : 4)} y={low ? y.finished - 30 : (y.finished + y.base) / 2 + (wide ? 16 : 0)} anchor="start">
        <div className="drawn-on-ground">
          <Typed
            piece={piece}
            size="height"
            at="glazed"
            label={`Finished ${sizeIn(piece.form.family, 'height').words}`}
            figure={big}
            align="left"
          />
          <Word>{sizeIn(piece.form.family, 'height').words}</Word>
        </div>
      </At>
      {wide &&
        furtherSizes(piece, geometry).map(({ size, from }) => (
          <At key={size} x={from[0] + 2} y={from[1]} anchor="start">
            <div className="drawn-on-ground">
              <Word>{rowWords(piece.form.family, size)}</Word>
              <Typed
                piece={piece}
                size={size}
                at="glazed"
                label={`Finished ${sizeIn(piece.form.family, size).words}`}
                figure={small}
                align="left"
              />
            </div>
          </At>
        ))}
      {wide && FAMILIES[piece.form.family].broadRim && (
        <At x={x.finished + 10} y={y.base + 52} anchor="start">
          <div className="drawn-on-ground">
            <Word>rim rises</Word>
            <RimAngle piece={piece} />
          </div>
        </At>
      )}
    </>
  );
}

/** Degrees, as they are typed; no number where they are none. */
const readAngle = (typed: string): number => Number(typed.replace('°', '').replace(',', '.'));

/** How far a plate's rim rises, degrees from level; typing it sets the height. */
function RimAngle({ piece }: { piece: PieceModel }) {
  const { sizes } = piece.form;
  const width = sizes.rimWidth!;
  const well = sizes.height - width * Math.tan(rimAngle(piece));
  const degrees = (rimAngle(piece) * 180) / Math.PI;
  return (
    <FigureInput
      label="Finished angle of the rim, degrees"
      shown={degrees.toFixed(1).replace(/\.0$/, '')}
      take={(typed, key) => {
        const angle = readAngle(typed);
        if (!(angle > 0 && angle < 64)) return 'Enter an angle between 3 and 63 degrees, such as 20.';
        return piece.takeSize('height', 'glazed')(well + width * Math.tan((angle * Math.PI) / 180), key);
      }}
      step={(direction, from) => String(Math.max(3, Math.round((from && readAngle(from)) || degrees) + direction))}
      color="glazed"
      unit="°"
      style={FIGURES.wide.small}
    />
  );
}

const rimAngle = ({ form, worked }: PieceModel): number =>
  Math.atan2(form.sizes.height - worked.sized.fired.inside.at(-1)!.z, form.sizes.rimWidth ?? 1);

/** Every further size in a list, where there is no room on the drawing. */
export function FurtherSizeList({ piece }: { piece: PieceModel }) {
  return (
    <Box color="glazed">
      {FAMILIES[piece.form.family].broadRim && (
        <HStack justifyContent="space-between" borderTopWidth="1px" borderColor="line" minHeight="48px">
          <Word>rise of the rim, finished</Word>
          <RimAngle piece={piece} />
        </HStack>
      )}
      {further(piece).map((size) => (
        <HStack key={size} justifyContent="space-between" borderTopWidth="1px" borderColor="line" minHeight="48px">
          <Word>{rowWords(piece.form.family, size)}, finished</Word>
          <Typed
            piece={piece}
            size={size}
            at="glazed"
            label={`Finished ${sizeIn(piece.form.family, size).words}`}
            figure={FIGURES.wide.small}
            align="right"
          />
        </HStack>
      ))}
    </Box>
  );
}

/** Which half is which: mark, word and what it shows. */
export function HalfNames({ geometry, piece }: Props) {
  const { x, y, wide, sheet, low } = geometry;
  const thrown = piece.by === 'wheel';
  const overGround = y.base - (thrown ? OVER_GROUND.nameOverThree : OVER_GROUND.name);
  const over = !wide ? 10 : low ? y.pulled - 72 : Math.min(y.pulled - 34, overGround);
  // what is built has no dimension lines far out: its name stands close, one word under the other, beside the figure over its half
  const besideMouth = wide && !thrown;
  const wetX = low ? x.gauge - 60 : x.pulled - 40;
  return (
    <>
      <At x={!wide ? 0 : thrown ? wetX : Math.min(x.wetEdge, x.axis - ROOMY + 20) - 6} y={over} anchor={besideMouth ? 'end' : 'start'}>
        <div className="drawn-half" data-beside={besideMouth ? '' : undefined}>
          <StageName stage="wet" />
          <Word>{thrown ? 'on the bat' : 'as built'}</Word>
        </div>
      </At>
      <At x={wide ? x.finished - 30 : sheet.width - 76} y={over} anchor="start">
        <div className="drawn-half">
          <StageName stage="glazed" />
          {wide && low && <Word>finished</Word>}
        </div>
      </At>
    </>
  );
}
