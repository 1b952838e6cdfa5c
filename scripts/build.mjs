/** `npm run build`: the theme's style sheet, the production build, then the policy of what its pages may say inline, then its service worker. */
import { must, tool } from './lib/machine.mjs';

must(tool('tsx'), ['scripts/theme.ts']);
must(tool('next'), ['build']);
must(process.execPath, ['scripts/csp.mjs']);
must(process.execPath, ['scripts/offline.mjs']);
