'use client';

import { overallWords } from '@/core/form';
import { type Body, inBody, mainPart, type Plan, sizedPlanPart } from '@/core/workspace';
import { Saves, SearchInput } from '@/ui/fields';
import { useUnits, useWorkspace } from '@/ui/state';
import { weighOutText } from '@/ui/steps';
import { Box, HStack, chakra } from '@chakra-ui/react';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import { ClaysTable } from './clays-table';

/** So many pieces are worked out in every clay at once; more are found by name. */
const MOST = 60;

/** Every piece in every clay: so that a set made in two clays matches when it is finished. */
export function CompareScreen() {
  const { status, workspace } = useWorkspace();
  const [left, setLeft] = useState<readonly string[]>([]);
  const [find, setFind] = useState('');
  if (status === 'opening') return <Box padding="6">Opening the workshop …</Box>;
  const { plans } = workspace;
  const bodies = workspace.bodies.filter(({ id }) => !left.includes(id));
  const wanted = find.trim().toLowerCase();
  const shown = plans.filter(({ name }) => name.toLowerCase().includes(wanted)).slice(0, MOST);
  const csv = async () => {
    const { comparisonTable } = await import('@/core/encode');
    return { content: comparisonTable(workspace), name: 'rimbet-clays-compared.csv', type: 'text/csv' };
  };
  return (
    <Box padding={{ base: '3', md: '20px' }}>
      <HStack justifyContent="space-between" flexWrap="wrap" gap="3" marginBottom="3">
        <Box>
          <chakra.h1 fontSize="22px" fontWeight="680">
            Compare clays
          </chakra.h1>
          <Box color="fg.muted">Wet size and clay to weigh out, for the same finished piece.</Box>
        </Box>
        <Saves files={[{ words: 'Save CSV', make: csv }]} />
      </HStack>
      {workspace.bodies.length > 1 && (
        <HStack as="fieldset" gap="4" flexWrap="wrap" marginBottom="2">
          <chakra.legend srOnly>Clays to compare</chakra.legend>
          {workspace.bodies.map(({ id, name }) => (
            <chakra.label key={id} display="inline-flex" alignItems="center" gap="2" minHeight="44px">
              <input
                type="checkbox"
                checked={!left.includes(id)}
                onChange={(event) => setLeft(event.currentTarget.checked ? left.filter((each) => each !== id) : [...left, id])}
              />
              {name}
            </chakra.label>
          ))}
        </HStack>
      )}
      {bodies.length > 0 && <ClaysTable bodies={bodies} />}
      {plans.length > 0 && (
        <HStack gap="3" marginBottom="2" flexWrap="wrap">
          <SearchInput label="Pieces to compare" placeholder="pieces by name" value={find} onFind={setFind} />
          {plans.length > shown.length && (
            <Box fontSize="sm" color="fg.muted">
              {shown.length} of {plans.length} pieces
            </Box>
          )}
        </HStack>
      )}
      {plans.length === 0 || bodies.length === 0 ? (
        <Box color="fg.muted">There is nothing to compare yet: it takes a piece and a clay.</Box>
      ) : (
        <Box overflowX="auto" tabIndex={0} role="region" aria-label="Clays compared">
          <chakra.table borderCollapse="collapse" aria-label="Clays compared" minWidth="640px">
            <thead>
              <tr>
                <chakra.th scope="col" textAlign="left" paddingInline="3" fontWeight="400" color="fg.muted">
                  piece
                </chakra.th>
                {bodies.map((body) => (
                  <chakra.th key={body.id} scope="col" textAlign="right" paddingInline="3">
                    {body.name}
                  </chakra.th>
                ))}
              </tr>
            </thead>
            <tbody>
              {shown.map((plan) => (
                <chakra.tr key={plan.id} borderTopWidth="1px" borderColor="line">
                  <chakra.th
                    scope="row"
                    textAlign="left"
                    padding="3"
                    fontWeight="600"
                    css={{ '& a': { textDecoration: 'underline', textUnderlineOffset: '3px' } }}
                  >
                    <Link href={`/?plan=${plan.id}`}>{plan.name}</Link>
                  </chakra.th>
                  {bodies.map((body) => (
                    <Cell key={body.id} plan={plan} body={body} />
                  ))}
                </chakra.tr>
              ))}
            </tbody>
          </chakra.table>
        </Box>
      )}
    </Box>
  );
}

function Cell({ plan, body }: { plan: Plan; body: Body }) {
  const { workspace } = useWorkspace();
  const units = useUnits();
  const part = mainPart(plan);
  const own = part.bodyId === body.id;
  const made = useMemo(() => sizedPlanPart(workspace, inBody(part, body.id), units.length), [workspace, part, body.id, units.length]);
  return (
    <chakra.td
      textAlign="right"
      padding="3"
      fontFamily="figure"
      fontVariantNumeric="tabular-nums"
      color="wet"
      background={own ? 'bg.panel' : undefined}
      boxShadow={own ? 'inset 0 -2px 0 var(--chakra-colors-wet)' : undefined}
      whiteSpace="nowrap"
    >
      {made.ok ? (
        <>
          <Box fontWeight="650">{overallWords(made.value.sized.stages.wet.sizes, units.length)}</Box>
          <Box fontSize="sm">
            {made.value.weighOut === undefined ? '–' : weighOutText(made.value.weighOut, inBody(part, body.id), units)}
          </Box>
        </>
      ) : (
        '–'
      )}
    </chakra.td>
  );
}
