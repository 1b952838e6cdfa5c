import { opensBelow } from '@/core/form';
import type { Making } from '@/core/sizing';
import { readPercent } from '@/core/units';
import { FigureInput, LengthInput } from '@/ui/fields';
import type { ReactNode } from 'react';
import { ALLOWANCE_MARKS } from '../drawing';
import type { PieceModel } from '../model/use-piece';

const FIELD = { width: '3.25rem', fontSize: '1rem' };

function Allowance({ piece, name, label }: { piece: PieceModel; name: keyof Making; label: string }) {
  const { making, sized } = piece.worked;
  const mm = name === 'trimWallHeight' ? sized.thrown.trimWallHeight : (making[name] ?? 0);
  const fraction = piece.units.choice.length === 'inch-fraction';
  return (
    <LengthInput
      label={label}
      mm={mm}
      zero
      takeMm={piece.takeAllowance(name)}
      known
      color="warn"
      unit={fraction ? 'in' : piece.units.choice.length}
      style={FIELD}
    />
  );
}

const readSlurry = (typed: string) => readPercent(typed, { min: 0, max: 50 });

function Slurry({ piece }: { piece: PieceModel }) {
  const { slurryPercent } = piece.worked.making;
  return (
    <FigureInput
      label="Lost as slurry, percent of the ball"
      shown={String(Number(slurryPercent.toFixed(2)))}
      take={(typed, key) => {
        const read = readSlurry(typed);
        return read.ok ? piece.takeAllowance('slurryPercent')(read.value, key) : read.problem.message;
      }}
      step={(direction, from) => {
        const typed = from === undefined ? undefined : readSlurry(from);
        return String(Math.max(0, (typed?.ok ? typed.value : slurryPercent) + direction * 0.5));
      }}
      known
      color="warn"
      unit="%"
      style={FIELD}
    />
  );
}

function Row({ mark, words, children }: { mark?: string; words: string; children: ReactNode }) {
  return (
    <div>
      <div className="allowance-words">
        {mark && <span className="allowance-mark">{mark}</span>}
        {words}
      </div>
      <div className="drawn-row">{children}</div>
    </div>
  );
}

/** What goes between ball and trimmed piece, from the rim down; the numbers stand at their places in the drawing. */
export function Allowances({ piece }: { piece: PieceModel }) {
  const open = opensBelow(piece.worked.sized.wet);
  return (
    <div className="allowances" role="group" aria-label="What goes between the ball and the trimmed piece">
      <Row mark={ALLOWANCE_MARKS.needle} words="cut off rim">
        <Allowance piece={piece} name="rimCut" label="Cut off rim" />
      </Row>
      {!open && (
        <Row mark={ALLOWANCE_MARKS.wall} words="trimmed off wall, up to">
          <Allowance piece={piece} name="trimWall" label="Trimmed off wall" />
          <Allowance piece={piece} name="trimWallHeight" label="Wall trimmed up to" />
        </Row>
      )}
      <Row mark={ALLOWANCE_MARKS.floor} words="trimmed off base">
        <Allowance piece={piece} name="trimFloor" label="Trimmed off base" />
      </Row>
      <Row mark={ALLOWANCE_MARKS.wire} words="left under the wire">
        <Allowance piece={piece} name="wireLoss" label="Left under the wire" />
      </Row>
      <Row words="lost as slurry">
        <Slurry piece={piece} />
      </Row>
    </div>
  );
}
