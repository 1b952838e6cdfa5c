'use client';

import type { SizeName } from '@/core/form';
import { SHELF_WORDS, SHELVES } from '@/core/records';
import { Gap, useLines } from '@/ui/blocks';
import { Act, DeleteAct } from '@/ui/fields';
import { useUnits, useWorkspace, workspaceStore } from '@/ui/state';
import { ink } from '@/ui/theme';
import {
  type ColumnDef,
  type Row as TableRow,
  type SortingState,
  getCoreRowModel,
  getSortedRowModel,
  useReactTable,
} from '@tanstack/react-table';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { Fragment, useMemo, useState } from 'react';
import { LogFiles } from './log-files';
import { PieceSheet } from '@/ui/made';
import type { Filter, Row } from './use-shelves';

const fired = (size: SizeName) => (row: Row) => row.piece.sizes.glazed?.[size]?.mm;
const wet = (size: SizeName) => (row: Row) => row.piece.sizes.wet?.[size]?.mm;

/** Fired less asked. */
const off = (size: SizeName) => (row: Row) => {
  const [came, asked] = [fired(size)(row), row.run.asked[size]];
  return came === undefined || asked === undefined ? undefined : came - asked;
};

const UNDEFINED_LAST = { sortUndefined: 'last' } as const;

type LogColumn = ColumnDef<Row> & { readonly id: string; readonly words: string };

/** Compared as they are: dates, names and figures all sort so, and far quicker than as words. */
const AS_THEY_ARE = { sortingFn: 'basic' } as const;

const COLUMNS: readonly LogColumn[] = [
  { id: 'name', words: 'piece', accessorFn: ({ run, piece }) => `${run.name} ${String(piece.no).padStart(4, '0')}`, ...AS_THEY_ARE },
  { id: 'date', words: 'made', accessorFn: ({ run }) => run.date, ...AS_THEY_ARE },
  { id: 'clay', words: 'clay', accessorFn: ({ clay }) => clay, ...AS_THEY_ARE },
  { id: 'shelf', words: 'stands', accessorFn: ({ piece }) => SHELVES.indexOf(piece.shelf), ...AS_THEY_ARE },
  { id: 'wet-mouth', words: 'mouth, wet', accessorFn: wet('rimDiameter'), ...AS_THEY_ARE, ...UNDEFINED_LAST },
  { id: 'mouth', words: 'mouth, fired', accessorFn: fired('rimDiameter'), ...AS_THEY_ARE, ...UNDEFINED_LAST },
  { id: 'mouth-off', words: 'off target', accessorFn: off('rimDiameter'), ...AS_THEY_ARE, ...UNDEFINED_LAST },
  { id: 'height', words: 'height, fired', accessorFn: fired('height'), ...AS_THEY_ARE, ...UNDEFINED_LAST },
  { id: 'height-off', words: 'off target', accessorFn: off('height'), ...AS_THEY_ARE, ...UNDEFINED_LAST },
  { id: 'came', words: 'Kept, sold or given', accessorFn: ({ piece }) => piece.wrong?.join(', ') ?? piece.fate ?? '', ...AS_THEY_ARE },
];

const ROW_HEIGHT = 44;

/** Every piece a line: found, filtered, sorted; one opened shows all that is known of it. */
export function Log({ rows, filter, onFilter }: { rows: readonly Row[]; filter: Filter; onFilter: (filter: Filter) => void }) {
  const [sorting, setSorting] = useState<SortingState>([{ id: 'date', desc: true }]);
  const [openId, setOpen] = useState<string | undefined>();
  const data = useMemo(() => [...rows], [rows]);
  const columns = useMemo(() => [...COLUMNS] as ColumnDef<Row>[], []);
  // what it gives is used in this component only, which is worked out anew whenever its data change
  // eslint-disable-next-line react-hooks/incompatible-library
  const table = useReactTable({
    data,
    columns,
    state: { sorting },
    onSortingChange: setSorting,
    getRowId: ({ piece }) => piece.id,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
  });
  const sorted = table.getRowModel().rows;
  return (
    <Box>
      <HStack gap="3" flexWrap="wrap" marginBottom="2">
        <Views filter={filter} sorting={sorting} onView={(view, sort) => (onFilter(view), setSorting(sort))} />
        <Box flex="1" />
        <LogFiles rows={rows} />
      </HStack>
      {sorted.length === 0 ? (
        <Box color="fg.muted" paddingBlock="4">
          No pieces match.
        </Box>
      ) : (
        <Box overflowX="auto">
          <chakra.table
            aria-label="Log"
            width="100%"
            minWidth={{ base: '940px', _print: '0' }}
            css={{ '& :is(th, td):not(:last-child)': { paddingInlineEnd: '12px', _print: { paddingInlineEnd: '2px' } } }}
            fontSize={{ _print: 'xs' }}
            borderCollapse="collapse"
          >
            <thead>
              <tr>
                {table.getFlatHeaders().map((header) => {
                  const way = header.column.getIsSorted();
                  const { words } = COLUMNS.find(({ id }) => id === header.id)!;
                  return (
                    <chakra.th
                      key={header.id}
                      scope="col"
                      textAlign="left"
                      fontWeight="400"
                      fontSize="sm"
                      color="fg.muted"
                      aria-sort={way === 'asc' ? 'ascending' : way === 'desc' ? 'descending' : 'none'}
                    >
                      <chakra.button
                        type="button"
                        minHeight="max(var(--finger), 32px)"
                        minWidth="var(--finger)"
                        textAlign="left"
                        cursor="pointer"
                        onClick={header.column.getToggleSortingHandler()}
                      >
                        {words}
                        {way === 'asc' ? ' ↑' : way === 'desc' ? ' ↓' : ''}
                      </chakra.button>
                    </chakra.th>
                  );
                })}
              </tr>
            </thead>
            <Lines rows={sorted} openId={openId} onOpen={(id) => setOpen(id === openId ? undefined : id)} />
          </chakra.table>
        </Box>
      )}
    </Box>
  );
}

/** Only the lines on the screen are there. */
function Lines({ rows, openId, onOpen }: { rows: readonly TableRow<Row>[]; openId: string | undefined; onOpen: (id: string) => void }) {
  const { body, shown, before, after } = useLines(rows.length, ROW_HEIGHT, (index) => rows[index]!.id);
  return (
    <tbody ref={body}>
      {before > 0 && <Gap px={before} columns={COLUMNS.length} />}
      {shown.map((index) => {
        const { original, id } = rows[index]!;
        return (
          <Fragment key={id}>
            <Line row={original} open={id === openId} onOpen={() => onOpen(id)} />
            {id === openId && (
              <tr>
                <td colSpan={COLUMNS.length}>
                  <PieceSheet run={original.run} piece={original.piece} />
                </td>
              </tr>
            )}
          </Fragment>
        );
      })}
      {after > 0 && <Gap px={after} columns={COLUMNS.length} />}
    </tbody>
  );
}

function Line({ row, open, onOpen }: { row: Row; open: boolean; onOpen: () => void }) {
  const { length } = useUnits();
  const { run, piece, clay } = row;
  const size = (mm: number | undefined, stage: 'wet' | 'glazed') => (
    <td style={{ color: ink(stage), fontVariantNumeric: 'tabular-nums' }}>{mm === undefined ? '' : length(mm)}</td>
  );
  const offBy = (mm: number | undefined) => (
    <td style={{ fontVariantNumeric: 'tabular-nums' }}>
      {mm === undefined ? '' : Math.abs(mm) < 0.05 ? 'none' : `${length(Math.abs(mm))} ${mm < 0 ? 'under' : 'over'}`}
    </td>
  );
  return (
    <chakra.tr borderTopWidth="1px" borderColor="line" height={`${ROW_HEIGHT}px`}>
      <td>
        <chakra.button
          type="button"
          aria-expanded={open}
          onClick={onOpen}
          minHeight="44px"
          textAlign="left"
          cursor="pointer"
          fontWeight="550"
        >
          {run.name} <chakra.span fontFamily="figure">{piece.no}</chakra.span>
        </chakra.button>
      </td>
      <td>{run.date}</td>
      <td>{clay}</td>
      <td>{SHELF_WORDS[piece.shelf]}</td>
      {size(wet('rimDiameter')(row), 'wet')}
      {size(fired('rimDiameter')(row), 'glazed')}
      {offBy(off('rimDiameter')(row))}
      {size(fired('height')(row), 'glazed')}
      {offBy(off('height')(row))}
      <td>{[...(piece.wrong ?? []), piece.fate, piece.out ? 'left out' : ''].filter(Boolean).join(', ')}</td>
    </chakra.tr>
  );
}

/** Ways of looking at the log, kept by name on this device. */
function Views({
  filter,
  sorting,
  onView,
}: {
  filter: Filter;
  sorting: SortingState;
  onView: (filter: Filter, sorting: SortingState) => void;
}) {
  const { views = [] } = useWorkspace().workspace.settings;
  const [name, setName] = useState('');
  const keep = () => {
    const [sort] = sorting;
    const called = name.trim() || `view ${views.length + 1}`;
    const { find, bodyId, planId } = filter;
    workspaceStore().set({
      views: [...views.filter((each) => each.name !== called), { name: called, find, bodyId, planId, sort: sort?.id, down: sort?.desc }],
    });
    setName('');
  };
  return (
    <HStack gap="2" flexWrap="wrap">
      {views.map((view) => (
        <HStack key={view.name} gap="0">
          <Act
            onClick={() =>
              onView(
                { find: view.find, bodyId: view.bodyId, planId: view.planId, runId: '' },
                view.sort ? [{ id: view.sort, desc: view.down === true }] : [],
              )
            }
          >
            {view.name}
          </Act>
          <DeleteAct
            label={`Delete the view ${view.name}`}
            onClick={() => workspaceStore().set({ views: views.filter((each) => each !== view) })}
          />
        </HStack>
      ))}
      <chakra.input
        aria-label="Name of the view"
        placeholder="Save this view as"
        value={name}
        onChange={(event) => setName(event.currentTarget.value.slice(0, 60))}
        onKeyDown={(event) => event.key === 'Enter' && keep()}
        width="9.375rem"
        minHeight="max(var(--finger), 38px)"
        paddingInline="2"
        borderWidth="1px"
        borderColor="line.strong"
        borderRadius="4px"
        background="bg.raised"
      />
      <Act onClick={keep}>Save view</Act>
    </HStack>
  );
}
