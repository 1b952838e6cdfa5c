import { readJson, refusal } from '@/core/encode';
import { type Problem, type Result, good } from '@/core/units';
import { VERBS, type Verb } from './verbs';

export type VerbName = keyof typeof VERBS;

export const VERB_NAMES = Object.keys(VERBS) as VerbName[];

/** What a verb answers, in a line, and a question that can be asked as it stands. */
export const aboutVerb = (name: VerbName): { readonly verb: VerbName; readonly says: string; readonly example: object } => {
  const { says, example } = VERBS[name];
  return { verb: name, says, example };
};

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

const HINT = 'Send an object such as {"kind":"length","text":"3 5/8 in"}, or a list of them.';

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
    return { tooMuch: `${value.length} cases is too many for one request. Send at most ${bounds.cases} at a time.` };
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
