/** Foreign requests that differ in values alone are one request of the collection, with inputs. */

import { parseJson } from '../../value/json-text.js';
import { isValueMap, type Value } from '../../value/written.js';
import { filled } from '../foreign/holes.js';
import type { ForeignBody, ForeignRequest } from '../foreign/request.js';
import { addressParts, pathSlot, queryPairs } from './content.js';

/** What two requests share that become one file. @param documented the operation that the documentation has for it */
export function shapeOf(
  request: ForeignRequest,
  names: ReadonlyMap<number, string> | undefined,
  documented: string | undefined,
): string {
  const { origin, segments, query } = addressParts(request.url);
  const path = segments.map((segment, index) => (pathSlot(segments, index, names) ? '{}' : segment)).join('/');
  const headers = request.headers.map(([name]) => name.toLowerCase()).sort();
  return JSON.stringify([
    request.method,
    origin ?? '',
    documented ?? path,
    queryPairs(query).map(([name]) => name),
    headers,
    request.body ? bodyShape(request.body) : '',
  ]);
}

function bodyShape(body: ForeignBody): unknown {
  switch (body.kind) {
    case 'text':
      return textShape(body.text);
    case 'form':
      return body.fields.map(([name]) => name);
    case 'parts':
      return body.parts.map(({ name, content }) => [name, 'file' in content]);
    default:
      return body.kind === 'file' ? body.path : '';
  }
}

function textShape(text: string): unknown {
  if (/^\s*[{[]/.test(text)) {
    try {
      return ['json', valueShape(parseJson(text))];
    } catch {
      return text;
    }
  }
  // A form, as far as it can be told from the text.
  if (/^[\w.[\]%-]+=[^\s<{]*$/.test(text)) return ['form', queryPairs(text).map(([name]) => name)];
  return filled(text, () => '');
}

/** Names and nesting without the leaves; of a GraphQL body its document counts. */
function valueShape(value: Value, name = ''): unknown {
  if (Array.isArray(value)) return (value as readonly Value[]).map((item) => valueShape(item));
  if (isValueMap(value)) return Object.entries(value).map(([key, item]) => [key, valueShape(item, key)]);
  if (name === 'query' && typeof value === 'string' && /[{]/.test(value)) return value;
  return 0;
}
