import { type Found, type Points, type Spend, pricedSets } from './boxes';

/** What a set is worth: so much, less `weigh` times its spread; and at most so many are chosen. */
export interface Wanted {
  readonly value: number;
  readonly weigh: number;
  readonly most: number;
}

/** What the pieces are worth, and a set as such, so that no set is worth more than its pieces and itself together. */
export interface Prices {
  readonly prices: readonly number[];
  readonly each: number;
  /** Nothing chosen is worth more. */
  readonly bound: number;
  /** Sets found on the way. */
  readonly sets: readonly Found[];
}

const NEAR = 1e-9;
/** So many exchanges are enough for what a potter sorts. */
const MOST = 6000;

const sum = (all: readonly number[]): number => all.reduce((total, each) => total + each, 0);

/**
 * Prices of pieces for choosing the sets worth most: the dual of the linear program, by the revised simplex method with sets made as they
 * are needed (Gilmore and Gomory 1961). Raised at the end by what may be missing, so that the bound holds even where exchanges were
 * stopped early; undefined where even that could not be looked at.
 */
export function pricesOf(points: Points, size: number, want: Wanted, start: readonly Found[], spend: Spend): Prices | undefined {
  const n = points.length;
  const known = new Map<string, Found>();
  const learn = (set: Found) => known.set(set.pieces.toSorted((a, b) => a - b).join(), set);
  start.forEach(learn);
  // a row for each piece and one for how many sets there are; the basis: a set each, or nothing where the row is not used up
  const rows = n + 1;
  const basis: (Found | undefined)[] = Array.from({ length: rows });
  const inverse = Array.from({ length: rows }, (_, i) => Float64Array.from({ length: rows }, (__, j) => (i === j ? 1 : 0)));
  // a little more of each piece, ever another, so that no exchange stands still
  const amounts = Array.from({ length: rows }, (_, i) => (i === n ? want.most : 1) + 1e-6 * (((i * 7919) % 1009) / 1009 + 0.01));
  const worth = (set: Found | undefined) => (set ? want.value - want.weigh * set.spread : 0);
  const pricesNow = (): number[] => {
    const prices = Array.from({ length: rows }, () => 0);
    basis.forEach((set, row) => {
      const own = worth(set);
      if (own !== 0) inverse[row]!.forEach((share, j) => (prices[j]! += own * share));
    });
    return prices;
  };
  const enter = (set: Found | undefined, used: readonly number[]): boolean => {
    const column = inverse.map((row) => used.reduce((total, i) => total + row[i]!, 0));
    let [leaving, least] = [-1, Infinity];
    column.forEach((share, row) => {
      if (share > NEAR && amounts[row]! / share < least) [leaving, least] = [row, amounts[row]! / share];
    });
    if (leaving < 0) return false;
    const pivot = inverse[leaving]!.map((each) => each / column[leaving]!);
    inverse[leaving] = pivot;
    amounts[leaving] = least;
    column.forEach((share, row) => {
      if (row === leaving || Math.abs(share) < 1e-13) return;
      const own = inverse[row]!;
      for (let j = 0; j < rows; j += 1) own[j]! -= share * pivot[j]!;
      amounts[row]! -= share * least;
    });
    basis[leaving] = set;
    return true;
  };
  let prices = pricesNow();
  for (let turn = 0; turn < MOST && spend(rows * rows); turn += 1) {
    const cheap = prices.reduce((least, price, i) => (price < prices[least]! ? i : least), 0);
    let [most, best] = [Math.max(NEAR, -prices[cheap]!), undefined as Found | undefined];
    const gain = (set: Found) => worth(set) - prices[n]! - sum(set.pieces.map((i) => prices[i]!));
    const look = (set: Found) => {
      const own = gain(set);
      if (own > most + NEAR) [most, best] = [own, set];
    };
    known.forEach(look);
    const hear = (set: Found) => {
      if (gain(set) < NEAR) return;
      learn(set);
      look(set);
    };
    if (!best && prices[cheap]! >= -NEAR && !pricedSets(points, size, prices, want.weigh, hear, spend)) return undefined;
    const entering = best as Found | undefined;
    if (!entering && prices[cheap]! >= -NEAR) break;
    if (!enter(entering, entering ? [...entering.pieces, n] : [cheap])) break;
    prices = pricesNow();
  }
  const own = prices.map((price) => Math.max(0, price));
  const each = own.pop()!;
  let missing = 0;
  const short = (set: Found) => {
    missing = Math.max(missing, worth(set) - each - sum(set.pieces.map((i) => own[i]!)));
  };
  if (!pricedSets(points, size, own, want.weigh, short, spend)) return undefined;
  return { prices: own, each: each + missing, bound: sum(own) + want.most * (each + missing), sets: [...known.values()] };
}
