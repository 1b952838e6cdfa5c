'use client';

import { commands } from '@/store';
import { type Plan, clayUsedLast } from '@/core/workspace';
import { Act, RefusalScope } from '@/ui/fields';
import { useRoom } from '@/ui/rooms';
import { useGo, useWorkspace, workspaceStore } from '@/ui/state';
import { Box, chakra } from '@chakra-ui/react';
import { useSearchParams } from 'next/navigation';
import { useEffect, useState } from 'react';
import { Answer, WorkingPanel } from './answer';
import { BesideChoice, PieceDrawing } from './drawing';
import { usePiece } from './model/use-piece';
import { RoomView } from './room-view';
import { Sentence } from './sentence';

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
  const open = useRoom(plan.id, piece?.by ?? 'wheel');
  const [beside, setBeside] = useState('');
  if (!piece) {
    return (
      <Box padding="6" role="alert" color="bad">
        The sizes of this piece cannot be worked out. Undo the last change, or choose another piece.
      </Box>
    );
  }
  return (
    <div className="sheet">
      <div className="sheet-title">
        <Sentence piece={piece} />
      </div>
      <div className="sheet-side">
        <div className="sheet-answer">
          <Answer piece={piece} />
        </div>
        <div className="sheet-working">
          <WorkingPanel piece={piece} />
          {plan.note && <div className="sheet-note">{plan.note}</div>}
        </div>
      </div>
      <div className="sheet-drawing">
        <PieceDrawing piece={piece} beside={beside} allowances={open.room.value === 'make'} />
      </div>
      <div className="sheet-rooms">
        <RoomView piece={piece} open={open} aside={<BesideChoice piece={piece} beside={beside} setBeside={setBeside} />} />
      </div>
    </div>
  );
}
