/** Made-up values of documented responses, each made up once for a path, as long as there are not too many. */
import { asJsonSchema } from '../documentation/formats/openapi/json-schema.js';
import { seedFor } from '../value/seeded.js';
import type { Value } from '../value/written.js';
import { inventedValue, type Referred } from './invent.js';

/** By the content of a response, and the path. */
const madeUp = new WeakMap<object, Map<string, Value>>();
const mostMadeUp = 1000;

const plainSchemas = new WeakMap<object, Value>();

/** As JSON Schema; of each content once. */
function plainSchema(content: object, schema: Value): Value {
  const known = plainSchemas.get(content) ?? asJsonSchema(schema);
  plainSchemas.set(content, known);
  return known;
}

/** @param content of the response, whose schema is as documented */
export function madeUpFor(content: object, schema: Value, path: string, seed: number, referred: Referred): Value {
  const known = madeUp.get(content) ?? new Map<string, Value>();
  madeUp.set(content, known);
  const before = known.get(path);
  if (before !== undefined) return before;
  const made = inventedValue(plainSchema(content, schema), seedFor(path, seed), referred);
  if (known.size >= mostMadeUp) known.clear();
  known.set(path, made);
  return made;
}
