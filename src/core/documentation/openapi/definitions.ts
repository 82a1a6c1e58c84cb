/**
 * What the documents of a source refer to, taken out of them: every `$ref` is written in one form, relative to
 * the first document, so that it means the same wherever it stands.
 */
import type { Value } from '../../value/written.js';
import { addressOf, type Documents, type Part, partName } from '../documents.js';
import type { Warning } from '../model.js';
import { atPointer, isMap, type Json, type JsonMap, pointer } from './references.js';

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
  const warnings: Warning[] = [];
  const missing = new Set<string>();
  /** One document without anchors is a tree, and nothing in it is met twice. */
  const isTree = documents.parts.size === 1 && documents.main.isTree;
  const visited = isTree ? undefined : new Set<object>();
  const waiting: [Json, Part][] = [];

  /** Where the visit is, for messages: one list for all of it, since most of it is never told. */
  const path: (string | number)[] = [];

  function visit(value: Json, part: Part, inMap: boolean): void {
    if (typeof value !== 'object' || value === null || visited?.has(value)) return;
    visited?.add(value);
    if (Array.isArray(value)) {
      for (const [index, inner] of value.entries()) {
        if (typeof inner !== 'object' || inner === null) continue;
        path.push(index);
        visit(inner, part, false);
        path.pop();
      }
      return;
    }
    for (const key in value as JsonMap) {
      const inner = (value as JsonMap)[key];
      if (key === '$ref' && typeof inner === 'string') (value as Record<string, Json>).$ref = take(inner, part);
      else if (
        typeof inner === 'object' &&
        inner !== null &&
        (inMap || (!dataKeys.has(key) && !key.startsWith('x-')))
      ) {
        path.push(key);
        visit(inner, part, key === 'properties' || key === 'schemas' || key === 'definitions');
        path.pop();
      }
    }
  }

  /** The key of what a reference leads to, which is made a definition. */
  function take(reference: string, part: Part): string {
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
      missing.add(key);
      warnings.push({
        at: placeText(part),
        what: target ? `$ref ${reference} leads nowhere` : `$ref ${reference} leads to a document that was not read`,
      });
      return key;
    }
    definitions.set(key, found as Value);
    // Later, not within: schemas that refer to each other may be a chain of thousands.
    if (target && !(isTree && isVisited(fragment))) waiting.push([found, target]);
    return key;
  }

  const placeText = (part: Part): string => {
    const name = part === documents.main ? '' : partName(part.uri, documents.main.uri);
    return `${name}${pointer(...path)}`;
  };

  visit(documents.main.content as Json, documents.main, false);
  for (let next = waiting.shift(); next; next = waiting.shift()) visit(next[0], next[1], false);
  return { definitions, warnings };
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
      const inner = (value as Record<string, unknown>)[key];
      if (key === '$ref' && typeof inner === 'string') {
        if (!inner.startsWith('#')) found.add(inner);
      } else if (typeof inner === 'object' && !dataKeys.has(key)) visit(inner);
    }
  };
  visit(part.content);
  return [...found];
}

/** Named schemas of the first document, with their keys. */
export function namedSchemas(root: JsonMap): Map<string, { readonly key: string; readonly schema: Json }> {
  const components = isMap(root.components) ? root.components : {};
  const found = new Map<string, { key: string; schema: Json }>();
  for (const [schemas, at] of [
    [components.schemas, '#/components/schemas/'],
    [root.definitions, '#/definitions/'],
  ] as const) {
    for (const [name, schema] of Object.entries(isMap(schemas) ? schemas : {}))
      found.set(name, { schema, key: `${at}${name.replaceAll('~', '~0').replaceAll('/', '~1')}` });
  }
  return found;
}
