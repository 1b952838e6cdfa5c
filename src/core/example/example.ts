import { BATTENS, cutters, formers, handPieces } from './hand';
import { made, runs } from './made';
import { orderShop, orders, sets } from './orders';
import { type DemoPiece, demoPlan } from './plan';
import { METRIC } from '@/core/units';
import type { Stage } from '@/core/clay';
import { type BarRecord, type Batch, type Body, shopRows, type Stock, type Workspace } from '@/core/records';

const bodies: Body[] = [
  {
    id: 'body-heron-buff',
    name: 'Heron Buff',
    kind: 'stoneware',
    shrinkagePercent: 11,
    cone: '6',
    waterPercent: 21,
    lossPercent: 7,
    note: 'Throws well soft. The August batch came wetter than the one in March.',
    createdAt: '2026-03-02T08:00:00.000Z',
  },
  {
    id: 'body-chalk-down',
    name: 'Chalk Down',
    kind: 'porcelain',
    shrinkagePercent: [14, 16],
    cone: '9',
    note: 'Two days to rest after wedging.',
    createdAt: '2026-03-02T08:05:00.000Z',
  },
  {
    id: 'body-foxglove-red',
    name: 'Foxglove Red',
    kind: 'earthenware',
    shrinkagePercent: [7, 9],
    cone: '04',
    waterPercent: 20,
    note: 'For what stays out of the dishwasher.',
    createdAt: '2026-03-02T08:10:00.000Z',
  },
  {
    id: 'body-quarry-grog',
    name: 'Quarry Grog',
    kind: 'architectural',
    cone: '5',
    note: 'Coarse. No figure from the supplier, no bar yet.',
    createdAt: '2026-03-02T08:15:00.000Z',
  },
];

const batches: Batch[] = [
  { id: 'batch-heron-march', bodyId: 'body-heron-buff', name: 'March', date: '2026-03-09', note: '' },
  { id: 'batch-heron-august', bodyId: 'body-heron-buff', name: 'August', date: '2026-08-17', softness: 'soft', note: 'Wetter than March.' },
  { id: 'batch-chalk-june', bodyId: 'body-chalk-down', name: 'June', date: '2026-06-11', note: '' },
];

interface DemoBar {
  readonly name: string;
  readonly body: string;
  readonly batch: string;
  readonly cone: string;
  readonly lengths: Partial<Record<Stage, number[]>>;
  readonly dates: Partial<Record<Stage, string>>;
  readonly more?: Partial<BarRecord>;
}

const MARCH = { wet: '2026-03-09', dry: '2026-03-16', bisque: '2026-03-20', glazed: '2026-03-27' };
const AUGUST = { wet: '2026-08-17', dry: '2026-08-24', bisque: '2026-08-29', glazed: '2026-09-05' };
const JUNE = { wet: '2026-06-11', dry: '2026-06-19', glazed: '2026-07-02' };

function bar({ name, body, batch, cone, lengths, dates, more }: DemoBar, index: number): BarRecord {
  return {
    id: `bar-${String(index + 1).padStart(2, '0')}`,
    bodyId: body,
    batchId: batch,
    name,
    kind: 'bar',
    lengths,
    weights: {},
    tool: 'caliper',
    direction: 'along',
    firing: { cone },
    dates: Object.fromEntries(Object.entries(dates).filter(([stage]) => stage in lengths)),
    note: '',
    createdAt: `${dates.wet}T10:00:00.000Z`,
    ...more,
  };
}

const heron = (name: string, batch: 'march' | 'august', lengths: DemoBar['lengths'], more?: Partial<BarRecord>): DemoBar => ({
  name,
  body: 'body-heron-buff',
  batch: `batch-heron-${batch}`,
  cone: '6',
  lengths: { wet: [100], ...lengths },
  dates: batch === 'march' ? MARCH : AUGUST,
  ...(more && { more }),
});

const chalk = (name: string, glazed: number): DemoBar => ({
  name,
  body: 'body-chalk-down',
  batch: 'batch-chalk-june',
  cone: '9',
  lengths: { wet: [100], dry: [93.5], glazed: [glazed] },
  dates: JUNE,
  more: { tool: 'ruler' },
});

const bars: BarRecord[] = [
  heron('M1', 'march', { dry: [95.1], bisque: [94.4], glazed: [88.9] }),
  heron('M2', 'march', { dry: [95.2], bisque: [94.5], glazed: [89.1] }),
  heron('M3', 'march', { dry: [95], bisque: [94.3], glazed: [89] }),
  heron('M4', 'march', { dry: [95], glazed: [88.8] }),
  heron(
    'A1',
    'august',
    { dry: [94.8], bisque: [94], glazed: [88.26] },
    { weights: { wet: 62, dry: 48.98, glazed: 45.55 }, boiled: 46.9, bead: 'stood some minutes', thicknessMm: 8, softness: 'soft' },
  ),
  heron('A2', 'august', { dry: [94.9], bisque: [94.1], glazed: [88.46] }, { softness: 'soft' }),
  heron('A3', 'august', { dry: [94.7], bisque: [93.9], glazed: [88.4, 88.58] }, { softness: 'firm', note: 'Two pairs of dots.' }),
  heron('A4', 'august', { dry: [94.8] }),
  heron('A5', 'august', { dry: [94.7] }),
  heron('A6, hot', 'august', { dry: [94.8], glazed: [87.2] }, { firing: { cone: '10', atmosphere: 'reduction' } }),
  heron(
    'Breakfast platter',
    'march',
    { wet: [340], glazed: [300.5] },
    { kind: 'piece', tool: 'ruler', note: 'Wet width was noted on the bat.' },
  ),
  chalk('C1', 85.2),
  chalk('C2', 84.8),
].map(bar);

const pieces: DemoPiece[] = [
  {
    id: 'plan-honey-jar',
    name: 'Honey jar, wide',
    note: 'For the guesthouse breakfast. Takes a bought beech stopper, 86 to 79 mm.',
    sizes: [120, 92, 84, 4.6, 6.4],
    body: 'body-heron-buff',
    batch: 'batch-heron-august',
    way: 'own',
    making: { trimFloor: 4.5, trimWall: 1.8, rimCut: 2.5, wireLoss: 1, slurryPercent: 3.5 },
    more: { fit: { with: 'stock', stockId: 'stock-beech-stoppers' } },
  },
  {
    id: 'plan-oil-bottle',
    name: 'Oil pourer, straight',
    note: 'The straight one, before it is collared.',
    sizes: [210, 74, 78, 4.5, 6],
    body: 'body-heron-buff',
    batch: 'batch-heron-march',
  },
  {
    id: 'plan-seed-bowl',
    name: 'Seed bowl, smallest of four',
    note: 'Straight-sided, so that the nest slides.',
    sizes: [58, 110, 70, 3.5, 4.5],
    body: 'body-chalk-down',
    batch: 'batch-chalk-june',
    way: 'plaster',
  },
  {
    id: 'plan-butter-crock',
    name: 'Butter crock',
    note: 'Lid to follow.',
    sizes: [86, 118, 112, 5, 6],
    body: 'body-foxglove-red',
  },
  {
    id: 'plan-egg-cup',
    name: 'Egg cup',
    note: 'The thrown one; the cast one comes later.',
    sizes: [48, 52, 36, 3.2, 4],
    body: 'body-chalk-down',
    way: 'thickness',
  },
  {
    id: 'plan-yard-planter',
    name: 'Yard planter',
    note: 'Frost: leave it thick.',
    sizes: [260, 280, 220, 11, 14],
    body: 'body-quarry-grog',
    way: 'thickness',
  },
  {
    id: 'plan-serving-bowl',
    name: 'Seed bowl, largest of four',
    note: 'Round, on a turned ring. Its width clears the third one.',
    sizes: {
      family: 'bowl',
      manner: { curve: 'round', foot: 'ring' },
      sizes: { height: 88, rimDiameter: 196, baseDiameter: 78, wall: 5, wallAtFoot: 7, floor: 6.5, footHeight: 8, footWidth: 7 },
    },
    body: 'body-heron-buff',
    batch: 'batch-heron-august',
  },
  {
    id: 'plan-platter',
    name: 'Breakfast platter',
    note: 'For a shelf 300 deep; the rims must stack straight.',
    sizes: {
      family: 'plate',
      manner: { foot: 'ring' },
      sizes: { height: 30, rimDiameter: 290, rimWidth: 44, baseDiameter: 170, wall: 6, floor: 7.5, footHeight: 5, footWidth: 9 },
    },
    body: 'body-heron-buff',
    batch: 'batch-heron-august',
    way: 'own',
    making: { trimFloor: 3, trimWall: 1, rimCut: 0, wireLoss: 1, slurryPercent: 3 },
  },
  {
    id: 'plan-lidded-jar',
    name: 'Honey crock with a gallery',
    note: 'The lid sits in the gallery and shrinks with it.',
    sizes: {
      family: 'jar',
      manner: { mouth: 'gallery', foot: 'flat' },
      sizes: {
        height: 160,
        rimDiameter: 112,
        bellyDiameter: 146,
        baseDiameter: 98,
        bellyHeight: 70,
        collarHeight: 24,
        galleryWidth: 6,
        galleryDepth: 8,
        wall: 5,
        wallAtFoot: 7,
        floor: 7,
      },
    },
    body: 'body-heron-buff',
    batch: 'batch-heron-march',
    more: { attached: [{ id: 'lidded-jar-lugs', kind: 'handle', length: 150, width: 22, thick: 8 }] },
  },
  {
    id: 'plan-collared-bottle',
    name: 'Oil bottle, collared',
    note: 'Belly for the hand, neck for a cork.',
    sizes: {
      family: 'bottle',
      manner: { foot: 'flat' },
      sizes: {
        height: 230,
        rimDiameter: 40,
        neckDiameter: 30,
        bellyDiameter: 92,
        baseDiameter: 74,
        bellyHeight: 80,
        shoulderHeight: 165,
        lipHeight: 12,
        wall: 4.5,
        wallAtFoot: 6.5,
        floor: 6,
      },
    },
    body: 'body-heron-buff',
    batch: 'batch-heron-march',
    more: { pouringLip: { drop: 3, reach: 4 } },
  },
  {
    id: 'plan-flared-mug',
    name: 'Beekeeper’s mug',
    note: 'The lip turns out. Two fingers through the handle.',
    sizes: {
      family: 'flared',
      manner: { foot: 'flat' },
      sizes: { height: 94, rimDiameter: 90, bodyDiameter: 78, baseDiameter: 70, lipHeight: 26, wall: 4, wallAtFoot: 5, floor: 6 },
    },
    body: 'body-heron-buff',
    batch: 'batch-heron-august',
    more: { attached: [{ id: 'mug-handle', kind: 'handle', length: 130, width: 20, thick: 9 }] },
  },
  {
    id: 'plan-yard-urn',
    name: 'Yard urn, own profile',
    note: 'Drawn from the paper model on the barn wall.',
    sizes: {
      family: 'profile',
      manner: { foot: 'flat' },
      sizes: { height: 300, rimDiameter: 190, wall: 9, wallAtFoot: 14, floor: 14 },
    },
    body: 'body-quarry-grog',
    way: 'thickness',
  },
];

/** What came from the joiner and the dairy shop, measured as it came. */
const STOCK: readonly Stock[] = [
  {
    id: 'stock-beech-stoppers',
    name: 'Beech stoppers, lot of May',
    kind: 'stopper',
    widths: [86.2, 85.8, 86.4, 85.9, 86.1],
    bottom: 79,
    length: 26,
  },
  { id: 'stock-pine-lids', name: 'Pine lids, turned', kind: 'lid', widths: [97.8, 98.3, 98.1, 97.6, 98.2] },
  { id: 'stock-gasket-lids', name: 'Glass lids with a gasket', kind: 'gasket', widths: [94, 98] },
];

/** The example workshop: two potters making ware for a beekeepers' guesthouse. All of it made up. */
export const DEMO: Workspace = {
  bodies,
  batches,
  bars,
  plans: [...pieces, ...handPieces].map(demoPlan),
  formers,
  cutters,
  shop: shopRows({ battens: BATTENS, rollerWidth: 400, stock: STOCK, ...orderShop }),
  runs,
  pieces: made,
  sets,
  orders,
  settings: { units: METRIC, openPlanId: 'plan-honey-jar' },
};
