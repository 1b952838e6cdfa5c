'use client';

import { mainPart, partRef, partWords, type Plan } from '@/core/records';
import { commands } from '@/store';
import { FAMILIES, footEdge } from '@/core/form';
import { USUAL_HANDLE } from '@/core/handbuild';
import { Choice, DeleteAct, NameInput } from '@/ui/fields';
import { run } from '@/ui/state';
import type { PieceModel } from './model/use-piece';

interface Props {
  readonly plan: Plan;
  readonly piece: PieceModel;
  readonly open: (partId: string) => void;
}

const PARTS = {
  '': 'Add a part…',
  lid: 'a lid or a stopper',
  handle: 'a handle',
  saucer: 'a saucer',
  spout: 'a spout, knob or foot',
  part: 'another part',
} as const;

type Kind = keyof typeof PARTS;

/** What a part can have: what has no wall carries no lid and no handle, and only what is round stands on a saucer. */
function kindsFor({ form: { family } }: PieceModel): readonly Kind[] {
  const { solid, flatSided } = FAMILIES[family];
  if (solid) return ['', 'part'];
  return ['', 'lid', 'handle', ...(flatSided ? [] : (['saucer'] as const)), 'spout', 'part'];
}

interface AddProps extends Pick<Props, 'piece' | 'open'> {
  /** Opens a room of the piece on one of its sections. */
  readonly go: (room: string, section: string) => void;
}

/** What this piece can have: each is begun where it is made. */
export function AddPart({ piece, open, go }: AddProps) {
  const add = (kind: Kind) => {
    const { plan, part, by, worked } = piece;
    if (kind === 'lid') return go('fit', 'odds');
    if (kind === 'spout') return go('make', by === 'wheel' ? 'ball' : 'handle');
    if (kind === 'handle') {
      if (!part.handle) piece.takePart({ handle: USUAL_HANDLE }, 'handle');
      return go('make', 'handle');
    }
    const { act, id } = kind === 'saucer' ? commands.newSaucer(plan, 2 * footEdge(worked.sized.fired)) : commands.newPart(plan);
    run(act);
    open(id);
    go('sizes', 'ledger');
  };
  return (
    <Choice
      label="Add a part"
      width="10rem"
      value=""
      onChoose={add}
      options={kindsFor(piece).map((value) => ({ value, words: PARTS[value] }))}
    />
  );
}

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
