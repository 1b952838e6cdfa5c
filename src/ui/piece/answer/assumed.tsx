'use client';

import { type SizeName, sizeIn } from '@/core/form';
import { canGrow, freeSizes } from '@/core/part';
import { standsWords } from '@/core/telling';
import { writePercent } from '@/core/units';
import { openRoom } from '@/ui/rooms';
import { newKey } from '@/ui/state';
import Link from 'next/link';
import type { PieceModel } from '../model/use-piece';

const THICK: readonly SizeName[] = ['wall', 'floor', 'wallAtFoot'];

/** What the answer rests on that nobody entered: a press keeps a thickness, or leads to where the clay and the trimming are entered. */
export function Assumed({ piece }: { piece: PieceModel }) {
  const { part, form, units, known, worked, plan } = piece;
  const { figures } = known;
  const free = freeSizes(part.sizes).filter((name) => THICK.includes(name) && form.sizes[name] !== undefined);
  const thick = part.cast || piece.by === 'former' ? [] : free;
  const clay = figures.sources.shrinkage === 'typical';
  const trims = piece.by === 'wheel' && part.way !== 'own';
  const stands = standsWords(part, { clay: worked.clay, given: { at: 'glazed', form }, sized: worked.sized }, units.length);
  return (
    <>
      {(thick.length > 0 || clay) && (
        <div className="answer-assumed" data-testid="assumed">
          Assumes{' '}
          {thick.map((name) => (
            <button
              type="button"
              key={name}
              title="Keep this thickness"
              onClick={() => piece.takeSize(name, 'glazed')(form.sizes[name]!, newKey())}
            >
              {sizeIn(form.family, name).words} {units.length(form.sizes[name]!)}
            </button>
          ))}
          {clay && (
            <Link href={known.body ? `/clay?body=${known.body.id}` : '/clay'}>
              typical {known.body?.kind ?? 'stoneware'}, {writePercent(worked.clay.belief.mean * 100)}
            </Link>
          )}
          {trims && (
            <button type="button" onClick={() => openRoom(plan.id, 'make', 'ball')}>
              usual trimming
            </button>
          )}
        </div>
      )}
      {stands && (
        <div role="note" className="answer-note" data-testid="stands">
          {stands}
        </div>
      )}
    </>
  );
}

/** The clay there is, which the sizes follow until it is let go. */
export function ClayKept({ piece }: { piece: PieceModel }) {
  const { part, units, weighOut } = piece;
  const ballG = part.wanted?.ballG;
  if (ballG === undefined) return null;
  const off = weighOut !== undefined && Math.abs(weighOut - ballG) > 0.01 * ballG;
  const words = units.mass(ballG);
  const letGo = () => piece.takePart((now) => ({ wanted: { ...now.wanted, ballG: undefined } }), 'clay to use: cleared');
  return (
    <div className="answer-assumed" data-testid="clay-kept">
      {off ? `You have ${words}, and these sizes take ${units.mass(weighOut)}. ` : `Sized to your ${words}. `}
      {off && canGrow(part) && (
        <button type="button" onClick={() => piece.sizeToClay(`sized to ${words}`)}>
          Size it to {words}
        </button>
      )}
      <button type="button" onClick={letGo}>
        Stop keeping {words}
      </button>
    </div>
  );
}
