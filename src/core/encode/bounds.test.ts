import { DEMO } from '@/core/example';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { readWorkspace, writeWorkspace } from '.';

interface Schema {
  readonly $ref?: string;
  readonly $defs?: Readonly<Record<string, Schema>>;
  readonly type?: string;
  readonly properties?: Readonly<Record<string, Schema>>;
  readonly additionalProperties?: Schema | boolean;
  readonly items?: Schema;
  readonly prefixItems?: readonly Schema[];
  readonly anyOf?: readonly Schema[];
  readonly oneOf?: readonly Schema[];
  readonly minimum?: number;
  readonly maximum?: number;
  readonly exclusiveMinimum?: number;
}

const published = JSON.parse(readFileSync('docs/workspace.schema.json', 'utf8')) as Schema;
const file = writeWorkspace(DEMO, '2026-11-23T08:00:00.000Z');

type Path = readonly (string | number)[];

interface Bounded {
  readonly path: Path;
  readonly schema: Schema;
  readonly value: number;
}

const meant = (schema: Schema): Schema => (schema.$ref ? meant(published.$defs![schema.$ref.split('/').at(-1)!]!) : schema);

/** Which of several a value is told by: the one whose type it has. */
function branch(schema: Schema, value: unknown): Schema | undefined {
  const own = meant(schema);
  const several = own.anyOf ?? own.oneOf;
  if (!several) return own;
  const is = Array.isArray(value) ? 'array' : typeof value === 'object' ? 'object' : typeof value;
  const fits = several.map(meant).filter((each) => each.type === is || (each.type === 'integer' && is === 'number'));
  return fits.length === 1 ? fits[0] : undefined;
}

/** Every number of the example workshop that the published schema has bounds for, one of each place in the schema. */
function bounded(value: unknown, schema: Schema | undefined, path: Path, found: Map<string, Bounded>): void {
  const own = schema && branch(schema, value);
  if (!own) return;
  if (typeof value === 'number') {
    const place = path.filter((step) => typeof step === 'string').join('.');
    if (!found.has(place)) found.set(place, { path, schema: own, value });
  } else if (Array.isArray(value)) value.forEach((each, i) => bounded(each, own.prefixItems?.[i] ?? own.items, [...path, i], found));
  else if (typeof value === 'object' && value) {
    const rest = typeof own.additionalProperties === 'object' ? own.additionalProperties : undefined;
    for (const [name, each] of Object.entries(value)) bounded(each, own.properties?.[name] ?? rest, [...path, name], found);
  }
}

const found = new Map<string, Bounded>();
bounded(JSON.parse(file), published, [], found);

/** The file with another number at a place. */
function withNumber(path: Path, value: number): string {
  const whole = JSON.parse(file) as Record<string, unknown>;
  const holder = path.slice(0, -1).reduce<Record<string, unknown>>((at, step) => at[step] as Record<string, unknown>, whole);
  holder[path.at(-1)!] = value;
  return JSON.stringify(whole);
}

const refusedAt = (path: Path, value: number): boolean => {
  const read = readWorkspace(withNumber(path, value));
  return !read.ok && (read.problem.path === path.join('.') || path.join('.').startsWith(`${read.problem.path}.`));
};

const beyond = ({ schema }: Bounded): number[] => {
  const { minimum, maximum, exclusiveMinimum, type } = schema;
  const step = type === 'integer' ? 1 : 1e-6;
  return [
    ...(minimum === undefined ? [] : [minimum - step * Math.max(1, Math.abs(minimum))]),
    ...(maximum === undefined ? [] : [maximum + step * Math.max(1, Math.abs(maximum))]),
    ...(exclusiveMinimum === undefined ? [] : [exclusiveMinimum]),
  ].map((value) => (type === 'integer' ? Math.round(value) : value));
};

describe('the numbers of a file', () => {
  const all = [...found].filter(([, each]) => beyond(each).length > 0);

  it('have bounds in the published schema, nearly all of them', () => {
    expect(all.length).toBeGreaterThan(60);
    expect(all.length / found.size).toBeGreaterThan(0.9);
  });

  it.each(all)('%s beyond what is published is refused there, and what the example has is not', (_, each) => {
    for (const value of beyond(each)) expect(refusedAt(each.path, value), `${value}`).toBe(true);
    expect(refusedAt(each.path, each.value)).toBe(false);
    const { schema, path } = each;
    // half of a whole piece is none
    if (schema.type === 'integer') expect(refusedAt(path, each.value + 0.5)).toBe(true);
  });
});
