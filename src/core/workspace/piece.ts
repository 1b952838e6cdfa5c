import type { ClayFigures } from '@/core/clay';
import { checkCup } from '@/core/form';
import { type KnownSizes, type Making, type Sized, type StagedCup, WAYS, checkMaking, resolveKnown, size } from '@/core/sizing';
import { type Result, good } from '@/core/units';
import type { Body, Part, Workspace } from './records';

/** A part with everything worked out. */
export interface SizedPart {
  readonly clay: ClayFigures;
  readonly given: StagedCup;
  readonly sized: Sized;
}

export const bodyOf = (workspace: Pick<Workspace, 'bodies'>, part: Pick<Part, 'bodyId'>): Body | undefined =>
  workspace.bodies.find((body) => body.id === part.bodyId);

/**
 * Works a part out from its known sizes, its clay and its allowances, or says why such a piece is impossible.
 * `write` puts a length into the reader's units, for the message.
 */
export function sizePart(part: Pick<Part, 'sizes' | 'making'>, clay: ClayFigures, write: (mm: number) => string): Result<SizedPart> {
  const given = resolveKnown(part.sizes, clay.shrinkage);
  const cup = checkCup(given.cup as never, write);
  if (!cup.ok) return cup;
  const making = checkMaking(part.making);
  if (!making.ok) return making;
  return good({ clay, given, sized: size(clay, given.cup as never, given.at, part.making) });
}

/** What a new piece starts as: a plain cup, sizes as finished, mm; the foot trimmed. */
const PLAIN_CUP = { height: 100, rimDiameter: 80, baseDiameter: 72, wall: 4.5, floor: 6 };

/** The known sizes of a plain cup whose finished mouth has a given width: height and base keep its proportion. */
export function plainCup(rimDiameter: number = PLAIN_CUP.rimDiameter): KnownSizes {
  const factor = rimDiameter / PLAIN_CUP.rimDiameter;
  const finished = (mm: number) => ({ mm: Math.round(mm * 10) / 10, at: 'glazed' as const });
  const thin = Math.min(1, factor * 2);
  return {
    height: finished(PLAIN_CUP.height * factor),
    rimDiameter: { mm: rimDiameter, at: 'glazed' },
    baseDiameter: finished(PLAIN_CUP.baseDiameter * factor),
    wall: finished(PLAIN_CUP.wall * thin),
    floor: finished(PLAIN_CUP.floor * thin),
  };
}

export const NEW_MAKING: Making = WAYS.trimmed;
