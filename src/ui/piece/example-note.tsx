'use client';

import { isExample, isMixed } from '@/core/part';
import { commands } from '@/store';
import { useGo, useWorkspace, workspaceStore } from '@/ui/state';
import { memo } from 'react';

/** A strip over the piece while there are examples: that it is an example workshop, and the one way to begin one's own. */
export const ExampleNote = memo(function ExampleNote() {
  const { plans } = useWorkspace().workspace;
  const go = useGo();
  if (isMixed({ plans }))
    return (
      <div className="example-strip" role="note">
        The example pieces are still here. They teach Rimbet nothing about your work.{' '}
        <button type="button" onClick={() => workspaceStore().runAndTell(commands.removeExample())}>
          Remove the example
        </button>
      </div>
    );
  if (!plans.every(isExample)) return null;
  return (
    <div className="example-strip" role="note">
      This is an example workshop. Look around, or{' '}
      <button type="button" onClick={() => go(commands.removeExample(), '/new')}>
        Start your own workshop
      </button>
    </div>
  );
});
