import type { Middle } from '@/core/learn';
import { type KnownPiece, scaledBall, wallOfBall } from '@/core/sizing';
import { handOf, makingOf, type SizedPart } from './piece';
import type { Part, SaidBall } from '@/core/records';

/** The maker's own ball over the one worked out, and where it is from: the log, or what they said their ball makes. */
export interface OwnBall extends Pick<Middle, 'median' | 'count'> {
  readonly from: 'log' | 'said';
  /** What was said: the ball and the piece it makes, finished. */
  readonly said?: KnownPiece | undefined;
}

const ofSaid = (ratio: number, said?: KnownPiece): OwnBall => ({ median: ratio, count: 1, from: 'said', said });

/** What a known piece of a part says: its ball over the one worked out for that size; undefined where no such piece can be made. */
export function ratioOf(part: Part, { clay, sized }: SizedPart, known: KnownPiece): number | undefined {
  const scaled = scaledBall(clay, sized.stages.glazed, makingOf(part), known, String);
  return scaled.ok ? scaled.value.bySection / sized.masses.ball : undefined;
}

/** The wall a part's known ball is enough for, where that is less than the wall there is, finished mm; 0 for none. Only what is thrown has one. */
export const shortWall = (part: Part, { clay, sized }: SizedPart, known = part.knownPiece): number | undefined =>
  known && handOf(part) === 'wheel' ? wallOfBall(clay, sized.stages.glazed, makingOf(part), known) : undefined;

/** What a part's known ball teaches of its maker's ratio. One that is too little for the planned wall speaks of the wall, not of the hand. */
export function saidBall(part: Part, sized: SizedPart): SaidBall | undefined {
  const { knownPiece, way } = part;
  if (!knownPiece || handOf(part) !== 'wheel' || shortWall(part, sized) !== undefined) return undefined;
  const ratio = ratioOf(part, sized, knownPiece);
  return ratio === undefined ? undefined : { ...knownPiece, way, ratio };
}

/**
 * The maker's own ratio for a part that is thrown. Three pieces of the log come first; until then what was said of this piece, else of any
 * piece made this way.
 */
export function ownBall(part: Part, sized: SizedPart, learned: Middle | undefined, balls: readonly SaidBall[] = []): OwnBall | undefined {
  if (handOf(part) !== 'wheel') return undefined;
  if (learned) return { median: learned.median, count: learned.count, from: 'log' };
  if (part.ballRatio) return ofSaid(part.ballRatio);
  const own = part.knownPiece && ratioOf(part, sized, part.knownPiece);
  if (own) return ofSaid(own, part.knownPiece);
  const said = balls.find(({ way }) => way === part.way);
  return said && ofSaid(said.ratio, said);
}
