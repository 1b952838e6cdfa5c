'use client';

import { lazyPart } from '@/ui/blocks';
import { useSize } from '@/ui/drawing';
import { useAnyRefused } from '@/ui/fields';
import { useWorkspace } from '@/ui/state';
import { type ComponentType, memo, useMemo } from 'react';
import { AllowanceMarks, allowanceMarks, markLeaders } from './allowance-marks';
import { DrawnClay } from './drawn-clay';
import { FinishedSizes, FurtherSizeList, HalfNames, WetHeights, Widths } from './drawn-figures';
import { further, furtherSizes } from './further-sizes';
import { type Geometry, geometryOf } from './geometry';
import { type Ghost, extentOf, ghostOf } from './ghosts';
import type { PieceModel } from '../model/use-piece';

// the sizes are there first, the points to drag them by a moment later
const DragPoints = lazyPart(() => import('./drag-points').then((part) => part.DragPoints));

// only of a piece built of slabs
const AssembledPiece = lazyPart(() => import('../hand/assembled-piece').then((part) => part.AssembledPiece));

interface Props {
  readonly piece: PieceModel;
  readonly beside: string;
  /** Whether what is cut and trimmed away is marked at its place. */
  readonly allowances: boolean;
  /** What the open room draws over the clay, its words above it. */
  readonly over?: ComponentType<{ piece: PieceModel; geometry: Geometry }> | undefined;
}

interface Laid {
  readonly geometry: Geometry;
  readonly ghost: Ghost | undefined;
}

interface OnSheet extends Props {
  readonly laid: Laid;
}

type Room = { readonly width: number; readonly height: number } | undefined;

/** The piece laid out on the sheet. Undefined until the sheet is measured. */
function useLaid({ piece, beside, over }: Props, room: Room): Laid | undefined {
  const { workspace } = useWorkspace();
  const { worked, by } = piece;
  const named = further(piece).length > 0;
  const headroom = over !== undefined;
  const ghost = useMemo(() => (beside ? ghostOf(beside, workspace) : undefined), [beside, workspace]);
  return useMemo(
    () =>
      room && { ghost, geometry: geometryOf(worked, room.width, room.height, { beside: ghost && extentOf(ghost), by, headroom, named }) },
    [worked, room, ghost, by, headroom, named],
  );
}

/** The clay, and what leads from it to its figures. */
const Clay = memo(function Clay(props: OnSheet) {
  const { piece, over: Over, allowances, laid } = props;
  const { geometry, ghost } = laid;
  const marks = geometry.wide && allowances && piece.by === 'wheel' ? allowanceMarks(piece, geometry) : [];
  const named = geometry.wide ? furtherSizes(piece, geometry).map(({ from, to }) => [from, to] as const) : [];
  const leaders = [...markLeaders(marks), ...named];
  return (
    <>
      <DrawnClay piece={piece} geometry={geometry} leaders={leaders} ghost={ghost} />
      {marks.length > 0 && <AllowanceMarks marks={marks} geometry={geometry} />}
      {Over && <Over piece={piece} geometry={geometry} />}
      <HalfNames piece={piece} geometry={geometry} />
    </>
  );
});

/** The sizes and allowances, where they are read. */
const Figures = memo(function Figures(props: OnSheet) {
  const { piece, laid } = props;
  const { geometry } = laid;
  return (
    <>
      <WetHeights piece={piece} geometry={geometry} />
      <Widths piece={piece} geometry={geometry} />
      <FinishedSizes piece={piece} geometry={geometry} />
      {geometry.wide && piece.by === 'slab' && <AssembledPiece piece={piece} base={geometry.y.base} />}
    </>
  );
});

const Points = memo(function Points({ piece, laid }: Pick<OnSheet, 'piece' | 'laid'>) {
  return <DragPoints piece={piece} geometry={laid.geometry} />;
});

/** The piece cut through: as thrown, standing on the bat, left of the axis; finished right of it. Its dimensions are the fields. */
export function PieceDrawing(props: Props) {
  const { piece } = props;
  const { ref, size } = useSize<HTMLDivElement>();
  const greyed = useAnyRefused() || piece.impossible !== undefined;
  const laid = useLaid(props, size);
  return (
    <>
      <div ref={ref} className="drawing" data-testid="drawing" data-greyed={greyed}>
        {laid && (
          <>
            <Clay {...props} laid={laid} />
            <Figures {...props} laid={laid} />
            <Points piece={piece} laid={laid} />
          </>
        )}
      </div>
      {/* the sizes that find no room around the drawing, under it */}
      {laid && !laid.geometry.wide && <FurtherSizeList piece={piece} />}
    </>
  );
}
