import { VERB_NAMES, aboutVerb, calculateWithin, isVerb } from '@/core/calc';
import type { Problem } from '@/core/units';

/** The largest body taken, bytes. */
const LARGEST_BODY = 256 * 1024;

/** The work of one request: cases, and its own time in ms. Between cases other requests have their turn, which is not counted. */
const MOST_CASES = 2000;
const MOST_MS = 5000;

function mayGoOnFor(ms: number): () => Promise<boolean> {
  let left = ms;
  let since = performance.now();
  return async () => {
    left -= performance.now() - since;
    await new Promise((resolve) => setImmediate(resolve));
    since = performance.now();
    return left > 0;
  };
}

const refuse = (status: number, error: Problem): Response => Response.json({ error }, { status });

/** Reads the body, giving up as soon as it is too large. */
async function readBody(request: Request): Promise<string | undefined> {
  if (Number(request.headers.get('content-length') ?? 0) > LARGEST_BODY) return undefined;
  const reader = request.body?.getReader();
  if (!reader) return '';
  const chunks: Uint8Array[] = [];
  let size = 0;
  for (;;) {
    const { done, value } = await reader.read();
    if (done) return Buffer.concat(chunks).toString('utf8');
    size += value.byteLength;
    if (size > LARGEST_BODY) {
      await reader.cancel();
      return undefined;
    }
    chunks.push(value);
  }
}

type Asked = { params: Promise<{ verb: string }> };

const noVerb = () => refuse(404, { path: '', message: `Unknown verb. Use one of ${VERB_NAMES.join(', ')}.` });

/** What a verb answers, and a question that can be asked as it stands. */
export async function GET(_: Request, { params }: Asked): Promise<Response> {
  const { verb } = await params;
  return isVerb(verb) ? Response.json(aboutVerb(verb)) : noVerb();
}

/** The headless contract over HTTP: the same verbs, the same answers and refusals as the command. */
export async function POST(request: Request, { params }: Asked): Promise<Response> {
  const { verb } = await params;
  if (!isVerb(verb)) return noVerb();
  const body = await readBody(request);
  if (body === undefined) return refuse(413, { path: '', message: 'The body is larger than 256 KB. Send fewer cases at a time.' });
  const answer = await calculateWithin(verb, body, {
    cases: MOST_CASES,
    mayGoOn: mayGoOnFor(MOST_MS),
    time: `${MOST_MS / 1000} seconds`,
  });
  if ('tooMuch' in answer) return refuse(413, { path: '', message: answer.tooMuch });
  return answer.ok ? Response.json(answer.value) : refuse(400, answer.problem);
}
