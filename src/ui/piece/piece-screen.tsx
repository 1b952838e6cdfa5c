'use client';

import { commands } from '@/store';
import { type Plan, clayUsedLast } from '@/core/workspace';
import { Act, RefusalScope } from '@/ui/fields';
import { useGo, useWorkspace, workspaceStore } from '@/ui/state';
import { Box, Grid, GridItem, chakra } from '@chakra-ui/react';
import { useSearchParams } from 'next/navigation';
import { useEffect, useState } from 'react';
import { Answer } from './answer';
import { BesideChoice } from './beside-choice';
import { CameOut } from './came-out';
import { Note } from './note';
import { PieceDrawing } from './piece-drawing';
import { PlanTabs } from './plan-tabs';
import { PieceTitle } from './piece-title';
import { usePiece } from './use-piece';
import { WorkingPanel } from './working-panel';

/** The plan this tab has open: the one in the address, else the one open last, else the first. */
function useOpenPlan(): Plan | undefined {
  const { workspace } = useWorkspace();
  const { plans, settings } = workspace;
  const asked = useSearchParams().get('plan');
  const find = (id: string | null | undefined) => plans.find((plan) => plan.id === id);
  const plan = find(asked) ?? find(settings.openPlanId) ?? plans[0];
  const id = plan?.id;
  useEffect(() => {
    if (id && id !== workspaceStore().getSnapshot().workspace.settings.openPlanId) workspaceStore().set({ openPlanId: id });
  }, [id]);
  return plan;
}

/** Finished sizes in, what to weigh and throw out. */
export function PieceScreen() {
  const { status } = useWorkspace();
  const plan = useOpenPlan();
  if (status === 'opening')
    return (
      <Box padding="6" color="fg.muted">
        Opening the workshop …
      </Box>
    );
  return plan ? <PlanView key={plan.id} plan={plan} /> : <NoPieces />;
}

function NoPieces() {
  const go = useGo();
  const { workspace } = useWorkspace();
  const make = () => {
    const { act, id } = commands.createPlan({ name: 'Cup', bodyId: clayUsedLast(workspace) });
    go(act, `/?plan=${id}`);
  };
  return (
    <Box padding="6" maxWidth="520px">
      <chakra.h1 fontSize="2xl" fontWeight="680">
        No pieces yet
      </chakra.h1>
      <Box marginBlock="3">
        Type a finished width into the field above, such as 92 or 3 5/8 in, and press Enter: it becomes a cup that wide at the mouth. Or
        start from a plain one.
      </Box>
      <Act look="solid" onClick={make}>
        New cup
      </Act>
    </Box>
  );
}

function PlanView({ plan }: { plan: Plan }) {
  return (
    <RefusalScope>
      <PlanSheet plan={plan} />
    </RefusalScope>
  );
}

function PlanSheet({ plan }: { plan: Plan }) {
  const piece = usePiece(plan);
  const [beside, setBeside] = useState('');
  if (!piece) {
    return (
      <Box padding="6" role="alert" color="bad">
        The sizes of this piece cannot be worked out. Undo the last change, or choose another piece.
      </Box>
    );
  }
  return (
    <Grid
      templateAreas={{
        base: '"title" "answer" "drawing" "working" "ledger"',
        md: '"title answer" "drawing answer" "drawing working" "ledger working"',
      }}
      templateColumns={{ base: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) 360px' }}
      templateRows={{ md: 'auto auto 1fr auto' }}
      minHeight={{ md: 'calc(100vh - 52px)' }}
      columnGap="0"
    >
      <GridItem area="title" padding={{ base: '3', md: '12px 20px 0' }}>
        <PieceTitle piece={piece} />
      </GridItem>
      <GridItem area="answer" background="bg.panel" padding={{ base: '3', md: '14px 20px 6px' }}>
        <Answer piece={piece} />
      </GridItem>
      <GridItem area="drawing" padding={{ base: '3', md: '0 20px' }}>
        <PieceDrawing piece={piece} beside={beside} />
      </GridItem>
      <GridItem area="working" background="bg.panel" padding={{ base: '3', md: '6px 20px 12px' }}>
        <WorkingPanel piece={piece} />
        <chakra.details marginTop="2">
          <chakra.summary cursor="pointer" minHeight={{ base: '44px', md: '28px' }} fontSize="sm">
            {plan.note ? 'Note, and what came out: ' + plan.note : 'Note, and what came out'}
          </chakra.summary>
          <Note piece={piece} />
          <CameOut piece={piece} />
        </chakra.details>
      </GridItem>
      <GridItem area="ledger" padding={{ base: '2', md: '0 20px 8px' }}>
        <PlanTabs piece={piece} aside={<BesideChoice piece={piece} beside={beside} setBeside={setBeside} />} />
      </GridItem>
    </Grid>
  );
}
