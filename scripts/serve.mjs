/**
 * Serves a build: HOST and PORT say where. Every answer carries the headers below, those of the framework's own files, its
 * redirects and its refusals too; what the framework cannot take (an address that is no address, TRACE) is answered here.
 */
import { createServer } from 'node:http';
import next from 'next';

const HOST = process.env.HOST ?? '127.0.0.1';
const PORT = Number(process.env.PORT ?? 4310);

const HEADERS = {
  'X-Content-Type-Options': 'nosniff',
  'Referrer-Policy': 'no-referrer',
  'X-Frame-Options': 'DENY',
  'Cross-Origin-Opener-Policy': 'same-origin',
  'Permissions-Policy': 'camera=(), microphone=(), geolocation=()',
  // a page gets one of its own instead (src/proxy.ts); whatever else there is shows nothing, and workers load from here only
  'Content-Security-Policy': "default-src 'self'; object-src 'none'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'",
};

const METHODS = ['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS'];

/** Files are only read: asked otherwise, the framework fails over some of them. */
const FILES = /^\/+(_next|fonts)\//;
const READING = ['GET', 'HEAD'];

function isAddress(url) {
  try {
    decodeURIComponent(new URL(url, 'http://here').pathname);
    return true;
  } catch {
    return false;
  }
}

function refuse(response, status, message, headers = {}) {
  response.writeHead(status, { 'Content-Type': 'application/json', ...headers });
  response.end(JSON.stringify({ error: { path: '', message } }));
}

const app = next({ dev: false, hostname: HOST, port: PORT });
await app.prepare();
const handle = app.getRequestHandler();

const server = createServer((request, response) => {
  for (const [name, value] of Object.entries(HEADERS)) response.setHeader(name, value);
  const methods = FILES.test(request.url) ? READING : METHODS;
  if (!methods.includes(request.method)) return refuse(response, 405, `There is no ${request.method} here.`, { Allow: methods.join(', ') });
  if (!isAddress(request.url)) return refuse(response, 400, 'This is not an address: a % in it stands for nothing.');
  return handle(request, response);
});
server.listen(PORT, HOST, () => console.log(`Ready on http://${HOST}:${PORT}`));
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.close(() => process.exit(0)).closeAllConnections());
