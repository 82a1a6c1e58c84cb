/** What one schema says by itself: its type in words, its limits, allowed values, example, and how it is written in XML. */
import { ownMember } from '../../../value/own-member.js';
import { typeOf, type Value } from '../../../value/written.js';
import type { Limits, XmlWriting } from '../../model/model.js';
import { asJsonSchema } from './json-schema.js';
import { isMap, type Json, type JsonMap } from './references.js';

export const shapesOf = ({ oneOf, anyOf }: JsonMap): readonly Json[] =>
  Array.isArray(oneOf) ? oneOf : Array.isArray(anyOf) ? anyOf : [];

export const text = (value: Json | undefined): string | undefined =>
  typeof value === 'string' && value !== '' ? value : undefined;

export function fact<K extends string, V>(key: K, value: V | undefined): { [P in K]?: V } {
  return value === undefined ? {} : ({ [key]: value } as { [P in K]?: V });
}

/** The XML Object of a schema, and for a list the name of its items. */
export function xmlOf(schema: JsonMap, whole: (inner: Json | undefined) => JsonMap): XmlWriting | undefined {
  const { xml, items } = schema;
  const inner = items === undefined ? undefined : whole(items).xml;
  const item = isMap(inner) && typeof inner.name === 'string' ? inner.name : undefined;
  if (!isMap(xml) && item === undefined) return undefined;
  const own = isMap(xml) ? xml : {};
  return {
    ...fact('name', text(own.name)),
    ...fact('namespace', text(own.namespace)),
    ...fact('prefix', text(own.prefix)),
    ...(own.attribute === true && { attribute: true }),
    ...(own.wrapped === true && { wrapped: true }),
    ...fact('item', item),
  };
}

/** The documented example of a schema: `example` (3.0) or the first of `examples` (3.1). */
export function exampleOf(schema: JsonMap): Value | undefined {
  if (schema.example !== undefined) return schema.example as Value;
  return Array.isArray(schema.examples) ? (schema.examples[0] as Value | undefined) : undefined;
}

export function allowedOf(schema: JsonMap): readonly Value[] | undefined {
  if (schema.const !== undefined) return [schema.const as Value];
  const own = Array.isArray(schema.enum)
    ? schema.enum
    : isMap(schema.items) && Array.isArray(schema.items.enum)
      ? schema.items.enum
      : undefined;
  return own as readonly Value[] | undefined;
}

/** Lists of lists, and maps of maps, that are told: a schema may hold itself, and more than once. */
const deepestType = 4;
const mostTypes = 100;

export function typeText(
  schema: JsonMap,
  whole: (inner: Json | undefined) => JsonMap,
  depth = deepestType,
  room = { left: mostTypes },
): string {
  const { type, format, items, properties, nullable, additionalProperties } = schema;
  const inner = (one: Json | undefined): string => {
    room.left -= 1;
    return depth === 0 || room.left < 0 ? 'any' : typeText(whole(one), whole, depth - 1, room);
  };
  const types = Array.isArray(type) ? type.map(String) : typeof type === 'string' ? [type] : [];
  const alternatives = shapesOf(schema);
  if (types.length === 0 && alternatives.length > 0 && properties === undefined) {
    return [...new Set(alternatives.flatMap((one) => inner(one).split(' or ')))].join(' or ');
  }
  // Vendors leave the type out where the values say it.
  if (types.length === 0)
    types.push(...new Set((schema.const !== undefined ? [schema.const] : list(schema.enum)).map((one) => typeOf(one))));
  if (types.length === 0) types.push(properties === undefined ? (items === undefined ? 'any' : 'array') : 'object');
  if (nullable === true && !types.includes('null')) types.push('null');
  return types
    .map((one) => {
      if (one === 'array') return items === undefined ? 'array' : `array of ${inner(items)}`;
      if (one === 'object' && properties === undefined && isMap(additionalProperties)) {
        const values = inner(additionalProperties);
        return values === 'any' ? one : `object of ${values}`;
      }
      return one !== 'null' && typeof format === 'string' ? `${one} (${format})` : one;
    })
    .join(' or ');
}

const list = (value: Json | undefined): readonly Json[] => (Array.isArray(value) ? value : []);

/** Keywords of JSON Schema and our names for them. */
const limitKeys = {
  minimum: 'at-least',
  maximum: 'at-most',
  exclusiveMinimum: 'over',
  exclusiveMaximum: 'under',
  multipleOf: 'multiple-of',
  minLength: 'least-length',
  maxLength: 'most-length',
  minItems: 'least-items',
  maxItems: 'most-items',
} as const;

export function limitsOf(given: JsonMap): Limits | undefined {
  // Only the keywords of this level matter, in their 2020-12 form.
  const { properties: _, items: __, allOf: ___, ...own } = given;
  const schema = asJsonSchema(own) as JsonMap;
  const limits: Record<string, number | string | boolean> = {};
  for (const [key, name] of Object.entries(limitKeys)) {
    const value = ownMember(schema, key);
    if (typeof value === 'number') limits[name] = value;
  }
  if (typeof schema.pattern === 'string') limits.matches = schema.pattern;
  if (schema.uniqueItems === true) limits['no-item-twice'] = true;
  return Object.keys(limits).length > 0 ? limits : undefined;
}
