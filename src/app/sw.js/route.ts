import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

export const dynamic = 'force-dynamic';

/** The service worker of this build (scripts/offline.mjs); none while developing. */
export function GET(): Response {
  const file = join(process.cwd(), '.next', 'sw.js');
  if (!existsSync(file)) return new Response('', { status: 404 });
  return new Response(readFileSync(file), {
    headers: { 'Content-Type': 'text/javascript; charset=utf-8', 'Cache-Control': 'no-cache' },
  });
}
