import { readFileSync, readdirSync } from 'node:fs';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';

/** Words that were riddles, and what is said in their place. */
const GONE: readonly (readonly [RegExp, string])[] = [
  [/\bCare:/, 'Caution:'],
  [/\w …/, 'no space before the dots'],
  [/[\d}] %/, 'no space before the sign of per cent'],
  [/\bgives? way\b/i, 'follows, changes or is cleared'],
  [/\blet go\b/i, 'cleared; clay comes away'],
  [/\bno-go\b/i, 'smallest and largest that fits'],
  [/\bNeedled\b/, 'Rim cut level'],
  [/\bWrite [^.]*such as/, 'Enter …, such as'],
  [/\b(is|was|are) believed\b/i, 'estimated'],
  [/\bthings said\b/i, 'predictions'],
  [/\bfurther on than\b/i, 'drier than'],
  [/, (high|deep)$|[a-z] (it|coils), long$/, 'height, depth, length'],
  [/\bTester\b/, 'Test piece'],
  [/\bnearly all\b|\bhardly any\b/i, 'over 99 in 100, under 1 in 100'],
  [/\b\d+ in 20\b/, 'in 10 or in 100'],
  [/\bis no (day|number|link|picture|form known|unit of)\b/i, 'is not a …'],
  [/\b(doesn|can|won|isn|don)['’]t\b/i, 'no contractions'],
  [/!$/, 'no exclamation marks'],
  [/\b([a-z]{3,}) \1\b/, 'no word twice'],
  [/[a-z0] [.,;](?=\s|$)/, 'no space before a sign'],
];

/** What people look for: words they may still use. */
const isSearched = (node: ts.Node): boolean =>
  ts.isPropertyAssignment(node.parent) && ['finds', 'like'].includes(node.parent.name.getText());

/** What is told of a file: its strings, the parts of its templates, the text of its elements. */
function told(path: string): { readonly line: number; readonly words: string }[] {
  const source = ts.createSourceFile(
    path,
    readFileSync(path, 'utf8'),
    ts.ScriptTarget.Latest,
    true,
    path.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS,
  );
  const found: { line: number; words: string }[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node)) return;
    // the end of a template that follows a figure shows whether a space stands before its sign
    const words = ts.isTemplateMiddle(node) || ts.isTemplateTail(node) ? `0${node.text}` : 'text' in node && isText(node) ? node.text : '';
    if (words && !isSearched(node))
      found.push({ line: source.getLineAndCharacterOfPosition(node.getStart()).line + 1, words: words.trim() });
    node.forEachChild(visit);
  };
  visit(source);
  return found;
}

const isText = (node: ts.Node): node is ts.StringLiteral | ts.JsxText | ts.TemplateHead =>
  ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node) || ts.isTemplateHead(node) || ts.isJsxText(node);

const sources = readdirSync('src', { recursive: true, encoding: 'utf8' })
  // style sheets say nothing
  .filter((path) => /\.tsx?$/.test(path) && !path.startsWith('ui/theme/') && !/\.(test|test-kit|d)\./.test(path))
  .map((path) => `src/${path}`);

describe('what is said on screens, in refusals and in prints', () => {
  const all = sources.flatMap((path) => told(path).map((each) => ({ path, ...each })));

  it('is read from every file there is', () => {
    expect(all.length).toBeGreaterThan(3000);
  });

  it.each(GONE)('has no %s: %s', (gone) => {
    expect(all.filter(({ words }) => gone.test(words)).map(({ path, line, words }) => `${path}:${line} ${words}`)).toEqual([]);
  });
});
