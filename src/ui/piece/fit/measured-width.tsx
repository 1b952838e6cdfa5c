'use client';

import { type Result, bad, good, readLengths } from '@/core/units';
import { OptionalInput } from '@/ui/fields';
import { useUnits } from '@/ui/state';
import { Box } from '@chakra-ui/react';

/** A width as measured: one figure, or its largest and smallest, whose mean counts. */
function readWidth(typed: string, options: Parameters<typeof readLengths>[1]): Result<number> {
  const read = readLengths(typed, options);
  if (!read.ok) return read;
  const [first, second, ...others] = read.value;
  if (first === undefined || others.length > 0) return bad('', 'Write one width, or the largest and the smallest, such as 94; 93.2.');
  return good(second === undefined ? first : (first + second) / 2);
}

interface MeasuredProps {
  readonly label: string;
  readonly value: number | undefined;
  readonly onValue: (mm: number | undefined, key: string) => string | undefined;
}

/** A width measured on the piece, which may be as good as round or not. */
export function MeasuredWidth({ label, value, onValue }: MeasuredProps) {
  const units = useUnits();
  return (
    <Box width="170px">
      <OptionalInput<number>
        label={label}
        value={value}
        read={(typed) => readWidth(typed, units.readLength)}
        write={units.plain}
        onValue={onValue}
        hint="or both ways: 94; 93.2"
      />
    </Box>
  );
}
