import { readFileSync } from 'node:fs';
import { LESSON_NAMES } from '@/core/telling';
import { expect, it } from 'vitest';
import { withLessons } from './lessons';

it('docs/how-it-computes.md lists every lesson as it is: `npm run docs` writes it', () => {
  const document = readFileSync('docs/how-it-computes.md', 'utf8');
  expect(withLessons(document)).toBe(document);
  for (const name of LESSON_NAMES) expect(document).toContain(`| ${name} |`);
});
