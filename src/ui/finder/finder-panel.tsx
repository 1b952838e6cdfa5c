'use client';

import { commands } from '@/store';
import { readLength } from '@/core/units';
import { openRoom } from '@/ui/rooms';
import { useGo, useUnits, useWorkspace } from '@/ui/state';
import { Command } from 'cmdk';
import { useTheme } from 'next-themes';
import { useRouter, useSearchParams } from 'next/navigation';
import { useEffect, useMemo, useState } from 'react';
import { amountFound } from './amount';
import { type Found, foundBy } from './found';
import { openPlanOf } from './open-plan';
import { THINGS_TO_DO } from './things-to-do';
import { SizeAnswer, useCurrentClay } from './size-answer';

interface Props {
  readonly typed: string;
  readonly onTyped: (typed: string) => void;
  readonly piecesOnly: boolean;
  readonly label: string;
  /** Enter was pressed before this was there. */
  readonly entered?: boolean;
  readonly onClose: () => void;
  /** Left without having chosen. */
  readonly onEscape?: (() => void) | undefined;
}

const GROUPS = { here: 'In the open piece', pieces: 'Pieces', clays: 'Clays', places: 'Places', things: 'Commands' } as const;

/** Begins like a size or an amount. */
const LIKE_A_SIZE = /^\s*[\d.,¼½¾⅛⅜⅝⅞]/;

/** The field and what it finds: a finished size at every stage, rooms and tools of the open piece, pieces, clays, places. */
export function FinderPanel({ typed, onTyped, piecesOnly, label, entered = false, onClose, onEscape }: Props) {
  const { workspace } = useWorkspace();
  const units = useUnits();
  const go = useGo();
  const router = useRouter();
  const { resolvedTheme, setTheme } = useTheme();
  const asked = useSearchParams().get('plan');
  const [chosen, setChosen] = useState<string | undefined>();
  const clay = useCurrentClay(chosen);
  const open = openPlanOf(workspace, asked);
  const found = useMemo(() => foundBy(workspace, open, typed, piecesOnly), [workspace, open, typed, piecesOnly]);
  const size = !piecesOnly && LIKE_A_SIZE.test(typed) ? readLength(typed, units.readLength) : undefined;
  const amount = size && !size.ok ? amountFound(typed, units) : undefined;
  const none = Object.values(found).every((each) => each.length === 0);

  const make = (mm: number) => {
    const { act, id } = commands.createPlan({ name: `Cup, ${units.plain(mm)} across`, rimDiameter: mm, bodyId: clay.body?.id });
    onClose();
    go(act, `/?plan=${id}`);
  };
  const take = ({ href, room, does }: Found) => {
    if (does) {
      onClose();
      THINGS_TO_DO.find(({ key }) => key === does)?.act({
        plan: open,
        go: router.push,
        mode: { dark: resolvedTheme === 'dark', set: setTheme },
      });
      return;
    }
    if (room) openRoom(room.planId, room.room, room.section);
    onClose();
    router.push(href);
  };
  const first = amount ?? Object.values(found).flat()[0];
  useEffect(() => {
    if (!entered) return;
    if (size?.ok) make(size.value);
    else if (first) take(first);
    // once, for the key that came too early
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);
  return (
    <Command
      shouldFilter={false}
      loop
      label={label}
      className="finder"
      onBlur={({ currentTarget, relatedTarget }) => {
        if (!currentTarget.contains(relatedTarget)) onClose();
      }}
      onKeyDown={(event) => {
        if (event.key !== 'Escape') return;
        onClose();
        onEscape?.();
      }}
    >
      <Command.Input className="finder-field" value={typed} onValueChange={onTyped} aria-label={label} placeholder={label} autoFocus />
      <div className="finder-panel">
        {size && !size.ok && !amount && (
          <div role="status" className="finder-refused">
            {size.problem.message}
          </div>
        )}
        {size?.ok && (
          <div role="status" onKeyDown={(event) => event.key !== 'Escape' && event.stopPropagation()}>
            <SizeAnswer mm={size.value} clay={clay} onClay={setChosen} />
          </div>
        )}
        <Command.List label="Found">
          {size?.ok && (
            <Command.Item value="size" onSelect={() => make(size.value)}>
              Start a cup with this mouth <small>Enter</small>
            </Command.Item>
          )}
          {amount && (
            <Command.Item value={amount.key} onSelect={() => take(amount)}>
              {amount.words} <small>{amount.more}</small>
            </Command.Item>
          )}
          {(Object.keys(GROUPS) as (keyof typeof GROUPS)[]).map(
            (group) =>
              found[group].length > 0 && (
                <Command.Group key={group} heading={GROUPS[group]}>
                  {found[group].map((each) => (
                    <Command.Item key={each.key} value={each.key} onSelect={() => take(each)}>
                      {each.words} <small>{each.more}</small>
                    </Command.Item>
                  ))}
                </Command.Group>
              ),
          )}
        </Command.List>
        {none && !size && <div className="finder-none">No match. Try a shorter word, or a finished size such as 92.</div>}
      </div>
    </Command>
  );
}
