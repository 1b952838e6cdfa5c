'use client';

import { lazyPart } from '@/ui/blocks';
import type { Stage } from '@/core/clay';
import { type FamilyName, SIZES, type SizeName, sizeIn } from '@/core/form';
import { STAGE_WORDS } from '@/core/sizing';
import { mainPart, type Plan } from '@/core/records';
import { RefusalScope } from '@/ui/fields';
import { type OpenedRoom, useRoom } from '@/ui/rooms';
import { VisibleAs, useReopened, useWorkspace, pushOpened, workspaceStore } from '@/ui/state';
import { Box } from '@chakra-ui/react';
import { useSearchParams } from 'next/navigation';
import { type ComponentType, type ReactNode, Suspense, useCallback, useEffect, useState } from 'react';
import { Answer } from './answer';
import { BesideChoice, PieceDrawing } from './drawing';
import { Sheet, deferred } from './model/deferred';
import { type PieceModel, usePiece } from './model/use-piece';
import { ExampleNote } from './example-note';
import { DrawnFit } from './fit';
import { OpenPart } from './model/open-part';
import { Picks } from './model/picked';
import { AddPart, PartsBar } from './parts-bar';
import { PieceRail } from './rail';
import { RoomView, SectionNames, useRoomKeys } from './room-view';
import { Sentence } from './sentence';

// the answer is there first, its arithmetic a moment later
const WorkingPanel = lazyPart(() => import('./answer/working-panel').then((part) => part.WorkingPanel));

// only an empty workshop begins here
const StartScreen = lazyPart(() => import('@/ui/start').then((part) => part.StartScreen));

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
  if (status === 'opening') return <Opening />;
  if (!plan) return <StartScreen />;
  return (
    <Suspense fallback={<Opening />}>
      <PlanView key={plan.id} plan={plan} />
    </Suspense>
  );
}

const Opening = () => (
  <Box padding="6" color="fg.muted">
    Loading…
  </Box>
);

/** The size a new piece is to be given next, as the address says it: the cursor goes there once. */
function useNext(family: FamilyName): void {
  const next = useSearchParams().get('next');
  useEffect(() => {
    const [size, at] = (next ?? '').split('@') as [SizeName, Stage];
    if (!(size in SIZES) || !(at in STAGE_WORDS)) return;
    document.querySelector<HTMLElement>(`[aria-label="${sizeIn(family, size).row}, ${STAGE_WORDS[at]}"]`)?.focus();
    // where the piece was begun, not when its form changes
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [next]);
}

function PlanView({ plan }: { plan: Plan }) {
  const asked = useSearchParams().get('part');
  const [chosen, setChosen] = useState(asked);
  const part = plan.parts.find(({ id }) => id === chosen) ?? mainPart(plan);
  const what = `part of ${plan.id}`;
  const openPart = useCallback(
    (to: string) => {
      pushOpened(what, part.id, to);
      setChosen(to);
    },
    [what, part.id],
  );
  useReopened(what, setChosen);
  return (
    <OpenPart value={openPart}>
      <RefusalScope key={part.id}>
        <PlanSheet plan={plan} partId={part.id} openPart={openPart} />
      </RefusalScope>
    </OpenPart>
  );
}

interface SheetProps {
  readonly plan: Plan;
  readonly partId: string;
  readonly openPart: (partId: string) => void;
}

function PlanSheet({ plan, partId, openPart }: SheetProps) {
  useNext(mainPart(plan).family);
  const piece = usePiece(plan, partId);
  if (!piece) {
    return (
      <Box padding="6" role="alert" color="bad">
        These sizes do not work together. Undo the last change, or open another piece.
      </Box>
    );
  }
  return (
    <Sheet piece={piece}>
      <Picks>
        <InRoom piece={piece} openPart={openPart} />
      </Picks>
    </Sheet>
  );
}

interface PartProps {
  readonly piece: PieceModel;
}

interface WithParts {
  readonly openPart: (partId: string) => void;
}

/** The three places of a piece: its rail, the stage of the room that is open, and that room's answer. */
function InRoom({ piece, openPart }: PartProps & WithParts) {
  const open = useRoom(piece.plan.id, piece.by);
  const { go, shows } = useRoomKeys(open);
  const [beside, setBeside] = useState('');
  return (
    <>
      <ExampleNote />
      <RoomRail current={open.room.value} go={go} />
      <Title openPart={openPart} />
      <Sections Sentence={shows.Sentence} open={open} openPart={openPart} beside={beside} setBeside={setBeside} />
      <div className="sheet-side">
        <div className="sheet-beside">
          <div className="sheet-answer">{shows.Answer ? <OwnAnswer of={shows.Answer} /> : <Answer piece={piece} />}</div>
          {!shows.Answer && <Working />}
        </div>
      </div>
      {shows.draws && <Drawn open={open} beside={beside} />}
      <Rooms open={open} />
    </>
  );
}

const RoomRail = deferred(
  ({ piece, ...rail }: PartProps & { current: string; go: (room: string) => void }) => (
    <AsOf piece={piece}>
      <PieceRail piece={piece} {...rail} />
    </AsOf>
  ),
  'sheet-rail',
);

const Title = deferred(
  ({ piece, openPart }: PartProps & WithParts) => (
    <AsOf piece={piece}>
      <Sentence piece={piece} />
      <PartsBar plan={piece.plan} piece={piece} open={openPart} />
    </AsOf>
  ),
  'sheet-title',
);

const OwnAnswer = deferred(
  ({ piece, of: Of }: PartProps & { of: ComponentType<PartProps> }) => (
    <AsOf piece={piece}>
      <Of piece={piece} />
    </AsOf>
  ),
  'sheet-own',
);

const Working = deferred(
  ({ piece }: PartProps) => (
    <>
      <WorkingPanel piece={piece} />
      {piece.plan.note && <div className="sheet-note">{piece.plan.note}</div>}
    </>
  ),
  'sheet-working',
);

interface SectionsProps extends PartProps, WithParts {
  readonly Sentence: ComponentType<PartProps> | undefined;
  readonly open: OpenedRoom;
  readonly beside: string;
  readonly setBeside: (key: string) => void;
}

const Sections = deferred(
  ({ piece, Sentence: Of, open, openPart, beside, setBeside }: SectionsProps) => (
    <AsOf piece={piece}>
      <SectionNames {...open} />
      <AddPart piece={piece} open={openPart} go={open.open} />
      {open.room.value === 'sizes' && <BesideChoice planId={piece.plan.id} beside={beside} setBeside={setBeside} />}
      {Of && <Of piece={piece} />}
    </AsOf>
  ),
  'sheet-sections',
);

const Drawn = deferred(
  ({ piece, open, beside }: PartProps & { open: OpenedRoom; beside: string }) => (
    <AsOf piece={piece}>
      <PieceDrawing
        piece={piece}
        beside={beside}
        allowances={open.section.value === 'ball'}
        over={open.room.value === 'fit' ? DrawnFit : undefined}
      />
    </AsOf>
  ),
  'sheet-drawing',
);

const Rooms = deferred(
  ({ piece, open }: PartProps & { open: OpenedRoom }) => (
    <AsOf piece={piece}>
      <RoomView piece={piece} open={open} />
    </AsOf>
  ),
  'sheet-rooms',
);

/** What stands in it reads the workshop as it was when the piece was worked out, not half of it newer. */
const AsOf = ({ piece, children }: { piece: PieceModel; children: ReactNode }) => <VisibleAs value={piece.kept}>{children}</VisibleAs>;
