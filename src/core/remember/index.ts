/**
 * Remembers the last answer for each thing asked about, while every input is the same object. The work is handed nothing but that thing and its
 * inputs: one that is not declared is not there to be used, and so none can be forgotten in comparing.
 *
 * @example
 * const widthOf = remembering((plan: Plan, { bodies }: Pick<Workspace, 'bodies'>) => work(plan, bodies));
 * widthOf(plan, { bodies: workspace.bodies });
 */
export function remembering<Asked extends object, Inputs extends object, Answer>(
  work: (asked: Asked, inputs: Inputs) => Answer,
): (asked: Asked, inputs: Inputs) => Answer {
  const last = new WeakMap<Asked, { readonly inputs: Inputs; readonly answer: Answer }>();
  return (asked, inputs) => {
    const before = last.get(asked);
    if (before && same(before.inputs, inputs)) return before.answer;
    const answer = work(asked, inputs);
    last.set(asked, { inputs, answer });
    return answer;
  };
}

/** Whether two sets of inputs hold the same things by the same names. */
function same<Inputs extends object>(before: Inputs, now: Inputs): boolean {
  const names = Object.keys(now) as (keyof Inputs)[];
  return names.length === Object.keys(before).length && names.every((name) => before[name] === now[name]);
}

/**
 * Remembers the answer for each thing asked about: nothing but the thing itself is handed to the work, and it never changes.
 *
 * @example const outlineOf = onceEach((form: Form) => draw(form));
 */
export function onceEach<Asked extends object, Answer>(work: (asked: Asked) => Answer): (asked: Asked) => Answer {
  const found = remembering((asked: Asked, _: object) => work(asked));
  return (asked) => found(asked, NOTHING);
}

const NOTHING = {};

/**
 * Remembers the answers to questions that are plain figures and words: the same question, however it was put together, has the same answer.
 *
 * @param most so many answers are kept; then it begins anew
 */
export function onceAlike<Question extends object, Answer>(
  most: number,
  work: (question: Question) => Answer,
): (question: Question) => Answer {
  const found = new Map<string, Answer>();
  return (question) => {
    // JSON knows no Infinity: two questions would look the same
    const name = JSON.stringify(question, (_, value: unknown) => (typeof value === 'number' ? String(value) : value));
    const known = found.get(name);
    if (known !== undefined) return known;
    const answer = work(question);
    if (found.size >= most) found.clear();
    found.set(name, answer);
    return answer;
  };
}
