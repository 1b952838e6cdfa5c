'use client';

import { type WeighedPart, weighedPart } from '@/core/part';
import { mainPart, type Plan, saidOf, type Workspace } from '@/core/records';
import { commands } from '@/store';
import { Gap, lazyPart, useLines } from '@/ui/blocks';
import { Thumbnail } from '@/ui/drawing';
import { Act, Choice, Menu, MenuItem, NameInput, SearchInput } from '@/ui/fields';
import { StageName } from '@/ui/stage';
import { ink } from '@/ui/theme';
import { weighOutText } from '@/ui/steps';
import { type Units, run, useGo, usePrinting, useUnits, useWorkspace, workspaceStore } from '@/ui/state';
import { overallText } from '@/ui/words';
import { Box, HStack, chakra } from '@chakra-ui/react';
import Link from 'next/link';
import { useMemo, useRef, useState } from 'react';
import { TableActions } from './table-actions';

const FromTable = lazyPart(() => import('./from-table').then((part) => part.FromTable));

interface Row {
  readonly plan: Plan;
  readonly clay: string;
}

function madeOf(workspace: Workspace, plan: Plan): WeighedPart | undefined {
  const made = weighedPart(workspace, mainPart(plan), String);
  return made.ok ? made.value : undefined;
}

const ORDER_WORDS = { newest: 'changed last', name: 'name', clay: 'clay', ball: 'weight, heaviest first' };

type Order = keyof typeof ORDER_WORDS;

const { compare: byWords } = new Intl.Collator();
const byName = (a: Row, b: Row) => byWords(a.plan.name, b.plan.name);

function sorted(rows: readonly Row[], order: Order, workspace: Workspace): Row[] {
  if (order === 'name') return rows.toSorted(byName);
  if (order === 'clay') return rows.toSorted((a, b) => byWords(a.clay, b.clay) || byName(a, b));
  if (order === 'newest') return rows.toSorted((a, b) => byWords(b.plan.changedAt, a.plan.changedAt));
  // only here is every piece worked out
  const weighed = rows.map((row) => ({ row, g: madeOf(workspace, row.plan)?.weighOut ?? 0 }));
  return weighed.sort((a, b) => b.g - a.g).map(({ row }) => row);
}

function useRows(find: string, order: Order): Row[] {
  const { workspace } = useWorkspace();
  const rows = useMemo(() => {
    const clays = new Map(workspace.bodies.map(({ id, name }) => [id, name]));
    const all = workspace.plans.map((plan): Row => ({ plan, clay: clays.get(mainPart(plan).bodyId ?? '') ?? 'no clay chosen' }));
    return sorted(all, order, workspace);
  }, [workspace, order]);
  return useMemo(() => {
    const wanted = find.trim().toLowerCase();
    return rows.filter(({ plan, clay }) => saidOf(plan, clay).includes(wanted));
  }, [rows, find]);
}

/** Every piece with its clay, its finished and wet sizes and its ball. */
export function PiecesScreen() {
  const { status, workspace } = useWorkspace();
  const [find, setFind] = useState('');
  const [table, setTable] = useState(false);
  const [order, setOrder] = useState<Order>('newest');
  const rows = useRows(find, order);
  const units = useUnits();
  const go = useGo();
  if (status === 'opening') return <Box padding="6">Loading…</Box>;
  const open = ({ act, id }: { act: Parameters<typeof run>[0]; id: string }) => go(act, `/?plan=${id}`);
  return (
    <Box padding={{ base: '3', md: '20px' }} maxWidth="1160px">
      <HStack gap="3" flexWrap="wrap" marginBottom="4">
        <chakra.h1 fontSize="1.375rem" fontWeight="680" marginInlineEnd="2">
          Pieces
        </chakra.h1>
        <Link href="/new" className="link-button">
          New piece
        </Link>
        <Act aria-expanded={table} onClick={() => setTable(!table)}>
          Import a table…
        </Act>
        {workspace.plans.length > 0 && <ListTools rows={rows.length} find={find} onFind={setFind} order={order} onOrder={setOrder} />}
      </HStack>
      {table && <FromTable onDone={() => setTable(false)} />}
      {rows.length === 0 ? (
        <Box color="fg.muted" paddingBlock="6" maxWidth="60ch">
          {workspace.plans.length === 0
            ? 'No pieces yet. Make the first with “New piece”: enter its finished size, and Rimbet tells what to weigh out and what to throw. Finished sizes you already have come in with “Import a table”.'
            : `No piece matches “${find}”.`}
        </Box>
      ) : (
        <PieceTable rows={rows} units={units} onCopy={(plan) => open(commands.duplicatePlan(plan))} />
      )}
    </Box>
  );
}

interface ListToolsProps {
  readonly rows: number;
  readonly find: string;
  readonly onFind: (find: string) => void;
  readonly order: Order;
  readonly onOrder: (order: Order) => void;
}

/** What is done with a list that has something in it: comparing, finding, sorting, taking it away. */
function ListTools({ rows, find, onFind, order, onOrder }: ListToolsProps) {
  const { plans } = useWorkspace().workspace;
  return (
    <>
      <chakra.span
        css={{ '& a': { display: 'inline-flex', alignItems: 'center', minHeight: '44px', textDecoration: 'underline' } }}
        color="act"
      >
        {/* not fetched anew with every letter */}
        <Link prefetch={false} href={find.trim() ? `/compare?find=${encodeURIComponent(find.trim())}` : '/compare'}>
          Compare clays
        </Link>
      </chakra.span>
      <SearchInput label="Find a piece" placeholder="Find by name, clay or note" value={find} onFind={onFind} />
      <Choice
        label="Sort pieces by"
        value={order}
        options={(Object.keys(ORDER_WORDS) as Order[]).map((value) => ({ value, words: `by ${ORDER_WORDS[value]}` }))}
        onChoose={onOrder}
      />
      <Box color="fg.muted" data-testid="count">
        {rows === plans.length ? '' : `${rows} of `}
        {plans.length === 1 ? 'one piece' : `${plans.length} pieces`}
      </Box>
      <Box flex="1" />
      <TableActions />
    </>
  );
}

const HEAD = { textAlign: 'right', fontWeight: '400', fontSize: 'sm', padding: '1' } as const;

function PieceTable({ rows, units, onCopy }: { rows: readonly Row[]; units: Units; onCopy: (plan: Plan) => void }) {
  return (
    <div className="pieces-place">
      <table className="pieces" aria-label="Pieces">
        <thead>
          <tr>
            <chakra.th {...HEAD} textAlign="left" colSpan={2} color="fg.muted" scope="col">
              piece
            </chakra.th>
            <chakra.th {...HEAD} textAlign="left" color="fg.muted" scope="col">
              clay
            </chakra.th>
            <chakra.th {...HEAD} scope="col">
              <HStack justifyContent="flex-end">
                <StageName stage="glazed" />
              </HStack>
            </chakra.th>
            <chakra.th {...HEAD} scope="col">
              <HStack justifyContent="flex-end">
                <StageName stage="wet" />
              </HStack>
            </chakra.th>
            <chakra.th {...HEAD} color="fg.muted" scope="col">
              weigh out
            </chakra.th>
            <chakra.th {...HEAD} scope="col">
              <chakra.span srOnly>what can be done</chakra.span>
            </chakra.th>
          </tr>
        </thead>
        <Body rows={rows} units={units} onCopy={onCopy} />
      </table>
    </div>
  );
}

const ROW_HEIGHT = 73;

/** Only the rows on the screen are worked out and stand in the page; on paper all of them. */
function Body({ rows, units, onCopy }: { rows: readonly Row[]; units: Units; onCopy: (plan: Plan) => void }) {
  const { body, shown: seen, before, after, measure } = useLines(rows.length, ROW_HEIGHT, (index) => rows[index]!.plan.id);
  const printing = usePrinting();
  const shown = printing ? rows.map((_, index) => index) : seen;
  return (
    <tbody ref={body}>
      {!printing && before > 0 && <Gap px={before} columns={7} />}
      {shown.map((index) => (
        <PieceRow key={rows[index]!.plan.id} row={rows[index]!} index={index} measure={measure} units={units} onCopy={onCopy} />
      ))}
      {!printing && after > 0 && <Gap px={after} columns={7} />}
    </tbody>
  );
}

interface PieceRowProps {
  readonly row: Row;
  readonly index: number;
  readonly measure: (row: HTMLTableRowElement | null) => void;
  readonly units: Units;
  readonly onCopy: (plan: Plan) => void;
}

function PieceRow({ row: { plan, clay }, index, measure, units, onCopy }: PieceRowProps) {
  const { workspace } = useWorkspace();
  const [renaming, setRenaming] = useState(false);
  const made = madeOf(workspace, plan);
  return (
    <tr ref={measure} data-index={index} aria-label={plan.name}>
      <td className="thumb">{made ? <Thumbnail outline={made.sized.fired} size={56} /> : <div className="thumb" />}</td>
      <td className="name">
        {renaming ? (
          <PieceName plan={plan} onDone={() => setRenaming(false)} />
        ) : (
          <Link href={`/?plan=${plan.id}`} className="opens">
            {plan.name}
          </Link>
        )}
      </td>
      <td className="clay">{clay}</td>
      {made ? (
        <MadeCells made={made} plan={plan} units={units} />
      ) : (
        <td colSpan={3} className="refused">
          Sizes do not work
        </td>
      )}
      <td className="acts">
        <Menu label={`More for ${plan.name}`}>
          <MenuItem onClick={() => setRenaming(true)}>Rename</MenuItem>
          <MenuItem onClick={() => onCopy(plan)}>Duplicate</MenuItem>
          <MenuItem look="danger" onClick={() => workspaceStore().runAndTell(commands.deletePlan(plan))}>
            Delete
          </MenuItem>
        </Menu>
      </td>
    </tr>
  );
}

/** The name as it is typed anew, until the cursor leaves it. */
function PieceName({ plan, onDone }: { plan: Plan; onDone: () => void }) {
  // what was refused stays where it was typed
  const refused = useRef(false);
  return (
    <div onBlur={() => refused.current || onDone()}>
      <NameInput
        label={`Name of ${plan.name}`}
        size="1.0625rem"
        fresh
        shown={plan.name}
        take={(name, key) => {
          refused.current = name.trim() === '';
          if (refused.current) return 'A piece needs a name, such as Honey jar.';
          run(commands.renamePlan(plan.id, name, key));
          return undefined;
        }}
      />
    </div>
  );
}

function MadeCells({ made, plan, units }: { made: WeighedPart; plan: Plan; units: Units }) {
  return (
    <>
      <td className="sizes glazed" style={{ color: ink('glazed') }}>
        <StageName stage="glazed" />
        {overallText(made.sized.stages.glazed.sizes, units.length)}
      </td>
      <td className="sizes wet" style={{ color: ink('wet') }}>
        <StageName stage="wet" />
        {overallText(made.sized.stages.wet.sizes, units.length)}
      </td>
      <td className="sizes weigh" style={{ color: ink('wet') }}>
        {made.weighOut === undefined ? '–' : weighOutText(made.weighOut, mainPart(plan), units)}
        {made.hand && made.hand.by !== 'coil' && made.hand.pieces > 1 && <div className="more">for {made.hand.pieces}</div>}
      </td>
    </>
  );
}
