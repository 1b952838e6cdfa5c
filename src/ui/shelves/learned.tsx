'use client';

import { honestOdds } from '@/core/learn';
import { chanceWords } from '@/core/fit';
import { saidAndHappened } from '@/core/lessons';
import { type LearnedLesson, hasChanged, lessonsOf } from '@/core/telling';
import { writeLength } from '@/core/units';
import { useUnits, useWorkspace } from '@/ui/state';
import { Box, Grid, chakra } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { Doubted } from './doubted';
import { LearnedAnswer } from './learned-answer';
import { BallChart, ByEyeChart, DriftChart, HonestChart, OffChart, ShrinkageChart } from './learned-charts';
import { LessonRow } from './lesson-row';

/** What the pieces made have taught, each with what it was and what it is now. */
function useLessons(): readonly LearnedLesson[] {
  const { workspace } = useWorkspace();
  const { length, choice } = useUnits();
  return useMemo(() => lessonsOf(workspace, { length, written: (mm) => writeLength(mm, choice) }), [workspace, length, choice]);
}

/** The picture of a lesson: the pieces it is from, each as a point. */
function LessonPicture({ lesson }: { lesson: LearnedLesson | undefined }) {
  if (lesson?.clay) return <ShrinkageChart title={lesson.title} clay={lesson.clay} rows={lesson.from.map(({ row }) => row)} />;
  if (lesson?.kind === 'ball') return <BallChart />;
  return <OffChart key={lesson?.hand?.direction} first={lesson?.hand?.direction === 'height' ? 'height' : 'rimDiameter'} />;
}

/** Everything the pieces taught: what changed, what it moves, and the pieces it came from. */
export function Learned() {
  const lessons = useLessons();
  const [chosen, choose] = useState<string>();
  const changed = lessons.filter(hasChanged);
  const same = lessons.filter((lesson) => !hasChanged(lesson));
  const open = lessons.find(({ title }) => title === chosen) ?? changed[0] ?? lessons[0];
  const row = (lesson: LearnedLesson) => (
    <LessonRow key={lesson.title} lesson={lesson} open={lesson === open} onOpen={() => choose(lesson.title)} />
  );
  return (
    <Box>
      <LearnedAnswer lesson={open} />
      <Box css={{ '& figure > svg': { maxHeight: 'max(40vh, 300px)' } }}>
        <LessonPicture lesson={open} />
      </Box>
      <chakra.h2 fontWeight="650" marginTop="4" marginBottom="1">
        {changed.length === 0
          ? 'No typical figure has been replaced yet'
          : `${changed.length === 1 ? 'One figure' : `${changed.length} figures`} of yours ${changed.length === 1 ? 'replaces' : 'replace'} what was used before`}
      </chakra.h2>
      {changed.map(row)}
      {same.length > 0 && (
        <chakra.details borderTopWidth="1px" borderColor="line">
          <chakra.summary cursor="pointer" minHeight="44px" paddingBlock="2.5" color="fg.muted">
            {same.length} did not change: {same.map(({ title, was }) => `${title} ${was}`).join('; ')}
          </chakra.summary>
          {same.map(row)}
        </chakra.details>
      )}
      <Doubted />
      <Predictions without={open?.kind} />
    </Box>
  );
}

/** How well what was said came true, and what the pictures above do not show. */
function Predictions({ without }: { without: LearnedLesson['kind'] | undefined }) {
  const { workspace } = useWorkspace();
  const said = saidAndHappened(workspace);
  // a hand leans in heights and in widths apart, and one sum hides it
  const honest = (['height', 'width'] as const).map((way) => ({
    of: `${way}s`,
    honest: honestOdds(said.filter(({ direction }) => direction === way)),
  }));
  return (
    <>
      <Grid templateColumns={{ base: 'minmax(0, 1fr)', lg: 'repeat(2, minmax(0, 1fr))' }} gap="6" marginTop="6">
        {(without === 'shrinkage' || without === 'ball') && <OffChart first="rimDiameter" />}
        {without !== 'shrinkage' && <DriftChart />}
        {without !== 'ball' && <BallChart />}
        {honest.map((each) => (
          <HonestChart key={each.of} {...each} />
        ))}
        <ByEyeChart />
      </Grid>
      {said.length > 0 && (
        <chakra.details fontSize="sm" marginTop="2">
          <chakra.summary cursor="pointer" minHeight="max(var(--finger), 28px)">
            Accuracy as one figure
          </chakra.summary>
          Brier score{' '}
          {honest
            .filter(({ honest: { count } }) => count > 0)
            .map(({ of, honest: { brier, count } }) => `${brier.toFixed(3)} over ${count} predictions of ${of}`)
            .join(', ')}
          . 0 is perfect. {(0.09).toFixed(2)} is normal for odds of {chanceWords(0.9)}.
        </chakra.details>
      )}
    </>
  );
}
