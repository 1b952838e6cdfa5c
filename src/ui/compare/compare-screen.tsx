'use client';

import { handMass } from '@/core/units';
import { type Body, type Plan, clayOf, sizePart } from '@/core/workspace';
import { Act } from '@/ui/fields';
import { saveText, useUnits, useWorkspace } from '@/ui/state';
import { Box, HStack, chakra } from '@chakra-ui/react';
import Link from 'next/link';

/** Every piece in every clay: so that a set made in two clays matches when it is finished. */
export function CompareScreen() {
  const { status, workspace } = useWorkspace();
  if (status === 'opening') return <Box padding="6">Opening the workshop …</Box>;
  const { bodies, plans } = workspace;
  const save = async () => {
    const { comparisonTable } = await import('@/core/encode');
    await saveText(comparisonTable(workspace), 'rimbet-clays-compared.csv', 'text/csv');
  };
  return (
    <Box padding={{ base: '3', md: '20px' }}>
      <HStack justifyContent="space-between" flexWrap="wrap" gap="3" marginBottom="3">
        <Box>
          <chakra.h1 fontSize="22px" fontWeight="680">
            The same piece in every clay
          </chakra.h1>
          <Box color="fg.muted">Wet width at the mouth, wet height, and ball, for the same finished piece.</Box>
        </Box>
        <Act onClick={() => void save()}>Save CSV</Act>
      </HStack>
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
              {plans.map((plan) => (
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
  const [part] = plan.parts;
  const own = part.bodyId === body.id;
  const sized = sizePart(part, clayOf(workspace, own ? part : { bodyId: body.id }).figures, units.length);
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
      {sized.ok ? (
        <>
          <Box fontWeight="650">
            ⌀ {units.length(sized.value.sized.stages.wet.sizes.rimDiameter)} × {units.length(sized.value.sized.stages.wet.sizes.height)}
          </Box>
          <Box fontSize="sm">{units.mass(handMass(sized.value.sized.masses.ball, units.choice))}</Box>
        </>
      ) : (
        '–'
      )}
    </chakra.td>
  );
}
