import { contourOf } from '@/core/handbuild';
import { type Bat, type CutterRecord, type FormerRecord, lotOf, type Shop, type Stock, type Workspace } from '@/core/records';

/** The kinds of things a maker keeps, each a mark of the rail. */
export const ROOMS_OF_KIT = ['formers', 'bought', 'cutters', 'wheel', 'rolling'] as const;
export type KitRoom = (typeof ROOMS_OF_KIT)[number];

/** A thing of the maker's as it stands on the shelf: its silhouette in mm, x from its left, y up from the shelf. */
export interface KitThing {
  readonly key: string;
  readonly room: KitRoom;
  readonly name: string;
  /** What it measures, mm: its width, or from the smallest to the largest. */
  readonly mm: readonly number[];
  readonly wide: number;
  readonly high: number;
  readonly outlines: readonly (readonly (readonly [x: number, y: number])[])[];
  /** Rings and not solid. */
  readonly round?: true | undefined;
  readonly former?: FormerRecord | undefined;
  readonly lot?: Stock | undefined;
}

const block = (wide: number, high: number, x = 0, y = 0) =>
  [
    [x, y],
    [x + wide, y],
    [x + wide, y + high],
    [x, y + high],
  ] as const;

/** Several alike on top of each other, each so high, the next in the middle of the one below. */
function pile(each: readonly { readonly wide: number; readonly high: number }[], gap = 2) {
  const wide = Math.max(0, ...each.map((one) => one.wide));
  let y = 0;
  const outlines = each.map((one) => {
    const made = block(one.wide, one.high, (wide - one.wide) / 2, y);
    y += one.high + gap;
    return made;
  });
  return { wide, high: Math.max(0, y - gap), outlines };
}

function formerThing(former: FormerRecord): KitThing {
  const line = contourOf(former);
  const [wide, high] = [2 * Math.max(...line.map(({ r }) => r)), Math.max(...line.map(({ z }) => z))];
  // a hump is measured from its top down, and stands the other way up
  const up = (z: number) => (former.measured === 'outside' ? high - z : z);
  const half = (side: 1 | -1) => line.map(({ r, z }) => [wide / 2 + side * r, up(z)] as const);
  return {
    key: former.id,
    room: 'formers',
    name: former.name,
    mm: [former.points.at(-1)!.width],
    wide,
    high,
    outlines: [[...half(-1).toReversed(), ...half(1)]],
    former,
  };
}

/** A lid or a plate is so thick where nobody says, a stopper so long. mm */
const LID_THICK = 9;
const STOPPER_LONG = 26;
/** So many of a lot stand on each other. */
const IN_PILE = 3;

function lotThing(lot: Stock): KitThing {
  const { mean } = lotOf(lot);
  const base = { key: lot.id, room: 'bought', name: lot.name, lot } as const;
  if (lot.kind === 'stopper') {
    const [bottom, long] = [lot.bottom ?? mean * 0.9, lot.length ?? STOPPER_LONG];
    const taper = (mean - bottom) / 2;
    const outline = [
      [taper, 0],
      [mean - taper, 0],
      [mean, long],
      [0, long],
    ] as const;
    return { ...base, mm: [mean], wide: mean, high: long, outlines: [outline] };
  }
  const mm = lot.kind === 'gasket' ? [Math.min(...lot.widths), Math.max(...lot.widths)] : [mean];
  if (lot.kind === 'shelf') return { ...base, mm, wide: mean / 2, high: mean, outlines: [block(mean / 2, mean)] };
  return { ...base, mm, ...pile(Array.from({ length: IN_PILE }, () => ({ wide: mean, high: LID_THICK }))) };
}

function cutterThing({ id, name, width, shape, hollows }: CutterRecord): KitThing {
  const mm = hollows === undefined ? [width] : [hollows, width];
  return {
    key: id,
    room: 'cutters',
    name,
    mm,
    wide: width,
    high: width,
    outlines: [block(width, width)],
    round: shape === 'round' ? true : undefined,
  };
}

const batThing = ({ name, width, thickness }: Bat, i: number): KitThing => ({
  key: `bat-${i}`,
  room: 'wheel',
  name,
  mm: [width],
  wide: width,
  high: thickness,
  outlines: [block(width, thickness)],
});

/** A chuck stands so high for its width; a batten is drawn so long, and three times as thick as it is. */
const CHUCK_HIGH = 0.7;
const BATTEN = { long: 130, times: 3 };

function toolThings(shop: Partial<Shop>): KitThing[] {
  const battens = (shop.battens ?? []).toSorted((a, b) => b - a);
  return [
    ...(shop.bats ?? []).map(batThing),
    ...(shop.chucks ?? []).map(({ name, across }, i): KitThing => {
      const high = across * CHUCK_HIGH;
      const outline = [
        [0, 0],
        [across, 0],
        [across * 0.9, high],
        [across * 0.1, high],
      ] as const;
      return { key: `chuck-${i}`, room: 'wheel', name, mm: [across], wide: across, high, outlines: [outline] };
    }),
    ...(shop.dies ?? []).map(({ name, width, thickness }, i): KitThing => ({
      key: `die-${i}`,
      room: 'wheel',
      name,
      mm: [width, thickness],
      wide: width,
      high: thickness,
      outlines: [block(width, thickness)],
    })),
    ...battens.map((mm, i): KitThing => ({
      key: `batten-${i}`,
      room: 'rolling',
      name: 'Batten, thickness × 3',
      mm: [mm],
      wide: BATTEN.long,
      high: mm * BATTEN.times,
      outlines: [block(BATTEN.long, mm * BATTEN.times)],
    })),
  ];
}

/** Everything a maker keeps, as it stands on the shelf; cutters smallest first. */
export const thingsOf = ({ formers, cutters }: Pick<Workspace, 'formers' | 'cutters'>, shop: Partial<Shop>): readonly KitThing[] => [
  ...formers.map(formerThing),
  ...(shop.stock ?? []).map(lotThing),
  ...cutters.toSorted((a, b) => a.width - b.width).map(cutterThing),
  ...toolThings(shop),
];
