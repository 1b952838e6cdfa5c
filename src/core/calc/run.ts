import { readJson, refusal } from '@/core/encode';
import { type Problem, type Result, good } from '@/core/units';
import type Joi from 'joi';
import { beliefSchema, beliefVerb } from './belief';
import { castSchema, castVerb, plasterSchema, plasterVerb } from './cast';
import {
  coilsSchema,
  coilsVerb,
  cuttersSchema,
  cuttersVerb,
  formerSchema,
  formerVerb,
  handleSchema,
  handleVerb,
  templateSchema,
  templateVerb,
} from './hand';
import { fitSchema, fitVerb, pairSchema, pairVerb, seatSchema, seatVerb } from './fit';
import { learnSchema, learnVerb } from './learn';
import { lidSchema, lidVerb } from './lid';
import { parseSchema, parseVerb } from './parse';
import { rangeSchema, rangeVerb } from './range';
import { reverseSchema, reverseVerb } from './reverse';
import {
  extrasSchema,
  extrasVerb,
  matchSchema,
  matchVerb,
  scheduleSchema,
  scheduleVerb,
  stackSchema,
  stackVerb,
  worthSchema,
  worthVerb,
} from './sets';
import { sizeSchema, sizeVerb } from './size';
import {
  firingSchema,
  firingVerb,
  handLeanSchema,
  handLeanVerb,
  heightSchema,
  heightVerb,
  sagSchema,
  sagVerb,
  survivalSchema,
  survivalVerb,
} from './teaches';
import { solveSchema, solveVerb } from './solve';
import { runSchema, runVerb, slabsSchema, slabsVerb, thicknessSchema, thicknessVerb } from './work';

interface Verb {
  readonly schema: Joi.ObjectSchema;
  readonly answer: (input: never) => Result<object>;
}

const VERBS = {
  parse: { schema: parseSchema, answer: parseVerb },
  belief: { schema: beliefSchema, answer: beliefVerb },
  hand: { schema: handLeanSchema, answer: handLeanVerb },
  height: { schema: heightSchema, answer: heightVerb },
  firing: { schema: firingSchema, answer: firingVerb },
  survival: { schema: survivalSchema, answer: survivalVerb },
  sag: { schema: sagSchema, answer: sagVerb },
  range: { schema: rangeSchema, answer: rangeVerb },
  size: { schema: sizeSchema, answer: sizeVerb },
  reverse: { schema: reverseSchema, answer: reverseVerb },
  solve: { schema: solveSchema, answer: solveVerb },
  thickness: { schema: thicknessSchema, answer: thicknessVerb },
  slabs: { schema: slabsSchema, answer: slabsVerb },
  run: { schema: runSchema, answer: runVerb },
  template: { schema: templateSchema, answer: templateVerb },
  coils: { schema: coilsSchema, answer: coilsVerb },
  former: { schema: formerSchema, answer: formerVerb },
  handle: { schema: handleSchema, answer: handleVerb },
  cutters: { schema: cuttersSchema, answer: cuttersVerb },
  fit: { schema: fitSchema, answer: fitVerb },
  seat: { schema: seatSchema, answer: seatVerb },
  lid: { schema: lidSchema, answer: lidVerb },
  pair: { schema: pairSchema, answer: pairVerb },
  learn: { schema: learnSchema, answer: learnVerb },
  stack: { schema: stackSchema, answer: stackVerb },
  plaster: { schema: plasterSchema, answer: plasterVerb },
  cast: { schema: castSchema, answer: castVerb },
  match: { schema: matchSchema, answer: matchVerb },
  extras: { schema: extrasSchema, answer: extrasVerb },
  schedule: { schema: scheduleSchema, answer: scheduleVerb },
  worth: { schema: worthSchema, answer: worthVerb },
} satisfies Record<string, Verb>;

export type VerbName = keyof typeof VERBS;

export const VERB_NAMES = Object.keys(VERBS) as VerbName[];

export const isVerb = (name: string): name is VerbName => Object.hasOwn(VERBS, name);

function answerOne(verb: Verb, input: unknown): Result<object> {
  const checked = verb.schema.validate(input);
  if (checked.error) return { ok: false, problem: refusal(checked.error) };
  return verb.answer(checked.value as never);
}

const within = (index: number, { path, message }: Problem): Problem => ({
  path: path ? `${index}.${path}` : String(index),
  message,
});

/**
 * Answers a verb of the headless contract. An array in gives an array out; if one case is bad the whole is refused,
 * the path starting with its index.
 *
 * @example calculate('parse', { kind: 'length', text: '3 5/8 in' }) // { ok: true, value: { value: 92.075 } }
 */
export function calculate(name: VerbName, input: unknown): Result<object> {
  const verb: Verb = VERBS[name];
  if (!Array.isArray(input)) return answerOne(verb, input);
  const answers: object[] = [];
  for (const [index, one] of input.entries()) {
    const answer = answerOne(verb, one);
    if (!answer.ok) return { ok: false, problem: within(index, answer.problem) };
    answers.push(answer.value);
  }
  return good(answers);
}

const HINT = 'Write an object such as {"kind":"length","text":"3 5/8 in"}, or a list of them.';

/** Answers a verb on JSON text, as the command gets it. */
export function calculateJson(name: VerbName, json: string): Result<object> {
  const input = readJson(json, HINT);
  return input.ok ? calculate(name, input.value) : input;
}

/** How much work one request may be. */
export interface Bounds {
  readonly cases: number;
  /** Lets others have their turn; false once this request has had its time. Asked before each case. */
  readonly mayGoOn: () => Promise<boolean>;
  /** How long that is, in words. */
  readonly time: string;
}

/** Too much work for one request: refused whole, with what would do. */
export interface TooMuch {
  readonly tooMuch: string;
}

/** As {@link calculateJson} within bounds, case by case, so that nobody waits for another's list. */
export async function calculateWithin(name: VerbName, json: string, bounds: Bounds): Promise<Result<object> | TooMuch> {
  const input = readJson(json, HINT);
  if (!input.ok) return input;
  const { value } = input;
  if (!Array.isArray(value)) return calculate(name, value);
  if (value.length > bounds.cases)
    return { tooMuch: `${value.length} cases are too many for one request. Send at most ${bounds.cases} at a time.` };
  const answers: object[] = [];
  for (const [index, one] of (value as unknown[]).entries()) {
    if (!(await bounds.mayGoOn())) {
      return { tooMuch: `One request may take ${bounds.time}; ${index} of ${value.length} cases were done by then. Send fewer at a time.` };
    }
    const answer = answerOne(VERBS[name], one);
    if (!answer.ok) return { ok: false, problem: within(index, answer.problem) };
    answers.push(answer.value);
  }
  return good(answers);
}
