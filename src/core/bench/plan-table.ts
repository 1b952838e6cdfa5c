import { type Drawing, line, words } from '@/core/paper';

/** One piece on the list for the wall, as it is to be printed. */
export interface PlanRow {
  readonly name: string;
  readonly clay: string;
  readonly ball: string;
  readonly rimAboveBat: string;
  readonly mouthWet: string;
  readonly floor: string;
  readonly finished: string;
}

const WIDTH = 186;
const ROW = 7;
const HEAD = 20;
const COLUMNS: readonly [keyof PlanRow, string, number, 'start' | 'end'][] = [
  ['name', 'piece', 0, 'start'],
  ['clay', 'clay', 40, 'start'],
  ['ball', 'weigh out', 77, 'end'],
  ['rimAboveBat', 'rim above bat', 94, 'end'],
  ['mouthWet', 'mouth, wet', 123.5, 'end'],
  ['floor', 'floor', 141, 'end'],
  ['finished', 'finished', WIDTH, 'end'],
];
/** About as many letters as fit before the next column. */
const LONGEST = { name: 28, clay: 14 } as const;

/** Many plans as a table for the wall: what to weigh, set and reach for each. */
export function planTable(rows: readonly PlanRow[], date: string): Drawing {
  const cut = (text: string, most: number) => (text.length > most ? `${text.slice(0, most - 1)}…` : text);
  const body = rows.flatMap((row, i) => {
    const y = HEAD + (i + 1) * ROW - 2;
    const cells = COLUMNS.map(([key, , x, anchor]) =>
      words(x, y, key === 'name' || key === 'clay' ? cut(row[key], LONGEST[key]) : row[key], 2.9, anchor),
    );
    return [...cells, line(0, y + 2, WIDTH, y + 2, 0.1)];
  });
  return {
    title: 'Pieces to make',
    width: WIDTH,
    height: HEAD + rows.length * ROW + 4,
    shapes: [
      words(0, 7, 'Pieces to make: wet sizes', 4.4),
      words(WIDTH, 7, date, 2.8, 'end'),
      ...COLUMNS.map(([, head, x, anchor]) => words(x, HEAD - 3, head, 2.6, anchor)),
      line(0, HEAD - 1, WIDTH, HEAD - 1, 0.3),
      ...body,
    ],
  };
}
