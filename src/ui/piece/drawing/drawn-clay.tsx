import { remaining } from '@/core/clay';
import { footRadius, sectionOf } from '@/core/form';
import { BaseRule, Hatches, Leader, Level, Upright, pathOf } from '@/ui/drawing';
import { type Geometry, type LeaderLine, groundEnd, ruleReach } from './geometry';
import type { Ghost } from './ghosts';
import { levelPath } from './labels';
import type { PieceModel } from '../model/use-piece';

const WET = 'var(--chakra-colors-wet)';
const FINISHED = 'var(--chakra-colors-glazed)';
const UNIT_MM = { mm: 1, cm: 10, in: 25.4, 'inch-fraction': 25.4 };

/** The cut clay, its allowances, the bat with its pair of rules, and the dimension lines. */
export function DrawnClay({
  piece,
  geometry,
  leaders,
  ghost,
}: {
  piece: PieceModel;
  geometry: Geometry;
  leaders: readonly LeaderLine[];
  ghost?: Ghost | undefined;
}) {
  const { sheet, placed, x, y } = geometry;
  const { units, worked } = piece;
  const { sized } = worked;
  const { onBat, fired } = sized;
  const { removed } = onBat;
  const glazed = sized.stages.glazed.sizes;
  return (
    <svg
      role="img"
      aria-label={`Half-section: ${piece.by === 'wheel' ? `as thrown ${units.length(sized.thrown.pulled)} high on the bat` : `wet ${units.length(sized.thrown.gauge)} high`}, finished ${units.length(glazed.height)} high and ${units.length(glazed.rimDiameter)} across the mouth`}
      width={sheet.width}
      height={sheet.height}
      className="drawn-sheet"
    >
      <Hatches />
      <path
        d={`${piece.by === 'wheel' ? levelPath(y.pulled, x.pulled - 8, x.axis, leaders) : ''}${levelPath(y.gauge, x.gauge - 8, x.axis, leaders)}${levelPath(y.finished, x.axis, x.finished + 6, leaders)}`}
        stroke="var(--chakra-colors-line)"
        strokeDasharray="3 4"
      />
      <g stroke="var(--chakra-colors-warn)" strokeDasharray="4 2.5" fill="url(#hatch-goes)" data-clay>
        {[removed.needle, removed.wall, removed.hollow, removed.bevel, removed.floor, removed.wire].map((section, i) => (
          <path key={i} d={pathOf(section, placed.wet)} />
        ))}
      </g>
      <g strokeWidth="2" strokeLinejoin="round" data-clay>
        <path d={pathOf(sectionOf(onBat.piece), placed.wet)} fill="url(#hatch-wet)" stroke={WET} />
        <path d={pathOf(sectionOf(fired), placed.finished)} fill="url(#hatch-glazed)" stroke={FINISHED} />
      </g>
      {ghost && (
        <path
          d={pathOf(ghost.line, placed.finished).replace(/Z$/, '')}
          fill="none"
          stroke="var(--chakra-colors-fg-muted)"
          strokeWidth="1.5"
          strokeDasharray="7 4"
          data-testid="ghost"
        />
      )}
      <path d={`M${x.axis} ${y.mouthWidths - 16}V${y.base + 54}`} stroke="var(--chakra-colors-line-strong)" strokeDasharray="14 4 2 4" />
      <path d={`M${x.wetEdge - 16} ${y.base}H${groundEnd(geometry, leaders)}`} stroke="var(--chakra-colors-fg)" strokeWidth="2" />
      <BaseRule
        axis={placed.axis}
        base={placed.base}
        scale={placed.scale}
        wetReach={geometry.wetReach}
        finishedReach={ruleReach(geometry, leaders)}
        left={remaining(worked.clay.shrinkage, 'glazed', 'width')}
        unitMm={UNIT_MM[units.choice.length]}
      />
      <DimensionLines piece={piece} geometry={geometry} />
      {leaders.map(([from, to], i) => (
        <Leader key={i} from={from} to={to} />
      ))}
    </svg>
  );
}

function DimensionLines({ piece, geometry }: { piece: PieceModel; geometry: Geometry }) {
  const { placed, x, y } = geometry;
  const { stages, wet, fired, onBat } = piece.worked.sized;
  const wetAt = (diameter: number) => placed.wet(diameter / 2, 0)[0];
  const finishedAt = (diameter: number) => placed.finished(diameter / 2, 0)[0];
  return (
    <>
      <Upright x={x.gauge} top={y.gauge} bottom={y.base} color={WET} strong />
      {piece.by === 'wheel' && (
        <>
          <Upright x={x.trimmed} top={placed.wet(0, onBat.foot + stages.wet.sizes.height)[1]} bottom={y.foot} color={WET} />
          <Upright x={x.pulled} top={y.pulled} bottom={y.base} color={WET} />
        </>
      )}
      <Upright x={x.finished} top={y.finished} bottom={y.base} color={FINISHED} strong />
      <Level y={y.mouthWidths} from={wetAt(stages.wet.sizes.rimDiameter)} to={x.axis} color={WET} />
      <Level y={y.mouthWidths} from={x.axis} to={finishedAt(stages.glazed.sizes.rimDiameter)} color={FINISHED} strong />
      {piece.names.includes('baseDiameter') && (
        <>
          <Level y={y.baseWidths} from={wetAt(2 * footRadius(wet))} to={x.axis} color={WET} />
          <Level y={y.baseWidths} from={x.axis} to={finishedAt(2 * footRadius(fired))} color={FINISHED} />
        </>
      )}
    </>
  );
}
