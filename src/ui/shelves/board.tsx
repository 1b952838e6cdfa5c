'use client';

import { daysBetween, learnedDays } from '@/core/lessons';
import { type Shelf, SHELF_WORDS, SHELVES, STAGE_ON, type Workspace } from '@/core/records';
import { type Outline, widest } from '@/core/form';
import { madeActs } from '@/store';
import { Thumbnail } from '@/ui/drawing';
import { StageMark } from '@/ui/stage';
import { useWorkspace, workspaceStore } from '@/ui/state';
import { outlineOf } from '@/ui/made';
import { ink } from '@/ui/theme';
import { toldAloud, useDragSensors } from '@/ui/dragging';
import { DndContext, type DragEndEvent, type UniqueIdentifier, useDraggable, useDroppable } from '@dnd-kit/core';
import { Box, HStack, chakra } from '@chakra-ui/react';
import { type KeyboardEvent, useMemo, useState } from 'react';
import { ChosenBar } from './chosen-bar';
import { type Group, type Row, groupsOf } from './use-shelves';

/** What is done next with what stands on a shelf. */
const NEXT: Readonly<Record<Shelf, string>> = {
  wet: 'firm up',
  leather: 'trim, handles',
  drying: 'dry fully',
  ready: 'bisque',
  bisqued: 'glaze',
  coated: 'glaze firing',
  fired: '',
  lost: '',
};

/** So many runs stand on a shelf in sight; the log has the rest. */
const SEEN = 14;

const movedWords = (count: number, name: string, shelf: Shelf) => `${count === 1 ? 'one' : count} of ${name}: ${SHELF_WORDS[shelf]}`;

const moveTo = (ids: readonly string[], name: string, shelf: Shelf) =>
  workspaceStore().runAndTell(madeActs.movePieces(ids, shelf, movedWords(ids.length, name, shelf)));

/** Every piece by how far it is, on shelves one below the other: dragged, or moved by the arrow keys. */
export function Board({ rows }: { rows: readonly Row[] }) {
  const groups = useMemo(() => groupsOf(rows), [rows]);
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const sensors = useDragSensors();
  const all = useMemo(() => [...groups.values()].flat(), [groups]);
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    const group = all.find(({ key, pieces }) => key === active.id || pieces.some(({ id }) => id === active.id));
    if (!over || !group) return;
    const shelf = over.id as Shelf;
    const dragged = group.key === active.id ? group.pieces.map(({ id }) => id) : [active.id as string];
    // what is chosen goes along
    const ids = dragged.some((id) => chosen.has(id)) ? [...chosen] : dragged;
    moveTo(ids, group.run.name, shelf);
    setChosen(new Set());
  };
  const nameOf = (id: UniqueIdentifier): string | undefined => {
    const group = all.find(({ key, pieces }) => key === id || pieces.some((piece) => piece.id === id));
    if (!group) return SHELF_WORDS[id as Shelf];
    const piece = group.pieces.find((each) => each.id === id);
    return piece ? `${group.run.name} ${piece.no}` : `${group.run.name}, ${group.pieces.length}`;
  };
  const toggle = (ids: readonly string[]) =>
    setChosen((now) => {
      const next = new Set(now);
      const has = ids.every((id) => next.has(id));
      for (const id of ids)
        if (has) next.delete(id);
        else next.add(id);
      return next;
    });
  return (
    <DndContext sensors={sensors} onDragEnd={onDragEnd} id="shelves" accessibility={toldAloud(nameOf)}>
      <Box role="list" aria-label="Shelves">
        {SHELVES.map((shelf) => (
          <ShelfRow key={shelf} shelf={shelf} groups={groups.get(shelf) ?? []} chosen={chosen} toggle={toggle} />
        ))}
      </Box>
      <ChosenBar rows={rows} chosen={chosen} onClear={() => setChosen(new Set())} />
    </DndContext>
  );
}

interface ShelfProps {
  readonly shelf: Shelf;
  readonly groups: readonly Group[];
  readonly chosen: ReadonlySet<string>;
  readonly toggle: (ids: readonly string[]) => void;
}

function ShelfRow({ shelf, groups, chosen, toggle }: ShelfProps) {
  const { setNodeRef, isOver } = useDroppable({ id: shelf });
  const stage = STAGE_ON[shelf];
  const count = groups.reduce((sum, { pieces }) => sum + pieces.length, 0);
  return (
    <Box
      ref={setNodeRef}
      role="listitem"
      aria-label={`${SHELF_WORDS[shelf]}: ${count}`}
      data-shelf={shelf}
      display="grid"
      gridTemplateColumns={{ base: '1fr', md: '150px minmax(0, 1fr)' }}
      columnGap="4"
      borderBottomWidth="3px"
      borderColor={isOver ? 'act' : 'line.strong'}
      background={isOver ? 'act.wash' : undefined}
      minHeight={{ base: '56px', md: '64px' }}
      alignItems="end"
      paddingTop="2"
    >
      <Box alignSelf={{ base: 'start', md: 'center' }} color={stage ? ink(stage) : 'fg.muted'}>
        <HStack gap="2" fontWeight="650">
          {stage && <StageMark stage={stage} />}
          <span>{SHELF_WORDS[shelf]}</span>
          <chakra.span fontFamily="figure" fontVariantNumeric="tabular-nums">
            {count > 0 ? count : ''}
          </chakra.span>
        </HStack>
        {NEXT[shelf] && count > 0 && (
          <Box fontSize="sm" color="fg.muted">
            next: {NEXT[shelf]}
          </Box>
        )}
      </Box>
      <HStack gap="5" rowGap="1" flexWrap="wrap" alignItems="flex-end">
        {groups.slice(0, SEEN).map((group) => (
          <OnShelf key={group.key} group={group} chosen={chosen} toggle={toggle} />
        ))}
        {groups.length > SEEN && (
          <Box fontSize="sm" color="fg.muted" paddingBottom="2">
            and {groups.length - SEEN} more runs, see the log
          </Box>
        )}
      </HStack>
    </Box>
  );
}

const DAYS = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short' });

/** How long pieces have stood, and when they should be ready. */
function stood(workspace: Workspace, { shelf, pieces }: Group): string {
  const since = pieces[0]!.since[shelf];
  if (!since) return '';
  const days = daysBetween(since, madeActs.today());
  const long = days <= 0 ? 'today' : days === 1 ? 'since yesterday' : `${days} days`;
  const usual = learnedDays(workspace, shelf);
  if (usual.days === undefined || shelf === 'fired' || shelf === 'lost') return long;
  const left = usual.days - days;
  const when = new Date(Date.parse(since) + usual.days * 86_400_000);
  return `${long}; ${left <= 0 ? 'due' : `ready about ${DAYS.format(when)}`}${usual.learned ? '' : ', typical'}`;
}

interface OnShelfProps extends Pick<ShelfProps, 'chosen' | 'toggle'> {
  readonly group: Group;
}

function OnShelf({ group, chosen, toggle }: OnShelfProps) {
  const { workspace } = useWorkspace();
  const { run, shelf, pieces, ref, key } = group;
  const { listeners, setNodeRef, transform, isDragging } = useDraggable({ id: key });
  const ids = pieces.map(({ id }) => id);
  const picked = ids.filter((id) => chosen.has(id)).length;
  const outline = outlineOf(workspace, ref);
  const at = SHELVES.indexOf(shelf);
  const onKeyDown = (event: KeyboardEvent) => {
    const by = { ArrowDown: 1, ArrowRight: 1, ArrowUp: -1, ArrowLeft: -1 }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    const next = SHELVES[at + by];
    if (!next || next === 'lost') return;
    moveTo(picked > 0 ? ids.filter((id) => chosen.has(id)) : ids, run.name, next);
    goAlong(run.id, next);
  };
  const which = picked > 0 && picked < ids.length ? 'those chosen' : 'them';
  return (
    <HStack
      ref={setNodeRef}
      data-group={run.name}
      data-run={run.id}
      data-held={isDragging ? '' : undefined}
      gap="2"
      alignItems="flex-end"
      style={lifted(transform)}
    >
      {outline && (
        <Box {...listeners} cursor="grab" touchAction="manipulation" onClick={() => toggle(ids)} lineHeight="0">
          <Thumbnail outline={outline} size={drawnAs(outline)} stage={STAGE_ON[shelf] ?? 'dry'} />
        </Box>
      )}
      <Box paddingBottom="1">
        <chakra.button
          type="button"
          {...listeners}
          aria-pressed={picked === ids.length}
          aria-label={`${run.name}, ${ids.length} ${SHELF_WORDS[shelf]}. Choose; arrow keys move ${which} to the next shelf.`}
          title="Drag to another shelf (with a finger, press and hold first), or use the arrow keys"
          onKeyDown={onKeyDown}
          onClick={() => toggle(ids)}
          textAlign="left"
          cursor="grab"
          lineHeight="1.2"
          minHeight="44px"
          paddingInline="1"
          borderRadius="4px"
          background={picked > 0 ? 'act.wash' : undefined}
          touchAction="manipulation"
        >
          <Box fontWeight="600" fontSize="0.9375rem">
            {run.name}{' '}
            <chakra.span fontFamily="figure" fontSize="1.1875rem" fontVariantNumeric="tabular-nums">
              ×{ids.length}
            </chakra.span>
          </Box>
          <Box fontSize="sm" color="fg.muted">
            {stood(workspace, group)}
          </Box>
        </chakra.button>
        {ids.length > 1 && <Numbers group={group} chosen={chosen} toggle={toggle} />}
      </Box>
    </HStack>
  );
}

/** The focus goes with a run to the shelf it was moved to, once it stands there. */
function goAlong(runId: string, shelf: Shelf): void {
  const moved = () => document.querySelector<HTMLElement>(`[data-shelf="${shelf}"] [data-run="${runId}"] button`);
  const observer = new MutationObserver(() => {
    const button = moved();
    if (!button) return;
    observer.disconnect();
    button.focus();
  });
  observer.observe(document.body, { childList: true, subtree: true });
  setTimeout(() => observer.disconnect(), 2000);
}

/** Where something dragged is drawn meanwhile. */
const lifted = (to: { readonly x: number; readonly y: number } | null) =>
  to ? ({ transform: `translate(${to.x}px, ${to.y}px)`, position: 'relative', zIndex: 30 } as const) : undefined;

/** A piece so wide or high is drawn so large, px; others by their own size, down to what can still be seen. */
const DRAWN = { mm: 180, px: 76, least: 24 };

const drawnAs = (outline: Outline): number =>
  Math.max(DRAWN.least, Math.min(DRAWN.px, (DRAWN.px * Math.max(outline.inside[0]!.z, 2 * widest(outline.side))) / DRAWN.mm));

/** So many pieces of a run are told one by one. */
const NUMBERED = 12;

function Numbers({ group: { pieces, run }, chosen, toggle }: OnShelfProps) {
  return (
    <HStack gap="0" flexWrap="wrap" maxWidth="340px">
      {pieces.slice(0, NUMBERED).map((piece) => (
        <PieceNumber key={piece.id} id={piece.id} no={piece.no} name={run.name} chosen={chosen.has(piece.id)} toggle={toggle} />
      ))}
    </HStack>
  );
}

function PieceNumber({
  id,
  no,
  name,
  chosen,
  toggle,
}: {
  id: string;
  no: number;
  name: string;
  chosen: boolean;
  toggle: ShelfProps['toggle'];
}) {
  const { listeners, setNodeRef, transform } = useDraggable({ id });
  return (
    <chakra.button
      ref={setNodeRef}
      type="button"
      {...listeners}
      aria-pressed={chosen}
      aria-label={`${name} ${no}`}
      onClick={() => toggle([id])}
      minWidth="max(var(--finger), 28px)"
      minHeight="max(var(--finger), 28px)"
      fontSize="sm"
      fontFamily="figure"
      cursor="grab"
      borderRadius="4px"
      color={chosen ? 'act' : 'fg.muted'}
      background={chosen ? 'act.wash' : undefined}
      fontWeight={chosen ? '700' : '400'}
      touchAction="manipulation"
      style={lifted(transform)}
    >
      {no}
    </chakra.button>
  );
}
