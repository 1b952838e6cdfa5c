import { DEMO } from '@/core/example';
import { handWith, rangeOf } from '@/core/sizing';
import type { ClayFigures } from '@/core/clay';
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { describe, expect, it } from 'vitest';
import {
  allEvidence,
  bySoftness,
  cameOf,
  doubtedReadings,
  errorsOf,
  everyPiece,
  learnedBall,
  learnedDays,
  learnedForms,
  learnedHand,
  learnedLoss,
  learnedLosses,
  learnedMinutes,
  recordFor,
} from '@/core/lessons';
import { piecesOf, runOf, runsOf, startedRun } from '@/core/orders';
import { clayOf, weighedPart } from '@/core/part';
import { type MadePiece, onShelf, type Run, withReading, type Workspace } from '.';

const [honey] = DEMO.runs;
const crock = DEMO.plans.find(({ id }) => id === 'plan-butter-crock')!;

/** The example with nothing made. */
const BARE: Workspace = { ...DEMO, runs: [], pieces: [] };

const piece = (no: number, change: Partial<MadePiece> = {}): MadePiece => ({
  id: `p${no}`,
  runId: 'r',
  no,
  at: '2026-11-01T09:00:00.000Z',
  shelf: 'fired',
  since: {},
  sizes: {},
  weights: {},
  note: '',
  ...change,
});

const started = (workspace: Workspace = BARE): Run => startedRun(workspace, crock.id, 'r', '2026-11-01T08:00:00.000Z')!;

const shop = (run: Run, pieces: readonly MadePiece[], from: Workspace = BARE): Workspace => ({ ...from, runs: [run], pieces });

describe('a run', () => {
  it('keeps what was planned, asked, believed and said when it began', () => {
    const run = started();
    const made = weighedPart(BARE, crock.parts[0], String);
    if (!made.ok) throw new Error(made.problem.message);
    const { stages, thrown, masses } = made.value.sized;
    expect(run).toMatchObject({ name: 'Butter crock', date: '2026-11-01', by: 'wheel', gauge: thrown.gauge, ballComputed: masses.ball });
    expect(run.planned.rimDiameter).toBe(stages.wet.sizes.rimDiameter);
    expect(run.asked.height).toBe(stages.glazed.sizes.height);
    expect(run.promised!.find(({ size }) => size === 'height')).toMatchObject({ chance: 0.9 });
    expect(startedRun(BARE, 'gone', 'r', '2026-11-01T08:00:00.000Z')).toBeUndefined();
  });

  it('says of a jar to a bought stopper how likely it seats', () => {
    const run = startedRun(BARE, 'plan-honey-jar', 'r', '2026-11-01T08:00:00.000Z')!;
    const seat = run.promised!.find(({ size }) => size === 'mouthInside');
    expect(seat === undefined || (seat.least! < seat.most! && seat.chance > 0 && seat.chance < 1)).toBe(true);
  });

  it('is found by its plan, the open one last', () => {
    expect(runsOf(DEMO, 'plan-honey-jar').map(({ id }) => id)).toEqual(['run-honey-october']);
    expect(runOf(DEMO, 'plan-honey-jar')).toMatchObject({ run: undefined, good: 0 });
    expect(runOf(DEMO, 'plan-butter-crock')).toMatchObject({ good: 5, wrong: 1, wanted: 6 });
    expect(piecesOf(DEMO, 'gone')).toEqual([]);
  });
});

describe('a piece', () => {
  it('knows since when it stood where, and its readings come and go', () => {
    const wet = piece(1, { shelf: 'wet', since: { wet: '2026-11-01' } });
    const dry = onShelf(onShelf(wet, 'drying', '2026-11-03'), 'ready', '2026-11-11');
    expect(dry.since).toEqual({ wet: '2026-11-01', drying: '2026-11-03', ready: '2026-11-11' });
    expect(onShelf(wet, 'wet', '2026-11-09')).toBe(wet);
    const read = withReading(wet, 'wet', 'height', { mm: 98 });
    expect(withReading(read, 'wet', 'height', undefined).sizes).toEqual({});
    expect(withReading(withReading(read, 'wet', 'rimDiameter', { mm: 128 }), 'wet', 'height', undefined).sizes).toEqual({
      wet: { rimDiameter: { mm: 128 } },
    });
  });
});

describe('why it came out so', () => {
  const run = started();
  const now = { width: 0.085, height: 0.08 };

  it('a mouth made short and a clay that shrank more are told apart, and add up', () => {
    const planned = run.planned.rimDiameter!;
    const made = piece(1, {
      sizes: { wet: { rimDiameter: { mm: planned - 2, with: 'caliper' } }, glazed: { rimDiameter: { mm: 115, with: 'caliper' } } },
    });
    const [mouth] = cameOf(run, made, now);
    expect(mouth!.off).toBeCloseTo(115 - 118, 6);
    expect(mouth!.came!.hand).toBeCloseTo(-2 * (1 - 0.085), 9);
    const { hand, clay, belief, whole } = mouth!.came!;
    expect(hand + clay + belief).toBeCloseTo(whole, 9);
    expect(whole).toBeCloseTo(mouth!.off!, 6);
    expect(mouth!.inside).toBe(false);
  });

  it('a height has what is trimmed taken off; of a form that sags it says nothing of the clay', () => {
    const off = run.gauge! - run.planned.height!;
    const made = piece(1, { sizes: { wet: { height: { mm: run.gauge! } }, glazed: { height: { mm: 86, with: 'caliper' } } } });
    const [height] = cameOf(run, made, { width: 0.08, height: 0.08 });
    expect(off).toBeGreaterThan(0);
    expect(height!.came!.hand).toBeCloseTo(0, 9);
    const told = (family: Run['family']) => allEvidence(shop({ ...run, family }, [made])).filter(({ id }) => id.startsWith('made-'));
    expect(told('cylinder').map(({ direction }) => direction)).toEqual(['height']);
    expect(told('bowl')).toEqual([]);
  });
});

describe('what fired pieces teach', () => {
  const run = started();
  const [wet, S] = [run.planned.rimDiameter!, 0.095];
  const fired = (no: number, change: Partial<MadePiece> = {}) =>
    piece(no, {
      sizes: {
        wet: { rimDiameter: { mm: wet, with: 'caliper' } },
        glazed: { rimDiameter: { mm: wet * (1 - S), with: 'caliper' } },
      },
      ...change,
    });
  const believed = (workspace: Workspace) => clayOf(workspace, { bodyId: run.bodyId }).figures.belief;

  it('they join the bars; one left out counts no more, and taken back it is as before', () => {
    const two = shop(run, [fired(1), fired(2)]);
    const three = shop(run, [fired(1), fired(2), fired(3)]);
    expect(believed(BARE).mean).toBeCloseTo(0.08, 9);
    expect(believed(three).mean).toBeGreaterThan(believed(two).mean);
    expect(believed(two).mean).toBeGreaterThan(believed(BARE).mean);
    expect(believed(shop(run, [fired(1), fired(2), fired(3, { out: true })]))).toEqual(believed(two));
    expect(believed(shop(run, [fired(1), fired(2), fired(3, { out: undefined })]))).toEqual(believed(three));
  });

  it('not measured wet they weigh little; warped, grown or without a clay they say nothing', () => {
    const unmeasured = shop(run, [fired(1, { sizes: { glazed: { rimDiameter: { mm: wet * (1 - S), with: 'caliper' } } } })]);
    expect(believed(unmeasured).weight).toBeLessThan(believed(shop(run, [fired(1)])).weight / 3);
    expect(believed(shop(run, [fired(1, { wrong: ['warped'] })])).weight).toBe(0);
    expect(believed(shop(run, [fired(1, { sizes: { glazed: { rimDiameter: { mm: wet + 1 } } } })])).weight).toBe(0);
    expect(allEvidence(shop({ ...run, bodyId: undefined }, [fired(1)]))).toEqual(BARE.bars);
  });

  it('a plan of that clay is worked out anew, and nothing else is', () => {
    const jar = DEMO.plans[0]!.parts[0];
    const before = weighedPart(BARE, jar, String);
    // made to size and only measured fired: of the hand that says nothing
    const after = shop(run, [fired(1, { sizes: { glazed: { rimDiameter: { mm: wet * (1 - S) } } } })]);
    expect(weighedPart(after, jar, String)).toBe(before);
    expect(weighedPart(after, crock.parts[0], String)).not.toBe(weighedPart(BARE, crock.parts[0], String));
  });

  it('the hand shows itself by tool and direction and is used wherever a range is told', () => {
    const off = (mm: number) => fired(1, { id: `x${mm}`, sizes: { wet: { rimDiameter: { mm: wet + mm } } } });
    const wild = shop(run, [off(3), off(-3), off(2.5), off(-2.5)]);
    expect(learnedHand(BARE).gauge.width).toMatchObject({ count: 0, lean: 0, spread: 0.5, takeOff: undefined });
    expect(errorsOf({ run, piece: off(3) })).toMatchObject([{ size: 'rimDiameter', direction: 'width', error: expect.closeTo(3, 9) }]);
    const { width, height } = learnedHand(wild).gauge;
    expect(width.nextSd).toBeGreaterThan(1.5);
    expect(height).toEqual(learnedHand(BARE).gauge.height);
    const sure = (workspace: Workspace, direction: 'width' | 'height') => {
      const made = weighedPart(workspace, crock.parts[0], String);
      return made.ok && handWith(made.value.clay, 'gauge', direction).sd;
    };
    expect([sure(wild, 'width'), sure(wild, 'height')]).toEqual([width.nextSd, height.nextSd]);
    // what is no plan's was planned by nobody: it says nothing of the hand
    expect(errorsOf({ run: { ...run, planId: undefined }, piece: off(3) })).toEqual([]);
    // one slipped decimal is asked about, and moves no range
    const slipped = { ...off(0.5), id: 'slip', sizes: { wet: { rimDiameter: { mm: wet / 10 } } } };
    const asked = shop(run, [off(0.2), off(-0.2), off(0.4), off(0), slipped]);
    expect(doubtedReadings(asked)).toMatchObject([{ piece: { id: 'slip' }, size: 'rimDiameter' }]);
    expect(learnedHand(asked).gauge.width.nextSd).toBeLessThan(1);
  });

  it('the example’s pieces teach nothing of a maker’s own clays and plans', () => {
    const own = { ...DEMO.bodies[0]!, id: '0190-own' };
    const workspace: Workspace = { ...DEMO, bodies: [...DEMO.bodies, own] };
    const hands = (bodyId: string) => clayOf(workspace, { bodyId }).figures.hands;
    expect(hands(own.id)).toEqual(clayOf({ ...workspace, runs: [], pieces: [] }, { bodyId: own.id }).figures.hands);
    expect(hands(DEMO.bodies[0]!.id)).not.toEqual(hands(own.id));
    expect(learnedLosses(recordFor(workspace, { id: '0190-plan' }))).toEqual([]);
    expect(learnedLosses(recordFor(workspace, DEMO.plans[0]!))).toEqual(learnedLosses(DEMO));
  });

  it('three balls that took more than worked out make the next one heavier', () => {
    const thrown = (no: number) => piece(no, { sizes: { wet: { rimDiameter: { mm: wet }, height: { mm: run.gauge! } } } });
    const heavy = { ...run, ball: run.ballComputed! * 1.1 };
    expect(learnedBall(shop(heavy, [thrown(1), thrown(2)]), heavy)).toBeUndefined();
    const after = shop(heavy, [thrown(1), thrown(2), thrown(3)]);
    expect(learnedBall(after, heavy)!.median).toBeCloseTo(1.1, 9);
    const weigh = (workspace: Workspace) => {
      const made = weighedPart(workspace, crock.parts[0], String);
      return made.ok ? made.value.weighOut! : 0;
    };
    expect(weigh(after) / weigh(BARE)).toBeCloseTo(1.1, 6);
  });

  it('loss, days, warp and sag are learned of what came to its end', () => {
    expect(learnedLoss(BARE, 'cylinder').share).toBeCloseTo(0.1, 9);
    const lost = learnedLosses(DEMO).find(({ family }) => family === 'cylinder')!;
    const cylinders = everyPiece(DEMO).filter(({ run: each, piece: own }) => each.family === 'cylinder' && !own.out);
    expect(lost.loss).toMatchObject({ made: cylinders.length, lost: 2 });
    expect(lost.on).toEqual({ drying: 2 });
    expect(learnedDays(DEMO, 'drying')).toMatchObject({ learned: true, days: 7 });
    expect(learnedDays(BARE, 'drying')).toEqual({ days: 7, count: 0, learned: false });
    expect(learnedForms(DEMO)).toMatchObject([{ family: 'cylinder', oval: { mm: expect.closeTo(0.6, 9), count: 1 } }]);
    expect(everyPiece(DEMO)).toHaveLength(DEMO.pieces.length);
    expect(honey!.closed).toBe(true);
  });

  it('minutes are the median of what was written down, by kind of work', () => {
    const made = (...minutes: MadePiece['minutes'][]) => ({
      runs: [{ ...honey!, id: 'r' }],
      pieces: minutes.map((each, i) => piece(i + 1, { minutes: each })),
    });
    expect(learnedMinutes(made(undefined, {}))).toEqual([]);
    expect(learnedMinutes(made({ throw: 4 }, { throw: 9, trim: 7 }, { throw: 5 }))).toEqual([
      { work: 'throw', median: 5, count: 3 },
      { work: 'trim', median: 7, count: 1 },
    ]);
    const out = made({ throw: 4 }, { throw: 9 });
    expect(learnedMinutes({ ...out, pieces: [out.pieces[0]!, { ...out.pieces[1]!, out: true }] })).toEqual([
      { work: 'throw', median: 4, count: 1 },
    ]);
  });

  it('shrinkage and loss are told by how soft the clay was, where the run says so', () => {
    const wet = { wet: { rimDiameter: { mm: 100, with: 'caliper' as const } } };
    const fired = (mm: number) => ({ ...wet, glazed: { rimDiameter: { mm, with: 'caliper' as const } } });
    const runs = [
      { ...honey!, id: 'soft', softness: 'soft' as const },
      { ...honey!, id: 'stiff', softness: 'firm' as const },
      { ...honey!, id: 'unsaid', softness: undefined },
    ];
    const pieces = [
      piece(1, { id: 'a', runId: 'soft', sizes: fired(88) }),
      piece(2, { id: 'b', runId: 'soft', sizes: fired(90) }),
      piece(3, { id: 'c', runId: 'soft', shelf: 'lost' }),
      piece(1, { id: 'd', runId: 'stiff', shelf: 'drying', sizes: wet }),
      piece(1, { id: 'e', runId: 'unsaid', sizes: fired(80) }),
    ];
    expect(bySoftness({ runs, pieces })).toEqual([
      { softness: 'soft', shrank: expect.closeTo(0.11, 9), measured: 2, made: 3, lost: 1 },
      { softness: 'firm', shrank: undefined, measured: 0, made: 1, lost: 0 },
    ]);
  });

  it('a run of several of which nothing came out is a whole firing lost; one lost alone, or with others that came out, is not', () => {
    const runs = ['all', 'one', 'some'].map((id) => ({ ...honey!, id, closed: true }));
    const lost = (no: number, runId: string, since: MadePiece['since']) => piece(no, { id: `${runId}${no}`, runId, shelf: 'lost', since });
    const made = {
      runs,
      pieces: [
        lost(1, 'all', { wet: '2026-10-01', drying: '2026-10-02', lost: '2026-10-08' }),
        lost(2, 'all', { wet: '2026-10-01', bisqued: '2026-10-09', lost: '2026-10-20' }),
        lost(1, 'one', { lost: '2026-10-03' }),
        lost(1, 'some', { wet: '2026-10-01', drying: '2026-10-04' }),
        piece(2, { id: 'some2', runId: 'some' }),
        piece(3, { id: 'some3', runId: 'some', shelf: 'drying' }),
      ],
    };
    expect(learnedLosses(made)).toMatchObject([
      // one that stood nowhere before was lost wet
      { family: 'cylinder', wholeFirings: 1, on: { drying: 2, bisqued: 1, wet: 1 }, loss: { made: 6, lost: 4 } },
    ]);
  });
});

describe('a year in a workshop whose clay and hand nobody knows', () => {
  const HIDDEN = { S: 0.128, piece: 0.0035, sd: 0.5, lean: { height: 1.2, width: 0 }, ball: 1.06, lost: 0.1 };
  const SIZES = { height: 'height', width: 'rimDiameter' } as const;
  const body = { ...DEMO.bodies.find(({ kind }) => kind === 'stoneware')!, shrinkagePercent: 12 };
  const FRESH: Workspace = { ...BARE, bodies: [body], bars: [], batches: [], shop: [] };
  const part = { ...crock.parts[0], bodyId: body.id, batchId: undefined };
  const year: Workspace = { ...FRESH, plans: [{ ...crock, parts: [part] }] };

  /** 40 pieces in 6 runs; what was said of each size before its run was thrown, 8 in 10, and whether it happened. */
  function lived(seed: number) {
    const random = xoroshiro128plus(seed);
    for (let i = 0; i < 20; i += 1) uniformFloat64(random);
    const uniform = () => uniformFloat64(random);
    const normal = () => Math.sqrt(-2 * Math.log(1 - uniform())) * Math.cos(2 * Math.PI * uniform());
    const kept = { height: [0, 0], width: [0, 0] };
    let [made, good] = [0, 0];
    const misses: number[] = [];
    let workspace = year;
    for (let month = 0; month < 6; month += 1) {
      const run = { ...startedRun(workspace, crock.id, `0190-${month}`, `2026-0${month + 1}-05T08:00:00.000Z`)!, closed: true };
      const { clay } = (weighedPart(workspace, part, String) as { value: { clay: ClayFigures } }).value;
      const off = run.gauge! - run.planned.height!;
      const pieces = Array.from({ length: month < 4 ? 7 : 6 }, (_, i): MadePiece => {
        const wide = run.planned.rimDiameter! + HIDDEN.lean.width + HIDDEN.sd * normal();
        const high = run.gauge! + HIDDEN.lean.height + HIDDEN.sd * normal();
        const left = 1 - HIDDEN.S - HIDDEN.piece * normal();
        const isLost = uniform() < HIDDEN.lost;
        made += 1;
        good += isLost ? 0 : 1;
        const ends = { height: [high - off, (high - off) * left], width: [wide, wide * left] } as const;
        for (const direction of ['height', 'width'] as const) {
          // from the second run on: before it nothing was known of the hand
          if (month === 0 || isLost) continue;
          const size = SIZES[direction];
          const [least, most] = rangeOf({ clay, size }, { from: 'wet', mm: run.planned[size]!, to: 'glazed' }, 0.8);
          kept[direction][0]! += ends[direction][1] >= least && ends[direction][1] <= most ? 1 : 0;
          kept[direction][1]! += 1;
        }
        const reading = (mm: number) => ({ mm, with: 'caliper' as const });
        return piece(i + 1, {
          id: `${run.id}-${i}`,
          runId: run.id,
          shelf: isLost ? 'lost' : 'fired',
          since: isLost ? { wet: '2026-01-01', drying: '2026-01-02' } : {},
          sizes: {
            wet: { rimDiameter: reading(wide), height: reading(high) },
            ...(!isLost && { glazed: { rimDiameter: reading(ends.width[1]), height: reading(ends.height[1]) } }),
          },
        });
      });
      const ball = run.ballComputed! * HIDDEN.ball;
      workspace = { ...workspace, runs: [...workspace.runs, { ...run, ball }], pieces: [...workspace.pieces, ...pieces] };
      misses.push(learnedLoss(workspace, crock.parts[0].family).share);
    }
    return { workspace, kept, share: 1 - good / made, misses };
  }

  it('8 in 10 happens 8 times in 10, in height and in width apart, and loss, lean, ball and clay come near the truth', () => {
    const kept = { height: [0, 0], width: [0, 0] };
    const all = Array.from({ length: 40 }, (_, seed) => lived(seed + 1));
    for (const each of all)
      for (const direction of ['height', 'width'] as const)
        for (const i of [0, 1] as const) kept[direction][i]! += each.kept[direction][i]!;
    for (const [hit, of] of Object.values(kept)) {
      expect(of).toBeGreaterThan(1000);
      expect(hit! / of!).toBeGreaterThan(0.78);
      expect(hit! / of!).toBeLessThan(0.83);
    }
    const mean = (of: (each: (typeof all)[number]) => number) => all.reduce((sum, each) => sum + of(each), 0) / all.length;
    // after every run, not only at the end
    for (let month = 0; month < 6; month += 1) expect(Math.abs(mean(({ misses }) => misses[month]!) - HIDDEN.lost)).toBeLessThan(0.03);
    const hand = (direction: 'height' | 'width') => mean(({ workspace }) => learnedHand(workspace).gauge[direction].lean);
    expect(hand('height')).toBeCloseTo(HIDDEN.lean.height, 1);
    expect(Math.abs(hand('width'))).toBeLessThan(0.06);
    expect(mean(({ workspace }) => learnedBall(workspace, { by: 'wheel', way: part.way })!.median)).toBeCloseTo(HIDDEN.ball, 1);
    expect(mean(({ workspace }) => clayOf(workspace, { bodyId: body.id }).figures.belief.mean)).toBeCloseTo(HIDDEN.S, 3);
  });
});
