'use client';

import { isExample, isMixed } from '@/core/part';
import { commands } from '@/store';
import { useWorkspace, workspaceStore } from '@/ui/state';
import Link from 'next/link';
import { memo } from 'react';

const WAYS = [
  ['finished', 'a finished size'],
  ['wet', 'a wet size'],
  ['hand', 'a piece in your hand'],
  ['holds', 'what it must hold'],
  ['ball', 'a ball of clay'],
  ['fit', 'what it must fit'],
  ['sent', 'something sent'],
] as const;

/** Under the answer while every piece is an example: that it is one, and the ways to a first piece of one's own. Then the way to be rid of it. */
export const ExampleNote = memo(function ExampleNote() {
  const { plans } = useWorkspace().workspace;
  if (isMixed({ plans }))
    return (
      <div className="sheet-example" role="note">
        The example pieces are still here. They teach Rimbet nothing about your work.{' '}
        <button type="button" onClick={() => workspaceStore().runAndTell(commands.removeExample())}>
          Remove the example
        </button>
      </div>
    );
  if (!plans.every(isExample)) return null;
  return (
    <nav className="sheet-example" aria-label="Start your own">
      This is an example. Start your own from{' '}
      {WAYS.map(([from, words], i) => (
        <span key={from}>
          {i === 0 ? '' : i === WAYS.length - 1 ? ' or ' : ', '}
          <Link href={`/new?from=${from}`}>{words}</Link>
        </span>
      ))}
      .
    </nav>
  );
});
