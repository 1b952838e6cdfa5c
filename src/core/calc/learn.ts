import { type Bar, type ClayFacts, type MeasuredWith, clayFigures } from '@/core/clay';
import { ballRatio, cameOut } from '@/core/learn';
import { TOOL_SD } from '@/core/sizing';
import { type Result, bad, good } from '@/core/units';
import { beliefVerb } from './belief';
import { bodySchema, joi } from './schema';

const length = joi.number().positive().max(3000);
const mass = joi.number().positive().max(100_000);
const MEASURED: readonly string[] = ['ruler', 'caliper'] satisfies MeasuredWith[];

const made = joi.object({
  planned: length.required(),
  thrown: length,
  tool: joi
    .string()
    .max(40)
    .when('thrown', {
      is: joi.exist(),
      then: joi.valid(...MEASURED),
      otherwise: joi.valid(...Object.keys(TOOL_SD)),
    }),
  fired: length.required(),
  firedTool: joi.string().valid(...MEASURED),
  ball: mass,
  ballComputed: mass,
});

export const learnSchema = joi.object({ body: bodySchema.required(), made: joi.array().items(made).max(10_000).required() });

interface Made {
  readonly planned: number;
  readonly thrown?: number;
  readonly tool?: MeasuredWith | keyof typeof TOOL_SD;
  readonly fired: number;
  readonly firedTool?: MeasuredWith;
  readonly ball?: number;
  readonly ballComputed?: number;
}

interface LearnInput {
  readonly body: ClayFacts;
  readonly made: readonly Made[];
}

/** A piece as a bar: measured wet, or made to a size by a tool. */
function barOf({ planned, thrown, tool, fired, firedTool = 'ruler' }: Made): Bar {
  const measured = { glazed: fired, firedTool };
  if (thrown !== undefined) return { ...measured, wet: thrown, tool: (tool as MeasuredWith | undefined) ?? 'ruler' };
  const sd = TOOL_SD[(tool as keyof typeof TOOL_SD | undefined) ?? 'gauge'];
  return { ...measured, wet: planned, tool: firedTool, madeTo: { sd, run: '' } };
}

/** The verb `learn`: what is believed once what was made counts too, what hand and clay did, and the maker's ball ratio. */
export function learnVerb({ body, made }: LearnInput): Result<object> {
  const grown = made.findIndex((each) => each.fired >= (each.thrown ?? each.planned));
  if (grown >= 0) {
    const { fired, thrown, planned } = made[grown]!;
    return bad(`made.${grown}.fired`, `A piece that was ${thrown ?? planned} mm wet cannot be ${fired} mm fired, because clay shrinks.`);
  }
  const belief = beliefVerb({ body: { ...body, bars: [...(body.bars ?? []), ...made.map(barOf)] } });
  if (!belief.ok) return belief;
  const shrinkage = clayFigures(body).belief.mean;
  const ratios = made.flatMap(({ ball, ballComputed }) => (ball && ballComputed ? [ball / ballComputed] : []));
  return good({
    belief: belief.value,
    made: made.map((each) => {
      const came = cameOut({ ...each, shrinkage });
      return came ? { hand: came.hand, clay: came.clay } : null;
    }),
    ballRatio: ballRatio(ratios) ?? null,
  });
}
