'use client';

import { type SizeName, sizeIn } from '@/core/form';
import { MAKING_WAYS } from '@/core/sizing';
import { freeSizes, standsWords } from '@/core/workspace';
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
  const trims = piece.by === 'wheel' && part.way !== 'own' && MAKING_WAYS.includes(part.way);
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
  const letGo = () => piece.takePart((now) => ({ wanted: { ...now.wanted, ballG: undefined } }), 'clay to use: cleared');
  const again = () => piece.takePart((now) => ({ wanted: { ...now.wanted, ballG: ballG * (1 + 1e-9) } }), `sized to ${units.mass(ballG)}`);
  return (
    <div className="answer-assumed" data-testid="clay-kept">
      {off ? `You have ${units.mass(ballG)}. ` : `Sized to your ${units.mass(ballG)}. `}
      {off && (
        <button type="button" onClick={again}>
          Size it to that
        </button>
      )}
      <button type="button" onClick={letGo}>
        Let the sizes decide
      </button>
    </div>
  );
}
