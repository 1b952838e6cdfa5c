'use client';

import type { SizeName } from '@/core/form';
import { MovedPoint } from '../drawing';
import type { PieceModel } from '../model/use-piece';

/** So much an arrow key moves a point, mm across. */
const STEP = 1;

const WORDS = { rimDiameter: 'mouth', baseDiameter: 'foot' } as const satisfies Partial<Record<SizeName, string>>;

interface Props {
  readonly piece: PieceModel;
  readonly size: keyof typeof WORDS;
  /** Where it stands in the picture, px, and how many px a mm is. */
  readonly at: readonly [x: number, y: number];
  readonly scale: number;
}

/** The mouth or the foot of the uppermost of a stack, dragged across or moved by the arrow keys: the stack follows. */
export function StackPoint({ piece, size, at, scale }: Props) {
  const mm = piece.worked.sized.stages.glazed.sizes[size];
  if (mm === undefined) return null;
  return (
    <MovedPoint
      name={`stack-${size}`}
      at={at}
      color="glazed"
      label={`Move the ${WORDS[size]}, finished ${piece.units.length(mm)}. Drag it across, or use the arrow keys.`}
      title={`Drag the ${WORDS[size]} across, or use the arrow keys`}
      mm={mm}
      step={STEP}
      pressed={(from) => {
        const { clientX } = from;
        return (to) => mm + (2 * (to.clientX - clientX)) / scale;
      }}
      onMove={(to, key) => piece.takeSize(size, 'glazed')(Math.round(to), key)}
    />
  );
}
