/** A place on paper, mm from the top left corner. */
export interface Place {
  readonly x: number;
  readonly y: number;
}

/** Something drawn on paper. Positions and sizes in mm from the top left corner; text by its base line. */
export type Shape =
  | { readonly kind: 'line'; readonly x1: number; readonly y1: number; readonly x2: number; readonly y2: number; readonly width: number }
  | {
      readonly kind: 'path';
      readonly points: readonly Place[];
      readonly closed: boolean;
      readonly width: number;
      /** Drawn in strokes: not where to cut. */
      readonly dashed?: true;
    }
  | {
      readonly kind: 'text';
      readonly x: number;
      readonly y: number;
      readonly text: string;
      /** Height of the type, mm. */
      readonly size: number;
      readonly anchor?: 'start' | 'middle' | 'end';
    };

export type Paper = 'a4' | 'letter';

/** Width and height, mm. */
export const PAPER: Record<Paper, readonly [width: number, height: number]> = { a4: [210, 297], letter: [215.9, 279.4] };

/** A drawing of any size, mm: whoever draws it, each shape stands where it says. */
export interface Drawing {
  readonly title: string;
  readonly width: number;
  readonly height: number;
  readonly shapes: readonly Shape[];
}

/** One sheet of paper as data. */
export interface Sheet {
  readonly paper: Paper;
  readonly title: string;
  readonly shapes: readonly Shape[];
}

const HAIR = 0.2;

/** A length to lay a rule on, and what it is called. */
export interface Check {
  readonly mm: number;
  readonly words: string;
}

/** By the unit a workshop's rules are in. */
export const CHECKS: Readonly<Record<'mm' | 'cm' | 'in', Check>> = {
  mm: { mm: 100, words: '100 mm' },
  cm: { mm: 100, words: '10 cm' },
  in: { mm: 101.6, words: '4 in' },
};

export const line = (x1: number, y1: number, x2: number, y2: number, width = HAIR): Shape => ({ kind: 'line', x1, y1, x2, y2, width });

export const path = (points: readonly Place[], closed = true, width = 0.3): Shape => ({ kind: 'path', points, closed, width });

export const words = (x: number, y: number, text: string, size = 3, anchor: 'start' | 'middle' | 'end' = 'start'): Shape => ({
  kind: 'text',
  x,
  y,
  text,
  size,
  anchor,
});

export const dashed = (points: readonly Place[], width = 0.2): Shape => ({ kind: 'path', points, closed: false, width, dashed: true });

/** Length of a stroke and of the gap after it, mm. */
export const DASH: readonly [number, number] = [3, 2];

/** About how wide a letter is, as a share of its height. */
const LETTER = 0.52;

/** About how wide words are, mm. */
export const widthOf = (text: string, size: number): number => text.length * size * LETTER;

/** Words over as many lines as a width needs, the first on y. */
export function paragraph(x: number, y: number, text: string, size: number, width: number): Shape[] {
  const most = Math.max(8, Math.floor(width / (size * LETTER)));
  const lines = text.split(' ').reduce<string[]>((all, word) => {
    const last = all.at(-1);
    return last === undefined || last.length + word.length >= most ? [...all, word] : [...all.slice(0, -1), `${last} ${word}`];
  }, []);
  return lines.map((said, i) => words(x, y + i * size * 1.35, said, size));
}

export const box = (x: number, y: number, width: number, height: number): Shape[] => [
  line(x, y, x + width, y),
  line(x + width, y, x + width, y + height),
  line(x + width, y + height, x, y + height),
  line(x, y + height, x, y),
];

/** A line to lay a ruler on: printed at another size, nothing else on the sheet is true. */
export function checkLine(x: number, y: number, { mm, words: long }: Check = CHECKS.mm): Shape[] {
  return [
    line(x, y, x + mm, y, 0.3),
    line(x, y - 3, x, y + 3, 0.3),
    line(x + mm, y - 3, x + mm, y + 3, 0.3),
    words(x + mm + 4, y - 0.6, `This line is ${long}.`, 2.8),
    words(x + mm + 4, y + 3.4, 'If it is not, print again at 100%, not “fit to page”.', 2.8),
  ];
}

/** A shape moved and scaled: each place p becomes by + factor p; lines and type keep their thickness and size. */
export function moved(shape: Shape, dx: number, dy: number, factor = 1): Shape {
  const x = (value: number) => dx + value * factor;
  const y = (value: number) => dy + value * factor;
  if (shape.kind === 'line') return { ...shape, x1: x(shape.x1), y1: y(shape.y1), x2: x(shape.x2), y2: y(shape.y2) };
  if (shape.kind === 'path') return { ...shape, points: shape.points.map((place) => ({ x: x(place.x), y: y(place.y) })) };
  return { ...shape, x: x(shape.x), y: y(shape.y) };
}
