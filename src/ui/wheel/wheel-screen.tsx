'use client';

import { runOf } from '@/core/orders';
import { handOf, weighedPart } from '@/core/part';
import { DIFFERENT, mainPart, type Part, partRef, type PieceSet, type Plan, shopOf } from '@/core/records';
import { madeActs } from '@/store';
import { ModeButton, useHistoryKeys } from '@/ui/shell';
import { StageName } from '@/ui/stage';
import { run, useSaid, useUnits, useWorkspace, workspaceStore } from '@/ui/state';
import { Box, HStack, chakra } from '@chakra-ui/react';
import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import { useLayoutEffect, useMemo, useState } from 'react';
import { type WheelPage, handPages, spoken, wheelPages } from './pages';
import { Big } from './big';
import { PageView } from './page-view';
import { RunPage } from './run-page';
import { TesterPage } from './tester-page';
import { useAwake } from './use-awake';
import { useFitted } from './use-fitted';
import { useSwipe } from './use-swipe';

/** A few huge figures for two metres away, one step at a time: nothing has to be typed. */
export function WheelScreen() {
  const { status, workspace } = useWorkspace();
  const search = useSearchParams();
  const asked = search.get('plan');
  if (status === 'opening') return <Box padding="6">Loading…</Box>;
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
      : wheelPages(part, made.value, units, plan.standard?.moves, shopOf(workspace).wheel?.takeOff?.height);
  }, [workspace, part, units, plan.standard?.moves]);
  const [index, setIndex] = useState(0);
  const awake = useAwake();
  const seen = useFitted<HTMLDivElement>();
  const count = made?.pages.length ?? 1;
  const at = Math.min(index, count - 1);
  const turn = (by: 1 | -1) => setIndex((before) => Math.max(0, Math.min(count - 1, before + by)));
  const swipe = useSwipe(turn);
  useHistoryKeys(madeActs.wheelOf(partRef(plan, part)));
  usePageKeys(turn, () => run(madeActs.throwOne(plan, partRef(plan, part))));

  if (!made) {
    return (
      <Box padding="6" role="alert" color="bad">
        This piece cannot be made with these sizes. <Link href={`/?plan=${plan.id}`}>Back to the piece</Link>
      </Box>
    );
  }
  const page = made.pages[at]!;
  return (
    <div data-wheel={page.key} className="wheel" {...swipe}>
      <Head plan={plan} page={page} place={`${at + 1} of ${count}`} set={set} />
      <div ref={seen} className="wheel-page" aria-live="polite">
        {page.key === 'tester' && <TesterPage plan={plan} part={part} />}
        {page.key === 'run' && <RunPage plan={plan} part={partRef(plan, part)} />}
        {page.key !== 'tester' && page.key !== 'run' && <PageView page={page} steps={made.steps} />}
      </div>
      <div className="wheel-foot">
        {awake === false && (
          <Box role="note" flexBasis="100%" fontSize="sm" color="warn">
            The screen may sleep: set the device not to.
          </Box>
        )}
        <Run plan={plan} part={part} />
        <div className="wheel-turn">
          <Big onClick={() => turn(-1)} disabled={at === 0}>
            Previous
          </Big>
          <Big onClick={() => turn(1)} disabled={at === count - 1}>
            Next
          </Big>
        </div>
      </div>
    </div>
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
    <div className="wheel-head">
      <Link href={`/?plan=${plan.id}`} aria-label="Back to the piece">
        <Big as="span">Back</Big>
      </Link>
      <div className="wheel-name">
        <h1>{plan.name}</h1>
        <HStack gap="3" color="fg.muted">
          <StageName stage={page.stage ?? 'wet'} />
          <span>{place}</span>
        </HStack>
      </div>
      <div className="wheel-more wheel-gap" />
      {set && <NextOfSet plan={plan} set={set} />}
      {talks && (
        <div className="wheel-more">
          <Big onClick={read}>Read aloud</Big>
        </div>
      )}
      <div className="wheel-wide">
        <Big onClick={() => void document.documentElement.requestFullscreen?.()}>Full screen</Big>
      </div>
      <div className="wheel-mode">
        <ModeButton minWidth="64px" minHeight="64px" />
      </div>
    </div>
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
  const ref = partRef(plan, part);
  const place = madeActs.wheelOf(ref);
  const undo = useSaid(() => workspaceStore().undoIn(place));
  const onDisk = useSaid((store) => store.unsaved === 0);
  const { pieces, good, wrong, wanted } = runOf(workspace, ref);
  const made = handOf(part) === 'wheel' ? 'thrown' : 'made';
  const last = pieces.at(-1);
  return (
    <div className="wheel-run" data-counted={last ? true : undefined}>
      <Big look="solid" aria-keyshortcuts="Enter" onClick={() => run(madeActs.throwOne(plan, ref))}>
        Count one
      </Big>
      <div role="status" className="wheel-count">
        {wanted === undefined ? good : `${good} of ${wanted}`} {made}
        {wrong > 0 ? `, ${wrong} scrapped` : ''}
        {/* what is counted is told as done once it is on disk */}
        {!onDisk && (
          <chakra.span fontSize="0.6em" fontWeight="500" data-not-yet>
            {' '}
            saving…
          </chakra.span>
        )}
      </div>
      <Big
        aria-label={undo ? `Undo: ${undo}` : 'Nothing to undo'}
        disabled={undo === undefined}
        onClick={() => workspaceStore().undo(place)}
      >
        Undo
      </Big>
      {/* always there, so that nothing moves under the finger that counts */}
      <div role="group" aria-label="The last one was:" tabIndex={last ? undefined : 0} data-sideways className="wheel-different">
        {DIFFERENT.map((different) => (
          <Big
            key={different}
            disabled={!last}
            aria-pressed={last?.different === different}
            look={last?.different === different ? 'solid' : 'plain'}
            onClick={() => run(madeActs.noteLastThrown(plan, ref, different))}
          >
            {different === 'gone wrong' ? 'scrapped' : different}
          </Big>
        ))}
      </div>
    </div>
  );
}
