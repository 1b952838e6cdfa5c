'use client';

import type { Table } from '@/core/encode';
import { Act, Choice } from '@/ui/fields';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { type ReactNode, useMemo, useState } from 'react';

type Reader = typeof import('@/core/encode');

/** Lines shown before they are taken; those with a fault first. */
const SHOWN = 40;

/** A line of a table as it was read: what it would become, or why it is none. */
export interface TableLine {
  /** Counted as people do: the headings are line 1. */
  readonly line: number;
  readonly name: string;
  readonly fault?: string | undefined;
  /** It is there already, as it is: nothing is to be taken of it. */
  readonly there?: boolean | undefined;
}

interface Props<C extends string, L extends TableLine> {
  readonly title: string;
  readonly about: string;
  readonly placeholder: string;
  /** What a column may hold. */
  readonly columnsOf: (reader: Reader) => Readonly<Record<C, string>>;
  readonly guess: (reader: Reader, table: Table) => readonly (C | undefined)[];
  readonly read: (reader: Reader, table: Table, columns: readonly (C | undefined)[]) => readonly L[];
  /** What a good line would become. */
  readonly told: (line: L) => ReactNode;
  readonly makeWords: (count: number) => string;
  readonly readWords: (good: number, all: number) => string;
  /** Nothing is taken while a chosen line has a fault; else lines with one are left out. */
  readonly allOrNothing?: boolean;
  /** What else is asked before it is taken. */
  readonly extra?: ReactNode;
  readonly onMake: (lines: readonly L[]) => void;
  readonly onDone: () => void;
}

/** A table a maker has, pasted or as a CSV file: columns said by hand, every line looked at before anything is taken. */
export function TableIn<C extends string, L extends TableLine>(props: Props<C, L>) {
  const { title, about, placeholder, allOrNothing = false, onDone } = props;
  const [pasted, setPasted] = useState('');
  const [reader, setReader] = useState<Reader | undefined>();
  const [columns, setColumns] = useState<readonly (C | undefined)[]>([]);
  const [left, setLeft] = useState<ReadonlySet<number>>(new Set());
  const table = useMemo(() => (reader && pasted.trim() ? reader.readTable(pasted) : undefined), [reader, pasted]);
  const paste = async (content: string) => {
    setPasted(content);
    const loaded = reader ?? (await import('@/core/encode'));
    setReader(loaded);
    const found = loaded.readTable(content);
    setColumns(found.ok ? props.guess(loaded, found.value) : []);
    setLeft(new Set());
  };
  const lines = reader && table?.ok ? props.read(reader, table.value, columns) : [];
  const chosen = lines.filter(({ line }) => !left.has(line));
  const there = chosen.filter((line) => line.there).length;
  const good = chosen.filter((line) => !line.fault && !line.there);
  const faulty = chosen.length - good.length - there;
  const blocked = good.length === 0 || (allOrNothing && faulty > 0);
  return (
    <Box as="section" aria-label={title} background="bg.panel" padding="4" borderRadius="4px" marginBottom="4">
      <chakra.h2 fontSize="1.125rem" fontWeight="680">
        {title}
      </chakra.h2>
      <Box fontSize="sm" color="fg.muted" marginBottom="2">
        {about}
      </Box>
      <chakra.textarea
        aria-label="Paste the table"
        placeholder={placeholder}
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
        {props.extra}
        <Box flex="1" />
        <Act onClick={onDone}>Cancel</Act>
        <Act
          look="solid"
          disabled={blocked}
          onClick={() => {
            props.onMake(good);
            // what was left out stays to be put right
            const kept = lines.filter(({ fault }) => fault);
            if (kept.length === 0 || allOrNothing || !reader || !table?.ok) onDone();
            else setPasted(reader.tableText(table.value, new Set(kept.map(({ line }) => line))));
          }}
        >
          {props.makeWords(good.length)}
        </Act>
      </HStack>
      {table && !table.ok && (
        <Box role="alert" color="bad" marginTop="2">
          {table.problem.message}
        </Box>
      )}
      {reader && table?.ok && (
        <>
          <Mapping words={props.columnsOf(reader)} table={table.value} columns={columns} onColumns={setColumns} />
          <Box role="status" fontSize="sm" marginTop="2">
            {props.readWords(good.length, lines.length)}
            {there > 0 && ` ${there} ${there === 1 ? 'is' : 'are'} there already.`}
            {faulty > 0 &&
              (allOrNothing
                ? ' Nothing is added until the other lines are corrected or left out.'
                : ' The other lines say what is wrong. Correct them above, now or later.')}
          </Box>
          <Lines
            lines={lines}
            told={props.told}
            left={allOrNothing ? left : undefined}
            onLeft={(line) =>
              setLeft((now) => (now.has(line) ? new Set([...now].filter((each) => each !== line)) : new Set([...now, line])))
            }
          />
        </>
      )}
    </Box>
  );
}

interface MappingProps<C extends string> {
  readonly words: Readonly<Record<C, string>>;
  readonly table: Table;
  readonly columns: readonly (C | undefined)[];
  readonly onColumns: (columns: readonly (C | undefined)[]) => void;
}

/** What each column holds. */
function Mapping<C extends string>({ words, table, columns, onColumns }: MappingProps<C>) {
  const options = [
    { value: '', words: 'Leave out' },
    ...(Object.entries(words) as [C, string][]).map(([value, said]) => ({ value, words: said })),
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
              onColumns(columns.map((each, j) => (j === i ? (column as C) || undefined : each === column ? undefined : each)))
            }
          />
        </Box>
      ))}
    </HStack>
  );
}

interface LinesProps<L extends TableLine> {
  readonly lines: readonly L[];
  readonly told: (line: L) => ReactNode;
  /** Those left out by hand, where that is possible. */
  readonly left: ReadonlySet<number> | undefined;
  readonly onLeft: (line: number) => void;
}

function Lines<L extends TableLine>({ lines, told, left, onLeft }: LinesProps<L>) {
  const shown = lines.toSorted((a, b) => Number(a.fault === undefined) - Number(b.fault === undefined)).slice(0, SHOWN);
  return (
    <chakra.table marginTop="2" fontSize="sm" aria-label="Lines of the table">
      <tbody>
        {shown.map((each) => (
          <chakra.tr key={each.line} borderTopWidth="1px" borderColor="line">
            {left && (
              <td>
                <chakra.label display="inline-flex" alignItems="center" minHeight="44px" paddingInlineEnd="2">
                  <input
                    type="checkbox"
                    aria-label={`Add line ${each.line}`}
                    checked={!left.has(each.line)}
                    onChange={() => onLeft(each.line)}
                  />
                </chakra.label>
              </td>
            )}
            <chakra.td paddingInlineEnd="4" color="fg.muted">
              {each.line}
            </chakra.td>
            <chakra.th scope="row" textAlign="left" fontWeight="600" paddingInlineEnd="4">
              {each.name}
            </chakra.th>
            <chakra.td color={each.fault ? 'bad' : 'wet'} paddingBlock="1">
              {each.fault ?? told(each)}
            </chakra.td>
          </chakra.tr>
        ))}
      </tbody>
    </chakra.table>
  );
}
