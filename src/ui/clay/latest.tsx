import { Box } from '@chakra-ui/react';

/** So many are drawn and can be reached: more would cover each other. */
const MOST_DRAWN = 200;

/** Those written down last, in the order they came; all where they are few. */
export function latest<T>(rows: readonly T[], whenOf: (row: T) => string): readonly T[] {
  if (rows.length <= MOST_DRAWN) return rows;
  const since = rows.map(whenOf).sort().at(-MOST_DRAWN)!;
  return rows.filter((row) => whenOf(row) >= since).slice(-MOST_DRAWN);
}

/** Says so where not all are drawn. */
export function FewOf({ drawn, all }: { drawn: number; all: number }) {
  if (drawn >= all) return null;
  return (
    <Box fontSize="sm" color="fg.muted" marginBottom="2">
      The last {MOST_DRAWN} of {all} are shown. The estimate uses all of them.
    </Box>
  );
}
