'use client';

import { mainPart, partRef, partWords, type Plan } from '@/core/records';
import { commands } from '@/store';
import { Act, DeleteAct, NameInput } from '@/ui/fields';
import { run, workspaceStore } from '@/ui/state';
import { memo } from 'react';
import type { PieceModel } from './model/use-piece';

interface Props {
  readonly plan: Plan;
  readonly piece: PieceModel;
  readonly open: (partId: string) => void;
}

/** Another part, with a form, a clay and a way of making of its own. */
export const AddPart = memo(function AddPart({ planId, open }: Pick<Props, 'open'> & { planId: string }) {
  return (
    <Act
      borderColor="transparent"
      color="fg.muted"
      fontWeight="400"
      marginInlineStart="auto"
      onClick={() => {
        const plan = workspaceStore()
          .getSnapshot()
          .workspace.plans.find(({ id }) => id === planId);
        if (!plan) return;
        const { act, id } = commands.newPart(plan);
        run(act);
        open(id);
      }}
    >
      Add a part
    </Act>
  );
});

/** The parts of a piece that has several: body, lid, insert; the open one is drawn, sized and made below. */
export function PartsBar({ plan, piece, open }: Props) {
  if (plan.parts.length < 2) return null;
  const main = mainPart(plan);
  const { part } = piece;
  return (
    <div className="parts">
      <nav className="sections" aria-label="Parts of the piece">
        {plan.parts.map((each) => (
          <button key={each.id} type="button" aria-current={each.id === part.id ? 'true' : undefined} onClick={() => open(each.id)}>
            {partWords(each)}
          </button>
        ))}
      </nav>
      {part.id !== main.id && (
        <>
          <NameInput
            label="Name of the part"
            size="1rem"
            width="7.5rem"
            shown={part.name}
            take={(name, key) => {
              if (name.trim() === '') return 'A part needs a name, such as lid.';
              return piece.takePart({ name }, `part “${name}”`, key);
            }}
          />
          <DeleteAct
            label={`Delete the ${partWords(part)}`}
            onClick={() => {
              open(main.id);
              run(commands.deletePart(partRef(plan, part), `${partWords(part)} deleted`));
            }}
          />
        </>
      )}
    </div>
  );
}
