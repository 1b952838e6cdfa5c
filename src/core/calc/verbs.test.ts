import { describe, expect, it } from 'vitest';
import { VERBS } from './verbs';

interface Described {
  readonly type?: string;
  readonly flags?: { readonly presence?: string };
  readonly allow?: readonly unknown[];
  readonly rules?: readonly { readonly name: string; readonly args?: { readonly limit?: unknown } }[];
  readonly keys?: Readonly<Record<string, Described>>;
  readonly items?: readonly Described[];
  readonly matches?: readonly { readonly schema?: Described; readonly then?: Described; readonly otherwise?: Described }[];
  readonly patterns?: readonly { readonly rule: Described }[];
}

const names = ({ rules = [] }: Described) => rules.map(({ name }) => name);
const has = (node: Described, ...any: string[]) => any.some((name) => names(node).includes(name));

/** The places of a question where a number, a list or a text may be as large as anybody likes. */
function unbounded(node: Described, path: string): string[] {
  const own =
    (node.type === 'number' &&
      !(node.flags as { only?: boolean } | undefined)?.only &&
      !(has(node, 'max', 'less') && has(node, 'min', 'greater', 'sign'))) ||
    (node.type === 'array' && !has(node, 'max', 'length')) ||
    (node.type === 'string' && !(node.flags as { only?: boolean } | undefined)?.only && !has(node, 'max', 'pattern', 'length', 'custom'));
  return [
    ...(own ? [path] : []),
    ...Object.entries(node.keys ?? {}).flatMap(([key, child]) => unbounded(child, `${path}.${key}`)),
    ...(node.items ?? []).flatMap((child) => unbounded(child, `${path}[]`)),
    ...(node.patterns ?? []).flatMap(({ rule }) => unbounded(rule, `${path}.*`)),
    ...(node.matches ?? []).flatMap(({ schema, then, otherwise }) =>
      [schema, then, otherwise].flatMap((child) => (child ? unbounded(child, path) : [])),
    ),
  ];
}

describe.each(Object.entries(VERBS))('the verb %s', (name, { schema }) => {
  it('has bounds for every number, list and text', () => {
    expect(unbounded(schema.describe() as Described, name)).toEqual([]);
  });
});
