import { type ClayFigures, firedMass, wetDensity } from '@/core/clay';
import { type Form, checkForm, formOf, measuresOf, outlineOf } from '@/core/form';
import { type Result, bad, good } from '@/core/units';
import type { Making } from './making';
import { type Sized, size } from './size';
import { totalMl } from './thrown';
import { scaled } from './grow';

/** A piece that came out right, as remembered: the ball it took, and how high and wide it was finished. g, mm. */
export interface KnownPiece {
  readonly ballG: number;
  readonly height: number;
  readonly width: number;
}

/** The ball for a piece scaled from a known one of the same form, g. */
export interface ScaledBall {
  /** By the clay in the two sections: walls and floor do not grow with the piece. */
  readonly bySection: number;
  /** By the cube law, as though everything grew alike. */
  readonly byCube: number;
  /** How much larger it is along each side, on average. */
  readonly factor: number;
}

/**
 * The ball scaled from a known piece of the same form and way of making.
 *
 * @example scaledBall(clay, form, making, { ballG: 400, height: 90, width: 70 }).byCube // 400 f^3
 */
export function scaledBall(
  clay: ClayFigures,
  form: Form<'glazed'>,
  making: Making,
  { ballG, height, width }: KnownPiece,
  write: (mm: number) => string,
): Result<ScaledBall> {
  const [tall, wide] = [height / form.sizes.height, width / form.sizes.rimDiameter];
  const then = scaled(form, tall, wide);
  const possible = checkForm(then, write);
  if (!possible.ok) return bad('known', `A piece like this in that size cannot be made: ${possible.problem.message}`);
  const clayIn = (each: Form<'glazed'>) => totalMl(size(clay, each, 'glazed', making).volumes);
  const factor = Math.cbrt(1 / (tall * wide * wide));
  return good({ bySection: (ballG * clayIn(form)) / clayIn(then), byCube: ballG * factor ** 3, factor });
}

/**
 * The wall that a ball is enough for at a size, finished mm, where it is not enough for the wall there is; 0 where it is enough for none. A
 * ball that is short by less than a hand's slip says nothing: ours, 5 %.
 */
export function wallOfBall(
  clay: ClayFigures,
  form: Form<'glazed'>,
  making: Making,
  { ballG, height, width }: KnownPiece,
): number | undefined {
  const then = scaled(form, height / form.sizes.height, width / form.sizes.rimDiameter);
  const ballOf = (each: Form<'glazed'>) => size(clay, each, 'glazed', making).masses.ball;
  if (!checkForm(then, String).ok || ballG > ballOf(then) * 0.95) return undefined;
  return wallFor(then, ballOf, ballG) ?? 0;
}

/** A piece thrown to try a plan: the ball it took, and as thrown its rim above the bat after the needle and its mouth, outside. g, wet mm. */
export interface Tester {
  readonly ballG: number;
  readonly height: number;
  readonly mouth: number;
}

/**
 * The ball for the run, from its tester: what the tester took, scaled from the size it reached to the size it should have,
 * by the clay in the two sections.
 */
export function ballFromTester(
  clay: ClayFigures,
  sized: Sized,
  making: Making,
  { ballG, height, mouth }: Tester,
  write: (mm: number) => string,
): Result<number> {
  const form = sized.stages.glazed;
  const wet = sized.stages.wet.sizes;
  const reached = {
    height: (form.sizes.height * (height - (sized.thrown.gauge - wet.height))) / wet.height,
    width: (form.sizes.rimDiameter * mouth) / wet.rimDiameter,
  };
  if (reached.height <= 0) return bad('height', 'The rim is lower than the amount trimmed off the base. Measure from the bat.');
  const scaled = scaledBall(clay, form, making, { ballG, ...reached }, write);
  return scaled.ok ? good(scaled.value.bySection) : scaled;
}

/** How much bigger along each side a piece gets from twice its clay, all growing alike: the cube root of 2. */
export const TWICE_THE_CLAY = Math.cbrt(2);

/** A fired piece in the hand: what it weighs with its glaze and its handle, g, and what it holds if known, ml. */
export interface InTheHand {
  /** All of its sizes but perhaps the wall, at the stage it is at. */
  readonly form: Form<'glazed'>;
  readonly wallMeasured: boolean;
  readonly weightG?: number | undefined;
  /** Glaze as a share of the weight, 0 to 1; nothing known is typical. */
  readonly glazeShare?: number | undefined;
  /** Handle, knob and the like, fired, g. */
  readonly attachedG?: number | undefined;
  readonly capacityMl?: number | undefined;
}

/** Glaze as a share of the fired weight: typical, and between which it usually lies. how-it-computes.md, The ball. */
export const GLAZE = { typical: 0.05, least: 0.03, most: 0.08 } as const;
/** How far water and firing loss usually lie from the figure used while they are not measured: shares of mass. */
const WATER_DOUBT = 0.02;
const LOSS_DOUBT = 0.015;
/** What was turned off and cut nobody wrote down: it may have been so much less or more, as a share. */
const TRIM_DOUBT = 0.3;
/** How far a ball worked out from a measured wall alone may be off: a wall is seldom as even as its section. */
const SECTION_DOUBT = 0.1;

/** What a fired piece probably was. */
export interface Again {
  readonly form: Form<'glazed'>;
  /** Where the wall comes from. */
  readonly wallFrom: 'measured' | 'weight' | 'capacity';
  readonly sized: Sized;
  /** Fired clay alone, g, after glaze and handle are cleared. */
  readonly clayG?: number | undefined;
  /** The ball it probably took, g: lowest, likeliest, highest; from the weight where there is one, else from the section. */
  readonly ball: readonly [number, number, number];
  /** What it should hold less what it was found to hold, ml. */
  readonly holdsMore?: number | undefined;
}

const WALL_HALVINGS = 40;

/** The wall at which something that falls or rises with it reaches a target; undefined where no possible wall does. */
function wallFor(form: Form<'glazed'>, value: (form: Form<'glazed'>) => number, target: number): number | undefined {
  const withWall = (wall: number) => formOf(form, 'glazed', { ...form.sizes, wall, wallAtFoot: undefined });
  const possible = (wall: number) => checkForm(withWall(wall), String).ok;
  let most = form.sizes.rimDiameter / 2;
  while (most > 0.5 && !possible(most)) most *= 0.9;
  let [low, high] = [0.5, most];
  if (!possible(low) || high <= low) return undefined;
  const rising = value(withWall(high)) > value(withWall(low));
  const above = (wall: number) => value(withWall(wall)) >= target === rising;
  if (above(low) || !above(high)) return undefined;
  for (let i = 0; i < WALL_HALVINGS; i += 1) {
    const middle = (low + high) / 2;
    if (above(middle)) high = middle;
    else low = middle;
  }
  return high;
}

/**
 * From a fired piece to its wet sizes and the ball it probably took. Glaze and handle are cleared first; what is left has
 * lost water and gas, so the trimmed wet piece weighed fired / ((1 - w)(1 - l)), and trimmings and slurry come on top. A
 * wall that was not measured is inferred from the weight, or from what the piece holds.
 */
export function again(clay: ClayFigures, hand: InTheHand, making: Making, write: (mm: number) => string): Result<Again> {
  const { weightG, glazeShare = GLAZE.typical, attachedG = 0, capacityMl } = hand;
  const cleared = (glaze: number) => (weightG === undefined ? undefined : weightG * (1 - glaze) - attachedG);
  const clayG = cleared(glazeShare);
  if (clayG !== undefined && clayG <= 0) return bad('attachedG', 'Glaze and handle weigh more than the piece. Weigh again.');
  const firedDensity = firedMass(wetDensity(clay.matter), clay.matter) / volumeLeft(clay);
  const found = inferWall(hand, clayG, firedDensity);
  if (found.wall === undefined) {
    return bad(
      found.from === 'weight' ? 'weightG' : 'capacityMl',
      found.from === 'weight'
        ? `No wall makes such a piece weigh ${(clayG ?? 0).toFixed(0)} g without its glaze and handle. Check the weight, the sizes and the floor.`
        : `No wall makes such a piece hold ${(capacityMl ?? 0).toFixed(0)} ml. Check the sizes and the floor, or type the wall.`,
    );
  }
  const form = hand.wallMeasured ? hand.form : formOf(hand.form, 'glazed', { ...hand.form.sizes, wall: found.wall, wallAtFoot: undefined });
  const checked = checkForm(form, write);
  if (!checked.ok) return checked;
  const sized = size(clay, form, 'glazed', making);
  return good({
    form,
    wallFrom: found.from,
    sized,
    clayG,
    ball: ballRange(clay, sized, making, cleared, glazeShare),
    holdsMore: capacityMl && sized.capacityMl - capacityMl,
  });
}

function inferWall({ form, wallMeasured, capacityMl }: InTheHand, clayG: number | undefined, density: number) {
  if (wallMeasured) return { wall: form.sizes.wall, from: 'measured' as const };
  if (clayG !== undefined) {
    return { wall: wallFor(form, (each) => measuresOf(outlineOf(each)).clayMl * density, clayG), from: 'weight' as const };
  }
  if (capacityMl !== undefined)
    return { wall: wallFor(form, (each) => measuresOf(outlineOf(each)).brimMl, capacityMl), from: 'capacity' as const };
  return { wall: form.sizes.wall, from: 'measured' as const };
}

/** What is left of the wet volume once fired. */
const volumeLeft = ({ shrinkage }: ClayFigures): number => (1 - shrinkage.width) ** 2 * (1 - shrinkage.height);

function ballRange(
  clay: ClayFigures,
  sized: Sized,
  making: Making,
  cleared: (glaze: number) => number | undefined,
  glaze: number,
): readonly [number, number, number] {
  const cutAway = sized.masses.thrown - wetDensity(clay.matter) * sized.volumes.piece;
  const ballOf = (share: number, water: number, loss: number, trimmed: number) =>
    ((cleared(share) ?? 0) / ((1 - water) * (1 - loss)) + cutAway * trimmed) / (1 - making.slurryPercent / 100);
  if (cleared(glaze) === undefined) {
    const { ball } = sized.masses;
    return [ball * (1 - SECTION_DOUBT), ball, ball * (1 + SECTION_DOUBT)];
  }
  const { matter, sources } = clay;
  const water = sources.water === 'typical' ? WATER_DOUBT : 0;
  const loss = sources.loss === 'typical' ? LOSS_DOUBT : 0;
  return [
    ballOf(Math.max(glaze, GLAZE.most), matter.water - water, matter.loss - loss, 1 - TRIM_DOUBT),
    ballOf(glaze, matter.water, matter.loss, 1),
    ballOf(Math.min(glaze, GLAZE.least), matter.water + water, matter.loss + loss, 1 + TRIM_DOUBT),
  ];
}
