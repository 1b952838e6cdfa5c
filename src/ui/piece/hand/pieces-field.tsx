import type { Result } from '@/core/units';
import { OptionalInput } from '@/ui/fields';
import { Box } from '@chakra-ui/react';

const MOST = 5000;

function readCount(text: string): Result<number> {
  const count = Number(text);
  return Number.isInteger(count) && count >= 1 && count <= MOST
    ? { ok: true, value: count }
    : { ok: false, problem: { path: '', message: `Write a whole number from 1 to ${MOST}.` } };
}

interface Props {
  readonly label: string;
  readonly value: number;
  readonly onValue: (count: number, key: string) => string | undefined;
  readonly width?: string;
}

/** How many; one where nothing is written. */
export function PiecesField({ label, value, onValue, width = '110px' }: Props) {
  return (
    <Box width={width}>
      <OptionalInput<number>
        label={label}
        value={value}
        write={String}
        read={readCount}
        onValue={(count, key) => onValue(count ?? 1, key)}
      />
    </Box>
  );
}
