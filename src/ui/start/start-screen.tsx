'use client';

import { FAMILIES, FAMILY_NAMES, type FamilyName, overallWords } from '@/core/form';
import type { Hand } from '@/core/handbuild';
import { STAGE_WORDS } from '@/core/sizing';
import { type Result, good, handLength, handMass, text, writeMass, writePercent, writeVolume } from '@/core/units';
import { type Meets, type StartedFit, startedFit } from '@/core/fitting';
import { handOf, newestBatch, saidBall, shortWall, type Start, startedPart, type StartOf, weighedPart } from '@/core/part';
import { type Body, clayUsedLast, type Part, type Workspace } from '@/core/records';
import { commands } from '@/store';
import { Act, OptionalPercent, WordChoice } from '@/ui/fields';
import { openRoom } from '@/ui/rooms';
import { StageName } from '@/ui/stage';
import { type Units, enterText, isTyping, takeEarlyKeys, useGo, useUnits, useWorkspace } from '@/ui/state';
import { weighOutText } from '@/ui/steps';
import { WAY_WORDS } from '@/core/telling';
import { FORM_WORDS } from '@/ui/words';
import { Box, chakra } from '@chakra-ui/react';
import { useSearchParams } from 'next/navigation';
import { useEffectEvent, useLayoutEffect, useMemo, useRef, useState } from 'react';
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
  const [shrinks, setShrinks] = useState<number | undefined>();
  const known = chosen === NEW.body ? undefined : (chosen ?? clayUsedLast(workspace) ?? workspace.bodies[0]?.id);
  // a clay of which nothing but its shrinkage is known: it is founded with the piece
  const clay = useMemo(() => (known === undefined && shrinks !== undefined ? newClay(shrinks) : undefined), [known, shrinks]);
  const bodyId = known ?? clay?.id;
  const batchId = bodyId && newestBatch(workspace, bodyId)?.id;
  const solid = FAMILIES[family].solid;
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
  return { of, family, setFamily, ways, how, setBy, bodyId: known, setBody, clay, shrinks, setShrinks };
}

/** A new piece starts from whatever is known of it: one question, a key for each answer, and what follows at once. */
export function StartScreen() {
  const { status, workspace } = useWorkspace();
  const asked = useSearchParams();
  if (status === 'opening') return <Box padding="6">Loading…</Box>;
  // asked for another way, it begins anew
  return <StartSheet key={asked.toString()} workspace={workspace} asked={asked} />;
}

/** An amount said in the address, in g or ml; an address written by hand may say anything. */
function amountIn(asked: URLSearchParams, name: string): number | undefined {
  const amount = Number(asked.get(name));
  return amount > 0 && Number.isFinite(amount) ? amount : undefined;
}

function StartSheet({ workspace: inWorkshop, asked }: { workspace: Workspace; asked: URLSearchParams }) {
  const units = useUnits();
  const go = useGo();
  const [way, setWay] = useState<WayIn>(WAYS_IN.find(({ value }) => value === asked.get('from'))?.value ?? 'finished');
  const [typed, setTyped] = useState<Typed>({
    ...NOTHING_TYPED,
    ballG: amountIn(asked, 'g'),
    capacityMl: amountIn(asked, 'ml'),
    across: amountIn(asked, 'across'),
    high: amountIn(asked, 'high'),
  });
  const matter = useMatter(inWorkshop);
  const { clay } = matter;
  const workspace = useMemo(() => (clay ? { ...inWorkshop, bodies: [...inWorkshop.bodies, clay] } : inWorkshop), [inWorkshop, clay]);
  const cards = useRef<HTMLDivElement>(null);
  const start = useMemo(() => startOf(way, typed), [way, typed]);
  const meets = way === 'fit' ? meetsOf(typed, units) : undefined;
  const begun = useMemo((): Result<StartedFit> | undefined => {
    if (meets) return startedFit(workspace, meets, matter.of, NEW, units);
    const part = start && startedPart(workspace, start, matter.of, NEW.part, units);
    return part?.ok ? good({ part: part.value }) : part;
    // what it must fit is what was typed
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [workspace, way, typed, start, matter.of, units]);
  const set = (change: Partial<Typed>) => setTyped((now) => ({ ...now, ...change }));

  // the cursor stands in the way chosen, and a key or a figure typed anywhere goes where it belongs
  const focus = (value: WayIn) => {
    const card = cards.current?.querySelector(`[data-way="${value}"]`);
    (card?.querySelector<HTMLElement>('input') ?? card?.querySelector('button'))?.focus();
  };
  // its fields are there before the cursor goes to them
  const choose = (value: WayIn) => {
    // a figure typed as finished is none for what is wet
    if (value !== way) setTyped(NOTHING_TYPED);
    flushSync(() => setWay(value));
    focus(value);
  };
  // both with the page, not after it: a question that is seen answers to its keys
  useLayoutEffect(() => {
    const [, letter = '', figure] = /^([a-z]?)(.*)$/i.exec(takeEarlyKeys())!;
    const asked = WAYS_IN.find(({ key }) => key === letter.toLowerCase());
    // typed before the page was there
    queueMicrotask(() => {
      if (asked) choose(asked.value);
      const field = document.activeElement;
      if (figure && field instanceof HTMLInputElement) enterText(field, figure);
    });
    focus(way);
    // only where it begins
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);
  const onKey = useEffectEvent((event: KeyboardEvent) => {
    const { ctrlKey, metaKey, altKey, key, target } = event;
    // no figure begins with a letter: in an empty field it is the key of a way in, as anywhere; a link begins with one
    const empty = target instanceof HTMLInputElement && target.value === '' && cards.current?.contains(target) && way !== 'sent';
    if (ctrlKey || metaKey || altKey || (isTyping(target) && !empty)) return;
    // a figure goes to the way that is open
    if (/^\d$/.test(key) && !isTyping(target)) return choose(way);
    const to = WAYS_IN.find((each) => each.key === key.toLowerCase());
    if (!to) return;
    event.preventDefault();
    choose(to.value);
  });
  useLayoutEffect(() => {
    const listen = (event: KeyboardEvent) => onKey(event);
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, []);

  const make = () => {
    if (!start || !begun?.ok) return;
    const { part, stock } = begun.value;
    const made = weighedPart(workspace, part, units.length);
    const said = made.ok ? saidBall(part, made.value) : undefined;
    const name = meets ? fitName(meets, part, units) : nameOf(matter.family, start, units);
    const { act, id } = commands.addPlan(name, part, { stock, said, body: clay });
    if (way === 'fit') openRoom(id, 'fit', 'odds');
    const { size, at } = nextSize(start, matter.family);
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
      <chakra.h1 fontSize="1.875rem" fontWeight="720">
        What do you want to start from?
      </chakra.h1>
      <Box color="fg.muted">Type a figure, or press a letter to choose. Rimbet fills in the rest, and you can change any of it later.</Box>
      <div className="ways" ref={cards}>
        {WAYS_IN.map(({ value, key, words, about }) => (
          <section key={value} data-way={value} aria-label={words} data-open={value === way ? '' : undefined}>
            <h2>
              <button type="button" onClick={() => choose(value)} aria-pressed={value === way}>
                {words} <kbd>{key.toUpperCase()}</kbd>
              </button>
            </h2>
            <WayDrawing way={value} />
            <p>{about}</p>
            {value === way && <WayFields way={value} typed={typed} family={matter.family} thrown={matter.how === 'wheel'} set={set} />}
          </section>
        ))}
      </div>
      <p className="sentence">
        as{' '}
        {way === 'fit' && typed.meets === 'pot' ? (
          'a flat round lid, '
        ) : (
          <WordChoice
            comma
            label="Form"
            value={matter.family}
            options={FAMILY_NAMES.map((value) => ({ value, words: FORM_WORDS[value] }))}
            onChoose={matter.setFamily}
          />
        )}
        <WordChoice
          comma
          label="Way of making"
          value={matter.how}
          options={matter.ways.map((value) => ({ value, words: HOW[value] }))}
          onChoose={matter.setBy}
        />
        in{' '}
        <WordChoice
          label="Clay"
          value={matter.bodyId ?? NEW.body}
          options={[
            ...inWorkshop.bodies.map(({ id, name }) => ({ value: id, words: name })),
            { value: NEW.body, words: inWorkshop.bodies.length > 0 ? 'another clay' : 'a clay of mine' },
          ]}
          onChoose={matter.setBody}
        />
      </p>
      {matter.bodyId === undefined && (
        <OptionalPercent
          label="The clay shrinks, wet to finished"
          width="15rem"
          most={30}
          hint={matter.shrinks === undefined ? 'typical stoneware, 12%' : ''}
          value={matter.shrinks}
          onValue={(percent) => void matter.setShrinks(percent || undefined)}
        />
      )}
      <div className="start-answer" role="status">
        {begun && !begun.ok && <Box color="bad">{begun.problem.message}</Box>}
        {begun?.ok && <StartAnswer workspace={workspace} part={begun.value.part} units={units} />}
        {!begun && <Box color="fg.muted">Enter one figure to see what to weigh out and how large to make it.</Box>}
        <Box display="flex" gap="2">
          <Act onClick={skip}>Start with typical sizes</Act>
          <Act look="solid" type="submit" disabled={!begun?.ok}>
            Create piece
          </Act>
        </Box>
      </div>
    </chakra.form>
  );
}

const NOTHING_TYPED: Typed = { stage: 'glazed', thrown: false, meets: 'pot' };
/** Ids of what is only shown: kept, each gets its own. */
const NEW = { part: 'new', stock: 'new-stock', body: 'new-clay' } as const;

/** A clay of which nothing but its shrinkage is known. */
const newClay = (percent: number): Body => ({
  id: NEW.body,
  name: `My clay, ${writePercent(percent)}`,
  kind: 'stoneware',
  shrinkagePercent: percent,
  note: '',
  createdAt: '',
});

/** What was typed of what it must fit. */
function meetsOf({ meets, across, stage, foot, high }: Typed, units: Units): Meets | undefined {
  if (!across) return undefined;
  if (meets === 'cork') {
    const taper = foot && high ? { bottom: foot, length: high } : undefined;
    return taper && { kind: 'lid', mm: across, name: `Cork, ${units.plain(across)}`, taper };
  }
  return meets === 'pot' ? { kind: 'pot', mm: across, at: stage } : { kind: 'lid', mm: across, name: `Bought lid, ${units.plain(across)}` };
}

/** What a piece made to fit is called at first. */
const fitName = (meets: Meets, part: Part, units: Units): string =>
  meets.kind === 'pot'
    ? `Lid for a mouth of ${units.plain(meets.mm)}`
    : `${FAMILIES[part.family].words.split(',')[0]!} for a ${meets.taper ? 'cork' : 'lid'} of ${units.plain(meets.mm)}`;

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
  const made = weighedPart(workspace, part, units.length);
  if (!made.ok) return <Box color="bad">{made.problem.message}</Box>;
  const { sized, weighOut } = made.value;
  const { knownPiece } = part;
  const thin = shortWall(part, made.value);
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
      {handOf(part) === 'wheel' && (
        <div data-start="gauge">
          <span>rim above the bat</span>
          <b>{hand(sized.thrown.gauge)}</b>
        </div>
      )}
      <div data-start="weigh">
        <span>{handOf(part) === 'wheel' ? 'ball to weigh out' : 'clay to weigh out'}</span>
        <b>{weighOut === undefined ? '–' : weighOutText(weighOut, part, units)}</b>
      </div>
      {knownPiece && thin !== undefined && (
        <Box color="warn" width="100%">
          {units.mass(knownPiece.ballG)} is too little for a wall of {units.length(sized.stages.glazed.sizes.wall ?? 0)}: it is enough for
          about {units.length(thin)}.
        </Box>
      )}
      {sized.capacityMl > 0 && (
        <div data-start="holds">
          <span>holds</span>
          <b>{units.volume(sized.capacityMl)}</b>
        </div>
      )}
    </div>
  );
}
