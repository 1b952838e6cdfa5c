import { remaining } from '@/core/clay';
import { boundsOf } from '@/core/handbuild';
import { handLength, handMass, text, writeLength } from '@/core/units';
import type { HandWork, SizedPart } from '@/core/workspace';
import type { Units } from '@/ui/state';

/** A figure of the answer: what it is, the figure, and what it finishes at. */
export interface HandFigure {
  readonly words: string;
  readonly figure: string;
  readonly finishes?: string | undefined;
  /** The stage it is measured at; wet unless said. */
  readonly stage?: 'leather' | undefined;
}

/** What to roll, cut, press or coil, in the order it is done, rounded to what a hand can do. */
export function handFigures(hand: HandWork | undefined, worked: Pick<SizedPart, 'clay' | 'sized'>, units: Units): HandFigure[] {
  const { choice } = units;
  const left = remaining(worked.clay.shrinkage, 'glazed', 'width');
  const plain = (mm: number) => text(writeLength(handLength(mm, choice), choice));
  const told = (words: string, mm: number, finishes = true): HandFigure => ({
    words,
    figure: plain(mm),
    finishes: finishes ? units.length(handLength(mm, choice) * left) : undefined,
  });
  const { rimDiameter } = worked.sized.stages.wet.sizes;
  if (!hand) return [];
  if (hand.by === 'coil') {
    return [
      { words: 'pinch the base from', figure: units.mass(handMass(hand.plan.pinch.g, choice)) },
      { words: 'coils, thick', figure: units.length(hand.plan.thickness) },
      { words: 'courses', figure: String(hand.plan.courses.length) },
      told('mouth, outside', rimDiameter),
    ];
  }
  const thick = hand.slabs.map(({ roll, guideFinishes, guide }, i): HandFigure => ({
    words: hand.slabs.length > 1 ? `roll slab ${i + 1}, thick` : 'roll, thick',
    figure: units.length(guide ? guide.thickness : roll.thickness),
    finishes: guideFinishes === undefined ? units.length(roll.thickness * left) : units.length(guideFinishes),
  }));
  if (hand.by === 'former') {
    const across = boundsOf(hand.parts[0]!.outline).width;
    return [
      ...thick,
      { words: 'disc of slab, across', figure: plain(across) },
      ...(hand.stop === undefined ? [] : [{ words: 'clay stops at', figure: units.length(hand.stop) }]),
      told('mouth, outside', rimDiameter),
    ];
  }
  const parts = hand.parts.map(({ name, count, outline }): HandFigure => {
    const { width, height } = boundsOf(outline);
    const [wide, high] = [writeLength(handLength(width, choice), choice), writeLength(handLength(height, choice), choice)];
    const curved = outline.length > 24;
    const round = curved && Math.abs(width - height) < 0.05;
    const over = curved && !round ? ', over all' : '';
    return {
      words: `${name[0]!.toLowerCase()}${name.slice(1)}${count > 1 ? `, ${count} of` : ''}${over}`,
      figure: round ? `⌀ ${text(wide)}` : `${text(wide, false)} × ${text(high)}`,
      stage: hand.at === 'leather' ? 'leather' : undefined,
    };
  });
  return [...thick, ...parts];
}
