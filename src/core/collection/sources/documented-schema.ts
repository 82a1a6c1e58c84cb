/** The documented schema of a response or a body, ready for validation. */

import { asJsonSchema } from '../../documentation/formats/openapi/json-schema.js';
import { isJsonType } from '../../documentation/model/media-types.js';
import type { Content, Definitions, Operation } from '../../documentation/model/model.js';
import { isValueMap, type Value } from '../../value/written.js';
import type { SourceCatalogue } from './source-catalogue.js';
import { findOperation, sourceIndex } from './source-index.js';

const made = new WeakMap<SourceCatalogue, Map<string, object>>();

/** The JSON Schema of a response by its status, with its definitions beside it; undefined where none is documented. */
export function documentedSchema(shelf: SourceCatalogue, operation: Operation, status: number): object | undefined {
  const response = responseFor(operation, status);
  return response && schemaOf(shelf, operation, response.content, `response ${response.status}`);
}

/** The JSON Schema of what an operation takes; undefined where none is documented. */
export const documentedBody = (shelf: SourceCatalogue, operation: Operation): object | undefined =>
  operation.body && isJsonType(operation.body.type) ? schemaOf(shelf, operation, operation.body, 'request') : undefined;

/** Those of responses that are no refusals. @throws Problem operation-not-found, document-unreadable */
export const documentedSuccesses = (shelf: SourceCatalogue, operation: string): readonly object[] => {
  const found = findOperation(shelf, operation);
  return found.responses
    .filter(({ status }) => /^2|^default$/i.test(status))
    .flatMap(({ status, content }) => schemaOf(shelf, found, content, `response ${status}`) ?? []);
};

/** By its status, else by its class, else the default. */
export function responseFor({ responses }: Operation, status: number): Operation['responses'][number] | undefined {
  const named = new Map(responses.map((response) => [response.status.toUpperCase(), response]));
  return named.get(String(status)) ?? named.get(`${Math.floor(status / 100)}XX`) ?? named.get('DEFAULT');
}

function schemaOf(
  shelf: SourceCatalogue,
  { source, id }: Operation,
  content: Content | undefined,
  part: string,
): object | undefined {
  if (typeof content?.schema !== 'object' || content.schema === null) return undefined;
  const key = `${source} ${id} ${part}`;
  const cache = made.get(shelf) ?? new Map<string, object>();
  made.set(shelf, cache);
  let schema = cache.get(key);
  if (!schema) {
    schema = selfContained(content.schema, sourceIndex(shelf, source).definitions, part === 'request');
    cache.set(key, schema);
  }
  return schema;
}

/** Everything that the schema refers to stands below `$defs`, by a number. */
function selfContained(schema: Value, definitions: Definitions, toSend: boolean): object {
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
  const mark = toSend ? 'readOnly' : 'writeOnly';
  const spares = (property: Value): boolean => {
    if (!isValueMap(property)) return false;
    if (property[mark] === true) return true;
    const referred = typeof property.$ref === 'string' ? definitions.get(property.$ref) : undefined;
    return isValueMap(referred) && referred[mark] === true;
  };
  const settings = { refer: local, spares };
  const whole = asJsonSchema(schema, settings) as object;
  for (let next = waiting.shift(); next !== undefined; next = waiting.shift()) {
    const definition = definitions.get(next);
    // What leads nowhere allows everything.
    $defs[`d${numbers.get(next)}`] = definition === undefined ? {} : asJsonSchema(definition, settings);
  }
  return numbers.size === 0 ? whole : { ...whole, $defs };
}
