import { DEMO } from '@/core/example';
import Ajv2020 from 'ajv/dist/2020';
import type Joi from 'joi';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { readWorkspace, writeWorkspace } from '.';
import { ROW_SCHEMAS, fileSchema } from './workspace-schema';

interface Schema {
  readonly $ref?: string;
  readonly $defs?: Readonly<Record<string, Schema>>;
  readonly type?: string;
  readonly const?: unknown;
  readonly enum?: readonly unknown[];
  readonly properties?: Readonly<Record<string, Schema>>;
  readonly required?: readonly string[];
  readonly additionalProperties?: Schema | boolean;
  readonly propertyNames?: Schema;
  readonly items?: Schema;
  readonly oneOf?: readonly Schema[];
  readonly anyOf?: readonly Schema[];
  readonly minItems?: number;
  readonly maxItems?: number;
  readonly uniqueItems?: boolean;
  readonly pattern?: string;
  readonly minLength?: number;
  readonly maxLength?: number;
  readonly minimum?: number;
  readonly maximum?: number;
  readonly exclusiveMinimum?: number;
}

const published = JSON.parse(readFileSync('docs/workspace.schema.json', 'utf8')) as Schema;
const isPublished = new Ajv2020({ allErrors: false }).compile(published);

type Path = readonly (string | number)[];

/** Values that a schema takes, the plainest first, and values that it does not. */
interface Samples {
  readonly takes: readonly unknown[];
  readonly refuses: readonly unknown[];
}

const meant = (schema: Schema): Schema => (schema.$ref ? meant(published.$defs![schema.$ref.split('/').at(-1)!]!) : schema);

/** What texts of a pattern look like. */
const TEXTS: readonly (readonly [begins: string, text: string])[] = [
  ['^[A-Za-z', 'an-id'],
  ['^\\d{4}-\\d{2}-\\d{2}T', '2026-11-20T09:40:00.000Z'],
  ['^\\d{4}', '2026-11-20'],
];

function ofNumber({ type, minimum, maximum, exclusiveMinimum }: Schema): Samples {
  const step = (bound: number) => (type === 'integer' ? 1 : 1e-6 * Math.max(1, Math.abs(bound)));
  const least = minimum ?? (exclusiveMinimum === undefined ? undefined : exclusiveMinimum + step(exclusiveMinimum));
  const below = exclusiveMinimum ?? (minimum === undefined ? undefined : minimum - step(minimum));
  const said = <T>(value: T | undefined): T[] => (value === undefined ? [] : [value]);
  const middle = least !== undefined && maximum !== undefined ? (least + maximum) / 2 : 1;
  return {
    takes: [type === 'integer' ? Math.round(middle) : middle, ...said(least), ...said(maximum)],
    refuses: ['1', ...said(below), ...(maximum === undefined ? [] : [maximum + step(maximum)]), ...(type === 'integer' ? [1.5] : [])],
  };
}

function ofText({ pattern, minLength = 0, maxLength }: Schema): Samples {
  const text = TEXTS.find(([begins]) => pattern?.startsWith(begins))?.[1];
  const long = (count: number) => (text?.startsWith('2026') ? [] : ['x'.repeat(count)]);
  return {
    takes: [text ?? 'x', ...(pattern || minLength > 0 ? [] : ['']), ...(maxLength === undefined ? [] : long(maxLength))],
    refuses: [
      7,
      ...(pattern ? ['?', `${text}?`, `?${text}`] : []),
      ...(minLength > 0 ? [''] : []),
      ...(maxLength === undefined ? [] : long(maxLength + 1)),
    ],
  };
}

function ofList({ items = {}, minItems = 0, maxItems, uniqueItems }: Schema): Samples {
  const { takes, refuses } = samples(items);
  const of = (count: number) => (uniqueItems ? takes.slice(0, count) : Array.from({ length: count }, () => takes[0]));
  const least = of(Math.max(1, minItems));
  return {
    takes: [
      least,
      ...(minItems === 0 ? [[]] : []),
      ...(maxItems === undefined ? [] : [of(maxItems)]),
      ...takes.map((each) => [each, ...least.slice(1)]),
    ],
    refuses: [
      {},
      ...(minItems > 0 ? [of(minItems - 1)] : []),
      ...(maxItems === undefined ? [] : [Array.from({ length: maxItems + 1 }, (_, i) => takes[uniqueItems ? i % takes.length : 0])]),
      ...refuses.map((each) => [each, ...least.slice(1)]),
    ],
  };
}

function ofFields({ properties = {}, required = [], anyOf, additionalProperties, propertyNames }: Schema): Samples {
  const alike = new Set<string>();
  const fields = Object.entries(properties).map(([name, schema]) => {
    const { takes, refuses } = samples(schema);
    const text = JSON.stringify(meant(schema));
    // of fields that are alike the first is tried with everything
    const known = alike.has(text);
    alike.add(text);
    return known ? { name, takes: takes.slice(0, 1), refuses: refuses.slice(-1) } : { name, takes, refuses };
  });
  const pick = (wanted: (name: string) => boolean) =>
    Object.fromEntries(fields.filter(({ name }) => wanted(name)).map(({ name, takes }) => [name, takes[0]]));
  const needed = [...required, ...(anyOf?.[0]?.required ?? [])];
  const [bare, full] = [pick((name) => needed.includes(name)), pick(() => true)];
  const others = typeof additionalProperties === 'object' ? samples(additionalProperties) : undefined;
  const key = propertyNames && meant(propertyNames).enum?.[0];
  const named = String(key ?? 'an-id');
  return {
    takes: [
      full,
      bare,
      ...fields.flatMap(({ name, takes }) => takes.slice(1).map((each) => ({ ...full, [name]: each }))),
      ...(others?.takes.map((each) => ({ ...full, [named]: each })) ?? []),
    ],
    refuses: [
      [],
      ...fields.flatMap(({ name, refuses }) => refuses.map((each) => ({ ...full, [name]: each }))),
      ...required.map((name) => pick((each) => each !== name)),
      ...(others ? others.refuses.map((each) => ({ ...full, [named]: each })) : [{ ...full, strange: 1 }]),
    ],
  };
}

function samples(schema: Schema): Samples {
  const own = meant(schema);
  if (own.const !== undefined) return { takes: [own.const], refuses: ['nothing like it'] };
  if (own.enum) return { takes: [own.enum[0], own.enum.at(-1)], refuses: ['nothing like it'] };
  if (own.oneOf) {
    const all = own.oneOf.map(samples);
    return { takes: all.flatMap(({ takes }) => takes), refuses: all.flatMap(({ refuses }) => refuses) };
  }
  if (own.type === 'number' || own.type === 'integer') return ofNumber(own);
  if (own.type === 'string') return ofText(own);
  if (own.type === 'array') return ofList(own);
  if (own.type === 'boolean') return { takes: [true, false], refuses: ['true', 1] };
  return ofFields(own);
}

/** The example workshop with few rows, which is read quickly, and with a row of every setting of the shop. */
const small = JSON.parse(
  writeWorkspace(
    {
      ...DEMO,
      bars: DEMO.bars.slice(0, 1),
      plans: DEMO.plans.slice(0, 1),
      formers: DEMO.formers.slice(0, 1),
      runs: DEMO.runs.slice(0, 1),
      pieces: DEMO.pieces.filter(({ runId }) => runId === DEMO.runs[0]!.id).slice(0, 1),
    },
    '2026-11-23T08:00:00.000Z',
  ),
) as { readonly shop: { readonly id: string }[] };
for (const row of samples({ $ref: '#/$defs/shop' }).takes as { readonly id: string }[])
  if (!small.shop.some(({ id }) => id === row.id)) small.shop.push(row);

/** The file with another value at a place. */
function withValue(path: Path, value: unknown): unknown {
  const whole = structuredClone(small);
  const holder = path.slice(0, -1).reduce<Record<string, unknown>>((at, step) => at[step] as Record<string, unknown>, whole as never);
  holder[path.at(-1)!] = value;
  return whole;
}

/** Which of several schemas a value is meant by: the one whose needed fields it has, and that has its fields. */
const isMeantBy = (value: object, schema: Schema): boolean =>
  Object.keys(value).every((name) => name in (meant(schema).properties ?? {})) &&
  (meant(schema).required ?? []).every((name) => {
    const { const: only } = meant(schema).properties?.[name] ?? {};
    return name in value && (only === undefined || only === (value as Record<string, unknown>)[name]);
  });

const walked = new Set<Schema>();

/** Every field that the published schema has in what the workshop holds, whether the workshop has it or not; of fields that are alike, the first. */
function fields(value: unknown, schema: Schema, path: Path, found: Map<string, readonly [Path, Schema]>): void {
  const own = meant(schema);
  if (Array.isArray(value)) value.forEach((each, i) => own.items && fields(each, own.items, [...path, i], found));
  else if (typeof value !== 'object' || value === null) return;
  else if (own.oneOf) own.oneOf.filter((each) => isMeantBy(value, each)).forEach((each) => fields(value, each, path, found));
  else {
    walked.add(own);
    for (const [name, field] of Object.entries(own.properties ?? {})) {
      const each = (value as Record<string, unknown>)[name];
      const alike = `${path.findLast((step) => typeof step === 'string')} ${JSON.stringify(meant(field))}`;
      if ((typeof each !== 'object' || path.length > 2) && !found.has(alike) && !walked.has(meant(field)))
        found.set(alike, [[...path, name], field]);
      fields(each, field, [...path, name], found);
    }
  }
}

const there = (whole: unknown, path: Path): unknown =>
  path.reduce((at, step) => (at as Record<string, unknown> | undefined)?.[step], whole);
const shown = (value: unknown): string => JSON.stringify(value).slice(0, 200);

/** What only the reading can tell: rows that belong together, figures that contradict each other. */
const BETWEEN_FIELDS = /not in the file|needs \w+ for a|lower first|not a range|points of its outline/;

describe('a field of a file', () => {
  const found = new Map<string, readonly [Path, Schema]>();
  fields(small, published, [], found);
  // what is no such file at all is told so (encode.test.ts)
  found.delete([...found.keys()].find((key) => found.get(key)![0][0] === 'format')!);
  const all = Array.from(found.values(), ([path, schema]) => ({ place: path.join('.'), path, ...samples(schema) }));

  it.each(all)(
    '$place takes what is published and keeps it, and refuses anything else in plain words',
    ({ place, path, takes, refuses }) => {
      for (const value of takes) {
        const whole = withValue(path, value);
        expect(isPublished(whole), shown(value)).toBe(true);
        const read = readWorkspace(JSON.stringify(whole));
        if (read.ok) expect(there(read.value, path) ?? value).toEqual(value);
        else expect(read.problem.message, shown(value)).toMatch(BETWEEN_FIELDS);
      }
      for (const value of refuses) {
        const whole = withValue(path, value);
        expect(isPublished(whole), shown(value)).toBe(false);
        const read = readWorkspace(JSON.stringify(whole));
        if (read.ok) throw new Error(`${shown(value)} is taken`);
        const { path: at, message } = read.problem;
        expect(at.startsWith(place) || place.startsWith(at), `${at} for ${place}`).toBe(true);
        expect(message).toMatch(new RegExp(`^${at} (must|is|needs|takes|lacks|leaves|stands)\\b.*[^.]\\.$`));
        expect(message).not.toMatch(/undefined|\[object|NaN/);
      }
    },
  );

  it('stands in the published schema, whatever is read', () => {
    const unpublished: string[] = [];
    const alternatives = (schema: Schema): readonly Schema[] => meant(schema).oneOf?.flatMap(alternatives) ?? [meant(schema)];
    const look = (own: Joi.Description, schemas: readonly Schema[], at: string) => {
      const {
        keys = {},
        items = [],
        matches = [],
      } = own as { keys?: Record<string, Joi.Description>; items?: Joi.Description[]; matches?: Record<string, Joi.Description>[] };
      for (const [name, each] of Object.entries(keys)) {
        const further = schemas.flatMap(({ properties }) => (properties?.[name] ? alternatives(properties[name]) : []));
        if (further.length === 0) unpublished.push(`${at}.${name}`);
        else look(each, further, `${at}.${name}`);
      }
      for (const each of items)
        look(
          each,
          schemas.flatMap(({ items: one }) => (one ? alternatives(one) : [])),
          `${at}[]`,
        );
      for (const { schema, then, otherwise } of matches) for (const each of [schema, then, otherwise]) if (each) look(each, schemas, at);
    };
    look(fileSchema.describe(), [published], 'file');
    for (const [table, schema] of Object.entries(ROW_SCHEMAS))
      look(schema.describe(), alternatives(published.properties![table]!.items!), table);
    expect(unpublished).toEqual([]);
  });
});
