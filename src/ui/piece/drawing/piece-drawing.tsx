'use client';

import { later } from '@/ui/blocks';
import { useSize } from '@/ui/drawing';
import { useAnyRefused } from '@/ui/fields';
import { useWorkspace } from '@/ui/state';
import type { ReactNode } from 'react';
import { AllowanceColumn, AllowanceList, allowanceLeaders } from './allowances';
import { DrawnClay } from './drawn-clay';
import { FinishedSizes, FurtherSizeList, HalfNames, WetHeights, Widths } from './drawn-figures';
import { furtherSizes } from './further-sizes';
import { type Geometry, geometryOf } from './geometry';
import { extentOf, ghostOf } from './ghosts';
import type { PieceModel } from '../model/use-piece';

// the sizes are there first, the points to drag them by a moment later
const DragPoints = later(() => import('./drag-points').then((part) => part.DragPoints));

// only of a piece built of slabs
const AssembledPiece = later(() => import('../hand/assembled-piece').then((part) => part.AssembledPiece));

interface Props {
  readonly piece: PieceModel;
  readonly beside: string;
  readonly allowances: boolean;
  /** What the open room draws over the clay. */
  readonly over?: ((geometry: Geometry) => ReactNode) | undefined;
}

/** The piece cut through: as thrown, standing on the bat, left of the axis; finished right of it. Its dimensions are the fields. */
export function PieceDrawing({ piece, beside, allowances, over }: Props) {
  const { ref, size } = useSize<HTMLDivElement>();
  const { workspace } = useWorkspace();
  const thrown = piece.by === 'wheel' && allowances;
  const greyed = useAnyRefused() || piece.impossible !== undefined;
  const ghost = beside ? ghostOf(beside, workspace) : undefined;
  const geometry = size && geometryOf(piece.worked, size.width, size.height, ghost && extentOf(ghost), piece.by, allowances);
  const leaders = geometry?.wide
    ? [...(thrown ? allowanceLeaders(piece, geometry) : []), ...furtherSizes(piece, geometry).map(({ from, to }) => [from, to] as const)]
    : [];
  return (
    <>
      <div ref={ref} className="drawing" data-testid="drawing" data-greyed={greyed}>
        {geometry && (
          <>
            <DrawnClay piece={piece} geometry={geometry} leaders={leaders} ghost={ghost} />
            {over?.(geometry)}
            <HalfNames piece={piece} geometry={geometry} />
            <WetHeights piece={piece} geometry={geometry} />
            <Widths piece={piece} geometry={geometry} />
            <FinishedSizes piece={piece} geometry={geometry} />
            {geometry.wide && thrown && <AllowanceColumn piece={piece} geometry={geometry} />}
            {geometry.wide && piece.by === 'slab' && <AssembledPiece piece={piece} base={geometry.y.base} />}
            <DragPoints piece={piece} geometry={geometry} />
          </>
        )}
      </div>
      {geometry && !geometry.wide && (
        <>
          <FurtherSizeList piece={piece} />
          {thrown && <AllowanceList piece={piece} />}
        </>
      )}
    </>
  );
}
