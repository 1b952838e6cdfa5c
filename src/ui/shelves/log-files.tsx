'use client';

import { madeActs } from '@/store';
import { Act, Saves } from '@/ui/fields';
import { type TableLine, TableIn } from '@/ui/table-in';
import { newKey, useUnits, useWorkspace, workspaceStore } from '@/ui/state';
import { Box, chakra } from '@chakra-ui/react';
import { useState } from 'react';
import type { Row } from './use-shelves';

type Lines = ReturnType<(typeof import('@/core/encode'))['madeFrom']>;

interface Line extends TableLine {
  readonly made: Lines[number]['made'];
  readonly already: Lines[number]['already'];
}

const count = (n: number, word: string): string => `${n} ${word}${n === 1 ? '' : 's'}`;

/** What a table did to the log, in words. */
function takenWords({ pieces, changed }: ReturnType<(typeof import('@/core/encode'))['runsFrom']>): string {
  const news = pieces.length > 0 || changed.length === 0 ? [`${count(pieces.length, 'piece')} from a table`] : [];
  return [...news, ...(changed.length > 0 ? [`${count(changed.length, 'piece')} changed by a table`] : [])].join(', ');
}

/** What becomes of a line that can be taken. */
function toldOf({ made, already }: Line): string {
  if (!made.ok) return '';
  if (already === 'same') return 'in the log already';
  const where = `${made.value.date}, number ${made.value.piece.no}`;
  return already === 'changed' ? `${where}: changes what is in the log` : made.value.run ? `${where}, added to its run` : where;
}

/** The log out as CSV, what is found of it; and a table of what was made in. */
export function LogFiles({ rows }: { rows: readonly Row[] }) {
  const { workspace } = useWorkspace();
  const units = useUnits();
  const [open, setOpen] = useState(false);
  const [undated, setUndated] = useState('');
  const csv = async () => ({
    content: (await import('@/core/encode')).madeTable(workspace, new Set(rows.map(({ piece }) => piece.id))),
    name: 'rimbet-log.csv',
    type: 'text/csv',
  });
  const take = async (lines: readonly Line[]) => {
    const { runsFrom } = await import('@/core/encode');
    const good = lines.flatMap(({ made }) => (made.ok ? [made.value] : []));
    const taken = runsFrom(good, workspace, newKey, new Date().toISOString());
    workspaceStore().runAndTell(madeActs.addMade(taken, takenWords(taken)));
  };
  return (
    <>
      <Saves files={[{ words: 'Save CSV', make: csv }]} />
      <Act aria-expanded={open} onClick={() => setOpen(!open)}>
        From a table…
      </Act>
      {open && (
        <Box width="100%">
          <TableIn
            title="What was made, from a table"
            about="Paste your existing log from a spreadsheet, or choose a CSV file. The first line must be the headings. Lines with the same name, date and clay become one run. What is in the log already is recognised; an empty cell leaves it as it is."
            placeholder={'name\tdate\twet mouth\tfired mouth\nTumbler\t2026-11-02\t93\t82'}
            columnsOf={({ LOG_COLUMNS }) => LOG_COLUMNS}
            guess={(reader, table) => reader.guessedLogColumns(table)}
            read={(reader, table, columns): Line[] =>
              reader
                .madeFrom(table, columns, workspace, { unit: units.choice.length, today: madeActs.today(), undated: undated || undefined })
                .map((line) => ({
                  ...line,
                  already: line.already,
                  there: line.already === 'same',
                  fault: line.made.ok ? undefined : line.made.problem.message,
                }))
            }
            told={toldOf}
            makeWords={(count) => (count === 1 ? 'Add one piece' : `Add ${count} pieces`)}
            readWords={(good, all) => `${good} of ${all} lines can be added.`}
            extra={
              <Box>
                <chakra.label htmlFor="undated" display="block" fontSize="sm" color="fg.muted">
                  Day of lines that name none
                </chakra.label>
                <chakra.input
                  id="undated"
                  type="date"
                  value={undated}
                  max={madeActs.today()}
                  onChange={(event) => setUndated(event.currentTarget.value)}
                  minHeight="44px"
                  paddingInline="2"
                  background="bg.raised"
                  borderWidth="1px"
                  borderColor="line.strong"
                  borderRadius="4px"
                />
              </Box>
            }
            allOrNothing
            onMake={(lines) => void take(lines)}
            onDone={() => setOpen(false)}
          />
        </Box>
      )}
    </>
  );
}
