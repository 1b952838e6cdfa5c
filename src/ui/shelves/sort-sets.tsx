'use client';

import { type SizeName, sizeSpec } from '@/core/form';
import { STAGES } from '@/core/clay';
import { STAGE_WORDS } from '@/core/sizing';
import type { Matched } from '@/core/sets';
import { everyPiece } from '@/core/lessons';
import { asTheyCome, measuredStages, type ToSort, toSort } from '@/core/orders';
import type { MadePiece, PieceSet, Sorting } from '@/core/records';
import { orderActs } from '@/store';
import { PhoneFold } from '@/ui/blocks';
import { Act, Choice, LabelledChoice, OptionalLength, OptionalNumber } from '@/ui/fields';
import { run, useUnits, useWorkspace } from '@/ui/state';
import { AnswerSheet, PlaceAnswer, counted } from '@/ui/frame';
import { toldAloud, useDragSensors } from '@/ui/dragging';
import { DndContext, type DragEndEvent, type UniqueIdentifier, useDroppable } from '@dnd-kit/core';
import { Box, HStack } from '@chakra-ui/react';
import { useRouter, useSearchParams } from 'next/navigation';
import { useMemo, useState } from 'react';
import { Chip } from './sort-chip';
import { useSorted } from './use-sorted';

const AGREE: readonly SizeName[] = ['rimDiameter', 'height', 'baseDiameter'];

const USUAL: Sorting = { size: 4, at: 'bisque', within: { rimDiameter: 2 }, held: [], out: [] };

/** Measured pieces sorted into the best sets that match. */
export function SortSets() {
  const { workspace } = useWorkspace();
  const asked = useSearchParams().get('set');
  const router = useRouter();
  const sets = workspace.sets.filter(({ sorting }) => sorting);
  const set = sets.find(({ id }) => id === asked) ?? sets[0];
  const made = useMemo(() => {
    const ids = new Set(everyPiece(workspace).flatMap(({ run: { planId } }) => (planId ? [planId] : [])));
    return workspace.plans.filter(({ id }) => ids.has(id));
  }, [workspace]);
  const begin = (planId: string) => {
    const plan = made.find(({ id }) => id === planId);
    if (!plan) return;
    const at = measuredStages(workspace, plan)[0]?.at ?? USUAL.at;
    const created = orderActs.createSet(`${plan.name}, sets`, [planId], { ...USUAL, at });
    run(created.act);
    router.replace(`/shelves?view=sets&set=${created.id}`);
  };
  return (
    <Box>
      <HStack gap="3" flexWrap="wrap" marginBottom="3" data-screen>
        {sets.length > 0 && (
          <Choice
            label="Which sets"
            value={set?.id ?? ''}
            options={sets.map(({ id, name }) => ({ value: id, words: name }))}
            onChoose={(id) => router.replace(`/shelves?view=sets&set=${id}`)}
          />
        )}
        <Choice
          label="Sort sets of"
          value=""
          width="13.75rem"
          options={[{ value: '', words: 'Sort another piece…' }, ...made.map(({ id, name }) => ({ value: id, words: name }))]}
          onChoose={begin}
        />
      </HStack>
      {set?.sorting ? (
        <OneSorting key={set.id} set={set} sorting={set.sorting} />
      ) : (
        <Box color="fg.muted" maxWidth="60ch">
          Cups for one table, plates that stack: choose a piece above. Its measured pieces are sorted into sets that agree, usually between
          bisque and glaze, so that a set is glazed alike.
        </Box>
      )}
    </Box>
  );
}

function OneSorting({ set, sorting }: { set: PieceSet; sorting: Sorting }) {
  const { workspace } = useWorkspace();
  const units = useUnits();
  const plan = workspace.plans.find(({ id }) => id === set.planIds[0]);
  const edit = (change: Partial<Sorting>, label: string, key?: string) =>
    run(orderActs.editSet(set.id, { sorting: { ...sorting, ...change } }, label, key));
  const asked = useMemo(() => (plan ? toSort(workspace, plan, sorting) : undefined), [workspace, plan, sorting]);
  const points = asked?.ok ? asked.value : undefined;
  const sorted = useSorted(points, sorting.size);
  if (!plan) return <Box color="fg.muted">The piece for this set was deleted.</Box>;
  const toStage = (size: SizeName) => points?.within[size];
  return (
    <Box>
      <PhoneFold words={`Sets of ${sorting.size}, measured ${STAGE_WORDS[sorting.at]}`}>
        <HStack gap="4" flexWrap="wrap" alignItems="flex-start" data-screen>
          <OptionalNumber
            label="Pieces per set"
            min={2}
            max={500}
            whole
            example="6"
            width="5.25rem"
            value={sorting.size}
            onValue={(size, key) => (size === undefined ? 'How many make a set?' : edit({ size }, 'set size', key))}
          />
          <LabelledChoice
            label="Measured"
            value={sorting.at}
            options={STAGES.map((value) => ({ value, words: STAGE_WORDS[value] }))}
            onChoose={(at) => edit({ at }, 'stage of sorting')}
          />
          {AGREE.map((size) => (
            <OptionalLength
              key={size}
              label={`${sizeSpec(size).row} may differ by`}
              width="10.5rem"
              value={sorting.within[size]}
              hint={
                toStage(size) === undefined
                  ? 'finished'
                  : sorting.at === 'glazed'
                    ? 'finished'
                    : `finished; ${units.length(toStage(size)!)} at ${STAGE_WORDS[sorting.at]}`
              }
              onValue={(mm, key) => {
                const { [size]: _, ...others } = sorting.within;
                return edit({ within: mm === undefined ? others : { ...others, [size]: mm } }, 'how closely', key);
              }}
            />
          ))}
        </HStack>
      </PhoneFold>
      {asked && !asked.ok && (
        <Box role="alert" color="bad" marginTop="2">
          {asked.problem.message}
        </Box>
      )}
      <Rows plan={plan.id} sorting={sorting} points={points} sorted={sorted} edit={edit} />
    </Box>
  );
}

interface RowsProps {
  readonly plan: string;
  readonly sorting: Sorting;
  readonly points: ToSort | undefined;
  readonly sorted: ReturnType<typeof useSorted>;
  readonly edit: (change: Partial<Sorting>, label: string) => void;
}

/** The sets as rows on a shelf, the held ones first, and what is left over. */
function Rows({ plan, sorting, points, sorted, edit }: RowsProps) {
  const { workspace } = useWorkspace();
  const sensors = useDragSensors();
  const [picked, setPicked] = useState<string | undefined>();
  const all = useMemo(
    () => new Map(everyPiece(workspace).flatMap(({ run: { planId }, piece }) => (planId === plan ? [[piece.id, piece] as const] : []))),
    [workspace, plan],
  );
  const idOf = (i: number) => points!.pieces[i]!.id;
  const byFirst = (a: number, b: number) => points!.points[a]![0]! - points!.points[b]![0]!;
  const found: Matched | undefined = sorted.found;
  const sets: { readonly ids: readonly string[]; readonly held: boolean; readonly spread?: number }[] = [
    ...sorting.held.map((ids) => ({ ids, held: true })),
    ...(points && found ? found.sets.map(({ pieces, spread }) => ({ ids: pieces.toSorted(byFirst).map(idOf), held: false, spread })) : []),
  ];
  const left = points && found ? found.left.map(idOf) : [];

  /** One takes the place of another: the set it comes into stays as it then is. */
  const swap = (one: string, other: string) => {
    const target = sets.find(({ ids }) => ids.includes(other));
    if (one === other || !target || target.ids.includes(one)) return;
    const ids = target.ids.map((id) => (id === other ? one : id));
    const held = sorting.held.filter((each) => !each.includes(other) && !each.includes(one));
    edit({ held: [...held, ids], out: sorting.out.filter((id) => id !== one) }, 'piece into a set');
  };
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    if (!over) return;
    if (over.id === OUT) keepOut(String(active.id));
    else swap(String(active.id), String(over.id));
  };
  const keepOut = (id: string) =>
    edit({ out: [...sorting.out, id], held: sorting.held.filter((each) => !each.includes(id)) }, 'piece kept out');
  const onPick = (id: string) => {
    if (picked && picked !== id) {
      swap(picked, id);
      setPicked(undefined);
    } else setPicked(picked === id ? undefined : id);
  };
  // a number alone says which only within one run
  const mixed = new Set([...all.values()].map(({ runId }) => runId)).size > 1;
  const called = ({ no, runId }: MadePiece) => {
    const date = mixed ? workspace.runs.find(({ id }) => id === runId)?.date : undefined;
    return date ? `${no} of ${date}` : String(no);
  };
  const nameOf = (id: UniqueIdentifier): string | undefined => {
    const piece = all.get(String(id));
    return piece ? `piece ${called(piece)}` : id === OUT ? 'what is left over' : undefined;
  };
  const chip = (id: string) => {
    const piece = all.get(id);
    return (
      piece && (
        <Chip
          key={id}
          piece={piece}
          called={called(piece)}
          sorting={sorting}
          picked={picked === id}
          onPick={() => onPick(id)}
          onOut={() => keepOut(id)}
        />
      )
    );
  };
  const came = points ? asTheyCome(points, sorting.size) : 0;
  return (
    <DndContext sensors={sensors} onDragEnd={onDragEnd} accessibility={toldAloud(nameOf)}>
      {sorted.busy && (
        <HStack role="status" marginTop="2">
          <progress value={sorted.progress} max={1} aria-label="Sorting" />
          <Act onClick={sorted.cancel}>Stop</Act>
        </HStack>
      )}
      {found && points && (
        <PlaceAnswer>
          <AnswerSheet
            name="sets"
            asks={sets.length === 1 ? `set of ${sorting.size} that match` : `sets of ${sorting.size} that match`}
            big={counted(sets.length)}
            figures={[
              { words: 'left over', written: counted(left.length) },
              { words: 'without sorting', written: counted(came) },
            ]}
          >
            <div className="answer-sure" role="status" data-sorted={found.sets.length}>
              {found.proven ? 'This is the best possible sorting.' : 'This is the best found so far. A closer sorting may exist.'}
              {points.unmeasured > 0 && ` ${points.unmeasured} more still to measure.`}
            </div>
          </AnswerSheet>
        </PlaceAnswer>
      )}
      {sets.map(({ ids, held, spread }, i) => (
        <Box
          as="section"
          key={ids.join()}
          aria-label={`Set ${i + 1}`}
          marginTop="3"
          paddingBottom="1"
          borderBottomWidth="3px"
          borderColor="line.strong"
          data-set
        >
          <HStack gap="2" flexWrap="wrap">
            {ids.map(chip)}
            <Box flex="1" />
            <Box fontSize="sm" color="fg.muted">
              {points && <Why pieces={ids.flatMap((id) => all.get(id) ?? [])} points={points} sorting={sorting} />}
              {spread !== undefined && ` ${Math.round(spread * 100)}% of the allowed difference`}
            </Box>
            <Act
              aria-pressed={held}
              onClick={() =>
                edit(
                  { held: held ? sorting.held.filter((each) => each !== ids) : [...sorting.held, [...ids]] },
                  held ? 'set unlocked' : 'set locked',
                )
              }
            >
              {held ? 'Held' : 'Hold'}
            </Act>
          </HStack>
        </Box>
      ))}
      <Left>
        {left.map(chip)}
        {sorting.out.map((id) => {
          const piece = all.get(id);
          return (
            piece && (
              <Act key={id} onClick={() => edit({ out: sorting.out.filter((each) => each !== id) }, 'piece sorted again')} color="fg.muted">
                {called(piece)} left out. Put back
              </Act>
            )
          );
        })}
      </Left>
    </DndContext>
  );
}

const OUT = 'out';

/** What is left over; a piece dropped here is kept out of every set. */
function Left({ children }: { children: React.ReactNode }) {
  const { setNodeRef, isOver } = useDroppable({ id: OUT });
  return (
    <Box
      as="section"
      aria-label="Left over"
      ref={setNodeRef}
      marginTop="4"
      padding="2"
      background={isOver ? 'warn.wash' : 'bg.panel'}
      borderRadius="4px"
    >
      <Box fontSize="sm" color="fg.muted">
        Spares
      </Box>
      <HStack gap="2" flexWrap="wrap" minHeight="52px">
        {children}
      </HStack>
    </Box>
  );
}

/** How far the pieces of a set differ, in each size. */
function Why({ pieces, points, sorting }: { pieces: readonly MadePiece[]; points: ToSort; sorting: Sorting }) {
  const units = useUnits();
  const told = points.features.map((size) => {
    const all = pieces.flatMap((piece) => piece.sizes[sorting.at]?.[size]?.mm ?? []);
    return `${sizeSpec(size).words} within ${units.length(Math.max(...all) - Math.min(...all))}`;
  });
  return <>{told.join(', ')};</>;
}
