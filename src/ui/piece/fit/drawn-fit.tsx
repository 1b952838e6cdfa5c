'use client';

import { type FitWork, isLid, partRef, partWords } from '@/core/workspace';
import { remaining } from '@/core/clay';
import { At } from '@/ui/drawing';
import { chakra } from '@chakra-ui/react';
import type { Geometry } from '../drawing';
import type { PieceModel } from '../model/use-piece';
import { useOpenPart } from '../model/open-part';
import { useFit } from './use-fit';

type RZ = readonly [r: number, z: number];

/** What meets the piece, finished, as a half-section; and what is measured of it. */
interface Met {
  readonly outline: readonly RZ[];
  readonly words: string;
}

/** How far an insert hangs into a mouth, how thick a lid is and how far it stands out, where nothing says. Finished mm. */
const INSERT = 10;
const THICK = 6;
const BEYOND = 3;

function stopperMet({ stopper, gap }: FitWork, rim: number, length: (mm: number) => string): Met | undefined {
  if (!stopper) return undefined;
  const depth = Math.min(stopper.length, Math.max(0, (stopper.length * gap.mean) / (stopper.top - stopper.bottom)));
  const bottom = rim - depth;
  return {
    outline: [
      [0, bottom],
      [stopper.bottom / 2, bottom],
      [stopper.top / 2, bottom + stopper.length],
      [0, bottom + stopper.length],
    ],
    words: `sits ${length(depth)} deep`,
  };
}

/** What meets the mouth or the rim, as it comes out on average. */
function metBy(piece: PieceModel, work: FitWork): Met | undefined {
  const { units, worked } = piece;
  const { inside, side } = worked.sized.fired;
  const { height } = worked.sized.stages.glazed.sizes;
  const stopper = stopperMet(work, height, units.length);
  if (stopper) return stopper;
  const between = work.gap.mean - work.narrows;
  const words = between >= 0 ? `gap ${units.length(between)}` : `too tight by ${units.length(-between)}`;
  const half = work.gap.mean / 2;
  const mouth = inside[0]!.r;
  const rim = side.at(-1)!.r;
  if (work.stock?.kind === 'gasket') return undefined;
  if (isLid(piece.part, work.fitting)) {
    const inner = side.at(-1)!.r + half;
    return {
      outline: [
        [inner, 0],
        [inner + THICK, 0],
        [inner + THICK, height + THICK],
        [inner, height + THICK],
      ],
      words,
    };
  }
  if (work.fitting.over) {
    const inner = rim + half;
    return {
      outline: [
        [0, height],
        [inner, height],
        [inner, height - 2 * INSERT],
        [inner + THICK, height - 2 * INSERT],
        [inner + THICK, height + THICK],
        [0, height + THICK],
      ],
      words,
    };
  }
  const lid = Math.max(0, mouth - half);
  const { galleryDepth } = worked.sized.stages.glazed.sizes;
  if (piece.form.manner.mouth === 'gallery' && galleryDepth) {
    const ledge = height - galleryDepth;
    return {
      outline: [
        [0, ledge],
        [lid, ledge],
        [lid, ledge + THICK],
        [0, ledge + THICK],
      ],
      words,
    };
  }
  const wide = rim + BEYOND;
  return {
    outline: [
      [0, height - INSERT],
      [lid, height - INSERT],
      [lid, height],
      [wide, height],
      [wide, height + THICK],
      [0, height + THICK],
    ],
    words,
  };
}

/** The same beside the wet half, where lid and pot are both of one clay and still wet: as large as it is made. */
function wetPath(piece: PieceModel, { pair }: FitWork, { outline }: Met, placed: Geometry['placed']): string | undefined {
  const { mouth, lid } = pair;
  if ('rigid' in mouth || 'rigid' in lid || mouth.clay !== lid.clay || mouth.at !== 'wet' || lid.at !== 'wet') return undefined;
  const { clay, sized } = piece.worked;
  const [k, kh] = [remaining(clay.shrinkage, 'glazed', 'width'), remaining(clay.shrinkage, 'glazed', 'height')];
  const { foot } = sized.onBat;
  return `M${outline.map(([r, z]) => placed.wet(r / k, foot + z / kh).join(' ')).join('L')}Z`;
}

/** What the piece is to fit with, drawn with the finished half where both meet. */
export function DrawnFit({ piece, geometry }: { piece: PieceModel; geometry: Geometry }) {
  const { fitting, found } = useFit(piece);
  const openPart = useOpenPart();
  const met = found.ok ? metBy(piece, found.value) : undefined;
  if (!met) return null;
  const other = fitting.with === 'part' ? piece.plan.parts.find((each) => partRef(piece.plan, each) === fitting.ref) : undefined;
  const { sheet, placed, x, y } = geometry;
  const path = met.outline.map(([r, z]) => placed.finished(r, z).join(' ')).join('L');
  const wet = found.ok ? wetPath(piece, found.value, met, placed) : undefined;
  const good = found.ok && found.value.gap.mean >= found.value.range.min && found.value.gap.mean <= found.value.range.max;
  const ink = good ? 'act' : 'bad';
  return (
    <>
      <chakra.svg
        width={sheet.width}
        height={sheet.height}
        position="absolute"
        inset="0"
        pointerEvents="none"
        aria-hidden
        data-testid="met"
      >
        <path
          d={`M${path}Z`}
          fill={`var(--chakra-colors-${ink}-wash)`}
          fillOpacity="0.7"
          stroke={`var(--chakra-colors-${ink})`}
          strokeWidth="1.6"
          strokeLinejoin="round"
        />
        {wet && (
          <path d={wet} fill="var(--chakra-colors-wet-wash)" fillOpacity="0.6" stroke="var(--chakra-colors-wet)" strokeDasharray="5 3" />
        )}
      </chakra.svg>
      <At x={x.axis + 8} y={y.finished - 66} anchor="start">
        <chakra.span className="drawn-on-ground" color={ink} fontWeight="680" fontSize="15px" whiteSpace="nowrap">
          {met.words}
          {other && (
            <chakra.button
              type="button"

              textDecoration="underline dotted"
              marginInlineStart="2"
              minHeight={{ base: '44px', md: '28px' }}
              cursor="pointer"
              onClick={() => openPart(other.id)}
            >
              to the {partWords(other)}
            </chakra.button>
          )}
        </chakra.span>
      </At>
    </>
  );
}
