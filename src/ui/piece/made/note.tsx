'use client';

import { commands } from '@/store';
import { TextInput } from '@/ui/fields';
import { run } from '@/ui/state';
import type { PieceModel } from '../model/use-piece';

/** What the maker wants to remember of a piece. */
export function Note({ piece: { plan } }: { piece: PieceModel }) {
  return (
    <TextInput
      label="Note"
      shown={plan.note}
      take={(note, key) => {
        if (note.length > 10000) return 'At most 10,000 characters.';
        run(commands.notePlan(plan.id, note, key));
        return undefined;
      }}
    />
  );
}
