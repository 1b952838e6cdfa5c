'use client';

import { type Body, mainPart } from '@/core/records';
import { clayNow } from '@/core/part';
import { writePercent } from '@/core/units';
import { commands } from '@/store';
import { Act } from '@/ui/fields';
import { useGo, useWorkspace } from '@/ui/state';
import { Box, Grid, chakra } from '@chakra-ui/react';
import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import { useState } from 'react';
import { ClayEditor } from './clay-editor';
import { Mixture } from './mixture';

/** The maker's clays: what each is said to do, and the pieces that hang on it. */
export function ClayScreen() {
  const { status, workspace } = useWorkspace();
  const go = useGo();
  const [fresh, setFresh] = useState<string | undefined>();
  const asked = useSearchParams().get('body');
  if (status === 'opening') return <Box padding="6">Loading…</Box>;
  const { bodies, plans, settings } = workspace;
  const openPlan = plans.find(({ id }) => id === settings.openPlanId);
  const open = openPlan && mainPart(openPlan).bodyId;
  const body = bodies.find(({ id }) => id === asked) ?? bodies.find(({ id }) => id === open) ?? bodies[0];
  const make = () => {
    const { act, id } = commands.createBody();
    setFresh(id);
    go(act, `/clay?body=${id}`);
  };
  return (
    <Grid templateColumns={{ base: 'minmax(0, 1fr)', md: '280px minmax(0, 1fr)' }} minHeight={{ md: 'calc(100vh - 52px)' }}>
      <Box background="bg.panel" padding={{ base: '3', md: '20px' }}>
        <chakra.h1 fontSize="1.375rem" fontWeight="680" marginBottom="3">
          Clay
        </chakra.h1>
        <nav aria-label="Clays">
          {workspace.bodies.map((each) => (
            <ClayLink key={each.id} body={each} here={each.id === body?.id} />
          ))}
        </nav>
        <Act look={body ? 'plain' : 'solid'} marginTop="4" onClick={make}>
          New clay
        </Act>
        <Mixture />
        <chakra.span
          css={{
            '& a': {
              display: 'inline-flex',
              alignItems: 'center',
              minHeight: '44px',
              textDecoration: 'underline',
              textUnderlineOffset: '3px',
            },
          }}
        >
          <Link href="/compare">Compare clays</Link>
        </chakra.span>
      </Box>
      {body ? (
        <ClayEditor key={body.id} body={body} fresh={body.id === fresh} />
      ) : (
        <Box padding="6" maxWidth="480px" color="fg.muted">
          No clay yet. Add the one you use. Its name and the supplier’s shrinkage are enough to start. Until then Rimbet assumes typical
          stoneware, 12%.
        </Box>
      )}
    </Grid>
  );
}

function ClayLink({ body, here }: { body: Body; here: boolean }) {
  const { workspace } = useWorkspace();
  const { shrinkage, sources } = clayNow(workspace, body.id).figures;
  return (
    <chakra.span css={{ '& a': { display: 'block' } }}>
      <Link href={`/clay?body=${body.id}`} aria-current={here ? 'page' : undefined}>
        <Box
          paddingBlock="2"
          paddingInline="3"
          minHeight="44px"
          borderInlineStart="3px solid"
          borderColor={here ? 'act' : 'line'}
          background={here ? 'bg.raised' : undefined}
          _hover={{ background: 'act.wash' }}
        >
          <Box fontWeight="600">{body.name}</Box>
          <Box fontSize="sm" color="fg.muted">
            {body.kind}, {writePercent(shrinkage.width * 100)}
            {sources.shrinkage === 'typical' ? ', typical figure' : ''}
          </Box>
        </Box>
      </Link>
    </chakra.span>
  );
}
