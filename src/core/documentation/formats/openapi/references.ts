/** Following `$ref` (RFC 6901 pointers, RFC 3986 fragments) among the definitions of a source. */
import { ownMember } from '../../../value/own-member.js';
import type { Definitions, Warning } from '../../model/model.js';

export type Json = null | boolean | number | string | readonly Json[] | { readonly [key: string]: Json };
export type JsonMap = { readonly [key: string]: Json };

export function isMap(value: unknown): value is JsonMap {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** The pointer to a member of what a pointer leads to. */
export const below = (at: string, key: string | number): string =>
  `${at}/${typeof key === 'string' ? escaped(key) : key}`;

export const pointer = (...keys: readonly (string | number)[]): string => keys.reduce(below, '') as string;

const escaped = (key: string): string =>
  key.includes('~') || key.includes('/') ? key.replaceAll('~', '~0').replaceAll('/', '~1') : key;

export interface References {
  readonly warnings: Warning[];
  /** What a value refers to, through any number of references; undefined, with a warning, where nothing is. */
  follow(value: Json | undefined, at: string): Json | undefined;
  warn(at: string, what: string): void;
}

export function references(definitions: Definitions): References {
  const warnings: Warning[] = [];
  const warn = (at: string, what: string): void => {
    warnings.push({ at, what });
  };
  return {
    warnings,
    warn,
    follow(value, at) {
      if (!isMap(value) || typeof value.$ref !== 'string') return value;
      const passed = new Set<string>();
      let current: Json | undefined = value;
      while (isMap(current) && typeof current.$ref === 'string') {
        if (passed.has(current.$ref)) {
          warn(at, `$ref ${current.$ref} leads back to itself`);
          return undefined;
        }
        passed.add(current.$ref);
        current = definitions.get(current.$ref) as Json | undefined;
      }
      return current;
    },
  };
}

/** What is at a pointer, or undefined. */
export function atPointer(document: Json, fragment: string): Json | undefined {
  let decoded: string;
  try {
    decoded = decodeURIComponent(fragment);
  } catch {
    decoded = fragment;
  }
  if (decoded !== '' && !decoded.startsWith('/')) return undefined;
  let value: Json | undefined = document;
  for (const part of decoded.split('/').slice(1)) {
    const key = part.replaceAll('~1', '/').replaceAll('~0', '~');
    if (typeof value !== 'object' || value === null || !Object.hasOwn(value, key)) return undefined;
    value = ownMember(value as Record<string, Json>, key);
  }
  return value;
}

/** What a schema is called by the key that leads to it: the last part of that, or the name of its file. */
export function schemaName(key: string): string {
  const [file = '', fragment = ''] = key.split('#');
  return fragment === '' ? file.replace(/^.*\//, '').replace(/\.\w+$/, '') : fragment.replace(/^.*\//, '');
}
