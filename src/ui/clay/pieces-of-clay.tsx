'use client';

import { weighedPart } from '@/core/part';
import { mainPart, type Plan, type Workspace } from '@/core/records';
import { weighOutText } from '@/ui/steps';
import { Gap, Sideways, useLines } from '@/ui/blocks';
import { useUnits, useWorkspace } from '@/ui/state';
import { Box, chakra } from '@chakra-ui/react';
import Link from 'next/link';
import { useState } from 'react';

interface Reckoned {
  readonly mouth: number;
  /** What to weigh out, g; none while something stands in the way. */
  readonly ball: number | undefined;
}

function reckon(workspace: Workspace, plan: Plan): Reckoned | undefined {
  const made = weighedPart(workspace, mainPart(plan), String);
  return made.ok ? { mouth: made.value.sized.stages.wet.sizes.rimDiameter, ball: made.value.weighOut } : undefined;
}

/** A line of the table, px. */
const LINE = 45;

/** A piece as it was in an earlier workspace; one made since was as it is. */
function wasOf(before: Workspace, plan: Plan): Reckoned | undefined {
  const then = before.plans.find(({ id }) => id === plan.id);
  return then && reckon(before, then);
}

const NUMBER = {
  textAlign: 'right',
  fontFamily: 'figure',
  fontVariantNumeric: 'tabular-nums',
  paddingInline: '2',
  whiteSpace: 'nowrap',
} as const;

/** The pieces made of this clay, now and as they were when the clay was opened: what an edit moved. */
export function PiecesOfClay({ plans }: { plans: readonly Plan[] }) {
  const { workspace } = useWorkspace();
  const units = useUnits();
  // as all was when the clay was opened; a piece is worked out when its line is seen
  const [before] = useState(workspace);
  const { body, shown, before: above, after } = useLines(plans.length, LINE, (index) => plans[index]!.id);
  const rows = shown.map((index) => plans[index]!).map((plan) => ({ plan, now: reckon(workspace, plan), was: wasOf(before, plan) }));
  const write = (what: keyof Reckoned, { parts: [part] }: Plan, reckoned: Reckoned | undefined): string => {
    const value = reckoned?.[what];
    if (value === undefined) return '–';
    return what === 'mouth' ? units.length(value) : weighOutText(value, part, units);
  };
  const moved = rows.filter(({ plan, now, was }) => now && was && write('mouth', plan, now) !== write('mouth', plan, was)).length;
  const all = rows.length < plans.length ? `those in sight` : `${plans.length}`;
  const said = moved > 0 ? `${moved} of ${all} ${plans.length === 1 ? 'piece' : 'pieces'} changed with it` : `${plans.length} in this clay`;

  const cell = (what: keyof Reckoned, plan: Plan, now: Reckoned | undefined, was: Reckoned | undefined) => {
    const text = write(what, plan, now);
    const before = write(what, plan, was);
    const old = was && now && before !== text ? before : undefined;
    return (
      <chakra.td {...NUMBER} color="wet">
        {old && (
          <chakra.span color="fg.muted" fontSize="sm">
            was {old}{' '}
          </chakra.span>
        )}
        <chakra.b>{text}</chakra.b>
      </chakra.td>
    );
  };

  return (
    <Box as="section" marginTop="6" aria-label="Pieces in this clay">
      <chakra.h2 fontSize="1.125rem" fontWeight="650">
        Pieces in this clay
      </chakra.h2>
      <Box role="status" fontSize="sm" color="fg.muted" marginBottom="2">
        {said}
      </Box>
      {plans.length > 0 && (
        <Sideways label="Pieces in this clay">
          <chakra.table width="100%" borderCollapse="collapse" aria-label="Pieces in this clay">
            <thead>
              <tr>
                <chakra.th textAlign="left" fontWeight="400" fontSize="sm" color="fg.muted" scope="col">
                  piece
                </chakra.th>
                <chakra.th {...NUMBER} fontWeight="400" fontSize="sm" color="fg.muted" fontFamily="body" scope="col">
                  wet mouth
                </chakra.th>
                <chakra.th {...NUMBER} fontWeight="400" fontSize="sm" color="fg.muted" fontFamily="body" scope="col">
                  weigh out
                </chakra.th>
              </tr>
            </thead>
            <tbody ref={body}>
              {above > 0 && <Gap px={above} columns={3} />}
              {rows.map(({ plan, now, was }) => (
                <chakra.tr key={plan.id} borderTopWidth="1px" borderColor="line" height="44px">
                  <chakra.td css={{ '& a': { textDecoration: 'underline', textUnderlineOffset: '3px' } }}>
                    <Link href={`/?plan=${plan.id}`}>{plan.name}</Link>
                  </chakra.td>
                  {cell('mouth', plan, now, was)}
                  {cell('ball', plan, now, was)}
                </chakra.tr>
              ))}
              {after > 0 && <Gap px={after} columns={3} />}
            </tbody>
          </chakra.table>
        </Sideways>
      )}
    </Box>
  );
}
