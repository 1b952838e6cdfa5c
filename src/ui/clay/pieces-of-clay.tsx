'use client';

import { handMass } from '@/core/units';
import { type Plan, type Workspace, clayOf, sizePart } from '@/core/workspace';
import { useUnits, useWorkspace } from '@/ui/state';
import { Box, chakra } from '@chakra-ui/react';
import Link from 'next/link';
import { useState } from 'react';

interface Reckoned {
  readonly mouth: number;
  readonly ball: number;
}

function reckon(workspace: Workspace, plan: Plan): Reckoned | undefined {
  const sized = sizePart(plan.parts[0], clayOf(workspace, plan.parts[0]).figures, String);
  return sized.ok ? { mouth: sized.value.sized.stages.wet.sizes.rimDiameter, ball: sized.value.sized.masses.ball } : undefined;
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
  const [before] = useState(() => new Map(plans.map((plan) => [plan.id, reckon(workspace, plan)])));
  const rows = plans.map((plan) => ({ plan, now: reckon(workspace, plan), was: before.get(plan.id) }));
  const write = { mouth: units.length, ball: (g: number) => units.mass(handMass(g, units.choice)) };
  const moved = rows.filter(({ now, was }) => now && was && write.mouth(now.mouth) !== write.mouth(was.mouth)).length;
  const said =
    moved > 0 ? `${moved} of ${rows.length} ${rows.length === 1 ? 'piece' : 'pieces'} moved with it` : `${rows.length} in this clay`;

  const cell = (what: keyof Reckoned, now: Reckoned | undefined, was: Reckoned | undefined) => {
    const text = now ? write[what](now[what]) : '–';
    const old = was && now && write[what](was[what]) !== text ? write[what](was[what]) : undefined;
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
      <chakra.h2 fontSize="18px" fontWeight="650">
        Pieces in this clay
      </chakra.h2>
      <Box role="status" fontSize="sm" color="fg.muted" marginBottom="2">
        {said}
      </Box>
      {rows.length > 0 && (
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
                ball
              </chakra.th>
            </tr>
          </thead>
          <tbody>
            {rows.map(({ plan, now, was }) => (
              <chakra.tr key={plan.id} borderTopWidth="1px" borderColor="line" height="44px">
                <chakra.td css={{ '& a': { textDecoration: 'underline', textUnderlineOffset: '3px' } }}>
                  <Link href={`/?plan=${plan.id}`}>{plan.name}</Link>
                </chakra.td>
                {cell('mouth', now, was)}
                {cell('ball', now, was)}
              </chakra.tr>
            ))}
          </tbody>
        </chakra.table>
      )}
    </Box>
  );
}
