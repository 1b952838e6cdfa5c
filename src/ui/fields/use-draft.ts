'use client';

import { bothReadings } from '@/core/units';
import { rememberPoint, workspaceStore, newKey } from '@/ui/state';
import { flushSync } from 'react-dom';
import { type ChangeEvent, type FocusEvent, type KeyboardEvent, useContext, useEffect, useEffectEvent, useRef, useState } from 'react';
import { CatchUpContext } from './catch-up';

/** How a typed text is taken: a message when it was refused, nothing when it was. The key joins one visit's keystrokes for undo. */
export type Take = (text: string, key: string) => string | undefined;

/** A step as it would be typed, and as it is shown where that differs. */
export interface Step {
  readonly typed: string;
  readonly shown: string;
}

export interface DraftOptions {
  readonly shown: string;
  readonly take: Take;
  /** One step up or down from what is typed, or from the figure shown, for the arrow keys; none where there is no step. */
  readonly step?: ((direction: 1 | -1, from: string | undefined) => string | Step) | undefined;
}

interface Draft {
  readonly text: string;
  readonly problem: string | undefined;
  /** Of a refused one what was shown meanwhile, once that had followed: it gives way to another figure. */
  readonly over?: string;
  /** Of one that was stepped or left, and stands until what is shown has followed: what was done last by then, for undo takes it away. */
  readonly until?: { readonly done: string | undefined };
}

/**
 * The typed text of a field that saves with every keystroke. While it is being typed it stays as typed; once left it
 * shows the figure as written, unless it was refused: then text and reason stay until it is put right, Escape is
 * pressed, or the figure changes from elsewhere, by undo say. An entry counts whole or not at all: what its first
 * keystrokes made is taken back when the rest is refused. Once what stood in its way is changed elsewhere, it is taken.
 */
export function useDraft({ shown, take, step }: DraftOptions) {
  const [typed, setDraft] = useState<Draft | undefined>();
  const visit = useRef({ key: '', start: '', taken: false, refused: '' });
  const field = useRef<HTMLInputElement | null>(null);
  const draft = typed?.over === undefined || typed.over === shown ? typed : undefined;

  const refused = draft?.problem === undefined ? undefined : draft.text;
  const again = useEffectEvent(() => {
    // not while it is being typed, and not so that what was undone could not be done again
    if (refused === undefined || document.activeElement === field.current || workspaceStore().getSnapshot().redo) return;
    const problem = take(refused, visit.current.key);
    setDraft(problem === undefined ? undefined : { text: refused, problem });
  });
  useEffect(() => {
    if (refused === undefined) return undefined;
    let waiting: ReturnType<typeof setTimeout> | undefined;
    const unsubscribe = workspaceStore().subscribe(() => {
      clearTimeout(waiting);
      waiting = setTimeout(again);
    });
    return () => {
      unsubscribe();
      clearTimeout(waiting);
    };
  }, [refused]);

  const followed = useContext(CatchUpContext);
  const drop = useEffectEvent(() => setDraft((now) => (now?.until ? undefined : now)));
  const stands = draft?.until;
  useEffect(() => {
    if (!stands) return undefined;
    const undone = workspaceStore().subscribe(() => {
      if (workspaceStore().last !== stands.done) drop();
    });
    const there = followed.once(() => drop());
    return () => {
      undone();
      there();
    };
  }, [stands, followed]);
  /** What was entered, shown until the figure shown has followed. */
  const leave = (text: string) => setDraft({ text, problem: undefined, until: { done: workspaceStore().last } });

  const note = useEffectEvent(() => setDraft((now) => (now?.problem === undefined ? now : { ...now, over: shown })));
  const isNew = refused !== undefined && draft?.over === undefined;
  useEffect(() => {
    if (!isNew) return undefined;
    return followed.once(() => note());
  }, [isNew, followed]);

  const begin = () => {
    visit.current = { key: newKey(), start: refused === undefined ? (draft?.text ?? shown) : shown, taken: false, refused: refused ?? '' };
  };

  const onFocus = (event: FocusEvent<HTMLInputElement>) => {
    begin();
    field.current = event.currentTarget;
    if (!draft?.problem) event.currentTarget.select();
  };

  /** Back to what stood there when the visit began; says whether anything had been taken since. */
  const takeBack = (): boolean => {
    const { key, start, taken } = visit.current;
    if (!taken) return false;
    visit.current.taken = false;
    // what is not in the store is taken back by taking what stood there
    if (!workspaceStore().revert(key)) take(start, key);
    return true;
  };

  const onChange = ({ currentTarget: { value } }: ChangeEvent<HTMLInputElement>) => {
    const problem = take(value, visit.current.key);
    if (problem === undefined) visit.current.taken = true;
    else {
      if (bothReadings(value)) visit.current.refused = value;
      takeBack();
    }
    setDraft({ text: value, problem });
  };

  const settle = () => {
    if (!draft || draft.problem) return;
    rememberPoint(visit.current.refused, draft.text);
    leave(draft.text);
  };

  const onBlur = () => {
    settle();
    workspaceStore().tryNow();
  };

  const nudge = (direction: 1 | -1) => {
    if (draft?.problem || !step) return;
    const next = step(direction, draft?.text);
    const { typed, shown } = typeof next === 'string' ? { typed: next, shown: next } : next;
    if (take(typed, visit.current.key) !== undefined) return;
    visit.current.taken = true;
    leave(shown);
  };

  const onKeyDown = (event: KeyboardEvent<HTMLInputElement>) => {
    // in a text of several lines it begins another
    if (event.key === 'Enter' && event.currentTarget.tagName !== 'TEXTAREA') {
      // shown before it is selected, so that the next figure, from an instrument say, takes its place
      flushSync(settle);
      // what was entered stands: another figure is another entry
      if (!draft?.problem) begin();
      event.currentTarget.select();
    } else if (event.key === 'Escape' && draft) {
      event.stopPropagation();
      if (takeBack()) leave(visit.current.start);
      else setDraft(undefined);
    } else if (step && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
      event.preventDefault();
      nudge(event.key === 'ArrowUp' ? 1 : -1);
    }
  };

  return {
    problem: draft?.problem,
    input: { value: draft?.text ?? shown, onFocus, onChange, onBlur, onKeyDown },
  };
}
