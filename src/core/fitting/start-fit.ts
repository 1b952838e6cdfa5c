import type { Stage } from '@/core/clay';
import { type Exact, type KnownSize, type Writers, isExact } from '@/core/sizing';
import { type Result, bad, good } from '@/core/units';
import { fitOf } from './fit-work';
import { type Fitting, type Part, shopOf, shopRows, type Stock, stockFault, type Workspace } from '@/core/records';
import { sizedPlanPart, startedPart, type StartOf } from '@/core/part';

/** What a new piece has to fit: the mouth of a pot in the hand, at its stage, a bought lid, or a cork by its top, its bottom and its length. mm */
export type Meets =
  | { readonly kind: 'pot'; readonly mm: number; readonly at: Stage }
  | {
      readonly kind: 'lid';
      readonly mm: number;
      readonly name: string;
      readonly taper?: { readonly bottom: number; readonly length: number } | undefined;
    };

/** The piece that fits it, and what was entered into the kit for that. */
export interface StartedFit {
  readonly part: Part;
  readonly stock?: Stock | undefined;
}

/** A wider mouth narrows otherwise below its rim: so often is looked again, until it moves by less than this, mm. */
const ROUNDS = 6;
const STILL = 0.01;

/** The part with its meeting width at the best odds, known as it finishes. */
function fitted(workspace: Workspace, part: Part, fit: Fitting, write: Writers): Result<Part> {
  const size = fit.with === 'pot' ? 'rimDiameter' : 'mouthInside';
  let now: Part = { ...part, fit };
  for (let round = 0; round < ROUNDS; round += 1) {
    const made = sizedPlanPart(workspace, now, write.length);
    if (!made.ok) return made;
    const found = fitOf(workspace, now, made.value.sized, fit);
    if (!found.ok) return found;
    const { best, width, finishes } = found.value;
    if (Math.abs(best.diameter - width) < STILL) break;
    // a fit is one of finished things: another clay, batch or firing keeps it
    const known: KnownSize = { mm: finishes, at: 'glazed' };
    now = { ...now, sizes: { ...now.sizes, [size]: [known] } };
  }
  return good(now);
}

/**
 * A piece started from what it must fit: a disc for the mouth of a pot in the hand, or a pot whose mouth takes a bought lid. The width
 * that meets is made for the best odds; everything else is suggested.
 */
export function startedFit(
  workspace: Workspace,
  meets: Meets,
  of: StartOf,
  ids: { readonly part: string; readonly stock: string },
  write: Writers,
): Result<StartedFit> {
  if (meets.kind === 'pot') {
    const disc = startedPart(workspace, { kind: 'size', at: 'glazed', across: meets.mm }, { ...of, family: 'disc' }, ids.part, write);
    if (!disc.ok) return disc;
    const part = fitted(workspace, disc.value, { with: 'pot', other: { at: meets.at, mm: meets.mm } }, write);
    return part.ok ? good({ part: part.value }) : part;
  }
  const { taper } = meets;
  const stock: Stock = { id: ids.stock, name: meets.name, kind: taper ? 'stopper' : 'lid', widths: [meets.mm], ...taper };
  const fault = stockFault(stock, write.length);
  if (fault) return bad('meets', fault);
  const shop = shopOf(workspace);
  const withIt = { ...workspace, shop: shopRows({ ...shop, stock: [...(shop.stock ?? []), stock] }) };
  const asWide = (across: number) => startedPart(workspace, { kind: 'size', at: 'glazed', across }, of, ids.part, write);
  const bare = asWide(meets.mm);
  if (!bare.ok) return bare;
  // as wide outside as what comes into it and its walls: what is about the mouth goes with that
  const wall = bare.value.sizes.wall?.[0];
  const pot = wall && isExact(wall) ? asWide(meets.mm + 2 * wall.mm) : bare;
  if (!pot.ok) return pot;
  // its mouth inside is what is made to size: the outside follows by the wall
  const { rimDiameter, ...sizes } = pot.value.sizes;
  const open: Part = { ...pot.value, sizes: { ...sizes, rimDiameter: [{ ...rimDiameter![0], free: true } as Exact] } };
  const part = fitted(withIt, open, { with: 'stock', stockId: stock.id }, write);
  return part.ok ? good({ part: part.value, stock }) : part;
}
