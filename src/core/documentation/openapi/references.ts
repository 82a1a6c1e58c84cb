/** Following `$ref` inside one document (RFC 6901 pointers, RFC 3986 fragments). */
import type { Warning } from '../model.js';

export type Json = null | boolean | number | string | readonly Json[] | { readonly [key: string]: Json };
export type JsonMap = { readonly [key: string]: Json };

export function isMap(value: unknown): value is JsonMap {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

export const pointer = (...keys: readonly (string | number)[]): string =>
  keys.map((key) => `/${String(key).replaceAll('~', '~0').replaceAll('/', '~1')}`).join('');

export interface References {
  readonly warnings: Warning[];
  /** What a value refers to, through any number of references; undefined, with a warning, where nothing is. */
  follow(value: Json | undefined, at: string): Json | undefined;
  warn(at: string, what: string): void;
}

export function references(document: JsonMap): References {
  const warnings: Warning[] = [];
  const warn = (at: string, what: string): void => {
    warnings.push({ at, what });
  };

  function target(reference: string, at: string): Json | undefined {
    if (!reference.startsWith('#')) {
      warn(at, `$ref ${reference} leads to another document, which is not read`);
      return undefined;
    }
    let value: Json | undefined = document;
    let decoded: string;
    try {
      decoded = decodeURIComponent(reference.slice(1));
    } catch {
      decoded = reference.slice(1);
    }
    for (const part of decoded.split('/').slice(1)) {
      const key = part.replaceAll('~1', '/').replaceAll('~0', '~');
      if (typeof value !== 'object' || value === null || !Object.hasOwn(value, key)) {
        warn(at, `$ref ${reference} leads nowhere`);
        return undefined;
      }
      value = (value as Record<string, Json>)[key];
    }
    return value;
  }

  return {
    warnings,
    warn,
    follow(value, at) {
      const passed = new Set<string>();
      let current = value;
      while (isMap(current) && typeof current.$ref === 'string') {
        if (passed.has(current.$ref)) {
          warn(at, `$ref ${current.$ref} leads back to itself`);
          return undefined;
        }
        passed.add(current.$ref);
        current = target(current.$ref, at);
      }
      return current;
    },
  };
}
