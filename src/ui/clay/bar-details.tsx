'use client';

import { type Firing, STAGES, type Sample, type Stage, readCone } from '@/core/clay';
import { STAGE_WORDS } from '@/core/sizing';
import { type Result, bad, good, quote, readLength, readQuantity } from '@/core/units';
import type { BarRecord } from '@/core/records';
import { commands } from '@/store';
import { Act, LabelledChoice, OptionalInput, TextInput } from '@/ui/fields';
import { run, useUnits, workspaceStore } from '@/ui/state';
import { Box, Grid } from '@chakra-ui/react';
import { parseDate } from '@internationalized/date';
import { type CaliperUnit, writeReading } from '@/ui/fields';
import type { ClayView } from './use-clay-view';

const UNSAID = '';

type Few<T extends string> = readonly (T | typeof UNSAID)[];

const SOFTNESS: Few<NonNullable<Sample['softness']>> = [UNSAID, 'soft', 'medium', 'firm'];
const ATMOSPHERES: Few<NonNullable<Firing['atmosphere']>> = [UNSAID, 'oxidation', 'neutral', 'reduction'];
const BEADS: Few<NonNullable<BarRecord['bead']>> = [UNSAID, 'soaked in', 'stood some minutes', 'still stood'];

const options = <T extends string>(few: readonly T[]) => few.map((value) => ({ value, words: value || 'not recorded' }));

/** Weights of bars are in grams whatever was chosen. */
const useGrams = () => {
  const { readMass } = useUnits();
  return (text: string): Result<number> => readQuantity('mass', text, { ...readMass, unit: 'g' });
};

function wholeNumber(least: number, most: number, example: string) {
  return (text: string): Result<number> => {
    const value = Number(text);
    return Number.isFinite(value) && value >= least && value <= most
      ? good(value)
      : bad('', `${quote(text)} is not between ${least} and ${most}. Enter a figure such as ${example}.`);
  };
}

function readDate(text: string): Result<string> {
  try {
    return good(parseDate(text.trim()).toString());
  } catch {
    return bad('', `${quote(text)} is not a date. Enter year, month and day, such as 2026-08-17.`);
  }
}

type Edit = (change: Partial<BarRecord>, what: string, key?: string) => undefined;

interface GroupProps {
  readonly bar: BarRecord;
  readonly edit: Edit;
}

/** How it was marked and measured, and of what. */
function Marking({ bar, edit, view, unit }: GroupProps & { view: ClayView; unit: CaliperUnit }) {
  return (
    <>
      <LabelledChoice
        label="Batch"
        value={bar.batchId ?? UNSAID}
        options={[{ value: UNSAID, words: 'not recorded' }, ...view.batches.map(({ id, name }) => ({ value: id, words: name }))]}
        onChoose={(batchId) => edit({ batchId: batchId || undefined }, 'batch')}
      />
      <LabelledChoice
        label="Measured with"
        value={bar.tool}
        options={options(['caliper', 'ruler'] as const)}
        onChoose={(tool) => edit({ tool }, 'tool')}
      />
      <LabelledChoice
        label="Direction"
        value={bar.direction}
        options={options(['along', 'across', 'height'] as const)}
        onChoose={(direction) => edit({ direction }, 'direction')}
      />
      <OptionalInput
        label={`Thickness, ${unit}`}
        value={bar.thicknessMm}
        write={(mm) => writeReading(mm, unit)}
        read={(typed) => readLength(typed, { unit })}
        onValue={(thicknessMm, key) => edit({ thicknessMm }, 'thickness', key)}
      />
      <LabelledChoice
        label="Softness when cut"
        value={bar.softness ?? UNSAID}
        options={options(SOFTNESS)}
        onChoose={(softness) => edit({ softness: softness || undefined }, 'softness')}
      />
      <LabelledChoice
        label="Warped"
        value={bar.warped ? 'warped' : 'flat'}
        options={options(['flat', 'warped'] as const)}
        onChoose={(value) => edit({ warped: value === 'warped' || undefined }, 'warping')}
      />
    </>
  );
}

/** What it was fired to. */
function Fired({ bar, edit }: GroupProps) {
  const fire = (change: Partial<Firing>, what: string, key?: string) => edit({ firing: { ...bar.firing, ...change } }, what, key);
  return (
    <>
      <OptionalInput
        label="Cone"
        value={bar.firing.cone}
        write={String}
        read={readCone}
        onValue={(cone, key) => fire({ cone }, 'cone', key)}
      />
      <OptionalInput
        label="Temperature, °C"
        value={bar.firing.temperatureC}
        write={String}
        read={wholeNumber(300, 1500, '1220')}
        onValue={(temperatureC, key) => fire({ temperatureC }, 'temperature', key)}
      />
      <OptionalInput
        label="Hold, minutes"
        value={bar.firing.holdMinutes}
        write={String}
        read={wholeNumber(0, 6000, '15')}
        onValue={(holdMinutes, key) => fire({ holdMinutes }, 'hold', key)}
      />
      <LabelledChoice
        label="Atmosphere"
        value={bar.firing.atmosphere ?? UNSAID}
        options={options(ATMOSPHERES)}
        onChoose={(atmosphere) => fire({ atmosphere: atmosphere || undefined }, 'atmosphere')}
      />
    </>
  );
}

/** What it weighed, dried, fired and boiled, and what a drop of water did on it. */
function Weighing({ bar, edit }: GroupProps) {
  const grams = useGrams();
  return (
    <>
      {STAGES.map((stage) => (
        <OptionalInput
          key={stage}
          label={`Weight ${STAGE_WORDS[stage]}, g`}
          value={bar.weights[stage]}
          write={String}
          read={grams}
          onValue={(g, key) => edit({ weights: withStage(bar.weights, stage, g) }, `weight ${STAGE_WORDS[stage]}`, key)}
        />
      ))}
      <OptionalInput
        label="Weight boiled, g"
        value={bar.boiled}
        write={String}
        read={grams}
        onValue={(boiled, key) => edit({ boiled }, 'boiled weight', key)}
      />
      <LabelledChoice
        label="A drop of water"
        value={bar.bead ?? UNSAID}
        options={options(BEADS)}
        onChoose={(bead) => edit({ bead: bead || undefined }, 'drop')}
      />
    </>
  );
}

/** When each length was measured. */
function Dates({ bar, edit }: GroupProps) {
  return STAGES.filter((stage) => bar.lengths[stage]).map((stage) => (
    <OptionalInput
      key={stage}
      label={`Measured ${STAGE_WORDS[stage]} on`}
      value={bar.dates[stage]}
      write={String}
      read={readDate}
      keys="text"
      onValue={(date, key) => edit({ dates: withStage(bar.dates, stage, date) }, 'date', key)}
    />
  ));
}

/** Everything else about a bar: its firing, weights, boiling, dates; all of it may stay unsaid. */
export function BarDetails({ bar, view, unit }: { bar: BarRecord; view: ClayView; unit: CaliperUnit }) {
  const edit: Edit = (change, what, key) => {
    run(commands.editBar(bar.id, (row) => ({ ...row, ...change }), `${what} of ${bar.name}`, key));
    return undefined;
  };
  return (
    <Box background="bg.panel" padding="3" borderRadius="4px" marginBottom="2">
      <Grid templateColumns={{ base: '1fr 1fr', md: 'repeat(5, 1fr)' }} gap="3">
        <Marking bar={bar} edit={edit} view={view} unit={unit} />
        <Fired bar={bar} edit={edit} />
        <Weighing bar={bar} edit={edit} />
        <Dates bar={bar} edit={edit} />
      </Grid>
      <Box marginTop="3">
        <TextInput label="Note" shown={bar.note} take={(note, key) => edit({ note }, 'note', key)} />
      </Box>
      <Box fontSize="sm" color="fg.muted" marginBlock="2">
        Weigh the fired bar dry. Boil it two hours under water, leave it in the water until that is cool, wipe it with a damp cloth, weigh
        it at once. Boiling scalds: lower and lift the bar with tongs, and let the pan cool before you pour. A drop that stays is weak
        evidence: some open clays hold a drop, and glaze dust can keep one up.
      </Box>
      <Act look="danger" onClick={() => workspaceStore().runAndTell(commands.deleteBar(bar))}>
        Delete {bar.name}
      </Act>
    </Box>
  );
}

function withStage<T>(all: Partial<Readonly<Record<Stage, T>>>, stage: Stage, value: T | undefined): Partial<Record<Stage, T>> {
  const { [stage]: _, ...rest } = all;
  return value === undefined ? (rest as Partial<Record<Stage, T>>) : ({ ...rest, [stage]: value } as Partial<Record<Stage, T>>);
}
