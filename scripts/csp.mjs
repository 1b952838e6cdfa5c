/**
 * After a build: collects what each static page says inline (scripts, styles, style attributes) as hashes, so that
 * the content security policy can allow exactly that and nothing else. src/proxy.ts sends it with each page.
 */
import { createHash } from 'node:crypto';
import { readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const PAGES = '.next/server/app';

const entities = { amp: '&', lt: '<', gt: '>', quot: '"', '#x27': "'", '#39': "'" };
const unescaped = (text) => text.replace(/&(amp|lt|gt|quot|#x27|#39);/g, (_, name) => entities[name]);
const hash = (text) => `'sha256-${createHash('sha256').update(text).digest('base64')}'`;
const found = (html, pattern) => [...html.matchAll(pattern)].map((match) => match[1]);
const unique = (values) => [...new Set(values)].sort();

function policyOf(html) {
  const scripts = found(html, /<script(?![^>]*\ssrc=)[^>]*>([\s\S]*?)<\/script>/g).map(hash);
  const styles = found(html, /<style[^>]*>([\s\S]*?)<\/style>/g).map(hash);
  const attributes = found(html, /\sstyle="([^"]*)"/g).map((text) => hash(unescaped(text)));
  // the empty string: Emotion adds an empty <style> and fills it through the CSSOM
  const style = unique([...styles, ...attributes, hash('')]);
  return [
    "default-src 'self'",
    `script-src 'self' ${unique(scripts).join(' ')}`,
    `style-src 'self' 'unsafe-hashes' ${style.join(' ')}`,
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'none'",
    "frame-ancestors 'none'",
  ].join('; ');
}

const pages = readdirSync(PAGES, { recursive: true }).filter((name) => name.endsWith('.html'));
const policies = Object.fromEntries(
  pages.map((name) => {
    const route = `/${name.replace(/\.html$/, '').replace(/^index$/, '')}`;
    return [route, policyOf(readFileSync(join(PAGES, name), 'utf8'))];
  }),
);
writeFileSync('.next/csp.json', JSON.stringify(policies));
