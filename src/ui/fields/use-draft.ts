'use client';

import { workspaceStore } from '@/ui/state';
import { flushSync } from 'react-dom';
import { type ChangeEvent, type FocusEvent, type KeyboardEvent, useRef, useState } from 'react';

/** How a typed text is taken: a message when it was refused, nothing when it was. The key joins one visit's keystrokes for undo. */
export type Take = (text: string, key: string) => string | undefined;

export interface DraftOptions {
  readonly shown: string;
  readonly take: Take;
  /** The text one step up or down from the one shown, for the arrow keys; none where there is no step. */
  readonly step?: ((direction: 1 | -1) => string) | undefined;
}

interface Draft {
  readonly text: string;
  readonly problem: string | undefined;
  /** What was shown when it was typed. */
  readonly over: string;
}

/**
 * The typed text of a field that saves with every keystroke. While it is being typed it stays as typed; once left it
 * shows the figure as written, unless it was refused: then text and reason stay until it is put right, Escape is
 * pressed, or the figure changes from elsewhere, by undo say.
 */
export function useDraft({ shown, take, step }: DraftOptions) {
  const [typed, setDraft] = useState<Draft | undefined>();
  const visit = useRef('');
  const draft = typed?.problem && typed.over !== shown ? undefined : typed;

  const onFocus = (event: FocusEvent<HTMLInputElement>) => {
    visit.current = crypto.randomUUID();
    if (!draft?.problem) event.currentTarget.select();
  };

  const onChange = ({ currentTarget: { value } }: ChangeEvent<HTMLInputElement>) =>
    setDraft({ text: value, problem: take(value, visit.current), over: shown });

  const settle = () => {
    if (!draft?.problem) setDraft(undefined);
  };

  const nudge = (direction: 1 | -1) => {
    if (draft?.problem || !step) return;
    if (take(step(direction), visit.current) === undefined) setDraft(undefined);
  };

  const onKeyDown = (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key === 'Enter') {
      // shown before it is selected, so that the next figure, from an instrument say, takes its place
      flushSync(settle);
      event.currentTarget.select();
    } else if (event.key === 'Escape' && draft) {
      event.stopPropagation();
      workspaceStore().revert(visit.current);
      setDraft(undefined);
    } else if (step && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
      event.preventDefault();
      nudge(event.key === 'ArrowUp' ? 1 : -1);
    }
  };

  return {
    problem: draft?.problem,
    input: { value: draft?.text ?? shown, onFocus, onChange, onBlur: settle, onKeyDown },
  };
}
