import type { LeaderLine } from './geometry';

/** Labels in a column, each so near to what it speaks of as it can be in its order and so far apart: those too close stand together about their middle. */
export function spread(wished: readonly number[], most: number, top: number, bottom: number): number[] {
  const apart = Math.min(most, (bottom - top) / Math.max(1, wished.length - 1));
  // less the distances between them the places have but to rise: what does not becomes one
  const groups: { sum: number; count: number }[] = [];
  const middle = (from: number) => (groups.at(from)?.sum ?? -Infinity) / (groups.at(from)?.count ?? 1);
  wished.forEach((y, i) => {
    groups.push({ sum: y - i * apart, count: 1 });
    while (middle(-1) < middle(-2)) {
      const { sum, count } = groups.pop()!;
      const before = groups.pop()!;
      groups.push({ sum: before.sum + sum, count: before.count + count });
    }
  });
  const last = bottom - apart * (wished.length - 1);
  return groups
    .flatMap(({ sum, count }) => Array<number>(count).fill(Math.max(top, Math.min(last, sum / count))))
    .map((y, i) => y + i * apart);
}

/** The places of a column so that no leader from it crosses another: two that do are shorter exchanged. */
export function untangled(places: readonly number[], to: readonly (readonly [number, number])[], x: number): number[] {
  const left = [...places];
  const long = (place: number, [toX, toY]: readonly [number, number]) => Math.hypot(toX - x, toY - place);
  for (let again = true; again;) {
    again = false;
    for (let i = 1; i < left.length; i += 1) {
      for (let j = 0; j < i; j += 1) {
        const [a, b] = [left[i]!, left[j]!];
        if (long(b, to[i]!) + long(a, to[j]!) < long(a, to[i]!) + long(b, to[j]!) - 1e-9) {
          [left[i], left[j]] = [b, a];
          again = true;
        }
      }
    }
  }
  return left;
}

/** A line that a leader passes through leaves this free to each side, px. */
const GAP = 7;

/** A level line from one place to another, with gaps where leaders pass through it: an SVG path. */
export function levelPath(y: number, from: number, to: number, leaders: readonly LeaderLine[]): string {
  const gaps = leaders
    .flatMap(([[x0, y0], [x1, y1]]) => (Math.min(y0, y1) < y && y < Math.max(y0, y1) ? [x0 + ((x1 - x0) * (y - y0)) / (y1 - y0)] : []))
    .filter((x) => from < x && x < to)
    .sort((a, b) => a - b);
  return `M${from} ${y}${gaps.map((x) => `H${x - GAP}M${x + GAP} ${y}`).join('')}H${to}`;
}
