'use client';

import type { FitWork } from '@/core/fitting';
import { partRef, partWords } from '@/core/records';
import { remaining } from '@/core/clay';
import { At } from '@/ui/drawing';
import { chakra } from '@chakra-ui/react';
import type { Geometry } from '../drawing';
import type { PieceModel } from '../model/use-piece';
import { useOpenPart } from '../model/open-part';
import { GapPoint } from './gap-point';
import { type Met, type RZ, metBy } from './met';
import { useFit } from './use-fit';

const pathOf = (outlines: Met['outlines'], placed: (...at: RZ) => readonly [number, number]): string =>
  outlines.map((outline) => `M${outline.map((at) => placed(...at).join(' ')).join('L')}Z`).join('');

/** The same beside the wet half, where lid and pot are both of one clay and still wet: as large as it is made. */
function wetPath(piece: PieceModel, { pair }: FitWork, { outlines }: Met, placed: Geometry['placed']): string | undefined {
  const { mouth, lid } = pair;
  if ('rigid' in mouth || 'rigid' in lid || mouth.clay !== lid.clay || mouth.at !== 'wet' || lid.at !== 'wet') return undefined;
  const { clay, sized } = piece.worked;
  const [k, kh] = [remaining(clay.shrinkage, 'glazed', 'width'), remaining(clay.shrinkage, 'glazed', 'height')];
  const { foot } = sized.onBat;
  return pathOf(outlines, (r, z) => placed.wet(r / k, foot + z / kh));
}

/** What the piece is to fit with, drawn with the finished half where both meet. */
export function DrawnFit({ piece, geometry }: { piece: PieceModel; geometry: Geometry }) {
  const { fitting, found } = useFit(piece);
  const openPart = useOpenPart();
  const met = found.ok ? metBy(piece, found.value) : undefined;
  if (!met) return null;
  const other = fitting.with === 'part' ? piece.plan.parts.find((each) => partRef(piece.plan, each) === fitting.ref) : undefined;
  const { sheet, placed, x, y } = geometry;
  const path = pathOf(met.outlines, placed.finished);
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
          d={path}
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
      {found.ok && met.edge && <GapPoint piece={piece} work={found.value} edge={met.edge} geometry={geometry} />}
      <At x={x.axis + 8} y={y.words} anchor="start">
        <chakra.span className="drawn-on-ground" color={ink} fontWeight="680" fontSize="0.9375rem" whiteSpace="nowrap">
          {met.words}
          {other && (
            <chakra.button
              type="button"

              textDecoration="underline dotted"
              marginInlineStart="2"
              minHeight="max(var(--finger), 28px)"
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
