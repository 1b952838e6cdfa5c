import { overallWords, sectionOf } from '@/core/form';
import { type Drawing, type Shape, box, line, path, widthOf, words } from '@/core/paper';
import type { Making, Sized, Worked } from '@/core/sizing';
import type { Gauge } from './gauge';

/** What a card says of a plan besides its figures, as people write it. */
export interface CardWords {
  readonly name: string;
  readonly clay: string;
  readonly note: string;
  readonly date: string;
  readonly length: (mm: number) => string;
  /** A length as a hand sets it; to the full unless said. */
  readonly set?: ((mm: number) => string) | undefined;
  /** What to weigh out, in words: "Ball, by the test piece"; or what stands in the way. */
  readonly weigh: string;
  /** The weight itself, the largest figure of the card; none while something stands in the way. */
  readonly figure?: string | undefined;
  /** Of a piece made by hand: what to roll, cut or coil. */
  readonly hand?: readonly (readonly [string, string])[] | undefined;
  /** The same width in the maker's own measures, where one is near. */
  readonly own?: ((mm: number) => string | undefined) | undefined;
}

/** Where things stand on the card, mm. It takes one page of A4 or letter, and its figures are read from two metres. */
const CARD = { width: 180, edge: 6, top: 142, row: 4.6, foot: 24, longest: 236 };
const FIGURE = { base: 64, size: 46, width: 106 };
const PICTURE = { x: 118, y: 26, width: 54, height: 56, says: 6 };
const THREE = { words: 94, base: 109, size: 18, width: 46, apart: 57 };
const BOXES = { y: 126, side: 6, apart: 9.4, count: 16 };

/** A text as large as it may be and still within so much width, mm. */
const fitted = (text: string, most: number, width: number): number => Math.min(most, width / widthOf(text, 1));

/** What a thrown piece has and one made by hand has not. */
const thrownRows = ({ thrown }: Sized, making: Making, length: (mm: number) => string): [string, string][] => [
  ['Height pulled, then cut level', `${length(thrown.pulled)}; ${length(thrown.gauge)} above the bat`],
  ['Trimmed off base, wall; left under the wire', `${length(making.trimFloor)}, ${length(making.trimWall)}; ${length(making.wireLoss)}`],
];

/** What is set before starting, at most three: at the wheel the rim, the mouth and the floor; by hand what comes first. */
function setFirst({ thrown, stages }: Sized, { hand, length, set = length }: CardWords): readonly (readonly [string, string])[] {
  if (hand) return hand.slice(0, 3);
  const { mouthInside, rimDiameter } = stages.wet.sizes;
  return [
    ['rim above the bat', set(thrown.gauge)],
    mouthInside === undefined ? ['mouth, outside', set(rimDiameter)] : ['mouth, inside', set(mouthInside)],
    ...(thrown.floor === undefined ? [] : [['floor thickness', set(thrown.floor)] as const]),
  ];
}

/** One sheet a plan for the wall: what to weigh out and the drawing first, then its sizes, allowances and gauges, and room for what was made. */
export function shelfCard({ sized, making }: Worked, gauges: readonly Gauge[], said: CardWords): Drawing {
  const { length } = said;
  const { edge } = CARD;
  const across = CARD.width - 2 * edge;
  const finished = `Finished ${overallWords(sized.stages.glazed.sizes, length)}`;
  const rows: (readonly [string, string])[] = [
    [said.hand ? 'Wet' : 'Wet, trimmed', overallWords(sized.stages.wet.sizes, length)],
    ...(said.hand?.slice(3) ?? thrownRows(sized, making, length)),
    ...gauges.flatMap(({ name, readings }) =>
      readings.map(({ what, mm }): [string, string] => {
        const own = said.own?.(mm);
        return [`${name}: ${what}`, own ? `${length(mm)} (${own})` : length(mm)];
      }),
    ),
  ];
  // closer where there are many, so that it stays on one page
  const row = Math.min(CARD.row, (CARD.longest - CARD.top - CARD.foot) / rows.length);
  const table = rows.flatMap(([what, figure], i) => {
    const y = CARD.top + i * row;
    return [words(edge, y, what, 2.8), words(CARD.width - edge, y, figure, 3, 'end')];
  });
  const below = CARD.top + rows.length * row;
  return {
    title: `${said.name}: shelf card`,
    width: CARD.width,
    height: below + CARD.foot,
    shapes: [
      ...box(0, 0, CARD.width, below + CARD.foot),
      words(edge, 12, said.name, fitted(said.name, 9, across)),
      words(edge, 19, said.clay, fitted(said.clay, 4, across)),
      words(edge, 27, said.weigh, fitted(said.weigh, 5, FIGURE.width)),
      ...(said.figure ? [words(edge, FIGURE.base, said.figure, fitted(said.figure, FIGURE.size, FIGURE.width))] : []),
      ...picture(sized),
      ...setFirst(sized, said).flatMap(([what, figure], i) => [
        words(edge + i * THREE.apart, THREE.words, what, fitted(what, 4, THREE.width)),
        words(edge + i * THREE.apart, THREE.base, figure, fitted(figure, THREE.size, THREE.width)),
      ]),
      words(edge, 121, finished, fitted(finished, 7, across)),
      words(edge, BOXES.y + 4.6, 'made', 4),
      ...Array.from({ length: BOXES.count }, (_, i) => box(22 + i * BOXES.apart, BOXES.y, BOXES.side, BOXES.side)).flat(),
      line(edge, CARD.top - 6, CARD.width - edge, CARD.top - 6, 0.15),
      ...table,
      words(
        edge,
        below + 6,
        said.hand
          ? 'Made:   clay ________   mouth ________   height ________   date ________   finished ________'
          : 'Thrown:   ball ________   mouth ________   rim ________   date ________   fired ________',
        3,
      ),
      words(edge, below + 14, said.note.slice(0, 110), 2.6),
      words(CARD.width - edge, below + 20, said.date, 2.4, 'end'),
    ],
  };
}

/** The finished piece small beside its figures, cut through. Not to size. */
function picture({ fired }: Worked['sized']): Shape[] {
  const section = sectionOf(fired);
  const reach = Math.max(...section.map(({ r }) => r));
  const high = Math.max(...section.map(({ z }) => z));
  const scale = Math.min(PICTURE.width / (2 * reach), PICTURE.height / high);
  const middle = PICTURE.x + PICTURE.width / 2;
  const half = (side: 1 | -1) =>
    path(
      section.map(({ r, z }) => ({ x: middle + side * r * scale, y: PICTURE.y + PICTURE.height - z * scale })),
      true,
      0.5,
    );
  return [half(1), half(-1), words(middle, PICTURE.y + PICTURE.height + PICTURE.says, 'finished, not to scale', 2.4, 'middle')];
}
