/** `npm run docs`: writes docs/forms.md and its drawings from the forms as they are, and the list of verbs in docs/headless.md. */
import { readFileSync, writeFileSync } from 'node:fs';
import { formDocs } from './lib/forms';
import { withVerbs } from './lib/verbs';

const HEADLESS = 'docs/headless.md';

for (const [path, content] of Object.entries(formDocs())) writeFileSync(path, content);
writeFileSync(HEADLESS, withVerbs(readFileSync(HEADLESS, 'utf8')));
