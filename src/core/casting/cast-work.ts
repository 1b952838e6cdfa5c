import {
  type Model,
  type Mould,
  type Parting,
  type Plaster,
  type Poured,
  RATIO_LIMITS,
  USUAL_MARGIN,
  USUAL_RATIO,
  USUAL_SLIP,
  type WallLaw,
  type Well,
  minutesFor,
  modelOf,
  mouldFor,
  mouldMl,
  mouldWeights,
  partingOf,
  plasterAround,
  plasterFor,
  pouredOf,
  wallLaw,
} from '@/core/cast';
import { remaining, wetDensity } from '@/core/clay';
import { opensBelow } from '@/core/form';
import { type Result, bad, good } from '@/core/units';
import { calledPart, type CastChoices, partRef, shopOf, type Slip, type Workspace } from '@/core/records';
import { type SizedPlanPart, sizedPlanPart } from '@/core/part';

/** What is taken where nothing is said of casting. Ours but for ratio and margin; mm, degrees. */
export const USUAL_CAST = {
  well: { height: 20, width: 6, flare: 3 },
  leastDraft: 2,
  ratio: USUAL_RATIO,
  margin: USUAL_MARGIN,
  thickness: 35,
} as const satisfies CastChoices;

/** Thinner than this a mould breaks and takes too little water. mm */
const LEAST_PLASTER = 20;

/** A part as it is cast. */
export interface CastWork {
  readonly chosen: Required<Omit<CastChoices, 'wall'>>;
  readonly model: Model;
  /** Model over piece, in widths and in heights. */
  readonly scale: { readonly width: number; readonly height: number };
  readonly parting: Parting;
  readonly around: { readonly side: number; readonly below: number };
  readonly mouldMl: number;
  readonly plaster: Plaster;
  readonly weights: { readonly poured: number; readonly dry: number };
  readonly slip: SlipWork;
}

export interface SlipWork {
  readonly density: number;
  /** It was weighed. */
  readonly weighed: boolean;
  readonly law: WallLaw | undefined;
  /** Of the wall wanted, as it lets go of the mould: mm. */
  readonly wall: number;
  readonly time: ReturnType<typeof minutesFor> | undefined;
  readonly poured: Poured;
  /** The well holds what sinks. */
  readonly holds: boolean;
}

const NO_SLIP: Slip = { casts: [] };

/** What casting hangs on. */
type Castable = Pick<SizedPlanPart, 'part' | 'sized' | 'clay'>;

/** A part worked out for casting; refused in words where such a mould is none. */
export function castOf(workspace: Pick<Workspace, 'shop'>, made: Castable, write: (mm: number) => string): Result<CastWork> {
  const { part, sized, clay } = made;
  if (sized.wet.plan) return bad('family', 'Only round pieces are cast by their sections. Of this one a file for the printer can be had.');
  if (opensBelow(sized.wet))
    return bad('family', 'Slip casts a floor too. Enter how thick the floor is; cut it out once the piece lets go of its mould.');
  const said = part.cast ?? {};
  const well: Well = said.well ?? USUAL_CAST.well;
  const model = modelOf(sized.wet, well);
  const thickness = said.thickness ?? USUAL_CAST.thickness;
  const mould: Mould = said.mould ?? mouldFor(model, thickness, 'round');
  const chosen = { ...USUAL_CAST, ...said, well, mould, thickness };
  const [low, high] = RATIO_LIMITS;
  if (chosen.ratio < low || chosen.ratio > high)
    return bad('ratio', `Use ${low} to ${high} water per 100 plaster. Outside that it stays soft or will not pour.`);
  const around = plasterAround(model, mould);
  if (around.side <= 0) return bad('mould', `The model is ${write(model.widest)} wide and does not go into this mould. Make it wider.`);
  if (around.below <= 0)
    return bad('mould', `With its well the model is ${write(model.height)} high, too tall for this mould. Make the mould higher.`);
  if (around.side < LEAST_PLASTER - 1e-6)
    return bad(
      'mould',
      `Only ${write(around.side)} of plaster around the model. Use at least ${write(LEAST_PLASTER)}, or it may break. Make the mould wider.`,
    );
  if (around.below < LEAST_PLASTER - 1e-6)
    return bad('mould', `Only ${write(around.below)} of plaster under the model: ${write(LEAST_PLASTER)} at least. Make the mould higher.`);
  const ml = mouldMl(mould);
  const plaster = plasterFor(ml, model.volumeMl, chosen.ratio, chosen.margin);
  const scale = { width: 1 / remaining(clay.shrinkage, 'glazed', 'width'), height: 1 / remaining(clay.shrinkage, 'glazed', 'height') };
  return good({
    chosen,
    model,
    scale,
    parting: partingOf(sized.wet),
    around,
    mouldMl: ml,
    plaster,
    weights: mouldWeights(plaster.rule),
    slip: slipWork(workspace, made, model, well),
  });
}

function slipWork(workspace: Pick<Workspace, 'shop'>, { part, sized, clay }: Castable, model: Model, well: Well): SlipWork {
  const { density, casts } = shopOf(workspace).slips?.[part.bodyId ?? ''] ?? NO_SLIP;
  const law = wallLaw(casts);
  const finished = part.cast?.wall ?? sized.stages.glazed.sizes.wall ?? 4;
  const wall = finished / remaining(clay.shrinkage, 'glazed', 'width');
  const { matter } = clay;
  const top = sized.wet.side.at(-1)!;
  const wellMm2 = Math.PI * (top.r + well.width) ** 2;
  // the wall of the well too takes slip, and is cut away
  const inWell = (2 * Math.PI * (top.r + well.width) * well.height * wall) / 1000;
  const used = density ?? USUAL_SLIP;
  const poured = pouredOf(model.volumeMl, sized.volumes.piece + inWell, wetDensity(matter) * (1 - matter.water), used, wellMm2);
  return {
    density: used,
    weighed: density !== undefined,
    law,
    wall,
    time: law && minutesFor(law, wall),
    poured,
    holds: poured.sinks < well.height,
  };
}

/** A mould that is to be poured, for the list of plaster to buy. */
export interface ToPour {
  readonly ref: string;
  readonly name: string;
  readonly work: CastWork;
}

/** Every part that is cast, with its mould. */
export const mouldsToPour = (workspace: Workspace): readonly ToPour[] =>
  workspace.plans.flatMap((plan) =>
    plan.parts.flatMap((part): ToPour[] => {
      if (!part.cast) return [];
      const made = sizedPlanPart(workspace, part, String);
      const work = made.ok ? castOf(workspace, made.value, String) : undefined;
      return work?.ok ? [{ ref: partRef(plan, part), name: calledPart(plan, part), work: work.value }] : [];
    }),
  );
