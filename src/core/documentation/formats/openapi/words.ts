/** What searches look through: the description of an operation and the names of its fields. */

import { longestText } from '../../explore/search-text.js';
import type { Definitions, OperationEntry } from '../../model/model.js';
import type { Searchable } from '../format.js';
import type { OwnOperation } from './describe.js';
import { isMap, type Json, type JsonMap } from './references.js';

/** Enough to find an operation by; beyond it a large document has an index larger than itself. */
const mostFields = 60;
const deepest = 2;

interface Names {
  readonly fields: readonly string[];
  readonly texts: string;
}

const nothing: Names = { fields: [], texts: '' };
const known = new WeakMap<Definitions, Map<string, Names>>();

export function searchableWords(
  entry: OperationEntry,
  definitions: Definitions,
): Searchable & { readonly shared: readonly string[] } {
  const { operation, shared } = entry.own as unknown as OwnOperation;
  const fields: string[] = [];
  const keys: string[] = [];
  let description = typeof operation.description === 'string' ? operation.description : '';
  const take = ({ fields: more, texts }: Names): void => {
    for (const one of more) if (fields.length < mostFields) fields.push(one);
    if (description.length < longestText) description += ` ${texts}`;
  };
  const takeContent = (schema: Json | undefined): void => {
    const holder = isMap(schema) && isMap(schema.items) ? schema.items : schema;
    if (isMap(holder) && typeof holder.$ref === 'string') keys.push(holder.$ref);
    else take(schemaNames(schema, definitions, deepest));
  };
  for (const list of [shared, operation.parameters]) {
    for (const given of Array.isArray(list) ? (list as readonly Json[]) : []) {
      const parameter = followed(given, definitions);
      if (!isMap(parameter) || typeof parameter.name !== 'string') continue;
      take({ fields: [parameter.name], texts: textOf(parameter) });
    }
  }
  takeContent(contentSchema(followed(operation.requestBody, definitions)));
  for (const response of Object.values(isMap(operation.responses) ? operation.responses : {}))
    takeContent(contentSchema(followed(response, definitions)));
  return { description: description.slice(0, longestText), fields, shared: keys };
}

/** A schema that bodies and responses refer to. */
export function sharedWords(key: string, definitions: Definitions): Searchable {
  const { fields, texts } = schemaNames({ $ref: key }, definitions, deepest);
  return { fields, description: texts };
}

const textOf = (value: JsonMap): string => (typeof value.description === 'string' ? value.description : '');

function followed(value: Json | undefined, definitions: Definitions): Json | undefined {
  let current = value;
  for (let hops = 0; hops < 20 && isMap(current) && typeof current.$ref === 'string'; hops += 1)
    current = definitions.get(current.$ref) as Json | undefined;
  return current;
}

function contentSchema(holder: Json | undefined): Json | undefined {
  if (!isMap(holder) || !isMap(holder.content)) return undefined;
  const [first] = Object.values(holder.content);
  return isMap(first) ? first.schema : undefined;
}

/** The names of the members of a schema; those of a definition are collected once. */
function schemaNames(schema: Json | undefined, definitions: Definitions, depth: number): Names {
  if (!isMap(schema) || depth === 0) return nothing;
  if (typeof schema.$ref !== 'string') return ownNames(schema, definitions, depth);
  const cache = known.get(definitions) ?? new Map<string, Names>();
  known.set(definitions, cache);
  const key = `${depth} ${schema.$ref}`;
  let names = cache.get(key);
  if (!names) {
    cache.set(key, nothing);
    names = schemaNames(definitions.get(schema.$ref) as Json | undefined, definitions, depth);
    cache.set(key, names);
  }
  return names;
}

function ownNames(schema: JsonMap, definitions: Definitions, depth: number): Names {
  const fields: string[] = [];
  let texts = '';
  const take = ({ fields: more, texts: said }: Names, above = ''): void => {
    for (const one of more) if (fields.length < mostFields) fields.push(above + one);
    if (texts.length < longestText) texts += said === '' ? '' : ` ${said}`;
  };
  for (const [name, inner] of Object.entries(isMap(schema.properties) ? schema.properties : {})) {
    take({ fields: [name], texts: isMap(inner) ? textOf(inner) : '' });
    take(schemaNames(inner, definitions, depth - 1), `${name}.`);
  }
  take(schemaNames(schema.items, definitions, depth));
  for (const key of ['allOf', 'oneOf', 'anyOf'] as const)
    for (const one of Array.isArray(schema[key]) ? (schema[key] as readonly Json[]) : [])
      take(schemaNames(one, definitions, depth));
  return { fields, texts };
}
