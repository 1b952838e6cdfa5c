import { remaining } from '@/core/clay';
import { boundsOf } from '@/core/handbuild';
import { type UnitChoice, handLength, handMass, text, writeLength } from '@/core/units';
import type { HandWork, RolledSlab, SizedPart } from '@/core/part';
import type { Units } from '@/ui/state';

/** A figure of the answer: what it is, the figure, and what it finishes at. */
export interface HandFigure {
  readonly words: string;
  readonly figure: string;
  readonly finishes?: string | undefined;
  /** The stage it is measured at; wet unless said. */
  readonly stage?: 'leather' | undefined;
}

const MM2_PER_IN2 = 645.16;

/** An area in the units of the lengths chosen. */
export const areaWords = (cm2: number, unit: UnitChoice['length']): string =>
  unit === 'mm' || unit === 'cm' ? `${Math.round(cm2)} cm²` : `${Math.round((cm2 * 100) / MM2_PER_IN2)} sq in`;

/** Slabs of one thickness together: the first of them and how many. */
function slabGroups(slabs: readonly RolledSlab[]): { slab: RolledSlab; count: number }[] {
  const groups: { slab: RolledSlab; count: number }[] = [];
  for (const slab of slabs) {
    const group = groups.find((each) => each.slab.thickness === slab.thickness);
    if (group) group.count += 1;
    else groups.push({ slab, count: 1 });
  }
  return groups;
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
  if (!hand || hand.obstacle) return [];
  if (hand.by === 'coil') {
    const { pinch, thickness, courses } = hand.plan!;
    return [
      { words: 'pinch the base from', figure: units.mass(handMass(pinch.g, choice)) },
      { words: 'coils, thick', figure: units.length(thickness) },
      { words: 'courses', figure: String(courses.length) },
      told('mouth, outside', rimDiameter),
    ];
  }
  if (hand.by === 'former' && hand.lining) {
    return [
      { words: 'roll the pieces, thick', figure: units.length(hand.lining.thickness) },
      { words: 'pieces together', figure: areaWords(hand.lining.areaCm2, choice.length) },
      told('mouth, outside', rimDiameter),
    ];
  }
  const thick = slabGroups(hand.slabs).map(({ slab, count }, i, all): HandFigure => ({
    words: `roll ${count > 1 ? `${count} slabs` : all.length > 1 ? `slab ${i + 1}` : ''}, thick`.replace(' ,', ','),
    figure: units.length(slab.roll.thickness),
    finishes: units.length(slab.finishes),
  }));
  if (hand.by === 'former') {
    const across = boundsOf(hand.parts[0]!.outline).width;
    return [
      ...thick,
      { words: 'disc of slab, across', figure: plain(across) },
      ...(hand.stop === undefined ? [] : [{ words: 'rim level on former', figure: units.length(hand.stop) }]),
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
