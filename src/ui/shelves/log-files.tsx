'use client';

import { madeActs } from '@/store';
import { Act, Saves } from '@/ui/fields';
import { type TableLine, TableIn } from '@/ui/table-in';
import { newKey, useUnits, useWorkspace, workspaceStore } from '@/ui/state';
import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import type { Row } from './use-shelves';

type Lines = ReturnType<(typeof import('@/core/encode'))['madeFrom']>;

interface Line extends TableLine {
  readonly made: Lines[number]['made'];
}

/** The log out as CSV, what is found of it; and a table of what was made in. */
export function LogFiles({ rows }: { rows: readonly Row[] }) {
  const { workspace } = useWorkspace();
  const units = useUnits();
  const [open, setOpen] = useState(false);
  const csv = async () => ({
    content: (await import('@/core/encode')).madeTable(workspace, new Set(rows.map(({ piece }) => piece.id))),
    name: 'rimbet-log.csv',
    type: 'text/csv',
  });
  const take = async (lines: readonly Line[]) => {
    const { runsFrom } = await import('@/core/encode');
    const good = lines.flatMap(({ made }) => (made.ok ? [made.value] : []));
    const { runs, pieces } = runsFrom(good, workspace, newKey, new Date().toISOString());
    workspaceStore().runAndTell(madeActs.addMade(runs, pieces, `${pieces.length} pieces from a table`));
  };
  return (
    <>
      <Saves files={[{ words: 'Save CSV', make: csv }]} />
      <Act aria-expanded={open} onClick={() => setOpen(!open)}>
        From a table …
      </Act>
      {open && (
        <Box width="100%">
          <TableIn
            title="What was made, from a table"
            about="A log you already have: paste it from a sheet, or choose a CSV file. The first line is the headings. Lines of one name, day and clay become one run."
            placeholder={'name\tdate\twet mouth\tfired mouth\nTumbler\t2026-11-02\t93\t82'}
            columnsOf={({ LOG_COLUMNS }) => LOG_COLUMNS}
            guess={(reader, table) => reader.guessedLogColumns(table)}
            read={(reader, table, columns): Line[] =>
              reader
                .madeFrom(table, columns, workspace, { unit: units.choice.length, today: madeActs.today() })
                .map((line) => ({ ...line, fault: line.made.ok ? undefined : line.made.problem.message }))
            }
            told={({ made }) => (made.ok ? `${made.value.date}, number ${made.value.piece.no}` : '')}
            makeWords={(count) => (count === 1 ? 'Take one piece' : `Take ${count} pieces`)}
            readWords={(good, all) => `${good} of ${all} lines can be taken.`}
            allOrNothing
            onMake={(lines) => void take(lines)}
            onDone={() => setOpen(false)}
          />
        </Box>
      )}
    </>
  );
}
