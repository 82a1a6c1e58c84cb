/** Schemas that refer to other files of the collection: those are read, and referred to by an address of their own. */
import { posix } from 'node:path';
import { parseJson } from '../value/json-text.js';
import { isValueMap, plain, SourceScalar } from '../value/written.js';
import { holdsData } from './schema-drafts.js';

export interface SchemaWithFiles {
  readonly schema: object | boolean;
  /** By their addresses. */
  readonly others: ReadonlyMap<string, object | boolean>;
}

const scheme = 'collection:/';

/**
 * @param file its path in the collection; empty for one that is in a request
 * @param readText throws where there is no such file
 */
export function withFiles(schema: object | boolean, file: string, readText: (path: string) => string): SchemaWithFiles {
  const others = new Map<string, object | boolean>();
  const read = (path: string): object | boolean | undefined => {
    try {
      return withPlainScalars(parseJson(readText(path))) as object | boolean;
    } catch {
      return undefined;
    }
  };

  function rewritten(value: unknown, from: string, scope: string | undefined): unknown {
    if (Array.isArray(value)) return value.map((item) => rewritten(item, from, scope));
    if (!isValueMap(value)) return value;
    const own = value.$id ?? value.id;
    const inner = typeof own === 'string' && URL.canParse(own, scope) ? new URL(own, scope).href : scope;
    return Object.fromEntries(
      Object.entries(value).map(([key, one]) => {
        if (key === '$ref' && typeof one === 'string' && !one.startsWith('#'))
          return [key, reference(one, from, inner)];
        return [key, holdsData(key) ? one : rewritten(one, from, inner)];
      }),
    );
  }

  /** The address of the file that is meant; the reference itself where there is none. */
  function reference(ref: string, from: string, scope: string | undefined): string {
    const [target = '', fragment] = ref.split(/#(.*)/s);
    for (const { path, id } of candidates(target, from, scope)) {
      const address = scheme + path;
      if (!others.has(address)) {
        const found = read(path);
        if (found === undefined || !isMeant(found, id)) continue;
        // Before it is gone through: files may refer to each other.
        others.set(address, found);
        others.set(address, rewritten(found, path, id) as object | boolean);
      }
      return fragment === undefined ? address : `${address}#${fragment}`;
    }
    return ref;
  }

  return { schema: rewritten(schema, file, undefined) as object | boolean, others };
}

interface Candidate {
  readonly path: string;
  /** The address that the file must have, where it has one. */
  readonly id: string | undefined;
}

/** A relative one beside the file; of an address its last parts: a published schema lies under its own name. */
function candidates(target: string, from: string, scope: string | undefined): Candidate[] {
  const folder = posix.dirname(from || '.');
  const found: Candidate[] = [];
  if (!/^[a-z][a-z0-9+.-]*:/i.test(target)) found.push({ path: posix.join(folder, target), id: undefined });
  const id = URL.canParse(target, scope) ? new URL(target, scope).href : undefined;
  if (id !== undefined) {
    const parts = new URL(id).pathname.split('/').filter((part) => part !== '');
    for (let at = 0; at < parts.length; at += 1) found.push({ path: posix.join(folder, ...parts.slice(at)), id });
  }
  return found;
}

const isMeant = (schema: object | boolean, id: string | undefined): boolean => {
  const own = isValueMap(schema) ? (schema.$id ?? schema.id) : undefined;
  return id === undefined || typeof own !== 'string' || own.replace(/#$/, '') === id;
};

/** The validator knows plain JavaScript only. */
export function withPlainScalars(value: unknown): unknown {
  if (value instanceof SourceScalar) return plain(value);
  if (Array.isArray(value)) return value.map(withPlainScalars);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([key, item]) => [key, withPlainScalars(item)]));
}
