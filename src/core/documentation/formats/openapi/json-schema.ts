/** Schemas of OpenAPI as JSON Schema 2020-12, for validation. */

import { ownMember } from '../../../value/own-member.js';
import type { Value } from '../../../value/written.js';
import { isMap, type Json, type JsonMap } from './references.js';

export interface SchemaSettings {
  /** What a reference is called in the result. */
  readonly refer?: (reference: string) => string;
  /** Whether a property need not be there although it is required: read-only ones in a request, write-only ones in a response. */
  readonly spares?: (property: Json) => boolean;
}

/** OpenAPI 3.0 says `nullable` and boolean limits where JSON Schema has a type and a number; older drafts, tuples as `items`. */
export function asJsonSchema(given: Value | undefined, settings: SchemaSettings = {}, depth = 0): Value {
  const { refer = (one: string) => one, spares } = settings;
  const schema = given as Json | undefined;
  if (!isMap(schema)) return schema === false ? false : {};
  if (depth > 200) return {};
  const out: Record<string, Value> = {};
  for (const [key, value] of Object.entries(schema)) {
    if (leftOut.has(key) || key.startsWith('x-')) continue;
    if (key === '$ref' && typeof value === 'string') out.$ref = refer(value);
    else if (key === 'items' && Array.isArray(value)) {
      out.prefixItems = value.map((item: Json) => asJsonSchema(item, settings, depth + 1));
      if (schema.additionalItems !== undefined) out.items = asJsonSchema(schema.additionalItems, settings, depth + 1);
    } else if (key === 'required' && Array.isArray(value)) out.required = neededOf(value, schema, spares);
    else if (schemaKeys.has(key)) out[key] = asJsonSchema(value as Value, settings, depth + 1);
    else if (schemaListKeys.has(key) && Array.isArray(value))
      out[key] = value.map((item: Json) => asJsonSchema(item, settings, depth + 1));
    else if (schemaMapKeys.has(key) && isMap(value)) {
      out[key] = Object.fromEntries(
        Object.entries(value).map(([name, item]) => [name, asJsonSchema(item, settings, depth + 1)]),
      );
    } else out[key] = value as Value;
  }
  for (const [flag, limit] of [
    ['exclusiveMinimum', 'minimum'],
    ['exclusiveMaximum', 'maximum'],
  ] as const) {
    if (typeof out[flag] !== 'boolean') continue;
    const number = out[limit];
    const exclusive = out[flag] === true;
    delete out[flag];
    if (exclusive && number !== undefined) {
      delete out[limit];
      out[flag] = number;
    }
  }
  if (schema.nullable !== true) return out;
  if (typeof out.type === 'string') out.type = [out.type, 'null'];
  if (Array.isArray(out.enum) && !out.enum.includes(null)) out.enum = [...(out.enum as Value[]), null];
  return out;
}

/** Names of required properties, without those that are spared. */
function neededOf(names: readonly Json[], { properties }: JsonMap, spares: SchemaSettings['spares']): Value[] {
  const own = isMap(properties) ? properties : {};
  return names.filter(
    (name) => typeof name === 'string' && !(spares && Object.hasOwn(own, name) && spares(ownMember(own, name) as Json)),
  ) as Value[];
}

/** What says nothing of a value; a base of its own (`$id`) would lead our references elsewhere. */
const leftOut = new Set(['nullable', 'xml', 'externalDocs', 'additionalItems', '$id', '$schema']);
const schemaKeys = new Set([
  'items',
  'additionalProperties',
  'unevaluatedProperties',
  'unevaluatedItems',
  'contentSchema',
  'not',
  'contains',
  'if',
  'then',
  'else',
  'propertyNames',
]);
const schemaListKeys = new Set(['allOf', 'anyOf', 'oneOf', 'prefixItems']);
const schemaMapKeys = new Set(['properties', 'patternProperties', '$defs', 'definitions', 'dependentSchemas']);
