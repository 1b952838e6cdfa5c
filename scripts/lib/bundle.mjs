/** What a static page makes a browser load at first: its scripts, gzipped, and the packages their bytes come from. */
import { gzipSync } from 'node:zlib';
import { readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { AnyMap, eachMapping } from '@jridgewell/trace-mapping';

const KB = 1024;

/** @returns the scripts of a built page: path, text and gzipped KB */
export function firstLoad(dist, page) {
  const html = readFileSync(join(dist, 'server', 'app', page), 'utf8');
  const paths = new Set([...html.matchAll(/<script[^>]*\ssrc="([^"?]+\.js)/g)].map((match) => match[1]));
  return [...paths].map((path) => {
    const file = join(dist, path.replace('/_next/', ''));
    const text = readFileSync(file, 'utf8');
    return { file, text, gzipped: gzipSync(text).length / KB };
  });
}

const packageOf = (source) => {
  const inside = source.split('node_modules/').at(-1);
  if (inside !== source)
    return inside
      .split('/')
      .slice(0, inside.startsWith('@') ? 2 : 1)
      .join('/');
  return /\/src\//.test(source) ? 'rimbet' : 'framework runtime';
};

/** Gzipped KB by package: each package's share of a script's minified bytes, of what the script weighs gzipped. */
export function byPackage(scripts) {
  const totals = new Map();
  for (const { file, text, gzipped } of scripts) {
    const bytes = bytesByPackage(text, file);
    const all = [...bytes.values()].reduce((a, b) => a + b, 0) || 1;
    for (const [name, size] of bytes) totals.set(name, (totals.get(name) ?? 0) + (gzipped * size) / all);
  }
  return [...totals].sort(([, a], [, b]) => b - a);
}

function bytesByPackage(text, file) {
  const mapName = /\/\/# sourceMappingURL=(\S+)\s*$/.exec(text)?.[1];
  if (!mapName) return new Map([['unmapped', text.length]]);
  const lines = text.split('\n');
  const bytes = new Map();
  let last;
  const close = (line, column) => {
    if (!last) return;
    const end = line === last.line ? column : lines[last.line - 1].length;
    const name = last.source ? packageOf(last.source) : 'unmapped';
    bytes.set(name, (bytes.get(name) ?? 0) + Math.max(0, end - last.column));
  };
  eachMapping(new AnyMap(JSON.parse(readFileSync(join(dirname(file), mapName), 'utf8'))), ({ generatedLine, generatedColumn, source }) => {
    close(generatedLine, generatedColumn);
    last = { line: generatedLine, column: generatedColumn, source };
  });
  close(last?.line, last ? lines[last.line - 1].length : 0);
  return bytes;
}
