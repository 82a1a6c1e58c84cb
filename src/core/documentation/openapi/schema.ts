/** Schemas as fields for people. */
import type { Value } from '../../value/written.js';
import type { Alternative, Definitions, Field, Limits, TypeDescription, XmlWriting } from '../model.js';
import { asJsonSchema } from './json-schema.js';
import { isMap, type Json, type JsonMap, references as makeReferences, type References } from './references.js';

/** Beyond this nothing is listed any more: a person has stopped reading, and a document may be hostile. */
const deepest = 12;
const mostFields = 2000;

export interface FieldReader {
  /** The members of an object schema, or of the items of a list schema. */
  fields(schema: Json | undefined, at: string): readonly Field[];
  field(name: string, schema: Json | undefined, required: boolean, at: string): Field;
  /** The shapes of `oneOf` or `anyOf`, where the schema has several. */
  alternatives(schema: Json | undefined, at: string): readonly Alternative[] | undefined;
}

/**
 * @param references of the document that the schemas stand in
 * @param levels of members below members that are described
 */
export function fieldReader(references: References, levels = deepest): FieldReader {
  const last = Math.min(levels, deepest);
  let budget = mostFields;

  /** The schema with references followed and `allOf` laid together. */
  function whole(schema: Json | undefined, at: string, depth = 0): JsonMap {
    const own = references.follow(schema, at);
    if (!isMap(own)) return {};
    const beside = isMap(schema) && schema.$ref !== undefined ? siblings(schema) : {};
    const base = { ...own, ...beside };
    if (!Array.isArray(base.allOf) || depth > deepest) return base;
    const parts = [...base.allOf.map((part: Json, index) => whole(part, `${at}/allOf/${index}`, depth + 1)), base];
    const merged: Record<string, Json> = {};
    for (const part of parts) {
      for (const [key, value] of Object.entries(part)) {
        if (key === 'allOf') continue;
        const before = merged[key];
        if (key === 'properties' && isMap(before) && isMap(value)) merged[key] = { ...before, ...value };
        else if (key === 'required' && Array.isArray(before) && Array.isArray(value))
          merged[key] = [...before, ...value];
        else merged[key] = value;
      }
    }
    return merged;
  }

  function members(schema: Json | undefined, at: string, above: readonly string[], depth: number): readonly Field[] {
    const { properties, required, items, oneOf, anyOf } = whole(schema, at);
    if (items !== undefined) return members(items, `${at}/items`, above, depth);
    if (!isMap(properties)) {
      const alternatives = Array.isArray(oneOf) ? oneOf : Array.isArray(anyOf) ? anyOf : [];
      const first = alternatives.find((one: Json) => isMap(whole(one, at).properties));
      return first === undefined ? [] : members(first, at, above, depth);
    }
    const needed = new Set(Array.isArray(required) ? required : []);
    return Object.entries(properties).map(([name, inner]) =>
      one(name, inner, needed.has(name), `${at}/properties/${name}`, above, depth),
    );
  }

  function one(
    name: string,
    schema: Json | undefined,
    required: boolean,
    at: string,
    above: readonly string[],
    depth: number,
  ): Field {
    const own = whole(schema, at);
    const reference = referenceIn(schema);
    const recursive = reference !== undefined && above.includes(reference) ? reference.replace(/^.*\//, '') : undefined;
    const inside = reference === undefined ? above : [...above, reference];
    budget -= 1;
    const stop = recursive !== undefined || depth >= last || budget <= 0;
    const more = stop && recursive === undefined && isMap(contentOf(own, at).properties);
    const fields = stop ? [] : members(own, at, inside, depth + 1);
    const alternatives = stop ? undefined : alternativesOf(own, at, inside, depth + 1);
    return {
      name,
      type: typeText(own, (inner) => whole(inner, at)),
      required,
      ...fact('description', text(own.description)),
      ...fact('default', own.default as Value | undefined),
      ...fact('example', exampleOf(own)),
      ...fact('allowed', allowedOf(own)),
      ...fact('limits', limitsOf(own)),
      ...(own.readOnly === true && { readOnly: true }),
      ...(own.writeOnly === true && { writeOnly: true }),
      ...(own.deprecated === true && { deprecated: true }),
      ...(fields.length > 0 && { fields }),
      ...fact(
        'xml',
        xmlOf(own, (inner) => whole(inner, at)),
      ),
      ...fact('recursive', recursive),
      ...(more && { more: reference?.replace(/^.*\//, '') ?? '' }),
      ...fact('alternatives', alternatives),
    };
  }

  /** Of a list, its items. */
  const contentOf = (own: JsonMap, at: string): JsonMap =>
    own.items === undefined ? own : whole(own.items, `${at}/items`);

  function alternativesOf(
    own: JsonMap,
    at: string,
    above: readonly string[],
    depth: number,
  ): readonly Alternative[] | undefined {
    const key = Array.isArray(own.oneOf) ? 'oneOf' : 'anyOf';
    const given = own[key];
    if (!Array.isArray(given) || depth > last) return undefined;
    const shapes = given.filter((one: Json) => whole(one, at).type !== 'null');
    if (shapes.length < 2 || !shapes.some((one: Json) => isMap(whole(one, at).properties))) return undefined;
    const property = isMap(own.discriminator) ? own.discriminator.propertyName : undefined;
    const mapping = isMap(own.discriminator) && isMap(own.discriminator.mapping) ? own.discriminator.mapping : {};
    return shapes.map((one: Json, index) => {
      const reference = referenceIn(one);
      const shape = whole(one, at);
      const name =
        reference?.replace(/^.*\//, '') ?? (typeof shape.title === 'string' ? shape.title : `shape ${index + 1}`);
      const value =
        Object.entries(mapping).find(([, target]) => target === reference || target === name)?.[0] ??
        (reference === undefined ? undefined : name);
      const again = reference !== undefined && above.includes(reference);
      return {
        name,
        ...(typeof property === 'string' && value !== undefined && { when: `${property}: ${value}` }),
        fields: again
          ? []
          : members(one, `${at}/${key}/${index}`, reference === undefined ? above : [...above, reference], depth + 1),
      };
    });
  }

  return {
    alternatives(schema, at) {
      const own = whole(schema, at);
      return alternativesOf(own.items === undefined ? own : whole(own.items, at), at, [], 0);
    },
    fields(schema, at) {
      budget = mostFields;
      const reference = referenceIn(schema);
      return members(schema, at, reference === undefined ? [] : [reference], 0);
    },
    field: (name, schema, required, at) => one(name, schema, required, at, [], 0),
  };
}

/** A named schema as a type. */
export function describeSchema(name: string, key: string, definitions: Definitions): TypeDescription {
  const links = makeReferences(definitions);
  const reader = fieldReader(links);
  const reference: Json = { $ref: key };
  const field = reader.field(name, reference, false, key);
  const alternatives = reader.alternatives(reference, key);
  return {
    name,
    kind: field.allowed ? 'enumeration' : field.type,
    ...fact('description', field.description),
    fields: reader.fields(reference, key),
    ...fact('allowed', field.allowed),
    ...fact('alternatives', alternatives),
  };
}

function siblings({ $ref: _, ...beside }: JsonMap): JsonMap {
  return beside;
}

function referenceIn(schema: Json | undefined): string | undefined {
  if (!isMap(schema)) return undefined;
  if (typeof schema.$ref === 'string') return schema.$ref;
  return isMap(schema.items) && typeof schema.items.$ref === 'string' ? schema.items.$ref : undefined;
}

const text = (value: Json | undefined): string | undefined =>
  typeof value === 'string' && value !== '' ? value : undefined;

function fact<K extends string, V>(key: K, value: V | undefined): { [P in K]?: V } {
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

function allowedOf(schema: JsonMap): readonly Value[] | undefined {
  if (schema.const !== undefined) return [schema.const as Value];
  const own = Array.isArray(schema.enum)
    ? schema.enum
    : isMap(schema.items) && Array.isArray(schema.items.enum)
      ? schema.items.enum
      : undefined;
  return own as readonly Value[] | undefined;
}

function typeText(schema: JsonMap, whole: (inner: Json | undefined) => JsonMap): string {
  const { type, format, items, oneOf, anyOf, properties, nullable } = schema;
  const types = Array.isArray(type) ? type.map(String) : typeof type === 'string' ? [type] : [];
  const alternatives = Array.isArray(oneOf) ? oneOf : Array.isArray(anyOf) ? anyOf : undefined;
  if (types.length === 0 && alternatives) {
    return [...new Set(alternatives.map((one: Json) => typeText(whole(one), whole)))].join(' or ');
  }
  if (types.length === 0) types.push(properties === undefined ? (items === undefined ? 'any' : 'array') : 'object');
  if (nullable === true && !types.includes('null')) types.push('null');
  return types
    .map((one) => {
      if (one === 'array') return items === undefined ? 'array' : `array of ${typeText(whole(items), whole)}`;
      return one !== 'null' && typeof format === 'string' ? `${one} (${format})` : one;
    })
    .join(' or ');
}

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

function limitsOf(given: JsonMap): Limits | undefined {
  // Only the keywords of this level matter, in their 2020-12 form.
  const { properties: _, items: __, allOf: ___, ...own } = given;
  const schema = asJsonSchema(own) as JsonMap;
  const limits: Record<string, number | string | boolean> = {};
  for (const [key, name] of Object.entries(limitKeys)) {
    const value = schema[key];
    if (typeof value === 'number') limits[name] = value;
  }
  if (typeof schema.pattern === 'string') limits.matches = schema.pattern;
  if (schema.uniqueItems === true) limits['no-item-twice'] = true;
  return Object.keys(limits).length > 0 ? limits : undefined;
}
