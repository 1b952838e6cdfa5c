'use client';

import { remaining } from '@/core/clay';
import { nextThings } from '@/core/part';
import { figureWords, heightRestsOn, restsOnWords } from '@/core/telling';
import { writePercent } from '@/core/units';
import { AnswerSheet } from '@/ui/frame';
import { type Units, useUnits, useWorkspace } from '@/ui/state';
import { capital } from '@/ui/words';
import { Box, chakra } from '@chakra-ui/react';
import { BarSheetButton } from './bar-sheet-button';
import type { ClayView } from './use-clay-view';

const percent = (share: number) => ({ whole: writePercent(share * 100).replace('%', ''), unit: '%' });

/** The estimated shrinkage for a batch and a firing, what that rests on, and what to measure next. */
export function BeliefAnswer({ view }: { view: ClayView }) {
  const { known } = view;
  const { figures } = known;
  const { width, height } = figures.shrinkage;
  const units = useUnits();
  const heights = heightRestsOn(known);
  return (
    <AnswerSheet
      name="shrinkage"
      asks="shrinks, wet to finished"
      big={percent(width)}
      figures={[
        {
          words: '100 wet finishes at',
          written: { whole: (100 * remaining(figures.shrinkage, 'glazed', 'width')).toFixed(1), unit: '' },
          stage: 'glazed',
        },
        { words: 'finished to wet', written: { whole: `× ${(1 / (1 - width)).toFixed(3)}`, unit: '' } },
        ...(heights ? [{ words: `in height, ${heights}`, written: percent(height) }] : []),
      ]}
    >
      <div className="answer-sure" data-testid="belief">
        <b>{capital(figureWords(figures.belief))}.</b> {restsOnWords(known)} <span className="muted">{toldAs(width, units)}</span>
      </div>
      <Softness view={view} />
      <Next view={view} />
      <div className="answer-acts">
        <BarSheetButton view={view} />
      </div>
    </AnswerSheet>
  );
}

/** What a clay loses as workshops speak of it: so much of a hundred, of an inch or a foot. */
function toldAs(shrinkage: number, { length, choice }: Units): string {
  const wholes = choice.length === 'mm' || choice.length === 'cm' ? [100] : [25.4, 304.8];
  return `That is ${wholes.map((mm) => `${length(mm * shrinkage)} of every ${length(mm)}`).join(', ')} wet.`;
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
    <Box className="answer-caution">
      {stiffer.map(({ sample }) => sample.name).join(', ')}: stiffer than the clay you use from this batch ({softness}), so shrinkage reads
      slightly low.
    </Box>
  );
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
