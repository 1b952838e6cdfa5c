import { type Check, PAPER, type Paper, type Sheet, type Shape, box, checkLine, line, words } from './drawing';

/** What stands on the strips already; the rest is left to be written or scratched. */
export interface BarSheetInput {
  readonly body: string;
  readonly batch?: string | undefined;
  readonly cone?: string | undefined;
  /** mm between the marks. */
  readonly marked: number;
  /** The same, as the maker says it. */
  readonly markedWords: string;
  readonly paper: Paper;
  /** The line to lay a rule on. */
  readonly check?: Check | undefined;
}

const STRIP = { width: 150, height: 34, gap: 6, top: 26 };
const REACH = 9;

/** A cross whose upright is the mark: pricked through the paper into the clay. */
const mark = (x: number, y: number): Shape[] => [line(x, y - REACH, x, y + REACH, 0.25), line(x - 3, y, x + 3, y)];

function strip(input: BarSheetInput, x: number, y: number, number: number): Shape[] {
  const first = x + (STRIP.width - input.marked) / 2;
  const middle = y + 13;
  const fields = [
    `${input.body}`,
    `batch ${input.batch ?? '________'}`,
    `cone ${input.cone ?? '____'}`,
    `no. ${number}`,
    'date __________',
  ];
  return [
    ...box(x, y, STRIP.width, STRIP.height),
    ...mark(first, middle),
    ...mark(first + input.marked, middle),
    line(first, middle, first + input.marked, middle, 0.1),
    words(x + STRIP.width / 2, middle - 2, `${input.markedWords} wet`, 3, 'middle'),
    words(x + 4, y + 26, fields.join('    '), 3),
    words(x + 4, y + 31.5, 'bone dry ________   bisque ________   finished ________   boiled ________ g', 3),
  ];
}

/**
 * A sheet of strips to lay on the clay: prick the two marks of each through, cut round it, write the number on the bar.
 * As many as the paper holds; marks longer than the strip are refused by the caller (up to 130 mm fit).
 */
export function barSheet(input: BarSheetInput): Sheet {
  const [width, height] = PAPER[input.paper];
  const count = Math.floor((height - STRIP.top - 24) / (STRIP.height + STRIP.gap));
  const x = (width - STRIP.width) / 2;
  const strips = Array.from({ length: count }, (_, i) => strip(input, x, STRIP.top + i * (STRIP.height + STRIP.gap), i + 1));
  return {
    paper: input.paper,
    title: `Bars of ${input.body}`,
    shapes: [
      words(x, 14, `Bars of ${input.body}: as thick as the work, marked wet, dried flat under a board`, 4.2),
      words(
        x,
        20,
        'Prick through the crosses into the clay. Measure between the pricks when wet, bone dry, after bisque and after the last firing.',
        3,
      ),
      ...strips.flat(),
      ...checkLine(x, height - 14, input.check),
    ],
  };
}
