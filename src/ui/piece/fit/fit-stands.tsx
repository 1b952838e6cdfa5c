'use client';

import { STAGES, type Stage } from '@/core/clay';
import { STAGE_WORDS } from '@/core/sizing';
import { type Fitting, type Stock, isLid, meetingWidth, stopperOf } from '@/core/workspace';
import { LabelledChoice, OptionalLength } from '@/ui/fields';
import { useUnits, useWorkspace } from '@/ui/state';
import type { PieceModel } from '../model/use-piece';
import { type Change, NONE } from './change';
import { MeasuredWidth } from './measured-width';

const stageOptions = (first: string) => STAGES.map((value) => ({ value, words: value === 'wet' ? first : STAGE_WORDS[value] }));

interface OwnProps {
  readonly piece: PieceModel;
  readonly fitting: Fitting;
  readonly change: Change;
}

/** Where this piece stands now, and what was measured of it there. */
export function Own({ piece, fitting, change }: OwnProps) {
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
export function Other({ fitting, change }: { fitting: Fitting; change: Change }) {
  const { workspace } = useWorkspace();
  const isPot = fitting.with === 'pot';
  const what = isPot ? 'pot' : 'lid';
  const at = fitting.other?.at ?? (isPot ? 'glazed' : 'wet');
  const other = (next: Fitting['other'], label: string, key?: string) => change({ other: { ...fitting.other, ...next } }, label, key);
  return (
    <>
      <MeasuredWidth
        label={isPot ? 'Mouth of the pot' : 'Once made, its width'}
        value={fitting.other?.mm}
        onValue={(mm, key) => other({ mm }, isPot ? 'mouth of the pot in the hand' : 'lid measured', key)}
      />
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
export function Firing({ fitting, change }: { fitting: Fitting; change: Change }) {
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

/** How deep a stopper sits in a fired pot says how wide its mouth is. */
export function SeatedDepth({ fitting, change, lot }: { fitting: Fitting; change: Change; lot: Stock }) {
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
