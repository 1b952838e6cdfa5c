'use client';

import { chanceWords } from '@/core/fit';
import { piecesOf, runsOf } from '@/core/orders';
import { handLength, text, unbroken, writeLength } from '@/core/units';
import { Rail, type RailMark } from '@/ui/frame';
import { ROOMS, type RoomName } from '@/ui/rooms';
import { weighOutText } from '@/ui/steps';
import { remaining } from '@/core/clay';
import { fitOfPiece } from './fit';
import type { PieceModel } from './model/use-piece';

/** What the hand sets or cuts: the height of the pointer, how many parts, how high the rim is. */
function toolsFigure({ by, hand, worked, units }: PieceModel): string {
  if (by === 'slab' && hand && 'parts' in hand) return hand.parts.length === 1 ? '1 part' : `${hand.parts.length} parts`;
  const { thrown, stages } = worked.sized;
  return bare(by === 'wheel' ? thrown.gauge : stages.wet.sizes.height, units);
}

/** A length as a hand can set it, without its unit: there is no room for it, and beside it stand its words. */
const bare = (mm: number, { choice }: PieceModel['units']): string => unbroken(text(writeLength(handLength(mm, choice), choice), false));

/** Where there is no figure. */
const NONE = '–';

/** So many letters find room on the rail. */
const ROOM = 9;

/** Height and mouth; the mouth alone where both are too long, in fractions. */
function sizesFigure({ form: { sizes }, units }: PieceModel): string {
  const both = `${bare(sizes.height, units)} × ${bare(sizes.rimDiameter, units)}`;
  return both.length <= ROOM ? both : `⌀ ${bare(sizes.rimDiameter, units)}`;
}

/** What to weigh out; none of a piece by hand that cannot be laid out. */
function makeFigure({ hand, weighOut, worked, part, units }: PieceModel): string {
  if (hand?.obstacle) return NONE;
  return unbroken(weighOutText(weighOut ?? worked.sized.masses.ball, part, units));
}

/** How often it fits: worked out where something was chosen for it, or the room is open. */
function fitFigure(piece: PieceModel, open: boolean): string {
  if (!piece.part.fit && !open) return NONE;
  const { found } = fitOfPiece(piece.kept.workspace, piece);
  return found.ok ? chanceWords(found.value.odds.good) : NONE;
}

/** How many of the newest run came out or still can. */
function madeFigure({ kept: { workspace }, plan }: PieceModel): string {
  const pieces = piecesOf(workspace, runsOf(workspace, plan.id).at(-1)?.id ?? '');
  return pieces.length === 0 ? 'none yet' : `${pieces.filter(({ shelf }) => shelf !== 'lost').length} of ${pieces.length}`;
}

/** The rooms of a piece, each with its own figure. */
export function PieceRail({ piece, current, go }: { piece: PieceModel; current: string; go: (room: string) => void }) {
  const { worked } = piece;
  const figures: Record<RoomName, Pick<RailMark, 'figure' | 'ink'>> = {
    sizes: { figure: sizesFigure(piece), ink: 'glazed' },
    make: { figure: makeFigure(piece), ink: 'wet' },
    tools: { figure: toolsFigure(piece), ink: 'wet' },
    fit: { figure: fitFigure(piece, current === 'fit') },
    made: { figure: madeFigure(piece) },
  };
  const marks = ROOMS.map(({ value, words }) => ({ value, words, ...figures[value] }));
  return (
    <Rail label="Rooms of the piece" marks={marks} current={current} go={go} left={remaining(worked.clay.shrinkage, 'glazed', 'width')} />
  );
}
