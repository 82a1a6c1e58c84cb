/**
 * A value that fits a JSON Schema, made up from a seed: the documented example or default where there is one, else by type,
 * format, pattern and limits. What a schema demands beyond that (`not`, `if`, dependencies) is not aimed at.
 */
import randexp from 'randexp';
import { ownMember } from '../value/own-member.js';
import { seeded, seededUuid } from '../value/seeded.js';
import { isValueMap, type Value } from '../value/written.js';

/** The package is the class itself, whatever its types say. */
const RandExp = randexp as unknown as typeof randexp.default;

type Schema = Readonly<Record<string, Value>>;

const isSchema = (value: unknown): value is Schema => isValueMap(value as Value);

/** Members that need not be there end at this depth; those that must, at twice as deep. */
const deepest = 4;

/** What a reference leads to. */
export type Referred = (reference: string) => Value | undefined;

/** @param schema as JSON Schema 2020-12 @param seed the same gives the same value @param name says what a text is */
export function inventedValue(
  schema: Value,
  seed: number,
  referred: Referred = () => undefined,
  name = 'thing',
): Value {
  return new Inventing(seed, referred).value(schema, name, 0);
}

class Inventing {
  private readonly random: () => number;

  constructor(
    seed: number,
    private readonly referred: Referred,
  ) {
    this.random = seeded(seed);
  }

  /** @param name of the member, which says what a text is */
  value(given: Value, name: string, depth: number): Value {
    const schema = this.whole(given, 0);
    if (schema.const !== undefined) return schema.const;
    if (Array.isArray(schema.enum) && schema.enum.length > 0) return this.pick(schema.enum as readonly Value[]);
    const [first] = Array.isArray(schema.examples) ? (schema.examples as readonly Value[]) : [];
    // Examples of vendors do not always keep to their own schemas.
    const documented = [schema.example, first, schema.default].find(
      (one) => one !== undefined && this.keeps(one, schema, 0),
    );
    if (documented !== undefined) return documented;
    switch (typeOf(schema)) {
      case 'object':
        return this.object(schema, depth);
      case 'array':
        return this.array(schema, name, depth);
      case 'integer':
      case 'number':
        return this.number(schema, typeOf(schema) === 'integer');
      case 'boolean':
        return this.random() < 0.5;
      case 'null':
        return null;
      default:
        return this.text(schema, name);
    }
  }

  /** References followed, `allOf` put together, of several shapes the first. */
  private whole(given: Value, steps: number): Schema {
    if (!isSchema(given) || steps > 40) return {};
    const { $ref, allOf, oneOf, anyOf, ...own } = given;
    let schema: Schema = own;
    if (typeof $ref === 'string') schema = together(this.whole(this.referred($ref) ?? {}, steps + 1), schema);
    for (const part of Array.isArray(allOf) ? allOf : [])
      schema = together(schema, this.whole(part as Value, steps + 1));
    const shapes = (Array.isArray(oneOf) ? oneOf : Array.isArray(anyOf) ? anyOf : []) as readonly Value[];
    const shape = shapes.find((one) => !isSchema(one) || one.type !== 'null');
    return shape === undefined ? schema : together(schema, this.whole(shape, steps + 1));
  }

  /** Whether a documented value keeps to its schema, as far as types, members and limits go. */
  private keeps(value: Value, given: Value, depth: number): boolean {
    const schema = this.whole(given, 0);
    if (depth > 2 * deepest) return true;
    const types = [schema.type ?? []].flat() as readonly Value[];
    const own = kindOf(value);
    if (types.length > 0 && !types.includes(own) && !(own === 'integer' && types.includes('number'))) return false;
    if (Array.isArray(schema.enum) && !schema.enum.includes(value)) return false;
    if (typeof value === 'string') return textKeeps(value, schema);
    if (typeof value === 'number') return numberKeeps(value, schema);
    if (Array.isArray(value)) {
      const [least, most] = [numberOf(schema.minItems) ?? 0, numberOf(schema.maxItems) ?? Number.POSITIVE_INFINITY];
      const { items } = schema;
      return (
        value.length >= least &&
        value.length <= most &&
        (items === undefined || (value as readonly Value[]).every((one) => this.keeps(one, items, depth + 1)))
      );
    }
    if (!isValueMap(value)) return true;
    const properties = isSchema(schema.properties) ? schema.properties : {};
    const required = Array.isArray(schema.required) ? schema.required.map(String) : [];
    if (required.some((name) => !Object.hasOwn(value, name))) return false;
    return Object.entries(value).every(([name, inner]) => {
      const property = ownMember(properties, name);
      if (property !== undefined) return this.keeps(inner, property, depth + 1);
      return schema.additionalProperties !== false && schema.unevaluatedProperties !== false;
    });
  }

  private object(schema: Schema, depth: number): Value {
    const properties = isSchema(schema.properties) ? schema.properties : {};
    const required = new Set(Array.isArray(schema.required) ? schema.required.map(String) : []);
    const made: Record<string, Value> = {};
    for (const [name, property] of Object.entries(properties)) {
      const needed = required.has(name);
      if (property === false || (!needed && depth >= deepest) || depth >= 2 * deepest) continue;
      if (isSchema(property) && property.writeOnly === true && !needed) continue;
      made[name] = this.value(property, name, depth + 1);
    }
    for (const name of required) if (!Object.hasOwn(made, name)) made[name] = this.value({}, name, depth + 1);
    const least = numberOf(schema.minProperties) ?? 0;
    const others = isSchema(schema.additionalProperties) ? schema.additionalProperties : {};
    for (let at = 1; Object.keys(made).length < least; at += 1)
      made[`name${at}`] = this.value(others, `name${at}`, depth + 1);
    return made;
  }

  private array(schema: Schema, name: string, depth: number): Value {
    const first = (Array.isArray(schema.prefixItems) ? schema.prefixItems : []) as readonly Value[];
    const made = first.map((one) => this.value(one, name, depth + 1));
    const least = numberOf(schema.minItems) ?? 0;
    const most = numberOf(schema.maxItems) ?? Number.POSITIVE_INFINITY;
    const wanted = Math.min(most, Math.max(least, depth >= deepest ? 0 : 2));
    const seen = new Set(made.map((one) => JSON.stringify(one)));
    for (let tries = 0; made.length < wanted && tries < wanted + 40 && schema.items !== false; tries += 1) {
      const item = this.value(schema.items ?? {}, name.replace(/s$/, ''), depth + 1);
      const text = JSON.stringify(item);
      if (schema.uniqueItems === true && seen.has(text)) continue;
      seen.add(text);
      made.push(item);
    }
    return made;
  }

  private number(schema: Schema, whole: boolean): number {
    const step = numberOf(schema.multipleOf) ?? (whole ? 1 : 0.5);
    const over = numberOf(schema.exclusiveMinimum);
    const under = numberOf(schema.exclusiveMaximum);
    const least = Math.max(numberOf(schema.minimum) ?? Number.NEGATIVE_INFINITY, over ?? Number.NEGATIVE_INFINITY);
    const most = Math.min(numberOf(schema.maximum) ?? Number.POSITIVE_INFINITY, under ?? Number.POSITIVE_INFINITY);
    const from = Number.isFinite(least) ? least : Number.isFinite(most) ? most - 100 * step : 1;
    const to = Number.isFinite(most) ? most : from + 100 * step;
    let [first, last] = [Math.ceil(from / step), Math.floor(to / step)];
    if (over !== undefined && first * step <= over) first += 1;
    if (under !== undefined && last * step >= under) last -= 1;
    if (last < first) return whole ? Math.ceil(from) : (from + to) / 2;
    const value = (first + Math.floor(this.random() * (Math.min(last, first + 1e6) - first + 1))) * step;
    return whole ? Math.round(value) : Number(value.toPrecision(12));
  }

  private text(schema: Schema, name: string): string {
    const least = numberOf(schema.minLength) ?? 0;
    const most = numberOf(schema.maxLength) ?? Number.POSITIVE_INFINITY;
    if (typeof schema.pattern === 'string') return this.matching(schema.pattern, least, most);
    const format = typeof schema.format === 'string' ? ownMember(formats, schema.format) : undefined;
    const text = format ? format(this.random) : this.named(name);
    if (format) return text;
    // Of no account beyond what anybody reads.
    const padded = text.padEnd(Math.min(least, 10_000), ` ${text}`);
    return padded.slice(0, most);
  }

  private named(name: string): string {
    const word = (): string => this.pick(words);
    if (/(?:^|[a-z_-])ids?$|^id/i.test(name) || /(?:code|reference|number|key|token)$/i.test(name))
      return `${word().slice(0, 2).toUpperCase()}-${1000 + Math.floor(this.random() * 9000)}`;
    if (/e-?mail/i.test(name)) return formats.email?.(this.random) ?? '';
    if (/(?:url|uri|href|link)$/i.test(name)) return formats.uri?.(this.random) ?? '';
    const capital = word();
    return `${capital[0]?.toUpperCase()}${capital.slice(1)} ${word()}`;
  }

  private matching(pattern: string, least: number, most: number): string {
    try {
      const made = new RandExp(new RegExp(pattern, 'u').source);
      made.max = Math.min(2000, Math.max(6, Math.ceil(least * 1.3)));
      Object.assign(made, {
        randInt: (from: number, to: number) => from + Math.floor(this.random() * (to - from + 1)),
      });
      const test = new RegExp(pattern, 'u');
      let text = made.gen();
      for (let tries = 0; tries < 60; tries += 1) {
        if (test.test(text) && text.length >= least && text.length <= most) return text;
        text = made.gen();
      }
      return text.slice(0, most);
    } catch {
      // A pattern of another language of patterns.
      return this.named('text').padEnd(least, 'x').slice(0, most);
    }
  }

  private pick<T>(list: readonly T[]): T {
    return list[Math.floor(this.random() * list.length)] as T;
  }
}

const kindOf = (value: Value): string =>
  value === null
    ? 'null'
    : Array.isArray(value)
      ? 'array'
      : typeof value === 'number' && Number.isInteger(value)
        ? 'integer'
        : typeof value;

function textKeeps(text: string, { minLength, maxLength, pattern }: Schema): boolean {
  const length = [...text].length;
  if (length < (numberOf(minLength) ?? 0) || length > (numberOf(maxLength) ?? Number.POSITIVE_INFINITY)) return false;
  try {
    return typeof pattern !== 'string' || new RegExp(pattern, 'u').test(text);
  } catch {
    return true;
  }
}

const numberKeeps = (value: number, { minimum, maximum, exclusiveMinimum, exclusiveMaximum }: Schema): boolean =>
  value >= (numberOf(minimum) ?? value) &&
  value <= (numberOf(maximum) ?? value) &&
  value > (numberOf(exclusiveMinimum) ?? Number.NEGATIVE_INFINITY) &&
  value < (numberOf(exclusiveMaximum) ?? Number.POSITIVE_INFINITY);

/** The first that is not null; what says members, items or limits has a type without saying so. */
function typeOf(schema: Schema): string | undefined {
  const types = [schema.type ?? []].flat();
  const named = types.find((one) => one !== 'null') ?? types[0];
  if (typeof named === 'string') return named;
  if (schema.properties !== undefined || schema.required !== undefined) return 'object';
  if (schema.items !== undefined || schema.prefixItems !== undefined) return 'array';
  if (schema.minimum !== undefined || schema.maximum !== undefined || schema.multipleOf !== undefined) return 'number';
  return undefined;
}

/** Members of both; of limits those of the second. */
function together(one: Schema, other: Schema): Schema {
  const made: Record<string, Value> = { ...one, ...other };
  if (isSchema(one.properties) && isSchema(other.properties)) {
    const properties: Record<string, Value> = { ...one.properties };
    for (const [name, property] of Object.entries(other.properties)) {
      const known = ownMember(properties, name);
      properties[name] =
        known !== undefined && isSchema(known) && isSchema(property) ? { allOf: [known, property] } : property;
    }
    made.properties = properties;
  }
  if (Array.isArray(one.required) && Array.isArray(other.required))
    made.required = [...new Set([...one.required, ...other.required])];
  if (Array.isArray(one.enum) && Array.isArray(other.enum)) {
    const both = one.enum.filter((value) => (other.enum as readonly Value[]).includes(value));
    if (both.length > 0) made.enum = both;
  }
  return made;
}

const numberOf = (value: Value | undefined): number | undefined => (typeof value === 'number' ? value : undefined);

const words = [
  'amber',
  'anchor',
  'beacon',
  'buoy',
  'cable',
  'capstan',
  'ferry',
  'gull',
  'harbour',
  'heron',
  'jetty',
  'lantern',
  'mole',
  'narrows',
  'pilot',
  'quay',
  'sluice',
  'tern',
  'tide',
  'winch',
] as const;

const two = (value: number): string => String(value).padStart(2, '0');
const dayOf = (random: () => number): string =>
  `2026-${two(1 + Math.floor(random() * 12))}-${two(1 + Math.floor(random() * 28))}`;
const timeOf = (random: () => number): string =>
  `${two(Math.floor(random() * 24))}:${two(Math.floor(random() * 60))}:00Z`;
const wordOf = (random: () => number): string => words[Math.floor(random() * words.length)] as string;

/** By the registered name of a format (JSON Schema Validation, section 7.3; OpenAPI). */
const formats: Readonly<Record<string, (random: () => number) => string>> = {
  'date-time': (random) => `${dayOf(random)}T${timeOf(random)}`,
  date: dayOf,
  time: timeOf,
  duration: (random) => `PT${1 + Math.floor(random() * 59)}M`,
  uuid: seededUuid,
  email: (random) => `${wordOf(random)}@larkhaven.example`,
  'idn-email': (random) => `${wordOf(random)}@larkhaven.example`,
  hostname: (random) => `${wordOf(random)}.larkhaven.example`,
  'idn-hostname': (random) => `${wordOf(random)}.larkhaven.example`,
  ipv4: (random) => `192.0.2.${1 + Math.floor(random() * 254)}`,
  ipv6: (random) => `2001:db8::${(1 + Math.floor(random() * 65000)).toString(16)}`,
  uri: (random) => `https://larkhaven.example/${wordOf(random)}`,
  url: (random) => `https://larkhaven.example/${wordOf(random)}`,
  'uri-reference': (random) => `/${wordOf(random)}`,
  iri: (random) => `https://larkhaven.example/${wordOf(random)}`,
  'json-pointer': (random) => `/${wordOf(random)}`,
  regex: () => '^[a-z]+$',
  byte: (random) => Buffer.from(wordOf(random)).toString('base64'),
};
