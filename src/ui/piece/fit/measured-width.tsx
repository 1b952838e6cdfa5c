'use client';

import { type Result, bad, good, readLengths } from '@/core/units';
import { lotOf } from '@/core/records';
import { OptionalInput } from '@/ui/fields';
import { type Units, useUnits } from '@/ui/state';
import { Box } from '@chakra-ui/react';

/** What was measured: the mean, and how much several differ. mm */
interface Measured {
  readonly mm: number;
  readonly spread?: number | undefined;
}

/** Two widths as somebody types them. */
const suchWidths = ({ length, choice }: Units): string =>
  // apart by more than the coarsest fraction
  (choice.length === 'inch-fraction' ? [95.25, 88.9] : [94, 93.2]).map((mm) => length(mm).replace(/\s[a-z]+$/, '')).join('; ');

/** A width as measured: one figure, or its largest and smallest, whose mean counts; of several things one of each, their spread too. */
function readWidth(typed: string, many: string | undefined, units: Units): Result<Measured> {
  const read = readLengths(typed, units.readLength);
  if (!read.ok) return read;
  const [first] = read.value;
  if (first === undefined || (!many && read.value.length > 2))
    return bad('', `Enter one width, or the largest and the smallest, such as ${suchWidths(units)}.`);
  const { mean, spreadSd } = lotOf({ widths: read.value });
  return good({ mm: mean, spread: read.value.length > 2 ? spreadSd : undefined });
}

interface MeasuredProps {
  readonly label: string;
  readonly value: number | undefined;
  readonly spread?: number | undefined;
  /** What several are called, where it may be any of them: three widths or more are one of each. */
  readonly many?: string | undefined;
  readonly onValue: (mm: number | undefined, key: string, spread: number | undefined) => string | undefined;
}

/** A width measured on the piece, which may be as good as round or not. */
export function MeasuredWidth({ label, value, spread, many, onValue }: MeasuredProps) {
  const units = useUnits();
  const such = suchWidths(units);
  const hint = many ? `or both ways: ${such}; of several ${many} one each` : `or both ways: ${such}`;
  return (
    <Box width="10.625rem">
      <OptionalInput<Measured>
        label={label}
        keys="text"
        value={value === undefined ? undefined : { mm: value, spread }}
        read={(typed) => readWidth(typed, many, units)}
        write={({ mm }) => units.plain(mm)}
        onValue={(found, key) => onValue(found?.mm, key, found?.spread)}
        hint={spread === undefined ? hint : `the middle of several ${many}, ± ${units.apart(spread)}`}
      />
    </Box>
  );
}
