'use client';

import { DIFFERENT, handOf, mainPart, type Part, partRef, type PieceSet, type Plan, runOf, weighedPart } from '@/core/workspace';
import { madeActs } from '@/store';
import { ModeButton } from '@/ui/shell';
import { StageName } from '@/ui/stage';
import { run, useSaid, useUnits, useWorkspace, workspaceStore } from '@/ui/state';
import { Box, Grid, HStack, chakra } from '@chakra-ui/react';
import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import { type TouchEvent, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { type WheelPage, handPages, spoken, wheelPages } from './pages';
import { Big } from './big';
import { PageView } from './page-view';
import { RunPage } from './run-page';
import { TesterPage } from './tester-page';
import { useAwake } from './use-awake';
import { useFitted } from './use-fitted';

/** A finger that moved less than this across pressed something. px */
const SWIPE = 60;

/** A few huge figures for two metres away, one step at a time: nothing has to be typed. */
export function WheelScreen() {
  const { status, workspace } = useWorkspace();
  const search = useSearchParams();
  const asked = search.get('plan');
  if (status === 'opening') return <Box padding="6">Opening the workshop …</Box>;
  const plan = workspace.plans.find(({ id }) => id === (asked ?? workspace.settings.openPlanId)) ?? workspace.plans[0];
  if (!plan) {
    return (
      <Box padding="6">
        No piece to throw yet. <Link href="/">Back to the piece</Link>
      </Box>
    );
  }
  const part = plan.parts.find(({ id }) => id === search.get('part')) ?? mainPart(plan);
  const set = workspace.sets.find(({ id }) => id === search.get('set'));
  return <AtTheWheel key={part.id} plan={plan} part={part} set={set} />;
}

function AtTheWheel({ plan, part, set }: { plan: Plan; part: Part; set: PieceSet | undefined }) {
  const { workspace } = useWorkspace();
  const units = useUnits();
  const made = useMemo(() => {
    const made = weighedPart(workspace, part, units.length);
    if (!made.ok) return undefined;
    const { hand, known } = made.value;
    return hand
      ? { pages: handPages(part, made.value, hand, known.body, units), steps: [] }
      : wheelPages(part, made.value, units, plan.standard?.moves);
  }, [workspace, part, units, plan.standard?.moves]);
  const [index, setIndex] = useState(0);
  const awake = useAwake();
  const seen = useFitted<HTMLDivElement>();
  const touched = useRef<number | undefined>(undefined);
  const count = made?.pages.length ?? 1;
  const at = Math.min(index, count - 1);
  const turn = (by: 1 | -1) => setIndex((before) => Math.max(0, Math.min(count - 1, before + by)));
  usePageKeys(turn, () => run(madeActs.throwOne(plan, partRef(plan, part))));

  if (!made) {
    return (
      <Box padding="6" role="alert" color="bad">
        This piece cannot be made as it stands. <Link href={`/?plan=${plan.id}`}>Back to the piece</Link>
      </Box>
    );
  }
  const page = made.pages[at]!;
  const onTouchEnd = (event: TouchEvent) => {
    const moved = event.changedTouches[0]!.clientX - (touched.current ?? 0);
    if (Math.abs(moved) > SWIPE) turn(moved < 0 ? 1 : -1);
  };
  return (
    <Box
      height="100dvh"
      display="flex"
      flexDirection="column"
      data-wheel={page.key}
      onTouchStart={(event) => {
        touched.current = event.touches[0]!.clientX;
      }}
      onTouchEnd={onTouchEnd}
    >
      <Head plan={plan} page={page} place={`${at + 1} of ${count}`} set={set} />
      <Box
        ref={seen}
        flex="1"
        minHeight="0"
        overflowY="auto"
        display="flex"
        flexDirection="column"
        paddingInline={{ base: '4', md: '8' }}
        paddingBlock="2"
        aria-live="polite"
      >
        {page.key === 'tester' && <TesterPage plan={plan} part={part} />}
        {page.key === 'run' && <RunPage plan={plan} part={partRef(plan, part)} />}
        {page.key !== 'tester' && page.key !== 'run' && <PageView page={page} steps={made.steps} />}
      </Box>
      {awake === false && (
        <Box role="note" paddingInline="8" fontSize="sm" color="warn">
          This browser cannot keep the screen awake: set the device not to sleep.
        </Box>
      )}
      <Box display="flex" flexWrap="wrap" alignItems="center" columnGap="6" rowGap="3" paddingInline="4" paddingTop="2" paddingBottom="4">
        <Run plan={plan} part={part} />
        <HStack gap="3" flex="1 1 320px" css={{ '& > button': { flex: '1 1 0' } }}>
          <Big onClick={() => turn(-1)} disabled={at === 0}>
            Previous
          </Big>
          <Big onClick={() => turn(1)} disabled={at === count - 1}>
            Next
          </Big>
        </HStack>
      </Box>
    </Box>
  );
}

/** Arrow keys, page keys and the space bar turn pages, Enter counts one: pedals send these. */
function usePageKeys(turn: (by: 1 | -1) => void, count: () => void): void {
  // with the page, not after it: a pedal pressed at once turns the page that is seen
  useLayoutEffect(() => {
    const forward = ['ArrowRight', 'ArrowDown', 'PageDown', ' '];
    const back = ['ArrowLeft', 'ArrowUp', 'PageUp'];
    const onKey = (event: KeyboardEvent) => {
      const onButton = (event.key === ' ' || event.key === 'Enter') && event.target instanceof Element && event.target.matches('button, a');
      if (onButton || event.repeat || event.ctrlKey || event.metaKey || event.altKey) return;
      if (forward.includes(event.key)) turn(1);
      else if (back.includes(event.key)) turn(-1);
      else if (event.key === 'Enter') count();
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
}

function Head({ plan, page, place, set }: { plan: Plan; page: WheelPage; place: string; set: PieceSet | undefined }) {
  const talks = typeof window !== 'undefined' && 'speechSynthesis' in window;
  const read = () => {
    window.speechSynthesis.cancel();
    window.speechSynthesis.speak(new SpeechSynthesisUtterance(spoken(page)));
  };
  return (
    <HStack paddingInline="4" paddingTop="2" gap="3" flexWrap={{ base: 'wrap', md: 'nowrap' }}>
      <Link href={`/?plan=${plan.id}`} aria-label="Back to the piece">
        <Big as="span">Back</Big>
      </Link>
      <Box order={{ base: 1, md: 0 }} flexBasis={{ base: '100%', md: 'auto' }} minWidth="0">
        <chakra.h1 fontSize="24px" fontWeight="680" lineHeight="1.2">
          {plan.name}
        </chakra.h1>
        <HStack gap="3" color="fg.muted">
          <StageName stage={page.stage ?? 'wet'} />
          <span>{place}</span>
        </HStack>
      </Box>
      <Box flex="1" />
      {set && <NextOfSet plan={plan} set={set} />}
      {talks && <Big onClick={read}>Read aloud</Big>}
      <Box display={{ base: 'none', md: 'block' }}>
        <Big onClick={() => void document.documentElement.requestFullscreen?.()}>Full screen</Big>
      </Box>
      <Box display="grid" placeItems="center" minWidth="64px" minHeight="64px" background="bar" color="bar.fg" borderRadius="6px">
        <ModeButton minWidth="64px" minHeight="64px" />
      </Box>
    </HStack>
  );
}

/** From one piece of a set to the next, and round again. */
function NextOfSet({ plan, set: { id, planIds } }: { plan: Plan; set: PieceSet }) {
  const at = planIds.indexOf(plan.id);
  const next = planIds[(at + 1) % planIds.length]!;
  if (at < 0 || planIds.length < 2) return null;
  return (
    <Link href={`/wheel?plan=${next}&set=${id}`} replace>
      <Big as="span">
        {at + 1} of {planIds.length}: next of the set
      </Big>
    </Link>
  );
}

/** Counts the run in one tap; a second says what was different about the last. */
function Run({ plan, part }: { plan: Plan; part: Part }) {
  const { workspace } = useWorkspace();
  const undoAtWheel = useSaid((store) => store.undoAtWheel);
  const ref = partRef(plan, part);
  const { pieces, good, wrong, wanted } = runOf(workspace, ref);
  const made = handOf(part) === 'wheel' ? 'thrown' : 'made';
  const last = pieces.at(-1);
  return (
    <Grid
      templateColumns={{ base: 'auto 1fr auto', lg: 'auto auto auto minmax(0, 1fr)' }}
      alignItems="center"
      columnGap="3"
      rowGap="2"
      minWidth="0"
    >
      <Big look="solid" aria-keyshortcuts="Enter" onClick={() => run(madeActs.throwOne(plan, ref))}>
        {made[0]!.toUpperCase() + made.slice(1)}
      </Big>
      <Box
        role="status"
        fontSize={{ base: '22px', md: '30px' }}
        lineHeight="1.1"
        fontFamily="figure"
        fontVariantNumeric="tabular-nums"
        fontWeight="680"
      >
        {wanted === undefined ? good : `${good} of ${wanted}`} {made}
        {wrong > 0 ? `, ${wrong} scrapped` : ''}
      </Box>
      {undoAtWheel ? (
        <Big aria-label={`Undo: ${undoAtWheel}`} onClick={() => workspaceStore().undo('wheel')}>
          Undo
        </Big>
      ) : (
        <span />
      )}
      {last && (
        <HStack
          role="group"
          aria-label="The last one was"
          gap="3"
          gridColumn={{ base: '1 / -1', lg: 'auto' }}
          overflowX="auto"
          css={{ '& > button': { flexShrink: 0 } }}
        >
          {DIFFERENT.map((different) => (
            <Big
              key={different}
              aria-pressed={last.different === different}
              look={last.different === different ? 'solid' : 'plain'}
              onClick={() => run(madeActs.noteLastThrown(plan, ref, different))}
            >
              {different === 'gone wrong' ? 'scrapped' : different}
            </Big>
          ))}
        </HStack>
      )}
    </Grid>
  );
}
