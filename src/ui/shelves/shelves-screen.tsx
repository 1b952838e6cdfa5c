'use client';

import { PhoneFold, lazyPart } from '@/ui/blocks';
import { SearchInput, Choice } from '@/ui/fields';
import type { Workspace } from '@/core/records';
import { AnswerSheet, Place, type RailMark, counted } from '@/ui/frame';
import { useWorkspace } from '@/ui/state';
import { Box, HStack } from '@chakra-ui/react';
import { useRouter, useSearchParams } from 'next/navigation';
import { useMemo, useState } from 'react';
import { Board } from './board';
import { Begin } from './begin';
import { isUnmeasured, MadeSoFar } from './made-so-far';
import { ALL, type Filter, useFiltered } from './use-shelves';

const Log = lazyPart(() => import('./log').then((part) => part.Log));
const Measure = lazyPart(() => import('./measure').then((part) => part.Measure));
const SortSets = lazyPart(() => import('./sort-sets').then((part) => part.SortSets));
const Learned = lazyPart(() => import('./learned').then((part) => part.Learned));

const VIEWS = {
  board: 'By stage',
  measure: 'Measure',
  log: 'Log',
  sets: 'Sets',
  learned: 'Your figures',
} as const;

type View = keyof typeof VIEWS;

/** Everything that was made: where it stands, what was measured of it, and what it taught. */
export function ShelvesScreen() {
  const { status, workspace } = useWorkspace();
  const [filter, setFilter] = useState<Filter>(ALL);
  const asked = useSearchParams().get('view');
  const router = useRouter();
  const view: View = asked && asked in VIEWS ? (asked as View) : 'board';
  const rows = useFiltered(workspace, filter);
  if (status === 'opening') return <Box padding="6">Loading…</Box>;
  const none = workspace.runs.length === 0;
  const marks = (Object.keys(VIEWS) as View[]).map((value): RailMark => ({
    value,
    words: VIEWS[value],
    figure: figureOf[value](workspace),
  }));
  return (
    <Place
      label="Of the shelves"
      marks={marks}
      current={view}
      go={(to) => router.push(to === 'board' ? '/shelves' : `/shelves?view=${to}`)}
      title={
        <div className="place-head">
          <h1>Shelves</h1>
          <PhoneFold words="Add pieces made">
            <Begin />
          </PhoneFold>
        </div>
      }
      wide={view === 'log' && !none}
      answer={none ? <AnswerSheet name="made" asks="pieces made" big={counted(0)} /> : view === 'board' && <MadeSoFar rows={rows} />}
    >
      {none ? (
        <Box color="fg.muted" paddingBlock="6" maxWidth="60ch">
          No pieces made yet. Count them at the wheel, or add them above. Rimbet follows each one from wet to finished, and what comes out
          of the kiln improves your figures.
        </Box>
      ) : (
        <>
          {view !== 'learned' && view !== 'sets' && (
            <PhoneFold words={`Find among ${rows.length}`}>
              <Filters filter={filter} onFilter={setFilter} shown={rows.length} />
            </PhoneFold>
          )}
          {view === 'board' && <Board rows={rows} />}
          {view === 'log' && <Log rows={rows} filter={filter} onFilter={setFilter} />}
          {view === 'measure' && <Measure rows={rows} />}
          {view === 'sets' && <SortSets />}
          {view === 'learned' && <Learned />}
        </>
      )}
    </Place>
  );
}

/** What each view has to show. */
const figureOf: Readonly<Record<View, (workspace: Workspace) => string>> = {
  board: ({ pieces }) => String(pieces.filter(({ shelf }) => shelf !== 'fired' && shelf !== 'lost').length),
  measure: ({ pieces }) => String(pieces.filter(isUnmeasured).length),
  log: ({ pieces }) => String(pieces.length),
  sets: ({ sets }) => String(sets.filter(({ sorting }) => sorting).length),
  learned: ({ pieces }) => (pieces.some(({ out }) => !out) ? 'yours' : 'typical'),
};

function Filters({ filter, onFilter, shown }: { filter: Filter; onFilter: (filter: Filter) => void; shown: number }) {
  const { workspace } = useWorkspace();
  const { bodies, runs, pieces } = workspace;
  const plans = useMemo(
    () =>
      [...new Map(runs.flatMap(({ planId, name }) => (planId ? [[planId, name] as const] : [])))].sort((a, b) => a[1].localeCompare(b[1])),
    [runs],
  );
  const own = runs.filter(({ planId }) => !filter.planId || planId === filter.planId).toReversed();
  return (
    <HStack gap="2" flexWrap="wrap" marginBottom="3">
      <SearchInput
        label="Find among what was made"
        placeholder="Find by name, glaze or note"
        value={filter.find}
        onFind={(find) => onFilter({ ...filter, find })}
      />
      <Choice
        label="Of which piece"
        value={filter.planId}
        options={[{ value: '', words: 'All pieces' }, ...plans.map(([value, words]) => ({ value, words }))]}
        onChoose={(planId) => onFilter({ ...filter, planId, runId: '' })}
      />
      <Choice
        label="In which clay"
        value={filter.bodyId}
        options={[{ value: '', words: 'every clay' }, ...bodies.map(({ id, name }) => ({ value: id, words: name }))]}
        onChoose={(bodyId) => onFilter({ ...filter, bodyId })}
      />
      <Choice
        label="Of which run"
        value={filter.runId}
        options={[
          { value: '', words: 'every run' },
          ...own.slice(0, 100).map(({ id, name, date }) => ({ value: id, words: `${name}, ${date}` })),
        ]}
        onChoose={(runId) => onFilter({ ...filter, runId })}
      />
      <Box color="fg.muted" fontSize="sm" data-testid="made-count">
        {shown === pieces.length ? '' : `${shown} of `}
        {pieces.length === 1 ? 'one piece made' : `${pieces.length} pieces made`}
      </Box>
    </HStack>
  );
}
