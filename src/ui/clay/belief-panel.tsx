'use client';

import { CONES, STAGES, coneAboutC, TYPICAL, plausibility, remaining, solidDensity, weigh } from '@/core/clay';
import { writePercent } from '@/core/units';
import { nextThings } from '@/core/part';
import { figureWords, restsOnWords } from '@/core/telling';
import { LabelledChoice } from '@/ui/fields';
import { StageName } from '@/ui/stage';
import { type Units, useUnits, useWorkspace } from '@/ui/state';
import { Box, HStack, chakra } from '@chakra-ui/react';
import type { ClayView } from './use-clay-view';
import { capital } from '@/ui/words';

const NONE = '';

/** The believed shrinkage, largest, for a batch and a firing; what it rests on; what is left of 100 at each stage; what to do next. */
export function BeliefPanel({ view }: { view: ClayView }) {
  const { known, batches, batchId } = view;
  const { figures, firing } = known;
  const units = useUnits();
  const batchOptions = [{ value: NONE, words: 'no batch chosen' }, ...batches.map(({ id, name }) => ({ value: id, words: name }))];
  const about = coneAboutC(firing.cone);
  return (
    <Box as="section" aria-label="Estimated shrinkage" marginTop="3">
      <HStack gap="4" flexWrap="wrap" alignItems="end">
        <Box
          fontFamily="figure"
          fontWeight="680"
          fontSize="min(4rem, 20vw)"
          lineHeight="1"
          fontVariantNumeric="tabular-nums"
          data-testid="shrinkage"
        >
          {writePercent(figures.shrinkage.width * 100)}
        </Box>
        <HStack gap="3">
          <LabelledChoice
            label="Batch"
            value={batchId ?? NONE}
            options={batchOptions}
            onChoose={(id) => view.chooseBatch(id || undefined)}
          />
          <LabelledChoice
            label="Fired to"
            value={firing.cone ?? NONE}
            options={[{ value: NONE, words: 'as usual' }, ...CONES.map((cone) => ({ value: cone, words: `cone ${cone}` }))]}
            onChoose={(cone) => view.chooseCone(cone || undefined)}
          />
          {about !== undefined && (
            <Box fontSize="sm" color="fg.muted" alignSelf="end" paddingBottom="2">
              about {about} °C
            </Box>
          )}
        </HStack>
      </HStack>
      <Box marginTop="2" maxWidth="720px" data-testid="belief">
        <chakra.b>{capital(figureWords(figures.belief))}.</chakra.b> {restsOnWords(known)}
        {figures.heightBelief !== figures.belief && ` In height ${writePercent(figures.shrinkage.height * 100)}, measured separately.`}{' '}
        <chakra.span color="fg.muted">{toldAs(figures.shrinkage.width, units)}</chakra.span>
      </Box>
      <Left view={view} />
      <Softness view={view} />
      <Matter view={view} />
      <Next view={view} />
    </Box>
  );
}

/** What a clay loses as workshops speak of it: so much of a hundred, of an inch or a foot, and the factor to work back with. */
function toldAs(shrinkage: number, { length, choice }: Units): string {
  const wholes = choice.length === 'mm' || choice.length === 'cm' ? [100] : [25.4, 304.8];
  const of = wholes.map((mm) => `${length(mm * shrinkage)} of every ${length(mm)}`).join(', ');
  return `That is ${of} wet. From finished to wet: × ${(1 / (1 - shrinkage)).toFixed(3)}.`;
}

function Left({ view }: { view: ClayView }) {
  const { shrinkage, sources } = view.known.figures;
  return (
    <HStack gap="5" marginTop="3" flexWrap="wrap" alignItems="start">
      {STAGES.map((stage) => (
        <Box key={stage}>
          <Box fontSize="sm">
            <StageName stage={stage} />
          </Box>
          <Box fontFamily="figure" fontVariantNumeric="tabular-nums" color={stage} fontSize="1.375rem">
            {(remaining(shrinkage, stage, 'width') * 100).toFixed(1)}
          </Box>
          <Box fontSize="0.75rem" color="fg.muted">
            {stage === 'wet' ? 'of 100' : stage === 'glazed' ? '' : sources.shares[stage] === 'bars' ? 'measured' : sources.shares[stage]}
          </Box>
        </Box>
      ))}
    </HStack>
  );
}

/** Points out bars that were stiffer than the batch is worked: they under-read. */
function Softness({ view }: { view: ClayView }) {
  const softness = view.batches.find(({ id }) => id === view.batchId)?.softness;
  const order = { soft: 0, medium: 1, firm: 2 };
  if (!softness) return null;
  const stiffer = view.known.evidence.sorted.filter(
    ({ sample, unused, sameBatch }) => !unused && sameBatch && sample.softness && order[sample.softness] > order[softness],
  );
  if (stiffer.length === 0) return null;
  return (
    <Box marginTop="2" color="warn">
      {stiffer.map(({ sample }) => sample.name).join(', ')}: stiffer than the clay you use from this batch ({softness}), so shrinkage reads
      slightly low.
    </Box>
  );
}

/** Water, loss and absorption from weighing, with what absorption does and does not say; and whether all can be true. */
function Matter({ view }: { view: ClayView }) {
  const { workspace } = useWorkspace();
  const { matter, sources, shrinkage } = view.known.figures;
  const bars = workspace.bars.filter(({ bodyId }) => bodyId === view.body.id);
  const { absorption } = weigh(bars);
  const [k, kh] = [1 - shrinkage.width, 1 - shrinkage.height];
  const density = solidDensity(matter, k, kh, absorption ?? TYPICAL[view.body.kind].absorption);
  const found = plausibility(density);
  const word = (source: string) => (source === 'bars' ? 'weighed' : source);
  const beads = bars.filter(({ bead }) => bead !== undefined);
  return (
    <Box marginTop="3" fontSize="sm" color="fg.muted" maxWidth="720px">
      Water {writePercent(matter.water * 100)} ({word(sources.water)}), loss on firing {writePercent(matter.loss * 100)} (
      {word(sources.loss)})
      {absorption !== undefined && (
        <>
          , absorption <b>{writePercent(absorption * 100)}</b> by boiling. The lower it is, the less an unglazed pot seeps. Fill a pot and
          leave it standing to be sure. It says nothing about crazing, leaching or food safety
        </>
      )}
      .
      {beads.length > 0 &&
        ` A drop on the bare clay: ${beads.map(({ name, bead }) => `${name} ${bead}`).join(', ')}. This tells you less than boiling.`}
      {found !== 'true' && (
        <Box role="note" color="warn" marginTop="1">
          These figures do not agree. The fired clay itself would weigh {density > 0 ? `${density.toFixed(2)} g/ml` : 'more than any stone'}
          , too {found === 'too heavy' ? 'much' : 'little'}. Clays are between 2.0 and 2.75. Check {doubted(sources, absorption)}.
        </Box>
      )}
    </Box>
  );
}

function doubted(sources: ClayView['known']['figures']['sources'], absorption: number | undefined): string {
  const all = [
    ['water', sources.water],
    ['loss', sources.loss],
    ['shrinkage', sources.shrinkage],
  ].map(([what, source]) => `${what} (${source === 'bars' ? 'measured' : source})`);
  return [...all, `absorption (${absorption === undefined ? 'typical' : 'measured'})`].join(', ');
}

function Next({ view }: { view: ClayView }) {
  const { workspace } = useWorkspace();
  const things = nextThings(workspace, view.body.id);
  if (things.length === 0) return null;
  return (
    <Box as="section" aria-label="Next thing to do" marginTop="3" paddingInlineStart="3" borderInlineStart="3px solid" borderColor="act">
      <chakra.h2 fontWeight="650">Next</chakra.h2>
      {things.map((thing) => (
        <Box key={thing}>{thing}</Box>
      ))}
    </Box>
  );
}
