'use client';

import { clayOf } from '@/core/part';
import { formOf } from '@/core/form';
import { type Former, formed } from '@/core/handbuild';
import { clayUsedLast, lotOf, type Stock } from '@/core/records';
import { NOTHING_LOST, size } from '@/core/sizing';
import { type Written, handMass, writeLength, writeMass, writeVolume } from '@/core/units';
import { AnswerSheet, counted } from '@/ui/frame';
import { useUnits, useWorkspace } from '@/ui/state';
import type { KitRoom, KitThing } from './kit-things';

/** What is said where there is nothing of a kind yet. */
const NONE: Readonly<Record<KitRoom, string>> = {
  formers: 'formers. Start with a bowl from your cupboard',
  bought: 'lids and stoppers. Measure what you bought',
  cutters: 'cutters. Lids and discs are matched to yours',
  wheel: 'bats, chucks and dies',
  rolling: 'battens to roll between',
};

/** What the thing that is open makes or measures. */
export function KitAnswer({ room, thing }: { room: KitRoom; thing: KitThing | undefined }) {
  if (!thing) return <AnswerSheet name="kit" asks={NONE[room]} big={counted(0)} />;
  if (thing.former) return <FormerAnswer former={thing.former} name={thing.name} />;
  if (thing.lot) return <LotAnswer lot={thing.lot} />;
  return <ThingAnswer thing={thing} />;
}

/** A slab so thick is pressed in or laid over where none is chosen, wet mm. */
const SLAB = 7;

/** What a bowl pressed in it finishes at, in the clay used last. */
function FormerAnswer({ former, name }: { former: Former; name: string }) {
  const { workspace } = useWorkspace();
  const { choice, length } = useUnits();
  const bodyId = clayUsedLast(workspace);
  const { body, figures } = clayOf(workspace, { bodyId });
  const { knots, sizes } = formed(former, former.points.at(-1)!.height, SLAB);
  const made = size(figures, formOf({ family: 'profile', manner: {}, knots }, 'wet', sizes), 'wet', NOTHING_LOST);
  const { glazed, wet } = made.stages;
  const how = former.measured === 'inside' ? 'pressed in' : 'laid over';
  return (
    <AnswerSheet
      stage="glazed"
      name="kit"
      asks={`A bowl ${how} ${name} finishes across`}
      big={writeLength(glazed.sizes.rimDiameter, choice)}
      figures={[
        { words: 'wet, across', written: writeLength(wet.sizes.rimDiameter, choice), stage: 'wet' },
        { words: 'height', written: writeLength(glazed.sizes.height, choice) },
        { words: 'holds', written: writeVolume(made.capacityMl, choice) },
        { words: 'weighs, wet', written: writeMass(handMass(made.masses.trimmed, choice), choice), stage: 'wet' },
      ]}
    >
      <div className="answer-sure">
        With a slab {length(SLAB)} thick to the top of the former, in {body?.name ?? 'typical stoneware'}.
      </div>
      <p className="answer-caution">
        <b>Caution:</b> a former from the kitchen does not return to food.
      </p>
    </AnswerSheet>
  );
}

function LotAnswer({ lot }: { lot: Stock }) {
  const { choice, apart } = useUnits();
  const { mean, spreadSd } = lotOf(lot);
  const gasket = lot.kind === 'gasket';
  const [least, most] = [Math.min(...lot.widths), Math.max(...lot.widths)];
  return (
    <AnswerSheet
      name="kit"
      asks={gasket ? `${lot.name} fit mouths from` : `${lot.name}, on average`}
      big={writeLength(gasket ? least : mean, choice)}
      figures={
        gasket
          ? [{ words: 'up to', written: writeLength(most, choice) }]
          : [
              { words: 'measured', written: counted(lot.widths.length) },
              { words: 'smallest', written: writeLength(least, choice) },
              { words: 'largest', written: writeLength(most, choice) },
            ]
      }
    >
      {!gasket && (
        <div className="answer-sure">
          {spreadSd === undefined
            ? 'One is measured. Measure five to know how much they differ.'
            : `One differs from another by about ± ${apart(spreadSd)}. The odds of a fit count that.`}{' '}
          {lot.kind === 'stopper' &&
            (lot.bottom === undefined || lot.length === undefined) &&
            'Measure its width at the bottom and its length too.'}
        </div>
      )}
    </AnswerSheet>
  );
}

/** What the figure of a thing is. */
function asked({ room, name }: KitThing): string {
  if (room === 'rolling') return 'rolls a slab of, wet';
  return room === 'cutters' ? `${name} cuts, wet` : `${name}, across`;
}

function ThingAnswer({ thing }: { thing: KitThing }) {
  const { room, mm } = thing;
  const { workspace } = useWorkspace();
  const { choice, length } = useUnits();
  const { body, figures } = clayOf(workspace, { bodyId: clayUsedLast(workspace) });
  const widest = Math.max(...mm);
  const cuts = room !== 'wheel';
  const more: { words: string; written: Written }[] =
    mm.length > 1 ? [{ words: 'the other way', written: writeLength(Math.min(...mm), choice) }] : [];
  return (
    <AnswerSheet
      stage={cuts ? 'wet' : undefined}
      name="kit"
      asks={asked(thing)}
      big={writeLength(widest, choice)}
      finishes={cuts ? length(widest * (1 - figures.shrinkage.width)) : undefined}
      figures={more}
    >
      {cuts && <div className="answer-sure">Finished in {body?.name ?? 'typical stoneware'}.</div>}
    </AnswerSheet>
  );
}
