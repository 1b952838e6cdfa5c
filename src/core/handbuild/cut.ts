import type { Loft } from '@/core/form';
import { type Flat, type FlatEdge, type FlatPart, apart, at, boundsOf, cornered, lengthOf } from './flat';
import { type Panel, panelsOf, planAt, unrolled } from './panels';
import { type RoundWall, stripOf } from './strip';

/** Two of a bevel's widths differ by this much or they are not worth a word, mm. */
const TELLS = 0.3;

/** What happens at the ends of a bent wall. */
export interface Ends {
  readonly note: string;
  /** mm */
  readonly beyond: number;
}

/** The strip between two lines, from rim (upper) to foot (lower), left to right, with what the seam takes beyond the right end. */
function stripPart(upper: readonly Flat[], lower: readonly Flat[], thickness: number, { note, beyond }: Ends): FlatPart {
  const [a, b] = [upper.at(-1)!, lower.at(-1)!];
  const long = apart(a, b);
  // square to the right end, outwards
  const [nx, ny] = [(b.y - a.y) / long, -(b.x - a.x) / long];
  const further = [at(a.x + nx * beyond, a.y + ny * beyond), at(b.x + nx * beyond, b.y + ny * beyond)];
  const seamEdge = (line: readonly Flat[]): FlatEdge => ({ mark: 'A', line, midMm: lengthOf(line) });
  return {
    name: 'Wall',
    count: 1,
    outline: [...upper, ...(beyond > 0 ? further : []), ...lower.toReversed()],
    lines: beyond > 0 ? [[a, b]] : [],
    edges: [seamEdge([upper[0]!, lower[0]!]), seamEdge([a, b]), { mark: 'B', line: lower, midMm: lengthOf(lower) }],
    notes: [note],
    thickness,
  };
}

/** A chord of a disc 300 mm across then lies within 0.02 mm of its arc. */
const ARC_STEPS = 240;

/** A round wall as a strip; its arcs are drawn by their chords, so flat rings of any size stay exact. */
export function roundWallPart(wall: RoundWall, ends: Ends): FlatPart {
  const strip = stripOf(wall);
  if (strip.shape === 'rectangle') {
    const [w, h] = [strip.length, strip.height];
    return stripPart([at(0, 0), at(w, 0)], [at(0, h), at(w, h)], wall.thickness, ends);
  }
  const half = ((strip.angleDegrees / 2) * Math.PI) / 180;
  const arc = (radius: number) =>
    Array.from({ length: ARC_STEPS + 1 }, (_, i) => {
      const turn = -half + (2 * half * i) / ARC_STEPS;
      // the sagitta from the middle, without taking one large number from another
      return { x: radius * Math.sin(turn), sag: 2 * radius * Math.sin(turn / 2) ** 2 };
    });
  const opens = wall.top > wall.bottom;
  const slant = strip.outerRadius - strip.innerRadius;
  const line = (radius: number, y: number) => arc(radius).map(({ x, sag }) => at(x, y + (opens ? sag : -sag)));
  const [upper, lower] = opens
    ? [line(strip.outerRadius, 0), line(strip.innerRadius, slant)]
    : [line(strip.innerRadius, 0), line(strip.outerRadius, slant)];
  return stripPart(upper, lower, wall.thickness, ends);
}

/** A plain disc as a part at its corner, mm. */
export const discOf = (name: string, diameter: number, thickness: number): FlatPart =>
  cornered(discPart(name, diameter, diameter, thickness, false));

/** A plain rectangle as a part at its corner, mm. */
export const rectangleOf = (name: string, length: number, width: number, thickness: number): FlatPart => ({
  name,
  count: 1,
  outline: [at(0, 0), at(length, 0), at(length, width), at(0, width)],
  lines: [],
  edges: [],
  notes: [],
  thickness,
});

export function discPart(name: string, larger: number, smaller: number, thickness: number, marked = true): FlatPart {
  const circle = (diameter: number) =>
    Array.from({ length: ARC_STEPS }, (_, i) => {
      const turn = (i * 2 * Math.PI) / ARC_STEPS;
      return at((diameter / 2) * Math.cos(turn), (diameter / 2) * Math.sin(turn));
    });
  const [cut, other] = [circle(larger), circle(smaller)];
  const bevelled = larger - smaller > TELLS;
  return {
    name,
    count: 1,
    outline: cut,
    lines: bevelled ? [other] : [],
    edges: marked ? [{ mark: 'B', line: [...cut, cut[0]!], midMm: (Math.PI * (larger + smaller)) / 2 }] : [],
    notes: bevelled ? ['Its edge leans with the wall: cut the larger outline, bevel to the dashed one.'] : [],
    thickness,
  };
}

/** The plan as a part: cut at its larger face, the other dashed. */
export function planPart(name: string, loft: Loft, thickness: number, inside: boolean): FlatPart {
  const [low, high] = [planAt(loft, 0, inside), planAt(loft, Math.min(thickness, loft.height), inside)];
  const size = (plan: Flat[]) => boundsOf(plan).width + boundsOf(plan).height;
  const [cut, other] = size(high) >= size(low) ? [high, low] : [low, high];
  const bevelled = size(cut) - size(other) > 2 * TELLS;
  const around = [...cut, cut[0]!];
  return {
    name,
    count: 1,
    outline: cut,
    lines: bevelled ? [[...other, other[0]!]] : [],
    edges: [{ mark: 'B', line: around, midMm: (lengthOf(around) + lengthOf([...other, other[0]!])) / 2 }],
    notes: bevelled ? ['Its edge leans with the wall: cut the larger outline, bevel to the dashed one.'] : [],
    thickness,
  };
}

/** y down, the head of a panel above its foot. */
const onSlab = ({ x, y }: Flat, slant: number): Flat => at(x, slant - y);

/** The widest of two ends of a panel at foot and head: what has to be cut. */
function panelPart(name: string, count: number, { outer, mid, inner, slant, bevels }: Panel, thickness: number): FlatPart {
  const pick = (i: 0 | 1 | 2 | 3) => {
    const further = i === 0 || i === 3 ? Math.min : Math.max;
    return at(further(outer[i].x, inner[i].x), outer[i].y);
  };
  const cut = ([0, 1, 2, 3] as const).map((i) => onSlab(pick(i), slant));
  const [footLeft, footRight, headRight, headLeft] = cut as [Flat, Flat, Flat, Flat];
  const within = [inner, outer].flatMap((quad) => [
    [onSlab(quad[3], slant), onSlab(quad[0], slant)],
    [onSlab(quad[1], slant), onSlab(quad[2], slant)],
  ]);
  const outline = [headLeft, headRight, footRight, footLeft];
  const ends = [[headLeft, footLeft] as const, [headRight, footRight] as const];
  // either way round: the cut itself is no line to bevel to
  const away = ([a, b]: readonly Flat[]) =>
    ends.every(([c, d]) => Math.min(apart(a!, c) + apart(b!, d), apart(a!, d) + apart(b!, c)) > 2 * TELLS);
  const [left, right] = bevels.map((degrees) => Math.round(degrees)) as [number, number];
  const bevelWords = left === right ? `both upright ends at ${left} degrees` : `the upright ends at ${left} and ${right} degrees`;
  return {
    name,
    count,
    outline,
    lines: within.filter(away),
    edges: [
      { mark: 'A', line: ends[0]!, midMm: apart(mid[0], mid[3]) },
      { mark: 'A', line: ends[1]!, midMm: apart(mid[1], mid[2]) },
      { mark: 'B', line: [footLeft, footRight], midMm: apart(mid[0], mid[1]) },
    ],
    notes: left || right ? [`Cut the larger outline square, then bevel ${bevelWords} from square, to the dashed lines.`] : [],
    thickness,
  };
}

const SAME_PANEL_MM = 1e-6;
const alike = (a: Panel, b: Panel): boolean =>
  a.outer.every((place, i) => apart(place, b.outer[i]!) < SAME_PANEL_MM) &&
  a.inner.every((place, i) => apart(place, b.inner[i]!) < SAME_PANEL_MM);

/** Panels of one shape together, named by the way they run. */
export function panelParts(panels: readonly Panel[], thickness: number): FlatPart[] {
  const groups: Panel[][] = [];
  for (const panel of panels) {
    const group = groups.find(([first]) => alike(first!, panel));
    if (group) group.push(panel);
    else groups.push([panel]);
  }
  const names = groups.length === 1 ? ['Side'] : ['Side, the long way', 'Side, the short way'];
  // the first face looks the long way, so it is a short side
  return groups.toReversed().map((group, i) => panelPart(names[i] ?? 'Side', group.length, group[0]!, thickness));
}

/** A bent wall from an oval's many faces, the seam in the middle of a long side. */
export function ovalWall(loft: Loft, thickness: number, ends: Ends): FlatPart {
  const panels = panelsOf(loft, thickness, 'mitred');
  const start = panels.length / 4;
  const { foot, head } = unrolled([...panels.slice(start), ...panels.slice(0, start)]);
  // turned until both ends of the foot lie level
  const turn = -Math.atan2(foot.at(-1)!.y, foot.at(-1)!.x);
  const laid = ({ x, y }: Flat) => at(x * Math.cos(turn) - y * Math.sin(turn), -(x * Math.sin(turn) + y * Math.cos(turn)));
  return stripPart(head.map(laid), foot.map(laid), thickness, ends);
}
