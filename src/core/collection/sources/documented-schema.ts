/** The documented schema of a response or a body, ready for validation. */

import { asJsonSchema } from '../../documentation/formats/openapi/json-schema.js';
import type { Content, Definitions, Operation } from '../../documentation/model/model.js';
import type { Value } from '../../value/written.js';
import type { Collection } from '../collection.js';
import { findOperation, sourceIndex } from './source-index.js';

const made = new WeakMap<Collection, Map<string, object>>();

/** The JSON Schema of a response by its status, with its definitions beside it; undefined where none is documented. */
export function documentedSchema(collection: Collection, operation: Operation, status: number): object | undefined {
  const response = responseFor(operation, status);
  return response && schemaOf(collection, operation, response.content, `response ${response.status}`);
}

/** Those of responses that are no refusals. @throws Problem operation-not-found, document-unreadable */
export const documentedSuccesses = (collection: Collection, operation: string): readonly object[] => {
  const found = findOperation(collection, operation);
  return found.responses
    .filter(({ status }) => /^2|^default$/i.test(status))
    .flatMap(({ status, content }) => schemaOf(collection, found, content, `response ${status}`) ?? []);
};

/** By its status, else by its class, else the default. */
export function responseFor({ responses }: Operation, status: number): Operation['responses'][number] | undefined {
  const named = new Map(responses.map((response) => [response.status.toUpperCase(), response]));
  return named.get(String(status)) ?? named.get(`${Math.floor(status / 100)}XX`) ?? named.get('DEFAULT');
}

function schemaOf(
  collection: Collection,
  { source, id }: Operation,
  content: Content | undefined,
  part: string,
): object | undefined {
  if (typeof content?.schema !== 'object' || content.schema === null) return undefined;
  const key = `${source} ${id} ${part}`;
  const cache = made.get(collection) ?? new Map<string, object>();
  made.set(collection, cache);
  let schema = cache.get(key);
  if (!schema) {
    schema = selfContained(content.schema, sourceIndex(collection, source).definitions);
    cache.set(key, schema);
  }
  return schema;
}

/** Everything that the schema refers to stands below `$defs`, by a number. */
function selfContained(schema: Value, definitions: Definitions): object {
  const numbers = new Map<string, number>();
  const $defs: Record<string, Value> = {};
  const waiting: string[] = [];
  const local = (reference: string): string => {
    let number = numbers.get(reference);
    if (number === undefined) {
      number = numbers.size;
      numbers.set(reference, number);
      waiting.push(reference);
    }
    return `#/$defs/d${number}`;
  };
  const whole = asJsonSchema(schema, local) as object;
  for (let next = waiting.shift(); next !== undefined; next = waiting.shift()) {
    const definition = definitions.get(next);
    // What leads nowhere allows everything.
    $defs[`d${numbers.get(next)}`] = definition === undefined ? {} : asJsonSchema(definition, local);
  }
  return numbers.size === 0 ? whole : { ...whole, $defs };
}
