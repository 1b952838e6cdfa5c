'use client';

import { FAMILIES, FAMILY_NAMES, type FamilyName, overallWords } from '@/core/form';
import type { Hand } from '@/core/handbuild';
import { STAGE_WORDS } from '@/core/sizing';
import { handLength, handMass, text, writeMass, writeVolume } from '@/core/units';
import {
  type Part,
  type Start,
  type StartOf,
  type Workspace,
  clayUsedLast,
  handOf,
  newestBatch,
  sizedPlanPart,
  startedPart,
} from '@/core/workspace';
import { commands } from '@/store';
import { Act, WordChoice } from '@/ui/fields';
import { openRoom } from '@/ui/rooms';
import { StageName } from '@/ui/stage';
import { type Units, isTyping, useGo, useUnits, useWorkspace } from '@/ui/state';
import { weighOutText } from '@/ui/steps';
import { FORM_WORDS, WAY_WORDS } from '@/ui/words';
import { Box, chakra } from '@chakra-ui/react';
import { useSearchParams } from 'next/navigation';
import { useEffect, useEffectEvent, useMemo, useRef, useState } from 'react';
import { flushSync } from 'react-dom';
import { WayDrawing } from './way-drawing';
import { WayFields } from './way-fields';
import { type Typed, WAYS_IN, type WayIn, nextSize, startOf } from './ways-in';

const HOW: Record<Exclude<Hand, 'former'>, string> = { wheel: 'thrown', slab: WAY_WORDS.slab, coil: WAY_WORDS.coil };

/** What the piece is to be made of and how, before anything of it is known. */
function useMatter(workspace: Workspace) {
  const [family, setFamily] = useState<FamilyName>('cylinder');
  const [by, setBy] = useState<keyof typeof HOW>('wheel');
  const [chosen, setBody] = useState<string | undefined>();
  const bodyId = chosen ?? clayUsedLast(workspace) ?? workspace.bodies[0]?.id;
  const batchId = bodyId && newestBatch(workspace, bodyId)?.id;
  const solid = family === 'disc' || family === 'tile';
  const ways = FAMILIES[family].flatSided
    ? (['slab'] as const)
    : solid
      ? (['wheel', 'slab'] as const)
      : (['wheel', 'slab', 'coil'] as const);
  const how = (ways as readonly string[]).includes(by) ? by : ways[0];
  const of = useMemo<StartOf>(
    () => ({
      family,
      ...(bodyId && { bodyId }),
      ...(batchId && { batchId }),
      way: 'trimmed',
      ...(how !== 'wheel' && { hand: { by: how } }),
    }),
    [family, bodyId, batchId, how],
  );
  return { of, family, setFamily, ways, how, setBy, bodyId, setBody };
}

/** A new piece starts from whatever is known of it: one question, a key for each answer, and what follows at once. */
export function StartScreen() {
  const { status, workspace } = useWorkspace();
  if (status === 'opening') return <Box padding="6">Opening the workshop …</Box>;
  return <StartSheet workspace={workspace} />;
}

function StartSheet({ workspace }: { workspace: Workspace }) {
  const units = useUnits();
  const go = useGo();
  const asked = useSearchParams().get('from');
  const [way, setWay] = useState<WayIn>(WAYS_IN.find(({ value }) => value === asked)?.value ?? 'finished');
  const [typed, setTyped] = useState<Typed>({ stage: 'glazed', keep: 'proportions' });
  const matter = useMatter(workspace);
  const cards = useRef<HTMLDivElement>(null);
  const start = useMemo(() => startOf(way, typed), [way, typed]);
  const part = useMemo(() => start && startedPart(workspace, start, matter.of, 'new', units), [workspace, start, matter.of, units]);
  const set = (change: Partial<Typed>) => setTyped((now) => ({ ...now, ...change }));

  // the cursor stands in the way chosen, and a key or a figure typed anywhere goes where it belongs
  const focus = (value: WayIn) => {
    const card = cards.current?.querySelector(`[data-way="${value}"]`);
    (card?.querySelector<HTMLElement>('input') ?? card?.querySelector('button'))?.focus();
  };
  // its fields are there before the cursor goes to them
  const choose = (value: WayIn) => {
    // a figure typed as finished is none for what is wet
    if (value !== way) setTyped({ stage: 'glazed', keep: 'proportions' });
    flushSync(() => setWay(value));
    focus(value);
  };
  useEffect(() => {
    focus(way);
    // only where it begins
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);
  // a figure goes to the way that is open
  const latest = useEffectEvent((to?: WayIn) => choose(to ?? way));
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
      if (/^\d$/.test(event.key)) return latest();
      const to = WAYS_IN.find(({ key }) => key === event.key.toLowerCase());
      if (!to) return;
      event.preventDefault();
      latest(to.value);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);

  const make = () => {
    if (!start || !part?.ok) return;
    const { act, id } = commands.addPlan(nameOf(matter.family, start, units), part.value);
    if (way === 'fit') openRoom(id, 'fit');
    const { size, at } = nextSize(start);
    go(act, `/?plan=${id}${way === 'fit' ? '' : `&next=${size}@${at}`}`);
  };
  const skip = () => {
    const plain = startedPart(workspace, { kind: 'size', at: 'glazed' }, matter.of, 'new', units);
    if (!plain.ok) return;
    const { act, id } = commands.addPlan('New piece', plain.value);
    go(act, `/?plan=${id}`);
  };
  return (
    <chakra.form
      className="start"
      onSubmit={(event) => {
        event.preventDefault();
        make();
      }}
    >
      <chakra.h1 fontSize="30px" fontWeight="720">
        What do you know of it?
      </chakra.h1>
      <Box color="fg.muted">Type a figure straight away, or press a letter. Everything else is suggested, and gives way later.</Box>
      <div className="ways" ref={cards}>
        {WAYS_IN.map(({ value, key, words, about }) => (
          <section key={value} data-way={value} aria-label={words} data-open={value === way ? '' : undefined} onFocus={() => setWay(value)}>
            <h2>
              <button type="button" onClick={() => choose(value)} aria-pressed={value === way}>
                {words} <kbd>{key.toUpperCase()}</kbd>
              </button>
            </h2>
            <WayDrawing way={value} />
            <p>{about}</p>
            {value === way && <WayFields way={value} typed={typed} set={set} />}
          </section>
        ))}
      </div>
      <p className="sentence">
        as{' '}
        <WordChoice
          label="Form"
          value={matter.family}
          options={FAMILY_NAMES.map((value) => ({ value, words: FORM_WORDS[value] }))}
          onChoose={matter.setFamily}
        />
        ,{' '}
        <WordChoice
          label="Way of making"
          value={matter.how}
          options={matter.ways.map((value) => ({ value, words: HOW[value] }))}
          onChoose={matter.setBy}
        />
        , in{' '}
        <WordChoice
          label="Clay"
          value={matter.bodyId ?? ''}
          options={[
            ...(matter.bodyId ? [] : [{ value: '', words: 'typical stoneware' }]),
            ...workspace.bodies.map(({ id, name }) => ({ value: id, words: name })),
          ]}
          onChoose={(id) => matter.setBody(id || undefined)}
        />
      </p>
      <div className="start-answer" role="status">
        {part && !part.ok && <Box color="bad">{part.problem.message}</Box>}
        {part?.ok && <StartAnswer workspace={workspace} part={part.value} units={units} />}
        {!part && <Box color="fg.muted">What to weigh out and how large to make it stands here as soon as there is one figure.</Box>}
        <Box display="flex" gap="2">
          <Act onClick={skip}>Skip: a plain one</Act>
          <Act look="solid" type="submit" disabled={!part?.ok}>
            Make it
          </Act>
        </Box>
      </div>
    </chakra.form>
  );
}

/** Amounts as plain text, for a name. */
const plainly = ({ choice }: Units) => ({
  mass: (g: number) => text(writeMass(handMass(g, choice), choice)),
  volume: (ml: number) => text(writeVolume(ml, choice)),
});

/** What a piece is called until its maker calls it something. */
function nameOf(family: FamilyName, start: Start, units: Units): string {
  const called = FAMILIES[family].words.split(',')[0]!;
  const { mass, volume } = plainly(units);
  if (start.kind === 'holds') return `${called}, ${volume(start.capacityMl)}`;
  if (start.kind === 'ball') return `${called} from ${mass(start.ballG)}`;
  const stage = start.at === 'glazed' ? '' : ` ${STAGE_WORDS[start.at]}`;
  if (start.across) return `${called}, ${units.plain(start.across)} across${stage}`;
  return start.high ? `${called}, ${units.plain(start.high)} high${stage}` : called;
}

/** What follows from the first figures: what it finishes at, what it is made at, what to weigh out. */
function StartAnswer({ workspace, part, units }: { workspace: Workspace; part: Part; units: Units }) {
  const made = sizedPlanPart(workspace, part, units.length);
  if (!made.ok) return <Box color="bad">{made.problem.message}</Box>;
  const { sized, weighOut } = made.value;
  const hand = (mm: number) => units.length(handLength(mm, units.choice));
  return (
    <div className="start-figures">
      <div data-start="finished">
        <StageName stage="glazed" />
        <b>{overallWords(sized.stages.glazed.sizes, hand)}</b>
      </div>
      <div data-start="wet">
        <StageName stage="wet" />
        <b>{overallWords(sized.stages.wet.sizes, hand)}</b>
      </div>
      <div data-start="weigh">
        <span>{handOf(part) === 'wheel' ? 'ball to weigh out' : 'clay to weigh out'}</span>
        <b>{weighOut === undefined ? '–' : weighOutText(weighOut, part, units)}</b>
      </div>
      {sized.capacityMl > 0 && (
        <div data-start="holds">
          <span>holds</span>
          <b>{units.volume(sized.capacityMl)}</b>
        </div>
      )}
    </div>
  );
}
