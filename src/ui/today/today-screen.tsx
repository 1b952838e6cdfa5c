'use client';

import { type Doing, type ToDo, WHERES, type Where, workList } from '@/core/orders';
import { weighedPart } from '@/core/part';
import { partOf, SHELF_WORDS } from '@/core/records';
import { type Act as Done, madeActs, orderActs } from '@/store';
import { Act } from '@/ui/fields';
import { AnswerSheet, Place, type RailMark, counted } from '@/ui/frame';
import { Thumbnail } from '@/ui/drawing';
import { outlineOf } from '@/ui/made';
import { useUnits, useWorkspace, workspaceStore } from '@/ui/state';
import { weighOutText } from '@/ui/steps';
import { Box } from '@chakra-ui/react';
import Link from 'next/link';
import { useRouter, useSearchParams } from 'next/navigation';
import { useMemo } from 'react';

const WHERE_WORDS: Readonly<Record<Where, string>> = { wheel: 'At the wheel', bench: 'On the bench', kiln: 'At the kiln' };
const RAIL_WORDS: Readonly<Record<Where, string>> = { wheel: 'Wheel', bench: 'Bench', kiln: 'Kiln' };
const ALL = 'all';

/** What a tap on a line does; none where it has to be gone to. */
function actOf(doing: Doing): Done | undefined {
  if (doing.kind === 'step') return orderActs.markStep(doing.orderId, doing.lineId, doing.step);
  if (doing.kind === 'shelf')
    return madeActs.movePieces(doing.ids, doing.to, `${doing.ids.length} of ${doing.name}: ${SHELF_WORDS[doing.to]}`);
  return undefined;
}

/** Today's work: one line each, done in one tap; from orders, shelves and clay together, by where it is done. */
export function TodayScreen() {
  const { status, workspace } = useWorkspace();
  const router = useRouter();
  const asked = useSearchParams().get('at');
  const today = madeActs.today();
  const list = useMemo(() => workList(workspace, today), [workspace, today]);
  if (status === 'opening') return <Box padding="6">Loading…</Box>;
  const day = new Date(`${today}T12:00:00`).toLocaleDateString('en-GB', { weekday: 'long', day: 'numeric', month: 'long' });
  const at = WHERES.find((where) => where === asked);
  const shown = at ? [at] : WHERES;
  const marks: RailMark[] = [
    { value: ALL, words: 'All', figure: String(list.length) },
    ...WHERES.map((where) => ({
      value: where,
      words: RAIL_WORDS[where],
      figure: String(list.filter((each) => each.where === where).length),
    })),
  ];
  const here = list.filter(({ where }) => shown.includes(where));
  return (
    <Place
      label="Where it is done"
      marks={marks}
      current={at ?? ALL}
      go={(where) => router.push(where === ALL ? '/today' : `/today?at=${where}`)}
      title={<h1>Today, {day}</h1>}
      answer={<TodayAnswer list={here} at={at} />}
    >
      {here.length === 0 ? (
        <Box color="fg.muted" maxWidth="60ch" paddingBlock="4">
          Nothing to do {at ? WHERE_WORDS[at].toLowerCase() : 'today'}. Steps of your orders appear here on their dates, and pieces on the
          shelves when they are due.
          <div className="empty-ways">
            <Link href="/orders">Add an order</Link>
            <Link href="/shelves">Add pieces made</Link>
          </div>
        </Box>
      ) : (
        shown.map((where) => <Group key={where} where={where} list={here.filter((each) => each.where === where)} />)
      )}
    </Place>
  );
}

/** How much there is to do, and what comes first. */
function TodayAnswer({ list, at }: { list: readonly ToDo[]; at: Where | undefined }) {
  const overdue = list.filter((each) => each.overdue);
  const first = list[0];
  return (
    <AnswerSheet
      name="to-do"
      asks={`to do ${at ? WHERE_WORDS[at].toLowerCase() : 'today'}`}
      big={counted(list.length)}
      figures={[
        { words: 'overdue', written: counted(overdue.length) },
        { words: 'pieces', written: counted(list.reduce((sum, { piece }) => sum + (piece?.count ?? 0), 0)) },
      ]}
    >
      {first && (
        <div className="answer-sure place-link">
          First: <Link href={first.href}>{first.words}</Link>
        </div>
      )}
      {list.length > 0 && (
        <div className="answer-acts">
          <Act onClick={() => window.print()}>Print</Act>
        </div>
      )}
    </AnswerSheet>
  );
}

function Group({ where, list }: { where: Where; list: readonly ToDo[] }) {
  if (list.length === 0) return null;
  return (
    <section aria-label={WHERE_WORDS[where]} className="todo-group">
      <h2>{WHERE_WORDS[where]}</h2>
      <ul>
        {list.map((each) => (
          <Line key={each.id} todo={each} />
        ))}
      </ul>
    </section>
  );
}

/** What to weigh out for what is thrown. */
function useBall({ where, piece }: ToDo): string | undefined {
  const { workspace } = useWorkspace();
  const units = useUnits();
  if (where !== 'wheel' || !piece) return undefined;
  const found = partOf(workspace.plans, piece.ref);
  const made = found && weighedPart(workspace, found.part, String);
  return made?.ok && made.value.weighOut !== undefined ? weighOutText(made.value.weighOut, found!.part, units) : undefined;
}

/** A picture is so large, px; on a phone the words need the room. */
const PICTURE = 64;

function Line({ todo }: { todo: ToDo }) {
  const { workspace } = useWorkspace();
  const { words, of, overdue, done, href, piece } = todo;
  const act = actOf(done);
  const ball = useBall(todo);
  const outline = outlineOf(workspace, piece?.ref);
  return (
    <li className="todo">
      {act ? (
        <button type="button" className="todo-done" aria-label={`Done: ${words}`} onClick={() => workspaceStore().runAndTell(act)}>
          <span />
        </button>
      ) : (
        <span className="todo-done" aria-hidden>
          →
        </span>
      )}
      <div className="todo-picture">{outline && <Thumbnail outline={outline} size={PICTURE} stage={piece!.stage} />}</div>
      <div className="todo-words">
        <Link href={href}>{words}</Link>
        <div data-overdue={overdue ? '' : undefined}>
          {of}
          {overdue ? ', overdue' : ''}
        </div>
      </div>
      {ball && (
        <div className="todo-ball">
          <span>{ball}</span> each
        </div>
      )}
    </li>
  );
}
