'use client';

import type { Column, RowRead, Table } from '@/core/encode';
import { overallWords } from '@/core/form';
import { type Part, type Workspace, clayUsedLast, sizedPlanPart } from '@/core/workspace';
import { commands } from '@/store';
import { Act, Choice } from '@/ui/fields';
import { type Units, useUnits, useWorkspace, workspaceStore } from '@/ui/state';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { useMemo, useState } from 'react';

type Reader = typeof import('@/core/encode');

/** Lines shown before they are made; those with a fault first. */
const SHOWN = 40;

/** The table as it was pasted, read by what is fetched when there is one. */
function useTable() {
  const [pasted, setPasted] = useState('');
  const [reader, setReader] = useState<Reader | undefined>();
  const [columns, setColumns] = useState<readonly (Column | undefined)[]>([]);
  const read = useMemo(() => (reader && pasted.trim() ? reader.readTable(pasted) : undefined), [reader, pasted]);
  const paste = async (content: string) => {
    setPasted(content);
    const loaded = reader ?? (await import('@/core/encode'));
    setReader(loaded);
    const table = loaded.readTable(content);
    setColumns(table.ok ? loaded.guessedColumns(table.value) : []);
  };
  return { pasted, paste, reader, read, columns, setColumns };
}

/** Finished sizes a maker already has, pasted or as a CSV file: columns said by hand, every line looked at before any piece is made. */
export function FromTable({ onDone }: { onDone: () => void }) {
  const { workspace } = useWorkspace();
  const units = useUnits();
  const { pasted, paste, reader, read, columns, setColumns } = useTable();
  const rows = useMemo(
    () => (reader && read?.ok ? readRows(reader, read.value, columns, workspace, units) : []),
    [reader, read, columns, workspace, units],
  );
  const good = rows.flatMap(({ name, part }) => (part.ok ? [{ name, part: part.value }] : []));
  const faults = rows.length - good.length;
  const make = () => {
    workspaceStore().runAndTell(commands.addPlans(good));
    onDone();
  };
  return (
    <Box as="section" aria-label="Pieces from a table" background="bg.panel" padding="4" borderRadius="4px" marginBottom="4">
      <chakra.h2 fontSize="18px" fontWeight="680">
        Pieces from a table
      </chakra.h2>
      <Box fontSize="sm" color="fg.muted" marginBottom="2">
        Finished sizes you already have: paste them from a sheet, or choose a CSV file. The first line is the headings. Nothing is made
        before you have seen every line.
      </Box>
      <chakra.textarea
        aria-label="Paste the table"
        placeholder={'name\tform\tmouth\theight\nTumbler\tcup\t82\t110'}
        value={pasted}
        onChange={(event) => void paste(event.currentTarget.value)}
        rows={4}
        width="100%"
        padding="2"
        fontFamily="figure"
        fontSize="sm"
        background="bg.raised"
        borderWidth="1px"
        borderColor="line.strong"
        borderRadius="4px"
      />
      <HStack gap="3" marginTop="2" flexWrap="wrap">
        <label>
          <chakra.span srOnly>CSV file</chakra.span>
          <input
            type="file"
            accept=".csv,.tsv,.txt,text/csv"
            onChange={(event) => void event.currentTarget.files?.[0]?.text().then((content) => paste(content))}
          />
        </label>
        <Box flex="1" />
        <Act onClick={onDone}>Cancel</Act>
        <Act look="solid" disabled={good.length === 0} onClick={make}>
          {good.length === 1 ? 'Make one piece' : `Make ${good.length} pieces`}
        </Act>
      </HStack>
      {read && !read.ok && (
        <Box role="alert" color="bad" marginTop="2">
          {read.problem.message}
        </Box>
      )}
      {reader && read?.ok && (
        <>
          <Mapping reader={reader} table={read.value} columns={columns} onColumns={setColumns} />
          <Box role="status" fontSize="sm" marginTop="2">
            {good.length} of {rows.length} lines become pieces.{faults > 0 && ' The others say why; they are left out.'}
          </Box>
          <Lines rows={rows} units={units} />
        </>
      )}
    </Box>
  );
}

function readRows(reader: Reader, table: Table, columns: readonly (Column | undefined)[], workspace: Workspace, units: Units) {
  return reader.partsFrom(table, columns, workspace, { unit: units.choice.length, bodyId: clayUsedLast(workspace), write: units });
}

interface MappingProps {
  readonly reader: Reader;
  readonly table: Table;
  readonly columns: readonly (Column | undefined)[];
  readonly onColumns: (columns: readonly (Column | undefined)[]) => void;
}

/** What each column holds. */
function Mapping({ reader: { COLUMNS }, table, columns, onColumns }: MappingProps) {
  const options = [
    { value: '', words: 'leave out' },
    ...(Object.entries(COLUMNS) as [Column, string][]).map(([value, words]) => ({ value, words })),
  ];
  return (
    <HStack gap="3" flexWrap="wrap" marginTop="3" alignItems="flex-end">
      {table.head.map((heading, i) => (
        <Box key={i}>
          <Box fontSize="sm" color="fg.muted">
            {heading || `column ${i + 1}`}
          </Box>
          <Choice
            label={`Column ${heading || i + 1} holds`}
            value={columns[i] ?? ''}
            options={options}
            onChoose={(column) =>
              onColumns(columns.map((each, j) => (j === i ? (column as Column) || undefined : each === column ? undefined : each)))
            }
          />
        </Box>
      ))}
    </HStack>
  );
}

function Lines({ rows, units }: { rows: readonly RowRead[]; units: Units }) {
  const { workspace } = useWorkspace();
  const shown = rows.toSorted((a, b) => Number(a.part.ok) - Number(b.part.ok)).slice(0, SHOWN);
  const told = (part: Part) => {
    const made = sizedPlanPart(workspace, part, units.length);
    if (!made.ok) return '';
    const { wet } = made.value.sized.stages;
    return `${overallWords(wet.sizes, units.length)} wet`;
  };
  return (
    <chakra.table marginTop="2" fontSize="sm" aria-label="Lines of the table">
      <tbody>
        {shown.map(({ line, name, part }) => (
          <chakra.tr key={line} borderTopWidth="1px" borderColor="line">
            <chakra.td paddingInlineEnd="4" color="fg.muted">
              {line}
            </chakra.td>
            <chakra.th scope="row" textAlign="left" fontWeight="600" paddingInlineEnd="4">
              {name}
            </chakra.th>
            <chakra.td color={part.ok ? 'wet' : 'bad'} paddingBlock="1">
              {part.ok ? told(part.value) : part.problem.message}
            </chakra.td>
          </chakra.tr>
        ))}
      </tbody>
    </chakra.table>
  );
}
