'use client';

import { overallWords } from '@/core/form';
import { type Plan, type SizedPlanPart, clayUsedLast, sizedPlanPart } from '@/core/workspace';
import { commands } from '@/store';
import { Thumbnail } from '@/ui/drawing';
import { Act, Choice, NameInput } from '@/ui/fields';
import { StageName } from '@/ui/stage';
import { weighOutText } from '@/ui/steps';
import { type Units, run, useGo, useUnits, useWorkspace, workspaceStore } from '@/ui/state';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { Copy, Trash2 } from 'lucide-react';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import { TableActions } from './table-actions';

interface Row {
  readonly plan: Plan;
  readonly clay: string;
  readonly made: SizedPlanPart | undefined;
}

const ORDERS = {
  newest: { words: 'changed last', compare: (a: Row, b: Row) => b.plan.changedAt.localeCompare(a.plan.changedAt) },
  name: { words: 'name', compare: (a: Row, b: Row) => a.plan.name.localeCompare(b.plan.name) },
  clay: { words: 'clay', compare: (a: Row, b: Row) => a.clay.localeCompare(b.clay) || a.plan.name.localeCompare(b.plan.name) },
  ball: { words: 'ball, heaviest first', compare: (a: Row, b: Row) => (b.made?.weighOut ?? 0) - (a.made?.weighOut ?? 0) },
};

type Order = keyof typeof ORDERS;

function useRows(find: string, order: Order): Row[] {
  const { workspace } = useWorkspace();
  return useMemo(() => {
    const wanted = find.trim().toLowerCase();
    return workspace.plans
      .map((plan): Row => {
        const [part] = plan.parts;
        const made = sizedPlanPart(workspace, part, String);
        const clay = workspace.bodies.find(({ id }) => id === part.bodyId)?.name ?? 'no clay chosen';
        return { plan, clay, made: made.ok ? made.value : undefined };
      })
      .filter(({ plan, clay }) => `${plan.name} ${clay} ${plan.note}`.toLowerCase().includes(wanted))
      .sort(ORDERS[order].compare);
  }, [workspace, find, order]);
}

/** Every piece with its clay, its finished and wet sizes and its ball. */
export function PiecesScreen() {
  const { status, workspace } = useWorkspace();
  const [find, setFind] = useState('');
  const [order, setOrder] = useState<Order>('newest');
  const rows = useRows(find, order);
  const units = useUnits();
  const go = useGo();
  if (status === 'opening') return <Box padding="6">Opening the workshop …</Box>;
  const open = ({ act, id }: { act: Parameters<typeof run>[0]; id: string }) => go(act, `/?plan=${id}`);
  return (
    <Box padding={{ base: '3', md: '20px' }} maxWidth="1160px">
      <HStack gap="3" flexWrap="wrap" marginBottom="4">
        <chakra.h1 fontSize="22px" fontWeight="680" marginInlineEnd="2">
          Pieces
        </chakra.h1>
        <Act look="solid" onClick={() => open(commands.createPlan({ bodyId: clayUsedLast(workspace) }))}>
          New piece
        </Act>
        <chakra.input
          type="search"
          aria-label="Find a piece"
          placeholder="find by name, clay or note"
          value={find}
          onChange={(event) => setFind(event.currentTarget.value)}
          minHeight={{ base: '44px', md: '38px' }}
          paddingInline="2"
          borderWidth="1px"
          borderColor="line.strong"
          borderRadius="4px"
          background="bg.raised"
        />
        <Choice
          label="Sort pieces by"
          value={order}
          options={(Object.keys(ORDERS) as Order[]).map((value) => ({ value, words: `by ${ORDERS[value].words}` }))}
          onChoose={setOrder}
        />
        <Box flex="1" />
        <TableActions />
      </HStack>
      {rows.length === 0 ? (
        <Box color="fg.muted" paddingBlock="6">
          {workspace.plans.length === 0 ? 'No pieces yet. Make the first with “New piece”.' : `No piece matches “${find}”.`}
        </Box>
      ) : (
        <PieceTable rows={rows} units={units} onCopy={(plan) => open(commands.duplicatePlan(plan))} />
      )}
    </Box>
  );
}

const HEAD = { textAlign: 'right', fontWeight: '400', fontSize: 'sm', padding: '1' } as const;

function PieceTable({ rows, units, onCopy }: { rows: readonly Row[]; units: Units; onCopy: (plan: Plan) => void }) {
  return (
    <chakra.table width="100%" borderCollapse="collapse" aria-label="Pieces">
      <chakra.thead display={{ base: 'none', md: 'table-header-group' }}>
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
            ball, or clay
          </chakra.th>
          <chakra.th {...HEAD} scope="col">
            <chakra.span srOnly>what can be done</chakra.span>
          </chakra.th>
        </tr>
      </chakra.thead>
      <tbody>
        {rows.map((row) => (
          <PieceRow key={row.plan.id} row={row} units={units} onCopy={onCopy} />
        ))}
      </tbody>
    </chakra.table>
  );
}

const CELL = { display: { base: 'inline-block', md: 'table-cell' }, paddingInline: '2', paddingBlock: { base: '1', md: '2' } } as const;
const NUMBERS = {
  ...CELL,
  textAlign: { base: 'left', md: 'right' },
  fontFamily: 'figure',
  fontVariantNumeric: 'tabular-nums',
} as const;

function PieceRow({ row: { plan, clay, made }, units, onCopy }: { row: Row; units: Units; onCopy: (plan: Plan) => void }) {
  return (
    <chakra.tr
      borderTopWidth="1px"
      borderColor="line"
      display={{ base: 'block', md: 'table-row' }}
      paddingBlock={{ base: '2', md: '0' }}
      aria-label={plan.name}
    >
      <chakra.td {...CELL} width="56px" verticalAlign="middle">
        <Link href={`/?plan=${plan.id}`} aria-label={`Open ${plan.name}`}>
          {made ? <Thumbnail outline={made.sized.fired} /> : <Box width="48px" height="48px" />}
        </Link>
      </chakra.td>
      <chakra.td {...CELL}>
        <NameInput
          label={`Name of ${plan.name}`}
          size="17px"
          shown={plan.name}
          take={(name, key) => {
            if (name.trim() === '') return 'A piece needs a name, such as Honey jar.';
            run(commands.renamePlan(plan.id, name, key));
            return undefined;
          }}
        />
      </chakra.td>
      <chakra.td {...CELL} color="fg.muted">
        {clay}
      </chakra.td>
      {made ? (
        <>
          <chakra.td {...NUMBERS} color="glazed">
            {overallWords(made.sized.stages.glazed.sizes, units.length)}
          </chakra.td>
          <chakra.td {...NUMBERS} color="wet">
            {overallWords(made.sized.stages.wet.sizes, units.length)}
          </chakra.td>
          <chakra.td {...NUMBERS} color="wet" fontSize="20px" fontWeight="680">
            {made.weighOut === undefined ? '–' : weighOutText(made.weighOut, plan.parts[0], units)}
            {made.hand && made.hand.by !== 'coil' && made.hand.pieces > 1 && (
              <Box fontSize="sm" fontWeight="400" color="fg.muted" fontFamily="body">
                for {made.hand.pieces}
              </Box>
            )}
          </chakra.td>
        </>
      ) : (
        <chakra.td {...CELL} colSpan={3} color="bad">
          cannot be made as it stands
        </chakra.td>
      )}
      <chakra.td {...CELL}>
        <HStack justifyContent="flex-end" gap="2">
          <Link href={`/?plan=${plan.id}`} aria-label={`Open ${plan.name}`} tabIndex={-1}>
            <Act as="span" aria-hidden>
              Open
            </Act>
          </Link>
          <Act aria-label={`Duplicate ${plan.name}`} title="Duplicate" onClick={() => onCopy(plan)}>
            <Copy size={18} aria-hidden />
          </Act>
          <Act
            look="danger"
            aria-label={`Delete ${plan.name}`}
            title="Delete"
            onClick={() => workspaceStore().runAndTell(commands.deletePlan(plan))}
          >
            <Trash2 size={18} aria-hidden />
          </Act>
        </HStack>
      </chakra.td>
    </chakra.tr>
  );
}
