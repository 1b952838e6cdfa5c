'use client';

import { STAGES, type Stage } from '@/core/clay';
import { STAGE_WORDS } from '@/core/sizing';
import { meetsBy } from '@/core/fitting';
import { type Fitting, isLid, type Stock, stopperOf } from '@/core/records';
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
  /** A lid hangs into its mouth, which may taper. */
  readonly tapers: boolean;
}

/** Where this piece stands now, and what was measured of it there. */
export function Own({ piece, fitting, change, tapers }: OwnProps) {
  const what = isLid(piece.part, fitting) ? 'lid' : 'pot';
  const { workspace } = useWorkspace();
  const meets = meetsBy(workspace, piece.part, fitting);
  const planned = (at: Stage) => piece.worked.sized.stages[at].sizes[meets];
  return (
    <>
      <LabelledChoice
        label={`Stage of this ${what}`}
        value={fitting.now?.at ?? NONE}
        options={[{ value: NONE, words: 'not made yet' }, ...stageOptions('wet, just made')]}
        onChoose={(at) =>
          change(
            { now: at === NONE ? undefined : { at, mm: fitting.now?.at === at ? fitting.now.mm : (planned(at) ?? 1) } },
            `${what}: ${at === NONE ? 'not made yet' : STAGE_WORDS[at]}`,
          )
        }
      />
      {fitting.now && (
        <MeasuredWidth
          label={
            meets === 'height'
              ? 'Its height, measured'
              : what === 'lid'
                ? 'Its width, measured'
                : fitting.over
                  ? 'Its rim, measured'
                  : 'Mouth, measured'
          }
          value={fitting.now.mm}
          onValue={(mm, key) => {
            const now = { ...fitting.now!, mm: mm ?? planned(fitting.now!.at) ?? 1 };
            const { at } = now;
            return change({ now }, `${what} measured, ${STAGE_WORDS[at]}`, key);
          }}
        />
      )}
      {fitting.now && tapers && (
        <Below
          value={fitting.now.below}
          under={fitting.now.mm}
          onValue={(below, key) => change({ now: { ...fitting.now!, below } }, 'mouth measured below', key)}
        />
      )}
    </>
  );
}

/** The second gauge width of a mouth that tapers: where the lid ends in it. */
function Below({
  under,
  ...rest
}: {
  value: number | undefined;
  under: number;
  onValue: (mm: number | undefined, key: string) => string | undefined;
}) {
  const { length } = useUnits();
  return (
    <OptionalLength
      {...rest}
      label="Mouth at the bottom of the lid"
      onValue={(mm, key) =>
        mm !== undefined && mm > under
          ? `The rim is ${length(under)}. Enter this only if the mouth narrows below the rim.`
          : rest.onValue(mm, key)
      }
    />
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
        label={isPot ? 'Mouth of the pot, inside' : 'Lid width, if already made'}
        value={fitting.other?.mm}
        spread={fitting.other?.spread}
        many={isPot ? 'pots' : 'lids'}
        onValue={(mm, key, spread) => other({ mm, spread }, isPot ? 'mouth of the pot in the hand' : 'lid measured', key)}
      />
      {isPot && fitting.other?.mm !== undefined && (
        <Below
          value={fitting.other.below}
          under={fitting.other.mm}
          onValue={(below, key) => other({ below }, 'mouth of the pot, below', key)}
        />
      )}
      <LabelledChoice
        label={isPot ? 'Stage of the pot' : 'Lid made at'}
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
      label="or stopper depth"
      value={Math.max(0, (fitting.now.mm - stopper.bottom) * perMm)}
      onValue={(depth = 0, key) =>
        depth > stopper.length
          ? `The stopper is ${length(stopper.length)} long.`
          : change({ now: { at: 'glazed', mm: stopper.bottom + depth / perMm } }, 'how deep the stopper sits', key)
      }
    />
  );
}
