import { remaining } from '@/core/clay';
import { type Line, type Outline, opensBelow, radiusAt, widest } from '@/core/form';
import { type Drawing, type Place, type Shape, line, paragraph, path, widthOf, words } from '@/core/paper';
import { STAGE_WORDS, type Throwing, type Worked, wheelSteps } from '@/core/sizing';
import type { Gauge } from './gauge';
import { trimGauge } from './trim';

/** What a maker's place adds: the bat on the wheel head, and how far a pointer keeps off the rim. mm */
export interface WheelSetting {
  readonly batThickness: number;
  readonly clearance: number;
  /** How much smaller a chuck is than the inside it holds, all round. */
  readonly chuckClearance: number;
  /** What is taken off a setting for the way the hand leans. */
  readonly takeOff?: { readonly width?: number | undefined; readonly height?: number | undefined } | undefined;
}

export const USUAL_SETTING: WheelSetting = { batThickness: 18, clearance: 3, chuckClearance: 1.5 };

/** By how much and why the pointer is set otherwise than planned. */
function leanWords({ takeOff: { height = 0 } = {} }: WheelSetting, write: (mm: number) => string): string {
  return height === 0
    ? ''
    : `. It is set ${write(Math.abs(height))} ${height > 0 ? 'lower' : 'higher'} than planned, for the way you throw`;
}

/** The clay on the bat once the rim is cut: what every gauge but the needle meets. */
const cutOutline = ({ sized, making }: Worked): Outline => {
  const { thrown } = sized.onBat;
  const cut = (section: Line): Line => section.map(({ r, z }) => ({ r, z: Math.min(z, sized.thrown.pulled - making.rimCut) }));
  return { under: thrown.under, side: cut(thrown.side), inside: cut(thrown.inside) };
};

/** Crossed sticks for a mouth so wide inside; without a floor the upright one hangs to the bat. */
const crossedSticks = ({ gauge, floor }: Worked['sized']['thrown'], rimIn: number): Gauge => ({
  name: 'Crossed sticks',
  stage: 'wet',
  datum: `the crossbar fits across the inside of the mouth, the upright hangs from it to the ${floor === undefined ? 'bat' : 'floor'}`,
  readings: [
    { what: 'crossbar, mouth inside', mm: 2 * rimIn },
    { what: `upright stick, rim to ${floor === undefined ? 'the bat' : 'floor'}`, mm: gauge - (floor ?? 0) },
  ],
});

const inMm = (mm: number): string => `${Number(mm.toFixed(1))} mm`;

/**
 * Every gauge of a plan, for all the steps: sticks, pointer, calipers, grid, needle and chuck. Wet mm unless it says another stage.
 *
 * @param write puts a length into the reader's units, for what is said of a reading
 */
export function gaugesOf(worked: Worked, setting: WheelSetting, throwing?: Throwing, write = inMm): Gauge[] {
  const { puck, opened, cylinder } = wheelSteps(worked.clay, worked.sized, worked.making, throwing);
  const { sized, clay } = worked;
  const { thrown } = sized;
  const { side, inside } = cutOutline(worked);
  const [rimOut, rimIn] = [side.at(-1)!.r, inside[0]!.r];
  const belly = widest(side);
  const bellyAt = side.find(({ r }) => r === belly)!.z;
  const hollow = rimIn > 0;
  const open = opensBelow(sized.wet);
  const pointed = thrown.gauge - (setting.takeOff?.height ?? 0);
  const leather = remaining(clay.shrinkage, 'leather', 'width');
  const chuck = 2 * (radiusAt(sized.wet.inside, sized.wet.inside.at(-1)!.z + 1) * leather - setting.chuckClearance);
  const gauges: (Gauge | false | undefined)[] = [
    {
      name: 'Before shaping',
      stage: 'wet',
      datum: 'calipers across the clay, heights from the bat',
      readings: [
        { what: 'centred, width', mm: puck.width },
        { what: 'centred, height', mm: puck.height },
        ...(opened ? [{ what: 'opened, inside', mm: opened.width }] : []),
        ...(cylinder
          ? [
              { what: 'first cylinder, width', mm: cylinder.width },
              { what: 'first cylinder, height', mm: cylinder.height },
            ]
          : []),
      ],
    },
    hollow && crossedSticks(thrown, rimIn),
    {
      name: 'Pointer',
      stage: 'wet',
      datum: `set to the rim after it is cut level, with a blunt tip pointing away from your face. If it gets knocked, reset it from these figures, not from the first piece, which has already begun to shrink${leanWords(setting, write)}`,
      readings: [
        { what: 'height above the bat', mm: pointed },
        { what: 'height above the wheel head, with the bat in use', mm: pointed + setting.batThickness },
        {
          what: `from the centre of the wheel, ${write(setting.clearance)} clear of the rim`,
          mm: rimOut + setting.clearance - (setting.takeOff?.width ?? 0) / 2,
        },
      ],
    },
    {
      name: 'Calipers',
      stage: 'wet',
      datum: 'across the clay as thrown',
      readings: [
        { what: 'mouth, outside', mm: 2 * rimOut },
        ...(hollow ? [{ what: 'mouth, inside', mm: 2 * rimIn }] : []),
        { what: 'base, outside', mm: thrown.base },
        ...(hollow ? [{ what: open ? 'inside, at the bat' : 'floor, inside', mm: 2 * inside.at(open ? -1 : -2)!.r }] : []),
        ...(belly > rimOut + 0.5 ? [{ what: `widest, ${write(Math.round(bellyAt))} above the bat`, mm: 2 * belly }] : []),
      ],
    },
    {
      name: 'Measuring grid',
      stage: 'wet',
      datum: 'across from the wheel’s centre, up from the bat',
      readings: [
        { what: 'rim, out from centre', mm: rimOut },
        { what: 'rim, height', mm: thrown.gauge },
        ...(belly > rimOut + 0.5
          ? [
              { what: 'belly, across', mm: belly },
              { what: 'belly, up', mm: bellyAt },
            ]
          : []),
      ],
    },
    thrown.floor !== undefined &&
      hollow && { name: 'Needle', stage: 'wet', datum: 'through the floor to the bat', readings: [{ what: 'floor', mm: thrown.floor }] },
    trimGauge(worked),
    hollow &&
      chuck > 20 && {
        name: 'Chuck for trimming',
        stage: 'leather',
        datum: `fits inside the leather-hard piece with ${write(setting.chuckClearance)} clearance all round. A clay chuck shrinks too`,
        readings: [
          { what: 'diameter in use', mm: chuck },
          { what: 'diameter as thrown', mm: chuck / leather, stage: 'wet' },
        ],
      },
  ];
  return gauges.filter((gauge): gauge is Gauge => Boolean(gauge));
}

const GAP = 12;
/** Below a tool, for what it is. mm */
const TEXT = 30;

/** A line of the piece as places on paper: the axis at x, the bat at y. */
const onPaper = (section: Line, x: number, y: number): Place[] => section.map(({ r, z }) => ({ x: x + r, y: y - z }));

/** The reference silhouette as thrown, half, at wet size, to cut out; it stands on the bat. */
export function silhouette(worked: Worked, name: string): Drawing {
  const { side, inside } = cutOutline(worked);
  const height = worked.sized.thrown.gauge;
  const width = widest(side);
  const [x, y] = [GAP, GAP + height];
  return {
    title: `${name}: silhouette, wet, as thrown`,
    width: width + 2 * GAP,
    height: height + GAP + TEXT,
    shapes: [
      path(onPaper([{ r: 0, z: 0 }, ...side, ...inside], x, y)),
      line(x, y + 3, x, GAP - 6, 0.15),
      ...paragraph(
        x,
        y + 6,
        `${name}. Wet, as thrown, after the needle. Stands on the bat; the long edge is the wheel’s centre.`,
        2.8,
        width + GAP,
      ),
    ],
  };
}

const HAND = 45;

/** A profile rib for the outside at wet size: the contour cut out of a board, with a hand-hold. */
export function profileRib(worked: Worked, name: string): Drawing {
  const { side } = cutOutline(worked);
  const height = worked.sized.thrown.gauge;
  const reach = widest(side);
  const narrow = Math.min(...side.map(({ r }) => r));
  const board = reach - narrow + HAND;
  const [x, y] = [GAP - narrow, GAP + height];
  const contour = onPaper(side, x, y);
  const outer: Place[] = [
    { x: GAP + board, y: GAP },
    { x: GAP + board, y: y },
  ];
  const hold = oval(GAP + board - HAND / 2, GAP + height / 2, 12, Math.min(34, height / 3));
  return {
    title: `${name}: outside rib, wet`,
    width: board + 2 * GAP,
    height: height + GAP + TEXT,
    shapes: [
      path([...contour, ...outer]),
      path(hold),
      ...paragraph(GAP, y + 6, `${name}. Outside rib, wet. Its foot stands on the bat.`, 2.8, board + GAP),
    ],
  };
}

/** A profile rib for the inside at wet size, from the floor to the rim; its long edge is the wheel's centre. */
export function insideRib(worked: Worked, name: string): Drawing {
  const { inside } = cutOutline(worked);
  const [rim, floor] = [inside[0]!, inside.at(-1)!];
  const reach = widest(inside);
  const height = rim.z - floor.z;
  const [x, y] = [GAP, GAP + height];
  const hold = oval(x + reach * 0.4, GAP + height / 2, Math.min(12, reach * 0.25), Math.min(34, height / 3));
  return {
    title: `${name}: inside rib, wet`,
    width: reach + 2 * GAP,
    height: height + GAP + TEXT,
    shapes: [
      path(
        onPaper(
          [...inside, { r: 0, z: rim.z }].map(({ r, z }) => ({ r, z: z - floor.z })),
          x,
          y,
        ),
      ),
      path(hold),
      ...paragraph(GAP, y + 6, `${name}. Inside rib, wet. Its foot stands on the floor.`, 2.8, reach + GAP),
    ],
  };
}

function oval(x: number, y: number, a: number, b: number): Place[] {
  return Array.from({ length: 36 }, (_, i) => ({ x: x + a * Math.cos((i * Math.PI) / 18), y: y + b * Math.sin((i * Math.PI) / 18) }));
}

/** Go within these marks, no-go beyond: by the name of what is measured. mm */
export type GoMarks = Readonly<Record<string, readonly [number | undefined, number | undefined]>>;

/** The readings of tools that a strip of the same length stands in for: sticks, calipers, chuck. */
const STRIPS = ['Crossed sticks', 'Calipers', 'Chuck for trimming'];
const STRIP_APART = 26;
/** Letters on a strip. mm */
const SAID = 2.6;

/** A strip at true size for each width and depth to cut out, with its name, its stage and where it is laid; a range has its go marks. */
export function strips(gauges: readonly Gauge[], name: string, go: GoMarks = {}, write = inMm): Drawing {
  const readings = gauges
    .filter((gauge) => STRIPS.includes(gauge.name))
    .flatMap((gauge) => gauge.readings.map((each) => ({ ...each, stage: each.stage ?? gauge.stage })));
  const drawn = readings.map(({ what, mm, stage }, i) => {
    const y = GAP + i * STRIP_APART;
    const said = [`${name}: ${what}`, `${STAGE_WORDS[stage]}, ${write(mm)}`];
    const wide = Math.max(...said.map((text) => widthOf(text, SAID)));
    const ends = go[what] ?? [];
    const places = [mm, ...ends.flatMap((at) => at ?? [])];
    // beside a strip too short for its words
    const from = GAP + 2 + (wide > Math.min(...places) - 4 ? Math.max(...places) : 0);
    const marks = ends.flatMap((at, j) =>
      at === undefined
        ? []
        : [
            line(GAP + at, y, GAP + at, y + 14, 0.4),
            j === 0 ? words(GAP + at, y + 18, 'fits from', 2.4, 'end') : words(GAP + at, y + 18, 'fits to', 2.4),
          ],
    );
    const shapes: Shape[] = [
      path([
        { x: GAP, y },
        { x: GAP + mm, y },
        { x: GAP + mm, y: y + 14 },
        { x: GAP, y: y + 14 },
      ]),
      ...said.map((text, row) => words(from, y + 6 + 5 * row, text, SAID)),
      ...marks,
    ];
    return { shapes, reach: Math.max(GAP + mm, from + wide) };
  });
  return {
    title: `${name}: measuring strips`,
    width: Math.max(...drawn.map(({ reach }) => reach), GAP + 90) + GAP,
    height: readings.length * STRIP_APART + GAP,
    shapes: drawn.flatMap(({ shapes }) => shapes),
  };
}
