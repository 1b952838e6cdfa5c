'use client';

import { type GapRange, NARROW_COSTS, SEAT_SHARE } from '@/core/fit';
import { learnedOval } from '@/core/lessons';
import { asksGap, DRYING, type Drying, type Fitting, gapRangeOf, isLid, SHELF_GAP, USUAL_DEPTH, USUAL_OVERHANG } from '@/core/records';
import { LabelledChoice, OptionalLength, OptionalNumber, OptionalPercent, optionsOf } from '@/ui/fields';
import { useUnits, useWorkspace } from '@/ui/state';
import { Box, HStack, chakra } from '@chakra-ui/react';
import type { PieceModel } from '../model/use-piece';
import { type Change, changerOf, useLots } from './change';
import { Firing, Other, Own, SeatedDepth } from './fit-stands';
import { AIM_WORDS, DRYING_WORDS, TOOL_WORDS } from './fit-words';

/** What the fit hangs on, each with its usual value. */
export function FitChoices({ piece, fitting }: { piece: PieceModel; fitting: Fitting }) {
  const change = changerOf(piece);
  const { lot } = useLots(fitting);
  const gap = asksGap(fitting, lot);
  const hangs = gap && !fitting.over && piece.part.manner.mouth !== 'gallery' && !isLid(piece.part, fitting);
  return (
    <Box marginTop="3">
      <HStack gap="4" rowGap="2" flexWrap="wrap" alignItems="flex-start">
        <Own piece={piece} fitting={fitting} change={change} tapers={hangs} />
        {fitting.with === 'part' && <Firing fitting={fitting} change={change} />}
        {(fitting.with === 'lid' || fitting.with === 'pot') && <Other fitting={fitting} change={change} />}
        {hangs && (
          <OptionalLength
            label="Lid depth inside the mouth"
            value={fitting.depth ?? USUAL_DEPTH}
            onValue={(depth, key) => change({ depth }, 'how far the lid hangs in', key)}
          />
        )}
        {gap && fitting.fit === 'own' && <OwnGap label="Smallest finished gap" gap={gapRangeOf(fitting)} change={change} />}
        {lot?.kind === 'shelf' && <OwnGap label="Smallest space above it" gap={fitting.gap ?? SHELF_GAP} change={change} />}
        {gap && fitting.fit === 'cover' && (
          <OptionalLength
            label="Overhang, finished"
            value={fitting.overhang ?? USUAL_OVERHANG}
            onValue={(overhang, key) => change({ overhang }, 'overhang of the cover', key)}
          />
        )}
        {lot?.kind === 'stopper' && (
          <>
            <SeatedDepth fitting={fitting} change={change} lot={lot} />
            <Shares fitting={fitting} change={change} />
          </>
        )}
      </HStack>
      <ByWhom piece={piece} fitting={fitting} change={change} />
    </Box>
  );
}

/** With what it is made to size, how it is dried and fired, and whether glaze touches: told in a line, chosen behind it. */
function ByWhom({ piece, fitting, change }: { piece: PieceModel; fitting: Fitting; change: Change }) {
  const { workspace } = useWorkspace();
  const { length } = useUnits();
  const { tool = 'gauge', dried = 'apart', glaze, narrow } = fitting;
  const { family, firing } = piece.part;
  const ownWarp = (way: Drying) => learnedOval(workspace, family, { dried: way, cone: firing?.cone });
  const own = ownWarp(dried);
  const oval = Object.fromEntries(
    (Object.keys(DRYING) as Drying[]).map((way) => [
      way,
      `${DRYING_WORDS[way]}, oval by about ${length(DRYING[way] * (ownWarp(way)?.times ?? 1))}`,
    ]),
  ) as Record<Drying, string>;
  return (
    <chakra.details marginTop="1" fontSize="sm">
      <chakra.summary cursor="pointer" minHeight="max(var(--finger), 28px)" color="fg.muted">
        made {TOOL_WORDS[tool]}, dried and fired {DRYING_WORDS[dried]},{' '}
        {glaze ? `glaze ${length(glaze)} where they touch` : 'no glaze where they touch'}
        {own && `, warping from ${own.count} of your own pieces${own.alike === 'form' ? '' : `, alike in ${own.alike}`}`}
      </chakra.summary>
      <HStack gap="4" rowGap="2" flexWrap="wrap" alignItems="flex-end">
        <LabelledChoice
          label="Sizes checked"
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
        {narrow && (
          <OptionalNumber
            label="Cost of one too loose (one too tight = 1)"
            min={1}
            max={100}
            example="4"
            value={fitting.cost ?? NARROW_COSTS.loose}
            onValue={(cost, key) => change({ cost }, 'what a loose one costs', key)}
          />
        )}
        <OptionalLength
          label="Glaze thickness where they touch"
          value={glaze}
          onValue={(mm, key) => ((mm ?? 0) > 5 ? `Glaze is at most ${length(5)} thick.` : change({ glaze: mm }, 'glaze on the seat', key))}
        />
      </HStack>
    </chakra.details>
  );
}

function OwnGap({ label, gap, change }: { label: string; gap: GapRange; change: Change }) {
  const set = (next: Partial<typeof gap>, key: string) => {
    const to = { ...gap, ...next };
    return to.min < to.max ? change({ gap: to }, 'gap of my own', key) : 'The first figure must be smaller than the second.';
  };
  return (
    <>
      <OptionalLength label={label} value={gap.min} onValue={(min, key) => set({ min: min ?? 0 }, key)} />
      <OptionalLength label="Largest" value={gap.max} onValue={(max, key) => set(max === undefined ? {} : { max }, key)} />
    </>
  );
}

/** Which share of the stopper may go in. */
function Shares({ fitting, change }: { fitting: Fitting; change: Change }) {
  const share = fitting.share ?? SEAT_SHARE;
  const set = (next: Partial<typeof share>, key: string) => {
    const to = { ...share, ...next };
    return to.min < to.max
      ? change({ share: to }, 'how deep the stopper may sit', key)
      : 'The first figure must be smaller than the second.';
  };
  const percent = (value: number) => Math.round(value * 1000) / 10;
  return (
    <>
      <OptionalPercent
        label="Stopper goes in at least"
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
