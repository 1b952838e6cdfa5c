import type { Stage } from '@/core/clay';
import { type Flat, type FlatEdge, type FlatPart, boundsOf, distanceTo, lengthOf, liesWithin, roomIn } from '@/core/handbuild';
import { CHECKS, type Check, type Drawing, type Shape, dashed, line, paragraph, path, words } from '@/core/paper';
import { STAGE_WORDS } from '@/core/sizing';

/** What a template says beside its outline. */
export interface TemplateWords {
  readonly name: string;
  readonly clay: string;
  /** The stage it is laid on the clay at. */
  readonly stage: Stage;
  readonly length: (mm: number) => string;
  /** It may lie either way on the slab: no arrow. */
  readonly turns?: boolean | undefined;
  /** The line to lay a rule on. */
  readonly check?: Check | undefined;
}

const GAP = 14;
/** Below the part: two lines of words, notes, the line to measure. mm */
const TEXT = { line: 5, size: 2.8, check: 12 };
/** Letters of joining edges, to be read at arm's length. mm */
const MARK = 8;
const ARROW = { long: 34, head: 3 };

const place = ({ x, y }: Flat): Flat => ({ x: x + GAP, y: y + GAP });

/** Half-way along an edge, and square to it a little into the part: past a bevel line that would run through the letter. */
function markAt({ line: edge }: FlatEdge, { outline, lines }: FlatPart, room: number): Flat {
  const half = lengthOf(edge) / 2;
  let [gone, i] = [0, 1];
  while (i < edge.length - 1 && gone + Math.hypot(edge[i]!.x - edge[i - 1]!.x, edge[i]!.y - edge[i - 1]!.y) < half) {
    gone += Math.hypot(edge[i]!.x - edge[i - 1]!.x, edge[i]!.y - edge[i - 1]!.y);
    i += 1;
  }
  const [a, b] = [edge[i - 1]!, edge[i]!];
  const step = Math.hypot(b.x - a.x, b.y - a.y) || 1;
  // a letter away from a corner: half-way round a base is one
  const away = Math.min(0.5, MARK / step);
  const share = Math.min(1 - away, Math.max(away, (half - gone) / step));
  const at = { x: a.x + (b.x - a.x) * share, y: a.y + (b.y - a.y) * share };
  const beside = (inward: number) => ({ x: at.x - ((b.y - a.y) * inward) / step, y: at.y + ((b.x - a.x) * inward) / step });
  const side = liesWithin(outline, beside(1)) ? 1 : -1;
  const places = [1, 1.8, 2.6].map((times) => beside(side * Math.min(times * MARK, room / 2)));
  return places.find((letter) => lines.every((each) => distanceTo(each, letter) > MARK / 2)) ?? places[0]!;
}

const ROLLED = 'rolled this way';

/** Whether the arrow is told of beside it: on a smaller part its letters stand there. */
const isNamed = (room: ReturnType<typeof roomIn>): boolean => room.mm >= 2 * MARK;

/** An arrow along the slab, as long as the part has room beside its letters: lay it the way the slab was rolled. */
function grain(room: ReturnType<typeof roomIn>, letters: readonly Flat[]): Shape[] {
  const clear = (long: number) =>
    letters.every(({ x, y }) => Math.abs(y - room.at.y) > MARK || Math.abs(x - room.at.x) > long / 2 + ARROW.head);
  const roomy = Math.min(ARROW.long, room.mm * 1.6);
  const long = clear(roomy) ? roomy : Math.max(2 * ARROW.head, 2 * (room.mm - MARK - ARROW.head));
  const { x, y } = place({ x: room.at.x - long / 2, y: room.at.y });
  return [
    line(x, y, x + long, y, 0.3),
    line(x + long, y, x + long - ARROW.head, y - ARROW.head * 0.6, 0.3),
    line(x + long, y, x + long - ARROW.head, y + ARROW.head * 0.6, 0.3),
    ...(isNamed(room) ? [words(x + long / 2, y - 2, ROLLED, 2.4, 'middle')] : []),
  ];
}

interface Caption {
  readonly shapes: readonly Shape[];
  /** Where the line to measure stands. */
  readonly bottom: number;
}

/** What a template is, line by line, and a line to measure below it. */
function caption(told: readonly string[], x: number, top: number, wide: number, measure: Check): Caption {
  const shapes: Shape[] = [];
  let y = top;
  for (const each of told) {
    const lines = paragraph(x, y, each, TEXT.size, wide);
    shapes.push(...lines);
    y += lines.length * TEXT.size * 1.35 + 1.2;
  }
  const check = y + TEXT.line;
  const ends = [x, x + measure.mm].map((end) => line(end, check - 2, end, check + 2, 0.3));
  return {
    shapes: [...shapes, line(x, check, x + measure.mm, check, 0.3), ...ends, words(x + measure.mm + 3, check + 1, measure.words, 2.6)],
    bottom: check,
  };
}

/** Around a caption within a part, where its letters and bevel lines stand. mm */
const CLEAR = 12;

/** The caption within the part, below the arrow, where that leaves room for it: paper of its own is a page more. */
function captionInside(outline: readonly Flat[], told: readonly string[], arrow: number, measure: Check): Caption | undefined {
  const { left, top, width, height } = boundsOf(outline);
  const { at } = roomIn(outline);
  const wide = measure.mm + 20;
  const from = at.y + (arrow > 0 ? arrow + 4 : 0);
  const x = Math.min(Math.max(left + CLEAR, at.x - wide / 2), left + width - CLEAR - wide);
  const { bottom } = caption(told, 0, 0, wide, measure);
  // below the arrow, or above it where there is more room
  const tops = [from, at.y - 8 - bottom].filter((y) => y > top + CLEAR && y + bottom < top + height - CLEAR);
  const fits = (y: number) => {
    const corners = [0, 0.5, 1].flatMap((a) =>
      [0, 0.5, 1].map((b) => ({ x: x - CLEAR / 2 + a * (wide + CLEAR), y: y - 5 + b * (bottom + 7) })),
    );
    return width > wide + 2 * CLEAR && corners.every((corner) => liesWithin(outline, corner));
  };
  const y = tops.find(fits);
  return y === undefined ? undefined : caption(told, x + GAP, y + GAP, wide, measure);
}

/**
 * A part to cut out at true size: its cut line, dashed lines where bevels end or laps begin, its joining edges lettered, an arrow for
 * the way the slab was rolled, and what it is: name, how many, clay, stage, slab, and a line to measure.
 */
export function template(part: FlatPart, { name, clay, stage, length, turns = false, check = CHECKS.mm }: TemplateWords): Drawing {
  const bounds = boundsOf(part.outline);
  const room = roomIn(part.outline);
  const wide = Math.max(bounds.width, check.mm + 20);
  const told = [
    `${name}: ${part.name}${part.count > 1 ? `, cut ${part.count}` : ''}`,
    `${clay}. Laid on ${STAGE_WORDS[stage]} clay, slab ${length(part.thickness)}. ${length(bounds.width)} by ${length(bounds.height)} over all.`,
    ...(turns || isNamed(room) ? [] : [`The arrow: ${ROLLED}.`]),
    ...part.notes,
  ];
  const letters = part.edges.map((edge) => markAt(edge, part, room.mm));
  const inside = captionInside(part.outline, told, turns ? 0 : ARROW.head, check);
  const said = inside ?? caption(told, GAP, GAP + bounds.height + 8, wide, check);
  return {
    title: `${name}: ${part.name}, ${STAGE_WORDS[stage]}`,
    width: (inside ? bounds.width : wide) + 2 * GAP,
    height: inside ? bounds.height + 2 * GAP : said.bottom + TEXT.check,
    shapes: [
      path(part.outline.map(place)),
      ...part.lines.map((each) => dashed(each.map(place))),
      ...letters.map(place).map(({ x, y }, i) => words(x, y + MARK / 3, part.edges[i]!.mark, MARK, 'middle')),
      ...(turns ? [] : grain(room, letters)),
      ...said.shapes,
    ],
  };
}
