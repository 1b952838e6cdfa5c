import {
  type ClayFacts,
  type ClayFigures,
  type Direction,
  type Evidence,
  type Firing,
  type OwnHand,
  asBars,
  clayFigures,
  gather,
  heatOf,
  readCone,
  weigh,
} from '@/core/clay';
import type { Tool } from '@/core/sizing';
import { type BarRecord, type Batch, type Body, same, shopOf, type Workspace } from '@/core/records';
import { allEvidence, learnedHand, recordFor } from '@/core/lessons';
import { type MatterOf, bodyOf } from './piece';

/** A body, the batch and the firing something is made in; any of them may be unsaid. */
export interface ClayChoice {
  readonly bodyId?: string | undefined;
  readonly batchId?: string | undefined;
  readonly firing?: Firing | undefined;
}

/** All that is known of a clay for one batch and firing. */
export interface KnownClay {
  readonly body: Body | undefined;
  readonly firing: Firing;
  readonly figures: ClayFigures;
  /** The bars and pieces measured across, sorted into used and not. */
  readonly evidence: Evidence<BarRecord>;
  readonly heightEvidence: Evidence<BarRecord>;
}

/** The rows that speak of a clay: bars, and pieces that were made and fired. */
export type ClayRows = Pick<Workspace, 'bodies' | 'bars' | 'runs' | 'pieces' | 'shop'>;

/** Taken while nothing is chosen: stoneware, with nothing known. */
const NO_CLAY: ClayFacts = { kind: 'stoneware' };

/** The firing a body usually gets, where its cone is written as one. */
function usualFiring(body: Body | undefined): Firing {
  const cone = body?.cone === undefined ? undefined : readCone(body.cone);
  return cone?.ok ? { cone: cone.value } : {};
}

const NO_BARS: readonly BarRecord[] = [];

type Grouped = ReadonlyMap<string, readonly BarRecord[]>;

const grouped = new WeakMap<readonly BarRecord[], Grouped>();
let latest: Grouped = new Map();

const alike = (a: readonly BarRecord[], b: readonly BarRecord[] | undefined): boolean =>
  b?.length === a.length && a.every((bar, i) => bar === b[i]);

/** The bars of a body. While none of them changes it is the same list, whatever becomes of the bars of others. */
function barsOf(bars: readonly BarRecord[], bodyId: string): readonly BarRecord[] {
  let groups = grouped.get(bars);
  if (!groups) {
    const fresh = new Map<string, BarRecord[]>();
    for (const bar of bars) {
      const own = fresh.get(bar.bodyId);
      if (own) own.push(bar);
      else fresh.set(bar.bodyId, [bar]);
    }
    groups = new Map([...fresh].map(([id, own]) => [id, alike(own, latest.get(id)) ? latest.get(id)! : own]));
    grouped.set(bars, groups);
  }
  latest = groups;
  return groups.get(bodyId) ?? NO_BARS;
}

/** Only what was found: a batch's own weighing takes the place of the body's, not its absence. */
const defined = <T extends object>(found: T): Partial<T> =>
  Object.fromEntries(Object.entries(found).filter(([, value]) => value !== undefined)) as Partial<T>;

/**
 * Gathers what is known of a clay: the body's figures, its bars of this batch and firing first, others as they are worth. Worked out
 * once for a body, batch and firing while the body and its bars are the same objects.
 */
export function clayOf(workspace: ClayRows, choice: ClayChoice): KnownClay {
  const body = bodyOf(workspace, choice);
  const firing = choice.firing ?? usualFiring(body);
  const bars = body ? barsOf(allEvidence(workspace), body.id) : NO_BARS;
  const asked = [body?.id, choice.batchId, firing.cone, firing.temperatureC, firing.holdMinutes, firing.atmosphere].join('|');
  const before = known.get(bars) ?? new Map<string, KnownClay>();
  known.set(bars, before);
  const kept = before.get(asked);
  if (kept && kept.body === body) return withHands(kept, workspace);
  const now = gathered(body, bars, choice.batchId, firing);
  before.set(asked, now);
  return withHands(now, workspace);
}

interface Handed {
  readonly learned: ReturnType<typeof learnedHand>;
  readonly takeOff: unknown;
  readonly now: KnownClay;
}

const handed = new WeakMap<KnownClay, Handed>();

/** The same with how truly the maker makes sizes, where their pieces have shown it. */
function withHands(found: KnownClay, workspace: ClayRows): KnownClay {
  const learned = learnedHand(recordFor(workspace, found.body ?? { id: '' }));
  const takeOff = shopOf(workspace).wheel?.takeOff;
  const before = handed.get(found);
  if (before?.learned === learned && same(before.takeOff, takeOff)) return before.now;
  const own = (tool: Tool, direction: Direction): OwnHand => {
    const { nextSd, lean } = learned[tool][direction];
    return { sd: nextSd, lean: lean - (tool === 'gauge' ? (takeOff?.[direction] ?? 0) : 0) };
  };
  const by = (tool: Tool) => ({ width: own(tool, 'width'), height: own(tool, 'height') });
  const hands = { gauge: by('gauge'), eye: by('eye') };
  // the same hand by other rows is no other clay
  const now = before && same(before.now.figures.hands, hands) ? before.now : { ...found, figures: { ...found.figures, hands } };
  handed.set(found, { learned, takeOff, now });
  return now;
}

const known = new WeakMap<readonly BarRecord[], Map<string, KnownClay>>();

function gathered(body: Body | undefined, bars: readonly BarRecord[], batchId: string | undefined, firing: Firing): KnownClay {
  const across = bars.filter(({ direction }) => direction !== 'height');
  const upright = bars.filter(({ direction }) => direction === 'height');
  const evidence = gather(across, batchId, firing);
  const heightEvidence = gather(upright, batchId, firing);
  const facts: ClayFacts = body ?? NO_CLAY;
  const figures = clayFigures({
    ...facts,
    bars: asBars(evidence),
    askedC: evidence.otherFiringStandsIn ? heatOf(firing) : undefined,
    heightBars: asBars(heightEvidence),
    weighed: { ...weigh(bars), ...defined(weigh(bars.filter((bar) => bar.batchId === batchId))) },
  });
  return { body, firing, figures, evidence, heightEvidence };
}

/** The batch of a body that came in last, by its date; one without a date counts as oldest. */
export function newestBatch({ batches }: Pick<Workspace, 'batches'>, bodyId: string): Batch | undefined {
  const own = batches.filter((batch) => batch.bodyId === bodyId);
  return own.sort((a, b) => (b.date ?? '').localeCompare(a.date ?? ''))[0];
}

/** A body as it is believed now, wherever one figure of it is told: in its newest batch, fired as usual. */
export const clayNow = (workspace: ClayRows & Pick<Workspace, 'batches'>, bodyId: string): KnownClay =>
  clayOf(workspace, { bodyId, batchId: newestBatch(workspace, bodyId)?.id });

/** Looks up what a body holds of water and loses in firing. */
export const matterIn =
  (workspace: ClayRows): MatterOf =>
  (bodyId) =>
    clayOf(workspace, { bodyId }).figures.matter;
