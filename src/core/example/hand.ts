import { type Former, USUAL_HANDLE, formed } from '@/core/handbuild';
import type { DemoPiece } from './plan';
import type { CutterRecord, FormerRecord, Handmade } from '@/core/records';

const KIT_DATE = '2026-03-02T08:20:00.000Z';

/** Battens in the rack, mm. */
export const BATTENS = [4, 5, 6, 7, 8, 10, 12] as const;

const FRUIT_BOWL: Former = {
  measured: 'inside',
  points: [
    { height: 0, width: 90 },
    { height: 20, width: 168 },
    { height: 45, width: 214 },
    { height: 75, width: 242 },
    { height: 92, width: 250 },
  ],
};

const former = (id: string, name: string, given: Former): FormerRecord => ({ id, name, ...given, createdAt: KIT_DATE });

export const formers: FormerRecord[] = [
  former('former-fruit-bowl', 'Fruit bowl, enamel', FRUIT_BOWL),
  former('former-pudding', 'Pudding basin', {
    measured: 'inside',
    points: [
      { height: 0, width: 72 },
      { height: 40, width: 112 },
      { height: 80, width: 138 },
      { height: 100, width: 148 },
    ],
  }),
  former('former-hump', 'Plaster hump, low', {
    measured: 'outside',
    points: [
      { height: 0, width: 110 },
      { height: 15, width: 176 },
      { height: 35, width: 220 },
      { height: 55, width: 240 },
    ],
  }),
];

const cutter = (width: number, more: Partial<CutterRecord> = {}): CutterRecord => ({
  id: `cutter-${more.shape ?? 'round'}-${width}`,
  name: `${more.hollows ? 'Scalloped' : more.shape === 'square' ? 'Square' : 'Round'} ${width}`,
  shape: 'round',
  width,
  createdAt: KIT_DATE,
  ...more,
});

export const cutters: CutterRecord[] = [
  ...[38, 48, 58, 68, 76, 82, 88, 96, 104, 112, 120, 132].map((width) => cutter(width)),
  cutter(98, { hollows: 92 }),
  cutter(116, { hollows: 109 }),
  cutter(60, { shape: 'square' }),
];

const slab = (change: Handmade['slab'] = {}, more: Partial<Handmade> = {}): Handmade => ({ by: 'slab', slab: change, ...more });

const DISH_STOP = 58;
const dish = formed(FRUIT_BOWL, DISH_STOP, 7);
const wet = (mm: number) => [{ mm: Math.round(mm * 10) / 10, at: 'wet' as const }] as const;

/** The pieces of the example workshop that never see a wheel. */
export const handPieces: DemoPiece[] = [
  {
    id: 'plan-planter-box',
    name: 'Planter box',
    note: 'For the yard wall. Drill the hole while it is leather hard.',
    sizes: {
      family: 'box',
      manner: {},
      sizes: { height: 170, rimDiameter: 360, rimAcross: 180, baseDiameter: 340, baseAcross: 160, wall: 10, floor: 10 },
    },
    body: 'body-quarry-grog',
    more: { hand: slab({ corners: 'mitred', base: 'inside', cutAt: 'leather' }) },
  },
  {
    id: 'plan-slab-mug',
    name: 'Slab cup, flared',
    note: 'From the paper model on the slab table.',
    sizes: [96, 94, 74, 5, 5],
    body: 'body-heron-buff',
    batch: 'batch-heron-august',
    more: {
      hand: slab({ seam: 'lapped', overlap: 9, base: 'under' }, { texture: { along: 4, across: 1 }, pieces: 4 }),
      handle: { ...USUAL_HANDLE, kind: 'strap', fingers: 2, thickness: 6, pieces: 4 },
    },
  },
  {
    id: 'plan-butter-dish',
    name: 'Butter dish, oval',
    note: 'One pat of butter lies in it.',
    sizes: {
      family: 'oval',
      manner: {},
      sizes: { height: 42, rimDiameter: 168, rimAcross: 112, baseDiameter: 150, baseAcross: 94, wall: 5, floor: 5 },
    },
    body: 'body-chalk-down',
    batch: 'batch-chalk-june',
    more: { hand: slab({ seam: 'slope' }) },
  },
  {
    id: 'plan-comb-pot',
    name: 'Honeycomb pot, six sides',
    note: 'Stands side by side with the others.',
    sizes: { family: 'faceted', manner: { sides: '6' }, sizes: { height: 90, rimDiameter: 96, baseDiameter: 96, wall: 5.5, floor: 5.5 } },
    body: 'body-heron-buff',
    more: { hand: slab({}, { pieces: 3 }) },
  },
  {
    id: 'plan-bench-tile',
    name: 'Bench-top tile',
    note: 'A grid of 150 with its joint.',
    sizes: { family: 'tile', manner: {}, sizes: { rimDiameter: 148, rimAcross: 148, height: 9 } },
    body: 'body-foxglove-red',
    more: { hand: slab({}, { pieces: 6 }) },
  },
  {
    id: 'plan-seed-dish',
    name: 'Seed dish, pressed',
    note: 'In the enamel fruit bowl.',
    sizes: { family: 'profile', manner: { foot: 'flat' }, sizes: {} },
    body: 'body-heron-buff',
    batch: 'batch-heron-august',
    more: {
      knots: dish.knots,
      sizes: {
        height: wet(dish.sizes.height),
        rimDiameter: wet(dish.sizes.rimDiameter),
        wall: wet(dish.sizes.wall),
        floor: wet(dish.sizes.floor),
      },
      hand: { by: 'former', formerId: 'former-fruit-bowl', stop: DISH_STOP },
    },
  },
  {
    id: 'plan-skep-jar',
    name: 'Skep jar, coiled',
    note: 'Round like the old straw hives.',
    sizes: {
      family: 'jar',
      manner: { mouth: 'plain', foot: 'flat' },
      sizes: { height: 240, rimDiameter: 120, bellyDiameter: 210, baseDiameter: 140, bellyHeight: 95, collarHeight: 22, wall: 7, floor: 9 },
    },
    body: 'body-quarry-grog',
    more: { hand: { by: 'coil', coil: { pinchShare: 0.2 } } },
  },
];
