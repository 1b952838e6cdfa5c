'use client';

import { later, useBehind } from '@/ui/blocks';
import { useSize } from '@/ui/drawing';
import { useAnyRefused } from '@/ui/fields';
import { useWorkspace } from '@/ui/state';
import { type ComponentType, memo } from 'react';
import { AllowanceColumn, AllowanceList, allowanceLeaders } from './allowances';
import { DrawnClay } from './drawn-clay';
import { FinishedSizes, FurtherSizeList, HalfNames, WetHeights, Widths } from './drawn-figures';
import { furtherSizes } from './further-sizes';
import { type Geometry, geometryOf } from './geometry';
import { type Ghost, extentOf, ghostOf } from './ghosts';
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
  readonly over?: ComponentType<{ piece: PieceModel; geometry: Geometry }> | undefined;
}

interface OnSheet extends Props {
  readonly size: { readonly width: number; readonly height: number };
}

function useGeometry({ piece, beside, allowances, size }: OnSheet): { readonly geometry: Geometry; readonly ghost: Ghost | undefined } {
  const { workspace } = useWorkspace();
  const ghost = beside ? ghostOf(beside, workspace) : undefined;
  return { ghost, geometry: geometryOf(piece.worked, size.width, size.height, ghost && extentOf(ghost), piece.by, allowances) };
}

const isThrown = ({ piece, allowances }: Props): boolean => piece.by === 'wheel' && allowances;

/** The clay, and what leads from it to its figures. */
const Clay = memo(function Clay(props: OnSheet) {
  const { piece, over: Over } = props;
  const { geometry, ghost } = useGeometry(props);
  const leaders = geometry.wide
    ? [
        ...(isThrown(props) ? allowanceLeaders(piece, geometry) : []),
        ...furtherSizes(piece, geometry).map(({ from, to }) => [from, to] as const),
      ]
    : [];
  return (
    <>
      <DrawnClay piece={piece} geometry={geometry} leaders={leaders} ghost={ghost} />
      {Over && <Over piece={piece} geometry={geometry} />}
      <HalfNames piece={piece} geometry={geometry} />
    </>
  );
});

/** The sizes and allowances, where they are read. */
function Figures(props: OnSheet) {
  const { piece } = props;
  const { geometry } = useGeometry(props);
  return (
    <>
      <WetHeights piece={piece} geometry={geometry} />
      <Widths piece={piece} geometry={geometry} />
      <FinishedSizes piece={piece} geometry={geometry} />
      {geometry.wide && isThrown(props) && <AllowanceColumn piece={piece} geometry={geometry} />}
      {geometry.wide && piece.by === 'slab' && <AssembledPiece piece={piece} base={geometry.y.base} />}
    </>
  );
}

const Points = memo(function Points(props: OnSheet) {
  const { geometry } = useGeometry(props);
  return <DragPoints piece={props.piece} geometry={geometry} />;
});

/** The sizes that find no room around the drawing, under it. */
function Lists(props: OnSheet) {
  const { geometry } = useGeometry(props);
  if (geometry.wide) return null;
  return (
    <>
      <FurtherSizeList piece={props.piece} />
      {isThrown(props) && <AllowanceList piece={props.piece} />}
    </>
  );
}

/** The piece cut through: as thrown, standing on the bat, left of the axis; finished right of it. Its dimensions are the fields. */
export function PieceDrawing(props: Props) {
  const { piece } = props;
  const { ref, size } = useSize<HTMLDivElement>();
  const greyed = useAnyRefused() || piece.impossible !== undefined;
  // under a figure that is typed the clay follows a moment later; under a point that is dragged at once
  const { shown, holds } = useBehind(piece);
  return (
    <>
      <div ref={ref} className="drawing" data-testid="drawing" data-greyed={greyed}>
        {size && (
          <>
            <div style={{ display: 'contents' }} {...holds}>
              <Clay {...props} piece={shown} size={size} />
            </div>
            <Figures {...props} size={size} />
            <div style={{ display: 'contents' }} {...holds}>
              <Points {...props} piece={shown} size={size} />
            </div>
          </>
        )}
      </div>
      {size && <Lists {...props} size={size} />}
    </>
  );
}
