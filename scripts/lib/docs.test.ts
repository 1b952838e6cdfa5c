import { existsSync, readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';

const texts = ['src', 'scripts', 'docs', 'tests', 'bench']
  .flatMap((folder) => (readdirSync(folder, { recursive: true }) as string[]).map((file) => join(folder, file)))
  .filter((file) => /\.(tsx?|mjs|md)$/.test(file) && !file.endsWith('docs.test.ts'))
  .map((file) => [file, readFileSync(file, 'utf8')] as const);

const headings = (file: string) =>
  readFileSync(file, 'utf8')
    .match(/^#+ .*$/gm)!
    .map((line) => line.replace(/^#+ /, ''));

describe('what the source cites', () => {
  it('is a document that is in the repository', () => {
    const cited = texts.flatMap(([file, text]) =>
      [...text.matchAll(/\b([\w-]+\.md)\b/g)].map(([, document]) => [file, document!] as const),
    );
    expect(cited.length).toBeGreaterThan(40);
    const gone = cited.filter(
      ([, document]) => ![document, join('docs', document), join('docs/decisions', document)].some((path) => existsSync(path)),
    );
    expect(gone).toEqual([]);
  });

  it('is a heading that is in it', () => {
    const all = headings('docs/how-it-computes.md');
    const cited = texts.flatMap(([file, text]) =>
      [...text.matchAll(/how-it-computes\.md, ([A-Z][a-z]+(?: [a-z]+)*)/g)].map(([, words]) => [file, words!] as const),
    );
    expect(cited.length).toBeGreaterThan(40);
    expect(cited.filter(([, words]) => !all.some((heading) => words === heading))).toEqual([]);
  });

  it('is a file that is there, where documents name one', () => {
    const roots = ['', 'src', 'src/core', 'src/ui', 'src/ui/piece', 'src/store'];
    const named = texts
      .filter(([file]) => /^docs\/[a-z-]+\.md$/.test(file))
      .flatMap(([file, text]) => [...text.matchAll(/`([\w./-]+\.(?:tsx?|mjs|css))`/g)].map(([, path]) => [file, path!] as const));
    expect(named.length).toBeGreaterThan(60);
    // what is generated is there once it was built
    const own = named.filter(([, path]) => !path.startsWith('generated/'));
    expect(own.filter(([, path]) => !roots.some((root) => existsSync(join(root, path))))).toEqual([]);
  });
});
