/** `npm run -s calc -- VERB < input.json`: the headless contract on the command line. `VERB --example` prints a question. */
import { VERB_NAMES, aboutVerb, calculateJson, isVerb } from '@/core/calc';
import { type Problem, type Result, bad, good, quote } from '@/core/units';
import { readFileSync } from 'node:fs';

function answer(verb: string | undefined, option: string | undefined): Result<object> {
  if (!verb || !isVerb(verb)) {
    return bad('', `${quote(verb ?? '')} is not a verb. Use one of ${VERB_NAMES.join(', ')}.`);
  }
  if (option === '--example') return good(aboutVerb(verb).example);
  return calculateJson(verb, readFileSync(0, 'utf8'));
}

function refuse(error: Problem): void {
  process.stderr.write(`${JSON.stringify({ error })}\n`);
  process.exitCode = 2;
}

const result = answer(process.argv[2], process.argv[3]);
if (result.ok) process.stdout.write(`${JSON.stringify(result.value)}\n`);
else refuse(result.problem);
