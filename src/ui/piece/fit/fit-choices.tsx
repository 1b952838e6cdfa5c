'use client';

import { STAGES, type Stage } from '@/core/clay';
import { SEAT_SHARE } from '@/core/fit';
import { STAGE_WORDS } from '@/core/sizing';
import { type Result, bad, good, readLengths } from '@/core/units';
import {
  DRYING,
  type Drying,
  type Fitting,
  type Stock,
  USUAL_DEPTH,
  USUAL_OVERHANG,
  calledPart,
  gapRangeOf,
  isLid,
  lotOf,
  meetingWidth,
  partRef,
  partWords,
  shopOf,
  stopperOf,
} from '@/core/workspace';
import { LabelledChoice, OptionalInput, OptionalLength, OptionalPercent, WordChoice, optionsOf } from '@/ui/fields';
import { useUnits, useWorkspace } from '@/ui/state';
import { Box, HStack, chakra } from '@chakra-ui/react';
import Link from 'next/link';
import type { PieceModel } from '../model/use-piece';
import { AIM_WORDS, CLASS_WORDS, DRYING_WORDS, PLACE_WORDS, TOOL_WORDS, WITH_WORDS } from './fit-words';
import { usualFitting } from './usual';

interface Props {
  readonly piece: PieceModel;
  readonly fitting: Fitting;
}

type Change = (change: Partial<Fitting>, label: string, key?: string) => string | undefined;

const changerOf =
  (piece: PieceModel): Change =>
  (change, label, key) =>
    piece.takePart(({ fit }) => ({ fit: { ...usualFitting(piece), ...fit, ...change } }), label, key);

const NONE = '';

/** What it is to fit with. */
export function FitWith({ piece, fitting }: Props) {
  const lots = useLots();
  const lot = lots.find(({ id }) => id === fitting.stockId);
  return (
    <FitSentence piece={piece} fitting={fitting} change={changerOf(piece)} lots={lots} lot={fitting.with === 'stock' ? lot : undefined} />
  );
}

/** What the fit hangs on, each with its usual value. */
export function FitChoices({ piece, fitting }: Props) {
  const change = changerOf(piece);
  const lots = useLots();
  const lot = lots.find(({ id }) => id === fitting.stockId);
  const hangs =
    !fitting.over &&
    piece.part.manner.mouth !== 'gallery' &&
    !isLid(piece.part, fitting) &&
    (fitting.with !== 'stock' || lot?.kind === 'lid');
  return (
    <Box marginTop="3">
      <HStack gap="4" rowGap="2" flexWrap="wrap" alignItems="flex-start">
        <Own piece={piece} fitting={fitting} change={change} />
        {fitting.with === 'part' && <Firing fitting={fitting} change={change} />}
        {(fitting.with === 'lid' || fitting.with === 'pot') && <Other fitting={fitting} change={change} />}
        {hangs && (
          <OptionalLength
            label="Hangs in by"
            value={fitting.depth ?? USUAL_DEPTH}
            onValue={(depth, key) => change({ depth }, 'how far the lid hangs in', key)}
          />
        )}
        {fitting.fit === 'own' && <OwnGap fitting={fitting} change={change} />}
        {fitting.fit === 'cover' && (
          <OptionalLength
            label="Out beyond the mouth, finished"
            value={fitting.overhang ?? USUAL_OVERHANG}
            onValue={(overhang, key) => change({ overhang }, 'overhang of the cover', key)}
          />
        )}
        {fitting.with === 'stock' && lot?.kind === 'stopper' && <SeatedDepth fitting={fitting} change={change} lot={lot} />}
        {fitting.with === 'stock' && lot?.kind === 'stopper' && <Shares fitting={fitting} change={change} />}
      </HStack>
      <ByWhom fitting={fitting} change={change} />
    </Box>
  );
}

const useLots = () => shopOf(useWorkspace().workspace).stock ?? [];

interface SentenceProps {
  readonly piece: PieceModel;
  readonly fitting: Fitting;
  readonly change: Change;
  readonly lots: readonly Stock[];
  readonly lot: Stock | undefined;
}

/** What it is to fit with, as one sentence whose words are menus. */
function FitSentence({ piece, fitting, change, lots, lot }: SentenceProps) {
  const has = {
    place: fitting.with === 'lid' || fitting.with === 'part' || lot?.kind === 'lid',
    tightness: fitting.with !== 'stock' || lot?.kind === 'lid',
  };
  return (
    <>
      <p className="sentence" style={{ marginBottom: '8px' }}>
        {isLid(piece.part, fitting) ? 'the lid of ' : 'to fit with '}
        <WordChoice
          label="To fit with"
          value={fitting.with}
          options={optionsOf(WITH_WORDS)}
          onChoose={(value) => change({ with: value }, `to fit with ${WITH_WORDS[value]}`)}
        />
        {fitting.with === 'stock' && (
          <>
            ,{' '}
            <WordChoice
              label="Which of your kit"
              value={fitting.stockId ?? NONE}
              options={[{ value: NONE, words: 'choose one of your kit' }, ...lots.map(({ id, name }) => ({ value: id, words: name }))]}
              onChoose={(id) =>
                change({ stockId: id || undefined }, `to fit with ${lots.find((each) => each.id === id)?.name ?? 'nothing yet'}`)
              }
            />
          </>
        )}
        {fitting.with === 'part' && <WhichPart piece={piece} fitting={fitting} change={change} />}
        {has.place && (
          <>
            {' '}
            <WordChoice
              label="Where it goes"
              value={fitting.over ? 'over' : 'in'}
              options={optionsOf(PLACE_WORDS)}
              onChoose={(where) => change({ over: where === 'over' || undefined }, `lid goes ${PLACE_WORDS[where]}`)}
            />
          </>
        )}
        {has.tightness && (
          <>
            ,{' '}
            <WordChoice
              label="How tight"
              value={fitting.fit ?? 'easy'}
              options={optionsOf(CLASS_WORDS)}
              onChoose={(fit) => change({ fit }, `fit: ${CLASS_WORDS[fit]}`)}
            />
          </>
        )}
        {lot && <LotWords lot={lot} />}
      </p>
      {fitting.with === 'stock' && lots.length === 0 && (
        <Box fontSize="sm">
          Nothing bought is listed yet: enter lids and stoppers in your{' '}
          <chakra.span color="act" textDecoration="underline">
            <Link href="/kit">kit</Link>
          </chakra.span>
          .
        </Box>
      )}
    </>
  );
}

/** Which part of this piece or of another. */
function WhichPart({ piece, fitting, change }: { piece: PieceModel; fitting: Fitting; change: Change }) {
  const { plans } = useWorkspace().workspace;
  const own = piece.plan.parts.filter(({ id }) => id !== piece.part.id);
  const others = plans.filter(({ id }) => id !== piece.plan.id).flatMap((plan) => plan.parts.map((part) => ({ plan, part })));
  const options = [
    { value: NONE, words: 'choose one' },
    ...own.map((part) => ({ value: partRef(piece.plan, part), words: `the ${partWords(part)}` })),
    ...others.map(({ plan, part }) => ({ value: partRef(plan, part), words: calledPart(plan, part) })),
  ];
  return (
    <>
      ,{' '}
      <WordChoice
        label="Which part"
        value={fitting.ref ?? NONE}
        options={options}
        onChoose={(ref) =>
          change({ ref: ref || undefined }, `to fit with ${options.find(({ value }) => value === ref)?.words ?? 'nothing yet'}`)
        }
      />
    </>
  );
}

/** With what it is made to size, how it is dried and fired, and whether glaze touches: told in a line, chosen behind it. */
function ByWhom({ fitting, change }: { fitting: Fitting; change: Change }) {
  const { length } = useUnits();
  const { tool = 'gauge', dried = 'apart', glaze, narrow } = fitting;
  const oval = Object.fromEntries(
    (Object.keys(DRYING) as Drying[]).map((way) => [way, `${DRYING_WORDS[way]}, oval by about ${length(DRYING[way])}`]),
  ) as Record<Drying, string>;
  return (
    <chakra.details marginTop="1" fontSize="sm">
      <chakra.summary cursor="pointer" minHeight={{ base: '44px', md: '28px' }} color="fg.muted">
        made {TOOL_WORDS[tool]}, dried and fired {DRYING_WORDS[dried]},{' '}
        {glaze ? `glaze ${length(glaze)} where they touch` : 'no glaze where they touch'}
      </chakra.summary>
      <HStack gap="4" rowGap="2" flexWrap="wrap" alignItems="flex-end">
        <LabelledChoice
          label="Made to size"
          value={tool}
          options={optionsOf(TOOL_WORDS)}
          onChoose={(value) => change({ tool: value }, `made ${TOOL_WORDS[value]}`)}
        />
        <LabelledChoice
          label="Dried and fired"
          value={dried}
          options={optionsOf(oval)}
          onChoose={(value) => change({ dried: value }, `dried and fired ${DRYING_WORDS[value]}`)}
        />
        <LabelledChoice
          label="Aim"
          value={narrow ? 'narrow' : 'best'}
          options={optionsOf(AIM_WORDS)}
          onChoose={(aim) => change({ narrow: aim === 'narrow' || undefined }, `aimed ${AIM_WORDS[aim]}`)}
        />
        <OptionalLength
          label="Glaze on each touching face"
          value={glaze}
          onValue={(mm, key) => ((mm ?? 0) > 5 ? `Glaze is at most ${length(5)} thick.` : change({ glaze: mm }, 'glaze on the seat', key))}
        />
      </HStack>
    </chakra.details>
  );
}

/** What was measured of a lot. */
function LotWords({ lot }: { lot: Stock }) {
  const { length } = useUnits();
  const { mean, spreadSd } = lotOf(lot);
  if (lot.kind === 'gasket') return null;
  return (
    <span className="sentence-aside">
      {' '}
      {lot.widths.length} measured: about {length(mean)}
      {spreadSd !== undefined && `, ± ${length(spreadSd)}`}
    </span>
  );
}

/** A width as measured: one figure, or its largest and smallest, whose mean counts. */
function readWidth(typed: string, options: Parameters<typeof readLengths>[1]): Result<number> {
  const read = readLengths(typed, options);
  if (!read.ok) return read;
  const [first, second, ...others] = read.value;
  if (first === undefined || others.length > 0) return bad('', 'Write one width, or the largest and the smallest, such as 94; 93.2.');
  return good(second === undefined ? first : (first + second) / 2);
}

interface MeasuredProps {
  readonly label: string;
  readonly value: number | undefined;
  readonly onValue: (mm: number | undefined, key: string) => string | undefined;
}

function MeasuredWidth({ label, value, onValue }: MeasuredProps) {
  const units = useUnits();
  return (
    <Box width="170px">
      <OptionalInput<number>
        label={label}
        value={value}
        read={(typed) => readWidth(typed, units.readLength)}
        write={units.plain}
        onValue={onValue}
        hint="or both ways: 94; 93.2"
      />
    </Box>
  );
}

const stageOptions = (first: string) => STAGES.map((value) => ({ value, words: value === 'wet' ? first : STAGE_WORDS[value] }));

interface OwnProps extends Props {
  readonly change: Change;
}

/** How deep a stopper sits in a fired pot says how wide its mouth is. */
function SeatedDepth({ fitting, change, lot }: { fitting: Fitting; change: Change; lot: Stock }) {
  const { length } = useUnits();
  const stopper = stopperOf(lot);
  if (!stopper || fitting.now?.at !== 'glazed') return null;
  const perMm = stopper.length / (stopper.top - stopper.bottom);
  return (
    <OptionalLength
      label="or how deep it sits"
      value={Math.max(0, (fitting.now.mm - stopper.bottom) * perMm)}
      onValue={(depth = 0, key) =>
        depth > stopper.length
          ? `The stopper is ${length(stopper.length)} long.`
          : change({ now: { at: 'glazed', mm: stopper.bottom + depth / perMm } }, 'how deep the stopper sits', key)
      }
    />
  );
}

/** Where this piece stands now, and what was measured of it there. */
function Own({ piece, fitting, change }: OwnProps) {
  const what = isLid(piece.part, fitting) ? 'lid' : 'pot';
  const planned = (at: Stage) => meetingWidth(piece.part, piece.worked.sized, fitting, at);
  return (
    <>
      <LabelledChoice
        label={`This ${what} is now`}
        value={fitting.now?.at ?? NONE}
        options={[{ value: NONE, words: 'still to be made' }, ...stageOptions('wet, just made')]}
        onChoose={(at) =>
          change(
            { now: at === NONE ? undefined : { at, mm: fitting.now?.at === at ? fitting.now.mm : (planned(at) ?? 1) } },
            `${what}: ${at === NONE ? 'still to be made' : STAGE_WORDS[at]}`,
          )
        }
      />
      {fitting.now && (
        <MeasuredWidth
          label={what === 'lid' ? 'Its width, measured' : fitting.over ? 'Its rim, measured' : 'Its mouth, measured'}
          value={fitting.now.mm}
          onValue={(mm, key) => {
            const at = fitting.now!.at;
            const now = { at, mm: mm ?? planned(at) ?? 1 };
            return change({ now }, `${what} measured, ${STAGE_WORDS[at]}`, key);
          }}
        />
      )}
    </>
  );
}

/** The lid to be made, or the pot in the hand: its stage, its width there, its clay, and whether both are fired together. */
function Other({ fitting, change }: { fitting: Fitting; change: Change }) {
  const { workspace } = useWorkspace();
  const isPot = fitting.with === 'pot';
  const what = isPot ? 'pot' : 'lid';
  const at = fitting.other?.at ?? (isPot ? 'glazed' : 'wet');
  const other = (next: Fitting['other'], label: string, key?: string) => change({ other: { ...fitting.other, ...next } }, label, key);
  return (
    <>
      {isPot && (
        <MeasuredWidth
          label="Mouth of the pot"
          value={fitting.other?.mm}
          onValue={(mm, key) => other({ mm }, 'mouth of the pot in the hand', key)}
        />
      )}
      <LabelledChoice
        label={isPot ? 'The pot is' : 'The lid is made'}
        value={at}
        options={stageOptions('wet')}
        onChoose={(stage) => other({ at: stage }, `${what}: ${STAGE_WORDS[stage]}`)}
      />
      <LabelledChoice
        label={`Clay of the ${what}`}
        value={fitting.other?.bodyId ?? NONE}
        options={[{ value: NONE, words: 'the same' }, ...workspace.bodies.map(({ id, name }) => ({ value: id, words: name }))]}
        onChoose={(id) => other({ bodyId: id || undefined }, `clay of the ${what}`)}
      />
      {at !== 'glazed' && <Firing fitting={fitting} change={change} />}
    </>
  );
}

/** Whether both are in the kiln together. */
function Firing({ fitting, change }: { fitting: Fitting; change: Change }) {
  return (
    <LabelledChoice
      label="Fired"
      value={fitting.apart ? 'apart' : 'together'}
      options={[
        { value: 'together', words: 'together' },
        { value: 'apart', words: 'in another firing' },
      ]}
      onChoose={(fired) => change({ apart: fired === 'apart' || undefined }, fired === 'apart' ? 'fired apart' : 'fired together')}
    />
  );
}

function OwnGap({ fitting, change }: { fitting: Fitting; change: Change }) {
  const gap = gapRangeOf(fitting);
  const set = (next: Partial<typeof gap>, key: string) => {
    const to = { ...gap, ...next };
    return to.min < to.max ? change({ gap: to }, 'gap of my own', key) : 'The least comes first: make it under the most.';
  };
  return (
    <>
      <OptionalLength label="Finished gap, least" value={gap.min} onValue={(min, key) => set({ min: min ?? 0 }, key)} />
      <OptionalLength label="and most" value={gap.max} onValue={(max, key) => set(max === undefined ? {} : { max }, key)} />
    </>
  );
}

/** Which share of the stopper may go in. */
function Shares({ fitting, change }: { fitting: Fitting; change: Change }) {
  const share = fitting.share ?? SEAT_SHARE;
  const set = (next: Partial<typeof share>, key: string) => {
    const to = { ...share, ...next };
    return to.min < to.max ? change({ share: to }, 'how deep the stopper may sit', key) : 'The least comes first: make it under the most.';
  };
  const percent = (value: number) => Math.round(value * 1000) / 10;
  return (
    <>
      <OptionalPercent
        label="In by at least"
        most={100}
        value={percent(share.min)}
        onValue={(min, key) => set({ min: (min ?? 0) / 100 }, key)}
      />
      <OptionalPercent
        label="and at most"
        most={100}
        value={percent(share.max)}
        onValue={(max, key) => set({ max: (max ?? 100) / 100 }, key)}
      />
    </>
  );
}
