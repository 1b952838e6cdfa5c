/** `npm run docs`: writes docs/forms.md and its drawings from the forms as they are, the list of verbs in docs/headless.md and that of lessons in docs/how-it-computes.md. */
import { readFileSync, writeFileSync } from 'node:fs';
import { formDocs } from './lib/forms';
import { withLessons } from './lib/lessons';
import { withVerbs } from './lib/verbs';

const HEADLESS = 'docs/headless.md';
const COMPUTES = 'docs/how-it-computes.md';

for (const [path, content] of Object.entries(formDocs())) writeFileSync(path, content);
writeFileSync(HEADLESS, withVerbs(readFileSync(HEADLESS, 'utf8')));
writeFileSync(COMPUTES, withLessons(readFileSync(COMPUTES, 'utf8')));
