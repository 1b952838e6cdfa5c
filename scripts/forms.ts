/** `npm run forms`: writes docs/forms.md and its drawings from the forms as they are. */
import { writeFileSync } from 'node:fs';
import { formDocs } from './lib/forms';

for (const [path, content] of Object.entries(formDocs())) writeFileSync(path, content);
