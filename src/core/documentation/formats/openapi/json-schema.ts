/** Schemas of OpenAPI as JSON Schema 2020-12, for validation. */
import type { Value } from '../../../value/written.js';
import { isMap, type Json } from './references.js';

/** OpenAPI 3.0 says `nullable` and boolean limits where JSON Schema has a type and a number. */
/** @param refer what a reference is called in the result */
export function asJsonSchema(
  given: Value | undefined,
  refer: (reference: string) => string = (one) => one,
  depth = 0,
): Value {
  const schema = given as Json | undefined;
  if (!isMap(schema)) return schema === false ? false : {};
  if (depth > 200) return {};
  const out: Record<string, Value> = {};
  for (const [key, value] of Object.entries(schema)) {
    if (leftOut.has(key) || key.startsWith('x-')) continue;
    if (key === '$ref' && typeof value === 'string') out.$ref = refer(value);
    else if (schemaKeys.has(key)) out[key] = asJsonSchema(value, refer, depth + 1);
    else if (schemaListKeys.has(key) && Array.isArray(value))
      out[key] = value.map((item: Json) => asJsonSchema(item, refer, depth + 1));
    else if (schemaMapKeys.has(key) && isMap(value)) {
      out[key] = Object.fromEntries(
        Object.entries(value).map(([name, item]) => [name, asJsonSchema(item, refer, depth + 1)]),
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

/** What says nothing of a value; a base of its own (`$id`) would lead our references elsewhere. */
const leftOut = new Set(['nullable', 'xml', 'externalDocs', '$id', '$schema']);
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
