import { readFileSync } from 'node:fs';
import { VERB_NAMES } from '@/core/calc';
import { expect, it } from 'vitest';
import { withVerbs } from './verbs';

it('docs/headless.md lists every verb as it is: `npm run docs` writes it', () => {
  const document = readFileSync('docs/headless.md', 'utf8');
  expect(withVerbs(document)).toBe(document);
  for (const verb of VERB_NAMES) expect(document).toContain(`| \`${verb}\` |`);
});
