import { remaining } from '@/core/clay';
import { cupSection } from '@/core/form';
import { BaseRule, Hatches, Leader, Level, Upright, pathOf } from '@/ui/drawing';
import { chakra } from '@chakra-ui/react';
import type { Geometry } from './geometry';
import type { PieceModel } from './use-piece';

const WET = 'var(--chakra-colors-wet)';
const FINISHED = 'var(--chakra-colors-glazed)';
const UNIT_MM = { mm: 1, cm: 10, in: 25.4, 'inch-fraction': 25.4 };

/** The cut clay, its allowances, the bat with its pair of rules, and the dimension lines. */
export function DrawnClay({
  piece,
  geometry,
  leaders,
  greyed,
}: {
  piece: PieceModel;
  geometry: Geometry;
  leaders: readonly (readonly [from: readonly [number, number], to: readonly [number, number]])[];
  greyed: boolean;
}) {
  const { sheet, placed, bat, x, y } = geometry;
  const { units, worked } = piece;
  const { sized } = worked;
  const { glazed } = sized.stages;
  return (
    <chakra.svg
      role="img"
      aria-label={`Half-section: as thrown ${units.length(sized.thrown.pulled)} high on the bat, finished ${units.length(glazed.height)} high and ${units.length(glazed.rimDiameter)} across the mouth`}
      width={sheet.width}
      height={sheet.height}
      position="absolute"
      inset="0"
      filter={greyed ? 'grayscale(1)' : undefined}
      opacity={greyed ? 0.45 : 1}
    >
      <Hatches />
      <path
        d={`M${x.pulled - 8} ${y.pulled}H${x.axis}M${x.gauge - 8} ${y.gauge}H${x.axis}M${x.axis} ${y.finished}H${x.finished + 6}`}
        stroke="var(--chakra-colors-line)"
        strokeDasharray="3 4"
      />
      <g stroke="var(--chakra-colors-warn)" strokeDasharray="4 2.5" fill="url(#hatch-goes)">
        <path d={pathOf(bat.needle, placed.wet)} />
        <path d={pathOf(bat.wall, placed.wet)} />
        <path d={pathOf(bat.floor, placed.wet)} />
        <path d={pathOf(bat.wire, placed.wet)} />
      </g>
      <g strokeWidth="2" strokeLinejoin="round">
        <path d={pathOf(bat.piece, placed.wet)} fill="url(#hatch-wet)" stroke={WET} />
        <path d={pathOf(cupSection(glazed), placed.finished)} fill="url(#hatch-glazed)" stroke={FINISHED} />
      </g>
      <path
        d={`M${x.axis} ${Math.min(y.pulled, y.finished) - 30}V${y.base + 54}`}
        stroke="var(--chakra-colors-line-strong)"
        strokeDasharray="14 4 2 4"
      />
      <path d={`M${x.wetEdge - 16} ${y.base}H${x.finishedEdge + 16}`} stroke="var(--chakra-colors-fg)" strokeWidth="2" />
      <BaseRule
        placed={placed}
        wetReach={bat.reach}
        finishedReach={geometry.finishedReach}
        left={remaining(worked.clay.shrinkage, 'glazed', 'width')}
        unitMm={UNIT_MM[units.choice.length]}
      />
      <DimensionLines piece={piece} geometry={geometry} />
      {leaders.map(([from, to]) => (
        <Leader key={`${from[1]}-${to[1]}`} from={from} to={to} />
      ))}
    </chakra.svg>
  );
}

function DimensionLines({ piece, geometry }: { piece: PieceModel; geometry: Geometry }) {
  const { placed, x, y } = geometry;
  const { wet, glazed } = piece.worked.sized.stages;
  const wetAt = (diameter: number) => placed.wet(diameter / 2, 0)[0];
  const finishedAt = (diameter: number) => placed.finished(diameter / 2, 0)[0];
  return (
    <>
      <Upright x={x.trimmed} top={y.gauge} bottom={y.foot} color={WET} />
      <Upright x={x.gauge} top={y.gauge} bottom={y.base} color={WET} strong />
      <Upright x={x.pulled} top={y.pulled} bottom={y.base} color={WET} />
      <Upright x={x.finished} top={y.finished} bottom={y.base} color={FINISHED} strong />
      <Level y={y.pulled - 14} from={wetAt(wet.rimDiameter)} to={x.axis} color={WET} />
      <Level y={y.finished - 14} from={x.axis} to={finishedAt(glazed.rimDiameter)} color={FINISHED} strong />
      <Level y={y.baseWidths} from={wetAt(wet.baseDiameter)} to={x.axis} color={WET} />
      <Level y={y.baseWidths} from={x.axis} to={finishedAt(glazed.baseDiameter)} color={FINISHED} />
    </>
  );
}
