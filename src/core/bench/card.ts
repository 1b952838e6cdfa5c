import { overallWords, sectionOf } from '@/core/form';
import { type Drawing, type Shape, box, line, path, words } from '@/core/paper';
import type { Making, Sized, Worked } from '@/core/sizing';
import type { Gauge } from './gauge';

/** What a card says of a plan besides its figures, as people write it. */
export interface CardWords {
  readonly name: string;
  readonly clay: string;
  readonly note: string;
  readonly date: string;
  readonly length: (mm: number) => string;
  /** What to weigh out, or what stands in the way. */
  readonly weigh: string;
  /** Of a piece made by hand: what to roll, cut or coil. */
  readonly hand?: readonly (readonly [string, string])[] | undefined;
  /** The same width in the maker's own measures, where one is near. */
  readonly own?: ((mm: number) => string | undefined) | undefined;
}

const CARD = { width: 180, top: 36, row: 5, foot: 28 };
const PICTURE = { x: 122, y: 30, width: 50, height: 62, says: 8 };

/** What a thrown piece has and one made by hand has not. */
const thrownRows = ({ thrown }: Sized, making: Making, length: (mm: number) => string): [string, string][] => [
  ['Height pulled, then cut level', `${length(thrown.pulled)}; ${length(thrown.gauge)} above the bat`],
  ['Trimmed off base, wall; left under the wire', `${length(making.trimFloor)}, ${length(making.trimWall)}; ${length(making.wireLoss)}`],
];

/** One small sheet a plan for the wall: its drawing, ball, sizes wet and finished, allowances, gauges, and room for what was really thrown. */
export function shelfCard({ sized, making }: Worked, gauges: readonly Gauge[], said: CardWords): Drawing {
  const { length } = said;
  const [wet, glazed] = [sized.stages.wet.sizes, sized.stages.glazed.sizes];
  const rows: (readonly [string, string])[] = [
    ['Finished', overallWords(glazed, length)],
    [said.hand ? 'Wet' : 'Wet, trimmed', overallWords(wet, length)],
    ...(said.hand ?? thrownRows(sized, making, length)),
    ...gauges.flatMap(({ name, readings }) =>
      readings.map(({ what, mm }): [string, string] => {
        const own = said.own?.(mm);
        return [`${name}: ${what}`, own ? `${length(mm)} (${own})` : length(mm)];
      }),
    ),
  ];
  const table: Shape[] = rows.flatMap(([what, figure], i) => {
    const y = CARD.top + i * CARD.row;
    return [words(6, y, what, 2.6), words(118, y, figure, 2.8, 'end')];
  });
  const below = Math.max(CARD.top + rows.length * CARD.row, PICTURE.y + PICTURE.height + PICTURE.says);
  return {
    title: `${said.name}: shelf card`,
    width: CARD.width,
    height: below + CARD.foot,
    shapes: [
      ...box(0, 0, CARD.width, below + CARD.foot),
      words(6, 11, said.name, 6),
      words(6, 18, said.clay, 3),
      words(6, 27, said.weigh, 5.5),
      ...table,
      ...picture(sized),
      line(6, below, CARD.width - 6, below, 0.15),
      words(
        6,
        below + 8,
        said.hand
          ? 'Made:   clay ________   mouth ________   height ________   date ________   finished ________'
          : 'Thrown:   ball ________   mouth ________   rim ________   date ________   fired ________',
        3,
      ),
      words(6, below + 17, said.note.slice(0, 110), 2.6),
      words(CARD.width - 6, below + 24, said.date, 2.4, 'end'),
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
    path(section.map(({ r, z }) => ({ x: middle + side * r * scale, y: PICTURE.y + PICTURE.height - z * scale })));
  return [half(1), half(-1), words(middle, PICTURE.y + PICTURE.height + 5, 'not to scale', 2.4, 'middle')];
}
