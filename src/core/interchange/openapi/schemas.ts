/** Documented schemas and fields as schemas of OpenAPI 3.1 (JSON Schema 2020-12), with all that they refer to. */
import type { Definitions, Field } from '../../documentation/model/model.js';
import { isValueMap, plain, type Value } from '../../value/written.js';

type Json = Record<string, unknown>;

/** The schemas of a document that is made, each under a name of its own. */
export class ComponentSchemas {
  private readonly names = new Map<string, string>();
  readonly all: Record<string, unknown> = {};

  /** @param source whose definitions its references name */
  taken(schema: Value, source: string, definitions: Definitions): unknown {
    if (Array.isArray(schema)) return (schema as readonly Value[]).map((one) => this.taken(one, source, definitions));
    if (!isValueMap(schema)) return plain(schema as Value);
    if (typeof schema.$ref === 'string') return { $ref: this.reference(schema.$ref, source, definitions) };
    const made: Json = {};
    for (const [key, value] of Object.entries(schema)) {
      // A mapping of a discriminator names schemas, too.
      if (key === 'mapping' && isValueMap(value))
        made[key] = Object.fromEntries(
          Object.entries(value).map(([one, to]) => [one, this.reference(String(to), source, definitions)]),
        );
      else made[key] = this.taken(value as Value, source, definitions);
    }
    return modern(made);
  }

  private reference(pointer: string, source: string, definitions: Definitions): string {
    const key = `${source} ${pointer}`;
    const known = this.names.get(key);
    if (known !== undefined) return `#/components/schemas/${known}`;
    const wanted = (pointer.split('/').at(-1) ?? 'schema').replace(/[^\w.-]+/g, '-') || 'schema';
    let name = wanted;
    for (let number = 2; Object.hasOwn(this.all, name); number += 1) name = `${wanted}-${number}`;
    this.names.set(key, name);
    this.all[name] = {};
    const definition = definitions.get(pointer);
    if (definition !== undefined) this.all[name] = this.taken(definition, source, definitions);
    return `#/components/schemas/${name}`;
  }
}

/** What OpenAPI 2.0 and 3.0 write otherwise. */
function modern(schema: Json): Json {
  const { nullable, exclusiveMinimum, exclusiveMaximum, minimum, maximum, ...rest } = schema;
  const made: Json = { ...rest };
  if (typeof exclusiveMinimum === 'boolean') made[exclusiveMinimum ? 'exclusiveMinimum' : 'minimum'] = minimum;
  else
    Object.assign(made, exclusiveMinimum !== undefined && { exclusiveMinimum }, minimum !== undefined && { minimum });
  if (typeof exclusiveMaximum === 'boolean') made[exclusiveMaximum ? 'exclusiveMaximum' : 'maximum'] = maximum;
  else
    Object.assign(made, exclusiveMaximum !== undefined && { exclusiveMaximum }, maximum !== undefined && { maximum });
  if (nullable === true && typeof made.type === 'string') made.type = [made.type, 'null'];
  else if (nullable !== undefined && typeof nullable !== 'boolean') made.nullable = nullable;
  return made;
}

/** Of a source that has no schemas, from the field as it is listed. */
export function fieldSchema(field: Field): Json {
  const { type, description, default: fallback, example, allowed, limits, fields } = field;
  const schema: Json = { ...typeSchema(type, fields) };
  if (description) schema.description = description;
  if (fallback !== undefined) schema.default = plain(fallback);
  if (example !== undefined) schema.examples = [plain(example)];
  if (allowed) schema.enum = allowed.map((one) => plain(one));
  if (limits?.['at-least'] !== undefined) schema.minimum = limits['at-least'];
  if (limits?.['at-most'] !== undefined) schema.maximum = limits['at-most'];
  if (limits?.matches !== undefined) schema.pattern = limits.matches;
  return schema;
}

/** Members of an object. */
export function objectSchema(fields: readonly Field[]): Json {
  const required = fields.filter((one) => one.required).map(({ name }) => name);
  return {
    type: 'object',
    properties: Object.fromEntries(fields.map((one) => [one.name, fieldSchema(one)])),
    ...(required.length > 0 && { required }),
  };
}

const plainTypes = new Set(['string', 'integer', 'number', 'boolean', 'null', 'object', 'array']);

/** `array of string`, `string (date-time)`, `integer or null`. */
function typeSchema(type: string, fields: readonly Field[] | undefined): Json {
  const [, items] = /^array of (.+)$/.exec(type) ?? [];
  if (items !== undefined) return { type: 'array', items: typeSchema(items, fields) };
  if (fields && fields.length > 0) {
    const object = objectSchema(fields);
    return type.startsWith('array') ? { type: 'array', items: object } : object;
  }
  const words = type.split(' or ');
  const types = words.map((word) => word.replace(/ \(.*\)$/, '')).filter((word) => plainTypes.has(word));
  const [, format] = /^\w+ \(([\w-]+)\)/.exec(type) ?? [];
  if (types.length === 0) return {};
  return { type: types.length === 1 ? types[0] : types, ...(format !== undefined && { format }) };
}

/** JSON values as JavaScript has them. */
export function plainValue(value: Value): unknown {
  if (Array.isArray(value)) return (value as readonly Value[]).map(plainValue);
  if (isValueMap(value))
    return Object.fromEntries(Object.entries(value).map(([key, item]) => [key, plainValue(item as Value)]));
  return plain(value);
}
