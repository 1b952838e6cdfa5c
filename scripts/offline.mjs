/**
 * After a build: the service worker that keeps the whole application in the browser. It is bundled with the list of every
 * page, script, style and font of this build; src/app/sw.js serves it.
 */
import { build } from 'esbuild';
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';

const filesIn = (folder) =>
  readdirSync(folder, { recursive: true })
    .map((name) => name.split('\\').join('/'))
    .filter((name) => statSync(join(folder, name)).isFile());

const revisionOf = (file) => createHash('sha256').update(readFileSync(file)).digest('hex').slice(0, 16);

const statics = filesIn('.next/static')
  .filter((name) => /\.(js|css|woff2)$/.test(name))
  // what the build names by its content never changes under that name
  .map((name) => ({ url: `/_next/static/${name}`, revision: null }));

const PAGES = '.next/server/app';
const pages = filesIn(PAGES)
  .filter((name) => name.endsWith('.html') && !name.startsWith('_'))
  .map((name) => ({ url: `/${name.replace(/\.html$/, '').replace(/^index$/, '')}`, revision: revisionOf(join(PAGES, name)) }));

/** What the router asks for of each page: the whole, its tree, and its own segment. */
const routes = pages.map(({ url }) => url);
const parts = routes.flatMap((path) => [
  { path },
  { path, segment: '/_tree' },
  { path, segment: path === '/' ? '/__PAGE__' : `${path}/__PAGE__` },
]);
const missing = parts.filter(
  ({ path, segment }) => segment && !existsSync(join(PAGES, `${path === '/' ? 'index' : path.slice(1)}.segments${segment}.segment.rsc`)),
);
if (missing.length > 0) throw new Error(`The build lacks router parts: ${JSON.stringify(missing)}`);
const NOWHERE = '/no-such-page';
const buildName = createHash('sha256')
  .update(
    filesIn(PAGES)
      .filter((name) => /\.(rsc|html)$/.test(name))
      .map((name) => revisionOf(join(PAGES, name)))
      .join(),
  )
  .digest('hex')
  .slice(0, 16);

const fonts = existsSync('public')
  ? filesIn('public')
      .filter((name) => name.endsWith('.ttf'))
      .map((name) => ({ url: `/${name}`, revision: revisionOf(join('public', name)) }))
  : [];

await build({
  entryPoints: ['src/workers/offline.sw.ts'],
  outfile: '.next/sw.js',
  bundle: true,
  minify: true,
  format: 'iife',
  logLevel: 'warning',
  define: {
    PRECACHE: JSON.stringify([...pages, ...statics, ...fonts]),
    ROUTER_PARTS: JSON.stringify({ build: buildName, parts, nowhere: NOWHERE }),
    'process.env.NODE_ENV': '"production"',
  },
});
