/**
 * What the documents of a source refer to, taken out of them: every `$ref` is written in one form, relative to
 * the first document, so that it means the same wherever it stands.
 */
import { ownMember } from '../../../value/own-member.js';
import type { Value } from '../../../value/written.js';
import type { Warning } from '../../model/model.js';
import { addressOf, type Documents, type Part, partName } from '../../reading/documents.js';
import { atPointer, isMap, type Json, type JsonMap, pointer, schemaName } from './references.js';

/** Samples of data: what looks like a reference there is none. */
const dataKeys = new Set(['example', 'default', 'enum', 'const', 'value']);

/** Whether the visit of a whole document comes to what a pointer leads to. */
const isVisited = (fragment: string): boolean =>
  !fragment.split('/').some((key) => dataKeys.has(key) || key.startsWith('x-'));

export interface Collected {
  readonly definitions: Map<string, Value>;
  readonly warnings: Warning[];
}

/** Changes the documents: each `$ref` becomes the key of a definition. */
export function collectDefinitions(documents: Documents): Collected {
  const definitions = new Map<string, Value>();
  const missing = new Map<string, Missing>();
  /** One document without anchors is a tree, and nothing in it is met twice. */
  const isTree = documents.parts.size === 1 && documents.main.isTree;
  const visited = isTree ? undefined : new Set<object>();
  const waiting: [Json, Part][] = [];

  function visit(value: Json, part: Part, inMap: boolean): void {
    if (typeof value !== 'object' || value === null || visited?.has(value)) return;
    visited?.add(value);
    if (Array.isArray(value)) {
      for (const inner of value as readonly Json[]) visit(inner, part, false);
      return;
    }
    const map = value as Record<string, Json>;
    for (const key in map) {
      const inner = ownMember(map, key);
      if (key === '$ref' && typeof inner === 'string') map.$ref = take(inner, part, map);
      else if (typeof inner === 'object' && (inMap || (!dataKeys.has(key) && !key.startsWith('x-'))))
        visit(inner, part, key === 'properties' || key === 'schemas' || key === 'definitions');
    }
  }

  /** The key of what a reference leads to, which is made a definition. */
  function take(reference: string, part: Part, holder: JsonMap): string {
    // Most lead to what is known already, within the first document.
    if (reference.startsWith('#') && part === documents.main && definitions.has(reference)) return reference;
    const address = addressOf(reference, part.uri);
    const fragment = reference.includes('#') ? reference.slice(reference.indexOf('#') + 1) : '';
    const { main } = documents;
    const name = address === undefined || address === main.uri ? '' : partName(address, main.uri);
    const key = `${name}#${fragment}`;
    if (definitions.has(key) || missing.has(key)) return key;
    const target = address === undefined ? undefined : documents.parts.get(address);
    const found = target && atPointer(target.content as Json, fragment);
    if (found === undefined) {
      const what = target ? 'leads nowhere' : 'leads to a document that was not read';
      missing.set(key, { holder, what: `$ref ${reference} ${what}` });
      return key;
    }
    definitions.set(key, found as Value);
    // Later, not within: schemas that refer to each other may be a chain of thousands.
    if (target && !(isTree && isVisited(fragment))) waiting.push([found, target]);
    return key;
  }

  visit(documents.main.content as Json, documents.main, false);
  for (let next = waiting.shift(); next; next = waiting.shift()) visit(next[0], next[1], false);
  return { definitions, warnings: warningsOf([...missing.values()], documents) };
}

interface Missing {
  readonly holder: JsonMap;
  readonly what: string;
}

/** The places are looked for only now: most documents have nothing missing. */
function warningsOf(missing: readonly Missing[], { main, parts }: Documents): Warning[] {
  if (missing.length === 0) return [];
  const holders = new Set(missing.map(({ holder }) => holder));
  const places = new Map<unknown, string>();
  for (const part of parts.values()) {
    const name = part === main ? '' : partName(part.uri, main.uri);
    const passed = new Set<object>();
    const path: (string | number)[] = [];
    const look = (value: unknown): void => {
      if (typeof value !== 'object' || value === null || passed.has(value)) return;
      passed.add(value);
      if (holders.has(value as JsonMap) && !places.has(value)) places.set(value, `${name}${pointer(...path)}`);
      for (const [key, inner] of Object.entries(value)) {
        path.push(key);
        look(inner);
        path.pop();
      }
    };
    look(part.content);
  }
  return missing.map(({ holder, what }) => ({ at: places.get(holder) ?? '', what }));
}

/** Told from the text: a large document has tens of thousands of references, all to itself. */
function refersElsewhere(text: string): boolean {
  const elsewhere = /["']?\s*:(?!\s*["']?#)/y;
  for (let at = text.indexOf('$ref'); at !== -1; at = text.indexOf('$ref', at + 4)) {
    elsewhere.lastIndex = at + 4;
    if (elsewhere.test(text)) return true;
  }
  return false;
}

/** All `$ref` to other documents, as they stand. */
export function foreignReferences(part: Part): string[] {
  const found = new Set<string>();
  if (!refersElsewhere(part.text)) return [];
  const visit = (value: unknown): void => {
    if (typeof value !== 'object' || value === null) return;
    for (const key in value) {
      const inner = ownMember(value as Record<string, unknown>, key);
      if (key === '$ref' && typeof inner === 'string') {
        if (!inner.startsWith('#')) found.add(inner);
      } else if (typeof inner === 'object' && !dataKeys.has(key)) visit(inner);
    }
  };
  visit(part.content);
  return [...found];
}

/** Schemas of further documents that are referred to, with their keys. */
export function* schemasBeside(
  definitions: ReadonlyMap<string, Value>,
): Generator<readonly [name: string, key: string]> {
  for (const [key, value] of definitions) {
    if (key.startsWith('#') || !/#(?:.*\/(?:schemas|definitions)\/[^/]+)?$/.test(key)) continue;
    const content = value as Json;
    // A file of its own may be a parameter or a path as well.
    if (
      isMap(content) &&
      schemaWords.some((word) => ownMember(content, word) !== undefined) &&
      content.in === undefined
    )
      yield [schemaName(key), key];
  }
}

const schemaWords = ['type', 'properties', 'allOf', 'oneOf', 'anyOf', 'enum', 'items'];

/** Named schemas of the first document, with their keys. */
export function namedSchemas(root: JsonMap): Map<string, { readonly key: string; readonly schema: Json }> {
  const components = isMap(root.components) ? root.components : {};
  const found = new Map<string, { key: string; schema: Json }>();
  for (const [schemas, at] of [
    [components.schemas, '#/components/schemas/'],
    [root.definitions, '#/definitions/'],
  ] as const) {
    for (const [name, schema] of Object.entries(isMap(schemas) && typeof schemas.$ref !== 'string' ? schemas : {}))
      found.set(name, { schema, key: `${at}${name.replaceAll('~', '~0').replaceAll('/', '~1')}` });
  }
  return found;
}
