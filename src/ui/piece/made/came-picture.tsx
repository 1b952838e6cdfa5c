'use client';

import { madeSize } from '@/ui/made';
import { ink } from '@/ui/theme';
import type { PieceModel } from '../model/use-piece';
import type { CamePiece, CameRun, Middle } from './use-came';
import { capital } from '@/ui/words';

const SIDE = 380;
/** Round the target, px, for the words of what lies that way. */
const EDGE = 34;
const BARS = { width: 400, height: 210, words: 96 };
/** Less than this is not told, mm. */
const SEEN = 0.05;

/** How far from the middle of the picture its edge is, mm. */
function reachOf({ run, pieces }: CameRun, box: readonly [number, number] | undefined): number {
  const offs = pieces.flatMap(({ height, across }) => [height?.off ?? 0, across?.off ?? 0]).map(Math.abs);
  return 1.15 * Math.max(0.5, ...offs, ...(box ?? []), run.tool === 'eye' ? 1 : 0);
}

/** Half of what 9 in 10 were told to keep to, across and up, mm. */
function promisedOf({ run, height, across }: CameRun): readonly [number, number] | undefined {
  const half = (middle: Middle | undefined) => {
    const own = run.promised?.find((each) => each.size === middle?.size && each.least !== undefined && each.most !== undefined);
    return own && (own.most! - own.least!) / 2;
  };
  const [x, y] = [half(across), half(height)];
  return x !== undefined && y !== undefined ? [x, y] : undefined;
}

/** The rim as it was wanted in the middle, and where that of each piece came to: enlarged, what was told dashed. */
export function CamePicture({ piece, came }: { piece: PieceModel; came: CameRun }) {
  const { units } = piece;
  const measured = came.pieces.filter(({ height, across }) => height?.off !== undefined || across?.off !== undefined);
  if (measured.length === 0) return null;
  const box = promisedOf(came);
  const reach = reachOf(came, box);
  const scale = (SIDE / 2 - EDGE) / reach;
  const middle = SIDE / 2;
  const at = ({ height, across }: Pick<CamePiece, 'height' | 'across'>) =>
    [middle + (across?.off ?? 0) * scale, middle - (height?.off ?? 0) * scale] as const;
  const [cx, cy] = [middle + (came.across?.off ?? 0) * scale, middle - (came.height?.off ?? 0) * scale];
  return (
    <div className="came" data-came={came.run.id}>
      <figure>
        <svg
          viewBox={`0 0 ${SIDE} ${SIDE}`}
          role="img"
          aria-label={`The rims of ${measured.length} pieces around the target: ${[came.across, came.height]
            .map((each) => middleWords(each, units.length))
            .filter(Boolean)
            .join(', ')}`}
        >
          <path
            d={`M${EDGE} ${middle}H${SIDE - EDGE}M${middle} ${EDGE}V${SIDE - EDGE}`}
            stroke={ink('line-strong')}
            strokeDasharray="2 4"
          />
          {box && (
            <rect
              x={middle - box[0] * scale}
              y={middle - box[1] * scale}
              width={2 * box[0] * scale}
              height={2 * box[1] * scale}
              fill={ink('act-wash')}
              stroke={ink('act')}
              strokeDasharray="6 4"
            />
          )}
          {/* the rim of the wall, wanted: its outer upper corner is the target */}
          <path d={`M${middle} ${SIDE - EDGE}V${middle}H${EDGE}`} fill="none" stroke={ink('fg')} strokeWidth="1.8" strokeDasharray="8 5" />
          <path d={`M${cx} ${SIDE - EDGE}V${cy}H${EDGE}`} fill="none" stroke={ink('glazed')} strokeWidth="3" />
          {measured.map((each) => {
            const [x, y] = at(each);
            return (
              <g key={each.piece.id}>
                <circle cx={x} cy={y} r="11" fill={ink('bg')} stroke={ink('glazed')} strokeWidth="1.8" />
                <text x={x} y={y + 4.5} textAnchor="middle" fontSize="13" fontWeight="650" className="drawn-figure" fill={ink('glazed')}>
                  {each.piece.no}
                </text>
              </g>
            );
          })}
          <g fontSize="13" fill={ink('fg-muted')}>
            <text x={middle} y="16" textAnchor="middle">
              ↑ taller
            </text>
            <text x="2" y={SIDE - 8}>
              ← narrower
            </text>
            <text x={SIDE - 2} y={SIDE - 8} textAnchor="end">
              wider →
            </text>
          </g>
        </svg>
        <figcaption>
          Rims enlarged. Dashed: the target{box && ', and what was predicted for 9 in 10'}. Red: the middle of what came out.
        </figcaption>
      </figure>
      <div className="came-why">
        {[came.height, came.across].map((each) => each && <Why key={each.size} middle={each} length={units.length} />)}
      </div>
    </div>
  );
}

const middleWords = (middle: Middle | undefined, length: (mm: number) => string): string =>
  middle
    ? `${madeSize(middle.size)} ${Math.abs(middle.off) < SEEN ? 'on target' : `${length(Math.abs(middle.off))} ${middle.off > 0 ? 'over' : 'under'}`}`
    : '';

/** Whose doing it is that a size is off, as bars to both sides of none. */
function Why({ middle, length }: { middle: Middle; length: (mm: number) => string }) {
  const rows = [
    { words: 'Off target', mm: middle.off, colour: 'glazed' },
    ...(middle.by
      ? [
          { words: 'Your hand', mm: middle.by.hand, colour: 'wet' },
          { words: 'The clay', mm: middle.by.clay, colour: 'bisque' },
        ]
      : []),
  ];
  const most = Math.max(0.5, ...rows.map(({ mm }) => Math.abs(mm)));
  const { width, words } = BARS;
  const none = words + (width - words) / 2;
  const scale = (width - words - 96) / 2 / most;
  return (
    <section aria-label={`Why the ${madeSize(middle.size)} came out so`}>
      <h3>
        {capital(madeSize(middle.size))}, {middle.count === 1 ? 'one piece' : `median of ${middle.count}`}
      </h3>
      <svg viewBox={`0 0 ${width} ${rows.length * 30 + 6}`} aria-hidden>
        <path d={`M${none} 0V${rows.length * 30}`} stroke={ink('line-strong')} />
        {rows.map(({ words: said, mm, colour }, i) => (
          <g key={said} fontSize="14">
            <text x="0" y={i * 30 + 20} fill={ink('fg')}>
              {said}
            </text>
            <rect
              x={Math.min(none, none + mm * scale)}
              y={i * 30 + 6}
              width={Math.max(1.5, Math.abs(mm) * scale)}
              height="18"
              fill={ink(colour)}
            />
            <text
              x={none + mm * scale + (mm < 0 ? -6 : 6)}
              y={i * 30 + 20}
              textAnchor={mm < 0 ? 'end' : 'start'}
              fontWeight="650"
              className="drawn-figure"
              fill={ink(colour)}
            >
              {Math.abs(mm) < SEEN ? 'none' : `${mm > 0 ? '+' : '−'}${length(Math.abs(mm))}`}
            </text>
          </g>
        ))}
      </svg>
      {!middle.by && <p>Not measured wet, so hand and clay cannot be separated.</p>}
    </section>
  );
}
