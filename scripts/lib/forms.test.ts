import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { formDocs } from './forms';

it.each(Object.entries(formDocs()))('%s is what `npm run docs` makes of the forms', (path, content) => {
  expect(readFileSync(path, 'utf8')).toBe(content);
});
