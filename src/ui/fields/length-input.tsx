'use client';

import { type Span, type UnitChoice, readLength, readSizes, readSpan, text, writeLength } from '@/core/units';
import { useUnits } from '@/ui/state';
import type { NumberName } from '@/core/sizing';
import { memo } from 'react';
import { FigureInput, type FigureInputProps } from './figure-input';
import type { Keys } from './text-input';

const MM_PER_STEP = { mm: 1, cm: 1, in: 2.54 };

/** One step of a length in the units chosen, mm: a millimetre, a tenth of an inch, or the finest fraction. */
export const stepOf = (choice: UnitChoice): number =>
  choice.length === 'inch-fraction' ? 25.4 / choice.denominator : MM_PER_STEP[choice.length];

/** Fractions of an inch are written with a stroke and a space, which the keys of figures have not. */
export const keysOf = ({ length }: UnitChoice): Keys => (length === 'inch-fraction' ? 'text' : 'decimal');

export interface LengthInputProps extends Omit<FigureInputProps, 'shown' | 'take' | 'step' | 'onVisit'> {
  /** Opens the arithmetic of the figure, by its name. */
  readonly name?: NumberName;
  readonly open?: (name: NumberName) => void;
  readonly mm: number;
  /** Takes the length read, in mm; says why not, if so. */
  readonly takeMm: (mm: number, key: string) => string | undefined;
  /** Takes a range or a limit, where one may be typed. */
  readonly takeSpan?: ((span: Span, key: string) => string | undefined) | undefined;
  /** Takes several sizes typed together, "80 x 90". */
  readonly takeSizes?: ((mm: readonly number[], key: string) => string | undefined) | undefined;
  /** Takes an emptied field: what was known is let go. */
  readonly takeNothing?: ((key: string) => string | undefined) | undefined;
  /** Zero is allowed: an allowance of nothing. */
  readonly zero?: boolean;
  /** Read and written in this unit whatever was chosen. */
  readonly fixed?: 'mm' | 'cm' | 'in' | undefined;
}

/** A length read and written in the units chosen; any other unit may be typed with it. */
export const LengthInput = memo(function LengthInput({
  mm,
  takeMm,
  takeSpan,
  takeSizes,
  takeNothing,
  zero = false,
  fixed,
  name,
  open,
  ...rest
}: LengthInputProps) {
  const units = useUnits();
  const choice = fixed ? { ...units.choice, length: fixed } : units.choice;
  const options = fixed ? { ...units.readLength, unit: fixed } : units.readLength;
  const write = (value: number) => text(writeLength(value, choice), false);
  const step = stepOf(choice);
  return (
    <FigureInput
      {...rest}
      keys={keysOf(choice)}
      onVisit={name && open && (() => open(name))}
      shown={write(mm) || '0'}
      take={(typed, key) => {
        if (takeNothing && typed.trim() === '') return takeNothing(key);
        const read = readLength(typed, { ...options, zero });
        if (read.ok) return takeMm(read.value, key);
        const sizes = takeSizes && readSizes(typed, options);
        if (sizes) return sizes.ok ? takeSizes(sizes.value, key) : sizes.problem.message;
        const span = takeSpan && readSpan(typed, options);
        if (!span) return read.problem.message;
        return span.ok ? takeSpan(span.value, key) : span.problem.message;
      }}
      step={(direction, from) => {
        const typed = from === undefined ? undefined : readLength(from, { ...options, zero });
        const at = (typed?.ok ? typed.value : mm) / step;
        const next = direction > 0 ? Math.floor(at + 1e-9) + 1 : Math.ceil(at - 1e-9) - 1;
        const to = Math.max(zero ? 0 : 1, next) * step;
        // four places, so that its point is never taken for one that sets thousands apart
        return { typed: `${to.toFixed(4)} mm`, shown: write(to) || '0' };
      }}
    />
  );
});
